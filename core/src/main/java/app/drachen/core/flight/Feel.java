package app.drachen.core.flight;

import app.drachen.core.aerodynamics.ModelError;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.setup.Setup;
import java.util.List;

/**
 * How an aircraft will feel in level flight with the autopilot off.
 *
 * <p>Source: {@link NaturalMotion}. The bands are those of six aircraft: lift wrong by 10 % and drag by 25 % either way, the
 * accuracy stated in {@link app.drachen.core.aerodynamics.StripModel}, and the pack 5 mm out of place (own estimate).
 */
public sealed interface Feel {
    /** How far lift may be wrong [-]. */
    double LIFT = 0.10;

    /** How far drag may be wrong [-]. */
    double DRAG = 0.25;

    /** How far the pack may lie out of place [m]. */
    double PLACE = 0.005;

    /**
     * Its own motions.
     *
     * @param motions short period, phugoid, Dutch roll, roll, spiral, as far as they are apart
     * @param speed airspeed [m/s]
     */
    record Found(List<NaturalMotion> motions, double speed) implements Feel {
        public Found {
            motions = List.copyOf(motions);
        }
    }

    /**
     * There is no level flight to speak of.
     *
     * @param reason one sentence
     */
    record None(String reason) implements Feel {}

    /**
     * Looks at an aircraft.
     *
     * @param setup the aircraft
     * @param speed airspeed [m/s], 2 to 80
     * @param density [kg/m³], 0.5 to 1.6
     */
    static Feel of(Setup setup, double speed, double density) {
        Trim.Result trim = Trim.level(setup, speed, density);
        if (trim instanceof Trim.Result.Trimmed found) {
            try {
                return found(setup, found, speed, density);
            } catch (ArithmeticException e) {
                return new None("Its natural motions cannot be computed at this speed; check masses and arms.");
            }
        }
        return new None(((Trim.Result.NotTrimmed) trim).reason());
    }

    private static Found found(Setup setup, Trim.Result.Trimmed found, double speed, double density) {
        List<NaturalMotion> drawn = motions(setup, ModelError.NONE, found, speed, density);
        List<List<NaturalMotion>> others = List.of(
                motions(setup, new ModelError(1 - LIFT, 1, 1), found, speed, density),
                motions(setup, new ModelError(1 + LIFT, 1, 1), found, speed, density),
                motions(setup, new ModelError(1, 1 - DRAG, 1), found, speed, density),
                motions(setup, new ModelError(1, 1 + DRAG, 1), found, speed, density),
                motions(setup.withMoved(PartKind.PACK, -PLACE, 0), ModelError.NONE, found, speed, density),
                motions(setup.withMoved(PartKind.PACK, PLACE, 0), ModelError.NONE, found, speed, density));
        return new Found(drawn.stream().map(m -> m.among(others)).toList(), speed);
    }

    private static List<NaturalMotion> motions(
            Setup setup, ModelError error, Trim.Result.Trimmed trim, double speed, double density) {
        return NaturalMotion.of(Linearised.of(setup, error, trim, speed, density));
    }
}
