package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.ExtraMix;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** THROWS-R12: mixes are small, and come from trims measured at two powers. */
final class MixMeasured implements ClearanceRule {
    private static final Judgement MOST =
            new Judgement("THROWS-R12.most", "greatest amount of a mix", Quantity.SHARE, 0.30, 0.05, 1);

    @Override
    public String id() {
        return "THROWS-R12";
    }

    @Override
    public String demand() {
        return "A mix adds at most " + MOST.text() + ", from trims measured at two powers.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(MOST);
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
                                "")));
    }
}
