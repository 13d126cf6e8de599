package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.log.LogColumn;
import app.drachen.core.stages.Kits;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.Revision;
import app.drachen.files.json.SetupJson;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A hangar written by the program before set-up documents had sections (file version 2, commit 530bcbf). The expected
 * lines are what that program said of it. The file is never changed.
 */
class OldHangarTest {
    /**
     * As that program said it; Modes is open since, for nobody was asked for the switches of the radio then, and Build, for nobody
     * ticked the steps of building; Throws and Bench, for most cards of the bench did not exist. The sentence at the kite stays.
     */
    private static final List<String> SAID = List.of(
            "Rochen r3 | bench power, prop off | BUILD=OPEN THROWS=STOPPED MODES=OPEN BENCH=OPEN MAIDEN=STOPPED"
                    + " | WEIGHING@r1+ STICK_TO_SURFACE@r1- | SERVO_SENSES@r2 RADIO_TRIMS@r3",
            "Strandläufer r2 | bench power, prop off | BUILD=STOPPED THROWS=OPEN MODES=STOPPED BENCH=OPEN MAIDEN=STOPPED"
                    + " | WEIGHING@r1- | PACKS@r2",
            "Seeschwalbe r2 | local flights, Level | BUILD=OPEN THROWS=OPEN MODES=OPEN BENCH=OPEN MAIDEN=STOPPED | WEIGHING@r1+ STICK_TO_SURFACE@r1+"
                    + " TILT_TO_SURFACE@r1+ REHEARSAL@r1+ MANUAL_FLOWN@r1+ LEVEL_FLOWN@r1+ HOLD_FLOWN@r2+"
                    + " | HEIGHT_GAINS@r2",
            "Kiebitz r1 | bench power, prop off | BUILD=OPEN THROWS=OPEN MODES=OPEN BENCH=OPEN MAIDEN=STOPPED | |");

    @TempDir
    Path folder;

    private Path file;

    @BeforeEach
    void copy() throws Exception {
        file = folder.resolve("alt.drachen");
        try (InputStream old = OldHangarTest.class.getResourceAsStream("hangar-2.drachen")) {
            Files.copy(old, file);
        }
    }

    private static String said(Hangar hangar, Hangar.Shelf shelf) throws Exception {
        Revision now = hangar.current(shelf.id());
        Field field = SetupJson.readField(hangar.setting("field").orElseThrow(), hangar.file());
        Situation situation = new Situation(
                now.setup(), now.number(), Optional.of(field), hangar.proofs(shelf.id()), now.changedAt());
        Clearance clearance = Kits.clearance(situation);
        StringBuilder line =
                new StringBuilder(shelf.name() + " r" + now.number() + " | " + clearance.sentence() + " |");
        for (Stage stage : List.of(Stage.BUILD, Stage.THROWS, Stage.MODES, Stage.BENCH, Stage.MAIDEN)) {
            String state = clearance.stages().get(stage).name();
            line.append(state.equals("PROVEN") ? "" : " " + stage + "=" + state);
        }
        line.append(" |");
        for (Proof proof : situation.proofs()) {
            line.append(" ").append(proof.kind()).append("@r").append(proof.revision());
            line.append(situation.fresh(proof) ? "+" : "-");
        }
        line.append(" |");
        new TreeMap<>(now.changedAt())
                .forEach((f, r) -> line.append(" ").append(f).append("@r").append(r));
        return line.toString();
    }

    @Test
    void anOldHangarSaysWhatItSaidAndCanBeWalked() throws Exception {
        try (Hangar hangar = Hangar.open(file)) {
            for (int i = 0; i < SAID.size(); i++) {
                assertEquals(SAID.get(i), said(hangar, hangar.aircraft().get(i)));
            }
            long rochen = hangar.aircraft().get(0).id();
            assertEquals(
                    "Selector weight raised on the radio",
                    hangar.redo(rochen).orElseThrow().reason());
            for (int number = 3; number >= 1; number--) {
                assertEquals(number, hangar.undo(rochen).orElseThrow().number());
            }
            assertEquals(Optional.empty(), hangar.undo(rochen));
            assertTrue(
                    hangar.proofs(rochen).stream().allMatch(p -> new Situation(
                                    hangar.current(rochen).setup(), 1, Optional.empty(), List.of(p), new TreeMap<>())
                            .fresh(p)),
                    "back at r1 all is as it was proven");
            long swallow = hangar.aircraft().get(2).id();
            var log = hangar.logbook().log(swallow, 10).orElseThrow();
            assertEquals(0, log.value(LogColumn.MODE, 0), "thrown in Manual");
            assertTrue(log.duration() > 100);
            assertEquals("calm evening", hangar.logbook().notes(swallow, 10));
            assertEquals("Flaps stiff below 5 °C", hangar.album().notes(swallow));
        }
    }

    @Test
    void printsAreTakenOnceAndACopyOfBeforeIsLeft() throws Exception {
        Hangar.open(file).close();
        long changed = Files.getLastModifiedTime(file).toMillis();
        try (Hangar hangar = Hangar.openToRead(file)) {
            assertEquals(4, hangar.aircraft().size(), "a reader may come after the first window");
        }
        assertEquals(changed, Files.getLastModifiedTime(file).toMillis());
        Path before = folder.resolve("alt.drachen.copies").resolve("before-version-3.drachen");
        try (var c = DriverManager.getConnection("jdbc:sqlite:" + before);
                var rows = c.createStatement().executeQuery("SELECT COUNT(*) FROM revision")) {
            assertEquals(9, rows.getInt(1));
        }
    }
}
