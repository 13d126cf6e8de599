package app.drachen.core.calc;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.stages.Calculations;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Working;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CalculationsTest {
    static Stream<String> examples() throws IOException {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(
                CalculationsTest.class.getResourceAsStream("examples.txt"), StandardCharsets.UTF_8))) {
            return in.lines().filter(l -> !l.isBlank() && !l.startsWith("#")).toList().stream();
        }
    }

    private static Map<String, Double> inputs(Calculation calculation, String text) {
        Map<String, Double> values = new HashMap<>();
        for (String pair : text.strip().split(" ")) {
            String[] parts = pair.split("=");
            values.put(parts[0], calculation.input(parts[0]).quantity().parse(parts[1], UnitSystem.METRIC));
        }
        return values;
    }

    @ParameterizedTest
    @MethodSource("examples")
    void workedExamplesComeOut(String example) {
        String[] f = example.split("\\|");
        Calculation calculation = Calculations.byId(f[0]).orElseThrow();
        List<Working> workings = calculation.compute(inputs(calculation, f[1]));
        Working result = workings.stream()
                .filter(w -> w.name().equals(f[2].strip()))
                .findFirst()
                .orElseThrow();
        String[] wanted = f[3].strip().split(" ", 2);
        String unit = wanted.length == 2 ? " " + wanted[1] : "";
        double tolerance = Double.parseDouble(f[4].strip());
        double value = result.quantity().parse(wanted[0] + unit, UnitSystem.METRIC);
        double edge = result.quantity().parse((Double.parseDouble(wanted[0]) + tolerance) + unit, UnitSystem.METRIC);
        assertEquals(value, result.value(), Math.abs(edge - value) * 1.0001 + 1e-12);
        assertFalse(result.formula().isBlank());
        assertTrue(result.inputs().size()
                >= calculation.inputs().stream().filter(i -> !i.optional()).count());
    }

    @Test
    void everyCalculationHasAnExampleAndNamesThatCanBeTyped() throws IOException {
        Set<String> shown = examples().map(l -> l.split("\\|")[0].strip()).collect(Collectors.toSet());
        Set<String> ids = new HashSet<>();
        for (Calculation c : Calculations.all()) {
            assertTrue(ids.add(c.id()), c.id() + " stands twice");
            assertTrue(shown.contains(c.id()), c.id() + " has no worked example");
            assertTrue(
                    c.id().matches("[A-Z]+-A[0-9]+(-[A-Z]+)?") && !c.results().isEmpty(), c.id());
            Set<String> names = new HashSet<>();
            for (Calculation.Input input : c.inputs()) {
                assertTrue(input.name().matches("[a-z][a-z0-9]*") && names.add(input.name()), c.id() + input.name());
                assertTrue(input.low() < input.high(), c.id() + input.name());
                input.usual().ifPresent(u -> assertTrue(input.low() <= u && u <= input.high(), c.id() + input.name()));
            }
        }
    }

    @Test
    void aWrongInputIsNamedWithUnitAndRange() {
        Calculation turn = Calculations.byId("modes-a4").orElseThrow();
        String missing = told(turn, Map.of("bank", 0.5));
        assertTrue(missing.contains("MODES-A4: speed (airspeed V) is missing") && missing.contains("m/s"), missing);
        String wild = told(turn, Map.of("speed", 500.0, "bank", 0.5));
        assertTrue(wild.contains("speed (airspeed V) is 500.0\u00a0m/s; allowed is 2.0\u00a0m/s to 120.0"), wild);
        assertTrue(told(turn, Map.of("speed", Double.NaN, "bank", 0.5)).contains("speed"));
        String strange = told(turn, Map.of("speed", 14.0, "bank", 0.5, "colour", 1.0));
        assertTrue(strange.contains("there is no input colour; there are speed, bank, stall"), strange);
    }

    private static String told(Calculation calculation, Map<String, Double> values) {
        return assertThrows(IllegalArgumentException.class, () -> calculation.compute(values))
                .getMessage();
    }

    /** Every calculation, at every corner of its ranges: an answer or one sentence, never anything else. */
    @Test
    void cornersOfTheRangesGiveAnswersOrSentences() {
        for (Calculation c : Calculations.all()) {
            int n = Math.min(10, c.inputs().size());
            for (int corner = 0; corner < 1 << n; corner++) {
                Map<String, Double> values = new HashMap<>();
                for (int i = 0; i < c.inputs().size(); i++) {
                    Calculation.Input input = c.inputs().get(i);
                    values.put(input.name(), (corner >> (i % n) & 1) == 0 ? input.low() : input.high());
                }
                try {
                    c.compute(values).forEach(w -> assertFalse(Double.isNaN(w.value()), c.id()));
                } catch (IllegalArgumentException e) {
                    assertTrue(e.getMessage().length() > 10, c.id() + ": " + e.getMessage());
                }
            }
        }
    }

    @Test
    void theAircraftFillsInWhatItKnows() {
        Calculation circle = Calculations.byId("MODES-A5").orElseThrow();
        var setup = DemoAircraft.rochen();
        Map<String, Double> own = Own.values(circle, setup, Optional.of(DemoField.deichwiese()));
        assertEquals(setup.modes().limits().cruiseSpeed(), own.get("speed"));
        assertEquals(
                DemoField.deichwiese().windAt(setup.modes().home().height()),
                own.get("wind"),
                "as Modes shows it: the wind where it circles");
        assertEquals(3, own.size());
        assertEquals(2, Own.values(circle, setup, Optional.empty()).size(), "the wind is the field's");
    }

    /** Every link to the aircraft is used and gives a number in the input's range on some aircraft of the demo. */
    @Test
    void everyLinkToTheAircraftGivesSomethingSomewhere() {
        Set<Own> given = new HashSet<>();
        Set<Own> linked = new HashSet<>();
        List<app.drachen.core.setup.Setup> aircraft =
                List.of(DemoAircraft.rochenOnTheBench(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe());
        int filled = 0;
        for (Calculation c : Calculations.all()) {
            boolean any = false;
            for (Calculation.Input input : c.inputs()) {
                input.own().ifPresent(linked::add);
            }
            for (var setup : aircraft) {
                for (String name : Own.values(c, setup, Optional.of(DemoField.deichwiese()))
                        .keySet()) {
                    given.add(c.input(name).own().orElseThrow());
                    any = true;
                }
            }
            filled += any ? 1 : 0;
        }
        assertEquals(Set.of(Own.values()), linked, "no value is known for nothing");
        linked.removeAll(given);
        assertEquals(Set.of(), linked, "a link whose value never fits its input");
        assertTrue(filled >= 59, filled + " of " + Calculations.all().size() + " are filled in");
    }

    @Test
    void aLinkOfAnotherKindIsRefusedWhenTheCalculationIsMade() {
        Calculation.Builder sum = Calculation.of("X-A1", "wrong", app.drachen.core.working.Source.ARITHMETIC);
        assertThrows(
                IllegalArgumentException.class,
                () -> sum.in("speed", "speed", app.drachen.core.units.Quantity.SPEED, 0, 1, Own.MASS));
    }

    /** The aircraft's own values give the aircraft's own answers: the calculator and the sheet agree. */
    @Test
    void calculatorsOfTheAircraftAgreeWithItsSheet() {
        var setup = DemoAircraft.seeschwalbe();
        var field = Optional.of(DemoField.deichwiese());
        Calculation volumes = Calculations.byId("BUILD-A3").orElseThrow();
        List<Working> sheet = app.drachen.core.aerodynamics.BuildSheet.tailVolumes(setup);
        List<Working> asked = volumes.compute(Own.values(volumes, setup, field));
        assertEquals(sheet.get(0).value(), asked.get(0).value(), 1e-9);
        assertEquals(sheet.get(1).value(), asked.get(1).value(), 1e-9);
        Calculation turn = Calculations.byId("MODES-A4").orElseThrow();
        var limits = setup.modes().limits();
        assertEquals(
                new app.drachen.core.modes.Turn(limits.cruiseSpeed(), limits.bank()).radius(),
                turn.compute(Own.values(turn, setup, field)).get(0).value(),
                1e-9);
    }

    /** A result that has a place in the set-up changes that place, and by the result. */
    @Test
    void offeredResultsFindTheirPlace() {
        var setup = DemoAircraft.rochenOnTheBench();
        Set<String> ids = new HashSet<>();
        for (Calculation c : Calculations.all()) {
            for (Calculation.Offer offer : c.offers()) {
                assertTrue(ids.add(c.id() + offer.result()), c.id());
                assertTrue(c.results().stream().anyMatch(r -> r.name().equals(offer.result())), c.id());
                assertFalse(
                        setup.equals(offer.into()
                                .apply(
                                        setup,
                                        0.0123
                                                + (c.id().startsWith("SIGNALS") ? 1 : 0)
                                                + (c.id().equals("MODES-A5") ? 77 : 0)
                                                + (c.id().equals("THROWS-A8") ? 1_500 : 0))),
                        c.id());
            }
        }
        assertTrue(ids.size() >= 12, ids.toString());
        Calculation circle = Calculations.byId("MODES-A5").orElseThrow();
        assertEquals(
                80,
                circle.offers().get(0).into().apply(setup, 77.3).modes().home().circleRadius(),
                "to the next 5 m");
    }

    /** What has no answer says why; never a number without end, never silence. */
    @ParameterizedTest
    @CsvSource({
        "SIGNALS-A4, shown1=0.5 level1=-50 shown2=0.9 level2=-50 loss=-100, divides by nothing",
        "SIGNALS-A2, limit=10 climb=20, below the ground",
        "REACH-A1, speed=5 wind=8 track=0, no heading holds",
        "REACH-A1, speed=5 wind=8 track=1.5, no heading holds",
        "REACH-A8, frequency=2.4e9 distance=500 obstacle=900, behind the aircraft",
        "SIGNALS-A5, charged=1, with these inputs there is no answer",
        "SIGNALS-A4, shown1=0.5 level1=-50 shown2=0.53 level2=-52 loss=-120, no reading shows that level",
        "HARNESS-A7, gauge=34 length=2 current=60, more than the supply gives",
        "LOGBOOK-A1, used=9000 capacity=3600 time=600 way=5000 volts=11, more charge was used",
        "MAIDEN-A10, height=10 speed=8 wind=12 sink=1, no landing",
        "MAIDEN-A8, without=-0.3 with=-0.29 share=0.1, no share of it is enough",
        "MAIDEN-A12, power=1 elevator=0.3 fast=0.5 slow=0.52, too near each other",
        "REACH-A3, current=10 distance=9000 speed=5 reserve=3600 capacity=9000, do not go so far",
        "THROWS-A2, low=1450 middle=1460 high=2000, in this order",
        "THROWS-A11, cruise=0.1 idle=0.05 trimcruise=0 trimidle=0.4, no mix is so steep"
    })
    void whatHasNoAnswerSaysWhy(String id, String inputs, String why) {
        Map<String, Double> values = new LinkedHashMap<>();
        for (String input : inputs.split(" ")) {
            values.put(input.split("=")[0], Double.valueOf(input.split("=")[1]));
        }
        Calculation calculation = Calculations.byId(id).orElseThrow();
        String told = assertThrows(IllegalArgumentException.class, () -> calculation.compute(values))
                .getMessage();
        assertTrue(told.startsWith(id) && told.contains(why), told);
    }

    /** Nearer than half a wave the isolation of two aerials is a guess of 6 dB either way, and never a gain. */
    @Test
    void aerialsThatAreNearHaveABand() {
        Calculation aerials = Calculations.byId("HARNESS-A9").orElseThrow();
        Working near =
                aerials.compute(Map.of("frequency", 433e6, "distance", 0.2)).get(0);
        assertEquals(
                12,
                near.spread().orElseThrow().high() - near.spread().orElseThrow().low(),
                1e-9);
        assertTrue(aerials.compute(Map.of("frequency", 433e6, "distance", 0.5))
                .get(0)
                .spread()
                .isEmpty());
    }
}
