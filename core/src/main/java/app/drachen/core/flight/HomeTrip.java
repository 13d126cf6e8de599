package app.drachen.core.flight;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/**
 * Time and charge of the way home against the wind (MODES-A6).
 *
 * <p>Source: kinematics; current of level flight from the flight model, of the climb with half of the electrical power going into height,
 * own estimate ±30 %.
 */
public final class HomeTrip {
    private static final double INTO_HEIGHT = 0.5;

    private HomeTrip() {}

    /**
     * What the way home takes, the wind on the nose.
     *
     * @param distance from home [m]
     * @param height at which it begins [m]
     * @return time [s] and charge [C]; empty where the aircraft cannot fly level, or makes no way against the wind
     */
    public static List<Working> of(Setup setup, Optional<Field> field, double distance, double height) {
        HomeProfile home = setup.modes().home();
        Limits limits = setup.modes().limits();
        double density = field.map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        double flown = home.heightFrom(height);
        double wind = field.map(f -> f.windAt(Math.max(10, flown))).orElse(0.0);
        double over = limits.cruiseSpeed() - wind;
        if (!(Trim.level(setup, limits.cruiseSpeed(), density) instanceof Trim.Result.Trimmed level) || over < 1) {
            return List.of();
        }
        double rise = Math.max(0, flown - height);
        double climbing = rise / limits.climbRate();
        // climbing on the way costs no time of its own
        double time = distance / over + (home.climbFirst() ? climbing : 0);
        double volts = setup.propulsion().pack().cells() * 3.7;
        double more = setup.massProperties().mass() * GRAVITY * limits.climbRate() / (INTO_HEIGHT * volts);
        double charge = level.current() * time + more * climbing;
        Source source = new Source.OwnEstimate("±30 %, kinematics and the flight model");
        return List.of(
                Working.of(
                        "MODES-A6",
                        "Time of the way home",
                        time,
                        Quantity.TIME,
                        home.climbFirst()
                                ? "Δh/ḣ + d/(V − w), the wind on the nose"
                                : "d/(V − w), the wind on the nose",
                        source,
                        Working.in("distance d", distance, Quantity.DISTANCE),
                        Working.in("climb Δh", rise, Quantity.HEIGHT),
                        Working.in("climb rate ḣ", limits.climbRate(), Quantity.CLIMB),
                        Working.in("cruise speed V", limits.cruiseSpeed(), Quantity.SPEED),
                        Working.in("wind at that height w", wind, Quantity.SPEED)),
                Working.of(
                        "MODES-A6",
                        "Charge of the way home",
                        charge,
                        Quantity.CHARGE,
                        "I·t + m·g·ḣ/(0.5·U)·Δh/ḣ",
                        source,
                        Working.in("current of level flight I", level.current(), Quantity.CURRENT),
                        Working.in("time t", time, Quantity.TIME),
                        Working.in("volts U", volts, Quantity.VOLTAGE),
                        Working.in("mass m", setup.massProperties().mass(), Quantity.MASS)));
    }
}
