package app.drachen.desktop.stage.modes;

import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.ModeSeen;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Texts;
import javafx.scene.layout.VBox;

/** What the pilot will see in each mode on the selector, in two sentences. */
final class SeenForm extends VBox {
    SeenForm(Session session) {
        super(6);
        setId("seen-form");
        getChildren().add(Texts.label("What you will see", "heading"));
        session.setup().modes().selector().wanted().stream().distinct().sorted().forEach(mode -> add(session, mode));
        getChildren()
                .add(Texts.wrapped(
                        "Autotune and auto-trim keep the mode that they are switched on in.", "soft", "small"));
        getChildren().add(Texts.label("Esc closes", "soft", "small"));
    }

    private void add(Session session, FlightMode mode) {
        getChildren().add(Texts.label(mode.label(), "strong"));
        getChildren()
                .add(Texts.wrapped(
                        Quantity.read(ModeSeen.of(mode, session.setup().modes()), session.units()), "soft"));
    }
}
