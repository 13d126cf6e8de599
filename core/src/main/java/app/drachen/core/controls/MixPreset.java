package app.drachen.core.controls;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * The usual mixers.
 *
 * <p>Source: hand-worked from the wanted senses of {@link Surface}; shares common practice.
 */
public enum MixPreset {
    CONVENTIONAL(
            "Ailerons, elevator, rudder",
            List.of(Surface.LEFT_AILERON, Surface.RIGHT_AILERON, Surface.ELEVATOR, Surface.RUDDER, Surface.MOTOR),
            1,
            1,
            1),
    ELEVON("Elevons", List.of(Surface.LEFT_ELEVON, Surface.RIGHT_ELEVON, Surface.MOTOR), 0.5, 0.5, 0),
    VEE(
            "Ailerons and V-tail",
            List.of(Surface.LEFT_AILERON, Surface.RIGHT_AILERON, Surface.LEFT_VEE, Surface.RIGHT_VEE, Surface.MOTOR),
            1,
            0.55,
            0.45);

    private final String label;
    private final List<Surface> surfaces;
    private final double rollShare;
    private final double pitchShare;
    private final double yawShare;

    MixPreset(String label, List<Surface> surfaces, double rollShare, double pitchShare, double yawShare) {
        this.label = label;
        this.surfaces = surfaces;
        this.rollShare = rollShare;
        this.pitchShare = pitchShare;
        this.yawShare = yawShare;
    }

    public String label() {
        return label;
    }

    public List<Surface> surfaces() {
        return surfaces;
    }

    /** The row this preset gives an output. */
    public MixRow row(Surface surface, boolean inverted) {
        if (surface.isMotor()) {
            return MixRow.MOTOR;
        }
        return new MixRow(
                rollShare * surface.wantedSign(Axis.ROLL, inverted),
                pitchShare * surface.wantedSign(Axis.PITCH, inverted),
                yawShare * surface.wantedSign(Axis.YAW, inverted),
                0);
    }

    /**
     * The controls with exactly this preset's outputs: those that are there get their row and keep the rest, missing ones
     * are made with usual values (servos of the right side mounted as mirror images), outputs of another kind go.
     */
    public ControlSetup apply(ControlSetup controls, boolean inverted) {
        List<Output> outputs = new ArrayList<>();
        for (Surface surface : surfaces) {
            MixRow row = row(surface, inverted);
            outputs.add(controls.output(surface)
                    .map(o -> o.withMix(row))
                    .orElseGet(() -> fresh(surface, row, controls, outputs)));
        }
        return new ControlSetup(outputs, controls.trims(), controls.rates());
    }

    private Output fresh(Surface surface, MixRow row, ControlSetup controls, List<Output> made) {
        Set<Integer> taken = new HashSet<>();
        made.forEach(o -> taken.add(o.channel()));
        surfaces.forEach(s -> controls.output(s).ifPresent(o -> taken.add(o.channel())));
        int channel = 1;
        while (taken.contains(channel)) {
            channel++;
        }
        boolean mirrored = surface.side() == Surface.Side.RIGHT;
        Linkage linkage = new Linkage(0.009, 0.014, Math.toRadians(45), !mirrored);
        return new Output(channel, surface, row, mirrored, 1500, 1000, 2000, 1500, linkage);
    }
}
