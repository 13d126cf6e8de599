package app.drachen.core.debrief.checks;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.StallResult;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.List;

/** MAIDEN-R12: the stall comes where it was computed, and no wing drops far. */
public final class StallCheck implements DebriefCheck {
    @Override
    public String id() {
        return "MAIDEN-R12";
    }

    @Override
    public String looksFor() {
        return "The stall lies within 10 % of the computed band and no wing drops over 30°.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        if (flight.stall().isEmpty() && !flight.log().has(LogColumn.PITCH)) {
            // a track of places shows no stall and is not asked for one
            return List.of();
        }
        Finding finding = check(flight);
        return List.of(flight.stall()
                .map(x -> finding.during(Math.max(flight.log().time(0), x.time() - 2), x.time() + 4))
                .orElse(finding));
    }

    private Finding check(Flown flight) {
        if (flight.stall().isEmpty()) {
            return Finding.of(
                    id(),
                    State.OPEN,
                    "No stall in this log",
                    "Power off at trial height and hold the nose up until it breaks.");
        }
        StallResult stall = flight.stall().get();
        if (flight.expectedStall().isEmpty()) {
            return Finding.of(
                    id(),
                    State.OPEN,
                    "Stalls at " + Quantity.SPEED.text(stall.speed()),
                    "The set-up that was flown is not known, so it cannot be judged.",
                    stall.working());
        }
        Stall expected = flight.expectedStall().get();
        double low = expected.low() * 0.9;
        double high = expected.high() * 1.1;
        boolean off = stall.speed() < low || stall.speed() > high;
        double drop = Math.toDegrees(stall.wingDrop());
        State state = drop > 60 ? State.STOP : off || drop > 30 ? State.CAUTION : State.GOOD;
        String side = stall.left() ? "left" : "right";
        String title = "Stalls at "
                + Quantity.SPEED.text(stall.speed())
                + ", lost "
                + Quantity.HEIGHT.text(stall.heightLost());
        String detail = state == State.GOOD
                ? "Computed " + Quantity.SPEED.text(expected.low()) + " to " + Quantity.SPEED.text(expected.high())
                        + "."
                : "Computed "
                        + Quantity.SPEED.text(expected.low()) + " to " + Quantity.SPEED.text(expected.high())
                        + "; the "
                        + side
                        + " wing dropped "
                        + Quantity.ANGLE.text(stall.wingDrop())
                        + " (30° allowed). Look at CG, washout and limits.";
        return Finding.of(id(), state, title, detail, stall.working(), expected.working());
    }
}
