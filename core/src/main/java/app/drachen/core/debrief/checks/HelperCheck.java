package app.drachen.core.debrief.checks;

import app.drachen.core.autopilot.Helper;
import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Stretches;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.Statistics;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Span;
import java.util.ArrayList;
import java.util.List;

/**
 * TUNE-R13 and TUNE-R17: Autotune is off before the landing, and auto-trim learns in straight flight along the wind, not across it.
 * Looked at where the log names helpers.
 */
public final class HelperCheck implements DebriefCheck {
    /** Id of its findings. */
    public static final String ID = "TUNE-R13";

    private static final double CRAB = Math.toRadians(5);
    private static final double SHARE = 0.2;
    private static final double LEAST = 3;

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String looksFor() {
        return "Autotune is off at the touchdown; auto-trim learns with the nose within 5° of the course.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        FlightLog log = flight.log();
        if (!log.has(LogColumn.HELPER) || flight.facts().isEmpty()) {
            return List.of();
        }
        FlightFacts facts = flight.facts().get();
        List<Finding> findings = new ArrayList<>();
        List<Span> tuned = on(log, facts, Helper.AUTOTUNE);
        for (Span span : tuned) {
            if (span.to() >= facts.landingTime() - 1) {
                boolean down = flight.touchdown().isPresent();
                findings.add(Finding.of(
                                id(),
                                down ? State.STOP : State.OPEN,
                                down ? "Autotune was on at the touchdown" : "Autotune was on to the end of the log",
                                down
                                        ? "The values it ended with are spoilt: go back to the saved ones, and switch it off before landing."
                                        : "Whether it was off before the landing does not show.")
                        .during(span.from(), span.to()));
            }
        }
        if (!tuned.isEmpty() && findings.isEmpty()) {
            findings.add(Finding.of(
                            id(), State.GOOD, "Autotune for " + seconds(tuned) + ", and off before the landing", "")
                    .during(tuned.get(0).from(), tuned.get(tuned.size() - 1).to()));
        }
        List<Span> trimmed = on(log, facts, Helper.AUTO_TRIM);
        if (!trimmed.isEmpty()) {
            findings.add(trim(log, trimmed));
        }
        return findings;
    }

    private static List<Span> on(FlightLog log, FlightFacts facts, Helper helper) {
        return Stretches.of(log, facts.launch(), facts.landing() + 1, LEAST, row -> {
            double on = log.value(LogColumn.HELPER, row);
            return Stretches.said(on, on == helper.ordinal());
        });
    }

    private static String seconds(List<Span> spans) {
        return Quantity.TIME.text(
                spans.stream().mapToDouble(s -> s.to() - s.from()).sum());
    }

    private static Finding trim(FlightLog log, List<Span> spans) {
        int rows = 0;
        int across = 0;
        for (Span span : spans) {
            for (int row = log.rowAt(span.from()); row < log.rows() && log.time(row) <= span.to(); row++) {
                double crab =
                        Math.abs(Statistics.wrap(log.value(LogColumn.HEADING, row) - log.value(LogColumn.COURSE, row)));
                rows += Double.isNaN(crab) ? 0 : 1;
                across += crab > CRAB ? 1 : 0;
            }
        }
        Span whole = new Span(spans.get(0).from(), spans.get(spans.size() - 1).to());
        String time = "Auto-trim for " + seconds(spans);
        Finding finding;
        if (rows == 0) {
            finding = Finding.of(
                    "TUNE-R17",
                    State.OPEN,
                    time + "; whether across the wind is not known",
                    "It needs heading and course in the log.");
        } else {
            double share = (double) across / rows;
            finding = share > SHARE
                    ? Finding.of(
                            "TUNE-R17",
                            State.CAUTION,
                            time + ", " + Quantity.SHARE.text(share) + " of it with the nose off the course",
                            "It may have learnt the crosswind, above all in the rudder, unless the compass is off: undo it, and trim"
                                    + " straight into and down the wind.")
                    : Finding.of("TUNE-R17", State.GOOD, time + ", along the wind", "");
        }
        return finding.during(whole.from(), whole.to());
    }
}
