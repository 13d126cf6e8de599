package app.drachen.core.aerodynamics;

import app.drachen.core.aerodynamics.Strips.Strip;
import app.drachen.core.math.Columns;
import java.util.Arrays;
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

    /** What outputs add, and pitch and yaw rate times the speed, above the flow at three quarters of the chord: by columns. */
    private final double[][] byOutput;

    private final double[][] momentByOutput;
    private final double[][] turning;
    private final double[][] turningMoment;

    /** The strips of the wing come first, those of the tail from here on. */
    private final int tailFrom;

    /** The outputs that do something, and how far they are out. */
    private final int[] acting;

    private final double[] out;

    private final double[] flow;
    private final double[] shed;
    private final double[] inverse;

    /** What flaps add to angle and moment, and what turning does at a speed of 1. */
    private final double[] flapAngle;

    private final double[] flapMoment;
    private final double[] turnAngle;
    private final double[] turnMoment;

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
        shed = new double[count];
        flapAngle = new double[count];
        flapMoment = new double[count];
        turnAngle = new double[count];
        turnMoment = new double[count];
        angle = new double[count];
        moment = new double[count];
        for (int group = 0; group < 2; group++) {
            if (from(group) < from(group + 1)) {
                know(cut.strips().subList(from(group), from(group + 1)), from(group), outputs, error);
            }
        }
        acting = IntStream.range(0, outputs)
                .filter(k -> acts(byOutput[k]) || acts(momentByOutput[k]))
                .toArray();
        out = new double[acting.length];
        // from here on the columns are those of the acting outputs, in their order
        for (int n = 0; n < acting.length; n++) {
            byOutput[n] = byOutput[acting[n]];
            momentByOutput[n] = momentByOutput[acting[n]];
        }
    }

    private static boolean acts(double[] column) {
        return Arrays.stream(column).anyMatch(x -> x != 0);
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
     * Takes in what all strips have in common, before {@link #follow}. Short loops, which a compiler makes parallel.
     *
     * @param q pitch rate [rad/s]
     * @param r yaw rate [rad/s]
     * @param flaps deflections of the outputs [rad]
     */
    void prepare(double q, double r, double[] flaps) {
        for (int n = 0; n < acting.length; n++) {
            out[n] = flaps[acting[n]];
        }
        int count = flow.length;
        two(turnAngle, turning[0], q, turning[1], r);
        two(turnMoment, turningMoment[0], q, turningMoment[1], r);
        Arrays.fill(flapAngle, 0);
        Arrays.fill(flapMoment, 0);
        Columns.add(flapAngle, byOutput, 0, out, acting.length, 0, count);
        Columns.add(flapMoment, momentByOutput, 0, out, acting.length, 0, count);
    }

    private static void two(double[] sum, double[] a, double timesA, double[] b, double timesB) {
        for (int i = 0; i < sum.length; i++) {
            sum[i] = timesA * a[i] + timesB * b[i];
        }
    }

    /**
     * Fills {@link #angle} and {@link #moment} of one group, or of both.
     *
     * @param first group
     * @param end behind the last group
     * @param own angle of each strip for itself [rad]
     * @param speeds of the flow across each [m/s], above 0
     */
    void follow(int first, int end, double[] own, double[] speeds) {
        int from = from(first);
        int to = from(end);
        shed(shed, own, speeds, from, to);
        for (int i = from; i < to; i++) {
            inverse[i] = 1 / speeds[i];
            flow[i] = 0;
        }
        for (int group = first; group < end; group++) {
            int begin = from(group);
            int behind = from(group + 1);
            Columns.add(flow, mutual, begin, shed, behind - begin, begin, behind);
        }
        angle(angle, own, flow, inverse, from, to);
        sum(moment, centred, angle, flapMoment, turnMoment, inverse, from, to);
        for (int i = from; i < to; i++) {
            angle[i] += flapAngle[i] + inverse[i] * turnAngle[i];
        }
    }

    private static void shed(double[] shed, double[] own, double[] speeds, int from, int to) {
        for (int i = from; i < to; i++) {
            shed[i] = speeds[i] * Math.max(-LIMIT, Math.min(LIMIT, own[i]));
        }
    }

    private static void angle(double[] angle, double[] own, double[] flow, double[] inverse, int from, int to) {
        for (int i = from; i < to; i++) {
            angle[i] = own[i] + Math.max(-LIMIT, Math.min(LIMIT, flow[i] * inverse[i]));
        }
    }

    private static void sum(
            double[] sum, double[] by, double[] x, double[] more, double[] turn, double[] inverse, int from, int to) {
        for (int i = from; i < to; i++) {
            sum[i] = more[i] + by[i] * x[i] + inverse[i] * turn[i];
        }
    }
}
