package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.util.ArrayList;
import java.util.List;

/**
 * Amplitude over frequency, to be looked at.
 *
 * <p>Source: least-squares spectrum, N. R. Lomb, "Least-squares frequency analysis of unequally spaced data", 1976, after a
 * straight line is taken out.
 */
public final class Spectrum {
    private static final double LOW = 0.05;
    private static final double HIGH = 6;

    private Spectrum() {}

    /**
     * A point of a spectrum.
     *
     * @param frequency [Hz]
     * @param amplitude [SI unit of the column]
     */
    public record Line(double frequency, double amplitude) {}

    /**
     * Amplitude over frequency of a stretch.
     *
     * @param log the log
     * @param column what to look at
     * @param from first row
     * @param to row behind the last
     * @return lines of frequencies that fit at least twice into the stretch, rising
     */
    public static List<Line> of(FlightLog log, LogColumn column, int from, int to) {
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
}
