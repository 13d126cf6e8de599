package app.drachen.core.bench;

import app.drachen.core.controls.Surface;

/** What a surface does, as a person sees it. */
public enum Answer {
    UP("up"),
    DOWN("down"),
    LEFT("left"),
    RIGHT("right"),
    STILL("still");

    private final String label;

    Answer(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /**
     * The word for a deflection.
     *
     * @param surface the surface; a rudder goes left and right
     * @param sign of the answer [-]
     */
    public static Answer of(Surface surface, double sign) {
        if (sign == 0) {
            return STILL;
        }
        if (surface.role() == Surface.Role.RUDDER) {
            return sign > 0 ? LEFT : RIGHT;
        }
        return sign > 0 ? DOWN : UP;
    }
}
