package app.drachen.desktop.app;

import app.drachen.core.cards.Card;
import app.drachen.core.cards.CardPlan;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.cards.Verdict;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.log.FlightLog;
import app.drachen.core.rehearsal.Outcome;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.UnitSystem;
import app.drachen.files.csv.FlightLogCsv;
import app.drachen.files.json.SetupJson;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
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

    @Parameters(paramLabel = "SETUP.json", description = "set-up document")
    private Path file;

    @Option(
            names = "--card",
            description = "card: first-flight, hold (default: ${DEFAULT-VALUE})",
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
            description = "write the log, and the set-up that was flown beside it")
    private Path out;

    @Option(names = "--json", description = "answer as JSON, values in SI")
    private boolean json;

    @Mixin
    private FieldOptions field;

    @Override
    public Integer call() throws Exception {
        Setup setup = SetupJson.read(file);
        CardPlan plan = CardPlans.byId(card)
                .orElseThrow(() -> new IllegalArgumentException("--card "
                        + card
                        + ": there is no such card; there are "
                        + CardPlans.all().stream().map(CardPlan::id).toList()));
        Card made = plan.forAircraft(setup, field.field());
        Rehearsal rehearsal = new Rehearsal(new RehearsalPlan(setup, made, field.field(), seed));
        rehearsal.finish();
        FlightLog log = rehearsal.log();
        Outcome outcome = rehearsal.outcome().orElseThrow();
        Debrief debrief = Debrief.of(log, setup, field.field().density());
        List<Verdict> verdicts = Verdict.of(made, debrief.flight());
        if (out != null) {
            FlightLogCsv.write(log, out);
            SetupJson.write(setup, flownSetup(out));
        }
        boolean passed = outcome.whole() && verdicts.stream().allMatch(Verdict::passed);
        print(outcome, rehearsal, verdicts, passed);
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
            map.put("limits", verdicts.stream().map(RehearseCommand::verdict).toList());
            to.println(Json.text(map));
            return;
        }
        to.println(Json.read(outcome.sentence()));
        for (Verdict v : verdicts) {
            String measured = v.measured()
                    .map(m -> v.limit().working().quantity().text(m, UnitSystem.METRIC))
                    .orElse("not shown");
            to.println((v.passed() ? "  kept   " : v.failed() ? "  broken " : "  open   ")
                    + Json.read(v.limit().sentence())
                    + ": "
                    + measured);
        }
        if (out != null) {
            to.println("Log in " + out + ", set-up as flown in " + flownSetup(out) + ".");
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
