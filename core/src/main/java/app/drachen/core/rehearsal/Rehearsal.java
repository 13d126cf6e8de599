package app.drachen.core.rehearsal;

import static app.drachen.core.math.Statistics.length;

import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.airframe.Tail;
import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Helper;
import app.drachen.core.autopilot.RadioPath;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.cards.Task;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Gusts;
import app.drachen.core.flight.Trim;
import app.drachen.core.log.FlightLog;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Loss;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.units.Quantity;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/**
 * A card flown in the model. Advances in steps of 10 ms, the pace of the board, and keeps a log of 50 rows a second. The wind changes
 * along straight lines between the gusts of two rows.
 *
 * <p>Mutable, for one thread; the same plan gives the same bits.
 */
public final class Rehearsal {
    /** Step of the model [s]. */
    public static final double STEP = 0.01;

    /** Rows of the log, gusts and what the pilot does: 50 a second, as are the pulses of servos (common practice). */
    private static final int STEPS_PER_ROW = 2;

    static final double RELEASE_HEIGHT = 1.8;
    private static final double FAR = 3_000;

    /** Share of the pack at which the pilot lands, common practice. */
    private static final double PACK_ALARM = 0.7;

    /** Share of the pack that is used when the board itself calls it low; an own choice. */
    private static final double PACK_LOW = 0.85;

    private final RehearsalPlan plan;
    private final Aircraft aircraft;
    private final Autopilot autopilot;
    private final PilotModel pilot;
    private final Sensed sensed;
    private final Gusts gusts;
    private final double density;
    private final double throwSpeed;
    private final double[] pulses;
    private final Recorder recorder;

    private Optional<FlightMode> chosen = Optional.empty();
    private Optional<Outcome> outcome = Optional.empty();
    private final List<Notice> notices = new ArrayList<>();
    private final boolean[] noted = new boolean[7];
    private boolean linkThere = true;
    private boolean fixTaken;
    private boolean pitotTaken;
    private final Set<Loss> gone = EnumSet.noneOf(Loss.class);
    private boolean alarmed;
    private final Ears ears;
    private final Consumer<Alarm> speaks = this::speaks;
    private final Consumer<Alarm> acts = this::acts;
    private double knob = 1;
    private FlightMode heardMode = FlightMode.MANUAL;
    private Sticks heard = Sticks.CENTRED;
    private final RadioPath radio;
    private boolean brokenOff;
    private final WindLine wind = new WindLine();
    private long ticks;

    /** Until when it was to fly [s]. */
    private double asked;

    /**
     * Prepares a rehearsal.
     *
     * @throws IllegalArgumentException with one sentence if the set-up cannot fly at all
     */
    public Rehearsal(RehearsalPlan plan) {
        this.plan = plan;
        Setup setup = plan.setup();
        refuse(setup);
        density = plan.field().density();
        NoiseSource noise = new NoiseSource(plan.seed());
        throwSpeed = plan.throwSpeed().orElse(8.0 + 0.5 * noise.gaussian());
        double cruise = setup.modes().limits().cruiseSpeed();
        Trim.Result level = Trim.level(setup, cruise, density);
        double power = level instanceof Trim.Result.Trimmed t ? t.power() : 0.5;
        double alpha = level instanceof Trim.Result.Trimmed t ? t.alpha() : 0.06;
        aircraft = new Aircraft(setup, new StripModel(setup, plan.error()), setup.massProperties());
        autopilot = new Autopilot(setup, power);
        radio = new RadioPath(setup.controls(), setup.airframe().tail() instanceof Tail.Vee);
        pilot = new PilotModel(setup, plan.card(), plan.field(), power, alpha);
        sensed = new Sensed(setup.mount(), new NoiseSource(plan.seed() ^ 0x5EED5EED5EEDL));
        gusts = new Gusts(
                plan.field(),
                new NoiseSource(plan.seed() ^ 0x61757374L),
                setup.planform().span());
        pulses = new double[setup.controls().outputs().size()];
        ears = new Ears(setup, density);
        if (plan.mishaps().climbsOn()) {
            pilot.climbOn();
        }
        recorder = new Recorder(setup.controls().outputs());
        plan.card().route().ifPresent(autopilot::route);
        if (launchedByItself()) {
            autopilot.armLaunch();
        }
        launch();
    }

    private static void refuse(Setup setup) {
        if (setup.controls().surfaces().isEmpty()) {
            throw new IllegalArgumentException(
                    setup.name() + " has no output that moves a surface; give it one in Throws.");
        }
        if (setup.motorPosition().isEmpty()) {
            throw new IllegalArgumentException(setup.name() + " has no motor among its parts; add one in Build.");
        }
    }

    private boolean launchedByItself() {
        return plan.setup().modes().launchMode().fliesByItself();
    }

    private void launch() {
        double heading = plan.field().windFrom();
        double wind = plan.field().windAt(RELEASE_HEIGHT);
        aircraft.place(0, 0, RELEASE_HEIGHT, 0, Math.toRadians(9), heading, throwSpeed);
        // with help the motor waits until the hand is away, by hand it pulls already
        double power = launchedByItself() ? 0 : 0.8;
        for (int i = 0; i < pulses.length; i++) {
            Output output = plan.setup().controls().outputs().get(i);
            pulses[i] = output.pulse(output.mixed(0, 0, 0, power, 0));
        }
        aircraft.settle(pulses, density, throwSpeed + wind);
        aircraft.accelerations(gusts.north(RELEASE_HEIGHT), gusts.east(RELEASE_HEIGHT), 0, density);
    }

    /**
     * Flies on.
     *
     * @param seconds time to fly [s], not negative; what is less than a step is kept for the next time; stops at the end of the flight
     */
    public void advance(double seconds) {
        asked = Math.max(asked, time()) + seconds;
        while (time() + STEP <= asked + STEP / 1e6 && outcome.isEmpty()) {
            tick();
        }
    }

    /** Flies to the end. */
    public void finish() {
        while (outcome.isEmpty()) {
            tick();
        }
    }

    private void tick() {
        if (ticks % STEPS_PER_ROW == 0) {
            Sticks moved = pilot.fly(STEP * STEPS_PER_ROW, aircraft, autopilot);
            lose();
            if (linkThere) {
                hear(moved);
            }
            gusts.advance(STEP * STEPS_PER_ROW, aircraft.height(), aircraft.airspeed());
            wind.next(gusts, aircraft.height());
        }
        sensed.read(aircraft, STEP);
        autopilot.update(STEP, heardMode, heard, sensed);
        if (ticks % STEPS_PER_ROW == 0) {
            autopilot.mix(pulses);
            // before the aircraft moves on: all of a row belongs to one moment
            recorder.record(time(), stepNumber(), linkThere, heard, autopilot, sensed, aircraft, pulses);
        }
        wind.move(aircraft, (double) (ticks % STEPS_PER_ROW) / STEPS_PER_ROW, pulses, density);
        ticks++;
        judge();
    }

    /** What arrives through the radio: sticks with its trims, mode and helper. */
    private void hear(Sticks moved) {
        RadioTrims trims = plan.setup().controls().trims();
        heardMode = chosen.orElse(pilot.mode());
        boolean handsOff = chosen.isPresent() && heardMode != FlightMode.MANUAL;
        heard = radio.heard(new Sticks(
                (handsOff ? 0 : moved.roll()) + trims.roll(),
                (handsOff ? 0 : moved.pitch()) + trims.pitch(),
                moved.yaw() + trims.yaw(),
                moved.power()));
        autopilot.helper(chosen.isPresent() ? Helper.NONE : pilot.helper());
    }

    /** Takes away what is lost by now, and tells what the board makes of it. */
    private void lose() {
        Mishaps mishaps = plan.mishaps();
        linkThere = length(aircraft.north(), aircraft.east()) <= mishaps.linkRange();
        autopilot.link(linkThere);
        if (!fixTaken && time() >= mishaps.fixLostAt()) {
            fixTaken = true;
            sensed.fixLost(true);
        }
        if (!pitotTaken && time() >= mishaps.pitotBlockedAt()) {
            pitotTaken = true;
            sensed.pitotBlocked(true);
        }
        if (!mishaps.lostAt().isEmpty()) {
            mishaps.lostAt().forEach(this::lose);
        }
        ears.listen(time(), aircraft, speaks, acts);
        double used = aircraft.chargeUsed() / plan.setup().propulsion().pack().capacity();
        autopilot.power(used >= PACK_LOW, aircraft.cutOff());
        if (!alarmed && used >= PACK_ALARM && pilot.breakOff()) {
            alarmed = true;
            tell(Quantity.SHARE.text(PACK_ALARM) + " of the pack is used: the pilot goes to land");
        }
        note(0, autopilot.linkLost(), "no link: it flies Home by itself", "the link is back");
        note(1, !sensed.positionGood(), "no position any more", "position is back");
        note(2, !sensed.airspeedGood(), "the pitot is not believed any more", "");
        note(3, aircraft.cutOff(), "no power: the motor has stopped", "");
        note(5, sensed.silent(Loss.HEIGHT), "no height any more", "");
        note(6, sensed.silent(Loss.COMPASS), "no compass any more", "");
        note(4, autopilot.tuned(), "Autotune changes hardly anything any more", "");
    }

    private void speaks(Alarm alarm) {
        tell("Alarm: \u201c" + alarm.words() + "\u201d");
    }

    /** What the pilot does about an alarm, once he has reacted. */
    private void acts(Alarm alarm) {
        switch (alarm.kind()) {
            case HEIGHT -> pilot.stopAt(alarm.threshold() - Math.max(3, alarm.hysteresis()));
            case ENERGY, PACK -> {
                if (!alarmed && pilot.breakOff()) {
                    alarmed = true;
                    tell("the pilot goes to land");
                }
            }
            default -> {}
        }
    }

    private void lose(Loss what, double at) {
        if (time() < at || !gone.add(what)) {
            return;
        }
        switch (what) {
            case HEIGHT, COMPASS, AIRSPEED -> sensed.silence(what);
            case POSITION -> sensed.fixLost(true);
            case POWER -> aircraft.stopMotor();
            case LINK, LOW_PACK -> throw new IllegalStateException(what + " is not lost at a time");
        }
    }

    private void note(int what, boolean now, String begins, String ends) {
        if (now != noted[what]) {
            noted[what] = now;
            if (now || !ends.isEmpty()) {
                tell(now ? begins : ends);
            }
        }
    }

    private void tell(String sentence) {
        notices.add(new Notice(time(), sentence));
    }

    /** What happened on the way, in order. */
    public List<Notice> notices() {
        return List.copyOf(notices);
    }

    /** The gains that act now; the set-up's own, unless Autotune moved them. */
    public Gains gains() {
        return autopilot.gains();
    }

    /** The outputs with the centres that act now; the set-up's own, unless auto-trim moved them. */
    public ControlSetup centres() {
        return autopilot.centres();
    }

    private void judge() {
        double north = aircraft.north();
        double east = aircraft.east();
        double distance = Math.sqrt(north * north + east * east);
        if (aircraft.height() <= 0) {
            boolean launching = plan.card().steps().get(pilot.step()).task() == Task.LAUNCH && !brokenOff;
            outcome = Optional.of(new Touchdown(plan, aircraft, throwSpeed, time(), autopilot.mode()).judge(launching));
        } else if (distance > FAR) {
            outcome =
                    Optional.of(new Outcome.NotDown("Flew away: " + Quantity.DISTANCE.text(distance) + " from home."));
        } else if (time() > plan.card().longest()) {
            outcome = Optional.of(new Outcome.NotDown(
                    "Still flying after " + Math.round(time() / 60) + " min, in step " + stepNumber() + "."));
        } else if (!Double.isFinite(aircraft.airspeed())) {
            throw new IllegalStateException("the model lost its numbers at " + time() + " s");
        }
    }

    /** Chooses a mode over the pilot's head; Manual gives the card back to the pilot. */
    public void choose(FlightMode mode) {
        chosen = mode == FlightMode.MANUAL ? Optional.empty() : Optional.of(mode);
    }

    /**
     * Turns the gain knob.
     *
     * @param share of the rate gains [-], 0 to 4
     */
    public void knob(double share) {
        knob = share;
        autopilot.knob(share);
    }

    /**
     * @return where the gain knob stands [-]
     */
    public double knob() {
        return knob;
    }

    /** Breaks the card off: the pilot lands. */
    public void breakOff() {
        brokenOff = true;
        chosen = Optional.empty();
        pilot.breakOff();
    }

    public boolean brokenOff() {
        return brokenOff;
    }

    /** The ending, once there is one. */
    public Optional<Outcome> outcome() {
        return outcome;
    }

    /** The log so far. */
    public FlightLog log() {
        return recorder.log();
    }

    /** The aircraft, to look at. */
    public Aircraft aircraft() {
        return aircraft;
    }

    public FlightMode mode() {
        return autopilot.mode();
    }

    /** Number of the step being flown, from 1. */
    public int stepNumber() {
        return plan.card().steps().get(pilot.step()).number();
    }

    /**
     * @return time since launch [s]
     */
    public double time() {
        return ticks * STEP;
    }

    /**
     * @return speed of the throw over ground [m/s]
     */
    public double throwSpeed() {
        return throwSpeed;
    }

    public RehearsalPlan plan() {
        return plan;
    }
}
