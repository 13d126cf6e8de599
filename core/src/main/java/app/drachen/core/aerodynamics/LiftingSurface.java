package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.TailPanel;
import app.drachen.core.units.Ranges;

/**
 * Lift slope, flap effectiveness and downwash from planform.
 *
 * <p>Sources: H. B. Helmbold 1942 in the swept form of E. C. Polhamus (also R. D. Finck, USAF
 * Stability and Control DATCOM, 1978, 4.1.3.2); H. Glauert, "Theoretical relationships for an
 * aerofoil with a hinged flap", 1927; downwash DATCOM 4.4.1. Low speed; ±5 % in slope, ±15 % in
 * downwash.
 */
public final class LiftingSurface {
    private LiftingSurface() {}

    /**
     * Lift slope a = 2πA/(2 + √(4 + A²(1 + tan²Λ½))).
     *
     * @param aspectRatio [-], 0.3 to 60
     * @param halfChordSweep [rad], −1.2 to 1.2
     * @return [1/rad], above 0 to 2π
     */
    public static double slope(double aspectRatio, double halfChordSweep) {
        Ranges.require("aspect ratio", aspectRatio, 0.3, 60, "-");
        double tan = Math.tan(Ranges.require("sweep", halfChordSweep, -1.2, 1.2, "rad"));
        return 2 * Math.PI * aspectRatio / (2 + Math.sqrt(4 + aspectRatio * aspectRatio * (1 + tan * tan)));
    }

    /**
     * @return lift slope of a wing [1/rad]
     */
    public static double slope(Planform planform) {
        return slope(planform.aspectRatio(), planform.halfChordSweep());
    }

    /**
     * @param panel one half of the tail
     * @param mirrored whether the other half stands beside it, which doubles the aspect ratio
     * @return lift slope of a tail [1/rad]
     */
    public static double slope(TailPanel panel, boolean mirrored) {
        double span = (mirrored ? 2 : 1) * panel.length();
        double area = (mirrored ? 2 : 1) * panel.area();
        double run = panel.length() * Math.tan(panel.sweep());
        double sweep = Math.atan((run + (panel.tipChord() - panel.rootChord()) / 2) / panel.length());
        // a fin on a body acts as if it had about 1.55 times its aspect ratio (end plate)
        return slope((mirrored ? 1 : 1.55) * span * span / area, sweep);
    }

    /**
     * Effectiveness of a plain flap by thin-aerofoil theory: τ = 1 − (θ − sin θ)/π, cos θ = 2c_f/c −
     * 1.
     *
     * @param chordRatio flap chord over chord [-], 0 to 1
     * @return change of angle of attack per deflection [-], 0 to 1
     */
    public static double flapEffectiveness(double chordRatio) {
        double theta = Math.acos(2 * Ranges.require("flap chord ratio", chordRatio, 0, 1, "-") - 1);
        return 1 - (theta - Math.sin(theta)) / Math.PI;
    }

    /**
     * Downwash gradient at a tail: dε/dα = 4.44·(K_A·K_λ·K_h·√cos Λ¼)^1.19.
     *
     * @param planform wing
     * @param arm from the wing's to the tail's quarter-chord point [m], above 0
     * @param height of the tail above the wing chord, without sign [m], not negative
     * @return dε/dα [-]
     */
    public static double downwash(Planform planform, double arm, double height) {
        double aspect = planform.aspectRatio();
        double ka = 1 / aspect - 1 / (1 + Math.pow(aspect, 1.7));
        // a wing much wider at the tip than at the root is beyond the handbook
        double kl = (10 - 3 * Math.min(2, planform.taper())) / 7;
        double kh = (1 - Math.min(0.9, height / planform.span()))
                / Math.cbrt(2 * Math.max(arm, 0.05 * planform.span()) / planform.span());
        return 4.44 * Math.pow(ka * kl * kh * Math.sqrt(Math.cos(planform.quarterChordSweep())), 1.19);
    }

    /**
     * Downwash gradient far behind an elliptic wing, 2a/(πA): the upper bound.
     *
     * @return [-]
     */
    public static double farDownwash(Planform planform) {
        return 2 * slope(planform) / (Math.PI * planform.aspectRatio());
    }
}
