package app.drachen.core.harness;

import app.drachen.core.airframe.PartKind;
import java.util.Optional;

/**
 * Kinds of devices with what one of the kind usually needs.
 *
 * <p>Source: own estimate from what such devices commonly need, ±50 % in currents; marked typical wherever it is used.
 */
public enum DeviceKind {
    SERVO("servo", PartKind.SERVO, 4.0, 6.0, 0.01, 0.25, 1.1, Signal.PULSE, 50),
    SPEED_CONTROLLER("speed controller", PartKind.SPEED_CONTROLLER, 7, 17, 0.05, 0.05, 0.05, Signal.PULSE, 400),
    MOTOR("motor", PartKind.MOTOR, 0, 0, 0, 0, 0, Signal.NONE, 0),
    RECEIVER("receiver", PartKind.RECEIVER, 4.0, 9, 0.08, 0.1, 0.12, Signal.SERIAL, 100_000),
    SATELLITE_RECEIVER(
            "satellite receiver", PartKind.SATELLITE_RECEIVER, 3.6, 5.5, 0.03, 0.05, 0.08, Signal.SERIAL, 38_400),
    COMPASS("compass", PartKind.OTHER, 3.6, 5.5, 0.005, 0.005, 0.01, Signal.BUS, 100_000),
    TELEMETRY_SENDER("telemetry sender", PartKind.OTHER, 4.3, 5.5, 0.03, 0.08, 0.15, Signal.SERIAL, 57_600),
    VIDEO_SENDER("video sender", PartKind.VIDEO_SENDER, 7, 17, 0.25, 0.3, 0.35, Signal.PICTURE_OUT, 0),
    CAMERA("camera", PartKind.CAMERA, 5, 13, 0.12, 0.15, 0.18, Signal.PICTURE_IN, 0),
    CURRENT_SENSOR("current sensor", PartKind.OTHER, 0, 0, 0, 0, 0, Signal.ANALOGUE, 0),
    AIRSPEED_SENSOR("airspeed sensor", PartKind.OTHER, 4.5, 5.5, 0.005, 0.005, 0.01, Signal.BUS, 100_000),
    REGULATOR("separate regulator", PartKind.OTHER, 6, 26, 0.02, 0.02, 0.02, Signal.NONE, 0),
    LIGHTS("lights", PartKind.OTHER, 4.5, 5.5, 0, 0.3, 0.4, Signal.NONE, 0),
    OTHER("other", PartKind.OTHER, 4.5, 5.5, 0.02, 0.05, 0.1, Signal.NONE, 0);

    private final String label;
    private final PartKind part;
    private final Draw draw;
    private final Want want;

    DeviceKind(
            String label,
            PartKind part,
            double least,
            double most,
            double idle,
            double work,
            double peak,
            Signal signal,
            double rate) {
        this.label = label;
        this.part = part;
        this.draw = new Draw(least, most, idle, work, peak);
        this.want = new Want(signal, "", rate, false, signal.pins());
    }

    public String label() {
        return label;
    }

    /** The kind of part that it usually is. */
    public PartKind part() {
        return part;
    }

    public Draw draw() {
        return draw;
    }

    public Want want() {
        return want;
    }

    /** Whether it warms so much that it needs air or a thermometer. */
    public boolean warm() {
        return this == MOTOR || this == SPEED_CONTROLLER || this == VIDEO_SENDER;
    }

    /** What a part usually is among the devices. */
    public static Optional<DeviceKind> of(PartKind kind) {
        for (DeviceKind device : values()) {
            if (device.part == kind && kind != PartKind.OTHER) {
                return Optional.of(device);
            }
        }
        return Optional.empty();
    }
}
