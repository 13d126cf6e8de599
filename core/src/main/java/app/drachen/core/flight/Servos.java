package app.drachen.core.flight;

import app.drachen.core.controls.Output;
import java.util.Arrays;
import java.util.List;

/**
 * The servos of an aircraft and the surfaces that they move.
 *
 * <p>Source: common practice, 0.04 s lag, 60° in 0.12 s, a dead band of 3 µs, and play of the linkage of 0.4° at the surface
 * (own estimate, 0.2° to 1°).
 *
 * <p>Mutable, for one thread; a step allocates nothing.
 */
final class Servos {
    private static final double LAG = 0.04;
    private static final double RATE_MICROS = 5_500;

    private final List<Output> outputs;
    private double deadBand = 3;
    private double play = Math.toRadians(0.4);

    /** Where each servo stands, or what a motor's controller is told [µs]. */
    final double[] micros;

    /** Of the surfaces [rad]. */
    final double[] deflections;

    /** What the servos ask for, and the pulse it was found at: a servo at rest needs no geometry. */
    private final double[] driven;

    private final double[] drivenAt;

    Servos(List<Output> outputs) {
        this.outputs = outputs;
        micros = new double[outputs.size()];
        deflections = new double[outputs.size()];
        driven = new double[outputs.size()];
        drivenAt = new double[outputs.size()];
        Arrays.fill(drivenAt, Double.NaN);
        for (int i = 0; i < outputs.size(); i++) {
            Output output = outputs.get(i);
            boolean motor = output.surface().isMotor();
            micros[i] = motor ? output.lowMicros() : output.centreMicros();
            deflections[i] = motor ? 0 : output.deflection(micros[i]);
        }
    }

    /** Takes dead band and play out. */
    void smooth() {
        deadBand = 0;
        play = 0;
    }

    /** Puts all at once where the pulses [µs] want them. */
    void settle(double[] pulsesMicros) {
        for (int i = 0; i < outputs.size(); i++) {
            micros[i] = pulsesMicros[i];
            deflections[i] =
                    outputs.get(i).surface().isMotor() ? 0 : outputs.get(i).deflection(pulsesMicros[i]);
        }
    }

    void move(double step, double[] pulsesMicros) {
        double share = 1 - Math.exp(-step / LAG);
        double most = RATE_MICROS * step;
        for (int i = 0; i < micros.length; i++) {
            if (outputs.get(i).surface().isMotor()) {
                micros[i] = pulsesMicros[i];
                continue;
            }
            double error = pulsesMicros[i] - micros[i];
            if (Math.abs(error) > deadBand) {
                micros[i] += Math.max(-most, Math.min(most, share * error));
            }
            if (micros[i] != drivenAt[i]) {
                drivenAt[i] = micros[i];
                driven[i] = outputs.get(i).deflection(micros[i]);
            }
            // the surface follows once the play is taken up
            deflections[i] = Math.max(driven[i] - play / 2, Math.min(driven[i] + play / 2, deflections[i]));
        }
    }
}
