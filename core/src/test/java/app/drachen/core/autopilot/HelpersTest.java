package app.drachen.core.autopilot;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.LossPlan;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Gains.AxisGains;
import app.drachen.core.setup.Setup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Autotune, auto-trim, launch help and losses, each alone. */
class HelpersTest {
    private static final Setup SETUP = DemoAircraft.seeschwalbe();
    private static final Limits LIMITS = SETUP.modes().limits();

    private static Sensed seen(double roll, double height, double speed) {
        Aircraft a = new Aircraft(SETUP);
        a.place(0, 0, height, roll, 0, 0, speed);
        a.accelerations(0, 0, 0, 1.2);
        Sensed sensed = Sensed.exact(BoardMount.FORWARD);
        sensed.read(a, 0.01);
        return sensed;
    }

    private static Gains gains(double share) {
        Gains g = SETUP.gains();
        return new Gains(
                slowed(g.roll(), share),
                slowed(g.pitch(), share),
                g.yawRate(),
                g.heightGain(),
                g.climbGain(),
                g.speedGain(),
                g.lookAhead());
    }

    private static AxisGains slowed(AxisGains a, double share) {
        return new AxisGains(a.angle(), share * a.rate(), share * a.integral(), share * a.forward());
    }

    /** Runs Autotune on an axis that answers as K/(Ts + 1); the stick is reversed every 1.2 s or not at all. */
    private static Autotune tuned(Loops loops, double k, double seconds, boolean reversing) {
        Autotune tune = new Autotune();
        double rate = 0;
        for (int i = 0; i < seconds / 0.01; i++) {
            double side = !reversing || i / 120 % 2 == 0 ? 1 : -1;
            loops.direct(0.2 * side, 0, 0);
            rate += 0.01 / 0.07 * (k * loops.rollCommand - rate);
            tune.update(0.01, new Sticks(side, 0, 0, 0.5), loops, rate, 0, 1);
        }
        return tune;
    }

    @Test
    void autotuneWalksByAQuarterAtMostTowardsTheAnswerFound() {
        Loops loops = new Loops(LIMITS, gains(0.25));
        double before = loops.roll().forward();
        Autotune tune = tuned(loops, 4, 60, true);
        assertEquals(11, tune.changes().size(), 1, "every 5 s");
        for (Autotune.Change change : tune.changes()) {
            double ratio = change.after().forward() / change.before().forward();
            assertTrue(ratio <= 1.25 + 1e-12 && ratio >= 0.8 - 1e-12, "step " + ratio);
            assertEquals("roll", change.axis(), "pitch was not reversed");
        }
        // four fifths of 1/K
        assertEquals(0.2, loops.roll().forward(), 0.01);
        assertTrue(loops.roll().forward() > before);
        assertEquals(gains(0.25).pitch(), loops.pitch());
        assertEquals(gains(0.25).roll().angle(), loops.roll().angle(), 1e-12, "the angle gain is not its business");
        assertFalse(tune.converged(), "pitch is not done");
        assertEquals(49, tune.reversals(), 1);
    }

    @Test
    void withoutReversalsNothingIsTuned() {
        Loops loops = new Loops(LIMITS, gains(0.25));
        Autotune tune = tuned(loops, 4, 60, false);
        assertTrue(tune.changes().isEmpty());
        assertEquals(gains(0.25).roll(), loops.roll());
    }

    @Test
    void autoTrimTakesAStandingCommandIntoTheCentresOnlyWhenStraight() {
        AutoTrim trim = new AutoTrim();
        Loops loops = new Loops(LIMITS, SETUP.gains());
        Sensed straight = seen(0, 50, 14);
        assertSame(SETUP.controls(), trim.into(SETUP.controls()), "nothing learned, nothing changed");
        // the loops give back what the centres have taken over
        for (int i = 0; i < 6_000; i++) {
            loops.direct(0.08 - trim.roll, -0.05 - trim.pitch, 0.1 - trim.yaw);
            trim.update(0.01, loops, straight);
        }
        assertEquals(0.08, trim.roll, 0.001);
        assertEquals(-0.05, trim.pitch, 0.001);
        assertEquals(0.1, trim.yaw, 0.001);
        for (Surface surface : new Surface[] {Surface.LEFT_AILERON, Surface.ELEVATOR, Surface.RUDDER}) {
            Output was = SETUP.controls().output(surface).orElseThrow();
            Output now = trim.into(SETUP.controls()).output(surface).orElseThrow();
            double expected = was.unlimitedPulse(was.mix().mix(0.08, -0.05, 0.1, 0));
            assertEquals(expected, now.centreMicros(), 0.6, surface.label());
        }
        AutoTrim banked = new AutoTrim();
        Sensed turning = seen(0.3, 50, 14);
        for (int i = 0; i < 3_000; i++) {
            loops.direct(0.2, 0, 0);
            banked.update(0.01, loops, turning);
        }
        assertEquals(0, banked.roll, 0.02, "a turn teaches nothing but before its bank is noticed");
    }

    @Test
    void theLaunchHelpWaitsForTheThrowAndForTheHand() {
        LaunchHelp help = new LaunchHelp(LIMITS);
        Sensed inHand = seen(0, 1.8, 0.5);
        Sensed thrown = seen(0, 1.8, 8);
        assertFalse(help.flies(0.01, thrown), "not armed");
        help.arm();
        assertFalse(help.flies(0.01, inHand), "not thrown");
        assertTrue(help.flies(0.01, thrown));
        assertEquals(0, help.power(), 0, "the hand is still there");
        for (int i = 0; i < 30; i++) {
            help.flies(0.01, thrown);
        }
        assertEquals(1, help.power(), 0);
        double slow = help.pitch(seen(0, 3, 7));
        double fast = help.pitch(seen(0, 3, 14));
        assertTrue(slow < fast && slow > 0, slow + ", " + fast);
        assertTrue(help.flies(0.01, seen(0, 10, 14)));
        assertFalse(help.flies(0.01, seen(0, 17.5, 14)), "15 m above the hand it is done");
        assertFalse(help.flies(0.01, thrown), "and does not begin again");
    }

    @ParameterizedTest
    @EnumSource(FlightMode.class)
    void lossesChooseAWayForEveryMode(FlightMode mode) {
        Losses losses = new Losses(LossPlan.NONE);
        Sensed known = seen(0, 50, 14);
        losses.link(1, true, mode, known);
        assertSame(mode, losses.mode(mode));
        assertSame(Losses.Way.AS_WANTED, losses.way(mode, known));
        losses.link(1.6, false, mode, known);
        assertSame(FlightMode.HOME, losses.mode(mode), "without link it flies Home, whatever was wanted");
        losses.link(1, true, mode, known);
        assertTrue(losses.linkLost(), "not trusted at once");
        losses.link(1.1, true, mode, known);
        assertFalse(losses.linkLost());
    }

    /** Each cell of the plan is what is flown, in the phase in which the link went, and stays so when the phase has passed. */
    @Test
    void whatThePlanSaysIsFlownInItsPhase() {
        LossPlan plan = LossPlan.usual()
                .with(Loss.LINK, Loss.Phase.LAUNCH, Loss.Action.GLIDE)
                .with(Loss.LINK, Loss.Phase.AWAY, Loss.Action.WAIT)
                .with(Loss.LINK, Loss.Phase.HOME, Loss.Action.GO_ON)
                .with(Loss.LINK, Loss.Phase.LANDING, Loss.Action.POWER_OFF)
                .with(Loss.LINK, Loss.Phase.CLIMB, Loss.Action.LAND);
        assertSame(Losses.Way.GLIDE, lost(plan, 1, 8, 0, FlightMode.MANUAL), "just thrown");
        assertSame(Losses.Way.WAIT, lost(plan, 60, 80, 0, FlightMode.LEVEL), "away");
        assertSame(Losses.Way.AS_WANTED, lost(plan, 60, 80, 0, FlightMode.HOME), "on its way home it goes on");
        assertSame(Losses.Way.POWER_OFF, lost(plan, 60, 8, -1, FlightMode.MANUAL), "landing");
        assertSame(Losses.Way.LAND, lost(plan, 60, 25, 2, FlightMode.MANUAL), "climbing");
        Losses losses = new Losses(plan);
        losses.link(60, true, FlightMode.LEVEL, seen(0, 80, 14));
        losses.link(1.6, false, FlightMode.LEVEL, seen(0, 80, 14));
        losses.link(30, false, FlightMode.LEVEL, seen(0, 8, 14));
        assertSame(Losses.Way.WAIT, losses.way(FlightMode.LEVEL, seen(0, 8, 14)), "what was begun is kept");
        assertSame(FlightMode.LEVEL, losses.mode(FlightMode.LEVEL));
    }

    private static Losses.Way lost(LossPlan plan, double flown, double height, double climb, FlightMode mode) {
        Losses losses = new Losses(plan);
        Aircraft a = new Aircraft(SETUP);
        a.place(0, 0, height, 0, Math.asin(climb / 14), 0, 14);
        a.accelerations(0, 0, 0, 1.2);
        Sensed seen = Sensed.exact(BoardMount.FORWARD);
        seen.read(a, 0.01);
        losses.link(flown, true, mode, seen);
        losses.link(1.6, false, mode, seen);
        return losses.way(losses.mode(mode), seen);
    }
}
