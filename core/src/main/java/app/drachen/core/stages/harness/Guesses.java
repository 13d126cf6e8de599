package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.Care.Known;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Signal;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** HARNESS-R16: nothing rests on a guess. */
final class Guesses extends HarnessRule {
    Guesses() {
        super("HARNESS-R16", "Guesses", Source.COMMON_PRACTICE);
    }

    @Override
    public String demand() {
        return "No figure of a device is a guess, or only typical of its kind.";
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        List<Device> guessed = of(wiring, Known.GUESSED);
        Optional<Device> vital = guessed.stream()
                .filter(d -> d.kind() == DeviceKind.RECEIVER || d.want().signal() == Signal.PULSE)
                .findFirst();
        String detail = "Prove it or look it up, then say where it comes from.";
        if (vital.isPresent()) {
            return stop(Gate.LAUNCH, "What is entered of " + vital.get().name() + " is a guess", detail, List.of());
        }
        if (!guessed.isEmpty()) {
            return caution("What is entered of " + names(guessed) + " is a guess", detail, List.of());
        }
        List<Device> typical = of(wiring, Known.TYPICAL);
        if (!typical.isEmpty()) {
            return open(
                    Optional.empty(),
                    "Only typical of its kind: " + names(typical),
                    "Currents may be half or twice as much. Look up or measure yours.",
                    new Remedy.Change(
                            "All looked up, right as they stand",
                            "Figures of all devices looked up",
                            Guesses::lookedUp));
        }
        return good("No guesses", wiring.wired().size() + " devices, from data sheets or measured.");
    }

    private static List<Device> of(Wiring wiring, Known known) {
        return wiring.wired().stream()
                .map(Wired::device)
                .filter(d -> d.care().known() == known)
                .toList();
    }

    private static String names(List<Device> devices) {
        String few = devices.stream().limit(3).map(Device::name).collect(Collectors.joining(", "));
        return devices.size() > 3 ? few + " and " + (devices.size() - 3) + " more" : few;
    }

    private static Setup lookedUp(Setup setup) {
        return setup.withHarness(setup.harness()
                .withDevices(setup.harness().devices().stream()
                        .map(d -> d.care().known() == Known.TYPICAL
                                ? d.withCare(d.care().withKnown(Known.SHEET))
                                : d)
                        .toList()));
    }
}
