package app.drachen.core.controls;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Everything between the sticks and the surfaces.
 *
 * @param outputs outputs in the order of the board
 * @param trims trims left in the radio
 * @param rates rates and expo of Manual
 */
public record ControlSetup(List<Output> outputs, RadioTrims trims, Rates rates) {
    public ControlSetup {
        outputs = List.copyOf(outputs);
        long channels = outputs.stream().mapToInt(Output::channel).distinct().count();
        if (outputs.stream().map(Output::surface).distinct().count() != outputs.size()) {
            throw new IllegalArgumentException("two outputs move the same thing; give each its own");
        }
        if (channels != outputs.size()) {
            throw new IllegalArgumentException("two outputs share a channel; give each its own");
        }
    }

    public Optional<Output> output(Surface surface) {
        return outputs.stream().filter(o -> o.surface().equals(surface)).findFirst();
    }

    /** Outputs that move a surface in the air. */
    public List<Output> surfaces() {
        return outputs.stream().filter(o -> o.surface().inTheAir()).toList();
    }

    /** The same with the outputs of one surface changed. */
    public ControlSetup change(Surface surface, UnaryOperator<Output> change) {
        List<Output> changed = new ArrayList<>();
        for (Output output : outputs) {
            changed.add(output.surface().equals(surface) ? change.apply(output) : output);
        }
        return new ControlSetup(changed, trims, rates);
    }

    /** The same with other trims. */
    public ControlSetup withTrims(RadioTrims newTrims) {
        return new ControlSetup(outputs, newTrims, rates);
    }

    /** The same with other rates. */
    public ControlSetup withRates(Rates newRates) {
        return new ControlSetup(outputs, trims, newRates);
    }

    /**
     * Carries the radio trims into the servo centres and zeroes them (THROWS-A8): c′ = c + sense·Σ
     * share·trim·500 µs. The surfaces stay where they are when the sticks are let go.
     */
    public ControlSetup trimsCarried() {
        return shiftCentres(trims.roll(), trims.pitch(), trims.yaw()).withTrims(RadioTrims.NONE);
    }

    /**
     * Shifts the centres so that a standing command becomes part of them.
     *
     * @param roll standing command [-]
     * @param pitch standing command [-]
     * @param yaw standing command [-]
     */
    public ControlSetup shiftCentres(double roll, double pitch, double yaw) {
        List<Output> changed = new ArrayList<>();
        for (Output output : outputs) {
            double mixed = output.mix().mix(roll, pitch, yaw, 0);
            changed.add(
                    output.surface().isMotor()
                            ? output
                            : output.withCentre(Math.rint(output.unlimitedPulse(mixed) * 10) / 10));
        }
        return new ControlSetup(changed, trims, rates);
    }
}
