package app.drachen.core.aerodynamics;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Section;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.setup.Setup;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Lift slope, neutral point and roll damping of bare wings against published values. The errors found here stand in the
 * sources of formulas; a test fails when one grows, and when one that is told is no longer there.
 */
class PlanformsTest {
    private static final Section SECTION =
            DemoAircraft.seeschwalbe().airframe().wing().section();

    private static Wing wing(double root, double tip, double length, double sweep) {
        return new Wing(0, 0, List.of(new WingPanel(root, tip, length, sweep, 0, 0)), SECTION, 0, 0, List.of());
    }

    private static double error(double ours, double published) {
        return ours / published - 1;
    }

    /**
     * The Warren-12 wing, a common benchmark of lattices: root 1.5, tip 0.5, span 2√2, leading edge swept 53.54°;
     * C_Lα 2.743 1/rad and C_mα −3.10 about its foremost point with a chord of 1 (values from memory).
     */
    @Test
    void theWarrenTwelve() {
        Wing warren = wing(1.5, 0.5, Math.sqrt(2), Math.toRadians(53.54));
        Planform p = Planform.of(warren);
        assertEquals(2.83, p.span() * p.span() / p.area(), 0.01, "aspect ratio");
        assertEquals(0, error(LiftingSurface.slope(p), 2.743), 0.01);
        // the quarter point of c̄ lies 6 % of c̄ too far ahead on so much sweep
        double published = 3.10 / 2.743;
        double ahead = (published - p.quarterStation()) / p.meanChord();
        assertTrue(ahead > 0.04 && ahead < 0.07, "ahead by " + ahead);
        VortexLattice lattice = new VortexLattice(warren, 60);
        assertEquals(0, error(lattice.slope(), 2.743), 0.02, "the lattice itself");
        assertEquals(published, lattice.centre(), 0.03 * p.meanChord());
    }

    /**
     * A rectangle of aspect ratio 6 with a section slope of 2π: Glauert's a = 2π/(1 + (2/A)(1 + τ)) with τ = 0.17
     * (H. Glauert, The Elements of Aerofoil and Airscrew Theory, 1926; τ from memory): 4.52 1/rad. Roll damping by the
     * lattice.
     */
    @Test
    void theRectangleOfAspectRatioSix() {
        Wing rectangle = wing(0.2, 0.2, 0.6, 0);
        Planform p = Planform.of(rectangle);
        double published = 2 * Math.PI / (1 + 2.0 / 6 * 1.17);
        assertEquals(0, error(LiftingSurface.slope(p), published), 0.02);
        VortexLattice lattice = new VortexLattice(rectangle, 40);
        assertEquals(0.25, (lattice.centre() - p.meanChordLeadingEdge()) / p.meanChord(), 0.02);
        dampsAsPublished(rectangle, lattice.damping(), 0.03);
    }

    /**
     * The ellipse of aspect ratio 6, here by its best trapezoid of taper 0.45: C_lp = −(a₀/8)·A/(A + 4) of lifting-line
     * theory, −0.471, recomputed by hand from Prandtl's equation with the chord of an ellipse.
     */
    @Test
    void rollDampingOfTheEllipse() {
        double closed = -2 * Math.PI / 8 * 6 / (6 + 4);
        Wing trapezoid = wing(0.276, 0.124, 0.6, Math.atan(0.25 * 0.152 / 0.6));
        Planform p = Planform.of(trapezoid);
        assertEquals(6, p.span() * p.span() / p.area(), 0.01);
        VortexLattice lattice = new VortexLattice(trapezoid, 60);
        assertEquals(0, error(lattice.damping(), closed), 0.13, "the lattice itself: " + lattice.damping());
        // a lifting line has no chord and damps a tenth more than a surface
        dampsAsPublished(trapezoid, closed, 0.13);
    }

    /**
     * A square, aspect ratio 1: Helmbold's 1.48 1/rad against R. T. Jones' slender limit π·A/2 = 1.57 (NACA 835, 1946),
     * which is an upper bound, and the lattice.
     */
    @Test
    void theSquare() {
        Wing square = wing(0.3, 0.3, 0.15, 0);
        Planform p = Planform.of(square);
        double slope = LiftingSurface.slope(p);
        assertTrue(slope < Math.PI / 2, "below the slender limit: " + slope);
        assertEquals(0, error(slope, new VortexLattice(square, 40).slope()), 0.05);
    }

    /** The flight model's strips with their downwash, on the wing alone, against the published damping. */
    private static void dampsAsPublished(Wing wing, double published, double within) {
        Setup setup = DemoAircraft.seeschwalbe();
        Airframe bare = setup.airframe().withWing(wing).withTail(new Tail.None(List.of()));
        assertEquals(0, error(ControlPower.rollDamping(setup.withAirframe(bare)), published), within);
    }
}
