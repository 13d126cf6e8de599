package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.math.Memory;
import java.util.List;
import java.util.Objects;

/**
 * The aerodynamic centre of a wing: where the lift acts that comes with the angle of attack. On a straight wing that is a quarter of
 * the mean chord; on one that is swept back it lies up to 5 % of it further forward, on a delta as much further aft.
 *
 * <p>Source: {@link Lattice} over the wing, with the fins that stand on it where there is no tail; the quarter point of the mean chord is that of strips whose lift slope is the same
 * all along the span, which sweep and taper take away.
 */
final class WingCentre {
    /** How well a lattice knows it, as a share of the mean chord (own estimate: planform, fins and section). */
    static final double WITHIN = 0.006;

    /** About the angle of flight, for fins and dihedral turn with it what is zero without lift. */
    private static final double ALPHA = Derivatives.ALPHA;

    private static final double STEP = 0.01;
    private static final Memory<Wings, Double> MEMORY = new Memory<>(32, WingCentre::computed);

    private record Wings(Wing wing, Tail.None fins) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Wings wings && Objects.equals(wing, wings.wing) && Objects.equals(fins, wings.fins);
        }

        /** Of some numbers that tell wings apart: all of them would cost a program just started 40 ms. */
        @Override
        public int hashCode() {
            WingPanel root = wing.panels().get(0);
            return Double.hashCode(wing.rootLeadingEdge())
                    ^ Double.hashCode(root.length() + 3 * root.rootChord() + 5 * root.sweep() + 7 * root.twist());
        }
    }

    private WingCentre() {}

    /**
     * Where it lies.
     *
     * @return behind the leading edge of the mean chord, as a share of the mean chord [-]
     */
    static double share(Airframe airframe) {
        Tail.None fins = airframe.tail() instanceof Tail.None none ? none : new Tail.None(List.of());
        return MEMORY.of(new Wings(airframe.wing(), fins));
    }

    private static double computed(Wings wings) {
        Planform planform = Planform.of(wings.wing());
        Lattice lattice = LatticeCut.of(wings.wing(), wings.fins(), planform.meanChordLeadingEdge());
        Lattice.Loads more = lattice.loads(ALPHA + STEP, 0, 0, 0, 0, new double[0]);
        Lattice.Loads less = lattice.loads(ALPHA - STEP, 0, 0, 0, 0, new double[0]);
        double lift = less.force()[2] - more.force()[2];
        return -(more.moment()[1] - less.moment()[1]) / lift / planform.meanChord();
    }
}
