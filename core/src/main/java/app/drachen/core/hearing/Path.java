package app.drachen.core.hearing;

import app.drachen.core.harness.Device;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Value;
import app.drachen.core.signals.Wanted;
import app.drachen.core.signals.Way;
import app.drachen.core.wiring.Assignment;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How a wanted value reaches the pilot, or where its path ends (SIGNALS-A1).
 *
 * @param wanted what
 * @param supplier what tells it, if anything does
 * @param way by which it comes, if one is entered
 * @param ends why it does not reach the pilot; empty if it does
 * @param help the part or the place that would carry it; empty where it reaches him or nothing is known to help
 */
public record Path(Wanted wanted, Optional<Supplier> supplier, Optional<Way> way, String ends, String help) {

    /** Whether the value reaches the pilot. */
    public boolean whole() {
        return ends.isEmpty();
    }

    /** Worst age of the value when it is heard, or seen where it is not heard; empty where it does not reach him. */
    public Optional<Working> age() {
        return whole()
                ? Optional.of(way.orElseThrow().age(wanted.value(), supplier.orElseThrow(), wanted.ear()))
                : Optional.empty();
    }

    /** The paths of everything that is wanted, in the order in which it is. */
    public static List<Path> all(Setup setup) {
        Wiring wiring = Wiring.of(setup);
        return setup.signals().wanted().stream().map(w -> of(setup, wiring, w)).toList();
    }

    /** Why a value never reaches the pilot; empty where it does. */
    public static Optional<String> never(Setup setup, Value value) {
        Optional<Path> path = of(setup, value);
        return path.isEmpty()
                ? Optional.of(value.label() + " is not wanted")
                : path.filter(p -> !p.whole()).map(Path::ends);
    }

    /** The path of a value that is wanted. */
    public static Optional<Path> of(Setup setup, Value value) {
        return setup.signals().wants(value).map(w -> of(setup, Wiring.of(setup), w));
    }

    private static Path of(Setup setup, Wiring wiring, Wanted wanted) {
        SignalsSection signals = setup.signals();
        List<Supplier> can = suppliers(setup).stream()
                .filter(s -> s.tells(wanted.value()))
                .filter(s -> wanted.device().isEmpty() || s.device().equals(wanted.device()))
                .toList();
        List<Supplier> live =
                can.stream().filter(s -> hangs(wiring, s).isEmpty()).toList();
        Optional<Supplier> supplier =
                live.stream().findFirst().or(() -> can.stream().findFirst());
        Optional<Way> way = signals.way(wanted.way());
        if (supplier.isEmpty()) {
            return new Path(wanted, supplier, way, lacks(setup, wanted), would(setup, wiring, wanted.value()));
        }
        Optional<String> hangs = hangs(wiring, supplier.get());
        if (hangs.isPresent()) {
            return new Path(wanted, supplier, way, hangs.get(), free(wiring, supplier.get()));
        }
        if (way.isEmpty()) {
            String named = wanted.way().isEmpty()
                    ? "No way from the board to you is entered"
                    : "There is no way called \u201c" + wanted.way() + "\u201d";
            return new Path(wanted, supplier, way, named, "Enter one, with its rate and its delays.");
        }
        String sender = way.get().sender();
        boolean sends = sender.isEmpty() || wiring.of(sender).isPresent();
        return sends
                ? new Path(wanted, supplier, way, "", "")
                : new Path(
                        wanted,
                        supplier,
                        way,
                        "Its sender, \u201c" + sender + "\u201d, is not in the harness",
                        "Add it in Harness, or take another way.");
    }

    private static String lacks(Setup setup, Wanted wanted) {
        String device = wanted.device();
        if (device.isEmpty()) {
            return "Nothing supplies " + wanted.value().label();
        }
        boolean there = suppliers(setup).stream().anyMatch(s -> s.device().equals(device));
        return there
                ? device + " does not tell " + wanted.value().label()
                : "There is no \u201c" + device + "\u201d in the harness";
    }

    /** Everything that tells values: the board, and each device as its pilot describes it, or as is usual. */
    public static List<Supplier> suppliers(Setup setup) {
        List<Supplier> own = setup.signals().suppliers();
        List<Supplier> all = new ArrayList<>();
        for (Device device : setup.harness().devices()) {
            Optional<Supplier> told =
                    own.stream().filter(s -> s.device().equals(device.name())).findFirst();
            all.add(told.orElseGet(() -> Supplier.usual(device.name(), device.kind())));
        }
        Set<Value> others = EnumSet.noneOf(Value.class);
        all.forEach(s -> others.addAll(s.values()));
        Supplier board = own.stream()
                .filter(s -> s.device().equals(Supplier.BOARD))
                .findFirst()
                .orElseGet(() -> Supplier.board(others));
        all.add(0, board);
        return List.copyOf(all);
    }

    /** Why a supplier tells nothing: its data line hangs in the air; empty if it does not. */
    private static Optional<String> hangs(Wiring wiring, Supplier supplier) {
        if (!supplier.serial() || !wiring.entered()) {
            return Optional.empty();
        }
        // an output that its lead is plugged into carries pulses, no data
        boolean plugged = wiring.of(supplier.device())
                .flatMap(Wired::place)
                .filter(p -> p.signal() == Signal.SERIAL)
                .isPresent();
        return plugged
                ? Optional.empty()
                : Optional.of("The data line of " + supplier.device() + " is plugged nowhere");
    }

    private static String free(Wiring wiring, Supplier supplier) {
        Optional<Wired> wired = wiring.of(supplier.device());
        return wired.flatMap(w -> wiring.board().places().stream()
                        .filter(p -> wiring.at(p).isEmpty())
                        .filter(p -> Assignment.against(wiring, w, p, 0).isEmpty())
                        .map(Place::name)
                        .findFirst())
                .map(p -> upper(p) + " is free and fits.")
                .orElse("No free place of the board fits; make one free in Harness.");
    }

    /** What would tell a value that nothing tells. */
    private static String would(Setup setup, Wiring wiring, Value value) {
        List<Supplier> shelf = Cover.of(setup, Set.of(value));
        if (shelf.isEmpty()) {
            return "Drachen knows no part that tells it; describe one of your own.";
        }
        Supplier part = shelf.get(0);
        long ports = wiring.board().places().stream()
                .filter(p -> p.signal() == Signal.SERIAL)
                .filter(p -> wiring.at(p).isEmpty())
                .count();
        String place = !part.serial() || !wiring.entered()
                ? ""
                : ports > 0
                        ? " It needs a serial port; " + (ports == 1 ? "one is" : ports + " are") + " free."
                        : " It needs a serial port, and none is free.";
        String article = "aeiou".indexOf(part.device().charAt(0)) >= 0 ? "An " : "A ";
        return article + part.device() + " would tell it." + place;
    }

    private static String upper(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
