package app.drachen.core.units;

/** The two systems a pilot may read numbers in. */
public enum UnitSystem {
    METRIC("Metric"),
    IMPERIAL("Imperial");

    private final String label;

    UnitSystem(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    public UnitSystem other() {
        return this == METRIC ? IMPERIAL : METRIC;
    }
}
