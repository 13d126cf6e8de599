package app.drachen.core.clearance;

import app.drachen.core.calc.Calculation;
import app.drachen.core.cards.CardPlan;
import app.drachen.core.setup.Facet;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Everything that belongs to one stage. Clearance, ledger, finder, calculators, papers and tests read the list of kits;
 * a stage with rules has instruments, one without them says so and stands open.
 *
 * @param stage the stage
 * @param heading over its ledger
 * @param facets the parts of the set-up that it is about
 * @param proofs the kinds of evidence gained in it
 * @param rules what its bow wants
 * @param calculations its answers, made when they are asked for: the rules need none
 * @param cards the cards flown in it
 * @param opens the gate that its instruments open; without them clearance ends before it
 */
public record StageKit(
        Stage stage,
        String heading,
        List<Facet> facets,
        List<ProofKind> proofs,
        List<ClearanceRule> rules,
        Supplier<List<Calculation>> calculations,
        List<CardPlan> cards,
        Optional<Gate> opens) {
    public StageKit {
        facets = List.copyOf(facets);
        proofs = List.copyOf(proofs);
        rules = List.copyOf(rules);
        cards = List.copyOf(cards);
    }

    /** A stage that has answers, but no instruments yet. */
    public static StageKit answersOnly(
            Stage stage, Supplier<List<Calculation>> calculations, List<CardPlan> cards, Gate opens) {
        return new StageKit(
                stage, stage.label(), List.of(), List.of(), List.of(), calculations, cards, Optional.of(opens));
    }

    /** Whether Drachen can check this stage. */
    public boolean hasInstruments() {
        return !rules.isEmpty();
    }
}
