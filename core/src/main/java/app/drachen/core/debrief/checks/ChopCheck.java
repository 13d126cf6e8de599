package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.CardMeasures;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Stretches;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;

/** MAIDEN-R13: taking the power away drops the nose by no more than 10° in 3 s. Looked at where the pitch stick is still. */
public final class ChopCheck implements DebriefCheck {
    private static final double LIMIT = Math.toRadians(10);
    private static final double WITHIN = 3;

    @Override
    public String id() {
        return "MAIDEN-R13";
    }

    @Override
    public String looksFor() {
        return "Power taken away, the pitch stick still: the nose falls by no more than 10° in 3 s.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        FlightLog log = flight.log();
        List<Integer> chops = CardMeasures.chops(log, flight.ground(), WITHIN).stream()
                .filter(row -> log.value(LogColumn.MODE, row) == 0)
                .filter(row -> Stretches.known(
                                log,
                                row,
                                log.rowAt(log.time(row) + WITHIN),
                                i -> !Double.isNaN(log.value(LogColumn.PITCH, i)))
                        > 0.5 * WITHIN)
                .filter(row -> !Double.isNaN(log.value(LogColumn.PITCH, row)))
                .toList();
        if (chops.isEmpty() || !log.has(LogColumn.PITCH)) {
            return List.of();
        }
        int worst = chops.get(0);
        for (int row : chops) {
            worst = falls(log, row) > falls(log, worst) ? row : worst;
        }
        double falls = falls(log, worst);
        Working working = Working.of(
                "MAIDEN-A8",
                "Nose falls without power",
                falls,
                Quantity.ANGLE,
                "greatest θ(chop) − θ within 3 s, pitch stick still",
                new Source.Elementary("definition"),
                Working.in("power away at", log.time(worst), Quantity.TIME));
        Finding finding = falls > LIMIT
                ? Finding.of(
                        id(),
                        State.CAUTION,
                        "Power off drops the nose by " + Quantity.BEARING.text(falls),
                        "10° are allowed. Tilt the thrust line, or mix power into the elevator; until then land with power on.",
                        working)
                : Finding.of(
                        id(),
                        State.GOOD,
                        "Power off drops the nose by only " + Quantity.BEARING.text(falls),
                        "",
                        working);
        return List.of(finding.during(log.time(worst), log.time(worst) + WITHIN));
    }

    private static double falls(FlightLog log, int row) {
        double most = 0;
        double before = log.value(LogColumn.PITCH, row);
        for (int i = row; i < log.rows() && log.time(i) - log.time(row) <= WITHIN; i++) {
            double fallen = before - log.value(LogColumn.PITCH, i);
            most = fallen > most ? fallen : most;
        }
        return most;
    }
}
