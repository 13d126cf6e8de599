package app.drachen.core.hearing;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Value;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** What is read in a row of a log. */
public final class Readings {
    private Readings() {}

    private static Optional<LogColumn> column(Value value) {
        return switch (value) {
            case PACK_VOLTS -> Optional.of(LogColumn.VOLTS);
            case TIME -> Optional.of(LogColumn.TIME);
            case MODE -> Optional.of(LogColumn.MODE);
            case HEIGHT -> Optional.of(LogColumn.HEIGHT);
            case CLIMB -> Optional.of(LogColumn.CLIMB);
            case AIRSPEED -> Optional.of(LogColumn.AIRSPEED);
            case GROUND_SPEED -> Optional.of(LogColumn.GROUND_SPEED);
            case HOME_BEARING, HOME_DISTANCE -> Optional.of(LogColumn.NORTH);
            case SATELLITES -> Optional.of(LogColumn.SATELLITES);
            case CHARGE -> Optional.of(LogColumn.CHARGE);
            case STRENGTH -> Optional.of(LogColumn.STRENGTH);
            case WIND -> Optional.of(LogColumn.WIND_NORTH);
            case CURRENT -> Optional.of(LogColumn.AMPS);
            case RPM -> Optional.of(LogColumn.ROTATION);
            case TEMPERATURE -> Optional.of(LogColumn.MOTOR_TEMPERATURE);
            case RECEIVER_VOLTS, POSITION -> Optional.empty();
        };
    }

    /** Whether a log has a value. */
    public static boolean has(FlightLog log, Value value) {
        return column(value).filter(log::has).isPresent();
    }

    /**
     * A value in a row.
     *
     * @param ground logged height of the launch [m]
     * @return [SI unit of the value]; NaN where it is not logged; strength over the loss [dB]
     */
    public static double of(FlightLog log, Setup setup, Value value, int row, double ground) {
        if (!has(log, value)) {
            return Double.NaN;
        }
        double read = log.value(column(value).orElseThrow(), row);
        return switch (value) {
            case TIME -> read - log.time(0);
            case HEIGHT -> read - ground;
            case HOME_BEARING -> (Math.atan2(-log.value(LogColumn.EAST, row), -read) + 2 * Math.PI) % (2 * Math.PI);
            case HOME_DISTANCE -> Math.hypot(read, log.value(LogColumn.EAST, row));
            case WIND -> Math.hypot(read, log.value(LogColumn.WIND_EAST, row));
            case STRENGTH -> setup.signals()
                    .scales()
                    .strength()
                    .map(p -> read - p.loss())
                    .orElse(Double.NaN);
            default -> read;
        };
    }

    /**
     * All values of a row that are logged there.
     *
     * @param ground logged height of the launch [m]
     */
    public static Map<Value, Double> all(FlightLog log, Setup setup, int row, double ground) {
        Map<Value, Double> all = new EnumMap<>(Value.class);
        for (Value value : Value.values()) {
            double read = of(log, setup, value, row, ground);
            if (!Double.isNaN(read)) {
                all.put(value, read);
            }
        }
        return all;
    }

    /**
     * What an alarm reads, from the value that reaches the pilot: cell volts of pack volts, what is shown of a strength over the loss.
     *
     * @param value [SI unit of the value]
     * @return [SI unit of the alarm's kind]
     */
    static double alarmed(Setup setup, Alarm.Kind kind, double value) {
        return switch (kind) {
            case PACK, RESTING -> value / setup.propulsion().pack().cells();
            case LINK -> setup.signals()
                    .scales()
                    .strength()
                    .map(p -> p.shown(p.loss() + value))
                    .orElse(Double.NaN);
            default -> value;
        };
    }
}
