package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Lost.What;
import app.drachen.core.debrief.Stretches;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** MAIDEN-R11: within 2 s after the release it neither rolls away nor flies below the stall. Looked at where the log shows the launch. */
public final class LaunchCheck implements DebriefCheck {
    private static final double STOPS = Math.toRadians(45);
    private static final double WARNS = Math.toRadians(25);
    private static final double WITHIN = 2;
    private static final double LOW = 5;

    /** Less of it than this is too little to say that it went straight [s]. */
    private static final double ENOUGH = 1.5;

    @Override
    public String id() {
        return "MAIDEN-R11";
    }

    @Override
    public String looksFor() {
        return "Within 2 s of the release it banks less than 25° against the stick and is faster than its stall.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        FlightLog log = flight.log();
        if (flight.facts().isEmpty() || !log.has(LogColumn.ROLL)) {
            return List.of();
        }
        FlightFacts facts = flight.facts().get();
        double height = log.value(LogColumn.HEIGHT, facts.launch()) - facts.ground();
        boolean shown = height < LOW && log.rowAt(facts.launchTime() + WITHIN) < log.rows();
        if (!shown) {
            return List.of();
        }
        List<Finding> findings = new ArrayList<>();
        int end = log.rowAt(facts.launchTime() + WITHIN);
        double known = Stretches.known(log, facts.launch(), end, row -> !Double.isNaN(log.value(LogColumn.ROLL, row)));
        double roll = 0;
        double against = 0;
        int n = 0;
        for (int row = facts.launch(); row < end; row++) {
            double now = log.value(LogColumn.ROLL, row);
            double stick = log.value(LogColumn.STICK_ROLL, row);
            roll = Math.abs(now) > Math.abs(roll) ? now : roll;
            against += Double.isNaN(stick) ? 0 : stick;
            n++;
        }
        String side = roll > 0 ? "right" : "left";
        boolean held = against / n * Math.signum(roll) < -0.05;
        if (Math.abs(roll) > STOPS || Math.abs(roll) > WARNS && held) {
            findings.add(Finding.of(
                            id(),
                            Math.abs(roll) > STOPS ? State.STOP : State.CAUTION,
                            "Rolled " + Quantity.BEARING.text(Math.abs(roll)) + " to the " + side + " at the release",
                            (held ? "The stick was held against it. " : "")
                                    + "Look at neutrals, servo senses, wing twist, the motor's torque, and at the throw.")
                    .during(facts.launchTime(), facts.launchTime() + WITHIN));
        }
        slow(flight, facts).ifPresent(findings::add);
        return findings.isEmpty() && known > ENOUGH
                ? List.of(Finding.of(
                        id(),
                        State.GOOD,
                        "Left the ground straight: at most " + Quantity.BEARING.text(Math.abs(roll))
                                + " of bank in 2 s",
                        ""))
                : findings;
    }

    private Optional<Finding> slow(Flown flight, FlightFacts facts) {
        FlightLog log = flight.log();
        double mean =
                log.mean(LogColumn.AIRSPEED, log.rowAt(facts.launchTime() + 0.3), log.rowAt(facts.launchTime() + 1.3));
        double height = log.value(LogColumn.HEIGHT, log.rowAt(facts.launchTime() + 0.8)) - facts.ground();
        return flight.expectedStall()
                .filter(stall ->
                        flight.lost().getOrDefault(What.AIRSPEED, List.of()).isEmpty())
                .filter(stall -> mean < 0.9 * stall.low() && height > 0.5)
                .map(stall -> Finding.of(
                                id(),
                                State.CAUTION,
                                "Launched at " + Quantity.SPEED.text(mean) + " of airspeed, below its stall",
                                "It stalls at " + Quantity.SPEED.text(stall.low()) + " to "
                                        + Quantity.SPEED.text(stall.high())
                                        + ". Throw harder into the wind, run up, or use a bungee or a longer roll.")
                        .during(facts.launchTime(), facts.launchTime() + WITHIN));
    }
}
