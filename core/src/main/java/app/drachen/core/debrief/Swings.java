package app.drachen.core.debrief;

import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import java.util.List;
import java.util.Optional;

/**
 * What a log says about swings.
 *
 * @param found swings, the worst first
 * @param examined what was looked at
 * @param untold what cannot be told, each with why; where there is some, none shown is no proof of none
 */
public record Swings(List<Swing> found, List<Examined> examined, List<String> untold) {
    /** Nothing looked at. */
    static final Swings NONE = new Swings(List.of(), List.of(), List.of());

    public Swings {
        found = List.copyOf(found);
        examined = List.copyOf(examined);
        untold = List.copyOf(untold);
    }

    /**
     * What was looked at of one column in one mode.
     *
     * @param column the column
     * @param mode the mode, if the log names modes
     * @param seconds of flight [s]
     * @param reaches what would have been seen, by length of window; at least one
     * @param slowest least mean airspeed of a window; NaN without one [m/s]
     * @param fastest greatest mean airspeed of a window; NaN without one [m/s]
     */
    public record Examined(
            LogColumn column,
            Optional<FlightMode> mode,
            double seconds,
            List<Reach> reaches,
            double slowest,
            double fastest) {
        public Examined {
            reaches = List.copyOf(reaches);
        }

        /**
         * @return lowest frequency [Hz]
         */
        public double lowest() {
            return reaches.stream().mapToDouble(Reach::low).min().orElse(Double.NaN);
        }

        /**
         * @return highest frequency: 0.4 of the sampling rate, or 20 [Hz]
         */
        public double highest() {
            return reaches.stream().mapToDouble(Reach::high).max().orElse(Double.NaN);
        }
    }

    /**
     * What windows of one length would have shown.
     *
     * @param length of the windows [s]
     * @param low lowest frequency [Hz]
     * @param high highest frequency [Hz]
     * @param least size that would have been seen at nine of ten of these frequencies [SI unit of the column]
     */
    public record Reach(double length, double low, double high, double least) {}

    /** How bad a swing is against the limit of its column. */
    static double weight(Swing swing) {
        return swing.amplitude() / Swing.limit(swing.column()) * (swing.diesAway() ? 0.1 : 1);
    }

    /** Whether a much larger swing about the same axis goes on at the same time, to which this one may belong. */
    public boolean beside(Swing swing) {
        return found.stream()
                .anyMatch(o -> o.mode().equals(swing.mode())
                        && SwingHit.axis(o.column()) == SwingHit.axis(swing.column())
                        && o.from() < swing.to()
                        && o.to() > swing.from()
                        && weight(o) > 2 * weight(swing));
    }
}
