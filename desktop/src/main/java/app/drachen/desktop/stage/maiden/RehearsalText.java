package app.drachen.desktop.stage.maiden;

import app.drachen.core.rehearsal.Notice;
import app.drachen.core.rehearsal.Outcome;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import java.util.List;
import java.util.Optional;

/** What a rehearsal says of itself in one line. */
final class RehearsalText {
    private RehearsalText() {}

    /** The ending, or the mode and what happened last. */
    static String of(Rehearsal flight, boolean running, UnitSystem units) {
        Optional<Outcome> outcome = flight.outcome();
        if (outcome.isPresent()) {
            return Quantity.read(outcome.get().sentence(), units)
                    + (HelperFinds.in(flight) ? " T takes over what was found." : " Enter reads the debrief.");
        }
        List<Notice> notices = flight.notices();
        String last = notices.isEmpty()
                ? ""
                : " · " + Quantity.read(notices.get(notices.size() - 1).sentence(), units);
        String knob = flight.knob() == 1 ? "" : " · gain knob " + Quantity.SHARE.text(flight.knob(), units);
        return flight.mode().label() + (running ? "" : ", held") + knob + last;
    }
}
