package app.drachen.core.modes;

import java.util.List;

/** What can be lost. */
public enum Loss {
    LINK("control link"),
    POSITION("position"),
    COMPASS("compass"),
    AIRSPEED("airspeed"),
    HEIGHT("height"),
    LOW_PACK("pack low"),
    POWER("power");

    private final String label;

    Loss(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** The phases of a flight in which it may happen. */
    public enum Phase {
        DISARMED("disarmed"),
        LAUNCH("launch"),
        CLIMB("climb"),
        AWAY("away"),
        HOME("Home"),
        LANDING("landing");

        private final String label;

        Phase(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /** Whether the aircraft is in somebody's hands or on the ground. */
        public boolean onGround() {
            return this == DISARMED;
        }
    }

    /** What is done. */
    public enum Action {
        OPEN("not decided"),
        GO_ON("go on, warn"),
        POWER_OFF("power 0"),
        LEVEL("wings level, cruise power"),
        GLIDE("glide in a shallow turn"),
        WAIT("wait in a shallow turn"),
        HOME("Home"),
        LAND("land here");

        private final String label;

        Action(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /** Whether it may drive a motor. */
        public boolean powers() {
            return this == LEVEL || this == WAIT || this == HOME;
        }
    }

    /**
     * What makes sense when this is lost: without position no way home is known, without power nothing climbs.
     *
     * @param phase the phase
     */
    public List<Action> sensible(Phase phase) {
        if (phase.onGround()) {
            return List.of(Action.OPEN, Action.POWER_OFF);
        }
        return switch (this) {
            case LINK -> List.of(
                    Action.OPEN,
                    Action.HOME,
                    Action.WAIT,
                    Action.LEVEL,
                    Action.GLIDE,
                    Action.LAND,
                    Action.POWER_OFF,
                    Action.GO_ON);
            case POSITION -> List.of(
                    Action.OPEN, Action.WAIT, Action.GLIDE, Action.LEVEL, Action.GO_ON, Action.POWER_OFF);
            case COMPASS, AIRSPEED, LOW_PACK -> List.of(
                    Action.OPEN, Action.GO_ON, Action.HOME, Action.WAIT, Action.LEVEL, Action.GLIDE, Action.LAND);
            case HEIGHT -> List.of(Action.OPEN, Action.GO_ON, Action.LEVEL, Action.GLIDE, Action.WAIT);
            case POWER -> List.of(Action.OPEN, Action.GLIDE, Action.LAND, Action.GO_ON);
        };
    }
}
