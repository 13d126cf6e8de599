package app.drachen.core.setup;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.controls.Output;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.function.Function;

/**
 * A named part of the set-up that proofs depend on. Two set-ups agree in a facet if and only if its
 * fingerprints are equal.
 *
 * <p>Source: SHA-256 (FIPS 180-4) of the facet's values as text, first 64 bits; records write all
 * their values in a fixed order.
 */
public enum Facet {
    AIRFRAME("airframe", Setup::airframe),
    PARTS(
            "parts",
            s -> s.parts().stream().filter(p -> p.kind() != PartKind.PACK).toList()),
    PACKS("pack", Facet::packs),
    PROPULSION(
            "propulsion",
            s -> List.of(
                    s.propulsion().motor(),
                    s.propulsion().propeller(),
                    s.propulsion().downThrust(),
                    s.propulsion().rightThrust())),
    LINKAGES("linkages", s -> each(s, o -> List.of(o.linkage(), o.neutralMicros()))),
    OUTPUTS("outputs", s -> each(s, o -> List.of(o.channel(), o.surface()))),
    MIXER("mixer", s -> each(s, o -> List.of(o.surface(), o.mix()))),
    SERVO_SENSES("servo senses", s -> each(s, o -> List.of(o.surface(), o.reversed()))),
    SERVO_CENTRES("servo centres", s -> each(s, o -> List.of(o.surface(), o.centreMicros()))),
    THROWS("throws", s -> each(s, o -> List.of(o.surface(), o.lowMicros(), o.highMicros()))),
    RATES("rates", s -> s.controls().rates()),
    RADIO_TRIMS("radio trims", s -> s.controls().trims()),
    SELECTOR("selector", s -> s.modes().selector()),
    LAUNCH_MODE("launch mode", s -> s.modes().launchMode()),
    LIMITS(
            "bank and pitch limits",
            s -> List.of(
                    s.modes().limits().bank(),
                    s.modes().limits().pitchUp(),
                    s.modes().limits().pitchDown())),
    SPEED_RANGE(
            "speed range",
            s -> List.of(
                    s.modes().limits().leastSpeed(),
                    s.modes().limits().cruiseSpeed(),
                    s.modes().limits().topSpeed(),
                    s.modes().limits().climbRate())),
    CIRCLE("circle", s -> s.modes().home().circleRadius()),
    HOME_PROFILE(
            "home profile",
            s -> List.of(s.modes().home().height(), s.modes().home().climbFirst())),
    BOARD_MOUNT("board mount", Setup::mount),
    ROLL_GAINS("roll gains", s -> s.gains().roll()),
    PITCH_GAINS("pitch gains", s -> s.gains().pitch()),
    YAW_GAINS("yaw gains", s -> s.gains().yawRate()),
    HEIGHT_GAINS(
            "height gains",
            s -> List.of(
                    s.gains().heightGain(), s.gains().climbGain(), s.gains().speedGain())),
    PATH_GAINS("path gains", s -> s.gains().pathPeriod());

    private final String label;
    private final Function<Setup, Object> values;

    Facet(String label, Function<Setup, Object> values) {
        this.label = label;
        this.values = values;
    }

    public String label() {
        return label;
    }

    /** Stable short fingerprint of this facet of a set-up. */
    public String fingerprint(Setup setup) {
        try {
            byte[] text = String.valueOf(values.apply(setup)).getBytes(StandardCharsets.UTF_8);
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(text);
            return HexFormat.of().formatHex(hash, 0, 8);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    private static Object packs(Setup setup) {
        List<Part> fitted =
                setup.parts().stream().filter(p -> p.kind() == PartKind.PACK).toList();
        return List.of(setup.propulsion().pack(), fitted);
    }

    private static Object each(Setup setup, Function<Output, Object> value) {
        return setup.controls().outputs().stream().map(value).toList();
    }

    /** The facets in which two set-ups differ. */
    public static List<Facet> differing(Setup one, Setup other) {
        return java.util.Arrays.stream(values())
                .filter(f -> !f.fingerprint(one).equals(f.fingerprint(other)))
                .toList();
    }
}
