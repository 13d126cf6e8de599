package app.drachen.core.stages.signals;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.hearing.HeightAlarm;
import app.drachen.core.hearing.Path;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Value;
import app.drachen.core.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Ways that practitioners differ on, compared for this aircraft: an airspeed probe or none, height from pressure or from satellites.
 *
 * <p>Source: SIGNALS-S1 and S2; errors of 3 % for a probe that was checked, 15 % for an estimate from ground speed and wind, 1 and 10 m for
 * the heights are common practice.
 */
public final class Schools {
    private static final double PROBE = 0.03;
    private static final double ESTIMATE = 0.15;
    private static final double MARGIN = 1.3;

    private Schools() {}

    /**
     * One way.
     *
     * @param name in a few words
     * @param figures what it means here, in one line
     * @param now whether it is the way of this aircraft
     */
    public record Option(String name, String figures, boolean now) {}

    /** What tells the airspeed. */
    public static List<Option> airspeed(Setup setup) {
        boolean told = Path.suppliers(setup).stream().anyMatch(s -> s.tells(Value.AIRSPEED));
        boolean ground = Path.suppliers(setup).stream().anyMatch(s -> s.tells(Value.GROUND_SPEED));
        double cruise = setup.modes().limits().cruiseSpeed();
        double stall = Stall.of(setup, Atmosphere.SEA_LEVEL_DENSITY).speed();
        List<Option> all = new ArrayList<>();
        all.add(new Option("a probe, held against ground speeds", least(cruise, stall, PROBE), told));
        all.add(new Option(
                "an estimate from ground speed and wind",
                ground ? least(cruise, stall, ESTIMATE) : "not here: nothing tells the ground speed",
                !told && ground));
        all.add(new Option("none", "to Homing only: no stall margin, no limit of power in wind", !told && !ground));
        return all;
    }

    private static String least(double cruise, double stall, double error) {
        double least = cruise * (1 - error);
        return "\u00b1 " + Quantity.SHARE.text(error) + ": at cruise it may be " + Quantity.SPEED.text(least) + ", "
                + Quantity.NUMBER.text(least / stall) + " of the stall speed"
                + (least < MARGIN * stall ? "; less than " + Quantity.NUMBER.text(MARGIN) + ": cruise faster" : "");
    }

    /**
     * What tells the height.
     *
     * @param limit of the field [m], if it was entered
     */
    public static List<Option> height(Setup setup, Optional<Double> limit) {
        boolean satellites = HeightAlarm.bySatellites(setup);
        return List.of(
                new Option("pressure, zeroed at the launch", set(setup, limit, 1), !satellites),
                new Option("satellites", set(setup, limit, 10), satellites));
    }

    private static String set(Setup setup, Optional<Double> limit, double error) {
        Optional<HeightAlarm> sum = limit.flatMap(l -> HeightAlarm.of(setup, l));
        return "\u00b1 " + Quantity.HEIGHT.text(error)
                + sum.map(s -> ": alarm at " + Quantity.HEIGHT.text(Math.floor(s.limit() - s.gained() - error)))
                        .orElse("");
    }
}
