package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.hearing.Path;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Value;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Optional;

/** SIGNALS-R5: the pack warns by charge, and under load; not by volts at rest or by time alone. */
final class EnergyWarns extends SignalsRule {
    private static final Judgement CELL = new Judgement(
            "SIGNALS-R5.cell", "volts of a cell under load at which it warns", Quantity.VOLTAGE, 3.3, 2.5, 4);
    private static final Judgement SHARE = new Judgement(
            "SIGNALS-R5.share", "share of the pack that is used when it warns", Quantity.SHARE, 0.7, 0.2, 0.95);

    EnergyWarns() {
        super(
                "SIGNALS-R5",
                "An alarm speaks of charge used, by " + SHARE.text()
                        + " of the pack at the latest; volts count under load, from " + CELL.text() + " a cell on.");
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(CELL, SHARE);
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Ruling> nothing = notEntered(situation, "Alarms of the pack not looked at");
        if (nothing.isPresent()) {
            return nothing.get();
        }
        SignalsSection signals = situation.setup().signals();
        Optional<Alarm> energy = speaking(signals, Alarm.Kind.ENERGY);
        Optional<Alarm> cells = signals.alarm(Alarm.Kind.PACK);
        double capacity = situation.setup().propulsion().pack().capacity();
        double most = Math.floor(situation.judged(SHARE) * capacity / 36) * 36;
        Remedy take = change(
                "Warn at " + Quantity.CHARGE.text(most),
                "Alarm at " + Quantity.CHARGE.text(most) + " used",
                s -> s.withAlarm(s.alarm(Alarm.Kind.ENERGY)
                        .map(a -> a.at(most).everywhere())
                        .orElse(new Alarm(Alarm.Kind.ENERGY, most, 0, 0, 1, "charge, turn home", List.of()))));
        if (energy.isEmpty()) {
            boolean rests = signals.alarm(Alarm.Kind.RESTING).isPresent()
                    || signals.alarm(Alarm.Kind.TIME).isPresent();
            return stop(
                    Gate.REACH,
                    rests ? "Volts at rest and time do not tell what is left" : "Nothing warns of charge used",
                    "Volts recover after a climb, and the clock knows no wind: let charge used speak.",
                    take);
        }
        Optional<String> never = Path.never(situation.setup(), Value.CHARGE);
        if (never.isPresent()) {
            return stop(
                    Gate.REACH,
                    "The alarm for charge used is mute",
                    upper(never.get()) + ": it has nothing to speak of.",
                    there("To the values"));
        }
        if (energy.get().threshold() > most + 1e-9) {
            return stop(
                    Gate.REACH,
                    "Charge warns at " + Quantity.CHARGE.text(energy.get().threshold()) + ": too late",
                    "The pack holds " + Quantity.CHARGE.text(capacity) + "; speak by "
                            + Quantity.SHARE.text(situation.judged(SHARE)) + " of it, earlier against the wind.",
                    take);
        }
        if (cells.filter(c -> c.threshold() < situation.judged(CELL)).isPresent()) {
            double volts = situation.judged(CELL);
            return stop(
                    Gate.REACH,
                    "The pack warns at " + Quantity.VOLTAGE.text(cells.get().threshold()) + " a cell: too late",
                    "Under load " + Quantity.VOLTAGE.text(volts) + " is the least.",
                    change(
                            "Warn at " + Quantity.VOLTAGE.text(volts),
                            "Cells warn under load at " + Quantity.VOLTAGE.text(volts),
                            s -> s.withAlarm(cells.get().at(volts))));
        }
        return good(
                "Charge used warns at " + Quantity.CHARGE.text(energy.get().threshold()),
                Quantity.SHARE.text(energy.get().threshold() / capacity) + " of the pack"
                        + cells.map(c -> "; cells under load at " + Quantity.VOLTAGE.text(c.threshold()))
                                .orElse("") + ". The charge that you need home from afar is worked out in Reach.");
    }
}
