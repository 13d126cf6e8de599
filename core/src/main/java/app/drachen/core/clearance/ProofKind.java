package app.drachen.core.clearance;

import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Facet;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Kinds of proof and the facets each depends on. */
public enum ProofKind {
    WEIGHING("weighing", Stage.BUILD, Facet.AIRFRAME, Facet.PARTS, Facet.PACKS),
    HARNESS_CHECK("harness check", Stage.HARNESS, Facet.WIRING, Facet.RAILS, Facet.PORTS, Facet.PACKS, Facet.OUTPUTS),
    STICK_TO_SURFACE("stick to surface", Stage.BENCH, Facet.MIXER, Facet.OUTPUTS, Facet.SERVO_SENSES, Facet.LINKAGES),
    TILT_TO_SURFACE("tilt to surface", Stage.BENCH, Facet.MIXER, Facet.OUTPUTS, Facet.SERVO_SENSES, Facet.BOARD_MOUNT),
    CHANNEL_ORDER("channel order", Stage.THROWS, Facet.RADIO),
    END_POINTS("ends and centres of the sticks", Stage.THROWS, Facet.RADIO),
    STICK_TO_OUTPUT("sticks to outputs", Stage.THROWS, Facet.RADIO, Facet.MIXER, Facet.OUTPUTS, Facet.SERVO_SENSES),
    CENTRES_AND_THROWS("centres and throws measured", Stage.THROWS, Facet.LINKAGES, Facet.THROWS, Facet.MIXER),
    LINKAGE_PULL("linkages pulled", Stage.BENCH, Facet.LINKAGES, Facet.OUTPUTS),
    SIX_FACES("six faces", Stage.BENCH, Facet.BOARD),
    LEVEL_AT_REST("level at rest", Stage.BENCH, Facet.BOARD_MOUNT),
    ROTATION("rotation of the board", Stage.BENCH, Facet.BOARD_MOUNT),
    COMPASS_SWING("compass swing", Stage.BENCH, Facet.BOARD_MOUNT, Facet.PARTS, Facet.WIRING),
    READ_BACK("modes read back", Stage.BENCH, Facet.SELECTOR),
    ARMING("arming", Stage.BENCH, Facet.ARMING, Facet.SELECTOR),
    LOSS_OF_LINK("loss of the link", Stage.BENCH, Facet.LOSSES, Facet.RADIO, Facet.BOARD_SOFTWARE),
    MOTOR_RUN("motor run", Stage.BENCH, Facet.PROPULSION, Facet.PACKS),
    SCALES("scales of volts and current", Stage.BENCH, Facet.BOARD, Facet.WIRING),
    AIRSPEED_PROBE("airspeed probe", Stage.BENCH, Facet.BOARD, Facet.PORTS),
    LOG_WORKS("log works", Stage.BENCH, Facet.BOARD, Facet.BOARD_SOFTWARE),
    RANGE_WALK("range walk", Stage.BENCH, Facet.RADIOS, Facet.AERIALS, Facet.WIRING),
    HOME_FIX("home fix", Stage.BENCH, Facet.BOARD),
    POWER_TRIMS(
            "pitch with and without power",
            Stage.THROWS,
            Facet.AIRFRAME,
            Facet.PROPULSION,
            Facet.LINKAGES,
            Facet.MIXER),
    HOME_HEIGHT("height of Home said", Stage.MODES, Facet.HOME_PROFILE),
    HOME_LANDED(
            "landing by itself",
            Stage.MODES,
            Facet.AIRFRAME,
            Facet.PARTS,
            Facet.PACKS,
            Facet.BOARD_MOUNT,
            Facet.HOME_PROFILE,
            Facet.LIMITS,
            Facet.SPEED_RANGE,
            Facet.ROLL_GAINS,
            Facet.PITCH_GAINS,
            Facet.HEIGHT_GAINS),
    HAND_OVER("hand-over", Stage.MODES, Facet.SECOND_PATH),
    CHARGE_BACK("current sensor against the charger", Stage.SIGNALS, Facet.WIRING),
    VOLTS_SCALE("volts against a meter", Stage.SIGNALS, Facet.WIRING),
    AIRSPEED_SCALE("airspeed against ground speed", Stage.SIGNALS, Facet.BOARD, Facet.PORTS),
    STRENGTH_SCALE("strength at two levels", Stage.SIGNALS, Facet.RADIOS, Facet.AERIALS),
    ROTATION_SCALE("motor speed against another meter", Stage.SIGNALS, Facet.PROPULSION),
    HEIGHT_SCALE("height against a known one", Stage.SIGNALS, Facet.BOARD),
    PREFLIGHT("checks before the flight", Stage.BENCH, Facet.PACKS),
    PROPELLER_OFF("propeller off", Stage.BENCH, Facet.PROPULSION),
    REHEARSAL(
            "rehearsal of the first flight",
            Stage.MAIDEN,
            Facet.AIRFRAME,
            Facet.PARTS,
            Facet.PACKS,
            Facet.PROPULSION,
            Facet.LINKAGES,
            Facet.OUTPUTS,
            Facet.MIXER,
            Facet.SERVO_SENSES,
            Facet.SERVO_CENTRES,
            Facet.THROWS,
            Facet.RATES,
            Facet.RADIO_TRIMS,
            Facet.BOARD_MOUNT,
            Facet.LAUNCH_MODE,
            Facet.SPEED_RANGE,
            Facet.ROLL_GAINS,
            Facet.PITCH_GAINS,
            Facet.YAW_GAINS),
    MANUAL_FLOWN(
            "Manual flown",
            Stage.MAIDEN,
            Facet.AIRFRAME,
            Facet.PARTS,
            Facet.PACKS,
            Facet.PROPULSION,
            Facet.THROWS,
            Facet.SERVO_SENSES,
            Facet.MIXER,
            Facet.OUTPUTS),
    LEVEL_FLOWN(
            "Level flown",
            Stage.MAIDEN,
            Facet.AIRFRAME,
            Facet.PARTS,
            Facet.PACKS,
            Facet.SERVO_SENSES,
            Facet.MIXER,
            Facet.OUTPUTS,
            Facet.BOARD_MOUNT,
            Facet.ROLL_GAINS,
            Facet.PITCH_GAINS),
    HOLD_FLOWN(
            "Hold flown",
            Stage.MAIDEN,
            Facet.AIRFRAME,
            Facet.PARTS,
            Facet.PACKS,
            Facet.SERVO_SENSES,
            Facet.MIXER,
            Facet.OUTPUTS,
            Facet.BOARD_MOUNT,
            Facet.ROLL_GAINS,
            Facet.PITCH_GAINS,
            Facet.HEIGHT_GAINS,
            Facet.LIMITS,
            Facet.SPEED_RANGE);

    private final String label;
    private final Stage stage;
    private final Set<Facet> facets;

    ProofKind(String label, Stage stage, Facet first, Facet... others) {
        this.label = label;
        this.stage = stage;
        this.facets = java.util.Collections.unmodifiableSet(EnumSet.of(first, others));
    }

    /** Names of proofs in one line. */
    public static String labels(List<ProofKind> kinds) {
        return kinds.stream()
                .map(ProofKind::label)
                .reduce((a, b) -> a + ", " + b)
                .orElse("nothing");
    }

    /** A mode flown for a shorter time proves nothing [s]. */
    public static final double FLOWN_SECONDS = 30;

    /** What flying a mode proves, if it proves anything. */
    public static Optional<ProofKind> flownIn(FlightMode mode) {
        return switch (mode) {
            case MANUAL -> Optional.of(MANUAL_FLOWN);
            case LEVEL -> Optional.of(LEVEL_FLOWN);
            case HOLD -> Optional.of(HOLD_FLOWN);
            default -> Optional.empty();
        };
    }

    public String label() {
        return label;
    }

    /** What a rehearsal of a card proves, by the card's id; most cards prove nothing before they are flown. */
    public static Optional<ProofKind> rehearsedBy(String card) {
        return card.equals("first-flight") ? Optional.of(REHEARSAL) : Optional.empty();
    }

    public Stage stage() {
        return stage;
    }

    public Set<Facet> facets() {
        return facets;
    }
}
