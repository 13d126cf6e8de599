package app.drachen.core.bench;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.autopilot.Sticks;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.controls.StickChannel;
import app.drachen.core.controls.Surface;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.SecondPath;
import app.drachen.core.modes.Selector;
import app.drachen.core.setup.Setup;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * What the stand-in board, receiver, console and meter answer to a card: what a person would read off them, with the scatter of such
 * readings.
 *
 * <p>Source: the board that lives ({@link LiveBoard}), statics, the motor model; scatter and the values of a sound aircraft are own
 * estimates.
 */
final class StandInAnswers {
    /** Power is reduced by this on a range walk [dB]. */
    private static final double REDUCED = 30;

    private final Setup believed;
    private final RealThing real;
    private final NoiseSource noise;
    private final Map<String, Double> given = new LinkedHashMap<>();

    private StandInAnswers(Setup believed, RealThing real, long seed) {
        this.believed = believed;
        this.real = real;
        noise = new NoiseSource(seed);
    }

    /**
     * Answers to a card.
     *
     * @param believed the set-up as the pilot believes it
     * @param real the aircraft as it is
     * @param seed of the scatter
     */
    static Map<String, Double> to(CardId card, Setup believed, RealThing real, long seed) {
        StandInAnswers answers = new StandInAnswers(believed, real, seed);
        answers.fill(card);
        return answers.given;
    }

    private void fill(CardId card) {
        switch (card) {
            case CHANNEL_ORDER -> order();
            case END_POINTS -> ends();
            case STICK_TO_OUTPUT -> samples();
            case STICK_TO_SURFACE, TILT_TO_SURFACE -> given.putAll(SurfaceCards.answered(believed, real.setup(), card));
            case CENTRES_AND_THROWS -> throwsRead();
            case LINKAGE_PULL -> pulled();
            case SIX_FACES -> faces();
            case LEVEL -> level();
            case ROTATION -> rotation();
            case COMPASS_SWING -> compass();
            case READ_BACK -> readBack();
            case ARMING -> arming();
            case LOSS_OF_LINK -> loss();
            case MOTOR_RUN -> motor();
            case SCALES -> scales();
            case AIRSPEED_PROBE -> probe();
            case LOG_WORKS -> log();
            case RANGE_WALK -> walk();
            case HOME_FIX -> fix();
            case HOME_HEIGHT -> homeHeight();
            case HAND_OVER -> handOver();
            case PREFLIGHT -> preflight();
        }
    }

    private RadioSide radio() {
        return real.setup().controls().radio().orElse(RadioSide.USUAL);
    }

    private void put(String id, double value) {
        given.put(id, value);
    }

    private void read(String id, double value, double scatter) {
        given.put(id, value + scatter * Math.max(-2, Math.min(2, noise.gaussian())));
    }

    private void choose(String id, boolean second) {
        put(id, second ? 1 : 0);
    }

    private void order() {
        for (Axis axis : Axis.values()) {
            put(axis.label(), radio().stick(axis).means().ordinal());
        }
    }

    private void ends() {
        for (StickChannel stick : radio().sticks()) {
            String of = stick.stick().label();
            double k = radio().microsPerPercent();
            read(of + " low", stick.pulse(-1, k, 0), 0.5);
            read(of + " middle", stick.pulse(0, k, 0), 0.5);
            read(of + " high", stick.pulse(1, k, 0), 0.5);
        }
    }

    private void samples() {
        for (int i = 0; i < RadioCards.SAMPLES.length; i++) {
            double[] s = RadioCards.SAMPLES[i];
            LiveBoard board = LiveBoard.in(real.setup(), FlightMode.MANUAL);
            board.put(board.inputs().with(new Sticks(s[0], s[1], s[2], s[3])));
            board.advance(2 * LiveBoard.TURN);
            for (LiveBoard.Seen seen : board.seen()) {
                if (seen.output().surface().inTheAir()) {
                    read(RadioCards.sample(i, seen.output()), seen.pulse(), 1);
                }
            }
        }
    }

    private void throwsRead() {
        double eye = Math.toRadians(0.15);
        for (Output o : real.setup().controls().surfaces()) {
            String id = o.surface().id();
            double[] reach = SurfaceCards.throwsOf(o);
            read(id + " neutral", o.deflection(o.centreMicros()), eye);
            read(id + " up", reach[0], eye);
            read(id + " down", reach[1], eye);
            given.computeIfPresent(id + " up", (k, v) -> Math.max(0, v));
            given.computeIfPresent(id + " down", (k, v) -> Math.max(0, v));
        }
    }

    private void pulled() {
        List<Output> surfaces = real.setup().controls().surfaces();
        for (int i = 0; i < surfaces.size(); i++) {
            Surface s = surfaces.get(i).surface();
            choose(s.id() + " pull", real.quirk(Quirk.SLIPS) == i + 1);
            choose(s.id() + " hinge", real.quirk(Quirk.TORN) == i + 1);
        }
    }

    private void faces() {
        pose(BoardCards.FACES, BoardCards.TRUE_FACES);
        read("still", 0.02, 0.005);
        pose(BoardCards.EDGES, BoardCards.TRUE_EDGES);
    }

    private void pose(List<String> names, double[][] truth) {
        for (int i = 0; i < names.size(); i++) {
            double moved = i == 3 ? real.quirk(Quirk.MOVING) : 0;
            read(names.get(i) + " x", GRAVITY * truth[i][0] * real.quirk(Quirk.SCALE_X) + 0.06, 0.02);
            read(names.get(i) + " y", GRAVITY * truth[i][1] - 0.04 + moved, 0.02);
            read(names.get(i) + " z", GRAVITY * truth[i][2] * real.quirk(Quirk.SCALE_Z) + 0.09 + moved, 0.02);
        }
    }

    private void level() {
        double still = Math.toRadians(0.1);
        read("roll", real.setup().mount().levelRoll() + real.quirk(Quirk.LEVEL_ROLL), still);
        read("pitch", real.setup().mount().levelPitch() + real.quirk(Quirk.LEVEL_PITCH), still);
    }

    private void rotation() {
        put("right", shown(Math.toRadians(30), 0));
        put("down", shown(0, Math.toRadians(-30)));
        put("swung", 0);
    }

    /** What the horizon of the board that lives shows: right, left, nose up, nose down, nothing. */
    private int shown(double roll, double pitch) {
        LiveBoard board = LiveBoard.in(real.setup(), FlightMode.LEVEL);
        board.put(board.inputs().tilted(roll, pitch));
        board.advance(2 * LiveBoard.TURN);
        double seenRoll = board.shownRoll() - real.setup().mount().levelRoll();
        double seenPitch = board.shownPitch() - real.setup().mount().levelPitch();
        if (Math.max(Math.abs(seenRoll), Math.abs(seenPitch)) < Math.toRadians(10)) {
            return 4;
        }
        return Math.abs(seenRoll) > Math.abs(seenPitch) ? (seenRoll > 0 ? 0 : 1) : (seenPitch > 0 ? 2 : 3);
    }

    private void compass() {
        for (int i = 0; i < 8; i++) {
            double heading = i * Math.PI / 4;
            read(BoardCards.HEADINGS.get(i), compassAt(heading), Math.toRadians(0.7));
        }
        read("N motor", compassAt(0) + Math.toRadians(1) + real.quirk(Quirk.COMPASS_MOTOR), Math.toRadians(0.7));
        read("E motor", compassAt(Math.PI / 2) + Math.toRadians(1), Math.toRadians(0.7));
        given.replaceAll((k, v) -> (v + 2 * Math.PI) % (2 * Math.PI));
    }

    private double compassAt(double heading) {
        return heading
                + real.quirk(Quirk.COMPASS_TURNED)
                + (Math.toRadians(2) + real.quirk(Quirk.COMPASS_IRON)) * Math.sin(heading)
                + Math.toRadians(1.5) * Math.cos(heading);
    }

    private void readBack() {
        Selector selector = real.setup().modes().selector();
        List<Selector.Place> table = selector.table();
        int size = believed.modes().selector().wanted().size();
        for (int i = 0; i < size; i++) {
            put(
                    "place " + (i + 1),
                    i < table.size()
                            ? table.get(i).mode().map(FlightMode::ordinal).orElse(FlightMode.values().length)
                            : FlightMode.values().length);
        }
    }

    private void arming() {
        choose("power up", arms(with -> with.with(new Sticks(0, 0, 0, 0.33))));
        choose("tilted", arms(with -> with.tilted(Math.toRadians(80), 0)));
        choose("no fix", arms(with -> with.fixed(false)));
        choose("as it should", arms(with -> with));
        LiveBoard board = new LiveBoard(real);
        board.arm(true);
        board.arm(false);
        choose("disarm", board.armed());
        choose("outputs", real.has(Quirk.OUTPUTS_OFF));
        choose("hands", false);
    }

    private boolean arms(UnaryOperator<LiveBoard.Inputs> held) {
        LiveBoard board = new LiveBoard(real);
        board.put(held.apply(board.inputs()));
        board.advance(2 * LiveBoard.TURN);
        board.arm(true);
        return board.armed();
    }

    private void loss() {
        choose("disarmed", real.has(Quirk.LOSS_DRIVES));
        put("action", RadioCards.wantedOnTheBench(real.setup()).ordinal());
        LiveBoard board = new LiveBoard(real);
        board.put(board.inputs().heard(false));
        while (!board.linkLost() && board.time() < 30) {
            board.advance(0.1);
        }
        read("after", board.time(), 0.1);
        choose("back", false);
    }

    private void motor() {
        choose("turns", real.has(Quirk.MOTOR_TURNS_BACK));
        choose("blows", real.has(Quirk.PROPELLER_BACK_TO_FRONT));
        double factor = real.quirk(Quirk.CURRENT);
        double half = PowerCards.current(real.setup(), 0.5) * factor;
        double full = PowerCards.current(real.setup(), 1) * factor;
        read("half", half, 0.02 * half);
        read("full", full, 0.02 * full);
        double thrust = PowerCards.thrust(real.setup()) * (real.has(Quirk.PROPELLER_BACK_TO_FRONT) ? 0.5 : 1);
        read("thrust", thrust, 0.02 * thrust);
        read("warm", 273.15 + 44 + real.quirk(Quirk.HOT), 1);
    }

    private void scales() {
        double volts = 3.95 * believed.propulsion().pack().cells();
        double amps = believed.propulsion().drives().isEmpty() ? 1 : PowerCards.current(believed, 0.5);
        read("meter volts", volts, 0.01);
        read("volts", volts * real.quirk(Quirk.VOLTS), 0.01);
        read("meter amps", amps, 0.005 * amps);
        read("amps", amps * real.quirk(Quirk.AMPS), 0.005 * amps);
    }

    private void probe() {
        put("zero", 0.3);
        put("blown", real.has(Quirk.PROBE_HOSE_OFF) ? 0.4 : 11);
        put("leak", 0.03);
    }

    private void log() {
        put("length", real.has(Quirk.LOG_EMPTY) ? 0 : 64);
        put("rate", 25);
        choose("channels", real.has(Quirk.LOG_EMPTY));
    }

    private void walk() {
        put("reduced", REDUCED);
        double far = real.quirk(Quirk.WALK);
        read("distance", far, 0.01 * far);
        double running = far * real.quirk(Quirk.WALK_RUNNING);
        read("running", running, 0.01 * running);
    }

    private void fix() {
        put("satellites", Math.rint(real.quirk(Quirk.SATELLITES)));
        put("hdop", 13.5 / Math.max(1, real.quirk(Quirk.SATELLITES)));
        put("age", 75);
        read("off", real.quirk(Quirk.HOME_OFF), 0.3);
    }

    private void homeHeight() {
        put("height", Math.rint(real.setup().modes().home().height() * real.quirk(Quirk.HOME_HEIGHT)));
        choose("first", !real.setup().modes().home().climbFirst());
    }

    private void handOver() {
        SecondPath path = real.setup().modes().second().orElseThrow();
        put("mode", path.handOver().consoleMode().ordinal());
        put("power before", path.handOver().radioPower());
        put("power after", Math.min(1, path.handOver().consolePower() + real.quirk(Quirk.CONSOLE_POWER)));
        put("back", real.has(Quirk.CONSOLE_KEEPS) ? 2 : 0);
        put("lost", path.action() == Loss.Action.OPEN ? 0 : path.action().ordinal());
        read("delay", path.delay(), 0.02);
        given.computeIfPresent("delay", (k, v) -> Math.max(0, v));
    }

    private void preflight() {
        for (Reading reading :
                BenchCards.card(CardId.PREFLIGHT, believed).orElseThrow().readings()) {
            put(reading.id(), 0);
        }
        put("camera", real.quirk(Quirk.CAMERA_OFF));
        put("sender", 60);
        put("warm", 180);
        choose("home", real.quirk(Quirk.HOME_OFF) > FieldCards.HOME_OFF);
    }
}
