package app.drachen.core.hearing;

import app.drachen.core.log.FlightLog;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An alarm tried against a flight: when it would have spoken, how late, how often in vain.
 *
 * <p>Source: the chain of {@link Chain} with one choice of phases, so that a call may come a period earlier or later; a call is in vain where the value is not beyond any more when
 * it is heard.
 *
 * @param alarm which
 * @param crossings times at which the value itself went beyond, each once until it came back [s]
 * @param spoken times at which it spoke [s]
 * @param late for each of these, how long after the value went beyond [s]
 * @param inVain how many of these were in vain
 * @param furthest the value farthest beyond, over the whole flight [SI unit of the kind]
 */
public record AlarmTrial(
        Alarm alarm, List<Double> crossings, List<Double> spoken, List<Double> late, int inVain, double furthest) {
    public AlarmTrial {
        crossings = List.copyOf(crossings);
        spoken = List.copyOf(spoken);
        late = List.copyOf(late);
    }

    /**
     * Tries an alarm; empty where the log does not have what it reads, or its value does not reach the pilot.
     *
     * @param ground logged height of the launch [m]
     */
    public static Optional<AlarmTrial> of(FlightLog log, Setup setup, Alarm alarm, double ground) {
        Optional<Path> path = Path.of(setup, alarm.kind().value()).filter(Path::whole);
        if (path.isEmpty() || !Readings.has(log, alarm.kind().value()) || log.rows() < 2) {
            return Optional.empty();
        }
        Chain chain =
                new Chain(path.get().supplier().orElseThrow(), path.get().way().orElseThrow(), true, 1, 1);
        Speaker heard = new Speaker(alarm);
        Speaker truth = new Speaker(new Alarm(
                alarm.kind(), alarm.threshold(), alarm.hysteresis(), 0, alarm.priority(), alarm.words(), List.of()));
        List<Double> crossings = new ArrayList<>();
        List<Double> spoken = new ArrayList<>();
        List<Double> late = new ArrayList<>();
        int inVain = 0;
        double furthest = Double.NaN;
        for (int row = 0; row < log.rows(); row++) {
            double value = Readings.alarmed(
                    setup, alarm.kind(), Readings.of(log, setup, alarm.kind().value(), row, ground));
            if (Double.isNaN(value)) {
                continue;
            }
            boolean farther = Double.isNaN(furthest) || (alarm.kind().above() ? value > furthest : value < furthest);
            furthest = farther ? value : furthest;
            double time = log.time(row) - log.time(0);
            if (truth.speaks(time, value)) {
                crossings.add(log.time(row));
            }
            if (heard.speaks(time, chain.at(time, value))) {
                spoken.add(log.time(row));
                double since = crossings.isEmpty() ? log.time(row) : crossings.get(crossings.size() - 1);
                late.add(log.time(row) - since);
                inVain += alarm.beyond(value) ? 0 : 1;
            }
        }
        return Double.isNaN(furthest)
                ? Optional.empty()
                : Optional.of(new AlarmTrial(alarm, crossings, spoken, late, inVain, furthest));
    }

    /** In one sentence. */
    public String sentence() {
        String most = (alarm.kind().above() ? "greatest " : "least ")
                + alarm.kind().quantity().text(furthest);
        if (crossings.isEmpty()) {
            return spoken.isEmpty() ? "silent, as it should be: " + most : "speaks in vain " + spoken.size() + " times";
        }
        if (spoken.isEmpty()) {
            return "never speaks, although it should " + times(crossings.size()) + ": " + most;
        }
        double worst = late.stream().mapToDouble(l -> l).max().orElse(0);
        return "speaks " + times(spoken.size()) + ", " + Quantity.TIME.text(worst) + " late at most"
                + (inVain > 0 ? ", " + inVain + " in vain" : "") + ": " + most;
    }

    private static String times(int count) {
        return count == 1 ? "once" : count + " times";
    }
}
