package app.drachen.core.rehearsal;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Gusts;
import app.drachen.core.flight.Sensed;
import app.drachen.core.flight.Trim;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A card flown in the model. Advances in steps of 5 ms and keeps a log of 50 rows a second.
 *
 * <p>Mutable, for one thread; the same plan gives the same bits.
 */
public final class Rehearsal {
    /** Step of the model [s]. */
    public static final double STEP = 0.005;

    private static final int STEPS_PER_ROW = 4;

    /** Servos get a pulse 50 times a second, as is common practice. */
    private static final int TICKS_PER_FRAME = 4;

    private static final double RELEASE_HEIGHT = 1.8;
    private static final double FAR = 3_000;
    private static final double HARD_SINK = 3.0;

    private final RehearsalPlan plan;
    private final Aircraft aircraft;
    private final Autopilot autopilot;
    private final PilotModel pilot;
    private final Sensed sensed;
    private final Gusts gusts;
    private final double density;
    private final double throwSpeed;
    private final double[] pulses;
    private final FlightLog.Builder log;
    private Optional<FlightMode> chosen = Optional.empty();
    private Optional<Outcome> outcome = Optional.empty();
    private boolean brokenOff;
    private double windNorth;
    private double windEast;
    private Sticks moved = Sticks.CENTRED;
    private long ticks;

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
        pilot = new PilotModel(setup, plan.card(), plan.field(), power, alpha);
        sensed = new Sensed(setup.mount(), new NoiseSource(plan.seed() ^ 0x5EED5EED5EEDL));
        gusts = new Gusts(
                plan.field(),
                new NoiseSource(plan.seed() ^ 0x61757374L),
                setup.planform().span());
        pulses = new double[setup.controls().outputs().size()];
        log = new FlightLog.Builder(columns(setup.controls().outputs()));
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

    private static Set<LogColumn> columns(List<Output> outputs) {
        Set<LogColumn> columns = EnumSet.range(LogColumn.MODE, LogColumn.CHARGE);
        columns.add(LogColumn.STEP);
        for (Output output : outputs) {
            LogColumn.output(output.channel()).ifPresent(columns::add);
        }
        return columns;
    }

    private void launch() {
        double heading = plan.field().windFrom();
        double wind = plan.field().windAt(RELEASE_HEIGHT);
        aircraft.place(0, 0, RELEASE_HEIGHT, 0, Math.toRadians(9), heading, throwSpeed);
        autopilot.mix(pulses);
        for (int i = 0; i < pulses.length; i++) {
            Output output = plan.setup().controls().outputs().get(i);
            pulses[i] = output.pulse(output.mix().mix(0, 0, 0, 0.8));
        }
        aircraft.settle(pulses, density, throwSpeed + wind);
        aircraft.accelerations(gusts.north(RELEASE_HEIGHT), gusts.east(RELEASE_HEIGHT), 0, density);
    }

    /**
     * Flies on.
     *
     * @param seconds time to fly [s], not negative; stops at the end of the flight
     */
    public void advance(double seconds) {
        long until = ticks + Math.round(seconds / STEP);
        while (ticks < until && outcome.isEmpty()) {
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
        RadioTrims trims = plan.setup().controls().trims();
        if (ticks % STEPS_PER_ROW == 0) {
            moved = pilot.fly(STEP * STEPS_PER_ROW, aircraft);
            gusts.advance(STEP * STEPS_PER_ROW, aircraft.height(), aircraft.airspeed());
            windNorth = gusts.north(aircraft.height());
            windEast = gusts.east(aircraft.height());
            aircraft.gust(gusts.rollRate());
        }
        FlightMode mode = chosen.orElse(pilot.mode());
        boolean handsOff = chosen.isPresent() && mode != FlightMode.MANUAL;
        Sticks received = new Sticks(
                (handsOff ? 0 : moved.roll()) + trims.roll(),
                (handsOff ? 0 : moved.pitch()) + trims.pitch(),
                moved.yaw() + trims.yaw(),
                moved.power());
        sensed.read(aircraft, STEP);
        autopilot.update(STEP, mode, received, sensed);
        if (ticks % TICKS_PER_FRAME == 0) {
            autopilot.mix(pulses);
        }
        aircraft.step(STEP, pulses, windNorth, windEast, gusts.down(), density);
        if (ticks % STEPS_PER_ROW == 0) {
            record(received);
        }
        ticks++;
        judge();
    }

    private void record(Sticks sticks) {
        log.row(time());
        log.put(LogColumn.MODE, autopilot.mode().ordinal())
                .put(LogColumn.STICK_ROLL, sticks.roll())
                .put(LogColumn.STICK_PITCH, sticks.pitch())
                .put(LogColumn.STICK_YAW, sticks.yaw())
                .put(LogColumn.STICK_POWER, sticks.power())
                .put(LogColumn.POWER, autopilot.powerCommand())
                .put(LogColumn.ROLL, sensed.roll())
                .put(LogColumn.PITCH, sensed.pitch())
                .put(LogColumn.HEADING, sensed.heading())
                .put(LogColumn.ROLL_RATE, sensed.rollRate())
                .put(LogColumn.PITCH_RATE, sensed.pitchRate())
                .put(LogColumn.YAW_RATE, sensed.yawRate())
                .put(LogColumn.WANTED_ROLL, autopilot.wantedRoll())
                .put(LogColumn.WANTED_PITCH, autopilot.wantedPitch())
                .put(LogColumn.AIRSPEED, sensed.airspeed())
                .put(LogColumn.GROUND_SPEED, Math.hypot(sensed.velocityNorth(), sensed.velocityEast()))
                .put(LogColumn.COURSE, Math.atan2(sensed.velocityEast(), sensed.velocityNorth()))
                .put(LogColumn.NORTH, sensed.north())
                .put(LogColumn.EAST, sensed.east())
                .put(LogColumn.HEIGHT, sensed.height())
                .put(LogColumn.CLIMB, sensed.climb())
                .put(LogColumn.LOAD_FACTOR, aircraft.loadFactor())
                .put(LogColumn.VOLTS, aircraft.volts())
                .put(LogColumn.AMPS, aircraft.current())
                .put(LogColumn.CHARGE, aircraft.chargeUsed())
                .put(LogColumn.STEP, stepNumber());
        List<Output> outputs = plan.setup().controls().outputs();
        for (int i = 0; i < pulses.length; i++) {
            Optional<LogColumn> column = LogColumn.output(outputs.get(i).channel());
            if (column.isPresent()) {
                log.put(column.get(), pulses[i]);
            }
        }
    }

    private void judge() {
        double distance = Math.hypot(aircraft.north(), aircraft.east());
        if (aircraft.height() <= 0) {
            outcome = Optional.of(touch(distance));
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

    private Outcome touch(double distance) {
        double sink = Math.max(0, -aircraft.climb());
        double bank = Math.toDegrees(aircraft.roll());
        double pitch = Math.toDegrees(aircraft.pitch());
        boolean hard = sink > HARD_SINK || Math.abs(bank) > 40 || pitch < -25 || aircraft.airspeed() > 30;
        if (!hard) {
            return new Outcome.Landed(
                    "Landed "
                            + Quantity.DISTANCE.text(distance)
                            + " from home, sinking "
                            + Quantity.CLIMB.text(sink)
                            + ".",
                    sink,
                    distance);
        }
        double stall = Stall.of(plan.setup(), density).speed();
        boolean weakThrow =
                time() < 5 && throwSpeed + plan.field().windAt(RELEASE_HEIGHT) < stall && Math.abs(bank) < 30;
        String why = weakThrow
                ? "throw of "
                        + Quantity.SPEED.text(throwSpeed)
                        + " into "
                        + Quantity.SPEED.text(plan.field().windAt(RELEASE_HEIGHT))
                        + " of wind is below stall speed "
                        + Quantity.SPEED.text(stall)
                : String.format(
                        java.util.Locale.ROOT,
                        "%.0f° of bank, nose %.0f° %s, sinking %s, in %s",
                        Math.abs(bank),
                        Math.abs(pitch),
                        pitch < 0 ? "down" : "up",
                        Quantity.CLIMB.text(sink),
                        autopilot.mode().label());
        return new Outcome.Crashed(
                "Hit the ground " + Quantity.TIME.text(time()) + " after launch: " + why + ".", time());
    }

    /** Chooses a mode over the pilot's head; Manual gives the card back to the pilot. */
    public void choose(FlightMode mode) {
        chosen = mode == FlightMode.MANUAL ? Optional.empty() : Optional.of(mode);
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
        return log.build();
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
