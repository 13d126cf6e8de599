package app.drachen.core.debrief.checks;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Lost;
import app.drachen.core.debrief.Swing;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What else than a gain may make a swing, as far as the log shows it: surfaces at their ends, a stick that rests off the middle, rows lost. */
final class SwingCauses {
    private static final double END_MICROS = 5;
    private static final double OFTEN = 0.05;
    private static final double POWER_ENDS = 0.25;

    private SwingCauses() {}

    /** The first of them, as a sentence; empty if none shows. */
    static Optional<String> of(Swing swing, Flown flight) {
        return ends(swing, flight)
                .or(() -> power(swing, flight))
                .or(() -> stick(swing, flight))
                .or(() -> rows(swing, flight));
    }

    private static Optional<Axis> axis(Swing swing) {
        return switch (swing.column()) {
            case ROLL, ROLL_RATE -> Optional.of(Axis.ROLL);
            case PITCH, PITCH_RATE, HEIGHT -> Optional.of(Axis.PITCH);
            case YAW_RATE -> Optional.of(Axis.YAW);
            default -> Optional.empty();
        };
    }

    /** TUNE-R20: a surface at its end for more than a twentieth of the time. */
    private static Optional<String> ends(Swing swing, Flown flight) {
        FlightLog log = flight.log();
        Optional<Axis> axis = axis(swing);
        if (axis.isEmpty() || flight.setup().isEmpty()) {
            return Optional.empty();
        }
        List<Output> outputs = flight.setup().get().controls().surfaces().stream()
                .filter(o -> Math.abs(o.mix().share(axis.get())) > 0.05)
                .toList();
        for (Output output : outputs) {
            Optional<LogColumn> column = LogColumn.output(output.channel()).filter(log::has);
            int at = 0;
            int n = 0;
            int last = log.rowAt(swing.to());
            for (int row = log.rowAt(swing.from()); column.isPresent() && row < last; row++) {
                double pulse = log.value(column.get(), row);
                n += Double.isNaN(pulse) ? 0 : 1;
                at += pulse <= output.lowMicros() + END_MICROS || pulse >= output.highMicros() - END_MICROS ? 1 : 0;
            }
            if (n > 0 && (double) at / n > OFTEN) {
                return Optional.of(
                        output.surface().label() + " is at its end for " + Quantity.SHARE.text((double) at / n)
                                + " of that time: more throw before any gain is changed.");
            }
        }
        return Optional.empty();
    }

    /** HOMING-R11: up and down while the power is at its end is no matter of a gain. */
    private static Optional<String> power(Swing swing, Flown flight) {
        FlightLog log = flight.log();
        boolean byItself = swing.mode().filter(FlightMode::fliesByItself).isPresent();
        if (!byItself || !axis(swing).equals(Optional.of(Axis.PITCH)) || !log.has(LogColumn.POWER)) {
            return Optional.empty();
        }
        int last = log.rowAt(swing.to());
        int first = log.rowAt(swing.from());
        int at = 0;
        for (int row = first; row < last; row++) {
            double power = log.value(LogColumn.POWER, row);
            at += power > 0.97 || power < 0.03 ? 1 : 0;
        }
        double share = last > first ? (double) at / (last - first) : 0;
        return share > POWER_ENDS
                ? Optional.of("The power is at its end for " + Quantity.SHARE.text(share)
                        + " of that time: it is asked for a height or speed that it cannot hold; mend that first.")
                : Optional.empty();
    }

    private static Optional<String> stick(Swing swing, Flown flight) {
        boolean roll = axis(swing).equals(Optional.of(Axis.ROLL));
        return roll && StickRestCheck.off(flight)
                ? Optional.of("The roll stick rests off the middle: mend that first, then look again.")
                : Optional.empty();
    }

    private static Optional<String> rows(Swing swing, Flown flight) {
        return flight.lost().values().stream()
                .flatMap(List::stream)
                .filter(l -> l.what() != Lost.What.LINK)
                .filter(l -> l.span().from() < swing.to() && l.span().to() > swing.from())
                .findFirst()
                .map(l -> "In that time the " + l.what().label().toLowerCase(Locale.ROOT)
                        + " was lost: mend that first, then look again.");
    }
}
