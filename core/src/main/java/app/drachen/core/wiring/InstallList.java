package app.drachen.core.wiring;

import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Lead.Checks;
import app.drachen.core.wiring.Wiring.Wired;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The steps of installing, in the order in which things become unreachable: what lies deepest first, covers last.
 *
 * <p>Source: common practice.
 *
 * @param steps in order
 */
public record InstallList(List<Step> steps) {
    /**
     * A step.
     *
     * @param id stable
     * @param what is done
     * @param why then and not later
     * @param needs ids of steps that must be done before, for this one hides the way to them or rests on them
     * @param done whether it is done
     * @param device whose lead it is about; empty for the others
     */
    public record Step(String id, String what, String why, List<String> needs, boolean done, String device) {
        /** What it needs and is still open. */
        public List<String> open(InstallList list) {
            return needs.stream()
                    .filter(n -> list.step(n).filter(s -> !s.done()).isPresent())
                    .toList();
        }
    }

    /** What is noted by who knows that on USB alone the servos get no power. */
    public static final String NO_SERVO_POWER_ON_USB = "noted: no servo power on USB";

    /** A lead this far from the board runs where a skin or a boom closes over it [m]. */
    private static final double FAR = 0.25;

    public InstallList {
        steps = List.copyOf(steps);
    }

    public Optional<Step> step(String id) {
        return steps.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The step that may be done next: the first open one that waits for nothing. */
    public Optional<Step> next() {
        return steps.stream().filter(s -> !s.done() && s.open(this).isEmpty()).findFirst();
    }

    /** Steps ticked while something they hide is still open. */
    public List<Step> outOfOrder() {
        return steps.stream().filter(s -> s.done() && !s.open(this).isEmpty()).toList();
    }

    /** The list of an aircraft. */
    public static InstallList of(Wiring wiring) {
        Set<String> ticked = new HashSet<>(wiring.harness().installed());
        List<Step> steps = new ArrayList<>();
        add(
                steps,
                ticked,
                "old",
                "Old wiring drawn or photographed, every plug labelled",
                "once out, nobody remembers");
        List<Wired> leads = wiring.wired().stream()
                .filter(w -> w.lead().isPresent())
                .sorted(Comparator.comparingDouble((Wired w) -> -w.path()))
                .toList();
        List<String> far = new ArrayList<>();
        List<String> near = new ArrayList<>();
        for (Wired w : leads) {
            boolean deep = w.path() > FAR;
            String id = "lead " + w.device().name();
            Checks seen = w.lead().get().checks();
            steps.add(new Step(
                    id,
                    "Lead to " + w.device().name() + ": laid, relieved, soldered, rung through, wiggled",
                    deep ? "a skin or boom closes over it" : "the board lies over it",
                    List.of("old"),
                    seen.complete(),
                    w.device().name()));
            (deep ? far : near).add(id);
        }
        add(
                steps,
                ticked,
                "pull",
                "Each linkage pulled by hand: no play, nothing slips",
                "the skin hides the horns",
                far);
        List<String> hidden = new ArrayList<>(far);
        hidden.add("pull");
        add(steps, ticked, "skin", "Wing skin and boom closed", "now nothing in there can be reached", hidden);
        add(
                steps,
                ticked,
                "mount",
                "Board on something soft, arrow and turn written down",
                "its plugs hide what is printed on it");
        List<String> air = new ArrayList<>();
        for (DeviceKind kind : List.of(DeviceKind.MOTOR, DeviceKind.SPEED_CONTROLLER, DeviceKind.VIDEO_SENDER)) {
            for (Wired w : wiring.ofKind(kind)) {
                String id = "air " + w.device().name();
                steps.add(new Step(
                        id,
                        "Air in and out past " + w.device().name(),
                        "a hatch shuts it in",
                        List.of(),
                        w.device().care().air()
                                || w.device().care().thermometer()
                                || w.device().care().touched(),
                        w.device().name()));
                air.add(id);
            }
        }
        add(
                steps,
                ticked,
                "polarity",
                "Polarity measured at pack plug, board and speed controller",
                "one wrong plug burns all of it",
                near);
        add(
                steps,
                ticked,
                "short",
                "No continuity between power and ground of any rail",
                "a whisker of solder is enough",
                near);
        add(
                steps,
                ticked,
                "first power",
                "First power, propeller off, through a lamp or a limited supply",
                "what is wrong then glows instead of burning",
                List.of("polarity", "short", "mount"));
        add(
                steps,
                ticked,
                "data",
                "Data port still reachable with the hatch off",
                "it is needed on the field",
                List.of("mount"));
        List<String> cover = new ArrayList<>(near);
        cover.addAll(air);
        cover.addAll(List.of("first power", "data", "skin"));
        add(steps, ticked, "hatch", "Hatch over board and pack", "everything below is hidden now", cover);
        return new InstallList(steps);
    }

    private static void add(List<Step> steps, Set<String> ticked, String id, String what, String why) {
        add(steps, ticked, id, what, why, List.of());
    }

    private static void add(
            List<Step> steps, Set<String> ticked, String id, String what, String why, List<String> needs) {
        steps.add(new Step(id, what, why, needs, ticked.contains(id), ""));
    }

    /** What is to be soldered, by common practice where currents or vibration are high. */
    public static List<String> solder(Wiring wiring) {
        List<String> joints = new ArrayList<>();
        joints.add("pack plug, both poles, sleeves over each");
        wiring.ofKind(DeviceKind.SPEED_CONTROLLER)
                .forEach(w -> joints.add(w.device().name() + " to the pack's wires and to its motor"));
        wiring.ofKind(DeviceKind.CURRENT_SENSOR)
                .forEach(w -> joints.add(w.device().name() + " into the plus wire"));
        for (Wired w : wiring.wired()) {
            String power = w.lead().map(l -> l.power()).orElse("");
            boolean controller = w.device().kind() == DeviceKind.SPEED_CONTROLLER;
            if (!power.isEmpty() && !controller) {
                joints.add(w.device().name() + " to rail " + wiring.board().letter(power) + " (" + power + ")");
            }
        }
        return joints;
    }
}
