package app.drachen.core.debrief;

import java.util.ArrayList;
import java.util.List;

/**
 * What sticks and wishes did in one window after another, and how it is taken out of what moved there. Its arrays are used again, for
 * a long flight has a hundred thousand windows: not for several threads.
 */
final class Movements {
    /** A stick so far off its middle and back hides what swings beside it [-]. */
    private static final double LARGE = 0.25;

    /** After so long an aircraft may answer a stick [s]. */
    private static final double[] LATER = {0.25, 0.7};

    private final List<Sampled.Pusher> pushers;
    private final Bins bins;
    private final double[] now;

    /** Whether each moved. */
    private final boolean[] moved;

    /** Level and slope, at right angles and of length 1, and the movements after them. */
    private final double[][] basis;

    private final int trend;
    private final double[] shares;
    private int filled;

    /**
     * Nothing yet.
     *
     * @param pushers sticks and wishes at the rate of the windows
     * @param bins of the windows
     */
    Movements(List<Sampled.Pusher> pushers, Bins bins) {
        this.pushers = pushers;
        this.bins = bins;
        now = new double[bins.size()];
        moved = new boolean[pushers.size()];
        double[][] level = Fit.trend(bins.size());
        trend = level.length;
        filled = trend;
        basis = new double[trend + pushers.size() * (LATER.length + 2)][bins.size()];
        System.arraycopy(level, 0, basis, 0, trend);
        shares = new double[basis.length];
    }

    /**
     * Looks at a window: what moved in it as it is, later, and summed up.
     *
     * @param from beginning [s]
     * @return false where the stick moves so much that all is its doing
     */
    boolean in(double from) {
        filled = trend;
        for (int i = 0; i < moved.length; i++) {
            Sampled.Pusher pusher = pushers.get(i);
            double size = pusher.all().fill(at(pusher, from), now) ? Fit.deviation(now) : 0;
            if (pusher.hides() && size > LARGE) {
                return false;
            }
            moved[i] = size >= pusher.still();
        }
        for (int i = 0; i < moved.length; i++) {
            if (moved[i]) {
                add(pushers.get(i), from);
            }
        }
        return true;
    }

    private void add(Sampled.Pusher pusher, double from) {
        int at = at(pusher, from);
        for (double later : LATER) {
            if (pusher.all().fill(at - (int) Math.rint(later * bins.rate()), basis[filled])) {
                filled++;
            }
        }
        pusher.all().fill(at, basis[filled++]);
        Fit.summed(basis[filled - 1], basis[filled]);
        filled++;
    }

    private int at(Sampled.Pusher pusher, double from) {
        return (int) Math.rint((from - pusher.all().start()) * bins.rate());
    }

    /** How many movements there are in the window. */
    int count() {
        return filled - trend;
    }

    /** One of them; not to be kept. */
    double[] get(int movement) {
        return basis[trend + movement];
    }

    /** Takes level, slope and the movements out of the samples of the window, as far as they explain them; they are gone after that. */
    void out(double[] samples) {
        int found = Fit.upright(basis, trend, filled, shares);
        filled = trend;
        Fit.less(samples, basis, found, shares);
    }

    /** Power of each line of what moved in a window that begins at a time [s]. */
    List<float[]> powers(double from) {
        List<float[]> powers = new ArrayList<>();
        in(from);
        for (int i = 0; i < moved.length; i++) {
            if (moved[i] && pushers.get(i).all().fill(at(pushers.get(i), from), now)) {
                powers.add(bins.power(now));
            }
        }
        return powers;
    }
}
