package app.drachen.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.aerodynamics.ModelError;
import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.air.Field;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Turn;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Mistakes chosen by name, and one card flown many times. */
class ScatterTest {
    private static final Field EVENING = DemoField.evening();

    private static RehearsalPlan plan(Setup setup, String card, long seed) {
        return new RehearsalPlan(setup, CardPlans.byId(card).orElseThrow().forAircraft(setup, EVENING), EVENING, seed);
    }

    private static Rehearsal flown(RehearsalPlan plan) {
        Rehearsal rehearsal = new Rehearsal(plan);
        rehearsal.finish();
        return rehearsal;
    }

    private static Rehearsal flown(String fault, String card, long seed) {
        return flown(Fault.parse(fault).in(plan(DemoAircraft.seeschwalbe(), card, seed)));
    }

    @ParameterizedTest
    @EnumSource(Fault.Kind.class)
    void everyFaultIsFlownToAnEndThatIsTold(Fault.Kind kind) {
        for (Setup setup : List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe())) {
            RehearsalPlan sound = plan(setup, "first-flight", 2);
            Fault fault = Fault.parse(kind.id());
            assertEquals(Fault.usual(kind), fault);
            if (kind == Fault.Kind.DOUBLE_MIX && setup.name().equals("Seeschwalbe")) {
                String told = assertThrows(IllegalArgumentException.class, () -> fault.in(sound))
                        .getMessage();
                assertTrue(told.startsWith("double-mix changes nothing on Seeschwalbe"), told);
                continue;
            }
            RehearsalPlan wrong = fault.in(sound);
            assertFalse(wrong.equals(sound), kind + " changes " + setup.name());
            assertEquals(sound.card(), wrong.card(), "the card is of the aircraft the pilot believes in");
            assertTrue(flown(wrong).outcome().orElseThrow().sentence().endsWith("."));
        }
        assertFalse(kind.label().isBlank());
    }

    @ParameterizedTest
    @CsvSource({"turned-servo:left aileron", "turned-servo:elevator", "turned-servo:rudder"})
    void aNamedSurfaceIsTurned(String text) {
        Setup sound = DemoAircraft.seeschwalbe();
        Setup wrong = Fault.parse(text).in(plan(sound, "hold", 1)).setup();
        long different = IntStream.range(0, sound.controls().outputs().size())
                .filter(i -> !sound.controls()
                        .outputs()
                        .get(i)
                        .equals(wrong.controls().outputs().get(i)))
                .count();
        assertEquals(1, different);
        String surface = text.substring(text.indexOf(':') + 1);
        wrong.controls().surfaces().stream()
                .filter(o -> o.surface().label().toLowerCase().equals(surface))
                .forEach(o -> assertEquals(
                        -1,
                        Math.signum(o.deflection(1700)
                                / sound.controls()
                                        .output(o.surface())
                                        .orElseThrow()
                                        .deflection(1700))));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"upside-down", "turned-servo:flap", "board-backwards:2", "pack-moved:heavy", "pack-moved:3kg"})
    void whatIsNoFaultIsRefused(String text) {
        String told = assertThrows(IllegalArgumentException.class, () -> Fault.parse(text)
                        .in(plan(DemoAircraft.seeschwalbe(), "hold", 1)))
                .getMessage();
        assertTrue(told.length() > 10, told);
    }

    @Test
    void aThrowBelowStallSpeedIsNamed() {
        Setup setup = DemoAircraft.seeschwalbe();
        Field still = EVENING.withWind(0, 0, 0);
        RehearsalPlan calm = new RehearsalPlan(
                setup, CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, still), still, 1);
        Rehearsal flight = flown(Fault.parse("weak-throw:2m/s").in(calm));
        var crash = assertInstanceOf(Outcome.Crashed.class, flight.outcome().orElseThrow());
        assertTrue(crash.sentence().contains("below stall speed"), crash.sentence());
        assertEquals(2, flight.throwSpeed());
    }

    @Test
    void aHighRateGainShakesTheServos() {
        double usual = rateSize(flown("rate-gain:1", "first-flight", 3).log());
        double high = rateSize(flown("rate-gain:120", "first-flight", 3).log());
        assertTrue(high > 10 * usual, "the servos shake: " + high + " against " + usual);
    }

    /** Root mean square of the change of an aileron pulse from row to row in Level [µs]. */
    private static double rateSize(FlightLog log) {
        double sum = 0;
        int n = 0;
        for (int i = 1; i < log.rows(); i++) {
            if (log.value(LogColumn.MODE, i) == FlightMode.LEVEL.ordinal()) {
                double step = log.value(LogColumn.OUT_1, i) - log.value(LogColumn.OUT_1, i - 1);
                sum += step * step;
                n++;
            }
        }
        return Math.sqrt(sum / n);
    }

    @Test
    void aSmallBankLimitMakesAWideCircle() {
        // the least circle of 12° at 14 m/s is larger than the one that is set
        Setup setup = DemoAircraft.seeschwalbe();
        Rehearsal flight = new Rehearsal(Fault.parse("bank-limit:12").in(plan(setup, "first-flight", 4)));
        flight.advance(40);
        flight.choose(FlightMode.CIRCLE);
        flight.advance(120);
        FlightLog log = flight.log();
        double north = 0;
        double east = 0;
        int last = log.rows();
        int rows = 60 * 50;
        double least = Double.POSITIVE_INFINITY;
        double most = 0;
        for (int i = last - rows; i < last; i++) {
            north += log.value(LogColumn.NORTH, i) / rows;
            east += log.value(LogColumn.EAST, i) / rows;
        }
        for (int i = last - rows; i < last; i++) {
            double r = Math.hypot(log.value(LogColumn.NORTH, i) - north, log.value(LogColumn.EAST, i) - east);
            least = Math.min(least, r);
            most = Math.max(most, r);
        }
        double closest = new Turn(14, Math.toRadians(12)).radius();
        assertTrue(closest > setup.modes().home().circleRadius(), "the set circle cannot be flown");
        assertTrue(most > 0.8 * closest, most + " against a least radius of " + closest);
    }

    @Test
    void aHighMotorPutsTheNoseUpWhenThePowerGoes() {
        // Strandläufer's pusher sits high: power holds the nose down, a chop lets it up; higher still, more so
        double drawn = pitchAfterChop("thrust-line:0mm");
        double higher = pitchAfterChop("thrust-line:80mm");
        assertTrue(higher > drawn + Math.toRadians(1), Math.toDegrees(higher) + " against " + Math.toDegrees(drawn));
    }

    private static double pitchAfterChop(String fault) {
        Setup setup = Fault.parse(fault)
                .in(plan(DemoAircraft.strandlaeufer(), "hold", 1))
                .setup();
        var aircraft = new app.drachen.core.flight.Aircraft(setup);
        var trim = assertInstanceOf(
                app.drachen.core.flight.Trim.Result.Trimmed.class, app.drachen.core.flight.Trim.level(setup, 15, 1.2));
        aircraft.place(0, 0, 100, 0, trim.alpha(), 0, 15);
        double[] on = pulses(setup, trim.pitchCommand(), trim.power());
        aircraft.settle(on, 1.2, 15);
        double[] off = pulses(setup, trim.pitchCommand(), 0);
        double before = aircraft.pitch();
        for (int i = 0; i < 100; i++) {
            aircraft.step(0.005, off, 0, 0, 0, 1.2);
        }
        return aircraft.pitch() - before;
    }

    private static double[] pulses(Setup setup, double pitch, double power) {
        return setup.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mix().mix(0, pitch, 0, power)))
                .toArray();
    }

    @Test
    void manyFlightsAreTheSameOnAnyNumberOfThreads() {
        RehearsalPlan plan = plan(DemoAircraft.seeschwalbe(), "first-flight", 5);
        List<Scatter.Flight> one =
                IntStream.range(0, 12).mapToObj(n -> Scatter.fly(plan, n)).toList();
        List<Scatter.Flight> many = IntStream.range(0, 12)
                .parallel()
                .mapToObj(n -> Scatter.fly(plan, n))
                .toList();
        assertEquals(one, many);
        assertEquals(
                12, one.stream().map(f -> f.outcome().sentence()).distinct().count(), "no two alike");
        Scatter scatter = new Scatter(one);
        assertTrue(scatter.flights().stream().filter(f -> f.outcome().whole()).count() >= 11, "a sound aircraft lands");
        for (Working w : scatter.workings()) {
            assertTrue(w.spread().isPresent(), w.name() + " shows its spread");
            assertTrue(
                    w.spread().get().low() <= w.value()
                            && w.value() <= w.spread().get().high(),
                    w.name());
        }
    }

    @Test
    void theShareHasWilsonsBand() {
        // 8 of 10: 0.490 to 0.943 (Wilson's interval as tabulated in textbooks; from memory, and by hand)
        Outcome landed = new Outcome.Landed("Landed.", 0.5, 10);
        Outcome lost = new Outcome.Crashed("Hit.", 3);
        List<Scatter.Flight> flights = IntStream.range(0, 10)
                .mapToObj(i -> new Scatter.Flight(i, i < 8 ? landed : lost, List.of(), 0, 0))
                .toList();
        Working share = new Scatter(flights).workings().get(0);
        assertEquals(0.8, share.value());
        assertEquals(0.490, share.spread().orElseThrow().low(), 1e-3);
        assertEquals(0.943, share.spread().orElseThrow().high(), 1e-3);
        assertEquals(8, new Scatter(flights).firstLost().orElseThrow().number());
    }

    @Test
    void modelErrorsScaleTheForcesTheyName() {
        Setup setup = DemoAircraft.seeschwalbe();
        double[] still = new double[setup.controls().outputs().size()];
        StripModel drawn = new StripModel(setup);
        StripModel lifting = new StripModel(setup, new ModelError(1.1, 1, 1));
        StripModel dragging = new StripModel(setup, new ModelError(1, 1.5, 1));
        for (StripModel model : List.of(drawn, lifting, dragging)) {
            model.compute(14, 0, 0.7, 0, 0, 0, 1.2, still);
        }
        assertEquals(1.1, lifting.forceZ() / drawn.forceZ(), 0.02);
        assertTrue(dragging.forceX() < drawn.forceX());
        assertEquals(drawn.forceZ(), dragging.forceZ(), 0.03 * Math.abs(drawn.forceZ()));
        assertThrows(IllegalArgumentException.class, () -> new ModelError(Double.NaN, 1, 1));
        assertThrows(IllegalArgumentException.class, () -> new ModelError(1, 3, 1));
    }

    /** What the demo hangar tells of the Seeschwalbe's rehearsals. */
    @Test
    void theSeeschwalbeComesDownWholeFortyTimes() {
        Setup setup = DemoAircraft.seeschwalbe();
        Field field = DemoField.evening();
        RehearsalPlan plan = new RehearsalPlan(
                setup, CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, field), field, 1);
        Scatter all = new Scatter(java.util.stream.IntStream.range(0, Scatter.LEAST_FLIGHTS)
                .parallel()
                .mapToObj(n -> Scatter.fly(plan, n))
                .toList());
        assertEquals(Scatter.LEAST_FLIGHTS, all.whole());
    }
}
