package app.drachen.core.hearing;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.harness.DeviceKind;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Value;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.Optional;

/**
 * Where a height alarm must speak so that the aircraft tops out at the limit (SIGNALS-A2), and what it tops out at as it is set.
 *
 * <p>Source: kinematics. The push-over is 0.3 g, an own estimate of what a pilot does when a voice says height. An error of the height
 * of 1 m is taken for pressure, of 10 m for satellites (common practice).
 *
 * @param limit height limit above the launch [m], 10 to 2 000
 * @param climb greatest climb [m/s], not negative
 * @param age worst age of the height when it is heard [s]
 * @param lasting how long it must be beyond before it speaks, and a call that it does not cut off [s]
 * @param reaction from the word to the thumb [s]
 * @param push acceleration of the push-over [m/s²], above 0
 * @param error of the height [m], not negative
 */
public record HeightAlarm(
        double limit, double climb, double age, double lasting, double reaction, double push, double error) {
    /** Push-over after the thumb moved [m/s²]. */
    public static final double PUSH = 0.3 * GRAVITY;

    private static final double PRESSURE_ERROR = 1;
    private static final double SATELLITE_ERROR = 10;

    /**
     * Of an aircraft; empty where no height reaches the pilot's ear.
     *
     * @param limit height limit above the launch [m]
     */
    public static Optional<HeightAlarm> of(Setup setup, double limit) {
        return Path.of(setup, Value.HEIGHT)
                .filter(Path::whole)
                .map(p -> new HeightAlarm(
                        limit,
                        GreatestClimb.most(setup),
                        p.way()
                                .orElseThrow()
                                .age(Value.HEIGHT, p.supplier().orElseThrow(), true)
                                .value(),
                        setup.signals()
                                        .alarm(Alarm.Kind.HEIGHT)
                                        .map(Alarm::lasting)
                                        .orElse(0.0)
                                + setup.signals().calls().alarmWaits(),
                        setup.signals().reaction(),
                        PUSH,
                        bySatellites(setup) ? SATELLITE_ERROR : PRESSURE_ERROR));
    }

    /** Whether the height that the pilot hears is that of satellites. */
    public static boolean bySatellites(Setup setup) {
        return Path.of(setup, Value.HEIGHT)
                .flatMap(Path::supplier)
                .flatMap(s -> setup.harness().devices().stream()
                        .filter(d -> d.name().equals(s.device()))
                        .findFirst())
                .filter(d -> d.kind() == DeviceKind.SATELLITE_RECEIVER)
                .isPresent();
    }

    /**
     * Height gained from the threshold until the climb is over.
     *
     * @return [m]
     */
    public double gained() {
        return climb * (age + lasting + reaction) + climb * climb / (2 * push);
    }

    /** Where it must be set. */
    public Working setAt() {
        return Working.of(
                "SIGNALS-A2",
                "Height alarm",
                limit - gained() - error,
                Quantity.HEIGHT,
                "h_max − ḣ(τ + t_reaction) − ḣ²/(2a) − error",
                new Source.Elementary("kinematics"),
                Working.in("limit h_max", limit, Quantity.HEIGHT),
                Working.in("greatest climb ḣ", climb, Quantity.CLIMB),
                Working.in("age when heard, at worst τ", age + lasting, Quantity.TIME),
                Working.in("reaction t_reaction", reaction, Quantity.TIME),
                Working.in("push-over a", push, Quantity.ACCELERATION),
                Working.in("error of the height", error, Quantity.HEIGHT));
    }

    /**
     * Where the aircraft tops out, at worst, with a threshold.
     *
     * @param threshold [m]
     * @return [m]
     */
    public double topsAt(double threshold) {
        return threshold + gained() + error;
    }
}
