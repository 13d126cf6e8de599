package app.drachen.desktop.app;

import app.drachen.core.bench.Planted;
import app.drachen.core.bench.StandIn;
import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.log.FlightLog;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Progress;
import app.drachen.files.json.SetupJson;
import app.drachen.files.logs.LogFiles;
import app.drachen.files.standin.StandInLines;
import app.drachen.files.standin.StandInServer;
import app.drachen.files.standin.ValueSender;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.net.BindException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Runs the stand-in board for other programs, on a socket of this machine or on standard input and output. */
@Command(
        name = "standin",
        mixinStandardHelpOptions = true,
        description = {
            "Run the stand-in board: one JSON object a line asks, one answers.",
            "Words: sticks, selector, tilt, plugged, link, arm, advance; an empty object asks for the state."
        },
        footer = "Exit codes: 0 ended, 2 bad input. It listens on this machine only; Ctrl+C ends it.")
final class StandInCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(paramLabel = "SETUP.json", description = "set-up document")
    private Path file;

    @Option(names = "--port", paramLabel = "PORT", description = "port to listen on; 0 takes any that is free")
    private Integer port;

    @Option(names = "--fault", paramLabel = "FAULT", description = "what differs from the set-up; see --faults")
    private List<String> faults = List.of();

    @Option(
            names = "--play",
            paramLabel = "LOG.csv",
            description = "send this flight as values instead, over and over, a JSON object a line")
    private Path play;

    @Option(names = "--speed", paramLabel = "TIMES", description = "times real time, 1 to 20", defaultValue = "1")
    private double speed;

    @Option(
            names = "--dropouts",
            paramLabel = "SHARE",
            description = "share of the time in which nothing comes, 0 to 90 %",
            defaultValue = "0 %")
    private String dropouts;

    @Option(names = "--faults", description = "list what can be hidden in this aircraft")
    private boolean list;

    @Override
    public Integer call() throws Exception {
        Setup believed = SetupJson.read(file);
        PrintWriter out = spec.commandLine().getOut();
        if (play != null) {
            play(believed, out);
            return Main.DONE;
        }
        List<Planted> possible = list || !faults.isEmpty() ? Planted.possible(believed) : List.of();
        if (list) {
            possible.forEach(p -> out.println("  " + p.id() + ": " + p.words()));
            return Main.DONE;
        }
        List<Planted> hidden = new ArrayList<>();
        for (String fault : faults) {
            hidden.add(possible.stream()
                    .filter(p -> p.id().equals(fault))
                    .findFirst()
                    .orElseThrow(() -> new CommandLine.ParameterException(
                            spec.commandLine(),
                            "no fault \u201c" + fault + "\u201d in this aircraft; --faults lists them")));
        }
        StandIn real = new StandIn(believed, hidden);
        if (port == null) {
            pipe(real, out);
            return Main.DONE;
        }
        if (port < 0 || port > 65_535) {
            throw new CommandLine.ParameterException(spec.commandLine(), "a port is a number from 0 to 65535");
        }
        try (StandInServer server = new StandInServer(real, port)) {
            out.println("The stand-in board of " + believed.name() + " listens on port " + server.port()
                    + " of this machine. Ctrl+C ends it.");
            out.flush();
            server.serve();
        } catch (BindException e) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(), "port " + port + " is taken; choose another, or 0 for any that is free", e);
        }
        return Main.DONE;
    }

    /** Sends a flight until it is ended. */
    private void play(Setup setup, PrintWriter out) throws Exception {
        FlightLog log = LogFiles.read(play, Progress.NONE).value();
        double ground = FlightFacts.of(log).map(FlightFacts::ground).orElse(0.0);
        double lost = Quantity.SHARE.parse(dropouts, UnitSystem.METRIC);
        try (ValueSender sender =
                new ValueSender(setup, log, ground, speed, lost, port == null ? 0 : port, ValueSender.Pace::real)) {
            out.println("The stand-in sender of " + setup.name() + " listens on port " + sender.port()
                    + " of this machine. Ctrl+C ends it.");
            out.flush();
            sender.serve();
        } catch (BindException e) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(), "port " + port + " is taken; choose another, or 0 for any that is free", e);
        }
    }

    /** Lines from standard input until it ends. */
    private static void pipe(StandIn real, PrintWriter out) throws IOException {
        StandInLines lines = new StandInLines(real);
        InputStream in = new BufferedInputStream(System.in);
        for (Optional<String> line = StandInLines.next(in); line.isPresent(); line = StandInLines.next(in)) {
            out.println(lines.answer(line.get()));
            out.flush();
        }
    }
}
