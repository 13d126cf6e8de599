package app.drachen.desktop.stage.surfaces;

import app.drachen.core.airframe.ControlChord;
import app.drachen.core.controls.FourBar;
import app.drachen.core.controls.Linkage;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.ServoData;
import app.drachen.core.controls.Surface;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.drawing.ScreenPen;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Texts;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The linkage of one surface, drawn: arm, push-rod, horn, and how far the surface goes. */
final class LinkageForm extends VBox {
    private static final FourBar BEGUN = new FourBar(0.08, 0, 0, true);

    private final Session session;
    private final Surface surface;

    LinkageForm(Session session, Surface surface) {
        super(8);
        this.session = session;
        this.surface = surface;
        Output output = session.setup().controls().output(surface).orElseThrow();
        Canvas canvas = new Canvas(290, 190);
        canvas.setAccessibleText("Linkage of the " + surface.words());
        LinkagePainter.paint(new ScreenPen(canvas), output, 290, 190);
        getChildren()
                .addAll(
                        Texts.label("Linkage of the " + surface.words(), "heading"),
                        new HBox(12, canvas, throwsForm(output)),
                        form(output),
                        Texts.label("Comma and full stop choose another surface; Esc closes", "soft", "small"));
    }

    /** What is entered, in one line. */
    static String summary(Output output) {
        Linkage l = output.linkage();
        return output.surface().words() + ": arm " + Quantity.LENGTH.text(l.arm()) + ", horn "
                + Quantity.LENGTH.text(l.horn()) + (l.exact().isPresent() ? ", exact" : "");
    }

    private boolean set(String reason, UnaryOperator<Linkage> change) {
        return session.edit(
                reason + ", " + surface.words(),
                s -> s.withControls(s.controls().change(surface, o -> o.withLinkage(change.apply(o.linkage())))));
    }

    private Form form(Output output) {
        Linkage l = output.linkage();
        Form form = new Form(session, 3, "linkage-")
                .heading("Lengths")
                .number("servo arm", Quantity.LENGTH, l.arm(), v -> set("Servo arm", x -> x.withRadii(v, x.horn())))
                .number("horn", Quantity.LENGTH, l.horn(), v -> set("Horn", x -> x.withRadii(x.arm(), v)))
                .number(
                        "servo turns for 500 µs",
                        Quantity.ANGLE,
                        l.servoAngle(),
                        v -> set("Servo angle", x -> x.withServoAngle(v)))
                .tick(
                        "measured more exactly",
                        l.exact().isPresent(),
                        on -> set(
                                on ? "Linkage measured" : "Linkage simplified",
                                x -> x.withExact(on ? Optional.of(BEGUN) : Optional.empty())))
                .number(
                        "surface neutral at",
                        Quantity.PULSE,
                        output.neutralMicros(),
                        v -> session.edit(
                                "Neutral of the " + surface.words(),
                                s -> s.withControls(s.controls().change(surface, o -> o.withNeutral(v)))))
                .tick(
                        "a longer pulse moves it down, rudder left",
                        l.longerPulseDown(),
                        on -> set("Servo mounted otherwise", Linkage::turnedRound));
        l.exact().ifPresent(e -> form.number(
                        "servo axis to hinge",
                        Quantity.LENGTH,
                        e.base(),
                        v -> exact(x -> new FourBar(v, x.armLean(), x.hornLean(), x.pushes())))
                .number(
                        "arm leans to the hinge",
                        Quantity.ANGLE,
                        e.armLean(),
                        v -> exact(x -> new FourBar(x.base(), v, x.hornLean(), x.pushes())))
                .number(
                        "horn leans away",
                        Quantity.ANGLE,
                        e.hornLean(),
                        v -> exact(x -> new FourBar(x.base(), x.armLean(), v, x.pushes())))
                .tick(
                        "a longer pulse pushes",
                        e.pushes(),
                        on -> exact(x -> new FourBar(x.base(), x.armLean(), x.hornLean(), on))));
        ServoData servo = l.servo().orElse(ServoData.USUAL);
        form.heading(l.servo().isPresent() ? "Servo" : "Servo (usual figures)")
                .number(
                        "speed, for 60°",
                        Quantity.TIME_FINE,
                        Math.toRadians(60) / servo.speed(),
                        v -> servo(x -> new ServoData(Math.toRadians(60) / v, x.resolution(), x.slop())))
                .number(
                        "resolution",
                        Quantity.PULSE,
                        servo.resolution(),
                        v -> servo(x -> new ServoData(x.speed(), v, x.slop())))
                .number(
                        "slop at the surface",
                        Quantity.ANGLE,
                        servo.slop(),
                        v -> servo(x -> new ServoData(x.speed(), x.resolution(), v)));
        return form;
    }

    private boolean exact(UnaryOperator<FourBar> change) {
        return set("Linkage measured", x -> x.withExact(x.exact().map(change)));
    }

    private boolean servo(UnaryOperator<ServoData> change) {
        return set("Servo", x -> x.withServo(Optional.of(change.apply(x.servo().orElse(ServoData.USUAL)))));
    }

    /** Wanted throws in degrees or at the trailing edge: what travel gives them. */
    private VBox throwsForm(Output output) {
        double low = output.deflection(output.lowMicros());
        double high = output.deflection(output.highMicros());
        Form form = new Form(session, 1, "throw-")
                .number("farthest up or right", Quantity.ANGLE, Math.max(0, -Math.min(low, high)), v -> travel(-v))
                .number("farthest down or left", Quantity.ANGLE, Math.max(0, Math.max(low, high)), v -> travel(v));
        Optional<Double> chord = ControlChord.of(session.setup().airframe(), surface);
        chord.ifPresent(c -> form.number(
                        "up, at the trailing edge",
                        Quantity.LENGTH,
                        edge(Math.max(0, -Math.min(low, high)), c),
                        v -> travel(-angle(v, c)))
                .number(
                        "down, at the trailing edge",
                        Quantity.LENGTH,
                        edge(Math.max(0, Math.max(low, high)), c),
                        v -> travel(angle(v, c))));
        return new VBox(
                6,
                Texts.label("WANTED THROW SETS THE TRAVEL", "caps"),
                form,
                Texts.wrapped(
                        output.linkage()
                                .exact()
                                .map(e -> "Push-rod "
                                        + Quantity.read(
                                                Quantity.LENGTH.text(e.rod(
                                                        output.linkage().arm(),
                                                        output.linkage().horn())),
                                                session.units())
                                        + " between its ends.")
                                .orElse("Arm and horn square to the rod, ±1.5°."),
                        "soft",
                        "small"));
    }

    private static double edge(double angle, double chord) {
        return 2 * chord * Math.sin(angle / 2);
    }

    private static double angle(double edge, double chord) {
        return 2 * Math.asin(Math.max(-1, Math.min(1, edge / (2 * chord))));
    }

    /** Moves the end of the travel that gives a deflection; refuses what the linkage does not reach. */
    private boolean travel(double deflection) {
        Output output = session.setup().controls().output(surface).orElseThrow();
        Optional<Double> pulse = output.linkage().pulseFor(deflection);
        if (pulse.isEmpty()) {
            session.tell("The linkage does not reach so far; a longer arm or a shorter horn does.");
            return false;
        }
        double at = Math.rint(output.neutralMicros() + pulse.get());
        return session.edit(
                "Throw of the " + surface.words(),
                s -> s.withControls(s.controls()
                        .change(
                                surface,
                                o -> pulse.get() < 0
                                        ? o.withTravel(at, o.highMicros())
                                        : o.withTravel(o.lowMicros(), at))));
    }
}
