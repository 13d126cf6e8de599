package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.Planform;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.Optional;

/**
 * Where the centre of gravity lies against the window, and what would move it there (BUILD-A4,
 * BUILD-A7).
 *
 * <p>Source: window 8 to 15 % static margin, common practice, a default of judgement; slide and
 * ballast by statics.
 *
 * @param planform the wing
 * @param neutral the neutral point
 * @param mass mass and centre of gravity
 * @param pack the pack, if fitted
 * @param room how far behind the nose a pack finds room [m], above 0
 */
public record Balance(Planform planform, NeutralPoint neutral, MassProperties mass, Optional<Part> pack, double room) {
    /** Least static margin of the window [-]. */
    public static final double LEAST_MARGIN = 0.08;

    /** Greatest static margin of the window [-]. */
    public static final double GREATEST_MARGIN = 0.15;

    /** Nobody measures a CG finer [m]. */
    private static final double FINEST = 0.0005;

    private static final double AIM = 0.12;
    private static final double LEAST_WINDOW = 0.02;

    /** Balance of a set-up. */
    public static Balance of(Setup setup) {
        return new Balance(
                setup.planform(),
                NeutralPoint.of(setup.airframe()),
                setup.massProperties(),
                setup.packPart(),
                setup.airframe().body().podLength());
    }

    /**
     * @return static margin h_n − h [-]
     */
    public double margin() {
        return marginAt(mass.centre().aft());
    }

    /**
     * Static margin for another CG.
     *
     * @param station CG behind the nose [m]
     * @return [-]
     */
    public double marginAt(double station) {
        return (neutral.station(planform) - station) / planform.meanChord();
    }

    /**
     * @return lower bound of the static margin [-]
     */
    public double leastMargin() {
        return margin() - (neutral.share() - neutral.low());
    }

    /**
     * @return upper bound of the static margin [-]
     */
    public double greatestMargin() {
        return margin() + (neutral.high() - neutral.share());
    }

    /**
     * Foremost CG of the window: 15 % static margin; where the neutral point's band is so wide that this lies behind
     * the rear, 2 % of the chord ahead of the rear.
     *
     * @return station [m]
     */
    public double windowFront() {
        double wanted = neutral.station(planform) - GREATEST_MARGIN * planform.meanChord();
        return Math.min(wanted, windowRear() - LEAST_WINDOW * planform.meanChord());
    }

    /**
     * Rearmost CG of the window: the lower bound of the neutral point keeps the least margin.
     *
     * @return station [m]
     */
    public double windowRear() {
        return planform.meanChordLeadingEdge() + (neutral.low() - LEAST_MARGIN) * planform.meanChord();
    }

    /**
     * CG to aim at: 12 % margin, but at least 1 % of the chord ahead of the rear end of the window.
     *
     * @return station [m]
     */
    public double aim() {
        double wanted = neutral.station(planform) - AIM * planform.meanChord();
        return Math.max(windowFront(), Math.min(windowRear() - LEAST_WINDOW / 2 * planform.meanChord(), wanted));
    }

    /**
     * How far the CG lies behind (positive) or ahead of (negative) the window.
     *
     * @return [m], 0 inside and within half a millimetre of it
     */
    public double outside() {
        double cg = mass.centre().aft();
        double off = cg > windowRear() ? cg - windowRear() : Math.min(0, cg - windowFront());
        return Math.abs(off) < FINEST ? 0 : off;
    }

    /** Static margin as a working. */
    public Working marginWorking() {
        return Working.of(
                        "BUILD-A4",
                        "Static margin",
                        margin(),
                        Quantity.SHARE_FINE,
                        "SM = (neutral point − CG)/c̄; wanted 8–15 %",
                        Source.ETKIN_REID,
                        Working.in("neutral point", neutral.station(planform), Quantity.LENGTH),
                        Working.in("CG", mass.centre().aft(), Quantity.LENGTH),
                        Working.in("c̄", planform.meanChord(), Quantity.LENGTH))
                .within(leastMargin(), greatestMargin());
    }

    /** Slide of the pack to the aimed CG; forward is negative. Empty without a pack, or where it would leave the body. */
    public Optional<Working> packSlide() {
        return pack.filter(p -> {
                    double there = p.position().aft()
                            + mass.mass() * (aim() - mass.centre().aft()) / p.mass();
                    return there >= 0.01 && there <= room;
                })
                .map(p -> Working.of(
                        "BUILD-A7",
                        "Slide the pack by",
                        mass.mass() * (aim() - mass.centre().aft()) / p.mass(),
                        Quantity.LENGTH,
                        "Δs = M·(aim − CG)/m_pack; aft positive",
                        Source.STATICS,
                        Working.in("all-up mass M", mass.mass(), Quantity.MASS),
                        Working.in("aim", aim(), Quantity.LENGTH),
                        Working.in("CG", mass.centre().aft(), Quantity.LENGTH),
                        Working.in("pack mass", p.mass(), Quantity.MASS)));
    }

    /**
     * Ballast that brings the CG to the aim.
     *
     * @param station where the ballast goes [m]
     * @return a working; empty where ballast there cannot do it
     */
    public Optional<Working> ballast(double station) {
        double needed = mass.mass() * (mass.centre().aft() - aim()) / (aim() - station);
        if (!(needed >= 0)) {
            return Optional.empty();
        }
        return Optional.of(Working.of(
                "BUILD-A7",
                "Or ballast at the nose",
                needed,
                Quantity.MASS,
                "m_b = M·(CG − aim)/(aim − s_b)",
                Source.STATICS,
                Working.in("all-up mass M", mass.mass(), Quantity.MASS),
                Working.in("aim", aim(), Quantity.LENGTH),
                Working.in("CG", mass.centre().aft(), Quantity.LENGTH),
                Working.in("place of the ballast s_b", station, Quantity.LENGTH)));
    }
}
