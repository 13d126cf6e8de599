package app.drachen.core.signals;

import app.drachen.core.units.Ranges;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A page of characters before the pilot's eye.
 *
 * @param name its own
 * @param cells what stands where; none for the blank page
 */
public record Page(String name, List<Cell> cells) {
    /** Columns and rows of characters; own choice. */
    public static final int COLUMNS = 30;

    public static final int ROWS = 12;

    /** What a list of them begins with: the blank page. */
    public static final Page FIRST = new Page("blank", List.of());

    public Page {
        Ranges.requireText("name of the page", name);
        cells = List.copyOf(cells);
        for (int i = 0; i < cells.size(); i++) {
            for (int j = i + 1; j < cells.size(); j++) {
                if (cells.get(i).covers(cells.get(j))) {
                    throw new IllegalArgumentException(cells.get(i).value().label() + " and "
                            + cells.get(j).value().label() + " stand over each other on page " + name
                            + "; move one of them");
                }
            }
        }
    }

    /**
     * A value at its place.
     *
     * @param value what
     * @param column of its first character, 1 to 30
     * @param row 1 to 12
     */
    public record Cell(Value value, int column, int row) {
        /** What a list of them begins with. */
        public static final Cell FIRST = new Cell(Value.PACK_VOLTS, 1, 1);

        public Cell {
            Ranges.require("column of " + value.label(), column, 1, COLUMNS - value.width() + 1, "-");
            Ranges.require("row of " + value.label(), row, 1, ROWS, "-");
        }

        boolean covers(Cell other) {
            return row == other.row
                    && column < other.column + other.value.width()
                    && other.column < column + value.width();
        }
    }

    public boolean shows(Value value) {
        return cells.stream().anyMatch(c -> c.value() == value);
    }

    /** The same with a value at the first free place, row by row; empty if there is none. */
    public Optional<Page> adding(Value value) {
        for (int row = 1; row <= ROWS; row++) {
            for (int column = 1; column <= COLUMNS - value.width() + 1; column++) {
                Cell cell = new Cell(value, column, row);
                if (cells.stream().noneMatch(c -> c.covers(cell) || touches(c, cell))) {
                    List<Cell> all = new ArrayList<>(cells);
                    all.add(cell);
                    all.sort(Comparator.comparingInt(Cell::row).thenComparingInt(Cell::column));
                    return Optional.of(new Page(name, all));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean touches(Cell a, Cell b) {
        return a.row == b.row && a.column <= b.column + b.value.width() && b.column <= a.column + a.value.width();
    }

    /** The same without a value. */
    public Page without(Value value) {
        return new Page(name, cells.stream().filter(c -> c.value() != value).toList());
    }

    /** The same with a value elsewhere. */
    public Page moving(Value value, int column, int row) {
        return new Page(
                name,
                cells.stream()
                        .map(c -> c.value() == value ? new Cell(value, column, row) : c)
                        .toList());
    }
}
