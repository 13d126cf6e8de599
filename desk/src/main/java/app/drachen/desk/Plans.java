package app.drachen.desk;

import app.drachen.core.cards.CardPlan;
import java.util.function.Consumer;

/** What an aircraft is to fly next: one card, kept beside its set-up, because a plan changes no aircraft. */
final class Plans {
    private Plans() {}

    /** The setting of the hangar in which it stands. */
    static String setting(long aircraft) {
        return "plan " + aircraft;
    }

    /** Keeps a plan. */
    static void keep(Desk desk, OpenAircraft aircraft, CardPlan card, Runnable kept, Consumer<String> told) {
        desk.keep(
                hangar -> {
                    hangar.keep(setting(aircraft.id()), card.id());
                    aircraft.restand(now -> now.planning(card, desk.today()));
                    return card;
                },
                planned -> {
                    kept.run();
                    desk.fire(new Event.Planned(aircraft));
                },
                told);
    }
}
