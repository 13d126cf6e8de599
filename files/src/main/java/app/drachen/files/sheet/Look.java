package app.drachen.files.sheet;

import java.util.List;
import java.util.OptionalInt;

/**
 * How a path is drawn.
 *
 * @param fill colour of the area, if it is filled
 * @param opacity of the area, 0 to 1
 * @param stroke colour of the line, if it is stroked
 * @param width of the line [pt]
 * @param dashes lengths of dashes and gaps [pt], empty for a whole line
 */
public record Look(OptionalInt fill, double opacity, OptionalInt stroke, double width, List<Double> dashes) {
    public Look {
        dashes = List.copyOf(dashes);
    }

    /** An area. */
    public static Look area(int rgb, double opacity) {
        return new Look(OptionalInt.of(rgb), opacity, OptionalInt.empty(), 0, List.of());
    }

    /** A line. */
    public static Look line(int rgb, double width, List<Double> dashes) {
        return new Look(OptionalInt.empty(), 1, OptionalInt.of(rgb), width, dashes);
    }
}
