package app.drachen.core.cards;

import app.drachen.core.air.Field;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Optional;

/** Card M5: auto-trim on straight passes along the strip, the nose held on the line. */
public final class TrimFlight implements CardPlan {
    @Override
    public String id() {
        return "auto-trim";
    }

    @Override
    public String title() {
        return "M5 · Auto-trim along the strip";
    }

    @Override
    public Card forAircraft(Setup setup, Field field) {
        return Launches.card(
                this,
                Launches.trialHeight(setup, field),
                List.of(new CardStep(
                        3,
                        Task.AUTO_TRIM,
                        FlightMode.MANUAL,
                        "Straight passes, helper on",
                        "into and down the wind, never across it")),
                List.of(),
                List.of(
                        "It pulls to one side more and more: helper off.",
                        "The wind comes from the side: land, another day."),
                480,
                Optional.empty());
    }
}
