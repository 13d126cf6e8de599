package app.drachen.core.debrief;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.Output;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Span;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Pitch that cruise speed needs at two powers (THROWS-A11): the standing pitch command in straight and level flight under power, and in
 * a straight glide at the same speed, each for 4 s or more, the first 3 s of a glide left out.
 *
 * <p>Source: common practice; lengths and bounds are those of {@link TrimNeeded}. What the mixer's rows add by power is taken off; what an
 * extra mix adds is left in, so that the difference is all that is needed, with the mix and without.
 *
 * @param cruisePower mean power of the stretches under power [-], 0.1 to 1
 * @param cruiseTrim pitch command there, nose up positive [-]
 * @param idlePower mean power of the glides [-], 0 to 0.05
 * @param idleTrim pitch command there, nose up positive [-]
 * @param cruiseSeconds length of the stretches under power [s]
 * @param idleSeconds length of the glides [s]
 */
public record PowerTrim(
        double cruisePower,
        double cruiseTrim,
        double idlePower,
        double idleTrim,
        double cruiseSeconds,
        double idleSeconds) {
    private static final double BANK = Math.toRadians(9);
    private static final double SPEED = 0.12;
    private static final double LEAST = 4;
    private static final double SETTLING = 3;
    private static final double IDLE = 0.05;

    /** Names of the values that a proof keeps. */
    public static final String NEEDED = "needed";

    private static final String POWER = "cruisePower";

    /**
     * Looks for it; empty where a log has no stretch of one kind, or no output that pitches.
     *
     * @param cruiseSpeed [m/s]
     */
    public static Optional<PowerTrim> of(FlightLog log, ControlSetup controls, double cruiseSpeed) {
        List<Output> outputs = controls.surfaces().stream()
                .filter(o -> LogColumn.output(o.channel()).filter(log::has).isPresent())
                .toList();
        if (outputs.stream().noneMatch(o -> Math.abs(o.mix().share(Axis.PITCH)) > 0.05)) {
            return Optional.empty();
        }
        double[] powered = mean(log, outputs, cruiseSpeed, false);
        double[] gliding = mean(log, outputs, cruiseSpeed, true);
        boolean both = powered[2] > 0 && gliding[2] > 0;
        return both
                ? Optional.of(new PowerTrim(powered[0], powered[1], gliding[0], gliding[1], powered[2], gliding[2]))
                : Optional.empty();
    }

    /** Power, pitch command and seconds, weighted by length. */
    private static double[] mean(FlightLog log, List<Output> outputs, double cruiseSpeed, boolean idle) {
        List<Span> spans = Stretches.of(
                log,
                0,
                log.rows(),
                idle ? LEAST + SETTLING : LEAST,
                row -> fits(log, row, cruiseSpeed, idle) ? Stretches.HOLDS : Stretches.NOT);
        double[] sums = new double[3];
        for (Span span : spans) {
            int from = log.rowAt(span.from() + (idle ? SETTLING : 0));
            int to = log.rowAt(span.to());
            double seconds = log.time(to) - log.time(from);
            sums[0] += seconds * log.mean(LogColumn.POWER, from, to);
            sums[1] += seconds * TrimNeeded.commands(outputs, TrimNeeded.means(log, outputs, from, to))[1];
            sums[2] += seconds;
        }
        return new double[] {sums[0] / sums[2], sums[1] / sums[2], sums[2]};
    }

    private static boolean fits(FlightLog log, int row, double cruiseSpeed, boolean idle) {
        double mode = log.value(LogColumn.MODE, row);
        double power = log.value(LogColumn.POWER, row);
        double climb = log.value(LogColumn.CLIMB, row);
        boolean straight = Math.abs(log.value(LogColumn.ROLL, row)) < BANK;
        boolean fast = Math.abs(log.value(LogColumn.AIRSPEED, row) - cruiseSpeed) < SPEED * cruiseSpeed + 0.6;
        boolean flown = mode == 0 || mode == 2;
        return flown && straight && fast && (idle ? power < IDLE && climb < 0 : power > 0.1 && Math.abs(climb) < 1);
    }

    /**
     * Pitch that is needed without power and not with it.
     *
     * @return [-]
     */
    public double needed() {
        return idleTrim - cruiseTrim;
    }

    /** What a proof keeps of it. */
    public Map<String, Double> values() {
        return Map.of(NEEDED, needed(), POWER, cruisePower);
    }

    /**
     * Power at which nothing is needed, as a proof kept it.
     *
     * @param values of the proof
     * @return [-]
     */
    public static double cruisePower(Map<String, Double> values) {
        return values.getOrDefault(POWER, 0.5);
    }

    /** The difference as a working. */
    public Working working() {
        return Working.of(
                "THROWS-A11",
                "Pitch needed without power",
                needed(),
                Quantity.SHARE_FINE,
                "standing pitch command in a glide − that under power, both straight at cruise speed",
                Source.COMMON_PRACTICE,
                Working.in("in the glide", idleTrim, Quantity.SHARE_FINE),
                Working.in("for", idleSeconds, Quantity.TIME),
                Working.in("under power", cruiseTrim, Quantity.SHARE_FINE),
                Working.in("for", cruiseSeconds, Quantity.TIME),
                Working.in("mean power there", cruisePower, Quantity.SHARE));
    }
}
