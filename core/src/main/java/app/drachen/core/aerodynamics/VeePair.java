package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import java.util.List;

/**
 * The two halves of a V-tail. In sideslip and with the rudder their loads are opposite, and they pull against each other: each then has
 * only a share K of the lift slope that it has in pitch.
 *
 * <p>Source: the effect, P. E. Purser, J. P. Campbell, NACA Report 823, 1945; the slope with opposite loads from {@link Lattice}
 * laid over the pair alone, that with equal ones from {@link LiftingSurface}, for the body closes the gap between them. For a flat pair
 * of an elliptic chord a lifting line gives K = (16/π²)(1 + μ)·Σ Jₙ²/(1 + nμ), n even, Jₙ = n/(n² − 1), μ = 2/A.
 */
public final class VeePair {
    private static final int ACROSS = 6;
    private static final int ALONG = 2;
    private static final double SMALL = 1e-3;

    private VeePair() {}

    /**
     * The share K.
     *
     * @return lift slope with opposite loads over that with equal ones [-], 0.3 to 1; usually 0.5 to 0.7
     */
    public static double apart(Tail.Vee tail) {
        double dihedral = tail.inverted() ? -tail.dihedral() : tail.dihedral();
        Lattice pair = new Lattice(List.of(half(tail.panel(), 1, dihedral), half(tail.panel(), -1, dihedral)), 0, 0);
        double sin = Math.sin(dihedral);
        double cos = Math.cos(dihedral);
        double opposite = along(pair.loads(0, SMALL, 0, 0, 0, new double[0], 0), sin, cos) / (SMALL * sin);
        double slope = opposite / tail.panel().area();
        return Math.max(0.3, Math.min(1, slope / LiftingSurface.slope(tail.panel(), true)));
    }

    private static Sheet half(TailPanel panel, int side, double dihedral) {
        return new Sheet(
                panel.leadingEdge(),
                panel.right(),
                panel.up(),
                panel.length(),
                side,
                dihedral,
                panel.rootChord(),
                panel.tipChord(),
                panel.sweep(),
                0,
                0,
                List.of(),
                true,
                ACROSS,
                ALONG,
                0);
    }

    /** Force on the right half along its normal, which points up and inwards. */
    private static double along(Lattice.Loads loads, double sin, double cos) {
        return -sin * loads.force()[1] - cos * loads.force()[2];
    }
}
