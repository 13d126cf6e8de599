package app.drachen.desktop.stage.logbook;

import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.debrief.HomeLanded;
import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.debrief.PowerTrim;
import app.drachen.core.debrief.checks.CircleCheck;
import app.drachen.core.debrief.checks.ClimbCheck;
import app.drachen.core.debrief.checks.HelperCheck;
import app.drachen.core.debrief.checks.SlowCheck;
import app.drachen.core.debrief.checks.StickRestCheck;
import app.drachen.core.debrief.checks.SwingCheck;
import app.drachen.core.debrief.checks.UpsetCheck;
import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.log.FlightLog;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.files.logs.LogFormats;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What can be done with a flight of the logbook: written out, counted as evidence. */
final class FlightDeeds {
    private final Session session;
    private final Dialogs dialogs;

    FlightDeeds(Session session, Dialogs dialogs) {
        this.session = session;
        this.dialogs = dialogs;
    }

    /** Writes a flight as CSV or as a track. */
    void export(Read flight) {
        String name = flight.aircraft().name() + " flight " + flight.flight().number();
        dialogs.save("Write the flight", name + ".csv", LogFormats.written()).ifPresent(file -> {
            FlightLog log = flight.log().start().isPresent()
                    ? flight.log()
                    : flight.log().startedAt(flight.flight().when());
            Optional<GeodeticPosition> home = session.home();
            session.write(file, f -> LogFormats.write(name, log, home, f));
        });
    }

    /** A real flight becomes evidence for the modes it flew for long enough. */
    void countAsFlown(Read flight) {
        if (flight.flight().rehearsed()) {
            session.tell("Only a flight that was really flown is evidence; choose one.");
            return;
        }
        List<String> counted = new ArrayList<>();
        for (FlightMode mode : FlightMode.values()) {
            Optional<ProofKind> proves = ProofKind.flownIn(mode);
            if (proves.isPresent() && seconds(flight, mode) >= ProofKind.FLOWN_SECONDS) {
                ProofKind kind = proves.get();
                List<Finding> stops = stops(flight.debrief(), mode);
                String note = stops.isEmpty()
                        ? "Flight " + flight.flight().number() + ", log"
                        : stops.get(0).title();
                flight.aircraft()
                        .prove(
                                flight.aircraft()
                                        .proof(flight.revision(), kind, Evidence.REAL, stops.isEmpty(), note, Map.of()),
                                session::tell);
                counted.add(kind.label() + (stops.isEmpty() ? "" : " (not passed: " + note + ")"));
            }
        }
        HomeLanded.of(flight.debrief().flight())
                .ifPresent(l -> count(flight, ProofKind.HOME_LANDED, l.whole(), l.words(), Map.of(), counted));
        Setup setup = flight.revision().setup();
        PowerTrim.of(flight.log(), setup.controls(), setup.modes().limits().cruiseSpeed())
                .ifPresent(t -> count(
                        flight,
                        ProofKind.POWER_TRIMS,
                        true,
                        "without power " + Quantity.SHARE_FINE.text(t.needed()) + " of elevator",
                        t.values(),
                        counted));
        session.tell(
                counted.isEmpty()
                        ? "No mode was flown for 30 s in this log, and nothing else in it is evidence: nothing to count."
                        : "Counted for r" + flight.revision().number() + ": " + String.join(", ", counted) + ".");
    }

    private void count(
            Read flight,
            ProofKind kind,
            boolean passed,
            String words,
            Map<String, Double> values,
            List<String> counted) {
        String note = "Flight " + flight.flight().number() + ", " + words;
        flight.aircraft()
                .prove(
                        flight.aircraft().proof(flight.revision(), kind, Evidence.REAL, passed, note, values),
                        session::tell);
        counted.add(kind.label() + (passed ? "" : " (not passed: " + words + ")"));
    }

    /** Findings that say something of these modes and of those that do more, and nothing of others. */
    private static final Map<String, FlightMode> FROM = Map.of(
            StickRestCheck.ID, FlightMode.RATE,
            HelperCheck.ID, FlightMode.RATE,
            UpsetCheck.ID, FlightMode.LEVEL,
            SlowCheck.ID, FlightMode.HOLD,
            ClimbCheck.ID, FlightMode.HOLD,
            CircleCheck.ID, FlightMode.HOLD);

    /** What stops a mode: everything that stops, but a swing only in the mode that swings, and what speaks of other modes not. */
    private static List<Finding> stops(Debrief debrief, FlightMode mode) {
        boolean swings = debrief.flight().swings().found().stream()
                .anyMatch(o -> !o.diesAway() && o.mode().equals(Optional.of(mode)));
        return debrief.findings().stream()
                .filter(f -> f.state() == Finding.State.STOP)
                .filter(f -> swings || !f.id().equals(SwingCheck.ID))
                .filter(f -> mode.compareTo(FROM.getOrDefault(f.id(), FlightMode.MANUAL)) >= 0)
                .toList();
    }

    private static double seconds(Read flight, FlightMode mode) {
        double seconds = 0;
        for (ModeSegment s : flight.debrief().flight().segments()) {
            if (s.mode() == mode) {
                seconds += flight.log().time(s.to() - 1) - flight.log().time(s.from());
            }
        }
        return seconds;
    }
}
