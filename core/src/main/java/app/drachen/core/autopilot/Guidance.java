package app.drachen.core.autopilot;

import static app.drachen.core.air.Atmosphere.GRAVITY;
import static app.drachen.core.math.Statistics.clamp;
import static app.drachen.core.math.Statistics.length;
import static app.drachen.core.math.Statistics.wrap;

import app.drachen.core.modes.Route;
import app.drachen.core.sensing.Sensed;

/**
 * Banks that lead along courses, round circles and along legs.
 *
 * <p>Source: S. Park, J. Deyst, J. P. How, "A new nonlinear guidance logic for trajectory tracking", 2004: a = 2V²/L·sin η towards a
 * point the distance L = V·t ahead, V over ground, so that wind is taken in; t is the look-ahead time. About a straight leg that is a
 * motion of the period 2π·t/√2 with a damping of 1/√2. Bank of a level turn φ = atan(a/g).
 *
 * <p>Mutable, for one thread; nothing is allocated.
 */
final class Guidance {
    /** Nearer beside a leg than this its end counts, whatever the turn [m]. */
    private static final double NEAR = 20;

    private final double lookAhead;
    private final double most;
    private int leg;
    private boolean direct;

    /**
     * @param lookAhead t [s]
     * @param most bank [rad]
     */
    Guidance(double lookAhead, double most) {
        this.lookAhead = lookAhead;
        this.most = most;
    }

    static double course(Sensed sensed) {
        // without fixes the nose is all there is
        return sensed.positionGood()
                ? Math.atan2(sensed.velocityEast(), sensed.velocityNorth())
                : wrap(sensed.heading());
    }

    private static double ground(Sensed sensed) {
        return Math.max(4, length(sensed.velocityNorth(), sensed.velocityEast()));
    }

    private double ahead(Sensed sensed) {
        return Math.max(8, ground(sensed) * lookAhead);
    }

    /** Bank that turns onto a course [rad]. */
    double bankForCourse(double wanted, Sensed sensed) {
        return bank(towards(wanted, ahead(sensed), sensed));
    }

    private static double towards(double wanted, double length, Sensed sensed) {
        double v = ground(sensed);
        double eta = clamp(wrap(wanted - course(sensed)), -Math.PI / 2, Math.PI / 2);
        return 2 * v * v / length * Math.sin(eta);
    }

    /** Bank that leads onto a clockwise circle [m]. */
    double bankForCircle(double centreNorth, double centreEast, double radius, Sensed sensed) {
        double length = Math.min(ahead(sensed), 0.9 * radius);
        double north = sensed.north() - centreNorth;
        double east = sensed.east() - centreEast;
        double distance = Math.max(0.5, length(north, east));
        double bearing = Math.atan2(east, north);
        if (distance > radius + length) {
            return bankForCourse(wrap(bearing + Math.PI - Math.asin(radius / distance)), sensed);
        }
        if (distance < radius - length) {
            return bankForCourse(wrap(bearing + Math.PI / 4), sensed);
        }
        // angle at the centre between the aircraft and the point on the circle L₁ ahead
        double cosine = (distance * distance + radius * radius - length * length) / (2 * distance * radius);
        double ahead = bearing + Math.acos(clamp(cosine, -1, 1));
        double pointNorth = radius * Math.cos(ahead) - north;
        double pointEast = radius * Math.sin(ahead) - east;
        return bank(towards(Math.atan2(pointEast, pointNorth), length, sensed));
    }

    /** Begins a route: straight to its first point. */
    void begin() {
        leg = 0;
        direct = true;
    }

    /** Number of the point it flies to, from 0. */
    int leg() {
        return leg;
    }

    /**
     * Bank that leads along the legs of a route; goes on to the next leg where a turn must begin. A point that is passed far
     * aside does not count: it is flown to straight.
     */
    double bankForRoute(Route route, Sensed sensed) {
        double length = ahead(sensed);
        Route.Point goal = route.points().get(leg);
        double north = goal.north() - sensed.north();
        double east = goal.east() - sensed.east();
        double turn = turnAhead(route, sensed);
        double left = route.length(leg) - route.along(leg, sensed.north(), sensed.east());
        double aside = Math.abs(route.right(leg, sensed.north(), sensed.east()));
        boolean near = length(north, east) < turnRadius(sensed);
        if (direct ? near : left < turn && aside < Math.max(NEAR, turn)) {
            leg = (leg + 1) % route.points().size();
            direct = false;
        } else if (!direct && left < 0) {
            direct = true;
        }
        if (direct) {
            return bankForCourse(Math.atan2(east, north), sensed);
        }
        double right = route.right(leg, sensed.north(), sensed.east());
        Route.Point to = route.points().get(leg);
        Route.Point from = route.from(leg);
        double way = Math.atan2(to.east() - from.east(), to.north() - from.north());
        double angle = Math.asin(clamp(-right / length, -1, 1));
        return bank(towards(wrap(way + angle), length, sensed));
    }

    /** Way before the leg's end at which a turn of the next leg's angle begins: R·tan(half of it), no sooner than for a right angle, at most half a leg. */
    private double turnAhead(Route route, Sensed sensed) {
        Route.Point to = route.points().get(leg);
        Route.Point from = route.from(leg);
        Route.Point next = route.points().get((leg + 1) % route.points().size());
        double turn = Math.abs(wrap(Math.atan2(next.east() - to.east(), next.north() - to.north())
                - Math.atan2(to.east() - from.east(), to.north() - from.north())));
        double v = ground(sensed);
        double radius = turnRadius(sensed) - 0.5 * v;
        return Math.min(route.length(leg) / 2, radius * Math.tan(Math.min(turn, Math.PI / 2) / 2) + 0.5 * v);
    }

    /** Radius of a turn with a fifth of the bank to spare, and what is flown until it stands [m]. */
    private double turnRadius(Sensed sensed) {
        double v = ground(sensed);
        return v * v / (GRAVITY * Math.tan(0.8 * most)) + 0.5 * v;
    }

    private double bank(double acceleration) {
        return clamp(Math.atan(acceleration / GRAVITY), -most, most);
    }
}
