package app.drachen.core.hearing;

import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Way;

/**
 * A value on its way to the pilot, in time: measured in turn, through the board, waiting for its turn on the way, through the air, spoken.
 *
 * <p>Mutable, for one thread; a step allocates nothing.
 */
public final class Chain {
    private static final int HELD = 64;

    private final double samplePeriod;
    private final double toBoard;
    private final double turnPeriod;
    private final double toEar;
    private double nextSample;
    private double nextTurn;
    private final double[] readyAt = new double[HELD];
    private final double[] ready = new double[HELD];
    private int readyFrom;
    private int readyTo;
    private final double[] arrivesAt = new double[HELD];
    private final double[] arriving = new double[HELD];
    private int arrivingFrom;
    private int arrivingTo;
    private double inBoard = Double.NaN;
    private double heard = Double.NaN;

    /**
     * A chain.
     *
     * @param samplePhase when it is measured first, as a share of the period [-], 0 to 1
     * @param turnPhase when it has its turn first, likewise [-], 0 to 1
     * @param voice whether it is spoken
     */
    public Chain(Supplier from, Way way, boolean voice, double samplePhase, double turnPhase) {
        samplePeriod = 1 / from.rate();
        toBoard = from.delay() + way.board();
        turnPeriod = 1 / way.rate();
        toEar = way.air() + way.radio() + (voice ? way.voice() : 0);
        nextSample = samplePhase * samplePeriod;
        nextTurn = turnPhase * turnPeriod;
    }

    /**
     * Time goes on.
     *
     * @param time [s], rising
     * @param value as it is now [any unit]
     * @return what the pilot has now [the same unit]; NaN before the first
     */
    public double at(double time, double value) {
        // what was not looked at between two calls was not measured either: only the last sample before now counts
        if (time >= nextSample + samplePeriod) {
            nextSample += samplePeriod * Math.floor((time - nextSample) / samplePeriod);
        }
        while (time >= nextSample - 1e-9) {
            readyAt[readyTo % HELD] = nextSample + toBoard;
            ready[readyTo++ % HELD] = value;
            readyFrom = Math.max(readyFrom, readyTo - HELD);
            nextSample += samplePeriod;
        }
        while (time >= nextTurn - 1e-9) {
            while (readyFrom < readyTo && readyAt[readyFrom % HELD] <= nextTurn + 1e-9) {
                inBoard = ready[readyFrom++ % HELD];
            }
            if (!Double.isNaN(inBoard)) {
                arrivesAt[arrivingTo % HELD] = nextTurn + toEar;
                arriving[arrivingTo++ % HELD] = inBoard;
                arrivingFrom = Math.max(arrivingFrom, arrivingTo - HELD);
            }
            nextTurn += turnPeriod;
        }
        while (arrivingFrom < arrivingTo && arrivesAt[arrivingFrom % HELD] <= time + 1e-9) {
            heard = arriving[arrivingFrom++ % HELD];
        }
        return heard;
    }
}
