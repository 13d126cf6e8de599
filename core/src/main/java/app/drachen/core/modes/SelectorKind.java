package app.drachen.core.modes;

import java.util.List;

/** Switches that choose a mode, with the stick-like value of each position. */
public enum SelectorKind {
    TWO("2 positions", List.of(-1.0, 1.0)),
    THREE("3 positions", List.of(-1.0, 0.0, 1.0)),
    SIX("6 positions", List.of(-1.0, -0.6, -0.2, 0.2, 0.6, 1.0)),
    SLIDER("a slider, ends, middle and quarters", List.of(-1.0, -0.5, 0.0, 0.5, 1.0));

    private final String label;
    private final List<Double> places;

    SelectorKind(String label, List<Double> places) {
        this.label = label;
        this.places = places;
    }

    public String label() {
        return label;
    }

    /** Value of each position [-], −1 to 1, in order. */
    public List<Double> places() {
        return places;
    }
}
