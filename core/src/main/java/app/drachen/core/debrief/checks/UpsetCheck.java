package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.debrief.Segments;
import app.drachen.core.debrief.Stretches;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * MAIDEN-R15: a mode that levels does not bank 30° beyond what it wants, nor dive, for longer than a moment; and where it does, the
 * pilot takes Manual within 3 s.
 */
public final class UpsetCheck implements DebriefCheck {
    /** Id of its findings. */
    public static final String ID = "MAIDEN-R15";

    private static final double BEYOND = Math.toRadians(30);
    private static final double DIVE = Math.toRadians(-30);

    /** Without a wish in the log the bank itself is looked at: no mode is set to more than this. */
    private static final double BANK = Math.toRadians(80);

    private static final double MARGIN = Math.toRadians(10);
    private static final double PUSHED = -0.4;
    private static final double LEAST = 0.6;
    private static final double TAKES = 3;

    /** Less than this is too little to say that all is well [s]. */
    private static final double EXAMINED = 5;

    /** A mode is given this time to take over an attitude that it found [s]. */
    private static final double TAKEN_OVER = 3;

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String looksFor() {
        return "No bank 30° beyond the wanted one and no dive in a mode that levels; else Manual within 3 s.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        FlightLog log = flight.log();
        List<ModeSegment> levelling = flight.segments().stream()
                .filter(s -> s.mode().compareTo(FlightMode.LEVEL) >= 0)
                .toList();
        if (flight.facts().isEmpty() || levelling.isEmpty() || !log.has(LogColumn.ROLL)) {
            return List.of();
        }
        FlightFacts facts = flight.facts().get();
        List<Finding> findings = new ArrayList<>();
        double examined = 0;
        for (ModeSegment segment : levelling) {
            int from = Math.max(facts.launch(), log.rowAt(log.time(segment.from()) + TAKEN_OVER));
            int to = Math.min(facts.landing(), segment.to());
            examined += Stretches.known(log, from, to, row -> upset(log, row) != Stretches.UNKNOWN);
            Stretches.measured(log, from, to, LEAST, row -> upset(log, row)).stream()
                    .limit(1)
                    .forEach(span -> findings.add(finding(flight, segment, span)));
        }
        if (findings.isEmpty() && examined >= EXAMINED) {
            findings.add(Finding.of(
                    id(),
                    State.GOOD,
                    "No upset in " + Segments.labels(levelling),
                    (log.has(LogColumn.WANTED_ROLL)
                                    ? "No bank 30° beyond the wish"
                                    : "No bank over 80°, the wish is not logged,")
                            + " and no dive in " + Quantity.TIME.text(examined) + "."));
        }
        return findings;
    }

    private static int upset(FlightLog log, int row) {
        double roll = Math.abs(log.value(LogColumn.ROLL, row));
        double pitch = log.value(LogColumn.PITCH, row);
        double wish = Math.abs(log.value(LogColumn.WANTED_ROLL, row));
        double allowed = Double.isNaN(wish) ? BANK : wish + BEYOND;
        // a nose that the pilot pushes down, or the mode wants down, is no upset
        boolean wanted = log.value(LogColumn.STICK_PITCH, row) < PUSHED
                || log.value(LogColumn.WANTED_PITCH, row) < DIVE + MARGIN;
        return Double.isNaN(roll) && Double.isNaN(pitch)
                ? Stretches.UNKNOWN
                : roll > allowed || pitch < DIVE && !wanted ? Stretches.HOLDS : Stretches.NOT;
    }

    private Finding finding(Flown flight, ModeSegment segment, Span span) {
        FlightLog log = flight.log();
        Optional<ModeSegment> manual = flight.segments().stream()
                .filter(s -> s.mode() == FlightMode.MANUAL && log.time(s.from()) > span.from())
                .findFirst();
        double bank = 0;
        double dive = 0;
        for (int row = log.rowAt(span.from()); row < log.rows() && log.time(row) <= span.to(); row++) {
            double roll = Math.abs(log.value(LogColumn.ROLL, row));
            double pitch = log.value(LogColumn.PITCH, row);
            bank = roll > bank ? roll : bank;
            dive = pitch < dive ? pitch : dive;
        }
        String what = dive < DIVE && bank < BANK
                ? "Dived in " + segment.mode().label() + ", nose at " + Quantity.BEARING.text(dive)
                : "Banked " + Quantity.BEARING.text(bank) + " in "
                        + segment.mode().label() + " without wanting to";
        double took = manual.map(m -> log.time(m.from()) - span.from()).orElse(Double.POSITIVE_INFINITY);
        boolean over = took > TAKES && span.to() - span.from() < TAKES;
        String reaction = took <= TAKES
                ? "Manual was chosen " + Quantity.TIME.text(took) + " later. "
                : over
                        ? "It came back by itself in " + Quantity.TIME.text(span.to() - span.from()) + ". "
                        : "Manual was not chosen within 3 s. ";
        return Finding.of(
                        id(),
                        took <= TAKES || over ? State.CAUTION : State.STOP,
                        what,
                        reaction
                                + "Manual first, then think: rehearse the break-off. Look at servo senses, board mount, gains"
                                + " and gusts before this mode again.")
                .during(span.from(), span.to());
    }
}
