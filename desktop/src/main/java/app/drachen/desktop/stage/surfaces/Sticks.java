package app.drachen.desktop.stage.surfaces;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.MixRow;
import app.drachen.core.controls.Mixing;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Rates;
import app.drachen.core.setup.Setup;
import app.drachen.desktop.drawing.BehindPainter;

/**
 * Where the sticks of the Throws screen stand, and what the outputs make of it.
 *
 * @param roll −1 to 1
 * @param pitch −1 to 1
 * @param yaw −1 to 1
 * @param power 0 to 1
 */
record Sticks(double roll, double pitch, double yaw, double power) {
    static final Sticks CENTRED = new Sticks(0, 0, 0, 0);

    /** What one output does. */
    record Answer(Output output, double pulseMicros, double deflection, double wanted) {
        /** Whether the surface goes the way it must, or hardly moves. */
        boolean right() {
            return stand().right();
        }

        BehindPainter.Stand stand() {
            return new BehindPainter.Stand(output.surface(), deflection, wanted, false);
        }
    }

    private static double limited(double value) {
        return Math.max(-1, Math.min(1, value));
    }

    Sticks moved(double byRoll, double byPitch, double byYaw, double byPower) {
        return new Sticks(
                limited(roll + byRoll),
                limited(pitch + byPitch),
                limited(yaw + byYaw),
                Math.max(0, Math.min(1, power + byPower)));
    }

    Answer answer(Setup setup, Output output) {
        ControlSetup controls = setup.controls();
        Rates rates = controls.rates();
        double r = rates.shape(limited(roll + controls.trims().roll()), rates.roll());
        double p = rates.shape(limited(pitch + controls.trims().pitch()), rates.pitch());
        double y = rates.shape(limited(yaw + controls.trims().yaw()), rates.yaw());
        MixRow mix = output.mix();
        double pulse = output.pulse(Mixing.of(controls, output, r, p, y, power, 0));
        boolean inverted = setup.invertedVee();
        double wanted = r * Math.abs(mix.roll()) * output.surface().wantedSign(Axis.ROLL, inverted)
                + p * Math.abs(mix.pitch()) * output.surface().wantedSign(Axis.PITCH, inverted)
                + y * Math.abs(mix.yaw()) * output.surface().wantedSign(Axis.YAW, inverted);
        return new Answer(output, pulse, output.deflection(pulse), wanted);
    }
}
