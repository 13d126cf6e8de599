package app.drachen.core.wiring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.harness.PackJoin;
import app.drachen.core.harness.PackJoin.Joined;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.AerialLayouts.Layout;
import app.drachen.core.wiring.ServoSupply.Option;
import app.drachen.core.wiring.ServoSupply.School;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Ways of feeding servos and laying out aerials, packs joined, and marks on the drawing. */
class WaysTest {
    private static Option option(Setup setup, School school) {
        return ServoSupply.of(setup).get(school.ordinal());
    }

    private static boolean fought(Setup setup) {
        return Arrays.stream(Plugged.values())
                .flatMap(p -> Rails.of(Wiring.of(setup), p).rails().stream())
                .anyMatch(Rails.Rail::fought);
    }

    @Test
    void eachWayOfFeedingServosHasOneSourceOrSaysWhyNot() {
        Setup glider = DemoAircraft.seeschwalbe();
        assertEquals(
                Optional.of("nothing on the board feeds that rail"),
                option(glider, School.BOARD).against());
        Option separate = option(glider, School.SEPARATE);
        assertEquals(Optional.empty(), separate.against());
        assertEquals(1, separate.sources());
        assertFalse(fought(separate.setup()), "the speed controller's red wire is lifted for it");
        assertTrue(separate.lowest() > 4 && separate.lowest() < 5.2, "volts " + separate.lowest());
        Option back = option(separate.setup(), School.CONTROLLER);
        assertEquals(glider.harness().devices(), back.setup().harness().devices(), "and it goes again");
        Setup wired = DemoAircraft.strandlaeuferAsWired();
        assertTrue(fought(wired));
        assertFalse(fought(option(wired, School.BOARD).setup()));
        assertTrue(option(wired, School.CONTROLLER).against().isPresent(), "the board feeds that rail");
        assertEquals(List.of(), ServoSupply.of(glider.withHarness(HarnessSection.EMPTY)));
    }

    @Test
    void layoutsAreComparedByWhatTheyKeepApart() {
        Setup wired = DemoAircraft.strandlaeuferAsWired();
        List<AerialLayouts.Option> options = AerialLayouts.of(wired);
        AerialLayouts.Option drawn = options.get(Layout.DRAWN.ordinal());
        assertEquals(wired.harness().radios(), drawn.radios());
        assertEquals(1, drawn.hits(), "the fifth harmonic");
        AerialLayouts.Option tips = options.get(Layout.WING_TIPS.ordinal());
        assertEquals(0, tips.hits(), "filters take it away");
        assertTrue(tips.worst() > options.get(Layout.IN_THE_BODY.ordinal()).worst(), "tips are farther apart");
        assertEquals(
                Pairs.of(tips.radios()).pairs().stream()
                        .mapToDouble(Pairs.Pair::margin)
                        .min()
                        .orElseThrow(),
                tips.worst(),
                0);
    }

    /** HARNESS-A6: in series cells add and the smaller capacity counts, in parallel capacities add. */
    @Test
    void packsJoinedAreOne() {
        Setup s = DemoAircraft.strandlaeufer();
        Pack a = new Pack("a", 3, 3_600, 0.03);
        Pack b = new Pack("b", 3, 7_200, 0.06);
        Setup two = s.withPropulsion(new Propulsion(s.propulsion().drives(), List.of(a, b)));
        Pack series = Wiring.of(
                        two.withHarness(two.harness().withPacks(new PackJoin(Joined.SERIES, 0, 0, 0, false, 0, ""))))
                .pack();
        assertEquals(6, series.cells());
        assertEquals(3_600, series.capacity(), 0);
        assertEquals(0.09, series.resistance(), 1e-12);
        Pack parallel = Wiring.of(
                        two.withHarness(two.harness().withPacks(new PackJoin(Joined.PARALLEL, 0, 0, 0, false, 0, ""))))
                .pack();
        assertEquals(10_800, parallel.capacity(), 0);
        assertEquals(0.02, parallel.resistance(), 1e-12);
        assertEquals(12.6, Wiring.of(two).fullVolts(), 1e-9);
    }

    /** HARNESS-A6: 12.40 and 12.30 V, 30 and 50 mΩ at 12 A: 8.75 and 3.25 A; a weak pack is charged. */
    @Test
    void packsSideBySideShareACurrent() {
        PackShare share = PackShare.of(12.40, 12.30, 0.030, 0.050, 12);
        assertEquals(8.75, share.first(), 1e-9);
        assertEquals(3.25, share.second(), 1e-9);
        assertEquals(-10, PackShare.of(16.6, 16.0, 0.025, 0.025, 4).second(), 1e-9);
    }

    /** Names are given everywhere at once: nothing comes unplugged or loses its supply by another name. */
    @Test
    void railsPlacesAndDevicesKeepTheirLeadsUnderAnotherName() {
        Setup s = DemoAircraft.strandlaeufer();
        HarnessSection h = s.harness()
                .railRenamed("servos", "muscle")
                .railRenamed("picture", "video")
                .placeRenamed("port 2", "left port")
                .renamed("receiver", "ears");
        Wiring after = Wiring.of(s.withHarness(h));
        assertEquals(List.of(), after.unplugged());
        assertTrue(after.wired().stream().noneMatch(Wiring.Wired::dead));
        assertEquals(4, after.on("muscle").size());
        assertEquals(2, after.on("video").size());
        assertTrue(h.radio("ears").isPresent() && h.lead("ears").isPresent());
        assertEquals(CutList.of(Wiring.of(s)).sums(), CutList.of(after).sums(), "and not a wire is cut otherwise");
    }

    /** What is drawn at a device is what its rule says, and nothing is drawn where all is well. */
    @Test
    void marksStandWhereFaultsAre() {
        Wiring sound = Wiring.of(DemoAircraft.strandlaeufer());
        assertEquals(List.of(), Marks.of(sound, Rails.of(sound, Plugged.PACK)).marks());
        Wiring wired = Wiring.of(DemoAircraft.strandlaeuferFourCells());
        Marks marks = Marks.of(wired, Rails.of(wired, Plugged.PACK));
        assertTrue(marks.at("camera").orElseThrow().words().startsWith("gets"));
        assertTrue(marks.at("speed controller").orElseThrow().stop());
        assertEquals(
                "no power pin at output 6",
                marks.at("right V-tail servo").orElseThrow().words());
        assertFalse(marks.at("telemetry sender").orElseThrow().stop());
        assertEquals(Optional.empty(), marks.at("receiver"));
        assertEquals(
                4, marks.marks().stream().map(Marks.Mark::device).distinct().count());
    }
}
