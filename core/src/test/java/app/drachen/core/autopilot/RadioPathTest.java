package app.drachen.core.autopilot;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.cards.CardPlans;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.ExtraMix;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.controls.StickChannel;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** What arrives of the sticks, and what extra mixes add on the way to the outputs. */
class RadioPathTest {
    private static final Setup WING = DemoAircraft.rochen();
    private static final RadioSide USUAL = RadioSide.USUAL;

    private static RadioPath path(RadioSide side, boolean tail) {
        return new RadioPath(WING.controls().withRadio(Optional.of(side)), tail);
    }

    private static RadioSide crossed(Axis one, Axis other) {
        StickChannel a = USUAL.stick(one);
        StickChannel b = USUAL.stick(other);
        return USUAL.with(a.on(b.channel(), b.means())).with(b.on(a.channel(), a.means()));
    }

    @Test
    void aPlainRadioOrNoneLetsTheSticksThrough() {
        Sticks moved = new Sticks(0.123, -0.456, 0.789, 0.4);
        assertSame(moved, path(USUAL, false).heard(moved));
        assertSame(moved, new RadioPath(WING.controls().withRadio(Optional.empty()), false).heard(moved));
    }

    /** A swapped pair arrives swapped and nothing else changes, to the half percent of the dead band. */
    @Property(tries = 200, seed = "5")
    void aSwappedPairArrivesSwapped(
            @ForAll @DoubleRange(min = -0.9, max = 0.9) double roll,
            @ForAll @DoubleRange(min = -0.9, max = 0.9) double pitch,
            @ForAll @DoubleRange(min = -0.9, max = 0.9) double yaw) {
        Sticks heard = path(crossed(Axis.ROLL, Axis.YAW), false).heard(new Sticks(roll, pitch, yaw, 0.5));
        assertEquals(yaw, heard.roll(), 0.03);
        assertEquals(roll, heard.yaw(), 0.03);
        assertEquals(pitch, heard.pitch(), 0.03);
        assertEquals(0.5, heard.power(), 0.02);
    }

    @Test
    void powerOnTheWrongChannelArrivesAsThatStick() {
        Sticks heard = path(crossed(Axis.PITCH, Axis.POWER), false).heard(new Sticks(0, 1, 0, 0));
        assertEquals(-1, heard.pitch(), 1e-9, "power down is full nose down");
        assertEquals(1, heard.power(), 1e-9, "pitch back is full power");
    }

    /** By hand: the radio sends half of each, left (roll − pitch)/2 and right −(roll + pitch)/2, and the board takes them for roll and pitch. */
    @Test
    void aRadioThatMixesByHand() {
        Sticks wing = path(USUAL.mixing(true), false).heard(new Sticks(1, 0, 0, 0));
        assertEquals(0.512, wing.roll(), 1e-9, "half of the travel of this radio, 1.024 of the board's");
        assertEquals(-0.512, wing.pitch(), 1e-9);
        Sticks tail = path(USUAL.mixing(true), true).heard(new Sticks(0.5, 0, 1, 0));
        assertEquals(0.512, tail.yaw(), 1e-9);
        assertEquals(-0.512, tail.pitch(), 1e-9);
        assertEquals(0.512, tail.roll(), 1e-9, "roll is not mixed with a tail");
    }

    @Test
    void weightsAndEndsArrive() {
        RadioSide weak = USUAL.with(USUAL.stick(Axis.ROLL).weighted(0.5, 0));
        assertEquals(0.512, path(weak, false).heard(new Sticks(1, 0, 0, 0)).roll(), 1e-9);
        RadioSide ended = USUAL.with(USUAL.stick(Axis.ROLL).ending(1, 0.5, 0));
        assertEquals(0.512, path(ended, false).heard(new Sticks(1, 0, 0, 0)).roll(), 1e-9);
        assertEquals(-1, path(ended, false).heard(new Sticks(-1, 0, 0, 0)).roll(), 1e-9);
    }

    /** Nobody moves the stick that a channel is taken for: that command stays at rest, power at nothing. */
    @Test
    void aChannelThatNoStickFeedsIsAtRest() {
        RadioSide lost = USUAL.with(USUAL.stick(Axis.POWER).on(3, Axis.YAW))
                .with(USUAL.stick(Axis.YAW).on(4, Axis.YAW));
        assertEquals(0, path(lost, false).heard(new Sticks(0, 0, 0, 1)).power(), 1e-9);
    }

    /** Roll and pitch swapped between radio and board do not survive a first flight; sound, the same flight lands. */
    @Test
    void swappedChannelsCrashInTheModel() {
        Setup sound = DemoAircraft.seeschwalbe();
        Setup swapped = sound.withControls(sound.controls().withRadio(Optional.of(crossed(Axis.ROLL, Axis.PITCH))));
        assertTrue(flown(sound).contains("landed"), flown(sound));
        assertFalse(flown(swapped).contains("landed"), flown(swapped));
    }

    private static String flown(Setup setup) {
        var card = CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, DemoField.evening());
        Rehearsal rehearsal = new Rehearsal(new RehearsalPlan(setup, card, DemoField.evening(), 7));
        rehearsal.finish();
        return rehearsal.outcome().orElseThrow().sentence().toLowerCase(java.util.Locale.ROOT);
    }

    /** A mix onto one output moves it alone; one onto a name that no output has moves nothing. */
    @Test
    void aMixOntoOneOutputMovesItAlone() {
        ExtraMix own =
                new ExtraMix("own", ExtraMix.Input.ONE, "left-elevon", 0.1, 0, 1, List.of(1.0, 1.0), "", 0, true);
        ExtraMix lost = new ExtraMix("lost", ExtraMix.Input.ONE, "no-such", 0.5, 0, 1, List.of(1.0, 1.0), "", 0, true);
        ControlSetup controls = WING.controls().withExtras(List.of(own, lost));
        ExtraMixes mixes = new ExtraMixes(controls);
        mixes.update(0.01, name -> true, 0, 0, 0, 0, 0);
        assertEquals(0.1, mixes.added(0), 1e-12);
        assertEquals(0, mixes.added(1), 1e-12);
        assertEquals(0, mixes.added(2), 1e-12);
        assertEquals(0, mixes.roll + mixes.pitch + mixes.yaw, 1e-12);
    }

    /** In and out take as long: a second of slow-in is a second of slow-out. */
    @Test
    void aMixComesAndGoesAsSlowly() {
        ExtraMix slow = new ExtraMix("slow", ExtraMix.Input.ONE, "pitch", 0.2, 0, 1, List.of(1.0, 1.0), "s", 1, true);
        ExtraMixes mixes = new ExtraMixes(WING.controls().withExtras(List.of(slow)));
        for (int i = 0; i < 50; i++) {
            mixes.update(0.01, name -> false, 0, 0, 0, 0, 0);
        }
        assertEquals(0.1, mixes.pitch, 1e-9, "half gone after half a second");
        for (int i = 0; i < 50; i++) {
            mixes.update(0.01, name -> false, 0, 0, 0, 0, 0);
        }
        assertEquals(0, mixes.pitch, 1e-9);
        for (int i = 0; i < 25; i++) {
            mixes.update(0.01, name -> true, 0, 0, 0, 0, 0);
        }
        assertEquals(0.05, mixes.pitch, 1e-9);
    }
}
