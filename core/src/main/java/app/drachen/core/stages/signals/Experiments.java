package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Proof;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Scales;
import app.drachen.core.stages.signals.Experiment.Outcome;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.SingularValueDecomposition;

/** How the experiments of {@link Experiment} are worked out. */
final class Experiments {
    private static final double NEAR = 0.05;
    private static final double NEAR_SPEED = 0.08;

    private Experiments() {}

    static Outcome current(Setup setup, Map<String, Double> values, Optional<Proof> before) {
        double factor = setup.signals().scales().current();
        ChargeBack all = before.map(p -> ChargeBack.of(p.values()))
                .orElse(new ChargeBack(List.of()))
                .adding(new ChargeBack.Charge(values.get("shown"), values.get("back"), factor));
        double alone = all.last(1).off(factor);
        if (Math.abs(alone) > 0.6) {
            throw new IllegalArgumentException("The sensor would be off by " + Quantity.SHARE.text(Math.abs(alone))
                    + ": check both charges, and whether the pack was full before the flight.");
        }
        Working right = all.last(2).factor();
        double off = all.last(2).off(factor);
        return new Outcome(
                List.of(right),
                Math.abs(off) <= NEAR,
                Quantity.SHARE.text(Math.abs(off)) + (off < 0 ? " too little" : " too much") + " over "
                        + Math.min(2, all.charges().size()) + (all.charges().size() == 1 ? " charge" : " charges"),
                all.values(),
                s -> s.withCurrent(right.value()));
    }

    static Outcome volts(Setup setup, Map<String, Double> values, Optional<Proof> before) {
        double now = setup.signals().scales().volts();
        return ratio(
                "Factor of the volts",
                "scale·U_meter/U_shown",
                now,
                values.get("meter"),
                values.get("shown"),
                Quantity.VOLTAGE,
                0.02,
                Scales::withVolts);
    }

    static Outcome height(Setup setup, Map<String, Double> values, Optional<Proof> before) {
        if (values.get("known") < 8) {
            throw new IllegalArgumentException(
                    "Over less than 8 m the pressure's noise of half a metre says nothing; go higher.");
        }
        double now = setup.signals().scales().height();
        return ratio(
                "Factor of the height",
                "scale·h_known/h_shown",
                now,
                values.get("known"),
                values.get("shown"),
                Quantity.HEIGHT,
                NEAR,
                Scales::withHeight);
    }

    /** Puts a factor into the scales. */
    private interface Into {
        Scales with(Scales scales, double factor);
    }

    private static Outcome ratio(
            String name,
            String formula,
            double now,
            double truth,
            double shown,
            Quantity quantity,
            double near,
            Into into) {
        if (!(truth > 0 && shown > 0)) {
            throw new IllegalArgumentException("Both figures must be above 0.");
        }
        double factor = now * truth / shown;
        Working working = Working.of(
                "SIGNALS-A5",
                name,
                factor,
                Quantity.NUMBER_FINE,
                formula,
                Source.COMMON_PRACTICE,
                Working.in("factor now", now, Quantity.NUMBER_FINE),
                Working.in("true", truth, quantity),
                Working.in("shown", shown, quantity));
        double off = shown / truth - 1;
        return new Outcome(
                List.of(working),
                Math.abs(off) <= near,
                "showed " + quantity.text(shown) + " of " + quantity.text(truth),
                Map.of("shown", shown, "true", truth, "factor", now),
                s -> into.with(s, factor));
    }

    static Outcome rotation(Setup setup, Map<String, Double> values, Optional<Proof> before) {
        double exact = values.get("electrical") / (values.get("turns") / (2 * Math.PI));
        long pairs = Math.round(exact);
        if (pairs < 1 || pairs > 30 || Math.abs(exact - pairs) > 0.25) {
            throw new IllegalArgumentException("That makes " + Quantity.NUMBER.text(exact)
                    + " pole pairs; a motor has a whole number from 1 to 30: measure both at one power.");
        }
        Working working = Working.of(
                "SIGNALS-A5",
                "Pole pairs",
                pairs,
                Quantity.COUNT,
                "f_electrical/(turns a second), to a whole number",
                new Source.Elementary("motor theory"),
                Working.in("electrical frequency", values.get("electrical"), Quantity.FREQUENCY),
                Working.in("motor speed", values.get("turns"), Quantity.ROTATION),
                Working.in("not rounded", exact, Quantity.NUMBER));
        int now = setup.signals().scales().polePairs();
        return new Outcome(
                List.of(working),
                now == pairs || now == 0,
                pairs + " pole pairs",
                Map.of("pairs", (double) pairs),
                s -> s.withPolePairs((int) pairs));
    }

    static Outcome strength(Setup setup, Map<String, Double> values, Optional<Proof> before) {
        Scales.TwoPoints points = new Scales.TwoPoints(
                values.get("shown1"),
                values.get("level1"),
                values.get("shown2"),
                values.get("level2"),
                values.get("loss"));
        return new Outcome(
                List.of(points.warnAt(10)),
                true,
                "lost at a reading of " + Quantity.SHARE.text(points.shown(points.loss())),
                values,
                s -> s.withStrength(Optional.of(points)));
    }

    /**
     * Airspeed from ground speeds on several courses: the ground velocities lie on a circle about the wind with the airspeed as its
     * radius. Three legs give it exactly, more by least squares.
     *
     * <p>Source: wind triangle; circle through points by linear least squares (I. Kåsa, A circle fitting procedure and its error analysis,
     * IEEE Transactions on Instrumentation and Measurement 25, 1976).
     */
    static Outcome airspeed(Setup setup, Map<String, Double> values, Optional<Proof> before) {
        List<double[]> legs = new ArrayList<>();
        List<Working.Input> inputs = new ArrayList<>();
        for (int i = 1; i <= 4; i++) {
            Double course = values.get("course" + i);
            Double speed = values.get("speed" + i);
            if (course != null && speed != null) {
                legs.add(new double[] {speed * Math.cos(course), speed * Math.sin(course)});
                inputs.add(Working.in("course " + i, course, Quantity.BEARING));
                inputs.add(Working.in("ground speed " + i, speed, Quantity.SPEED));
            }
        }
        double[][] rows = new double[legs.size()][];
        double[] right = new double[legs.size()];
        for (int i = 0; i < rows.length; i++) {
            double n = legs.get(i)[0];
            double e = legs.get(i)[1];
            rows[i] = new double[] {2 * n, 2 * e, 1};
            right[i] = n * n + e * e;
        }
        var split = new SingularValueDecomposition(MatrixUtils.createRealMatrix(rows));
        if (split.getInverseConditionNumber() < 1e-4) {
            throw new IllegalArgumentException(
                    "The courses are too much alike: fly legs that lie 120° apart, so that the wind shows.");
        }
        double[] x =
                split.getSolver().solve(MatrixUtils.createRealVector(right)).toArray();
        double wind = Math.hypot(x[0], x[1]);
        double speed = Math.sqrt(Math.max(0, x[2] + wind * wind));
        if (!(speed > 2 && wind < speed)) {
            throw new IllegalArgumentException("No wind goes with these legs; check courses and ground speeds.");
        }
        double shown = values.get("shown");
        double now = setup.signals().scales().pressure();
        double factor = now * (speed / shown) * (speed / shown);
        inputs.add(Working.in("airspeed shown", shown, Quantity.SPEED));
        inputs.add(Working.in("factor now", now, Quantity.NUMBER_FINE));
        Working.Input[] all = inputs.toArray(new Working.Input[0]);
        Source source = new Source.Published(
                "I. Kåsa", "A circle fitting procedure and its error analysis, IEEE Trans. Instrum. Meas. 25", 1976);
        Working airspeed = Working.of(
                "SIGNALS-A6",
                "Airspeed",
                speed,
                Quantity.SPEED,
                "radius of the circle through the ground velocities",
                source,
                all);
        Working windSpeed =
                Working.of("SIGNALS-A6", "Wind", wind, Quantity.SPEED, "distance of its centre from 0", source, all);
        Working pressure = Working.of(
                "SIGNALS-A6",
                "Factor of the airspeed's pressure",
                factor,
                Quantity.NUMBER_FINE,
                "scale·(V/V_shown)²",
                source,
                all);
        return new Outcome(
                List.of(pressure, airspeed, windSpeed),
                Math.abs(shown / speed - 1) <= NEAR_SPEED,
                "showed " + Quantity.SPEED.text(shown) + " of " + Quantity.SPEED.text(speed),
                Map.of("shown", shown, "true", speed, "factor", now),
                s -> s.withPressure(factor));
    }
}
