package app.drachen.core.stages.modes;

import app.drachen.core.aerodynamics.ControlPower;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.airframe.Planform;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/**
 * What delay a hand at a console may have in each mode (MODES-A8): the phase that is left of a pilot's loop about this aircraft's own
 * loops, and never more than the usual bounds.
 *
 * <p>Source: the crossover model of D. T. McRuer and H. R. Jex 1967, with 0.2 s of the pilot's own and 35° of phase left; crossover
 * 2.5 rad/s about bank, 1 rad/s about heading, 0.3 rad/s about the flight path, own estimates ±40 %. Bounds 0.15 s, 0.4 s and 2 s are
 * defaults of judgement.
 */
public final class DelayBounds {
    private static final double PHASE = Math.toRadians(90 - 35);
    private static final double HAND = 0.2;

    private DelayBounds() {}

    /** The bound of a mode [s], as a working. */
    public static Working of(FlightMode mode, Setup setup) {
        double crossover = mode.ordinal() <= FlightMode.RATE.ordinal() ? 2.5 : mode == FlightMode.LEVEL ? 1 : 0.3;
        double lag = lag(mode, setup);
        double usual = mode.ordinal() <= FlightMode.RATE.ordinal() ? 0.15 : mode == FlightMode.LEVEL ? 0.4 : 2;
        double bound = Math.max(0, Math.min(usual, PHASE / crossover - HAND - lag));
        return Working.of(
                "MODES-A8",
                "Delay that " + mode.label() + " allows",
                bound,
                Quantity.TIME_FINE,
                "least of the usual bound and (90° − 35°)/ω − 0.2 s − lag of the aircraft's own loops",
                new Source.Published("D. T. McRuer, H. R. Jex", "A Review of Quasi-Linear Pilot Models", 1967),
                Working.in("crossover ω of the hand [rad/s]", crossover, Quantity.NUMBER),
                Working.in("lag of the loops", lag, Quantity.TIME_FINE),
                Working.in("usual bound", usual, Quantity.TIME_FINE));
    }

    /** How late the aircraft itself answers [s]. */
    private static double lag(FlightMode mode, Setup setup) {
        double attitude =
                setup.gains().roll().angle() > 0 ? 1 / setup.gains().roll().angle() : Double.POSITIVE_INFINITY;
        if (mode.ordinal() <= FlightMode.RATE.ordinal()) {
            return rollTime(setup);
        }
        return mode == FlightMode.LEVEL ? attitude : attitude + setup.gains().lookAhead() / 2;
    }

    /** Time constant of the roll mode at cruise speed [s] (TUNE-A5). */
    private static double rollTime(Setup setup) {
        Planform p = setup.planform();
        return 4
                * setup.massProperties().rollInertia()
                / (Atmosphere.SEA_LEVEL_DENSITY
                        * setup.modes().limits().cruiseSpeed()
                        * p.area()
                        * p.span()
                        * p.span()
                        * -ControlPower.rollDamping(setup));
    }
}
