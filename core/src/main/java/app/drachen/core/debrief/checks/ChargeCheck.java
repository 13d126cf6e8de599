package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Debrief;
import app.drachen.core.debrief.Flown;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.Optional;

/** REACH-R9: how much of the pack was used. */
public final class ChargeCheck implements DebriefCheck {
    @Override
    public String id() {
        return "REACH-R9";
    }

    @Override
    public String looksFor() {
        return "At most 80 % of the pack is used.";
    }

    @Override
    public Finding check(Flown flight) {
        Optional<Double> used = Debrief.usedShare(flight.log(), flight.setup());
        if (used.isEmpty()) {
            return Finding.of(
                    id(),
                    State.OPEN,
                    "Use of the pack not known",
                    "It needs the charge in the log and the set-up that was flown.");
        }
        double share = used.get();
        double capacity = flight.setup().orElseThrow().propulsion().pack().capacity();
        Working working = Working.of(
                "LOGBOOK-A1",
                "Pack used",
                share,
                Quantity.SHARE,
                "Q/C",
                Source.ARITHMETIC,
                Working.in("charge used Q", share * capacity, Quantity.CHARGE),
                Working.in("capacity C", capacity, Quantity.CHARGE),
                Working.in("time", flight.log().duration(), Quantity.TIME));
        String title = Quantity.SHARE.text(share) + " of the pack used";
        if (share > 0.9) {
            return Finding.of(id(), State.STOP, title, "Over 90 %: inspect the pack.", working);
        }
        return share > 0.8
                ? Finding.of(id(), State.CAUTION, title, "Over 80 %: set an energy alarm.", working)
                : Finding.of(id(), State.GOOD, title, "", working);
    }
}
