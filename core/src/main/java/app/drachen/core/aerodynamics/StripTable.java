package app.drachen.core.aerodynamics;

import app.drachen.core.aerodynamics.Strips.Strip;
import app.drachen.core.math.Memory;
import java.util.List;

/**
 * What of {@link StripModel}'s strips does not change in flight, as numbers side by side: flow and force of a strip are linear in the
 * aircraft's motion and in the forces along and across its chord, so their factors are worked out once.
 *
 * <p>Source: that of {@link StripModel}.
 */
final class StripTable {
    /** Lift slope [1/rad]. */
    static final int SLOPE = 0;

    /** Least drag and drag per lift squared [-]. */
    static final int DRAG = 1;

    static final int INDUCED = 2;

    /** Half of the area, less what the wake takes of the pressure at the tail [m²]. */
    static final int HALF_AREA = 3;

    /** Angles from zero lift beyond which the flow begins to separate, upwards and downwards [rad]. */
    static final int UP = 4;

    static final int DOWN = 5;

    /** Moment coefficient [-]. */
    static final int MOMENT = 6;

    /** 1 for a strip of the wing, else 0. */
    static final int WING = 7;

    /** What a force along the chord gives: three forces [-], three moments [m]. */
    static final int CHORDWARD = 8;

    /** What a force across the chord gives: forces along y and z [-], three moments [m]. */
    static final int ACROSS = 14;

    /** What a moment coefficient gives, times pressure and area: moments about y and z [m]. */
    static final int TURN = 19;

    /** Numbers of one strip. */
    static final int WIDTH = 24;

    private static final double TAIL_EFFICIENCY = 0.95;

    /** Gaps at hinges, joints and waves of a wing as built, over a smooth one [-] (own estimate after Hoerner 1965, 1.05 to 1.25). */
    private static final double AS_BUILT = 1.12;

    /** Stall angles by slope and maximum: many models are made of one aircraft. */
    private static final Memory<List<Double>, Double> STALLS =
            new Memory<>(512, of -> Separation.stallAngle(of.get(0), of.get(1)));

    /** Strip after strip, {@link #WIDTH} numbers each. */
    final double[] strip;

    /** Flow along the chord for each of u, v, w [-] and p, q, r [m], each for all strips. */
    final double[][] along = new double[6][];

    /** Flow across the chord, likewise; u gives none. */
    final double[][] across = new double[6][];

    /** Built-in incidence less the angle of zero lift [rad]. */
    final double[] angle;

    /** 1 for a strip in the wing's downwash, else 0. */
    final double[] washed;

    /** Area of the wing's strips [m²]. */
    final double wingArea;

    StripTable(List<Strip> strips, ModelError error) {
        int count = strips.size();
        strip = new double[count * WIDTH];
        angle = new double[count];
        washed = new double[count];
        for (int k = 0; k < 6; k++) {
            along[k] = new double[count];
            across[k] = new double[count];
        }
        double wing = 0;
        for (int i = 0; i < count; i++) {
            Strip s = strips.get(i);
            angle[i] = s.angle() - s.section().zeroLiftAngle();
            washed[i] = s.behindWing() ? 1 : 0;
            air(i, s, error);
            flow(i, s);
            force(i * WIDTH, s);
            wing += s.isWing() ? s.area() : 0;
        }
        wingArea = wing;
    }

    private void air(int i, Strip s, ModelError error) {
        int at = i * WIDTH;
        double slope = error.lift() * s.slope();
        double most = Stall.WING_SHARE * s.section().maximumLift() / Math.max(0.5, s.chordward()[0]);
        double least = s.section().zeroLiftAngle() == 0 ? most : 0.75 * most;
        strip[at + SLOPE] = slope;
        strip[at + DRAG] = error.drag() * AS_BUILT * s.section().leastDrag();
        strip[at + INDUCED] = s.inducedFactor();
        strip[at + HALF_AREA] = s.area() / 2 * (s.behindWing() ? TAIL_EFFICIENCY : 1);
        strip[at + UP] = attachedTo(slope, most);
        strip[at + DOWN] = attachedTo(slope, least);
        strip[at + MOMENT] = s.section().pitchingMoment();
        strip[at + WING] = s.isWing() ? 1 : 0;
    }

    private static double attachedTo(double slope, double maximum) {
        return STALLS.of(List.of(slope, maximum)) - Separation.STALL_BLEND;
    }

    /** A turning strip has its angle at three quarters of its chord: half a chord behind its place. */
    private void flow(int i, Strip s) {
        double[] c = s.chordward();
        double[] n = s.normal();
        double x = s.place()[0] - s.chord() / 2;
        double y = s.place()[1];
        double z = s.place()[2];
        // there the flow is u + qz − ry, v + rx − pz, w + py − qx
        double[] toAlong = {c[0], c[1], c[2], c[2] * y - c[1] * z, c[0] * z - c[2] * x, c[1] * x - c[0] * y};
        double[] toAcross = {0, -n[1], -n[2], n[1] * z - n[2] * y, n[2] * x, -n[1] * x};
        for (int k = 0; k < 6; k++) {
            along[k][i] = toAlong[k];
            across[k][i] = toAcross[k];
        }
    }

    private void force(int at, Strip s) {
        double[] c = s.chordward();
        double[] n = s.normal();
        double x = s.place()[0];
        double y = s.place()[1];
        double z = s.place()[2];
        double[] chordward = {c[0], c[1], c[2], y * c[2] - z * c[1], z * c[0] - x * c[2], x * c[1] - y * c[0]};
        double[] across = {n[1], n[2], y * n[2] - z * n[1], -x * n[2], x * n[1]};
        // strips are cut along the flow, so that their load moves along the flow, not across a swept line
        double[] turn = {-s.chord() * n[2], s.chord() * n[1]};
        System.arraycopy(chordward, 0, strip, at + CHORDWARD, 6);
        System.arraycopy(across, 0, strip, at + ACROSS, 5);
        System.arraycopy(turn, 0, strip, at + TURN, 2);
    }
}
