package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Spectra of the windows of a flight, with trend, sticks and wishes taken out. For any thread. */
final class SwingWindows {
    private final FlightLog log;
    private final Sampled samples;
    private final Means speeds;

    SwingWindows(FlightLog log, Sampled samples) {
        this.log = log;
        this.samples = samples;
        speeds = new Means(log, log.has(LogColumn.AIRSPEED) ? LogColumn.AIRSPEED : LogColumn.GROUND_SPEED);
    }

    /**
     * A stretch of one mode, in the air.
     *
     * @param mode the mode
     * @param from beginning [s]
     * @param to end [s]
     */
    record Stretch(Optional<FlightMode> mode, double from, double to) {}

    /**
     * A window of a stretch with its spectrum.
     *
     * @param mode in which mode
     * @param from beginning [s]
     * @param to end [s]
     * @param power of each line [square of the SI unit of the column]
     * @param speed mean airspeed [m/s]
     * @param commanded size of the whole movement where stick or wish moved, else 0 [SI unit of the column]
     * @param movers sticks and wishes that moved
     */
    record Window(
            Optional<FlightMode> mode,
            double from,
            double to,
            double[] power,
            double speed,
            double commanded,
            List<Sampled.Mover> movers) {}

    /** All windows of a column that are whole and can be told from what the pilot did. */
    List<Window> of(LogColumn column, Grid grid, List<Stretch> stretches, Bins bins) {
        List<Window> windows = new ArrayList<>();
        double[] all = bins.sampled(grid);
        bins.smoothed(grid);
        List<double[]> trend = Fit.trend(bins.size());
        List<Sampled.Pusher> pushers = samples.pushers(column, bins);
        for (Stretch stretch : stretches) {
            for (double from = stretch.from(); from + bins.length() <= stretch.to() + 1e-9; from += bins.length() / 2) {
                int at = (int) Math.rint((from - grid.start()) * bins.rate());
                window(stretch.mode(), from, bins, all, at, trend, pushers).ifPresent(windows::add);
            }
        }
        return windows;
    }

    private Optional<Window> window(
            Optional<FlightMode> mode,
            double from,
            Bins bins,
            double[] all,
            int at,
            List<double[]> trend,
            List<Sampled.Pusher> pushers) {
        double[] window = new double[bins.size()];
        if (!bins.fill(all, at, window)) {
            return Optional.empty();
        }
        List<Sampled.Mover> movers = new ArrayList<>();
        Optional<List<double[]>> out = Sampled.commanded(pushers, from, bins, movers);
        if (out.isEmpty() || window.length < 3 * (out.get().size() + 3)) {
            return Optional.empty();
        }
        double whole = out.get().isEmpty() ? 0 : Math.sqrt(2) * Fit.deviation(window);
        Fit.without(window, trend, out.get());
        double to = from + bins.length();
        return Optional.of(new Window(mode, from, to, bins.power(window), speed(from, to), whole, movers));
    }

    private double speed(double from, double to) {
        return speeds.mean(log.rowAt(from), log.rowAt(to));
    }
}
