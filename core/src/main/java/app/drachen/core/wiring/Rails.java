package app.drachen.core.wiring;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.harness.Board;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.BoardRail.Feed;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Draw;
import app.drachen.core.harness.PackJoin;
import app.drachen.core.propulsion.Running;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Wiring.Wired;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Every rail in one state: what feeds it, volts, amps, heat.
 *
 * <p>Source: circuit theory by {@link Circuit}; loads of HARNESS-A3, own estimate ±30 %; regulators of HARNESS-A4. A regulator
 * holds its volts until its input is within {@link #HEADROOM} of them. A diode loses {@link #DIODE}, common practice.
 *
 * @param plugged what is plugged in
 * @param rails in the order of the board
 */
public record Rails(Plugged plugged, List<Rail> rails) {
    /** Share of the time that a servo works, a default of judgement (HARNESS-A3) [-]. */
    public static final double WORKING = 0.2;

    /** Share of the servos that stall at once, a default of judgement (HARNESS-A3) [-]. */
    public static final double STALLED = 0.5;

    /** Share of a rating that peaks may take, a default of judgement (HARNESS-R4) [-]. */
    public static final double PEAK_SHARE = 0.8;

    /** Share of a rating that the mean may take, a default of judgement (HARNESS-R4) [-]. */
    public static final double MEAN_SHARE = 0.5;

    /** What a regulator needs above the volts that it gives [V]. */
    static final double HEADROOM = 0.3;

    /** A pack of which so much is used is low [-]. */
    private static final double LOW = 0.8;

    /** What a diode loses [V]. */
    static final double DIODE = 0.3;

    static final double USB_VOLTS = 5.0;
    private static final double USB_OHMS = 0.25;

    /** Resistance of a regulator in a device [Ω]; common practice. */
    static final double REGULATOR_OHMS = 0.15;

    /**
     * What feeds a rail.
     *
     * @param name such as "board" or the name of a device
     * @param volts of it without load [V]
     * @param ohms behind it, wires included [Ω]
     * @param amps that it gives at mean load; negative where it is fed backward [A]
     * @param oneWay whether a diode keeps current from coming back
     * @param rating that it gives for long [A]; 0 where nobody knows
     */
    public record Feeder(String name, double volts, double ohms, double amps, boolean oneWay, double rating) {}

    /**
     * A rail.
     *
     * @param rail of the board
     * @param feeders sources that are present
     * @param fed whether a path leads to a source
     * @param volts at mean load [V]
     * @param lowest at peak load [V]
     * @param mean current of what hangs on it [A]
     * @param peak current of what hangs on it [A]
     * @param heat in its regulator at mean load [W]; 0 without one
     */
    public record Rail(
            BoardRail rail,
            List<Feeder> feeders,
            boolean fed,
            double volts,
            double lowest,
            double mean,
            double peak,
            double heat) {
        /** Two sources that can feed one another: with neither a diode nor a lifted wire between. */
        public boolean fought() {
            return feeders.size() > 1
                    && feeders.stream().filter(f -> !f.oneWay()).count() > 1;
        }

        /**
         * @return what the sources carry together for long [A]; 0 where nobody knows
         */
        public double rating() {
            if (feeders.isEmpty()) {
                return rail.amps();
            }
            double given = feeders.stream().mapToDouble(Feeder::rating).max().orElse(0);
            // what comes from outside must also pass the tracks of the board
            return rail.feed() == Feed.OPEN && rail.amps() > 0 ? Math.min(given, rail.amps()) : given;
        }

        /**
         * @return the greatest current that flows backward into a source [A]; 0 where none does
         */
        public double backward() {
            return feeders.stream()
                    .mapToDouble(f -> -f.amps())
                    .filter(a -> a > 1e-6)
                    .max()
                    .orElse(0);
        }

        /**
         * @return warming of its regulator [K]; not a number where its thermal resistance is unknown
         */
        public double warming() {
            return rail.thermal() > 0 ? heat * rail.thermal() : Double.NaN;
        }
    }

    public Rails {
        rails = List.copyOf(rails);
    }

    public Optional<Rail> rail(String name) {
        return rails.stream().filter(r -> r.rail().name().equals(name)).findFirst();
    }

    /**
     * @return mean current of a device [A]
     */
    static double mean(Device device) {
        Draw d = device.draw();
        return device.kind() == DeviceKind.SERVO ? d.idle() + WORKING * (d.work() - d.idle()) : d.work();
    }

    /**
     * @return share of the peak current of a device that counts [A]
     */
    static double peak(Device device) {
        return device.kind() == DeviceKind.SERVO
                ? STALLED * device.draw().peak()
                : device.draw().peak();
    }

    /**
     * The highest volts that can reach a device in this state: of the pack itself full, else of the strongest that feeds its rail.
     *
     * @return [V]; empty where nothing feeds it
     */
    public OptionalDouble highest(Wiring wiring, Wired wired) {
        Optional<Rail> at = rail(wired.rail()).filter(Rail::fed);
        if (at.isEmpty() || !wired.device().draw().fed()) {
            return OptionalDouble.empty();
        }
        double fed =
                at.get().feeders().stream().mapToDouble(Feeder::volts).max().orElse(0);
        return OptionalDouble.of(at.get().rail().feed() == Feed.RAW ? Math.max(fed, wiring.fullVolts()) : fed);
    }

    /** The rails at the worst: packs low, motors at full power. */
    public static Rails worst(Wiring wiring) {
        Setup setup = wiring.setup();
        double motor = setup.propulsion().drives().isEmpty()
                ? 0
                : Running.of(setup.propulsion().withPack(wiring.pack()), 1, LOW, 0, Atmosphere.SEA_LEVEL_DENSITY)
                        .current();
        return of(wiring, Plugged.PACK, LOW, motor);
    }

    /** The rails with full packs. */
    public static Rails of(Wiring wiring, Plugged plugged) {
        return of(wiring, plugged, 0, 0);
    }

    /**
     * The rails with packs partly used and the motor running.
     *
     * @param used share of the packs used [-], 0 to 1
     * @param motor current of the motors out of the packs [A], not negative
     */
    public static Rails of(Wiring wiring, Plugged plugged, double used, double motor) {
        Board board = wiring.board();
        Sums mean = new Sums(wiring, plugged, used, motor, false);
        Sums peak = new Sums(wiring, plugged, used, motor, true);
        List<Rail> rails = new ArrayList<>();
        for (int i = 0; i < board.rails().size(); i++) {
            BoardRail rail = board.rails().get(i);
            double carried = mean.given[i];
            rails.add(new Rail(
                    rail,
                    mean.feeders.get(i),
                    mean.solved.fed()[i],
                    Math.max(0, mean.solved.volts()[i]),
                    Math.max(0, peak.solved.volts()[i]),
                    mean.loads[i],
                    peak.loads[i],
                    heat(rail, mean.rawVolts(), Math.max(0, carried))));
        }
        return new Rails(plugged, rails);
    }

    /**
     * Heat in a regulator (HARNESS-A4).
     *
     * @param in volts in [V]
     * @param amps that it gives [A], not negative
     * @return [W]
     */
    static double heat(BoardRail rail, double in, double amps) {
        return switch (rail.feed()) {
            case LINEAR -> Math.max(0, in - rail.volts()) * amps;
            case SWITCHING -> rail.volts() * amps * (1 - rail.efficiency()) / rail.efficiency();
            default -> 0;
        };
    }

    /** The sums of one load. */
    private static final class Sums {
        private static final int ROUNDS = 40;
        private final Wiring wiring;
        private final Plugged plugged;
        private final Board board;
        private final double packVolts;
        private final double motor;
        private final double[] loads;
        private final double[] given;
        private List<List<Feeder>> feeders = new ArrayList<>();
        private Circuit.Solved solved;
        private int raw = -1;

        Sums(Wiring wiring, Plugged plugged, double used, double motor, boolean peak) {
            this.wiring = wiring;
            this.plugged = plugged;
            this.board = wiring.board();
            this.motor = plugged.pack() ? motor : 0;
            this.packVolts = used > 0 ? wiring.pack().restingVolts(used) : wiring.fullVolts();
            int n = board.rails().size();
            loads = new double[n];
            given = new double[n];
            for (int i = 0; i < n; i++) {
                String name = board.rails().get(i).name();
                raw = board.rails().get(i).feed() == Feed.RAW ? i : raw;
                loads[i] = wiring.on(name).stream()
                        .mapToDouble(w -> peak ? peak(w.device()) : mean(w.device()))
                        .sum();
            }
            // what regulators take in depends on the volts that they take it at, so the two are found in turn
            double taken = 0;
            double volts = plugged.pack() ? packVolts : 0;
            for (int round = 0; round < ROUNDS; round++) {
                settle(volts, taken);
                double in = taken(volts);
                double now = rawVolts();
                boolean still = Math.abs(in - taken) < 1e-9 && Math.abs(now - volts) < 1e-9;
                taken = 0.5 * (taken + in);
                volts = 0.5 * (volts + now);
                if (still) {
                    break;
                }
            }
        }

        double rawVolts() {
            return raw >= 0 ? solved.volts()[raw] : plugged.pack() ? packVolts : 0;
        }

        private void settle(double in, double taken) {
            Circuit circuit = new Circuit(board.rails().size());
            List<List<Feeder>> laid = new ArrayList<>();
            List<List<Integer>> branches = new ArrayList<>();
            for (int i = 0; i < board.rails().size(); i++) {
                circuit.load(i, loads[i] + (i == raw ? taken + motor : 0));
                List<Feeder> here = sources(board.rails().get(i), in);
                List<Integer> numbers = new ArrayList<>();
                for (Feeder f : here) {
                    numbers.add(circuit.source(i, f.volts(), f.ohms(), f.oneWay()));
                }
                laid.add(here);
                branches.add(numbers);
            }
            solved = circuit.solve();
            feeders = new ArrayList<>();
            for (int i = 0; i < laid.size(); i++) {
                List<Feeder> here = new ArrayList<>();
                given[i] = 0;
                for (int k = 0; k < laid.get(i).size(); k++) {
                    Feeder f = laid.get(i).get(k);
                    double amps = solved.amps()[branches.get(i).get(k)];
                    here.add(new Feeder(f.name(), f.volts(), f.ohms(), amps, f.oneWay(), f.rating()));
                    given[i] += f.name().equals(BOARD) ? amps : 0;
                }
                feeders.add(here);
            }
        }

        private List<Feeder> sources(BoardRail rail, double in) {
            List<Feeder> here = new ArrayList<>();
            if (rail.feed() == Feed.RAW && plugged.pack()) {
                here.add(new Feeder("pack", packVolts, wiring.pack().resistance(), 0, false, rail.amps()));
            }
            if (rail.feed().regulates() && plugged.pack()) {
                double out = Math.min(rail.volts(), in - HEADROOM);
                if (out > 0) {
                    here.add(new Feeder(BOARD, out, rail.resistance(), 0, false, rail.amps()));
                }
            }
            if (rail.usb() && plugged.usb()) {
                here.add(new Feeder("USB", USB_VOLTS - DIODE, USB_OHMS, 0, true, board.usbAmps()));
            }
            for (Wired w : wiring.wired()) {
                if (plugged.pack() && w.feeds() && w.place().get().rail().equals(rail.name())) {
                    double out = Math.min(w.device().gives().volts(), in - HEADROOM);
                    boolean diode = w.lead().get().diode();
                    if (out > 0) {
                        here.add(new Feeder(
                                w.device().name(),
                                diode ? out - DIODE : out,
                                REGULATOR_OHMS + w.resistance(),
                                0,
                                diode,
                                w.device().gives().amps()));
                    }
                }
            }
            PackJoin join = wiring.harness().packs();
            if (plugged.receiverPack()
                    && join.receiverVolts() > 0
                    && join.receiverRail().equals(rail.name())) {
                here.add(new Feeder("receiver pack", join.receiverVolts(), 0.1, 0, false, 0));
            }
            return here;
        }

        /** What all regulators take out of the packs [A]. */
        private double taken(double in) {
            double sum = 0;
            for (int i = 0; i < feeders.size(); i++) {
                for (Feeder f : feeders.get(i)) {
                    if (i != raw
                            && in > 0
                            && !f.name().equals("USB")
                            && !f.name().equals("receiver pack")) {
                        sum += input(board.rails().get(i), f, in);
                    }
                }
            }
            return sum;
        }

        private double input(BoardRail rail, Feeder f, double in) {
            double out = Math.max(0, f.amps());
            if (f.name().equals(BOARD)) {
                return rail.feed() == Feed.LINEAR ? out : rail.volts() * out / (rail.efficiency() * in);
            }
            boolean linear =
                    wiring.of(f.name()).map(w -> w.device().gives().linear()).orElse(true);
            return linear ? out : f.volts() * out / (0.88 * in);
        }
    }

    /** What a regulator on the board is called as a feeder. */
    public static final String BOARD = "board";
}
