package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.working.Progress;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import app.drachen.files.state.ProgramLog;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.logging.LogManager;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files of the program itself: its log, its packaging, the demo hangar that is put aside. */
class ProgramFilesTest {
    @TempDir
    Path folder;

    @Test
    void theProgramLogsWhatItDidAndWhatWentWrongAndRolls() throws Exception {
        ProgramLog.begin(folder, "0.1");
        ProgramLog.say("opened verein.drachen");
        ProgramLog.wrong(new IllegalStateException("nobody thought of this"));
        org.slf4j.LoggerFactory.getLogger("some.library").warn("a library warns");
        org.slf4j.LoggerFactory.getLogger("some.library").info("a library chats");
        for (int i = 0; i < 12_000; i++) {
            ProgramLog.say("line " + i + " of a long evening with many changes");
        }
        LogManager.getLogManager().reset();
        StringBuilder all = new StringBuilder();
        long files;
        try (Stream<Path> logs = Files.list(folder)) {
            List<Path> list =
                    logs.filter(p -> p.toString().endsWith(".log")).sorted().toList();
            files = list.size();
            for (Path log : list) {
                assertTrue(Files.size(log) < 600_000, "it rolls");
                all.append(Files.readString(log));
            }
        }
        assertTrue(files >= 2, files + " files");
        String text = all.toString();
        assertTrue(text.contains("INFO opened verein.drachen") && text.contains("a library warns"));
        assertTrue(text.contains("IllegalStateException: nobody thought of this"));
        assertFalse(text.contains("a library chats"));
    }

    @Test
    void whatIsPackagedIsWhatIsBuilt() throws Exception {
        List<String> asked = PackageCommand.arguments(
                folder.resolve("in"), folder.resolve("fx"), folder.resolve("kite.png"), folder.resolve("out"));
        assertEquals(Version.text(), asked.get(asked.indexOf("--app-version") + 1));
        assertEquals("drachen-desktop.jar", asked.get(asked.indexOf("--main-jar") + 1));
        assertEquals(Main.class.getName(), asked.get(asked.indexOf("--main-class") + 1));
        assertTrue(asked.get(asked.indexOf("--add-modules") + 1).contains("java.logging"), "the log needs it");
        assertTrue(asked.containsAll(PackageCommand.MEMORY));
        assertTrue(Files.readString(Path.of("..", "drachen")).contains(String.join(" ", PackageCommand.MEMORY)));
        assertTrue(Version.text().matches("[0-9]+\\.[0-9]+\\.[0-9]+"), Version.text());
        assertEquals(Main.BAD_INPUT, Main.run("package", folder.toString()), "an image cannot package itself");
    }

    /** What was edited last lies in the write-ahead log; it used to be thrown away. */
    @Test
    void aDemoPutAsideIsWholeAndAnOpenOneIsNotTouched() throws Exception {
        Path demo = folder.resolve("demo.drachen");
        try (Hangar hangar = Hangar.open(demo)) {
            hangar.add(DemoAircraft.rochen(), "built", 1);
            assertThrows(HangarException.class, () -> DemoFile.putAside(demo));
        }
        Hangar crashed = Hangar.open(demo);
        crashed.commit(1, DemoAircraft.rochen().withName("Möwe"), "renamed", 2);
        Path copy = Files.createDirectory(folder.resolve("after-a-crash"));
        for (String part : List.of("", "-wal", "-shm")) {
            Files.copy(folder.resolve("demo.drachen" + part), copy.resolve("demo.drachen" + part));
        }
        crashed.close();
        DemoFile.putAside(copy.resolve("demo.drachen"));
        List<Path> aside;
        try (Stream<Path> files = Files.list(copy)) {
            aside = files.filter(p -> p.getFileName().toString().matches("demo\\.[0-9]+\\.drachen"))
                    .toList();
        }
        assertEquals(1, aside.size());
        try (Hangar kept = Hangar.open(aside.get(0))) {
            assertEquals("Möwe", kept.current(1).setup().name());
        }
        assertFalse(Files.exists(copy.resolve("demo.drachen")));
    }

    /** Two first starts at once used to take the half-made demo from one another. */
    @Test
    void whoeverMakesTheDemoFirstHasMadeIt() throws Exception {
        Path demo = folder.resolve("demo.drachen");
        Path dead = Files.writeString(folder.resolve("demo.drachen.999999999.new-wal"), "left by a crash");
        Path living = Files.writeString(folder.resolve("demo.drachen.1.new"), "being made");
        List<String> shelf = new ArrayList<>();
        DemoFile.make(demo, new Progress() {
            @Override
            public void at(double share) {
                if (!Files.exists(demo)) {
                    assertDoesNotThrow(() -> Files.writeString(demo, "theirs"));
                }
            }

            @Override
            public void done(String what) {
                shelf.add(what);
            }

            @Override
            public boolean cancelled() {
                return false;
            }
        });
        assertEquals(List.of("Rochen", "Strandläufer", "Seeschwalbe"), shelf, "told one by one");
        assertEquals("theirs", Files.readString(demo));
        assertFalse(Files.exists(dead));
        assertEquals("being made", Files.readString(living));
        try (Stream<Path> files = Files.list(folder)) {
            assertEquals(List.of(demo, living), files.sorted().toList());
        }
    }
}
