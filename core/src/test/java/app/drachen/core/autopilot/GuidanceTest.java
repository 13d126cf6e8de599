package app.drachen.core.autopilot;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.Route;
import app.drachen.core.modes.Route.Point;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.BoardMount;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The geometry of guidance by hand. */
class GuidanceTest {
    private static final double G = 9.80665;
    private static final double MOST = Math.toRadians(35);
    private static final Route SQUARE = new Route(
            List.of(new Point(0, 0, 50), new Point(300, 0, 50), new Point(300, 400, 80), new Point(0, 400, 50)));

    private static final Aircraft FLOWN = new Aircraft(DemoAircraft.seeschwalbe());

    private static Sensed at(double north, double east, double course, double speed) {
        Aircraft a = FLOWN;
        a.place(north, east, 60, 0, 0, course, speed);
        a.accelerations(0, 0, 0, 1.2);
        Sensed sensed = Sensed.exact(BoardMount.FORWARD);
        sensed.read(a, 0.005);
        return sensed;
    }

    /** Look-ahead time of a path loop with a period [s]: L = √2·V·T/2π. */
    private static double ahead(double period) {
        return Math.sqrt(2) * period / (2 * Math.PI);
    }

    /** About a leg the law is a motion of the period 2π·t/√2 with a damping of 1/√2: flown by a point, the overshoot is 4.3 %. */
    @Test
    void aLookAheadTimeIsAPeriod() {
        double t = 3;
        double v = 14;
        double length = v * t;
        double y = 1;
        double rate = 0;
        double lowest = 1;
        double when = 0;
        for (double time = 0; time < 12; time += 1e-3) {
            // 2V²/L·sin η with η = y/L + ẏ/V, small
            rate -= 1e-3 * 2 * v * v / length * (y / length + rate / v);
            y += 1e-3 * rate;
            if (y < lowest) {
                lowest = y;
                when = time;
            }
        }
        assertEquals(-Math.exp(-Math.PI), lowest, 0.002);
        double period = 2 * Math.PI * t / Math.sqrt(2);
        assertEquals(period / 2 / Math.sqrt(1 - 0.5), when, 0.05, "half a damped swing");
    }

    @Test
    void aRouteKnowsItsLegs() {
        assertEquals(300, SQUARE.length(1), 1e-12);
        assertEquals(400, SQUARE.length(2), 1e-12);
        assertEquals(400, SQUARE.length(0), 1e-12, "from the last point to the first");
        assertEquals(new Point(0, 400, 50), SQUARE.from(0));
        // HOMING-A5: leg (0,0)→(300 N, 400 E), at (200, 200): 40 m to the left
        Route example = new Route(List.of(new Point(0, 0, 50), new Point(300, 400, 50)));
        assertEquals(-40, example.right(1, 200, 200), 1e-9);
        assertEquals(280, example.along(1, 200, 200), 1e-9);
        assertThrows(IllegalArgumentException.class, () -> new Route(List.of(new Point(0, 0, 50))));
        assertThrows(IllegalArgumentException.class, () -> new Point(0, 0, 2));
    }

    // a = 2V²/L₁·sin η, L₁ = √2·V·T/2π, φ = atan(a/g)
    @ParameterizedTest
    @CsvSource({"0.1", "-0.25", "0.4"})
    void theBankOfACourseErrorIsThatOfThePaper(double error) {
        Guidance guidance = new Guidance(ahead(12.6), MOST);
        double length = Math.sqrt(2) * 14 * 12.6 / (2 * Math.PI);
        double expected = Math.atan(2 * 14 * 14 / length * Math.sin(error) / G);
        assertEquals(expected, guidance.bankForCourse(0.3 + error, at(0, 0, 0.3, 14)), 1e-9);
    }

    @Test
    void theBankNeverPassesItsLimitAndTurnsTheShortWay() {
        Guidance guidance = new Guidance(ahead(4), MOST);
        assertEquals(MOST, guidance.bankForCourse(2, at(0, 0, 0, 18)), 1e-12);
        assertEquals(-MOST, guidance.bankForCourse(-2, at(0, 0, 0, 18)), 1e-12);
        assertEquals(MOST, guidance.bankForCourse(-3, at(0, 0, 3 - 0.5, 18)), 1e-12, "over south");
    }

    @Test
    void onTheCircleTheBankIsThatOfTheCircle() {
        Guidance guidance = new Guidance(ahead(12.6), MOST);
        double radius = 70;
        // clockwise: east of the centre it flies south
        double bank = guidance.bankForCircle(0, 0, radius, at(0, radius, Math.PI, 14));
        assertEquals(Math.atan(14 * 14 / (radius * G)), bank, 1e-3);
        // far away it flies to the tangent: straight at the circle's edge means no bank
        double d = 500;
        double tangent = Math.PI - Math.asin(radius / d);
        assertEquals(0, guidance.bankForCircle(0, 0, radius, at(d, 0, tangent, 14)), 0.02);
        // inside it turns outwards before it closes in
        assertTrue(Math.abs(guidance.bankForCircle(0, 0, radius, at(1, 0, Math.PI / 4, 14))) < MOST);
    }

    @Test
    void legsFollowOneAnotherAndTheTurnBeginsBeforeTheCorner() {
        Guidance guidance = new Guidance(ahead(12.6), MOST);
        guidance.begin();
        guidance.bankForRoute(SQUARE, at(0, 390, -Math.PI / 2, 14));
        assertEquals(0, guidance.leg());
        // at the first point the next leg begins
        guidance.bankForRoute(SQUARE, at(0, 5, -Math.PI / 2, 14));
        assertEquals(1, guidance.leg());
        assertEquals(0, guidance.bankForRoute(SQUARE, at(100, 0, 0, 14)), 1e-9, "on the line");
        assertTrue(guidance.bankForRoute(SQUARE, at(100, 20, 0, 14)) < 0, "right of it, it banks left");
        // R·tan 45° + half a second: 14²/(g·tan 28°) + 7 = 45 m
        guidance.bankForRoute(SQUARE, at(300 - 47, 0, 0, 14));
        assertEquals(1, guidance.leg());
        guidance.bankForRoute(SQUARE, at(300 - 42, 0, 0, 14));
        assertEquals(2, guidance.leg());
    }

    @Test
    void withoutFixesTheNoseIsTheCourse() {
        Sensed sensed = at(0, 0, 1.2, 14);
        assertEquals(1.2, Guidance.course(sensed), 1e-9);
    }

    /**
     * A lap is a lap: a point of mass in the wind (no model of ours), with the bank it is told reached in a second, comes near every
     * point before the next leg counts; whatever the route, the wind, and where it is switched on.
     */
    @Test
    void everyPointOfALapIsFlownTo() {
        Random random = new Random(4);
        for (int n = 0; n < 40; n++) {
            double wind = 8 * random.nextDouble();
            double windTo = 2 * Math.PI * random.nextDouble();
            int corners = 3 + random.nextInt(4);
            List<Point> points = new ArrayList<>();
            double size = 120 + 180 * random.nextDouble();
            for (int k = 0; k < corners; k++) {
                double bearing = 2 * Math.PI * (k + 0.5 * random.nextDouble()) / corners;
                points.add(new Point(size * Math.cos(bearing), size * Math.sin(bearing), 60));
            }
            Route route = new Route(points);
            Guidance guidance = new Guidance(ahead(12.6), MOST);
            guidance.begin();
            double north = 600 * random.nextDouble() - 300;
            double east = 600 * random.nextDouble() - 300;
            double heading = 2 * Math.PI * random.nextDouble();
            double bank = 0;
            double nearest = Double.POSITIVE_INFINITY;
            int passed = 0;
            double most = 0;
            double step = 0.1;
            for (double t = 0; t < 900 && passed <= corners; t += step) {
                double vn = 14 * Math.cos(heading) + wind * Math.cos(windTo);
                double ve = 14 * Math.sin(heading) + wind * Math.sin(windTo);
                int leg = guidance.leg();
                Point goal = points.get(leg);
                nearest = Math.min(nearest, Math.hypot(goal.north() - north, goal.east() - east));
                double wanted = guidance.bankForRoute(route, at(north, east, Math.atan2(ve, vn), Math.hypot(vn, ve)));
                if (guidance.leg() != leg) {
                    assertEquals((leg + 1) % corners, guidance.leg(), "in order");
                    most = Math.max(most, nearest);
                    nearest = Double.POSITIVE_INFINITY;
                    passed++;
                }
                bank += (wanted - bank) * step / 0.5;
                heading += G * Math.tan(bank) / 14 * step;
                north += vn * step;
                east += ve * step;
            }
            assertEquals(corners + 1, passed, n + ": a lap in wind of " + wind + " m/s");
            double speed = 14 + wind;
            double radius = speed * speed / (G * Math.tan(0.8 * MOST)) + 0.5 * speed;
            assertTrue(
                    most < Math.max(25, 1.6 * radius), n + ": passed a point by " + most + " m, turns take " + radius);
        }
    }
}
