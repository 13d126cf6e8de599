package app.drachen.desk.work;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;

/**
 * Runs long work beside the interface. Every job has a subject (a flight, a window, an aircraft) and a lane. Closing the
 * subject cancels its jobs; what keeps something is always done. Results and failures are brought back to the screen's
 * executor. Failures that were foreseen become a sentence, all others go to one place.
 *
 * <p>Both executors are handed in, so that a test can run things in the worst order.
 */
public final class Jobs implements AutoCloseable {
    private final Executor workers;
    private final Executor screen;
    private final Consumer<Throwable> unforeseen;
    private final Map<Object, Deque<Task<?>>> queues = new HashMap<>();
    private final Set<Task<?>> unheard = new HashSet<>();
    private boolean closed;

    /**
     * Jobs on two executors.
     *
     * @param workers runs the work; may run several things at once
     * @param screen receives results, one after the other in their order
     * @param unforeseen receives on the screen what nobody foresaw
     */
    public Jobs(Executor workers, Executor screen, Consumer<Throwable> unforeseen) {
        this.workers = workers;
        this.screen = screen;
        this.unforeseen = unforeseen;
    }

    private record Key(Lane lane, Object subject) {}

    private static Object queue(Lane lane, Object subject) {
        return lane == Lane.KEEP ? Lane.KEEP : new Key(lane, subject);
    }

    private final class Task<T> implements Job {
        private final Lane lane;
        private final Object subject;
        private final Work<T> work;
        private final Consumer<T> done;
        private final Consumer<String> failed;
        private final Running running;
        private boolean begun;

        Task(
                Lane lane,
                Object subject,
                Work<T> work,
                DoubleConsumer progress,
                Consumer<T> done,
                Consumer<String> failed) {
            this.lane = lane;
            this.subject = subject;
            this.work = work;
            this.done = done;
            this.failed = failed;
            running = new Running(share -> deliver(() -> progress.accept(share)));
        }

        @Override
        public void cancel() {
            if (lane != Lane.KEEP) {
                running.cancel();
                synchronized (Jobs.this) {
                    unheard.remove(this);
                }
            }
        }

        private void deliver(Runnable result) {
            screen.execute(() -> {
                if (!running.cancelled()) {
                    result.run();
                }
            });
        }

        /** The last word of the job. */
        private void end(Runnable result) {
            deliver(() -> {
                synchronized (Jobs.this) {
                    unheard.remove(this);
                }
                result.run();
            });
        }

        void run() {
            if (running.cancelled()) {
                return;
            }
            try {
                T result = work.run(running);
                end(() -> done.accept(result));
            } catch (Exception | StackOverflowError | OutOfMemoryError e) {
                Foreseen.sentence(e)
                        .ifPresentOrElse(
                                sentence -> end(() -> failed.accept(sentence)),
                                () -> end(() -> {
                                    failed.accept("Something went wrong that nobody foresaw; nothing is lost.");
                                    unforeseen.accept(e);
                                }));
            }
        }
    }

    /** Starts a job whose progress nobody watches. */
    public <T> Job start(Lane lane, Object subject, Work<T> work, Consumer<T> done, Consumer<String> failed) {
        return start(lane, subject, work, share -> {}, done, failed);
    }

    /**
     * Starts a job; the three receivers are called on the screen's executor, unless it was cancelled.
     *
     * @param lane where it waits
     * @param subject what it is about
     * @param work what to do
     * @param progress receives the share done
     * @param done receives the result
     * @param failed receives one sentence if there is none
     */
    public <T> Job start(
            Lane lane,
            Object subject,
            Work<T> work,
            DoubleConsumer progress,
            Consumer<T> done,
            Consumer<String> failed) {
        Task<T> task = new Task<>(lane, subject, work, progress, done, failed);
        Object key = queue(lane, subject);
        synchronized (this) {
            if (closed) {
                task.running.cancel();
                return task;
            }
            unheard.add(task);
            Deque<Task<?>> queue = queues.computeIfAbsent(key, k -> new ArrayDeque<>());
            queue.add(task);
            if (queue.size() > 1) {
                return task;
            }
        }
        workers.execute(() -> next(key));
        return task;
    }

    /** Runs the first task of a queue, unless somebody else does. */
    private void next(Object key) {
        Task<?> task;
        synchronized (this) {
            Deque<Task<?>> queue = queues.get(key);
            if (queue == null || queue.peek().begun) {
                return;
            }
            task = queue.peek();
            task.begun = true;
        }
        try {
            task.run();
        } finally {
            boolean more;
            synchronized (this) {
                Deque<Task<?>> queue = queues.get(key);
                queue.remove();
                more = !queue.isEmpty();
                if (!more) {
                    queues.remove(key);
                }
                notifyAll();
            }
            if (more) {
                workers.execute(() -> next(key));
            }
        }
    }

    /** Cancels all jobs of a subject, but not what keeps something. */
    public void close(Object subject) {
        List<Task<?>> theirs;
        synchronized (this) {
            theirs = unheard.stream().filter(t -> t.subject.equals(subject)).toList();
        }
        theirs.forEach(Task::cancel);
    }

    /** Whether nothing runs and nothing waits. */
    public synchronized boolean idle() {
        return queues.isEmpty();
    }

    /** Whether a change of the hangar is still on its way to the disk. */
    public synchronized boolean keeping() {
        return queues.containsKey(Lane.KEEP);
    }

    /**
     * Ends: cancels what can be cancelled, waits for what has begun, does what is still to be kept, and takes nothing
     * more. What has begun may still give something to keep, as a flight does that has just landed.
     */
    @Override
    public void close() {
        List<Task<?>> all;
        synchronized (this) {
            all = List.copyOf(unheard);
        }
        all.forEach(Task::cancel);
        boolean interrupted = false;
        while (true) {
            Object mine;
            synchronized (this) {
                if (queues.isEmpty()) {
                    closed = true;
                    break;
                }
                mine = queues.entrySet().stream()
                        .filter(e -> !e.getValue().peek().begun)
                        .map(Map.Entry::getKey)
                        .findFirst()
                        .orElse(null);
                if (mine == null) {
                    try {
                        wait();
                    } catch (InterruptedException e) {
                        interrupted = true;
                    }
                }
            }
            if (mine != null) {
                next(mine);
            }
        }
        if (interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
