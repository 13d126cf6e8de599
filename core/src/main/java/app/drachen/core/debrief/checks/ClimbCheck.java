package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.debrief.Stretches;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * HOMING-R11: Home climbs as it is told. Looked at while it is 10 m and more below the return height; where it cannot for 10 s at full
 * power, the airspeed pays for it.
 */
public final class ClimbCheck implements DebriefCheck {
    /** Id of its findings. */
    public static final String ID = "HOMING-R11";

    private static final double BELOW = 10;
    private static final double FULL = 0.95;
    private static final double MET = 0.7;
    private static final double LEAST = 10;

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String looksFor() {
        return "Below its return height, Home climbs at 70 % of the climb that is set, or does not need full power.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        FlightLog log = flight.log();
        boolean can = log.has(LogColumn.POWER) && log.has(LogColumn.CLIMB) && log.has(LogColumn.HEIGHT);
        if (flight.facts().isEmpty() || flight.setup().isEmpty() || !can) {
            return List.of();
        }
        Setup setup = flight.setup().get();
        FlightFacts facts = flight.facts().get();
        double wanted = setup.modes().limits().climbRate();
        double height = setup.modes().home().height();
        List<Span> spans = new ArrayList<>();
        for (ModeSegment segment : flight.segments()) {
            if (segment.mode() == FlightMode.HOME) {
                spans.addAll(
                        Stretches.measured(log, segment.from(), Math.min(segment.to(), facts.landing()), LEAST, row -> {
                            double climb = log.value(LogColumn.CLIMB, row);
                            boolean falls = climb < MET * wanted
                                    && log.value(LogColumn.POWER, row) > FULL
                                    && log.value(LogColumn.HEIGHT, row) - facts.ground() < height - BELOW;
                            return Stretches.said(climb, falls);
                        }));
            }
        }
        return spans.stream()
                .max(Comparator.comparingDouble(s -> s.to() - s.from()))
                .map(worst -> List.of(finding(log, worst, wanted)))
                .orElse(List.of());
    }

    private Finding finding(FlightLog log, Span worst, double wanted) {
        int from = log.rowAt(worst.from());
        int to = log.rowAt(worst.to());
        double climb = log.mean(LogColumn.CLIMB, from, to);
        double before = log.mean(LogColumn.AIRSPEED, log.rowAt(worst.from() - 5), from);
        double least = before;
        for (int row = from; row < to; row++) {
            double speed = log.value(LogColumn.AIRSPEED, row);
            least = speed < least ? speed : least;
        }
        boolean slower = least < 0.85 * before;
        return Finding.of(
                        id(),
                        State.CAUTION,
                        "Home cannot climb as told: " + Quantity.CLIMB.text(climb) + " of "
                                + Quantity.CLIMB.text(wanted),
                        "Full power for " + Quantity.TIME.text(worst.to() - worst.from())
                                + (slower
                                        ? ", and the airspeed fell from " + Quantity.SPEED.text(before) + " to "
                                                + Quantity.SPEED.text(least)
                                        : "")
                                + ". Set a lower climb, or a pitch limit that its power can hold; a fresh pack climbs better.")
                .during(worst.from(), worst.to());
    }
}
