package app.drachen.desk.flight;

import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.rehearsal.Scatter;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding.State;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Why a rehearsed flight was lost: it is flown again, the same gusts and errors of building, with one thing changed at a
 * time. What makes it come down whole is named, and so is what does not.
 */
final class Cause {
    /** More remedies than this are not tried. */
    private static final int MOST = 6;

    /** As fast as a strong arm throws [m/s]; usual is 8. */
    private static final double FASTER = 10;

    private Cause() {}

    /** In one or two sentences, what was tried and what helped. */
    static String of(RehearsalPlan plan, Scatter.Flight lost, Clearance clearance) {
        List<String> helped = new ArrayList<>();
        List<String> not = new ArrayList<>();
        changed(plan, clearance).forEach((what, other) -> {
            (whole(other, lost.number()) ? helped : not).add(what);
        });
        String said =
                "First lost, flight " + lost.number() + ": " + lost.outcome().sentence() + " ";
        return said
                + (helped.isEmpty()
                        ? "Flown again it was lost too with: " + String.join(", ", not) + "."
                        : "Flown again it came down whole with: " + String.join(", ", helped)
                                + (not.isEmpty() ? "." : "; not with: " + String.join(", ", not) + "."));
    }

    private static boolean whole(RehearsalPlan plan, int number) {
        try {
            return Scatter.fly(plan, number).outcome().whole();
        } catch (IllegalArgumentException | IllegalStateException e) {
            return false;
        }
    }

    /** The same flight with one thing changed, by what it is called: what the ledger offers, then the throw and the wind. */
    private static Map<String, RehearsalPlan> changed(RehearsalPlan plan, Clearance clearance) {
        Map<String, RehearsalPlan> all = new LinkedHashMap<>();
        for (Ruling ruling : clearance.rulings()) {
            for (Remedy remedy : ruling.remedies()) {
                boolean wanted = ruling.finding().state() != State.GOOD && all.size() < MOST;
                if (wanted && remedy instanceof Remedy.Change change) {
                    try {
                        all.put(change.label(), plan.of(change.change().apply(plan.setup())));
                    } catch (IllegalArgumentException e) {
                        // a change that the set-up refuses cannot help
                        continue;
                    }
                }
            }
        }
        all.put("a throw of " + Quantity.SPEED.text(FASTER), plan.thrownAt(FASTER));
        all.put("still air", plan.on(plan.field().withWind(0, plan.field().windFrom(), 0)));
        return all;
    }
}
