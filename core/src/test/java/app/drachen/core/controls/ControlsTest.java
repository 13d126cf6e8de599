package app.drachen.core.controls;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ControlsTest {
    private static final Linkage LINKAGE = new Linkage(0.009, 0.014, Math.toRadians(45), true);

    private static Output elevon(int channel, Surface surface, double roll, double pitch, boolean reversed) {
        return new Output(channel, surface, new MixRow(roll, pitch, 0, 0), reversed, 1500, 1000, 2000, 1500, LINKAGE);
    }

    private static ControlSetup elevons(double roll, double pitch, boolean rightReversed) {
        return new ControlSetup(
                List.of(
                        elevon(1, Surface.LEFT_ELEVON, roll, -pitch, false),
                        elevon(2, Surface.RIGHT_ELEVON, -roll, -pitch, rightReversed)),
                RadioTrims.NONE,
                new Rates(1, 1, 1, 0));
    }

    // hand-worked table: roll right lifts the right elevon and lowers the left; pitch up lifts both;
    // 50 % of 500 µs is 250 µs, a longer pulse lowers the trailing edge
    @ParameterizedTest
    @CsvSource({
        "1, 0, 1750, 1250",
        "-1, 0, 1250, 1750",
        "0, 1, 1250, 1250",
        "0, -1, 1750, 1750",
        "1, 1, 1500, 1000",
        "0.5, -0.5, 1750, 1500"
    })
    void elevonMixByHand(double roll, double pitch, double left, double right) {
        ControlSetup controls = elevons(0.5, 0.5, false);
        assertEquals(left, pulse(controls, Surface.LEFT_ELEVON, roll, pitch, 0), 1e-9);
        assertEquals(right, pulse(controls, Surface.RIGHT_ELEVON, roll, pitch, 0), 1e-9);
    }

    // hand-worked: an upright V answers yaw right with the right panel down and the left up
    @ParameterizedTest
    @CsvSource({"0, 1, 0, 1225, 1225", "0, 0, 1, 1275, 1725", "0, 1, -1, 1450, 1000", "1, 0, 0, 1500, 1500"})
    void vTailMixByHand(double roll, double pitch, double yaw, double left, double right) {
        ControlSetup controls = new ControlSetup(
                List.of(vee(1, Surface.LEFT_VEE), vee(2, Surface.RIGHT_VEE)), RadioTrims.NONE, new Rates(1, 1, 1, 0));
        assertEquals(left, pulse(controls, Surface.LEFT_VEE, roll, pitch, yaw), 1e-9);
        assertEquals(right, pulse(controls, Surface.RIGHT_VEE, roll, pitch, yaw), 1e-9);
    }

    private static Output vee(int channel, Surface surface) {
        return new Output(channel, surface, MixPreset.VEE.row(surface, false), false, 1500, 1000, 2000, 1500, LINKAGE);
    }

    private static double pulse(ControlSetup controls, Surface surface, double roll, double pitch, double yaw) {
        Output output = controls.output(surface).orElseThrow();
        return output.pulse(output.mix().mix(roll, pitch, yaw, 0));
    }

    @Test
    void radioTrimCarriedAsWorkedByHand() {
        // THROWS-A8: elevons ±50 %, 500 µs, roll +4 %, pitch +6 %: left −5 µs, right −25, reversed +25
        RadioTrims trims = new RadioTrims(0.04, 0.06, 0);
        ControlSetup plain = elevons(0.5, 0.5, false).withTrims(trims).trimsCarried();
        assertEquals(1495, plain.output(Surface.LEFT_ELEVON).orElseThrow().centreMicros(), 1e-9);
        assertEquals(1475, plain.output(Surface.RIGHT_ELEVON).orElseThrow().centreMicros(), 1e-9);
        assertEquals(RadioTrims.NONE, plain.trims());
        ControlSetup reversed = elevons(0.5, 0.5, true).withTrims(trims).trimsCarried();
        assertEquals(1525, reversed.output(Surface.RIGHT_ELEVON).orElseThrow().centreMicros(), 1e-9);
    }

    @Property(tries = 200, seed = "4711")
    void carryingTrimLeavesTheSurfacesWhereTheyWere(
            @ForAll @DoubleRange(min = -0.2, max = 0.2) double roll,
            @ForAll @DoubleRange(min = -0.2, max = 0.2) double pitch,
            @ForAll @DoubleRange(min = -0.2, max = 0.2) double yaw) {
        ControlSetup before = DemoAircraft.strandlaeufer().controls().withTrims(new RadioTrims(roll, pitch, yaw));
        ControlSetup after = before.trimsCarried();
        for (Output output : before.surfaces()) {
            double was = output.unlimitedPulse(output.mix().mix(roll, pitch, yaw, 0));
            double is = after.output(output.surface()).orElseThrow().centreMicros();
            // centres are kept to a tenth of a microsecond
            assertEquals(was, is, 0.0501);
        }
    }

    @Test
    void cornersAsWorkedByHand() {
        // THROWS-A6: elevons 60 % + 60 % on 500 µs of room clip by 20 %, 67 % of roll is left
        ControlSetup controls = elevons(0.6, 0.6, false);
        StickCorners.Corner worst = StickCorners.worst(controls).get(0);
        assertEquals(0.20, worst.clip(), 1e-9);
        assertEquals(2.0 / 3, StickCorners.rollLeftAtFullPitch(controls), 1e-9);
        assertEquals(0, StickCorners.worst(elevons(0.5, 0.5, false)).get(1).clip(), 1e-9);
        assertEquals(1, StickCorners.rollLeftAtFullPitch(elevons(0.5, 0.5, false)), 1e-9);
    }

    @Test
    void linkageAsWorkedByHand() {
        // THROWS-A7: arm 9, horn 14 mm, servo 40°: sin δ = 0.643·sin 40°, 24.4°
        Linkage linkage = new Linkage(0.009, 0.014, Math.toRadians(40), true);
        assertEquals(24.4, Math.toDegrees(linkage.deflection(500)), 0.05);
        assertEquals(-24.4, Math.toDegrees(linkage.deflection(-500)), 0.05);
        assertEquals(-24.4, Math.toDegrees(new Linkage(0.009, 0.014, Math.toRadians(40), false).deflection(500)), 0.05);
    }

    @Test
    void ratesAndExpoAsWorkedByHand() {
        // THROWS-A10: e 0.3, x 0.5: 0.7·0.5 + 0.3·0.125 = 0.3875
        Rates rates = new Rates(1, 1, 1, 0.3);
        assertEquals(0.3875, rates.shape(0.5, 1), 1e-12);
        for (double stick = -1; stick <= 1; stick += 0.1) {
            assertEquals(stick, rates.stickFor(rates.shape(stick, 0.7), 0.7), 1e-9);
        }
    }

    @Test
    void presetsMoveEverySurfaceTheWantedWay() {
        for (MixPreset preset : MixPreset.values()) {
            for (boolean inverted : new boolean[] {false, true}) {
                for (Surface surface : preset.surfaces()) {
                    MixRow row = preset.row(surface, inverted);
                    for (Axis axis : List.of(Axis.ROLL, Axis.PITCH, Axis.YAW)) {
                        assertTrue(
                                row.share(axis) == 0
                                        || surface.isMotor()
                                        || Math.signum(row.share(axis)) == surface.wantedSign(axis, inverted),
                                preset + " " + surface + " " + axis);
                    }
                }
            }
        }
        // an inverted V turns yaw round and nothing else
        assertEquals(-Surface.LEFT_VEE.wantedSign(Axis.YAW, false), Surface.LEFT_VEE.wantedSign(Axis.YAW, true));
        assertEquals(Surface.LEFT_VEE.wantedSign(Axis.PITCH, false), Surface.LEFT_VEE.wantedSign(Axis.PITCH, true));
    }

    @Test
    void turningRoundTwiceIsNothingAndSharedChannelsAreRefused() {
        Output output = elevon(1, Surface.LEFT_ELEVON, 0.5, -0.5, false);
        assertEquals(output, output.turnedRound().turnedRound());
        assertEquals(-output.sense(), output.turnedRound().sense());
        assertThrows(
                IllegalArgumentException.class,
                () -> new ControlSetup(List.of(output, output), RadioTrims.NONE, new Rates(1, 1, 1, 0)));
    }

    @Test
    void aPresetMakesTheOutputsOfItsKindAndKeepsWhatFits() {
        ControlSetup vee = DemoAircraft.strandlaeufer().controls();
        ControlSetup tail = MixPreset.CONVENTIONAL.apply(vee, false);
        assertEquals(
                MixPreset.CONVENTIONAL.surfaces(),
                tail.outputs().stream().map(Output::surface).toList());
        assertEquals(5, tail.outputs().stream().map(Output::channel).distinct().count());
        assertEquals(vee.output(Surface.LEFT_AILERON), tail.output(Surface.LEFT_AILERON), "what fits is kept");
        tail.surfaces().forEach(o -> assertEquals(1, o.sense(), o.surface() + " goes the way its share says"));
        assertEquals(tail, MixPreset.CONVENTIONAL.apply(tail, false));
        ControlSetup wing = MixPreset.ELEVON.apply(vee, false);
        assertEquals(3, wing.outputs().size());
        assertTrue(wing.output(Surface.RIGHT_ELEVON).orElseThrow().reversed());
    }
}
