package app.drachen.core.cards;

import app.drachen.core.cards.PassLimit.Measure;
import app.drachen.core.debrief.CardMeasures;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.LevelResult;
import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.debrief.StallResult;
import app.drachen.core.debrief.TrimNeeded;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.HomeProfile;
import java.util.List;
import java.util.Optional;

/**
 * A pass limit held against a flight.
 *
 * @param limit the limit
 * @param measured what the flight showed [SI unit of the measure], if it showed it
 */
public record Verdict(PassLimit limit, Optional<Double> measured) {

    /** Judges every limit of a card by what a log shows. */
    public static List<Verdict> of(Card card, Flown flight) {
        return of(card, flight, flight.touchdownSink());
    }

    /**
     * Judges every limit of a card.
     *
     * @param touchdownSink as it was [m/s], without bound for a crash; empty if it did not come down
     */
    public static List<Verdict> of(Card card, Flown flight, Optional<Double> touchdownSink) {
        return card.limits().stream()
                .map(limit -> new Verdict(
                        limit,
                        limit.id() == Measure.TOUCHDOWN_SINK ? touchdownSink : measure(limit.id(), card, flight)))
                .toList();
    }

    public boolean passed() {
        return measured.filter(limit::passes).isPresent();
    }

    public boolean failed() {
        return measured.isPresent() && !passed();
    }

    private static Optional<Double> measure(Measure measure, Card card, Flown flight) {
        FlightLog log = flight.log();
        List<ModeSegment> segments = flight.segments();
        return switch (measure) {
            case ROLL_TRIM -> flight.trim().map(TrimNeeded::roll).filter(Double::isFinite);
            case PITCH_TRIM -> flight.trim().map(TrimNeeded::pitch).filter(Double::isFinite);
            case STALL_SPEED -> flight.stall().map(StallResult::speed);
            case WING_DROP -> flight.stall().map(StallResult::wingDrop);
            case SETTLE_TIME -> flight.levels().stream()
                    .map(LevelResult::settle)
                    .max(Double::compareTo);
            case CHARGE_LEFT -> Debrief.usedShare(flight.log(), flight.setup()).map(used -> 1 - used);
            case TOUCHDOWN_SINK -> flight.touchdownSink();
            case CHOP_PITCH -> CardMeasures.chopPitch(log, flight.ground());
            case CHOP_HEIGHT -> CardMeasures.chopHeight(log, flight.ground());
            case HOLD_HEIGHT -> CardMeasures.holdHeight(log, segments);
            case HOLD_TURN -> CardMeasures.holdTurn(log, segments);
            case ROLL_REVERSALS -> CardMeasures.reversals(log, segments, LogColumn.STICK_ROLL);
            case PITCH_REVERSALS -> CardMeasures.reversals(log, segments, LogColumn.STICK_PITCH);
            case LINE_UP -> home(flight).flatMap(h -> CardMeasures.lineUp(log, segments, h.circleRadius()));
            case HOME_HEIGHT -> home(flight)
                    .flatMap(h ->
                            CardMeasures.homeHeight(log, segments, h.circleRadius(), h.height() + flight.ground()));
            case POINTS_REACHED -> card.route().flatMap(r -> CardMeasures.pointsReached(log, segments, r, NEAR));
        };
    }

    /** So near to a point of a route is at it [m]. */
    private static final double NEAR = 60;

    private static Optional<HomeProfile> home(Flown flight) {
        return flight.setup().map(s -> s.modes().home());
    }
}
