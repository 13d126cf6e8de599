package app.drachen.files.csv;

import app.drachen.core.log.LogColumn;
import app.drachen.files.ImportFailedException;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/** Looks at parts of a file and finds how its table is laid out. */
final class CsvSniffer {
    private static final int HEAD = 96 * 1024;
    private static final int LONGEST_LINE = 4 * 1024 * 1024;

    /** More fields in a row are not read; the limit of the library [-]. */
    private static final int MOST_COLUMNS = 16_384;

    private static final int PIECE = 4 * 1024;
    private static final int PIECES = 60;
    private static final int TOGETHER = 250;
    private static final int HEADER_WITHIN = 60;
    private static final String SEPARATORS = ",;\t|";

    private final Path file;
    private final Charset charset;
    private final List<String> head;
    private final List<String> pieces;

    private CsvSniffer(Path file, Charset charset, List<String> head, List<String> pieces) {
        this.file = file;
        this.charset = charset;
        this.head = head;
        this.pieces = pieces;
    }

    /**
     * What was found.
     *
     * @param shape the layout
     * @param rows fields of some rows, from the start and from all over the file
     */
    record Sniffed(CsvShape shape, List<List<String>> rows) {}

    static Sniffed sniff(Path file) throws IOException, ImportFailedException {
        try (RandomAccessFile in = new RandomAccessFile(file.toFile(), "r")) {
            byte[] start = head(in, HEAD);
            if (!hasLine(start)) {
                start = head(in, LONGEST_LINE);
            }
            if (start.length == 0) {
                throw new ImportFailedException(file, "", "the file is empty; choose a log");
            }
            Charset charset = charset(start);
            if (binary(new String(start, charset))) {
                throw new ImportFailedException(
                        file, "", "this is no text; choose a log written as CSV, GPX, KML, GeoJSON, IGC or NMEA 0183");
            }
            List<String> pieces = new ArrayList<>();
            boolean wide = charset.name().startsWith("UTF-16");
            for (int i = 1; i < PIECES && in.length() > 2 * HEAD && !wide; i++) {
                in.seek(in.length() * i / PIECES);
                byte[] piece = new byte[PIECE];
                int length = in.read(piece);
                List<String> lines = lines(new String(piece, 0, Math.max(0, length), charset));
                // the first and the last line are likely cut
                pieces.addAll(lines.subList(Math.min(1, lines.size()), Math.max(1, lines.size() - 1)));
            }
            List<String> head = lines(new String(start, charset));
            boolean cut = start.length < in.length() && head.size() > 1;
            return new CsvSniffer(file, charset, cut ? head.subList(0, head.size() - 1) : head, pieces).find();
        }
    }

    private static byte[] head(RandomAccessFile in, int most) throws IOException {
        byte[] start = new byte[(int) Math.min(most, in.length())];
        in.seek(0);
        in.readFully(start);
        return start;
    }

    private static boolean hasLine(byte[] start) {
        for (byte b : start) {
            if (b == '\n' || b == '\r') {
                return true;
            }
        }
        return start.length < HEAD;
    }

    private static List<String> lines(String text) {
        String clean = text.startsWith("\uFEFF") ? text.substring(1) : text;
        List<String> lines = clean.lines().toList();
        int end = lines.size();
        while (end > 0 && lines.get(end - 1).isEmpty()) {
            end--;
        }
        return lines.subList(0, end);
    }

    private static boolean binary(String text) {
        int control = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            control += c < 32 && c != '\n' && c != '\r' && c != '\t' || c == 0xFFFD ? 1 : 0;
        }
        return control > text.length() / 50;
    }

    private static Charset charset(byte[] start) {
        if (start.length >= 2 && start[0] == (byte) 0xFF && start[1] == (byte) 0xFE) {
            return StandardCharsets.UTF_16LE;
        }
        if (start.length >= 2 && start[0] == (byte) 0xFE && start[1] == (byte) 0xFF) {
            return StandardCharsets.UTF_16BE;
        }
        try {
            // up to the last line end, so that no character is cut in two
            int end = start.length;
            while (end > 0 && end > start.length - 2_000 && start[end - 1] != '\n') {
                end--;
            }
            StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(start, 0, end));
            return StandardCharsets.UTF_8;
        } catch (CharacterCodingException e) {
            return Charset.forName("windows-1252");
        }
    }

    private Sniffed find() throws ImportFailedException {
        for (char separator : SEPARATORS.toCharArray()) {
            int most = 0;
            for (String line : head) {
                most = Math.max(most, count(line, separator));
            }
            if (most >= MOST_COLUMNS) {
                throw new ImportFailedException(
                        file,
                        "",
                        "has " + (most + 1) + " columns; more than " + MOST_COLUMNS
                                + " are not read, leave out those that are not needed");
            }
        }
        CsvShape own = own();
        CsvShape best = own == null ? likeliest() : own;
        boolean timesOnly = !head.isEmpty() && head.get(0).strip().equals(LogColumn.TIME.header());
        if (best == null && timesOnly) {
            best = shape(fields(head, ','), ',', false, 1);
        }
        if (best == null) {
            throw new ImportFailedException(
                    file,
                    "",
                    "no table found: no line has several fields with numbers; choose a log written as CSV, GPX, KML,"
                            + " GeoJSON, IGC or NMEA 0183");
        }
        List<List<String>> sample = new ArrayList<>();
        List<List<String>> all = fields(head, best.separator());
        List<List<String>> below = all.subList(Math.min(best.leading(), all.size()), all.size());
        sample.addAll(below.subList(0, Math.min(TOGETHER, below.size())));
        // what comes later, such as another mode, is looked at here and there
        int stride = Math.max(1, (below.size() - TOGETHER) / TOGETHER);
        for (int i = TOGETHER; i < below.size(); i += stride) {
            sample.add(below.get(i));
        }
        sample.addAll(fields(pieces, best.separator()));
        int width = best.headers().size();
        sample.removeIf(row -> row.size() < Math.max(Math.min(2, width), width / 2));
        if (sample.isEmpty()) {
            throw new ImportFailedException(file, "", "no row below the headers; choose a log with data");
        }
        return new Sniffed(best, sample);
    }

    /** The layout under which most reads as numbers; null if there is none. */
    private CsvShape likeliest() {
        CsvShape best = null;
        double bestScore = 0;
        for (char separator : SEPARATORS.toCharArray()) {
            List<List<String>> rows = fields(head, separator);
            for (boolean comma : separator == ',' ? new boolean[] {false} : new boolean[] {false, true}) {
                int width = width(rows);
                double score = width < 2 ? 0 : score(rows, width, comma);
                if (score > bestScore) {
                    bestScore = score;
                    best = shape(rows, separator, comma, width);
                }
            }
        }
        return best;
    }

    private static int count(String line, char sign) {
        int count = 0;
        for (int at = line.indexOf(sign); at >= 0; at = line.indexOf(sign, at + 1)) {
            count++;
        }
        return count;
    }

    /** The layout of a log that Drachen wrote, whose first line tells all of it; else null. */
    private CsvShape own() {
        if (head.isEmpty() || !FlightLogCsv.begins(head.get(0))) {
            return null;
        }
        List<List<String>> first = fields(head.subList(0, 1), ',');
        return FlightLogCsv.areHeaders(first.get(0))
                ? shape(first, ',', false, first.get(0).size())
                : null;
    }

    private static List<List<String>> fields(List<String> lines, char separator) {
        List<List<String>> rows = new ArrayList<>();
        for (String line : lines) {
            try (CsvReader<CsvRecord> reader =
                    CsvReader.builder().fieldSeparator(separator).ofCsvRecord(line)) {
                var records = reader.iterator();
                rows.add(records.hasNext() ? records.next().getFields() : List.of(""));
            } catch (CsvParseException | IOException e) {
                rows.add(List.of(line));
            }
        }
        return rows;
    }

    /** The number of fields that most lines have. */
    private static int width(List<List<String>> rows) {
        List<Integer> sizes = new ArrayList<>();
        rows.forEach(row -> sizes.add(row.size()));
        Collections.sort(sizes);
        int best = 0;
        int bestCount = 0;
        for (int i = 0; i < sizes.size(); ) {
            int size = sizes.get(i);
            int count = Collections.frequency(sizes, size);
            if (size > 1 && count >= bestCount) {
                best = size;
                bestCount = count;
            }
            i += count;
        }
        return best;
    }

    /** How much of the table reads as numbers: share of fitting fields times lines of the usual width. */
    private static double score(List<List<String>> rows, int width, boolean comma) {
        double numbers = 0;
        double fields = 0;
        int lines = 0;
        for (List<String> row : rows) {
            if (row.size() == width) {
                lines++;
                for (String field : row) {
                    fields++;
                    numbers += number(field, comma) ? 1 : field.isBlank() ? 0.3 : 0;
                }
            }
        }
        return fields == 0 ? 0 : numbers / fields * lines / rows.size() * (1 + Math.log(width));
    }

    private static boolean number(String field, boolean comma) {
        return !Double.isNaN(NumberText.parse(field.strip(), comma)) || TimeText.isMoment(field.strip());
    }

    private CsvShape shape(List<List<String>> rows, char separator, boolean comma, int width) {
        int header = 0;
        for (int i = 0; i < Math.min(rows.size(), HEADER_WITHIN) && header == 0; i++) {
            List<String> row = rows.get(i);
            boolean comment = row.get(0).startsWith("#")
                    && i + 1 < rows.size()
                    && rows.get(i + 1).size() != width;
            if (Math.abs(row.size() - width) <= 1 && row.size() >= Math.min(2, width) && !comment) {
                int numeric = 0;
                for (String field : row) {
                    numeric += number(field, comma) ? 1 : 0;
                }
                if (numeric > row.size() / 4) {
                    break;
                }
                header = i + 1;
            }
        }
        List<String> headers = new ArrayList<>();
        for (int i = 0; i < width; i++) {
            boolean named = header > 0 && i < rows.get(header - 1).size();
            String name = named ? rows.get(header - 1).get(i).strip() : "";
            name = i == 0 && name.startsWith("#") ? name.substring(1).strip() : name;
            headers.add(name.isEmpty() ? "column " + (i + 1) : name);
        }
        boolean below = header > 0 && header < rows.size() && units(rows.get(header), comma, width);
        List<String> units = new ArrayList<>();
        for (int i = 0; i < width; i++) {
            units.add(
                    below && i < rows.get(header).size()
                            ? rows.get(header).get(i).strip()
                            : "");
        }
        return new CsvShape(charset.name(), separator, comma, header, below, headers, units);
    }

    private static boolean units(List<String> row, boolean comma, int width) {
        return row.size() >= width - 1
                && row.stream().noneMatch(f -> number(f, comma))
                && row.stream()
                        .filter(f -> !f.isBlank())
                        .allMatch(f -> f.strip().length() <= 12)
                && row.stream().anyMatch(f -> f.strip().matches("(?i)\\W*(s|ms|m|deg|rad|m/s|v|a|%|us|°|µs)\\W*"));
    }
}
