package app.drachen.core.bench;

import app.drachen.core.harness.DeviceKind;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The cards of an aircraft. */
public final class BenchCards {
    private BenchCards() {}

    /** Whether this aircraft has anything that the card is about. */
    public static boolean makesSense(CardId id, Setup setup) {
        return switch (id) {
            case HAND_OVER -> setup.modes().second().isPresent();
            case MOTOR_RUN -> !setup.propulsion().drives().isEmpty();
            case COMPASS_SWING -> has(setup, DeviceKind.COMPASS);
            case AIRSPEED_PROBE -> has(setup, DeviceKind.AIRSPEED_SENSOR);
            case STICK_TO_SURFACE,
                    TILT_TO_SURFACE,
                    STICK_TO_OUTPUT,
                    CENTRES_AND_THROWS,
                    LINKAGE_PULL -> !setup.controls().surfaces().isEmpty();
            default -> true;
        };
    }

    private static boolean has(Setup setup, DeviceKind kind) {
        return setup.harness().devices().stream().anyMatch(d -> d.kind() == kind);
    }

    /** A card of this aircraft; none where it has nothing that the card is about. */
    public static Optional<BenchCard> card(CardId id, Setup setup) {
        if (!makesSense(id, setup)) {
            return Optional.empty();
        }
        return Optional.of(
                switch (id) {
                    case CHANNEL_ORDER -> RadioCards.channelOrder();
                    case END_POINTS -> RadioCards.endPoints(setup);
                    case STICK_TO_OUTPUT -> RadioCards.stickToOutput(setup);
                    case STICK_TO_SURFACE, TILT_TO_SURFACE -> SurfaceCards.ofSurfaces(setup, id);
                    case CENTRES_AND_THROWS -> SurfaceCards.centresAndThrows(setup);
                    case LINKAGE_PULL -> SurfaceCards.linkagePull(setup);
                    case SIX_FACES -> BoardCards.sixFaces();
                    case LEVEL -> BoardCards.level();
                    case ROTATION -> BoardCards.rotation();
                    case COMPASS_SWING -> BoardCards.compassSwing();
                    case READ_BACK -> RadioCards.readBack(setup);
                    case ARMING -> PowerCards.arming(setup);
                    case LOSS_OF_LINK -> RadioCards.lossOfLink(setup);
                    case MOTOR_RUN -> PowerCards.motorRun(setup);
                    case SCALES -> PowerCards.scales(setup);
                    case AIRSPEED_PROBE -> FieldCards.airspeedProbe();
                    case LOG_WORKS -> FieldCards.logWorks(setup);
                    case RANGE_WALK -> RadioCards.rangeWalk();
                    case HOME_FIX -> FieldCards.homeFix();
                    case HOME_HEIGHT -> FieldCards.homeHeight(setup);
                    case HAND_OVER -> RadioCards.handOver(setup);
                    case PREFLIGHT -> FieldCards.preflight(setup);
                });
    }

    /** All cards of this aircraft, in the order in which they are done (BENCH-A8): what has to be right first comes first. */
    public static List<BenchCard> of(Setup setup) {
        List<CardId> open = new ArrayList<>(List.of(CardId.values()));
        Set<CardId> done = new LinkedHashSet<>();
        while (!open.isEmpty()) {
            CardId next = open.stream()
                    .filter(id -> done.containsAll(id.after()))
                    .min(Comparator.naturalOrder())
                    .orElseThrow();
            open.remove(next);
            done.add(next);
        }
        return done.stream().flatMap(id -> card(id, setup).stream()).toList();
    }

    /**
     * What the stand-in answers to a card where nothing is hidden.
     *
     * @param seed of the scatter
     */
    public static Map<String, Double> answered(CardId id, Setup setup, long seed) {
        return StandInAnswers.to(id, setup, RealThing.sound(setup), seed);
    }
}
