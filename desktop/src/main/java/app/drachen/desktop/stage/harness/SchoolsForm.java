package app.drachen.desktop.stage.harness;

import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.AerialLayouts;
import app.drachen.core.wiring.ServoSupply;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Texts;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Ways that practitioners differ on, compared for this aircraft: what feeds the servos, where aerials go. */
final class SchoolsForm extends VBox {
    SchoolsForm(Session session, HarnessDeeds deeds) {
        super(6);
        getChildren().add(Texts.label("Ways compared", "heading"));
        getChildren().add(Texts.label("WHAT FEEDS THE SERVOS", "caps"));
        for (ServoSupply.Option o : ServoSupply.of(session.setup())) {
            String figures = o.against()
                    .map(a -> "not here: " + a)
                    .orElseGet(() -> (o.sources() > 1 ? "two at once, " : "")
                            + "peak " + Quantity.CURRENT_FINE.text(o.peak(), session.units()) + " of "
                            + (o.rating() > 0 ? Quantity.CURRENT.text(o.rating(), session.units()) : "?")
                            + ", lowest " + Quantity.VOLTAGE.text(o.lowest(), session.units()));
            Button take = button(
                    "take-" + o.school(),
                    () -> session.edit(
                            "Servos fed by " + o.school().label(),
                            s -> s.withHarness(o.setup().harness())));
            take.setVisible(o.against().isEmpty() && !o.setup().equals(session.setup()));
            row(o.school().label(), figures, take);
        }
        getChildren()
                .add(Texts.wrapped(
                        "Separate or board supply: one source whose rating is known. Never two without a diode.",
                        "soft",
                        "small"));
        getChildren().add(Texts.label("WHERE AERIALS GO", "caps"));
        for (AerialLayouts.Option o : AerialLayouts.of(session.setup())) {
            String figures = (Double.isFinite(o.worst())
                            ? "least margin " + Math.round(o.worst()) + "\u00a0dB"
                            : "no sender beside a receiver")
                    + (o.hits() > 0 ? ", " + o.hits() + " products in a band" : "");
            Button take = button(
                    "take-" + o.layout(),
                    () -> deeds.change("Aerials: " + o.layout().label(), h -> h.withRadios(o.radios())));
            take.setVisible(o.layout() != AerialLayouts.Layout.DRAWN);
            row(o.layout().label(), figures.replace('-', '\u2212'), take);
        }
        getChildren()
                .add(Texts.wrapped(
                        "Take what the drawing separates best; a record of strength at one spot before and after decides. Esc closes",
                        "soft",
                        "small"));
    }

    private static Button button(String id, Runnable run) {
        Button button = Texts.button("Take", run, "small-button");
        button.setId(id.toLowerCase(Locale.ROOT).replace('_', '-'));
        return button;
    }

    private void row(String name, String figures, Button take) {
        HBox line = new HBox(
                8,
                Texts.label(Character.toUpperCase(name.charAt(0)) + name.substring(1), "name"),
                Texts.spring(),
                Texts.label(figures, "soft"),
                take);
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(line);
    }
}
