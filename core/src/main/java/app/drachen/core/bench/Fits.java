package app.drachen.core.bench;

import java.util.List;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposer;
import org.hipparchus.linear.RealVector;

/**
 * Least squares of the bench.
 *
 * <p>Source: Bowditch 2019 (compass), statics (accelerometer: the length of what it reads is g), linear least squares by QR.
 */
public final class Fits {
    private Fits() {}

    /**
     * Deviation of a compass.
     *
     * @param a the same all round [rad]
     * @param b with the sine of the heading [rad]
     * @param c with its cosine [rad]
     * @param d with the sine of twice the heading [rad]; 0 with fewer than eight headings
     * @param e with its cosine [rad]; 0 with fewer than eight headings
     * @param residual root of the mean square that is left [rad]
     * @param largest greatest deviation of the fit at any heading [rad]
     */
    public record Deviation(double a, double b, double c, double d, double e, double residual, double largest) {
        /**
         * Deviation at a heading.
         *
         * @param heading [rad]
         * @return [rad]
         */
        public double at(double heading) {
            return a
                    + b * Math.sin(heading)
                    + c * Math.cos(heading)
                    + d * Math.sin(2 * heading)
                    + e * Math.cos(2 * heading);
        }
    }

    /**
     * Fits a compass (BENCH-A6).
     *
     * @param headings true headings, four or more [rad]
     * @param errors shown less true [rad]
     */
    public static Deviation compass(double[] headings, double[] errors) {
        int terms = headings.length >= 8 ? 5 : 3;
        double[][] rows = new double[headings.length][];
        for (int i = 0; i < headings.length; i++) {
            double h = headings[i];
            double[] row = {1, Math.sin(h), Math.cos(h), Math.sin(2 * h), Math.cos(2 * h)};
            rows[i] = java.util.Arrays.copyOf(row, terms);
        }
        double[] x = java.util.Arrays.copyOf(solved(rows, errors), 5);
        Deviation bare = new Deviation(x[0], x[1], x[2], x[3], x[4], 0, 0);
        double square = 0;
        for (int i = 0; i < headings.length; i++) {
            square += Math.pow(errors[i] - bare.at(headings[i]), 2);
        }
        double largest = 0;
        for (int k = 0; k < 360; k++) {
            largest = Math.max(largest, Math.abs(bare.at(Math.toRadians(k))));
        }
        return new Deviation(x[0], x[1], x[2], x[3], x[4], Math.sqrt(square / headings.length), largest);
    }

    /**
     * An accelerometer.
     *
     * @param bias of the three axes [m/s²]
     * @param scale of the three axes [-]
     * @param cross how much of another axis each pair takes [-]; 0 with fewer than ten poses
     * @param residual root of the mean square of length less g [m/s²]
     */
    public record Accelerometer(double[] bias, double[] scale, double[] cross, double residual) {}

    /**
     * Fits an accelerometer on poses of any kind (BENCH-A1): three biases and scales, and with ten poses or more three cross terms.
     *
     * @param poses what it read in each pose, six or more [m/s²]
     * @param g gravity [m/s²]
     */
    public static Accelerometer accelerometer(List<double[]> poses, double g) {
        int terms = poses.size() >= 10 ? 9 : 6;
        double[] p = {0, 0, 0, 1, 1, 1, 0, 0, 0};
        for (int turn = 0; turn < 20; turn++) {
            double[][] rows = new double[poses.size()][terms];
            double[] left = new double[poses.size()];
            for (int i = 0; i < poses.size(); i++) {
                left[i] = g - length(p, poses.get(i));
                for (int k = 0; k < terms; k++) {
                    double[] moved = p.clone();
                    moved[k] += 1e-6;
                    rows[i][k] = (length(moved, poses.get(i)) - length(p, poses.get(i))) / 1e-6;
                }
            }
            double[] step = solved(rows, left);
            double size = 0;
            for (int k = 0; k < terms; k++) {
                p[k] += step[k];
                size += step[k] * step[k];
            }
            if (size < 1e-18) {
                break;
            }
        }
        double square = 0;
        for (double[] pose : poses) {
            square += Math.pow(length(p, pose) - g, 2);
        }
        return new Accelerometer(
                new double[] {p[0], p[1], p[2]},
                new double[] {p[3], p[4], p[5]},
                new double[] {p[6], p[7], p[8]},
                Math.sqrt(square / poses.size()));
    }

    /**
     * An accelerometer on its six faces alone: bias and scale of each axis from the two faces that it stands upright on; the residual is
     * that of the lengths.
     *
     * @param faces what it read with x, y and z in turn up and down [m/s²]
     */
    static Accelerometer sixFaces(List<double[]> faces, double g) {
        double[] p = {0, 0, 0, 1, 1, 1, 0, 0, 0};
        for (int axis = 0; axis < 3; axis++) {
            double up = faces.get(2 * axis)[axis];
            double down = faces.get(2 * axis + 1)[axis];
            p[axis] = (up + down) / 2;
            p[axis + 3] = (up - down) / (2 * g);
        }
        double square = 0;
        for (double[] face : faces) {
            square += Math.pow(length(p, face) - g, 2);
        }
        return new Accelerometer(
                new double[] {p[0], p[1], p[2]},
                new double[] {p[3], p[4], p[5]},
                new double[3],
                Math.sqrt(square / faces.size()));
    }

    /** Length of what is left after bias, scale and cross terms are taken out. */
    private static double length(double[] p, double[] read) {
        double x = (read[0] - p[0]) / p[3];
        double y = (read[1] - p[1]) / p[4];
        double z = (read[2] - p[2]) / p[5];
        return Math.sqrt(Math.pow(x - p[6] * y - p[7] * z, 2) + Math.pow(y - p[8] * z, 2) + z * z);
    }

    /**
     * Shares of some inputs in one output (THROWS-A3).
     *
     * @param offset what it is without any [unit of the output]
     * @param shares of the inputs [unit of the output]
     * @param residual root of the mean square that is left [unit of the output]
     */
    public record Linear(double offset, double[] shares, double residual) {}

    /**
     * Fits one output.
     *
     * @param inputs of each sample
     * @param output of each sample [unit of the output]
     */
    public static Linear linear(double[][] inputs, double[] output) {
        double[][] rows = new double[inputs.length][];
        for (int i = 0; i < inputs.length; i++) {
            rows[i] = new double[inputs[i].length + 1];
            rows[i][0] = 1;
            System.arraycopy(inputs[i], 0, rows[i], 1, inputs[i].length);
        }
        double[] x = solved(rows, output);
        double square = 0;
        for (int i = 0; i < rows.length; i++) {
            double off = output[i];
            for (int k = 0; k < x.length; k++) {
                off -= rows[i][k] * x[k];
            }
            square += off * off;
        }
        return new Linear(
                x[0], java.util.Arrays.copyOfRange(x, 1, x.length), Math.sqrt(square / Math.max(1, rows.length)));
    }

    private static double[] solved(double[][] rows, double[] right) {
        try {
            RealVector found = new QRDecomposer(1e-10)
                    .decompose(new Array2DRowRealMatrix(rows, false))
                    .solve(new ArrayRealVector(right, false));
            return found.toArray();
        } catch (MathIllegalArgumentException e) {
            throw new IllegalArgumentException(
                    "the readings are too much alike to tell anything; take them again as the card says", e);
        }
    }
}
