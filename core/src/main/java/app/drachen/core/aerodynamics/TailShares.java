package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;

/**
 * What a tail contributes in pitch and in yaw.
 *
 * <p>Source: P. E. Purser, J. P. Campbell, NACA Report 823, 1945: a V-tail of true area S at
 * dihedral Γ acts as S·cos²Γ in pitch and K·S·sin²Γ in yaw, K from {@link VeePair}.
 *
 * @param pitchArea area acting in pitch [m²], not negative
 * @param pitchStation its quarter-chord station [m]; 0 without area
 * @param pitchSlope its lift slope [1/rad]; 0 without area
 * @param pitchHeight its height above the body axis [m]
 * @param yawArea area acting in yaw [m²], not negative
 * @param yawStation its quarter-chord station [m]; 0 without area
 */
public record TailShares(
        double pitchArea,
        double pitchStation,
        double pitchSlope,
        double pitchHeight,
        double yawArea,
        double yawStation) {

    /** Splits a tail. */
    public static TailShares of(Tail tail) {
        return tail.match(TailShares::of, TailShares::of, TailShares::of);
    }

    private static TailShares of(Tail.Conventional t) {
        return new TailShares(
                2 * t.plane().area(),
                t.plane().quarterStation(),
                LiftingSurface.slope(t.plane(), true),
                t.plane().up(),
                t.fin().area(),
                t.fin().quarterStation());
    }

    private static TailShares of(Tail.Vee t) {
        double cos = Math.cos(t.dihedral());
        double sin = Math.sin(t.dihedral());
        double area = 2 * t.panel().area();
        return new TailShares(
                area * cos * cos,
                t.panel().quarterStation(),
                LiftingSurface.slope(t.panel(), true),
                t.panel().up(),
                VeePair.apart(t) * area * sin * sin,
                t.panel().quarterStation());
    }

    private static TailShares of(Tail.None none) {
        double area = none.fins().stream().mapToDouble(TailPanel::area).sum();
        double moment = none.fins().stream()
                .mapToDouble(f -> f.area() * f.quarterStation())
                .sum();
        return new TailShares(0, 0, 0, 0, 2 * area, area > 0 ? moment / area : 0);
    }
}
