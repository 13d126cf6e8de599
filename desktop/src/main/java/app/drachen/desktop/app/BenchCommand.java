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
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Measures, and prints what was measured; judges nothing. */
@Command(
        name = "bench",
        mixinStandardHelpOptions = true,
        description =
                "Measure rehearsals, saving, growing old, long logs, keys and drags, commands and windows; judge nothing.")
final class BenchCommand implements Callable<Integer> {
    private static final int RUNS = 9;
    private static final int TURNS = 7;
    private static final int MANY = 200;

    /** Flights that are flown before those that count. */
    private static final int WARM_UP = 40;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Option(names = "--json", description = "answer as JSON")
    private boolean json;

    @Option(names = "--part", hidden = true, arity = "2")
    private List<String> part = List.of();

    @Override
    public Integer call() throws Exception {
        if (!part.isEmpty()) {
            spec.commandLine().getOut().println(Json.text(part(part.get(0), Path.of(part.get(1)))));
            return Main.DONE;
        }
        Map<String, Object> figures = new LinkedHashMap<>();
        figures.put("machine", machine());
        figures.put("processors", Runtime.getRuntime().availableProcessors());
        figures.put("java", Runtime.version().toString());
        figures.put("rehearsalOverRealTime", rehearsal());
        figures.put("manyFlights", manyFlights());
        figures.put("saveMillisMedian", save());
        figures.put("age", Age.measure(scratch("warm.drachen"), scratch("young.drachen"), scratch("old.drachen")));
        figures.put("millionRows", millionRows());
        Path script = Path.of(System.getProperty("drachen.app", ""), "..", "..", "..", "drachen")
                .toAbsolutePath()
                .normalize();
        figures.put(
                "commands", Files.exists(script) ? Starts.commands(script, RUNS) : "not measured: this is no checkout");
        figures.put(
                "windows",
                System.getenv("DISPLAY") == null
                        ? "not measured: no display"
                        : Starts.windows(scratch("bench.drachen"), RUNS));
        PrintWriter to = spec.commandLine().getOut();
        if (json) {
            to.println(Json.text(figures));
        } else {
            figures.forEach((name, value) -> to.println(name + ": " + value));
        }
        return Main.DONE;
    }

    /** One part in this process, with the longest that anything was kept waiting meanwhile. */
    private static Map<String, Object> part(String name, Path file) throws Exception {
        try (Stalls stalls = new Stalls()) {
            Map<String, Object> figures =
                    new LinkedHashMap<>(name.equals("hand") ? HandWalk.measure(file) : LargeLog.part(name, file));
            figures.put("longestStallMillis", stalls.millis());
            return figures;
        }
    }

    /** Median over the runs of flight time over wall time, one core, once the machine has compiled what it compiles. */
    private static double rehearsal() {
        Setup setup = DemoAircraft.seeschwalbe();
        var card = CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, DemoField.evening());
        double[] ratios = new double[RUNS];
        for (int i = -WARM_UP; i < RUNS; i++) {
            Rehearsal flight = new Rehearsal(new RehearsalPlan(setup, card, DemoField.evening(), 5 + i));
            long start = System.nanoTime();
            flight.finish();
            if (i >= 0) {
                ratios[i] = flight.time() / ((System.nanoTime() - start) / 1e9);
            }
        }
        return Starts.median(ratios);
    }

    /** Two hundred flights on all processors; what flights of 300 s would take. */
    private static Map<String, Object> manyFlights() {
        Setup setup = DemoAircraft.seeschwalbe();
        var card = CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, DemoField.evening());
        double[] seconds = new double[TURNS];
        for (int i = 0; i < TURNS; i++) {
            long start = System.nanoTime();
            double flown = IntStream.range(0, MANY)
                    .parallel()
                    .mapToDouble(n -> {
                        Rehearsal flight = new Rehearsal(new RehearsalPlan(setup, card, DemoField.evening(), n));
                        flight.finish();
                        return flight.time();
                    })
                    .sum();
            seconds[i] = (System.nanoTime() - start) / 1e9 * MANY * 300 / flown;
        }
        return Map.of("flights", MANY, "secondsForFlightsOf300s", Starts.median(seconds));
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
        return Starts.median(millis);
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
        double[] whole = new double[TURNS];
        for (int i = 0; i < TURNS; i++) {
            JsonNode bare = answer(Main.class.getName(), "bench", "--part", "bare", file.toString());
            JsonNode read = answer(Main.class.getName(), "bench", "--part", "read", file.toString());
            Files.delete(file.resolveSibling("kept.drachen"));
            double alone = bare.get("seconds").asDouble();
            ratios[i] = read.get("readSeconds").asDouble() / alone;
            whole[i] = (read.get("readSeconds").asDouble()
                            + read.get("debriefSeconds").asDouble())
                    / alone;
            figures.put("bare", bare);
            figures.put("drachen", read);
        }
        figures.put("readOverBareMedian", Starts.median(ratios));
        figures.put("readAndDebriefedOverBareMedian", Starts.median(whole));
        if (System.getenv("DISPLAY") != null) {
            figures.put("panned", answer(PanApplication.class.getName(), file.toString()));
            figures.put("hand", answer(Main.class.getName(), "bench", "--part", "hand", file.toString()));
        }
        Files.delete(file);
        return figures;
    }

    /** Starts a part anew and reads its answer. */
    private static JsonNode answer(String mainClass, String... arguments) throws Exception {
        Process process = Starts.started(mainClass, arguments);
        String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return new ObjectMapper().readTree(text.substring(Math.max(0, text.indexOf('{'))));
    }
}
