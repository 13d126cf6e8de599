package app.drachen.desktop.stage.build;

import app.drachen.core.airframe.AngleCheck;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import app.drachen.core.draft.TailKind;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.LightBox;
import java.util.List;
import java.util.function.BiFunction;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.HBox;

/**
 * The figures of the tail, to be typed.
 *
 * @param inspector that shows them
 * @param session whose aircraft it is
 */
record TailFields(Inspector inspector, Session session) {
    static void fill(Inspector inspector, Session session, HBox head) {
        new TailFields(inspector, session).fill(head);
    }

    private void fill(HBox head) {
        Tail tail = session.setup().airframe().tail();
        inspector.title("Tail");
        ComboBox<TailKind> kind = new LightBox<>();
        kind.getItems().setAll(TailKind.values());
        kind.setValue(TailKind.of(tail));
        kind.setAccessibleText("Kind of tail");
        kind.setOnAction(e -> {
            TailKind wanted = kind.getValue();
            Tail before = session.setup().airframe().tail();
            if (wanted != TailKind.of(before)) {
                session.edit("Tail: " + wanted, s -> withTail(s, wanted.from(s.airframe())), () -> wanted.note(before)
                        .ifPresent(session::tell));
            }
        });
        head.getChildren().addAll(kind, angles());
        if (tail instanceof Tail.Conventional t) {
            tailPanel("Tailplane", t.plane(), (s, p) -> new Tail.Conventional(p, t.fin()));
            tailPanel("Fin", t.fin(), (s, p) -> new Tail.Conventional(t.plane(), p));
        } else if (tail instanceof Tail.Vee t) {
            inspector.add(
                    "Dihedral",
                    Quantity.ANGLE,
                    t.dihedral(),
                    "V-tail angle",
                    (s, v) -> withTail(s, new Tail.Vee(t.panel(), v, t.inverted())));
            tailPanel("Panel", t.panel(), (s, p) -> new Tail.Vee(p, t.dihedral(), t.inverted()));
        } else if (tail instanceof Tail.None t && !t.fins().isEmpty()) {
            tailPanel("Tip fin", t.fins().get(0), (s, p) -> new Tail.None(List.of(p)));
        }
    }

    /** How the angle was checked; with an instrument, what it said. */
    private ComboBox<String> angles() {
        AngleCheck now = session.setup().build().angles();
        ComboBox<String> how = new LightBox<>();
        for (AngleCheck.How one : AngleCheck.How.values()) {
            how.getItems().add("angle measured: " + one.label());
        }
        how.getSelectionModel().select(now.how().ordinal());
        how.setId("angle-check");
        how.setAccessibleText("How the angle between wing and tail was measured");
        how.setOnAction(e -> {
            AngleCheck.How wanted =
                    AngleCheck.How.values()[how.getSelectionModel().getSelectedIndex()];
            if (wanted != session.setup().build().angles().how()) {
                session.edit(
                        "Angle of the tail: " + wanted.label(),
                        s -> withAngles(s, wanted, s.build().angles().difference()));
            }
        });
        if (now.how().measures() && !(session.setup().airframe().tail() instanceof Tail.None)) {
            inspector.add(
                    "Wing minus tail, measured",
                    Quantity.ANGLE,
                    now.difference(),
                    "Angle of the tail measured",
                    (s, v) -> withAngles(s, s.build().angles().how(), v));
        }
        return how;
    }

    private static Setup withAngles(Setup setup, AngleCheck.How how, double difference) {
        return setup.withBuild(setup.build().withAngles(new AngleCheck(how, how.measures() ? difference : 0)));
    }

    private static Setup withTail(Setup setup, Tail tail) {
        return setup.withAirframe(setup.airframe().withTail(tail));
    }

    private void tailPanel(String name, TailPanel p, BiFunction<Setup, TailPanel, Tail> tail) {
        inspector.add(
                name + " at",
                Quantity.LENGTH,
                p.leadingEdge(),
                name + " changed",
                (s, v) -> withTail(
                        s, tail.apply(s, changed(p, v, p.rootChord(), p.tipChord(), p.length(), p.incidence()))));
        inspector.add(
                name + " chord in",
                Quantity.LENGTH,
                p.rootChord(),
                name + " changed",
                (s, v) -> withTail(
                        s, tail.apply(s, changed(p, p.leadingEdge(), v, p.tipChord(), p.length(), p.incidence()))));
        inspector.add(
                "out",
                Quantity.LENGTH,
                p.tipChord(),
                name + " changed",
                (s, v) -> withTail(
                        s, tail.apply(s, changed(p, p.leadingEdge(), p.rootChord(), v, p.length(), p.incidence()))));
        inspector.add(
                "length",
                Quantity.LENGTH,
                p.length(),
                name + " changed",
                (s, v) -> withTail(
                        s, tail.apply(s, changed(p, p.leadingEdge(), p.rootChord(), p.tipChord(), v, p.incidence()))));
        if (!name.contains("in")) {
            inspector.add(
                    "incidence",
                    Quantity.ANGLE,
                    p.incidence(),
                    name + " changed",
                    (s, v) -> withTail(
                            s, tail.apply(s, changed(p, p.leadingEdge(), p.rootChord(), p.tipChord(), p.length(), v))));
        }
    }

    private static TailPanel changed(TailPanel p, double at, double root, double tip, double length, double incidence) {
        return new TailPanel(at, p.right(), p.up(), root, tip, length, p.sweep(), incidence, p.controlChordRatio());
    }
}
