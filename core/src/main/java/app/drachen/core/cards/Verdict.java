package app.drachen.core.cards;

import app.drachen.core.cards.PassLimit.Measure;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.LevelResult;
import app.drachen.core.debrief.StallResult;
import app.drachen.core.debrief.TrimNeeded;
import java.util.List;
import java.util.Optional;

/**
 * A pass limit held against a flight.
 *
 * @param limit the limit
 * @param measured what the flight showed [SI unit of the measure], if it showed it
 */
public record Verdict(PassLimit limit, Optional<Double> measured) {

    /** Judges every limit of a card. */
    public static List<Verdict> of(Card card, Flown flight) {
        return card.limits().stream()
                .map(limit -> new Verdict(limit, measure(limit.id(), flight)))
                .toList();
    }

    public boolean passed() {
        return measured.filter(limit::passes).isPresent();
    }

    public boolean failed() {
        return measured.isPresent() && !passed();
    }

    private static Optional<Double> measure(Measure measure, Flown flight) {
        return switch (measure) {
            case ROLL_TRIM -> flight.trim().map(TrimNeeded::roll);
            case PITCH_TRIM -> flight.trim().map(TrimNeeded::pitch);
            case STALL_SPEED -> flight.stall().map(StallResult::speed);
            case WING_DROP -> flight.stall().map(StallResult::wingDrop);
            case SETTLE_TIME -> flight.levels().stream()
                    .map(LevelResult::settle)
                    .max(Double::compareTo);
            case CHARGE_LEFT -> Debrief.usedShare(flight.log(), flight.setup()).map(used -> 1 - used);
            case TOUCHDOWN_SINK -> flight.touchdownSink();
        };
    }
}
