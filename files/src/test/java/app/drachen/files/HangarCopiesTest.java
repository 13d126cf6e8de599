package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.files.hangar.Backups;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Copies hold what they must hold, or take no whole copy's place; what cannot be read has a way out. */
class HangarCopiesTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 1);

    @TempDir
    Path folder;

    private Path file;
    private long id;

    @BeforeEach
    void make() {
        file = folder.resolve("h.drachen");
        try (Hangar hangar = Hangar.open(file)) {
            id = hangar.add(DemoAircraft.rochen(), "first", 0);
            for (int i = 2; i <= 4; i++) {
                hangar.commit(id, DemoAircraft.rochen().withName("Rochen " + i), "edit " + i, i);
            }
        }
    }

    private void damage(int revision) throws SQLException {
        try (var c = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            c.createStatement()
                    .execute("UPDATE revision SET document = substr(document, 1, 400) WHERE number = " + revision);
        }
    }

    private List<String> copies() throws Exception {
        try (var all = Files.list(Backups.folder(file))) {
            return all.map(p -> p.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void aCopyThatLacksSomethingTakesNoWholeCopysPlace() throws Exception {
        try (Hangar hangar = Hangar.open(file)) {
            for (int day = 0; day < 9; day++) {
                assertTrue(hangar.copyOfTheDay(DAY.plusDays(day)).isPresent());
            }
        }
        assertEquals(7, copies().size());
        List<String> whole = copies();
        damage(2);
        try (Hangar hangar = Hangar.open(file)) {
            for (int day = 10; day < 20; day++) {
                LocalDate today = DAY.plusDays(day);
                String told = assertThrows(HangarException.class, () -> hangar.copyOfTheDay(today))
                        .getMessage();
                assertTrue(told.startsWith("h.drachen: revision 2 of Rochen 4 cannot be read"), told);
                assertTrue(told.contains("h.drachen.copies/day-2026-11-09.drachen beside it is whole"), told);
                assertTrue(hangar.copyOfTheDay(today).isEmpty(), "said once a day");
            }
        }
        assertTrue(copies().containsAll(whole), copies().toString());
        assertEquals(14, copies().size(), "seven whole ones and seven others");
        assertEquals(
                "day-2026-11-09.drachen",
                Backups.newest(file).orElseThrow().getFileName().toString());
        try (Hangar copy = Hangar.openToRead(Backups.newest(file).orElseThrow())) {
            assertEquals(List.of(), copy.troubles());
        }
    }

    /** A clock that was wrong for some days has made copies of the year 2041. */
    @Test
    void daysThatAreNotYetComeCrowdNothingOut() throws Exception {
        try (Hangar hangar = Hangar.open(file)) {
            for (int day = 0; day < 5; day++) {
                hangar.copyOfTheDay(LocalDate.of(2041, 5, 1).plusDays(day));
            }
            for (int day = 0; day < 8; day++) {
                hangar.copyOfTheDay(LocalDate.of(2026, 3, 1).plusDays(day));
            }
        }
        List<String> real = copies().stream().filter(n -> n.contains("2026")).toList();
        assertEquals(7, real.size(), "the real ones are seven: " + copies());
        assertEquals(5, copies().size() - real.size(), "the others are left alone");
        assertEquals(
                "day-2026-03-08.drachen",
                Backups.newest(file).orElseThrow().getFileName().toString());
    }

    @Test
    void anOldRevisionThatIsDamagedStopsNothing() throws Exception {
        damage(2);
        try (Hangar hangar = Hangar.open(file)) {
            assertEquals("Rochen 4", hangar.current(id).setup().name());
            assertEquals(3, hangar.undo(id).orElseThrow().number());
            String told =
                    assertThrows(HangarException.class, () -> hangar.undo(id)).getMessage();
            assertTrue(told.contains("revision 2 of Rochen 3"), told);
            assertEquals(3, hangar.current(id).number(), "it stands where it stood");
            assertEquals(1, hangar.troubles().size());
        }
    }

    @Test
    void aDamagedPresentRevisionHasAWayBack() throws Exception {
        damage(4);
        damage(3);
        try (Hangar hangar = Hangar.open(file)) {
            assertThrows(HangarException.class, () -> hangar.current(id));
            assertEquals(2, hangar.lastReadable(id).orElseThrow().number());
            assertTrue(hangar.document(id).orElseThrow().startsWith("{"), "what is there can be written out");
            hangar.stand(id, hangar.lastReadable(id).orElseThrow());
            assertEquals("Rochen 2", hangar.current(id).setup().name());
            assertEquals(
                    5, hangar.commit(id, DemoAircraft.rochen(), "goes on", 9).number());
        }
        damage(5);
        damage(2);
        damage(1);
        try (Hangar hangar = Hangar.openToRead(file)) {
            assertFalse(hangar.lastReadable(id).isPresent(), "none is left");
        }
    }
}
