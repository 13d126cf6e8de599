package app.drachen.core.stages.harness;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Judgement;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.propulsion.Running;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** HARNESS-R17: motor, speed controller and packs carry the current of full power. */
final class FullCurrent extends HarnessRule {
    private static final Judgement SHARE = new Judgement(
            "HARNESS-R17.share", "share of a rating that full power may take", Quantity.SHARE, 0.9, 0.3, 1.2);

    FullCurrent() {
        super("HARNESS-R17", "Current at full power", new Source.OwnEstimate("current \u00b115 %"));
    }

    @Override
    public String demand() {
        return "At full power, standing, the current takes at most " + SHARE.text()
                + " of what motor, speed controller and packs carry.";
    }

    @Override
    public List<Judgement> judgements() {
        return List.of(SHARE);
    }

    /**
     * Something that the current goes through.
     *
     * @param name of it
     * @param amps that it carries [A]; 0 where nobody knows
     */
    private record Carrier(String name, double amps) {}

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        int drives = situation.setup().propulsion().drives().size();
        if (drives == 0) {
            return good("No motor to overload", "");
        }
        double density = situation.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        double all = Running.of(situation.setup().propulsion().withPack(wiring.pack()), 1, 0, 0, density)
                .current();
        List<Carrier> carriers = new ArrayList<>();
        for (Wired w : wiring.wired()) {
            if (w.device().kind() == DeviceKind.MOTOR || w.device().kind() == DeviceKind.SPEED_CONTROLLER) {
                carriers.add(new Carrier(
                        w.device().name(), drives * w.device().gives().carries()));
            }
        }
        double rate = wiring.harness().packs().rate();
        carriers.add(new Carrier("pack", rate * wiring.pack().capacity() / 3_600));
        Working current = Working.of(
                        id(),
                        "Current at full power, standing",
                        all,
                        Quantity.CURRENT,
                        "motor and propeller in balance, pack full",
                        new Source.Published("M. Drela", "First-Order DC Electric Motor Model", 2007),
                        Working.in("cells", wiring.pack().cells(), Quantity.COUNT))
                .within(0.85 * all, 1.15 * all);
        Optional<Carrier> weakest =
                carriers.stream().filter(c -> c.amps() > 0).min((a, b) -> Double.compare(a.amps(), b.amps()));
        if (weakest.isPresent() && all > situation.judged(SHARE) * weakest.get().amps()) {
            return stop(
                    Gate.POWER,
                    wiring.pack().cells() + " cells draw " + Quantity.CURRENT.text(all) + "; the "
                            + weakest.get().name() + " carries "
                            + Quantity.CURRENT.text(weakest.get().amps()),
                    "Smaller propeller, fewer cells, or stronger parts.",
                    List.of(current));
        }
        List<String> unknown =
                carriers.stream().filter(c -> c.amps() == 0).map(Carrier::name).toList();
        if (!unknown.isEmpty()) {
            return open(
                    Optional.empty(),
                    "Full power draws " + Quantity.CURRENT.text(all) + "; nobody knows what "
                            + String.join(", ", unknown) + " carries",
                    "Enter what stands on motor, speed controller and pack.");
        }
        return good(
                "Full power draws " + Quantity.CURRENT.text(all),
                "Least carried: "
                        + weakest.map(w -> w.name() + ", " + Quantity.CURRENT.text(w.amps()))
                                .orElse("") + ".",
                current);
    }
}
