package app.drachen.core.wiring;

import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.math.Order;
import app.drachen.core.wiring.Wiring.Wired;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * The search for places for one kind of signal: rates for timer groups, and for each way of giving them the cheapest matching.
 *
 * <p>Source: constraint search; {@link Matching}.
 */
final class PlaceSearch {
    private static final double LEFT_OVER = 1e5;
    private static final double FORBIDDEN = 1e9;

    /** Steps of the search that a second allows, with room to spare [-]. */
    private static final long WORK = 60_000_000;

    private final Wiring wiring;
    private final Assignment.Aim aim;
    private final Signal signal;
    private final List<List<Wired>> needs;
    private final List<Place> places;
    private final List<Integer> groups;
    private final int[] groupOf;
    private final double[][] costs;
    private double best = Double.POSITIVE_INFINITY;
    private int[] columns = {};
    private double[] rates = {};
    private long budget;
    private boolean whole = true;

    PlaceSearch(Wiring wiring, Assignment.Aim aim, Signal signal, List<List<Wired>> needs) {
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
        // a group of one output binds nothing
        Map<Integer, Long> sizes = places.stream()
                .filter(p -> p.group() > 0)
                .collect(Collectors.groupingBy(Place::group, TreeMap::new, Collectors.counting()));
        groups = sizes.keySet().stream().filter(g -> sizes.get(g) > 1).toList();
        groupOf = places.stream().mapToInt(p -> groups.indexOf(p.group())).toArray();
        costs = new double[needs.size()][places.size() + needs.size()];
        for (int i = 0; i < needs.size(); i++) {
            Arrays.fill(costs[i], LEFT_OVER);
            for (int j = 0; j < places.size(); j++) {
                costs[i][j] = cost(i, j);
            }
        }
        long one = (long) Math.max(1, needs.size()) * needs.size() * (places.size() + needs.size());
        budget = Math.max(500, WORK / Math.max(1, one));
    }

    /**
     * Every way of giving rates to groups that could be of use: most of them at the rate that most want, no rate in more groups
     * than devices want it. As they stand now comes first, so that nothing found is worse than that.
     */
    private void seek() {
        Map<Double, Integer> wanted = new TreeMap<>();
        needs.forEach(n -> wanted.merge(n.get(0).device().want().rate(), 1, Integer::sum));
        double usual = wanted.entrySet().stream()
                .max(Order.by(Map.Entry::getValue))
                .map(Map.Entry::getKey)
                .orElse(0.0);
        boolean timed = signal == Signal.PULSE && !groups.isEmpty();
        double[] rate = new double[timed ? groups.size() : 0];
        Arrays.fill(rate, usual);
        if (timed) {
            match(asPlugged(usual));
        }
        wanted.remove(usual);
        each(wanted, rate, usual, 0);
    }

    private double[] asPlugged(double usual) {
        double[] rate = new double[groups.size()];
        Arrays.fill(rate, usual);
        for (List<Wired> need : needs) {
            Wired w = need.get(0);
            int at = w.place().map(p -> groups.indexOf(p.group())).orElse(-1);
            if (at >= 0) {
                rate[at] = w.device().want().rate();
            }
        }
        return rate;
    }

    /** Whether every way of giving rates was tried. */
    boolean whole() {
        return whole;
    }

    void into(List<Assignment.Given> given, List<Assignment.Missing> missing) {
        seek();
        List<String> rivals = left() > 0 ? rivals() : List.of();
        for (int i = 0; i < needs.size(); i++) {
            boolean placed = columns[i] < places.size();
            for (Wired w : needs.get(i)) {
                if (placed) {
                    Place place = places.get(columns[i]);
                    boolean moves = !w.stands(place);
                    given.add(new Assignment.Given(w.device(), place, moves, reason(w, place)));
                } else {
                    missing.add(new Assignment.Missing(w.device(), reasons(w), rivals));
                }
            }
        }
    }

    private void each(Map<Double, Integer> others, double[] rate, double usual, int group) {
        if (budget <= 0) {
            whole = false;
            return;
        }
        if (group == rate.length) {
            budget--;
            match(rate);
            return;
        }
        each(others, rate, usual, group + 1);
        for (Map.Entry<Double, Integer> other : others.entrySet()) {
            if (Arrays.stream(rate, 0, group).filter(r -> r == other.getKey()).count() < other.getValue()) {
                rate[group] = other.getKey();
                each(others, rate, usual, group + 1);
            }
        }
        rate[group] = usual;
    }

    private void match(double[] rate) {
        int n = needs.size();
        double[][] cost = new double[n][];
        for (int i = 0; i < n; i++) {
            cost[i] = costs[i].clone();
            for (int j = 0; j < places.size(); j++) {
                int group = group(j, rate);
                if (group >= 0 && rate[group] > 0 && !speaks(needs.get(i), rate[group])) {
                    cost[i][j] = FORBIDDEN;
                }
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

    private int group(int column, double[] rate) {
        return rate.length == 0 ? -1 : groupOf[column];
    }

    private static boolean speaks(List<Wired> need, double rate) {
        for (Wired w : need) {
            if (w.device().want().rate() != rate) {
                return false;
            }
        }
        return true;
    }

    private double rateOf(Place place, double[] rate) {
        int at = groups.indexOf(place.group());
        return at < 0 || rate.length == 0 ? 0 : rate[at];
    }

    /** What a place costs as far as no rate forbids it; computed once, since a search asks thousands of times. */
    private double cost(int need, int column) {
        Place place = places.get(column);
        for (Wired w : needs.get(need)) {
            boolean elsewhere = w.lead().filter(Lead::locked).isPresent()
                    && !w.stands(place)
                    && w.place().isPresent();
            if (elsewhere || Assignment.against(wiring, w, place, 0).isPresent()) {
                return FORBIDDEN;
            }
        }
        boolean stays = needs.get(need).get(0).stands(place);
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
            words.add("timer group " + place.group() + " at "
                    + (long) w.device().want().rate() + "\u00a0Hz");
        }
        if (w.device().draw().fed() && w.lead().filter(l -> l.power().isEmpty()).isPresent() && place.powered()) {
            words.add("power pin on " + place.rail());
        }
        words.add(w.stands(place) ? "stays" : "free for it");
        return String.join(", ", words);
    }

    private List<String> reasons(Wired w) {
        List<String> said = new ArrayList<>();
        for (int j = 0; j < places.size(); j++) {
            Place place = places.get(j);
            String line = Assignment.against(wiring, w, place, rateOf(place, rates))
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
            if (fewer.isEmpty() || new PlaceSearch(wiring, aim, signal, fewer).leaves(left() - 1, rates)) {
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
