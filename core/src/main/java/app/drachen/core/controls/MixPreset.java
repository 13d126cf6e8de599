package app.drachen.core.controls;

import static app.drachen.core.controls.Surface.ELEVATOR;
import static app.drachen.core.controls.Surface.LEFT_AILERON;
import static app.drachen.core.controls.Surface.LEFT_ELEVON;
import static app.drachen.core.controls.Surface.LEFT_VEE;
import static app.drachen.core.controls.Surface.MOTOR;
import static app.drachen.core.controls.Surface.RIGHT_AILERON;
import static app.drachen.core.controls.Surface.RIGHT_ELEVON;
import static app.drachen.core.controls.Surface.RIGHT_VEE;
import static app.drachen.core.controls.Surface.RUDDER;

import app.drachen.core.controls.Surface.Role;
import app.drachen.core.controls.Surface.Side;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The usual mixers.
 *
 * <p>Source: hand-worked from the wanted senses of {@link Surface}; shares, differential and the flaps' pull on pitch are common practice.
 */
public enum MixPreset {
    CONVENTIONAL(
            "Ailerons, elevator, rudder", List.of(LEFT_AILERON, RIGHT_AILERON, ELEVATOR, RUDDER, MOTOR), 1, 1, 1, 0, 0),
    DIFFERENTIAL(
            "Ailerons with differential, elevator, rudder",
            List.of(LEFT_AILERON, RIGHT_AILERON, ELEVATOR, RUDDER, MOTOR),
            1,
            1,
            1,
            0,
            0),
    FLAPERON(
            "Flaperons, elevator, rudder",
            List.of(LEFT_AILERON, RIGHT_AILERON, ELEVATOR, RUDDER, MOTOR),
            0.7,
            1,
            1,
            0.3,
            0),
    FLAPS(
            "Ailerons, flaps, elevator, rudder",
            List.of(
                    LEFT_AILERON,
                    RIGHT_AILERON,
                    new Surface(Role.FLAP, Side.LEFT, 1),
                    new Surface(Role.FLAP, Side.RIGHT, 1),
                    ELEVATOR,
                    RUDDER,
                    MOTOR),
            1,
            1,
            1,
            0,
            1),
    TWO_RUDDERS(
            "Ailerons, elevator, two rudders",
            List.of(
                    LEFT_AILERON,
                    RIGHT_AILERON,
                    ELEVATOR,
                    new Surface(Role.RUDDER, Side.LEFT, 1),
                    new Surface(Role.RUDDER, Side.RIGHT, 1),
                    MOTOR),
            1,
            1,
            1,
            0,
            0),
    TWIN(
            "Ailerons, elevator, rudder, two motors",
            List.of(
                    LEFT_AILERON,
                    RIGHT_AILERON,
                    ELEVATOR,
                    RUDDER,
                    new Surface(Role.MOTOR, Side.LEFT, 1),
                    new Surface(Role.MOTOR, Side.RIGHT, 2)),
            1,
            1,
            1,
            0,
            0),
    ELEVON("Elevons", List.of(LEFT_ELEVON, RIGHT_ELEVON, MOTOR), 0.5, 0.5, 0, 0, 0),
    VEE("Ailerons and V-tail", List.of(LEFT_AILERON, RIGHT_AILERON, LEFT_VEE, RIGHT_VEE, MOTOR), 1, 0.55, 0.45, 0, 0);

    /** Share of yaw by which two motors differ; common practice. */
    private static final double MOTOR_YAW = 0.15;

    /** Share of the downward throw that differential takes off; common practice. */
    private static final double LESS_DOWN = 0.4;

    /** Pitch that goes with full flaps until it is measured; a guess, and said to be. */
    private static final double FLAP_PITCH = -0.08;

    private final String label;
    private final List<Surface> surfaces;
    private final double rollShare;
    private final double pitchShare;
    private final double yawShare;
    private final double aileronFlaps;
    private final double flaps;

    MixPreset(
            String label,
            List<Surface> surfaces,
            double rollShare,
            double pitchShare,
            double yawShare,
            double aileronFlaps,
            double flaps) {
        this.label = label;
        this.surfaces = surfaces;
        this.rollShare = rollShare;
        this.pitchShare = pitchShare;
        this.yawShare = yawShare;
        this.aileronFlaps = aileronFlaps;
        this.flaps = flaps;
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
            double differs = surface.side() == Side.LEFT ? MOTOR_YAW : surface.side() == Side.RIGHT ? -MOTOR_YAW : 0;
            return new MixRow(0, 0, differs, 1);
        }
        double down =
                switch (surface.role()) {
                    case AILERON -> aileronFlaps;
                    case FLAP -> flaps;
                    default -> 0;
                };
        return new MixRow(
                rollShare * surface.wantedSign(Axis.ROLL, inverted),
                pitchShare * surface.wantedSign(Axis.PITCH, inverted),
                yawShare * surface.wantedSign(Axis.YAW, inverted),
                0,
                down);
    }

    /** The mixes beyond rows that this preset brings. */
    public List<ExtraMix> extras() {
        return switch (this) {
            case DIFFERENTIAL -> List.of(
                    lessDown("left differential", LEFT_AILERON, List.of(0.0, 0.0, -1.0)),
                    lessDown("right differential", RIGHT_AILERON, List.of(-1.0, 0.0, 0.0)));
            case FLAPS, FLAPERON -> List.of(new ExtraMix(
                    "flaps to pitch",
                    ExtraMix.Input.FLAPS,
                    "pitch",
                    FLAP_PITCH,
                    0,
                    1,
                    List.of(0.0, 1.0),
                    "",
                    1,
                    false));
            default -> List.of();
        };
    }

    private static ExtraMix lessDown(String name, Surface aileron, List<Double> curve) {
        return new ExtraMix(name, ExtraMix.Input.ROLL, aileron.id(), LESS_DOWN, -1, 1, curve, "", 0, true);
    }

    /** Mixes that some preset brings go when another one is chosen; a pilot's own stay. */
    private static List<ExtraMix> own(List<ExtraMix> extras) {
        Set<String> brought = new HashSet<>();
        Stream.of(values()).flatMap(p -> p.extras().stream()).forEach(m -> brought.add(m.name()));
        return extras.stream().filter(m -> !brought.contains(m.name())).toList();
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
        List<ExtraMix> mixes = new ArrayList<>(own(controls.extras()));
        mixes.addAll(extras());
        return controls.withOutputs(outputs).withExtras(mixes);
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
