package app.drachen.desktop.stage.signals;

import app.drachen.core.signals.Call;
import app.drachen.core.signals.Calls;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Tones;
import app.drachen.core.signals.Value;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Calls that are spoken again and again, and the tones of rise and sink. */
final class CallsForm extends VBox {
    private final Session session;
    private final Rows<Call> calls;

    /**
     * The form.
     *
     * @param says speaks a text, or shows it
     */
    CallsForm(Session session, Consumer<String> says) {
        super(8);
        this.session = session;
        calls = new Rows<>(
                session,
                s -> s.calls().calls(),
                (s, all) -> s.withCalls(new Calls(all, s.calls().alarmsInterrupt())));
        VBox all = new VBox(8, Texts.label("Calls", "heading"));
        for (int i = 0; i < calls.all().size(); i++) {
            all.getChildren().add(call(i, calls.all().get(i), says));
        }
        HBox line = new HBox(
                8,
                Rows.small("call-add", "+ call", () -> calls.change("Call added", list -> list.add(Call.FIRST))),
                Texts.label("# stands for the figure; Esc closes", "soft", "small"));
        line.setAlignment(Pos.CENTER_LEFT);
        all.getChildren()
                .addAll(
                        line,
                        new Form(session, 1, "calls-")
                                .tick(
                                        "alarms cut calls off",
                                        session.setup().signals().calls().alarmsInterrupt(),
                                        v -> session.edit(
                                                "Alarms and calls",
                                                s -> s.withSignals(s.signals()
                                                        .withCalls(new Calls(
                                                                s.signals()
                                                                        .calls()
                                                                        .calls(),
                                                                v))))),
                        Texts.label("Tones of rise and sink", "heading"),
                        tones());
        ScrollPane scroll = new Scroller(all);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(460);
        getChildren().add(scroll);
    }

    /** What is entered, in one line. */
    static String summary(SignalsSection s) {
        return (s.calls().calls().isEmpty() ? "no calls" : s.calls().calls().size() + " calls")
                + (s.tones().on() ? ", tones on" : ", tones off");
    }

    private VBox call(int at, Call c, Consumer<String> says) {
        Form form = new Form(session, 3, "call-" + at + "-")
                .choice(
                        "value",
                        List.of(Value.values()),
                        c.value(),
                        Value::label,
                        v -> set(
                                at,
                                x -> new Call(
                                        v, x.text(), x.every(), x.takes(), x.start(), x.priority(), x.positions())))
                .text(
                        "says",
                        c.text(),
                        v -> set(
                                at,
                                x -> new Call(
                                        x.value(), v, x.every(), x.takes(), x.start(), x.priority(), x.positions())))
                .number("every", Quantity.TIME, c.every(), v -> set(at, x -> x.each(v)))
                .number(
                        "takes",
                        Quantity.TIME,
                        c.takes(),
                        v -> set(
                                at,
                                x -> new Call(
                                        x.value(), x.text(), x.every(), v, x.start(), x.priority(), x.positions())))
                .number("first at", Quantity.TIME, c.start(), v -> set(at, x -> x.startingAt(v)))
                .number(
                        "priority, 1 first",
                        Quantity.COUNT,
                        c.priority(),
                        v -> set(
                                at,
                                x -> new Call(
                                        x.value(),
                                        x.text(),
                                        x.every(),
                                        x.takes(),
                                        x.start(),
                                        (int) Math.rint(v),
                                        x.positions())));
        IntStream.rangeClosed(1, 3)
                .forEach(p ->
                        form.tick("speaks at " + p, c.positions().contains(p), on -> set(at, x -> speaking(x, p, on))));
        HBox head = new HBox(
                8,
                Texts.label(c.value().label(), "strong"),
                Rows.small(
                        "call-hear-" + at, "Hear it", () -> says.accept(c.text().replace("#", "97"))),
                calls.gone(at, "call " + (at + 1)));
        head.setAlignment(Pos.CENTER_LEFT);
        return new VBox(3, head, form);
    }

    private static Call speaking(Call x, int position, boolean on) {
        List<Integer> all = IntStream.rangeClosed(1, 3)
                .filter(p -> p == position ? on : x.positions().contains(p))
                .boxed()
                .toList();
        return new Call(x.value(), x.text(), x.every(), x.takes(), x.start(), x.priority(), all);
    }

    private boolean set(int at, UnaryOperator<Call> how) {
        return calls.set(at, "Call " + (at + 1), how);
    }

    private Form tones() {
        Tones t = session.setup().signals().tones();
        return new Form(session, 3, "tones-")
                .tick("sound", t.on(), v -> tones(x -> new Tones(v, x.middle(), x.octave(), x.deadBand(), x.ceiling())))
                .number(
                        "tone at no climb",
                        Quantity.FREQUENCY,
                        t.middle(),
                        v -> tones(x -> new Tones(x.on(), v, x.octave(), x.deadBand(), x.ceiling())))
                .number(
                        "climb of an octave",
                        Quantity.CLIMB,
                        t.octave(),
                        v -> tones(x -> new Tones(x.on(), x.middle(), v, x.deadBand(), x.ceiling())))
                .number(
                        "silent within",
                        Quantity.CLIMB,
                        t.deadBand(),
                        v -> tones(x -> new Tones(x.on(), x.middle(), x.octave(), v, x.ceiling())))
                .number(
                        "up to",
                        Quantity.CLIMB,
                        t.ceiling(),
                        v -> tones(x -> new Tones(x.on(), x.middle(), x.octave(), x.deadBand(), v)));
    }

    private boolean tones(UnaryOperator<Tones> how) {
        return session.edit(
                "Tones",
                s -> s.withSignals(s.signals().withTones(how.apply(s.signals().tones()))));
    }
}
