package app.drachen.core.clearance;

import app.drachen.core.clearance.rules.ClearanceRules;
import app.drachen.core.working.Finding.State;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the aircraft may do next, and why. It advises; the pilot decides; local rules and licensed
 * people come first.
 *
 * @param reached the last gate that nothing blocks; empty if even power on the bench is blocked
 * @param why the finding that blocks the next gate, in a few words
 * @param stages state of every stage
 * @param rulings every rule's ruling, in the order of the list
 */
public record Clearance(Optional<Gate> reached, String why, Map<Stage, StageState> stages, List<Ruling> rulings) {
    public Clearance {
        stages = Map.copyOf(stages);
        rulings = List.copyOf(rulings);
    }

    /** Asks every rule. */
    public static Clearance of(Situation situation) {
        List<Ruling> rulings =
                ClearanceRules.all().stream().map(rule -> rule.check(situation)).toList();
        Map<Stage, StageState> stages = new EnumMap<>(Stage.class);
        for (Stage stage : Stage.values()) {
            stages.put(stage, state(stage, rulings));
        }
        Optional<Gate> reached = Optional.empty();
        String why = "";
        for (Gate gate : Gate.values()) {
            Optional<String> block = block(gate, rulings);
            if (block.isPresent()) {
                why = block.get();
                break;
            }
            reached = Optional.of(gate);
        }
        return new Clearance(reached, why, stages, rulings);
    }

    private static Optional<String> block(Gate gate, List<Ruling> rulings) {
        Optional<String> finding = rulings.stream()
                .filter(r -> r.blocks() && r.gate().equals(Optional.of(gate)))
                .min(Comparator.comparing(Clearance::urgency))
                .map(r -> r.finding().title());
        if (finding.isPresent()) {
            return finding;
        }
        return switch (gate) {
            case TUNE -> Optional.of("Tune has no instruments yet");
            case HOME -> Optional.of("Homing has no instruments yet");
            case REACH -> Optional.of("Reach has no instruments yet");
            case MISSION -> Optional.of("Mission has no instruments yet");
            default -> Optional.empty();
        };
    }

    /** Stops first, then what went stale, then what is open; earlier stages first. */
    private static int urgency(Ruling ruling) {
        State state = ruling.finding().state();
        int first = state == State.STOP ? 0 : state == State.STALE ? 1 : state == State.OPEN ? 2 : 3;
        return first * 100 + ruling.stage().ordinal();
    }

    private static StageState state(Stage stage, List<Ruling> rulings) {
        if (!stage.hasInstruments()) {
            return StageState.OPEN;
        }
        StageState worst = StageState.PROVEN;
        for (Ruling ruling : rulings) {
            if (ruling.stage() == stage) {
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

    /** The sentence at the kite, without "cleared to". */
    public String sentence() {
        return reached.map(Gate::clearedTo).orElse("bench work, no power");
    }

    /** What Drachen has not looked at although a flight depends on it; empty while nothing may fly. */
    public String reservation() {
        boolean flies = reached.isPresent() && reached.get().compareTo(Gate.LAUNCH) >= 0;
        return flies ? "Harness and Signals are yours to check." : "";
    }

    /** The rulings of one stage, most urgent first. */
    public List<Ruling> of(Stage stage) {
        return rulings.stream()
                .filter(r -> r.stage() == stage)
                .sorted(Comparator.comparing(r -> switch (r.finding().state()) {
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
                    .min(Comparator.comparing(Clearance::urgency));
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
