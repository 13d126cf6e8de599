package app.drachen.core.aerodynamics;

import app.drachen.core.aerodynamics.Strips.Strip;
import app.drachen.core.airframe.Body;
import app.drachen.core.airframe.Position;
import app.drachen.core.propulsion.Drive;
import app.drachen.core.setup.Setup;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Air forces on the drawn aircraft, strip by strip, over the whole range of angles.
 *
 * <p>Source: strip theory with finite-wing lift slopes ({@link LiftingSurface}); attached and
 * separated flow joined as in R. W. Beard, T. W. McLain, Small Unmanned Aircraft, 2012, section
 * 4.2, with a smooth step instead of their sigmoid; separated flow as a flat plate (S. F. Hoerner,
 * Fluid-Dynamic Drag, 1965); the body by slender-body theory (Munk, NACA 184, 1924) and cross-flow
 * drag. The halves of a V-tail pull against each other ({@link VeePair}). Damping, dihedral effect, adverse yaw and tip stall follow from the strips' own motion.
 * The propeller's slipstream is that of momentum theory (Rankine 1865, Froude 1889), fully grown, without swirl,
 * on tails only.
 * Left out: unsteady lift, ground effect. Lift within ±10 %, drag ±25 %.
 *
 * <p>Not safe for use by several threads: it keeps its results in itself, so that a step of a
 * simulation allocates nothing.
 */
public final class StripModel implements AirForces {
    private static final double PLATE_DRAG = 1.8;
    private static final double LINEAR_FLAP = Math.toRadians(15);
    private static final double TAIL_EFFICIENCY = 0.95;

    /** Radius of the grown stream over that of the propeller [-]; √½ at rest, 1 at high speed. */
    private static final double CONTRACTION = 0.85;

    private final int count;
    private final double[][] place;
    private final double[][] chordward;
    private final double[][] normal;
    private final double[][] pitchAxis;
    private final double[] area;
    private final double[] chord;
    private final double[] angle;
    private final double[] slope;
    private final double[] zeroLift;
    private final double[] stallUp;
    private final double[] stallDown;
    private final double[] leastDrag;
    private final double[] moment;
    private final double[] induced;
    private final int[] output;
    private final double[] effectiveness;
    private final double[] flapMoment;
    private final boolean[] behindWing;
    private final int[] partner;
    private final double[] lost;
    private final int[] blownBy;
    private final double[] discArea;
    private final double wingArea;
    private final double downwashPerLift;
    private final double bodyDragArea;
    private final double bodySideArea;
    private final double bodyMoment;

    private double forceX;
    private double forceY;
    private double forceZ;
    private double momentX;
    private double momentY;
    private double momentZ;
    private double wingLift;
    private double along;
    private double across;

    /** Twist of the flow over the wing that its own roll loading makes, in rad per half span; see {@link #twist}. */
    private double rollTwist;

    private final double rollDownwash;
    private final double rollByRate;
    private final double rollBySlip;
    private final double[] rollByOutput;
    private final double[] flaps;
    private final double[] pull;
    private final double[] added;
    private double pullDensity = 1;

    /** Prepares the strips of a set-up. */
    public StripModel(Setup setup) {
        this(setup, ModelError.NONE);
    }

    /** Prepares the strips of a set-up whose air differs from the drawing. */
    public StripModel(Setup setup, ModelError error) {
        List<Strip> strips = Strips.of(setup);
        count = strips.size();
        place = new double[count][];
        chordward = new double[count][];
        normal = new double[count][];
        pitchAxis = new double[count][];
        area = new double[count];
        chord = new double[count];
        angle = new double[count];
        slope = new double[count];
        zeroLift = new double[count];
        stallUp = new double[count];
        stallDown = new double[count];
        leastDrag = new double[count];
        moment = new double[count];
        induced = new double[count];
        output = new int[count];
        effectiveness = new double[count];
        flapMoment = new double[count];
        behindWing = new boolean[count];
        partner = new int[count];
        lost = new double[count];
        blownBy = new int[count];
        List<Drive> drives = setup.propulsion().drives();
        discArea = drives.stream()
                .mapToDouble(d ->
                        Math.PI / 4 * d.propeller().diameter() * d.propeller().diameter())
                .toArray();
        pull = new double[drives.size()];
        added = new double[drives.size()];
        Position centre = setup.massProperties().centre();
        Map<List<Double>, Double> stalls = new HashMap<>();
        double wing = 0;
        for (int i = 0; i < count; i++) {
            Strip s = strips.get(i);
            place[i] = s.place();
            chordward[i] = s.chordward();
            normal[i] = s.normal();
            pitchAxis[i] = cross(s.chordward(), s.normal());
            area[i] = s.area();
            chord[i] = s.chord();
            angle[i] = s.angle();
            slope[i] = error.lift() * s.slope();
            zeroLift[i] = s.section().zeroLiftAngle();
            double most = Stall.WING_SHARE * s.section().maximumLift() / Math.max(0.5, s.chordward()[0]);
            stallUp[i] =
                    stalls.computeIfAbsent(List.of(slope[i], most), k -> Separation.stallAngle(k.get(0), k.get(1)));
            double least = s.section().zeroLiftAngle() == 0 ? most : 0.75 * most;
            stallDown[i] =
                    stalls.computeIfAbsent(List.of(slope[i], least), k -> Separation.stallAngle(k.get(0), k.get(1)));
            leastDrag[i] = error.drag() * s.section().leastDrag();
            moment[i] = s.section().pitchingMoment();
            induced[i] = s.inducedFactor();
            output[i] = s.output();
            effectiveness[i] = error.control() * s.effectiveness();
            flapMoment[i] = error.control() * s.flapMoment();
            behindWing[i] = s.behindWing();
            partner[i] = s.partner();
            lost[i] = s.lost();
            double[] at = place[i];
            // a wing in a jet much narrower than its span gains little lift, so only tails are blown
            blownBy[i] = isWing(i) ? -1 : blowing(setup, centre, at);
            wing += isWing(i) ? s.area() : 0;
        }
        wingArea = wing;
        double span = setup.planform().span();
        rollByOutput = new double[setup.controls().outputs().size()];
        flaps = new double[rollByOutput.length];
        double byRate = 0;
        double bySlip = 0;
        for (int i = 0; i < count; i++) {
            if (isWing(i)) {
                double share = place[i][1] * normal[i][2] * area[i] * slope[i] / (wing * span);
                byRate -= share * place[i][1] * normal[i][2];
                bySlip -= share * normal[i][1];
                if (output[i] >= 0) {
                    rollByOutput[output[i]] += share * effectiveness[i];
                }
            }
        }
        rollByRate = byRate;
        rollBySlip = bySlip;
        double against = 16 * wing / (Math.PI * span * span * span);
        rollDownwash = against / (1 - against * byRate);
        NeutralPoint neutral = NeutralPoint.of(setup.airframe());
        downwashPerLift = neutral.downwash() / neutral.wingSlope();
        Body body = setup.airframe().body();
        bodyDragArea = error.drag() * (0.12 * body.width() * body.height() + 0.005 * body.podLength() * body.height());
        bodySideArea = 0.8 * body.podLength() * body.height();
        bodyMoment = 2 * NeutralPoint.APPARENT_MASS * body.volume();
    }

    /** Whether a place about the centre of gravity lies in the stream behind a propeller. */
    private static boolean blows(Position motor, Position centre, double[] at, double radius) {
        double ahead = centre.aft() - motor.aft() - at[0];
        double aside = Math.hypot(at[1] - (motor.right() - centre.right()), at[2] - (centre.up() - motor.up()));
        return ahead > 0.5 * radius && aside < radius;
    }

    /** The drive whose stream a place lies in; −1 for none. */
    private static int blowing(Setup setup, Position centre, double[] at) {
        for (int k = 0; k < setup.propulsion().drives().size(); k++) {
            double radius = setup.propulsion().drives().get(k).propeller().diameter() / 2;
            if (setup.motorPosition(k)
                    .filter(m -> blows(m, centre, at, CONTRACTION * radius))
                    .isPresent()) {
                return k;
            }
        }
        return -1;
    }

    @Override
    public void propeller(int drive, double thrust, double density) {
        pull[drive] = Math.max(0, thrust);
        pullDensity = density;
    }

    private boolean isWing(int i) {
        return !behindWing[i] && normal[i][2] < -0.5;
    }

    private static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    @Override
    public void compute(
            double u, double v, double w, double p, double q, double r, double density, double[] deflections) {
        forceX = 0;
        forceY = 0;
        forceZ = 0;
        momentX = 0;
        momentY = 0;
        momentZ = 0;
        wingLift = 0;
        rollTwist = 0;
        double speedSquared = u * u + v * v + w * w;
        if (speedSquared < 1e-6) {
            return;
        }
        double speed = Math.sqrt(speedSquared);
        for (int k = 0; k < flaps.length; k++) {
            flaps[k] = softened(deflections[k]);
        }
        rollTwist = twist(speed, v, p);
        double axial = Math.max(0, u);
        for (int k = 0; k < added.length; k++) {
            added[k] = Math.sqrt(axial * axial + 2 * pull[k] / (pullDensity * discArea[k])) - axial;
        }
        for (int i = 0; i < count; i++) {
            if (!behindWing[i]) {
                strip(i, blownBy[i] >= 0 ? u + added[blownBy[i]] : u, v, w, p, q, r, density);
            }
        }
        double lift = wingLift / (0.5 * density * speedSquared * wingArea);
        double washed = w - downwashPerLift * lift * speed;
        for (int i = 0; i < count; i++) {
            if (behindWing[i]) {
                strip(i, blownBy[i] >= 0 ? u + added[blownBy[i]] : u, v, washed, p, q, r, density * TAIL_EFFICIENCY);
            }
        }
        body(u, v, w, speed, density);
    }

    /**
     * Twist of the flow over the wing from its loading in roll. The strips carry the lift slope of the whole wing, which
     * holds for a loading that is alike on both sides; one that is not sheds more vortices: the flow turns against it by
     * Δα = 8/(π·A)·C_l·2y/b.
     *
     * <p>Source: the second term of L. Prandtl's lifting line for a chord like an ellipse (H. Glauert, The Elements of
     * Aerofoil and Airscrew Theory, 1926, chapter 11); C_l from the linear strips, at most 0.15.
     *
     * @return angle per distance from the middle [rad/m]
     */
    private double twist(double speed, double v, double p) {
        double loading = (rollByRate * p + rollBySlip * v) / speed;
        for (int k = 0; k < rollByOutput.length; k++) {
            loading += rollByOutput[k] * flaps[k];
        }
        return rollDownwash * Math.max(-0.15, Math.min(0.15, loading));
    }

    private void strip(int i, double u, double v, double w, double p, double q, double r, double density) {
        double partners = partner[i] >= 0 ? fromZero(partner[i], u, v, w, p, q, r) : 0;
        double fromZero = fromZero(i, u, v, w, p, q, r);
        double squared = along * along + across * across;
        if (squared < 1e-9) {
            return;
        }
        if (partner[i] >= 0) {
            // what the two halves of a V-tail do alike they do in full, what they do against each other in part
            fromZero -= 0.5 * lost[i] * (fromZero - partners);
        }
        double[] at = place[i];
        double[] c = chordward[i];
        double[] n = normal[i];
        double deflection = deflection(i);
        double sigma = fromZero >= 0
                ? Separation.separated(fromZero, stallUp[i])
                : Separation.separated(-fromZero, stallDown[i]);
        double attached = slope[i] * fromZero;
        double lift = attached;
        double drag = leastDrag[i] + induced[i] * attached * attached;
        double turn = moment[i] + flapMoment[i] * deflection;
        if (sigma > 0) {
            double plateLift = Separation.PLATE_LIFT * Math.sin(2 * fromZero);
            double sine = Math.sin(fromZero);
            double plateDrag = leastDrag[i] + PLATE_DRAG * sine * sine;
            lift += sigma * (plateLift - attached);
            drag += sigma * (plateDrag - drag);
            // the centre of pressure of a separated plate lies near mid-chord
            turn += sigma * (-0.25 * PLATE_DRAG * sine - turn);
        }
        double pressureArea = 0.5 * density * squared * area[i];
        double root = Math.sqrt(squared);
        double alongUnit = along / root;
        double acrossUnit = across / root;
        double alongChord = pressureArea * (lift * acrossUnit - drag * alongUnit);
        double alongNormal = pressureArea * (lift * alongUnit + drag * acrossUnit);
        double fx = alongChord * c[0] + alongNormal * n[0];
        double fy = alongChord * c[1] + alongNormal * n[1];
        double fz = alongChord * c[2] + alongNormal * n[2];
        double pitching = pressureArea * chord[i] * turn;
        forceX += fx;
        forceY += fy;
        forceZ += fz;
        momentX += at[1] * fz - at[2] * fy + pitching * pitchAxis[i][0];
        momentY += at[2] * fx - at[0] * fz + pitching * pitchAxis[i][1];
        momentZ += at[0] * fy - at[1] * fx + pitching * pitchAxis[i][2];
        if (isWing(i)) {
            wingLift += pressureArea * lift;
        }
    }

    /** Angle of a strip from its zero lift, without what its partner takes; leaves the flow along and across it. */
    private double fromZero(int i, double u, double v, double w, double p, double q, double r) {
        double[] at = place[i];
        double[] c = chordward[i];
        double[] n = normal[i];
        double vx = u + q * at[2] - r * at[1];
        double vy = v + r * at[0] - p * at[2];
        double vz = w + p * at[1] - q * at[0];
        along = vx * c[0] + vy * c[1] + vz * c[2];
        across = -(vx * n[0] + vy * n[1] + vz * n[2]);
        double incidence = flowAngle(across, along) + angle[i] + (isWing(i) ? rollTwist * at[1] : 0);
        return incidence - zeroLift[i] + effectiveness[i] * deflection(i);
    }

    private double deflection(int i) {
        return output[i] < 0 ? 0 : flaps[output[i]];
    }

    /** The angle of the flow; its power series where that is exact to 1e-9 rad, which is nearly always. */
    private static double flowAngle(double across, double along) {
        if (along <= 0 || Math.abs(across) > 0.25 * along) {
            return Math.atan2(across, along);
        }
        double x = across / along;
        double y = x * x;
        return x * (1 - y * (1.0 / 3 - y * (1.0 / 5 - y * (1.0 / 7 - y * (1.0 / 9 - y * (1.0 / 11 - y / 13))))));
    }

    /** Beyond 15° a flap loses half of what it adds. */
    private static double softened(double deflection) {
        double size = Math.abs(deflection);
        return size <= LINEAR_FLAP ? deflection : Math.signum(deflection) * (LINEAR_FLAP + 0.5 * (size - LINEAR_FLAP));
    }

    private void body(double u, double v, double w, double speed, double density) {
        double half = 0.5 * density;
        forceX -= half * speed * u * bodyDragArea;
        forceY -= half * v * (speed * bodyDragArea + Math.abs(v) * bodySideArea);
        forceZ -= half * w * (speed * bodyDragArea + Math.abs(w) * bodySideArea);
        momentY += half * bodyMoment * u * w;
        momentZ -= half * bodyMoment * u * v;
    }

    @Override
    public double forceX() {
        return forceX;
    }

    @Override
    public double forceY() {
        return forceY;
    }

    @Override
    public double forceZ() {
        return forceZ;
    }

    @Override
    public double momentX() {
        return momentX;
    }

    @Override
    public double momentY() {
        return momentY;
    }

    @Override
    public double momentZ() {
        return momentZ;
    }
}
