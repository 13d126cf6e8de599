package app.drachen.core.modes;

import static app.drachen.core.modes.FlightMode.CIRCLE;
import static app.drachen.core.modes.FlightMode.HOLD;
import static app.drachen.core.modes.FlightMode.HOME;
import static app.drachen.core.modes.FlightMode.LEVEL;
import static app.drachen.core.modes.FlightMode.MANUAL;
import static app.drachen.core.modes.FlightMode.RATE;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoField;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class ModesTest {
    private static final List<FlightMode> SIX = List.of(MANUAL, RATE, LEVEL, HOLD, CIRCLE, HOME);

    private static List<PulseBand> bands(List<FlightMode> modes, double... edges) {
        List<PulseBand> bands = new ArrayList<>();
        for (int i = 0; i < modes.size(); i++) {
            bands.add(
                    new PulseBand(i == 0 ? 800 : edges[i - 1], i == modes.size() - 1 ? 2200 : edges[i], modes.get(i)));
        }
        return bands;
    }

    private static Selector six(double weight) {
        return new Selector(SelectorKind.SIX, weight, 0, 5.12, bands(SIX, 1100, 1300, 1500, 1700, 1900), SIX);
    }

    @Test
    void turnAsInTheTextbook() {
        // Anderson: 15 m/s at 45°: R = V²/(g·tan φ) = 22.9 m, n 1.414, stall × 1.189
        Turn turn = new Turn(15, Math.toRadians(45));
        assertEquals(22.94, turn.radius(), 0.01);
        assertEquals(1.4142, turn.loadFactor(), 0.0001);
        assertEquals(1.1892, turn.stallWorking(1).value(), 0.0001);
        // MODES-A4: 14 m/s at 35°: 28.5 m, 28.1 °/s
        Turn example = new Turn(14, Math.toRadians(35));
        assertEquals(28.5, example.radius(), 0.05);
        assertEquals(28.1, Math.toDegrees(example.rate()), 0.05);
        // MODES-A5: wind 6: 58 m, calm as the radius
        assertEquals(58.2, example.leastCircle(6), 0.1);
        assertEquals(example.radius(), example.leastCircle(0), 1e-12);
    }

    @Test
    void pulsesOfSixPositionsAsWorkedByHand() {
        // MODES-A1: weight 98 %, k 5.12: 998, 1199, 1400, 1600, 1801, 2002 µs
        double[] wanted = {998, 1199, 1400, 1600, 1801, 2002};
        List<Selector.Place> table = six(0.98).table();
        for (int i = 0; i < 6; i++) {
            assertEquals(wanted[i], table.get(i).pulseMicros(), 0.5);
            assertEquals(Optional.of(SIX.get(i)), table.get(i).mode());
        }
    }

    @Test
    void theWidestMarginIsFound() {
        // MODES-A2: edges 1100/1300/1500/1700/1900: weight 98 %, margin 99 µs
        Selector solved = six(0.3).solved().orElseThrow();
        assertEquals(0.98, solved.weight(), 1e-9);
        assertEquals(0, solved.offset(), 1e-9);
        assertEquals(99, solved.leastMargin(), 0.6);
    }

    @Property(tries = 25, seed = "99")
    void noOtherWholePercentIsBetter(@ForAll @IntRange(min = -60, max = 60) int shift) {
        List<FlightMode> three = List.of(MANUAL, LEVEL, HOME);
        Selector selector =
                new Selector(SelectorKind.THREE, 1, 0, 5, bands(three, 1333 + shift, 1667 + shift / 2.0), three);
        Selector solved = selector.solved().orElseThrow();
        assertTrue(solved.givesWhatIsWanted());
        for (int weight = -125; weight <= 125; weight += 5) {
            for (int offset = -125; offset <= 125; offset += 5) {
                Selector other = selector.withTravel(weight / 100.0, offset / 100.0);
                assertTrue(!other.givesWhatIsWanted() || other.leastMargin() <= solved.leastMargin() + 1e-9);
            }
        }
    }

    @Test
    void gapsAndOverlapsGiveNoMode() {
        List<FlightMode> two = List.of(MANUAL, HOME);
        Selector gap = new Selector(
                SelectorKind.TWO,
                1,
                0,
                5,
                List.of(new PulseBand(1100, 1400, MANUAL), new PulseBand(1900, 2100, HOME)),
                two);
        assertEquals(Optional.empty(), gap.table().get(0).mode());
        assertTrue(Double.isNaN(gap.leastMargin()));
        Selector overlap = gap.withBands(List.of(
                new PulseBand(900, 1400, MANUAL), new PulseBand(950, 1200, LEVEL), new PulseBand(1900, 2100, HOME)));
        assertEquals(Optional.empty(), overlap.table().get(0).mode());
        assertFalse(overlap.givesWhatIsWanted());
        assertThrows(IllegalArgumentException.class, () -> new Selector(SelectorKind.TWO, 1, 0, 5, List.of(), SIX));
    }

    @Test
    void endStopsAreTheFirstAndLastPosition() {
        assertTrue(six(0.98).atEndStop(MANUAL));
        assertTrue(six(0.98).atEndStop(HOME));
        assertFalse(six(0.98).atEndStop(HOLD));
        for (SelectorKind kind : SelectorKind.values()) {
            List<FlightMode> modes = SIX.subList(0, kind.places().size());
            assertTrue(six(1).withKind(kind, modes).givesWhatIsWanted(), kind.label());
        }
    }

    @Test
    void theWayHomeOverAnObstacle() {
        // by hand: from 1000 m at 40 m, climbing 2.2 m/s at 15 m/s to 60 m takes 136 m
        HomeProfile onTheWay = new HomeProfile(60, 40, false);
        List<HomeProfile.Corner> way = onTheWay.wayHome(1000, 40, 2.2, 15);
        assertEquals(1000 - 20 / 2.2 * 15, way.get(1).distance(), 1e-9);
        assertEquals(60, HomeProfile.heightAt(way, 500), 1e-9);
        assertEquals(50, HomeProfile.heightAt(way, 1000 - 10 / 2.2 * 15), 1e-9);
        HomeProfile.Passing passing =
                HomeProfile.closest(way, DemoField.deichwiese()).orElseThrow();
        assertEquals("light mast", passing.obstacle().name());
        assertEquals(14, passing.room(), 1e-9);
        List<HomeProfile.Corner> first = onTheWay.withClimbFirst(true).wayHome(1000, 40, 2.2, 15);
        assertEquals(new HomeProfile.Corner(1000, 60), first.get(1));
        // an obstacle beyond the start is not on the way
        assertTrue(HomeProfile.closest(onTheWay.wayHome(200, 40, 2.2, 15), DemoField.deichwiese())
                .isEmpty());
    }

    @Test
    void bandsAreWrittenAndReadAndMistakesNamed() {
        List<PulseBand> gaps = List.of(
                new PulseBand(900, 1400, MANUAL),
                new PulseBand(1500, 1700.5, LEVEL),
                new PulseBand(1700.5, 2100, HOME));
        assertEquals("900 Manual 1400 - 1500 Level 1700.5 Home 2100", BandText.write(gaps));
        assertEquals(gaps, BandText.read(BandText.write(gaps)));
        assertEquals(six(1).bands(), BandText.read(BandText.write(six(1).bands())));
        for (String wrong : List.of("", "900 Manual", "900 Loop 1400", "900 Manual 800", "x Manual 1400")) {
            String told = assertThrows(IllegalArgumentException.class, () -> BandText.read(wrong))
                    .getMessage();
            assertTrue(told.endsWith("."), told);
        }
    }

    /** Beyond the outermost edges there is no mode: they count, and an edge between two bands of one mode does not. */
    @Test
    void theOutermostEdgesCountAndAnEdgeWithinOneModeDoesNot() {
        List<PulseBand> bands = List.of(
                new PulseBand(1_000, 1_300, FlightMode.MANUAL),
                new PulseBand(1_300, 1_500, FlightMode.LEVEL),
                new PulseBand(1_500, 1_700, FlightMode.LEVEL),
                new PulseBand(1_700, 2_000, FlightMode.HOME));
        Selector near = new Selector(
                SelectorKind.THREE,
                0.97,
                0,
                5.12,
                bands,
                List.of(FlightMode.MANUAL, FlightMode.LEVEL, FlightMode.HOME));
        // by hand: 1500 - 5.12 * 97 = 1003.36, 3.36 above the lowest edge; the middle is 200 from 1300 and 1700
        assertEquals(3.36, near.table().get(0).marginMicros(), 0.01);
        assertEquals(200, near.table().get(1).marginMicros(), 0.01);
        assertEquals(3.36, near.leastMargin(), 0.01);
        // by hand: 1150 and 1850 lie midway, 150 from both edges, which is 68.4 %; of whole percents 68 or 69
        Selector best = near.solved().orElseThrow();
        assertEquals(0.685, best.weight(), 0.01);
        assertEquals(148, best.leastMargin(), 1);
    }
}
