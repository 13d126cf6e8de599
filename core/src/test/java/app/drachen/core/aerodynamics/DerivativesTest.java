package app.drachen.core.aerodynamics;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.PlausibleAircraft;
import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.draft.NewAircraft;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Trim;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Working;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What flies against a lattice over the whole aircraft, and roll as flown against what is said of it. */
class DerivativesTest {
    /** Twenty aircraft: tails, V up and down, wings swept and straight, a delta and a plank. */
    static Map<String, Setup> aircraft() {
        Map<String, Setup> all = new LinkedHashMap<>();
        all.put("Rochen", DemoAircraft.rochen());
        all.put("Strandläufer", DemoAircraft.strandlaeufer());
        all.put("Seeschwalbe", DemoAircraft.seeschwalbe());
        all.put("template, conventional", NewAircraft.of(NewAircraft.Kind.CONVENTIONAL, "C"));
        all.put("template, V", NewAircraft.of(NewAircraft.Kind.PUSHER_VEE, "V"));
        all.put("template, inverted V", NewAircraft.of(NewAircraft.Kind.INVERTED_VEE, "A"));
        all.put("template, flying wing", NewAircraft.of(NewAircraft.Kind.FLYING_WING, "W"));
        all.put("delta, aspect ratio 2", tailless(0.8, 0.1, 0.45, Math.atan(0.7 / 0.45), 0.2));
        all.put("delta, aspect ratio 3", tailless(0.6, 0.1, 0.5, Math.atan(0.5 / 0.5), 0.2));
        all.put("plank, aspect ratio 5", tailless(0.25, 0.25, 0.625, 0, 0.2));
        all.put("plank, aspect ratio 8", tailless(0.2, 0.16, 0.72, 0.03, 0.22));
        all.put("wing swept by 35°", tailless(0.28, 0.18, 0.7, Math.toRadians(35), 0.22));
        for (int seed = 0; seed < 8; seed++) {
            Setup setup = PlausibleAircraft.of(seed);
            all.put("random " + seed + ", " + kind(setup), setup);
        }
        return all;
    }

    private static String kind(Setup setup) {
        Tail tail = setup.airframe().tail();
        return tail instanceof Tail.None ? "wing" : tail instanceof Tail.Vee ? "V" : "tail";
    }

    private static Setup tailless(double root, double tip, double half, double sweep, double ratio) {
        Setup setup = DemoAircraft.rochen();
        Wing drawn = setup.airframe().wing();
        Wing wing = new Wing(
                0,
                0,
                List.of(new WingPanel(root, tip, half, sweep, 0.02, 0)),
                drawn.section(),
                0,
                0,
                List.of(new Flap(Flap.Kind.ELEVON, 0.3, 0.95, ratio)));
        return setup.withAirframe(setup.airframe().withWing(wing).withTail(new Tail.None(List.of())));
    }

    /** How far apart they may be [-], or what is too small to matter [1/rad]. */
    private record Allowed(double share, double small) {}

    private static Allowed allowed(Derivative derivative) {
        return switch (derivative) {
            case LIFT_ALPHA, ROLL_RATE, ROLL_CONTROL, YAW_CONTROL, PITCH_CONTROL -> new Allowed(0.10, 0.002);
            case PITCH_RATE -> new Allowed(0.10, 0.03);
            case ROLL_SLIP -> new Allowed(0.10, 0.01);
                // a delta's is a third too high
            case ROLL_YAW_RATE -> new Allowed(0.10, 0.017);
                // the body is in one and not in the other, and so is friction
            case PITCH_ALPHA -> new Allowed(0.33, 0.05);
            case SIDE_SLIP, YAW_SLIP -> new Allowed(0.30, 0.04);
            case YAW_RATE -> new Allowed(0.15, 0.01);
                // half of it is suction at the leading edge, which strips hardly have
            case YAW_ROLL_RATE -> new Allowed(0.30, 0.042);
        };
    }

    @Test
    void whatFliesAgreesWithALatticeOverAllOfIt() {
        aircraft().forEach((name, setup) -> {
            Derivatives flown = Derivatives.flown(setup);
            Derivatives lattice = Derivatives.lattice(setup);
            for (Derivative derivative : Derivative.values()) {
                Allowed allowed = allowed(derivative);
                double apart = Math.abs(flown.at(derivative) - lattice.at(derivative));
                assertTrue(
                        apart <= allowed.small() || flown.apart(lattice, derivative) <= allowed.share(),
                        name + " " + derivative + ": " + flown.at(derivative) + ", lattice " + lattice.at(derivative));
            }
        });
    }

    /** BUILD-A4 against what flies: the CG window stands on it. */
    @Test
    void theNeutralPointAsFlownLiesInTheBandThatIsSaid() {
        aircraft().forEach((name, setup) -> {
            NeutralPoint said = NeutralPoint.of(setup.airframe());
            Derivatives flown = Derivatives.flown(setup);
            double margin = -flown.at(Derivative.PITCH_ALPHA) / flown.at(Derivative.LIFT_ALPHA);
            double centre =
                    (setup.massProperties().centre().aft() - setup.planform().meanChordLeadingEdge())
                            / setup.planform().meanChord();
            assertTrue(
                    said.low() <= centre + margin && centre + margin <= said.high(),
                    name + ": " + (centre + margin) + " of " + said.low() + " to " + said.high());
        });
    }

    /**
     * The small flying wing of R. W. Beard, T. W. McLain, Small Unmanned Aircraft, 2012, appendix E: span 1.42 m, chord 0.33 m, C_Lα 3.50,
     * C_mα −0.272, C_mq −1.40, C_lp −0.321, C_lr 0.031, C_lβ −0.029 (values from memory). The book draws no planform: taper 0.57 and a
     * leading edge swept by 27° are assumed, and no fins. Its C_Lq of 2.89 is not compared, for it depends on the point.
     */
    @Test
    void theFlyingWingOfTheTextbook() {
        Setup setup = withMargin(0.272 / 3.50);
        Derivatives flown = Derivatives.flown(setup);
        assertEquals(1, flown.at(Derivative.LIFT_ALPHA) / 3.5016, 0.08, "C_Lα");
        assertEquals(1, flown.at(Derivative.PITCH_RATE) / -1.3990, 0.25, "C_mq");
        assertEquals(1, flown.at(Derivative.ROLL_RATE) / -0.3209, 0.15, "C_lp");
        assertEquals(1, flown.at(Derivative.ROLL_SLIP) / -0.02854, 0.35, "C_lβ");
    }

    /** A fin drawn twice in one place is one fin, and a thing that cannot be computed is none of the pilot's troubles. */
    @Test
    void twoFinsInOnePlaceShareTheLoadOfOne() {
        Setup setup = DemoAircraft.rochen();
        Tail.None tail = (Tail.None) setup.airframe().tail();
        Setup twice = setup.withAirframe(setup.airframe()
                .withTail(new Tail.None(List.of(tail.fins().get(0), tail.fins().get(0)))));
        double once = Derivatives.lattice(setup).at(Derivative.YAW_SLIP);
        // the tail's mass is spread over the drawn area, so that the CG moves a little
        assertEquals(once, Derivatives.lattice(twice).at(Derivative.YAW_SLIP), 0.05 * once);
        // each has its own friction, and the load of one in the air
        double flown = Derivatives.flown(setup).at(Derivative.SIDE_SLIP);
        assertEquals(flown, Derivatives.flown(twice).at(Derivative.SIDE_SLIP), 0.15 * Math.abs(flown));
    }

    /** The wing where its static margin is as asked, by halving. */
    private static Setup withMargin(double margin) {
        Setup wing = tailless(0.42, 0.24, 0.711, Math.toRadians(27), 0.25);
        double low = -0.2;
        double high = 0.2;
        for (int i = 0; i < 30; i++) {
            Setup at = moved(wing, (low + high) / 2);
            Derivatives flown = Derivatives.flown(at);
            if (-flown.at(Derivative.PITCH_ALPHA) / flown.at(Derivative.LIFT_ALPHA) < margin) {
                low = (low + high) / 2;
            } else {
                high = (low + high) / 2;
            }
        }
        return moved(wing, low);
    }

    private static Setup moved(Setup setup, double aft) {
        Wing wing = setup.airframe().wing();
        return setup.withAirframe(setup.airframe()
                .withWing(new Wing(aft, wing.up(), wing.panels(), wing.section(), wing.incidence(), 0, wing.flaps())));
    }

    /** A flap of a quarter chord on a long wing: Glauert's τ = 0.609 and c_mδ = −0.650 (H. Glauert 1927). */
    @Test
    void aFlapOnALongWingIsThatOfTheThinAerofoil() {
        Setup setup = tailless(0.1, 0.1, 2.9, 0, 0.25);
        Derivatives flown = Derivatives.flown(setup);
        Wing wing = setup.airframe().wing();
        Setup whole = setup.withAirframe(setup.airframe()
                .withWing(new Wing(
                        0, 0, wing.panels(), wing.section(), 0, 0, List.of(new Flap(Flap.Kind.ELEVON, 0, 1, 0.25)))));
        double lift = flown.at(Derivative.LIFT_ALPHA);
        StripModel model = new StripModel(whole);
        double[] down = new double[whole.controls().outputs().size()];
        double[] level = new double[down.length];
        for (int i = 0; i < down.length; i++) {
            down[i] = whole.controls().outputs().get(i).surface().isMotor() ? 0 : 0.02;
        }
        double q = 0.5 * 1.2 * 100 * 2 * 2.9 * 0.1;
        double effect = (lift(model, down) - lift(model, level)) / (q * 0.02) / lift;
        assertEquals(0.609, effect, 0.02, "effectiveness");
        double moment = moment(model, down) - moment(model, level);
        // about the quarter chord: what the lift does about the CG is taken out
        double arm = whole.massProperties().centre().aft() - 0.025;
        double about = moment - (lift(model, down) - lift(model, level)) * arm;
        assertEquals(-0.650, about / (q * 0.1 * 0.02), 0.05, "moment");
    }

    private static double lift(StripModel model, double[] deflections) {
        model.compute(10, 0, 0, 0, 0, 0, 1.2, deflections);
        return -model.forceZ();
    }

    private static double moment(StripModel model, double[] deflections) {
        model.compute(10, 0, 0, 0, 0, 0, 1.2, deflections);
        return model.momentY();
    }

    /** Full stick from level flight: the mean rate from 0.3 s to 90° lies in the band of THROWS-A9. */
    @Test
    void rollAsFlownLiesInTheBandThatIsSaid() {
        int flown = 0;
        for (Map.Entry<String, Setup> one : aircraft().entrySet()) {
            Setup setup = one.getValue();
            double speed = setup.modes().limits().cruiseSpeed();
            // those without fins yaw off
            boolean finned = !(setup.airframe().tail() instanceof Tail.None none)
                    || !none.fins().isEmpty();
            if (finned && Trim.level(setup, speed, 1.225) instanceof Trim.Result.Trimmed trim) {
                Working said = ControlPower.rollRate(setup, speed);
                double rate = rolled(setup, trim, speed);
                double low = said.spread().orElseThrow().low();
                double high = said.spread().orElseThrow().high();
                assertTrue(low <= rate && rate <= high, one.getKey() + ": " + rate + " of " + said.value());
                flown++;
            }
        }
        assertTrue(flown >= 13, flown + " of them can be trimmed");
    }

    private static double rolled(Setup setup, Trim.Result.Trimmed trim, double speed) {
        Aircraft aircraft = new Aircraft(setup);
        double[] still = pulses(setup, trim, 0);
        double[] full = pulses(setup, trim, setup.controls().rates().roll());
        aircraft.place(0, 0, 100, 0, trim.alpha(), 0, speed);
        aircraft.move(speed * Math.cos(trim.alpha()), 0, speed * Math.sin(trim.alpha()), 0, 0, 0);
        aircraft.settle(still, 1.225, speed);
        aircraft.step(0.005, still, 0, 0, 0, 1.225);
        double angle = 0;
        double from = 0;
        double time = 0;
        while (angle < Math.PI / 2 && time < 2) {
            aircraft.step(0.005, full, 0, 0, 0, 1.225);
            time += 0.005;
            angle += 0.005 * aircraft.rollRate();
            from = time <= 0.3 ? angle : from;
        }
        return (angle - from) / (time - 0.3);
    }

    private static double[] pulses(Setup setup, Trim.Result.Trimmed trim, double roll) {
        return setup.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mix().mix(roll, trim.pitchCommand(), 0, trim.power())))
                .toArray();
    }
}
