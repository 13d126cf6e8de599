package app.drachen.core.debrief;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.Statistics;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Span;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.Stream;

/**
 * Trim needed, from straight and level stretches at cruise: the mean pulse of each output there is
 * the centre that would hold the aircraft with the sticks let go, and the least-squares commands
 * behind those pulses are the trim per axis.
 *
 * <p>Source: definition (TUNE-A9, THROWS-A8); windows with |φ| under 9° (4° on average), |ḣ| under
 * 1.6 m/s (0.5 m/s on average) and the airspeed near cruise for 3 s or more, common practice. What power is mixed into an
 * output is taken off. The spread is twice the standard error of the means of pieces of 3 s and more, own estimate.
 *
 * @param roll standing roll command, right positive; NaN if no output in the log moves it [-]
 * @param pitch standing pitch command, nose up positive; NaN likewise [-]
 * @param yaw standing yaw command, nose right positive; NaN likewise [-]
 * @param rollSpread half width of its band [-], not negative
 * @param pitchSpread half width of its band [-], not negative
 * @param seconds total length of the windows [s]
 * @param windows number of windows
 * @param span from the first to the last of them
 * @param centres new centre of each surface output
 */
public record TrimNeeded(
        double roll,
        double pitch,
        double yaw,
        double rollSpread,
        double pitchSpread,
        double seconds,
        int windows,
        Span span,
        List<Centre> centres) {
    private static final double BANK = Math.toRadians(9);
    private static final double CLIMB = 1.6;
    private static final double MEAN_BANK = Math.toRadians(4);
    private static final double MEAN_CLIMB = 0.5;
    private static final double SPEED = 0.12;
    private static final double LEAST = 3;

    /** Centres are moved for no less than this [s], and for one window no less than twice as long. */
    private static final double ENOUGH = 10;

    /** Beyond these the elevator holds what the CG should: nose down, nose up; a tailless wing is trimmed up by a tenth [-]. */
    private static final double TAIL_HEAVY = -0.05;

    private static final double NOSE_HEAVY = 0.15;

    public TrimNeeded {
        centres = List.copyOf(centres);
    }

    /**
     * A centre as it is and as it should be.
     *
     * @param output the output
     * @param meanMicros mean pulse over the windows [µs]
     */
    public record Centre(Output output, double meanMicros) {}

    /**
     * Looks for the trim; empty if the log has no fit stretch or no output columns.
     *
     * @param cruiseSpeed [m/s]
     */
    public static Optional<TrimNeeded> of(FlightLog log, ControlSetup controls, double cruiseSpeed) {
        List<Output> outputs = controls.surfaces().stream()
                .filter(o -> LogColumn.output(o.channel()).filter(log::has).isPresent())
                .toList();
        if (outputs.isEmpty()) {
            return Optional.empty();
        }
        List<double[]> commands = new ArrayList<>();
        double[] sums = new double[outputs.size()];
        double seconds = 0;
        List<int[]> windows = windows(log, cruiseSpeed);
        for (int[] window : windows) {
            double begin = log.time(window[0]);
            double length = log.time(window[1] - 1) - begin;
            int pieces = Math.max(1, (int) (length / LEAST));
            for (int piece = 0; piece < pieces; piece++) {
                int from = piece == 0 ? window[0] : log.rowAt(begin + piece * length / pieces);
                int to = piece == pieces - 1 ? window[1] : log.rowAt(begin + (piece + 1) * length / pieces);
                double[] means = means(log, outputs, from, to);
                for (int i = 0; i < means.length; i++) {
                    sums[i] += means[i] * length / pieces;
                }
                double[] command = commands(outputs, means);
                commands.add(new double[] {command[0], command[1], command[2], length / pieces});
            }
            seconds += length;
        }
        if (commands.isEmpty()) {
            return Optional.empty();
        }
        List<Centre> centres = new ArrayList<>();
        for (int i = 0; i < sums.length; i++) {
            centres.add(new Centre(outputs.get(i), sums[i] / seconds));
        }
        return Optional.of(new TrimNeeded(
                moves(outputs, Axis.ROLL) ? weighted(commands, 0, seconds) : Double.NaN,
                moves(outputs, Axis.PITCH) ? weighted(commands, 1, seconds) : Double.NaN,
                moves(outputs, Axis.YAW) ? weighted(commands, 2, seconds) : Double.NaN,
                spread(commands, 0),
                spread(commands, 1),
                seconds,
                windows.size(),
                new Span(log.time(windows.get(0)[0]), log.time(windows.get(windows.size() - 1)[1] - 1)),
                centres));
    }

    private static boolean moves(List<Output> outputs, Axis axis) {
        return outputs.stream().anyMatch(o -> Math.abs(o.mix().share(axis)) > 0.05);
    }

    /** The axes that were measured. */
    public List<Axis> measured() {
        return Stream.of(Axis.ROLL, Axis.PITCH)
                .filter(a -> !Double.isNaN(of(a)))
                .toList();
    }

    /** Mean pulses of the outputs, without what power mixes in [µs]. */
    static double[] means(FlightLog log, List<Output> outputs, int from, int to) {
        double power = log.mean(LogColumn.POWER, from, to);
        double[] means = new double[outputs.size()];
        for (int i = 0; i < means.length; i++) {
            Output output = outputs.get(i);
            LogColumn column = LogColumn.output(output.channel()).orElseThrow();
            double mixed = output.mix().power() * power * (output.reversed() ? -1 : 1) * Output.FULL_COMMAND_MICROS;
            means[i] = log.mean(column, from, to) - mixed;
        }
        return means;
    }

    /** Whether it was measured for long enough to act upon. */
    public boolean enough() {
        return seconds >= ENOUGH && (windows > 1 || seconds >= 2 * ENOUGH);
    }

    /** Why the centres are better not moved for this, if so. */
    public Optional<String> notYet() {
        if (pitch < TAIL_HEAVY || pitch > NOSE_HEAVY) {
            return Optional.of("A standing elevator of " + Quantity.SHARE_FINE.text(pitch)
                    + " is no matter of centres: weigh it first; "
                    + (pitch < 0
                            ? "it may be tail-heavy, which is dangerous, or its tail or thrust line set wrong."
                            : "it may be nose-heavy, or its tail or thrust line set wrong."));
        }
        return enough()
                ? Optional.empty()
                : Optional.of("Only " + Quantity.TIME.text(seconds) + " of straight flight in " + windows
                        + (windows == 1 ? " window" : " windows")
                        + ": too little to move a centre for. Fly two straight passes of 10 s, there and back.");
    }

    /** Why a log shows no trim: the first thing that no stretch of 3 s in it has. */
    static String missing(FlightLog log, ControlSetup controls, double cruiseSpeed) {
        boolean outputs = controls.surfaces().stream()
                .anyMatch(o -> LogColumn.output(o.channel()).filter(log::has).isPresent());
        if (!outputs) {
            return "The log has no pulses of the outputs that move surfaces.";
        }
        for (LogColumn column :
                List.of(LogColumn.MODE, LogColumn.ROLL, LogColumn.CLIMB, LogColumn.AIRSPEED, LogColumn.POWER)) {
            if (!log.has(column)) {
                return "It needs the " + column.meaning().toLowerCase(Locale.ROOT) + " in the log.";
            }
        }
        List<Map.Entry<String, IntPredicate>> asked = List.of(
                Map.entry("Manual or Level was not flown for 3 s.", row -> mode(log, row)),
                Map.entry(
                        "In Manual and Level the wings were never level within 9° for 3 s.", row -> straight(log, row)),
                Map.entry("Straight in Manual or Level, it climbed or sank all the time.", row -> level(log, row)),
                Map.entry(
                        "Straight and level in Manual or Level, it was never near its cruise speed of "
                                + Quantity.SPEED.text(cruiseSpeed) + " for 3 s.",
                        row -> cruising(log, row, cruiseSpeed)),
                Map.entry("Straight and level at cruise speed, the power was off.", row -> powered(log, row)));
        IntPredicate all = row -> true;
        for (Map.Entry<String, IntPredicate> one : asked) {
            all = all.and(one.getValue());
            IntPredicate now = all;
            boolean some = !Stretches.of(
                            log, 0, log.rows(), LEAST, row -> now.test(row) ? Stretches.HOLDS : Stretches.NOT)
                    .isEmpty();
            if (!some) {
                return one.getKey();
            }
        }
        return "On average the straight stretches banked over 4° or climbed over 0.5 m/s.";
    }

    /** Stretches fit for trimming, in Manual or Level, as pairs of rows. */
    private static List<int[]> windows(FlightLog log, double cruiseSpeed) {
        List<int[]> windows = new ArrayList<>();
        int from = -1;
        for (int row = 0; row <= log.rows(); row++) {
            boolean fit = row < log.rows() && fit(log, row, cruiseSpeed);
            if (fit && from < 0) {
                from = row;
            } else if (!fit && from >= 0) {
                boolean steady = Math.abs(log.mean(LogColumn.ROLL, from, row)) < MEAN_BANK
                        && Math.abs(log.mean(LogColumn.CLIMB, from, row)) < MEAN_CLIMB;
                if (log.time(row - 1) - log.time(from) >= LEAST && steady) {
                    windows.add(new int[] {from, row});
                }
                from = -1;
            }
        }
        return windows;
    }

    private static boolean fit(FlightLog log, int row, double cruiseSpeed) {
        return mode(log, row)
                && straight(log, row)
                && level(log, row)
                && cruising(log, row, cruiseSpeed)
                && powered(log, row);
    }

    private static boolean mode(FlightLog log, int row) {
        double mode = log.value(LogColumn.MODE, row);
        return mode == 0 || mode == 2;
    }

    private static boolean straight(FlightLog log, int row) {
        return Math.abs(log.value(LogColumn.ROLL, row)) < BANK;
    }

    private static boolean level(FlightLog log, int row) {
        return Math.abs(log.value(LogColumn.CLIMB, row)) < CLIMB;
    }

    private static boolean cruising(FlightLog log, int row, double cruiseSpeed) {
        return Math.abs(log.value(LogColumn.AIRSPEED, row) - cruiseSpeed) < SPEED * cruiseSpeed + 0.6;
    }

    private static boolean powered(FlightLog log, int row) {
        return log.value(LogColumn.POWER, row) > 0.1;
    }

    /** Least-squares commands behind the pulses, a little regularised so that unused axes are 0. */
    static double[] commands(List<Output> outputs, double[] pulses) {
        double[][] a = new double[3][4];
        for (int i = 0; i < outputs.size(); i++) {
            Output o = outputs.get(i);
            double[] row = {o.mix().roll(), o.mix().pitch(), o.mix().yaw()};
            double mixed = (o.reversed() ? -1 : 1) * (pulses[i] - o.centreMicros()) / Output.FULL_COMMAND_MICROS;
            for (int j = 0; j < 3; j++) {
                for (int k = 0; k < 3; k++) {
                    a[j][k] += row[j] * row[k];
                }
                a[j][3] += row[j] * mixed;
            }
        }
        for (int j = 0; j < 3; j++) {
            a[j][j] += 1e-9;
        }
        return eliminate(a);
    }

    private static double[] eliminate(double[][] a) {
        for (int j = 0; j < 3; j++) {
            for (int i = j + 1; i < 3; i++) {
                double factor = a[i][j] / a[j][j];
                for (int k = j; k < 4; k++) {
                    a[i][k] -= factor * a[j][k];
                }
            }
        }
        double[] x = new double[3];
        for (int j = 2; j >= 0; j--) {
            double sum = a[j][3];
            for (int k = j + 1; k < 3; k++) {
                sum -= a[j][k] * x[k];
            }
            x[j] = sum / a[j][j];
        }
        return x;
    }

    private static double weighted(List<double[]> commands, int axis, double seconds) {
        return commands.stream().mapToDouble(c -> c[axis] * c[3]).sum() / seconds;
    }

    private static double spread(List<double[]> commands, int axis) {
        double[] values = commands.stream().mapToDouble(c -> c[axis]).toArray();
        double deviation = Statistics.deviation(values, 0, values.length);
        return Double.isNaN(deviation) ? 0.02 : 2 * deviation / Math.sqrt(values.length);
    }

    /**
     * Trim of an axis.
     *
     * @return [-]
     */
    public double of(Axis axis) {
        return switch (axis) {
            case ROLL -> roll;
            case PITCH -> pitch;
            case YAW -> yaw;
            case POWER -> 0;
        };
    }

    /** The controls with the trim carried into the centres and the radio trims zeroed. */
    public ControlSetup accepted(ControlSetup controls) {
        ControlSetup changed = controls.withTrims(RadioTrims.NONE);
        for (Centre centre : centres) {
            double rounded = Math.rint(centre.meanMicros());
            changed = changed.change(centre.output().surface(), o -> o.withCentre(rounded));
        }
        return changed;
    }

    /** The trim of roll or pitch as a working. */
    public Working working(Axis axis) {
        double spread = axis == Axis.ROLL ? rollSpread : pitchSpread;
        List<Working.Input> inputs = new ArrayList<>();
        inputs.add(Working.in("straight and level at cruise", seconds, Quantity.TIME));
        inputs.add(Working.in("windows", windows, Quantity.COUNT));
        for (Centre centre : centres) {
            String name = centre.output().surface().label();
            inputs.add(Working.in(name + ", centre now", centre.output().centreMicros(), Quantity.PULSE));
            inputs.add(Working.in(name + ", mean pulse", centre.meanMicros(), Quantity.PULSE));
        }
        String name = axis == Axis.ROLL ? "Roll trim needed" : "Pitch trim needed";
        return new Working(
                        "THROWS-A8",
                        name,
                        of(axis),
                        Quantity.SHARE_FINE,
                        Optional.empty(),
                        "least squares of (mean pulse − centre)/500 µs on the mixer's shares",
                        inputs,
                        Source.COMMON_PRACTICE)
                .within(of(axis) - spread, of(axis) + spread);
    }
}
