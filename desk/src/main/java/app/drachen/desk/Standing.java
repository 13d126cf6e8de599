package app.drachen.desk;

import app.drachen.core.air.Field;
import app.drachen.core.cards.CardPlan;
import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.FlightFact;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Situation;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.Kits;
import app.drachen.files.hangar.Revision;
import java.time.Clock;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;

/**
 * Where an aircraft stands: its revision, what the rules look at, and what they say. Made once for each change that
 * matters, never for a look.
 *
 * @param revision the revision it stands at
 * @param situation what the rules look at
 * @param clearance what they say
 */
public record Standing(Revision revision, Situation situation, Clearance clearance) {
    /** Asks the rules about a revision. */
    static Standing of(
            Revision revision,
            Optional<Field> field,
            Clock clock,
            List<Proof> proofs,
            List<FlightFact> flights,
            Optional<Setup> flown,
            Optional<CardPlan> plan) {
        Situation situation = new Situation(revision.setup(), revision.number(), field, proofs, revision.changedAt())
                .at(ZonedDateTime.now(clock))
                .having(flights, flown)
                .planning(plan);
        return new Standing(revision, situation, Kits.clearance(situation));
    }

    private Standing with(Situation changed, Clock clock) {
        Situation now = changed.at(ZonedDateTime.now(clock));
        return new Standing(revision, now, Kits.clearance(now));
    }

    /** The same aircraft with one more proof. */
    Standing proven(Proof proof, Clock clock) {
        return with(situation.proving(proof), clock);
    }

    /** The same aircraft with more proofs. */
    Standing proven(List<Proof> proofs, Clock clock) {
        return with(situation.proving(proofs), clock);
    }

    /** The same aircraft on another field. */
    Standing on(Optional<Field> field, Clock clock) {
        return with(situation.on(field), clock);
    }

    /** The same aircraft with other flights in its logbook. */
    Standing flown(List<FlightFact> flights, Optional<Setup> flown, Clock clock) {
        return with(situation.having(flights, flown), clock);
    }

    /** The same aircraft with a card that is to be flown next. */
    Standing planning(CardPlan plan, Clock clock) {
        return with(situation.planning(Optional.of(plan)), clock);
    }

    /** The set-up. */
    public Setup setup() {
        return revision.setup();
    }
}
