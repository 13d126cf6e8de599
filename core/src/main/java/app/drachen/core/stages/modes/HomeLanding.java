package app.drachen.core.stages.modes;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.modes.HomeProfile;
import java.util.Optional;

/** MODES-R15: Home does not land by itself before that was proven. */
final class HomeLanding extends ModesRule {
    HomeLanding() {
        super("MODES-R15", "Home circles at its end; it lands by itself only where a landing was proven.");
    }

    @Override
    public Ruling check(Situation situation) {
        HomeProfile home = situation.setup().modes().home();
        if (home.arrival() != HomeProfile.Arrival.LAND) {
            return good("Home " + home.arrival().label(), "");
        }
        Optional<Proof> proof = situation.proof(ProofKind.HOME_LANDED);
        if (proof.isPresent() && proof.get().passed() && situation.fresh(proof.get())) {
            return good("Home lands by itself", proof.get().note());
        }
        String why = proof.isEmpty()
                ? "No flight of this aircraft has shown that."
                : proof.get().passed()
                        ? situation.changes(proof.get())
                        : "The last one failed: " + proof.get().note() + ".";
        return stop(
                Gate.HOME,
                "Home would land by itself, unproven",
                why
                        + " Let it circle and land by hand. To prove it: an empty meadow, people behind you, a hand on Manual;"
                        + " then count the flight as evidence in the Logbook.",
                new Remedy.Change(
                        "Let it circle",
                        "Home circles instead of landing",
                        s -> s.withModes(s.modes()
                                .withHome(s.modes()
                                        .home()
                                        .withArrival(
                                                HomeProfile.Arrival.CIRCLE,
                                                s.modes().home().arrivalHeight())))));
    }
}
