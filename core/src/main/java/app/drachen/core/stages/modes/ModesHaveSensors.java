package app.drachen.core.stages.modes;

import app.drachen.core.airframe.PartKind;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Optional;

/** MODES-R17: what a mode needs is fitted. Whether a board needs a compass, and has a barometer of its own, nobody can tell from here. */
final class ModesHaveSensors extends ModesRule {
    private static final List<FlightMode> BY_POSITION = List.of(FlightMode.CIRCLE, FlightMode.HOME, FlightMode.MISSION);

    ModesHaveSensors() {
        super(
                "MODES-R17",
                "The board has every mode on the selector, and Circle, Home and Mission a satellite receiver.");
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        List<FlightMode> wanted =
                setup.modes().selector().wanted().stream().distinct().toList();
        boolean chosen = setup.harness().board().chosen();
        Optional<FlightMode> beyond = wanted.stream()
                .filter(m -> chosen && !setup.harness().board().automation().has(m))
                .findFirst();
        if (beyond.isPresent()) {
            return stop(
                    Gate.HOLD,
                    setup.harness().board().name() + " has no " + beyond.get().label(),
                    "It is a " + setup.harness().board().automation().label() + ". Take the mode off the selector.",
                    go("Take it off"));
        }
        Optional<FlightMode> needs =
                wanted.stream().filter(BY_POSITION::contains).findFirst();
        boolean fix = setup.parts().stream().anyMatch(p -> p.kind() == PartKind.SATELLITE_RECEIVER)
                || setup.harness().devices().stream().anyMatch(d -> d.kind() == DeviceKind.SATELLITE_RECEIVER);
        if (needs.isPresent() && !fix) {
            return stop(
                    Gate.HOLD,
                    needs.get().label() + " needs a position fix",
                    "No satellite receiver is among parts or devices. Fit one, or drop the mode.",
                    new Remedy.GoTo("Fit it", Stage.BUILD),
                    go("Drop the mode"));
        }
        return chosen
                ? good("Every mode has what it needs", "")
                : open(
                        Optional.empty(),
                        "Whether the board has each mode is not known",
                        "No board is chosen in Harness.",
                        new Remedy.GoTo("Choose it", Stage.HARNESS));
    }
}
