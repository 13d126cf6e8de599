package app.drachen.core.rehearsal;

import static app.drachen.core.math.Statistics.length;

import app.drachen.core.autopilot.Autopilot;
import app.drachen.core.autopilot.Sticks;
import app.drachen.core.controls.Output;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.sensing.Sensed;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Writes the log of a rehearsal, row by row, from what the board knows and what the aircraft draws. */
final class Recorder {
    private final FlightLog.Builder log;
    private final List<Optional<LogColumn>> outputColumns;

    Recorder(List<Output> outputs) {
        log = new FlightLog.Builder(columns(outputs));
        outputColumns = outputs.stream().map(o -> LogColumn.output(o.channel())).toList();
    }

    /** The log so far. */
    FlightLog log() {
        return log.build();
    }

    private static Set<LogColumn> columns(List<Output> outputs) {
        Set<LogColumn> columns = EnumSet.range(LogColumn.MODE, LogColumn.CHARGE);
        columns.add(LogColumn.STEP);
        columns.addAll(List.of(LogColumn.HELPER, LogColumn.LINK, LogColumn.FIX, LogColumn.AIRSPEED_MEASURED));
        for (Output output : outputs) {
            LogColumn.output(output.channel()).ifPresent(columns::add);
        }
        return columns;
    }

    /** Adds a row at a time [s]. */
    void record(
            double time,
            int step,
            boolean link,
            Sticks sticks,
            Autopilot autopilot,
            Sensed sensed,
            Aircraft aircraft,
            double[] pulses) {
        log.row(time);
        log.put(LogColumn.MODE, autopilot.mode().ordinal())
                .put(LogColumn.STICK_ROLL, sticks.roll())
                .put(LogColumn.STICK_PITCH, sticks.pitch())
                .put(LogColumn.STICK_YAW, sticks.yaw())
                .put(LogColumn.STICK_POWER, sticks.power())
                .put(LogColumn.POWER, autopilot.powerCommand())
                .put(LogColumn.ROLL, sensed.roll())
                .put(LogColumn.PITCH, sensed.pitch())
                .put(LogColumn.HEADING, sensed.heading())
                .put(LogColumn.ROLL_RATE, sensed.rollRate())
                .put(LogColumn.PITCH_RATE, sensed.pitchRate())
                .put(LogColumn.YAW_RATE, sensed.yawRate())
                .put(LogColumn.WANTED_ROLL, autopilot.wantedRoll())
                .put(LogColumn.WANTED_PITCH, autopilot.wantedPitch())
                .put(LogColumn.AIRSPEED, sensed.airspeed())
                .put(LogColumn.GROUND_SPEED, length(sensed.velocityNorth(), sensed.velocityEast()))
                .put(LogColumn.COURSE, Math.atan2(sensed.velocityEast(), sensed.velocityNorth()))
                .put(LogColumn.NORTH, sensed.north())
                .put(LogColumn.EAST, sensed.east())
                .put(LogColumn.HEIGHT, sensed.height())
                .put(LogColumn.CLIMB, sensed.climb())
                .put(LogColumn.LOAD_FACTOR, aircraft.loadFactor())
                .put(LogColumn.VOLTS, aircraft.volts())
                .put(LogColumn.AMPS, aircraft.current())
                .put(LogColumn.CHARGE, aircraft.chargeUsed())
                .put(LogColumn.STEP, step)
                .put(LogColumn.HELPER, autopilot.helper().ordinal())
                .put(LogColumn.LINK, link ? 1 : 0)
                .put(LogColumn.FIX, sensed.positionGood() ? 3 : 0)
                .put(LogColumn.AIRSPEED_MEASURED, sensed.airspeedGood() ? 1 : 0);
        for (int i = 0; i < pulses.length; i++) {
            Optional<LogColumn> column = outputColumns.get(i);
            if (column.isPresent()) {
                log.put(column.get(), pulses[i]);
            }
        }
    }
}
