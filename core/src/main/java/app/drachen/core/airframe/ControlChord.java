package app.drachen.core.airframe;

import app.drachen.core.controls.Surface;
import java.util.Optional;

/**
 * How deep a surface is, from its hinge to its trailing edge, in its middle.
 *
 * <p>Source: the drawing.
 */
public final class ControlChord {
    private ControlChord() {}

    /**
     * Depth of a surface.
     *
     * @return [m]; empty where the drawing has no such surface
     */
    public static Optional<Double> of(Airframe airframe, Surface surface) {
        return switch (surface.role()) {
            case AILERON, ELEVON, FLAP, BRAKE -> onTheWing(airframe.wing(), surface);
            case ELEVATOR -> airframe.tail() instanceof Tail.Conventional t ? depth(t.plane()) : Optional.empty();
            case RUDDER -> airframe.tail() instanceof Tail.Conventional t ? depth(t.fin()) : Optional.empty();
            case VEE -> airframe.tail() instanceof Tail.Vee t ? depth(t.panel()) : Optional.empty();
            case MOTOR, PAN, TILT, GEAR -> Optional.empty();
        };
    }

    private static Optional<Double> depth(TailPanel panel) {
        double depth = (panel.rootChord() + panel.tipChord()) / 2 * panel.controlChordRatio();
        return depth > 0 ? Optional.of(depth) : Optional.empty();
    }

    private static Optional<Double> onTheWing(Wing wing, Surface surface) {
        double half = wing.panels().stream().mapToDouble(WingPanel::length).sum();
        return wing.flaps().stream()
                .filter(f -> f.kind().name().equals(surface.role().name()) && wing.number(f) == surface.number())
                .findFirst()
                .map(f -> f.chordRatio() * chordAt(wing, (f.from() + f.to()) / 2 * half));
    }

    /**
     * Chord of the wing at a distance from the middle.
     *
     * @param out [m]
     * @return [m]
     */
    public static double chordAt(Wing wing, double out) {
        double inner = 0;
        for (WingPanel panel : wing.panels()) {
            if (out <= inner + panel.length()) {
                double share = (out - inner) / panel.length();
                return panel.rootChord() + share * (panel.tipChord() - panel.rootChord());
            }
            inner += panel.length();
        }
        return wing.panels().get(wing.panels().size() - 1).tipChord();
    }
}
