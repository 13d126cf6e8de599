package app.drachen.core.flight;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Rates;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * The turning rates that full sticks give at cruise speed in Manual: the greatest within a second, in the flight model.
 *
 * <p>Source: the flight model with its strip forces and servos; own estimate ±25 % in roll, ±40 % in pitch and yaw.
 */
public final class StickRates {
    private static final double STEP = 0.0025;
    private static final double SECOND = 1;

    private StickRates() {}

    /** Rates about the three axes [rad/s] as workings; nothing where the aircraft does not fly level at cruise speed. */
    public static List<Working> of(Setup setup) {
        double speed = setup.modes().limits().cruiseSpeed();
        boolean flies = setup.motorPosition().isPresent()
                && !setup.controls().surfaces().isEmpty();
        if (!flies || !(Trim.level(setup, speed, Atmosphere.SEA_LEVEL_DENSITY) instanceof Trim.Result.Trimmed level)) {
            return List.of();
        }
        List<Working> all = new ArrayList<>();
        Rates rates = setup.controls().rates();
        all.add(rate(setup, level, speed, Axis.ROLL, rates.roll(), 0.25));
        all.add(rate(setup, level, speed, Axis.PITCH, rates.pitch(), 0.40));
        all.add(rate(setup, level, speed, Axis.YAW, rates.yaw(), 0.40));
        return List.copyOf(all);
    }

    private static Working rate(
            Setup setup, Trim.Result.Trimmed level, double speed, Axis axis, double share, double spread) {
        double steady = greatest(setup, level, speed, axis, 0);
        double full = greatest(setup, level, speed, axis, share);
        String name = axis.label().substring(0, 1).toUpperCase(java.util.Locale.ROOT)
                + axis.label().substring(1);
        return Working.of(
                "THROWS-A9",
                name + " rate at full stick",
                full - steady,
                Quantity.ANGULAR_RATE,
                "greatest rate within a second of full stick from level flight, less the one without",
                new Source.OwnEstimate("±" + Math.round(100 * spread) + " %, flight model"),
                Working.in("rate of the stick", share, Quantity.SHARE),
                Working.in("cruise speed", speed, Quantity.SPEED));
    }

    private static double greatest(Setup setup, Trim.Result.Trimmed level, double speed, Axis axis, double share) {
        Aircraft aircraft = new Aircraft(setup);
        List<Output> outputs = setup.controls().outputs();
        double[] trimmed = pulses(outputs, 0, level.pitchCommand(), 0, level.power());
        double[] held = pulses(
                outputs,
                axis == Axis.ROLL ? share : 0,
                level.pitchCommand() + (axis == Axis.PITCH ? share : 0),
                axis == Axis.YAW ? share : 0,
                level.power());
        aircraft.place(0, 0, 100, 0, level.alpha(), 0, speed);
        aircraft.settle(trimmed, Atmosphere.SEA_LEVEL_DENSITY, speed);
        double most = 0;
        for (double t = 0; t < SECOND; t += STEP) {
            aircraft.step(STEP, held, 0, 0, 0, Atmosphere.SEA_LEVEL_DENSITY);
            most = Math.max(
                    most,
                    switch (axis) {
                        case ROLL -> aircraft.rollRate();
                        case PITCH -> aircraft.pitchRate();
                        default -> aircraft.yawRate();
                    });
        }
        return most;
    }

    private static double[] pulses(List<Output> outputs, double roll, double pitch, double yaw, double power) {
        return outputs.stream()
                .mapToDouble(o -> o.pulse(o.mixed(roll, pitch, yaw, power, 0)))
                .toArray();
    }
}
