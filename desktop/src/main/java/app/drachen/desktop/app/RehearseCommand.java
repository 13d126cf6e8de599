package app.drachen.desktop.app;

import app.drachen.core.cards.CardPlan;
import app.drachen.core.cards.Verdict;
import app.drachen.core.controls.Output;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.demo.DemoScenarios;
import app.drachen.core.log.FlightLog;
import app.drachen.core.rehearsal.Fault;
import app.drachen.core.rehearsal.Outcome;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.rehearsal.Scatter;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Progress;
import app.drachen.desk.work.AllProcessors;
import app.drachen.files.csv.FlightLogCsv;
import app.drachen.files.json.SetupJson;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Flies a card in the model. */
@Command(
        name = "rehearse",
        mixinStandardHelpOptions = true,
        description = "Fly a card in the model and say how it ended.",
        footer = "Exit codes: 0 landed and all limits kept, 1 not, 2 bad input.")
final class RehearseCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(arity = "0..1", paramLabel = "SETUP.json", description = "set-up document")
    private Path file;

    @Option(
            names = "--fault",
            paramLabel = "FAULT[:SIZE]",
            description = "a mistake to fly with, such as turned-servo:right or pack-moved:40mm; may be given again")
    private List<String> faults = List.of();

    @Option(names = "--faults", description = "list the mistakes that can be flown with")
    private boolean listFaults;

    @Option(
            names = "--scenario",
            paramLabel = "NAME",
            description = "fly a demo aircraft through one of --scenarios; needs no set-up, card or field")
    private String scenario;

    @Option(names = "--scenarios", description = "list the scenarios, with what to look for")
    private boolean listScenarios;

    @Option(
            names = "--times",
            paramLabel = "N",
            description = "fly it so often, with other gusts and small errors of building, on all processors")
    private int times = 1;

    @Option(
            names = "--card",
            description = "card: first-flight, power, hold, tune, auto-trim, home, mission (default: ${DEFAULT-VALUE})",
            defaultValue = "first-flight")
    private String card;

    @Option(
            names = "--seed",
            description = "seed of gusts, throw and sensor noise (default: ${DEFAULT-VALUE})",
            defaultValue = "1")
    private long seed;

    @Option(
            names = "--out",
            paramLabel = "LOG.csv",
            description = "write the log, and the set-up as given beside it, without the mistakes of --fault")
    private Path out;

    @Option(names = "--json", description = "answer as JSON, values in SI")
    private boolean json;

    @Mixin
    private FieldOptions field;

    @Mixin
    private OutOptions over;

    /** The set-up without the mistakes. */
    private Setup believed;

    @Override
    public Integer call() throws Exception {
        if (listFaults) {
            for (Fault.Kind kind : Fault.Kind.values()) {
                spec.commandLine().getOut().printf("  %-18s %s%n", kind.id(), Json.read(kind.label()));
            }
            return Main.DONE;
        }
        if (listScenarios) {
            for (DemoScenarios.Scenario s : DemoScenarios.all()) {
                spec.commandLine().getOut().printf("  %-20s %s%n", s.id(), s.lookFor());
            }
            return Main.DONE;
        }
        if ((file == null) == (scenario == null)) {
            throw new IllegalArgumentException(
                    "rehearse: which set-up? give a SETUP.json or a --scenario; --scenarios and --faults list them");
        }
        if (times > 1 && out != null) {
            throw new IllegalArgumentException(
                    "--out writes one log; leave out --times, or choose one flight by --seed");
        }
        if (times < 1 || times > 10_000) {
            throw new IllegalArgumentException("--times is " + times + "; allowed is 1 to 10000");
        }
        if (out != null) {
            Path[] read = file == null ? new Path[0] : new Path[] {file};
            over.allow(out, read);
            over.allow(flownSetup(out), read);
        }
        RehearsalPlan flown = scenario == null ? given() : demo();
        for (String fault : faults) {
            flown = Fault.parse(fault).in(flown);
        }
        if (times > 1) {
            return scatter(flown);
        }
        Rehearsal rehearsal = new Rehearsal(flown);
        rehearsal.finish();
        FlightLog log = rehearsal.log();
        Outcome outcome = rehearsal.outcome().orElseThrow();
        Debrief debrief = Debrief.of(log, believed, flown.field());
        List<Verdict> verdicts = Verdict.of(flown.card(), debrief.flight(), outcome.touchdownSink());
        if (out != null) {
            FlightLogCsv.write(log, out);
            SetupJson.write(believed, flownSetup(out));
        }
        boolean passed = outcome.whole() && verdicts.stream().allMatch(Verdict::passed);
        print(outcome, rehearsal, verdicts, passed);
        return passed ? Main.DONE : Main.STOPS;
    }

    private RehearsalPlan given() throws Exception {
        believed = SetupJson.read(file);
        CardPlan plan = CardOptions.card(card);
        return new RehearsalPlan(believed, plan.forAircraft(believed, field.field()), field.field(), seed);
    }

    private RehearsalPlan demo() {
        DemoScenarios.Scenario s = DemoScenarios.byId(scenario)
                .orElseThrow(() -> new IllegalArgumentException("--scenario " + scenario
                        + ": there is no such scenario; there are "
                        + DemoScenarios.all().stream()
                                .map(DemoScenarios.Scenario::id)
                                .toList()));
        believed = s.setup();
        card = s.card();
        if (!json) {
            spec.commandLine().getOut().println("Look for: " + s.lookFor());
        }
        return s.plan(seed);
    }

    private int scatter(RehearsalPlan plan) {
        // what cannot fly at all is refused here, with one sentence, and not on some thread
        new Rehearsal(plan);
        Scatter scatter = new Scatter(AllProcessors.times(times, n -> Scatter.fly(plan, n), Progress.NONE));
        PrintWriter to = spec.commandLine().getOut();
        boolean passed = scatter.flights().stream().allMatch(Scatter.Flight::passed);
        if (json) {
            Map<String, Object> map = new LinkedHashMap<>();
            map.put("card", card);
            map.put("seed", seed);
            map.put("flights", times);
            map.put("passed", passed);
            map.put("results", scatter.workings().stream().map(Json::working).toList());
            map.put(
                    "outcomes",
                    scatter.flights().stream()
                            .map(f -> Json.read(f.outcome().sentence()))
                            .toList());
            to.println(Json.text(map));
        } else {
            scatter.workings().forEach(w -> to.println("  " + Json.line(w)));
            scatter.firstLost()
                    .ifPresent(f -> to.println("  first lost: flight " + f.number() + ": "
                            + Json.read(f.outcome().sentence())));
        }
        return passed ? Main.DONE : Main.STOPS;
    }

    /** The set-up that belongs to a log: the same name with {@code .setup.json}. */
    static Path flownSetup(Path log) {
        String name = log.getFileName().toString();
        String stem = name.endsWith(".csv") ? name.substring(0, name.length() - 4) : name;
        return log.resolveSibling(stem + ".setup.json");
    }

    private void print(Outcome outcome, Rehearsal rehearsal, List<Verdict> verdicts, boolean passed) {
        PrintWriter to = spec.commandLine().getOut();
        if (json) {
            Map<String, Object> map = new LinkedHashMap<>();
            map.put("card", card);
            map.put("seed", seed);
            map.put("whole", outcome.whole());
            map.put("passed", passed);
            map.put("outcome", Json.read(outcome.sentence()));
            map.put("time", rehearsal.time());
            map.put("lastStep", rehearsal.stepNumber());
            map.put(
                    "notices",
                    rehearsal.notices().stream()
                            .map(n -> Json.object("time", n.time(), "what", Json.read(n.sentence())))
                            .toList());
            map.put("limits", verdicts.stream().map(RehearseCommand::verdict).toList());
            to.println(Json.text(map));
            return;
        }
        rehearsal
                .notices()
                .forEach(n ->
                        to.println("  " + Json.read(Quantity.TIME.text(n.time())) + ": " + Json.read(n.sentence())));
        to.println(Json.read(outcome.sentence()));
        found(rehearsal, to);
        for (Verdict v : verdicts) {
            String measured = v.measured()
                    .map(m -> m.isInfinite()
                            ? "beyond measure"
                            : v.limit().working().quantity().text(m, UnitSystem.METRIC))
                    .orElse("not shown");
            to.println((v.passed() ? "  kept   " : v.failed() ? "  broken " : "  open   ")
                    + Json.read(v.limit().sentence())
                    + ": "
                    + measured);
        }
        if (out != null) {
            to.println("Log in " + out + ", set-up as given in " + flownSetup(out) + ".");
        }
    }

    /** What the helpers found; it is written nowhere. */
    private static void found(Rehearsal rehearsal, PrintWriter to) {
        Gains before = rehearsal.plan().setup().gains();
        Gains now = rehearsal.gains();
        if (!now.equals(before)) {
            to.printf(
                    Locale.ROOT,
                    "  Autotune, not saved: roll forward gain %.3f to %.3f, rate gain %.3f to %.3f; pitch forward gain %.3f to %.3f, rate gain %.3f to %.3f [1/(rad/s)]%n",
                    before.roll().forward(),
                    now.roll().forward(),
                    before.roll().rate(),
                    now.roll().rate(),
                    before.pitch().forward(),
                    now.pitch().forward(),
                    before.pitch().rate(),
                    now.pitch().rate());
        }
        for (Output was : rehearsal.plan().setup().controls().surfaces()) {
            double moved =
                    rehearsal.centres().output(was.surface()).orElseThrow().centreMicros() - was.centreMicros();
            if (Math.abs(moved) >= 0.5) {
                to.printf(
                        Locale.ROOT,
                        "  auto-trim, not saved: %s centre %+.0f µs%n",
                        was.surface().label(),
                        moved);
            }
        }
    }

    private static Map<String, Object> verdict(Verdict v) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", v.limit().id().name());
        map.put("limit", Json.read(v.limit().sentence()));
        map.put("state", v.passed() ? "kept" : v.failed() ? "broken" : "open");
        v.measured().filter(Double::isFinite).ifPresent(m -> map.put("measured", m));
        map.put("working", Json.working(v.limit().working()));
        return map;
    }
}
