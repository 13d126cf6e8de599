package app.drachen.core.flight;

import app.drachen.core.aerodynamics.ModelError;
import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.controls.Output;
import app.drachen.core.setup.Setup;
import java.util.List;

/**
 * Small motions about level, straight, trimmed flight as linear equations.
 *
 * <p>Source: R. C. Nelson, Flight Stability and Automatic Control, 1998, chapters 4 and 5: states u, w, q, θ along, and
 * v, p, r, φ across. Derivatives are central differences of the full equations of motion, so that they hold for whatever
 * aircraft stands in them; what couples the two sets (motor torque) is left out. The downwash over a tail is that of
 * l/V ago, which adds the derivatives of ẇ: ẋ = A·x − b·(l/V)·(c·ẋ).
 *
 * @param along rates of u [m/s], w [m/s], q [rad/s], θ [rad] over the same, 4 × 4
 * @param across rates of v [m/s], p [rad/s], r [rad/s], φ [rad] over the same, 4 × 4
 * @param speed airspeed [m/s]
 */
public record Linearised(double[][] along, double[][] across, double speed) {
    private static final double[] STEPS_ALONG = {0.05, 0.05, 0.02, 0.005};
    private static final double[] STEPS_ACROSS = {0.05, 0.02, 0.02, 0.005};

    public Linearised {
        along = copied(along);
        across = copied(across);
    }

    @Override
    public double[][] along() {
        return copied(along);
    }

    @Override
    public double[][] across() {
        return copied(across);
    }

    private static double[][] copied(double[][] matrix) {
        double[][] copy = new double[matrix.length][];
        for (int i = 0; i < copy.length; i++) {
            copy[i] = matrix[i].clone();
        }
        return copy;
    }

    /** The set-up, in air that differs from its drawing, about a trim that was found for the drawing. */
    static Linearised of(Setup setup, ModelError error, Trim.Result.Trimmed trim, double speed, double density) {
        List<Output> outputs = setup.controls().outputs();
        double[] pulses = new double[outputs.size()];
        for (int i = 0; i < pulses.length; i++) {
            pulses[i] =
                    outputs.get(i).unlimitedPulse(outputs.get(i).mix().mix(0, trim.pitchCommand(), 0, trim.power()));
        }
        Aircraft aircraft = new Aircraft(setup, new StripModel(setup, error), setup.massProperties());
        aircraft.place(0, 0, 100, 0, trim.alpha(), 0, speed);
        aircraft.settle(pulses, density, speed);
        return about(aircraft, speed, trim.alpha(), density);
    }

    /**
     * An aircraft whose controls are settled.
     *
     * @param aircraft in trim at this speed and angle
     * @param speed airspeed [m/s]
     * @param alpha angle of attack, which in level flight is the pitch angle [rad]
     * @param density [kg/m³]
     */
    public static Linearised about(Aircraft aircraft, double speed, double alpha, double density) {
        double[][] along = new double[4][4];
        double[][] across = new double[4][4];
        for (int j = 0; j < 4; j++) {
            double[] up = new double[4];
            up[j] = STEPS_ALONG[j];
            double[] down = new double[4];
            down[j] = -STEPS_ALONG[j];
            double[] a = rates(aircraft, speed, alpha, density, up, new double[4]);
            double[] b = rates(aircraft, speed, alpha, density, down, new double[4]);
            along[0][j] = (a[0] - b[0]) / (2 * STEPS_ALONG[j]);
            along[1][j] = (a[2] - b[2]) / (2 * STEPS_ALONG[j]);
            along[2][j] = (a[4] - b[4]) / (2 * STEPS_ALONG[j]);
            up[j] = STEPS_ACROSS[j];
            down[j] = -STEPS_ACROSS[j];
            a = rates(aircraft, speed, alpha, density, new double[4], up);
            b = rates(aircraft, speed, alpha, density, new double[4], down);
            across[0][j] = (a[1] - b[1]) / (2 * STEPS_ACROSS[j]);
            across[1][j] = (a[3] - b[3]) / (2 * STEPS_ACROSS[j]);
            across[2][j] = (a[5] - b[5]) / (2 * STEPS_ACROSS[j]);
        }
        delay(aircraft, along, speed, alpha, density);
        along[3][2] = 1;
        across[3][1] = 1;
        across[3][2] = Math.tan(alpha);
        return new Linearised(along, across, speed);
    }

    /** Brings in that the downwash comes late. */
    private static void delay(Aircraft aircraft, double[][] along, double speed, double alpha, double density) {
        double time = aircraft.air().downwashWay() / speed;
        if (time <= 0) {
            return;
        }
        double angle = 0.002;
        aircraft.place(0, 0, 100, 0, alpha, 0, speed);
        aircraft.move(speed * Math.cos(alpha), 0, speed * Math.sin(alpha), 0, 0, 0);
        double[] more = aircraft.accelerations(0, 0, 0, density, angle);
        double[] less = aircraft.accelerations(0, 0, 0, density, -angle);
        double[] b = {
            (more[0] - less[0]) / (2 * angle), (more[2] - less[2]) / (2 * angle), (more[4] - less[4]) / (2 * angle)
        };
        double[] c = new double[4];
        for (int j = 0; j < 3; j++) {
            double[] step = new double[4];
            step[j] = STEPS_ALONG[j];
            rates(aircraft, speed, alpha, density, step, new double[4]);
            c[j] = aircraft.air().downwash();
            step[j] = -STEPS_ALONG[j];
            rates(aircraft, speed, alpha, density, step, new double[4]);
            c[j] = (c[j] - aircraft.air().downwash()) / (2 * STEPS_ALONG[j]);
        }
        // ẋ = A·x − t·b·s with s = c·ẋ, so that s·(1 + t·c·b) = c·A·x
        double inverse = 1;
        for (int i = 0; i < 3; i++) {
            inverse += time * c[i] * b[i];
        }
        for (int j = 0; j < 4; j++) {
            double shed = 0;
            for (int i = 0; i < 3; i++) {
                shed += c[i] * along[i][j];
            }
            for (int i = 0; i < 3; i++) {
                along[i][j] -= time * b[i] * shed / inverse;
            }
        }
    }

    private static double[] rates(
            Aircraft aircraft, double speed, double alpha, double density, double[] along, double[] across) {
        aircraft.place(0, 0, 100, across[3], alpha + along[3], 0, speed);
        aircraft.move(
                speed * Math.cos(alpha) + along[0],
                across[0],
                speed * Math.sin(alpha) + along[1],
                across[1],
                along[2],
                across[2]);
        return aircraft.accelerations(0, 0, 0, density);
    }
}
