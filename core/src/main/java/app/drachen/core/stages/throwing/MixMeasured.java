package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.ExtraMix;
import app.drachen.core.debrief.PowerTrim;
import app.drachen.core.math.Statistics;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** THROWS-R12: mixes are small, and come from trims measured at two powers. */
final class MixMeasured implements ClearanceRule {
    private static final Judgement MOST =
            new Judgement("THROWS-R12.most", "greatest amount of a mix", Quantity.SHARE, 0.30, 0.05, 1);

    private static final Judgement OFF =
            new Judgement("THROWS-R12.off", "distance of a mix from flown trims", Quantity.SHARE, 0.05, 0.01, 0.3);

    @Override
    public String id() {
        return "THROWS-R12";
    }

    @Override
    public String demand() {
        return "A mix adds at most " + MOST.text() + ", from trims measured at two powers, and lies within "
                + OFF.text() + " of them.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(MOST, OFF);
    }

    @Override
    public Ruling check(Situation situation) {
        List<ExtraMix> extras = situation.setup().controls().extras().stream()
                .filter(m -> m.amount() != 0)
                .toList();
        Optional<ExtraMix> large = extras.stream()
                .filter(m -> m.toCommand() && Math.abs(m.amount()) > situation.judged(MOST))
                .findFirst();
        if (large.isPresent()) {
            return Ruling.advice(
                    Stage.THROWS,
                    Finding.of(
                            id(),
                            State.CAUTION,
                            "The mix \u201c" + large.get().name() + "\u201d adds "
                                    + Quantity.SHARE.text(Math.abs(large.get().amount())),
                            "So much points to the thrust line or the CG. Mend those first, mix the rest."),
                    new Remedy.GoTo("To the mix", Stage.THROWS));
        }
        Optional<Proof> flown = situation.proof(ProofKind.POWER_TRIMS).filter(p -> p.passed() && situation.fresh(p));
        Optional<Ruling> off = flown.flatMap(p -> compared(situation, extras, p.values()));
        if (off.isPresent()) {
            return off.get();
        }
        Optional<ExtraMix> guess = extras.stream().filter(m -> !m.measured()).findFirst();
        return guess.map(m -> Ruling.advice(
                        Stage.THROWS,
                        Finding.of(
                                id(),
                                State.CAUTION,
                                "The mix \u201c" + m.name() + "\u201d is a guess",
                                "Fly the card in which power is chopped, take what it measures (THROWS-A11), then change by 2 % at"
                                        + " a time."),
                        new Remedy.GoTo("Fly the card", Stage.MAIDEN)))
                .orElseGet(() -> Ruling.advice(
                        Stage.THROWS,
                        Finding.of(
                                id(),
                                State.GOOD,
                                extras.isEmpty() ? "No extra mix" : "Extra mixes are small and measured",
                                flown.map(p -> "Flown: without power it needs "
                                                + Quantity.SHARE_FINE.text(needed(p.values())) + " of elevator.")
                                        .orElse(""))));
    }

    private static double needed(Map<String, Double> values) {
        return values.getOrDefault(PowerTrim.NEEDED, 0.0);
    }

    /** What the mixes of power into pitch add without power against what flight showed; a ruling where they differ by too much. */
    private Optional<Ruling> compared(Situation situation, List<ExtraMix> extras, Map<String, Double> values) {
        List<ExtraMix> mixes = extras.stream()
                .filter(m -> m.from() == ExtraMix.Input.POWER && m.to().equals("pitch"))
                .toList();
        double cruise = PowerTrim.cruisePower(values);
        double adds =
                mixes.stream().mapToDouble(m -> m.value(0) - m.value(cruise)).sum();
        double off = adds - needed(values);
        if (mixes.isEmpty() || Math.abs(off) <= situation.judged(OFF)) {
            return Optional.empty();
        }
        Working working = Working.of(
                "THROWS-A11",
                "Mix beyond what is needed",
                off,
                Quantity.SHARE_FINE,
                "what the mixes add at power 0 − at cruise − what flight showed",
                Source.COMMON_PRACTICE,
                Working.in("the mixes add", adds, Quantity.SHARE_FINE),
                Working.in("flight showed", needed(values), Quantity.SHARE_FINE),
                Working.in("power at cruise", cruise, Quantity.SHARE));
        ExtraMix first = mixes.get(0);
        ExtraMix right = ExtraMix.powerToPitch(
                        Statistics.clamp(needed(values), -1, 1),
                        Statistics.clamp(cruise, 0.05, 1),
                        first.onSwitch(),
                        true)
                .named(first.name());
        return Optional.of(Ruling.advice(
                Stage.THROWS,
                Finding.of(
                        id(),
                        State.CAUTION,
                        "Without power the mix adds " + Quantity.SHARE_FINE.text(adds) + "; flight showed "
                                + Quantity.SHARE_FINE.text(needed(values)),
                        "More than " + Quantity.SHARE.text(situation.judged(OFF))
                                + " apart. Take what was flown, then change by 2 % at a time.",
                        working),
                new Remedy.Change(
                        "Take what was flown",
                        "Mix of power into pitch from flown trims",
                        s -> s.withControls(s.controls()
                                .withExtras(Stream.concat(
                                                s.controls().extras().stream().filter(m -> !mixes.contains(m)),
                                                Stream.of(right))
                                        .toList())))));
    }
}
