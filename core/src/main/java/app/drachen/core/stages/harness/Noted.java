package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.BoardCare;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** HARNESS-R18: it is noted which board and which software it is, and its values were saved before the last update. */
final class Noted extends HarnessRule {
    /** Devices with software of their own. */
    private static final Set<DeviceKind> SOFT = Set.of(DeviceKind.RECEIVER, DeviceKind.SPEED_CONTROLLER);

    Noted() {
        super("HARNESS-R18", "Versions and copies", Source.COMMON_PRACTICE);
    }

    @Override
    public String demand() {
        return "Serial number and software of board, receiver and speed controller are noted, and all values saved before an update.";
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        BoardCare care = wiring.harness().care();
        if (care.refused()) {
            return caution(
                    "The board still refuses a step",
                    "Put right what it names; then prove again what it touches.",
                    List.of());
        }
        if (care.version().isBlank() || care.serial().isBlank()) {
            return open(
                    Optional.empty(),
                    "Serial number and software of the board are not noted",
                    "Read them off, and enter them; a log that names another board is then seen.");
        }
        if (!care.copied()) {
            return caution(
                    "No copy of the board's values was saved before " + care.version(),
                    "Save all values, update, compare, prove again.",
                    List.of());
        }
        Optional<Device> bare = wiring.wired().stream()
                .map(Wired::device)
                .filter(d -> SOFT.contains(d.kind())
                        && d.care().serial().isBlank()
                        && d.care().version().isBlank())
                .findFirst();
        if (bare.isPresent()) {
            return caution(
                    "Neither serial number nor software of " + bare.get().name() + " is noted",
                    "Read it off before it disappears behind a hatch.",
                    List.of());
        }
        return good(
                "Board software " + care.version() + " noted, values saved before it",
                care.erased() ? "Its values were erased with it: enter and prove them anew." : "");
    }
}
