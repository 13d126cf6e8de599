package app.drachen.core.aerodynamics;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import app.drachen.core.controls.Surface;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.draft.NewAircraft;
import app.drachen.core.setup.Setup;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The lattice against published planforms. */
class LatticeTest {
    /** A wing of one panel a side, moments about a station. */
    private static Lattice wing(
            double span,
            double root,
            double tip,
            double sweep,
            double dihedral,
            double about,
            boolean inset,
            int across,
            int along) {
        Sheet right =
                new Sheet(0, 0, 0, span / 2, 1, dihedral, root, tip, sweep, 0, 0, List.of(), inset, across, along, 0);
        Sheet left =
                new Sheet(0, 0, 0, span / 2, -1, dihedral, root, tip, sweep, 0, 0, List.of(), inset, across, along, 0);
        return new Lattice(List.of(right, left), about, 0);
    }

    private static double liftSlope(Lattice lattice, double area) {
        double a = 1e-4;
        return -lattice.loads(a, 0, 0, 0, 0, new double[0]).force()[2] / area / a;
    }

    /**
     * Warren 12: aspect ratio 2√2, taper 1/3, leading edge swept by 53.54°; C_Lα = 2.743 and C_Mα = −3.10 about the apex, per radian
     * and with the mean chord of 1 m: M. Lamar, NASA TN D-8090 1976, as quoted by lattice programs since (values from memory).
     */
    @Test
    void warrenTwelve() {
        double span = 2 * Math.sqrt(2);
        Lattice lattice = wing(span, 1.5, 0.5, Math.toRadians(53.54), 0, 0, true, 12, 8);
        double a = 1e-4;
        double area = span * 1;
        assertEquals(2.743, liftSlope(lattice, area), 0.02);
        double moment = lattice.loads(a, 0, 0, 0, 0, new double[0]).moment()[1] / area / a;
        assertEquals(-3.10, moment, 0.03);
    }

    /** Bertin & Smith, Aerodynamics for Engineers, example of a 45° swept wing of aspect ratio 5, four pieces a side: C_Lα = 3.443. */
    @Test
    void sweptWingOfTheTextbook() {
        Lattice lattice = wing(1, 0.2, 0.2, Math.toRadians(45), 0, 0, false, 4, 1);
        assertEquals(3.443, liftSlope(lattice, 0.2), 0.005);
    }

    /** R. T. Jones 1946: the more slender a pointed wing, the nearer its slope is to πA/2, from below. */
    @Test
    void slenderDeltas() {
        double[] shares = new double[3];
        double[] aspects = {1, 0.5, 0.25};
        for (int i = 0; i < 3; i++) {
            double root = 2 / aspects[i];
            Lattice lattice = wing(1, root, 1e-3, Math.atan(root / 0.5), 0, 0, true, 10, 12);
            shares[i] = liftSlope(lattice, root / 2) / (Math.PI / 2 * aspects[i]);
        }
        assertTrue(shares[0] < shares[1] && shares[1] < shares[2] && shares[2] < 1);
        assertEquals(1, 2 * shares[2] - shares[1], 0.02, "and at no span there");
    }

    /** E. O. Tuck 1993, accurate solutions of the integral equation for flat rectangles: 1.4602 and 2.4744 (from memory). */
    @Test
    void rectangles() {
        assertEquals(1.4602, liftSlope(wing(1, 1, 1, 0, 0, 0, true, 12, 8), 1), 0.003);
        assertEquals(2.4744, liftSlope(wing(2, 1, 1, 0, 0, 0, true, 16, 8), 2), 0.004);
    }

    /**
     * Near the ground a wing has 1 − σ of its induced drag at the same lift, σ = (1 − 1.32·h/b)/(1.05 + 7.4·h/b) for h/b of 1/15 to ¼:
     * C. Wieselsberger, NACA TM 77, 1921 (from memory); its lift slope grows.
     */
    @Test
    void theGroundTakesInducedDragAway() {
        double free = induced(Double.POSITIVE_INFINITY)[0];
        double[] ratios = {0.1, 0.15, 0.25};
        for (double ratio : ratios) {
            double sigma = (1 - 1.32 * ratio) / (1.05 + 7.4 * ratio);
            double[] near = induced(ratio);
            assertEquals(1 - sigma, near[0] / free, 0.05, "h/b " + ratio);
            assertTrue(near[1] > induced(Double.POSITIVE_INFINITY)[1], "lift slope");
        }
    }

    /** C_D/C_L² and C_Lα of a wing of aspect ratio 6 at a height over its span. */
    private static double[] induced(double heightOverSpan) {
        Sheet right = new Sheet(0, 0, 0, 3, 1, 0, 1, 1, 0, 0, 0, List.of(), true, 20, 4, 0);
        Sheet left = new Sheet(0, 0, 0, 3, -1, 0, 1, 1, 0, 0, 0, List.of(), true, 20, 4, 0);
        Lattice lattice = new Lattice(List.of(right, left), 0, 0, 6 * heightOverSpan);
        double alpha = 0.03;
        Lattice.Loads loads = lattice.loads(alpha, 0, 0, 0, 0, new double[0]);
        double lift = (-loads.force()[2] * Math.cos(alpha) + loads.force()[0] * Math.sin(alpha)) / 6;
        double drag = (-loads.force()[0] * Math.cos(alpha) - loads.force()[2] * Math.sin(alpha)) / 6;
        return new double[] {drag / (lift * lift), lift / alpha};
    }

    /** A flat pair against the lifting line's sum; panels that stand far apart hardly know of each other. */
    @Test
    void halvesOfAVeePullAgainstEachOther() {
        TailPanel panel = new TailPanel(1, 0, 0, 0.12, 0.12, 0.24, 0, 0, 0.35);
        double mu = 2 / (0.48 * 0.48 / (0.48 * 0.12));
        double sum = 0;
        for (int n = 2; n < 60; n += 2) {
            double j = n / (n * n - 1.0);
            sum += j * j / (1 + n * mu);
        }
        double line = 16 / (Math.PI * Math.PI) * (1 + mu) * sum;
        double flat = VeePair.apart(new Tail.Vee(panel, 0.17, false));
        // a lattice lifts less than a lifting line, at this aspect ratio by a tenth
        assertEquals(0.93 * line, flat, 0.05, "nearly flat");
        double steep = VeePair.apart(new Tail.Vee(panel, 0.7, false));
        assertTrue(steep > 0.5 && steep < 0.7, steep + " lies where NACA 823 has it");
        assertEquals(steep, VeePair.apart(new Tail.Vee(panel, 0.7, true)), 1e-9, "up or down");
    }

    /** What the strips say of whole aircraft lies near the lattice: rudder and damping of V-tails within 12 %, which were 50 to 60 % too high. */
    @Test
    void vTailsYawAsTheLatticeSays() {
        for (Setup setup : List.of(
                DemoAircraft.strandlaeufer(),
                NewAircraft.of(NewAircraft.Kind.PUSHER_VEE, "V"),
                NewAircraft.of(NewAircraft.Kind.INVERTED_VEE, "A"))) {
            Lattice lattice = LatticeCut.of(setup);
            int outputs = setup.controls().outputs().size();
            double[] rudder = new double[outputs];
            for (int i = 0; i < outputs; i++) {
                Surface surface = setup.controls().outputs().get(i).surface();
                rudder[i] = surface.equals(Surface.LEFT_VEE) ? 0.01 : surface.equals(Surface.RIGHT_VEE) ? -0.01 : 0;
            }
            double strips = yaw(setup, 0, 0, rudder);
            double said = lattice.loads(0.05, 0, 0, 0, 0, rudder).moment()[2];
            assertEquals(1, strips / said, 0.12, setup.name() + ", rudder");
            double damped = yaw(setup, 0, 0.02, new double[outputs]);
            double damping =
                    lattice.loads(0.05, 0, 0, 0, 0.02, new double[outputs]).moment()[2];
            assertEquals(1, damped / damping, 0.15, setup.name() + ", damping in yaw");
        }
    }

    /** Yawing moment of the strips over the dynamic pressure [m³]. */
    private static double yaw(Setup setup, double beta, double rate, double[] deflections) {
        StripModel model = new StripModel(setup);
        double speed = 15;
        model.compute(
                speed * Math.cos(0.05) * Math.cos(beta),
                speed * Math.sin(beta),
                speed * Math.sin(0.05),
                0,
                0,
                rate * speed,
                2 / (speed * speed),
                deflections);
        return model.momentZ();
    }
}
