package app.drachen.desk;

import app.drachen.core.cards.CardPlan;
import app.drachen.core.setup.Setup;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import app.drachen.files.hangar.Revision;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** What an aircraft has flown last and is to fly next: one card, kept beside its set-up, because a plan changes no aircraft. */
final class Plans {
    private Plans() {}

    /** The setting of the hangar in which it stands. */
    static String setting(long aircraft) {
        return "plan " + aircraft;
    }

    /** The set-up that was really flown last; empty if none was, or if its revision cannot be read. */
    static Optional<Setup> flown(Hangar hangar, long aircraft, List<FlightRecord> flights) {
        Optional<FlightRecord> last =
                flights.stream().filter(f -> !f.rehearsed()).max(Comparator.comparingLong(FlightRecord::when));
        try {
            return last.flatMap(f -> hangar.revision(aircraft, f.revision())).map(Revision::setup);
        } catch (HangarException e) {
            return Optional.empty();
        }
    }

    /** Keeps a plan. */
    static void keep(Desk desk, OpenAircraft aircraft, CardPlan card, Runnable kept, Consumer<String> told) {
        desk.keep(
                hangar -> {
                    hangar.keep(setting(aircraft.id()), card.id());
                    aircraft.restand(now -> now.planning(card, desk.clock()));
                    return card;
                },
                planned -> {
                    kept.run();
                    desk.fire(new Event.Planned(aircraft));
                },
                told);
    }
}
