package app.drachen.desktop.stage.maiden;

import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;

/** What Autotune and auto-trim found in a flight; in the flown board only, until it is taken over. */
final class HelperFinds {
    private HelperFinds() {}

    /** Whether the flight is over and they found something. */
    static boolean in(Rehearsal flight) {
        Setup flown = flight.plan().setup();
        return flight.outcome().isPresent()
                && !(flight.gains().equals(flown.gains()) && flight.centres().equals(flown.controls()));
    }

    /** The set-up with what was found; centres only where the flown ones were its own. */
    static Setup into(Setup setup, Rehearsal flight) {
        Gains found = flight.gains();
        Gains own = setup.gains();
        Setup tuned = setup.withGains(new Gains(
                found.roll(),
                found.pitch(),
                own.yawRate(),
                own.heightGain(),
                own.climbGain(),
                own.speedGain(),
                own.pathPeriod()));
        return setup.controls().equals(flight.plan().setup().controls()) ? tuned.withControls(flight.centres()) : tuned;
    }
}
