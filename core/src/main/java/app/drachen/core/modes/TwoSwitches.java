package app.drachen.core.modes;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The widest margin of two switches on one channel (MODES-A2): each whole percent of both weights is tried; for a pair of weights the
 * best offset is the middle of what every position leaves it, so that it need not be searched.
 *
 * <p>Source: exhaustive search over the weights; the offset by one-dimensional linear programming.
 */
final class TwoSwitches {
    private final Selector selector;
    private final List<Combination> combinations;

    TwoSwitches(Selector selector) {
        this.selector = selector;
        combinations = selector.combinations();
    }

    /**
     * A stretch of pulses that gives one mode.
     *
     * @param low its lower edge [µs]
     * @param high its upper edge [µs]
     */
    private record Stretch(double low, double high) {}

    Optional<Selector> solved() {
        SecondSwitch second = selector.second().orElseThrow();
        if (!second.added()) {
            return selector.firstAlone().solved().flatMap(first -> constant(first));
        }
        Map<FlightMode, List<Stretch>> stretches = stretches();
        double best = 0;
        Optional<Selector> found = Optional.empty();
        for (Map<FlightMode, Stretch> choice : choices(stretches)) {
            for (int w1 = 125; w1 >= -125; w1--) {
                for (int w2 = 125; w2 >= -125; w2--) {
                    double[] offset = offset(choice, w1 / 100.0, w2 / 100.0);
                    if (offset[1] > best + 1e-9) {
                        best = offset[1];
                        found = Optional.of(
                                selector.withTravel(w1 / 100.0, offset[0]).withSecondWeight(w2 / 100.0));
                    }
                }
            }
        }
        return found;
    }

    /** The value that the second switch sends when it takes the channel: the middle of its mode's widest stretch. */
    private Optional<Selector> constant(Selector first) {
        FlightMode mode = selector.wanted().get(selector.wanted().size() - 1);
        double bestMargin = 0;
        Optional<Selector> found = Optional.empty();
        Selector with = selector.withTravel(first.weight(), first.offset());
        for (int w = -125; w <= 125; w++) {
            Selector tried = with.withSecondWeight(w / 100.0);
            List<Selector.Place> table = tried.table();
            Selector.Place last = table.get(table.size() - 1);
            if (last.mode().equals(Optional.of(mode)) && last.marginMicros() > bestMargin + 1e-9) {
                bestMargin = last.marginMicros();
                found = Optional.of(tried);
            }
        }
        return found;
    }

    /** Best whole percent of offset and the margin it leaves [µs]; no margin where it is not to be had. */
    private double[] offset(Map<FlightMode, Stretch> choice, double w1, double w2) {
        double low = Double.NEGATIVE_INFINITY;
        double high = Double.POSITIVE_INFINITY;
        double perUnit = 100 * selector.microsPerPercent();
        for (int i = 0; i < combinations.size(); i++) {
            Combination c = combinations.get(i);
            Stretch stretch = choice.get(selector.wanted().get(i));
            double pulse = 1500 + perUnit * (w1 * c.place() + w2 * c.secondPlace());
            low = Math.max(low, stretch.low() - pulse);
            high = Math.min(high, stretch.high() - pulse);
        }
        double middle = (low + high) / 2 / perUnit * 100;
        double[] best = {0, Double.NEGATIVE_INFINITY};
        for (double o : new double[] {Math.floor(middle), Math.ceil(middle)}) {
            double offset = Math.max(-125, Math.min(125, o)) / 100;
            double margin = Math.min(perUnit * offset - low, high - perUnit * offset);
            if (margin > best[1]) {
                best = new double[] {offset, margin};
            }
        }
        return best;
    }

    private Map<FlightMode, List<Stretch>> stretches() {
        Map<FlightMode, List<Stretch>> all = new EnumMap<>(FlightMode.class);
        List<PulseBand> bands = selector.bands().stream()
                .sorted(java.util.Comparator.comparingDouble(PulseBand::lowMicros))
                .toList();
        for (PulseBand band : bands) {
            List<Stretch> of = all.computeIfAbsent(band.mode(), m -> new ArrayList<>());
            Stretch last = of.isEmpty() ? null : of.get(of.size() - 1);
            if (last != null && last.high() == band.lowMicros()) {
                of.set(of.size() - 1, new Stretch(last.low(), band.highMicros()));
            } else {
                of.add(new Stretch(band.lowMicros(), band.highMicros()));
            }
        }
        return all;
    }

    /** Each way to choose one stretch for each mode wanted; at most 64 of them. */
    private List<Map<FlightMode, Stretch>> choices(Map<FlightMode, List<Stretch>> stretches) {
        List<Map<FlightMode, Stretch>> all = new ArrayList<>();
        all.add(new EnumMap<>(FlightMode.class));
        for (FlightMode mode : selector.wanted().stream().distinct().toList()) {
            List<Map<FlightMode, Stretch>> longer = new ArrayList<>();
            for (Map<FlightMode, Stretch> one : all) {
                for (Stretch stretch : stretches.getOrDefault(mode, List.of())) {
                    Map<FlightMode, Stretch> more = new EnumMap<>(FlightMode.class);
                    more.putAll(one);
                    more.put(mode, stretch);
                    longer.add(more);
                }
            }
            all = longer.size() > 64 ? longer.subList(0, 64) : longer;
        }
        return all;
    }
}
