package app.drachen.core.bench;

import app.drachen.core.bench.BenchCard.Said;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.controls.Rates;
import app.drachen.core.controls.StickChannel;
import app.drachen.core.modes.Combination;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.SecondPath;
import app.drachen.core.modes.Selector;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Cards about radio, modes and links. */
final class RadioCards {
    /** Where the four sticks stand in the samples of THROWS-A3, one row each: roll, pitch, yaw, power. */
    static final double[][] SAMPLES = {
        {0, 0, 0, 0}, {1, 0, 0, 0}, {-1, 0, 0, 0}, {0, 1, 0, 0}, {0, -1, 0, 0}, {0, 0, 1, 0},
        {0, 0, -1, 0}, {0.5, 0, 0, 0}, {0, 0.5, 0, 0}, {0, 0, 0.5, 0}, {-0.5, 0, 0, 0}, {0, -0.5, 0, 0}
    };

    /** An end or a centre may be off by this [µs]; defaults of judgement (THROWS-R2). */
    static final double END_OFF = 15;

    static final double CENTRE_OFF = 5;

    /** Residual of a matrix beyond which it is not linear [µs]; a default of judgement (THROWS-A3). */
    static final double NOT_LINEAR = 10;

    /** Least full range that a walk must show before anything else is asked [m]; a default of judgement (BENCH-R9). */
    static final double LEAST_WALK = 30;

    private RadioCards() {}

    static BenchCard channelOrder() {
        List<String> commands = new ArrayList<>();
        for (Axis axis : Axis.values()) {
            commands.add(axis.label());
        }
        commands.add("none");
        List<Reading> readings = new ArrayList<>();
        for (Axis axis : Axis.values()) {
            readings.add(
                    Reading.choice(axis.label(), "The " + axis.label() + " stick moves", axis.ordinal(), commands));
        }
        return new BenchCard(CardId.CHANNEL_ORDER, readings, BenchCard.Sums.NONE);
    }

    static BenchCard endPoints(Setup setup) {
        RadioSide side = setup.controls().radio().orElse(RadioSide.USUAL);
        List<Reading> readings = new ArrayList<>();
        for (StickChannel stick : side.sticks()) {
            String of = stick.stick().label();
            readings.add(Reading.number(of + " low", of + ", lower end", Quantity.PULSE, 700, 2_300)
                    .within(side.board().low(), END_OFF));
            readings.add(Reading.number(of + " middle", of + ", let go or in the middle", Quantity.PULSE, 700, 2_300)
                    .within(side.board().middle(), stick.stick() == Axis.POWER ? END_OFF : CENTRE_OFF));
            readings.add(Reading.number(of + " high", of + ", upper end", Quantity.PULSE, 700, 2_300)
                    .within(side.board().high(), END_OFF));
        }
        return new BenchCard(CardId.END_POINTS, readings, BenchCard.Sums.NONE);
    }

    static BenchCard stickToOutput(Setup setup) {
        List<Reading> readings = new ArrayList<>();
        List<Output> outputs = setup.controls().surfaces();
        for (int i = 0; i < SAMPLES.length; i++) {
            for (Output output : outputs) {
                readings.add(Reading.number(
                        sample(i, output),
                        held(SAMPLES[i]) + ": " + output.surface().words(),
                        Quantity.PULSE,
                        700,
                        2_300));
            }
        }
        return new BenchCard(CardId.STICK_TO_OUTPUT, readings, given -> matrix(setup, given));
    }

    static String sample(int number, Output output) {
        return "s" + (number + 1) + " " + output.surface().id();
    }

    private static String held(double[] sticks) {
        String[] names = {"roll", "pitch", "yaw", "power"};
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 3; i++) {
            if (sticks[i] != 0) {
                text.append(names[i])
                        .append(sticks[i] > 0 ? " +" : " \u2212")
                        .append(Math.abs(sticks[i]) == 1 ? "full" : "half");
            }
        }
        return text.isEmpty() ? "all let go" : text.toString();
    }

    /** Where samples were taken, in the output's own terms: what a full stick asks for [-]. */
    private static List<Said> matrix(Setup setup, Map<String, Double> given) {
        List<Output> outputs = setup.controls().surfaces();
        boolean all = outputs.stream().allMatch(o -> java.util.stream.IntStream.range(0, SAMPLES.length)
                .allMatch(i -> given.containsKey(sample(i, o))));
        if (!all || outputs.isEmpty()) {
            return List.of();
        }
        double[][] inputs = new double[SAMPLES.length][];
        for (int i = 0; i < SAMPLES.length; i++) {
            // rates and expo of Manual are known and taken out, so that what is left is the mixer
            Rates rates = setup.controls().rates();
            inputs[i] = new double[] {
                rates.shape(SAMPLES[i][0], rates.roll()),
                rates.shape(SAMPLES[i][1], rates.pitch()),
                rates.shape(SAMPLES[i][2], rates.yaw())
            };
        }
        List<Said> said = new ArrayList<>();
        Map<Output, double[]> shares = new LinkedHashMap<>();
        for (Output output : outputs) {
            double[] read = new double[SAMPLES.length];
            for (int i = 0; i < read.length; i++) {
                read[i] = given.get(sample(i, output));
            }
            Fits.Linear fit = Fits.linear(inputs, read);
            double sense = output.reversed() ? -1 : 1;
            double[] found = Arrays.stream(fit.shares())
                    .map(x -> sense * x / Output.FULL_COMMAND_MICROS)
                    .toArray();
            shares.put(output, found);
            String name = output.surface().words();
            said.add(new Said(
                    "linear " + output.surface().id(),
                    fit.residual() <= NOT_LINEAR,
                    fit.residual() <= NOT_LINEAR
                            ? "The " + name + " follows the sticks evenly"
                            : "The " + name + " does not follow evenly (" + Quantity.PULSE.text(fit.residual())
                                    + " left over): a curve, a switch, a limit or the wrong channel.",
                    workings(output, found, fit)));
        }
        said.add(WhoMixes.said(setup, shares));
        return said;
    }

    private static List<Working> workings(Output output, double[] found, Fits.Linear fit) {
        List<Working> list = new ArrayList<>();
        String[] names = {"roll", "pitch", "yaw"};
        for (int i = 0; i < 3; i++) {
            list.add(Working.of(
                    "THROWS-A3",
                    output.surface().label() + " of " + names[i],
                    found[i],
                    Quantity.SHARE_FINE,
                    "least squares of pulse less centre over the sticks, through 500 µs and the sense",
                    new Source.Published("G. Strang", "Introduction to Linear Algebra", 2016),
                    Working.in("samples", SAMPLES.length, Quantity.COUNT),
                    Working.in("left over", fit.residual(), Quantity.PULSE)));
        }
        return list;
    }

    static BenchCard readBack(Setup setup) {
        Selector selector = setup.modes().selector();
        List<String> modes = new ArrayList<>();
        for (FlightMode mode : FlightMode.values()) {
            modes.add(mode.label());
        }
        modes.add("none");
        List<Reading> readings = new ArrayList<>();
        List<Combination> all = selector.combinations();
        for (int i = 0; i < all.size(); i++) {
            Optional<FlightMode> mode = selector.table().get(i).mode();
            String words = all.get(i).words();
            readings.add(Reading.choice(
                    "place " + (i + 1),
                    Character.toUpperCase(words.charAt(0)) + words.substring(1) + " gives",
                    mode.map(FlightMode::ordinal).orElse(modes.size() - 1),
                    modes));
        }
        return new BenchCard(CardId.READ_BACK, readings, BenchCard.Sums.NONE);
    }

    /** On the bench a board that is armed takes it for the launch. */
    static Loss.Action wantedOnTheBench(Setup setup) {
        Loss.Action action = setup.modes().losses().action(Loss.LINK, Loss.Phase.LAUNCH);
        return action == Loss.Action.OPEN ? Loss.Action.HOME : action;
    }

    static BenchCard lossOfLink(Setup setup) {
        List<Loss.Action> actions = Arrays.asList(Loss.Action.values());
        List<String> words = actions.stream()
                .map(a -> a == Loss.Action.OPEN ? "nothing shown" : a.label())
                .toList();
        return new BenchCard(
                CardId.LOSS_OF_LINK,
                List.of(
                        Reading.choice(
                                "disarmed", "Disarmed, radio off: the motor", 0, "stays still", "turns or would turn"),
                        Reading.choice(
                                "action",
                                "Armed, radio off: the board does",
                                actions.indexOf(wantedOnTheBench(setup)),
                                words),
                        Reading.number("after", "That long after switching off", Quantity.TIME, 0, 60)
                                .atMost(5),
                        Reading.choice("back", "Radio on again: control", 0, "comes back", "stays away")),
                BenchCard.Sums.NONE);
    }

    static BenchCard rangeWalk() {
        return new BenchCard(
                CardId.RANGE_WALK,
                List.of(
                        Reading.number("reduced", "Power reduced by", Quantity.DECIBEL, 0, 60),
                        Reading.number("distance", "Control stutters at", Quantity.DISTANCE, 0, 5_000)
                                .atLeast(LEAST_WALK),
                        Reading.number("running", "with the motor running at", Quantity.DISTANCE, 0, 5_000)
                                .atLeast(LEAST_WALK)),
                RadioCards::walk);
    }

    /** Full range that a walk stands for; empty before it is complete [m]. */
    static List<Said> walk(Map<String, Double> given) {
        if (!given.keySet().containsAll(List.of("reduced", "distance", "running"))) {
            return List.of();
        }
        double worst = Math.min(given.get("distance"), given.get("running"));
        double full = fullRange(given);
        boolean noisy = given.get("running") < 0.7 * given.get("distance");
        return List.of(new Said(
                "range",
                !noisy,
                noisy
                        ? "With the motor running it loses more than 30 % of its range: current leads and controller are too near"
                                + " the receiver."
                        : "Full range about " + Quantity.DISTANCE.text(full),
                List.of(Working.of(
                        "BENCH-A4",
                        "Full range",
                        full,
                        Quantity.DISTANCE,
                        "d·10^(ΔdB/20), the nearer of the two walks",
                        new Source.Published("ITU-R", "P.525", 2019),
                        Working.in("nearer walk d", worst, Quantity.DISTANCE),
                        Working.in("power reduced by ΔdB", given.get("reduced"), Quantity.DECIBEL)))));
    }

    /**
     * Full range that a walk stands for (BENCH-A4).
     *
     * @return [m]
     */
    static double fullRange(Map<String, Double> given) {
        return Math.min(given.get("distance"), given.get("running")) * Math.pow(10, given.get("reduced") / 20);
    }

    static BenchCard handOver(Setup setup) {
        SecondPath path = setup.modes().second().orElseThrow();
        List<String> modes =
                Arrays.stream(FlightMode.values()).map(FlightMode::label).toList();
        return new BenchCard(
                CardId.HAND_OVER,
                List.of(
                        Reading.choice(
                                "mode",
                                "Mode right after the hand-over",
                                path.handOver().radioMode().ordinal(),
                                modes),
                        Reading.number("power before", "Power before", Quantity.SHARE, 0, 1),
                        Reading.number("power after", "Power right after", Quantity.SHARE, 0, 1),
                        Reading.choice("back", "The radio takes back", 0, "at once", "after a while", "not at all"),
                        Reading.choice(
                                "lost",
                                "Console cut off: the board does",
                                path.action().ordinal(),
                                Arrays.stream(Loss.Action.values())
                                        .map(a -> a == Loss.Action.OPEN ? "nothing shown" : a.label())
                                        .toList()),
                        Reading.number("delay", "From hand to surface", Quantity.TIME_FINE, 0, 20)),
                RadioCards::steps);
    }

    /** Greatest step of power at a hand-over [-]; a default of judgement (MODES-R13). */
    static final double POWER_STEP = 0.05;

    private static List<Said> steps(Map<String, Double> given) {
        if (!given.containsKey("power before") || !given.containsKey("power after")) {
            return List.of();
        }
        double step = Math.abs(given.get("power after") - given.get("power before"));
        boolean smooth = step <= POWER_STEP + 1e-9;
        return List.of(new Said(
                "power",
                smooth,
                smooth
                        ? "Power stays where it was"
                        : "Power jumps by " + Quantity.SHARE.text(step)
                                + ": set the console to the radio's power first.",
                List.of()));
    }
}
