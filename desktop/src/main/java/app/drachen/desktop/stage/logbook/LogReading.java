package app.drachen.desktop.stage.logbook;

import app.drachen.core.log.FlightLog;
import app.drachen.core.units.Quantity;
import app.drachen.desktop.background.Background;
import app.drachen.desktop.widget.Workspace;
import app.drachen.files.ImportFailedException;
import app.drachen.files.ImportProblem;
import app.drachen.files.Imported;
import app.drachen.files.csv.ForeignTable;
import app.drachen.files.csv.LogMapping;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.json.SetupJson;
import app.drachen.files.logs.LogFiles;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;

/** Reads log files beside the interface, and remembers how files of a shape were read. */
final class LogReading {
    private final Workspace workspace;
    private final Background background;
    private Optional<Background.Handle> running = Optional.empty();

    LogReading(Workspace workspace, Background background) {
        this.workspace = workspace;
        this.background = background;
    }

    /**
     * What looking at a file gave.
     *
     * @param table a table to be mapped; empty for a track, which needs no question
     * @param remembered how a file of this shape was read before
     */
    record Looked(Path file, Optional<ForeignTable> table, Optional<LogMapping> remembered) {}

    void look(Path file, Consumer<Looked> done, Consumer<Exception> failed) {
        background.start(
                running -> {
                    Optional<ForeignTable> table = LogFiles.kind(file) == LogFiles.Kind.TABLE
                            ? Optional.of(LogFiles.look(file))
                            : Optional.empty();
                    return new Looked(file, table, table.flatMap(this::remembered));
                },
                share -> {},
                done,
                failed);
    }

    private static String setting(ForeignTable table) {
        byte[] key = table.shape().key().getBytes(StandardCharsets.UTF_8);
        return "mapping:" + UUID.nameUUIDFromBytes(key);
    }

    private Optional<LogMapping> remembered(ForeignTable table) {
        return workspace.hangar().setting(setting(table)).flatMap(text -> {
            try {
                return Optional.of(SetupJson.fromText(text, LogMapping.class, table.file()));
            } catch (ImportFailedException e) {
                return Optional.empty();
            }
        });
    }

    void remember(ForeignTable table, LogMapping mapping) {
        workspace.hangar().keep(setting(table), SetupJson.toText(mapping));
    }

    /**
     * What was read and kept.
     *
     * @param flight where it stands in the logbook
     * @param rows how many rows it has
     * @param repaired what was repaired or worked out
     */
    record Kept(FlightRecord flight, int rows, List<String> repaired) {
        Kept {
            repaired = List.copyOf(repaired);
        }
    }

    /** Reads a file, a table by a mapping, and keeps it as a flight of the aircraft that is open now. */
    void read(
            Looked looked,
            Optional<LogMapping> mapping,
            DoubleConsumer progress,
            Consumer<Kept> done,
            Consumer<Exception> failed) {
        long aircraft = workspace.aircraft();
        int revision = workspace.revision().number();
        long now = workspace.now();
        running = Optional.of(background.start(
                running -> {
                    Optional<ForeignTable> table = looked.table();
                    Imported<FlightLog> log = table.isPresent()
                            ? LogFiles.read(
                                    table.get(), mapping.orElse(table.get().guess()), running)
                            : LogFiles.read(looked.file(), running);
                    FlightLog value = log.value();
                    long when = value.start().isPresent() ? (long) value.start().getAsDouble() : now;
                    String outcome =
                            "Read from " + looked.file().getFileName() + ", " + Quantity.TIME.text(value.duration());
                    // packing a large log takes seconds, so it is done here too
                    FlightRecord kept = workspace
                            .hangar()
                            .logbook()
                            .add(aircraft, new FlightRecord(0, revision, when, false, "", outcome), value);
                    if (running.cancelled()) {
                        workspace.hangar().logbook().remove(aircraft, kept.number());
                    }
                    return new Kept(
                            kept,
                            value.rows(),
                            log.problems().stream().map(ImportProblem::sentence).toList());
                },
                progress,
                done,
                failed));
    }

    void cancel() {
        running.ifPresent(Background.Handle::cancel);
        running = Optional.empty();
    }
}
