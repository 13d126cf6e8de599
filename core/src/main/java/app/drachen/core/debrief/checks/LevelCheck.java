package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.LevelResult;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Working;
import java.util.Comparator;
import java.util.List;

/** MAIDEN-R14: Level settles after a release. */
public final class LevelCheck implements DebriefCheck {
    private static final double SETTLE_LIMIT = 3;
    private static final double OVERSHOOT_LIMIT = Math.toRadians(10);

    @Override
    public String id() {
        return "MAIDEN-R14";
    }

    @Override
    public String looksFor() {
        return "Level settles within 3 s from 30° of bank and overshoots less than 10°.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        if (!flight.log().has(LogColumn.ROLL) || flight.segments().isEmpty()) {
            return List.of();
        }
        return List.of(check(flight));
    }

    private Finding check(Flown flight) {
        if (flight.levels().isEmpty()) {
            return Finding.of(
                    id(),
                    State.OPEN,
                    "No release into Level from a bank shows here",
                    "Bank 30° in Manual, switch to Level, let go for 8 s.");
        }
        LevelResult worst = flight.levels().stream()
                .max(Comparator.comparingDouble(LevelResult::settle))
                .orElseThrow();
        boolean slow = worst.settle() > SETTLE_LIMIT;
        boolean over = worst.overshoot() > OVERSHOOT_LIMIT;
        boolean never = Double.isInfinite(worst.settle());
        String title = never ? "Level does not settle" : "Level settles in " + Quantity.TIME.text(worst.settle());
        String detail = "Limit 3 s; overshoot "
                + Quantity.ANGLE.text(worst.overshoot())
                + " of 10° allowed"
                + (slow || over
                        ? (StickRestCheck.off(flight)
                                ? ". The stick rests off the middle: mend that first, then look again."
                                : ". Look at servo senses, board mount, then roll gains.")
                        : Double.isNaN(worst.climb())
                                ? "."
                                : "; climbs " + Quantity.CLIMB.text(worst.climb()) + " hands off.");
        return Finding.of(
                        id(),
                        slow || over ? State.STOP : State.GOOD,
                        title,
                        detail,
                        flight.levels().stream().map(LevelResult::working).toArray(Working[]::new))
                .during(worst.time(), worst.time() + (never ? 8 : Math.max(3, worst.settle() + 1)));
    }
}
