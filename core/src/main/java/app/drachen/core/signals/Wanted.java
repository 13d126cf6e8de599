package app.drachen.core.signals;

import app.drachen.core.units.Ranges;

/**
 * A value that the pilot wants, and how it reaches him.
 *
 * @param value what; each once
 * @param device what is to tell it: a device of the harness, {@code board}, or empty for whatever can
 * @param way name of the way; empty for the first
 * @param resolution step in which it is shown [SI unit of the value], 0 for finer than is shown
 * @param eye whether it is seen
 * @param ear whether it is heard
 */
public record Wanted(Value value, String device, String way, double resolution, boolean eye, boolean ear) {
    /** What a list of them begins with. */
    public static final Wanted FIRST = new Wanted(Value.PACK_VOLTS, "", "", 0, true, false);

    public Wanted {
        Ranges.require("step of " + value.label(), resolution, 0, 1e6, "SI");
    }

    /** The same told by another device. */
    public Wanted by(String other) {
        return new Wanted(value, other, way, resolution, eye, ear);
    }
}
