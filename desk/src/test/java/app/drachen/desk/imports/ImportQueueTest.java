package app.drachen.desk.imports;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.debrief.Landing;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.desk.DeskTest;
import app.drachen.desk.Hands;
import app.drachen.desk.imports.Incoming.State;
import app.drachen.files.json.SetupJson;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Files come in at once, in any number and of any kind; each ends in the logbook, on the shelf, or in a sentence. */
class ImportQueueTest extends DeskTest {
    private ImportQueue queue;

    @BeforeEach
    void listen() {
        session.open(seeschwalbe());
        queue = new ImportQueue(session, () -> {});
    }

    /** A table that nobody knows; a different head asks a different question. */
    private Path foreign(String name, String head) throws Exception {
        StringBuilder text = new StringBuilder("zeit;" + head + ";speed (km/h);wobble\n");
        for (int i = 0; i < 200; i++) {
            text.append(String.format(Locale.ROOT, "%.1f;%.2f;%.1f;%d\n", i * 0.1, Math.sin(i * 0.1), 45.0, i % 7));
        }
        return Files.writeString(folder.resolve(name), text);
    }

    private Path own(String name) throws Exception {
        return Files.writeString(folder.resolve(name), "t [s],height [m]\n0,1\n1,2\n2,2\n");
    }

    private List<String> states() {
        return queue.all().stream()
                .map(i -> i.state().getClass().getSimpleName())
                .toList();
    }

    private int flights() {
        return hangar.logbook().flights(seeschwalbe().id()).size();
    }

    private void answer() {
        Incoming asking = queue.asking(seeschwalbe()).orElseThrow();
        queue.answer(asking, ((State.Asking) asking.state()).guess());
    }

    /** The first used to vanish: never asked about, never kept, never mentioned. */
    @Test
    void twoForeignLogsAreAskedAboutOneAfterTheOther() throws Exception {
        queue.take(List.of(foreign("a.csv", "Rollwinkel"), foreign("b.csv", "Querneigung")));
        settle();
        assertEquals(List.of("Asking", "Waiting"), states());
        answer();
        settle();
        assertEquals(List.of("Kept", "Asking"), states());
        answer();
        settle();
        assertEquals(List.of("Kept", "Kept"), states());
        assertEquals(2, flights());
    }

    @Test
    void tenLogsOfOneShapeAreAskedAboutOnce() throws Exception {
        List<Path> ten = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            ten.add(foreign(i + ".csv", "Rollwinkel"));
        }
        queue.take(ten);
        settle();
        answer();
        settle();
        assertEquals(10, flights());
        for (int i = 0; i < 10; i++) {
            State.Kept kept = (State.Kept) queue.all().get(i).state();
            assertEquals(i + 1, kept.flight().number(), "in the order in which they came");
            assertTrue(kept.flight().outcome().startsWith("Read from " + i + ".csv"));
        }
    }

    @Test
    void aLogASetupAndTwoBadFilesTogether() throws Exception {
        Path setup = folder.resolve("neu.json");
        SetupJson.write(DemoAircraft.rochen().withName("Möwe"), setup);
        Path noise = Files.write(folder.resolve("noise.csv"), new byte[] {0, 1, 2, -1, 7});
        Path other = Files.writeString(folder.resolve("other.json"), "{}");
        queue.take(List.of(noise, own("a.csv"), setup, other, folder.resolve("gone.csv")));
        settle();
        assertEquals("Möwe", aircraft("Möwe").standing().orElseThrow().setup().name());
        assertEquals(1, flights());
        assertTrue(queue.all().stream().allMatch(Incoming::over), states().toString());
        for (String name : List.of("noise.csv", "other.json", "gone.csv")) {
            assertEquals(1, told.stream().filter(t -> t.startsWith(name)).count(), name + ": " + told);
        }
    }

    /** A dive into the ground is in the logbook as one, and the linkages are to be pulled at again (BENCH-R7). */
    @Test
    void aLogThatEndsInTheGroundSaysSo() throws Exception {
        StringBuilder log = new StringBuilder("t [s],height [m],ground speed [m/s]\n");
        for (int i = 0; i <= 300; i++) {
            double t = i / 5.0;
            double up = Math.min(40, 2 * t);
            log.append(t + "," + Math.max(0, Math.min(up, 12 * (59 - t))) + "," + (t < 59 ? 14 : 0) + "\n");
        }
        queue.take(List.of(Files.writeString(folder.resolve("dive.csv"), log), own("short.csv")));
        settle();
        List<String> outcomes = queue.all().stream()
                .map(i -> ((State.Kept) i.state()).flight().outcome())
                .toList();
        assertTrue(Landing.hurt(outcomes.get(0)), outcomes.get(0));
        assertFalse(Landing.hurt(outcomes.get(1)), outcomes.get(1));
    }

    /** Another aircraft is opened between any two steps; the log ends where it was dropped. */
    @Test
    void aLogEndsAtTheAircraftItWasDroppedOn() throws Exception {
        for (int after = 0; after < 8; after++) {
            session.closeAircraft();
            session.open(seeschwalbe());
            int before = flights();
            queue.take(List.of(own("l" + after + ".csv")));
            for (int i = 0; i < after; i++) {
                Hands turn = i % 2 == 0 ? workers : screen;
                turn.step();
            }
            session.closeAircraft();
            session.open(rochen());
            settle();
            assertEquals(before + 1, flights(), "after " + after);
            assertEquals(0, hangar.logbook().flights(rochen().id()).size());
        }
        assertTrue(told.get(told.size() - 1).contains("of Seeschwalbe"), told.toString());
    }

    @Test
    void aQuestionWaitsWhileAnotherAircraftIsOpen() throws Exception {
        queue.take(List.of(foreign("a.csv", "Rollwinkel")));
        session.closeAircraft();
        session.open(rochen());
        settle();
        assertTrue(told.get(0).contains("a.csv asks what its columns mean: Ctrl L in Seeschwalbe"), told.toString());
        queue.take(List.of(own("b.csv")));
        settle();
        assertEquals(1, hangar.logbook().flights(rochen().id()).size(), "other aircraft do not wait for it");
        session.open(seeschwalbe());
        answer();
        settle();
        assertEquals(1, flights());
    }

    @Test
    void stoppingKeepsNothingAndNamesAll() throws Exception {
        queue.take(List.of(foreign("a.csv", "Rollwinkel"), own("b.csv")));
        settle();
        queue.stop(seeschwalbe());
        settle();
        assertEquals(List.of("Refused", "Refused"), states());
        assertEquals(0, flights());
        assertTrue(told.get(0).contains("a.csv") && told.get(0).contains("b.csv"), told.toString());
        assertTrue(queue.askAgain(seeschwalbe()), "it can be asked about again");
        settle();
        answer();
        settle();
        assertEquals(1, flights());
    }

    @Test
    void withoutAnAircraftALogIsToldSo() throws Exception {
        session.closeAircraft();
        queue.take(List.of(own("a.csv")));
        settle();
        assertEquals(List.of("Open an aircraft first, then read its log in."), told);
    }

    @Test
    void aWindowClosedWhileReadingKeepsNothingOfIt() throws Exception {
        queue.take(List.of(own("a.csv")));
        workers.step();
        screen.step();
        session.close();
        settle();
        assertEquals(0, flights());
    }
}
