package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;

/**
 * Makes logs whose truth is known, without any of the product's flight model: motion in closed form, gusts as coloured
 * noise, sampled, held and rounded as real loggers do it.
 */
final class MadeLog {
    /** What a log can be like. */
    record Manner(double rate, double held, double angleStep, boolean sticks, boolean rates, double rough) {}

    /** A planted swing: x = size · exp(growth · (t − from)) · sin(2πft) between two times [s]. */
    record Planted(LogColumn column, double from, double to, double hertz, double size, double growth) {
        double at(double t) {
            if (t < from || t > to) {
                return 0;
            }
            double edge = Math.min(1, Math.min(t - from, to - t) * hertz);
            return edge * size * Math.exp(growth * (t - from)) * Math.sin(2 * Math.PI * hertz * (t - from));
        }

        double greatest() {
            return size * Math.exp(Math.max(0, growth * (to - from)));
        }
    }

    private final Random random;
    private final double seconds;
    private final Manner manner;
    private final Map<LogColumn, double[]> gusts = new EnumMap<>(LogColumn.class);

    MadeLog(long seed, double seconds, Manner manner) {
        random = new Random(seed);
        this.seconds = seconds;
        this.manner = manner;
        // gusts of 0.4 to 4 s, stronger for a while and weaker for a while
        double patch = 20 + 30 * random.nextDouble();
        for (LogColumn column : List.of(LogColumn.ROLL, LogColumn.PITCH, LogColumn.HEIGHT)) {
            double size = column == LogColumn.HEIGHT ? 0.7 : Math.toRadians(column == LogColumn.ROLL ? 2.5 : 1.2);
            double[] all = new double[(int) (seconds * 100) + 200];
            for (double scale : new double[] {0.4, 1.2, 4}) {
                double keep = Math.exp(-0.01 / scale);
                double now = 0;
                double slow = 0;
                for (int i = 0; i < all.length; i++) {
                    now = keep * now + Math.sqrt(1 - keep * keep) * random.nextGaussian();
                    // a body follows gusts with a lag of 0.15 s
                    slow += (now - slow) * 0.01 / 0.15;
                    double strength = 1 + 0.6 * Math.sin(2 * Math.PI * i / 100.0 / patch);
                    all[i] += manner.rough() * size * strength * slow * Math.sqrt(scale / 4);
                }
            }
            gusts.put(column, all);
        }
    }

    private double gust(LogColumn column, double t) {
        double[] all = gusts.get(column);
        int i = (int) Math.max(0, Math.min(all.length - 1, t * 100));
        return all[i];
    }

    /**
     * A flight in one mode, in which the pilot or the autopilot also turns.
     *
     * @param stick roll stick over time
     * @param bank that turns and sticks make, over time [rad]
     */
    FlightLog log(FlightMode mode, DoubleUnaryOperator stick, DoubleUnaryOperator bank, List<Planted> planted) {
        EnumSet<LogColumn> columns =
                EnumSet.of(LogColumn.MODE, LogColumn.ROLL, LogColumn.PITCH, LogColumn.HEIGHT, LogColumn.AIRSPEED);
        if (manner.sticks()) {
            columns.addAll(List.of(LogColumn.STICK_ROLL, LogColumn.STICK_PITCH));
        }
        if (manner.rates()) {
            columns.add(LogColumn.ROLL_RATE);
        }
        FlightLog.Builder log = new FlightLog.Builder(columns);
        double before = 0;
        int rows = (int) (seconds * manner.rate());
        for (int row = 0; row < rows; row++) {
            double time = row / manner.rate() + 0.1 / manner.rate() * (random.nextDouble() - 0.5);
            double seen = manner.held() < manner.rate() ? Math.floor(time * manner.held()) / manner.held() : time;
            double roll = bank.applyAsDouble(seen) + gust(LogColumn.ROLL, seen) + sum(planted, LogColumn.ROLL, seen);
            double pitch = 0.05 + gust(LogColumn.PITCH, seen) + sum(planted, LogColumn.PITCH, seen);
            double height =
                    60 + 3 * Math.sin(seen / 40) + gust(LogColumn.HEIGHT, seen) + sum(planted, LogColumn.HEIGHT, seen);
            log.row(time);
            log.put(LogColumn.MODE, mode.ordinal())
                    .put(LogColumn.ROLL, rounded(roll, manner.angleStep()))
                    .put(LogColumn.PITCH, rounded(pitch, manner.angleStep()))
                    .put(LogColumn.HEIGHT, rounded(height, 0.1))
                    .put(LogColumn.AIRSPEED, rounded(14 + 0.4 * random.nextGaussian(), 0.1));
            if (manner.sticks()) {
                log.put(LogColumn.STICK_ROLL, rounded(stick.applyAsDouble(time), 0.01))
                        .put(LogColumn.STICK_PITCH, 0);
            }
            if (manner.rates()) {
                log.put(
                        LogColumn.ROLL_RATE,
                        rounded((roll - before) * manner.rate() + 0.02 * random.nextGaussian(), 1e-3));
            }
            before = roll;
        }
        return log.build();
    }

    private static double sum(List<Planted> planted, LogColumn column, double t) {
        return planted.stream()
                .filter(p -> p.column() == column)
                .mapToDouble(p -> p.at(t))
                .sum();
    }

    private static double rounded(double value, double step) {
        return step * Math.rint(value / step);
    }
}
