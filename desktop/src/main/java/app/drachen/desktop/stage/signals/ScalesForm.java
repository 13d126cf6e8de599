package app.drachen.desktop.stage.signals;

import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.signals.Scales;
import app.drachen.core.stages.signals.Experiment;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
import java.time.Instant;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Experiments that find the factor of a reading: entered here, worked out here, kept as evidence. */
final class ScalesForm extends VBox {
    private final Session session;
    private final Draft draft;

    /** What is typed and not kept yet; it belongs to one aircraft. */
    static final class Draft {
        private Experiment experiment = Experiment.CURRENT;
        private final Map<String, Double> values = new HashMap<>();
        private List<Working> shown = List.of();
        private long aircraft = -1;

        private void of(long id) {
            if (aircraft != id) {
                aircraft = id;
                values.clear();
                shown = List.of();
            }
        }
    }

    /**
     * The form.
     *
     * @param again fills it anew
     */
    ScalesForm(Session session, Draft draft, Runnable again) {
        super(8);
        this.session = session;
        this.draft = draft;
        draft.of(session.aircraft().id());
        ComboBox<Experiment> which =
                Form.box("experiment", List.of(Experiment.values()), draft.experiment, Experiment::label);
        which.setAccessibleText("Experiment");
        which.setOnAction(e -> {
            draft.experiment = which.getValue();
            draft.values.clear();
            draft.shown = List.of();
            again.run();
        });
        Form form = new Form(session, 2, "scale-");
        for (Experiment.Entry entry : draft.experiment.entries()) {
            form.number(entry.meaning(), entry.quantity(), draft.values.getOrDefault(entry.name(), Double.NaN), v -> {
                draft.values.put(entry.name(), v);
                return true;
            });
        }
        HBox line = new HBox(
                8,
                Rows.small("scale-keep", "Work it out and keep it", () -> keep(again)),
                Rows.small("scale-take", "Take the new factor", () -> take(again)),
                Texts.label("Esc closes", "soft", "small"));
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren()
                .addAll(
                        new HBox(8, Texts.label("Scales", "heading"), which),
                        Texts.wrapped(draft.experiment.how(), "soft"),
                        form,
                        line,
                        known());
    }

    /** What is entered, in one line. */
    static String summary(Scales s) {
        return "current × " + Quantity.NUMBER_FINE.text(s.current()) + ", volts × "
                + Quantity.NUMBER_FINE.text(s.volts())
                + (s.strength().isPresent() ? ", strength by two points" : ", strength not scaled");
    }

    /** What is known of this experiment: the last proof, its working, and when it is to be done again. */
    private VBox known() {
        VBox box = new VBox(4);
        draft.shown.forEach(w -> box.getChildren().add(new WorkingRow(w, session.units())));
        Optional<Proof> proof = proof();
        if (proof.isEmpty()) {
            box.getChildren().add(Texts.label("not done yet with this aircraft", "soft"));
            return box;
        }
        Proof p = proof.get();
        Instant next = Instant.ofEpochSecond(p.when()).plusSeconds(86_400L * draft.experiment.days());
        String day = next.atZone(ZoneId.systemDefault()).toLocalDate().toString();
        boolean fresh = session.situation().fresh(p);
        Label told = Texts.wrapped(
                Quantity.read(p.note(), session.units())
                        + (p.passed() ? "" : ", not near enough")
                        + (fresh
                                ? "; next check " + day
                                : "; stale: " + session.situation().changes(p)),
                fresh && p.passed() ? "soft" : "bad");
        told.setId("scale-known");
        box.getChildren().add(told);
        return box;
    }

    private Optional<Proof> proof() {
        return session.situation().proof(draft.experiment.proof());
    }

    private Optional<Experiment.Outcome> outcome() {
        try {
            Optional<Proof> before = proof().filter(session.situation()::fresh);
            return Optional.of(draft.experiment.outcome(session.setup(), Map.copyOf(draft.values), before));
        } catch (IllegalArgumentException e) {
            session.tell(e.getMessage());
            return Optional.empty();
        }
    }

    private void keep(Runnable again) {
        outcome().ifPresent(o -> {
            session.prove(draft.experiment.proof(), Evidence.REAL, o.near(), o.note(), o.kept());
            show(o);
            if (draft.experiment == Experiment.STRENGTH || draft.experiment == Experiment.ROTATION) {
                into(o);
            }
            draft.values.clear();
            again.run();
        });
    }

    /** Takes the factor of what is typed; of the last charges where nothing is. */
    private void take(Runnable again) {
        if (draft.values.isEmpty() && draft.experiment == Experiment.CURRENT) {
            session.tell("Take it in the ledger, beside what the last charges say.");
            return;
        }
        outcome().ifPresent(o -> {
            show(o);
            into(o);
            again.run();
        });
    }

    private void into(Experiment.Outcome o) {
        session.edit(
                draft.experiment.label(),
                s -> s.withSignals(
                        s.signals().withScales(o.into().apply(s.signals().scales()))));
    }

    private void show(Experiment.Outcome o) {
        draft.shown = o.workings();
        Working first = o.workings().get(0);
        session.tell(first.name() + ": " + first.quantity().text(first.value()) + ". " + o.note() + ".");
    }
}
