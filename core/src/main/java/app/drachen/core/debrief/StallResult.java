package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.Statistics;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.Optional;

/**
 * A stall found in a log (MAIDEN-A6): with power off, wings near level and the speed falling, the
 * speed at the break, V/√n averaged over the second before it.
 *
 * <p>Source: J. D. Anderson, Introduction to Flight, 2016 (Vs = V/√n). The break is the first
 * nose-down rate over 15 °/s, sinking faster than 2 m/s, 30° of roll, or the pitch stick on its
 * stop for 1.5 s (a mush), up to 1 s after power came back, after which
 * the speed falls no further; within ±0.5 m/s, own estimate, gusts apart.
 *
 * @param time of the break [s]
 * @param speed level stall speed [m/s], above 0
 * @param heightLost from the break to the lowest point of the next 8 s [m], not negative
 * @param wingDrop greatest change of roll within 2 s, without sign [rad]
 * @param left whether the left wing dropped
 */
public record StallResult(double time, double speed, double heightLost, double wingDrop, boolean left) {

    /** The pilot's power may come on as the break is felt; it still counts for so long [s]. */
    private static final double RECOVERY = 1;

    /** How long the speed is watched after a break [s], and how much it may still fall [m/s]: it falls by 1 m/s each second. */
    private static final double FALLING = 3;

    private static final double STILL = 0.6;

    /**
     * Looks for the first stall; empty if there is none or columns are missing.
     *
     * @param log the log
     * @param ground logged height of the launch [m]
     * @param slow airspeed above which nothing is taken for a stall [m/s], above 0
     */
    public static Optional<StallResult> of(FlightLog log, double ground, double slow) {
        if (!log.has(LogColumn.AIRSPEED) || !log.has(LogColumn.POWER) || !log.has(LogColumn.PITCH_RATE)) {
            return Optional.empty();
        }
        int off = -1;
        int lastOff = -1;
        for (int row = 0; row < log.rows(); row++) {
            boolean glidingUp = log.value(LogColumn.POWER, row) < 0.05
                    && log.value(LogColumn.HEIGHT, row) - ground > 15
                    && log.value(LogColumn.MODE, row) == 0;
            if (glidingUp) {
                off = off < 0 ? row : off;
                lastOff = row;
            } else if (off >= 0 && log.time(row) - log.time(lastOff) > RECOVERY) {
                off = -1;
            }
            if (off >= 0 && log.time(row) - log.time(off) > 2 && breaks(log, row, slow) && slowest(log, row)) {
                return Optional.of(measure(log, row));
            }
        }
        return Optional.empty();
    }

    private static boolean breaks(FlightLog log, int row, double slow) {
        if (!(log.value(LogColumn.AIRSPEED, row) < slow)) {
            return false;
        }
        boolean noseDown = log.value(LogColumn.PITCH_RATE, row) < -Math.toRadians(15);
        boolean sinks = log.value(LogColumn.CLIMB, row) < -2;
        boolean drops = Math.abs(log.value(LogColumn.ROLL, row)) > Math.toRadians(30);
        boolean mushes = log.value(LogColumn.STICK_PITCH, row) > 0.95
                && log.value(LogColumn.STICK_PITCH, log.rowAt(log.time(row) - 1.5)) > 0.95;
        return (noseDown || sinks || drops || mushes) && log.value(LogColumn.PITCH, row) > -0.3;
    }

    /** Whether it flies no slower within the next seconds: while the speed still falls, it was a gust and no break. */
    private static boolean slowest(FlightLog log, int row) {
        double now = meanSpeed(log, row);
        double end = Math.min(log.time(row) + FALLING, log.time(log.rows() - 1));
        for (double t = log.time(row); t <= end; t += 0.1) {
            if (meanSpeed(log, log.rowAt(t)) < now - STILL) {
                return false;
            }
        }
        return true;
    }

    /** Airspeed over the half second before a row [m/s]; what is missing is left out. */
    private static double meanSpeed(FlightLog log, int row) {
        double sum = 0;
        int n = 0;
        for (int i = row; i >= 0 && log.time(row) - log.time(i) < 0.5; i--) {
            double speed = log.value(LogColumn.AIRSPEED, i);
            if (!Double.isNaN(speed)) {
                sum += speed;
                n++;
            }
        }
        return sum / n;
    }

    private static StallResult measure(FlightLog log, int row) {
        int before = log.rowAt(log.time(row) - 1);
        double sum = 0;
        int n = 0;
        for (int i = before; i < row; i++) {
            double load = log.has(LogColumn.LOAD_FACTOR) ? log.value(LogColumn.LOAD_FACTOR, i) : 1;
            if (load > 0.6) {
                sum += log.value(LogColumn.AIRSPEED, i) / Math.sqrt(load);
                n++;
            }
        }
        double speed = n == 0 ? log.value(LogColumn.AIRSPEED, row) : sum / n;
        double height = log.value(LogColumn.HEIGHT, row);
        double roll = log.value(LogColumn.ROLL, row);
        double lowest = height;
        double drop = 0;
        for (int i = row; i < log.rows() && log.time(i) < log.time(row) + 8; i++) {
            lowest = Math.min(lowest, log.value(LogColumn.HEIGHT, i));
            double change = Statistics.wrap(log.value(LogColumn.ROLL, i) - roll);
            if (log.time(i) < log.time(row) + 2 && Math.abs(change) > Math.abs(drop)) {
                drop = change;
            }
        }
        return new StallResult(log.time(row), speed, height - lowest, Math.abs(drop), drop < 0);
    }

    /** The stall speed as a working. */
    public Working working() {
        return Working.of(
                        "MAIDEN-A6",
                        "Stall speed flown",
                        speed,
                        Quantity.SPEED,
                        "mean of V/√n over the second before the break",
                        Source.ANDERSON,
                        Working.in("break at", time, Quantity.TIME),
                        Working.in("height lost", heightLost, Quantity.HEIGHT),
                        Working.in("wing drop", wingDrop, Quantity.ANGLE))
                .within(Math.max(0, speed - 0.5), speed + 0.5);
    }
}
