package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Stretches;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Span;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** LOGBOOK-A5, a part: while power is asked for, current flows. Looked at where both are logged and a current was ever seen. */
public final class MotorCheck implements DebriefCheck {
    private static final double ASKED = 0.3;
    private static final double LEAST = 1.5;
    private static final double SEEN = 2;

    @Override
    public String id() {
        return "LOGBOOK-A5";
    }

    @Override
    public String looksFor() {
        return "While power is asked for, current flows.";
    }

    /** Whether power is asked for; where only the stick is logged, in modes in which it is the power. */
    private static boolean asked(Flown flight, int row) {
        FlightLog log = flight.log();
        double mode = log.value(LogColumn.MODE, row);
        boolean itself = log.has(LogColumn.STICK_POWER) || mode < FlightMode.HOLD.ordinal();
        return itself && log.value(LogColumn.POWER, row) > ASKED;
    }

    @Override
    public List<Finding> findings(Flown flight) {
        FlightLog log = flight.log();
        if (flight.facts().isEmpty() || !log.has(LogColumn.AMPS) || !log.has(LogColumn.POWER)) {
            return List.of();
        }
        FlightFacts facts = flight.facts().get();
        double[] amps = IntStream.rangeClosed(facts.launch(), facts.landing())
                .filter(row -> asked(flight, row))
                .mapToDouble(row -> log.value(LogColumn.AMPS, row))
                .filter(a -> !Double.isNaN(a))
                .toArray();
        Arrays.sort(amps);
        double usual = amps.length < 10 ? 0 : amps[amps.length * 3 / 4];
        if (usual < SEEN) {
            return List.of();
        }
        List<Span> dead = Stretches.measured(log, facts.launch(), facts.landing() + 1, LEAST, row -> {
            double current = log.value(LogColumn.AMPS, row);
            return Stretches.said(current, current < 0.05 * usual && asked(flight, row));
        });
        if (dead.isEmpty()) {
            return List.of();
        }
        Span first = dead.get(0);
        return List.of(Finding.of(
                        id(),
                        State.STOP,
                        "Power asked for, and no current for " + Quantity.TIME.text(first.to() - first.from()),
                        "Usually " + Quantity.CURRENT.text(usual)
                                + " flow at such power. Empty pack, controller, plug or motor: find out which before the next"
                                + " flight, propeller off.")
                .during(first.from(), first.to()));
    }
}
