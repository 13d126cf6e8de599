package app.drachen.desktop.stage.modes;

import app.drachen.core.modes.Loss;
import app.drachen.core.modes.LossPlan;
import app.drachen.core.rehearsal.LossFlight;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.work.Lane;
import app.drachen.desk.work.Running;
import app.drachen.desktop.widget.Form;
import app.drachen.desktop.widget.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What is done on each loss in each phase; what the model can fly of it is flown here. */
final class LossTable extends VBox {
    private final Session session;
    private final Label told = Texts.wrapped("", "soft");

    LossTable(Session session) {
        super(7);
        this.session = session;
        GridPane grid = new GridPane();
        grid.setHgap(6);
        grid.setVgap(4);
        int column = 1;
        for (Loss.Phase phase : Loss.Phase.values()) {
            grid.add(Texts.label(phase.label(), "soft", "small"), column++, 0);
        }
        int row = 1;
        for (Loss loss : Loss.values()) {
            Label name = Texts.label(loss.label(), "strong");
            name.setMinWidth(92);
            grid.add(name, 0, row);
            column = 1;
            for (Loss.Phase phase : Loss.Phase.values()) {
                grid.add(cell(loss, phase), column++, row);
            }
            row++;
        }
        Button usual = new Button("Fill open cells with what is usual");
        usual.setId("losses-usual");
        usual.getStyleClass().add("small-button");
        usual.setOnAction(e -> fill());
        Button fly = new Button("Fly the losses in the model");
        fly.setId("losses-fly");
        fly.getStyleClass().add("small-button");
        fly.setOnAction(e -> fly());
        HBox line = new HBox(8, usual, fly, Texts.label("Esc closes", "soft", "small"));
        line.setAlignment(Pos.CENTER_LEFT);
        told.setId("losses-told");
        getChildren()
                .addAll(
                        Texts.label("When something is lost", "heading"),
                        grid,
                        line,
                        told,
                        Texts.wrapped(
                                "The board does it, not Drachen: enter what it is set to, then lose the link on purpose at the bench,"
                                        + " propeller off.",
                                "soft",
                                "small"));
    }

    /** How the table stands, in one line. */
    static String summary(LossPlan plan) {
        int open = plan.open().size();
        return (open == 0 ? "all 42 decided" : open + " of 42 not decided") + "; link lost away: "
                + plan.action(Loss.LINK, Loss.Phase.AWAY).label();
    }

    private ComboBox<Loss.Action> cell(Loss loss, Loss.Phase phase) {
        Loss.Action now = session.setup().modes().losses().action(loss, phase);
        ComboBox<Loss.Action> box = Form.box(
                "loss-" + loss.name().toLowerCase(java.util.Locale.ROOT) + "-"
                        + phase.name().toLowerCase(java.util.Locale.ROOT),
                loss.sensible(phase),
                now,
                Loss.Action::label);
        box.setPrefWidth(128);
        box.setAccessibleText(loss.label() + " lost, " + phase.label());
        if (now == Loss.Action.OPEN) {
            box.getStyleClass().add("marked");
        }
        box.setOnAction(e -> set(
                loss.label() + " lost, " + phase.label() + ": " + box.getValue().label(),
                plan -> plan.with(loss, phase, box.getValue())));
        return box;
    }

    private void set(String reason, java.util.function.UnaryOperator<LossPlan> change) {
        session.edit(
                reason,
                s -> s.withModes(s.modes().withLosses(change.apply(s.modes().losses()))));
    }

    private void fill() {
        set("Open cells of the loss table filled with what is usual", plan -> {
            LossPlan whole = plan;
            for (LossPlan.Cell c : plan.open()) {
                whole = whole.with(c.loss(), c.phase(), LossPlan.usual().action(c.loss(), c.phase()));
            }
            return whole;
        });
    }

    private void fly() {
        Setup setup = session.setup();
        OpenAircraft aircraft = session.aircraft();
        told.setText("Flying \u2026");
        session.desk()
                .jobs()
                .start(
                        Lane.FLY,
                        aircraft,
                        running -> flown(setup, running),
                        all -> {
                            if (session.shows(aircraft) && session.setup().equals(setup)) {
                                told.setText(Quantity.read(all, session.units()));
                            } else {
                                told.setText("The aircraft has changed meanwhile; fly once more.");
                            }
                        },
                        failed -> {
                            told.setText("");
                            session.tell(failed);
                        });
    }

    /** Every loss in every phase; told are the flights away, and all that end badly. */
    private static String flown(Setup setup, Running running) {
        List<String> told = new ArrayList<>();
        int flown = 0;
        int well = 0;
        for (Loss loss : Loss.values()) {
            for (Loss.Phase phase : Loss.Phase.values()) {
                Optional<LossFlight> flight =
                        running.cancelled() ? Optional.empty() : LossFlight.of(setup, loss, phase);
                if (flight.isEmpty()) {
                    continue;
                }
                flown++;
                well += flight.get().whole() ? 1 : 0;
                if (!flight.get().whole() || phase == Loss.Phase.AWAY) {
                    told.add((flight.get().whole() ? "" : "\u26a0 ") + loss.label() + " lost, " + phase.label() + ": "
                            + flight.get().sentence());
                }
            }
        }
        return flown == 0
                ? "The model cannot fly this aircraft: it needs a motor and a surface."
                : well + " of " + flown + " losses flown end in the air or down as planned, in calm air.\n"
                        + String.join("\n", told);
    }
}
