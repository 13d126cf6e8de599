package app.drachen.core.aerodynamics;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.setup.Setup;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a wing's own downwash does in roll, and what it leaves alone. */
class RollTest {
    private static final double RHO = 1.225;
    private static final double V = 15;
    private static final List<Setup> AIRCRAFT =
            List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe());

    private static double[] deflected(Setup setup, double roll) {
        return setup.controls().outputs().stream()
                .mapToDouble(o -> o.surface() == app.drachen.core.controls.Surface.MOTOR
                        ? 0
                        : o.deflection(o.neutralMicros() + pulseOf(o, roll)))
                .toArray();
    }

    private static double pulseOf(Output o, double roll) {
        return (o.reversed() ? -1 : 1) * o.mix().mix(roll, 0, 0, 0) * Output.FULL_COMMAND_MICROS;
    }

    private static double moment(Setup setup, double rate, double roll) {
        StripModel strips = new StripModel(setup);
        strips.compute(V * Math.cos(0.05), 0, V * Math.sin(0.05), rate, 0, 0, RHO, deflected(setup, roll));
        return strips.momentX();
    }

    /** Roll rate at which the aileron's moment and the damping balance, by halving. */
    private static double steady(Setup setup, double roll) {
        // the wing as built rolls a little by itself; that is trimmed out
        double still = moment(setup, 0, 0);
        double low = 0;
        double high = 30;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            if (moment(setup, middle, roll) - still > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    // aileron and damping lose alike, so that the steady rate is near that of the handbook's formula for straight
    // wings;
    // on the swept one the flow across the hinge is slower and the flap's own moment turns about a swept axis
    @Test
    void theSteadyRollRateKeepsToTheFormula() {
        for (Setup setup : AIRCRAFT) {
            double command = 0.2;
            double full = ControlPower.rollRate(setup, V).value()
                    / setup.controls().rates().roll();
            double flown = steady(setup, command);
            assertEquals(1, flown / (command * full), 0.25, setup.name() + ": " + flown + " of " + command * full);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.02, 0.08, 0.15})
    void rollIsMirroredAndLevelFlightHasNone(double roll) {
        for (Setup setup : AIRCRAFT) {
            double still = moment(setup, 0, 0);
            double right = moment(setup, 0, roll) - still;
            double left = moment(setup, 0, -roll) - still;
            assertTrue(right > 0, setup.name());
            // twist of incidence as built aside, left is right mirrored
            assertEquals(1, -left / right, 0.05, setup.name());
        }
    }

    @Test
    void dampingOpposesEveryRollAndGrowsWithIt() {
        for (Setup setup : AIRCRAFT) {
            double still = moment(setup, 0, 0);
            double before = 0;
            for (double rate = 0.25; rate < 2; rate += 0.25) {
                double damped = moment(setup, rate, 0) - still;
                assertTrue(damped < before, setup.name() + " at " + rate);
                before = damped;
            }
        }
    }

    @Test
    void liftAndPitchDoNotKnowOfIt() {
        // a loading that is alike on both sides sheds no more vortices than the lift slope counts
        Setup setup = DemoAircraft.seeschwalbe();
        StripModel strips = new StripModel(setup);
        double[] level = deflected(setup, 0);
        strips.compute(V, 0, 0.05 * V, 0, 0, 0, RHO, level);
        double lift = -strips.forceZ();
        double pitch = strips.momentY();
        strips.compute(V, 0, 0.05 * V, 0.4, 0, 0, RHO, level);
        assertEquals(lift, -strips.forceZ(), 0.01 * lift);
        assertEquals(pitch, strips.momentY(), 0.02 * lift * setup.planform().meanChord());
        assertTrue(ControlPower.fullDeflection(setup, Axis.ROLL) > 0.1);
    }

    /**
     * A wing turns itself only where more angle means less lift: past its greatest lift and before that of the plate grows again
     * (H. Glauert, Aeronautical Research Committee R. &amp; M. 595, 1919).
     */
    @Test
    void autorotationBeginsPastTheGreatestLift() {
        for (Setup setup : AIRCRAFT) {
            StripModel strips = new StripModel(setup);
            double[] still = new double[setup.controls().outputs().size()];
            double greatest = 0;
            double lift = 0;
            double first = Double.NaN;
            double last = 0;
            for (double alpha = 0.05; alpha < 0.6; alpha += 0.005) {
                strips.compute(V * Math.cos(alpha), 0, V * Math.sin(alpha), 0, 0, 0, RHO, still);
                double now = -strips.forceZ() * Math.cos(alpha) + strips.forceX() * Math.sin(alpha);
                if (alpha < 0.3 && now > lift) {
                    lift = now;
                    greatest = alpha;
                }
                if (aboutThePath(strips, setup, alpha, 1) - aboutThePath(strips, setup, alpha, -1) > 0) {
                    first = Double.isNaN(first) ? alpha : first;
                    last = alpha;
                }
            }
            String where =
                    setup.name() + ": greatest lift at " + greatest + ", turns itself from " + first + " to " + last;
            assertTrue(first >= greatest && first < greatest + Math.toRadians(6), where);
            assertTrue(last < Math.toRadians(27), where);
        }
    }

    /** Moment about the flight path of a slow roll about it to one side, p·b/2V of 0.05. */
    private static double aboutThePath(StripModel strips, Setup setup, double alpha, int side) {
        double rate = side * 0.05 * 2 * V / setup.planform().span();
        double cos = Math.cos(alpha);
        double sin = Math.sin(alpha);
        strips.compute(
                V * cos,
                0,
                V * sin,
                rate * cos,
                0,
                rate * sin,
                RHO,
                new double[setup.controls().outputs().size()]);
        return strips.momentX() * cos + strips.momentZ() * sin;
    }
}
