package app.drachen.core.aerodynamics;

import app.drachen.core.aerodynamics.Strips.Strip;
import app.drachen.core.airframe.Tail;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What the strips of a wing and those of a tail do to each other, and what flaps and turning add, each as an angle of the strip:
 * {@link Influence} over the strip's own lift slope, so that a wing at a plain angle of attack has that very angle.
 *
 * <p>Not safe for use by several threads: it keeps its results in itself.
 */
final class Interplay {
    /** Flow past a strip that has separated sheds no more [rad]. */
    private static final double LIMIT = 0.3;

    /** What the flow against strip j adds to the angle of strip i, above its own: by columns. */
    private final double[][] mutual;

    /** Moment coefficient of each strip for its angle. */
    private final double[] centred;

    private final double[][] byOutput;
    private final double[][] momentByOutput;

    /** What pitch and yaw rate add, times the speed, above the flow at three quarters of the chord. */
    private final double[][] turning;

    private final double[][] turningMoment;
    private final int[][] members;
    private final double[] flow;

    /** Angle of each strip from its zero lift, with all that the others do [rad]. */
    final double[] angle;

    /** What flaps and turning add to the moment coefficient of each [-]. */
    final double[] moment;

    Interplay(Setup setup, List<Strip> strips, ModelError error) {
        int count = strips.size();
        int outputs = setup.controls().outputs().size();
        boolean tailless = setup.airframe().tail() instanceof Tail.None;
        boolean[] tail = new boolean[count];
        for (int i = 0; i < count; i++) {
            tail[i] = !tailless && !strips.get(i).isWing();
        }
        members = new int[][] {
            IntStream.range(0, count).filter(i -> !tail[i]).toArray(),
            IntStream.range(0, count).filter(i -> tail[i]).toArray()
        };
        Influence influence = Influence.of(strips, tail, outputs);
        centred = new double[count];
        mutual = new double[count][count];
        byOutput = new double[count][outputs];
        momentByOutput = new double[count][outputs];
        turning = new double[count][2];
        turningMoment = new double[count][2];
        flow = new double[count];
        angle = new double[count];
        moment = new double[count];
        for (int i = 0; i < count; i++) {
            double slope = strips.get(i).slope();
            centred[i] = influence.centres()[i] * error.lift() * slope;
            for (int j = 0; j < count; j++) {
                mutual[j][i] = influence.strips()[i][j] / slope - (i == j ? 1 : 0);
            }
            // over the cosine, for the flow across the strip is slower than that along the aircraft
            double part = error.control() / strips.get(i).chordward()[0];
            for (int k = 0; k < outputs; k++) {
                byOutput[i][k] = part * influence.outputs()[i][k] / slope;
                momentByOutput[i][k] = part * influence.outputMoments()[i][k];
            }
            for (int k = 0; k < 2; k++) {
                turning[i][k] = influence.turning()[i][k] / slope;
                turningMoment[i][k] = influence.turningMoments()[i][k];
            }
        }
    }

    /** The strips of the wing, 0, or of the tail, 1. */
    int[] members(int group) {
        return members[group];
    }

    /**
     * Fills {@link #angle} and {@link #moment} of one group.
     *
     * @param own angle of each strip for itself [rad]
     * @param speeds of the flow across each [m/s], above 0
     * @param q pitch rate [rad/s]
     * @param r yaw rate [rad/s]
     * @param flaps deflections of the outputs [rad]
     */
    void follow(int group, double[] own, double[] speeds, double q, double r, double[] flaps) {
        for (int i : members[group]) {
            flow[i] = 0;
        }
        for (int j : members[group]) {
            double against = speeds[j] * limited(own[j]);
            double[] column = mutual[j];
            for (int i : members[group]) {
                flow[i] += column[i] * against;
            }
        }
        for (int i : members[group]) {
            double inverse = 1 / speeds[i];
            double plain = own[i] + limited(flow[i] * inverse);
            angle[i] = plain + inverse * (turning[i][0] * q + turning[i][1] * r);
            moment[i] = centred[i] * plain + inverse * (turningMoment[i][0] * q + turningMoment[i][1] * r);
            for (int k = 0; k < flaps.length; k++) {
                angle[i] += byOutput[i][k] * flaps[k];
                moment[i] += momentByOutput[i][k] * flaps[k];
            }
        }
    }

    private static double limited(double angle) {
        return Math.max(-LIMIT, Math.min(LIMIT, angle));
    }
}
