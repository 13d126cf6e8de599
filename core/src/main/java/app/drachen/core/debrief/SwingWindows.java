package app.drachen.core.debrief;

import app.drachen.core.modes.FlightMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Spectra of the windows of one length of a column, with trend, sticks and wishes taken out. Not for several threads. */
final class SwingWindows {
    private final Bins bins;
    private final Grid all;
    private final Movements movements;
    private final double[] samples;

    /**
     * Windows of which none is looked at yet.
     *
     * @param grid the column
     * @param pushers what may move it
     */
    SwingWindows(Grid grid, Bins bins, List<Sampled.Pusher> pushers) {
        this.bins = bins;
        all = bins.sampled(grid);
        bins.smoothed(grid);
        movements = new Movements(pushers, bins);
        samples = new double[bins.size()];
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
     * @param commanded size of the whole movement where stick or wish moved, else 0 [SI unit of the column]
     */
    record Window(Optional<FlightMode> mode, double from, double to, float[] power, double commanded) {}

    /** All windows that are whole and can be told from what the pilot did. */
    List<Window> of(List<Stretch> stretches) {
        List<Window> windows = new ArrayList<>();
        for (Stretch stretch : stretches) {
            for (double from = stretch.from(); from + bins.length() <= stretch.to() + 1e-9; from += bins.length() / 2) {
                window(stretch.mode(), from).ifPresent(windows::add);
            }
        }
        return windows;
    }

    private Optional<Window> window(Optional<FlightMode> mode, double from) {
        boolean told = all.fill((int) Math.rint((from - all.start()) * bins.rate()), samples)
                && movements.in(from)
                && samples.length >= 3 * (movements.count() + 3);
        if (!told) {
            return Optional.empty();
        }
        double whole = movements.count() == 0 ? 0 : Math.sqrt(2) * Fit.deviation(samples);
        movements.out(samples);
        return Optional.of(new Window(mode, from, from + bins.length(), bins.power(samples), whole));
    }

    /** Whether a line of a window is one that a stick or a wish has too, with so much of its power. */
    boolean wanted(Window window, int line, double share) {
        return movements.powers(window.from()).stream().anyMatch(power -> bins.share(power, line) >= share);
    }
}
