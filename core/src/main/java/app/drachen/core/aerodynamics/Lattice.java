package app.drachen.core.aerodynamics;

import app.drachen.core.aerodynamics.Sheet.Hinge;
import app.drachen.core.math.Factored;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * A vortex lattice: the second opinion on what the strips say. Horseshoe vortices on the drawn surfaces, bound at the quarter of each
 * piece, trailing straight aft; the flow goes along the surface at three quarters. Both sides are laid out, so that sideslip, rolling
 * and yawing are as good as pitching; flaps turn the surface behind their hinge.
 *
 * <p>Source: V. M. Falkner 1943; J. Katz, A. Plotkin, Low-Speed Aerodynamics, 2001, chapters 10 and 12; forces by Kutta and Joukowski on
 * the bound vortices. No thickness, no separation, no body, no friction: flaps are a quarter too strong on real sections.
 *
 * <p>Axes inside: x aft, y right, z up, from the point that moments are about.
 */
final class Lattice {
    private static final double FOUR_PI = 4 * Math.PI;

    /** Nearer than this to a vortex there is no velocity of its own [m]. */
    private static final double CORE = 1e-9;

    private final List<double[]> left = new ArrayList<>();
    private final List<double[]> right = new ArrayList<>();
    private final List<double[]> control = new ArrayList<>();
    private final List<double[]> normal = new ArrayList<>();
    private final List<Double> angle = new ArrayList<>();
    /** Output that turns the piece, and by what share of its deflection. */
    private final List<Integer> output = new ArrayList<>();

    /** A flap that turns about a swept hinge turns less along the flow. */
    private final List<Double> hingeTurn = new ArrayList<>();

    private final List<Integer> sheetOf = new ArrayList<>();
    private final List<Integer> surfaceOf = new ArrayList<>();
    private final double[] about;
    private final double ground;
    private final Factored solver;
    private final double[][][] atBound;

    /**
     * What the air does, over the dynamic pressure, in body axes: x forward, y right, z down.
     *
     * @param force [m²]
     * @param moment [m³]
     */
    record Loads(double[] force, double[] moment) {}

    /**
     * A lattice over sheets.
     *
     * @param aft station of the point that moments are about [m]
     * @param up of that point [m]
     */
    Lattice(List<Sheet> sheets, double aft, double up) {
        this(sheets, aft, up, Double.POSITIVE_INFINITY);
    }

    /**
     * A lattice over the ground, whose mirror image keeps the flow along it.
     *
     * @param height of the point that moments are about above the ground, at no angle of attack [m], above 0; without bound in free air
     */
    Lattice(List<Sheet> sheets, double aft, double up, double height) {
        ground = -height;
        about = new double[] {aft, 0, up};
        for (int i = 0; i < sheets.size(); i++) {
            lay(sheets.get(i), i);
        }
        int n = control.size();
        double[][] onControl = new double[n][n];
        atBound = new double[n][n][];
        for (int i = 0; i < n; i++) {
            double[] middle = middle(i);
            for (int j = 0; j < n; j++) {
                double core = surfaceOf.get(i).equals(surfaceOf.get(j)) ? 0 : width(j) / 2;
                double[] v = at(control.get(i), j, core);
                onControl[i][j] = dot(v, normal.get(i));
                atBound[i][j] = at(middle, j, core);
            }
        }
        solver = solver(onControl);
    }

    /**
     * Solves for circulations. Each piece works on itself by a hundred-millionth more than it does, so that surfaces that lie in one place
     * share their load instead of having none.
     */
    static Factored solver(double[][] onControl) {
        for (int i = 0; i < onControl.length; i++) {
            onControl[i][i] *= 1 + 1e-8;
        }
        return new Factored(onControl);
    }

    private void lay(Sheet sheet, int number) {
        double[] n0 = {0, -sheet.side() * Math.sin(sheet.dihedral()), Math.cos(sheet.dihedral())};
        double[] edges = edges(sheet);
        for (int k = 0; k + 1 < edges.length; k++) {
            double middle = (edges[k] + edges[k + 1]) / 2;
            Hinge hinge = sheet.hinges().stream()
                    .filter(h -> h.from() <= middle && middle <= h.to())
                    .findFirst()
                    .orElse(new Hinge(0, 1, 0, -1));
            double hingeSweep = Math.atan(Math.tan(sheet.sweep())
                    + (1 - hinge.chordRatio()) * (sheet.tipChord() - sheet.rootChord()) / sheet.length());
            double[] chordwise = chordwise(sheet.along(), hinge.chordRatio());
            double scale = flapScale(chordwise, hinge.output() < 0 ? 0 : hinge.chordRatio());
            double local = sheet.rootAngle() + middle * (sheet.tipAngle() - sheet.rootAngle());
            for (int c = 0; c + 1 < chordwise.length; c++) {
                double quarter = chordwise[c] + 0.25 * (chordwise[c + 1] - chordwise[c]);
                double three = chordwise[c] + 0.75 * (chordwise[c + 1] - chordwise[c]);
                double[] inner = point(sheet, edges[k], quarter);
                double[] outer = point(sheet, edges[k + 1], quarter);
                // the bound vortex runs along n × x, so that its lift is along n
                double[] span = {0, outer[1] - inner[1], outer[2] - inner[2]};
                double along = n0[2] * span[1] - n0[1] * span[2];
                left.add(along > 0 ? inner : outer);
                right.add(along > 0 ? outer : inner);
                control.add(point(sheet, middle, three));
                normal.add(n0);
                angle.add(local);
                output.add(three > 1 - hinge.chordRatio() ? hinge.output() : -1);
                hingeTurn.add(scale * Math.cos(hingeSweep));
                sheetOf.add(number);
                surfaceOf.add(sheet.surface());
            }
        }
    }

    /** Cut evenly, at the ends of flaps, and a quarter of a piece short of a tip (G. R. Hough 1973). */
    private static double[] edges(Sheet sheet) {
        SortedSet<Double> edges = new TreeSet<>();
        double pieces = sheet.across() + (sheet.freeEnd() ? 0.25 : 0);
        for (int k = 0; k <= sheet.across(); k++) {
            edges.add(k / pieces);
        }
        double last = sheet.across() / pieces;
        for (Hinge hinge : sheet.hinges()) {
            for (double end : new double[] {hinge.from(), hinge.to()}) {
                edges.removeIf(e -> e > 0 && e < last && Math.abs(e - end) < 0.3 / sheet.across());
                edges.add(Math.max(0, Math.min(last, end)));
            }
        }
        return edges.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** Where a chord is cut, as shares of it; one cut is the hinge. */
    static double[] chordwise(int along, double ratio) {
        int behind = ratio > 0 && ratio < 1 ? Math.max(2, (int) Math.rint(along * ratio)) : 0;
        int before = Math.max(1, along - behind);
        double hinge = behind == 0 ? 1 : 1 - ratio;
        double[] cuts = new double[before + behind + 1];
        for (int i = 0; i <= before; i++) {
            cuts[i] = hinge * i / before;
        }
        for (int i = 1; i <= behind; i++) {
            cuts[before + i] = hinge + ratio * i / behind;
        }
        return cuts;
    }

    /**
     * How much more a flap must turn on pieces cut like this to lift as on a thin aerofoil in plane flow: the same pieces there against
     * H. Glauert's flap, 1927.
     *
     * @param cuts of the chord [-]
     * @param ratio flap chord over chord [-]
     * @return [-], near 1; 1 without a flap
     */
    static double flapScale(double[] cuts, double ratio) {
        int n = cuts.length - 1;
        if (ratio <= 0 || ratio >= 1) {
            return 1;
        }
        double[][] matrix = new double[n][n];
        double[] plain = new double[n];
        double[] flap = new double[n];
        for (int i = 0; i < n; i++) {
            double at = 0.25 * cuts[i] + 0.75 * cuts[i + 1];
            for (int j = 0; j < n; j++) {
                matrix[i][j] = 1 / (at - 0.75 * cuts[j] - 0.25 * cuts[j + 1]);
            }
            plain[i] = 1;
            flap[i] = at > 1 - ratio ? 1 : 0;
        }
        Factored plane = new Factored(matrix);
        double lift = 0;
        double byFlap = 0;
        double[] whole = plane.solve(plain);
        double[] part = plane.solve(flap);
        for (int i = 0; i < n; i++) {
            lift += whole[i];
            byFlap += part[i];
        }
        return LiftingSurface.flapEffectiveness(ratio) * lift / byFlap;
    }

    private double[] point(Sheet sheet, double share, double chordShare) {
        double out = share * sheet.length();
        double chord = sheet.rootChord() + share * (sheet.tipChord() - sheet.rootChord());
        return new double[] {
            sheet.aft() + out * Math.tan(sheet.sweep()) + chordShare * chord - about[0],
            sheet.side() * (sheet.right() + out * Math.cos(sheet.dihedral())) - about[1],
            sheet.up() + out * Math.sin(sheet.dihedral()) - about[2]
        };
    }

    private double width(int j) {
        return Math.hypot(right.get(j)[1] - left.get(j)[1], right.get(j)[2] - left.get(j)[2]);
    }

    private double[] middle(int i) {
        double[] a = left.get(i);
        double[] b = right.get(i);
        return new double[] {(a[0] + b[0]) / 2, (a[1] + b[1]) / 2, (a[2] + b[2]) / 2};
    }

    /** Velocity at a place for a circulation of 1, with that of the mirror image where there is a ground. */
    private double[] at(double[] place, int j, double core) {
        double[] v = horseshoe(place, left.get(j), right.get(j), core);
        if (Double.isFinite(ground)) {
            double[] mirrored = {place[0], place[1], 2 * ground - place[2]};
            double[] image = horseshoe(mirrored, left.get(j), right.get(j), core);
            v[0] += image[0];
            v[1] += image[1];
            v[2] -= image[2];
        }
        return v;
    }

    /** Velocity of a horseshoe of circulation 1 that comes from aft to a, goes to b, and aft again; the legs may have a core [m]. */
    static double[] horseshoe(double[] p, double[] a, double[] b, double core) {
        double[] v = new double[3];
        leg(v, p, a, -1, core);
        leg(v, p, b, 1, core);
        double[] ra = {p[0] - a[0], p[1] - a[1], p[2] - a[2]};
        double[] rb = {p[0] - b[0], p[1] - b[1], p[2] - b[2]};
        double la = Math.sqrt(dot(ra, ra));
        double lb = Math.sqrt(dot(rb, rb));
        double[] cross = cross(ra, rb);
        double bottom = la * lb * (la * lb + dot(ra, rb));
        if (dot(cross, cross) > CORE * CORE && Math.abs(bottom) > CORE) {
            double size = (la + lb) / (FOUR_PI * bottom);
            for (int i = 0; i < 3; i++) {
                v[i] += size * cross[i];
            }
        }
        return v;
    }

    /** Adds the velocity of a half-infinite vortex from a point straight aft. */
    private static void leg(double[] v, double[] p, double[] from, double sign, double core) {
        double x = p[0] - from[0];
        double y = p[1] - from[1];
        double z = p[2] - from[2];
        double aside = y * y + z * z + core * core;
        if (aside > CORE * CORE) {
            double length = Math.sqrt(x * x + aside);
            // d × r over |r|(|r| − d·r), written without the difference of near numbers
            double size = sign * (length + x) / (FOUR_PI * length * aside);
            v[1] -= size * z;
            v[2] += size * y;
        }
    }

    private static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    /** The wind at a place: from ahead, from below and from the side, and what turning about the point adds, at a speed of 1. */
    private static double[] wind(double[] at, double alpha, double beta, double p, double q, double r) {
        double[] wind = {Math.cos(alpha) * Math.cos(beta), -Math.sin(beta), Math.sin(alpha) * Math.cos(beta)};
        double[] turning = {-p, q, -r};
        double[] moves = cross(turning, at);
        return new double[] {wind[0] - moves[0], wind[1] - moves[1], wind[2] - moves[2]};
    }

    /**
     * What the air does at a speed of 1 m/s.
     *
     * @param alpha angle of attack [rad]
     * @param beta sideslip, wind from the right positive [rad]
     * @param p roll rate over the speed [rad/m]
     * @param q pitch rate over the speed [rad/m]
     * @param r yaw rate over the speed [rad/m]
     * @param deflections of the outputs [rad]
     */
    Loads loads(double alpha, double beta, double p, double q, double r, double[] deflections) {
        return loads(alpha, beta, p, q, r, deflections, -1);
    }

    /** The same, of one sheet only, in the flow of all; −1 for all. */
    Loads loads(double alpha, double beta, double p, double q, double r, double[] deflections, int sheet) {
        int n = control.size();
        double[] rightSide = new double[n];
        for (int i = 0; i < n; i++) {
            double[] wind = wind(control.get(i), alpha, beta, p, q, r);
            double turned = angle.get(i) + (output.get(i) < 0 ? 0 : deflections[output.get(i)] * hingeTurn.get(i));
            // small angles: the surface turns, the place of its vortices does not
            rightSide[i] = -(dot(wind, normal.get(i)) * Math.cos(turned) + wind[0] * Math.sin(turned));
        }
        double[] circulation = solver.solve(rightSide);
        double[] force = new double[3];
        double[] moment = new double[3];
        for (int i = 0; i < n; i++) {
            if (sheet >= 0 && sheetOf.get(i) != sheet) {
                continue;
            }
            double[] at = middle(i);
            double[] flow = wind(at, alpha, beta, p, q, r);
            for (int j = 0; j < n; j++) {
                double[] v = atBound[i][j];
                for (int k = 0; k < 3; k++) {
                    flow[k] += circulation[j] * v[k];
                }
            }
            double[] a = left.get(i);
            double[] b = right.get(i);
            double[] f = cross(flow, new double[] {b[0] - a[0], b[1] - a[1], b[2] - a[2]});
            for (int k = 0; k < 3; k++) {
                // ρΓV × l over ½ρV²
                f[k] *= 2 * circulation[i];
                force[k] += f[k];
            }
            double[] m = cross(at, f);
            for (int k = 0; k < 3; k++) {
                moment[k] += m[k];
            }
        }
        return new Loads(
                new double[] {-force[0], force[1], -force[2]}, new double[] {-moment[0], moment[1], -moment[2]});
    }
}
