package app.drachen.files.csv;

import app.drachen.core.autopilot.Helper;
import app.drachen.core.log.Assignment;
import app.drachen.core.log.Derived;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.log.Scale;
import app.drachen.core.log.Scales;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.ModeNames;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import app.drachen.files.track.Problems;
import app.drachen.files.track.RowClock;
import de.siegmar.fastcsv.reader.CsvParseException;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Reads a table from anywhere as a log: row by row, in one pass, telling what it repaired or left out.
 *
 * <p>Source: RFC 4180 (2005) for the layout of fields.
 */
public final class CsvLogReader {
    /** More samples than this are refused before the memory is full; 8 bytes each [-]. */
    private static final long MOST_SAMPLES = 150_000_000;

    private static final double HALF_DAY = 43_200;
    private static final double DAY = 86_400;

    private final ForeignTable table;
    private final LogMapping mapping;
    private final Progress progress;
    private final Problems problems = new Problems();
    private int[] places = {};
    private final List<LogColumn> columns = new ArrayList<>();
    private final List<Scale> scales = new ArrayList<>();
    private final Map<String, Double> modes = new HashMap<>();
    private int timePlace = -1;
    private Scale timeScale = Scales.of(LogColumn.TIME).get(0);
    private int datePlace = -1;
    private int momentPlace = -1;
    private int needed;
    private double lastClock = Double.NaN;
    private double days;
    private double start = Double.NaN;

    private CsvLogReader(ForeignTable table, LogMapping mapping, Progress progress) {
        this.table = table;
        this.mapping = mapping;
        this.progress = progress;
    }

    /**
     * Reads a table.
     *
     * @param table the looked-at file
     * @param mapping what its columns mean
     * @param progress told how far it is; a cancelled reading gives up with a failure
     * @throws ImportFailedException if it cannot be read; with file, place and remedy
     */
    public static Imported<FlightLog> read(ForeignTable table, LogMapping mapping, Progress progress)
            throws IOException, ImportFailedException {
        return new CsvLogReader(table, mapping, progress).read();
    }

    private Imported<FlightLog> read() throws IOException, ImportFailedException {
        plan();
        CsvShape shape = table.shape();
        long size = Math.max(1, Files.size(table.file()));
        try (CountingStream bytes = new CountingStream(Files.newInputStream(table.file()));
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(bytes, Charset.forName(shape.charset())), 1 << 16)) {
            for (int i = 0; i < shape.leading(); i++) {
                in.readLine();
            }
            RowClock clock = new RowClock(columns, problems, spread());
            if (table.own()) {
                clock.asTheyAre();
            }
            rows(in, clock, bytes, size);
            if (clock.rows() == 0) {
                throw failed("", "no row with a time; choose another column as the time, or another file");
            }
            return finished(clock);
        } catch (CsvParseException e) {
            throw failed("", "this is no CSV (" + e.getMessage() + "); choose a log written as CSV");
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private ImportFailedException failed(String place, String message) {
        return new ImportFailedException(table.file(), place, message);
    }

    private void plan() throws ImportFailedException {
        for (int i = 0; i < mapping.columns().size(); i++) {
            LogMapping.Choice choice = mapping.columns().get(i);
            Optional<Assignment> meant = choice.assignment();
            if (meant.isEmpty() && table.own() && choice.header().equals(FlightLogCsv.MOMENT)) {
                momentPlace = i;
            } else if (meant.isEmpty()) {
                boolean date = dates(i);
                datePlace = date && datePlace < 0 ? i : datePlace;
                if (!date) {
                    problems.note(1, "", choice.header(), "left out: " + leftOut(i));
                }
            } else if (meant.get().column() == LogColumn.TIME) {
                timePlace = i;
                timeScale = meant.get().scale();
            } else {
                doubt(i, choice);
                place(i);
                columns.add(meant.get().column());
                scales.add(meant.get().scale());
            }
            needed = meant.isPresent() ? i : needed;
        }
        if (timePlace < 0) {
            throw failed(
                    table.shape().headerLine() > 0 ? "line " + table.shape().headerLine() : "",
                    "no column with the time, such as \u201c" + LogColumn.TIME.header()
                            + "\u201d; say which one it is");
        }
        helpers();
        mapping.modes().forEach((name, mode) -> modes.put(name, (double) mode.ordinal()));
    }

    private void place(int at) {
        places = Arrays.copyOf(places, places.length + 1);
        places[places.length - 1] = at;
    }

    /** Whether a column that nobody took holds the dates. */
    private boolean dates(int at) {
        List<String> samples = table.rows().stream()
                .filter(row -> at < row.size() && !row.get(at).isBlank())
                .map(row -> row.get(at).strip())
                .toList();
        return !samples.isEmpty()
                && samples.stream().allMatch(s -> s.matches(".*[-./].*|[0-9]{8}") && !Double.isNaN(TimeText.day(s)));
    }

    /** Why a column is left out, and what that costs. */
    private String leftOut(int at) {
        boolean guessed = table.guess().columns().get(at).column().isEmpty();
        String remark = table.remarks().get(at);
        return guessed && !remark.isEmpty()
                ? remark + "; nothing is lost"
                : guessed
                        ? "not known here, and no check looks at it; say what it is if it matters"
                        : "you left it out; it was taken for the "
                                + table.guess()
                                        .columns()
                                        .get(at)
                                        .column()
                                        .map(LogColumn::meaning)
                                        .orElse("")
                                        .toLowerCase(Locale.ROOT);
    }

    /** Tells where the guess that is read by is not sure. */
    private void doubt(int at, LogMapping.Choice choice) {
        String remark = table.remarks().get(at);
        if (!remark.isEmpty() && choice.equals(table.guess().columns().get(at))) {
            problems.note(1, choice.column().map(LogColumn::id).orElse(""), choice.header(), remark);
        }
    }

    /** Whether rows of one time come so often that the clock is coarser than the rows. */
    private boolean spread() {
        String last = "";
        int same = 0;
        int n = 0;
        for (List<String> row : table.rows()) {
            if (timePlace < row.size()) {
                same += row.get(timePlace).equals(last) ? 1 : 0;
                last = row.get(timePlace);
                n++;
            }
        }
        boolean coarse = n > 10 && same > 0.3 * n;
        if (coarse) {
            problems.note("several rows share a time; they are spread evenly over the step to the next");
        }
        return coarse;
    }

    private void rows(Reader in, RowClock clock, CountingStream bytes, long size) throws ImportFailedException {
        long most = MOST_SAMPLES / Math.max(1, columns.size() + 1);
        long ahead = table.shape().leading();
        TableRows handler =
                new TableRows(mapping.columns().size(), table.shape().decimalComma());
        for (int i = 0; i < places.length; i++) {
            boolean words = columns.get(i) == LogColumn.MODE || columns.get(i) == LogColumn.HELPER;
            handler.want(places[i], words ? TableRows.Want.TEXT : TableRows.Want.NUMBER);
        }
        handler.want(timePlace, TableRows.Want.NUMBER);
        handler.want(datePlace, TableRows.Want.TEXT);
        handler.want(momentPlace, TableRows.Want.TEXT);
        RowReader records = new RowReader(in, table.shape().separator(), handler);
        long count = 0;
        while (records.hasNext()) {
            TableRow row = records.next();
            row.line += ahead;
            row(row, clock, records);
            if ((++count & 0x3FFF) == 0) {
                progress.at(records.share() * bytes.count() / size);
                if (progress.cancelled()) {
                    throw failed("", "reading was cancelled; nothing was kept");
                }
            }
            if (count > most) {
                throw failed(
                        "line " + row.line,
                        "more than " + most + " rows of " + (columns.size() + 1)
                                + " columns; cut the file or leave columns out");
            }
        }
    }

    private void row(TableRow row, RowClock clock, Iterator<TableRow> more) {
        if (row.fields == 1 && row.blank || row.remark) {
            return;
        }
        boolean lastShort = row.fields < mapping.columns().size() && !more.hasNext();
        if (row.fields <= needed || lastShort) {
            problems.note(row.line, "", "", lastShort ? "cut short; left out" : "too few fields; left out");
            return;
        }
        double time = time(row);
        if (Double.isNaN(time)) {
            return;
        }
        double[] values = new double[places.length];
        for (int i = 0; i < values.length; i++) {
            values[i] = value(i, row);
        }
        clock.row(time, values, row.line);
    }

    /** The time of a row [s]: a number, a date with time, or a time of day with perhaps a date beside it. */
    private double time(TableRow row) {
        double plain = row.numbers[timePlace];
        String text = Double.isNaN(plain) ? row.text(timePlace) : "";
        double number =
                text.isEmpty() ? plain : NumberText.parse(text, table.shape().decimalComma());
        if (!Double.isNaN(number)) {
            double seconds = timeScale.toSi(number);
            boolean epoch = seconds > 6e8 && seconds < 4e9;
            start = Double.isNaN(start) && epoch ? seconds : start;
            if (momentPlace >= 0 && momentPlace < row.fields && Double.isNaN(start)) {
                start = TimeText.moment(row.text(momentPlace)) - seconds;
            }
            return seconds;
        }
        double moment = TimeText.moment(text);
        if (!Double.isNaN(moment)) {
            start = Double.isNaN(start) ? moment : start;
            return moment;
        }
        double clock = text.isEmpty() ? Double.NaN : TimeText.clock(text, 0, text.length());
        if (Double.isNaN(clock)) {
            problems.note(
                    row.line, "time", text, text.isEmpty() ? "no time; row left out" : "is no time; row left out");
            return Double.NaN;
        }
        double date = datePlace >= 0 && datePlace < row.fields ? TimeText.day(row.text(datePlace)) * DAY : Double.NaN;
        if (!Double.isNaN(date)) {
            start = Double.isNaN(start) ? date + clock : start;
            return date + clock;
        }
        if (!Double.isNaN(lastClock) && clock < lastClock - HALF_DAY) {
            days += DAY;
        }
        lastClock = clock;
        return clock + days;
    }

    private double value(int at, TableRow row) {
        int place = places[at];
        LogColumn column = columns.get(at);
        double number = row.numbers[place];
        if (Double.isNaN(number)) {
            String text = row.text(place);
            if (text.isEmpty()) {
                return Double.NaN;
            }
            if (column == LogColumn.MODE) {
                return mode(text, row.line);
            }
            number = NumberText.parse(text, table.shape().decimalComma());
            if (Double.isNaN(number)) {
                return word(column, text, row.line);
            }
        }
        double value = scales.get(at).toSi(number);
        if (!column.plausible(value)) {
            String text = row.texts[place].isEmpty()
                    ? NumberText.written(number, table.shape().decimalComma())
                    : row.text(place);
            problems.note(row.line, column.id(), text, "lies outside " + column.range() + "; left out");
            return Double.NaN;
        }
        return value;
    }

    private double word(LogColumn column, String text, long line) {
        String small = text.toLowerCase(Locale.ROOT);
        if (column == LogColumn.ARMED) {
            if (List.of("true", "yes", "on", "armed", "ja").contains(small)) {
                return 1;
            }
            if (List.of("false", "no", "off", "disarmed", "nein").contains(small)) {
                return 0;
            }
        }
        if (column == LogColumn.HELPER) {
            return Helper.named(text).orElse(Helper.NONE).ordinal();
        }
        boolean none = List.of("nan", "null", "none", "n/a", "na", "-", "--").contains(small);
        problems.note(line, column.id(), text, none ? "no sample; kept as a gap" : "is no number; left out");
        return Double.NaN;
    }

    private static boolean helper(String name) {
        return Helper.named(name).filter(h -> h != Helper.NONE).isPresent();
    }

    /** Some logs name a helper among the modes. */
    private void helpers() {
        int mode = columns.indexOf(LogColumn.MODE);
        boolean named = mode >= 0
                && !columns.contains(LogColumn.HELPER)
                && table.modeNames(mapping).stream().anyMatch(CsvLogReader::helper);
        if (named) {
            columns.add(LogColumn.HELPER);
            place(places[mode]);
            scales.add(Scales.of(LogColumn.HELPER).get(0));
        }
    }

    private double mode(String text, long line) {
        Double known = modes.get(text);
        if (known == null) {
            known = ModeNames.of(text)
                    .map(FlightMode::ordinal)
                    .map(Double::valueOf)
                    .orElse(Double.NaN);
            modes.put(text, known);
        }
        if (known.isNaN() && helper(text)) {
            problems.note(line, "mode", text, "is a helper and no mode; the mode before it goes on");
        } else if (known.isNaN()) {
            problems.note(line, "mode", text, "is no mode that is known here; say which it is");
        }
        return known;
    }

    private Imported<FlightLog> finished(RowClock clock) {
        FlightLog log = clock.finish();
        Derived full = table.own() ? new Derived(log, List.of()) : Derived.of(log);
        full.worked().forEach(problems::note);
        FlightLog dated = Double.isNaN(start) ? full.log() : full.log().startedAt(start);
        return new Imported<>(dated, problems.list());
    }
}
