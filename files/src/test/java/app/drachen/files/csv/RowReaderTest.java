package app.drachen.files.csv;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertIterableEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A table read in pieces, by two hands, is the table that the library reads in one go. */
class RowReaderTest {
    private static final int COLUMNS = 4;

    private static TableRows handler() {
        TableRows handler = new TableRows(COLUMNS, false);
        handler.want(0, TableRows.Want.NUMBER);
        handler.want(1, TableRows.Want.NUMBER);
        handler.want(3, TableRows.Want.TEXT);
        return handler;
    }

    /** What stands in a row, whether its number was taken for one or not. */
    private static String told(TableRow row) {
        StringBuilder told = new StringBuilder(row.line + " of " + row.fields);
        for (int place : new int[] {0, 1, 3}) {
            if (place < row.fields) {
                double number = row.numbers[place];
                told.append(" | ").append(Double.isNaN(number) ? row.texts[place] : String.valueOf(number));
            }
        }
        return told.toString();
    }

    private static List<String> inPieces(Reader in, int size) {
        List<String> all = new ArrayList<>();
        RowReader rows = new RowReader(in, ',', handler(), size);
        while (rows.hasNext()) {
            TableRow row = rows.next();
            // whoever asks for the next one still has this one
            boolean more = rows.hasNext();
            all.add(told(row) + (more ? "" : " at the end"));
        }
        assertThrows(NoSuchElementException.class, rows::next);
        return all;
    }

    private static List<String> inOneGo(String text) {
        List<String> all = new ArrayList<>();
        try (CsvReader<CsvRecord> reader = CsvReader.builder().ofCsvRecord(text)) {
            for (CsvRecord row : reader) {
                StringBuilder told = new StringBuilder(row.getStartingLineNumber() + " of " + row.getFieldCount());
                for (int place : new int[] {0, 1, 3}) {
                    if (place < row.getFieldCount()) {
                        String field = row.getField(place);
                        boolean number = place < 3
                                && !Double.isNaN(NumberText.plain(field.toCharArray(), 0, field.length(), false));
                        told.append(" | ").append(number ? String.valueOf(Double.parseDouble(field)) : field);
                    }
                }
                all.add(told.toString());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (!all.isEmpty()) {
            all.set(all.size() - 1, all.get(all.size() - 1) + " at the end");
        }
        return all;
    }

    private static String table(Random random, int lines, String ends, double quotes) {
        StringBuilder text = new StringBuilder();
        String[] ending = ends.split("/");
        for (int i = 0; i < lines; i++) {
            int fields = random.nextInt(9) == 0 ? random.nextInt(7) : COLUMNS;
            for (int k = 0; k < fields; k++) {
                String field =
                        switch (random.nextInt(5)) {
                            case 0 -> "";
                            case 1 -> "word" + random.nextInt(3);
                            default -> String.valueOf(random.nextInt(4_000) / 8.0 - 100);
                        };
                boolean quoted = random.nextDouble() < quotes;
                text.append(k > 0 ? "," : "").append(quoted ? "\"" + field + " \"\"so\"\",\n\"" : field);
            }
            if (i + 1 < lines || random.nextBoolean()) {
                text.append(
                        ending[random.nextInt(ending.length)].replace("n", "\n").replace("r", "\r"));
            }
        }
        return text.toString();
    }

    @ParameterizedTest
    @CsvSource({"n, 0", "rn, 0", "r, 0", "n/rn/r, 0", "n, 0.001", "rn/n, 0.01", "n, 0.3"})
    void everyTableIsThatOfTheLibrary(String ends, double quotes) {
        // some at once, by the hands that also read the pieces
        IntStream.range(0, 60).parallel().forEach(seed -> {
            Random random = new Random(seed);
            String text = table(random, random.nextInt(400), ends, quotes);
            int size = 30 + random.nextInt(3_000);
            String where = "seed " + seed + ", pieces of " + size;
            assertIterableEquals(inOneGo(text), inPieces(new StringReader(text), size), where);
        });
    }

    /** Short rows in a wide table would need more room than there is. */
    @Test
    void shortRowsOfAWideTableTakeNoRoom() {
        TableRows wide = new TableRows(16_000, false);
        wide.want(0, TableRows.Want.NUMBER);
        RowReader rows = new RowReader(new StringReader("7\n".repeat(200_000)), ',', wide);
        long sum = 0;
        long line = 0;
        while (rows.hasNext()) {
            TableRow row = rows.next();
            assertEquals(++line, row.line);
            sum += (long) row.numbers[0];
        }
        assertEquals(1_400_000, sum);
    }

    /** A disk that fails on the way is told, whichever piece it is in. */
    @Test
    void whatCannotBeReadIsTold() {
        Reader broken = new Reader() {
            private final Reader good = new StringReader("1,2,3,4\n".repeat(300));

            @Override
            public int read(char[] into, int from, int length) throws IOException {
                int n = good.read(into, from, Math.min(length, 64));
                if (n < 0) {
                    throw new IOException("no disk any more");
                }
                return n;
            }

            @Override
            public void close() {
                // nothing to close
            }
        };
        UncheckedIOException told = assertThrows(UncheckedIOException.class, () -> inPieces(broken, 200));
        assertEquals("no disk any more", told.getCause().getMessage());
        assertFalse(new RowReader(new StringReader(""), ',', handler()).hasNext());
    }
}
