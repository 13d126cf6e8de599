package app.drachen.core.log;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumSet;
import java.util.List;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;

class JumpsTest {
    private static final double LATITUDE = Math.toRadians(47);
    private static final double LONGITUDE = Math.toRadians(8);

    /** A circle of 80 m in a minute, five rows a second; some rows otherwise: latitude, longitude [rad], height [m]. */
    private static FlightLog circle(IntFunction<double[]> otherwise) {
        FlightLog.Builder log =
                new FlightLog.Builder(EnumSet.of(LogColumn.LATITUDE, LogColumn.LONGITUDE, LogColumn.HEIGHT));
        for (int i = 0; i < 600; i++) {
            double angle = 2 * Math.PI * i / 300;
            double[] usual = {
                LATITUDE + 80 * Math.cos(angle) / 6_371_000,
                LONGITUDE + 80 * Math.sin(angle) / 6_371_000 / Math.cos(LATITUDE),
                50 + 10 * Math.sin(angle)
            };
            double[] other = otherwise.apply(i);
            double[] row =
                    other.length == 0 ? usual : other.length == 1 ? new double[] {usual[0], usual[1], other[0]} : other;
            log.row(i * 0.2);
            log.put(LogColumn.LATITUDE, row[0]).put(LogColumn.LONGITUDE, row[1]).put(LogColumn.HEIGHT, row[2]);
        }
        return log.build();
    }

    private static double greatest(FlightLog log, LogColumn column) {
        double most = 0;
        for (double v : log.values(column)) {
            most = Double.isNaN(v) ? most : Math.max(most, Math.abs(v));
        }
        return most;
    }

    @Test
    void whatNoAircraftReachesIsLeftOutAndTold() {
        Derived derived = Derived.of(circle(i -> i == 100
                ? new double[] {0, 0, 50}
                : i >= 200 && i < 203
                        ? new double[] {LATITUDE + 0.0003, LONGITUDE, 50}
                        : i == 300 ? new double[] {900} : i == 301 ? new double[] {-400} : new double[0]));
        assertTrue(
                derived.worked().contains("1 position at 0°, 0° left out: no fix"),
                derived.worked().toString());
        assertTrue(
                derived.worked().contains("3 positions left out that no aircraft reaches in the time"),
                derived.worked().toString());
        assertTrue(
                derived.worked().contains("2 heights left out that no aircraft reaches in the time"),
                derived.worked().toString());
        // home is the first fix, on the rim: the far side is 160 m away
        assertEquals(160, greatest(derived.log(), LogColumn.NORTH), 1);
        assertEquals(60, greatest(derived.log(), LogColumn.HEIGHT), 0.1);
        assertTrue(greatest(derived.log(), LogColumn.CLIMB) < 8, "no spike of hundreds");
    }

    @Test
    void whatCanHaveBeenStays() {
        // a dive of 40 m/s, and a receiver that stands elsewhere from some row on
        Derived dive = Derived.of(circle(
                i -> i >= 100 && i < 110 ? new double[] {58.6 - 8.0 * Math.min(i - 100, 110 - i)} : new double[0]));
        assertTrue(
                dive.worked().stream().noneMatch(w -> w.contains("left out")),
                dive.worked().toString());
        Derived moved =
                Derived.of(circle(i -> i >= 400 ? new double[] {LATITUDE + 0.001, LONGITUDE, 50} : new double[0]));
        assertEquals(
                List.of(),
                moved.worked().stream().filter(w -> w.contains("left out")).toList());
    }
}
