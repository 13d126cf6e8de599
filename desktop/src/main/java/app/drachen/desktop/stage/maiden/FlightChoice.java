package app.drachen.desktop.stage.maiden;

import app.drachen.core.cards.CardPlan;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.rehearsal.Fault;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desk.flight.Rehearsing;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.widget.LightBox;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;

/** Which card is flown, and with which mistake on purpose; two lists that the view lays out. */
final class FlightChoice {
    private final ComboBox<String> cards = new LightBox<>();
    private final ComboBox<String> mistakes = new LightBox<>();
    private final List<Optional<Fault.Kind>> kinds = new ArrayList<>();
    private boolean showing;

    FlightChoice(Session session, Rehearsing rehearsing) {
        CardPlans.all().forEach(c -> cards.getItems().add(c.title()));
        kinds.add(Optional.empty());
        for (Fault.Kind kind : Fault.Kind.values()) {
            kinds.add(Optional.of(kind));
        }
        kinds.forEach(k -> mistakes.getItems()
                .add(k.map(f -> "With: " + Quantity.read(f.label(), session.units()))
                        .orElse("As it is set up, nothing wrong")));
        cards.getSelectionModel().select(0);
        mistakes.getSelectionModel().select(0);
        prepare(cards, "flight-card", "Card to fly", "The card to fly next; wind and proofs are judged for it  C");
        prepare(mistakes, "flight-mistake", "Mistake to fly with", "A mistake or a loss to see once in the model  X");
        cards.getSelectionModel().selectedIndexProperty().addListener((p, was, now) -> tell(rehearsing));
        mistakes.getSelectionModel().selectedIndexProperty().addListener((p, was, now) -> tell(rehearsing));
    }

    private static void prepare(ComboBox<String> box, String id, String name, String tip) {
        box.setId(id);
        box.setAccessibleText(name);
        Tips.say(box, tip);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setMinWidth(0);
        box.setPrefWidth(250);
    }

    /** Shows what is chosen for the aircraft that is open. */
    void update(CardPlan card, Optional<Fault.Kind> mistake) {
        showing = true;
        cards.getSelectionModel().select(CardPlans.all().indexOf(card));
        mistakes.getSelectionModel().select(kinds.indexOf(mistake));
        showing = false;
    }

    Node cards() {
        return cards;
    }

    Node mistakes() {
        return mistakes;
    }

    private void tell(Rehearsing rehearsing) {
        if (showing) {
            return;
        }
        rehearsing.choose(
                CardPlans.all().get(cards.getSelectionModel().getSelectedIndex()),
                kinds.get(mistakes.getSelectionModel().getSelectedIndex()));
    }

    /** The next card. */
    void nextCard() {
        cards.getSelectionModel()
                .select((cards.getSelectionModel().getSelectedIndex() + 1)
                        % cards.getItems().size());
    }

    /** The next mistake; after the last comes none. */
    void nextMistake() {
        mistakes.getSelectionModel().select((mistakes.getSelectionModel().getSelectedIndex() + 1) % kinds.size());
    }
}
