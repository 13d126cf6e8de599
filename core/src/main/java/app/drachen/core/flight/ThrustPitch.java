package app.drachen.core.flight;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.controls.Output;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/**
 * What power does to pitch (THROWS-A12): the pitching acceleration between no power and full power at cruise speed, over that of a
 * surface's degree.
 *
 * <p>Source: Etkin and Reid 1996, with thrust line, wash over the tail and elevator from the flight model; own estimate ±25 %.
 */
public final class ThrustPitch {
    private static final double PROBE = 0.1;

    private ThrustPitch() {}

    /**
     * Elevator (or what stands for it) that cancels full power, as the motor pitches the nose: up positive.
     *
     * @return a working in [rad]; empty where there is no motor among the parts or nothing that pitches
     */
    public static Optional<Working> elevator(Setup setup) {
        List<Output> outputs = setup.controls().outputs();
        boolean motor = outputs.stream().anyMatch(o -> o.surface().isMotor())
                && setup.motorPosition().isPresent();
        Optional<Output> pitches = outputs.stream()
                .filter(o -> o.surface().inTheAir() && o.mix().pitch() != 0)
                .findFirst();
        if (!motor || pitches.isEmpty()) {
            return Optional.empty();
        }
        double speed = setup.modes().limits().cruiseSpeed();
        double idle = pitching(setup, speed, 0, 0);
        double full = pitching(setup, speed, 1, 0);
        double perCommand = (pitching(setup, speed, 0, PROBE) - pitching(setup, speed, 0, -PROBE)) / (2 * PROBE);
        Output o = pitches.get();
        double angle = Math.abs(o.deflection(o.pulse(o.mix().pitch() * PROBE))
                        - o.deflection(o.pulse(-o.mix().pitch() * PROBE)))
                / (2 * PROBE);
        if (!(Math.abs(perCommand) > 1e-6) || !(angle > 0)) {
            return Optional.empty();
        }
        double needed = (full - idle) / Math.abs(perCommand) * angle;
        return Optional.of(Working.of(
                "THROWS-A12",
                "Elevator that cancels full power",
                needed,
                Quantity.ANGLE,
                "(q̇ at full power − q̇ at no power)/(q̇ per elevator), at cruise speed",
                new Source.OwnEstimate("±25 %, flight model after Etkin and Reid 1996"),
                Working.in("cruise speed", speed, Quantity.SPEED),
                Working.in("q̇ at full power", full, Quantity.NUMBER),
                Working.in("q̇ at no power", idle, Quantity.NUMBER),
                Working.in("q̇ of full pitch command", perCommand, Quantity.NUMBER)));
    }

    /** Pitching acceleration in level attitude [rad/s²]. */
    private static double pitching(Setup setup, double speed, double power, double pitch) {
        Aircraft aircraft = new Aircraft(setup);
        List<Output> outputs = setup.controls().outputs();
        double[] pulses = new double[outputs.size()];
        for (int i = 0; i < pulses.length; i++) {
            pulses[i] = outputs.get(i).pulse(outputs.get(i).mixed(0, pitch, 0, power, 0));
        }
        aircraft.place(0, 0, 50, 0, Math.toRadians(3), 0, speed);
        aircraft.settle(pulses, Atmosphere.SEA_LEVEL_DENSITY, speed);
        return aircraft.accelerations(0, 0, 0, Atmosphere.SEA_LEVEL_DENSITY)[4];
    }
}
