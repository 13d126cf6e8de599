package app.drachen.core.controls;

import app.drachen.core.units.Ranges;
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
 * @param radio the sticks' channels, if they were entered
 * @param extras mixes beyond the mixer's rows, at most 12, each with its own name
 */
public record ControlSetup(
        List<Output> outputs, RadioTrims trims, Rates rates, Optional<RadioSide> radio, List<ExtraMix> extras) {
    public ControlSetup {
        outputs = List.copyOf(outputs);
        extras = List.copyOf(extras);
        Ranges.require("number of extra mixes", extras.size(), 0, 12, "-");
        if (extras.stream().map(ExtraMix::name).distinct().count() != extras.size()) {
            throw new IllegalArgumentException("two extra mixes have the same name; give each its own");
        }
        long channels = outputs.stream().mapToInt(Output::channel).distinct().count();
        if (outputs.stream().map(Output::surface).distinct().count() != outputs.size()) {
            throw new IllegalArgumentException("two outputs move the same thing; give each its own");
        }
        if (channels != outputs.size()) {
            throw new IllegalArgumentException("two outputs share a channel; give each its own");
        }
    }

    /** Controls without extra mixes, of whose radio nothing is known. */
    public ControlSetup(List<Output> outputs, RadioTrims trims, Rates rates) {
        this(outputs, trims, rates, Optional.empty(), List.of());
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
        return new ControlSetup(changed, trims, rates, radio, extras);
    }

    /** The same with other trims. */
    public ControlSetup withTrims(RadioTrims newTrims) {
        return new ControlSetup(outputs, newTrims, rates, radio, extras);
    }

    /** The same with other rates. */
    public ControlSetup withRates(Rates newRates) {
        return new ControlSetup(outputs, trims, newRates, radio, extras);
    }

    /** The same with other outputs. */
    public ControlSetup withOutputs(List<Output> newOutputs) {
        return new ControlSetup(newOutputs, trims, rates, radio, extras);
    }

    /** The same with another radio. */
    public ControlSetup withRadio(Optional<RadioSide> newRadio) {
        return new ControlSetup(outputs, trims, rates, newRadio, extras);
    }

    /** The same with other extra mixes. */
    public ControlSetup withExtras(List<ExtraMix> newExtras) {
        return new ControlSetup(outputs, trims, rates, radio, newExtras);
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
        return new ControlSetup(changed, trims, rates, radio, extras);
    }
}
