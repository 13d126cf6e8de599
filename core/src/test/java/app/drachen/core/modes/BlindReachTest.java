package app.drachen.core.modes;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.controls.Axis;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.modes.HomeProfile.Arrival;
import app.drachen.core.modes.HomeProfile.HeightPolicy;
import app.drachen.core.modes.SecondPath.ConsoleAxis;
import app.drachen.core.modes.SecondPath.ConsoleButton;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.modes.DelayBounds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BlindReachTest {
    private static final Selector SIX = DemoAircraft.seeschwalbe().modes().selector();

    /** Any two switches: every number of moves is what trying all sequences of pushes gives. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void movesAreThoseOfTryingEverything(long seed) {
        Random dice = new Random(seed);
        for (int round = 0; round < 25; round++) {
            SelectorKind[] kinds = SelectorKind.values();
            SelectorKind first = kinds[dice.nextInt(kinds.length)];
            SelectorKind second = kinds[dice.nextInt(2)];
            Selector s = new Selector(
                            first,
                            dice.nextDouble() * 0.8,
                            dice.nextDouble() * 0.4 - 0.2,
                            5.12,
                            SIX.bands(),
                            modes(first, dice))
                    .withSecond(Optional.of(new SecondSwitch("s", second, dice.nextDouble() * 0.5, 0)));
            BlindReach reach = new BlindReach(s);
            for (int p = 1; p <= s.wanted().size(); p++) {
                Combination from = s.combinations().get(p - 1);
                assertEquals(
                        tried(s, from.first(), from.second(), FlightMode.HOME, 3),
                        reach.moves(p, FlightMode.HOME),
                        s + " from " + p);
            }
        }
    }

    private static List<FlightMode> modes(SelectorKind kind, Random dice) {
        List<FlightMode> modes = new ArrayList<>();
        for (int i = 0; i < kind.places().size(); i++) {
            modes.add(FlightMode.values()[dice.nextInt(FlightMode.values().length)]);
        }
        return modes;
    }

    /** Depth first, over every sequence of pushes. */
    private static OptionalInt tried(Selector s, int first, int second, FlightMode mode, int left) {
        for (int i = 0; i < s.combinations().size(); i++) {
            Combination c = s.combinations().get(i);
            if (c.first() == first
                    && c.second() == second
                    && s.table().get(i).mode().equals(Optional.of(mode))) {
                return OptionalInt.of(0);
            }
        }
        if (left == 0) {
            return OptionalInt.empty();
        }
        int last = s.kind().places().size();
        int other = s.second().orElseThrow().kind().places().size();
        int best = Integer.MAX_VALUE;
        int[][] pushes = {{1, second}, {last, second}, {first, 1}, {first, other}};
        for (int[] push : pushes) {
            OptionalInt more = tried(s, push[0], push[1], mode, left - 1);
            if (more.isPresent()) {
                best = Math.min(best, more.getAsInt() + 1);
            }
        }
        // beyond two pushes nothing new is reached: each switch once
        return best == Integer.MAX_VALUE ? OptionalInt.empty() : OptionalInt.of(best);
    }

    /** No place of a solved selector lies outside its band, whatever the bands. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14})
    void noPlaceOfASolvedSelectorLiesOutsideItsBand(long seed) {
        Random dice = new Random(seed);
        double[] edges = {850, 1_060, 1_270, 1_480, 1_700, 1_920, 2_150};
        List<PulseBand> bands = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            bands.add(new PulseBand(
                    edges[i] + (i == 0 ? 0 : dice.nextInt(20)),
                    edges[i + 1],
                    List.of(
                                    FlightMode.MANUAL,
                                    FlightMode.RATE,
                                    FlightMode.LEVEL,
                                    FlightMode.HOLD,
                                    FlightMode.CIRCLE,
                                    FlightMode.HOME)
                            .get(i)));
        }
        Selector two = new Selector(
                SelectorKind.THREE,
                0.4,
                0,
                5.12,
                bands,
                bands.stream().map(PulseBand::mode).toList(),
                Optional.of(new SecondSwitch("s", SelectorKind.TWO, 0.6, 0)));
        Selector solved = two.solved().orElseThrow();
        for (Selector.Place place : solved.table()) {
            PulseBand band = bands.get(place.position() - 1);
            assertTrue(band.holds(place.pulseMicros()), place.toString());
            assertTrue(place.marginMicros() >= solved.leastMargin() - 1e-9);
        }
    }

    /** Worked by hand: where Home flies, from where it begins. */
    @ParameterizedTest
    @CsvSource({
        "FIXED, 120, 80",
        "FIXED, 40, 80",
        "AT_LEAST, 120, 120",
        "AT_LEAST, 40, 80",
        "HOLD, 120, 120",
        "HOLD, 40, 40"
    })
    void theHeightOfHome(HeightPolicy policy, double from, double flown) {
        HomeProfile home = new HomeProfile(80, 60, false).withPolicy(policy);
        assertEquals(flown, home.heightFrom(from));
        List<HomeProfile.Corner> way = home.wayHome(2_000, from, 2.5, 14);
        assertEquals(flown, HomeProfile.heightAt(way, 1), 1e-9, "long before home it is there");
        assertEquals(from, way.get(0).height());
    }

    @Test
    void theEndOfHomeIsDrawnDownwards() {
        HomeProfile circles = new HomeProfile(80, 60, true);
        assertEquals(80, last(circles).height());
        assertEquals(40, last(circles.withArrival(Arrival.DESCEND, 40)).height());
        assertEquals(80, last(circles.withArrival(Arrival.DESCEND, 90)).height(), "it does not climb to descend");
        assertEquals(0, last(circles.withArrival(Arrival.LAND, 40)).height());
        // what comes down at home meets no obstacle on the way
        assertEquals(
                HomeProfile.closest(circles.wayHome(900, 40, 2.5, 14), DemoField.deichwiese()),
                HomeProfile.closest(
                        circles.withArrival(Arrival.LAND, 40).wayHome(900, 40, 2.5, 14), DemoField.deichwiese()));
    }

    private static HomeProfile.Corner last(HomeProfile home) {
        List<HomeProfile.Corner> way = home.wayHome(900, 40, 2.5, 14);
        return way.get(way.size() - 1);
    }

    /** By hand: an axis that reads −0.8 to 0.6 gives the middle at −0.1, and turned round the other way. */
    @Test
    void anAxisOfTheConsole() {
        ConsoleAxis axis = new ConsoleAxis(1, Axis.ROLL, false, -0.8, 0.6);
        assertEquals(-1, axis.command(-0.8), 1e-12);
        assertEquals(0, axis.command(-0.1), 1e-12);
        assertEquals(1, axis.command(0.9), 1e-12, "beyond its end it is full");
        assertEquals(-1, new ConsoleAxis(1, Axis.ROLL, true, -0.8, 0.6).command(0.6), 1e-12);
        assertThrows(IllegalArgumentException.class, () -> new ConsoleAxis(1, Axis.ROLL, false, 0.2, 0.25));
        SecondPath usual = SecondPath.USUAL;
        assertThrows(
                IllegalArgumentException.class,
                () -> usual.with(List.of(axis, new ConsoleAxis(2, Axis.ROLL, false, -1, 1)), List.of()));
        assertThrows(
                IllegalArgumentException.class,
                () -> usual.with(
                        usual.axes(),
                        List.of(new ConsoleButton(1, FlightMode.HOME), new ConsoleButton(1, FlightMode.HOLD))));
        assertThrows(IllegalArgumentException.class, () -> usual.delayed(-1));
    }

    /** The more a mode does by itself, the more delay it allows; slower loops allow less; none allows more than usual. */
    @Test
    void theDelayThatAModeAllows() {
        Setup setup = DemoAircraft.seeschwalbe();
        double before = 0;
        for (FlightMode mode : FlightMode.values()) {
            double allowed = DelayBounds.of(mode, setup).value();
            assertTrue(allowed >= before, mode.label());
            before = allowed;
        }
        // by hand for Level: 55° over 1 rad/s is 0.96 s, less 0.2 s and 1/3 s of its attitude loop: 0.43, at most 0.4
        assertEquals(0.4, DelayBounds.of(FlightMode.LEVEL, setup).value(), 1e-9);
        var g = setup.gains();
        Setup slow = setup.withGains(new app.drachen.core.setup.Gains(
                new app.drachen.core.setup.Gains.AxisGains(
                        1.5, g.roll().rate(), g.roll().integral(), g.roll().forward()),
                g.pitch(),
                g.yawRate(),
                g.heightGain(),
                g.climbGain(),
                g.speedGain(),
                g.lookAhead()));
        assertEquals(
                Math.toRadians(55) - 0.2 - 1 / 1.5,
                DelayBounds.of(FlightMode.LEVEL, slow).value(),
                1e-9);
    }
}
