package app.drachen.core.bench;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.controls.Surface;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.HarnessDraft;
import app.drachen.core.wiring.Wiring;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Faults of wiring, servos, linkages and mixer that can be hidden. */
final class SurfaceFaults {
    private SurfaceFaults() {}

    static List<Planted> of(Setup setup) {
        List<Planted> all = new ArrayList<>();
        List<Output> surfaces = setup.controls().surfaces();
        for (int i = 0; i < surfaces.size(); i++) {
            ofOne(all, surfaces.get(i), i + 1);
        }
        for (int i = 0; i < surfaces.size(); i++) {
            for (int k = i + 1; k < surfaces.size(); k++) {
                swapped(all, surfaces.get(i), surfaces.get(k));
            }
        }
        all.add(new Planted(
                "double-mix",
                "radio and board both mix",
                "The pair is mixed twice, so each stick moves only one of two surfaces, or the wrong pair.",
                r -> r.changed(s -> s.withControls(s.controls()
                        .withRadio(Optional.of(
                                s.controls().radio().orElse(RadioSide.USUAL).mixing(true)))))));
        all.add(new Planted(
                Planted.ALL_DEAD,
                "nothing feeds the servo rail",
                "Every pulse comes, and nothing moves at all.",
                r -> r.changed(s -> withoutPower(
                        s, s.controls().surfaces().stream().map(Output::surface).toList()))));
        return all;
    }

    private static void ofOne(List<Planted> all, Output o, int number) {
        Surface surface = o.surface();
        String name = surface.words();
        all.add(new Planted(
                "turned " + surface.id(),
                "the servo of the " + name + " is turned",
                "It answers everything, every time the wrong way.",
                r -> r.changed(s -> HiddenFault.turned(s, surface))));
        all.add(new Planted(
                "dead " + surface.id(),
                "the servo of the " + name + " gets no power",
                "Its pulse comes, and it never moves.",
                r -> r.changed(s -> withoutPower(s, List.of(surface)))));
        all.add(new Planted(
                "horn " + surface.id(),
                "the push-rod of the " + name + " sits one hole too far in at the arm",
                "It moves the right way, but not far enough; no trim and no centre is off.",
                r -> r.changed(s -> s.withControls(s.controls()
                        .change(
                                surface,
                                x -> x.withLinkage(x.linkage()
                                        .withRadii(
                                                0.72 * x.linkage().arm(),
                                                x.linkage().horn())))))));
        all.add(new Planted(
                "neutral " + surface.id(),
                "the arm of the " + name + " sits one tooth off",
                "Let go it does not stand at neutral, and it goes farther one way than the other.",
                r -> r.changed(s ->
                        s.withControls(s.controls().change(surface, x -> x.withNeutral(x.neutralMicros() + 70))))));
        all.add(new Planted(
                "slips " + surface.id(),
                "the push-rod of the " + name + " slips",
                "It looks right until somebody pulls at it.",
                r -> r.with(Quirk.SLIPS, number)));
        all.add(new Planted(
                "torn " + surface.id(),
                "a hinge of the " + name + " is torn",
                "It looks right until somebody feels its hinges.",
                r -> r.with(Quirk.TORN, number)));
        List<Axis> shared = List.of(Axis.ROLL, Axis.PITCH, Axis.YAW).stream()
                .filter(a -> o.mix().share(a) != 0)
                .toList();
        for (Axis axis : shared.size() < 2 ? List.<Axis>of() : shared) {
            String of = axis.name().toLowerCase(Locale.ROOT);
            all.add(mixed(
                    surface,
                    "no-" + of,
                    "the " + name + " has lost its share of " + of,
                    axis,
                    0,
                    "It answers its other sticks rightly and this one not at all."));
            all.add(mixed(
                    surface,
                    "wrong-" + of,
                    "the share of " + of + " at the " + name + " has the wrong sign",
                    axis,
                    -1,
                    "It answers its other sticks rightly and this one the wrong way: no turned servo does that."));
        }
    }

    private static Planted mixed(Surface surface, String id, String words, Axis axis, double times, String why) {
        return new Planted(
                id + " " + surface.id(),
                words,
                why,
                r -> r.changed(s -> s.withControls(s.controls()
                        .change(
                                surface,
                                o -> o.withMix(
                                        o.mix().with(axis, times * o.mix().share(axis)))))));
    }

    private static void swapped(List<Planted> all, Output one, Output other) {
        String names = one.surface().words() + " and " + other.surface().words();
        all.add(new Planted(
                "swapped " + one.surface().id() + " " + other.surface().id(),
                names + " are swapped",
                "Each does what the other should; with elevons or a V-tail one axis stays right and the other turns round.",
                r -> r.changed(s -> HiddenFault.swapped(s, one.surface(), other.surface()))));
    }

    /** The power wires of the servos of some surfaces out of their plugs; where no harness is entered, of one begun from the parts. */
    private static Setup withoutPower(Setup setup, List<Surface> surfaces) {
        Setup wired = Wiring.of(setup).entered() ? setup : HarnessDraft.of(setup, HarnessDraft.board(setup));
        for (Surface surface : surfaces) {
            Optional<String> servo = wired.harness().devices().stream()
                    .filter(d -> d.moves().equals(surface.id()))
                    .map(d -> d.name())
                    .findFirst();
            if (servo.isPresent()) {
                wired = wired.withHarness(
                        wired.harness().withLead(servo.get(), l -> l.fedFrom("").lifted(true)));
            }
        }
        return wired;
    }
}
