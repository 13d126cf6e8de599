package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Debrief;
import app.drachen.core.debrief.Flown;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** REACH-R9: how much of the pack was used. */
public final class ChargeCheck implements DebriefCheck {
    private static final double EMPTY = 3.3;
    private static final double NO_CURRENT = 1;
    private static final double SETTLES = 3;

    @Override
    public String id() {
        return "REACH-R9";
    }

    @Override
    public String looksFor() {
        return "At most 80 % of the pack is used.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        boolean asked = flight.log().has(LogColumn.ROLL)
                || flight.log().has(LogColumn.CHARGE)
                || flight.log().has(LogColumn.VOLTS);
        List<Finding> findings = new ArrayList<>();
        if (asked) {
            findings.add(check(flight));
        }
        rest(flight).ifPresent(findings::add);
        return findings;
    }

    /** Volts of a cell after the flight, where the log goes on for long enough without current. */
    private Optional<Finding> rest(Flown flight) {
        FlightLog log = flight.log();
        if (flight.facts().isEmpty() || flight.setup().isEmpty() || !log.has(LogColumn.VOLTS)) {
            return Optional.empty();
        }
        int from = log.rowAt(flight.facts().get().landingTime() + SETTLES);
        boolean current = log.mean(LogColumn.AMPS, from, log.rows()) < NO_CURRENT
                || !log.has(LogColumn.AMPS) && log.mean(LogColumn.POWER, from, log.rows()) < 0.02;
        if (from >= log.rows() - 1 || log.time(log.rows() - 1) - log.time(from) < SETTLES || !current) {
            return Optional.empty();
        }
        int cells = flight.setup().get().propulsion().pack().cells();
        double rest = log.mean(LogColumn.VOLTS, from, log.rows()) / cells;
        Working working = Working.of(
                "LOGBOOK-A1",
                "Volts of a cell at rest",
                rest,
                Quantity.VOLTAGE,
                "U/n",
                Source.ARITHMETIC,
                Working.in("pack at rest U", rest * cells, Quantity.VOLTAGE),
                Working.in("cells n", cells, Quantity.COUNT));
        String title = "The pack rests at " + Quantity.VOLTAGE.text(rest) + " a cell";
        Finding finding = rest < EMPTY
                ? Finding.of(
                        id(),
                        State.STOP,
                        title,
                        "Under " + Quantity.VOLTAGE.text(EMPTY)
                                + " a cell of lithium-polymer is harmed: inspect the pack.",
                        working)
                : Finding.of(id(), State.GOOD, title, "", working);
        return Optional.of(finding.during(log.time(from), log.time(log.rows() - 1)));
    }

    private Finding check(Flown flight) {
        Optional<Double> used = Debrief.usedShare(flight.log(), flight.setup());
        if (used.isEmpty()) {
            return Finding.of(
                    id(),
                    State.OPEN,
                    "Use of the pack not known",
                    "It needs the charge in the log and the set-up that was flown.");
        }
        double share = used.get();
        double capacity = flight.setup().orElseThrow().propulsion().pack().capacity();
        Working working = Working.of(
                "LOGBOOK-A1",
                "Pack used",
                share,
                Quantity.SHARE,
                "Q/C",
                Source.ARITHMETIC,
                Working.in("charge used Q", share * capacity, Quantity.CHARGE),
                Working.in("capacity C", capacity, Quantity.CHARGE),
                Working.in("time", flight.log().duration(), Quantity.TIME));
        String title = Quantity.SHARE.text(share) + " of the pack used";
        if (share > 0.9) {
            return Finding.of(id(), State.STOP, title, "Over 90 %: inspect the pack.", working);
        }
        return share > 0.8
                ? Finding.of(id(), State.CAUTION, title, "Over 80 %: set an energy alarm.", working)
                : Finding.of(id(), State.GOOD, title, "", working);
    }
}
