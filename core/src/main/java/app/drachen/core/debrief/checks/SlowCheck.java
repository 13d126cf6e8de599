package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Lost.What;
import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.debrief.Segments;
import app.drachen.core.debrief.Stretches;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Span;
import app.drachen.core.working.Working;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** HOMING-R4: a mode that keeps the speed keeps it off the stall, also in its turns and climbs. */
public final class SlowCheck implements DebriefCheck {
    /** Id of its finding. */
    public static final String ID = "HOMING-R4";

    private static final double ROOM = 1.15;
    private static final double LEAST = 1;

    /** Less than this is too little to say that all is well [s]. */
    private static final double EXAMINED = 5;

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String looksFor() {
        return "Airspeed stays above 1.15 of the stall speed, √n with bank, in Hold, Circle, Home and Mission.";
    }

    /**
     * A slow stretch.
     *
     * @param segment in which mode
     * @param span when
     * @param least airspeed over the stall speed there [-]
     */
    private record Slow(ModeSegment segment, Span span, double least) {}

    @Override
    public List<Finding> findings(Flown flight) {
        FlightLog log = flight.log();
        List<ModeSegment> kept =
                flight.segments().stream().filter(s -> s.mode().fliesByItself()).toList();
        boolean can = flight.facts().isPresent() && flight.expectedStall().isPresent() && log.has(LogColumn.AIRSPEED);
        if (kept.isEmpty() || !can) {
            return List.of();
        }
        if (!flight.lost().getOrDefault(What.AIRSPEED, List.of()).isEmpty()) {
            return List.of(Finding.of(
                    id(),
                    State.OPEN,
                    "How near the stall it flew is not known",
                    "The airspeed in this log is not to be trusted; mend that first."));
        }
        FlightFacts facts = flight.facts().get();
        double stall = flight.expectedStall().get().speed();
        Optional<Slow> worst = kept.stream()
                .flatMap(segment -> Stretches.measured(
                                log,
                                Math.max(segment.from(), facts.launch()),
                                Math.min(segment.to(), facts.landing()),
                                LEAST,
                                row -> {
                                    double share = share(log, row, stall);
                                    return Stretches.said(share, share < ROOM);
                                })
                        .stream()
                        .map(span -> new Slow(segment, span, least(log, span, stall))))
                .min(Comparator.comparingDouble(Slow::least));
        if (worst.isEmpty()) {
            double seconds = kept.stream()
                    .mapToDouble(s -> Stretches.known(
                            log,
                            Math.max(s.from(), facts.launch()),
                            Math.min(s.to(), facts.landing()),
                            row -> !Double.isNaN(share(log, row, stall))))
                    .sum();
            return seconds < EXAMINED
                    ? List.of()
                    : List.of(Finding.of(
                            id(),
                            State.GOOD,
                            "Off the stall in " + Segments.labels(kept),
                            "At least 1.15 of it for " + Quantity.TIME.text(seconds) + "."));
        }
        Slow slow = worst.get();
        FlightMode mode = slow.segment().mode();
        Working working = Working.of(
                "HOMING-A7",
                "Least speed over the stall",
                slow.least(),
                Quantity.NUMBER_FINE,
                "V/(V_s·√n), n = 1/cos φ",
                Source.ANDERSON,
                Working.in("computed stall V_s", stall, Quantity.SPEED));
        return List.of(Finding.of(
                        id(),
                        State.STOP,
                        Quantity.NUMBER_FINE.text(slow.least()) + " of the stall speed in " + mode.label(),
                        "1.15 is wanted for more than a moment. Fly a higher wanted speed there, or lower the limits of pitch"
                                + " and bank; look whether the climb it is told is within its power.",
                        working)
                .during(slow.span().from(), slow.span().to()));
    }

    private static double share(FlightLog log, int row, double stall) {
        double roll = log.value(LogColumn.ROLL, row);
        double load = 1 / Math.max(0.2, Math.cos(Double.isNaN(roll) ? 0 : roll));
        return log.value(LogColumn.AIRSPEED, row) / (stall * Math.sqrt(load));
    }

    private static double least(FlightLog log, Span span, double stall) {
        double least = ROOM;
        for (int row = log.rowAt(span.from()); row < log.rows() && log.time(row) <= span.to(); row++) {
            double share = share(log, row, stall);
            least = share < least ? share : least;
        }
        return least;
    }
}
