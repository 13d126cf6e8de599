package app.drachen.core.cards;

import app.drachen.core.modes.Route;
import app.drachen.core.units.Ranges;
import java.util.List;
import java.util.Optional;

/**
 * A flight plan for one flight of one aircraft.
 *
 * @param id stable id
 * @param title in a few words
 * @param steps in order
 * @param limits what the flight must show
 * @param breakOff reasons to break off, each one sentence
 * @param cautions safety lines for the place where it is flown
 * @param trialHeight height of the trials above ground [m], 10 to 500
 * @param longest planned time [s], 60 to 7 200
 * @param route where it leads, if it leads anywhere
 */
public record Card(
        String id,
        String title,
        List<CardStep> steps,
        List<PassLimit> limits,
        List<String> breakOff,
        List<String> cautions,
        double trialHeight,
        double longest,
        Optional<Route> route) {
    public Card {
        Ranges.requireText("id", id);
        Ranges.require("trial height", trialHeight, 10, 500, "m");
        Ranges.require("longest", longest, 60, 7_200, "s");
        steps = List.copyOf(steps);
        limits = List.copyOf(limits);
        breakOff = List.copyOf(breakOff);
        cautions = List.copyOf(cautions);
    }

    /** A card that stays over the field. */
    public Card(
            String id,
            String title,
            List<CardStep> steps,
            List<PassLimit> limits,
            List<String> breakOff,
            List<String> cautions,
            double trialHeight,
            double longest) {
        this(id, title, steps, limits, breakOff, cautions, trialHeight, longest, Optional.empty());
    }
}
