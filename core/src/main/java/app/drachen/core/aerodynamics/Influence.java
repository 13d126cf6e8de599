package app.drachen.core.aerodynamics;

import app.drachen.core.aerodynamics.Strips.Strip;
import app.drachen.core.math.Factored;
import app.drachen.core.math.Memory;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;

/**
 * What the strips of a surface do to each other by the vortices that they shed: the lift coefficient of each for a unit of flow
 * against each and for a unit of every output, from the horseshoe vortices of {@link Lattice} laid over the strips. Wing and tail
 * are asked each for itself (fins without a tail stand on the wing and belong to it); the wing's downwash over a tail is the
 * model's.
 *
 * <p>Source: that of {@link Lattice}.
 *
 * <p>Coefficients are those of a strip times the flow along it, at right angles to its quarter-chord line: of lift, and of the moment
 * about its quarter chord over its chord.
 *
 * @param strips row i, column j: lift of strip i for a flow of 1 against strip j, alike along the chord [-]
 * @param centres how far ahead of its quarter chord the lift of a strip acts when all turn alike, as a share of its chord [-]
 * @param outputs row i, column k: lift of strip i for a unit of output k at a speed of 1 [-]
 * @param outputMoments moment likewise [-]
 * @param turning row i: lift of strip i for the aircraft's turning in pitch and in yaw, above what the flow at three quarters of its
 *     chord gives [m]
 * @param turningMoments moment likewise [m]
 */
record Influence(
        double[][] strips,
        double[] centres,
        double[][] outputs,
        double[][] outputMoments,
        double[][] turning,
        double[][] turningMoments) {
    private Influence(int strips, int outputs) {
        this(
                new double[strips][strips],
                new double[strips],
                new double[strips][outputs],
                new double[strips][outputs],
                new double[strips][2],
                new double[strips][2]);
    }

    private static final int ACROSS = 2;
    private static final int ALONG = 4;

    /** How far a tip vortex lies inside the tip, as a share of its piece (G. R. Hough, NASA SP-405, 1976). */
    private static final double INSET = 0.25;

    /** Strips by what shapes their vortices: numbers of their places and flaps. */
    private record Key(List<Double> numbers, List<Strip> strips, int outputs) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Key key && numbers.equals(key.numbers);
        }

        @Override
        public int hashCode() {
            return numbers.hashCode();
        }
    }

    private static final Memory<Key, Influence> MEMORY =
            new Memory<>(32, key -> new Vortices(key.strips).solved(key.outputs));

    /**
     * Of strips that feel each other.
     *
     * @param strips of a wing, or of a tail; at least one
     * @param outputs how many outputs there are
     */
    static Influence of(List<Strip> strips, int outputs) {
        List<Double> key = new ArrayList<>(List.of((double) outputs));
        for (Strip strip : strips) {
            for (double[] values : List.of(strip.inner(), strip.outer(), strip.normal())) {
                Arrays.stream(values).forEach(key::add);
            }
            key.addAll(List.of((double) strip.output(), strip.flapRatio(), strip.covered()));
        }
        return MEMORY.of(new Key(key, strips, outputs));
    }

    /** The vortices over one group. */
    private static final class Vortices {
        private final List<Strip> strips;
        private final Horseshoes vortices = new Horseshoes();
        private final List<double[]> control = new ArrayList<>();
        private final List<Integer> owner = new ArrayList<>();

        /** Where along its strip the piece lies, as a share. */
        private final List<Double> place = new ArrayList<>();

        /** What a unit of deflection turns the piece by, along the flow. */
        private final List<Double> turned = new ArrayList<>();

        Vortices(List<Strip> strips) {
            this.strips = strips;
            for (int i = 0; i < strips.size(); i++) {
                lay(i, strips.get(i));
            }
        }

        private void lay(int number, Strip strip) {
            double[] cuts = Lattice.chordwise(ALONG, strip.flapRatio());
            double[] from = point(strip, 0, 1 - strip.flapRatio());
            double[] to = point(strip, 1, 1 - strip.flapRatio());
            double hinge = Lattice.flapScale(cuts, strip.flapRatio())
                    * Math.cos(Math.atan2(to[0] - from[0], Math.hypot(to[1] - from[1], to[2] - from[2])));
            for (int k = 0; k < ACROSS; k++) {
                double inside = (double) k / ACROSS;
                boolean last = k + 1 == ACROSS && strip.tip();
                double outside = (k + 1 - (last ? INSET : 0)) / ACROSS;
                for (int c = 0; c + 1 < cuts.length; c++) {
                    double quarter = 0.75 * cuts[c] + 0.25 * cuts[c + 1];
                    double three = 0.25 * cuts[c] + 0.75 * cuts[c + 1];
                    double[] inner = point(strip, inside, quarter);
                    double[] outer = point(strip, outside, quarter);
                    double turn =
                            -strip.normal()[2] * (outer[1] - inner[1]) - strip.normal()[1] * (outer[2] - inner[2]);
                    vortices.add(turn > 0 ? inner : outer, turn > 0 ? outer : inner);
                    control.add(point(strip, (inside + outside) / 2, three));
                    owner.add(number);
                    place.add((inside + outside) / 2);
                    turned.add(strip.output() >= 0 && three > 1 - strip.flapRatio() ? strip.covered() * hinge : 0);
                }
            }
        }

        private static double[] point(Strip strip, double share, double chordShare) {
            double[] at = new double[4];
            for (int i = 0; i < 4; i++) {
                at[i] = strip.inner()[i] + share * (strip.outer()[i] - strip.inner()[i]);
            }
            return new double[] {at[0] + chordShare * at[3], at[1], at[2]};
        }

        Influence solved(int outputs) {
            int n = control.size();
            double[][] matrix = new double[n][n];
            double[] v = new double[3];
            for (int i = 0; i < n; i++) {
                double[] normal = strips.get(owner.get(i)).normal();
                double[] place = control.get(i);
                for (int j = 0; j < n; j++) {
                    vortices.velocity(place, j, 0, v, 0);
                    matrix[i][j] = v[1] * normal[1] - v[2] * normal[2];
                }
            }
            Factored solver = Lattice.solver(matrix);
            int m = strips.size();
            Influence answer = new Influence(m, outputs);
            double[][] moments = new double[m][m];
            for (int j = 0; j < m; j++) {
                int strip = j;
                answer(solver, i -> owner.get(i) == strip ? 1 : 0, answer.strips, moments, j);
            }
            for (int i = 0; i < m; i++) {
                double lift = 0;
                double moment = 0;
                for (int j = 0; j < m; j++) {
                    double alike = Math.max(0, alike(strips.get(i), strips.get(j)));
                    lift += alike * answer.strips[i][j];
                    moment += alike * moments[i][j];
                }
                answer.centres[i] = moment / lift;
            }
            for (int k = 0; k < outputs; k++) {
                int output = k;
                answer(
                        solver,
                        i -> strips.get(owner.get(i)).output() == output ? turned.get(i) : 0,
                        answer.outputs,
                        answer.outputMoments,
                        k);
            }
            for (int axis = 0; axis < 2; axis++) {
                int about = axis;
                answer(solver, i -> turning(i, about), answer.turning, answer.turningMoments, axis);
            }
            return answer;
        }

        private static double alike(Strip a, Strip b) {
            return a.normal()[1] * b.normal()[1] + a.normal()[2] * b.normal()[2];
        }

        /** Flow against a piece for a unit of pitch or yaw rate, above that at three quarters of its strip's chord. */
        private double turning(int i, int axis) {
            Strip strip = strips.get(owner.get(i));
            double behind = control.get(i)[0] - quarter(i) - chord(i) / 2;
            return behind * (axis == 0 ? -strip.normal()[2] : strip.normal()[1]);
        }

        /** Chord of a strip at the middle of a piece. */
        private double chord(int i) {
            Strip strip = strips.get(owner.get(i));
            return strip.inner()[3] + place.get(i) * (strip.outer()[3] - strip.inner()[3]);
        }

        private double quarter(int i) {
            return point(strips.get(owner.get(i)), place.get(i), 0.25)[0];
        }

        private void answer(Factored solver, IntToDoubleFunction flow, double[][] lift, double[][] moment, int column) {
            double[] against = IntStream.range(0, owner.size())
                    .mapToDouble(i -> -flow.applyAsDouble(i))
                    .toArray();
            double[] circulation = solver.solve(against);
            for (int i = 0; i < circulation.length; i++) {
                Strip strip = strips.get(owner.get(i));
                double part = 2 * circulation[i] * vortices.width(i) / (strip.area() * strip.chordward()[0]);
                lift[owner.get(i)][column] += part;
                moment[owner.get(i)][column] -= part * (vortices.middle(i)[0] - quarter(i)) / strip.chord();
            }
        }
    }
}
