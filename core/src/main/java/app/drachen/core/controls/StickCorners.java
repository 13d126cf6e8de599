package app.drachen.core.controls;

import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * Clipping in every stick corner (THROWS-A6): outᵢ = centreᵢ + Σ shareᵢⱼ·stickⱼ·500 µs, extra mixes with it, over the corners
 * of roll, pitch, yaw, power and flaps; the clip is the excess over the travel.
 *
 * <p>Source: arithmetic. Exact.
 */
public final class StickCorners {
    private StickCorners() {}

    /**
     * The worst corner of one output.
     *
     * @param output the output
     * @param roll stick of the worst corner [-], −1 or 1
     * @param pitch stick of the worst corner [-], −1 or 1
     * @param yaw stick of the worst corner [-], −1 or 1
     * @param pulseMicros pulse asked for there [µs]
     * @param clip excess over the travel as a share of a full command [-], not negative
     */
    public record Corner(Output output, double roll, double pitch, double yaw, double pulseMicros, double clip) {}

    /** The worst corner of each surface output. */
    public static List<Corner> worst(ControlSetup controls) {
        List<Corner> corners = new ArrayList<>();
        for (Output output : controls.surfaces()) {
            Corner worst = null;
            double reach = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < 32; i++) {
                double roll = (i & 1) == 0 ? -1 : 1;
                double pitch = (i & 2) == 0 ? -1 : 1;
                double yaw = (i & 4) == 0 ? -1 : 1;
                double power = (i & 8) == 0 ? 0 : 1;
                double flaps = (i & 16) == 0 ? 0 : 1;
                double pulse = output.unlimitedPulse(Mixing.of(controls, output, roll, pitch, yaw, power, flaps));
                double excess = Math.max(pulse - output.highMicros(), output.lowMicros() - pulse);
                if (excess > reach) {
                    reach = excess;
                    double clip = Math.max(0, excess) / Output.FULL_COMMAND_MICROS;
                    worst = new Corner(output, roll, pitch, yaw, pulse, clip);
                }
            }
            corners.add(worst);
        }
        return corners;
    }

    /**
     * Roll that is left when the pitch stick is full: (room − pitch share)/roll share, for the output
     * that has least.
     *
     * @return share of the roll command still obeyed [-], 0 to 1; 1 where nothing is shared
     */
    public static double rollLeftAtFullPitch(ControlSetup controls) {
        double least = 1;
        for (Output output : controls.surfaces()) {
            double roll = Math.abs(output.mix().roll());
            double pitch = Math.abs(output.mix().pitch());
            if (roll > 0 && pitch > 0) {
                double room = Math.min(
                                output.highMicros() - output.centreMicros(), output.centreMicros() - output.lowMicros())
                        / Output.FULL_COMMAND_MICROS;
                least = Math.min(least, Math.max(0, (room - pitch) / roll));
            }
        }
        return Math.min(1, least);
    }

    /** THROWS-A6 as a working. */
    public static Working working(Corner corner) {
        MixRow mix = corner.output().mix();
        return Working.of(
                "THROWS-A6",
                corner.output().surface().label() + " clips",
                corner.clip(),
                Quantity.SHARE,
                "clip = (|centre + sense·Σ share·stick·500 µs| beyond the travel)/500 µs, worst of the corners",
                Source.ARITHMETIC,
                Working.in("roll share", mix.roll(), Quantity.SHARE),
                Working.in("pitch share", mix.pitch(), Quantity.SHARE),
                Working.in("yaw share", mix.yaw(), Quantity.SHARE),
                Working.in("roll stick", corner.roll(), Quantity.SHARE),
                Working.in("pitch stick", corner.pitch(), Quantity.SHARE),
                Working.in("yaw stick", corner.yaw(), Quantity.SHARE),
                Working.in("pulse asked for", corner.pulseMicros(), Quantity.PULSE),
                Working.in("lower end", corner.output().lowMicros(), Quantity.PULSE),
                Working.in("upper end", corner.output().highMicros(), Quantity.PULSE));
    }
}
