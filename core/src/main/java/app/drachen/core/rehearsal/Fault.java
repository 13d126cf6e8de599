package app.drachen.core.rehearsal;

import app.drachen.core.airframe.PartKind;
import app.drachen.core.bench.HiddenFault;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.controls.Surface;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.Loss;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.Gains.AxisGains;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/**
 * A mistake to be rehearsed: the set-up flies as the model finds it, with this done to it. What then happens follows from
 * the equations of motion and is written nowhere.
 *
 * @param kind which mistake
 * @param size how much [SI unit of the kind's quantity], of a kind that has a size
 * @param surface part of the name of the surface, where one was named
 */
public record Fault(Kind kind, OptionalDouble size, Optional<String> surface) {
    /** The mistakes. */
    public enum Kind {
        TURNED_SERVO("turned-servo", "a servo turns the wrong way; a surface can be named"),
        BOARD_BACKWARDS("board-backwards", "the board is mounted backwards and not told so"),
        SWAPPED_CHANNELS("swapped-channels", "two outputs are swapped"),
        DOUBLE_MIX("double-mix", "radio and board both mix"),
        PACK_MOVED("pack-moved", "the pack lies this far behind its place, minus before it", Quantity.LENGTH, 0.06),
        RADIO_TRIM("radio-trim", "roll trim left in the radio", Quantity.SHARE, 0.10),
        LEVEL_OFFSET("level-offset", "the board shows this roll when level", Quantity.ANGLE, Math.toRadians(6)),
        SLUGGISH("sluggish", "rate gains and their feed-forward times this", Quantity.NUMBER, 0.25),
        RATE_GAIN("rate-gain", "rate gains times this", Quantity.NUMBER, 120),
        HEIGHT_GAIN("height-gain", "height gain times this", Quantity.NUMBER, 5),
        BANK_LIMIT("bank-limit", "bank limit", Quantity.ANGLE, Math.toRadians(12)),
        THRUST_LINE("thrust-line", "the motor sits this much higher than drawn", Quantity.LENGTH, 0.08),
        STEEP_HOME(
                "steep-home", "return height this much higher, climb rate far beyond the power", Quantity.HEIGHT, 120),
        SMALL_PACK("small-pack", "a pack with this share of the capacity", Quantity.SHARE, 0.06),
        WEAK_THROW("weak-throw", "thrown at this speed over ground", Quantity.SPEED, 4),
        LINK_RANGE("link-range", "the radio is heard no farther than this", Quantity.DISTANCE, 250),
        FIX_LOST("fix-lost", "no position from this time on", Quantity.TIME, 60),
        PITOT_BLOCKED("pitot-blocked", "the pitot is stopped up from this time on", Quantity.TIME, 60),
        CLIMBS_ON("climbs-on", "the pilot climbs until the height alarm stops him"),
        HEIGHT_LOST("height-lost", "no pressure height from this time on", Quantity.TIME, 60),
        COMPASS_LOST("compass-lost", "no compass from this time on", Quantity.TIME, 60),
        MOTOR_STOPS("motor-stops", "the motor stops at this time", Quantity.TIME, 60);

        private final String id;
        private final String label;
        private final Optional<Quantity> quantity;
        private final double usual;

        Kind(String id, String label) {
            this.id = id;
            this.label = label;
            quantity = Optional.empty();
            usual = Double.NaN;
        }

        Kind(String id, String label, Quantity quantity, double usual) {
            this.id = id;
            this.label = label;
            this.quantity = Optional.of(quantity);
            this.usual = usual;
        }

        public String id() {
            return id;
        }

        /** What it is, with its usual size. */
        public String label() {
            return label + quantity.map(q -> " (usually " + q.text(usual) + ")").orElse("");
        }
    }

    /**
     * A mistake from text: {@code turned-servo}, {@code turned-servo:right}, {@code pack-moved:40mm}.
     *
     * @throws IllegalArgumentException saying what is expected
     */
    public static Fault parse(String text) {
        String[] parts = text.split(":", 2);
        Kind kind = Arrays.stream(Kind.values())
                .filter(k -> k.id.equals(parts[0]))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no fault " + parts[0] + "; there are "
                        + Arrays.stream(Kind.values()).map(Kind::id).collect(Collectors.joining(", "))));
        if (parts.length == 1) {
            return usual(kind);
        }
        if (kind.quantity.isPresent()) {
            double size = kind.quantity.get().parse(parts[1], UnitSystem.METRIC);
            return new Fault(kind, OptionalDouble.of(size), Optional.empty());
        }
        if (kind != Kind.TURNED_SERVO) {
            throw new IllegalArgumentException(parts[0] + " takes nothing behind a colon");
        }
        return new Fault(kind, OptionalDouble.empty(), Optional.of(parts[1].toLowerCase(Locale.ROOT)));
    }

    /** A mistake of its usual size. */
    public static Fault usual(Kind kind) {
        OptionalDouble size = kind.quantity.isPresent() ? OptionalDouble.of(kind.usual) : OptionalDouble.empty();
        return new Fault(kind, size, Optional.empty());
    }

    /**
     * The plan with this mistake in it; the card stays that of the aircraft the pilot believes in.
     *
     * @throws IllegalArgumentException if it cannot be made on this aircraft
     */
    public RehearsalPlan in(RehearsalPlan plan) {
        RehearsalPlan changed = made(plan);
        if (kind.quantity.isEmpty() && changed.equals(plan)) {
            throw new IllegalArgumentException(
                    kind.id + " changes nothing on " + plan.setup().name() + "; choose another.");
        }
        return changed;
    }

    private RehearsalPlan made(RehearsalPlan plan) {
        double value = size.orElse(0);
        return switch (kind) {
            case WEAK_THROW -> plan.thrownAt(value);
            case LINK_RANGE -> plan.losing(plan.mishaps().withLinkRange(value));
            case FIX_LOST -> plan.losing(plan.mishaps().withFixLostAt(value));
            case PITOT_BLOCKED -> plan.losing(plan.mishaps().withPitotBlockedAt(value));
            case CLIMBS_ON -> plan.losing(plan.mishaps().climbingOn());
            case HEIGHT_LOST -> plan.losing(plan.mishaps().withLostAt(Loss.HEIGHT, value));
            case COMPASS_LOST -> plan.losing(plan.mishaps().withLostAt(Loss.COMPASS, value));
            case MOTOR_STOPS -> plan.losing(plan.mishaps().withLostAt(Loss.POWER, value));
            default -> plan.of(in(plan.setup()));
        };
    }

    private Setup in(Setup setup) {
        Gains g = setup.gains();
        double value = size.orElse(0);
        return switch (kind) {
            case TURNED_SERVO -> surface.map(s -> HiddenFault.turned(setup, named(setup, s)))
                    .orElseGet(() -> HiddenFault.TURNED_SERVO.hiddenIn(setup));
            case BOARD_BACKWARDS -> HiddenFault.BOARD_BACKWARDS.hiddenIn(setup);
            case SWAPPED_CHANNELS -> HiddenFault.SWAPPED_CHANNELS.hiddenIn(setup);
            case DOUBLE_MIX -> HiddenFault.DOUBLE_MIX.hiddenIn(setup);
            case PACK_MOVED -> setup.withMoved(PartKind.PACK, value, 0);
            case THRUST_LINE -> setup.withMoved(PartKind.MOTOR, 0, value);
            case RADIO_TRIM -> setup.withControls(setup.controls().withTrims(new RadioTrims(value, 0, 0)));
            case LEVEL_OFFSET -> setup.withMount(new BoardMount(
                    setup.mount().mountedQuarterTurns(),
                    setup.mount().configuredQuarterTurns(),
                    value,
                    setup.mount().levelPitch()));
            case SLUGGISH -> setup.withGains(rates(g, slowed(g.roll(), value), slowed(g.pitch(), value)));
            case RATE_GAIN -> setup.withGains(rates(g, rate(g.roll(), value), rate(g.pitch(), value)));
            case HEIGHT_GAIN -> setup.withGains(new Gains(
                    g.roll(),
                    g.pitch(),
                    g.yawRate(),
                    Math.min(3, g.heightGain() * value),
                    g.climbGain(),
                    g.speedGain(),
                    g.lookAhead()));
            case BANK_LIMIT -> setup.withModes(
                    setup.modes().withLimits(setup.modes().limits().withBank(value)));
            case STEEP_HOME -> setup.withModes(setup.modes()
                    .withHome(
                            setup.modes().home().withHeight(setup.modes().home().height() + value))
                    .withLimits(steep(setup.modes().limits())));
            case SMALL_PACK -> setup.withPropulsion(
                    setup.propulsion().withPack(setup.propulsion().pack().withShare(value)));
            case CLIMBS_ON,
                    WEAK_THROW,
                    LINK_RANGE,
                    FIX_LOST,
                    PITOT_BLOCKED,
                    HEIGHT_LOST,
                    COMPASS_LOST,
                    MOTOR_STOPS -> setup;
        };
    }

    private static AxisGains rate(AxisGains axis, double value) {
        return new AxisGains(axis.angle(), Math.min(5, axis.rate() * value), axis.integral(), axis.forward());
    }

    private static Gains rates(Gains g, AxisGains roll, AxisGains pitch) {
        return new Gains(roll, pitch, g.yawRate(), g.heightGain(), g.climbGain(), g.speedGain(), g.lookAhead());
    }

    private static AxisGains slowed(AxisGains axis, double value) {
        return new AxisGains(axis.angle(), axis.rate() * value, axis.integral() * value, axis.forward() * value);
    }

    private static Limits steep(Limits l) {
        return new Limits(
                l.bank(), Math.toRadians(55), l.pitchDown(), l.leastSpeed(), l.cruiseSpeed(), l.topSpeed(), 18);
    }

    private static Surface named(Setup setup, String part) {
        List<Surface> surfaces =
                setup.controls().surfaces().stream().map(Output::surface).toList();
        return surfaces.stream()
                .filter(s -> s.label().toLowerCase(Locale.ROOT).contains(part))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no surface “" + part + "”; there are "
                        + surfaces.stream().map(Surface::label).collect(Collectors.joining(", "))));
    }
}
