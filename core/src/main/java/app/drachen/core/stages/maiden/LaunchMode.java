package app.drachen.core.stages.maiden;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;

/** MAIDEN-R2: the launch mode has been proven. */
public final class LaunchMode implements ClearanceRule {
    @Override
    public String id() {
        return "MAIDEN-R2";
    }

    @Override
    public String demand() {
        return "The first launch is in Manual.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        FlightMode mode = situation.setup().modes().launchMode();
        if (mode == FlightMode.MANUAL) {
            return Ruling.of(Stage.MAIDEN, Gate.LAUNCH, Finding.of(id(), State.GOOD, "Launched in Manual", ""));
        }
        return Ruling.of(
                Stage.MAIDEN,
                Gate.LAUNCH,
                Finding.of(
                        id(),
                        State.STOP,
                        "First launch in " + mode.label() + ": never flown",
                        "Launch in Manual, or prove that mode at height first."),
                new Remedy.Change(
                        "Launch in Manual",
                        "First launch in Manual",
                        s -> s.withModes(s.modes().withLaunchMode(FlightMode.MANUAL))));
    }
}
