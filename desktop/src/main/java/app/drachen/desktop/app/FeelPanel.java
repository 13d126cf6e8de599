package app.drachen.desktop.app;

import app.drachen.core.aerodynamics.Derivatives;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.flight.Feel;
import app.drachen.core.flight.NaturalMotion;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import app.drachen.desk.Session;
import app.drachen.desk.work.Lane;
import app.drachen.desktop.chart.MotionCurve;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** How the aircraft will feel with the autopilot off: its own motions in plain words, with a curve and the numbers. */
final class FeelPanel {
    private final Session session;
    private final Overlay overlay;
    private final VBox opinions = new VBox(2);

    FeelPanel(Session session, StackPane host) {
        this.session = session;
        VBox panel = new VBox(10);
        double speed = session.setup().modes().limits().cruiseSpeed();
        double density = session.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        panel.getChildren().add(Texts.label("How " + session.setup().name() + " will feel in Manual", "heading"));
        Feel feel = Feel.of(session.setup(), speed, density);
        if (feel instanceof Feel.Found found) {
            panel.getChildren()
                    .add(Texts.label(
                            "Level flight at " + Quantity.SPEED.text(speed, session.units())
                                    + ", sticks held still, after a small disturbance. Bands: lift wrong by 10 %, drag by 25 %, the pack by 5 mm.",
                            "soft"));
            found.motions().forEach(m -> panel.getChildren().add(row(m)));
        } else if (feel instanceof Feel.None none) {
            Label reason = Texts.wrapped(none.reason());
            reason.setPrefWidth(520);
            panel.getChildren().add(reason);
        }
        panel.getChildren().add(Texts.label("Esc closes; a number shows its working", "soft", "small"));
        opinions.setPrefWidth(400);
        opinions.setMinHeight(360);
        opinions.getChildren()
                .addAll(
                        Texts.label("What it stands on", "heading"),
                        Texts.label("As flown, and a vortex lattice beside it …", "soft"));
        HBox both = new HBox(28, panel, opinions);
        overlay = new Overlay(host, "feel", both);
    }

    /** The second opinion on the air forces, computed beside the interface. */
    private void second(List<Working> workings) {
        Label told = Texts.wrapped(
                "Derivatives, 1/rad: those that the model flies with, and a vortex lattice over all surfaces, without body"
                        + " and friction, as the second opinion. Where they part, so much is open.");
        told.setPrefWidth(400);
        opinions.getChildren().setAll(Texts.label("What it stands on", "heading"), told);
        workings.forEach(w -> opinions.getChildren().add(new WorkingRow(w, session.units(), said(w))));
    }

    private String said(Working working) {
        List<Working.Input> inputs = working.inputs();
        return "model " + working.quantity().number(inputs.get(0).value(), session.units()) + " · lattice "
                + working.quantity().number(inputs.get(1).value(), session.units());
    }

    private Node row(NaturalMotion motion) {
        Label name = Texts.label(motion.kind().label(), "strong");
        name.setPrefWidth(96);
        name.setWrapText(true);
        Label words = Texts.wrapped(Quantity.read(motion.words(), session.units()));
        words.setPrefWidth(400);
        VBox told = new VBox(3, words, new WorkingRow(motion.working(), session.units()));
        told.setPrefWidth(420);
        HBox row = new HBox(16, name, new MotionCurve(motion, session.units()), told);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    void open() {
        overlay.open();
        Setup setup = session.setup();
        session.desk()
                .jobs()
                .start(
                        Lane.READ,
                        overlay,
                        running -> Derivatives.flown(setup).workings(Derivatives.lattice(setup)),
                        this::second,
                        sentence -> opinions.getChildren().add(Texts.wrapped(sentence)));
    }
}
