package app.drachen.core.modes;

import app.drachen.core.air.Field;
import app.drachen.core.air.Obstacle;
import app.drachen.core.units.Ranges;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How Home flies.
 *
 * @param height return height above home [m], 5 to 1 000
 * @param circleRadius circle at home and in Circle [m], 5 to 500
 * @param climbFirst whether it climbs in a circle where it is before it goes home
 * @param policy what the return height means
 * @param arrival what it does at the end
 * @param arrivalHeight height above home to which it descends at the end, where it does [m], 5 to 1 000
 * @param rally where it goes instead of home, if it does
 */
public record HomeProfile(
        double height,
        double circleRadius,
        boolean climbFirst,
        HeightPolicy policy,
        Arrival arrival,
        double arrivalHeight,
        Optional<Rally> rally) {
    /** What the return height means. */
    public enum HeightPolicy {
        FIXED("flies at it, from above too"),
        AT_LEAST("flies at it, or higher if it is higher"),
        HOLD("stays at the height it has");

        private final String label;

        HeightPolicy(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** What is done at the end. */
    public enum Arrival {
        CIRCLE("circles there"),
        DESCEND("circles down to a height and stays"),
        LAND("circles down and lands");

        private final String label;

        Arrival(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * A place to come back to.
     *
     * @param north of home [m], −5 000 to 5 000
     * @param east of home [m], −5 000 to 5 000
     */
    public record Rally(double north, double east) {
        public Rally {
            Ranges.require("rally point north", north, -5_000, 5_000, "m");
            Ranges.require("rally point east", east, -5_000, 5_000, "m");
        }
    }

    /** Room wanted over an obstacle [m]; common practice, a default of judgement. */
    public static final double OBSTACLE_ROOM = 30;

    public HomeProfile {
        Ranges.require("return height", height, 5, 1_000, "m");
        Ranges.require("circle radius", circleRadius, 5, 500, "m");
        Ranges.require("height at the end", arrivalHeight, 5, 1_000, "m");
    }

    /** A profile that flies at its height and circles over home. */
    public HomeProfile(double height, double circleRadius, boolean climbFirst) {
        this(height, circleRadius, climbFirst, HeightPolicy.FIXED, Arrival.CIRCLE, 30, Optional.empty());
    }

    /**
     * Height that it flies home at.
     *
     * @param from height at which it begins, above home [m]
     * @return above home [m]
     */
    public double heightFrom(double from) {
        return switch (policy) {
            case FIXED -> height;
            case AT_LEAST -> Math.max(height, from);
            case HOLD -> from;
        };
    }

    /**
     * The same profile at another height.
     *
     * @param newHeight [m]
     */
    public HomeProfile withHeight(double newHeight) {
        return new HomeProfile(newHeight, circleRadius, climbFirst, policy, arrival, arrivalHeight, rally);
    }

    /**
     * The same profile with another circle.
     *
     * @param newRadius [m]
     */
    public HomeProfile withRadius(double newRadius) {
        return new HomeProfile(height, newRadius, climbFirst, policy, arrival, arrivalHeight, rally);
    }

    /** The same profile, climbing first or on the way. */
    public HomeProfile withClimbFirst(boolean first) {
        return new HomeProfile(height, circleRadius, first, policy, arrival, arrivalHeight, rally);
    }

    /** The same profile, its height meant otherwise. */
    public HomeProfile withPolicy(HeightPolicy meant) {
        return new HomeProfile(height, circleRadius, climbFirst, meant, arrival, arrivalHeight, rally);
    }

    /**
     * The same profile with another end.
     *
     * @param end what it does
     * @param endHeight to which it descends [m]
     */
    public HomeProfile withArrival(Arrival end, double endHeight) {
        return new HomeProfile(height, circleRadius, climbFirst, policy, end, endHeight, rally);
    }

    /** The same profile to another place. */
    public HomeProfile withRally(Optional<Rally> to) {
        return new HomeProfile(height, circleRadius, climbFirst, policy, arrival, arrivalHeight, to);
    }

    /**
     * A corner of the way home, seen from the side.
     *
     * @param distance from home [m]
     * @param height above home [m]
     */
    public record Corner(double distance, double height) {}

    /**
     * The way home from a place (MODES-A6): climbing first, or on the way at the given rate; in calm
     * air, so that a climb first leaves the distance as it is.
     *
     * @param distance from home [m]
     * @param startHeight above home [m]
     * @param climbRate [m/s]
     * @param speed over ground [m/s]
     */
    public List<Corner> wayHome(double distance, double startHeight, double climbRate, double speed) {
        List<Corner> corners = new ArrayList<>();
        corners.add(new Corner(distance, startHeight));
        double rise = heightFrom(startHeight) - startHeight;
        if (climbFirst && rise > 0) {
            corners.add(new Corner(distance, heightFrom(startHeight)));
        } else {
            double run = Math.min(distance, Math.abs(rise) / climbRate * speed);
            double reached = startHeight + Math.signum(rise) * run / speed * climbRate;
            corners.add(new Corner(distance - run, reached));
        }
        double arrived = corners.get(corners.size() - 1).height();
        corners.add(new Corner(0, arrived));
        double end = arrival == Arrival.LAND ? 0 : arrivalHeight;
        if (arrival != Arrival.CIRCLE && end < arrived) {
            corners.add(new Corner(0, end));
        }
        return corners;
    }

    /**
     * Height on a way home.
     *
     * @param way corners from far to near
     * @param distance from home [m]
     * @return height above home [m]
     */
    public static double heightAt(List<Corner> way, double distance) {
        double height = way.get(0).height();
        for (int i = 1; i < way.size(); i++) {
            Corner far = way.get(i - 1);
            Corner near = way.get(i);
            if (distance <= far.distance() && distance >= near.distance()) {
                double run = far.distance() - near.distance();
                double share = run <= 0 ? 1 : (far.distance() - distance) / run;
                height = far.height() + share * (near.height() - far.height());
            }
        }
        return height;
    }

    /**
     * The obstacle passed with least room.
     *
     * @param obstacle the obstacle
     * @param room height over it, negative below its top [m]
     */
    public record Passing(Obstacle obstacle, double room) {}

    /** Where it comes down, the ground is no obstacle: within this distance of home [m]. */
    private static final double AT_HOME = 30;

    /** The closest passing over the field's obstacles, and over its ground but at home itself, if the way meets any. */
    public static Optional<Passing> closest(List<Corner> way, Field field) {
        double from = way.get(0).distance();
        return field.standing(AT_HOME).stream()
                .filter(o -> o.distance() <= from)
                .map(o -> new Passing(o, heightAt(way, o.distance()) - o.height()))
                .min(java.util.Comparator.comparingDouble(Passing::room));
    }
}
