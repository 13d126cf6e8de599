package app.drachen.core.cards;

import app.drachen.core.units.Ranges;
import java.util.List;

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
 */
public record Card(
        String id,
        String title,
        List<CardStep> steps,
        List<PassLimit> limits,
        List<String> breakOff,
        List<String> cautions,
        double trialHeight,
        double longest) {
    public Card {
        Ranges.requireText("id", id);
        Ranges.require("trial height", trialHeight, 10, 500, "m");
        Ranges.require("longest", longest, 60, 7_200, "s");
        steps = List.copyOf(steps);
        limits = List.copyOf(limits);
        breakOff = List.copyOf(breakOff);
        cautions = List.copyOf(cautions);
    }
}
