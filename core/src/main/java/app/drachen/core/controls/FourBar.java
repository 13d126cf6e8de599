package app.drachen.core.controls;

import app.drachen.core.units.Ranges;

/**
 * The lengths and angles of a linkage beyond its two radii. The servo's axis and the hinge lie {@code base} apart; arm and horn stand
 * square to the line between them, or lean by these angles when the surface is neutral. The length of the push-rod follows.
 *
 * <p>Source: closed geometry of the four-bar linkage, the end of the horn lying where two circles meet (Norton 2012, Design of
 * Machinery, vector loop). Exact for a flat linkage without play.
 *
 * @param base from the servo's axis to the hinge [m], 0.01 to 1
 * @param armLean of the servo arm towards the hinge at neutral [rad], −1 to 1
 * @param hornLean of the horn away from the servo at neutral [rad], −1 to 1
 * @param pushes whether a longer pulse turns the arm towards the hinge
 */
public record FourBar(double base, double armLean, double hornLean, boolean pushes) {
    public FourBar {
        Ranges.require("servo axis to hinge", base, 0.01, 1, "m");
        Ranges.require("lean of the arm", armLean, -1, 1, "rad");
        Ranges.require("lean of the horn", hornLean, -1, 1, "rad");
    }

    /**
     * Where the ends of arm and horn stand, the servo's axis at the origin, x towards the hinge, y away from the surface.
     *
     * @param armX [m]
     * @param armY [m]
     * @param hornX [m]
     * @param hornY [m]
     */
    public record Ends(double armX, double armY, double hornX, double hornY) {}

    /**
     * Length of the push-rod that makes the surface neutral.
     *
     * @param arm radius at the servo [m]
     * @param horn radius at the surface [m]
     * @return [m]
     */
    public double rod(double arm, double horn) {
        return Math.hypot(
                base + horn * Math.sin(hornLean) - arm * Math.sin(armLean),
                horn * Math.cos(hornLean) - arm * Math.cos(armLean));
    }

    /**
     * Where a turn of the servo takes the surface; beyond its dead point the linkage stays where it locks.
     *
     * @param arm radius at the servo [m]
     * @param horn radius at the surface [m]
     * @param turn of the servo from neutral, towards the hinge [rad]
     * @return turn of the surface from neutral [rad]
     */
    public double deflection(double arm, double horn, double turn) {
        return deflection(arm, horn, turn, rod(arm, horn));
    }

    private double deflection(double arm, double horn, double turn, double rod) {
        double x = arm * Math.sin(armLean + turn) - base;
        double y = arm * Math.cos(armLean + turn);
        double far = Math.hypot(x, y);
        double cosine = (far * far + horn * horn - rod * rod) / (2 * far * horn);
        double apart = Math.acos(Math.max(-1, Math.min(1, cosine)));
        // angles from "square to the base", towards +x
        double towards = Math.atan2(x, y);
        return turned(towards + apart * branch(arm, horn) - hornLean);
    }

    /** On which side of the line from hinge to arm the horn stands; the same at every turn. */
    private double branch(double arm, double horn) {
        double x = arm * Math.sin(armLean) - base;
        double y = arm * Math.cos(armLean);
        return turned(hornLean - Math.atan2(x, y)) >= 0 ? 1 : -1;
    }

    private static double turned(double angle) {
        return Math.atan2(Math.sin(angle), Math.cos(angle));
    }

    /**
     * Where the ends stand after a turn of the servo.
     *
     * @param arm radius at the servo [m]
     * @param horn radius at the surface [m]
     * @param turn of the servo from neutral, towards the hinge [rad]
     */
    public Ends ends(double arm, double horn, double turn) {
        double leaning = hornLean + deflection(arm, horn, turn);
        return new Ends(
                arm * Math.sin(armLean + turn),
                arm * Math.cos(armLean + turn),
                base + horn * Math.sin(leaning),
                horn * Math.cos(leaning));
    }
}
