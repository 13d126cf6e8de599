package app.drachen.core.modes;

import static app.drachen.core.modes.FlightMode.CIRCLE;
import static app.drachen.core.modes.FlightMode.HOLD;
import static app.drachen.core.modes.FlightMode.HOME;
import static app.drachen.core.modes.FlightMode.LEVEL;
import static app.drachen.core.modes.FlightMode.MANUAL;
import static app.drachen.core.modes.FlightMode.RATE;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TwoSwitchesTest {
    private static final List<FlightMode> SIX = List.of(MANUAL, RATE, LEVEL, HOLD, CIRCLE, HOME);

    private static List<PulseBand> bands(double... edges) {
        List<PulseBand> bands = new ArrayList<>();
        for (int i = 0; i < SIX.size(); i++) {
            bands.add(new PulseBand(edges[i], edges[i + 1], SIX.get(i)));
        }
        return bands;
    }

    /** A three-way switch with a two-way one added: one mode for each of six combinations. */
    private static Selector six(double... edges) {
        List<FlightMode> wanted = List.of(MANUAL, LEVEL, CIRCLE, RATE, HOLD, HOME);
        return new Selector(
                SelectorKind.THREE,
                0.4,
                0,
                5.12,
                bands(edges),
                wanted,
                Optional.of(new SecondSwitch("left shoulder", SelectorKind.TWO, 0.2, 0)));
    }

    /** The greatest margin by linear programming over real weights and offset, one band for each combination [µs]. */
    private static double byLinearProgramming(Selector s, double direction) {
        List<LinearConstraint> limits = new ArrayList<>();
        List<Combination> all = s.combinations();
        double unit = 100 * s.microsPerPercent();
        for (int i = 0; i < all.size(); i++) {
            FlightMode mode = s.wanted().get(i);
            PulseBand band =
                    s.bands().stream().filter(b -> b.mode() == mode).findFirst().orElseThrow();
            double[] up = {unit * all.get(i).place(), unit * all.get(i).secondPlace(), unit, 1};
            double[] down = {up[0], up[1], up[2], -1};
            limits.add(new LinearConstraint(up, Relationship.LEQ, band.highMicros() - 1500));
            limits.add(new LinearConstraint(down, Relationship.GEQ, band.lowMicros() - 1500));
        }
        for (int k = 0; k < 3; k++) {
            double[] one = new double[4];
            one[k] = 1;
            limits.add(new LinearConstraint(one, Relationship.LEQ, 1.25));
            limits.add(new LinearConstraint(one, Relationship.GEQ, -1.25));
        }
        return new SimplexSolver()
                .optimize(
                        new LinearObjectiveFunction(new double[] {0, 0, 0, 1}, direction),
                        new LinearConstraintSet(limits),
                        GoalType.MAXIMIZE,
                        new NonNegativeConstraint(false))
                .getValue();
    }

    /** Whole percents leave at most one step of each of the three behind what real numbers could do. */
    @ParameterizedTest
    @CsvSource({
        "800, 1100, 1300, 1500, 1700, 1900, 2200",
        "900, 1150, 1290, 1480, 1690, 1930, 2100",
        "850, 1000, 1250, 1400, 1800, 1900, 2150"
    })
    void theWidestMarginIsThatOfLinearProgramming(
            double a, double b, double c, double d, double e, double f, double g) {
        Selector selector = six(a, b, c, d, e, f, g);
        Selector solved = selector.solved().orElseThrow();
        assertTrue(solved.givesWhatIsWanted());
        double best = byLinearProgramming(selector, 0);
        assertTrue(solved.leastMargin() <= best + 1e-6, solved.leastMargin() + " of " + best);
        assertTrue(solved.leastMargin() >= best - 3 * 5.12, solved.leastMargin() + " of " + best);
    }

    /** MODES-A2 of the catalogue: three-way and two-way on even edges: weight 39 %, the second ±19 or 20 %, margin 98 µs. */
    @Test
    void theCataloguesExample() {
        List<FlightMode> modes = SIX;
        Selector s = new Selector(
                        SelectorKind.THREE,
                        0.4,
                        0,
                        5.12,
                        bands(800, 1100, 1300, 1500, 1700, 1900, 2200),
                        List.of(modes.get(0), modes.get(1), modes.get(2), modes.get(3), modes.get(4), modes.get(5)),
                        Optional.of(new SecondSwitch("s", SelectorKind.TWO, 0.6, 0)))
                .solved()
                .orElseThrow();
        assertEquals(0.39, s.weight(), 0.011);
        assertEquals(0.59, s.second().orElseThrow().weight(), 0.011);
        assertEquals(98, s.leastMargin(), 1);
    }

    /** One switch too: whole percents against linear programming. */
    @Test
    void oneSwitchAgainstLinearProgramming() {
        Selector one = new Selector(SelectorKind.SIX, 1, 0, 5.12, bands(850, 1080, 1310, 1490, 1720, 1900, 2150), SIX);
        double best = byLinearProgramming(one, 0);
        double found = one.solved().orElseThrow().leastMargin();
        assertTrue(found <= best + 1e-6 && found >= best - 2 * 5.12, found + " of " + best);
    }

    /** Logic of two: in its last position the second switch sends Home, whatever the first does. */
    @Test
    void aSwitchThatTakesTheChannel() {
        List<FlightMode> wanted = List.of(MANUAL, LEVEL, CIRCLE, HOME);
        Selector s = new Selector(
                        SelectorKind.THREE,
                        0.1,
                        0,
                        5.12,
                        bands(800, 1100, 1300, 1500, 1700, 1900, 2200),
                        wanted,
                        Optional.of(new SecondSwitch("panic", SelectorKind.TWO, 0, 2)))
                .solved()
                .orElseThrow();
        assertTrue(s.givesWhatIsWanted());
        assertEquals("second switch at 2", s.combinations().get(3).words());
        BlindReach reach = new BlindReach(s);
        assertEquals(OptionalInt.of(1), reach.worst(HOME));
        assertEquals(OptionalInt.of(2), reach.worst(MANUAL), "with the panic switch on it takes two");
        assertEquals(OptionalInt.of(1), reach.moves(3, MANUAL));
        assertEquals(OptionalInt.empty(), reach.worst(LEVEL), "a middle position is not found blind");
    }

    @Test
    void blindReachOfOneSwitch() {
        Selector one =
                new Selector(SelectorKind.SIX, 0.98, 0, 5.12, bands(800, 1100, 1300, 1500, 1700, 1900, 2200), SIX);
        BlindReach reach = new BlindReach(one);
        assertEquals(OptionalInt.of(1), reach.worst(MANUAL));
        assertEquals(OptionalInt.of(1), reach.worst(HOME));
        assertEquals(OptionalInt.of(0), reach.moves(6, HOME));
        assertEquals(OptionalInt.empty(), reach.worst(HOLD));
    }

    @Test
    void tooManyOrTooFewModesAreRefused() {
        assertThrows(
                IllegalArgumentException.class,
                () -> new Selector(
                        SelectorKind.THREE,
                        0.4,
                        0,
                        5.12,
                        bands(800, 1100, 1300, 1500, 1700, 1900, 2200),
                        List.of(MANUAL, LEVEL, HOME),
                        Optional.of(new SecondSwitch("s", SelectorKind.TWO, 0.6, 0))));
    }

    /** The loss table: what cannot be done is refused, an open cell is counted, filled twice is one. */
    @Test
    void theLossTable() {
        assertEquals(42, LossPlan.NONE.open().size());
        assertEquals(0, LossPlan.usual().open().size());
        LossPlan one = LossPlan.NONE
                .with(Loss.LINK, Loss.Phase.AWAY, Loss.Action.HOME)
                .with(Loss.LINK, Loss.Phase.AWAY, Loss.Action.WAIT);
        assertEquals(1, one.cells().size());
        assertEquals(Loss.Action.WAIT, one.action(Loss.LINK, Loss.Phase.AWAY));
        assertEquals(LossPlan.NONE, one.with(Loss.LINK, Loss.Phase.AWAY, Loss.Action.OPEN));
        assertThrows(
                IllegalArgumentException.class,
                () -> LossPlan.NONE.with(Loss.POSITION, Loss.Phase.AWAY, Loss.Action.HOME));
        assertThrows(
                IllegalArgumentException.class,
                () -> LossPlan.NONE.with(Loss.LINK, Loss.Phase.DISARMED, Loss.Action.HOME),
                "in somebody's hands nothing may drive a motor");
    }
}
