package app.drachen.core.modes;

import app.drachen.core.units.Ranges;
import java.util.List;

/**
 * A route of straight legs that Mission flies from point to point, and then again from the first.
 *
 * @param points at least 2, at most 500
 */
public record Route(List<Point> points) {
    public Route {
        points = List.copyOf(points);
        Ranges.require("number of points", points.size(), 2, 500, "-");
    }

    /**
     * A point of a route.
     *
     * @param north of home [m]
     * @param east of home [m]
     * @param height above home [m], 5 to 1 000
     */
    public record Point(double north, double east, double height) {
        public Point {
            Ranges.require("north", north, -100_000, 100_000, "m");
            Ranges.require("east", east, -100_000, 100_000, "m");
            Ranges.require("height of a point", height, 5, 1_000, "m");
        }
    }

    /**
     * How far a place lies to the right of a leg.
     *
     * @param leg number of the point the leg leads to
     * @param north of home [m]
     * @param east of home [m]
     * @return to the right positive [m]
     */
    public double right(int leg, double north, double east) {
        Point to = points.get(leg);
        Point from = from(leg);
        double length = length(leg);
        return ((to.north() - from.north()) * (east - from.east()) - (to.east() - from.east()) * (north - from.north()))
                / length;
    }

    /**
     * How far a place lies along a leg.
     *
     * @param leg number of the point the leg leads to
     * @param north of home [m]
     * @param east of home [m]
     * @return from the leg's start [m]
     */
    public double along(int leg, double north, double east) {
        Point to = points.get(leg);
        Point from = from(leg);
        return ((to.north() - from.north()) * (north - from.north()) + (to.east() - from.east()) * (east - from.east()))
                / length(leg);
    }

    /**
     * @param leg number of the point the leg leads to
     * @return its length, at least 0.1 [m]
     */
    public double length(int leg) {
        Point to = points.get(leg);
        Point from = from(leg);
        return Math.max(0.1, Math.hypot(to.north() - from.north(), to.east() - from.east()));
    }

    /** Where the leg to a point begins. */
    public Point from(int leg) {
        return points.get(Math.floorMod(leg - 1, points.size()));
    }
}
