package app.drachen.core.debrief;

import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/**
 * A swing that a log shows: a movement to and fro that neither the stick nor a wish explains, and that stands out of the
 * gusts of the same flight.
 *
 * @param column what swings
 * @param mode in which mode, if the log names modes
 * @param from where it begins [s]
 * @param to where it ends [s]
 * @param frequency [Hz], above 0
 * @param amplitude greatest half of peak to peak [SI unit of the column], not negative
 * @param growth rate at which its size grows, below 0 where it dies away [1/s]
 * @param speed mean airspeed, or ground speed; NaN without either [m/s]
 * @param evidence power over what the gusts of this flight have there [-], above 1
 * @param quiet modes that were flown for two of its swings and do not show it
 */
public record Swing(
        LogColumn column,
        Optional<FlightMode> mode,
        double from,
        double to,
        double frequency,
        double amplitude,
        double growth,
        double speed,
        double evidence,
        List<FlightMode> quiet) {
    public Swing {
        quiet = List.copyOf(quiet);
    }

    private static final Source METHOD = new Source.Published(
            "P. D. Welch", "The use of fast Fourier transform for the estimation of power spectra", 1967);

    /** The same with the modes that do not show it. */
    Swing notIn(List<FlightMode> modes) {
        return new Swing(column, mode, from, to, frequency, amplitude, growth, speed, evidence, modes);
    }

    /** Damping ratio −σ/√(σ² + ω²) [-]; below 0 where it grows. */
    public double damping() {
        double omega = 2 * Math.PI * frequency;
        return -growth / Math.hypot(growth, omega);
    }

    /** Whether it dies away by itself, in a few swings: half is left after at most three. */
    public boolean diesAway() {
        return growth < 0 && Math.log(2) / -growth * frequency < 3;
    }

    /** Whether it doubles within ten swings. */
    public boolean grows() {
        return growth > 0 && Math.log(2) / growth * frequency < 10;
    }

    /**
     * From what size on it is a swing to act upon: 2°, 10°/s, 2 m, 15 % of power. Defaults of judgement (TUNE-R10).
     *
     * @return [SI unit of the column]
     */
    public static double limit(LogColumn column) {
        return switch (column.quantity()) {
            case ANGLE -> Math.toRadians(2);
            case ANGULAR_RATE -> Math.toRadians(10);
            case HEIGHT -> 2;
            default -> 0.15;
        };
    }

    /** The swing as a working. */
    public Working working() {
        return Working.of(
                "TUNE-A2",
                column.meaning() + " swing" + mode.map(m -> " in " + m.label()).orElse(""),
                amplitude,
                column.quantity(),
                "greatest line of the spectra of windows of 2 to 64 s, stick, wishes and trend taken out",
                METHOD,
                Working.in("frequency", frequency, Quantity.FREQUENCY),
                Working.in("from", from, Quantity.TIME),
                Working.in("to", to, Quantity.TIME),
                Working.in("damping ratio, below 0 where it grows", damping(), Quantity.NUMBER_FINE),
                Working.in("times the power of gusts there", evidence, Quantity.NUMBER));
    }
}
