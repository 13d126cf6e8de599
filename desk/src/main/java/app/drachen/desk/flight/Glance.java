package app.drachen.desk.flight;

import app.drachen.core.controls.ControlSetup;
import app.drachen.core.log.FlightLog;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.rehearsal.Notice;
import app.drachen.core.rehearsal.Outcome;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;
import app.drachen.core.setup.TuneSection;
import app.drachen.core.setup.TuneSection.Origin;
import java.util.List;
import java.util.Optional;

/**
 * A look at a flight between two steps; it does not change while it is looked at.
 *
 * @param setup the aircraft that flies
 * @param time since launch [s]
 * @param step number of the step being flown, from 1
 * @param mode the flight mode
 * @param knob where the gain knob stands, as a share of the rate gains [-]
 * @param charge used so far [C]
 * @param log the log so far
 * @param notices what happened on the way
 * @param outcome the ending, once there is one
 * @param gains the gains that act now
 * @param centres the outputs with the centres that act now
 */
public record Glance(
        Setup setup,
        double time,
        int step,
        FlightMode mode,
        double knob,
        double charge,
        FlightLog log,
        List<Notice> notices,
        Optional<Outcome> outcome,
        Gains gains,
        ControlSetup centres) {
    public Glance {
        notices = List.copyOf(notices);
    }

    static Glance of(Rehearsal flight) {
        return new Glance(
                flight.plan().setup(),
                flight.time(),
                flight.stepNumber(),
                flight.mode(),
                flight.knob(),
                flight.aircraft().chargeUsed(),
                flight.log(),
                flight.notices(),
                flight.outcome(),
                flight.gains(),
                flight.centres());
    }

    /** Whether the flight is over and Autotune or auto-trim found something. */
    public boolean found() {
        return outcome.isPresent() && !(gains.equals(setup.gains()) && centres.equals(setup.controls()));
    }

    /** A set-up with what was found; centres only where the flown ones were its own. */
    public Setup foundInto(Setup other) {
        Gains own = other.gains();
        boolean roll = !gains.roll().equals(setup.gains().roll());
        boolean pitch = !gains.pitch().equals(setup.gains().pitch());
        Setup tuned = other.withTune(new TuneSection(
                new Gains(
                        gains.roll(),
                        gains.pitch(),
                        own.yawRate(),
                        own.heightGain(),
                        own.climbGain(),
                        own.speedGain(),
                        own.lookAhead()),
                roll ? Origin.AUTOTUNE : other.tune().roll(),
                pitch ? Origin.AUTOTUNE : other.tune().pitch(),
                other.tune().others()));
        return other.controls().equals(setup.controls()) ? tuned.withControls(centres) : tuned;
    }
}
