package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.Care;
import app.drachen.core.harness.Device;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.function.UnaryOperator;

/** HARNESS-R13: what warms has air or was found to stay cool. */
final class Cooling extends HarnessRule {
    private static final Judgement HEAT =
            new Judgement("HARNESS-R13.heat", "heat from which a device wants air", Quantity.POWER_FINE, 1, 0.1, 20);

    Cooling() {
        super("HARNESS-R13", "Cooling", Source.COMMON_PRACTICE);
    }

    @Override
    public String demand() {
        return "Motor, speed controller, video sender and what gives off more than " + HEAT.text()
                + " have air, and were felt or measured to stay cool.";
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(HEAT);
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        List<Device> warm = wiring.wired().stream()
                .map(Wired::device)
                .filter(d -> d.kind().warm() || d.care().heat() > situation.judged(HEAT))
                .toList();
        for (Device d : warm) {
            if (!d.care().air() && !d.care().thermometer() && !d.care().touched()) {
                return stop(
                        Gate.LAUNCH,
                        upper(d.name()) + " sits in still air",
                        "Small inlet, larger outlet; a thermometer, or touch it after a run at full power, propeller clear of people.",
                        List.of(),
                        cared(d, "It has air", Care::withAir));
            }
        }
        for (Device d : warm) {
            if (!d.care().thermometer() && !d.care().touched()) {
                return caution(
                        upper(d.name()) + " has air, but nobody knows how warm it gets",
                        "Touch it after the first flight, or fit a thermometer.",
                        List.of(),
                        cared(d, "Touched, it stays cool", Care::withTouched));
            }
        }
        return good(
                warm.isEmpty() ? "Nothing here gets warm" : "What warms stays cool",
                warm.isEmpty() ? "" : warm.size() + " devices felt or measured.");
    }

    private static Remedy cared(Device d, String label, UnaryOperator<Care> change) {
        return new Remedy.Change(
                label,
                upper(d.name()) + ": " + label.toLowerCase(java.util.Locale.ROOT),
                s -> s.withHarness(s.harness().withDevice(d.name(), x -> x.withCare(change.apply(x.care())))));
    }
}
