package app.drachen.core.controls;

/**
 * What an output moves, and which way it must move.
 *
 * <p>Source of the wanted senses: flight mechanics (THROWS-A5). Roll right: right trailing edge up,
 * left down. Pitch up: elevator, elevons and V-panels up. Yaw right: rudder right; upright V: right
 * panel down, left panel up; inverted V the other way.
 */
public enum Surface {
    LEFT_AILERON("Left aileron", Side.LEFT, 1, 0, 0),
    RIGHT_AILERON("Right aileron", Side.RIGHT, -1, 0, 0),
    ELEVATOR("Elevator", Side.MIDDLE, 0, -1, 0),
    RUDDER("Rudder", Side.MIDDLE, 0, 0, -1),
    LEFT_ELEVON("Left elevon", Side.LEFT, 1, -1, 0),
    RIGHT_ELEVON("Right elevon", Side.RIGHT, -1, -1, 0),
    LEFT_VEE("Left V-tail", Side.LEFT, 0, -1, -1),
    RIGHT_VEE("Right V-tail", Side.RIGHT, 0, -1, 1),
    MOTOR("Motor", Side.MIDDLE, 0, 0, 0);

    /** Which side of the aircraft the surface is on. */
    public enum Side {
        LEFT,
        MIDDLE,
        RIGHT
    }

    private final String label;
    private final Side side;
    private final int roll;
    private final int pitch;
    private final int yaw;

    Surface(String label, Side side, int roll, int pitch, int yaw) {
        this.label = label;
        this.side = side;
        this.roll = roll;
        this.pitch = pitch;
        this.yaw = yaw;
    }

    public String label() {
        return label;
    }

    public Side side() {
        return side;
    }

    public boolean isVee() {
        return this == LEFT_VEE || this == RIGHT_VEE;
    }

    /**
     * The sign its deflection must have for a positive command.
     *
     * @param axis the command
     * @param inverted whether a V-tail points down, which turns yaw round
     * @return +1 trailing edge down (rudder: left), −1 up (rudder: right), 0 none
     */
    public int wantedSign(Axis axis, boolean inverted) {
        return switch (axis) {
            case ROLL -> roll;
            case PITCH -> pitch;
            case YAW -> isVee() && inverted ? -yaw : yaw;
            case POWER -> 0;
        };
    }
}
