package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.wiring.InstallList;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.working.Source;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** HARNESS-R3: who checks the servos on USB alone knows whether they get power there. */
final class OnUsbAlone extends HarnessRule {
    OnUsbAlone() {
        super("HARNESS-R3", "Servos on USB alone", new Source.Elementary("circuit theory"));
    }

    @Override
    public String demand() {
        return "Servos get power on USB alone, or it is noted that they do not.";
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        Rails usb = Rails.of(wiring, Plugged.USB);
        Optional<BoardRail> dead = wiring.servoRails().stream()
                .filter(r -> usb.rail(r.name()).filter(Rails.Rail::fed).isEmpty())
                .findFirst();
        if (dead.isEmpty()) {
            return good(
                    wiring.servoRails().isEmpty() ? "No servo rail to ask about" : "USB feeds the servos too",
                    wiring.servoRails().isEmpty() ? "" : "It gives little; move one at a time.");
        }
        if (wiring.harness().installed().contains(InstallList.NO_SERVO_POWER_ON_USB)) {
            return good("Noted: on USB alone the servos get no power", "Propeller off, plug the pack, then check.");
        }
        return caution(
                "On USB alone the servos get no power",
                "Propeller off, plug the pack, then check.",
                List.of(),
                new Remedy.Change("Note it", "Noted: no servo power on USB alone", s -> {
                    List<String> more = new ArrayList<>(s.harness().installed());
                    more.add(InstallList.NO_SERVO_POWER_ON_USB);
                    return s.withHarness(s.harness().withInstalled(more));
                }));
    }
}
