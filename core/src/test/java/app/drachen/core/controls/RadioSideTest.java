package app.drachen.core.controls;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RadioSideTest {
    private static final RadioSide USUAL = RadioSide.USUAL;

    /** By hand: 1500 + 5.12·100·(weight·stick + offset + trim, times the end point, plus sub-trim). */
    @ParameterizedTest
    @CsvSource({
        "1, 1, 0, 1, 1, 0, 0, 2012",
        "-1, 1, 0, 1, 1, 0, 0, 988",
        "1, 0.8, 0.1, 1, 1, 0, 0, 1960.8",
        "1, 1, 0, 1, 0.9, 0, 0, 1960.8",
        "-1, 1, 0, 0.9, 1, 0, 0, 1039.2",
        "0, 1, 0, 1, 1, 0.02, 0, 1510.24",
        "0, 1, 0, 1, 1, 0, 0.06, 1530.72"
    })
    void aPulseAsWorkedByHand(
            double at, double weight, double offset, double low, double high, double sub, double trim, double pulse) {
        StickChannel channel =
                new StickChannel(Axis.ROLL, 1, Axis.ROLL, weight, offset, low, high, sub, 1000, 1500, 2000);
        assertEquals(pulse, channel.pulse(at, 5.12, trim), 1e-6);
    }

    @Test
    void theBoardReadsPulsesByItsEndsAndDeadBand() {
        assertEquals(0, USUAL.command(1504));
        assertEquals(1, USUAL.command(2_100));
        assertEquals(-0.5, USUAL.command(1_250), 1e-12);
    }

    @Test
    void clicksAreTrims() {
        assertEquals(8, USUAL.clicks(0.04));
        assertTrue(USUAL.plain());
        StickChannel pitch = USUAL.stick(Axis.PITCH);
        assertEquals(USUAL, USUAL.with(pitch.on(5, Axis.YAW)).with(pitch));
        assertThrows(
                IllegalArgumentException.class,
                () -> new RadioSide(List.of(pitch, pitch, pitch, pitch), 5, 0.005, false, USUAL.board()));
    }

    /** THROWS-A11: cruise power 0.45, idle +9 %: 20 % per unit of power, +5 % at power 0.20. */
    @Test
    void thePowerMixIsTheOneWorkedByHand() {
        ExtraMix mix = ExtraMix.powerToPitch(0.09, 0.45, "mix", true);
        assertEquals(0.09, mix.value(0), 1e-12);
        assertEquals(0.05, mix.value(0.20), 1e-12);
        assertEquals(0, mix.value(0.45), 1e-12);
        assertEquals(0, mix.value(1), 1e-12);
    }

    /** Hand-worked tables of the presets: what a full command does at each output [share, + trailing edge down, rudder left]. */
    @Test
    void presetsByHand() {
        assertRow(MixPreset.FLAPERON, "left-aileron", 0.7, 0, 0, 0, 0.3);
        assertRow(MixPreset.FLAPERON, "right-aileron", -0.7, 0, 0, 0, 0.3);
        assertRow(MixPreset.FLAPS, "left-flap", 0, 0, 0, 0, 1);
        assertRow(MixPreset.FLAPS, "right-flap", 0, 0, 0, 0, 1);
        assertRow(MixPreset.TWO_RUDDERS, "left-rudder", 0, 0, -1, 0, 0);
        assertRow(MixPreset.TWO_RUDDERS, "right-rudder", 0, 0, -1, 0, 0);
        assertRow(MixPreset.TWIN, "left-motor", 0, 0, 0.15, 1, 0);
        assertRow(MixPreset.TWIN, "right-motor-2", 0, 0, -0.15, 1, 0);
        // full roll right: the left aileron goes down by 1 − 0.4, the right one up by 1
        ExtraMix left = MixPreset.DIFFERENTIAL.extras().get(0);
        ExtraMix right = MixPreset.DIFFERENTIAL.extras().get(1);
        assertEquals(0.6, 1 + left.value(1), 1e-12);
        assertEquals(-1, -1 + left.value(-1), 1e-12);
        assertEquals(-1, -1 + right.value(1), 1e-12);
        assertEquals(0.6, 1 + right.value(-1), 1e-12);
    }

    private static void assertRow(
            MixPreset preset, String id, double roll, double pitch, double yaw, double power, double flaps) {
        Surface surface = preset.surfaces().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
        assertEquals(new MixRow(roll, pitch, yaw, power, flaps), zeros(preset.row(surface, false)), id);
    }

    /** −0 is 0. */
    private static MixRow zeros(MixRow r) {
        return new MixRow(r.roll() + 0.0, r.pitch() + 0.0, r.yaw() + 0.0, r.power() + 0.0, r.flaps() + 0.0);
    }

    @Test
    void aPresetTakesItsMixesWithItAndLeavesThePilotsOwn() {
        ExtraMix own = ExtraMix.powerToPitch(0.05, 0.5, "mix", true);
        ControlSetup flaps =
                MixPreset.FLAPS.apply(DemoAircraft.seeschwalbe().controls().withExtras(List.of(own)), false);
        assertEquals(List.of("power to pitch", "flaps to pitch"), names(flaps));
        assertEquals(List.of("power to pitch"), names(MixPreset.CONVENTIONAL.apply(flaps, false)));
        assertTrue(flaps.radio().isPresent(), "the radio stays as it was entered");
    }

    private static List<String> names(ControlSetup controls) {
        return controls.extras().stream().map(ExtraMix::name).toList();
    }

    /** A yaw stick starts no motor, and makes two unlike while they run. */
    @Test
    void differentialPowerNeedsPower() {
        ControlSetup twin = MixPreset.TWIN.apply(DemoAircraft.seeschwalbe().controls(), false);
        Output left = twin.outputs().get(4);
        Output right = twin.outputs().get(5);
        assertEquals(0, left.mixed(0, 0, 1, 0, 0), 1e-12);
        assertEquals(0.65, left.mixed(0, 0, 1, 0.5, 0), 1e-12);
        assertEquals(0.35, right.mixed(0, 0, 1, 0.5, 0), 1e-12);
    }

    /** Corners see mixes, flaps and power: differential takes 40 % off the downward corner, a mix of 30 % clips where there was room. */
    @Test
    void cornersSeeExtraMixesAndFlaps() {
        ControlSetup plain =
                MixPreset.CONVENTIONAL.apply(DemoAircraft.seeschwalbe().controls(), false);
        Output elevator = plain.output(Surface.ELEVATOR).orElseThrow();
        double before = StickCorners.worst(plain).stream()
                .filter(c -> c.output().equals(elevator))
                .findFirst()
                .orElseThrow()
                .clip();
        ControlSetup mixed = plain.withExtras(List.of(ExtraMix.powerToPitch(0.3, 0.5, "", true)));
        double after = StickCorners.worst(mixed).stream()
                .filter(c -> c.output().surface().equals(Surface.ELEVATOR))
                .findFirst()
                .orElseThrow()
                .clip();
        assertEquals(0.30, after - before, 0.021);
        ControlSetup less = MixPreset.DIFFERENTIAL.apply(plain, false);
        Output left = less.output(Surface.LEFT_AILERON).orElseThrow();
        assertEquals(0.6, Mixing.of(less, left, 1, 0, 0, 0, 0), 1e-12);
        assertEquals(-1, Mixing.of(less, left, -1, 0, 0, 0, 0), 1e-12);
        ControlSetup flaperon = MixPreset.FLAPERON.apply(plain, false);
        assertEquals(
                0.3, Mixing.of(flaperon, flaperon.output(Surface.LEFT_AILERON).orElseThrow(), 0, 0, 0, 0, 1), 1e-12);
        assertEquals(0.08, Mixing.of(flaperon, flaperon.output(Surface.ELEVATOR).orElseThrow(), 0, 0, 0, 0, 1), 1e-12);
    }
}
