package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.PowerTrim;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.List;
import java.util.Optional;

/** THROWS-A11: pitch that is needed without power, where a log shows straight flight at cruise speed with and without it. */
public final class PowerTrimCheck implements DebriefCheck {
    /** As much as is worth a mix [-]; an own choice. */
    private static final double WORTH = 0.05;

    @Override
    public String id() {
        return "THROWS-A11";
    }

    @Override
    public String looksFor() {
        return "Power off, straight at cruise speed: hardly another elevator than under power.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        Optional<PowerTrim> trim = flight.setup()
                .flatMap(s -> PowerTrim.of(
                        flight.log(), s.controls(), s.modes().limits().cruiseSpeed()));
        return trim.map(t -> {
                    boolean much = Math.abs(t.needed()) > WORTH;
                    String way = Quantity.SHARE_FINE.text(t.needed());
                    return List.of(Finding.of(
                            id(),
                            much ? State.CAUTION : State.GOOD,
                            "Without power it needs " + way + " of elevator",
                            much
                                    ? "Count the flight as evidence; then Throws compares its mix of power into pitch with this."
                                    : "That is hardly worth a mix.",
                            t.working()));
                })
                .orElse(List.of());
    }
}
