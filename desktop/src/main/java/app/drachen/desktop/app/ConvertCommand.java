package app.drachen.desktop.app;

import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.log.FlightLog;
import app.drachen.files.ImportProblem;
import app.drachen.files.Imported;
import app.drachen.files.NewFile;
import app.drachen.files.logs.LogFormats;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Reads a log of any known kind and writes it in an open format. */
@Command(
        name = "convert",
        mixinStandardHelpOptions = true,
        description = "Read a log (CSV from anywhere, GPX, KML, GeoJSON, IGC, NMEA 0183; also packed) and write it as "
                + FormatOptions.ENDINGS + ".")
final class ConvertCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(index = "0", paramLabel = "LOG", description = "log to read")
    private Path file;

    @Parameters(index = "1", paramLabel = "OUT", description = "file to write; its ending says the format")
    private Path out;

    @Option(
            names = "--home",
            paramLabel = "LAT,LON",
            description = "where home is [°], for a log that knows metres only")
    private String home;

    @Mixin
    private MappingOptions mapping;

    @Mixin
    private OutOptions over;

    /** A log whose command line {@link Quick} has read. */
    static int plain(Path file, Path out, PrintWriter to) throws Exception {
        NewFile.allow(out, false, file);
        return write(new MappingOptions().read(file, to), file, Optional.empty(), out, to);
    }

    @Override
    public Integer call() throws Exception {
        over.allow(out, file);
        PrintWriter to = spec.commandLine().getOut();
        Optional<GeodeticPosition> at = Optional.ofNullable(home).map(GeodeticPosition::parse);
        return write(mapping.read(file, to), file, at, out, to);
    }

    private static int write(
            Imported<FlightLog> log, Path file, Optional<GeodeticPosition> at, Path out, PrintWriter to)
            throws Exception {
        for (ImportProblem problem : log.problems()) {
            to.println("  read   " + problem.sentence());
        }
        LogFormats.write(file.getFileName().toString(), log.value(), at, out);
        to.println(log.value().rows() + " rows of " + file.getFileName() + " written to " + out + ".");
        return Main.DONE;
    }
}
