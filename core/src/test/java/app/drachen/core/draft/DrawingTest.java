package app.drachen.core.draft;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.aerodynamics.TailShares;
import app.drachen.core.aerodynamics.VeePair;
import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.Section;
import app.drachen.core.airframe.Tail;
import app.drachen.core.draft.Corners.Corner;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DrawingTest {
    private static Setup conventional() {
        return NewAircraft.of(NewAircraft.Kind.CONVENTIONAL, "Probe");
    }

    private static Corner again(Airframe airframe, Corner corner) {
        return Corners.same(airframe, corner).orElseThrow();
    }

    /** Each corner pulled where it is changes nothing; pulled elsewhere it is there, and no corner before it has moved. */
    @ParameterizedTest
    @EnumSource(NewAircraft.Kind.class)
    void cornersGoWhereTheyArePulled(NewAircraft.Kind kind) {
        Airframe airframe = NewAircraft.of(kind, "Probe").airframe();
        for (Corner corner : Corners.of(airframe)) {
            for (Corner still : Corners.of(corner.pulled().apply(corner.x(), corner.y()))) {
                Corner was = again(airframe, still);
                assertEquals(was.x(), still.x(), 1e-9, still.name());
                assertEquals(was.y(), still.y(), 1e-9, still.name());
            }
            Corner moved = again(corner.pulled().apply(corner.x() + 0.01, corner.y() + 0.013), corner);
            // in the middle and on the body a corner goes one way only
            assertTrue(
                    Math.abs(moved.x() - corner.x() - 0.01) < 1e-9 || Math.abs(moved.y() - corner.y() - 0.013) < 1e-9,
                    corner.name());
        }
    }

    /** BUILD-A10 with the example of the catalogue: S_h 420 cm², S_v 200 cm²: Γ 34.6°, each panel 310 cm². */
    @Test
    void aTailThatWasThereIsConverted() {
        Airframe airframe = conventional().airframe();
        Tail.Conventional before = (Tail.Conventional) airframe.tail();
        TailShares was = TailShares.of(before);
        Tail.Vee vee = (Tail.Vee) TailKind.VEE.from(airframe);
        TailShares is = TailShares.of(vee);
        assertEquals(was.pitchArea(), is.pitchArea(), 1e-9);
        double apart = VeePair.apart(vee);
        assertTrue(apart > 0.5 && apart < 0.9, apart + " of its slope against each other");
        assertEquals(apart * was.yawArea(), is.yawArea(), 1e-9);
        assertEquals(was.pitchStation(), is.pitchStation(), 1e-9);
        assertEquals(was.yawArea() / was.pitchArea(), Math.pow(Math.tan(vee.dihedral()), 2), 1e-9);
        assertTrue(TailKind.VEE.note(before).isPresent());

        Tail.Conventional back = (Tail.Conventional) TailKind.CONVENTIONAL.from(airframe.withTail(vee));
        assertEquals(was.pitchArea(), 2 * back.plane().area(), 1e-9);
        // its halves pulled against each other: the fin that does the same is smaller
        assertEquals(is.yawArea(), back.fin().area(), 1e-9);
        assertSame(before, TailKind.CONVENTIONAL.from(airframe));
        assertEquals(
                new Tail.Vee(vee.panel(), vee.dihedral(), true), TailKind.INVERTED_VEE.from(airframe.withTail(vee)));
    }

    @Test
    void theOtherSideIsMovedOrMade() {
        Setup setup = conventional();
        Part left = setup.part("servo left").orElseThrow();
        Setup moved = setup.withPart("servo left", p -> p.at(new app.drachen.core.airframe.Position(0.4, -0.41, 0.01)));
        Part right =
                Mirrored.of(moved, List.of("servo left")).part("servo right").orElseThrow();
        assertEquals(0.41, right.position().right());
        assertEquals(0.4, right.position().aft());
        assertEquals(0.01, right.position().up());

        Setup alone = setup.withParts(List.of(left));
        assertEquals(
                List.of("servo left", "servo right"),
                Mirrored.of(alone, List.of("servo left")).parts().stream()
                        .map(Part::name)
                        .toList());
        assertEquals(setup, Mirrored.of(setup, List.of("pack")), "in the middle");
        // both chosen: the first says where
        assertEquals(
                setup.parts().size(),
                Mirrored.of(moved, List.of("servo left", "servo right")).parts().size());
    }

    @Test
    void aGenericPartIsTypicalUntilItIsWeighed() {
        Setup setup = conventional();
        for (PartLibrary.Generic generic : PartLibrary.ALL) {
            Part part = PartLibrary.fitted(setup, generic);
            assertEquals(Optional.of(generic), PartLibrary.typical(part));
            assertTrue(PartLibrary.typical(part.withMass(generic.mass() * 1.01)).isEmpty());
        }
        Part pack = setup.part("pack").orElseThrow();
        assertTrue(PartLibrary.typical(pack).isEmpty());
    }

    /** The sentence tells balance and minutes; a part at the CG moves nothing, power and drag cost minutes. */
    @Test
    void aPartSaysWhatItCosts() {
        Setup setup = conventional();
        PartLibrary.Generic lights = PartLibrary.ALL.stream()
                .filter(g -> g.name().equals("lights"))
                .findFirst()
                .orElseThrow();
        Part part = PartLibrary.fitted(setup, lights);
        List<Part> parts = new java.util.ArrayList<>(setup.parts());
        parts.add(part);
        String sentence = PartCost.sentence(
                lights, PartCost.of(setup, setup.withParts(parts), Optional.empty(), lights), UnitSystem.METRIC);
        for (String words :
                List.of("typically 25\u00a0g", "CG moves by 0\u00a0mm", "More current", "Minutes of flight")) {
            assertTrue(sentence.contains(words), sentence);
        }
    }

    /** Anderson 2016, §4.8: a circular arc of 4 % camber has α₀ = −4.6° and c_m¼ = −0.126 without viscosity. */
    @Test
    void sectionsFollowThinAirfoilTheory() {
        Section slow = SectionLibrary.ALL.get(4).section();
        assertEquals(-4.58, Math.toDegrees(slow.zeroLiftAngle()) / 0.9, 0.01);
        assertEquals(-0.1257, slow.pitchingMoment() / 0.9, 1e-3);
        Airframe airframe = conventional().airframe();
        assertTrue(SectionLibrary.of(airframe.wing()).isEmpty());
        assertEquals(
                Optional.of(SectionLibrary.ALL.get(4)),
                SectionLibrary.of(airframe.wing().withSection(slow)));
    }
}
