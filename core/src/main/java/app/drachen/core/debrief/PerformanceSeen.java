package app.drachen.core.debrief;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a log shows of an aircraft's performance: windows of straight flight in which the speed hardly changes, with the power off,
 * with all of it, or level.
 *
 * <p>Source: own choice: 4 s, at most 20° of bank, speed within 1.5 m/s; sink and climb from the change of height and speed together,
 * (Δh + ΔV²/2g)/Δt. Air that rises or falls is in it: single points scatter by that. Where the bank is not known, the log has a hole,
 * or the airspeed was lost, nothing is seen.
 *
 * @param kind what it is a point of
 * @param speed mean airspeed [m/s]
 * @param value sink or climb [m/s], or current [A]
 */
public record PerformanceSeen(Kind kind, double speed, double value) {
    /** What can be seen. */
    public enum Kind {
        SINK,
        CLIMB,
        CURRENT
    }

    private static final double WINDOW = 4;
    private static final double BANK = Math.toRadians(20);
    private static final double STEADY = 1.5;
    private static final double LEVEL = 0.4;

    /** Power that moves more than this in a window is not that of level flight [-]. */
    private static final double EVEN = 0.15;

    /** Points of a log in which airspeed, height and power are known; none without them. */
    public static List<PerformanceSeen> of(FlightLog log) {
        List<PerformanceSeen> seen = new ArrayList<>();
        boolean told = log.has(LogColumn.AIRSPEED)
                && log.has(LogColumn.HEIGHT)
                && log.has(LogColumn.POWER)
                && log.has(LogColumn.ROLL);
        Optional<Airborne> air = told ? Airborne.of(log) : Optional.empty();
        if (air.isEmpty() || log.rows() < 2) {
            return seen;
        }
        double ground = air.get().ground();
        List<Lost> lost = Lost.of(log, air.get()).getOrDefault(Lost.What.AIRSPEED, List.of());
        double end = log.time(log.rows() - 1);
        for (double start = log.time(0); start + WINDOW <= end; start += WINDOW) {
            int from = log.rowAt(start);
            int to = log.rowAt(start + WINDOW);
            double begins = log.time(from);
            double ends = log.time(to);
            boolean whole = to > from + 3 && begins > start - WINDOW / 4 && ends - begins < 1.25 * WINDOW;
            boolean measured = lost.stream()
                    .noneMatch(l -> l.span().from() < ends && begins < l.span().to());
            if (whole && measured && log.value(LogColumn.HEIGHT, from) > ground + 3 && straight(log, from, to)) {
                point(log, from, to, seen);
            }
        }
        return seen;
    }

    private static boolean straight(FlightLog log, int from, int to) {
        double slowest = Double.POSITIVE_INFINITY;
        double fastest = 0;
        boolean banked = false;
        for (int row = from; row < to; row++) {
            double speed = log.value(LogColumn.AIRSPEED, row);
            double bank = Math.abs(log.value(LogColumn.ROLL, row));
            if (bank > BANK) {
                return false;
            }
            banked |= !Double.isNaN(bank);
            slowest = Math.min(slowest, Double.isNaN(speed) ? slowest : speed);
            fastest = Math.max(fastest, Double.isNaN(speed) ? fastest : speed);
        }
        return banked && fastest - slowest < 2 * STEADY;
    }

    private static void point(FlightLog log, int from, int to, List<PerformanceSeen> seen) {
        double seconds = log.time(to) - log.time(from);
        double before = log.value(LogColumn.AIRSPEED, from);
        double after = log.value(LogColumn.AIRSPEED, to);
        double rise = log.value(LogColumn.HEIGHT, to)
                - log.value(LogColumn.HEIGHT, from)
                + (after * after - before * before) / (2 * GRAVITY);
        double rate = rise / seconds;
        double speed = log.mean(LogColumn.AIRSPEED, from, to);
        double least = 1;
        double most = 0;
        for (int row = from; row < to; row++) {
            double power = log.value(LogColumn.POWER, row);
            least = Math.min(least, Double.isNaN(power) ? least : power);
            most = Math.max(most, Double.isNaN(power) ? most : power);
        }
        // a window without power in it tells nothing of power
        if (!Double.isFinite(rate) || !(speed > 3) || least > most) {
            return;
        }
        if (most < 0.03) {
            seen.add(new PerformanceSeen(Kind.SINK, speed, -rate));
        } else if (least > 0.97) {
            seen.add(new PerformanceSeen(Kind.CLIMB, speed, rate));
        } else if (Math.abs(rate) < LEVEL && most - least < EVEN && log.has(LogColumn.AMPS)) {
            double amps = log.mean(LogColumn.AMPS, from, to);
            if (Double.isFinite(amps)) {
                seen.add(new PerformanceSeen(Kind.CURRENT, speed, amps));
            }
        }
    }
}
