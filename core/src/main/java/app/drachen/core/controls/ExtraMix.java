package app.drachen.core.controls;

import app.drachen.core.units.Ranges;
import java.util.List;

/**
 * A mix beyond the mixer's rows: one command acts on another command, or on one output.
 *
 * <p>Source: common practice; the curve is straight between its points, which stand evenly from the lower to the upper end of the range.
 *
 * @param name its own
 * @param from what it reads
 * @param to what it adds to: {@code roll}, {@code pitch}, {@code yaw}, or the {@link Surface#id() id} of what an output moves
 * @param amount share added where the curve is 1 [-], −1 to 1
 * @param low lower end of the range of what is read [-], −1 to 1
 * @param high upper end of the range [-], above the lower, to 1
 * @param curve heights of the curve [-], 2 to 17 points, −1 to 1 each
 * @param onSwitch switch of the radio that turns it on in its last position; empty for always on
 * @param slowIn time in which it comes in fully [s], 0 to 10
 * @param measured whether its amount comes from trims measured in flight
 */
public record ExtraMix(
        String name,
        Input from,
        String to,
        double amount,
        double low,
        double high,
        List<Double> curve,
        String onSwitch,
        double slowIn,
        boolean measured) {
    /** What a list of mixes begins with: it does nothing. */
    public static final ExtraMix FIRST =
            new ExtraMix("mix", Input.POWER, "pitch", 0, 0, 1, List.of(0.0, 1.0), "", 0.5, false);

    /** What a mix may read. */
    public enum Input {
        ROLL("roll stick"),
        PITCH("pitch stick"),
        YAW("yaw stick"),
        POWER("power"),
        FLAPS("flaps"),
        ONE("always 1");

        private final String label;

        Input(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public ExtraMix {
        Ranges.requireText("name of the mix", name);
        Ranges.requireText("target of mix " + name, to);
        Ranges.require("amount of mix " + name, amount, -1, 1, "-");
        Ranges.require("lower end of mix " + name, low, -1, 1, "-");
        if (!(high > low && high <= 1)) {
            throw new IllegalArgumentException(
                    "the range of mix " + name + " ends before it begins; the upper end lies above the lower, up to 1");
        }
        curve = List.copyOf(curve);
        Ranges.require("number of points of mix " + name, curve.size(), 2, 17, "-");
        curve.forEach(c -> Ranges.require("a point of mix " + name, c, -1, 1, "-"));
        Ranges.require("slow-in of mix " + name, slowIn, 0, 10, "s");
    }

    /**
     * The mix of THROWS-A11: what pitch needs without power, fading out at cruise power.
     *
     * @param idleTrim pitch needed without power [-]
     * @param cruisePower power at which nothing is needed [-]
     */
    public static ExtraMix powerToPitch(double idleTrim, double cruisePower, String onSwitch, boolean measured) {
        return new ExtraMix(
                "power to pitch",
                Input.POWER,
                "pitch",
                idleTrim,
                0,
                cruisePower,
                List.of(1.0, 0.0),
                onSwitch,
                0.5,
                measured);
    }

    /**
     * What it adds once it is in.
     *
     * @param input what it reads [-], −1 to 1
     * @return [-]
     */
    public double value(double input) {
        double along = (Math.max(low, Math.min(high, input)) - low) / (high - low) * (curve.size() - 1);
        int left = (int) Math.min(curve.size() - 2, Math.floor(along));
        double share = along - left;
        return amount * ((1 - share) * curve.get(left) + share * curve.get(left + 1));
    }

    /** Whether it adds to a command, not to one output. */
    public boolean toCommand() {
        return to.equals("roll") || to.equals("pitch") || to.equals("yaw");
    }

    /**
     * The same mix with another amount.
     *
     * @param share [-]
     */
    public ExtraMix withAmount(double share, boolean fromTrims) {
        return new ExtraMix(name, from, to, share, low, high, curve, onSwitch, slowIn, fromTrims);
    }

    /** The same mix under another name. */
    public ExtraMix named(String other) {
        return new ExtraMix(other, from, to, amount, low, high, curve, onSwitch, slowIn, measured);
    }

    /** The same mix on a switch. */
    public ExtraMix on(String switchName) {
        return new ExtraMix(name, from, to, amount, low, high, curve, switchName, slowIn, measured);
    }
}
