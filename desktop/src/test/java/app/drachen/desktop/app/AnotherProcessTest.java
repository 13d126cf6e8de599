package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.files.hangar.Hangar;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The whole program in a process of its own: it starts, shows its window, ends, and has nothing to report.
 *
 * <p>Its name puts it behind all tests of windows: where no program manages windows, the keyboard belongs to nobody once its window is gone, and
 * the next window has it only while the pointer is over it, so that a panel that opens under the pointer closes at once.
 */
class AnotherProcessTest {
    @TempDir
    Path folder;

    @Test
    void itStartsOnAHangarTakesAPictureAndEndsWithoutAnError() throws Exception {
        Path file = folder.resolve("mein hängar.drachen");
        try (Hangar hangar = Hangar.open(file)) {
            hangar.add(DemoAircraft.rochen(), "built", 0);
        }
        Path picture = folder.resolve("bild.png");
        ProcessBuilder start = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xshare:auto",
                "-cp",
                System.getProperty("java.class.path"),
                Main.class.getName(),
                "open",
                file.toString(),
                "--aircraft",
                "rochen",
                "--timed",
                "--picture=" + picture);
        start.environment().put("XDG_STATE_HOME", folder.resolve("state").toString());
        start.environment().put("XDG_DATA_HOME", folder.resolve("data").toString());
        Process process = start.redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertTrue(process.waitFor(180, TimeUnit.SECONDS), said);
        assertEquals(0, process.exitValue(), said);
        assertTrue(said.contains("first window "), said);
        assertFalse(said.contains("Exception"), said);
        assertTrue(Files.size(picture) > 10_000);
        try (var left = Files.walk(folder.resolve("state"))) {
            assertTrue(left.noneMatch(p -> p.endsWith("errors.log")), "no error was written down");
        }
        // the hangar was let go: it can be opened again, and the day's copy lies beside it
        Hangar.open(file).close();
        assertTrue(Files.isDirectory(folder.resolve("mein hängar.drachen.copies")));
    }
}
