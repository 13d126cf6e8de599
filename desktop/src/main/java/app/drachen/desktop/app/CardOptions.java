package app.drachen.desktop.app;

import app.drachen.core.cards.CardPlan;
import app.drachen.core.cards.CardPlans;

/** A card as it is named on the command line. */
final class CardOptions {
    private CardOptions() {}

    /**
     * The card of an id.
     *
     * @throws IllegalArgumentException in one sentence if there is none
     */
    static CardPlan card(String id) {
        return CardPlans.byId(id)
                .orElseThrow(() -> new IllegalArgumentException("--card " + id + ": there is no such card; there are "
                        + CardPlans.all().stream().map(CardPlan::id).toList()));
    }
}
