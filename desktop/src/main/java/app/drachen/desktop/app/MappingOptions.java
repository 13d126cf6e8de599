package app.drachen.desktop.app;

import app.drachen.core.log.Assignment;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.log.Scale;
import app.drachen.core.log.Scales;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import app.drachen.files.csv.ForeignTable;
import app.drachen.files.csv.LogMapping;
import app.drachen.files.logs.LogFiles;
import app.drachen.files.logs.LogFormats;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import picocli.CommandLine.Option;

/** How a foreign table is to be read, where the guess is wrong. */
final class MappingOptions {
    @Option(
            names = "--take",
            paramLabel = "HEADER=COLUMN[:UNIT]",
            description = "take a column for this, for example --take alt2=height:ft; HEADER= leaves it out")
    private Map<String, String> taken = new LinkedHashMap<>();

    @Option(names = "--mode", paramLabel = "NAME=MODE", description = "what a mode name of the file means")
    private Map<String, String> modes = new LinkedHashMap<>();

    @Option(names = "--columns", description = "also say what each column of the file was taken for")
    private boolean columns;

    /** Reads a log under these options. */
    Imported<FlightLog> read(Path file, PrintWriter to) throws ImportFailedException {
        if (LogFiles.format(file) != LogFormats.TABLE) {
            return LogFiles.read(file, Progress.NONE);
        }
        ForeignTable table = LogFiles.look(file);
        LogMapping mapping = table.guess();
        for (Map.Entry<String, String> entry : taken.entrySet()) {
            mapping = mapping.with(place(table, entry.getKey()), assignment(entry.getValue()));
        }
        for (Map.Entry<String, String> entry : modes.entrySet()) {
            mapping = mapping.with(entry.getKey(), Optional.of(mode(entry.getValue())));
        }
        if (columns) {
            for (LogMapping.Choice choice : mapping.columns()) {
                to.println("  column " + choice.header() + " \u2192 "
                        + choice.column()
                                .map(c -> c.id() + " in " + choice.scale())
                                .orElse("left out"));
            }
        }
        return LogFiles.read(table, mapping, Progress.NONE);
    }

    private static int place(ForeignTable table, String header) {
        int at = table.shape().headers().indexOf(header);
        if (at < 0) {
            throw new IllegalArgumentException("--take: there is no column \u201c" + header + "\u201d in "
                    + table.file().getFileName() + "; there are "
                    + table.shape().headers());
        }
        return at;
    }

    private static Optional<Assignment> assignment(String text) {
        if (text == null || text.isBlank()) {
            return Optional.empty();
        }
        String[] parts = text.split(":", 2);
        LogColumn column = LogColumn.byHeader(parts[0])
                .orElseThrow(() -> new IllegalArgumentException("--take: there is no column " + parts[0]
                        + "; there are "
                        + Arrays.stream(LogColumn.values()).map(LogColumn::id).collect(Collectors.joining(", "))));
        if (parts.length == 1) {
            return Optional.of(Assignment.of(column));
        }
        Scale scale = Scales.bySymbol(column, parts[1])
                .or(() -> Scales.byName(column, parts[1].toLowerCase(java.util.Locale.ROOT)))
                .orElseThrow(() -> new IllegalArgumentException("--take: " + column.id() + " is not read in " + parts[1]
                        + "; it is read in "
                        + Scales.of(column).stream().map(Scale::symbol).collect(Collectors.joining(", "))));
        return Optional.of(new Assignment(column, scale));
    }

    private static FlightMode mode(String name) {
        return Arrays.stream(FlightMode.values())
                .filter(m -> m.label().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("--mode: " + name + " is no mode; there are "
                        + Arrays.stream(FlightMode.values())
                                .map(FlightMode::label)
                                .collect(Collectors.joining(", "))));
    }
}
