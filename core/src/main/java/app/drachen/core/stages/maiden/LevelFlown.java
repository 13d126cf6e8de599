package app.drachen.core.stages.maiden;

import app.drachen.core.cards.CardPlan;
import app.drachen.core.cards.Task;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.ProofRule;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** MAIDEN-R7: Level has been flown before a mode that builds on it. */
public final class LevelFlown extends ProofRule {
    private static final Set<FlightMode> BUILT_ON_LEVEL =
            EnumSet.of(FlightMode.HOLD, FlightMode.CIRCLE, FlightMode.HOME, FlightMode.MISSION);
    private static final Set<Task> TUNING = EnumSet.of(Task.TUNE_ROLL, Task.TUNE_PITCH);

    public LevelFlown() {
        super(ProofKind.LEVEL_FLOWN, Gate.HOLD, "Level not flown yet", "Fly Level at trial height");
    }

    @Override
    public String id() {
        return "MAIDEN-R7";
    }

    @Override
    public boolean mayBeWaived() {
        return true;
    }

    /** A card that is planned and builds on Level is stopped until Level is proven. */
    @Override
    public Ruling check(Situation situation) {
        Ruling ruling = super.check(situation);
        Optional<String> builds = situation.plan().flatMap(p -> buildsOnLevel(p, situation));
        boolean fine = situation.proven(ProofKind.LEVEL_FLOWN)
                || situation.setup().waiver(id()).isPresent();
        if (builds.isEmpty() || fine) {
            return ruling;
        }
        Finding open = ruling.finding();
        return new Ruling(
                ruling.stage(),
                ruling.gate(),
                Finding.of(
                        id(),
                        State.STOP,
                        builds.get() + " before Level",
                        "Planned: " + situation.plan().orElseThrow().title() + ". " + open.title() + ". "
                                + open.detail()),
                ruling.remedies());
    }

    /** What of a card needs Level, in a word. */
    private static Optional<String> buildsOnLevel(CardPlan plan, Situation situation) {
        return situation.field().flatMap(field -> plan.forAircraft(situation.setup(), field).steps().stream()
                .filter(s -> BUILT_ON_LEVEL.contains(s.mode()) || TUNING.contains(s.task()))
                .map(s -> TUNING.contains(s.task()) ? "Autotune" : s.mode().label())
                .reduce((a, b) -> b));
    }
}
