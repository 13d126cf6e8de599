package app.drachen.core.aerodynamics;

import java.util.Arrays;

/**
 * Horseshoe vortices of circulation 1: each comes from aft to its first end, goes to its second, and aft again. Their ends stand in one
 * array and nothing is made on the way, for a lattice asks for tens of thousands of velocities.
 *
 * <p>Source: J. Katz, A. Plotkin, Low-Speed Aerodynamics, 2001, sections 2.12 and 10.4.5.
 *
 * <p>Axes: x aft, y right, z up [m].
 */
final class Horseshoes {
    private static final double FOUR_PI = 4 * Math.PI;

    /** Nearer than this to a vortex there is no velocity of its own [m]. */
    private static final double CORE = 1e-9;

    private double[] ends = new double[6 * 160];
    private double[] widths = new double[160];
    private int count;

    /** Adds one by its two ends, three values each. */
    void add(double[] from, double[] to) {
        if (count == widths.length) {
            ends = Arrays.copyOf(ends, 2 * ends.length);
            widths = Arrays.copyOf(widths, 2 * count);
        }
        System.arraycopy(from, 0, ends, 6 * count, 3);
        System.arraycopy(to, 0, ends, 6 * count + 3, 3);
        widths[count++] = Math.hypot(to[1] - from[1], to[2] - from[2]);
    }

    /** How far apart the legs run [m]. */
    double width(int j) {
        return widths[j];
    }

    /** From the first end to the second [m]. */
    double[] bound(int j) {
        int a = 6 * j;
        return new double[] {ends[a + 3] - ends[a], ends[a + 4] - ends[a + 1], ends[a + 5] - ends[a + 2]};
    }

    /** Halfway between the ends [m]. */
    double[] middle(int j) {
        int a = 6 * j;
        return new double[] {
            (ends[a] + ends[a + 3]) / 2, (ends[a + 1] + ends[a + 4]) / 2, (ends[a + 2] + ends[a + 5]) / 2
        };
    }

    /**
     * Velocity that one makes at a place.
     *
     * @param place three values [m]
     * @param core of its legs [m], 0 or more
     * @param into where the three components go [1/m]
     * @param at where the first of them goes
     */
    void velocity(double[] place, int j, double core, double[] into, int at) {
        int a = 6 * j;
        double ax = place[0] - ends[a];
        double ay = place[1] - ends[a + 1];
        double az = place[2] - ends[a + 2];
        double bx = place[0] - ends[a + 3];
        double by = place[1] - ends[a + 4];
        double bz = place[2] - ends[a + 5];
        double first = leg(ax, ay, az, core);
        double second = leg(bx, by, bz, core);
        double la = Math.sqrt(ax * ax + ay * ay + az * az);
        double lb = Math.sqrt(bx * bx + by * by + bz * bz);
        double crossX = ay * bz - az * by;
        double crossY = az * bx - ax * bz;
        double crossZ = ax * by - ay * bx;
        double bottom = la * lb * (la * lb + (ax * bx + ay * by + az * bz));
        boolean apart = crossX * crossX + crossY * crossY + crossZ * crossZ > CORE * CORE && Math.abs(bottom) > CORE;
        double size = apart ? (la + lb) / (FOUR_PI * bottom) : 0;
        into[at] = size * crossX;
        into[at + 1] = first * az - second * bz + size * crossY;
        into[at + 2] = second * by - first * ay + size * crossZ;
    }

    /** What a half-infinite vortex straight aft makes across itself, over the distance from it [1/m²]. */
    private static double leg(double x, double y, double z, double core) {
        double aside = y * y + z * z + core * core;
        if (aside <= CORE * CORE) {
            return 0;
        }
        double length = Math.sqrt(x * x + aside);
        // d × r over |r|(|r| − d·r), written without the difference of near numbers
        return (length + x) / (FOUR_PI * length * aside);
    }
}
