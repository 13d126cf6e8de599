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
 */
public record HomeProfile(double height, double circleRadius, boolean climbFirst) {
    /** Room wanted over an obstacle [m]; common practice, a default of judgement. */
    public static final double OBSTACLE_ROOM = 30;

    public HomeProfile {
        Ranges.require("return height", height, 5, 1_000, "m");
        Ranges.require("circle radius", circleRadius, 5, 500, "m");
    }

    /**
     * The same profile at another height.
     *
     * @param newHeight [m]
     */
    public HomeProfile withHeight(double newHeight) {
        return new HomeProfile(newHeight, circleRadius, climbFirst);
    }

    /**
     * The same profile with another circle.
     *
     * @param newRadius [m]
     */
    public HomeProfile withRadius(double newRadius) {
        return new HomeProfile(height, newRadius, climbFirst);
    }

    /** The same profile, climbing first or on the way. */
    public HomeProfile withClimbFirst(boolean first) {
        return new HomeProfile(height, circleRadius, first);
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
        double rise = height - startHeight;
        if (climbFirst && rise > 0) {
            corners.add(new Corner(distance, height));
        } else {
            double run = Math.min(distance, Math.abs(rise) / climbRate * speed);
            double reached = startHeight + Math.signum(rise) * run / speed * climbRate;
            corners.add(new Corner(distance - run, reached));
        }
        corners.add(new Corner(0, corners.get(corners.size() - 1).height()));
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

    /** The closest passing over the field's obstacles, if the way meets any. */
    public static Optional<Passing> closest(List<Corner> way, Field field) {
        double from = way.get(0).distance();
        return field.obstacles().stream()
                .filter(o -> o.distance() <= from)
                .map(o -> new Passing(o, heightAt(way, o.distance()) - o.height()))
                .min(java.util.Comparator.comparingDouble(Passing::room));
    }
}
