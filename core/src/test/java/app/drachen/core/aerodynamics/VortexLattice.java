package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;

/**
 * A small vortex lattice as an independent method: one row of horseshoe vortices, bound vortex on
 * the local quarter chord, control point at three quarters (J. J. Bertin, M. L. Smith, Aerodynamics
 * for Engineers, 1998, section 7.12). Gives lift slope, aerodynamic centre and roll damping of a planform.
 */
final class VortexLattice {
    private final double slope;
    private final double centre;
    private final double damping;

    VortexLattice(Wing wing, int perSide) {
        int n = 2 * perSide;
        double[][] a = new double[n][3];
        double[][] b = new double[n][3];
        double[][] c = new double[n][3];
        double[] width = new double[n];
        double half = wing.panels().stream().mapToDouble(WingPanel::length).sum();
        double area = 0;
        for (int i = 0; i < n; i++) {
            double y1 = -half + i * 2 * half / n;
            double y2 = y1 + 2 * half / n;
            a[i] = new double[] {quarter(wing, y1), y1, 0};
            b[i] = new double[] {quarter(wing, y2), y2, 0};
            double y = (y1 + y2) / 2;
            c[i] = new double[] {quarter(wing, y) + ControlPower.chordAt(wing, Math.abs(y)) / 2, y, 0};
            width[i] = y2 - y1;
            area += width[i] * ControlPower.chordAt(wing, Math.abs(y));
        }
        double[][] m = new double[n][n + 1];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                m[i][j] = downwards(c[i], a[j], b[j]);
            }
            m[i][n] = 1; // unit angle of attack: downwash must equal V·α
        }
        double[][] turning = new double[n][];
        for (int i = 0; i < n; i++) {
            turning[i] = m[i].clone();
            // a wing that goes down meets more air from below: p·y/V at p·b/2V = 1
            turning[i][n] = c[i][1] / half;
        }
        double[] rolled = solve(turning);
        double roll = 0;
        for (int i = 0; i < n; i++) {
            roll += 2 * rolled[i] * width[i] / area * c[i][1] / (2 * half);
        }
        damping = -roll;
        double[] gamma = solve(m);
        double lift = 0;
        double moment = 0;
        for (int i = 0; i < n; i++) {
            lift += 2 * gamma[i] * width[i] / area;
            moment += 2 * gamma[i] * width[i] / area * (a[i][0] + b[i][0]) / 2;
        }
        slope = lift;
        centre = moment / lift;
    }

    double slope() {
        return slope;
    }

    /** C_lp. */
    double damping() {
        return damping;
    }

    double centre() {
        return centre;
    }

    private static double quarter(Wing wing, double y) {
        double inner = 0;
        double edge = wing.rootLeadingEdge();
        double at = Math.abs(y);
        for (WingPanel panel : wing.panels()) {
            double here = Math.min(panel.length(), Math.max(0, at - inner));
            edge += here * Math.tan(panel.sweep());
            inner += panel.length();
        }
        return edge + ControlPower.chordAt(wing, at) / 4;
    }

    /**
     * Downward velocity at a point of the plane by a horseshoe of unit strength, legs running aft.
     */
    private static double downwards(double[] p, double[] a, double[] b) {
        double xa = p[0] - a[0];
        double ya = p[1] - a[1];
        double xb = p[0] - b[0];
        double yb = p[1] - b[1];
        double ra = Math.hypot(xa, ya);
        double rb = Math.hypot(xb, yb);
        double dx = b[0] - a[0];
        double dy = b[1] - a[1];
        double bound = ((dx * xa + dy * ya) / ra - (dx * xb + dy * yb) / rb) / (xa * yb - xb * ya);
        double legA = -(1 + xa / ra) / ya;
        double legB = (1 + xb / rb) / yb;
        return -(bound + legA + legB) / (4 * Math.PI);
    }

    private static double[] solve(double[][] m) {
        int n = m.length;
        for (int j = 0; j < n; j++) {
            int best = j;
            for (int i = j + 1; i < n; i++) {
                best = Math.abs(m[i][j]) > Math.abs(m[best][j]) ? i : best;
            }
            double[] swap = m[j];
            m[j] = m[best];
            m[best] = swap;
            for (int i = j + 1; i < n; i++) {
                double f = m[i][j] / m[j][j];
                for (int k = j; k <= n; k++) {
                    m[i][k] -= f * m[j][k];
                }
            }
        }
        double[] x = new double[n];
        for (int j = n - 1; j >= 0; j--) {
            double sum = m[j][n];
            for (int k = j + 1; k < n; k++) {
                sum -= m[j][k] * x[k];
            }
            x[j] = sum / m[j][j];
        }
        return x;
    }
}
