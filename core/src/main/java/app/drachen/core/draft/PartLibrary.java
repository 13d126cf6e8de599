package app.drachen.core.draft;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Optional;

/**
 * Generic parts with the mass they typically have.
 *
 * <p>Source: common practice, from memory, ±30 %; each figure is to be replaced by one from a scale.
 */
public final class PartLibrary {
    private PartLibrary() {}

    /**
     * A generic part.
     *
     * @param name what it is
     * @param kind as rules know it
     * @param mass typically [kg], above 0 to 50
     * @param dragArea drag area if it stands in the wind [m²], 0 to 0.05
     * @param power what it takes from the pack all the time [W], 0 to 50
     */
    public record Generic(String name, PartKind kind, double mass, double dragArea, double power) {}

    private static Generic part(String name, PartKind kind, double grams, double squareCentimetres, double watts) {
        return new Generic(name, kind, grams / 1000, squareCentimetres / 1e4, watts);
    }

    /** All generic parts. */
    public static final List<Generic> ALL = List.of(
            part("servo, very small", PartKind.SERVO, 6, 0, 0.2),
            part("servo, small", PartKind.SERVO, 9, 0, 0.3),
            part("servo, thin for wings", PartKind.SERVO, 14, 0, 0.4),
            part("servo, middle", PartKind.SERVO, 22, 0, 0.5),
            part("servo, standard", PartKind.SERVO, 42, 0, 0.8),
            part("receiver", PartKind.RECEIVER, 10, 0, 0.4),
            part("receiver, long range", PartKind.RECEIVER, 5, 0, 0.7),
            part("satellite receiver with compass", PartKind.SATELLITE_RECEIVER, 14, 0, 0.4),
            part("autopilot board", PartKind.AUTOPILOT, 14, 0, 1.0),
            part("autopilot in a case", PartKind.AUTOPILOT, 34, 0, 1.5),
            part("airspeed tube and sensor", PartKind.OTHER, 9, 0.5, 0.05),
            part("current and voltage sensor", PartKind.OTHER, 14, 0, 0.1),
            part("radio for telemetry", PartKind.OTHER, 16, 0.3, 1.2),
            part("regulator, 5 V", PartKind.OTHER, 14, 0, 0),
            part("speed controller, 20 A", PartKind.SPEED_CONTROLLER, 20, 0, 0),
            part("speed controller, 40 A", PartKind.SPEED_CONTROLLER, 34, 0, 0),
            part("speed controller, 60 A", PartKind.SPEED_CONTROLLER, 56, 0, 0),
            part("motor and propeller, 100 W", PartKind.MOTOR, 48, 0, 0),
            part("motor and propeller, 250 W", PartKind.MOTOR, 92, 0, 0),
            part("motor and propeller, 500 W", PartKind.MOTOR, 168, 0, 0),
            part("pack 2S 1.0 Ah", PartKind.PACK, 62, 0, 0),
            part("pack 3S 1.3 Ah", PartKind.PACK, 112, 0, 0),
            part("pack 3S 2.2 Ah", PartKind.PACK, 182, 0, 0),
            part("pack 3S 3.3 Ah", PartKind.PACK, 258, 0, 0),
            part("pack 4S 3.3 Ah", PartKind.PACK, 342, 0, 0),
            part("pack 4S 5.0 Ah", PartKind.PACK, 505, 0, 0),
            part("camera", PartKind.CAMERA, 18, 1, 1.5),
            part("recording camera", PartKind.CAMERA, 78, 12, 3.5),
            part("video sender with aerial", PartKind.VIDEO_SENDER, 28, 1, 4.0),
            part("lights", PartKind.OTHER, 25, 2, 6.0),
            part("undercarriage", PartKind.OTHER, 75, 25, 0),
            part("wiring", PartKind.OTHER, 45, 0, 0),
            part("ballast, lead", PartKind.BALLAST, 20, 0, 0));

    /** A name for a part of a kind that no other part of the aircraft has. */
    public static String name(Setup setup, String wanted) {
        String name = wanted;
        for (int n = 2; setup.part(name).isPresent(); n++) {
            name = wanted + " " + n;
        }
        return name;
    }

    /** A generic part, fitted near the CG until it is moved. */
    public static Part fitted(Setup setup, Generic generic) {
        double aft = setup.massProperties().centre().aft();
        double at = generic.kind() == PartKind.BALLAST ? 0.03 : Math.rint(1000 * aft) / 1000;
        return new Part(name(setup, generic.name()), generic.kind(), generic.mass(), new Position(at, 0, 0));
    }

    /** The generic part that a part still is by name and mass: nobody has put it on a scale. */
    public static Optional<Generic> typical(Part part) {
        return ALL.stream()
                .filter(g -> g.kind() == part.kind()
                        && Math.abs(g.mass() - part.mass()) < 1e-9
                        && part.name().matches(java.util.regex.Pattern.quote(g.name()) + "( \\d+)?"))
                .findFirst();
    }
}
