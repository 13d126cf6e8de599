package app.drachen.core.signals;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/**
 * Tones of rise and sink (SIGNALS-A9): an octave for so much climb; sink one tone, rise beeps.
 *
 * <p>Source: own choice.
 *
 * @param on whether they sound
 * @param middle tone at no climb [Hz], 20 to 10 000
 * @param octave climb that doubles the tone [m/s], 0.2 to 50
 * @param deadBand climb either way within which it is silent [m/s], 0 to 10
 * @param ceiling climb beyond which the tone rises no more [m/s], 0.2 to 50
 */
public record Tones(boolean on, double middle, double octave, double deadBand, double ceiling) {
    public static final Tones USUAL = new Tones(false, 600, 5, 0.4, 5);

    public Tones {
        Ranges.require("tone at no climb", middle, 20, 10_000, "Hz");
        Ranges.require("climb of an octave", octave, 0.2, 50, "m/s");
        Ranges.require("dead band of the tones", deadBand, 0, 10, "m/s");
        Ranges.require("ceiling of the tones", ceiling, 0.2, 50, "m/s");
    }

    /** Whether a climb [m/s] is silent. */
    public boolean silent(double climb) {
        return !on || Math.abs(climb) <= deadBand || Double.isNaN(climb);
    }

    /**
     * The tone of a climb.
     *
     * @param climb [m/s]
     * @return [Hz]
     */
    public double frequency(double climb) {
        double heard = Math.max(-ceiling, Math.min(ceiling, climb));
        return middle * Math.pow(2, heard / octave);
    }

    /**
     * How often a rise beeps: once a second at the dead band, six times at the ceiling.
     *
     * @param climb above 0 [m/s]
     * @return [Hz]
     */
    public double beeps(double climb) {
        double share = Math.min(1, climb / ceiling);
        return 1 + 5 * share;
    }

    /**
     * The tone as a working.
     *
     * @param climb [m/s]
     */
    public Working working(double climb) {
        return Working.of(
                "SIGNALS-A9",
                "Tone at " + Quantity.CLIMB.text(climb),
                frequency(climb),
                Quantity.FREQUENCY,
                "f = f₀·2^(ḣ/h₈), ḣ no farther than the ceiling",
                new Source.OwnEstimate("a choice"),
                Working.in("tone at no climb f₀", middle, Quantity.FREQUENCY),
                Working.in("climb of an octave h₈", octave, Quantity.CLIMB),
                Working.in("ceiling", ceiling, Quantity.CLIMB));
    }
}
