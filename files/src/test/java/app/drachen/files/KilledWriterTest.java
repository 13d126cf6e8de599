package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.setup.Setup;
import app.drachen.files.hangar.Hangar;
import java.io.BufferedReader;
import java.io.File;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.spi.ToolProvider;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A process that writes revisions is killed with SIGKILL at random moments; every revision it acknowledged is found
 * afterwards, and the hangar opens at once.
 */
class KilledWriterTest {
    private static final int KILLS = 60;
    private static final long SEED = 20_261_125;

    @TempDir
    Path folder;

    private String classes;

    /** The writer: commits for ever and says each number once its call has returned. */
    public static void main(String[] arguments) {
        Setup setup = DemoAircraft.rochen();
        try (Hangar hangar = Hangar.open(Path.of(arguments[0]))) {
            long id = hangar.aircraft().get(0).id();
            System.out.println("ready");
            boolean endless = arguments.length == 1;
            for (int i = hangar.latest(id); endless || i < 5; i++) {
                double mass = 0.02 + (i % 100) * 0.001;
                Setup next = setup.withPart("camera", p -> p.withMass(mass));
                System.out.println(hangar.commit(id, next, "edit " + i, i).number());
            }
        }
    }

    private Process writer(String option, String... arguments) throws Exception {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                option,
                "-Xshare:auto",
                "-Xlog:disable",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-cp",
                classes,
                KilledWriterTest.class.getName()));
        command.addAll(List.of(arguments));
        return new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
    }

    /** Two hangars at once, one for each processor; the writers start from an archive of their classes. */
    @Test
    void everyAcknowledgedRevisionIsFound() throws Exception {
        Path archive = folder.resolve("writer.jsa");
        classes = jars();
        Process warm = writer(
                "-XX:ArchiveClassesAtExit=" + archive, made("warm.drachen").toString(), "a few");
        warm.getInputStream().readAllBytes();
        assertEquals(0, warm.waitFor());
        ExecutorService two = Executors.newFixedThreadPool(2);
        try {
            Future<Integer> first = two.submit(() -> killed("first.drachen", SEED, archive));
            Future<Integer> second = two.submit(() -> killed("zweiter hängar.drachen", SEED + 1, archive));
            int torn = first.get() + second.get();
            System.out.println(
                    KILLS + " kills, seed " + SEED + ", " + torn + " revisions kept but not yet acknowledged");
        } finally {
            two.shutdownNow();
        }
    }

    /** The class path with its folders as jars, since an archive of classes takes nothing else. */
    private String jars() {
        List<String> paths = new ArrayList<>();
        for (String path : System.getProperty("java.class.path").split(File.pathSeparator)) {
            String jar = path;
            if (Files.isDirectory(Path.of(path))) {
                jar = folder.resolve("classes" + paths.size() + ".jar").toString();
                int done = ToolProvider.findFirst("jar")
                        .orElseThrow()
                        .run(System.out, System.err, "--create", "--file", jar, "-C", path, ".");
                assertEquals(0, done);
            }
            paths.add(jar);
        }
        return String.join(File.pathSeparator, paths);
    }

    private Path made(String name) {
        Path file = folder.resolve(name);
        try (Hangar hangar = Hangar.open(file)) {
            hangar.add(DemoAircraft.rochen(), "built", 0);
        }
        return file;
    }

    /** Kills the writer of one hangar again and again. */
    private int killed(String name, long seed, Path archive) throws Exception {
        Random random = new Random(seed);
        Path file = made(name);
        int acknowledged = 1;
        int torn = 0;
        for (int kill = 0; kill < KILLS / 2; kill++) {
            Process process = writer("-XX:SharedArchiveFile=" + archive, file.toString());
            BufferedReader out =
                    new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
            assertEquals("ready", out.readLine());
            int before = 1 + random.nextInt(12);
            for (int i = 0; i < before; i++) {
                acknowledged = Integer.parseInt(out.readLine());
            }
            // somewhere within the next commit, which takes some milliseconds
            long until = System.nanoTime() + random.nextInt(6_000_000);
            while (System.nanoTime() < until) {
                Thread.onSpinWait();
            }
            process.toHandle().destroyForcibly();
            for (String line = out.readLine(); line != null && line.matches("\\d+"); line = out.readLine()) {
                acknowledged = Math.max(acknowledged, Integer.parseInt(line));
            }
            process.waitFor();
            assertEquals(137, process.exitValue(), "it was killed and did not end by itself, seed " + seed);
            try (Hangar hangar = Hangar.open(file)) {
                long id = hangar.aircraft().get(0).id();
                int latest = hangar.latest(id);
                assertTrue(latest >= acknowledged, "kill " + kill + ": " + latest + " < " + acknowledged);
                assertTrue(latest <= acknowledged + 1, "at most the one that was on its way");
                torn += latest - acknowledged;
                assertEquals(latest, hangar.current(id).number(), "the aircraft stands at it");
                assertEquals("edit " + (latest - 1), hangar.current(id).reason());
            }
        }
        try (Hangar hangar = Hangar.open(file)) {
            long id = hangar.aircraft().get(0).id();
            int latest = hangar.latest(id);
            List<Integer> numbers =
                    hangar.history(id).stream().map(r -> r.number()).toList();
            assertEquals(latest, numbers.size(), "no revision is missing between");
        }
        return torn;
    }
}
