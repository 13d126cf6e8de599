package app.drachen.desktop.stage.maiden;

import app.drachen.core.cards.Card;
import app.drachen.core.cards.CardStep;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.widget.Focus;
import app.drachen.desktop.widget.Texts;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The steps of a card, the one being flown marked. */
final class CardSteps extends VBox {
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");

    /**
     * Shows a card.
     *
     * @param now number of the step being flown; 0 before the flight
     * @param over whether the flight is over
     * @param whole whether it ended whole, so that the last step is done too
     */
    void show(Optional<Card> card, int now, boolean over, boolean whole, UnitSystem units) {
        Focus.kept(this, List.of(card, now, over, whole, units), () -> {
            getChildren().clear();
            card.ifPresent(c -> c.steps().forEach(s -> getChildren()
                    .add(line(s, s.number() < now || whole, s.number() == now && !over, units))));
        });
    }

    private static HBox line(CardStep step, boolean done, boolean now, UnitSystem units) {
        Label number = Texts.label(done ? "✓" : String.valueOf(step.number()), "strong");
        number.setMinWidth(20);
        Label mode = Texts.label(step.mode().label(), "small");
        mode.setMinWidth(Label.USE_PREF_SIZE);
        HBox line = new HBox(
                8,
                number,
                new VBox(Texts.label(step.title(), "strong"), Texts.label(Quantity.read(step.how(), units), "small")),
                Texts.spring(),
                mode);
        line.getStyleClass().add("step");
        line.setAlignment(Pos.CENTER_LEFT);
        line.pseudoClassStateChanged(NOW, now);
        return line;
    }
}
