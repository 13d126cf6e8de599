package app.drachen.desktop.app;

import app.drachen.core.debrief.Landing;
import app.drachen.core.log.FlightLog;
import app.drachen.core.setup.Setup;
import app.drachen.files.Imported;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.json.SetupJson;
import java.nio.file.Path;
import java.time.Instant;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Adds a set-up document to a hangar, or a log to one of its aircraft. */
@Command(
        name = "import",
        mixinStandardHelpOptions = true,
        description = "Add a set-up document to a hangar as a new aircraft, or a log to an aircraft's logbook.")
final class ImportCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "set-up document; with --aircraft, a log")
    private Path file;

    @Option(names = "--aircraft", paramLabel = "NAME", description = "whose logbook the log goes into")
    private String aircraft;

    @Mixin
    private MappingOptions mapping;

    @Option(
            names = "--hangar",
            required = true,
            paramLabel = "HANGAR",
            description = "hangar file, made if it is missing")
    private Path hangarFile;

    @Override
    public Integer call() throws Exception {
        return aircraft == null ? setup() : log();
    }

    private int setup() throws Exception {
        SetupJson.Written written = SetupJson.readWritten(file);
        Setup setup = written.setup();
        String there = written.revision().map(r -> ", r" + r + " there").orElse("");
        try (Hangar hangar = Hangar.open(hangarFile)) {
            hangar.add(setup, "Imported from " + file.getFileName() + there, now());
        }
        say(setup.name() + " added to " + hangarFile + ".");
        return Main.DONE;
    }

    private int log() throws Exception {
        Imported<FlightLog> log = mapping.read(file, spec.commandLine().getOut());
        try (Hangar hangar = Hangar.open(hangarFile)) {
            Hangar.Shelf shelf = HangarOptions.aircraft(hangar, aircraft);
            long when =
                    log.value().start().isPresent() ? (long) log.value().start().getAsDouble() : now();
            FlightRecord flight = new FlightRecord(
                    0,
                    hangar.current(shelf.id()).number(),
                    when,
                    false,
                    "",
                    "Read from " + file.getFileName()
                            + Landing.of(log.value()).map(l -> ", " + l.words()).orElse(""));
            FlightRecord kept = hangar.logbook().add(shelf.id(), flight, log.value());
            log.problems().forEach(p -> say("  read   " + p.sentence()));
            say("Flight " + kept.number() + " of " + shelf.name() + ": "
                    + log.value().rows() + " rows.");
        }
        return Main.DONE;
    }

    private static long now() {
        return Instant.now().getEpochSecond();
    }

    private void say(String sentence) {
        spec.commandLine().getOut().println(sentence);
    }
}
