package app.drachen.core.controls;

import java.util.List;

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
        if (surface == Surface.MOTOR) {
            return MixRow.MOTOR;
        }
        return new MixRow(
                rollShare * surface.wantedSign(Axis.ROLL, inverted),
                pitchShare * surface.wantedSign(Axis.PITCH, inverted),
                yawShare * surface.wantedSign(Axis.YAW, inverted),
                0);
    }

    /** Gives every output that belongs to the preset its row; the others keep theirs. */
    public ControlSetup apply(ControlSetup controls, boolean inverted) {
        ControlSetup changed = controls;
        for (Surface surface : surfaces) {
            changed = changed.change(surface, o -> o.withMix(row(surface, inverted)));
        }
        return changed;
    }
}
