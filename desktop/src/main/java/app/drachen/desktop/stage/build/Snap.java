package app.drachen.desktop.stage.build;

import java.util.List;
import java.util.OptionalDouble;

/**
 * A coordinate that is pulled to another that it almost has.
 *
 * @param value what it becomes [m]
 * @param to what it was pulled to [m], if anything was near
 */
record Snap(double value, OptionalDouble to) {
    /** How near is near on the sheet [px]. */
    static final double NEAR = 5;

    /** Pulls to the nearest of some values, or to the millimetre. */
    static Snap of(double value, List<Double> marks, double scale, boolean free) {
        OptionalDouble nearest = free
                ? OptionalDouble.empty()
                : marks.stream()
                        .mapToDouble(m -> m)
                        .filter(m -> Math.abs(m - value) * scale <= NEAR)
                        .boxed()
                        .min((a, b) -> Double.compare(Math.abs(a - value), Math.abs(b - value)))
                        .map(OptionalDouble::of)
                        .orElse(OptionalDouble.empty());
        return new Snap(nearest.isPresent() ? nearest.getAsDouble() : millimetre(value), nearest);
    }

    /** To the millimetre. */
    static double millimetre(double metres) {
        return Math.rint(metres * 1000) / 1000;
    }
}
