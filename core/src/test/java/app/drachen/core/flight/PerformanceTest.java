package app.drachen.core.flight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.PlausibleAircraft;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.debrief.PerformanceSeen;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.flight.Performance.Band;
import app.drachen.core.flight.Performance.Point;
import app.drachen.core.log.LogColumn;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What an aircraft can do, against closed forms and against flights of the model. */
class PerformanceTest {
    private static final double RHO = 1.2;

    private static void ordered(Band band) {
        assertTrue(band.low() <= band.value() && band.value() <= band.high(), band.toString());
    }

    @Test
    void bandsHoldTheirValueForAnyAircraft() {
        int able = 0;
        for (int seed = 0; seed < 10; seed++) {
            Performance performance = Performance.of(PlausibleAircraft.of(seed), RHO);
            for (Point point : performance.points()) {
                assertTrue(point.speed() > performance.stall().value());
                ordered(point.sink());
                point.climb().ifPresent(PerformanceTest::ordered);
                point.current().ifPresent(PerformanceTest::ordered);
                point.radius().ifPresent(PerformanceTest::ordered);
            }
            able += performance.points().isEmpty() ? 0 : 1;
        }
        assertTrue(able >= 8, able + " of 10 fly level at some speed");
    }

    /** Far from the stall the tightest turn is that of the bank limit, R = V²/(g·tan φ). */
    @Test
    void theTurnIsThatOfTheBankLimit() {
        Setup setup = DemoAircraft.seeschwalbe();
        List<Point> points = Performance.of(setup, RHO).points();
        Point fast = points.get(points.size() - 1);
        double radius = fast.speed()
                * fast.speed()
                / (9.80665 * Math.tan(setup.modes().limits().bank()));
        assertEquals(radius, fast.radius().orElseThrow().value(), 1e-9);
    }

    /** The climb over the sink is one balance: what full power adds to the glide without the standing blades is V·T/W. */
    @Test
    void aGliderHasNeitherClimbNorCurrent() {
        Setup setup = DemoAircraft.seeschwalbe();
        Setup glider = setup.withPropulsion(setup.propulsion().withDrives(List.of()));
        Performance performance = Performance.of(glider, RHO);
        for (Point point : performance.points()) {
            assertEquals(Optional.empty(), point.climb());
            assertEquals(Optional.empty(), point.current());
        }
        for (Working working : Performance.of(setup, RHO).workings(setup)) {
            assertTrue(working.spread().orElseThrow().low() <= working.value(), working.name());
        }
    }

    /** A second way to the same numbers: rehearsals show steady windows, most of them inside the bands and the gusts. */
    @Test
    void flightsOfTheModelShowWhatIsSaid() {
        Setup setup = DemoAircraft.seeschwalbe();
        var calm = DemoField.evening().withWind(0.1, 0, 0.1);
        Performance said = Performance.of(setup, calm.density());
        List<PerformanceSeen> seen = new ArrayList<>();
        for (String card : List.of("first-flight", "hold", "power")) {
            Rehearsal flight = new Rehearsal(
                    new RehearsalPlan(setup, CardPlans.byId(card).orElseThrow().forAircraft(setup, calm), calm, 2));
            flight.finish();
            seen.addAll(PerformanceSeen.of(flight.log()));
        }
        int inside = 0;
        int compared = 0;
        for (PerformanceSeen one : seen) {
            Point near = said.points().stream()
                    .min(Comparator.comparingDouble(p -> Math.abs(p.speed() - one.speed())))
                    .orElseThrow();
            Optional<Band> band =
                    switch (one.kind()) {
                        case SINK -> Optional.of(near.sink());
                        case CLIMB -> near.climb();
                        case CURRENT -> near.current();
                    };
            if (band.isPresent() && Math.abs(near.speed() - one.speed()) < 0.5) {
                // 0.4 m/s of height sensor and climb, and the board's own 0.25 A
                double room = 0.4;
                compared++;
                inside += one.value() > band.get().low() - room
                                && one.value() < band.get().high() + room
                        ? 1
                        : 0;
            }
        }
        assertTrue(compared >= 10, compared + " windows");
        assertTrue(inside >= 0.8 * compared, inside + " of " + compared + ": " + seen);
        assertFalse(seen.stream().allMatch(s -> s.kind() == PerformanceSeen.Kind.CURRENT), "not only level flight");
    }

    /** A column that is there and empty is not power off. */
    @Test
    void withoutPowerOrBankNothingIsSeen() {
        Setup setup = DemoAircraft.seeschwalbe();
        var calm = DemoField.evening();
        Rehearsal flight = new Rehearsal(
                new RehearsalPlan(setup, CardPlans.byId("hold").orElseThrow().forAircraft(setup, calm), calm, 2));
        flight.finish();
        assertFalse(PerformanceSeen.of(flight.log()).isEmpty());
        double[] unknown = new double[flight.log().rows()];
        Arrays.fill(unknown, Double.NaN);
        assertEquals(List.of(), PerformanceSeen.of(flight.log().with(LogColumn.POWER, unknown)));
        assertEquals(
                List.of(), PerformanceSeen.of(flight.log().with(LogColumn.ROLL, unknown)), "nobody knows its bank");
    }
}
