package app.drachen.core.cards;

import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Ranges;

/**
 * One step of a card.
 *
 * @param number counted from 1
 * @param task what is done
 * @param mode the mode it shows
 * @param title in a few words
 * @param how one line for the field
 */
public record CardStep(int number, Task task, FlightMode mode, String title, String how) {
    public CardStep {
        Ranges.require("step", number, 1, 99, "-");
        Ranges.requireText("title", title);
    }
}
