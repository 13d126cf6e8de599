package app.drachen.core.rehearsal;

/**
 * How well the pilot of a rehearsal flies.
 *
 * <p>Source: own estimate; lag after D. T. McRuer, H. R. Jex, "A Review of Quasi-Linear Pilot Models", 1967, who give 0.1 to
 * 0.2 s for a compensating pilot; the rest is what a careful pilot of models does, common practice.
 *
 * @param lag between what the aircraft does and what he sees of it [s], 0.05 to 1
 * @param bank of his turns [rad], 0.2 to 1
 * @param leg from home to where he turns back [m], 60 to 400
 * @param approachSlope height over distance on the approach [-], 0.05 to 0.3
 * @param reversal time of a full stick one way [s], 0.3 to 3
 */
record Skill(double lag, double bank, double leg, double approachSlope, double reversal) {
    /** A careful pilot with a year of flying. */
    static final Skill USUAL = new Skill(0.15, Math.toRadians(30), 140, 0.11, 1.2);
}
