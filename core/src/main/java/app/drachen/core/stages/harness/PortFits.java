package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.wiring.Assignment;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** HARNESS-R10: each port offers the protocol, speed and levels of what is plugged in. */
final class PortFits extends HarnessRule {
    PortFits() {
        super("HARNESS-R10", "Ports against what talks there", Source.COMMON_PRACTICE);
    }

    @Override
    public String demand() {
        return "Each port offers the protocol, the speed and the levels of the device that is plugged in.";
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        int looked = 0;
        for (Wired w : wiring.wired()) {
            Optional<Place> place =
                    w.place().filter(p -> p.signal() == w.device().want().signal() && p.signal() != Signal.PULSE);
            if (place.isEmpty()) {
                continue;
            }
            looked++;
            Optional<String> against =
                    Assignment.against(wiring, w, place.get(), 0).filter(why -> !why.equals("has no power pin"));
            if (against.isPresent()) {
                Assignment best = Assignment.of(wiring, Assignment.Aim.FEWEST_MOVES);
                return stop(
                        Gate.LAUNCH,
                        upper(w.device().name()) + " wants " + w.device().want().words() + "; "
                                + place.get().name() + " " + against.get(),
                        best.complete()
                                ? "Move it to a port that offers it."
                                : "No free port offers it; take another board or device.",
                        List.of(),
                        best.complete() ? new Remedy[] {Places.take(best)} : new Remedy[0]);
            }
        }
        return good(
                looked == 0 ? "No port in use" : "Each port offers what is asked of it",
                looked == 0 ? "" : looked + " devices looked at.");
    }
}
