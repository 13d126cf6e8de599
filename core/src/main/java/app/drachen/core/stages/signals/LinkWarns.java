package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.hearing.Path;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Scales;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Value;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** SIGNALS-R4: signal strength has a scale, and warns well before the loss. */
final class LinkWarns extends SignalsRule {
    private static final Judgement LEAST =
            new Judgement("SIGNALS-R4.least", "margin over the loss at which it warns", Quantity.DECIBEL, 6, 1, 40);
    private static final double WANTED = 10;

    LinkWarns() {
        super(
                "SIGNALS-R4",
                "Strength is scaled by two points, and warns at least " + LEAST.text() + " over the loss, better "
                        + Quantity.DECIBEL.text(WANTED) + ".");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(LEAST);
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Ruling> nothing = notEntered(situation, "Strength of the link not looked at");
        if (nothing.isPresent()) {
            return nothing.get();
        }
        SignalsSection signals = situation.setup().signals();
        Optional<Scales.TwoPoints> points = signals.scales().strength();
        Optional<Alarm> alarm = speaking(signals, Alarm.Kind.LINK);
        if (points.isEmpty()) {
            return stop(
                    Gate.REACH,
                    "A percentage of strength says nothing yet",
                    "Take two readings at known levels, and the level at which the link is lost: data sheet or range walk.",
                    there("Take two points"));
        }
        Working wanted = points.get().warnAt(WANTED);
        if (!(wanted.value() > 0 && wanted.value() <= 1.2)) {
            return stop(
                    Gate.REACH,
                    "No reading warns before the loss",
                    "By the two points the link is lost at a reading of "
                            + Quantity.SHARE.text(
                                    points.get().shown(points.get().loss()))
                            + ": take the points again.",
                    List.of(wanted),
                    there("Take two points"));
        }
        double rounded = Math.ceil(100 * wanted.value()) / 100;
        Remedy take = change(
                "Warn at " + Quantity.SHARE.text(rounded),
                "Strength warns " + Quantity.DECIBEL.text(WANTED) + " over the loss",
                s -> s.withAlarm(s.alarm(Alarm.Kind.LINK)
                        .map(a -> a.at(rounded).everywhere())
                        .orElse(new Alarm(Alarm.Kind.LINK, rounded, 0.05, 1, 2, "link weak", List.of()))));
        if (alarm.isEmpty()) {
            return stop(
                    Gate.REACH,
                    "Nothing warns of a weak link",
                    "You hear of it when it is lost.",
                    List.of(wanted),
                    take);
        }
        Optional<String> never = Path.never(situation.setup(), Value.STRENGTH);
        if (never.isPresent()) {
            return stop(
                    Gate.REACH,
                    "The alarm for the link is mute",
                    upper(never.get()) + ": it has nothing to speak of.",
                    there("To the values"));
        }
        double margin =
                points.get().level(alarm.get().threshold()) - points.get().loss();
        String now = Quantity.SHARE.text(alarm.get().threshold());
        return margin < situation.judged(LEAST)
                ? stop(
                        Gate.REACH,
                        "The link warns at " + now + ", only " + Quantity.DECIBEL.text(margin) + " over the loss",
                        "At least " + Quantity.DECIBEL.text(situation.judged(LEAST)) + " are wanted: a turn of the"
                                + " aircraft takes as much.",
                        List.of(wanted),
                        take)
                : good("Link warns at " + now + ", " + Quantity.DECIBEL.text(margin) + " over the loss", "", wanted);
    }
}
