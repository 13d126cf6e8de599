package app.drachen.desktop.app;

import app.drachen.core.air.Field;
import app.drachen.core.controls.Axis;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.log.FlightLog;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.files.ImportProblem;
import app.drachen.files.Imported;
import app.drachen.files.json.SetupJson;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Reads a log and says what it shows. */
@Command(
        name = "debrief",
        mixinStandardHelpOptions = true,
        description = "Read a log and say what it shows.",
        footer = "Exit codes: 0 done, 1 a finding stops, 2 bad input.")
final class DebriefCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(
            paramLabel = "LOG",
            description = "log: CSV from anywhere, GPX, KML, GeoJSON, IGC or NMEA 0183; also packed")
    private Path file;

    @Mixin
    private MappingOptions mapping;

    @Option(
            names = "--setup",
            paramLabel = "SETUP.json",
            description = "set-up that was flown; default LOG.setup.json beside the log, if it is there")
    private Path setupFile;

    @Option(names = "--json", description = "answer as JSON, values in SI")
    private boolean json;

    @Mixin
    private FieldOptions field;

    @Override
    public Integer call() throws Exception {
        Imported<FlightLog> log = mapping.read(file, spec.commandLine().getOut());
        Path beside = RehearseCommand.flownSetup(file);
        Optional<Setup> setup = Optional.empty();
        if (setupFile != null || Files.exists(beside)) {
            setup = Optional.of(SetupJson.read(setupFile != null ? setupFile : beside));
        }
        Field place = field.field();
        Debrief debrief = Debrief.of(log.value(), setup, place.density(), place.heightLimit());
        PrintWriter to = spec.commandLine().getOut();
        if (json) {
            to.println(Json.text(asMap(log, debrief)));
        } else {
            for (ImportProblem problem : log.problems()) {
                to.println("  read   " + problem.sentence());
            }
            debrief.flight().facts().ifPresent(facts -> facts.workings()
                    .forEach(w -> to.println("  fact    " + Json.line(w))));
            debrief.flight().switches().forEach(line -> to.println("  switch  " + Json.read(line)));
            for (Finding f : debrief.findings()) {
                to.printf("  %-7s %s%n", f.state().label(), Json.line(f));
            }
            debrief.flight().trim().ifPresent(t -> t.centres()
                    .forEach(c -> to.printf(
                            Locale.ROOT,
                            "  centre  %s %.0f \u2192 %.0f \u00b5s%n",
                            c.output().surface().label(),
                            c.output().centreMicros(),
                            c.meanMicros())));
        }
        return debrief.findings().stream().anyMatch(f -> f.state() == State.STOP) ? Main.STOPS : Main.DONE;
    }

    private static Map<String, Object> asMap(Imported<FlightLog> log, Debrief debrief) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("rows", log.value().rows());
        map.put("duration", log.value().duration());
        map.put("problems", log.problems().stream().map(ImportProblem::sentence).toList());
        debrief.flight()
                .facts()
                .ifPresent(f -> map.put(
                        "facts", f.workings().stream().map(Json::working).toList()));
        map.put(
                "segments",
                debrief.flight().segments().stream()
                        .map(s -> Json.object(
                                "mode",
                                s.mode().label(),
                                "from",
                                log.value().time(s.from()),
                                "to",
                                log.value().time(s.to() - 1)))
                        .toList());
        debrief.flight().trim().ifPresent(t -> {
            Map<String, Object> trim = new LinkedHashMap<>();
            for (Axis axis : List.of(Axis.ROLL, Axis.PITCH, Axis.YAW)) {
                if (!Double.isNaN(t.of(axis))) {
                    trim.put(axis.name().toLowerCase(Locale.ROOT), t.of(axis));
                }
            }
            trim.put("seconds", t.seconds());
            trim.put(
                    "centresMicros",
                    t.centres().stream()
                            .map(c -> Json.object(
                                    "surface",
                                    c.output().surface().label(),
                                    "now",
                                    c.output().centreMicros(),
                                    "mean",
                                    c.meanMicros()))
                            .toList());
            map.put("trim", trim);
        });
        map.put(
                "swings",
                debrief.flight().swings().found().stream()
                        .map(o -> {
                            Map<String, Object> swing = new LinkedHashMap<>();
                            swing.put("column", o.column().id());
                            swing.put("mode", o.mode().map(FlightMode::label).orElse(""));
                            swing.put("from", o.from());
                            swing.put("to", o.to());
                            swing.put("frequency", o.frequency());
                            swing.put("amplitude", o.amplitude());
                            swing.put("damping", o.damping());
                            return swing;
                        })
                        .toList());
        map.put("findings", debrief.findings().stream().map(Json::finding).toList());
        return map;
    }
}
