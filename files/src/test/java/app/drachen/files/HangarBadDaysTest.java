package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import app.drachen.files.csv.FlightLogCsv;
import app.drachen.files.hangar.Backups;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import app.drachen.files.hangar.Logbook;
import app.drachen.files.json.SetupJson;
import java.io.ByteArrayOutputStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What goes wrong with a hangar's file is told in one sentence, and the last good state stays. */
class HangarBadDaysTest {
    private static final Setup ROCHEN = DemoAircraft.rochen();

    @TempDir
    Path folder;

    private Path filled(String name) {
        Path file = folder.resolve(name);
        try (Hangar hangar = Hangar.open(file)) {
            long id = hangar.add(ROCHEN, "built", 100);
            for (int i = 0; i < 20; i++) {
                double mass = 0.05 + i * 0.001;
                hangar.commit(id, ROCHEN.withPart("camera", p -> p.withMass(mass)), "camera", 200 + i);
            }
        }
        return file;
    }

    private static String told(Path file) {
        String message =
                assertThrows(HangarException.class, () -> Hangar.open(file)).getMessage();
        assertTrue(message.startsWith(file.getFileName().toString()), "names the file: " + message);
        assertEquals(1, message.lines().count(), message);
        return message;
    }

    @Test
    void aSecondProgramIsToldAndReadersAreNot() {
        Path file = filled("über.drachen");
        try (Hangar first = Hangar.open(file)) {
            String message = told(file);
            assertTrue(message.contains("open in another Drachen") && message.contains("close it there"), message);
            try (Hangar reader = Hangar.openToRead(file)) {
                assertEquals("Rochen", reader.aircraft().get(0).name());
                assertThrows(
                        HangarException.class,
                        () -> Hangar.open(file).close(),
                        "the reader's end does not open the door");
            }
            first.keep("still", "works");
        }
        Hangar.open(file).close();
    }

    @Test
    void anotherProgramsLockOnTheDatabaseIsNamed() throws Exception {
        Path file = filled("h.drachen");
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            other.createStatement().execute("PRAGMA locking_mode=EXCLUSIVE");
            other.createStatement().execute("BEGIN EXCLUSIVE");
            String message = told(file);
            assertTrue(message.contains("locked"), message);
        }
        Hangar.open(file).close();
    }

    @Test
    void damageAnywhereIsToldOrHarmless() throws Exception {
        long seed = 20_261_125;
        Random random = new Random(seed);
        Path file = filled("h.drachen");
        byte[] good = Files.readAllBytes(file);
        for (int round = 0; round < 60; round++) {
            byte[] bad = good.clone();
            int at = random.nextInt(bad.length);
            for (int i = at; i < Math.min(bad.length, at + 300); i++) {
                bad[i] = (byte) random.nextInt(256);
            }
            Path copy = folder.resolve("bad" + round + ".drachen");
            Files.write(copy, round % 3 == 0 ? java.util.Arrays.copyOf(bad, 1 + at) : bad);
            try (Hangar hangar = Hangar.open(copy)) {
                for (Hangar.Shelf shelf : hangar.aircraft()) {
                    hangar.current(shelf.id());
                    hangar.history(shelf.id());
                }
            } catch (HangarException e) {
                assertTrue(e.getMessage().contains("drachen") || e.getMessage().contains("aircraft"), e.getMessage());
                assertEquals(1, e.getMessage().lines().count(), "seed " + seed + ": " + e.getMessage());
            }
        }
        assertArrayEquals(good, Files.readAllBytes(file), "the good one was never touched");
    }

    @Test
    void aDamagedHangarIsNotCopiedOverItsGoodCopiesAndTheCopyIsNamed() throws Exception {
        Path file = filled("h.drachen");
        try (Hangar hangar = Hangar.open(file)) {
            assertTrue(hangar.copyOfTheDay(LocalDate.of(2026, 5, 1)).isPresent());
        }
        byte[] good = Files.readAllBytes(Backups.folder(file).resolve("day-2026-05-01.drachen"));
        try (RandomAccessFile raw = new RandomAccessFile(file.toFile(), "rw")) {
            raw.seek(0);
            raw.write(new byte[100]);
        }
        String message = told(file);
        assertTrue(message.contains("h.drachen.copies/day-2026-05-01.drachen"), message);
        assertArrayEquals(good, Files.readAllBytes(Backups.folder(file).resolve("day-2026-05-01.drachen")));
        // the way back: the copy is a hangar
        Files.copy(
                Backups.folder(file).resolve("day-2026-05-01.drachen"),
                file,
                java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        try (Hangar hangar = Hangar.open(file)) {
            assertEquals(21, hangar.current(hangar.aircraft().get(0).id()).number());
        }
    }

    @Test
    void sevenDaysOfUseAreKeptAlsoWhenTheClockJumps() throws Exception {
        Path file = filled("h.drachen");
        try (Hangar hangar = Hangar.open(file)) {
            for (int day = 1; day <= 12; day++) {
                // used every third day; twice on each
                LocalDate date = LocalDate.of(2026, 6, 1).plusDays(3L * day);
                assertTrue(hangar.copyOfTheDay(date).isPresent());
                assertEquals(Optional.empty(), hangar.copyOfTheDay(date), "once a day");
            }
            assertEquals(
                    List.of("06-19", "06-22", "06-25", "06-28", "07-01", "07-04", "07-07"),
                    days(file),
                    "the oldest went");
            // a clock set back by a year: today's copy is made and not thrown away as the oldest
            assertTrue(hangar.copyOfTheDay(LocalDate.of(2025, 1, 1)).isPresent());
            assertTrue(Files.exists(Backups.folder(file).resolve("day-2025-01-01.drachen")));
        }
    }

    private static List<String> days(Path file) throws Exception {
        try (Stream<Path> files = Files.list(Backups.folder(file))) {
            return files.map(p -> p.getFileName().toString().substring(9, 14))
                    .sorted()
                    .toList();
        }
    }

    @Test
    void anOldHangarIsCopiedThenMigratedWithItsLogs() throws Exception {
        Path file = folder.resolve("old.drachen");
        FlightLog.Builder builder = new FlightLog.Builder(EnumSet.of(LogColumn.HEIGHT));
        for (int i = 0; i < 100; i++) {
            builder.row(i * 0.1);
            builder.put(LogColumn.HEIGHT, i);
        }
        // as version 1 wrote it: the tables of the first migration, a log as zipped CSV
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file);
                var s = c.createStatement()) {
            s.execute("CREATE TABLE aircraft (id INTEGER PRIMARY KEY, name TEXT NOT NULL, current INTEGER NOT NULL,"
                    + " position INTEGER NOT NULL)");
            s.execute("CREATE TABLE revision (aircraft INTEGER NOT NULL, number INTEGER NOT NULL, parent INTEGER NOT"
                    + " NULL, reason TEXT NOT NULL, made INTEGER NOT NULL, document TEXT NOT NULL,"
                    + " PRIMARY KEY (aircraft, number))");
            s.execute("CREATE TABLE proof (id INTEGER PRIMARY KEY, aircraft INTEGER NOT NULL, kind TEXT NOT NULL,"
                    + " document TEXT NOT NULL)");
            s.execute("CREATE TABLE flight (aircraft INTEGER NOT NULL, number INTEGER NOT NULL, revision INTEGER NOT"
                    + " NULL, flown INTEGER NOT NULL, rehearsed INTEGER NOT NULL, card TEXT NOT NULL, outcome TEXT NOT"
                    + " NULL, log BLOB NOT NULL, PRIMARY KEY (aircraft, number))");
            s.execute("CREATE TABLE setting (name TEXT PRIMARY KEY, value TEXT NOT NULL)");
            s.execute("PRAGMA user_version=1");
            s.execute("INSERT INTO aircraft VALUES (1, 'Rochen', 1, 1)");
            try (var p = c.prepareStatement("INSERT INTO revision VALUES (1, 1, 0, 'built', 5, ?)")) {
                p.setString(1, SetupJson.write(ROCHEN));
                p.execute();
            }
            Path csv = folder.resolve("log.csv");
            FlightLogCsv.write(builder.build(), csv);
            ByteArrayOutputStream zipped = new ByteArrayOutputStream();
            try (GZIPOutputStream out = new GZIPOutputStream(zipped)) {
                out.write(Files.readAllBytes(csv));
            }
            try (var p = c.prepareStatement("INSERT INTO flight VALUES (1, 1, 1, 5, 1, 'hold', 'Landed.', ?)")) {
                p.setBytes(1, zipped.toByteArray());
                p.execute();
            }
        }
        assertTrue(
                assertThrows(HangarException.class, () -> Hangar.openToRead(file))
                        .getMessage()
                        .contains("open it in a window once"),
                "a reader does not migrate");
        try (Hangar hangar = Hangar.open(file)) {
            assertEquals(ROCHEN, hangar.current(1).setup());
            assertEquals(99, hangar.logbook().log(1, 1).orElseThrow().value(LogColumn.HEIGHT, 99), 1e-9);
            hangar.album().note(1, "new with version 2");
        }
        Path before = Backups.folder(file).resolve("before-version-2.drachen");
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + before);
                var rows = c.createStatement().executeQuery("PRAGMA user_version")) {
            assertEquals(1, rows.getInt(1), "the copy is from before the migration");
        }
    }

    @Test
    void placesThatCannotBeWrittenAreNamed() throws Exception {
        assertTrue(told(folder.resolve("no such").resolve("h.drachen")).contains("there is no folder"));
        assertTrue(told(folder).contains("cannot be"), "a folder is no hangar");
        Path closed = Files.createDirectory(folder.resolve("closed"));
        assertTrue(closed.toFile().setWritable(false));
        assumeTrue(!Files.isWritable(closed), "this user may write everywhere");
        assertTrue(told(closed.resolve("h.drachen")).contains("change its permissions"));
    }

    @Test
    void aFullDiskIsToldAndWhatWasKeptIsStillThere() throws Exception {
        Path disk = folder.resolve("disk");
        Files.createDirectory(disk);
        assumeTrue(mount("mount", "-t", "tmpfs", "-o", "size=700k", "tmpfs", disk.toString()), "no small disk here");
        try {
            Path file = disk.resolve("h.drachen");
            int kept = 0;
            try (Hangar hangar = Hangar.open(file)) {
                long id = hangar.add(ROCHEN, "built", 0);
                byte[] noise = new byte[150_000];
                new Random(1).nextBytes(noise);
                String message = "";
                for (int i = 0; i < 20 && message.isEmpty(); i++) {
                    try {
                        hangar.album().add(id, "picture " + i, noise);
                        kept++;
                    } catch (HangarException e) {
                        message = e.getMessage();
                    }
                }
                assertTrue(message.contains("disk is full") && message.contains("nothing before it is lost"), message);
                assertTrue(kept > 0);
                assertEquals(kept, hangar.album().pictures(id).size());
            }
            try (Hangar hangar = Hangar.openToRead(file)) {
                assertEquals(kept, hangar.album().pictures(1).size());
                assertEquals(ROCHEN, hangar.current(1).setup());
            }
        } finally {
            mount("umount", disk.toString());
        }
    }

    private static boolean mount(String... command) throws Exception {
        try {
            return new ProcessBuilder(command).redirectErrorStream(true).start().waitFor() == 0;
        } catch (java.io.IOException e) {
            return false;
        }
    }

    @Test
    void whatIsPutAwayComesBackWithAllItHas() {
        try (Hangar hangar = Hangar.open(folder.resolve("h.drachen"))) {
            long first = hangar.add(ROCHEN, "built", 0);
            long second = hangar.add(DemoAircraft.strandlaeufer(), "built", 1);
            byte[] picture = "not really a picture".getBytes(StandardCharsets.UTF_8);
            hangar.album().add(first, "Rochen am Deich.png", picture);
            hangar.album().note(first, "left servo is new");
            hangar.commit(first, ROCHEN.withName("Rochen II"), "renamed", 2);
            hangar.putAway(first);
            hangar.putAway(second);
            assertEquals(List.of(), hangar.aircraft());
            assertEquals(
                    List.of("Strandläufer", "Rochen II"),
                    hangar.away().stream().map(Hangar.Shelf::name).toList(),
                    "last put away, first brought back");
            hangar.bringBack(first);
            assertEquals("Rochen II", hangar.aircraft().get(0).name());
            assertEquals("left servo is new", hangar.album().notes(first));
            var pictures = hangar.album().pictures(first);
            assertArrayEquals(picture, pictures.get(0).bytes());
            pictures.get(0).bytes()[0] = 0;
            assertArrayEquals(picture, hangar.album().pictures(first).get(0).bytes(), "copies, not the kept bytes");
            hangar.album().remove(pictures.get(0).id());
            assertEquals(List.of(), hangar.album().pictures(first));
            assertEquals("Rochen", hangar.undo(first).orElseThrow().setup().name());
            assertEquals("Rochen", hangar.aircraft().get(0).name(), "undo takes the name back too");
        }
    }

    @Test
    void flightsAreTakenOutPutBackAndNoted() {
        try (Hangar hangar = Hangar.open(folder.resolve("h.drachen"))) {
            long id = hangar.add(ROCHEN, "built", 0);
            FlightLog.Builder builder = new FlightLog.Builder(EnumSet.of(LogColumn.AIRSPEED));
            builder.row(0);
            builder.put(LogColumn.AIRSPEED, 12);
            FlightLog log = builder.build().startedAt(1_790_000_000.5);
            for (int i = 0; i < 3; i++) {
                hangar.logbook().add(id, new FlightRecord(0, 1, i, false, "", "Landed."), log);
            }
            FlightRecord second = hangar.logbook().flights(id).get(1);
            hangar.logbook().note(id, 2, "böig");
            assertEquals("böig", hangar.logbook().notes(id, 2));
            hangar.logbook().remove(id, 2);
            assertEquals(List.of(1, 3), numbers(hangar, id));
            assertEquals(Optional.empty(), hangar.logbook().log(id, 2));
            hangar.logbook().restore(id, second, Logbook.pack(log));
            assertEquals(List.of(1, 2, 3), numbers(hangar, id));
            assertEquals(
                    1_790_000_000.5,
                    hangar.logbook().log(id, 2).orElseThrow().start().orElseThrow());
            assertEquals(
                    4,
                    hangar.logbook()
                            .add(id, new FlightRecord(0, 1, 9, true, "hold", "Landed."), log)
                            .number());
            assertFalse(hangar.logbook().flights(id).get(1).rehearsed());
        }
    }

    private static List<Integer> numbers(Hangar hangar, long id) {
        return hangar.logbook().flights(id).stream().map(FlightRecord::number).toList();
    }
}
