package app.drachen.core.clearance;

import app.drachen.core.math.Order;
import app.drachen.core.setup.Waiver;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What the aircraft may do next, and why. It advises; the pilot decides; local rules and licensed
 * people come first.
 *
 * @param reached the last gate that nothing blocks; empty if even power on the bench is blocked
 * @param why the finding that blocks the next gate, in a few words
 * @param stages state of every stage
 * @param rulings every rule's ruling, in the order of the list
 * @param unchecked stages before the first flight that Drachen has no instruments for
 * @param passedOver titles of the findings that the pilot passes over
 * @param onPaper what counts as shown although only the stand-in board or a computed figure shows it
 */
public record Clearance(
        Optional<Gate> reached,
        String why,
        Map<Stage, StageState> stages,
        List<Ruling> rulings,
        List<Stage> unchecked,
        List<String> passedOver,
        List<String> onPaper) {
    public Clearance {
        stages = Map.copyOf(stages);
        rulings = List.copyOf(rulings);
        unchecked = List.copyOf(unchecked);
        passedOver = List.copyOf(passedOver);
        onPaper = List.copyOf(onPaper);
    }

    /** Asks every rule of every kit. */
    public static Clearance of(Situation situation, List<StageKit> kits) {
        List<Ruling> rulings = new ArrayList<>();
        List<String> passedOver = new ArrayList<>();
        for (StageKit kit : kits) {
            for (ClearanceRule rule : kit.rules()) {
                Ruling ruling = decided(kit, rule, situation);
                Optional<Waiver> waiver = waiver(rule, ruling, situation);
                rulings.add(waiver.map(ruling::waived).orElse(ruling));
                waiver.ifPresent(w -> passedOver.add(ruling.finding().title()));
            }
        }
        Map<Stage, StageState> stages = new EnumMap<>(Stage.class);
        kits.forEach(kit -> stages.put(kit.stage(), state(kit, rulings)));
        Optional<Gate> reached = Optional.empty();
        String why = "";
        for (Gate gate : Gate.values()) {
            Optional<String> block = block(gate, rulings, kits);
            if (block.isPresent()) {
                why = block.get();
                break;
            }
            reached = Optional.of(gate);
        }
        return new Clearance(reached, why, stages, rulings, unchecked(kits), passedOver, onPaper(situation, kits));
    }

    /** Proofs that count now and come from no aircraft. */
    private static List<String> onPaper(Situation situation, List<StageKit> kits) {
        return kits.stream()
                .flatMap(kit -> kit.proofs().stream())
                .filter(kind -> situation
                        .proof(kind)
                        .filter(p ->
                                p.passed() && situation.fresh(p) && p.evidence().onPaper())
                        .isPresent())
                .map(ProofKind::label)
                .toList();
    }

    /** Why the pilot passes over what blocks, where he may. A stop he may not. */
    private static Optional<Waiver> waiver(ClearanceRule rule, Ruling ruling, Situation situation) {
        boolean missing = ruling.blocks() && ruling.finding().state() != State.STOP;
        return missing && rule.mayBeWaived() ? situation.setup().waiver(rule.id()) : Optional.empty();
    }

    /** A rule's ruling; what the pilot has decided about its limits stands in it. */
    private static Ruling decided(StageKit kit, ClearanceRule rule, Situation situation) {
        Ruling ruling;
        try {
            ruling = rule.check(situation);
        } catch (IllegalArgumentException | IllegalStateException | ArithmeticException e) {
            return unanswered(kit, rule, e);
        }
        String decided = rule.judgements().stream()
                .flatMap(j -> j.decided(situation.setup().decision(j.id())).stream())
                .collect(Collectors.joining(" "));
        return decided.isEmpty() ? ruling : ruling.noting(decided);
    }

    /** A question that has no answer for this aircraft stops it: its figures are beyond what can be reckoned with. */
    private static Ruling unanswered(StageKit kit, ClearanceRule rule, RuntimeException e) {
        String said = String.valueOf(e.getMessage());
        boolean number = said.contains("NaN") || said.contains("Infinity") || said.equals("null");
        String why = number ? "they lead to no number at all" : said;
        return Ruling.of(
                kit.stage(),
                kit.opens().orElse(Gate.LAUNCH),
                Finding.of(
                        rule.id(),
                        State.STOP,
                        "No answer for " + kit.stage().label().toLowerCase(Locale.ROOT),
                        rule.demand() + " That cannot be reckoned with these figures: " + why
                                + ". Check what was entered last, or go back a revision."));
    }

    private static List<Stage> unchecked(List<StageKit> kits) {
        return kits.stream()
                .filter(kit -> !kit.hasInstruments() && kit.stage().compareTo(Stage.MAIDEN) < 0)
                .map(StageKit::stage)
                .toList();
    }

    private static Optional<String> block(Gate gate, List<Ruling> rulings, List<StageKit> kits) {
        Optional<String> finding = rulings.stream()
                .filter(r -> r.blocks() && r.gate().equals(Optional.of(gate)))
                .min(Order.by(Clearance::urgency))
                .map(r -> r.finding().title());
        if (finding.isPresent()) {
            return finding;
        }
        return kits.stream()
                .filter(kit -> kit.opens().equals(Optional.of(gate)) && !kit.hasInstruments())
                .findFirst()
                .map(kit -> kit.stage().label() + " has no instruments yet");
    }

    /** Stops first, then what went stale, then what is open; earlier stages first. */
    private static int urgency(Ruling ruling) {
        State state = ruling.finding().state();
        int first = state == State.STOP ? 0 : state == State.STALE ? 1 : state == State.OPEN ? 2 : 3;
        return first * 100 + ruling.stage().ordinal();
    }

    private static StageState state(StageKit kit, List<Ruling> rulings) {
        if (!kit.hasInstruments()) {
            return StageState.OPEN;
        }
        StageState worst = StageState.PROVEN;
        for (Ruling ruling : rulings) {
            if (ruling.stage() == kit.stage()) {
                StageState one =
                        switch (ruling.finding().state()) {
                            case STOP -> StageState.STOPPED;
                            case STALE -> StageState.STALE;
                            case OPEN -> StageState.OPEN;
                            case GOOD, CAUTION -> StageState.PROVEN;
                        };
                worst = worse(worst, one);
            }
        }
        return worst;
    }

    private static StageState worse(StageState a, StageState b) {
        List<StageState> order = List.of(StageState.PROVEN, StageState.STALE, StageState.OPEN, StageState.STOPPED);
        return order.indexOf(a) >= order.indexOf(b) ? a : b;
    }

    /** The sentence at the kite, without "cleared to"; it says where a flight rests on paper. */
    public String sentence() {
        return reached.map(Gate::clearedTo).orElse("bench work, no power")
                + (flies() && !onPaper.isEmpty() ? " · on paper" : "");
    }

    private boolean flies() {
        return reached.isPresent() && reached.get().compareTo(Gate.LAUNCH) >= 0;
    }

    /**
     * What Drachen has not looked at, was told to pass over, or has seen on paper only, although a flight depends on it;
     * empty while nothing may fly.
     */
    public String reservation() {
        String names = unchecked.stream().map(Stage::label).collect(Collectors.joining(" and "));
        boolean one = unchecked.size() == 1;
        if (!flies()) {
            return "";
        }
        // what a pilot may take for shown comes first: the rest may be cut where there is little room
        String paper = onPaper.isEmpty() ? "" : "Only on paper: " + String.join(", ", onPaper) + ". ";
        String over = passedOver.isEmpty() ? "" : "Passed over by you: " + String.join(", ", passedOver) + ". ";
        String yours = unchecked.isEmpty() ? "" : names + (one ? " is" : " are") + " yours to check.";
        return (paper + over + yours).strip();
    }

    /** The rulings of one stage, most urgent first. */
    public List<Ruling> of(Stage stage) {
        return rulings.stream()
                .filter(r -> r.stage() == stage)
                .sorted(Order.by(r -> switch (r.finding().state()) {
                    case STOP -> 0;
                    case STALE -> 1;
                    case CAUTION -> 2;
                    case OPEN -> 3;
                    case GOOD -> 4;
                }))
                .toList();
    }

    /** The ruling to work on next: the most urgent one that blocks the next gate. */
    public Optional<Ruling> next() {
        for (Gate gate : Gate.values()) {
            Optional<Ruling> block = rulings.stream()
                    .filter(r -> r.blocks() && r.gate().equals(Optional.of(gate)))
                    .min(Order.by(Clearance::urgency));
            if (block.isPresent()) {
                return block;
            }
        }
        return Optional.empty();
    }

    /** Whether any finding is a stop. */
    public boolean stopped() {
        return rulings.stream().anyMatch(r -> r.finding().state() == State.STOP);
    }
}
