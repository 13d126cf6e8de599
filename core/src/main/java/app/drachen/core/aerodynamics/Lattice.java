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
    private final Horseshoes vortices = new Horseshoes();
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

    /** Row i: velocity at the middle of vortex i for a circulation of 1 of each, three values each. */
    private final double[][] atBound;

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
        atBound = new double[n][3 * n];
        double[] against = new double[3];
        for (int i = 0; i < n; i++) {
            double[] middle = vortices.middle(i);
            for (int j = 0; j < n; j++) {
                onControl[i][j] = pair(i, j, middle, against);
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
                vortices.add(along > 0 ? inner : outer, along > 0 ? outer : inner);
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

    /**
     * What piece j does at the middle of the vortex of piece i, kept, and against piece i, given; its legs have a core on other surfaces.
     *
     * @param against room for three values
     */
    private double pair(int i, int j, double[] middle, double[] against) {
        double core = surfaceOf.get(i).equals(surfaceOf.get(j)) ? 0 : vortices.width(j) / 2;
        at(control.get(i), j, core, against, 0);
        at(middle, j, core, atBound[i], 3 * j);
        return dot(against, normal.get(i));
    }

    /** Velocity at a place for a circulation of 1, with that of the mirror image where there is a ground. */
    private void at(double[] place, int j, double core, double[] into, int at) {
        vortices.velocity(place, j, core, into, at);
        if (Double.isFinite(ground)) {
            double[] image = new double[3];
            vortices.velocity(new double[] {place[0], place[1], 2 * ground - place[2]}, j, core, image, 0);
            into[at] += image[0];
            into[at + 1] += image[1];
            into[at + 2] -= image[2];
        }
    }

    /** Adds to a flow what circulations make of the velocities of a row. */
    private static void add(double[] flow, double[] row, double[] circulation) {
        for (int j = 0; j < circulation.length; j++) {
            flow[0] += circulation[j] * row[3 * j];
            flow[1] += circulation[j] * row[3 * j + 1];
            flow[2] += circulation[j] * row[3 * j + 2];
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
            double[] at = vortices.middle(i);
            double[] flow = wind(at, alpha, beta, p, q, r);
            add(flow, atBound[i], circulation);
            double[] f = cross(flow, vortices.bound(i));
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
