package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Stage;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Logbook;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The interface thread is watched while a hand goes over every key and drawing of every screen, with 400 parts. */
class HandTest extends WindowTest {
    /** More work than this for one key or one move of a drag is felt [ms]; of the processor, whatever else it does. */
    private static final double FELT = 50;

    /** Tests run without the better compiler, in a machine that is busy: there a plain pane is a measure of what is felt. */
    private static final double PLAIN = 4;

    @Test
    void nothingKeepsTheInterfaceThreadLongerThanIsFelt() throws Exception {
        List<Long> made = new ArrayList<>();
        act(() -> desk.add(HandWalk.large(400), "large", a -> made.add(a.id()), s -> {}));
        until(() -> !made.isEmpty());
        // flown, so that the logbook and the debrief are gone over too
        Logbook.Packed log =
                Logbook.pack(hangar.logbook().log(idOf("Seeschwalbe"), 11).orElseThrow());
        List<FlightRecord> flown = new ArrayList<>();
        act(() -> desk.aircraft(made.get(0))
                .orElseThrow()
                .keep(new FlightRecord(0, 1, 0, false, "", "hand"), log, Optional.empty(), flown::add, s -> {}));
        until(() -> !flown.isEmpty());
        HandWalk walk = new HandWalk(session, shell, scene);
        // the machine compiles, cleans up and is busy with others: what is slow each time is slow
        List<HandWalk.Frame> frames = walk.walk(made.get(0));
        double limit = Math.max(FELT, PLAIN * walk.plain().work());
        Set<String> slow = slow(frames, limit);
        for (int again = 0; again < 2 && !slow.isEmpty(); again++) {
            slow.retainAll(slow(walk.round(), limit));
        }
        settle();
        List<String> screens = new ArrayList<>(
                List.of(Stage.values()).stream().map(Stage::label).toList());
        screens.addAll(List.of("Logbook", "Debrief"));
        assertEquals(
                screens, frames.stream().map(HandWalk.Frame::screen).distinct().toList(), "it was on every screen");
        assertTrue(frames.stream().anyMatch(f -> f.what().startsWith("drag on")));
        assertEquals(Set.of(), slow, "over " + limit + " ms of work each time");

        // and it would have been found: a listener that works for twice as long on every change
        boolean[] works = {true};
        act(() -> session.listen(() -> {
            long end = System.nanoTime() + (long) (2e6 * limit);
            while (works[0] && System.nanoTime() < end) {
                Math.sqrt(end);
            }
        }));
        Set<String> slowed = slow(walk.round(), limit);
        works[0] = false;
        assertTrue(slowed.stream().filter(s -> s.contains("going there")).count() > 5, slowed.toString());
    }

    private static Set<String> slow(List<HandWalk.Frame> frames, double limit) {
        Set<String> slow = new HashSet<>();
        frames.stream().filter(f -> f.work() > limit).forEach(f -> slow.add(f.screen() + ", " + f.what()));
        return slow;
    }
}
