package app.drachen.core.aerodynamics;

import app.drachen.core.controls.Axis;

/**
 * A stability or control derivative: what a coefficient gains with an angle, a turning rate or a control.
 *
 * <p>Source: definitions as in R. C. Nelson, Flight Stability and Automatic Control, 1998: forces over ½ρV²S, moments over
 * ½ρV²S·c̄ along and ½ρV²S·b across, rates times c̄/2V along and b/2V across. Body axes.
 */
public enum Derivative {
    LIFT_ALPHA("C_Lα", "lift with angle of attack", Load.LIFT, 0),
    PITCH_ALPHA("C_mα", "pitch with angle of attack", Load.PITCH, 0),
    PITCH_RATE("C_mq", "damping of pitch", Load.PITCH, 3),
    PITCH_CONTROL("C_mδ", "pitch by its control", Load.PITCH, Axis.PITCH),
    SIDE_SLIP("C_Yβ", "side force with sideslip", Load.SIDE, 1),
    ROLL_SLIP("C_lβ", "roll with sideslip (dihedral)", Load.ROLL, 1),
    YAW_SLIP("C_nβ", "yaw with sideslip (weathercock)", Load.YAW, 1),
    ROLL_RATE("C_lp", "damping of roll", Load.ROLL, 2),
    ROLL_YAW_RATE("C_lr", "roll with yaw rate", Load.ROLL, 4),
    YAW_ROLL_RATE("C_np", "yaw with roll rate", Load.YAW, 2),
    YAW_RATE("C_nr", "damping of yaw", Load.YAW, 4),
    ROLL_CONTROL("C_lδ", "roll by its control", Load.ROLL, Axis.ROLL),
    YAW_CONTROL("C_nδ", "yaw by its control", Load.YAW, Axis.YAW);

    /** A force or a moment of six in body axes: its place among them and its sign. */
    enum Load {
        LIFT(2, -1),
        SIDE(1, 1),
        ROLL(3, 1),
        PITCH(4, 1),
        YAW(5, 1);

        final int place;
        final int sign;

        Load(int place, int sign) {
            this.place = place;
            this.sign = sign;
        }

        boolean alongSpan() {
            return this == ROLL || this == YAW;
        }

        boolean isMoment() {
            return place > 2;
        }
    }

    private final String symbol;
    private final String words;
    private final Load load;
    private final int motion;
    private final Axis axis;

    Derivative(String symbol, String words, Load load, int motion) {
        this.symbol = symbol;
        this.words = words;
        this.load = load;
        this.motion = motion;
        axis = Axis.POWER;
    }

    Derivative(String symbol, String words, Load load, Axis axis) {
        this.symbol = symbol;
        this.words = words;
        this.load = load;
        motion = -1;
        this.axis = axis;
    }

    public String symbol() {
        return symbol;
    }

    public String words() {
        return words;
    }

    Load load() {
        return load;
    }

    /** Which of angle of attack, sideslip, roll, pitch and yaw rate it goes with, from 0; −1 for a control. */
    int motion() {
        return motion;
    }

    /** The axis whose control it goes with. */
    Axis axis() {
        return axis;
    }
}
