package app.drachen.desktop.screen;

import app.drachen.desk.work.Jobs;
import java.util.concurrent.Callable;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import javafx.application.Platform;

/** The interface thread as an executor, and the threads that work beside it. */
public final class Screen {

    /** Runs on the interface thread, after what is queued there. */
    public static final Executor LATER = Platform::runLater;

    private static final AtomicInteger NUMBER = new AtomicInteger();

    /** One thread a processor and one more, for all windows; none of them keeps the program alive. */
    private static final Executor WORKERS =
            Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors() + 1, task -> {
                Thread thread = new Thread(task, "drachen-work-" + NUMBER.incrementAndGet());
                thread.setDaemon(true);
                return thread;
            });

    private Screen() {}

    /** Jobs whose results come to the interface thread. */
    public static Jobs jobs(Consumer<Throwable> unforeseen) {
        return new Jobs(WORKERS, LATER, unforeseen);
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

    /** Does something beside the interface that no desk is there for yet. */
    public static void beside(Runnable task) {
        WORKERS.execute(task);
    }

    /** Does something that goes on for minutes and waits most of the time, on a thread of its own; the program ends without it. */
    public static void apart(Runnable task) {
        Thread thread = new Thread(task, "drachen-apart-" + NUMBER.incrementAndGet());
        thread.setDaemon(true);
        thread.start();
    }

    /** Runs on the interface thread and waits for the result. */
    public static <T> T ask(Callable<T> task) throws Exception {
        if (Platform.isFxApplicationThread()) {
            return task.call();
        }
        FutureTask<T> future = new FutureTask<>(task);
        Platform.runLater(future);
        return future.get();
    }
}
