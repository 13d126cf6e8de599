package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Planform;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/**
 * Stick-fixed neutral point (BUILD-A4): h_n = h_w + (a_t/a)·V_H·η_t·(1 − dε/dα) − Δh_body, h_w the wing's by {@link WingCentre}.
 *
 * <p>Source: B. Etkin, L. D. Reid, Dynamics of Flight, 1996; the body by slender-body theory (M. M.
 * Munk, NACA Report 184, 1924) with an apparent-mass factor of 0.9, ±50 %. The band covers dε/dα
 * between the DATCOM estimate and the far field, η_t 0.9 to 1.0, the body's ±50 %, and 0.6 % of c̄ for h_w.
 *
 * @param share neutral point behind the leading edge of c̄, as a share of c̄ [-]
 * @param low lower bound of it [-]
 * @param high upper bound of it [-]
 * @param wingCentre h_w, as a share of c̄ [-]
 * @param tailVolume V_H [-], 0 without a tail
 * @param downwash dε/dα used [-]
 * @param wingSlope a_w [1/rad]
 * @param tailSlope a_t [1/rad]
 * @param bodyShift Δh_body [-], not negative
 */
public record NeutralPoint(
        double share,
        double low,
        double high,
        double wingCentre,
        double tailVolume,
        double downwash,
        double wingSlope,
        double tailSlope,
        double bodyShift) {
    private static final double TAIL_EFFICIENCY = 0.95;
    static final double APPARENT_MASS = 0.9;

    /** Computes the neutral point of an airframe. */
    public static NeutralPoint of(Airframe airframe) {
        Planform planform = Planform.of(airframe.wing());
        TailShares tail = TailShares.of(airframe.tail());
        double wing = LiftingSurface.slope(planform);
        double arm = tail.pitchStation() - planform.quarterStation();
        double volume = tail.pitchArea() * arm / (planform.area() * planform.meanChord());
        double height = Math.abs(tail.pitchHeight() - airframe.wing().up());
        double near = tail.pitchArea() > 0 ? LiftingSurface.downwash(planform, arm, height) : 0;
        double far = tail.pitchArea() > 0 ? LiftingSurface.farDownwash(planform) : 0;
        double areaRatio = tail.pitchArea() / planform.area();
        double body = 2 * APPARENT_MASS * airframe.body().volume() / (planform.area() * planform.meanChord());
        double centre = WingCentre.share(airframe);
        double middle = locate(centre, wing, tail.pitchSlope(), volume, areaRatio, TAIL_EFFICIENCY, near, body);
        double low = middle;
        double high = middle;
        for (double efficiency : new double[] {0.9, 1.0}) {
            for (double downwash : new double[] {near, far}) {
                for (double factor : new double[] {0.5, 1.5}) {
                    double h = locate(
                            centre, wing, tail.pitchSlope(), volume, areaRatio, efficiency, downwash, factor * body);
                    low = Math.min(low, h - WingCentre.WITHIN);
                    high = Math.max(high, h + WingCentre.WITHIN);
                }
            }
        }
        double total = wing + tail.pitchSlope() * TAIL_EFFICIENCY * areaRatio * (1 - near);
        return new NeutralPoint(middle, low, high, centre, volume, near, wing, tail.pitchSlope(), body / total);
    }

    private static double locate(
            double centre,
            double wing,
            double tail,
            double volume,
            double areaRatio,
            double efficiency,
            double downwash,
            double body) {
        double total = wing + tail * efficiency * areaRatio * (1 - downwash);
        return centre + tail / total * volume * efficiency * (1 - downwash) - body / total;
    }

    /**
     * @param planform the wing
     * @return station of the neutral point [m]
     */
    public double station(Planform planform) {
        return planform.meanChordLeadingEdge() + share * planform.meanChord();
    }

    /** The neutral point as a working. */
    public Working working(Planform planform) {
        return Working.of(
                        "BUILD-A4",
                        "Neutral point at",
                        station(planform),
                        Quantity.LENGTH,
                        "h_n = h_w + (a_t/a)·V_H·η_t·(1 − dε/dα) − Δh_body; h_w by a vortex lattice, body by Munk, NACA 184, 1924",
                        Source.ETKIN_REID,
                        Working.in("wing's own centre h_w", wingCentre, Quantity.SHARE_FINE),
                        Working.in("wing lift slope a_w", wingSlope, Quantity.PER_RADIAN),
                        Working.in("tail lift slope a_t", tailSlope, Quantity.PER_RADIAN),
                        Working.in("tail volume V_H", tailVolume, Quantity.NUMBER),
                        Working.in("tail efficiency η_t", TAIL_EFFICIENCY, Quantity.NUMBER),
                        Working.in("downwash dε/dα", downwash, Quantity.NUMBER),
                        Working.in("body Δh", bodyShift, Quantity.SHARE_FINE),
                        Working.in("leading edge of c̄", planform.meanChordLeadingEdge(), Quantity.LENGTH),
                        Working.in("c̄", planform.meanChord(), Quantity.LENGTH))
                .within(
                        planform.meanChordLeadingEdge() + low * planform.meanChord(),
                        planform.meanChordLeadingEdge() + high * planform.meanChord());
    }
}
