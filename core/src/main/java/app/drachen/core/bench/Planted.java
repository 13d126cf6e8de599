package app.drachen.core.bench;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.HarnessDraft;
import app.drachen.core.wiring.Wiring;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A fault that the stand-in board can hide in this aircraft: what differs between the set-up and what is really there, what it is called
 * when somebody blames it, and why it shows as it does.
 *
 * <p>Source: common practice; each is planted in the set-up that the board lives on, never in what is seen.
 *
 * @param id stable
 * @param words what it is, in a few words
 * @param why how it shows, in one sentence
 * @param really the aircraft as it really is
 */
public record Planted(String id, String words, String why, UnaryOperator<Setup> really) {
    /** The fault that hides every other. */
    static final String ALL_DEAD = "servo-rail";

    /** One fault is the other where they bear the same id. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Planted p && p.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    /** Every fault that this aircraft can have and that sticks or tilts would show. */
    public static List<Planted> possible(Setup setup) {
        List<Planted> all = new ArrayList<>();
        List<Output> surfaces = setup.controls().surfaces();
        for (Output o : surfaces) {
            ofOne(all, setup, o);
        }
        for (int i = 0; i < surfaces.size(); i++) {
            for (int k = i + 1; k < surfaces.size(); k++) {
                swapped(all, surfaces.get(i), surfaces.get(k));
            }
        }
        for (int turns = 1; turns < 4; turns++) {
            int by = turns;
            all.add(new Planted(
                    "board-" + 90 * turns,
                    "the board is turned by " + 90 * turns + "° against its entry",
                    "Sticks in Manual pass it by and are right; tilts in Level are answered about the wrong axis or the wrong way.",
                    s -> s.withMount(new BoardMount(
                            (s.mount().mountedQuarterTurns() + by) % 4,
                            s.mount().configuredQuarterTurns(),
                            s.mount().levelRoll(),
                            s.mount().levelPitch()))));
        }
        all.add(new Planted(
                "double-mix",
                "radio and board both mix",
                "The pair is mixed twice, so each stick moves only one of two surfaces, or the wrong pair.",
                HiddenFault.DOUBLE_MIX::hiddenIn));
        all.add(new Planted(
                ALL_DEAD,
                "nothing feeds the servo rail",
                "Every pulse comes, and nothing moves at all.",
                s -> withoutPower(
                        s, s.controls().surfaces().stream().map(Output::surface).toList())));
        List<Planted> seen = new ArrayList<>();
        Map<String, Map<String, Answer>> signs = new LinkedHashMap<>();
        Map<String, Answer> sound = signs(setup, List.of());
        for (Planted p : all) {
            Map<String, Answer> sign = signs(setup, List.of(p));
            if (!sign.equals(sound) && !signs.containsValue(sign)) {
                signs.put(p.id(), sign);
                seen.add(p);
            }
        }
        return seen;
    }

    private static void ofOne(List<Planted> all, Setup setup, Output o) {
        Surface surface = o.surface();
        String name = surface.words();
        all.add(new Planted(
                "turned " + surface.id(),
                "the servo of the " + name + " is turned",
                "It answers everything, every time the wrong way.",
                s -> HiddenFault.turned(s, surface)));
        all.add(new Planted(
                "dead " + surface.id(),
                "the servo of the " + name + " gets no power",
                "Its pulse comes, and it never moves.",
                s -> withoutPower(s, List.of(surface))));
        for (Axis axis : List.of(Axis.ROLL, Axis.PITCH, Axis.YAW)) {
            double share = o.mix().share(axis);
            boolean alone = List.of(Axis.ROLL, Axis.PITCH, Axis.YAW).stream()
                            .filter(a -> o.mix().share(a) != 0)
                            .count()
                    < 2;
            if (share != 0 && !alone) {
                String of = axis.name().toLowerCase(java.util.Locale.ROOT);
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
    }

    private static Planted mixed(Surface surface, String id, String words, Axis axis, double times, String why) {
        return new Planted(
                id + " " + surface.id(),
                words,
                why,
                s -> s.withControls(s.controls()
                        .change(
                                surface,
                                o -> o.withMix(
                                        o.mix().with(axis, times * o.mix().share(axis))))));
    }

    private static void swapped(List<Planted> all, Output one, Output other) {
        String names = one.surface().words() + " and " + other.surface().words();
        all.add(new Planted(
                "swapped " + one.surface().id() + " " + other.surface().id(),
                names + " are swapped",
                "Each does what the other should; with elevons or a V-tail one axis stays right and the other turns round.",
                s -> HiddenFault.swapped(s, one.surface(), other.surface())));
    }

    /** What sticks and tilts show of an aircraft in which these faults are planted. */
    static Map<String, Answer> signs(Setup setup, List<Planted> faults) {
        Setup real = setup;
        for (Planted p : faults) {
            real = p.really().apply(real);
        }
        StandInBoard board = new StandInBoard(real, HiddenFault.NONE);
        Map<String, Answer> signs = new LinkedHashMap<>();
        for (BenchCheck check : BenchCheck.values()) {
            for (BenchCheck.Question question : check.questions(setup)) {
                board.answer(question)
                        .forEach((surface, answer) -> signs.put(question.instruction() + " " + surface.id(), answer));
            }
        }
        return signs;
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
