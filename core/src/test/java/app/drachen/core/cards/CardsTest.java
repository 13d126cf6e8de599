package app.drachen.core.cards;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Route;
import app.drachen.core.setup.Setup;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/** Cards as a pilot reads them: order, modes, heights, where their routes lie. */
class CardsTest {
    private static final List<Setup> AIRCRAFT =
            List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe());

    @Test
    void everyCardIsThrownClimbsAndLandsAndHasItsOwnName() {
        Set<String> ids = new HashSet<>();
        Set<String> titles = new HashSet<>();
        for (CardPlan plan : CardPlans.all()) {
            assertTrue(ids.add(plan.id()) && titles.add(plan.title()), plan.id());
            assertEquals(Optional.of(plan), CardPlans.byId(plan.id()));
            for (Setup setup : AIRCRAFT) {
                Card card = plan.forAircraft(setup, DemoField.evening());
                List<CardStep> steps = card.steps();
                assertEquals(Task.LAUNCH, steps.get(0).task(), plan.id());
                assertEquals(Task.CLIMB, steps.get(1).task(), plan.id());
                assertEquals(Task.LAND, steps.get(steps.size() - 1).task(), plan.id());
                assertEquals(FlightMode.MANUAL, steps.get(steps.size() - 1).mode(), "landings are flown by hand");
                assertTrue(card.cautions().stream().anyMatch(c -> c.contains("people behind the line")), plan.id());
                assertTrue(card.cautions().stream().anyMatch(c -> c.contains("local rules")), plan.id());
                assertFalse(card.limits().isEmpty(), plan.id());
            }
        }
        assertTrue(CardPlans.byId("loop").isEmpty());
    }

    @Test
    void titlesCountUpInTheOrderInWhichModesAreProven() {
        int before = 0;
        for (CardPlan plan : CardPlans.all()) {
            int number = Integer.parseInt(plan.title().substring(1, plan.title().indexOf(' ')));
            assertTrue(number > before, plan.title());
            before = number;
        }
        // MAIDEN-S2: Manual, Level, Hold, tune, Home, Mission
        List<String> ids = CardPlans.all().stream().map(CardPlan::id).toList();
        assertTrue(ids.indexOf("first-flight") < ids.indexOf("hold"));
        assertTrue(ids.indexOf("hold") < ids.indexOf("tune"));
        assertTrue(ids.indexOf("tune") < ids.indexOf("home"));
        assertTrue(ids.indexOf("home") < ids.indexOf("mission"));
    }

    @Test
    void aLowHeightLimitLowersEveryCard() {
        Field evening = DemoField.evening();
        Field low = evening.withStrip(
                evening.stripHeading(), evening.stripLength(), Optional.of(new Field.HeightLimit(42, "local rule")));
        for (CardPlan plan : CardPlans.all()) {
            Card card = plan.forAircraft(DemoAircraft.seeschwalbe(), low);
            assertTrue(card.trialHeight() <= 32, plan.id() + " flies at " + card.trialHeight());
            card.route().ifPresent(r -> r.points()
                    .forEach(p -> assertTrue(p.height() <= 32, plan.id() + " leads to " + p.height())));
        }
    }

    @Property(tries = 40, seed = "81")
    void theWayOutLeadsDownwindAndTheLapLiesRoundTheField(@ForAll @DoubleRange(min = 0, max = 6.28) double windFrom) {
        Field field = DemoField.evening().withWind(3, windFrom, 4);
        Setup setup = DemoAircraft.seeschwalbe();
        Route out = new HomeFlight().forAircraft(setup, field).route().orElseThrow();
        Route.Point far = out.points().get(1);
        assertEquals(400, Math.hypot(far.north(), far.east()), 1e-9);
        // where the wind blows to
        assertEquals(-400, far.north() * Math.cos(windFrom) + far.east() * Math.sin(windFrom), 1e-9);
        Route lap = new MissionFlight().forAircraft(setup, field).route().orElseThrow();
        double north = lap.points().stream().mapToDouble(Route.Point::north).sum();
        double east = lap.points().stream().mapToDouble(Route.Point::east).sum();
        assertEquals(0, north, 1e-9, "about home");
        assertEquals(0, east, 1e-9);
        for (int leg = 0; leg < 4; leg++) {
            // two legs along the wind, two across it, and every corner a right angle to the left
            assertEquals(leg % 2 == 1 ? 300 : 180, lap.length(leg), 1e-9);
            Route.Point next = lap.points().get((leg + 1) % 4);
            assertEquals(-lap.length((leg + 1) % 4), lap.right(leg, next.north(), next.east()), 1e-9);
            assertEquals(lap.length(leg), lap.along(leg, next.north(), next.east()), 1e-9);
        }
    }

    @Property(tries = 60, seed = "82")
    void alongAndRightAreThePlaceSeenFromTheLeg(
            @ForAll @LongRange(min = 0, max = 100_000) long shape,
            @ForAll @DoubleRange(min = -500, max = 500) double along,
            @ForAll @DoubleRange(min = -200, max = 200) double right) {
        var noise = new app.drachen.core.math.NoiseSource(shape);
        double fromNorth = 1_000 * noise.gaussian();
        double fromEast = 1_000 * noise.gaussian();
        double way = 6.28 * noise.uniform();
        double length = 50 + 900 * noise.uniform();
        Route route = new Route(List.of(
                new Route.Point(fromNorth, fromEast, 50),
                new Route.Point(fromNorth + length * Math.cos(way), fromEast + length * Math.sin(way), 60)));
        double north = fromNorth + along * Math.cos(way) - right * Math.sin(way);
        double east = fromEast + along * Math.sin(way) + right * Math.cos(way);
        assertEquals(length, route.length(1), 1e-6);
        assertEquals(along, route.along(1, north, east), 1e-6);
        assertEquals(right, route.right(1, north, east), 1e-6);
        // the way back sees it from the other side
        assertEquals(-right, route.right(0, north, east), 1e-6);
        assertEquals(length - along, route.along(0, north, east), 1e-6);
    }
}
