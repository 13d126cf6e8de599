package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.hearing.GreatestClimb;
import app.drachen.core.hearing.Path;
import app.drachen.core.signals.Tones;
import app.drachen.core.signals.Value;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** SIGNALS-R6: rise and sink tones are heard, and fall silent. */
final class TonesHeard extends SignalsRule {
    private static final Judgement NARROW =
            new Judgement("SIGNALS-R6.narrow", "least dead band of the tones", Quantity.CLIMB, 0.1, 0.01, 1);
    private static final Judgement WIDE =
            new Judgement("SIGNALS-R6.wide", "greatest dead band of the tones", Quantity.CLIMB, 1.5, 0.2, 5);
    private static final double LOW = 300;
    private static final double HIGH = 3_000;
    private static final double GOOD_BAND = 0.4;

    TonesHeard() {
        super(
                "SIGNALS-R6",
                "Tones are silent within " + NARROW.text() + " to " + WIDE.text()
                        + " of climb, reach the greatest climb, and lie between 300 and 3 000 Hz.");
    }

    @Override
    public Source source() {
        return new Source.OwnEstimate("what small loudspeakers give and ears tell apart");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(NARROW, WIDE);
    }

    @Override
    public Ruling check(Situation situation) {
        Tones tones = situation.setup().signals().tones();
        if (!tones.on()) {
            return good("Rise and sink are not sounded", "");
        }
        Optional<String> never = Path.never(situation.setup(), Value.CLIMB);
        if (never.isPresent()) {
            return caution(
                    "Tones are on and will be mute",
                    upper(never.get()) + ": want the climb, or switch them off.",
                    there("To the values"));
        }
        double climb = GreatestClimb.of(situation.setup()).value();
        boolean narrow = tones.deadBand() < situation.judged(NARROW);
        if (narrow || tones.deadBand() > situation.judged(WIDE)) {
            return caution(
                    "Dead band " + Quantity.CLIMB.text(tones.deadBand()) + ": it will "
                            + (narrow ? "never be silent" : "hardly ever sound"),
                    "0.3 to 0.5 m/s tell rise from noise.",
                    change(
                            "Take " + Quantity.CLIMB.text(GOOD_BAND),
                            "Dead band of the tones",
                            s -> s.withTones(with(tones, GOOD_BAND, tones.ceiling()))));
        }
        if (tones.ceiling() < climb) {
            double high = Math.ceil(climb);
            return caution(
                    "Tones end at " + Quantity.CLIMB.text(tones.ceiling()) + ", the climb at "
                            + Quantity.CLIMB.text(climb),
                    "Above the ceiling every climb sounds alike.",
                    change(
                            "Ceiling " + Quantity.CLIMB.text(high),
                            "Ceiling of the tones",
                            s -> s.withTones(with(tones, tones.deadBand(), high))));
        }
        double lowest = tones.frequency(-tones.ceiling());
        double highest = tones.frequency(tones.ceiling());
        if (lowest < LOW || highest > HIGH) {
            double octave =
                    Math.ceil(10 * tones.ceiling() / Math.min(log2(tones.middle() / LOW), log2(HIGH / tones.middle())))
                            / 10;
            boolean helps = tones.middle() > LOW && tones.middle() < HIGH && octave <= 50;
            Remedy remedy = helps
                    ? change(
                            "An octave for " + Quantity.CLIMB.text(octave),
                            "Tones closer together",
                            s -> s.withTones(
                                    new Tones(true, tones.middle(), octave, tones.deadBand(), tones.ceiling())))
                    : there("To the tones");
            return caution(
                    "Tones from " + Quantity.FREQUENCY.text(lowest) + " to " + Quantity.FREQUENCY.text(highest),
                    "A small loudspeaker gives 300 to 3 000 Hz.",
                    List.of(tones.working(lowest < LOW ? -tones.ceiling() : tones.ceiling())),
                    remedy);
        }
        return good(
                "Rise and sink sound from " + Quantity.FREQUENCY.text(lowest) + " to "
                        + Quantity.FREQUENCY.text(highest),
                "",
                tones.working(climb));
    }

    private static double log2(double x) {
        return Math.log(x) / Math.log(2);
    }

    private static Tones with(Tones t, double deadBand, double ceiling) {
        return new Tones(t.on(), t.middle(), t.octave(), deadBand, ceiling);
    }
}
