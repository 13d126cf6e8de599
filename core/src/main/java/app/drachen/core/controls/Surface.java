package app.drachen.core.controls;

import app.drachen.core.units.Ranges;
import java.util.Locale;

/**
 * What an output moves, and which way it must move.
 *
 * <p>Source of the wanted senses: flight mechanics (THROWS-A5). Roll right: right trailing edge up,
 * left down. Pitch up: elevator, elevons and V-panels up. Yaw right: rudder right; upright V: right
 * panel down, left panel up; inverted V the other way.
 *
 * @param role what it does
 * @param side which side of the aircraft it is on
 * @param number of the surfaces of this role on this side, from the middle outwards, 1 to 9; of motors the number of
 *     the drive that it runs, where a single motor output runs all of them
 */
public record Surface(Role role, Side side, int number) {
    /** Which side of the aircraft a surface is on. */
    public enum Side {
        LEFT,
        MIDDLE,
        RIGHT
    }

    /** What a surface does. */
    public enum Role {
        AILERON("aileron", 1, 0, 0, true),
        ELEVATOR("elevator", 0, -1, 0, true),
        RUDDER("rudder", 0, 0, -1, true),
        ELEVON("elevon", 1, -1, 0, true),
        VEE("V-tail", 0, -1, -1, true),
        FLAP("flap", 0, 0, 0, true),
        BRAKE("brake", 0, 0, 0, true),
        MOTOR("motor", 0, 0, 0, false),
        PAN("pan", 0, 0, 0, false),
        TILT("tilt", 0, 0, 0, false),
        GEAR("landing gear", 0, 0, 0, false);

        private final String label;
        private final int roll;
        private final int pitch;
        private final int yaw;
        private final boolean inTheAir;

        /** Signs of a surface on the left or in the middle. */
        Role(String label, int roll, int pitch, int yaw, boolean inTheAir) {
            this.label = label;
            this.roll = roll;
            this.pitch = pitch;
            this.yaw = yaw;
            this.inTheAir = inTheAir;
        }
    }

    public static final Surface LEFT_AILERON = new Surface(Role.AILERON, Side.LEFT, 1);
    public static final Surface RIGHT_AILERON = new Surface(Role.AILERON, Side.RIGHT, 1);
    public static final Surface ELEVATOR = new Surface(Role.ELEVATOR, Side.MIDDLE, 1);
    public static final Surface RUDDER = new Surface(Role.RUDDER, Side.MIDDLE, 1);
    public static final Surface LEFT_ELEVON = new Surface(Role.ELEVON, Side.LEFT, 1);
    public static final Surface RIGHT_ELEVON = new Surface(Role.ELEVON, Side.RIGHT, 1);
    public static final Surface LEFT_VEE = new Surface(Role.VEE, Side.LEFT, 1);
    public static final Surface RIGHT_VEE = new Surface(Role.VEE, Side.RIGHT, 1);
    public static final Surface MOTOR = new Surface(Role.MOTOR, Side.MIDDLE, 1);

    public Surface {
        Ranges.require("number of the surface", number, 1, 9, "-");
    }

    /** The first of a role on a side. */
    public static Surface of(Role role, Side side) {
        return new Surface(role, side, 1);
    }

    // in plain code: what the JDK makes for a record costs a program just started 20 ms
    @Override
    public boolean equals(Object other) {
        return other instanceof Surface surface
                && surface.role == role
                && surface.side == side
                && surface.number == number;
    }

    @Override
    public int hashCode() {
        return (role.ordinal() * Side.values().length + side.ordinal()) * 10 + number;
    }

    /** A name that no other surface of an aircraft has, such as {@code right-elevon}. */
    public String id() {
        return label().toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    /** How it is called: "Right elevon". */
    public String label() {
        String where = side == Side.LEFT ? "left " : side == Side.RIGHT ? "right " : "";
        String words = where + role.label + (number > 1 ? " " + number : "");
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** How it is called within a sentence: "right elevon", "left V-tail". */
    public String words() {
        String label = label();
        return Character.toLowerCase(label.charAt(0)) + label.substring(1);
    }

    public boolean isVee() {
        return role == Role.VEE;
    }

    public boolean isMotor() {
        return role == Role.MOTOR;
    }

    /** Whether it stands in the air and turns about a hinge. */
    public boolean inTheAir() {
        return role.inTheAir;
    }

    /**
     * The sign its deflection must have for a positive command.
     *
     * @param axis the command
     * @param inverted whether a V-tail points down, which turns yaw round
     * @return +1 trailing edge down (rudder: left), −1 up (rudder: right), 0 none
     */
    public int wantedSign(Axis axis, boolean inverted) {
        int mirror = side == Side.RIGHT ? -1 : 1;
        return switch (axis) {
            case ROLL -> mirror * role.roll;
            case PITCH -> role.pitch;
            case YAW -> (isVee() ? mirror * (inverted ? -1 : 1) : 1) * role.yaw;
            case POWER -> 0;
        };
    }
}
