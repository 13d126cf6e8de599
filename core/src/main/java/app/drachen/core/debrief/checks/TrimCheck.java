package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.TrimNeeded;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** MAIDEN-R9: the trim that straight flight needs. */
public final class TrimCheck implements DebriefCheck {
    private static final double WORTH_CARRYING = 0.015;
    private static final double ROLL_LIMIT = 0.10;
    private static final double PITCH_LIMIT = 0.15;

    @Override
    public String id() {
        return "MAIDEN-R9";
    }

    @Override
    public String looksFor() {
        return "Straight, level flight needs little trim.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        if (!flight.log().has(LogColumn.ROLL)) {
            return List.of();
        }
        return List.of(check(flight));
    }

    private static String text(double trim) {
        return Double.isNaN(trim) ? "not logged" : Quantity.SHARE_FINE.text(trim);
    }

    /** A single window tells a small trim only if it is as long as this [s]. */
    private static final double LONG = 30;

    private Finding check(Flown flight) {
        if (flight.trim().isEmpty()) {
            return Finding.of(
                    id(),
                    State.OPEN,
                    "Trim not measured",
                    flight.trimMissing()
                            .map(why -> why + " Fly two straight passes at cruise speed, in Manual or Level.")
                            .orElse("The set-up that was flown is not known; give it with the log."));
        }
        TrimNeeded trim = flight.trim().get();
        String measured = "roll " + text(trim.roll()) + ", pitch " + text(trim.pitch());
        boolean much = Math.abs(trim.roll()) > ROLL_LIMIT || Math.abs(trim.pitch()) > PITCH_LIMIT;
        boolean some = Math.max(Math.abs(trim.roll()), Math.abs(trim.pitch())) > WORTH_CARRYING
                || flight.setup()
                        .map(x -> x.controls().trims().largest() > 0.005)
                        .orElse(false);
        boolean small = Math.max(Math.abs(trim.roll()), Math.abs(trim.pitch())) < 2 * WORTH_CARRYING;
        boolean once = trim.windows() == 1 && trim.seconds() < LONG && some && small;
        boolean open = (!trim.enough() || trim.measured().size() < 2 || once) && !much;
        State state = much ? State.STOP : open ? State.OPEN : some ? State.CAUTION : State.GOOD;
        Optional<String> notYet = trim.notYet();
        String title = open
                ? (trim.enough() ? "Trim only half known: " : "Trim not measured for long enough: ") + measured
                : state == State.GOOD ? "Flies hands-off: " + measured : "Trim needed: " + measured;
        String windows = "From " + Quantity.TIME.text(trim.seconds()) + " in " + trim.windows()
                + (trim.windows() == 1 ? " window. " : " windows. ");
        String detail = windows
                + (notYet.isPresent() && state != State.GOOD
                        ? notYet.get()
                        : much
                                ? "More than 10 % in roll or 15 % in pitch: look at wing twist, lateral balance and"
                                        + " neutrals first."
                                : once
                                        ? "One window is too short for so small a trim: fly one more straight pass."
                                        : some ? "Carry it into the servo centres, then zero the radio trim." : "");
        return Finding.of(
                        id(),
                        state,
                        title,
                        detail,
                        trim.measured().stream().map(trim::working).toArray(Working[]::new))
                .during(trim.span().from(), trim.span().to());
    }
}
