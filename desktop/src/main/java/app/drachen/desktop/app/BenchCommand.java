package app.drachen.desktop.app;

import app.drachen.core.cards.CardPlans;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.setup.Setup;
import app.drachen.desk.bench.Age;
import app.drachen.desk.bench.LargeLog;
import app.drachen.files.hangar.Hangar;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Measures, and prints what was measured; judges nothing. */
@Command(
        name = "bench",
        mixinStandardHelpOptions = true,
        description = "Measure rehearsals, saving, growing old, long logs and the first window; judge nothing.")
final class BenchCommand implements Callable<Integer> {
    private static final int RUNS = 5;
    private static final int TURNS = 3;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Option(names = "--json", description = "answer as JSON")
    private boolean json;

    @Option(names = "--part", hidden = true, arity = "2")
    private List<String> part = List.of();

    @Override
    public Integer call() throws Exception {
        if (!part.isEmpty()) {
            Path file = Path.of(part.get(1));
            spec.commandLine()
                    .getOut()
                    .println(Json.text(
                            part.get(0).equals("hand") ? HandWalk.measure(file) : LargeLog.part(part.get(0), file)));
            return Main.DONE;
        }
        Map<String, Object> figures = new LinkedHashMap<>();
        figures.put("machine", machine());
        figures.put("processors", Runtime.getRuntime().availableProcessors());
        figures.put("java", Runtime.version().toString());
        figures.put("rehearsalOverRealTime", rehearsal());
        figures.put("saveMillisMedian", save());
        figures.put("age", Age.measure(scratch("warm.drachen"), scratch("young.drachen"), scratch("old.drachen")));
        figures.put("millionRows", millionRows());
        if (System.getenv("DISPLAY") != null) {
            double[] own = new double[RUNS];
            double[] empty = new double[RUNS];
            double[] ratio = new double[RUNS];
            Path hangar = scratch("bench.drachen");
            try (Hangar h = Hangar.open(hangar)) {
                h.add(DemoAircraft.rochen(), "bench", Instant.now().getEpochSecond());
            }
            for (int i = 0; i < RUNS; i++) {
                own[i] = firstWindow(Main.class.getName(), "open", hangar.toString(), "--timed");
                empty[i] = firstWindow(PlainApplication.class.getName());
                ratio[i] = own[i] / empty[i];
            }
            figures.put("firstWindowMillisMedian", median(own));
            figures.put("emptyWindowMillisMedian", median(empty));
            figures.put("firstWindowOverEmptyMedian", median(ratio));
        } else {
            figures.put("firstWindow", "not measured: no display");
        }
        PrintWriter to = spec.commandLine().getOut();
        if (json) {
            to.println(Json.text(figures));
        } else {
            figures.forEach((name, value) -> to.println(name + ": " + value));
        }
        return Main.DONE;
    }

    /** Median over the runs of flight time over wall time, one core, after one warm-up. */
    private static double rehearsal() {
        Setup setup = DemoAircraft.seeschwalbe();
        var card = CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, DemoField.evening());
        double[] ratios = new double[RUNS];
        for (int i = -1; i < RUNS; i++) {
            Rehearsal flight = new Rehearsal(new RehearsalPlan(setup, card, DemoField.evening(), 5 + i));
            long start = System.nanoTime();
            flight.finish();
            if (i >= 0) {
                ratios[i] = flight.time() / ((System.nanoTime() - start) / 1e9);
            }
        }
        return median(ratios);
    }

    private static double save() throws Exception {
        Path file = scratch("save.drachen");
        double[] millis = new double[20];
        try (Hangar hangar = Hangar.open(file)) {
            Setup setup = DemoAircraft.rochen();
            long id = hangar.add(setup, "bench", 0);
            for (int i = 0; i < millis.length; i++) {
                double mass = 0.05 + 0.001 * i;
                Setup next = setup.withPart("camera", p -> p.withMass(mass));
                long start = System.nanoTime();
                hangar.commit(id, next, "bench", i);
                millis[i] = (System.nanoTime() - start) / 1e6;
            }
        }
        return median(millis);
    }

    /** A hangar file that goes away with this program. */
    private static Path scratch(String name) throws Exception {
        Path folder = Files.createTempDirectory("drachen-bench");
        folder.toFile().deleteOnExit();
        for (String part : List.of("", "-wal", "-shm")) {
            folder.resolve(name + part).toFile().deleteOnExit();
        }
        return folder.resolve(name);
    }

    private static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return Math.round(sorted[sorted.length / 2] * 100) / 100.0;
    }

    /** Name of the processor, as the system tells. */
    private static String machine() throws IOException {
        Path told = Path.of("/proc/cpuinfo");
        String system = System.getProperty("os.name") + " " + System.getProperty("os.arch");
        return !Files.exists(told)
                ? system
                : Files.readAllLines(told).stream()
                        .filter(l -> l.startsWith("model name"))
                        .map(l -> l.replaceFirst(".*: ", "") + ", " + system)
                        .findFirst()
                        .orElse(system);
    }

    /** A million rows by 24 columns: read bare and by Drachen in turns, then panned. */
    private Map<String, Object> millionRows() throws Exception {
        Path file = scratch("million.csv");
        scratch("kept.drachen");
        LargeLog.make(file);
        Map<String, Object> figures = new LinkedHashMap<>();
        double[] ratios = new double[TURNS];
        for (int i = 0; i < TURNS; i++) {
            JsonNode bare = answer(Main.class.getName(), "bench", "--part", "bare", file.toString());
            JsonNode read = answer(Main.class.getName(), "bench", "--part", "read", file.toString());
            Files.delete(file.resolveSibling("kept.drachen"));
            ratios[i] = read.get("readSeconds").asDouble() / bare.get("seconds").asDouble();
            figures.put("bare", bare);
            figures.put("drachen", read);
        }
        figures.put("readOverBareMedian", median(ratios));
        if (System.getenv("DISPLAY") != null) {
            figures.put("panned", answer(PanApplication.class.getName(), file.toString()));
        }
        Files.delete(file);
        return figures;
    }

    /** Starts a part anew and reads its answer. */
    private static JsonNode answer(String mainClass, String... arguments) throws Exception {
        Process process = started(mainClass, arguments);
        String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return new ObjectMapper().readTree(text.substring(Math.max(0, text.indexOf('{'))));
    }

    /** This program, started anew with the same machine options. */
    private static Process started(String mainClass, String... arguments) throws IOException {
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        ManagementFactory.getRuntimeMXBean().getInputArguments().stream()
                .filter(a -> a.startsWith("--") || a.startsWith("-X") || a.startsWith("-D"))
                .forEach(command::add);
        if (System.getProperty("jdk.module.path") != null) {
            command.addAll(List.of("--module-path", System.getProperty("jdk.module.path")));
            command.addAll(List.of("--add-modules", "javafx.controls"));
        }
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), mainClass));
        command.addAll(Arrays.asList(arguments));
        return new ProcessBuilder(command).redirectErrorStream(true).start();
    }

    /** Starts this program anew and takes the time until its window stands. */
    private static double firstWindow(String mainClass, String... arguments) throws Exception {
        long start = System.currentTimeMillis();
        Process process = started(mainClass, arguments);
        double millis = Double.NaN;
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                if (line.startsWith("first window ")) {
                    millis = Long.parseLong(line.substring(13).strip()) - start;
                }
            }
        }
        process.waitFor();
        return millis;
    }
}
