package app.drachen.core.bench;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.airframe.Tail;
import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.RadioPath;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.modes.Arming;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.propulsion.Running;
import app.drachen.core.sensing.Sensed;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Ranges;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wiring;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A simulated board on the bench that goes on living while sticks, switch, tilt, supply and link change: the stand-in autopilot with its
 * outputs, servos that move where their rail is fed, a motor that turns only when armed. It stands still on the bench, so it has
 * no airspeed of its own and is told the cruise speed.
 *
 * <p>Source: the autopilot of {@code autopilot}; rails of {@link Rails}; full-power currents of {@link Running}, ±15 %. Arming as the
 * set-up says; where it says nothing with every protection on.
 */
public final class LiveBoard {
    /** Time of one turn of the autopilot [s]. */
    static final double TURN = 0.01;

    /** A tilt above this refuses arming, a default of judgement [rad]. */
    public static final double ARMING_TILT = Math.toRadians(30);

    private final RealThing thing;
    private final Setup real;
    private final Optional<FlightMode> kept;
    private final Wiring wiring;
    private final Autopilot autopilot;
    private final RadioPath radio;
    private final Sensed sensed;
    private final double[] pulses;
    private final double[] stand;
    private Inputs inputs;
    private boolean armed;
    private String refused = "";
    private double time;

    /**
     * What is done to the board.
     *
     * @param sticks of the radio
     * @param selector pulse of the mode switch [µs], 700 to 2 300
     * @param roll of the aircraft, right wing down positive [rad], −π to π
     * @param pitch of the aircraft, nose up positive [rad], −π/2 to π/2
     * @param plugged what is plugged in; empty for nothing
     * @param link whether the radio is heard
     * @param flaps where the flaps are asked to be [-], 0 to 1
     * @param on names of the switches that are in their last position
     * @param fix whether there is a position fix
     */
    public record Inputs(
            Sticks sticks,
            double selector,
            double roll,
            double pitch,
            Optional<Plugged> plugged,
            boolean link,
            double flaps,
            Set<String> on,
            boolean fix) {
        public Inputs {
            Ranges.require("selector", selector, 700, 2_300, "µs");
            Ranges.require("roll", roll, -Math.PI, Math.PI, "rad");
            Ranges.require("pitch", pitch, -Math.PI / 2, Math.PI / 2, "rad");
            Ranges.require("flaps", flaps, 0, 1, "-");
            on = Set.copyOf(on);
        }

        /**
         * The same with flaps.
         *
         * @param share [-], 0 to 1
         */
        public Inputs flapped(double share) {
            return new Inputs(sticks, selector, roll, pitch, plugged, link, share, on, fix);
        }

        /** The same with a position fix or without. */
        public Inputs fixed(boolean there) {
            return new Inputs(sticks, selector, roll, pitch, plugged, link, flaps, on, there);
        }

        /** The same with other switches in their last position. */
        public Inputs switches(Set<String> names) {
            return new Inputs(sticks, selector, roll, pitch, plugged, link, flaps, names, fix);
        }

        /** The same with other sticks. */
        public Inputs with(Sticks to) {
            return new Inputs(to, selector, roll, pitch, plugged, link, flaps, on, fix);
        }

        /**
         * The same with another pulse of the mode switch.
         *
         * @param pulse [µs]
         */
        public Inputs switched(double pulse) {
            return new Inputs(sticks, pulse, roll, pitch, plugged, link, flaps, on, fix);
        }

        /**
         * The same, held otherwise.
         *
         * @param toRoll right wing down positive [rad]
         * @param toPitch nose up positive [rad]
         */
        public Inputs tilted(double toRoll, double toPitch) {
            return new Inputs(sticks, selector, toRoll, toPitch, plugged, link, flaps, on, fix);
        }

        /** The same with something else plugged in. */
        public Inputs plugged(Optional<Plugged> to) {
            return new Inputs(sticks, selector, roll, pitch, to, link, flaps, on, fix);
        }

        /** The same with the radio heard or not. */
        public Inputs heard(boolean there) {
            return new Inputs(sticks, selector, roll, pitch, plugged, there, flaps, on, fix);
        }
    }

    /**
     * What an output does.
     *
     * @param output the output
     * @param pulse that leaves the board [µs]
     * @param powered whether what hangs on it gets power
     * @param angle of the surface, trailing edge down positive [rad]; 0 for others
     */
    public record Seen(Output output, double pulse, boolean powered, double angle) {}

    /** A board in an aircraft as it really is, switched as at the first position of its selector, on the pack. */
    public LiveBoard(RealThing real) {
        this(real, Optional.empty());
    }

    /** A board in an aircraft that is what its set-up says. */
    public LiveBoard(Setup real) {
        this(RealThing.sound(real), Optional.empty());
    }

    /** A board on the pack that is held in one mode, whatever its switch says. */
    static LiveBoard in(Setup real, FlightMode mode) {
        return new LiveBoard(RealThing.sound(real), Optional.of(mode));
    }

    private LiveBoard(RealThing thing, Optional<FlightMode> kept) {
        this.thing = thing;
        real = thing.setup();
        this.kept = kept;
        this.wiring = Wiring.of(real);
        autopilot = new Autopilot(real, 0.5);
        radio = new RadioPath(real.controls(), real.airframe().tail() instanceof Tail.Vee);
        sensed = new Sensed(real.mount(), new NoiseSource(1));
        pulses = new double[real.controls().outputs().size()];
        stand = new double[pulses.length];
        for (int i = 0; i < stand.length; i++) {
            Output o = real.controls().outputs().get(i);
            stand[i] = o.deflection(o.centreMicros());
        }
        double first = real.modes().selector().table().get(0).pulseMicros();
        inputs = new Inputs(
                Sticks.CENTRED,
                Math.max(700, Math.min(2_300, first)),
                0,
                0,
                Optional.of(Plugged.PACK),
                true,
                0,
                Set.of(),
                true);
        advance(TURN);
    }

    public Inputs inputs() {
        return inputs;
    }

    /** Does something else to it; it shows at the next turn. */
    public void put(Inputs next) {
        inputs = next;
    }

    /** Arms or disarms; what refuses arming is said by {@link #refused()}. */
    public void arm(boolean wanted) {
        refused = wanted ? against().orElse("") : "";
        armed = wanted ? refused.isEmpty() : armed && thing.has(Quirk.STAYS_ARMED);
    }

    private Optional<String> against() {
        Arming arming = real.modes().arming().orElse(Arming.GUARDED);
        if (thing.has(Quirk.NEVER_ARMS)) {
            return Optional.of("the board does not say why");
        }
        if (inputs.plugged().filter(Plugged::pack).isEmpty()) {
            return Optional.of("no pack is plugged in");
        }
        if (radio.heard(inputs.sticks()).power() > arming.mostPower() && !thing.has(Quirk.ARMS_WITH_POWER)) {
            return Optional.of("the power stick is up");
        }
        boolean tilted = Math.max(Math.abs(inputs.roll()), Math.abs(inputs.pitch())) > ARMING_TILT;
        if (arming.levelOnly() && tilted && !thing.has(Quirk.ARMS_TILTED)) {
            return Optional.of("the aircraft is tilted");
        }
        if (arming.needsFix() && !inputs.fix() && !thing.has(Quirk.ARMS_WITHOUT_FIX)) {
            return Optional.of("there is no position fix");
        }
        return inputs.link() ? Optional.empty() : Optional.of("the radio is not heard");
    }

    /** Why arming was refused last; empty where it was not. */
    public String refused() {
        return refused;
    }

    public boolean armed() {
        return armed;
    }

    /**
     * Lets it live on.
     *
     * @param seconds [s], 0 to 60
     */
    public void advance(double seconds) {
        Ranges.require("time", seconds, 0, 60, "s");
        long turns = Math.round(seconds / TURN);
        for (long i = 0; i < turns; i++) {
            turn();
        }
    }

    private void turn() {
        time += TURN;
        boolean board = alive();
        if (!board) {
            armed = false;
            return;
        }
        sensed.still(real.modes().limits().cruiseSpeed());
        sensed.attitude(inputs.roll(), inputs.pitch(), 0);
        Sticks heard = radio.heard(inputs.sticks());
        autopilot.link(inputs.link());
        autopilot.flaps(inputs.flaps());
        autopilot.switches(inputs.on()::contains);
        autopilot.update(TURN, wanted().orElse(autopilot.mode()), heard, sensed);
        autopilot.mix(pulses);
        for (int i = 0; i < pulses.length; i++) {
            Output o = real.controls().outputs().get(i);
            if (o.surface().isMotor() && (!armed || thing.has(Quirk.OUTPUTS_OFF))) {
                pulses[i] = o.lowMicros();
            }
            if (o.surface().inTheAir() && powered(o.surface())) {
                stand[i] = o.deflection(pulses[i]);
            }
        }
    }

    /** Whether the board itself gets power. */
    private boolean alive() {
        return inputs.plugged().isPresent();
    }

    /** The mode that the switch asks for; none where its pulse lies in no band. */
    public Optional<FlightMode> wanted() {
        return kept.or(() -> real.modes().selector().modeAt(inputs.selector()));
    }

    public FlightMode mode() {
        return autopilot.mode();
    }

    public boolean linkLost() {
        return autopilot.linkLost();
    }

    /**
     * @return time since it was made [s]
     */
    public double time() {
        return time;
    }

    /** Whether what moves a surface gets power: by the harness, or where none is entered whenever a pack is plugged in. */
    private boolean powered(Surface surface) {
        Optional<Plugged> plugged = inputs.plugged();
        if (plugged.isEmpty()) {
            return false;
        }
        List<Wiring.Wired> moving = wiring.wired().stream()
                .filter(w -> w.device().moves().equals(surface.id()))
                .toList();
        if (!wiring.entered() || moving.isEmpty()) {
            return plugged.get().pack();
        }
        return moving.stream()
                .allMatch(w -> !w.rail().isEmpty()
                        && rails().rail(w.rail()).filter(Rails.Rail::fed).isPresent());
    }

    private Optional<Rails> held = Optional.empty();

    /** The rails as they are fed now; none is where nothing is plugged in. */
    public Rails rails() {
        Plugged now = inputs.plugged().orElse(Plugged.USB);
        if (held.filter(r -> r.plugged() == now).isEmpty()) {
            held = Optional.of(Rails.of(wiring, now));
        }
        return held.get();
    }

    /** What each output does. */
    public List<Seen> seen() {
        List<Output> outputs = real.controls().outputs();
        return java.util.stream.IntStream.range(0, outputs.size())
                .mapToObj(i -> new Seen(
                        outputs.get(i),
                        alive() ? pulses[i] : 0,
                        powered(outputs.get(i).surface()),
                        outputs.get(i).surface().inTheAir() ? stand[i] : 0))
                .toList();
    }

    /** Angles of the surfaces [rad], trailing edge down positive. */
    Map<Surface, Double> angles() {
        Map<Surface, Double> angles = new LinkedHashMap<>();
        for (Seen s : seen()) {
            if (s.output().surface().inTheAir()) {
                angles.put(s.output().surface(), s.angle());
            }
        }
        return angles;
    }

    /**
     * @return roll that its horizon shows [rad]
     */
    public double shownRoll() {
        return sensed.roll();
    }

    /**
     * @return pitch that its horizon shows [rad]
     */
    public double shownPitch() {
        return sensed.pitch();
    }

    /**
     * Current of the motors, propellers on, the aircraft held.
     *
     * @return [A], ±15 %
     */
    public double motorCurrent() {
        double power = real.controls().outputs().stream()
                .filter(o -> o.surface().isMotor())
                .mapToDouble(o -> o.power(pulses[real.controls().outputs().indexOf(o)]))
                .max()
                .orElse(0);
        boolean turns = armed && power > 0 && !real.propulsion().drives().isEmpty();
        return turns
                ? Running.of(real.propulsion(), power, 0.1, 0, Atmosphere.SEA_LEVEL_DENSITY)
                                .current()
                        * thing.quirk(Quirk.CURRENT)
                : 0;
    }
}
