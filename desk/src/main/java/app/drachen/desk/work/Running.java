package app.drachen.desk.work;

import app.drachen.core.working.Progress;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.DoubleConsumer;

/** A running job's side: whether it is to stop, and where it says how far it is. */
public final class Running implements Progress {
    private final AtomicBoolean cancelled = new AtomicBoolean();
    private final DoubleConsumer progress;

    Running(DoubleConsumer progress) {
        this.progress = progress;
    }

    void cancel() {
        cancelled.set(true);
    }

    @Override
    public boolean cancelled() {
        return cancelled.get();
    }

    @Override
    public void at(double share) {
        progress.accept(share);
    }
}
