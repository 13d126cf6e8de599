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
