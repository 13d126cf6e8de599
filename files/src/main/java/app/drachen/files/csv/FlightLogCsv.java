package app.drachen.files.csv;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.files.ImportFailedException;
import app.drachen.files.ImportProblem;
import app.drachen.files.Imported;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Drachen's own log files: one header line of {@code id [unit]}, values in SI, modes by name.
 *
 * <p>Source: RFC 4180 (2005). Numbers are written with up to six significant places behind the
 * point; a missing sample is an empty field.
 */
public final class FlightLogCsv {
    private static final int MOST_PROBLEMS = 200;

    private FlightLogCsv() {}

    /** Writes a log into a file. */
    public static void write(FlightLog log, Path file) throws IOException {
        try (Writer out = Files.newBufferedWriter(file, StandardCharsets.UTF_8)) {
            write(log, out);
        }
    }

    /** Writes a log. The writer is not closed. */
    public static void write(FlightLog log, Writer out) throws IOException {
        List<LogColumn> columns = new ArrayList<>(EnumSet.copyOf(log.columns()));
        CsvWriter csv = CsvWriter.builder().build(out);
        csv.writeRecord(columns.stream().map(LogColumn::header).toList());
        List<String> fields = new ArrayList<>(columns.size());
        for (int row = 0; row < log.rows(); row++) {
            fields.clear();
            for (LogColumn column : columns) {
                fields.add(field(column, log.value(column, row)));
            }
            csv.writeRecord(fields);
        }
        csv.flush();
    }

    private static String field(LogColumn column, double value) {
        if (Double.isNaN(value)) {
            return "";
        }
        if (column == LogColumn.MODE) {
            return FlightMode.values()[(int) value].label();
        }
        double rounded = Math.rint(value * 1e6) / 1e6;
        return rounded == Math.rint(rounded) && Math.abs(rounded) < 1e15
                ? String.valueOf((long) rounded)
                : String.valueOf(rounded);
    }

    /**
     * Reads a log from a file.
     *
     * @throws ImportFailedException if it is no such log; with file, place and remedy
     */
    public static Imported<FlightLog> read(Path file) throws ImportFailedException {
        try (Reader in = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
            return read(in, file);
        } catch (NoSuchFileException e) {
            throw new ImportFailedException(file, "", "there is no such file; check the name");
        } catch (IOException e) {
            throw new ImportFailedException(file, "", "cannot be read (" + e.getMessage() + ")");
        }
    }

    /**
     * Reads a log.
     *
     * @param in the text; not closed
     * @param named file to name in messages
     * @throws ImportFailedException if it is no such log
     */
    public static Imported<FlightLog> read(Reader in, Path named) throws ImportFailedException {
        List<ImportProblem> problems = new ArrayList<>();
        try {
            var records = CsvReader.builder().ofCsvRecord(in).iterator();
            if (!records.hasNext()) {
                throw new ImportFailedException(named, "", "the file is empty; choose a log");
            }
            List<Optional<LogColumn>> columns = columns(records.next(), named, problems);
            Set<LogColumn> present = EnumSet.noneOf(LogColumn.class);
            columns.forEach(c -> c.ifPresent(present::add));
            FlightLog.Builder builder = new FlightLog.Builder(present);
            while (records.hasNext()) {
                row(records.next(), columns, builder, problems, !records.hasNext());
            }
            if (builder.rows() == 0) {
                throw new ImportFailedException(named, "", "no row with a time; choose a log");
            }
            return new Imported<>(builder.build(), problems);
        } catch (CsvParseException e) {
            throw new ImportFailedException(named, "", broken(e));
        } catch (UncheckedIOException e) {
            throw new ImportFailedException(named, "", broken(e.getCause()));
        }
    }

    private static String broken(Exception e) {
        return e instanceof CharacterCodingException || e.getCause() instanceof CharacterCodingException
                ? "this is no text in UTF-8; choose a log written as CSV"
                : "this is no CSV (" + e.getMessage() + "); choose a log written as CSV";
    }

    private static List<Optional<LogColumn>> columns(CsvRecord header, Path named, List<ImportProblem> problems)
            throws ImportFailedException {
        List<Optional<LogColumn>> columns = new ArrayList<>();
        Set<LogColumn> seen = EnumSet.noneOf(LogColumn.class);
        for (String field : header.getFields()) {
            String name = field.replace("\uFEFF", "").strip();
            Optional<LogColumn> column = LogColumn.byHeader(name).filter(seen::add);
            if (column.isEmpty()) {
                problems.add(
                        new ImportProblem(1, "", shortened(name), "is no column of Drachen or stands twice; left out"));
            }
            columns.add(column);
        }
        if (!seen.contains(LogColumn.TIME)) {
            throw new ImportFailedException(
                    named,
                    "line 1",
                    "no column \u201c" + LogColumn.TIME.header() + "\u201d; choose a log that Drachen wrote");
        }
        return columns;
    }

    private static void row(
            CsvRecord record,
            List<Optional<LogColumn>> columns,
            FlightLog.Builder builder,
            List<ImportProblem> problems,
            boolean last) {
        int line = (int) record.getStartingLineNumber();
        if (record.getFieldCount() == 1 && record.getField(0).isBlank()) {
            return;
        }
        if (record.getFieldCount() < columns.size()) {
            note(problems, line, "", "", last ? "cut short; left out" : "too few fields; left out");
            return;
        }
        double[] values = new double[columns.size()];
        double time = Double.NaN;
        for (int i = 0; i < values.length; i++) {
            values[i] = columns.get(i).isEmpty()
                    ? Double.NaN
                    : value(columns.get(i).get(), record.getField(i), line, problems);
            if (columns.get(i).equals(Optional.of(LogColumn.TIME))) {
                time = values[i];
            }
        }
        if (Double.isNaN(time)) {
            note(problems, line, LogColumn.TIME.id(), "", "no time; row left out");
            return;
        }
        try {
            builder.row(time);
        } catch (IllegalArgumentException e) {
            note(problems, line, LogColumn.TIME.id(), String.valueOf(time), "does not rise; row left out");
            return;
        }
        for (int i = 0; i < values.length; i++) {
            if (columns.get(i).isPresent()) {
                builder.put(columns.get(i).get(), values[i]);
            }
        }
    }

    private static double value(LogColumn column, String field, int line, List<ImportProblem> problems) {
        String text = field.strip();
        if (text.isEmpty()) {
            return Double.NaN;
        }
        if (column == LogColumn.MODE) {
            for (FlightMode mode : FlightMode.values()) {
                if (mode.label().toLowerCase(Locale.ROOT).equals(text.toLowerCase(Locale.ROOT))) {
                    return mode.ordinal();
                }
            }
            note(problems, line, column.id(), text, "is no mode; left out");
            return Double.NaN;
        }
        try {
            double value = Double.parseDouble(text);
            if (Character.isLetter(text.charAt(text.length() - 1)) || !column.plausible(value)) {
                note(problems, line, column.id(), text, "lies outside " + column.range() + "; left out");
                return Double.NaN;
            }
            return value;
        } catch (NumberFormatException e) {
            note(problems, line, column.id(), text, "is no number; left out");
            return Double.NaN;
        }
    }

    private static void note(List<ImportProblem> problems, int line, String column, String text, String message) {
        if (problems.size() < MOST_PROBLEMS) {
            problems.add(new ImportProblem(line, column, shortened(text), message));
        } else if (problems.size() == MOST_PROBLEMS) {
            problems.add(new ImportProblem(line, "", "", "and more from here on, not listed"));
        }
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
