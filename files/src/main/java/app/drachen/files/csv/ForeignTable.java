package app.drachen.files.csv;

import app.drachen.core.log.Assignment;
import app.drachen.core.log.ColumnGuess;
import app.drachen.core.log.ForeignColumn;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.ModeNames;
import app.drachen.files.ImportFailedException;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A table in a file, looked at but not yet read: its layout, some rows, and a guess at what it means.
 *
 * @param file the file
 * @param shape its layout
 * @param rows fields of some rows, from the start and from all over the file
 * @param guess what its columns seem to mean
 * @param remarks what is in doubt about each column, or why it is left out; empty where there is nothing to say
 */
public record ForeignTable(Path file, CsvShape shape, List<List<String>> rows, LogMapping guess, List<String> remarks) {
    public ForeignTable {
        remarks = List.copyOf(remarks);
    }

    private static final int MOST_MODES = 40;

    /**
     * Looks at a file.
     *
     * @throws ImportFailedException if it holds no table; with file, place and remedy
     */
    public static ForeignTable look(Path file) throws IOException, ImportFailedException {
        CsvSniffer.Sniffed sniffed = CsvSniffer.sniff(file);
        ColumnGuess.Guessed guessed = guess(sniffed.shape(), sniffed.rows());
        return new ForeignTable(
                file,
                sniffed.shape(),
                sniffed.rows(),
                mapping(sniffed.shape(), sniffed.rows(), guessed.columns()),
                guessed.remarks());
    }

    private static ColumnGuess.Guessed guess(CsvShape shape, List<List<String>> rows) {
        List<ForeignColumn> columns = new ArrayList<>();
        for (int i = 0; i < shape.headers().size(); i++) {
            double[] numbers = new double[rows.size()];
            for (int k = 0; k < numbers.length; k++) {
                List<String> row = rows.get(k);
                numbers[k] = i < row.size() ? NumberText.parse(row.get(i).strip(), shape.decimalComma()) : Double.NaN;
            }
            columns.add(new ForeignColumn(shape.headers().get(i), shape.units().get(i), numbers));
        }
        return ColumnGuess.of(columns);
    }

    private static LogMapping mapping(CsvShape shape, List<List<String>> rows, List<Optional<Assignment>> guessed) {
        List<LogMapping.Choice> choices = new ArrayList<>();
        for (int i = 0; i < guessed.size(); i++) {
            choices.add(LogMapping.Choice.of(shape.headers().get(i), guessed.get(i)));
        }
        if (!FlightLogCsv.areHeaders(shape.headers())) {
            modeByWords(rows, choices);
        }
        LogMapping mapping = new LogMapping(choices, Map.of());
        Map<String, FlightMode> modes = new LinkedHashMap<>();
        for (String name : modeNames(rows, mapping)) {
            ModeNames.of(name).ifPresent(mode -> modes.put(name, mode));
        }
        return new LogMapping(choices, modes);
    }

    /** Where no header means the mode, a column whose words are mostly modes does. */
    private static void modeByWords(List<List<String>> rows, List<LogMapping.Choice> choices) {
        if (choices.stream().anyMatch(c -> c.column().equals(Optional.of(LogColumn.MODE)))) {
            return;
        }
        for (int i = 0; i < choices.size(); i++) {
            int at = i;
            List<String> words = rows.stream()
                    .filter(row -> at < row.size())
                    .map(row -> row.get(at).strip())
                    .filter(w -> !w.isEmpty())
                    .distinct()
                    .limit(MOST_MODES)
                    .toList();
            long known = words.stream().filter(w -> ModeNames.of(w).isPresent()).count();
            boolean modes = known > 0 && 2 * known >= words.size() && words.size() < MOST_MODES;
            if (modes && choices.get(i).column().isEmpty()) {
                choices.set(
                        i, LogMapping.Choice.of(choices.get(i).header(), Optional.of(Assignment.of(LogColumn.MODE))));
                return;
            }
        }
    }

    /** The mode names seen in the looked-at rows under a mapping. */
    public List<String> modeNames(LogMapping mapping) {
        return modeNames(rows, mapping);
    }

    private static List<String> modeNames(List<List<String>> rows, LogMapping mapping) {
        Set<String> names = new LinkedHashSet<>();
        for (int i = 0; i < mapping.columns().size(); i++) {
            if (mapping.columns().get(i).column().equals(Optional.of(LogColumn.MODE))) {
                for (List<String> row : rows) {
                    if (i < row.size() && !row.get(i).isBlank() && names.size() < MOST_MODES) {
                        names.add(row.get(i).strip());
                    }
                }
            }
        }
        return List.copyOf(names);
    }

    /** Whether Drachen wrote it: then nothing has to be asked. */
    public boolean own() {
        return shape.headers().contains(LogColumn.TIME.header());
    }
}
