package app.drachen.core.air;

import app.drachen.core.units.Ranges;
import java.util.ArrayList;
import java.util.List;

/**
 * How high the ground rises around home, whatever the direction: the highest point of each ring.
 *
 * @param source where the heights are from, such as the name of a file
 * @param ring width of a ring [m], 1 to 1 000
 * @param tops highest ground of each ring above home [m], from home outwards, −5 000 to 9 000
 */
public record Ground(String source, double ring, List<Double> tops) {
    public Ground {
        Ranges.requireText("source of the heights", source);
        Ranges.require("width of a ring", ring, 1, 1_000, "m");
        tops = List.copyOf(tops);
        tops.forEach(t -> Ranges.require("height of the ground", t, -5_000, 9_000, "m"));
    }

    /** No obstacle is entered farther out than this [m]. */
    private static final double FARTHEST = 20_000;

    /**
     * How far the heights reach.
     *
     * @return from home [m]
     */
    public double reach() {
        return ring * tops.size();
    }

    /**
     * Every ring as something that stands there, at its inner edge or, where that lies within, at a distance.
     *
     * @param from distance from home from which it matters [m]
     */
    public List<Obstacle> standing(double from) {
        List<Obstacle> all = new ArrayList<>();
        for (int i = 0; i < tops.size() && (i + 1) * ring <= FARTHEST; i++) {
            boolean matters = (i + 1) * ring > from && tops.get(i) > 0;
            if (matters) {
                all.add(new Obstacle("ground", Math.max(from, i * ring), Math.min(1_000, tops.get(i))));
                // the whole ring may be so high; the way may be lower at its other edge
                all.add(new Obstacle("ground", (i + 1) * ring, Math.min(1_000, tops.get(i))));
            }
        }
        return all;
    }

    /**
     * The rings of a grid of heights.
     *
     * @param source where the heights are from
     * @param grid heights
     * @param east where home is, in the grid's coordinates [m]
     * @param north where home is [m]
     * @throws IllegalArgumentException if home is not in the grid, or no height is known there
     */
    public static Ground around(String source, HeightGrid grid, double east, double north) {
        double home = grid.at(east, north);
        if (Double.isNaN(home)) {
            throw new IllegalArgumentException(
                    "home is not in the grid, or no height is known there; the grid reaches from " + grid.describe());
        }
        double ring = Math.max(grid.cell(), 10);
        int count = (int) Math.min(500, Math.floor(Math.min(FARTHEST, grid.reach(east, north)) / ring));
        double[] tops = new double[count];
        java.util.Arrays.fill(tops, Double.NEGATIVE_INFINITY);
        int known = count;
        for (int row = 0; row < grid.rows(); row++) {
            for (int column = 0; column < grid.columns(); column++) {
                double far = Math.hypot(grid.east(column) - east, grid.north(row) - north);
                // a cell is as wide as it is: it counts in every ring that it touches
                int first = (int) Math.max(0, Math.floor((far - 0.71 * grid.cell()) / ring));
                int last = (int) Math.floor((far + 0.71 * grid.cell()) / ring);
                double height = grid.height(row, column);
                if (Double.isNaN(height)) {
                    known = Math.min(known, first);
                }
                for (int i = first; i <= last && i < count; i++) {
                    tops[i] = Math.max(tops[i], height - home);
                }
            }
        }
        List<Double> all = new ArrayList<>();
        for (int i = 0; i < known; i++) {
            all.add(Math.rint(10 * tops[i]) / 10);
        }
        return new Ground(source, ring, all);
    }
}
