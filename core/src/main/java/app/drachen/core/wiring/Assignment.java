package app.drachen.core.wiring;

import app.drachen.core.harness.Board;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Wiring.Wired;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

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
 */
public record Assignment(Aim aim, List<Given> given, List<Missing> missing) {
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

    private static final double LEFT_OVER = 1e5;
    private static final double FORBIDDEN = 1e9;

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
                        .distinct()
                        .count();
    }

    /** The best places for everything that is plugged into the board. */
    public static Assignment of(Wiring wiring, Aim aim) {
        List<Given> given = new ArrayList<>();
        List<Missing> missing = new ArrayList<>();
        for (Signal signal : Signal.values()) {
            List<List<Wired>> needs = needs(wiring, signal);
            if (signal != Signal.NONE && !needs.isEmpty()) {
                new Search(wiring, aim, signal, needs).into(given, missing);
            }
        }
        return new Assignment(aim, given, missing);
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

    private static int number(Place place) {
        return Integer.parseInt(place.name().replaceAll("\\D", ""));
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
                && !place.name().matches("output \\d+")
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

    /** The search for one kind of signal. */
    private static final class Search {
        private final Wiring wiring;
        private final Aim aim;
        private final Signal signal;
        private final List<List<Wired>> needs;
        private final List<Place> places;
        private final List<Integer> groups;
        private double best = Double.POSITIVE_INFINITY;
        private int[] columns = {};
        private double[] rates = {};

        Search(Wiring wiring, Aim aim, Signal signal, List<List<Wired>> needs) {
            this.wiring = wiring;
            this.aim = aim;
            this.signal = signal;
            this.needs = needs;
            // a bus takes many
            List<Place> carrying = new ArrayList<>();
            for (Place place : wiring.board().carrying(signal)) {
                for (int i = 0; i < (signal == Signal.BUS ? needs.size() : 1); i++) {
                    carrying.add(place);
                }
            }
            places = carrying;
            groups = places.stream()
                    .map(Place::group)
                    .filter(g -> g > 0)
                    .distinct()
                    .sorted()
                    .toList();
        }

        private void seek() {
            List<Double> wanted = needs.stream()
                    .map(n -> n.get(0).device().want().rate())
                    .distinct()
                    .toList();
            boolean timed = signal == Signal.PULSE && !groups.isEmpty();
            each(timed ? wanted : List.of(0.0), new double[timed ? groups.size() : 0], 0);
        }

        void into(List<Given> given, List<Missing> missing) {
            seek();
            List<String> rivals = left() > 0 ? rivals() : List.of();
            for (int i = 0; i < needs.size(); i++) {
                boolean placed = columns[i] < places.size();
                for (Wired w : needs.get(i)) {
                    if (placed) {
                        Place place = places.get(columns[i]);
                        boolean moves = w.place().filter(place::equals).isEmpty();
                        given.add(new Given(w.device(), place, moves, reason(w, place)));
                    } else {
                        missing.add(new Missing(w.device(), reasons(w), rivals));
                    }
                }
            }
        }

        /** Every way of giving rates to timer groups. */
        private void each(List<Double> wanted, double[] rate, int group) {
            if (group == rate.length) {
                match(rate);
                return;
            }
            for (double one : wanted) {
                rate[group] = one;
                each(wanted, rate, group + 1);
            }
        }

        private void match(double[] rate) {
            int n = needs.size();
            double[][] cost = new double[n][places.size() + n];
            for (int i = 0; i < n; i++) {
                Arrays.fill(cost[i], LEFT_OVER);
                for (int j = 0; j < places.size(); j++) {
                    cost[i][j] = cost(i, j, rate);
                }
            }
            int[] found = Matching.of(cost);
            double sum = 0;
            for (int i = 0; i < n; i++) {
                sum += cost[i][found[i]];
            }
            if (sum < best - 1e-9) {
                best = sum;
                columns = found;
                rates = rate.clone();
            }
        }

        private double rateOf(Place place, double[] rate) {
            int at = groups.indexOf(place.group());
            return at < 0 || rate.length == 0 ? 0 : rate[at];
        }

        private double cost(int need, int column, double[] rate) {
            Place place = places.get(column);
            for (Wired w : needs.get(need)) {
                boolean elsewhere = w.lead().filter(Lead::locked).isPresent()
                        && w.place().filter(place::equals).isEmpty()
                        && w.place().isPresent();
                if (elsewhere || against(wiring, w, place, rateOf(place, rate)).isPresent()) {
                    return FORBIDDEN;
                }
            }
            boolean stays = needs.get(need).get(0).place().filter(place::equals).isPresent();
            double tie = 1e-3 * Math.abs(column - need);
            return switch (aim) {
                case FEWEST_MOVES -> (stays ? 0 : 10) + tie;
                case IN_ORDER -> Math.abs(column - need) + (stays ? 0 : 0.01);
                case FEWEST_GROUPS -> 3.0 * place.group() + (stays ? 0 : 0.01) + tie;
            };
        }

        private String reason(Wired w, Place place) {
            if (w.lead().filter(Lead::locked).isPresent()) {
                return "locked by hand";
            }
            List<String> words = new ArrayList<>();
            words.add(w.device().want().words());
            if (place.group() > 0 && signal == Signal.PULSE) {
                words.add("timer group " + place.group() + " at " + (long) rateOf(place, rates) + "\u00a0Hz");
            }
            if (w.device().draw().fed()
                    && w.lead().filter(l -> l.power().isEmpty()).isPresent()
                    && place.powered()) {
                words.add("power pin on " + place.rail());
            }
            words.add(w.place().filter(place::equals).isPresent() ? "stays" : "free for it");
            return String.join(", ", words);
        }

        private List<String> reasons(Wired w) {
            List<String> said = new ArrayList<>();
            for (int j = 0; j < places.size(); j++) {
                Place place = places.get(j);
                String line = against(wiring, w, place, rateOf(place, rates))
                        .map(why -> place.name() + " " + why)
                        .orElse(place.name() + " is taken by " + holder(j));
                if (!said.contains(line)) {
                    said.add(line);
                }
            }
            return said.isEmpty() ? List.of("the board has none for " + signal.label()) : said;
        }

        private String holder(int column) {
            for (int i = 0; i < columns.length; i++) {
                if (columns[i] == column) {
                    return needs.get(i).stream().map(w -> w.device().name()).collect(Collectors.joining(" and "));
                }
            }
            return "nothing";
        }

        /** Devices of which each would make room if it gave way: without it, one less is left over. */
        private List<String> rivals() {
            Set<String> names = new TreeSet<>();
            for (int i = 0; i < needs.size(); i++) {
                List<List<Wired>> fewer = new ArrayList<>(needs);
                List<Wired> gone = fewer.remove(i);
                if (fewer.isEmpty() || new Search(wiring, aim, signal, fewer).leaves(left() - 1, rates)) {
                    gone.forEach(w -> names.add(w.device().name()));
                }
            }
            return List.copyOf(names);
        }

        /** Whether no more than so many are left over, with the rates that did before or with others. */
        private boolean leaves(long most, double[] before) {
            match(before);
            if (left() > most) {
                seek();
            }
            return left() <= most;
        }

        /** How many find no place. */
        private long left() {
            return Arrays.stream(columns).filter(c -> c >= places.size()).count();
        }
    }
}
