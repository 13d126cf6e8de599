package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.harness.Board;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Assignment;
import app.drachen.core.wiring.HarnessDraft;
import app.drachen.core.wiring.Needs;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Source;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** HARNESS-R1: everything has a place of its own on the board, and a timer group one rate of pulses. */
final class Places extends HarnessRule {
    Places() {
        super("HARNESS-R1", "Places on the board", Source.ARITHMETIC);
    }

    @Override
    public String demand() {
        return "Everything has a place of its own on the board, and all outputs of a timer group one rate of pulses.";
    }

    @Override
    public boolean mayBeWaived() {
        return true;
    }

    @Override
    Ruling empty(Situation situation) {
        // what has flown says more than what is not on paper
        boolean flown = situation.hasFlown();
        return open(
                flown ? Optional.empty() : Optional.of(Gate.LAUNCH),
                "No harness is entered" + (flown ? "; it has flown without" : ""),
                "Say which board it is and what is plugged in where; Drachen begins with what it knows of the parts.",
                new Remedy.Change(
                        "Begin from the parts",
                        "Harness begun from the parts, typical figures",
                        s -> HarnessDraft.of(
                                s, s.harness().board().chosen() ? s.harness().board() : HarnessDraft.board(s))));
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        Assignment best = Assignment.of(wiring, Assignment.Aim.FEWEST_MOVES);
        List<String> faults = faults(wiring);
        if (!best.complete()) {
            Assignment.Missing first = best.missing().get(0);
            return stop(
                    Gate.POWER,
                    upper(first.device().name()) + " finds no place on "
                            + wiring.board().name(),
                    (first.rivals().size() > 1
                                    ? "One of these must give: " + String.join(", ", first.rivals()) + ". "
                                    : "")
                            + upper(String.join("; ", first.reasons()))
                            + (best.whole() ? "" : " (not every way of giving rates to timer groups was tried)")
                            + ". Bridge power to it, take it off, or take another board.",
                    List.of());
        }
        if (!faults.isEmpty()) {
            return stop(
                    Gate.POWER,
                    faults.get(0),
                    (faults.size() > 1 ? "And " + (faults.size() - 1) + " more. " : "") + "There are places for all: "
                            + best.moves() + " to replug.",
                    List.of(),
                    take(best));
        }
        Optional<String> bare = wiring.setup().controls().outputs().stream()
                .map(o -> o.surface())
                .filter(s -> wiring.wired().stream()
                        .noneMatch(w -> w.device().moves().equals(s.id())))
                .map(s -> s.words())
                .findFirst();
        if (bare.isPresent()) {
            return open(
                    Optional.of(Gate.LAUNCH),
                    "No device is entered that moves the " + bare.get(),
                    "Add its servo or speed controller, or say of one that is there what it moves.");
        }
        Needs needs = Needs.of(wiring);
        if (!needs.modes().isEmpty()) {
            if (wiring.board().automation() != Board.Automation.FULL) {
                return stop(
                        wiring.board().automation() == Board.Automation.GYRO ? Gate.LEVEL : Gate.HOLD,
                        needs.modes().get(0),
                        "Home, routes and logs need a full autopilot. Take the mode off the switch, or another board.",
                        List.of());
            }
            return caution(needs.modes().get(0), "Plug one in, or take the mode off the switch.", List.of());
        }
        return good(
                "Everything has its place on " + wiring.board().name(),
                best.free(wiring.board()) + " outputs free, " + best.groups() + " timer groups in use.");
    }

    /** Takes what the search found. */
    static Remedy take(Assignment best) {
        return new Remedy.Change("Take the places found", "Places on the board as found", best::applied);
    }

    /** What is wrong as it is plugged now. */
    static List<String> faults(Wiring wiring) {
        List<String> faults = new ArrayList<>();
        for (Wired w : wiring.unplugged()) {
            faults.add(upper(w.device().name()) + " is plugged in nowhere");
        }
        for (Place place : wiring.board().places()) {
            List<Wired> here = wiring.at(place);
            for (Wired w : here) {
                Signal wants = w.device().want().signal();
                if (wants != Signal.NONE && wants != place.signal()) {
                    faults.add(upper(w.device().name()) + " wants " + wants.label() + "; " + place.name() + " carries "
                            + place.signal().label());
                }
            }
            if (here.size() > 1 && place.signal() != Signal.BUS && !together(here)) {
                faults.add(upper(here.get(0).device().name()) + " and "
                        + here.get(1).device().name() + " share " + place.name());
            }
        }
        faults.addAll(groups(wiring));
        return faults;
    }

    /** Devices that move one surface share its output by right. */
    private static boolean together(List<Wired> here) {
        String moves = here.get(0).device().moves();
        return !moves.isEmpty()
                && here.stream().allMatch(w -> w.device().moves().equals(moves));
    }

    private static List<String> groups(Wiring wiring) {
        Map<Integer, List<Wired>> groups = new TreeMap<>();
        for (Wired w : wiring.wired()) {
            w.place()
                    .filter(p -> p.group() > 0 && w.device().want().signal() == Signal.PULSE)
                    .ifPresent(p -> groups.computeIfAbsent(p.group(), g -> new ArrayList<>())
                            .add(w));
        }
        List<String> faults = new ArrayList<>();
        groups.forEach((group, here) -> {
            Device one = here.get(0).device();
            here.stream()
                    .map(Wired::device)
                    .filter(d -> d.want().rate() != one.want().rate())
                    .findFirst()
                    .ifPresent(other -> faults.add(upper(one.name()) + " and " + other.name() + " share timer group "
                            + group + " at " + (long) one.want().rate() + " and "
                            + (long) other.want().rate()
                            + "\u00a0Hz"));
        });
        return faults;
    }

    /** The same aircraft with everything plugged as well as can be. */
    static Setup solved(Setup setup) {
        return Assignment.of(Wiring.of(setup), Assignment.Aim.FEWEST_MOVES).applied(setup);
    }
}
