package app.drachen.core.airframe;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Working;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class AirframeTest {
    private static Wing wing(WingPanel... panels) {
        return new Wing(0, 0, List.of(panels), new Section(-0.04, 1.2, 0.1, -0.05, 0.012), 0, 0, List.of());
    }

    /** Dozens of fins or panels are no aircraft, and a lattice over them took twenty seconds. */
    @Test
    void moreFinsOrPanelsThanAnythingHasAreRefused() {
        Tail.None fins = (Tail.None) DemoAircraft.rochen().airframe().tail();
        assertThrows(
                IllegalArgumentException.class,
                () -> new Tail.None(Collections.nCopies(7, fins.fins().get(0))));
        Wing wing = DemoAircraft.rochen().airframe().wing();
        List<WingPanel> panels = Collections.nCopies(25, wing.panels().get(0));
        assertThrows(IllegalArgumentException.class, () -> new Wing(0, 0, panels, wing.section(), 0, 0, List.of()));
        assertEquals(
                24,
                new Wing(0, 0, panels.subList(1, 25), wing.section(), 0, 0, List.of())
                        .panels()
                        .size());
    }

    @Test
    void trapezoidAsInTheTextbook() {
        // mean aerodynamic chord ⅔c(1 + λ + λ²)/(1 + λ): 0.25 m, taper 0.6 gives 0.20417 m (Anderson)
        Planform p = Planform.of(wing(new WingPanel(0.25, 0.15, 0.5, 0, 0, 0)));
        assertEquals(0.20417, p.meanChord(), 0.00001);
        assertEquals(0.200, p.area(), 1e-12);
        assertEquals(5.0, p.aspectRatio(), 1e-9);
        // y = (b/6)(1 + 2λ)/(1 + λ)
        assertEquals(1.0 / 6 * 2.2 / 1.6, p.meanChordAt(), 1e-12);
    }

    @Test
    void onePanelCutInTwoIsTheSameWing() {
        Planform whole = Planform.of(wing(new WingPanel(0.30, 0.10, 0.6, 0.3, 0, 0)));
        Planform cut =
                Planform.of(wing(new WingPanel(0.30, 0.20, 0.3, 0.3, 0, 0), new WingPanel(0.20, 0.10, 0.3, 0.3, 0, 0)));
        assertEquals(whole.area(), cut.area(), 1e-12);
        assertEquals(whole.meanChord(), cut.meanChord(), 1e-12);
        assertEquals(whole.quarterStation(), cut.quarterStation(), 1e-12);
        assertEquals(whole.quarterChordSweep(), cut.quarterChordSweep(), 1e-12);
    }

    @Test
    void weighingOnTwoSupportsAsWorkedByHand() {
        // BUILD-A6: 860 g at 200 mm and 540 g at 400 mm: 277.1 mm
        Weighing weighing = new Weighing(0.860, 0.200, 0.540, 0.400);
        assertEquals(0.27714, weighing.centre(), 0.00001);
        assertEquals(1.400, weighing.mass(), 1e-12);
        // station errors alone: √(0.614² + 0.386²) mm = 0.725 mm; the scale adds little
        assertEquals(0.000725, weighing.spread(), 0.00002);
        assertThrows(IllegalArgumentException.class, () -> new Weighing(Double.NaN, 0, 1, 1));
    }

    @Test
    void massesAddUpAndTheCentreIsTheirMean() {
        // closed form: a body of nearly nothing, so that two parts decide: (0.3·0.1 + 0.1·0.5)/0.4 =
        // 0.2
        Airframe light = new Airframe(
                wing(new WingPanel(0.01, 0.01, 0.01, 0, 0, 0)),
                new Tail.None(List.of()),
                new Body(0.02, 0.005, 0.005, 0),
                0.001,
                0,
                0.001);
        MassProperties mass = MassProperties.of(
                light,
                List.of(
                        new Part("a", PartKind.OTHER, 30, new Position(0.1, 0, 0)),
                        new Part("b", PartKind.OTHER, 10, new Position(0.5, 0, 0))));
        assertEquals(0.2, mass.centre().aft(), 2e-5);
        // I_y of two points: 30·0.1² + 10·0.3² = 1.2 kg m²; nothing lies aside, so I_x is nearly 0
        assertEquals(1.2, mass.pitchInertia(), 1e-3);
        assertTrue(mass.rollInertia() < 1e-4);
    }

    @Test
    void aWingIsNearlyARod() {
        // rod Mb²/12 = 0.42·1.5²/12 = 0.07875 kg m² and two 20 g servos at 0.4 m: 0.0852 (BUILD-A9)
        Wing rectangle = wing(new WingPanel(0.2, 0.2, 0.75, 0, 0, 0));
        Airframe airframe =
                new Airframe(rectangle, new Tail.None(List.of()), new Body(0.02, 0.005, 0.005, 0), 0.420, 0, 0.001);
        MassProperties mass = MassProperties.of(
                airframe,
                List.of(
                        new Part("l", PartKind.SERVO, 0.02, new Position(0.08, -0.4, 0)),
                        new Part("r", PartKind.SERVO, 0.02, new Position(0.08, 0.4, 0))));
        // ten strips a side leave out a hundredth of a strip's own inertia: within 0.3 %
        assertEquals(0.0852, mass.rollInertia(), 0.0003);
    }

    @Test
    void valuesThatCannotBeAreRefusedByName() {
        String told = assertThrows(IllegalArgumentException.class, () -> new WingPanel(0, 0.1, 0.5, 0, 0, 0))
                .getMessage();
        assertTrue(told.contains("root chord"), told);
        assertThrows(IllegalArgumentException.class, () -> new Part("x", PartKind.OTHER, -1, new Position(0, 0, 0)));
        assertThrows(IllegalArgumentException.class, () -> new Position(Double.NaN, 0, 0));
        assertThrows(IllegalArgumentException.class, () -> DemoAircraft.rochen()
                .withParts(java.util.Collections.nCopies(
                        2, DemoAircraft.rochen().parts().get(0))));
    }

    /**
     * A weighing rules over the parts list; what was found beyond it is carried along when a part moves. Worked by hand:
     * weighed 1.10 kg at 0.30 m where the list says 1.00 kg at 0.28 m lacks 0.10 kg and 0.05 kg m.
     */
    @Test
    void aWeighingRulesAndItsDifferenceIsCarriedAlong() {
        MeasuredBalance weighed = new MeasuredBalance(1.10, 0.30, 1.00, 0.28);
        assertEquals(0.10, weighed.extraMass(), 1e-12);
        assertEquals(0.05, weighed.extraMoment(), 1e-12);
        MassProperties then = new MassProperties(1.00, new Position(0.28, 0.001, 0.02), 0.1, 0.2, 0.3, 0.01);
        assertEquals(1.10, weighed.carriedTo(then).mass(), 1e-12);
        assertEquals(0.30, weighed.carriedTo(then).centre().aft(), 1e-12);
        // a pack of 0.2 kg slides back by 50 mm: the list says 0.29 m, by hand (1.00 * 0.29 + 0.05)/1.10
        MassProperties now = new MassProperties(1.00, new Position(0.29, 0, 0.02), 0.1, 0.2, 0.3, 0.01);
        assertEquals(0.34 / 1.10, weighed.carriedTo(now).centre().aft(), 1e-12);
        assertEquals(0.11, weighed.carriedTo(now).rollInertia(), 1e-12);
        assertThrows(IllegalArgumentException.class, () -> new MeasuredBalance(2.0, 0.3, 1.0, 0.3));
    }

    /** The shown inputs are enough to reckon the weighed mass and centre again by the shown formula. */
    @Test
    void aWeighedBalanceShowsAllItIsReckonedWith() {
        Setup weighed = DemoAircraft.rochen();
        MassProperties listed = weighed.computedBalance();
        double centre = listed.centre().aft() + 0.01;
        weighed = weighed.withBuild(weighed.build()
                .withMeasured(Optional.of(new MeasuredBalance(
                        listed.mass() + 0.05,
                        centre,
                        listed.mass(),
                        listed.centre().aft()))));
        List<Working> shown = weighed.massProperties()
                .workings(weighed.airframe(), weighed.parts(), weighed.build().measured());
        Map<String, Double> in = new HashMap<>();
        shown.get(1).inputs().forEach(i -> in.put(i.name(), i.value()));
        double listedNow = listed.mass();
        double moment = listedNow * listed.centre().aft()
                + in.get("weighed M_w") * in.get("weighed CG behind the nose s_w")
                - in.get("parts list at the weighing M₀") * in.get("CG of the parts list at the weighing s₀");
        double mass = listedNow + in.get("weighed M_w") - in.get("parts list at the weighing M₀");
        assertEquals(shown.get(0).value(), mass, 1e-12);
        assertEquals(shown.get(1).value(), moment / mass, 1e-12);
    }
}
