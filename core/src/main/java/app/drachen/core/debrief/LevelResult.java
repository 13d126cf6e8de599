package app.drachen.core.debrief;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * A release into Level from a bank (MAIDEN-A9).
 *
 * <p>Source: definition: settled when |φ| stays under 5° for 3 s, or for the rest of the stretch, as long as the roll
 * stick is let go, and does not go beyond 10° afterwards. Less than that is left to gusts.
 *
 * @param time of the release [s]
 * @param bank at the release [rad]
 * @param settle time until it has settled [s]; infinite if it never does
 * @param overshoot greatest bank to the other side [rad], not negative
 * @param climb mean climb over the last half [m/s]
 */
public record LevelResult(double time, double bank, double settle, double overshoot, double climb) {
    private static final double SETTLED = Math.toRadians(5);

    /** A bank beyond this after it seemed settled is more than a gust: it has not settled yet. */
    private static final double AGAIN = 2 * SETTLED;

    /** How long the bank must stay small [s]. */
    private static final double STAYS = 3;

    /** A stick beyond this is held by someone [-]. */
    private static final double HELD = 0.10;

    /** All releases of 4 s or more from at least 15° of bank. */
    public static List<LevelResult> of(FlightLog log, List<ModeSegment> segments) {
        List<LevelResult> found = new ArrayList<>();
        for (ModeSegment segment : segments) {
            double bank = log.value(LogColumn.ROLL, segment.from());
            int end = handsOff(log, segment);
            double seconds = log.time(end - 1) - log.time(segment.from());
            if (segment.mode() != FlightMode.LEVEL || seconds < 4 || !(Math.abs(bank) > Math.toRadians(15))) {
                continue;
            }
            double settle = 0;
            double overshoot = 0;
            int known = 0;
            for (int row = segment.from(); row < end; row++) {
                double roll = log.value(LogColumn.ROLL, row);
                known += Double.isNaN(roll) ? 0 : 1;
                double after = log.time(row) - log.time(segment.from());
                if (Math.abs(roll) > (after - settle < STAYS ? SETTLED : AGAIN)) {
                    settle = after;
                }
                overshoot = Double.isNaN(roll) ? overshoot : Math.max(overshoot, -roll * Math.signum(bank));
            }
            if (known < 0.9 * (end - segment.from())) {
                // what happened in the gaps is not known
                continue;
            }
            boolean never = settle > seconds - 0.5;
            int half = (segment.from() + end) / 2;
            found.add(new LevelResult(
                    log.time(segment.from()),
                    bank,
                    never ? Double.POSITIVE_INFINITY : settle,
                    overshoot,
                    log.mean(LogColumn.CLIMB, half, end)));
        }
        return found;
    }

    /** Row at which the pilot takes the stick again, after a second to let go of it. */
    private static int handsOff(FlightLog log, ModeSegment segment) {
        int row = Math.min(segment.to() - 1, log.rowAt(log.time(segment.from()) + 1));
        while (row < segment.to() && !(Math.abs(log.value(LogColumn.STICK_ROLL, row)) > HELD)) {
            row++;
        }
        return row;
    }

    /** The settling time as a working. */
    public Working working() {
        return Working.of(
                "MAIDEN-A9",
                "Level settles",
                settle,
                Quantity.TIME,
                "time from the release until |φ| stays below 5° for 3 s, and below 10° from there",
                new Source.Elementary("definition"),
                Working.in("released at", time, Quantity.TIME),
                Working.in("from a bank of", bank, Quantity.ANGLE),
                Working.in("overshoot", overshoot, Quantity.ANGLE),
                Working.in("mean climb afterwards", climb, Quantity.CLIMB));
    }
}
