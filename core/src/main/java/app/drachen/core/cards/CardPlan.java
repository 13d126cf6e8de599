package app.drachen.core.cards;

import app.drachen.core.air.Field;
import app.drachen.core.setup.Setup;

/** A kind of card that can be made out for an aircraft and a field. One class each. */
public interface CardPlan {
    /** Stable id such as {@code first-flight}. */
    String id();

    /** Title for lists. */
    String title();

    /** What kind of flight it is. */
    default Outing outing() {
        return Outing.LOCAL;
    }

    /** Makes the card out for an aircraft on a field. */
    Card forAircraft(Setup setup, Field field);
}
