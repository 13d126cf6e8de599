package app.drachen.desktop.stage.debrief;

import app.drachen.core.debrief.Debrief;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import app.drachen.desk.flight.Flight;
import app.drachen.desktop.chart.StripChart;
import java.util.ArrayList;
import java.util.List;

/**
 * A flight as it is read: rehearsed a moment ago, or from the logbook.
 *
 * @param setup the aircraft as it was flown
 * @param revision its revision
 * @param log the flight
 * @param debrief what it shows
 * @param marks moments to mark
 * @param headline how it ended, one sentence
 */
public record Reading(
        Setup setup, int revision, FlightLog log, Debrief debrief, List<StripChart.Mark> marks, String headline) {
    public Reading {
        marks = List.copyOf(marks);
    }

    /** A rehearsed flight, with the steps of its card marked. */
    public static Reading of(Flight flight) {
        FlightLog log = flight.log();
        List<StripChart.Mark> marks = new ArrayList<>();
        double last = -1;
        for (int row = 0; row < log.rows(); row++) {
            double step = log.value(LogColumn.STEP, row);
            if (step != last && step >= 1 && step <= flight.card().steps().size()) {
                String word = flight.card().steps().get((int) step - 1).title();
                marks.add(new StripChart.Mark(log.time(row), word.split(" ")[0].replace(",", "")));
                last = step;
            }
        }
        return new Reading(
                flight.setup(),
                flight.revision(),
                log,
                flight.debrief(),
                marks,
                flight.outcome().sentence());
    }
}
