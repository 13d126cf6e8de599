package app.drachen.core.controls;

import app.drachen.core.units.Ranges;
import java.util.List;
import java.util.Optional;

/**
 * The radio as it is, and what the board makes of its channels.
 *
 * @param sticks the four sticks, each once
 * @param microsPerPercent property of the radio [µs per %], 3 to 7
 * @param trimStep of one click, as a share of full stick [-], 0.0005 to 0.05
 * @param mixes whether the radio mixes two sticks itself (elevons, a V-tail)
 * @param board what the board was calibrated to
 */
public record RadioSide(
        List<StickChannel> sticks, double microsPerPercent, double trimStep, boolean mixes, Calibration board) {
    /**
     * What the board takes for ends and middle.
     *
     * @param deadBand about the middle [µs], 0 to 50
     * @param low lower end [µs], 800 to 1 400
     * @param middle middle [µs], 1 400 to 1 600
     * @param high upper end [µs], 1 600 to 2 200
     */
    public record Calibration(double deadBand, double low, double middle, double high) {
        public Calibration {
            Ranges.require("dead band of the board", deadBand, 0, 50, "µs");
            Ranges.require("lower end of the board", low, 800, 1_400, "µs");
            Ranges.require("middle of the board", middle, 1_400, 1_600, "µs");
            Ranges.require("upper end of the board", high, 1_600, 2_200, "µs");
        }
    }

    public RadioSide {
        sticks = List.copyOf(sticks);
        Ranges.require("number of sticks", sticks.size(), 4, 4, "-");
        if (sticks.stream().map(StickChannel::stick).distinct().count() != 4) {
            throw new IllegalArgumentException("a stick stands twice; each of the four stands once");
        }
        Ranges.require("pulse per percent", microsPerPercent, 3, 7, "µs/%");
        Ranges.require("step of a trim click", trimStep, 0.0005, 0.05, "-");
    }

    /** A radio whose sticks leave in the order roll, pitch, power, yaw; 5.12 µs a percent and 0.5 % a click, common practice. */
    public static final RadioSide USUAL = new RadioSide(
            List.of(
                    StickChannel.plain(Axis.ROLL, 1),
                    StickChannel.plain(Axis.PITCH, 2),
                    StickChannel.plain(Axis.POWER, 3),
                    StickChannel.plain(Axis.YAW, 4)),
            5.12,
            0.005,
            false,
            new Calibration(5, 1_000, 1_500, 2_000));

    public StickChannel stick(Axis axis) {
        return sticks.stream().filter(s -> s.stick() == axis).findFirst().orElseThrow();
    }

    /** The stick that leaves on the channel that the board takes for something; none where no stick does. */
    public Optional<StickChannel> takenFor(Axis meaning) {
        return sticks.stream().filter(s -> s.means() == meaning).findFirst();
    }

    /** The same radio with one stick changed. */
    public RadioSide with(StickChannel changed) {
        List<StickChannel> all = sticks.stream()
                .map(s -> s.stick() == changed.stick() ? changed : s)
                .toList();
        return new RadioSide(all, microsPerPercent, trimStep, mixes, board);
    }

    /** The same radio, mixing itself or not. */
    public RadioSide mixing(boolean itself) {
        return new RadioSide(sticks, microsPerPercent, trimStep, itself, board);
    }

    /**
     * The same radio with other steps.
     *
     * @param perPercent [µs per %]
     * @param click step of a trim [-]
     */
    public RadioSide stepping(double perPercent, double click) {
        return new RadioSide(sticks, perPercent, click, mixes, board);
    }

    /** The same radio on a board calibrated otherwise. */
    public RadioSide on(Calibration other) {
        return new RadioSide(sticks, microsPerPercent, trimStep, mixes, other);
    }

    /**
     * What the board makes of a pulse.
     *
     * @param pulseMicros [µs]
     * @return [-], −1 to 1, 0 inside the dead band
     */
    public double command(double pulseMicros) {
        double off = pulseMicros - board.middle();
        if (Math.abs(off) <= board.deadBand()) {
            return 0;
        }
        double share = off < 0 ? off / (board.middle() - board.low()) : off / (board.high() - board.middle());
        return Math.max(-1, Math.min(1, share));
    }

    /** Whether every stick is heard as it was moved. */
    public boolean plain() {
        return !mixes && sticks.stream().allMatch(StickChannel::plain);
    }

    /**
     * Clicks that make a trim.
     *
     * @param trim as a share of full stick [-]
     */
    public long clicks(double trim) {
        return Math.round(trim / trimStep);
    }
}
