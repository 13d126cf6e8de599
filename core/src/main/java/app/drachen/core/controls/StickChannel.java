package app.drachen.core.controls;

import app.drachen.core.units.Ranges;

/**
 * A stick of the radio on its way to the board: the channel it leaves on, what the board takes that channel for, and what was read there.
 *
 * @param stick the stick
 * @param channel it leaves the radio on, 1 to 16
 * @param means what the board takes this channel for
 * @param weight of the radio [-], −1.5 to 1.5
 * @param offset of the radio [-], −1 to 1
 * @param lowEnd end point of the radio below the middle [-], 0 to 1.5
 * @param highEnd end point above the middle [-], 0 to 1.5
 * @param subTrim of the radio [-], −0.5 to 0.5
 * @param lowMicros read at the board at the stick's lower end [µs], 700 to 2 300
 * @param middleMicros read with the stick let go [µs], 700 to 2 300
 * @param highMicros read at the stick's upper end [µs], 700 to 2 300
 */
public record StickChannel(
        Axis stick,
        int channel,
        Axis means,
        double weight,
        double offset,
        double lowEnd,
        double highEnd,
        double subTrim,
        double lowMicros,
        double middleMicros,
        double highMicros) {
    public StickChannel {
        Ranges.require("channel", channel, 1, 16, "-");
        Ranges.require("weight", weight, -1.5, 1.5, "-");
        Ranges.require("offset", offset, -1, 1, "-");
        Ranges.require("lower end point", lowEnd, 0, 1.5, "-");
        Ranges.require("upper end point", highEnd, 0, 1.5, "-");
        Ranges.require("sub-trim", subTrim, -0.5, 0.5, "-");
        Ranges.require("pulse at the lower end", lowMicros, 700, 2_300, "µs");
        Ranges.require("pulse in the middle", middleMicros, 700, 2_300, "µs");
        Ranges.require("pulse at the upper end", highMicros, 700, 2_300, "µs");
    }

    /** A stick as a radio has it when nothing was changed. */
    static StickChannel plain(Axis stick, int channel) {
        return new StickChannel(stick, channel, stick, 1, 0, 1, 1, 0, 1_000, 1_500, 2_000);
    }

    /**
     * Pulse that the radio sends.
     *
     * @param at where the stick is [-], −1 to 1
     * @param microsPerPercent of this radio [µs per %]
     * @param trim left in the radio, as a share of full stick [-]
     * @return [µs]
     */
    public double pulse(double at, double microsPerPercent, double trim) {
        double asked = weight * at + offset + trim;
        double ended = asked * (asked < 0 ? lowEnd : highEnd) + subTrim;
        return 1_500 + 100 * microsPerPercent * ended;
    }

    /**
     * The same stick with what was read at the board.
     *
     * @param low at its lower end [µs]
     * @param middle let go [µs]
     * @param high at its upper end [µs]
     */
    public StickChannel read(double low, double middle, double high) {
        return new StickChannel(stick, channel, means, weight, offset, lowEnd, highEnd, subTrim, low, middle, high);
    }

    /**
     * The same stick with another weight and offset.
     *
     * @param share weight [-]
     * @param shift offset [-]
     */
    public StickChannel weighted(double share, double shift) {
        return new StickChannel(
                stick, channel, means, share, shift, lowEnd, highEnd, subTrim, lowMicros, middleMicros, highMicros);
    }

    /**
     * The same stick with other end points and sub-trim.
     *
     * @param low end point below the middle [-]
     * @param high end point above it [-]
     * @param trim sub-trim [-]
     */
    public StickChannel ending(double low, double high, double trim) {
        return new StickChannel(
                stick, channel, means, weight, offset, low, high, trim, lowMicros, middleMicros, highMicros);
    }

    /** The same stick on another channel, taken for something else. */
    public StickChannel on(int number, Axis taken) {
        return new StickChannel(
                stick, number, taken, weight, offset, lowEnd, highEnd, subTrim, lowMicros, middleMicros, highMicros);
    }

    /** Whether it leaves the radio as it was moved, and is taken for what it is. */
    boolean plain() {
        return means == stick && weight == 1 && offset == 0 && lowEnd == 1 && highEnd == 1 && subTrim == 0;
    }
}
