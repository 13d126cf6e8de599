package app.drachen.core.math;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;

/**
 * A function of one number by cubics over equal cells, for what is asked at every step of a flight.
 *
 * <p>A cell is filled when it is first asked: a cubic through four values of the function, held against it at three places between.
 * Where it misses there by more than half the bound, the function itself answers for that cell, always; so it does outside of the
 * table. Source: interpolation by polynomials, as in C. de Boor, A Practical Guide to Splines, 1978, chapter 1. What a smooth function misses
 * by goes with t(t − 1/3)(t − 2/3)(t − 1), whose largest size is 7 % above that at a sixth of the cell: half the bound there leaves room.
 *
 * <p>Mutable, for one thread.
 */
public final class Table {
    private static final double FILLED = 1;
    private static final double EXACT = 2;

    /** Numbers of a cell: state, four factors. */
    private static final int WIDTH = 5;

    private final DoubleUnaryOperator function;
    private final double from;
    private final double cell;
    private final double perCell;
    private final double bound;
    private final double[] cells;
    private final int count;

    /**
     * An empty table.
     *
     * @param function what it stands for
     * @param from lowest argument [the function's unit]
     * @param to highest argument [the function's unit], above the lowest
     * @param cell width of a cell [the function's unit], above 0
     * @param bound most that it may miss by [unit of the function's value], above 0
     */
    public Table(DoubleUnaryOperator function, double from, double to, double cell, double bound) {
        this.function = function;
        this.from = from;
        this.cell = cell;
        this.bound = bound;
        perCell = 1 / cell;
        count = (int) Math.ceil((to - from) * perCell);
        cells = new double[count * WIDTH];
    }

    /**
     * The function's value.
     *
     * @param x [the function's unit], any
     * @return within the bound of the function's [its unit]
     */
    public double at(double x) {
        double along = (x - from) * perCell;
        int number = (int) along;
        if (!(along >= 0) || number >= count) {
            return function.applyAsDouble(x);
        }
        int at = number * WIDTH;
        if (cells[at] != FILLED && !fill(number)) {
            return function.applyAsDouble(x);
        }
        double t = along - number;
        return cells[at + 1] + t * (cells[at + 2] + t * (cells[at + 3] + t * cells[at + 4]));
    }

    /** Fills a cell; whether its cubic is close enough. */
    private boolean fill(int number) {
        int at = number * WIDTH;
        if (cells[at] == EXACT) {
            return false;
        }
        double[] f = new double[7];
        for (int i = 0; i < 7; i++) {
            f[i] = function.applyAsDouble(from + (number + i / 6.0) * cell);
        }
        // through t = 0, 1/3, 2/3, 1
        double a = f[0];
        double b = (-11 * f[0] + 18 * f[2] - 9 * f[4] + 2 * f[6]) / 2;
        double c = 9 * (2 * f[0] - 5 * f[2] + 4 * f[4] - f[6]) / 2;
        double d = 9 * (f[6] - 3 * f[4] + 3 * f[2] - f[0]) / 2;
        System.arraycopy(new double[] {a, b, c, d}, 0, cells, at + 1, 4);
        boolean close = Arrays.stream(new int[] {1, 3, 5}).allMatch(i -> {
            double t = i / 6.0;
            return Math.abs(a + t * (b + t * (c + t * d)) - f[i]) <= bound / 2;
        });
        cells[at] = close ? FILLED : EXACT;
        return close;
    }
}
