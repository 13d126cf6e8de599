package app.drachen.desktop.stage.signals;

import app.drachen.core.air.Field;
import app.drachen.core.stages.signals.Schools;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Texts;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Ways compared: what tells airspeed and height. */
final class WaysForm extends VBox {
    WaysForm(Session session) {
        super(6);
        getChildren().add(Texts.label("Ways compared", "heading"));
        getChildren().add(Texts.label("WHAT TELLS THE AIRSPEED", "caps"));
        Schools.airspeed(session.setup()).forEach(o -> row(session, o));
        getChildren().add(Texts.label("WHAT TELLS THE HEIGHT", "caps"));
        Schools.height(
                        session.setup(),
                        session.field().flatMap(Field::heightLimit).map(Field.HeightLimit::height))
                .forEach(o -> row(session, o));
        getChildren()
                .add(Texts.wrapped(
                        "Pressure height, with its source noted in every log; a probe is worth its tube before Reach. Esc closes",
                        "soft",
                        "small"));
    }

    private void row(Session session, Schools.Option o) {
        HBox line = new HBox(
                8,
                Texts.label(
                        Character.toUpperCase(o.name().charAt(0)) + o.name().substring(1), o.now() ? "strong" : "name"),
                Texts.spring(),
                Texts.label(Quantity.read(o.figures(), session.units()) + (o.now() ? " · now" : ""), "soft"));
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(line);
    }
}
