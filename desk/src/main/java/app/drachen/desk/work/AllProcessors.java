package app.drachen.desk.work;

import app.drachen.core.working.Progress;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/** The same work many times on all processors. */
public final class AllProcessors {
    private AllProcessors() {}

    /**
     * Does the same work many times and waits for it.
     *
     * @param times how often
     * @param work receives its number, from 0
     * @param progress hears of every piece that is done, and may stop the rest
     * @return the results in the order of their numbers; fewer when it was stopped
     */
    public static <T> List<T> times(int times, IntFunction<T> work, Progress progress) {
        AtomicInteger done = new AtomicInteger();
        return IntStream.range(0, times)
                .parallel()
                .mapToObj(n -> {
                    if (progress.cancelled()) {
                        return Optional.<T>empty();
                    }
                    T result = work.apply(n);
                    progress.at((double) done.incrementAndGet() / times);
                    return Optional.of(result);
                })
                .flatMap(Optional::stream)
                .toList();
    }
}
