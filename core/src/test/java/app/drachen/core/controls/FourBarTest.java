package app.drachen.core.controls;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Scale;
import org.junit.jupiter.api.Test;

class FourBarTest {
    private static Linkage linkage(double arm, double horn, FourBar exact, boolean down) {
        return new Linkage(arm, horn, Math.toRadians(45), down, Optional.of(exact), Optional.empty());
    }

    /** A parallelogram turns both ends alike, however long it is: closed geometry. */
    @Test
    void aParallelogramTurnsBothEndsAlike() {
        for (double base : new double[] {0.03, 0.08, 0.4}) {
            FourBar bar = new FourBar(base, 0, 0, true);
            assertEquals(base, bar.rod(0.012, 0.012), 1e-12);
            for (double turn = -1; turn <= 1; turn += 0.1) {
                assertEquals(turn, bar.deflection(0.012, 0.012, turn), 1e-9);
            }
        }
    }

    /** With a long rod it is the formula of THROWS-A7; the error falls as the rod grows. */
    @Test
    void aLongRodIsTheSimpleFormula() {
        Linkage simple = new Linkage(0.009, 0.014, Math.toRadians(45), true);
        double before = Double.POSITIVE_INFINITY;
        for (double base : new double[] {0.05, 0.2, 0.8}) {
            double off = Math.abs(
                    linkage(0.009, 0.014, new FourBar(base, 0, 0, true), true).deflection(400)
                            - simple.deflection(400));
            assertTrue(off < before / 2, base + " m: " + off);
            before = off;
        }
        assertTrue(before < Math.toRadians(0.2));
    }

    /** Freudenstein's equation (1954) holds at every turn: a second way to the same loop, with angles from the base line. */
    @Property(tries = 500, seed = "1954")
    void freudensteinsEquationHolds(
            @ForAll @Scale(3) @DoubleRange(min = 0.005, max = 0.02) double arm,
            @ForAll @Scale(3) @DoubleRange(min = 0.008, max = 0.025) double horn,
            @ForAll @DoubleRange(min = 0.05, max = 0.3) double base,
            @ForAll @DoubleRange(min = -0.4, max = 0.4) double armLean,
            @ForAll @DoubleRange(min = -0.4, max = 0.4) double hornLean,
            @ForAll @DoubleRange(min = -0.5, max = 0.5) double turn) {
        FourBar bar = new FourBar(base, armLean, hornLean, true);
        assertEquals(0, bar.deflection(arm, horn, 0), 1e-9, "neutral is neutral");
        double rod = bar.rod(arm, horn);
        double theta = Math.PI / 2 - armLean - turn;
        double phi = Math.PI / 2 - hornLean - bar.deflection(arm, horn, turn);
        // R1 cos θ − R2 cos φ + R3 = cos(θ − φ), with R1 = d/c, R2 = d/a, R3 = (a² + c² + d² − b²)/(2ac)
        double left = base / horn * Math.cos(theta)
                - base / arm * Math.cos(phi)
                - (arm * arm + horn * horn + base * base - rod * rod) / (2 * arm * horn);
        boolean locked = Math.abs(distance(bar, arm, horn, turn) - rod) > 1e-9;
        // the signs of R1 and R2 follow from the horn's side of the base line
        double wanted = -Math.cos(theta - phi);
        assertTrue(locked || Math.abs(left - wanted) < 1e-6 * base / arm, left + " and " + wanted);
        assertEquals(locked, !reaches(bar, arm, horn, turn), "it locks only where the circles do not meet");
    }

    private static double distance(FourBar bar, double arm, double horn, double turn) {
        FourBar.Ends e = bar.ends(arm, horn, turn);
        return Math.hypot(e.armX() - e.hornX(), e.armY() - e.hornY());
    }

    private static boolean reaches(FourBar bar, double arm, double horn, double turn) {
        FourBar.Ends e = bar.ends(arm, horn, turn);
        double far = Math.hypot(e.armX() - bar.base(), e.armY());
        double rod = bar.rod(arm, horn);
        return far <= rod + horn + 1e-12 && far >= Math.abs(rod - horn) - 1e-12;
    }

    /** A leaning arm throws further one way than the other: mechanical differential. */
    @Test
    void aLeaningArmThrowsUnevenly() {
        FourBar leaning = new FourBar(0.08, 0.35, 0, true);
        double pushed = leaning.deflection(0.010, 0.014, 0.6);
        double pulled = -leaning.deflection(0.010, 0.014, -0.6);
        assertTrue(pulled > 1.2 * pushed, pulled + " against " + pushed);
        Linkage left = linkage(0.010, 0.014, leaning, true);
        Linkage turned = left.turnedRound();
        // a servo that turns the other way reaches the same places at the mirrored pulse
        assertEquals(left.deflection(300), turned.deflection(-300), 1e-12);
        assertEquals(left, turned.turnedRound());
        assertTrue(left.deflection(300) > 0 && turned.deflection(300) < 0);
        Linkage below = linkage(0.010, 0.014, leaning, false);
        assertEquals(-left.deflection(300), below.deflection(300), 1e-12, "a horn on the other side");
    }

    @Property(tries = 200, seed = "77")
    void aWantedThrowIsReachedOrRefused(
            @ForAll @DoubleRange(min = -0.7, max = 0.7) double wanted,
            @ForAll @DoubleRange(min = -0.3, max = 0.3) double lean) {
        for (boolean down : new boolean[] {true, false}) {
            Linkage l = linkage(0.010, 0.014, new FourBar(0.1, lean, 0, true), down);
            l.pulseFor(wanted)
                    .ifPresentOrElse(
                            pulse -> assertEquals(wanted, l.deflection(pulse), 1e-4),
                            () -> assertTrue(Math.abs(wanted) > Math.toRadians(28)));
        }
    }

    @Test
    void farTooMuchIsRefused() {
        assertEquals(Optional.empty(), new Linkage(0.009, 0.014, 0.8, true).pulseFor(Math.toRadians(60)));
        assertEquals(Optional.of(0.0), new Linkage(0.009, 0.014, 0.8, true).pulseFor(0));
    }
}
