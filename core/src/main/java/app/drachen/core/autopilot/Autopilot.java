package app.drachen.core.autopilot;

import static app.drachen.core.math.Statistics.clamp;

import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Rates;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Route;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The stand-in autopilot: loops, energy, guidance, losses, and the helpers.
 *
 * <p>Stick trims are read as demands in the holding modes, as they are by real boards. In Home and Mission it flies faster
 * than cruise, up to top speed, where the wind would leave less than 4 m/s over ground. Sources are named in {@code Loops},
 * {@code Energy}, {@code Guidance}, {@code Losses}, {@code LaunchHelp}, {@code Autotune} and {@code AutoTrim}.
 *
 * <p>Mutable, for one thread; an update allocates nothing, but for a change of gains by Autotune.
 */
public final class Autopilot {
    private static final double STICK_DEAD_BAND = 0.02;
    private static final double LAST_METRES = 6;

    private final Setup setup;
    private final List<Output> outputs;
    private final Rates rates;
    private final Limits limits;
    private final HomeProfile home;
    private final Guidance guidance;
    private final Loops loops;
    private final Energy energy;
    private final LaunchHelp launch;
    private final HomeWay way;
    private final Losses losses;
    private final ExtraMixes extras;
    private final Autotune tune = new Autotune();
    private final AutoTrim trim = new AutoTrim();
    private Optional<Route> route = Optional.empty();
    private Helper helper = Helper.NONE;
    private boolean linkThere = true;
    private Predicate<String> switchedOn = name -> true;
    private double flaps;

    private FlightMode mode = FlightMode.MANUAL;
    private double powerCommand;
    private double heldHeight;
    private double heldCourse;
    private double centreNorth;
    private double centreEast;

    /**
     * The autopilot of a set-up.
     *
     * @param setup the aircraft
     * @param cruisePower power that holds cruise speed in level flight [-], 0 to 1
     */
    public Autopilot(Setup setup, double cruisePower) {
        this.setup = setup;
        outputs = setup.controls().outputs();
        rates = setup.controls().rates();
        limits = setup.modes().limits();
        home = setup.modes().home();
        guidance = new Guidance(setup.gains().lookAhead(), limits.bank());
        loops = new Loops(limits, setup.gains());
        energy = new Energy(limits, setup.gains(), cruisePower);
        launch = new LaunchHelp(limits);
        way = new HomeWay(home, limits, guidance);
        losses = new Losses(setup.modes().losses());
        extras = new ExtraMixes(setup.controls());
    }

    /**
     * Where the flaps are asked to be.
     *
     * @param share [-], 0 to 1
     */
    public void flaps(double share) {
        flaps = clamp(share, 0, 1);
    }

    /** Which switches of the radio are on, by name: extra mixes on others are out. All are, unless told otherwise. */
    public void switches(Predicate<String> on) {
        switchedOn = on;
    }

    /** The route that Mission flies; without one it flies Home. */
    public void route(Route toFly) {
        route = Optional.of(toFly);
    }

    /** Makes ready for a throw in a mode that flies by itself. */
    public void armLaunch() {
        launch.arm();
    }

    /** Whether the radio is heard. */
    public void link(boolean there) {
        linkThere = there;
    }

    /** Whether the pack is low, as the board judges it, and whether the motor does not answer, as it sees in the current. */
    public void power(boolean packLow, boolean lost) {
        losses.power(packLow, lost);
    }

    /** The helper that is on. */
    public Helper helper() {
        return helper;
    }

    /** Switches a helper on, or off. */
    public void helper(Helper chosen) {
        helper = chosen;
    }

    /**
     * The gain knob.
     *
     * @param share of the rate gains [-], 0 to 4
     */
    public void knob(double share) {
        loops.knob(clamp(share, 0, 4));
    }

    /**
     * One cycle.
     *
     * @param step [s], above 0 to 0.05
     * @param wanted the mode chosen
     * @param sticks the sticks, as last heard
     * @param sensed what the board believes
     */
    public void update(double step, FlightMode wanted, Sticks sticks, Sensed sensed) {
        losses.link(step, linkThere, mode, sensed);
        FlightMode acting = losses.mode(wanted);
        if (acting != mode) {
            enter(acting, sensed);
        }
        if (mode.fliesByItself() && launch.flies(step, sensed)) {
            loops.attitude(step, 0, launch.pitch(sensed), 0, sensed);
            powerCommand = launch.power();
            enter(acting, sensed);
        } else {
            fly(step, losses.linkLost() ? Sticks.CENTRED : sticks, sensed);
        }
        if (!extras.none()) {
            extras.update(
                    step, switchedOn, loops.rollCommand, loops.pitchCommand, loops.yawCommand, powerCommand, flaps);
        }
        if (helper == Helper.AUTOTUNE && (mode == FlightMode.RATE || mode == FlightMode.LEVEL)) {
            tune.update(
                    step,
                    sticks,
                    loops,
                    sensed.rollRate(),
                    sensed.pitchRate(),
                    sensed.airspeed() / limits.cruiseSpeed());
        } else if (helper == Helper.AUTO_TRIM) {
            trim.update(step, loops, sensed);
        }
    }

    private void fly(double step, Sticks sticks, Sensed sensed) {
        switch (losses.way(mode, sensed)) {
            case WAIT -> {
                energy.straightOn(step, heldHeight, limits.cruiseSpeed(), sensed);
                automatic(step, Math.min(Losses.WAITING_BANK, limits.bank()), sensed);
            }
            case GLIDE -> {
                energy.glide(step, limits.cruiseSpeed(), sensed);
                automatic(step, Math.min(Losses.WAITING_BANK, limits.bank()), sensed);
            }
            case LEVEL -> {
                energy.straightOn(step, heldHeight, limits.cruiseSpeed(), sensed);
                automatic(step, 0, sensed);
            }
            case LAND -> {
                energy.glide(step, limits.cruiseSpeed(), sensed);
                automatic(
                        step, sensed.height() < LAST_METRES ? 0 : Math.min(Losses.WAITING_BANK, limits.bank()), sensed);
            }
            case POWER_OFF -> {
                energy.glide(step, limits.cruiseSpeed(), sensed);
                automatic(step, 0, sensed);
                powerCommand = 0;
            }
            case AS_WANTED -> {
                switch (mode) {
                    case MANUAL -> manual(sticks);
                    case RATE -> {
                        loops.rates(step, sticks, sensed);
                        powerCommand = sticks.power();
                    }
                    case LEVEL -> level(step, sticks, sensed);
                    case HOLD -> hold(step, sticks, sensed);
                    case CIRCLE -> circle(step, sticks, sensed);
                    case HOME -> home(step, sensed);
                    case MISSION -> mission(step, sensed);
                }
            }
        }
    }

    private void enter(FlightMode wanted, Sensed sensed) {
        if (mode == FlightMode.MANUAL) {
            loops.forget();
        }
        mode = wanted;
        loops.keep(sensed);
        energy.start(sensed);
        heldHeight = sensed.height();
        heldCourse = Guidance.course(sensed);
        centreNorth = sensed.north();
        centreEast = sensed.east();
        guidance.begin();
        if (wanted == FlightMode.HOME || (wanted == FlightMode.MISSION && route.isEmpty())) {
            way.begin(sensed);
            heldHeight = way.height;
        }
    }

    private void manual(Sticks sticks) {
        loops.direct(
                rates.shape(sticks.roll(), rates.roll()),
                rates.shape(sticks.pitch(), rates.pitch()),
                rates.shape(sticks.yaw(), rates.yaw()));
        powerCommand = sticks.power();
    }

    private void level(double step, Sticks sticks, Sensed sensed) {
        double asked = sticks.pitch() > 0 ? sticks.pitch() * limits.pitchUp() : sticks.pitch() * limits.pitchDown();
        loops.attitude(step, sticks.roll() * limits.bank(), asked, sticks.yaw(), sensed);
        powerCommand = sticks.power();
    }

    private void hold(double step, Sticks sticks, Sensed sensed) {
        double bank;
        if (Math.abs(sticks.roll()) > STICK_DEAD_BAND) {
            bank = sticks.roll() * limits.bank();
            heldCourse = Guidance.course(sensed);
        } else {
            bank = guidance.bankForCourse(heldCourse, sensed);
        }
        climbByStick(step, sticks);
        double span = limits.topSpeed() - limits.leastSpeed();
        energy.update(step, heldHeight, limits.leastSpeed() + sticks.power() * span, sensed);
        loops.attitude(step, bank, energy.pitch, sticks.yaw(), sensed);
        powerCommand = energy.power;
    }

    private void climbByStick(double step, Sticks sticks) {
        if (Math.abs(sticks.pitch()) > STICK_DEAD_BAND) {
            heldHeight += sticks.pitch() * limits.climbRate() * step;
        }
    }

    private void circle(double step, Sticks sticks, Sensed sensed) {
        climbByStick(step, sticks);
        energy.update(step, heldHeight, limits.cruiseSpeed(), sensed);
        automatic(step, guidance.bankForCircle(centreNorth, centreEast, home.circleRadius(), sensed), sensed);
    }

    private void home(double step, Sensed sensed) {
        way.fly(step, sensed);
        heldHeight = way.height;
        if (way.landing) {
            energy.glide(step, way.speed, sensed);
        } else {
            energy.update(step, way.height, way.speed, sensed);
        }
        automatic(step, way.landing ? 0 : way.bank, sensed);
    }

    private void mission(double step, Sensed sensed) {
        if (route.isEmpty()) {
            home(step, sensed);
            return;
        }
        Route flown = route.get();
        double bank = guidance.bankForRoute(flown, sensed);
        Route.Point to = flown.points().get(guidance.leg());
        Route.Point from = flown.from(guidance.leg());
        double share =
                clamp(flown.along(guidance.leg(), sensed.north(), sensed.east()) / flown.length(guidance.leg()), 0, 1);
        heldHeight = from.height() + share * (to.height() - from.height());
        double course = Math.atan2(to.east() - from.east(), to.north() - from.north());
        energy.update(step, heldHeight, HomeWay.againstWind(course, limits, sensed), sensed);
        automatic(step, bank, sensed);
    }

    private void automatic(double step, double bank, Sensed sensed) {
        loops.attitude(step, bank, energy.pitch, 0, sensed);
        powerCommand = energy.power;
    }

    /**
     * Mixes the commands into pulses.
     *
     * @param pulsesMicros filled, one for each output [µs]
     */
    public void mix(double[] pulsesMicros) {
        double roll = loops.rollCommand + trim.roll + extras.roll;
        double pitch = loops.pitchCommand + trim.pitch + extras.pitch;
        double yaw = loops.yawCommand + trim.yaw + extras.yaw;
        for (int i = 0; i < pulsesMicros.length; i++) {
            Output output = outputs.get(i);
            pulsesMicros[i] = output.pulse(output.mixed(roll, pitch, yaw, powerCommand, flaps) + extras.added(i));
        }
    }

    /** The mode that acts. */
    public FlightMode mode() {
        return mode;
    }

    /** Whether it flies by itself because the radio is not heard. */
    public boolean linkLost() {
        return losses.linkLost();
    }

    /** Number of the point of the route it flies to, from 0. */
    public int leg() {
        return guidance.leg();
    }

    /** The gains that act now, not saved yet. */
    public Gains gains() {
        return Autotune.into(setup.gains(), loops);
    }

    /** Whether Autotune hardly changes anything any more. */
    public boolean tuned() {
        return tune.converged();
    }

    /**
     * @return changes of gains by Autotune so far
     */
    public int tuneChanges() {
        return tune.changes().size();
    }

    /** The outputs with the centres that act now, not saved yet. */
    public ControlSetup centres() {
        return trim.into(setup.controls());
    }

    /**
     * @return roll command [-], −1 to 1
     */
    public double rollCommand() {
        return loops.rollCommand;
    }

    /**
     * @return pitch command [-], −1 to 1
     */
    public double pitchCommand() {
        return loops.pitchCommand;
    }

    /**
     * @return yaw command [-], −1 to 1
     */
    public double yawCommand() {
        return loops.yawCommand;
    }

    /**
     * @return power command [-], 0 to 1
     */
    public double powerCommand() {
        return powerCommand;
    }

    /**
     * @return wanted roll [rad]; NaN in modes without one
     */
    public double wantedRoll() {
        return loops.wantedRoll;
    }

    /**
     * @return wanted pitch [rad]; NaN in modes without one
     */
    public double wantedPitch() {
        return loops.wantedPitch;
    }
}
