package app.drachen.core.debrief;

import app.drachen.core.air.Field;
import app.drachen.core.debrief.checks.DebriefChecks;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Finding;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a log shows about an aircraft.
 *
 * @param flight what was measured
 * @param findings what the checks say about it, the most urgent first
 */
public record Debrief(Flown flight, List<Finding> findings) {
    public Debrief {
        findings = List.copyOf(findings);
    }

    /**
     * Reads a log of a known aircraft.
     *
     * @param density of the air [kg/m³]
     */
    public static Debrief of(FlightLog log, Setup setup, double density) {
        return of(log, Optional.of(setup), density);
    }

    /**
     * Reads a log without a height limit to judge it by.
     *
     * @param density air density of the flight [kg/m³], 0.5 to 1.6
     */
    public static Debrief of(FlightLog log, Optional<Setup> setup, double density) {
        return of(log, setup, density, Optional.empty());
    }

    /** Reads a log of a known aircraft over a known field. */
    public static Debrief of(FlightLog log, Setup setup, Field field) {
        return of(log, Optional.of(setup), field.density(), field.heightLimit());
    }

    /**
     * Reads a log. Without the aircraft's set-up, what needs it stays open.
     *
     * @param log the log
     * @param setup the aircraft as it was flown, if known
     * @param density air density of the flight [kg/m³], 0.5 to 1.6
     * @param limit height limit above the launch, if somebody entered one
     */
    public static Debrief of(FlightLog log, Optional<Setup> setup, double density, Optional<Field.HeightLimit> limit) {
        Flown flight = Flown.of(log, setup, density, limit);
        List<Part<List<Finding>>> checks = DebriefChecks.all().stream()
                .map(check -> new Part<>(() -> check.findings(flight)))
                .toList();
        Part.all(checks);
        return new Debrief(
                flight,
                checks.stream()
                        .flatMap(check -> check.done().stream())
                        .sorted(Comparator.comparing(Debrief::urgency))
                        .toList());
    }

    /** What stops the next flight first, then what to change, what is good, what is open. */
    private static int urgency(Finding finding) {
        return switch (finding.state()) {
            case STOP -> 0;
            case STALE, CAUTION -> 1;
            case GOOD -> 2;
            case OPEN -> 3;
        };
    }

    /**
     * Charge used over the pack's capacity, if the log has it.
     *
     * @return share [-], 0 to 1 and above
     */
    public static Optional<Double> usedShare(FlightLog log, Optional<Setup> setup) {
        if (setup.isEmpty() || log.rows() == 0 || !log.has(LogColumn.CHARGE)) {
            return Optional.empty();
        }
        double used = log.value(LogColumn.CHARGE, log.rows() - 1);
        return Double.isNaN(used)
                ? Optional.empty()
                : Optional.of(used / setup.get().propulsion().pack().capacity());
    }
}
