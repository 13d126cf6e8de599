package app.drachen.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.debrief.PowerTrim;
import app.drachen.core.debrief.WindFit;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.flight.Trim;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.ModeSetup;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.SignalsSection;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a flown card leaves in its log, read as the debrief reads any log. */
class FlownCardsTest {
    private static final Field EVENING = DemoField.evening();

    private static RehearsalPlan plan(Setup setup, String card, Field field, long seed) {
        return new RehearsalPlan(setup, CardPlans.byId(card).orElseThrow().forAircraft(setup, field), field, seed);
    }

    private static Rehearsal flown(RehearsalPlan plan) {
        Rehearsal flight = new Rehearsal(plan);
        flight.finish();
        return flight;
    }

    private static List<FlightMode> modes(FlightLog log, Setup setup) {
        return Debrief.of(log, setup, EVENING.density()).flight().segments().stream()
                .map(ModeSegment::mode)
                .toList();
    }

    @Test
    void eachCardShowsItsModesInOrder() {
        Setup setup = DemoAircraft.seeschwalbe();
        FlightMode m = FlightMode.MANUAL;
        assertEquals(
                List.of(m, FlightMode.HOLD, FlightMode.HOME, m),
                modes(flown(plan(setup, "home", EVENING, 1)).log(), setup));
        assertEquals(
                List.of(m, FlightMode.MISSION, m),
                modes(flown(plan(setup, "mission", EVENING, 1)).log(), setup));
        assertEquals(
                List.of(m, FlightMode.LEVEL, m),
                modes(flown(plan(setup, "tune", EVENING, 1)).log(), setup));
        assertEquals(List.of(m), modes(flown(plan(setup, "power", EVENING, 1)).log(), setup));
    }

    /** Pitch needed without power, read off the flown card, is what a search of both equilibria in the model gives (THROWS-A11). */
    @ParameterizedTest
    @ValueSource(doubles = {-0.08, 0, 0.05})
    void theGlideOfTheCardMeasuresThePitchThatPowerTakes(double thrustLine) {
        Setup setup = DemoAircraft.seeschwalbe().withMoved(PartKind.MOTOR, 0, thrustLine);
        double cruise = setup.modes().limits().cruiseSpeed();
        Field calm = EVENING.withWind(0, 0, 0);
        PowerTrim flown = PowerTrim.of(flown(plan(setup, "power", calm, 5)).log(), setup.controls(), cruise)
                .orElseThrow();
        Trim.Result.Trimmed level = (Trim.Result.Trimmed) Trim.level(setup, cruise, calm.density());
        assertEquals(0, flown.idlePower(), 0.02);
        assertEquals(level.power(), flown.cruisePower(), 0.06);
        assertEquals(
                glide(setup, cruise, calm.density()) - level.pitchCommand(), flown.needed(), 0.025, flown.toString());
    }

    /** Pitch command of a steady glide: angle of attack, path and command until nothing accelerates, by Newton's method. */
    private static double glide(Setup setup, double speed, double density) {
        Aircraft aircraft = new Aircraft(setup);
        double[] x = {0.06, -0.1, 0};
        for (int turn = 0; turn < 30; turn++) {
            double[] now = pulls(aircraft, setup, speed, density, x);
            double[][] slopes = new double[3][3];
            for (int j = 0; j < 3; j++) {
                double[] moved = x.clone();
                moved[j] += 1e-4;
                double[] then = pulls(aircraft, setup, speed, density, moved);
                for (int i = 0; i < 3; i++) {
                    slopes[i][j] = (then[i] - now[i]) / 1e-4;
                }
            }
            RealVector step = new LUDecomposition(MatrixUtils.createRealMatrix(slopes))
                    .getSolver()
                    .solve(MatrixUtils.createRealVector(now));
            for (int j = 0; j < 3; j++) {
                x[j] -= Math.max(-0.1, Math.min(0.1, step.getEntry(j)));
            }
        }
        return x[2];
    }

    private static double[] pulls(Aircraft aircraft, Setup setup, double speed, double density, double[] x) {
        double[] pulses = setup.controls().outputs().stream()
                .mapToDouble(o -> o.pulse(o.mixed(0, x[2], 0, 0, 0)))
                .toArray();
        aircraft.place(0, 0, 100, 0, x[0] + x[1], 0, speed);
        aircraft.move(speed * Math.cos(x[0]), 0, speed * Math.sin(x[0]), 0, 0, 0);
        aircraft.settle(pulses, density, speed);
        double[] a = aircraft.accelerations(0, 0, 0, density);
        return new double[] {a[0], a[2], a[4]};
    }

    /** A pilot who climbs until something says height: an early alarm keeps the limit, a late one busts it, without one he flies away up. */
    @Test
    void theHeightAlarmThatIsHeardKeepsTheLimitOrNot() {
        Setup sound = DemoAircraft.seeschwalbe();
        double early = climbedTo(sound);
        double late = climbedTo(sound.withSignals(sound.signals()
                .withAlarm(
                        sound.signals().alarm(Alarm.Kind.HEIGHT).orElseThrow().at(115))));
        assertTrue(early < 120 && early > 110, "early: " + early);
        assertTrue(late > 120, "late: " + late);
        assertEquals(15, late - early, 6, "fifteen metres later it tops out fifteen metres higher");
        assertTrue(climbedTo(sound.withSignals(SignalsSection.EMPTY)) > 150, "nobody speaks");
    }

    private static double climbedTo(Setup setup) {
        Rehearsal flight =
                new Rehearsal(plan(setup, "power", EVENING.withWind(0, 0, 0), 2).losing(Mishaps.NONE.climbingOn()));
        flight.advance(100);
        return FlightFacts.of(flight.log()).orElseThrow().greatestHeight();
    }

    // what the log says of the wind is the field's, seen through noisy sensors and gusts
    @ParameterizedTest
    @CsvSource({"2, 40", "4, 200", "5, 310"})
    void theWindOfALapIsTheFieldsWind(double wind, double from) {
        Field field = EVENING.withWind(wind, Math.toRadians(from), 1.3 * wind);
        Setup setup = DemoAircraft.seeschwalbe();
        Rehearsal flight = flown(plan(setup, "mission", field, 2));
        WindFit fit = FlightFacts.of(flight.log()).orElseThrow().wind().orElseThrow();
        double height = flight.plan().card().trialHeight();
        double expected = field.windAt(height);
        double north = -expected * Math.cos(Math.toRadians(from));
        double east = -expected * Math.sin(Math.toRadians(from));
        assertEquals(0, Math.hypot(fit.north() - north, fit.east() - east), 1.6, fit + " for " + north + ", " + east);
        assertTrue(fit.measuredAirspeed());
    }

    @Test
    void theFactsOfTheWayHomeAreThoseOfItsRoute() {
        Setup setup = DemoAircraft.seeschwalbe();
        Rehearsal flight = flown(plan(setup, "home", EVENING, 5));
        FlightFacts facts = FlightFacts.of(flight.log()).orElseThrow();
        // it climbs in a circle where it is
        double farthest = facts.farthest();
        assertTrue(farthest > 400 && farthest < 410 + 2.5 * setup.modes().home().circleRadius(), farthest + " m");
        assertEquals(setup.modes().home().height(), facts.greatestHeight(), 8);
        assertEquals(setup.modes().limits().cruiseSpeed(), facts.meanAirspeed(), 2);
        assertTrue(facts.way() > 2 * facts.farthest());
    }

    @Test
    void whatHappensIsToldInOrderAndOnce() {
        Setup setup = DemoAircraft.seeschwalbe();
        RehearsalPlan plan = plan(setup, "home", EVENING, 3)
                .losing(Mishaps.NONE.withLinkRange(200).withFixLostAt(75).withPitotBlockedAt(10));
        List<Notice> notices = flown(plan).notices();
        for (int i = 1; i < notices.size(); i++) {
            assertTrue(notices.get(i).time() >= notices.get(i - 1).time(), notices.toString());
        }
        assertEquals(
                1,
                notices.stream()
                        .filter(n -> n.sentence().contains("no position"))
                        .count(),
                notices.toString());
        assertTrue(
                notices.stream().filter(n -> n.sentence().contains("no link")).count() >= 1, notices.toString());
        assertTrue(flown(plan(setup, "hold", EVENING, 3)).notices().isEmpty(), "nothing to tell of a sound flight");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void lossesFlyTheSameBitsAgain(long seed) {
        Setup setup = DemoAircraft.strandlaeufer();
        RehearsalPlan plan = plan(setup, "home", EVENING, seed)
                .losing(Mishaps.NONE.withLinkRange(150).withFixLostAt(90));
        FlightLog a = flown(plan).log();
        FlightLog b = flown(plan).log();
        assertEquals(a.rows(), b.rows());
        for (LogColumn column : List.of(LogColumn.NORTH, LogColumn.HEIGHT, LogColumn.ROLL, LogColumn.AIRSPEED)) {
            assertArrayEquals(a.values(column), b.values(column), column.id());
        }
    }

    @Test
    void lossesThatNeverComeChangeNothing() {
        Setup setup = DemoAircraft.seeschwalbe();
        RehearsalPlan sound = plan(setup, "hold", EVENING, 4);
        RehearsalPlan late = sound.losing(
                Mishaps.NONE.withLinkRange(50_000).withFixLostAt(9_000).withPitotBlockedAt(9_000));
        assertArrayEquals(
                flown(sound).log().values(LogColumn.NORTH), flown(late).log().values(LogColumn.NORTH));
    }

    // thrown in Hold, by many hands: the help climbs away with its wings level
    @ParameterizedTest
    @ValueSource(doubles = {7.5, 8.5, 10})
    void thrownInHoldItClimbsAwayWithAnyUsualThrow(double speed) {
        for (Setup sound : List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe())) {
            ModeSetup modes = sound.modes();
            Setup setup = sound.withModes(modes.withLaunchMode(FlightMode.HOLD));
            RehearsalPlan plan = plan(setup, "hold", EVENING, 7).thrownAt(speed);
            assertEquals(OptionalDouble.of(speed), plan.throwSpeed());
            Rehearsal flight = new Rehearsal(plan);
            flight.advance(9);
            FlightLog log = flight.log();
            double lowest = IntStream.range(0, log.rows())
                    .mapToDouble(i -> log.value(LogColumn.HEIGHT, i))
                    .min()
                    .orElseThrow();
            assertTrue(flight.outcome().isEmpty(), setup.name() + ": " + flight.outcome());
            // pressure height may be wrong by its half a metre of weather and some noise
            assertTrue(lowest > -1.6, setup.name() + " sank to " + lowest);
            assertTrue(
                    flight.aircraft().height() > 10,
                    setup.name() + " is at " + flight.aircraft().height());
        }
    }

    @Test
    void theKnobMakesTheLoopsStifferAtOnce() {
        Setup setup = DemoAircraft.seeschwalbe();
        double[] moved = new double[2];
        for (int k = 0; k < 2; k++) {
            Rehearsal flight = new Rehearsal(plan(setup, "hold", DemoField.deichwiese(), 6));
            flight.advance(35);
            flight.choose(FlightMode.LEVEL);
            flight.knob(k == 0 ? 1 : 4);
            assertEquals(k == 0 ? 1 : 4, flight.knob());
            flight.advance(20);
            FlightLog log = flight.log();
            for (int i = log.rows() - 900; i < log.rows(); i++) {
                moved[k] += Math.abs(log.value(LogColumn.OUT_1, i) - log.value(LogColumn.OUT_1, i - 1));
            }
        }
        assertTrue(moved[1] > 1.2 * moved[0], "the surfaces work harder: " + moved[1] + " against " + moved[0]);
    }
}
