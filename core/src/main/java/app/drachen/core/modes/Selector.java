package app.drachen.core.modes;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * The mode selector: a switch, the radio's weight and offset, and the pulse bands of the board.
 *
 * <p>Source: arithmetic (MODES-A1), pulse = 1500 + k·(weight·place + offset); k is a property of
 * the radio, usually 5.00 or 5.12 µs per percent.
 *
 * @param kind the switch
 * @param weight [-], −1.25 to 1.25
 * @param offset [-], −1.25 to 1.25
 * @param microsPerPercent radio property k [µs per %], 3 to 7
 * @param bands pulse bands of the board
 * @param wanted the mode wanted at each position, in the order of the switch; with a second switch at each combination, for each
 *     of its positions in turn all of the first
 * @param second a second switch on the channel, if there is one
 * @param wanderMicros how far the pulse was seen to wander either way while no switch moved [µs], 0 to 200; empty if nobody looked
 */
public record Selector(
        SelectorKind kind,
        double weight,
        double offset,
        double microsPerPercent,
        List<PulseBand> bands,
        List<FlightMode> wanted,
        Optional<SecondSwitch> second,
        Optional<Double> wanderMicros) {
    public Selector {
        wanderMicros.ifPresent(w -> Ranges.require("wander of the pulse", w, 0, 200, "µs"));
        Ranges.require("weight", weight, -1.25, 1.25, "-");
        Ranges.require("offset", offset, -1.25, 1.25, "-");
        Ranges.require("pulse per percent", microsPerPercent, 3, 7, "µs/%");
        bands = List.copyOf(bands);
        wanted = List.copyOf(wanted);
        int positions = Combination.of(kind, second).size();
        if (wanted.size() != positions) {
            throw new IllegalArgumentException("the switch has "
                    + (second.isEmpty() ? kind.label() : positions + " combinations with the second")
                    + " but " + wanted.size() + " modes are given");
        }
    }

    /** A selector of one switch. */
    public Selector(
            SelectorKind kind,
            double weight,
            double offset,
            double microsPerPercent,
            List<PulseBand> bands,
            List<FlightMode> wanted) {
        this(kind, weight, offset, microsPerPercent, bands, wanted, Optional.empty(), Optional.empty());
    }

    /** A selector whose wander nobody has looked at. */
    public Selector(
            SelectorKind kind,
            double weight,
            double offset,
            double microsPerPercent,
            List<PulseBand> bands,
            List<FlightMode> wanted,
            Optional<SecondSwitch> second) {
        this(kind, weight, offset, microsPerPercent, bands, wanted, second, Optional.empty());
    }

    /** Every position, or combination of positions. */
    public List<Combination> combinations() {
        return Combination.of(kind, second);
    }

    /**
     * What a position gives.
     *
     * @param position counted from 1
     * @param pulseMicros its pulse [µs]
     * @param mode the mode of the band that holds it; empty outside all bands or where two overlap
     * @param marginMicros distance to the nearest edge behind which the mode is another one, or none [µs]; NaN without a mode
     */
    public record Place(int position, double pulseMicros, Optional<FlightMode> mode, double marginMicros) {}

    /** The table of every position. */
    public List<Place> table() {
        return table(weight, offset);
    }

    private List<Place> table(double tryWeight, double tryOffset) {
        List<Place> places = new ArrayList<>();
        double[] edges = edges();
        List<Combination> all = combinations();
        for (int i = 0; i < all.size(); i++) {
            double pulse = all.get(i).pulse(microsPerPercent, tryWeight, tryOffset, second);
            Optional<FlightMode> mode = modeAt(pulse);
            places.add(new Place(i + 1, pulse, mode, mode.isPresent() ? margin(pulse, edges) : Double.NaN));
        }
        return places;
    }

    private double pulse(double place, double tryWeight, double tryOffset) {
        return 1500 + microsPerPercent * 100 * (tryWeight * place + tryOffset);
    }

    /**
     * Pulses at which the mode becomes another one, or none: every edge of a band but those between two bands of one mode
     * that touch. The outermost edges count too, since beyond them there is no mode.
     *
     * @return [µs]
     */
    private double[] edges() {
        return bands.stream()
                .flatMapToDouble(b -> DoubleStream.of(b.lowMicros(), b.highMicros()))
                .filter(edge -> !modeAt(Math.nextDown(edge)).equals(modeAt(edge)))
                .toArray();
    }

    /**
     * The mode that a pulse gives; none beyond the bands and where two of them overlap.
     *
     * @param pulse [µs]
     */
    public Optional<FlightMode> modeAt(double pulse) {
        List<PulseBand> holding = bands.stream().filter(b -> b.holds(pulse)).toList();
        return holding.size() == 1 ? Optional.of(holding.get(0).mode()) : Optional.empty();
    }

    private static double margin(double pulse, double[] edges) {
        double margin = Double.POSITIVE_INFINITY;
        for (double edge : edges) {
            margin = Math.min(margin, Math.abs(pulse - edge));
        }
        return margin;
    }

    /**
     * Least margin over all positions.
     *
     * @return [µs]; NaN if a position gives no mode
     */
    public double leastMargin() {
        return leastMargin(table());
    }

    private static double leastMargin(List<Place> table) {
        double least = Double.POSITIVE_INFINITY;
        for (Place place : table) {
            if (Double.isNaN(place.marginMicros())) {
                return Double.NaN;
            }
            least = Math.min(least, place.marginMicros());
        }
        return least;
    }

    private boolean givesWhatIsWanted(List<Place> table) {
        for (Place place : table) {
            if (!place.mode().equals(Optional.of(wanted.get(place.position() - 1)))) {
                return false;
            }
        }
        return true;
    }

    /** Whether every position gives the mode wanted there. */
    public boolean givesWhatIsWanted() {
        return givesWhatIsWanted(table());
    }

    /**
     * The weight and offset with the widest least margin, by trying each whole percent (MODES-A2); of
     * equals the one with the smaller offset, then the larger weight.
     *
     * @return the solved selector, or empty if no weight and offset give the wanted modes
     */
    public Optional<Selector> solved() {
        if (second.isPresent()) {
            return new TwoSwitches(this).solved();
        }
        Solver solver = new Solver(this);
        double best = Double.NEGATIVE_INFINITY;
        int bestWeight = 0;
        int bestOffset = 0;
        for (int size = 0; size <= 125; size++) {
            for (int sign = -1; sign <= 1; sign += 2) {
                for (int w = 125; w >= -125; w--) {
                    double least = solver.leastMargin(w / 100.0, sign * size / 100.0);
                    if (least > best + 1e-9) {
                        best = least;
                        bestWeight = w;
                        bestOffset = sign * size;
                    }
                }
            }
        }
        return best == Double.NEGATIVE_INFINITY
                ? Optional.empty()
                : Optional.of(withTravel(bestWeight / 100.0, bestOffset / 100.0));
    }

    /** The search's inner loop without lists: margins of the positions that give what is wanted. */
    private static final class Solver {
        private final Selector selector;
        private final double[] places;
        private final double[] low;
        private final double[] high;
        private final boolean[][] wanted;
        private final double[] edges;

        Solver(Selector selector) {
            this.selector = selector;
            places = selector.kind.places().stream()
                    .mapToDouble(Double::doubleValue)
                    .toArray();
            low = selector.bands.stream().mapToDouble(PulseBand::lowMicros).toArray();
            high = selector.bands.stream().mapToDouble(PulseBand::highMicros).toArray();
            edges = selector.edges();
            wanted = new boolean[places.length][low.length];
            for (int i = 0; i < places.length; i++) {
                for (int b = 0; b < low.length; b++) {
                    wanted[i][b] = selector.bands.get(b).mode() == selector.wanted.get(i);
                }
            }
        }

        /** Least margin, or negative infinity if a position gives no mode or another one. */
        double leastMargin(double weight, double offset) {
            double least = Double.POSITIVE_INFINITY;
            for (int i = 0; i < places.length; i++) {
                double pulse = selector.pulse(places[i], weight, offset);
                int held = 0;
                for (int b = 0; b < low.length; b++) {
                    if (low[b] <= pulse && pulse < high[b]) {
                        held++;
                        if (!wanted[i][b]) {
                            return Double.NEGATIVE_INFINITY;
                        }
                    }
                }
                if (held != 1) {
                    return Double.NEGATIVE_INFINITY;
                }
                least = Math.min(least, margin(pulse, edges));
            }
            return least;
        }
    }

    /**
     * The same selector with other radio values.
     *
     * @param newWeight [-]
     * @param newOffset [-]
     */
    public Selector withTravel(double newWeight, double newOffset) {
        return new Selector(kind, newWeight, newOffset, microsPerPercent, bands, wanted, second, wanderMicros);
    }

    /** The same selector with another mode wanted at one position, and in the band it falls into. */
    public Selector withMode(int position, FlightMode mode) {
        List<FlightMode> modes = new ArrayList<>(wanted);
        modes.set(position - 1, mode);
        double pulse = table().get(position - 1).pulseMicros();
        List<PulseBand> changed = new ArrayList<>();
        for (PulseBand band : bands) {
            changed.add(band.holds(pulse) ? new PulseBand(band.lowMicros(), band.highMicros(), mode) : band);
        }
        return new Selector(kind, weight, offset, microsPerPercent, changed, modes, second, wanderMicros);
    }

    /**
     * Another switch on even bands about the middle, one band for each position.
     *
     * @param newKind the switch
     * @param modes one mode for each position
     */
    public Selector withKind(SelectorKind newKind, List<FlightMode> modes) {
        int n = modes.size();
        List<PulseBand> even = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double low = i == 0 ? 800 : 1000 + 1000.0 * i / n;
            double high = i == n - 1 ? 2200 : 1000 + 1000.0 * (i + 1) / n;
            even.add(new PulseBand(Math.rint(low), Math.rint(high), modes.get(i)));
        }
        Selector raw = new Selector(newKind, 1, 0, microsPerPercent, even, modes);
        return raw.solved().orElse(raw);
    }

    /** The same selector with other bands. */
    public Selector withBands(List<PulseBand> newBands) {
        return new Selector(kind, weight, offset, microsPerPercent, newBands, wanted, second, wanderMicros);
    }

    /** The same selector with a second switch, or without; each new combination wants what the first switch gave. */
    public Selector withSecond(Optional<SecondSwitch> other) {
        List<FlightMode> modes = new ArrayList<>();
        for (Combination c : Combination.of(kind, other)) {
            modes.add(wanted.get(Math.min(wanted.size(), c.first()) - 1));
        }
        return new Selector(kind, weight, offset, microsPerPercent, bands, modes, other, wanderMicros);
    }

    /** The same selector with a second switch and the mode wanted at each combination. */
    public Selector withSecond(Optional<SecondSwitch> other, List<FlightMode> modes) {
        return new Selector(kind, weight, offset, microsPerPercent, bands, modes, other, wanderMicros);
    }

    /** The same selector with the second switch weighted otherwise. */
    Selector withSecondWeight(double newWeight) {
        return new Selector(
                kind, weight, offset, microsPerPercent, bands, wanted, second.map(s -> s.withWeight(newWeight)));
    }

    /** The same first switch alone, with the modes wanted while the second is in its first position. */
    Selector firstAlone() {
        return new Selector(
                kind,
                weight,
                offset,
                microsPerPercent,
                bands,
                wanted.subList(0, kind.places().size()));
    }

    /** Whether a mode lies at an end stop, where it is found blind in one move. */
    public boolean atEndStop(FlightMode mode) {
        List<Place> table = table();
        return table.get(0).mode().equals(Optional.of(mode))
                || table.get(table.size() - 1).mode().equals(Optional.of(mode));
    }

    /** MODES-A2 as a working. */
    public Working marginWorking() {
        return Working.of(
                "MODES-A2",
                "Least distance to a band edge",
                leastMargin(),
                Quantity.PULSE,
                "least over all positions of |pulse − edge behind which the mode is another one, or none|, pulse = 1500 + k·(weight·place + offset)",
                Source.ARITHMETIC,
                Working.in("weight", weight, Quantity.SHARE),
                Working.in("offset", offset, Quantity.SHARE),
                Working.in("k, µs per percent", microsPerPercent, Quantity.NUMBER),
                Working.in("positions", wanted.size(), Quantity.COUNT));
    }

    /** The same, its pulse seen to wander so far either way [µs], or nobody looked. */
    public Selector wandering(Optional<Double> micros) {
        return new Selector(kind, weight, offset, microsPerPercent, bands, wanted, second, micros);
    }
}
