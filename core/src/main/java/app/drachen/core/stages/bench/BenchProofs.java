package app.drachen.core.stages.bench;

import app.drachen.core.bench.CardId;
import app.drachen.core.cards.CardPlan;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Situation;
import app.drachen.core.modes.FlightMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Which evidence a card of the bench gives. */
public final class BenchProofs {
    private BenchProofs() {}

    public static ProofKind of(CardId card) {
        return switch (card) {
            case CHANNEL_ORDER -> ProofKind.CHANNEL_ORDER;
            case END_POINTS -> ProofKind.END_POINTS;
            case STICK_TO_OUTPUT -> ProofKind.STICK_TO_OUTPUT;
            case STICK_TO_SURFACE -> ProofKind.STICK_TO_SURFACE;
            case CENTRES_AND_THROWS -> ProofKind.CENTRES_AND_THROWS;
            case LINKAGE_PULL -> ProofKind.LINKAGE_PULL;
            case SIX_FACES -> ProofKind.SIX_FACES;
            case LEVEL -> ProofKind.LEVEL_AT_REST;
            case ROTATION -> ProofKind.ROTATION;
            case TILT_TO_SURFACE -> ProofKind.TILT_TO_SURFACE;
            case COMPASS_SWING -> ProofKind.COMPASS_SWING;
            case READ_BACK -> ProofKind.READ_BACK;
            case ARMING -> ProofKind.ARMING;
            case LOSS_OF_LINK -> ProofKind.LOSS_OF_LINK;
            case MOTOR_RUN -> ProofKind.MOTOR_RUN;
            case SCALES -> ProofKind.SCALES;
            case AIRSPEED_PROBE -> ProofKind.AIRSPEED_PROBE;
            case LOG_WORKS -> ProofKind.LOG_WORKS;
            case RANGE_WALK -> ProofKind.RANGE_WALK;
            case HOME_FIX -> ProofKind.HOME_FIX;
            case HOME_HEIGHT -> ProofKind.HOME_HEIGHT;
            case HAND_OVER -> ProofKind.HAND_OVER;
            case PREFLIGHT -> ProofKind.PREFLIGHT;
        };
    }

    /** The card that gives an evidence. */
    public static Optional<CardId> card(ProofKind kind) {
        return Arrays.stream(CardId.values()).filter(c -> of(c) == kind).findFirst();
    }

    /** What the chosen flight needs of the bench, or while none is chosen a first one (BENCH-R16). */
    static List<ProofKind> needed(Situation situation) {
        List<ProofKind> needed = new ArrayList<>(
                List.of(ProofKind.STICK_TO_SURFACE, ProofKind.LINKAGE_PULL, ProofKind.ARMING, ProofKind.LOSS_OF_LINK));
        boolean stabilised = situation.setup().modes().launchMode() != FlightMode.MANUAL
                || situation
                        .plan()
                        .map(CardPlan::id)
                        .filter(id -> !id.equals("first-flight"))
                        .isPresent();
        if (stabilised) {
            needed.addAll(List.of(ProofKind.TILT_TO_SURFACE, ProofKind.ROTATION, ProofKind.READ_BACK));
        }
        return needed;
    }
}
