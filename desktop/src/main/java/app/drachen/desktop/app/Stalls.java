package app.drachen.desktop.app;

import java.util.concurrent.locks.LockSupport;
import java.util.function.LongConsumer;
import java.util.function.LongSupplier;

/**
 * How long one that wants to go on every millisecond is kept waiting at worst: by the collector of rubbish, which may stop all that runs, or
 * by a machine that is busy with others.
 */
final class Stalls implements AutoCloseable {
    private static final long NAP = 1_000_000;

    private final LongSupplier clock;
    private final LongConsumer nap;
    private volatile long longest;
    private volatile boolean over;

    Stalls() {
        this(System::nanoTime, LockSupport::parkNanos);
        Thread watch = new Thread(this::watch, "stalls");
        watch.setDaemon(true);
        watch.start();
    }

    /**
     * Not watching by itself.
     *
     * @param clock [ns]
     * @param nap rests for so long [ns]
     */
    Stalls(LongSupplier clock, LongConsumer nap) {
        this.clock = clock;
        this.nap = nap;
    }

    private void watch() {
        while (!over) {
            look();
        }
    }

    /** Rests once and sees how much longer it took. */
    void look() {
        long before = clock.getAsLong();
        nap.accept(NAP);
        longest = Math.max(longest, clock.getAsLong() - before - NAP);
    }

    /** The longest so far [ms]. */
    double millis() {
        return Math.round(longest / 1e5) / 10.0;
    }

    @Override
    public void close() {
        over = true;
    }
}
