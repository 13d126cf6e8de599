package app.drachen.core.airframe;

/** What a part is, as far as rules and drawing care. */
public enum PartKind {
    AUTOPILOT("autopilot"),
    RECEIVER("receiver"),
    SATELLITE_RECEIVER("satellite receiver"),
    PACK("pack"),
    MOTOR("motor"),
    SPEED_CONTROLLER("speed controller"),
    SERVO("servo"),
    CAMERA("camera"),
    VIDEO_SENDER("video sender"),
    BALLAST("ballast"),
    OTHER("other");

    private final String label;

    PartKind(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
