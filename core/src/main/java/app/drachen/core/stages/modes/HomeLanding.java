package app.drachen.core.stages.modes;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.modes.HomeProfile;

/** MODES-R15: Home does not land by itself before that was proven. */
final class HomeLanding extends ModesRule {
    HomeLanding() {
        super("MODES-R15", "Home circles at its end; it lands by itself only where a landing was proven.");
    }

    @Override
    public Ruling check(Situation situation) {
        HomeProfile home = situation.setup().modes().home();
        if (home.arrival() != HomeProfile.Arrival.LAND) {
            return good("Home " + home.arrival().label(), "");
        }
        return stop(
                Gate.HOME,
                "Home would land by itself, unproven",
                "No flight of this aircraft has shown that. Let it circle; land by hand.",
                new Remedy.Change(
                        "Let it circle",
                        "Home circles instead of landing",
                        s -> s.withModes(s.modes()
                                .withHome(s.modes()
                                        .home()
                                        .withArrival(
                                                HomeProfile.Arrival.CIRCLE,
                                                s.modes().home().arrivalHeight())))));
    }
}
