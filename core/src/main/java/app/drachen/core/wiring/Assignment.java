package app.drachen.core.wiring;

import app.drachen.core.harness.Board;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Wiring.Wired;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Which device goes to which place on the board (HARNESS-A2). All pulses of a timer group come at one rate; every way of
 * giving rates to groups is tried, and for each the cheapest places are found; so the answer is the best there is, and what is left
 * over is the smallest number that must be.
 *
 * <p>Source: constraint search; {@link Matching}.
 *
 * @param aim what was preferred
 * @param given what goes where
 * @param missing what finds no place
 * @param whole whether every way of giving rates was tried; a board beyond reason is tried as far as a second goes
 */
public record Assignment(Aim aim, List<Given> given, List<Missing> missing, boolean whole) {
    private static final List<String> OUTPUTS =
            IntStream.rangeClosed(1, 16).mapToObj(Wiring::outputName).toList();

    /** What is preferred among places that do. */
    public enum Aim {
        FEWEST_MOVES("as little replugged as can be"),
        IN_ORDER("outputs in the order of the surfaces"),
        FEWEST_GROUPS("timer groups kept free");

        private final String label;

        Aim(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * A device that has its place.
     *
     * @param device the device
     * @param place where it goes
     * @param moves whether it is plugged elsewhere now
     * @param reason why there
     */
    public record Given(Device device, Place place, boolean moves, String reason) {}

    /**
     * A device without a place.
     *
     * @param device the device
     * @param reasons for each place of its kind, why not there
     * @param rivals devices that stand in one another's way, itself among them: one of these must give
     */
    public record Missing(Device device, List<String> reasons, List<String> rivals) {}

    public Assignment {
        given = List.copyOf(given);
        missing = List.copyOf(missing);
    }

    public boolean complete() {
        return missing.isEmpty();
    }

    /** How many leads must be replugged. */
    public long moves() {
        return given.stream().filter(Given::moves).count();
    }

    /** How many timer groups are in use. */
    public long groups() {
        return given.stream()
                .map(g -> g.place().group())
                .filter(g -> g > 0)
                .distinct()
                .count();
    }

    /** Outputs that stay free. */
    public long free(Board board) {
        return board.carrying(Signal.PULSE).size()
                - given.stream()
                        .map(Given::place)
                        .filter(p -> p.signal() == Signal.PULSE)
                        .map(Place::name)
                        .distinct()
                        .count();
    }

    /** The best places for everything that is plugged into the board. */
    public static Assignment of(Wiring wiring, Aim aim) {
        List<Given> given = new ArrayList<>();
        List<Missing> missing = new ArrayList<>();
        boolean whole = true;
        for (Signal signal : Signal.values()) {
            List<List<Wired>> needs = needs(wiring, signal);
            if (signal != Signal.NONE && !needs.isEmpty()) {
                PlaceSearch search = new PlaceSearch(wiring, aim, signal, needs);
                search.into(given, missing);
                whole &= search.whole();
            }
        }
        return new Assignment(aim, given, missing, whole);
    }

    /** What wants a kind of signal; devices that move one surface want one output together. */
    private static List<List<Wired>> needs(Wiring wiring, Signal signal) {
        Map<String, List<Wired>> needs = new LinkedHashMap<>();
        for (Wired w : wiring.wired()) {
            if (w.device().want().signal() == signal) {
                String key = w.device().moves().isEmpty()
                        ? "device " + w.device().name()
                        : w.device().moves();
                needs.computeIfAbsent(key, k -> new ArrayList<>()).add(w);
            }
        }
        return List.copyOf(needs.values());
    }

    /** The same aircraft with everything plugged as found. */
    public Setup applied(Setup setup) {
        Setup changed = setup;
        Map<String, Integer> channels = new LinkedHashMap<>();
        for (Given g : given) {
            if (Wiring.output(setup, g.device()).isPresent()) {
                channels.put(g.device().moves(), number(g.place()));
            } else {
                changed = changed.withHarness(changed.harness()
                        .withLead(g.device().name(), l -> l.at(g.place().name())));
            }
        }
        return Outputs.moved(changed, channels);
    }

    /** Number of an output's place; 0 of another place. */
    private static int number(Place place) {
        return OUTPUTS.indexOf(place.name()) + 1;
    }

    /**
     * Why a device cannot be plugged in at a place, apart from what else is there; empty if it can.
     *
     * @param rate at which the place's timer group runs [Hz]; 0 while nothing fixes it
     */
    public static Optional<String> against(Wiring wiring, Wired wired, Place place, double rate) {
        Device device = wired.device();
        if (place.signal() != device.want().signal()) {
            return Optional.of("carries " + place.signal().label() + ", not "
                    + device.want().signal().label());
        }
        if (device.want().signal() == Signal.PULSE
                && number(place) == 0
                && Wiring.output(wiring.setup(), device).isPresent()) {
            return Optional.of("has no output number");
        }
        if (rate > 0 && rate != device.want().rate()) {
            return Optional.of("its timer group gives " + (long) rate + "\u00a0Hz, not "
                    + (long) device.want().rate() + "\u00a0Hz");
        }
        if (device.want().rate() > place.fastest() && place.fastest() > 0) {
            return Optional.of("is too slow for " + (long) device.want().rate());
        }
        if (!place.understands(device.want().protocol())) {
            return Optional.of("does not offer " + device.want().protocol());
        }
        if (device.want().signal() == Signal.SERIAL
                && !place.inversion().takes(device.want().inverted())) {
            return Optional.of(device.want().inverted() ? "is not inverted" : "is inverted");
        }
        boolean byPlug = device.draw().fed()
                && wired.lead().filter(l -> !l.power().isEmpty() || l.lifted()).isEmpty();
        if (byPlug && !place.powered()) {
            return Optional.of("has no power pin");
        }
        if (byPlug) {
            double volts =
                    wiring.board().rail(place.rail()).map(BoardRail::volts).orElse(0.0);
            if (volts > 0
                    && (volts < device.draw().least() || volts > device.draw().most())) {
                return Optional.of("gives " + volts + "\u00a0V");
            }
        }
        return Optional.empty();
    }
}
