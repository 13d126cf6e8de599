package app.drachen.desk.play;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.hearing.Listener.Said;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.UnitSystem;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** A flight over a real socket, as fast as it goes. */
class PlayedTest {
    private static FlightLog climb() {
        FlightLog.Builder log = new FlightLog.Builder(EnumSet.of(LogColumn.TIME, LogColumn.HEIGHT));
        for (int i = 0; i <= 1_200; i++) {
            log.row(i / 20.0);
            log.put(LogColumn.HEIGHT, 60 + i / 20.0);
        }
        return log.build();
    }

    private final ExecutorService workers = Executors.newCachedThreadPool();
    private final List<Future<?>> running = new ArrayList<>();

    private Played played(app.drachen.files.standin.ValueSender.Pace pace) {
        return new Played(
                task -> {
                    synchronized (running) {
                        running.add(workers.submit(task));
                    }
                },
                DemoAircraft.seeschwalbe(),
                climb(),
                0,
                20,
                0,
                1,
                () -> pace);
    }

    @Test
    void whatComesIsHeardToTheEnd() throws Exception {
        Played played = played(seconds -> {});
        running.get(0).get(180, TimeUnit.SECONDS);
        running.get(1).get(180, TimeUnit.SECONDS);
        List<Said> said = played.drain();
        assertTrue(played.over());
        assertEquals("", played.wrong());
        assertEquals(60, played.time(), 1e-9);
        // the alarm stands at 100 m, passed at 40 s, and is heard up to 1.3 s later
        Said alarm = said.stream().filter(Said::alarm).findFirst().orElseThrow();
        assertTrue(alarm.time() > 40 && alarm.time() < 41.4, alarm.toString());
        assertEquals("height", alarm.words());
        assertTrue(said.size() > 10, "calls every few seconds");
        assertTrue(played.said().size() <= 6, "the latest are remembered");
        assertTrue(Double.parseDouble(played.listener().shown(app.drachen.core.signals.Value.HEIGHT, UnitSystem.METRIC))
                >= 118);
        workers.shutdown();
    }

    /** Stopped in the middle it ends, and says nothing went wrong. */
    @Test
    void itIsStoppedInTheMiddle() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch stopped = new CountDownLatch(1);
        Played played = played(seconds -> {
            if (seconds > 1) {
                begun.countDown();
                stopped.await();
            }
        });
        assertTrue(begun.await(180, TimeUnit.SECONDS));
        played.stop();
        stopped.countDown();
        running.get(0).get(180, TimeUnit.SECONDS);
        running.get(1).get(180, TimeUnit.SECONDS);
        played.drain();
        assertTrue(played.over() && played.wrong().isEmpty(), played.wrong());
        assertTrue(played.time() < 60);
        workers.shutdown();
    }
}
