package app.drachen.desktop.app;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.flight.Feel;
import app.drachen.core.flight.NaturalMotion;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.chart.MotionCurve;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
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
        overlay = new Overlay(host, "feel", panel);
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
    }
}
