package app.drachen.desktop.app;

import app.drachen.core.air.Field;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.log.FlightLog;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.paper.Papers;
import app.drachen.files.Imported;
import app.drachen.files.json.SetupJson;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes a sheet of paper. */
@Command(
        name = "report",
        mixinStandardHelpOptions = true,
        description = "Write a sheet of paper (PDF, one page): balance, sticks, card or debrief.")
final class ReportCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(index = "0", paramLabel = "SHEET", description = "balance, sticks, card or debrief")
    private String kind;

    @Parameters(index = "1", paramLabel = "SETUP.json", description = "set-up document")
    private Path setupFile;

    @Parameters(index = "2", paramLabel = "OUT.pdf", description = "file to write")
    private Path out;

    @Option(names = "--card", paramLabel = "ID", description = "which card; default ${DEFAULT-VALUE}")
    private String card = "first-flight";

    @Option(names = "--log", paramLabel = "LOG", description = "the flight to debrief")
    private Path log;

    @Option(names = "--imperial", description = "imperial units")
    private boolean imperial;

    @Mixin
    private MappingOptions mapping;

    @Mixin
    private OutOptions over;

    @Mixin
    private FieldOptions place;

    @Override
    public Integer call() throws Exception {
        over.allow(out, log == null ? new Path[] {setupFile} : new Path[] {setupFile, log});
        Setup setup = SetupJson.read(setupFile);
        Field field = place.field();
        Papers papers = new Papers(setup, 1, Optional.of(field), imperial ? UnitSystem.IMPERIAL : UnitSystem.METRIC);
        if (kind.equals("debrief")) {
            debrief(papers, setup, field);
        } else {
            String id = kind.equals("card") ? card : kind;
            List<Papers.Sheet> sheets = papers.sheets();
            sheets.stream()
                    .filter(s -> s.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("report: there is no sheet " + id + "; there are "
                            + sheets.stream().map(Papers.Sheet::id).collect(Collectors.joining(", ")) + ", debrief"))
                    .write()
                    .to(out);
        }
        spec.commandLine().getOut().println(out + " written.");
        return Main.DONE;
    }

    private void debrief(Papers papers, Setup setup, Field field) throws Exception {
        if (log == null) {
            throw new IllegalArgumentException("report debrief: which flight? give it with --log FILE");
        }
        Imported<FlightLog> read = mapping.read(log, spec.commandLine().getOut());
        papers.debrief(log.getFileName().toString(), Debrief.of(read.value(), setup, field), List.of(), out);
    }
}
