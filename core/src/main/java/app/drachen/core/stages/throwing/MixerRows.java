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
import java.util.Optional;

/** THROWS-R3: no surface's mixer row is empty. */
public final class MixerRows implements ClearanceRule {
    @Override
    public String id() {
        return "THROWS-R3";
    }

    @Override
    public String demand() {
        return "Every surface output has an input, and roll and pitch are both answered.";
    }

    @Override
    public Source source() {
        return Source.COMMON_PRACTICE;
    }

    @Override
    public Ruling check(Situation situation) {
        ControlSetup controls = situation.setup().controls();
        Optional<Output> empty = controls.surfaces().stream()
                .filter(o -> o.mix().equals(MixRow.NONE))
                .findFirst();
        boolean pitch = controls.surfaces().stream().anyMatch(o -> o.mix().share(Axis.PITCH) != 0);
        boolean roll = controls.surfaces().stream().anyMatch(o -> o.mix().share(Axis.ROLL) != 0);
        Optional<Surface> missing = preset(situation.setup().airframe().tail()).surfaces().stream()
                .filter(surface -> controls.output(surface).isEmpty())
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
        if (empty.isEmpty() && pitch && roll) {
            return Ruling.of(Stage.THROWS, Gate.LAUNCH, Finding.of(id(), State.GOOD, "Every surface has an input", ""));
        }
        String title = empty.map(o -> o.surface().label() + " has no input")
                .orElse(pitch ? "No surface answers roll" : "No surface answers pitch");
        return Ruling.of(
                Stage.THROWS,
                Gate.LAUNCH,
                Finding.of(id(), State.STOP, title, "Apply the preset for this kind of aircraft."),
                new Remedy.Change("Apply the preset", "Mixer preset applied", MixerRows::outfitted));
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
