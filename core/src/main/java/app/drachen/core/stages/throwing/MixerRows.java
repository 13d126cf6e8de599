package app.drachen.core.stages.throwing;

import app.drachen.core.airframe.Tail;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.MixPreset;
import app.drachen.core.controls.MixRow;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** THROWS-R3: no surface's mixer row is empty. */
public final class MixerRows implements ClearanceRule {
    /** Below this a surface does not answer an axis [-]. */
    private static final double LEAST = 0.05;

    @Override
    public String id() {
        return "THROWS-R3";
    }

    @Override
    public String demand() {
        return "Every surface output has the inputs that its kind wants, and roll and pitch are both answered.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        ControlSetup controls = situation.setup().controls();
        Optional<Output> empty = controls.surfaces().stream()
                .filter(o -> o.mix().isEmpty()
                        && controls.extras().stream()
                                .noneMatch(m -> m.to().equals(o.surface().id())))
                .findFirst();
        boolean pitch = controls.surfaces().stream().anyMatch(o -> o.mix().share(Axis.PITCH) != 0);
        boolean roll = controls.surfaces().stream().anyMatch(o -> o.mix().share(Axis.ROLL) != 0);
        Optional<Surface> missing = preset(situation.setup().airframe().tail()).surfaces().stream()
                .filter(surface -> controls.output(surface).isEmpty())
                // two motors or two rudders stand for one
                .filter(surface -> surface.side() != Surface.Side.MIDDLE
                        || controls.outputs().stream()
                                .noneMatch(o -> o.surface().role() == surface.role()))
                .findFirst();
        if (missing.isPresent()) {
            return Ruling.of(
                    Stage.THROWS,
                    Gate.LAUNCH,
                    Finding.of(
                            id(),
                            State.STOP,
                            "No output for the " + missing.get().label().toLowerCase(java.util.Locale.ROOT),
                            "The outputs belong to another kind of tail. The preset makes those of this kind with usual values."),
                    new Remedy.Change("Make the outputs", "Outputs made for this kind of tail", MixerRows::outfitted));
        }
        Optional<String> twice = mixedTwice(controls);
        Optional<String> lacking = lacking(situation.setup());
        if (empty.isEmpty() && pitch && roll && lacking.isEmpty()) {
            return Ruling.of(Stage.THROWS, Gate.LAUNCH, Finding.of(id(), State.GOOD, "Every surface has an input", ""));
        }
        String title = twice.or(() -> empty.map(o -> o.surface().label() + " has no input"))
                .or(() -> lacking)
                .orElse(pitch ? "No surface answers roll" : "No surface answers pitch");
        return Ruling.of(
                Stage.THROWS,
                Gate.LAUNCH,
                Finding.of(id(), State.STOP, title, "Apply the preset for this kind of aircraft."),
                new Remedy.Change("Apply the preset", "Mixer preset applied", MixerRows::outfitted));
    }

    /** A surface that the mixer of this kind moves by roll or pitch, and this one does not. */
    private static Optional<String> lacking(Setup setup) {
        for (Output output : setup.controls().surfaces()) {
            for (Axis axis : List.of(Axis.ROLL, Axis.PITCH)) {
                boolean wanted = output.surface().wantedSign(axis, setup.invertedVee()) != 0;
                if (wanted && Math.abs(output.mix().share(axis)) < LEAST) {
                    return Optional.of(output.surface().label() + " does not answer " + axis.label());
                }
            }
        }
        return Optional.empty();
    }

    /** THROWS-R4: radio and autopilot both mix, and each stick ends up at one surface of a pair. */
    private static Optional<String> mixedTwice(ControlSetup controls) {
        List<Output> pair = controls.surfaces().stream()
                .filter(o -> o.surface().role() == Surface.Role.ELEVON)
                .toList();
        if (pair.size() != 2) {
            return Optional.empty();
        }
        MixRow left = pair.get(0).mix();
        MixRow right = pair.get(1).mix();
        boolean apart = one(left) && one(right) && (Math.abs(left.roll()) < LEAST) != (Math.abs(right.roll()) < LEAST);
        return apart ? Optional.of("Elevons are mixed twice: each stick moves one surface") : Optional.empty();
    }

    private static boolean one(MixRow row) {
        return (Math.abs(row.roll()) < LEAST) != (Math.abs(row.pitch()) < LEAST);
    }

    /** The preset that belongs to a tail. */
    public static MixPreset preset(Tail tail) {
        if (tail instanceof Tail.None) {
            return MixPreset.ELEVON;
        }
        return tail instanceof Tail.Vee ? MixPreset.VEE : MixPreset.CONVENTIONAL;
    }

    private static Setup outfitted(Setup setup) {
        return setup.withControls(preset(setup.airframe().tail()).apply(setup.controls(), setup.invertedVee()));
    }
}
