package app.drachen.files.csv;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import app.drachen.files.NewFile;
import app.drachen.files.track.XmlFile;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;

/**
 * Drachen's own log files: one header line of {@code id [unit]}, values in SI, modes by name; where the date is known, the moment of
 * each row in UTC in a last column.
 *
 * <p>Source: RFC 4180 (2005). Numbers are written with up to six significant places behind the
 * point; a missing sample is an empty field.
 */
public final class FlightLogCsv {
    /** Header of the column of moments. */
    static final String MOMENT = "utc";

    private FlightLogCsv() {}

    /** Whether a line begins as the first one of such a file does: what follows has this layout and no other. */
    public static boolean begins(String line) {
        return line.startsWith(LogColumn.TIME.header() + ",");
    }

    /** Whether such files have columns of all these names. */
    static boolean areHeaders(List<String> headers) {
        for (String header : headers) {
            if (!header.equals(MOMENT) && LogColumn.byHeader(header).isEmpty()) {
                return false;
            }
        }
        return true;
    }

    /** Writes a log into a file. */
    public static void write(FlightLog log, Path file) throws IOException {
        NewFile.write(file, fresh -> {
            try (Writer out = Files.newBufferedWriter(fresh, StandardCharsets.UTF_8)) {
                write(log, out);
            }
        });
    }

    /** Writes a log. The writer is not closed. */
    public static void write(FlightLog log, Writer out) throws IOException {
        List<LogColumn> columns = new ArrayList<>(EnumSet.copyOf(log.columns()));
        CsvWriter csv = CsvWriter.builder().build(out);
        List<String> headers = new ArrayList<>();
        for (LogColumn column : columns) {
            headers.add(column.header());
        }
        if (log.start().isPresent()) {
            headers.add(MOMENT);
        }
        csv.writeRecord(headers);
        List<String> fields = new ArrayList<>(columns.size());
        double last = Double.NEGATIVE_INFINITY;
        double step = 1 / LogColumn.TIME.perUnit();
        for (int row = 0; row < log.rows(); row++) {
            fields.clear();
            // rows nearer than the resolution stay rows, and rise
            last = Math.max(rounded(LogColumn.TIME, log.time(row)), last + step);
            for (LogColumn column : columns) {
                fields.add(field(column, column == LogColumn.TIME ? last : log.value(column, row)));
            }
            if (log.start().isPresent()) {
                fields.add(XmlFile.moment(log.start().getAsDouble() + last));
            }
            csv.writeRecord(fields);
        }
        csv.flush();
    }

    private static double rounded(LogColumn column, double value) {
        return Math.rint(value * column.perUnit()) / column.perUnit();
    }

    private static String field(LogColumn column, double value) {
        if (Double.isNaN(value)) {
            return "";
        }
        if (column == LogColumn.MODE) {
            return FlightMode.values()[(int) value].label();
        }
        double steps = Math.rint(value * column.perUnit());
        return Math.abs(steps) < 1e15
                ? NumberText.decimal((long) steps, column.places())
                : String.valueOf(rounded(column, value));
    }

    /**
     * Reads a log that Drachen wrote.
     *
     * @throws ImportFailedException if it is no log; with file, place and remedy
     */
    public static Imported<FlightLog> read(Path file) throws ImportFailedException {
        try {
            ForeignTable table = ForeignTable.look(file);
            return CsvLogReader.read(table, table.guess(), Progress.NONE);
        } catch (NoSuchFileException e) {
            throw new ImportFailedException(file, "", "there is no such file; check the name");
        } catch (IOException e) {
            throw new ImportFailedException(file, "", "cannot be read (" + e.getMessage() + ")");
        }
    }
}
