package app.drachen.core.hearing;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;

/** What an alarm would read in a row of a log. */
final class Readings {
    private Readings() {}

    /** Whether a log has what an alarm reads. */
    static boolean has(FlightLog log, Alarm.Kind kind) {
        return switch (kind) {
            case HEIGHT -> log.has(LogColumn.HEIGHT);
            case PACK, RESTING -> log.has(LogColumn.VOLTS);
            case ENERGY -> log.has(LogColumn.CHARGE);
            case LINK -> log.has(LogColumn.STRENGTH);
            case SPEED -> log.has(LogColumn.AIRSPEED);
            case SATELLITES -> log.has(LogColumn.SATELLITES);
            case TEMPERATURE -> log.has(LogColumn.MOTOR_TEMPERATURE);
            case TIME -> true;
        };
    }

    /**
     * The value in a row.
     *
     * @param ground logged height of the launch [m]
     * @return [SI unit of the kind]; NaN where it is not logged
     */
    static double of(FlightLog log, Setup setup, Alarm.Kind kind, int row, double ground) {
        return switch (kind) {
            case HEIGHT -> log.value(LogColumn.HEIGHT, row) - ground;
            case PACK, RESTING -> log.value(LogColumn.VOLTS, row)
                    / setup.propulsion().pack().cells();
            case ENERGY -> log.value(LogColumn.CHARGE, row);
            case LINK -> setup.signals()
                    .scales()
                    .strength()
                    .map(p -> p.shown(log.value(LogColumn.STRENGTH, row)))
                    .orElse(Double.NaN);
            case SPEED -> log.value(LogColumn.AIRSPEED, row);
            case TIME -> log.time(row) - log.time(0);
            case SATELLITES -> log.value(LogColumn.SATELLITES, row);
            case TEMPERATURE -> log.value(LogColumn.MOTOR_TEMPERATURE, row);
        };
    }
}
