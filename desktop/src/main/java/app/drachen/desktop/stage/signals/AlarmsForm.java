package app.drachen.desktop.stage.signals;

import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.stages.signals.AlarmStart;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Alarms: threshold, hysteresis, how long, priority, words, and in which positions they are silent. */
final class AlarmsForm extends VBox {
    private final Session session;
    private final Rows<Alarm> alarms;

    /**
     * The form.
     *
     * @param tried what each alarm did in the flight it was tried against, if it was
     * @param tries tries them
     */
    AlarmsForm(Session session, Supplier<Map<Alarm.Kind, String>> tried, Runnable tries) {
        super(8);
        this.session = session;
        alarms = new Rows<>(session, SignalsSection::alarms, SignalsSection::withAlarms);
        VBox all = new VBox(8, Texts.label("Alarms", "heading"));
        for (int i = 0; i < alarms.all().size(); i++) {
            all.getChildren().add(alarm(i, alarms.all().get(i), tried.get()));
        }
        HBox line = new HBox(
                8,
                Rows.small("alarm-add", "+ alarm", this::add),
                Rows.small("alarms-try", "Try them against the last flight", tries),
                Texts.label("Esc closes", "soft", "small"));
        line.setAlignment(Pos.CENTER_LEFT);
        Form form = new Form(session, 1, "alarms-")
                .number(
                        "from the word to the moving thumb",
                        Quantity.TIME,
                        session.setup().signals().reaction(),
                        v -> session.edit(
                                "Reaction", s -> s.withSignals(s.signals().withReaction(v))))
                .number(
                        "climb that you never exceed",
                        Quantity.CLIMB,
                        session.setup().signals().greatestClimb().orElse(Double.NaN),
                        v -> session.edit(
                                "Greatest climb", s -> s.withSignals(s.signals().withGreatestClimb(Optional.of(v)))));
        all.getChildren().addAll(line, form);
        if (session.setup().signals().greatestClimb().isPresent()) {
            all.getChildren()
                    .add(Rows.small(
                            "climb-forget",
                            "Climb of full power instead",
                            () -> session.edit(
                                    "Greatest climb by the model",
                                    s -> s.withSignals(s.signals().withGreatestClimb(Optional.empty())))));
        }
        ScrollPane scroll = new Scroller(all);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(460);
        getChildren().add(scroll);
    }

    /** One of the first kind that has none, with what suits this aircraft. */
    private void add() {
        Arrays.stream(Alarm.Kind.values())
                .filter(k -> alarms.all().stream().noneMatch(a -> a.kind() == k))
                .findFirst()
                .ifPresent(k -> alarms.change(
                        "Alarm for " + k.label(),
                        list -> list.add(AlarmStart.of(session.setup(), session.field(), k))));
    }

    /** What is entered, in one line. */
    static String summary(SignalsSection s) {
        return s.alarms().isEmpty()
                ? "none"
                : s.alarms().size() + ": "
                        + String.join(
                                ", ",
                                s.alarms().stream().map(a -> a.kind().label()).toList());
    }

    private VBox alarm(int at, Alarm a, Map<Alarm.Kind, String> tried) {
        List<Alarm.Kind> free = List.of(Alarm.Kind.values()).stream()
                .filter(k -> k == a.kind() || alarms.all().stream().noneMatch(x -> x.kind() == k))
                .toList();
        String beyond = a.kind().above() ? "speaks above" : "speaks below";
        Form form = new Form(session, 3, "alarm-" + at + "-")
                .choice(
                        "about",
                        free,
                        a.kind(),
                        Alarm.Kind::label,
                        k -> set(at, x -> AlarmStart.of(session.setup(), session.field(), k)))
                .number(beyond, a.kind().quantity(), a.threshold(), v -> set(at, x -> x.at(v)))
                .number(
                        "ready again after",
                        back(a),
                        a.hysteresis(),
                        v -> set(
                                at,
                                x -> new Alarm(
                                        x.kind(),
                                        x.threshold(),
                                        v,
                                        x.lasting(),
                                        x.priority(),
                                        x.words(),
                                        x.silentIn())))
                .number(
                        "beyond for",
                        Quantity.TIME,
                        a.lasting(),
                        v -> set(
                                at,
                                x -> new Alarm(
                                        x.kind(),
                                        x.threshold(),
                                        x.hysteresis(),
                                        v,
                                        x.priority(),
                                        x.words(),
                                        x.silentIn())))
                .number(
                        "priority, 1 first",
                        Quantity.COUNT,
                        a.priority(),
                        v -> set(
                                at,
                                x -> new Alarm(
                                        x.kind(),
                                        x.threshold(),
                                        x.hysteresis(),
                                        x.lasting(),
                                        (int) Math.rint(v),
                                        x.words(),
                                        x.silentIn())))
                .text(
                        "says",
                        a.words(),
                        v -> set(
                                at,
                                x -> new Alarm(
                                        x.kind(),
                                        x.threshold(),
                                        x.hysteresis(),
                                        x.lasting(),
                                        x.priority(),
                                        v,
                                        x.silentIn())));
        IntStream.rangeClosed(1, 3)
                .forEach(p ->
                        form.tick("speaks at " + p, !a.silentIn().contains(p), on -> set(at, x -> speaking(x, p, on))));
        HBox head = new HBox(
                8,
                Texts.label(a.kind().label(), "strong"),
                alarms.gone(at, a.kind().label()));
        head.setAlignment(Pos.CENTER_LEFT);
        VBox box = new VBox(3, head, form);
        String did = tried.get(a.kind());
        if (did != null) {
            box.getChildren().add(Texts.wrapped(Quantity.read(did, session.units()), "soft"));
        }
        return box;
    }

    /** A difference of temperatures is no temperature. */
    private static Quantity back(Alarm a) {
        return a.kind() == Alarm.Kind.TEMPERATURE ? Quantity.WARMING : a.kind().quantity();
    }

    private static Alarm speaking(Alarm x, int position, boolean on) {
        List<Integer> silent = IntStream.rangeClosed(1, 3)
                .filter(p -> p == position ? !on : x.silentIn().contains(p))
                .boxed()
                .toList();
        return new Alarm(x.kind(), x.threshold(), x.hysteresis(), x.lasting(), x.priority(), x.words(), silent);
    }

    private boolean set(int at, UnaryOperator<Alarm> how) {
        return alarms.set(at, "Alarm " + (at + 1), how);
    }
}
