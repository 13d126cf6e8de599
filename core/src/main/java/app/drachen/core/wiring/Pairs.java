package app.drachen.core.wiring;

import app.drachen.core.airframe.Position;
import app.drachen.core.harness.Radio;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Every sender against every receiver on the aircraft.
 *
 * <p>Source: ITU-R P.525 for the isolation (HARNESS-A9), nearer than half a wave ±6 dB; products by arithmetic
 * (HARNESS-A8); the level that blocks is a default of judgement.
 *
 * @param pairs sender by sender
 */
public record Pairs(List<Pair> pairs) {
    /** Speed of light [m/s]. */
    public static final double LIGHT = 299_792_458;

    /** Level at a neighbour's aerial from which it may be deaf, a default of judgement [dBm]. */
    public static final double BLOCKS = -10;

    /**
     * A product that falls into a receiver's band.
     *
     * @param words such as "5th harmonic"
     * @param harmonic of the sender, 2 to 7; 0 for a product of third order
     * @param low lower end [Hz]
     * @param high upper end [Hz]
     */
    public record Hit(String words, int harmonic, double low, double high) {
        /** Whether it is a harmonic up to the third or a product of third order, and so strong. */
        public boolean strong() {
            return harmonic <= 3;
        }
    }

    /**
     * A sender and a receiver.
     *
     * @param sender the sender
     * @param receiver the receiver
     * @param distance between their aerials [m]
     * @param isolation of the way between them, polarisation included [dB]
     * @param level of the sender at the receiver's aerial [dBm]
     * @param near whether it is nearer than half a wave, so that the level may be 6 dB off
     * @param hits products of the sender that fall into the receiver's band
     */
    public record Pair(
            Radio sender,
            Radio receiver,
            double distance,
            double isolation,
            double level,
            boolean near,
            List<Hit> hits) {
        /**
         * @return how far the level stays below the one that blocks [dB]
         */
        public double margin() {
            return BLOCKS - level;
        }

        /** Products that count: a filter takes the sender's harmonics away, but no product of two senders. */
        public List<Hit> unfiltered() {
            return hits.stream()
                    .filter(h -> !sender.filter() || h.harmonic() == 0)
                    .toList();
        }
    }

    public Pairs {
        pairs = List.copyOf(pairs);
    }

    public static Pairs of(List<Radio> radios) {
        List<Pair> pairs = new ArrayList<>();
        for (Radio sender : radios) {
            for (Radio receiver : radios) {
                if (sender.sending() && receiver.listens() && !sender.device().equals(receiver.device())) {
                    double distance = distance(sender.aerial(), receiver.aerial());
                    double isolation = isolation(sender.middle(), distance)
                            + polarisation(Math.abs(sender.tilt() - receiver.tilt()));
                    pairs.add(new Pair(
                            sender,
                            receiver,
                            distance,
                            isolation,
                            sender.level() - isolation,
                            distance < LIGHT / sender.middle() / 2,
                            hits(sender, receiver, radios)));
                }
            }
        }
        return new Pairs(pairs);
    }

    /**
     * @return [m]
     */
    public static double distance(Position a, Position b) {
        return Math.sqrt(
                Math.pow(a.aft() - b.aft(), 2) + Math.pow(a.right() - b.right(), 2) + Math.pow(a.up() - b.up(), 2));
    }

    /**
     * Free-space isolation between two aerials.
     *
     * @param frequency [Hz], above 0
     * @param distance [m], not negative
     * @return [dB], never below 0
     */
    public static double isolation(double frequency, double distance) {
        return Math.max(0, 20 * Math.log10(4 * Math.PI * distance * frequency / LIGHT));
    }

    /**
     * Loss between aerials that are tilted against each other; no more than 30 dB, for no aerial is purer.
     *
     * @param angle between them [rad], 0 to π/2
     * @return [dB], 0 to 30
     */
    public static double polarisation(double angle) {
        return Math.min(30, -20 * Math.log10(Math.abs(Math.cos(angle))));
    }

    /**
     * How far apart they must be so that nothing is blocked.
     *
     * @param tilt between the two aerials [rad], 0 to π/2
     *
     * @return [m]
     */
    public static double apart(Radio sender, double tilt) {
        double needed = sender.level() - BLOCKS - polarisation(tilt);
        return needed <= 0 ? 0 : LIGHT / (4 * Math.PI * sender.middle()) * Math.pow(10, needed / 20);
    }

    private static List<Hit> hits(Radio sender, Radio receiver, List<Radio> radios) {
        List<Hit> hits = new ArrayList<>();
        for (int k = 2; k <= 7; k++) {
            add(hits, receiver, nth(k) + " harmonic", k, k * sender.low(), k * sender.high());
        }
        for (Radio other : radios) {
            if (other.sending() && !other.device().equals(sender.device())) {
                add(
                        hits,
                        receiver,
                        "third order with " + other.device(),
                        0,
                        2 * sender.low() - other.high(),
                        2 * sender.high() - other.low());
            }
        }
        return hits;
    }

    private static void add(List<Hit> hits, Radio receiver, String words, int harmonic, double low, double high) {
        if (low <= receiver.high() && high >= receiver.low()) {
            hits.add(new Hit(words, harmonic, low, high));
        }
    }

    /** "5th". */
    public static String nth(int k) {
        return k + (k == 2 ? "nd" : k == 3 ? "rd" : "th");
    }

    /**
     * The smallest shift of a sender's band, in steps of 0.1 MHz up to 2 %, that leaves no product of its own in any receiver's
     * band, with so much room.
     *
     * @param room between product and band [Hz], not negative
     * @return by how much to shift [Hz]; empty where 2 % are not enough
     */
    public static OptionalDouble clearing(List<Radio> radios, Radio sender, double room) {
        int most = (int) (0.02 * sender.middle() / 1e5);
        for (int n = 0; n <= 2 * most; n++) {
            double by = (n % 2 == 0 ? -1 : 1) * ((n + 1) / 2) * 1e5;
            Radio moved = sender.shifted(by);
            List<Radio> others = new ArrayList<>();
            radios.forEach(r -> others.add(r.device().equals(sender.device()) ? moved : r));
            boolean clear = others.stream()
                    .filter(r -> r.listens() && !r.device().equals(sender.device()))
                    .allMatch(r -> hits(moved, wider(r, room), others).isEmpty());
            if (clear) {
                return OptionalDouble.of(by);
            }
        }
        return OptionalDouble.empty();
    }

    private static Radio wider(Radio r, double room) {
        return r.over(Math.max(1e6, r.low() - room), Math.min(1e10, r.high() + room));
    }
}
