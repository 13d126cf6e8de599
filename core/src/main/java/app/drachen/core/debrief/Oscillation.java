package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.Statistics;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A standing swing in one quantity and one mode.
 *
 * <p>Source: least-squares spectrum, N. R. Lomb, "Least-squares frequency analysis of unequally
 * spaced data", 1976, on frequencies from 0.05 to 6 Hz, close enough not to miss a line, after a straight line is taken
 * out. It is called a swing if it fills at least 5 cycles, explains at least 45 % of the movement,
 * and is larger than 2° or 2 m (TUNE-R10; defaults of judgement).
 *
 * @param column what swings
 * @param mode in which mode
 * @param frequency [Hz], 0.05 to 6
 * @param amplitude half of peak to peak [SI unit of the column], not negative
 * @param share of the movement that it explains [-], 0 to 1
 * @param cycles number of cycles in the stretch [-]
 */
public record Oscillation(
        LogColumn column, FlightMode mode, double frequency, double amplitude, double share, double cycles) {
    private static final double LOW = 0.05;
    private static final double HIGH = 6;
    private static final double WINDOW = 60;
    private static final int MOST_WINDOWS = 8;
    private static final double LEAST_CYCLES = 5;
    private static final double LEAST_SHARE = 0.45;

    /**
     * A point of a spectrum.
     *
     * @param frequency [Hz]
     * @param amplitude [SI unit of the column]
     */
    public record Line(double frequency, double amplitude) {}

    /** Limit of size for a column. */
    static double limit(LogColumn column) {
        return column == LogColumn.HEIGHT ? 2 : Math.toRadians(2);
    }

    /** Whether this is a swing to act upon. */
    public boolean standing() {
        return cycles >= LEAST_CYCLES && share >= LEAST_SHARE && amplitude > limit(column);
    }

    /**
     * The strongest line of roll, pitch and height in stabilised stretches of 8 s or more. Long stretches are cut into
     * minutes, and of each mode and column only the ones that move most are looked at, so that a long log stays quick.
     */
    public static List<Oscillation> of(FlightLog log, List<ModeSegment> segments) {
        List<Oscillation> found = new ArrayList<>();
        for (FlightMode mode : FlightMode.values()) {
            List<int[]> windows = new ArrayList<>();
            for (ModeSegment segment : segments) {
                double seconds = log.time(segment.to() - 1) - log.time(segment.from());
                if (segment.mode() == mode && mode != FlightMode.MANUAL && seconds >= 7.5) {
                    // the first 2 s belong to the change of mode
                    int from = Math.min(segment.to() - 1, log.rowAt(log.time(segment.from()) + 2));
                    cut(log, from, segment.to(), windows);
                }
            }
            boolean heightAsked = mode != FlightMode.LEVEL && mode != FlightMode.RATE;
            for (LogColumn column : List.of(LogColumn.ROLL, LogColumn.PITCH, LogColumn.HEIGHT)) {
                if (log.has(column) && (column != LogColumn.HEIGHT || heightAsked)) {
                    windows.stream()
                            .sorted(Comparator.comparingDouble(w -> -variance(log, column, w[0], w[1])))
                            .limit(MOST_WINDOWS)
                            .forEach(
                                    w -> inWindow(log, column, mode, w[0], w[1]).ifPresent(found::add));
                }
            }
        }
        return found;
    }

    private static void cut(FlightLog log, int from, int to, List<int[]> windows) {
        int start = from;
        while (start < to) {
            int end = Math.min(to, log.rowAt(log.time(start) + WINDOW));
            if (to - end < (end - start) / 2) {
                end = to;
            }
            windows.add(new int[] {start, end});
            start = end;
        }
    }

    private static double variance(FlightLog log, LogColumn column, int from, int to) {
        double[] flat = detrended(log, column, from, to);
        double deviation = Statistics.deviation(flat, 0, flat.length);
        return Double.isNaN(deviation) ? 0 : deviation * deviation;
    }

    private static java.util.Optional<Oscillation> inWindow(
            FlightLog log, LogColumn column, FlightMode mode, int from, int to) {
        double[] flat = detrended(log, column, from, to);
        double seconds = log.time(to - 1) - log.time(from);
        double variance = variance(log, column, from, to);
        return spectrum(log, column, from, to).stream()
                .max(Comparator.comparingDouble(Line::amplitude))
                .filter(line -> variance > 0)
                .map(line -> refined(log, flat, from, line, 0.4 / seconds))
                .map(line -> new Oscillation(
                        column,
                        mode,
                        line.frequency(),
                        line.amplitude(),
                        Math.min(1, line.amplitude() * line.amplitude() / 2 / variance),
                        seconds * line.frequency()));
    }

    /** The top of the line, looked for a little to both sides. */
    private static Line refined(FlightLog log, double[] flat, int from, Line coarse, double reach) {
        Line best = coarse;
        for (int k = -8; k <= 8; k++) {
            double frequency = coarse.frequency() + k * reach / 8;
            Line line = new Line(frequency, amplitude(log, flat, from, frequency));
            best = frequency > 0 && line.amplitude() > best.amplitude() ? line : best;
        }
        return best;
    }

    /**
     * Amplitude over frequency of a stretch.
     *
     * @param log the log
     * @param column what to look at
     * @param from first row
     * @param to row behind the last
     * @return lines of frequencies that fit at least twice into the stretch, rising
     */
    public static List<Line> spectrum(FlightLog log, LogColumn column, int from, int to) {
        double[] flat = detrended(log, column, from, to);
        List<Line> lines = new ArrayList<>();
        double seconds = to - from < 9 ? 0 : log.time(to - 1) - log.time(from);
        double frequency = Math.max(LOW, 2 / Math.max(seconds, 1e-9));
        while (seconds > 0 && frequency <= HIGH) {
            lines.add(new Line(frequency, amplitude(log, flat, from, frequency)));
            frequency += Math.min(0.044 * frequency, 0.8 / seconds);
        }
        return lines;
    }

    /**
     * Least-squares amplitude of one frequency. Cosine and sine are turned on from row to row, which is exact to 1e-5 rad,
     * and found anew where the time between rows changes and every 128 rows.
     */
    private static double amplitude(FlightLog log, double[] flat, int from, double frequency) {
        double omega = 2 * Math.PI * frequency;
        double cc = 0;
        double cs = 0;
        double ss = 0;
        double xc = 0;
        double xs = 0;
        double c = 1;
        double s = 0;
        double before = 0;
        double step = Double.NaN;
        double turnC = 1;
        double turnS = 0;
        for (int i = 0; i < flat.length; i++) {
            double time = log.time(from + i);
            if (i % 128 == 0) {
                c = Math.cos(omega * time);
                s = Math.sin(omega * time);
            } else {
                if (!(Math.abs(time - before - step) < 1e-9)) {
                    step = time - before;
                    turnC = Math.cos(omega * step);
                    turnS = Math.sin(omega * step);
                }
                double turned = c * turnC - s * turnS;
                s = s * turnC + c * turnS;
                c = turned;
            }
            before = time;
            if (!Double.isNaN(flat[i])) {
                cc += c * c;
                cs += c * s;
                ss += s * s;
                xc += flat[i] * c;
                xs += flat[i] * s;
            }
        }
        double det = cc * ss - cs * cs;
        if (det <= 1e-9) {
            return 0;
        }
        return Math.hypot((xc * ss - xs * cs) / det, (xs * cc - xc * cs) / det);
    }

    private static double[] detrended(FlightLog log, LogColumn column, int from, int to) {
        int n = Math.max(0, to - from);
        double[] values = new double[n];
        double st = 0;
        double sx = 0;
        double stt = 0;
        double stx = 0;
        int m = 0;
        double start = n == 0 ? 0 : log.time(from);
        for (int i = 0; i < n; i++) {
            values[i] = log.value(column, from + i);
            if (!Double.isNaN(values[i])) {
                double t = log.time(from + i) - start;
                st += t;
                sx += values[i];
                stt += t * t;
                stx += t * values[i];
                m++;
            }
        }
        double det = m * stt - st * st;
        double slope = Math.abs(det) < 1e-12 ? 0 : (m * stx - st * sx) / det;
        double level = m == 0 ? 0 : (sx - slope * st) / m;
        for (int i = 0; i < n; i++) {
            values[i] -= level + slope * (log.time(from + i) - start);
        }
        return values;
    }

    /** The swing as a working. */
    public Working working() {
        return Working.of(
                "TUNE-A2",
                column.meaning() + " swing in " + mode.label(),
                amplitude,
                column.quantity(),
                "strongest line of the least-squares spectrum, trend taken out",
                new Source.Published("N. R. Lomb", "Least-squares frequency analysis of unequally spaced data", 1976),
                Working.in("frequency", frequency, Quantity.FREQUENCY),
                Working.in("cycles", cycles, Quantity.COUNT),
                Working.in("share of the movement", share, Quantity.SHARE));
    }
}
