package app.drachen.core.setup;

import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** A named part of the set-up that proofs depend on: the fields that its fingerprint is taken over ({@link FacetFields}). */
public enum Facet {
    AIRFRAME("airframe"),
    PARTS("parts"),
    PACKS("pack"),
    PROPULSION("propulsion"),
    LINKAGES("linkages"),
    OUTPUTS("outputs"),
    MIXER("mixer"),
    RADIO("sticks' channels"),
    SERVO_SENSES("servo senses"),
    SERVO_CENTRES("servo centres"),
    THROWS("throws"),
    RATES("rates"),
    RADIO_TRIMS("radio trims"),
    SELECTOR("selector"),
    LAUNCH_MODE("launch mode"),
    LIMITS("bank and pitch limits"),
    SPEED_RANGE("speed range"),
    CIRCLE("circle"),
    HOME_PROFILE("home profile"),
    LOSSES("losses"),
    ARMING("arming"),
    SECOND_PATH("second path"),
    BOARD_MOUNT("board mount"),
    BOARD("board"),
    BOARD_SOFTWARE("board software"),
    WIRING("wiring"),
    RAILS("rails"),
    PORTS("ports"),
    RADIOS("radios"),
    AERIALS("aerials"),
    VALUES("values"),
    ALARMS("alarms"),
    CALLS("calls"),
    SCALES("scales"),
    DISPLAY("display"),
    ROLL_GAINS("roll gains"),
    PITCH_GAINS("pitch gains"),
    YAW_GAINS("yaw gains"),
    HEIGHT_GAINS("height gains"),
    PATH_GAINS("path gains");

    private final String label;

    Facet(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** The fields of this facet by name. */
    Map<String, Object> fields(Setup setup) {
        return FacetFields.of(this, setup);
    }

    /** Stable short fingerprint of this facet of a set-up. */
    public String fingerprint(Setup setup) {
        return Prints.of(this, setup);
    }

    /** The facets in which two set-ups differ. */
    public static List<Facet> differing(Setup one, Setup other) {
        return Arrays.stream(values())
                .filter(f -> !f.fingerprint(one).equals(f.fingerprint(other)))
                .toList();
    }
}
