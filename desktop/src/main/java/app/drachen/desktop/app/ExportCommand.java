package app.drachen.desktop.app;

import app.drachen.core.log.FlightLog;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.json.SetupJson;
import app.drachen.files.logs.LogFormats;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes an aircraft of a hangar as a set-up document, or one of its flights as a log or a track. */
@Command(
        name = "export",
        mixinStandardHelpOptions = true,
        description = "Write an aircraft of a hangar as a set-up document, or one of its flights as "
                + FormatOptions.ENDINGS + " after the ending of FILE.")
final class ExportCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(index = "0", paramLabel = "AIRCRAFT", description = "name of the aircraft")
    private String name;

    @Parameters(index = "1", paramLabel = "FILE", description = "file to write")
    private Path file;

    @Option(names = "--flight", paramLabel = "N", description = "write this flight instead of the set-up")
    private Integer flight;

    @Mixin
    private HangarOptions from;

    @Mixin
    private OutOptions over;

    @Override
    public Integer call() throws Exception {
        over.allow(file);
        try (Hangar hangar = from.open()) {
            Hangar.Shelf aircraft = HangarOptions.aircraft(hangar, name);
            if (flight == null) {
                var now = hangar.current(aircraft.id());
                SetupJson.write(now.setup(), now.number(), file);
                say(aircraft.name() + " r" + now.number());
            } else {
                writeFlight(hangar, aircraft);
            }
        }
        return Main.DONE;
    }

    private void writeFlight(Hangar hangar, Hangar.Shelf aircraft) throws Exception {
        var flights = hangar.logbook().flights(aircraft.id());
        FlightRecord chosen = flights.stream()
                .filter(f -> f.number() == flight)
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException(aircraft.name() + " has no flight " + flight + "; there are "
                                + flights.stream().map(FlightRecord::number).toList()));
        FlightLog log = hangar.logbook().log(aircraft.id(), flight).orElseThrow();
        FlightLog dated = log.start().isPresent() ? log : log.startedAt(chosen.when());
        LogFormats.write(aircraft.name() + " flight " + flight, dated, hangar.home(), file);
        say(aircraft.name() + " flight " + flight);
    }

    private void say(String what) {
        spec.commandLine().getOut().println(what + " written to " + file + ".");
    }
}
