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
 * <p>Source: strips whose flow is that of a lifting surface ({@link Interplay}: what each sheds turns the flow of the others, as a
 * vortex lattice has it, with sweep, taper, flaps and turning); attached and separated flow joined as in R. W. Beard, T. W. McLain,
 * Small Unmanned Aircraft, 2012, section 4.2, with a smooth step instead of their sigmoid; separated flow as a flat plate (S. F.
 * Hoerner, Fluid-Dynamic Drag, 1965); the body by slender-body theory (Munk, NACA 184, 1924) and cross-flow drag. The downwash over
 * a tail is that of {@link NeutralPoint} and may come late ({@link #lag}).
 * The propeller's slipstream is that of momentum theory (Rankine 1865, Froude 1889), fully grown, without swirl,
 * on tails only.
 * Left out: unsteady lift of a strip, ground effect, suction at leading edges in roll. Lift within ±10 %, drag ±25 %.
 *
 * <p>Not safe for use by several threads: it keeps its results in itself, so that a step of a
 * simulation allocates nothing.
 */
public final class StripModel implements AirForces {
    private static final double PLATE_DRAG = 1.8;
    private static final double LINEAR_FLAP = Math.toRadians(15);
    private static final double TAIL_EFFICIENCY = 0.95;

    /** Gaps at hinges, joints and waves of a wing as built, over a smooth one [-] (own estimate after Hoerner 1965, 1.05 to 1.25). */
    private static final double AS_BUILT = 1.12;

    /** Drag area of a horn with its rod: 15 mm by 2.5 mm across the flow, C_D 1.1 [m²] (own estimate). */
    private static final double HORN = 4e-5;

    /** Radius of the grown stream over that of the propeller [-]; √½ at rest, 1 at high speed. */
    private static final double CONTRACTION = 0.85;

    private final int count;
    private final double[][] place;

    /** At three quarters of the chord, where a turning strip has its angle. */
    private final double[][] flowPlace;

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
    private final boolean[] behindWing;
    private final boolean[] isWing;

    private final Interplay interplay;
    private final double[] angles;
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
    private double washed;
    private double downwash;
    private double lag;
    private final double downwashWay;
    private double alongNow;
    private double acrossNow;
    private final double[] along;
    private final double[] across;
    private final double[] speeds;

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
        Strips.Cut cut = Strips.of(setup);
        List<Strip> strips = cut.strips();
        count = strips.size();
        place = new double[count][];
        flowPlace = new double[count][];
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
        behindWing = new boolean[count];
        isWing = new boolean[count];
        along = new double[count];
        across = new double[count];
        speeds = new double[count];
        angles = new double[count];
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
            flowPlace[i] = new double[] {s.place()[0] - s.chord() / 2, s.place()[1], s.place()[2]};
            chordward[i] = s.chordward();
            normal[i] = s.normal();
            // strips are cut along the flow, so that their load moves along the flow, not across a swept line
            pitchAxis[i] = new double[] {0, -s.normal()[2], s.normal()[1]};
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
            leastDrag[i] = error.drag() * AS_BUILT * s.section().leastDrag();
            moment[i] = s.section().pitchingMoment();
            induced[i] = s.inducedFactor();
            behindWing[i] = s.behindWing();
            double[] at = place[i];
            // a wing in a jet much narrower than its span gains little lift, so only tails are blown
            isWing[i] = s.isWing();
            blownBy[i] = isWing[i] ? -1 : blowing(setup, centre, at);
            wing += isWing[i] ? s.area() : 0;
        }
        wingArea = wing;
        flaps = new double[setup.controls().outputs().size()];
        interplay = new Interplay(cut, flaps.length, error);
        NeutralPoint neutral = NeutralPoint.of(setup.airframe());
        downwashPerLift = neutral.downwash() / neutral.wingSlope();
        downwashWay = neutral.downwash() > 0
                ? TailShares.of(setup.airframe().tail()).pitchStation()
                        - setup.planform().quarterStation()
                : 0;
        Body body = setup.airframe().body();
        double horns = HORN * setup.controls().surfaces().size();
        bodyDragArea =
                error.drag() * (0.12 * body.width() * body.height() + 0.005 * body.podLength() * body.height() + horns);
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

    @Override
    public double downwash() {
        return downwash;
    }

    @Override
    public double downwashWay() {
        return downwashWay;
    }

    @Override
    public void lag(double angle) {
        lag = angle;
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
        double speedSquared = u * u + v * v + w * w;
        if (speedSquared < 1e-6) {
            return;
        }
        double speed = Math.sqrt(speedSquared);
        for (int k = 0; k < flaps.length; k++) {
            flaps[k] = softened(deflections[k]);
        }
        double axial = Math.max(0, u);
        for (int k = 0; k < added.length; k++) {
            added[k] = Math.sqrt(axial * axial + 2 * pull[k] / (pullDensity * discArea[k])) - axial;
        }
        group(0, u, v, w, p, q, r, density);
        double lift = wingLift / (0.5 * density * speedSquared * wingArea);
        downwash = downwashPerLift * lift;
        washed = (downwash + lag) * speed;
        group(1, u, v, w, p, q, r, density);
        body(u, v, w, speed, density);
    }

    /** Strips that work on each other: first the angles of all, then the forces of each. */
    private void group(int number, double u, double v, double w, double p, double q, double r, double density) {
        int from = interplay.from(number);
        int to = interplay.from(number + 1);
        for (int i = from; i < to; i++) {
            double fast = blownBy[i] >= 0 ? u + added[blownBy[i]] : u;
            angles[i] = fromZero(i, fast, v, behindWing[i] ? w - washed : w, p, q, r);
            along[i] = alongNow;
            across[i] = acrossNow;
            speeds[i] = Math.max(1e-4, Math.sqrt(alongNow * alongNow + acrossNow * acrossNow));
        }
        interplay.follow(number, angles, speeds, q, r, flaps);
        for (int i = from; i < to; i++) {
            strip(i, interplay.angle[i], interplay.moment[i], behindWing[i] ? density * TAIL_EFFICIENCY : density);
        }
    }

    private void strip(int i, double fromZero, double turned, double density) {
        double[] at = place[i];
        double[] c = chordward[i];
        double[] n = normal[i];
        double sigma = fromZero >= 0
                ? Separation.separated(fromZero, stallUp[i])
                : Separation.separated(-fromZero, stallDown[i]);
        double attached = slope[i] * fromZero;
        double lift = attached;
        double drag = leastDrag[i] + induced[i] * attached * attached;
        double[] axis = pitchAxis[i];
        double turn = moment[i] + turned;
        if (sigma > 0) {
            double plateLift = Separation.PLATE_LIFT * Math.sin(2 * fromZero);
            double sine = Math.sin(fromZero);
            double plateDrag = leastDrag[i] + PLATE_DRAG * sine * sine;
            lift += sigma * (plateLift - attached);
            drag += sigma * (plateDrag - drag);
            // the centre of pressure of a separated plate lies near mid-chord
            turn += sigma * (-0.25 * PLATE_DRAG * sine - turn);
        }
        double root = speeds[i];
        double pressureArea = 0.5 * density * root * root * area[i];
        double alongUnit = along[i] / root;
        double acrossUnit = across[i] / root;
        double alongChord = pressureArea * (lift * acrossUnit - drag * alongUnit);
        double alongNormal = pressureArea * (lift * alongUnit + drag * acrossUnit);
        double fx = alongChord * c[0] + alongNormal * n[0];
        double fy = alongChord * c[1] + alongNormal * n[1];
        double fz = alongChord * c[2] + alongNormal * n[2];
        double pitching = pressureArea * chord[i] * turn;
        forceX += fx;
        forceY += fy;
        forceZ += fz;
        momentX += at[1] * fz - at[2] * fy;
        momentY += at[2] * fx - at[0] * fz + pitching * axis[1];
        momentZ += at[0] * fy - at[1] * fx + pitching * axis[2];
        if (isWing[i]) {
            wingLift += pressureArea * lift;
        }
    }

    /** Angle of a strip from its zero lift, without what the others do to it; leaves the flow along and across it. */
    private double fromZero(int i, double u, double v, double w, double p, double q, double r) {
        double[] at = flowPlace[i];
        double[] c = chordward[i];
        double[] n = normal[i];
        double vx = u + q * at[2] - r * at[1];
        double vy = v + r * at[0] - p * at[2];
        double vz = w + p * at[1] - q * at[0];
        alongNow = vx * c[0] + vy * c[1] + vz * c[2];
        acrossNow = -(vx * n[0] + vy * n[1] + vz * n[2]);
        double incidence = flowAngle(acrossNow, alongNow) + angle[i];
        return incidence - zeroLift[i];
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
    static double softened(double deflection) {
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
