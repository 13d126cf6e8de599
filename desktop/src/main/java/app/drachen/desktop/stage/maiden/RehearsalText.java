package app.drachen.desktop.stage.maiden;

import app.drachen.core.rehearsal.Notice;
import app.drachen.core.rehearsal.Outcome;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desk.flight.FlightRun;
import app.drachen.desk.flight.Glance;
import java.util.List;
import java.util.Optional;

/** What a rehearsal says of itself in one line. */
final class RehearsalText {
    private RehearsalText() {}

    /** The ending, or the mode and what happened last. */
    static String of(FlightRun flight, boolean running, UnitSystem units) {
        if (flight.phase() == FlightRun.Phase.LOST) {
            return flight.reason();
        }
        Optional<Glance> glance = flight.glance();
        if (glance.isEmpty()) {
            return "Getting ready.";
        }
        Optional<Outcome> outcome = glance.get().outcome();
        if (outcome.isPresent()) {
            String then = glance.get().found() ? " T takes over what was found." : " Enter reads the debrief.";
            return Quantity.read(outcome.get().sentence(), units)
                    + (flight.flight().isPresent() ? then : " Its log is being read.");
        }
        List<Notice> notices = glance.get().notices();
        String last = notices.isEmpty()
                ? ""
                : " · " + Quantity.read(notices.get(notices.size() - 1).sentence(), units);
        double share = glance.get().knob();
        String knob = share == 1 ? "" : " · gain knob " + Quantity.SHARE.text(share, units);
        return glance.get().mode().label() + (running ? "" : ", held") + knob + last;
    }
}
