package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Situation;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.Kits;
import app.drachen.files.demo.DemoHangar;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import app.drachen.files.hangar.Revision;
import app.drachen.files.json.SetupJson;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class HangarTest {
    private static final Setup ROCHEN = DemoAircraft.rochen();

    @TempDir
    Path folder;

    private static Setup heavier(Setup setup, double mass) {
        return setup.withPart("camera", p -> p.withMass(mass));
    }

    @Test
    void revisionsAreWalkedBothWaysAndSurviveClosing() {
        Path file = folder.resolve("mein hängar.drachen");
        long id;
        try (Hangar hangar = Hangar.open(file)) {
            id = hangar.add(ROCHEN, "built", 100);
            hangar.commit(id, heavier(ROCHEN, 0.05), "camera", 200);
            hangar.commit(id, heavier(ROCHEN, 0.06), "camera again", 300);
            assertEquals(3, hangar.current(id).number());
        }
        try (Hangar hangar = Hangar.open(file)) {
            assertEquals(heavier(ROCHEN, 0.06), hangar.current(id).setup());
            assertEquals(2, hangar.undo(id).orElseThrow().number());
            assertEquals(1, hangar.undo(id).orElseThrow().number());
            assertEquals(Optional.empty(), hangar.undo(id));
            assertEquals(2, hangar.redo(id).orElseThrow().number());
            // an edit after an undo makes a new branch; redo then follows the newer one
            Revision branch = hangar.commit(id, heavier(ROCHEN, 0.07), "other camera", 400);
            assertEquals(4, branch.number());
            assertEquals(2, branch.parent());
            assertEquals(Optional.empty(), hangar.redo(id));
            hangar.undo(id);
            assertEquals(4, hangar.redo(id).orElseThrow().number());
            assertEquals(
                    List.of(1, 2, 4),
                    hangar.history(id).stream().map(Revision::number).toList());
            assertEquals(
                    heavier(ROCHEN, 0.06), hangar.revision(id, 3).orElseThrow().setup(), "nothing is lost");
        }
    }

    @Test
    void aRevisionIsTheExportedDocument() throws Exception {
        Path file = folder.resolve("h.drachen");
        try (Hangar hangar = Hangar.open(file)) {
            hangar.add(ROCHEN, "built", 0);
        }
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var rows = connection.createStatement().executeQuery("SELECT document FROM revision")) {
            assertEquals(SetupJson.write(ROCHEN), rows.getString(1));
        }
    }

    @Test
    void acknowledgedRevisionsAreReadByAnotherConnectionAtOnce() throws Exception {
        Path file = folder.resolve("h.drachen");
        try (Hangar hangar = Hangar.open(file)) {
            long id = hangar.add(ROCHEN, "built", 0);
            for (int i = 0; i < 20; i++) {
                hangar.commit(id, heavier(ROCHEN, 0.05 + i * 0.001), "edit", i);
                // as after a crash: nobody closed the first connection
                try (Hangar other = Hangar.openToRead(file)) {
                    assertEquals(i + 2, other.current(id).number());
                }
            }
        }
    }

    @Test
    void proofsAndFlightsComeBackEqual() {
        try (Hangar hangar = Hangar.open(folder.resolve("h.drachen"))) {
            long id = hangar.add(ROCHEN, "built", 0);
            Proof proof = Proof.gained(
                    ProofKind.WEIGHING, ROCHEN, 1, 99, Proof.Evidence.REAL, true, "728 g", Map.of("mass", 0.728));
            hangar.add(id, proof);
            assertEquals(List.of(proof), hangar.proofs(id));
            FlightLog.Builder builder = new FlightLog.Builder(EnumSet.of(LogColumn.HEIGHT));
            for (int i = 0; i < 500; i++) {
                builder.row(i * 0.02);
                builder.put(LogColumn.HEIGHT, i * 0.1);
            }
            FlightRecord kept = hangar.logbook()
                    .add(id, new FlightRecord(0, 1, 5, true, "first-flight", "Landed."), builder.build());
            assertEquals(1, kept.number());
            assertEquals(List.of(kept), hangar.logbook().flights(id));
            FlightLog log = hangar.logbook().log(id, 1).orElseThrow();
            assertEquals(500, log.rows());
            assertEquals(49.9, log.value(LogColumn.HEIGHT, 499), 1e-9);
            assertEquals(Optional.empty(), hangar.logbook().log(id, 2));
            hangar.keep("units", "METRIC");
            hangar.keep("units", "IMPERIAL");
            assertEquals(Optional.of("IMPERIAL"), hangar.setting("units"));
        }
    }

    @Test
    void facetsRememberWhereTheyChanged() {
        try (Hangar hangar = Hangar.open(folder.resolve("h.drachen"))) {
            long id = hangar.add(ROCHEN, "built", 0);
            Setup two = heavier(ROCHEN, 0.05);
            hangar.commit(id, two, "camera", 1);
            hangar.commit(id, two.withControls(two.controls().withTrims(new RadioTrims(0.1, 0, 0))), "trim", 2);
            assertEquals(
                    Map.of(Facet.PARTS, 2, Facet.RADIO_TRIMS, 3),
                    hangar.current(id).changedAt());
        }
    }

    @Test
    void filesThatAreNoHangarAreToldAndKept() throws Exception {
        Path text = folder.resolve("notes.txt");
        Files.writeString(text, "these are notes, not a hangar, and they are long enough to be read as one".repeat(20));
        String told =
                assertThrows(HangarException.class, () -> Hangar.open(text)).getMessage();
        assertTrue(told.startsWith("notes.txt") && told.contains("no hangar"), told);
        assertTrue(Files.readString(text).startsWith("these are notes"), "the file is left as it was");
        Path newer = folder.resolve("newer.drachen");
        Hangar.open(newer).close();
        try (var connection = DriverManager.getConnection("jdbc:sqlite:" + newer)) {
            connection.createStatement().execute("PRAGMA user_version=77");
        }
        String version =
                assertThrows(HangarException.class, () -> Hangar.open(newer)).getMessage();
        assertTrue(version.contains("newer Drachen"), version);
    }

    /** A database that Drachen did not make is left as it is, whatever it is called. */
    @Test
    void anotherProgramsDatabaseIsNotTakenOver() throws Exception {
        for (String made : List.of("CREATE TABLE shopping (what TEXT)", "PRAGMA application_id=252006674")) {
            Path other = folder.resolve("other" + made.length() + ".drachen");
            try (var connection = DriverManager.getConnection("jdbc:sqlite:" + other)) {
                connection.createStatement().execute(made);
                connection.createStatement().execute("PRAGMA user_version=3");
            }
            byte[] before = Files.readAllBytes(other);
            String told = assertThrows(HangarException.class, () -> Hangar.open(other))
                    .getMessage();
            assertTrue(told.contains("another program"), told);
            assertThrows(HangarException.class, () -> Hangar.openToRead(other));
            assertArrayEquals(before, Files.readAllBytes(other));
        }
    }

    /** Through a symbolic link there is still one writer; a file with two names is not written at all. */
    @Test
    void linksDoNotLetASecondWriterIn() throws Exception {
        Path file = folder.resolve("one.drachen");
        Path link = Files.createSymbolicLink(folder.resolve("link.drachen"), file);
        try (Hangar first = Hangar.open(file)) {
            String told =
                    assertThrows(HangarException.class, () -> Hangar.open(link)).getMessage();
            assertTrue(told.contains("open in another"), told);
            assertTrue(first.writable());
        }
        assertFalse(Files.exists(folder.resolve(".one.drachen.lock")), "the lock goes with the one who had it");
        Path second = Files.createLink(folder.resolve("hard.drachen"), file);
        for (Path name : List.of(file, second)) {
            String told =
                    assertThrows(HangarException.class, () -> Hangar.open(name)).getMessage();
            assertTrue(told.contains("second name"), told);
        }
        Hangar.openToRead(second).close();
        Files.delete(second);
        Hangar.open(link).close();
        Path nowhere = Files.createSymbolicLink(folder.resolve("nowhere.drachen"), folder.resolve("gone.drachen"));
        assertTrue(assertThrows(HangarException.class, () -> Hangar.open(nowhere))
                .getMessage()
                .contains("leads nowhere"));
        assertFalse(Files.exists(folder.resolve("gone.drachen")));
    }

    @Test
    void theDemoHangarStandsAtThreePointsOfTheLine() {
        try (Hangar hangar = Hangar.open(folder.resolve("demo.drachen"))) {
            DemoHangar.fill(hangar, Clock.fixed(Instant.ofEpochSecond(1_790_000_000L), ZoneOffset.UTC));
            assertEquals(
                    List.of("Rochen", "Strandläufer", "Seeschwalbe"),
                    hangar.aircraft().stream().map(Hangar.Shelf::name).toList());
            assertEquals("Right elevon answers roll the wrong way", why(hangar, 0));
            assertTrue(why(hangar, 1).contains("Two supplies feed"), why(hangar, 1));
            long swallow = hangar.aircraft().get(2).id();
            assertEquals(11, hangar.logbook().flights(swallow).size());
            assertTrue(hangar.logbook().flights(swallow).stream()
                    .allMatch(f -> f.outcome().startsWith("Landed")));
            Clearance clearance = clearance(hangar, swallow);
            assertEquals("local flights, Level", clearance.sentence());
            assertTrue(clearance.next().orElseThrow().finding().detail().startsWith("Porpoising in Hold"));
            assertFalse(hangar.logbook().log(swallow, 11).isEmpty());
        }
    }

    private static String why(Hangar hangar, int index) {
        return clearance(hangar, hangar.aircraft().get(index).id()).why();
    }

    private static Clearance clearance(Hangar hangar, long id) {
        Revision now = hangar.current(id);
        try {
            return Kits.clearance(new Situation(
                    now.setup(),
                    now.number(),
                    Optional.of(
                            SetupJson.readField(hangar.setting(DemoHangar.FIELD).orElseThrow(), Path.of("h"))),
                    hangar.proofs(id),
                    now.changedAt()));
        } catch (ImportFailedException e) {
            throw new AssertionError(e);
        }
    }
}
