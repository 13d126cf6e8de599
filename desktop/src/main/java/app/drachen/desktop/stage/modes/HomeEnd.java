package app.drachen.desktop.stage.modes;

import app.drachen.core.modes.Arming;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.HomeProfile.Arrival;
import app.drachen.core.modes.HomeProfile.HeightPolicy;
import app.drachen.core.modes.HomeProfile.Rally;
import app.drachen.core.modes.Limits;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Texts;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.layout.VBox;

/** How Home ends, what the limits are, and under what conditions it arms. */
final class HomeEnd extends VBox {
    private final Session session;

    HomeEnd(Session session) {
        super(8);
        this.session = session;
        HomeProfile home = session.setup().modes().home();
        Form form = new Form(session, 2)
                .heading("Way home")
                .choice(
                        "return height",
                        List.of(HeightPolicy.values()),
                        home.policy(),
                        HeightPolicy::label,
                        v -> set("Return height " + v.label(), h -> h.withPolicy(v)))
                .choice(
                        "at the end it",
                        List.of(Arrival.values()),
                        home.arrival(),
                        Arrival::label,
                        v -> set("At the end it " + v.label(), h -> h.withArrival(v, h.arrivalHeight())))
                .number(
                        "height at the end",
                        Quantity.HEIGHT,
                        home.arrivalHeight(),
                        v -> set("Height at the end of Home", h -> h.withArrival(h.arrival(), v)))
                .tick(
                        "to a rally point",
                        home.rally().isPresent(),
                        on -> set(
                                on ? "Home goes to a rally point" : "Home goes home",
                                h -> h.withRally(on ? Optional.of(new Rally(0, 0)) : Optional.empty())));
        home.rally().ifPresent(r -> form.number(
                        "rally north of home",
                        Quantity.DISTANCE,
                        r.north(),
                        v -> set("Rally point", h -> h.withRally(Optional.of(new Rally(v, r.east())))))
                .number(
                        "rally east of home",
                        Quantity.DISTANCE,
                        r.east(),
                        v -> set("Rally point", h -> h.withRally(Optional.of(new Rally(r.north(), v))))));
        limits(form);
        arming(form);
        getChildren()
                .addAll(
                        Texts.label("Home, limits, arming", "heading"),
                        form,
                        Texts.label("Esc closes", "soft", "small"));
    }

    /** What is entered, in one line. */
    static String summary(HomeProfile home, Optional<Arming> arming) {
        return "Home " + home.arrival().label() + "; arms "
                + arming.map(a -> (a.levelOnly() ? "level" : "at any attitude")
                                + (a.needsFix() ? ", with fix" : ", without fix"))
                        .orElse("under conditions that are not entered");
    }

    private boolean set(String reason, UnaryOperator<HomeProfile> change) {
        return session.edit(
                reason,
                s -> s.withModes(s.modes().withHome(change.apply(s.modes().home()))));
    }

    private boolean limit(String reason, UnaryOperator<Limits> change) {
        return session.edit(
                reason,
                s -> s.withModes(s.modes().withLimits(change.apply(s.modes().limits()))));
    }

    private void limits(Form form) {
        Limits l = session.setup().modes().limits();
        form.heading("Limits")
                .number(
                        "pitch up",
                        Quantity.ANGLE,
                        l.pitchUp(),
                        v -> limit("Pitch limit up", x -> x.withPitch(v, x.pitchDown())))
                .number(
                        "pitch down",
                        Quantity.ANGLE,
                        l.pitchDown(),
                        v -> limit("Pitch limit down", x -> x.withPitch(x.pitchUp(), v)))
                .number(
                        "least speed",
                        Quantity.SPEED,
                        l.leastSpeed(),
                        v -> limit("Least speed", x -> x.withSpeeds(v, x.topSpeed())))
                .number(
                        "top speed",
                        Quantity.SPEED,
                        l.topSpeed(),
                        v -> limit("Top speed", x -> x.withSpeeds(x.leastSpeed(), v)))
                .number("climb rate", Quantity.CLIMB, l.climbRate(), v -> limit("Climb rate", x -> x.withClimb(v)));
    }

    private void arming(Form form) {
        Optional<Arming> arming = session.setup().modes().arming();
        Arming a = arming.orElse(Arming.GUARDED);
        form.heading(arming.isEmpty() ? "Arming (not entered)" : "Arming")
                .tick(
                        "only near level",
                        arming.isPresent() && a.levelOnly(),
                        v -> arm(new Arming(v, a.needsFix(), a.mostPower(), a.reason())))
                .tick(
                        "only with a position fix",
                        arming.isPresent() && a.needsFix(),
                        v -> arm(new Arming(a.levelOnly(), v, a.mostPower(), a.reason())))
                .number(
                        "power stick at most",
                        Quantity.SHARE,
                        a.mostPower(),
                        v -> arm(new Arming(a.levelOnly(), a.needsFix(), v, a.reason())))
                .text(
                        "why a protection is off",
                        a.reason(),
                        v -> arm(new Arming(a.levelOnly(), a.needsFix(), a.mostPower(), v)));
    }

    private boolean arm(Arming to) {
        return session.edit("Conditions of arming", s -> s.withModes(s.modes().withArming(Optional.of(to))));
    }
}
