package app.drachen.core.flight;

import app.drachen.core.controls.Output;
import app.drachen.core.controls.ServoData;
import app.drachen.core.math.Table;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The servos of an aircraft and the surfaces that they move.
 *
 * <p>Source: common practice, 0.04 s lag; speed, dead band and play as entered, or as usual ({@link ServoData#USUAL}).
 *
 * <p>Mutable, for one thread; a step allocates nothing but a cell of a table that is first asked.
 */
final class Servos {
    private static final double LAG = 0.04;

    /** 60° in 0.12 s at 45° for 500 µs [µs/s]. */
    private static final double USUAL_RATE = 5_500;

    /** Pulses of the tables of linkages, and how fine they are [µs]. */
    private static final double LOW = 700;

    private static final double HIGH = 2_300;
    private static final double CELL = 8;

    private final List<Output> outputs;

    /** Of each servo: fastest change [µs/s], dead band [µs], play at the surface [rad]. */
    private final double[] rate;

    private final double[] deadBand;
    private final double[] play;

    /** Where each servo stands, or what a motor's controller is told [µs]. */
    final double[] micros;

    /** Of the surfaces [rad]. */
    final double[] deflections;

    /** The geometry of each linkage, within 1e-9 rad. */
    private final Table[] linkages;

    private final boolean[] motor;
    private double shareStep = Double.NaN;
    private double share;

    Servos(List<Output> outputs) {
        this.outputs = outputs;
        micros = new double[outputs.size()];
        rate = new double[outputs.size()];
        deadBand = new double[outputs.size()];
        play = new double[outputs.size()];
        deflections = new double[outputs.size()];
        linkages = new Table[outputs.size()];
        motor = new boolean[outputs.size()];
        for (int i = 0; i < outputs.size(); i++) {
            Output output = outputs.get(i);
            motor[i] = output.surface().isMotor();
            linkages[i] = new Table(output::deflection, LOW, HIGH, CELL, 1e-9);
            Optional<ServoData> known = output.linkage().servo();
            ServoData servo = known.orElse(ServoData.USUAL);
            rate[i] = known.isEmpty()
                    ? USUAL_RATE
                    : servo.speed() / output.linkage().servoAngle() * Output.FULL_COMMAND_MICROS;
            deadBand[i] = servo.resolution();
            play[i] = servo.slop();
            micros[i] = motor[i] ? output.lowMicros() : output.centreMicros();
            deflections[i] = motor[i] ? 0 : output.deflection(micros[i]);
        }
    }

    /** Takes dead band and play out. */
    void smooth() {
        Arrays.fill(deadBand, 0);
        Arrays.fill(play, 0);
    }

    /** Puts all at once where the pulses [µs] want them. */
    void settle(double[] pulsesMicros) {
        for (int i = 0; i < outputs.size(); i++) {
            micros[i] = pulsesMicros[i];
            deflections[i] = motor[i] ? 0 : outputs.get(i).deflection(pulsesMicros[i]);
        }
    }

    void move(double step, double[] pulsesMicros) {
        if (step != shareStep) {
            shareStep = step;
            share = 1 - Math.exp(-step / LAG);
        }
        for (int i = 0; i < micros.length; i++) {
            if (motor[i]) {
                micros[i] = pulsesMicros[i];
                continue;
            }
            double most = rate[i] * step;
            double error = pulsesMicros[i] - micros[i];
            if (!(Math.abs(error) > deadBand[i])) {
                // it stands still, and so does its surface
                continue;
            }
            micros[i] += Math.max(-most, Math.min(most, share * error));
            double driven = linkages[i].at(micros[i]);
            // the surface follows once the play is taken up
            deflections[i] = Math.max(driven - play[i] / 2, Math.min(driven + play[i] / 2, deflections[i]));
        }
    }
}
