package app.drachen.desk;

import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Situation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** Several proofs that were gained at once: kept together, and the rules are asked once. */
public final class Proving {
    private final Desk desk;
    private final OpenAircraft aircraft;
    private final Situation situation;
    private final List<Proof> gained = new ArrayList<>();

    /** Nothing gained yet, with the set-up that is shown. */
    public Proving(Session session) {
        desk = session.desk();
        aircraft = session.aircraft();
        situation = session.situation();
    }

    /** One more. */
    public void add(ProofKind kind, Evidence evidence, boolean passed, String note, Map<String, Double> values) {
        gained.add(Proof.gained(
                kind, situation.prints(), situation.revision(), desk.now(), evidence, passed, note, values));
    }

    /** Keeps them. */
    public void keep(Consumer<String> told) {
        if (gained.isEmpty()) {
            return;
        }
        List<Proof> all = List.copyOf(gained);
        desk.keep(
                hangar -> {
                    all.forEach(p -> hangar.add(aircraft.id(), p));
                    aircraft.restand(now -> now.proven(all, desk.clock()));
                    return all;
                },
                kept -> desk.fire(new Event.Proved(aircraft)),
                told);
    }
}
