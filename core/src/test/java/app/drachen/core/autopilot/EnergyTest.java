package app.drachen.core.autopilot;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.Limits;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Height by pitch and speed by power: which way each demand goes, and where its limits are. */
class EnergyTest {
    private static final Setup SETUP = DemoAircraft.seeschwalbe();
    private static final Limits LIMITS = SETUP.modes().limits();
    private static final Gains GAINS = SETUP.gains();
    private static final double CRUISE_POWER = 0.5;

    private static Sensed at(double height, double speed, double roll, double climb) {
        Aircraft a = new Aircraft(SETUP);
        a.place(0, 0, height, roll, 0, 0, speed);
        a.move(speed, 0, -climb, 0, 0, 0);
        a.accelerations(0, 0, 0, 1.2);
        Sensed sensed = Sensed.exact(BoardMount.FORWARD);
        sensed.read(a, 0.01);
        return sensed;
    }

    private static Energy once(Sensed sensed, double height, double speed) {
        Energy energy = new Energy(LIMITS, GAINS, CRUISE_POWER);
        energy.start(sensed);
        energy.update(0.01, height, speed, sensed);
        return energy;
    }

    @Test
    void whereItShouldBeItAsksForNothing() {
        Energy energy = once(at(100, 14, 0, 0), 100, 14);
        assertEquals(0, energy.pitch, 1e-3);
        assertEquals(CRUISE_POWER, energy.power, 1e-3);
    }

    // below: nose up and power at once; above: nose down and power off; slow: power alone, and nose only beyond 1.5 m/s
    @ParameterizedTest
    @CsvSource({"95, 14, 1, 1", "105, 14, -1, -1", "100, 13, 0, 1", "100, 15, 0, -1", "100, 11, -1, 1"})
    void eachDemandGoesItsWay(double height, double speed, int nose, int power) {
        Energy energy = once(at(height, speed, 0, 0), 100, 14);
        assertEquals(
                nose, Math.abs(energy.pitch) < 0.004 ? 0 : (int) Math.signum(energy.pitch), "pitch " + energy.pitch);
        assertEquals(power, (int) Math.signum(Math.rint(100 * (energy.power - CRUISE_POWER))), "power " + energy.power);
    }

    @Test
    void aFarHeightAsksForTheSetClimbAndNoMore() {
        Sensed below = at(20, 14, 0, 0);
        Energy far = once(below, 1_000, 14);
        Energy nearer = once(below, 20 + LIMITS.climbRate() / GAINS.heightGain(), 14);
        assertEquals(nearer.pitch, far.pitch, 1e-9);
        assertEquals(nearer.power, far.power, 1e-9);
        // wanted climb over speed, and the climb error's own part
        double expected = LIMITS.climbRate() / 14 + GAINS.climbGain() * LIMITS.climbRate();
        assertEquals(expected, far.pitch, 0.003);
    }

    @Test
    void aBankAsksForPowerAndLimitsHold() {
        assertTrue(once(at(100, 14, 0.6, 0), 100, 14).power > once(at(100, 14, 0, 0), 100, 14).power + 0.03);
        Energy low = once(at(0, 30, 0, 0), 1_000, 5);
        assertTrue(low.pitch <= LIMITS.pitchUp() && low.power >= 0);
        Energy slow = new Energy(LIMITS, GAINS, CRUISE_POWER);
        Sensed sensed = at(100, 6, 0, -3);
        slow.start(sensed);
        for (int i = 0; i < 20_000; i++) {
            slow.update(0.01, 1_000, 19, sensed);
        }
        assertEquals(1, slow.power, 1e-12, "all there is");
        assertTrue(slow.pitch <= LIMITS.pitchUp());
    }

    @Test
    void whatIsMissingForLongIsTrimmedInAndForgottenAtTheStart() {
        Energy energy = new Energy(LIMITS, GAINS, CRUISE_POWER);
        Sensed slow = at(100, 13.5, 0, 0);
        energy.start(slow);
        energy.update(0.01, 100, 14, slow);
        double first = energy.power;
        for (int i = 0; i < 500; i++) {
            energy.update(0.01, 100, 14, slow);
        }
        // the trim grows by 0.2·K·Δ each second
        assertEquals(first + 0.2 * GAINS.speedGain() * 0.5 * 5, energy.power, 0.002);
        energy.start(slow);
        energy.update(0.01, 100, 14, slow);
        assertEquals(first, energy.power, 1e-9);
    }

    @Test
    void aGlideKeepsItsSpeedByTheNoseAlone() {
        Energy energy = new Energy(LIMITS, GAINS, CRUISE_POWER);
        Sensed slow = at(100, 11, 0, -1);
        energy.start(slow);
        energy.glide(0.01, 14, slow);
        assertEquals(0, energy.power, 0);
        assertTrue(energy.pitch < -0.05, "slow: nose down, " + energy.pitch);
        energy.glide(0.01, 14, at(100, 18, 0, -1));
        assertTrue(energy.pitch > 0.05, "fast: nose up, " + energy.pitch);
        assertEquals(0, energy.power, 0);
    }
}
