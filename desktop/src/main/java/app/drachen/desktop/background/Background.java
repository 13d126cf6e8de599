package app.drachen.desktop.background;

import app.drachen.core.working.Progress;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import javafx.application.Platform;

/** Runs long work beside the interface and brings the result back to it. */
public final class Background implements AutoCloseable {
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "drachen-work");
        thread.setDaemon(true);
        return thread;
    });

    /**
     * Does the same work many times on all processors and waits for it.
     *
     * @param times how often
     * @param work receives its number, from 0
     * @param progress hears of every piece that is done, and may stop the rest
     * @return the results in the order of their numbers; fewer when it was stopped
     */
    public static <T> List<T> onAllProcessors(int times, IntFunction<T> work, Progress progress) {
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

    /** Long work that reports its progress and looks whether it is to stop. */
    public interface Work<T> {
        /** Does the work. */
        T run(Running running) throws Exception;
    }

    /** The running work's side. */
    public static final class Running implements Progress {
        private final AtomicBoolean cancelled = new AtomicBoolean();
        private final DoubleConsumer progress;

        private Running(DoubleConsumer progress) {
            this.progress = progress;
        }

        @Override
        public boolean cancelled() {
            return cancelled.get();
        }

        @Override
        public void at(double share) {
            Platform.runLater(() -> progress.accept(share));
        }
    }

    /** The caller's handle. */
    public interface Handle {
        /** Asks the work to stop; its result is then dropped. */
        void cancel();
    }

    /**
     * Starts work; the three receivers are called on the interface thread.
     *
     * @param work what to do
     * @param progress receives the share done
     * @param done receives the result, unless cancelled
     * @param failed receives what went wrong, unless cancelled
     */
    public <T> Handle start(Work<T> work, DoubleConsumer progress, Consumer<T> done, Consumer<Exception> failed) {
        Running running = new Running(progress);
        worker.execute(() -> {
            try {
                T result = work.run(running);
                Platform.runLater(() -> {
                    if (!running.cancelled()) {
                        done.accept(result);
                    }
                });
            } catch (Exception e) {
                // what nobody foresaw comes with its report; the rest is one sentence for the pilot
                Platform.runLater(() -> {
                    if (!running.cancelled()) {
                        failed.accept(e);
                    }
                });
            }
        });
        return () -> running.cancelled.set(true);
    }

    /** Sends errors that nobody caught, on whatever thread, to a receiver on the interface thread. */
    public static void uncaught(Consumer<Throwable> receiver) {
        Thread.setDefaultUncaughtExceptionHandler((thread, error) -> Platform.runLater(() -> receiver.accept(error)));
        Thread.currentThread().setUncaughtExceptionHandler((thread, error) -> receiver.accept(error));
    }

    /** Runs on the interface thread after what is queued there. */
    public static void soon(Runnable task) {
        Platform.runLater(task);
    }

    /** Runs on the interface thread and waits for the result. */
    public static <T> T askScreen(Callable<T> task) throws Exception {
        if (Platform.isFxApplicationThread()) {
            return task.call();
        }
        var future = new java.util.concurrent.FutureTask<>(task);
        Platform.runLater(future);
        return future.get();
    }

    @Override
    public void close() {
        worker.shutdownNow();
    }
}
