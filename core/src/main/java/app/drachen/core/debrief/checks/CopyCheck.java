package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Lost;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** SIGNALS-R11: a log that begins in the air or lacks rows is a copy made on the ground; the aircraft's own has all of it. */
public final class CopyCheck implements DebriefCheck {
    private static final double SHARE = 0.02;
    private static final double HIGH = 15;
    private static final double FAST = 5;

    @Override
    public String id() {
        return "SIGNALS-R11";
    }

    @Override
    public String looksFor() {
        return "The log begins on the ground, and lacks less than 2 % of its rows.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        FlightLog log = flight.log();
        Optional<FlightFacts> facts = flight.facts();
        if (facts.isEmpty() || !log.has(LogColumn.HEIGHT)) {
            return List.of();
        }
        double above = log.value(LogColumn.HEIGHT, 0) - facts.get().ground();
        LogColumn speeds = log.has(LogColumn.AIRSPEED) ? LogColumn.AIRSPEED : LogColumn.GROUND_SPEED;
        // where the ground lies is known only if it came down
        boolean flies = flight.touchdown().isPresent() && facts.get().launch() == 0 && log.value(speeds, 0) > FAST;
        if (flies && above > HIGH) {
            return List.of(Finding.of(
                    id(),
                    State.CAUTION,
                    "The log begins in the air, at " + Quantity.HEIGHT.text(above),
                    "The launch is missing, as in a copy made on the ground: use the aircraft's own log.",
                    Working.of(
                            id(),
                            "Height at the first row",
                            above,
                            Quantity.HEIGHT,
                            "logged height − that of the ground",
                            new Source.Elementary("definition"))));
        }
        List<Lost> gaps = flight.lost().get(Lost.What.ROWS);
        if (gaps == null) {
            return List.of();
        }
        double lacks =
                gaps.stream().mapToDouble(l -> l.span().to() - l.span().from()).sum();
        double share =
                lacks / Math.max(1, facts.get().landingTime() - facts.get().launchTime());
        Working working = Working.of(
                id(),
                "Share of the flight without rows",
                share,
                Quantity.SHARE_FINE,
                "Σ gaps/time in the air",
                new Source.Elementary("definition"),
                Working.in("gaps", gaps.size(), Quantity.COUNT),
                Working.in("together", lacks, Quantity.TIME));
        return List.of(
                share > SHARE
                        ? Finding.of(
                                id(),
                                State.CAUTION,
                                "The log lacks " + Quantity.SHARE.text(share) + " of the flight",
                                "As a copy made on the ground does: use the aircraft's own log for what matters.",
                                working)
                        : Finding.of(id(), State.GOOD, "The log is whole from the launch to the landing", "", working));
    }
}
