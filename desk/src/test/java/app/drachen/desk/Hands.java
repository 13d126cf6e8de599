package app.drachen.desk;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.Executor;

/** An executor moved by hand: a test says when the next thing happens. */
public final class Hands implements Executor {
    private final Deque<Runnable> waiting = new ArrayDeque<>();

    @Override
    public void execute(Runnable task) {
        waiting.add(task);
    }

    /** Lets the next thing happen; whether there was one. */
    public boolean step() {
        Runnable next = waiting.poll();
        if (next != null) {
            next.run();
        }
        return next != null;
    }

    public int waiting() {
        return waiting.size();
    }
}
