package app.drachen.desk.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.desk.Hands;
import app.drachen.files.hangar.HangarException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;

class JobsTest {
    private final Hands workers = new Hands();
    private final Hands screen = new Hands();
    private final List<Throwable> unforeseen = new ArrayList<>();
    private final List<String> heard = new ArrayList<>();
    private final Jobs jobs = new Jobs(workers, screen, unforeseen::add);

    private Job start(Lane lane, Object subject, String name) {
        return jobs.start(lane, subject, r -> name, heard::add, s -> heard.add("failed: " + s));
    }

    private void settle() {
        while (workers.step() || screen.step()) {
            continue;
        }
    }

    @Test
    void aLaneRunsInOrderAndLanesOfOtherSubjectsBesideIt() {
        start(Lane.READ, "a", "a1");
        start(Lane.READ, "a", "a2");
        start(Lane.READ, "b", "b1");
        assertEquals(2, workers.waiting(), "one for each subject");
        settle();
        assertEquals(
                List.of("a1", "a2", "b1").stream().sorted().toList(),
                heard.stream().sorted().toList());
        assertTrue(heard.indexOf("a1") < heard.indexOf("a2"));
        assertTrue(jobs.idle());
    }

    @Test
    void closingASubjectCancelsItsJobsButNotWhatKeeps() {
        start(Lane.READ, "window", "read");
        start(Lane.FLY, "window", "fly");
        start(Lane.KEEP, "window", "keep");
        start(Lane.READ, "other", "other");
        jobs.close("window");
        settle();
        assertEquals(
                List.of("keep", "other").stream().sorted().toList(),
                heard.stream().sorted().toList());
    }

    @Test
    void aResultThatComesAfterItsSubjectIsClosedIsDropped() {
        start(Lane.READ, "window", "read");
        workers.step();
        jobs.close("window");
        settle();
        assertEquals(List.of(), heard);
    }

    @Test
    void foreseenFailuresAreSentencesAndOthersAreReported() {
        jobs.start(
                Lane.READ,
                "a",
                r -> {
                    throw new HangarException("h.drachen: the disk is full");
                },
                nothing -> {},
                heard::add);
        jobs.start(
                Lane.READ,
                "a",
                r -> {
                    throw new IllegalStateException("nobody thought of this");
                },
                nothing -> {},
                heard::add);
        start(Lane.READ, "a", "next");
        settle();
        assertEquals(3, heard.size(), "the lane goes on: " + heard);
        assertEquals("h.drachen: the disk is full", heard.get(0));
        assertTrue(heard.get(1).contains("nobody foresaw"));
        assertEquals("nobody thought of this", unforeseen.get(0).getMessage());
    }

    @Test
    void closingDoesWhatIsToBeKeptAndTakesNothingMore() {
        List<String> kept = new ArrayList<>();
        for (String name : List.of("one", "two")) {
            jobs.start(Lane.KEEP, "hangar", r -> kept.add(name), ok -> {}, heard::add);
        }
        start(Lane.READ, "a", "read");
        jobs.close();
        assertEquals(List.of("one", "two"), kept);
        jobs.start(Lane.KEEP, "hangar", r -> kept.add("late"), ok -> {}, heard::add);
        settle();
        assertEquals(2, kept.size());
        assertEquals(List.of(), heard);
    }

    /** With real threads: closing waits for what has begun, and for what that still gives to keep. */
    @Test
    void closingWaitsForWhatHasBegun() throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(2);
        Jobs threaded = new Jobs(pool, screen, unforeseen::add);
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        List<String> kept = new ArrayList<>();
        threaded.start(
                Lane.FLY,
                "flight",
                r -> {
                    begun.countDown();
                    go.await();
                    threaded.start(Lane.KEEP, "hangar", k -> kept.add("landed"), ok -> {}, heard::add);
                    return "down";
                },
                heard::add,
                heard::add);
        begun.await();
        Thread closing = new Thread(threaded::close);
        closing.start();
        assertFalse(threaded.idle());
        go.countDown();
        closing.join();
        assertEquals(List.of("landed"), kept);
        assertTrue(threaded.idle());
        pool.shutdown();
    }

    @Test
    void allProcessorsGiveAllResultsInOrderAndStop() {
        assertEquals(List.of(0, 1, 4, 9), AllProcessors.times(4, n -> n * n, app.drachen.core.working.Progress.NONE));
    }
}
