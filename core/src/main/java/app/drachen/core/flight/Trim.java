package app.drachen.core.flight;

import app.drachen.core.controls.Output;
import app.drachen.core.setup.Setup;
import java.util.List;

/**
 * Searches level, straight, steady flight: the angle of attack, pitch command and power at which
 * u̇, ẇ and q̇ vanish.
 *
 * <p>Source: Newton's method with forward differences. Wings are held level; a roll or yaw
 * imbalance is left standing.
 */
public final class Trim {
    private Trim() {}

    /** Outcome of a trim search. */
    public sealed interface Result {
        /**
         * Level flight found.
         *
         * @param alpha angle of attack [rad], −0.5 to 0.5
         * @param pitchCommand command that holds it [-], −1 to 1
         * @param power [-], 0 to 1
         * @param current pack current [A]
         */
        record Trimmed(double alpha, double pitchCommand, double power, double current) implements Result {}

        /**
         * No level flight.
         *
         * @param reason one sentence
         */
        record NotTrimmed(String reason) implements Result {}
    }

    /**
     * Searches level flight.
     *
     * @param setup the aircraft
     * @param speed airspeed [m/s], 2 to 80
     * @param density [kg/m³], 0.5 to 1.6
     */
    public static Result level(Setup setup, double speed, double density) {
        double[] x = {0.05, 0, 0.4};
        Aircraft aircraft = new Aircraft(setup);
        for (int iteration = 0; iteration < 40; iteration++) {
            double[] f = residual(aircraft, setup, speed, density, x);
            if (Math.abs(f[0]) + Math.abs(f[1]) + Math.abs(f[2]) < 1e-6) {
                return found(aircraft, speed, x);
            }
            double[][] jacobian = new double[3][3];
            for (int j = 0; j < 3; j++) {
                double[] moved = x.clone();
                moved[j] += 1e-5;
                double[] g = residual(aircraft, setup, speed, density, moved);
                for (int i = 0; i < 3; i++) {
                    jacobian[i][j] = (g[i] - f[i]) / 1e-5;
                }
            }
            double[] step = solve(jacobian, f);
            if (step.length == 0) {
                break;
            }
            double[] most = {0.06, 0.25, 0.2};
            for (int i = 0; i < 3; i++) {
                x[i] -= Math.max(-most[i], Math.min(most[i], step[i]));
            }
        }
        return new Result.NotTrimmed(
                "No level flight found at this speed: too slow, too little power, or no pitch control.");
    }

    private static Result found(Aircraft aircraft, double speed, double[] x) {
        if (Math.abs(x[0]) > 0.35) {
            return new Result.NotTrimmed("Level flight at this speed would lie beyond the stall.");
        }
        if (Math.abs(x[1]) > 1) {
            return new Result.NotTrimmed("Full pitch stick is not enough to hold this speed.");
        }
        if (x[2] > 1 || x[2] < 0) {
            return new Result.NotTrimmed("The motor cannot hold this speed in level flight.");
        }
        return new Result.Trimmed(x[0], x[1], x[2], aircraft.current());
    }

    private static double[] residual(Aircraft aircraft, Setup setup, double speed, double density, double[] x) {
        List<Output> outputs = setup.controls().outputs();
        double[] pulses = new double[outputs.size()];
        for (int i = 0; i < pulses.length; i++) {
            pulses[i] = outputs.get(i).unlimitedPulse(outputs.get(i).mix().mix(0, x[1], 0, x[2]));
        }
        aircraft.place(0, 0, 100, 0, x[0], 0, speed);
        aircraft.move(speed * Math.cos(x[0]), 0, speed * Math.sin(x[0]), 0, 0, 0);
        aircraft.settle(pulses, density, speed);
        double[] a = aircraft.accelerations(0, 0, 0, density);
        return new double[] {a[0], a[2], a[4]};
    }

    /** Solves a 3 × 3 system by Cramer's rule; empty if it is singular. */
    private static double[] solve(double[][] m, double[] f) {
        double det = determinant(m);
        if (Math.abs(det) < 1e-12) {
            return new double[0];
        }
        double[] x = new double[3];
        for (int j = 0; j < 3; j++) {
            double[][] replaced = new double[3][];
            for (int i = 0; i < 3; i++) {
                replaced[i] = m[i].clone();
                replaced[i][j] = f[i];
            }
            x[j] = determinant(replaced) / det;
        }
        return x;
    }

    private static double determinant(double[][] m) {
        return m[0][0] * (m[1][1] * m[2][2] - m[1][2] * m[2][1])
                - m[0][1] * (m[1][0] * m[2][2] - m[1][2] * m[2][0])
                + m[0][2] * (m[1][0] * m[2][1] - m[1][1] * m[2][0]);
    }
}
