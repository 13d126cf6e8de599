package app.drachen.core.aerodynamics;

import app.drachen.core.aerodynamics.Strips.Strip;
import java.util.List;

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

    /** What outputs add, and pitch and yaw rate times the speed, above the flow at three quarters of the chord: by columns. */
    private final double[][] byOutput;

    private final double[][] momentByOutput;
    private final double[][] turning;
    private final double[][] turningMoment;

    /** The strips of the wing come first, those of the tail from here on. */
    private final int tailFrom;

    private final double[] flow;
    private final double[] inverse;

    /** Angle of each strip from its zero lift, with all that the others do [rad]. */
    final double[] angle;

    /** What flaps and turning add to the moment coefficient of each [-]. */
    final double[] moment;

    Interplay(Strips.Cut cut, int outputs, ModelError error) {
        int count = cut.strips().size();
        tailFrom = cut.tailFrom();
        inverse = new double[count];
        centred = new double[count];
        mutual = new double[count][count];
        byOutput = new double[outputs][count];
        momentByOutput = new double[outputs][count];
        turning = new double[2][count];
        turningMoment = new double[2][count];
        flow = new double[count];
        angle = new double[count];
        moment = new double[count];
        for (int group = 0; group < 2; group++) {
            if (from(group) < from(group + 1)) {
                know(cut.strips().subList(from(group), from(group + 1)), from(group), outputs, error);
            }
        }
    }

    /** Takes in what the strips of a group do, the first of which has a number. */
    private void know(List<Strip> strips, int first, int outputs, ModelError error) {
        Influence influence = Influence.of(strips, outputs);
        for (int row = 0; row < strips.size(); row++) {
            int i = first + row;
            double slope = strips.get(row).slope();
            centred[i] = influence.centres()[row] * error.lift() * slope;
            for (int column = 0; column < strips.size(); column++) {
                mutual[first + column][i] = influence.strips()[row][column] / slope - (row == column ? 1 : 0);
            }
            // over the cosine, for the flow across the strip is slower than that along the aircraft
            double part = error.control() / strips.get(row).chordward()[0];
            for (int k = 0; k < outputs; k++) {
                byOutput[k][i] = part * influence.outputs()[row][k] / slope;
                momentByOutput[k][i] = part * influence.outputMoments()[row][k];
            }
            for (int k = 0; k < 2; k++) {
                turning[k][i] = influence.turning()[row][k] / slope;
                turningMoment[k][i] = influence.turningMoments()[row][k];
            }
        }
    }

    /**
     * Where the strips of the wing, group 0, or of the tail, group 1, begin.
     *
     * @param group 0 or 1; 2 for the end
     */
    int from(int group) {
        return group == 0 ? 0 : group == 1 ? tailFrom : flow.length;
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
        int from = from(group);
        int to = from(group + 1);
        for (int i = from; i < to; i++) {
            flow[i] = 0;
            inverse[i] = 1 / speeds[i];
        }
        for (int j = from; j < to; j++) {
            add(flow, mutual[j], speeds[j] * limited(own[j]), from, to);
        }
        for (int i = from; i < to; i++) {
            double plain = own[i] + limited(flow[i] * inverse[i]);
            angle[i] = plain + inverse[i] * (turning[0][i] * q + turning[1][i] * r);
            moment[i] = centred[i] * plain + inverse[i] * (turningMoment[0][i] * q + turningMoment[1][i] * r);
        }
        for (int k = 0; k < flaps.length; k++) {
            if (flaps[k] != 0) {
                add(angle, byOutput[k], flaps[k], from, to);
                add(moment, momentByOutput[k], flaps[k], from, to);
            }
        }
    }

    /** Adds so many times a column. */
    private static void add(double[] sum, double[] column, double times, int from, int to) {
        for (int i = from; i < to; i++) {
            sum[i] += times * column[i];
        }
    }

    private static double limited(double angle) {
        return Math.max(-LIMIT, Math.min(LIMIT, angle));
    }
}
