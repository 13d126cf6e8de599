package app.drachen.core.flight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.Wing;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.Linkage;
import app.drachen.core.controls.MixRow;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.controls.Surface.Role;
import app.drachen.core.controls.Surface.Side;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.propulsion.Drive;
import app.drachen.core.propulsion.Drive.Turn;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** An aircraft may have several motors, several flaps on a side, several packs, and outputs that move nothing in the air. */
class SeveralTest {
    private static final double RHO = 1.2;
    private static final double OUT = 0.30;

    private static final Setup SINGLE = DemoAircraft.seeschwalbe();

    private static Output output(int channel, Surface surface, MixRow mix) {
        Linkage linkage = new Linkage(0.010, 0.010, Math.toRadians(45), true);
        return new Output(channel, surface, mix, false, 1500, 1000, 2000, 1500, linkage);
    }

    private static Setup twin(Turn left, Turn right) {
        Drive drive = Drive.straight(
                SINGLE.propulsion().drives().get(0).motor(),
                SINGLE.propulsion().drives().get(0).propeller());
        List<Part> parts = new ArrayList<>(
                SINGLE.parts().stream().filter(p -> p.kind() != PartKind.MOTOR).toList());
        double aft = SINGLE.motorPosition().orElseThrow().aft();
        parts.add(new Part("left motor", PartKind.MOTOR, 0.08, new Position(aft, -OUT, 0)));
        parts.add(new Part("right motor", PartKind.MOTOR, 0.08, new Position(aft, OUT, 0)));
        List<Output> outputs = new ArrayList<>(SINGLE.controls().surfaces());
        outputs.add(output(15, new Surface(Role.MOTOR, Side.LEFT, 1), MixRow.MOTOR));
        outputs.add(output(16, new Surface(Role.MOTOR, Side.RIGHT, 2), MixRow.MOTOR));
        return SINGLE.withParts(parts)
                .withPropulsion(new Propulsion(
                        List.of(
                                new Drive(drive.motor(), drive.propeller(), left, 0, 0),
                                new Drive(drive.motor(), drive.propeller(), right, 0, 0)),
                        SINGLE.propulsion().packs()))
                .withControls(new ControlSetup(
                        outputs, SINGLE.controls().trims(), SINGLE.controls().rates()));
    }

    /** Accelerations at rest in the air with these powers on the two motors; without air but the propellers' own. */
    private static double[] at(Setup setup, double left, double right) {
        Aircraft aircraft = new Aircraft(setup, new StripModel(setup), setup.massProperties());
        double[] pulses = setup.controls().outputs().stream()
                .mapToDouble(o -> !o.surface().isMotor()
                        ? o.pulse(0)
                        : 1000 + 1000 * (o.surface().side() == Side.LEFT ? left : right))
                .toArray();
        aircraft.place(0, 0, 50, 0, 0, 0, 14);
        aircraft.settle(pulses, RHO, 14);
        return aircraft.accelerations(0, 0, 0, RHO);
    }

    @Test
    void twoMotorsPullTwiceAndTurnTheAircraftWhenTheyPullUnlike() {
        Setup twin = twin(Turn.CLOCKWISE, Turn.COUNTERCLOCKWISE);
        double[] both = at(twin, 0.7, 0.7);
        double[] none = at(twin, 0, 0);
        double[] left = at(twin, 0.7, 0);
        double mass = twin.massProperties().mass();
        // by hand: thrust of one motor, times its arm, over the moment of inertia in yaw (small coupling with roll)
        double pull = (left[0] - none[0]) * mass;
        assertEquals(2 * pull, (both[0] - none[0]) * mass, 0.02 * pull, "each sees the other only through the pack");
        double yaw = pull * OUT / twin.massProperties().yawInertia();
        assertEquals(yaw, left[5] - none[5], 0.08 * yaw, "the left motor turns the nose to the right");
        assertEquals(0, both[5] - none[5], 0.01 * yaw, "both together do not");
    }

    @Test
    void torqueCancelsWhereTheyTurnAgainstEachOther() {
        double against = at(twin(Turn.CLOCKWISE, Turn.COUNTERCLOCKWISE), 0.8, 0.8)[3]
                - at(twin(Turn.CLOCKWISE, Turn.COUNTERCLOCKWISE), 0, 0)[3];
        double alike = at(twin(Turn.CLOCKWISE, Turn.CLOCKWISE), 0.8, 0.8)[3]
                - at(twin(Turn.CLOCKWISE, Turn.CLOCKWISE), 0, 0)[3];
        assertTrue(alike < -0.05, "two clockwise propellers roll it to the left: " + alike);
        assertEquals(0, against, 0.02 * -alike);
    }

    @Test
    void oneMotorOutputRunsBothMotors() {
        Setup twin = twin(Turn.CLOCKWISE, Turn.COUNTERCLOCKWISE);
        List<Output> outputs = new ArrayList<>(twin.controls().surfaces());
        outputs.add(output(15, Surface.MOTOR, MixRow.MOTOR));
        Setup joined = twin.withControls(new ControlSetup(
                outputs, twin.controls().trims(), twin.controls().rates()));
        assertEquals(at(twin, 0.7, 0.7)[0], at(joined, 0, 0.7)[0], 1e-9);
    }

    private static Setup flapped(double deflectionMicros, Output... more) {
        Wing wing = SINGLE.airframe().wing();
        List<Flap> flaps = new ArrayList<>(wing.flaps());
        flaps.add(new Flap(Flap.Kind.FLAP, 0.08, 0.30, 0.22));
        flaps.add(new Flap(Flap.Kind.FLAP, 0.30, 0.52, 0.22));
        List<Output> outputs = new ArrayList<>(SINGLE.controls().outputs());
        for (int i = 0; i < 4; i++) {
            Side side = i % 2 == 0 ? Side.LEFT : Side.RIGHT;
            outputs.add(output(9 + i, new Surface(Role.FLAP, side, 1 + i / 2), MixRow.NONE)
                    .withCentre(1500 + deflectionMicros));
        }
        outputs.addAll(List.of(more));
        return SINGLE.withAirframe(SINGLE.airframe().withWing(wing.withFlaps(flaps)))
                .withControls(new ControlSetup(
                        outputs, SINGLE.controls().trims(), SINGLE.controls().rates()));
    }

    private static double[] straight(Setup setup) {
        return at(setup, 0, 0);
    }

    /** Thin-aerofoil flaps: lift grows by about slope · effectiveness · deflection · share of the wing. */
    @Test
    void flapsOfBothSidesLiftAndDoNotRoll() {
        double[] up = straight(flapped(0));
        double[] down = straight(flapped(200));
        assertTrue(down[2] - up[2] < -3, "trailing edges down lift: " + (down[2] - up[2]) + " m/s²");
        assertEquals(0, down[3] - up[3], 1e-6, "and do not roll");
        Setup uneven = flapped(0);
        Surface outer = new Surface(Role.FLAP, Side.LEFT, 2);
        Setup one = uneven.withControls(uneven.controls().change(outer, o -> o.withCentre(1700)));
        Surface inner = new Surface(Role.FLAP, Side.LEFT, 1);
        Setup other = uneven.withControls(uneven.controls().change(inner, o -> o.withCentre(1700)));
        double far = straight(one)[3] - up[3];
        double near = straight(other)[3] - up[3];
        assertTrue(far > near && near > 0, "the outer flap down on the left rolls right, more than the inner one");
        // arms of the two flaps by their middles: 0.41 and 0.19 of the half span
        assertEquals(0.41 / 0.19, far / near, 0.35);
    }

    @Test
    void anOutputThatMovesNothingInTheAirChangesNothing() {
        double[] without = straight(SINGLE);
        List<Output> outputs = new ArrayList<>(SINGLE.controls().outputs());
        outputs.add(
                output(14, new Surface(Role.PAN, Side.MIDDLE, 1), MixRow.NONE).withCentre(1900));
        outputs.add(
                output(13, new Surface(Role.GEAR, Side.MIDDLE, 1), MixRow.NONE).withCentre(1100));
        double[] with = straight(SINGLE.withControls(new ControlSetup(
                outputs, SINGLE.controls().trims(), SINGLE.controls().rates())));
        for (int i = 0; i < 6; i++) {
            assertEquals(without[i], with[i], 1e-12);
        }
    }

    @Test
    void surfacesHaveNamesOfTheirOwnAndPacksToo() {
        assertEquals("Left flap 2", new Surface(Role.FLAP, Side.LEFT, 2).label());
        assertEquals("right-elevon", Surface.RIGHT_ELEVON.id());
        assertEquals("Motor", Surface.MOTOR.label());
        Output twice = output(12, Surface.ELEVATOR, MixRow.NONE);
        List<Output> outputs = new ArrayList<>(SINGLE.controls().outputs());
        outputs.add(twice);
        assertThrows(
                IllegalArgumentException.class,
                () -> new ControlSetup(
                        outputs, SINGLE.controls().trims(), SINGLE.controls().rates()));
        Pack pack = SINGLE.propulsion().pack();
        assertThrows(IllegalArgumentException.class, () -> new Propulsion(List.of(), List.of(pack, pack)));
        assertThrows(IllegalArgumentException.class, () -> new Propulsion(List.of(), List.of()));
    }
}
