package app.drachen.core.aerodynamics;

import app.drachen.core.aerodynamics.Strips.Strip;
import app.drachen.core.airframe.Body;
import app.drachen.core.airframe.Position;
import app.drachen.core.propulsion.Drive;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Air forces on the drawn aircraft, strip by strip, over the whole range of angles.
 *
 * <p>Source: strips whose flow is that of a lifting surface ({@link Interplay}: what each sheds turns the flow of the others, as a
 * vortex lattice has it, with sweep, taper, flaps and turning); attached and separated flow joined as in R. W. Beard, T. W. McLain,
 * Small Unmanned Aircraft, 2012, section 4.2, with a smooth step instead of their sigmoid; separated flow as a flat plate (S. F.
 * Hoerner, Fluid-Dynamic Drag, 1965); the body by slender-body theory (Munk, NACA 184, 1924) and cross-flow drag. The downwash over
 * a tail is that of {@link NeutralPoint} and may come late ({@link #tailMeets}). The propeller's slipstream is that of momentum theory
 * (Rankine 1865, Froude 1889), fully grown, without swirl, on tails only. Left out: unsteady lift of a strip, ground effect, suction at leading edges in roll. Lift within ±10 %, drag ±25 %.
 *
 * <p>Not safe for use by several threads: it keeps its results in itself, so that a step of a
 * simulation allocates nothing.
 */
public final class StripModel implements AirForces {
    private static final double PLATE_DRAG = 1.8;
    private static final double LINEAR_FLAP = Math.toRadians(15);

    /** Drag area of a horn with its rod: 15 mm by 2.5 mm across the flow, C_D 1.1 [m²] (own estimate). */
    private static final double HORN = 4e-5;

    /** Radius of the grown stream over that of the propeller [-]; √½ at rest, 1 at high speed. */
    private static final double CONTRACTION = 0.85;

    /** Flow across over flow along up to which the angle's power series is taken. */
    private static final double SERIES = 0.25;

    /** What is added to all speeds, as if at right angles, so that none is nought [m/s]. */
    private static final double SLOW = 1e-4;

    private final int count;
    private final StripTable table;
    private final Interplay interplay;

    /** Flow along and across the chord of each strip, its speed [m/s], its angle from zero lift for itself [rad]. */
    private final double[] along;

    private final double[] across;
    private final double[] speeds;
    private final double[] angles;

    /** Strips in the stream of a propeller, and of which. */
    private final int[] blown;

    private final int[] blownBy;
    private final double[] discArea;
    private final double[] pull;
    private final double[] added;
    private double pullDensity = 1;

    private final double downwashPerLift;
    private final double downwashWay;
    private final double bodyDragArea;
    private final double bodySideArea;
    private final double bodyMoment;
    private final double[] flaps;

    private double forceX;
    private double forceY;
    private double forceZ;
    private double momentX;
    private double momentY;
    private double momentZ;
    private double wingLift;
    private double downwash;
    private boolean late;
    private double met;

    /** Lift, drag and moment coefficients of a strip whose flow separates. */
    private final double[] coefficients = new double[3];

    /** Prepares the strips of a set-up. */
    public StripModel(Setup setup) {
        this(setup, ModelError.NONE);
    }

    /** Prepares the strips of a set-up whose air differs from the drawing. */
    public StripModel(Setup setup, ModelError error) {
        Strips.Cut cut = Strips.of(setup);
        List<Strip> strips = cut.strips();
        count = strips.size();
        table = new StripTable(strips, error);
        along = new double[count];
        across = new double[count];
        speeds = new double[count];
        angles = new double[count];
        List<Drive> drives = setup.propulsion().drives();
        discArea = drives.stream()
                .mapToDouble(d ->
                        Math.PI / 4 * d.propeller().diameter() * d.propeller().diameter())
                .toArray();
        pull = new double[drives.size()];
        added = new double[drives.size()];
        Position centre = setup.massProperties().centre();
        // a wing in a jet much narrower than its span gains little lift, so only tails are blown
        int[] by = strips.stream()
                .mapToInt(s -> s.isWing() ? -1 : blowing(setup, centre, s.place()))
                .toArray();
        blown = IntStream.range(0, count).filter(i -> by[i] >= 0).toArray();
        blownBy = IntStream.of(blown).map(i -> by[i]).toArray();
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
    public void tailMeets(double angle) {
        late = true;
        met = angle;
    }

    @Override
    public void tailMeetsAll() {
        late = false;
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
        flow(along, table.along, u, v, w, p, q, r);
        flow(across, table.across, u, v, w, p, q, r);
        blow(u);
        interplay.prepare(q, r, flaps);
        double perLift = downwashPerLift / (0.5 * density * speedSquared * table.wingArea);
        if (late) {
            wash(met * speed);
            groups(0, 2, density);
        } else {
            groups(0, 1, density);
            wash(perLift * wingLift * speed);
            groups(1, 2, density);
        }
        downwash = perLift * wingLift;
        body(u, v, w, speed, density);
    }

    /** What the aircraft's motion is along, or across, the chords of all strips. Short loops, which a compiler makes parallel. */
    private static void flow(double[] to, double[][] by, double u, double v, double w, double p, double q, double r) {
        double[] byU = by[0];
        double[] byV = by[1];
        double[] byW = by[2];
        for (int i = 0; i < to.length; i++) {
            to[i] = u * byU[i] + v * byV[i] + w * byW[i];
        }
        double[] byP = by[3];
        double[] byQ = by[4];
        double[] byR = by[5];
        for (int i = 0; i < to.length; i++) {
            to[i] += p * byP[i] + q * byQ[i] + r * byR[i];
        }
    }

    private void blow(double u) {
        double axial = Math.max(0, u);
        for (int k = 0; k < added.length; k++) {
            added[k] = Math.sqrt(axial * axial + 2 * pull[k] / (pullDensity * discArea[k])) - axial;
        }
        for (int k = 0; k < blown.length; k++) {
            along[blown[k]] += table.along[0][blown[k]] * added[blownBy[k]];
        }
    }

    /** The downwash takes from the flow along z, by a speed [m/s]. */
    private void wash(double by) {
        for (int i = interplay.from(1); i < count; i++) {
            along[i] -= by * table.washed[i] * table.along[2][i];
            across[i] -= by * table.washed[i] * table.across[2][i];
        }
    }

    /** Groups of strips that work on each other: first the angles of all, then the forces of each. */
    private void groups(int first, int end, double density) {
        int from = interplay.from(first);
        int to = interplay.from(end);
        angles(from, to);
        interplay.follow(first, end, angles, speeds);
        forces(from, to, density, table.strip, interplay.angle, interplay.moment);
    }

    private void angles(int from, int to) {
        boolean large = false;
        for (int i = from; i < to; i++) {
            double x = along[i];
            double y = across[i];
            double size = y < 0 ? -y : y;
            large |= size > SERIES * x || x <= 0;
        }
        if (large) {
            for (int i = from; i < to; i++) {
                angles[i] = flowAngle(across[i], along[i]) + table.angle[i];
            }
        } else {
            series(across, along, table.angle, angles, from, to);
        }
        lengths(along, across, speeds, from, to);
    }

    private static void lengths(double[] x, double[] y, double[] lengths, int from, int to) {
        for (int i = from; i < to; i++) {
            lengths[i] = Math.sqrt(x[i] * x[i] + y[i] * y[i] + SLOW * SLOW);
        }
    }

    private static void series(double[] across, double[] along, double[] more, double[] angles, int from, int to) {
        for (int i = from; i < to; i++) {
            angles[i] = more[i] + arcTangent(across[i] / along[i]);
        }
    }

    private void forces(int from, int to, double density, double[] s, double[] angle, double[] moments) {
        double x = 0;
        double y = 0;
        double z = 0;
        double aboutX = 0;
        double aboutY = 0;
        double aboutZ = 0;
        double wing = 0;
        for (int i = from; i < to; i++) {
            int at = i * StripTable.WIDTH;
            double a = angle[i];
            double lift = s[at + StripTable.SLOPE] * a;
            double drag = s[at + StripTable.DRAG] + s[at + StripTable.INDUCED] * lift * lift;
            double turn = s[at + StripTable.MOMENT] + moments[i];
            if (a > s[at + StripTable.UP] || -a > s[at + StripTable.DOWN]) {
                separate(at, a, lift, drag, turn);
                lift = coefficients[0];
                drag = coefficients[1];
                turn = coefficients[2];
            }
            double slow = density * speeds[i] * s[at + StripTable.HALF_AREA];
            double pressureArea = slow * speeds[i];
            double chordwise = slow * along[i];
            double crosswise = slow * across[i];
            double alongChord = lift * crosswise - drag * chordwise;
            double acrossChord = lift * chordwise + drag * crosswise;
            double turning = pressureArea * turn;
            wing += s[at + StripTable.WING] * pressureArea * lift;
            x += s[at + StripTable.CHORDWARD] * alongChord;
            y += s[at + StripTable.CHORDWARD + 1] * alongChord + s[at + StripTable.ACROSS] * acrossChord;
            z += s[at + StripTable.CHORDWARD + 2] * alongChord + s[at + StripTable.ACROSS + 1] * acrossChord;
            aboutX += s[at + StripTable.CHORDWARD + 3] * alongChord + s[at + StripTable.ACROSS + 2] * acrossChord;
            aboutY += s[at + StripTable.CHORDWARD + 4] * alongChord
                    + s[at + StripTable.ACROSS + 3] * acrossChord
                    + s[at + StripTable.TURN] * turning;
            aboutZ += s[at + StripTable.CHORDWARD + 5] * alongChord
                    + s[at + StripTable.ACROSS + 4] * acrossChord
                    + s[at + StripTable.TURN + 1] * turning;
        }
        wingLift += wing;
        forceX += x;
        forceY += y;
        forceZ += z;
        momentX += aboutX;
        momentY += aboutY;
        momentZ += aboutZ;
    }

    /** Leaves the coefficients of a strip part of whose flow has separated. */
    private void separate(int at, double a, double attached, double attachedDrag, double attachedTurn) {
        double beyond = a >= 0 ? a - table.strip[at + StripTable.UP] : -a - table.strip[at + StripTable.DOWN];
        double sigma = Separation.separated(beyond);
        double sine = Math.sin(a);
        double plateLift = Separation.PLATE_LIFT * Math.sin(2 * a);
        double plateDrag = table.strip[at + StripTable.DRAG] + PLATE_DRAG * sine * sine;
        coefficients[0] = attached + sigma * (plateLift - attached);
        coefficients[1] = attachedDrag + sigma * (plateDrag - attachedDrag);
        // the centre of pressure of a separated plate lies near mid-chord
        coefficients[2] = attachedTurn + sigma * (-0.25 * PLATE_DRAG * sine - attachedTurn);
    }

    /** The angle of the flow: where it is small, its power series. */
    private static double flowAngle(double across, double along) {
        return Math.abs(across) <= SERIES * along && along > 0 ? arcTangent(across / along) : Math.atan2(across, along);
    }

    /** The power series of the arc tangent, exact to 1e-9 rad up to {@link #SERIES}. */
    private static double arcTangent(double x) {
        double y = x * x;
        double z = y * y;
        return x
                * ((1 - y * (1.0 / 3))
                        + z * ((1.0 / 5 - y * (1.0 / 7)) + z * ((1.0 / 9 - y * (1.0 / 11)) + z * (1.0 / 13))));
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
