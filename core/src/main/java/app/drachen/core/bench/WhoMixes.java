package app.drachen.core.bench;

import app.drachen.core.bench.BenchCard.Said;
import app.drachen.core.controls.Output;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Who mixes (THROWS-A4): the matrix that was read against the wanted one, against that one twice over, and against one in which nobody
 * mixes; the nearest by the Frobenius norm is meant.
 *
 * <p>Source: linear algebra.
 */
final class WhoMixes {
    /** Distance from the wanted matrix, as a share of its own norm, up to which it is the wanted one; a default of judgement [-]. */
    private static final double NEAR = 0.25;

    private WhoMixes() {}

    static Said said(Setup setup, Map<Output, double[]> read) {
        List<Output> outputs = new ArrayList<>(read.keySet());
        double[][] found = outputs.stream().map(read::get).toArray(double[][]::new);
        double[][] wanted = outputs.stream()
                .map(o -> new double[] {o.mix().roll(), o.mix().pitch(), o.mix().yaw()})
                .toArray(double[][]::new);
        double size = norm(wanted);
        double off = distance(found, wanted) / size;
        List<Working> workings = List.of(Working.of(
                "THROWS-A4",
                "Distance from the wanted mix",
                off,
                Quantity.SHARE,
                "‖read − wanted‖/‖wanted‖, Frobenius",
                Source.ARITHMETIC,
                Working.in("norm of the wanted mix", size, Quantity.NUMBER_FINE)));
        if (off <= NEAR) {
            return new Said("who mixes", true, "The sticks reach the surfaces as the mixer says", workings);
        }
        double twice = pairs(outputs, wanted, found, true);
        double none = pairs(outputs, wanted, found, false);
        if (Math.min(twice, none) < off / 2) {
            return new Said(
                    "who mixes",
                    false,
                    twice <= none
                            ? "Mixed twice, by radio and board: each stick moves one surface of the pair only. Make the radio plain;"
                                    + " let the board mix."
                            : "Nobody mixes the pair: each surface follows a stick of its own. Apply the preset.",
                    workings);
        }
        return new Said(
                "who mixes",
                false,
                "Sticks reach the surfaces otherwise than the mixer says (" + Quantity.SHARE.text(off)
                        + " off), and not by mixing twice or not at all: look at order, ends, senses and shares.",
                workings);
    }

    /** Least distance to a matrix in which one pair is mixed twice, or not mixed. */
    private static double pairs(List<Output> outputs, double[][] wanted, double[][] found, boolean twice) {
        double least = Double.POSITIVE_INFINITY;
        for (int a = 0; a < outputs.size(); a++) {
            for (int b = a + 1; b < outputs.size(); b++) {
                for (int[] columns : new int[][] {{0, 1}, {2, 1}, {0, 2}}) {
                    int p = columns[0];
                    int q = columns[1];
                    boolean shared = wanted[a][p] != 0 && wanted[a][q] != 0 && wanted[b][p] != 0 && wanted[b][q] != 0;
                    if (shared) {
                        double[][] other = copy(wanted);
                        if (twice) {
                            // what the radio has mixed arrives as the two commands, and is mixed once more
                            double[][] k = {{wanted[a][p], wanted[a][q]}, {wanted[b][p], wanted[b][q]}};
                            for (int i = 0; i < 2; i++) {
                                int row = i == 0 ? a : b;
                                other[row][p] = k[i][0] * 0.5 + k[i][1] * -0.5;
                                other[row][q] = k[i][0] * -0.5 + k[i][1] * -0.5;
                            }
                        } else {
                            other[a][p] = Math.signum(wanted[a][p]);
                            other[a][q] = 0;
                            other[b][p] = 0;
                            other[b][q] = Math.signum(wanted[b][q]);
                        }
                        least = Math.min(least, distance(found, other) / norm(wanted));
                    }
                }
            }
        }
        return least;
    }

    private static double[][] copy(double[][] of) {
        return java.util.Arrays.stream(of).map(double[]::clone).toArray(double[][]::new);
    }

    private static double norm(double[][] of) {
        return distance(of, new double[of.length][3]);
    }

    private static double distance(double[][] one, double[][] other) {
        double sum = 0;
        for (int i = 0; i < one.length; i++) {
            for (int k = 0; k < 3; k++) {
                sum += Math.pow(one[i][k] - other[i][k], 2);
            }
        }
        return Math.sqrt(sum);
    }
}
