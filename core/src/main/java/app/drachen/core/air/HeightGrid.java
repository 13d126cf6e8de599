package app.drachen.core.air;

import app.drachen.core.units.Ranges;

/**
 * Heights of the ground in square cells, in metres east and north of some origin. Mutable array inside: not to be changed after it was
 * handed over.
 */
public final class HeightGrid {
    private final double west;
    private final double south;
    private final double cell;
    private final int columns;
    private final float[] heights;

    /**
     * A grid.
     *
     * @param west western edge [m]
     * @param south southern edge [m]
     * @param cell side of a cell [m], 0.1 to 10 000
     * @param columns number of columns, above 0
     * @param heights row by row from the north, each from the west [m]; NaN where not known
     */
    public HeightGrid(double west, double south, double cell, int columns, float[] heights) {
        Ranges.require("side of a cell", cell, 0.1, 10_000, "m");
        if (columns < 1 || heights.length == 0 || heights.length % columns != 0) {
            throw new IllegalArgumentException("the grid has no whole rows");
        }
        this.west = west;
        this.south = south;
        this.cell = cell;
        this.columns = columns;
        this.heights = heights;
    }

    public int columns() {
        return columns;
    }

    public int rows() {
        return heights.length / columns;
    }

    /**
     * Side of a cell.
     *
     * @return [m]
     */
    public double cell() {
        return cell;
    }

    /**
     * Middle of a column.
     *
     * @return [m]
     */
    public double east(int column) {
        return west + (column + 0.5) * cell;
    }

    /**
     * Middle of a row.
     *
     * @return [m]
     */
    public double north(int row) {
        return south + (rows() - row - 0.5) * cell;
    }

    /**
     * Height of a cell.
     *
     * @param row from the north
     * @param column from the west
     * @return [m]; NaN where not known
     */
    public double height(int row, int column) {
        return heights[row * columns + column];
    }

    /**
     * Height of the cell in which a place lies.
     *
     * @param east [m]
     * @param north [m]
     * @return [m]; NaN outside, and where not known
     */
    public double at(double east, double north) {
        int column = (int) Math.floor((east - west) / cell);
        int row = rows() - 1 - (int) Math.floor((north - south) / cell);
        boolean inside = column >= 0 && column < columns && row >= 0 && row < rows();
        return inside ? height(row, column) : Double.NaN;
    }

    /**
     * Distance from a place within to the nearest edge of the grid.
     *
     * @param east [m]
     * @param north [m]
     * @return [m], not negative
     */
    public double reach(double east, double north) {
        double sideways = Math.min(east - west, west + columns * cell - east);
        double along = Math.min(north - south, south + rows() * cell - north);
        return Math.max(0, Math.min(sideways, along));
    }

    /** From where to where it reaches, in its own coordinates. */
    public String describe() {
        return "east " + Math.round(west) + " to " + Math.round(west + columns * cell) + " m and north "
                + Math.round(south) + " to " + Math.round(south + rows() * cell) + " m";
    }
}
