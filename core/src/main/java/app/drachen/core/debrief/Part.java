package app.drachen.core.debrief;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * One part of a debrief, worked out beside others.
 *
 * @param <T> what it gives
 */
final class Part<T> implements Runnable {
    private final Supplier<T> work;
    private Optional<T> done = Optional.empty();

    Part(Supplier<T> work) {
        this.work = work;
    }

    @Override
    public void run() {
        done = Optional.of(work.get());
    }

    /** What it gave; to be asked for once all were run. */
    T done() {
        return done.orElseThrow();
    }

    /**
     * Runs parts by all hands there are, in any order; none may wait for another. If some go wrong, the first of them in their order is
     * thrown as it was: a pool would put the name of its class before what it says, and a pilot reads that.
     */
    static void all(List<? extends Runnable> parts) {
        List<Optional<RuntimeException>> wrong =
                parts.parallelStream().map(Part::tried).toList();
        wrong.stream().flatMap(Optional::stream).findFirst().ifPresent(e -> {
            throw e;
        });
    }

    private static Optional<RuntimeException> tried(Runnable part) {
        try {
            part.run();
            return Optional.empty();
        } catch (RuntimeException e) {
            return Optional.of(e);
        }
    }
}
