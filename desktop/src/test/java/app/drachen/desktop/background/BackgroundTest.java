package app.drachen.desktop.background;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.working.Progress;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Work on all processors: in order, told, and stopped. */
class BackgroundTest {
    @Test
    void resultsComeInOrderAndEveryPieceIsTold() {
        List<Double> shares = Collections.synchronizedList(new ArrayList<>());
        List<Integer> results = Background.onAllProcessors(50, n -> n * n, new Progress() {
            @Override
            public void at(double share) {
                shares.add(share);
            }

            @Override
            public boolean cancelled() {
                return false;
            }
        });
        assertEquals(IntStream.range(0, 50).map(n -> n * n).boxed().toList(), results);
        assertEquals(50, shares.size());
        assertEquals(1, Collections.max(shares), 0);
        assertEquals(0.02, Collections.min(shares), 1e-12);
    }

    @Test
    void whatIsStoppedDoesNoMoreWork() {
        AtomicInteger done = new AtomicInteger();
        List<Integer> results = Background.onAllProcessors(
                10_000,
                n -> {
                    done.incrementAndGet();
                    return n;
                },
                new Progress() {
                    @Override
                    public void at(double share) {}

                    @Override
                    public boolean cancelled() {
                        return done.get() >= 20;
                    }
                });
        // pieces under way on other processors are still finished
        assertTrue(done.get() >= 20 && done.get() < 20 + 64, "did " + done.get());
        assertEquals(done.get(), results.size());
    }
}
