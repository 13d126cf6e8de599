package app.drachen.files.track;

import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.geodesy.LocalGrid;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The positions of a flight.
 *
 * @param name what it is called
 * @param dated whether the flight's date is known
 * @param points in the order of the flight
 */
public record Track(String name, boolean dated, List<Point> points) {
    public Track {
        points = List.copyOf(points);
    }

    /**
     * A point.
     *
     * @param time since 1970-01-01 UTC, or since the start of the log if its date is not known [s]
     * @param latitude [rad]
     * @param longitude [rad]
     * @param height above sea level if the log has it, else above home [m]; NaN if unknown
     * @param speed over ground [m/s]; NaN if unknown
     */
    public record Point(double time, double latitude, double longitude, double height, double speed) {}

    /**
     * The track of a log; positions from the log itself, else from metres about a home.
     *
     * @param home where (0, 0) lies, for logs without latitude and longitude
     * @throws IllegalArgumentException if the log has no positions, or only metres and there is no home
     */
    public static Track of(String name, FlightLog log, Optional<GeodeticPosition> home) {
        boolean global = log.has(LogColumn.LATITUDE) && log.has(LogColumn.LONGITUDE);
        boolean local = log.has(LogColumn.NORTH) && log.has(LogColumn.EAST);
        if (!global && !local) {
            throw new IllegalArgumentException(name + " has no positions; choose a flight that was logged with them");
        }
        if (!global && home.isEmpty()) {
            throw new IllegalArgumentException(
                    name + " knows metres from home only; say where home is, as latitude and longitude");
        }
        Optional<LocalGrid> grid = home.map(LocalGrid::new);
        LogColumn heights = log.has(LogColumn.SATELLITE_HEIGHT) ? LogColumn.SATELLITE_HEIGHT : LogColumn.HEIGHT;
        List<Point> points = new ArrayList<>();
        double north = Double.NaN;
        double east = Double.NaN;
        for (int row = 0; row < log.rows(); row++) {
            double a = log.value(global ? LogColumn.LATITUDE : LogColumn.NORTH, row);
            double b = log.value(global ? LogColumn.LONGITUDE : LogColumn.EAST, row);
            boolean seen = Double.isNaN(a) || Double.isNaN(b) || a == north && b == east;
            if (!seen) {
                north = a;
                east = b;
                GeodeticPosition at =
                        global ? new GeodeticPosition(a, b) : grid.get().position(a, b);
                points.add(new Point(
                        log.start().orElse(0) + log.time(row),
                        at.latitude(),
                        at.longitude(),
                        log.value(heights, row),
                        log.value(LogColumn.GROUND_SPEED, row)));
            }
        }
        if (points.isEmpty()) {
            throw new IllegalArgumentException(name + " has no position in any row; choose another flight");
        }
        return new Track(name, log.start().isPresent(), points);
    }
}
