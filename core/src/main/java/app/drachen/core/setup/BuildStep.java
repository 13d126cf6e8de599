package app.drachen.core.setup;

import java.util.List;
import java.util.Set;

/**
 * Steps of building that others need, or that hide what others need.
 *
 * <p>Source: common practice.
 */
public enum BuildStep {
    SERVOS_CENTRED("servos centred with power on, then horns fitted"),
    LINKAGES_SET("linkages set, secured, free of play", SERVOS_CENTRED),
    WING_CLOSED("servo bays or wing skin closed", SERVOS_CENTRED, LINKAGES_SET),
    BOARD_FIXED("autopilot fixed, its direction noted"),
    BOARD_SET_UP("autopilot set up through its data port", BOARD_FIXED),
    RECEIVER_BOUND("receiver bound, loss of signal seen on the bench"),
    SENSORS_PLACED("satellite receiver and airspeed tube placed away from currents"),
    PACK_POLARITY("plugs of pack and speed controller measured for polarity"),
    MOTOR_TURNED("motor turns the right way, propeller off", PACK_POLARITY, RECEIVER_BOUND),
    BOARD_COVERED("hatch or wing over the board for good", BOARD_SET_UP, RECEIVER_BOUND, SENSORS_PLACED),
    BALANCED("weighed and balanced, pack marked", WING_CLOSED, BOARD_COVERED),
    PROPELLER_ON("propeller on for the field", MOTOR_TURNED, LINKAGES_SET, BALANCED);

    private final String label;
    private final List<BuildStep> needs;

    BuildStep(String label, BuildStep... needs) {
        this.label = label;
        this.needs = List.of(needs);
    }

    /** What is done. */
    public String label() {
        return label;
    }

    /** What it needs, or hides the way to. */
    public List<BuildStep> needs() {
        return needs;
    }

    /** What it needs of steps that are still open. */
    public List<BuildStep> open(Set<BuildStep> done) {
        return needs.stream().filter(n -> !done.contains(n)).toList();
    }
}
