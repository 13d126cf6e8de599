package app.drachen.desktop.app;

import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.Kits;
import app.drachen.core.working.Finding.State;
import app.drachen.files.json.SetupJson;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Says what a set-up is cleared to, without proofs: what its figures alone allow and forbid. */
@Command(
        name = "clearance",
        mixinStandardHelpOptions = true,
        description =
                "Say what a set-up is cleared to and what is in the way; it carries no proofs, so those stay open.",
        footer = "Exit codes: 0 nothing stops, 1 a finding stops, 2 bad input.")
final class ClearanceCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(paramLabel = "SETUP.json", description = "set-up document")
    private Path file;

    @Option(names = "--json", description = "answer as JSON, values in SI")
    private boolean json;

    @Option(
            names = "--card",
            paramLabel = "CARD",
            description = "the card that is to be flown next, such as first-flight")
    private String card;

    @Mixin
    private FieldOptions field;

    /** A set-up whose command line {@link Quick} has read. Without a field and proofs nothing has a day, so no moment is asked for. */
    static int plain(Path file, boolean json, PrintWriter to) throws Exception {
        Setup setup = SetupJson.read(file);
        return tell(setup, Situation.of(setup), json, to);
    }

    @Override
    public Integer call() throws Exception {
        Setup setup = SetupJson.read(file);
        Situation bare = Situation.of(setup).at(ZonedDateTime.now());
        return tell(
                setup,
                (field.given() ? bare.on(field.field()) : bare)
                        .planning(Optional.ofNullable(card).map(CardOptions::card)),
                json,
                spec.commandLine().getOut());
    }

    private static int tell(Setup setup, Situation situation, boolean json, PrintWriter to) {
        Clearance clearance = Kits.clearance(situation);
        if (json) {
            Map<String, Object> map = new LinkedHashMap<>();
            map.put("aircraft", setup.name());
            map.put("clearedTo", clearance.sentence());
            map.put("why", Json.read(clearance.why()));
            map.put("reservation", clearance.reservation());
            Map<String, String> stages = new LinkedHashMap<>();
            for (var stage : app.drachen.core.clearance.Stage.values()) {
                stages.put(stage.label(), clearance.stages().get(stage).label());
            }
            map.put("stages", stages);
            map.put(
                    "findings",
                    clearance.rulings().stream().map(ClearanceCommand::ruling).toList());
            to.println(Json.text(map));
        } else {
            to.println(
                    setup.name() + " is cleared to: " + clearance.sentence() + ". " + Json.read(clearance.why()) + ".");
            for (Ruling r : clearance.rulings()) {
                to.println("  " + wide(r.finding().state().label())
                        + wide(r.stage().label()) + Json.line(r.finding()));
            }
        }
        return clearance.rulings().stream().anyMatch(r -> r.finding().state() == State.STOP) ? Main.STOPS : Main.DONE;
    }

    /** A word with the spaces up to the next column. */
    private static String wide(String word) {
        return word + " ".repeat(Math.max(1, 8 - word.length()));
    }

    private static Map<String, Object> ruling(Ruling ruling) {
        Map<String, Object> map = Json.finding(ruling.finding());
        map.put("stage", ruling.stage().label());
        ruling.gate().ifPresent(g -> map.put("blocks", g.name().toLowerCase(java.util.Locale.ROOT)));
        return map;
    }
}
