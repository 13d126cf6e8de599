package app.drachen.core.modes;

import app.drachen.core.controls.Axis;
import app.drachen.core.units.Ranges;
import java.util.List;

/**
 * A second way of control: a console on a slow link.
 *
 * @param axes what each axis of the console gives, at most 12
 * @param buttons what each button gives, at most 24
 * @param delay from hand to surface [s], 0 to 20; as entered
 * @param modes flown by it
 * @param action done when it is lost while it controls
 * @param radioStays whether the radio stays switched on beside it
 * @param takeBack how the radio takes control back, in words; empty if nobody said
 * @param handOver what console and radio ask for when control is handed over
 */
public record SecondPath(
        List<ConsoleAxis> axes,
        List<ConsoleButton> buttons,
        double delay,
        List<FlightMode> modes,
        Loss.Action action,
        boolean radioStays,
        String takeBack,
        Asked handOver) {
    /** A console whose four axes give the four commands, used from Hold upwards. */
    public static final SecondPath USUAL = new SecondPath(
            List.of(
                    new ConsoleAxis(1, Axis.ROLL, false, -1, 1),
                    new ConsoleAxis(2, Axis.PITCH, true, -1, 1),
                    new ConsoleAxis(3, Axis.POWER, false, -1, 1),
                    new ConsoleAxis(4, Axis.YAW, false, -1, 1)),
            List.of(new ConsoleButton(1, FlightMode.HOME)),
            0.35,
            List.of(FlightMode.HOLD, FlightMode.CIRCLE, FlightMode.HOME, FlightMode.MISSION),
            Loss.Action.OPEN,
            true,
            "",
            new Asked(0.5, 0.5, FlightMode.HOLD, FlightMode.HOLD));

    /**
     * What both ask for when control is handed over.
     *
     * @param consolePower where the console's power stands [-], 0 to 1
     * @param radioPower where the radio's power stick stands [-], 0 to 1
     * @param consoleMode the mode of the console
     * @param radioMode the mode of the radio's switch
     */
    public record Asked(double consolePower, double radioPower, FlightMode consoleMode, FlightMode radioMode) {
        public Asked {
            Ranges.require("power of the console", consolePower, 0, 1, "-");
            Ranges.require("power of the radio", radioPower, 0, 1, "-");
        }
    }

    /**
     * An axis of the console.
     *
     * @param number as the console counts it, 1 to 12
     * @param gives the command
     * @param reversed whether it is turned round
     * @param low read at one end [-], −1 to 1
     * @param high read at the other end [-], above the low one, to 1
     */
    public record ConsoleAxis(int number, Axis gives, boolean reversed, double low, double high) {
        public ConsoleAxis {
            Ranges.require("number of the axis", number, 1, 12, "-");
            Ranges.require("lower end of the axis", low, -1, 1, "-");
            if (!(high > low + 0.1 && high <= 1)) {
                throw new IllegalArgumentException(
                        "axis " + number + " hardly moves; its upper end lies above the lower, up to 1");
            }
        }

        /**
         * The command.
         *
         * @param read what the console reads [-], −1 to 1
         * @return [-], −1 to 1
         */
        public double command(double read) {
            double share = 2 * (Math.max(low, Math.min(high, read)) - low) / (high - low) - 1;
            return reversed ? -share : share;
        }
    }

    /**
     * A button of the console.
     *
     * @param number as the console counts it, 1 to 24
     * @param gives the mode
     */
    public record ConsoleButton(int number, FlightMode gives) {
        public ConsoleButton {
            Ranges.require("number of the button", number, 1, 24, "-");
        }
    }

    public SecondPath {
        axes = List.copyOf(axes);
        buttons = List.copyOf(buttons);
        modes = List.copyOf(modes);
        Ranges.require("number of axes", axes.size(), 0, 12, "-");
        Ranges.require("number of buttons", buttons.size(), 0, 24, "-");
        Ranges.require("delay of the second path", delay, 0, 20, "s");
        if (axes.stream().map(ConsoleAxis::gives).distinct().count() != axes.size()) {
            throw new IllegalArgumentException("two axes of the console give the same command; keep one");
        }
        if (buttons.stream().map(ConsoleButton::number).distinct().count() != buttons.size()) {
            throw new IllegalArgumentException("a button of the console stands twice; keep one");
        }
    }

    /** The same path with the radio left on, or switched off once it controls. */
    public SecondPath withRadio(boolean on) {
        return new SecondPath(axes, buttons, delay, modes, action, on, takeBack, handOver);
    }

    /** The same path with another action on its loss. */
    public SecondPath losing(Loss.Action to) {
        return new SecondPath(axes, buttons, delay, modes, to, radioStays, takeBack, handOver);
    }

    /**
     * The same path with another delay.
     *
     * @param seconds [s]
     */
    public SecondPath delayed(double seconds) {
        return new SecondPath(axes, buttons, seconds, modes, action, radioStays, takeBack, handOver);
    }

    /** The same path flying other modes. */
    public SecondPath flying(List<FlightMode> those) {
        return new SecondPath(axes, buttons, delay, those, action, radioStays, takeBack, handOver);
    }

    /** The same path taken back another way. */
    public SecondPath takenBack(String by) {
        return new SecondPath(axes, buttons, delay, modes, action, radioStays, by, handOver);
    }

    /** The same path with other demands of console and radio at the hand-over. */
    public SecondPath handed(Asked asked) {
        return new SecondPath(axes, buttons, delay, modes, action, radioStays, takeBack, asked);
    }

    /** The same path with other axes and buttons. */
    public SecondPath with(List<ConsoleAxis> those, List<ConsoleButton> pressed) {
        return new SecondPath(those, pressed, delay, modes, action, radioStays, takeBack, handOver);
    }
}
