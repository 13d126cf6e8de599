package app.drachen.files.csv;

import app.drachen.core.log.Assignment;
import app.drachen.core.log.LogColumn;
import app.drachen.core.log.Scales;
import app.drachen.core.modes.FlightMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a foreign table is read as a log: what each column is taken for, and what its mode names mean.
 *
 * @param columns one for each column of the file
 * @param modes the file's names and Drachen's modes; names without a mode are left out
 */
public record LogMapping(List<Choice> columns, Map<String, FlightMode> modes) {
    public LogMapping {
        columns = List.copyOf(columns);
        modes = Map.copyOf(modes);
    }

    /**
     * What a column is taken for.
     *
     * @param header the file's header
     * @param column Drachen's column, empty to leave it out
     * @param scale symbol of the scale, empty without a column
     */
    public record Choice(String header, Optional<LogColumn> column, String scale) {
        static Choice of(String header, Optional<Assignment> assignment) {
            return new Choice(
                    header,
                    assignment.map(Assignment::column),
                    assignment.map(a -> a.scale().symbol()).orElse(""));
        }

        /** The column and its scale. */
        public Optional<Assignment> assignment() {
            return column.map(c -> new Assignment(
                    c, Scales.bySymbol(c, scale).orElse(Scales.of(c).get(0))));
        }
    }

    /**
     * The same mapping with one column taken for something else; another column that was taken for it is left out.
     *
     * @param at index of the column
     * @param assignment what it is taken for
     */
    public LogMapping with(int at, Optional<Assignment> assignment) {
        List<Choice> changed = new ArrayList<>(columns);
        for (int i = 0; i < changed.size(); i++) {
            boolean taken =
                    assignment.isPresent() && changed.get(i).column().equals(assignment.map(Assignment::column));
            if (taken) {
                changed.set(i, Choice.of(changed.get(i).header(), Optional.empty()));
            }
        }
        changed.set(at, Choice.of(columns.get(at).header(), assignment));
        return new LogMapping(changed, modes);
    }

    /** The same mapping with one more mode name known. */
    public LogMapping with(String name, Optional<FlightMode> mode) {
        Map<String, FlightMode> changed = new LinkedHashMap<>(modes);
        mode.ifPresentOrElse(m -> changed.put(name, m), () -> changed.remove(name));
        return new LogMapping(columns, changed);
    }

    /** Whether a column is taken for the time, without which nothing can be read. */
    public boolean hasTime() {
        return columns.stream().anyMatch(c -> c.column().equals(Optional.of(LogColumn.TIME)));
    }
}
