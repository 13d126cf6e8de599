package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.autopilot.Helper;
import app.drachen.core.debrief.checks.ChargeCheck;
import app.drachen.core.debrief.checks.ChopCheck;
import app.drachen.core.debrief.checks.CircleCheck;
import app.drachen.core.debrief.checks.ClimbCheck;
import app.drachen.core.debrief.checks.DebriefCheck;
import app.drachen.core.debrief.checks.HeightLimitCheck;
import app.drachen.core.debrief.checks.HelperCheck;
import app.drachen.core.debrief.checks.LaunchCheck;
import app.drachen.core.debrief.checks.LossCheck;
import app.drachen.core.debrief.checks.MotorCheck;
import app.drachen.core.debrief.checks.SlowCheck;
import app.drachen.core.debrief.checks.SwingCheck;
import app.drachen.core.debrief.checks.UpsetCheck;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

/** Each check on a flight where it must warn, one where it must not, and one where it cannot tell. */
class NewChecksTest {
    private static final Setup AIRCRAFT = DemoAircraft.seeschwalbe();

    /** A minute and a half: 5 s on the ground, 80 s round home, 5 s on the ground; what is told goes over it. */
    private static FlightLog flight(double mode, Map<LogColumn, DoubleUnaryOperator> told) {
        double radius = AIRCRAFT.modes().home().circleRadius();
        Map<LogColumn, DoubleUnaryOperator> columns = new EnumMap<>(LogColumn.class);
        columns.put(LogColumn.MODE, t -> t > 15 && t < 80 ? mode : 0);
        columns.put(LogColumn.AIRSPEED, t -> flies(t) ? 15 : 0);
        columns.put(LogColumn.GROUND_SPEED, t -> flies(t) ? 15 : 0);
        columns.put(LogColumn.HEIGHT, t -> 250 + (flies(t) ? 45 * Math.min(1, Math.min(t - 5, 85 - t) / 10) : 0));
        columns.put(LogColumn.CLIMB, t -> !flies(t) ? 0 : t < 15 ? 4.5 : t > 75 ? -4.5 : 0);
        columns.put(LogColumn.ROLL, t -> 0.05);
        columns.put(LogColumn.PITCH, t -> 0.05);
        columns.put(LogColumn.POWER, t -> flies(t) ? 0.5 : 0);
        columns.put(LogColumn.NORTH, t -> radius * Math.cos(15 * t / radius));
        columns.put(LogColumn.EAST, t -> radius * Math.sin(15 * t / radius));
        columns.put(LogColumn.COURSE, t -> 15 * t / radius + Math.PI / 2);
        columns.putAll(told);
        columns.values().removeIf(f -> f == null);
        FlightLog.Builder log = new FlightLog.Builder(columns.keySet());
        for (int i = 0; i < 1_800; i++) {
            double t = i * 0.05;
            log.row(t);
            columns.forEach((column, f) -> log.put(column, f.applyAsDouble(t)));
        }
        return log.build();
    }

    private static boolean flies(double t) {
        return t >= 5 && t < 85;
    }

    private static FlightLog without(LogColumn column, double mode) {
        return flight(mode, Map.of(column, t -> Double.NaN));
    }

    private static List<Finding> says(DebriefCheck check, FlightLog log) {
        Optional<Field.HeightLimit> limit = Optional.of(new Field.HeightLimit(60, "entered in this test"));
        return check.findings(Flown.of(log, Optional.of(AIRCRAFT), 1.225, limit));
    }

    private static List<State> states(DebriefCheck check, FlightLog log) {
        return says(check, log).stream().map(Finding::state).toList();
    }

    private static final double HOME = FlightMode.HOME.ordinal();
    private static final double LEVEL = FlightMode.LEVEL.ordinal();

    @Test
    void theHeightLimitCountsFromTheLaunchAndNotFromTheSea() {
        assertEquals(List.of(State.GOOD), states(new HeightLimitCheck(), flight(LEVEL, Map.of())), "45 m over 250 m");
        FlightLog high =
                flight(LEVEL, Map.of(LogColumn.HEIGHT, t -> 250 + (t > 30 && t < 50 ? 70 : flies(t) ? 30 : 0)));
        Finding over = says(new HeightLimitCheck(), high).get(0);
        assertEquals(State.CAUTION, over.state());
        assertEquals(30, over.span().orElseThrow().from(), 0.1);
        assertEquals(50, over.span().orElseThrow().to(), 0.1);
        Flown unlimited = Flown.of(high, Optional.of(AIRCRAFT), 1.225, Optional.empty());
        assertEquals(
                State.OPEN, new HeightLimitCheck().findings(unlimited).get(0).state(), "nobody entered one");
    }

    @Test
    void anUpsetIsABankBeyondTheWishAndTheReactionIsTimed() {
        FlightLog steep = flight(
                LEVEL,
                Map.of(
                        LogColumn.ROLL, t -> t > 40 && t < 46 ? 1.2 : 0,
                        LogColumn.WANTED_ROLL, t -> 0.1));
        assertEquals(List.of(State.STOP), states(new UpsetCheck(), steep));
        FlightLog caught = flight(
                LEVEL,
                Map.of(
                        LogColumn.ROLL, t -> t > 40 && t < 46 ? 1.2 : 0,
                        LogColumn.WANTED_ROLL, t -> 0.1,
                        LogColumn.MODE, t -> t > 15 && t < 41.5 ? LEVEL : 0));
        Finding mended = says(new UpsetCheck(), caught).get(0);
        assertEquals(State.CAUTION, mended.state());
        assertTrue(mended.detail().startsWith("Manual was chosen"), mended.detail());
        FlightLog wanted = flight(
                LEVEL,
                Map.of(
                        LogColumn.ROLL, t -> t > 40 && t < 46 ? 0.9 : 0,
                        LogColumn.WANTED_ROLL, t -> t > 40 && t < 46 ? 0.9 : 0));
        assertEquals(List.of(State.GOOD), states(new UpsetCheck(), wanted), "a turn that is wanted is none");
        assertEquals(List.of(), states(new UpsetCheck(), flight(0, Map.of())), "in Manual the pilot banks");
    }

    @Test
    void slowIsMeasuredAgainstTheStallWithItsBankAndNotWithABrokenAirspeed() {
        assertEquals(List.of(State.GOOD), states(new SlowCheck(), flight(HOME, Map.of())));
        FlightLog slow = flight(HOME, Map.of(LogColumn.AIRSPEED, t -> !flies(t) ? 0 : t > 40 && t < 43 ? 8.6 : 15));
        assertEquals(List.of(State.STOP), states(new SlowCheck(), slow));
        FlightLog banked = flight(
                HOME,
                Map.of(
                        LogColumn.AIRSPEED, t -> !flies(t) ? 0 : t > 40 && t < 43 ? 12 : 15,
                        LogColumn.ROLL, t -> t > 40 && t < 43 ? Math.toRadians(62) : 0));
        assertEquals(List.of(State.STOP), states(new SlowCheck(), banked), "12 m/s with 62° of bank");
        FlightLog blocked = flight(
                HOME,
                Map.of(
                        LogColumn.AIRSPEED_MEASURED, t -> t > 30 ? 0 : 1,
                        LogColumn.AIRSPEED, t -> flies(t) ? 15 : 0));
        assertEquals(List.of(State.OPEN), states(new SlowCheck(), blocked));
        assertEquals(List.of(), states(new SlowCheck(), without(LogColumn.AIRSPEED, HOME)));
    }

    @Test
    void theCircleAtHomeIsRoundOrNot() {
        double radius = AIRCRAFT.modes().home().circleRadius();
        assertEquals(List.of(State.GOOD), states(new CircleCheck(), flight(HOME, Map.of())));
        FlightLog egg = flight(
                HOME,
                Map.of(
                        LogColumn.NORTH, t -> 1.6 * radius * Math.cos(15 * t / radius),
                        LogColumn.EAST, t -> radius * Math.sin(15 * t / radius)));
        assertEquals(List.of(State.STOP), states(new CircleCheck(), egg), "longer than wide");
        // whose log began elsewhere flies a circle all the same
        FlightLog beside = flight(
                HOME,
                Map.of(
                        LogColumn.NORTH, t -> radius * Math.cos(15 * t / radius) + 0.4 * radius,
                        LogColumn.EAST, t -> radius * Math.sin(15 * t / radius)));
        Finding other = says(new CircleCheck(), beside).get(0);
        assertEquals(State.CAUTION, other.state());
        assertTrue(other.title().contains("beside home as this log has it"), other.title());
        Finding unbanked =
                says(new CircleCheck(), without(LogColumn.ROLL, HOME)).get(0);
        assertTrue(!unbanked.detail().contains("limit"), unbanked.detail());
        FlightLog spent = flight(
                HOME, Map.of(LogColumn.ROLL, t -> AIRCRAFT.modes().limits().bank()));
        assertEquals(List.of(State.STOP), states(new CircleCheck(), spent), "bank at its limit all round");
        assertEquals(List.of(), states(new CircleCheck(), flight(LEVEL, Map.of())));
    }

    @Test
    void homeThatCannotClimbSaysWhatTheSpeedPaid() {
        double height = AIRCRAFT.modes().home().height();
        DoubleUnaryOperator low = t -> flies(t) ? 20 * Math.min(1, Math.min(t - 5, 85 - t) / 10) : 0;
        assertTrue(height > 35, "the return height of the aircraft");
        FlightLog flat = flight(
                HOME,
                Map.of(
                        LogColumn.HEIGHT, low,
                        LogColumn.CLIMB, t -> 0,
                        LogColumn.POWER, t -> t > 20 && t < 40 ? 1 : 0.5,
                        LogColumn.AIRSPEED, t -> !flies(t) ? 0 : t > 22 && t < 40 ? 10 : 15));
        Finding slow = says(new ClimbCheck(), flat).get(0);
        assertTrue(slow.detail().contains("the airspeed fell"), slow.detail());
        FlightLog enough = flight(HOME, Map.of(LogColumn.HEIGHT, low, LogColumn.POWER, t -> 0.6));
        assertEquals(List.of(), states(new ClimbCheck(), enough), "with power to spare it is not asked for more");
    }

    @Test
    void theNoseThatFallsWithoutPowerIsMeasuredWithTheStickStill() {
        DoubleUnaryOperator chopped = t -> t > 40 && t < 50 ? 0 : flies(t) ? 0.5 : 0;
        DoubleUnaryOperator falls = t -> t > 40 && t < 50 ? 0.05 - 0.1 * Math.min(3, t - 40) : 0.05;
        Map<LogColumn, DoubleUnaryOperator> drop =
                Map.of(LogColumn.POWER, chopped, LogColumn.PITCH, falls, LogColumn.STICK_PITCH, t -> 0);
        assertEquals(List.of(State.CAUTION), states(new ChopCheck(), flight(0, drop)));
        assertEquals(
                List.of(State.GOOD),
                states(new ChopCheck(), flight(0, Map.of(LogColumn.POWER, chopped, LogColumn.STICK_PITCH, t -> 0))));
        Map<LogColumn, DoubleUnaryOperator> pushed = Map.of(
                LogColumn.POWER, chopped, LogColumn.PITCH, falls, LogColumn.STICK_PITCH, t -> t > 40.5 ? -0.4 : 0);
        assertEquals(List.of(), states(new ChopCheck(), flight(0, pushed)), "the pilot pushed");
    }

    @Test
    void aLaunchIsLookedAtWhereItShows() {
        assertEquals(List.of(State.GOOD), states(new LaunchCheck(), flight(0, Map.of())));
        FlightLog rolls = flight(
                0,
                Map.of(
                        LogColumn.ROLL, t -> t > 5.5 && t < 6.8 ? -0.6 : 0,
                        LogColumn.STICK_ROLL, t -> t > 5 && t < 7 ? 0.5 : 0));
        assertEquals(List.of(State.CAUTION), states(new LaunchCheck(), rolls), "34° to the left against the stick");
        FlightLog over = flight(0, Map.of(LogColumn.ROLL, t -> t > 5.5 && t < 6.8 ? 1 : 0));
        assertEquals(List.of(State.STOP), states(new LaunchCheck(), over), "57°");
        FlightLog weak = flight(
                0,
                Map.of(
                        LogColumn.AIRSPEED, t -> flies(t) ? Math.min(15, 6 + (t - 5)) : 0,
                        LogColumn.HEIGHT, t -> flies(t) ? 1 + 40 * Math.min(1, Math.min(t - 5, 85 - t) / 10) : 0));
        assertTrue(
                says(new LaunchCheck(), weak).stream().anyMatch(f -> f.title().startsWith("Launched at")));
        FlightLog high = flight(0, Map.of(LogColumn.HEIGHT, t -> t < 5 ? Double.NaN : 60, LogColumn.AIRSPEED, t -> 15));
        assertEquals(List.of(), states(new LaunchCheck(), high), "it begins in the air");
    }

    @Test
    void autotuneIsOffBeforeTheLandingAndAutoTrimFliesAlongTheWind() {
        FlightLog off = flight(LEVEL, Map.of(LogColumn.HELPER, t -> t > 20 && t < 60 ? Helper.AUTOTUNE.ordinal() : 0));
        assertEquals(List.of(State.GOOD), states(new HelperCheck(), off));
        FlightLog on = flight(LEVEL, Map.of(LogColumn.HELPER, t -> t > 20 ? Helper.AUTOTUNE.ordinal() : 0));
        assertEquals(List.of(State.STOP), states(new HelperCheck(), on));
        DoubleUnaryOperator trims = t -> t > 20 && t < 60 ? Helper.AUTO_TRIM.ordinal() : 0;
        FlightLog crab =
                flight(LEVEL, Map.of(LogColumn.HELPER, trims, LogColumn.HEADING, t -> 0.2, LogColumn.COURSE, t -> 0));
        assertEquals(List.of(State.CAUTION), states(new HelperCheck(), crab));
        FlightLog along =
                flight(LEVEL, Map.of(LogColumn.HELPER, trims, LogColumn.HEADING, t -> 0.03, LogColumn.COURSE, t -> 0));
        assertEquals(List.of(State.GOOD), states(new HelperCheck(), along));
        assertEquals(List.of(State.OPEN), states(new HelperCheck(), flight(LEVEL, Map.of(LogColumn.HELPER, trims))));
        assertEquals(List.of(), states(new HelperCheck(), flight(LEVEL, Map.of())));
    }

    @Test
    void powerWithoutCurrentIsTheMotorsOrThePacks() {
        DoubleUnaryOperator runs = t -> flies(t) ? 12 : 0.3;
        assertEquals(List.of(), states(new MotorCheck(), flight(LEVEL, Map.of(LogColumn.AMPS, runs))));
        FlightLog dead = flight(LEVEL, Map.of(LogColumn.AMPS, t -> t > 60 ? 0.2 : runs.applyAsDouble(t)));
        assertEquals(List.of(State.STOP), states(new MotorCheck(), dead));
        FlightLog glide = flight(
                LEVEL,
                Map.of(
                        LogColumn.AMPS, t -> t > 60 ? 0.2 : runs.applyAsDouble(t),
                        LogColumn.POWER, t -> t > 60 || !flies(t) ? 0 : 0.5));
        assertEquals(List.of(), states(new MotorCheck(), glide), "a glide asks for none");
        FlightLog sensorless = flight(LEVEL, Map.of(LogColumn.AMPS, t -> 0));
        assertEquals(List.of(), states(new MotorCheck(), sensorless), "a sensor that never read anything");
    }

    @Test
    void thePackRestsAfterTheLanding() {
        int cells = AIRCRAFT.propulsion().pack().cells();
        FlightLog empty = flight(LEVEL, Map.of(LogColumn.VOLTS, t -> cells * (flies(t) ? 3.5 : 3.2)));
        assertTrue(states(new ChargeCheck(), longer(empty)).contains(State.STOP));
        FlightLog full = flight(LEVEL, Map.of(LogColumn.VOLTS, t -> cells * (flies(t) ? 3.5 : 3.8)));
        assertEquals(
                List.of(State.OPEN, State.GOOD), states(new ChargeCheck(), longer(full)), "the charge is not logged");
        assertEquals(List.of(State.OPEN), states(new ChargeCheck(), full), "too short a rest says nothing");
    }

    /** The same with 6 s more on the ground. */
    private static FlightLog longer(FlightLog log) {
        FlightLog.Builder more = new FlightLog.Builder(log.columns());
        for (int i = 0; i < log.rows() + 120; i++) {
            int row = Math.min(i, log.rows() - 1);
            more.row(i * 0.05);
            log.columns().stream().filter(c -> c != LogColumn.TIME).forEach(c -> more.put(c, log.value(c, row)));
        }
        return more.build();
    }

    @Test
    void aLostLinkSaysWhereAndWhatTheAircraftDid() {
        FlightLog lost = flight(
                LEVEL,
                Map.of(
                        LogColumn.LINK, t -> t > 40 && t < 52 ? 0 : 0.9,
                        LogColumn.MODE, t -> t < 15 || t > 80 ? 0 : t > 41.5 && t < 53 ? HOME : LEVEL,
                        LogColumn.NORTH, t -> 300));
        Finding link = says(new LossCheck(), lost).get(0);
        assertEquals(State.CAUTION, link.state());
        assertTrue(link.title().startsWith("Link lost for"), link.title());
        assertTrue(link.detail().contains("It went to Home"), link.detail());
        List<Finding> kept = says(new LossCheck(), flight(LEVEL, Map.of(LogColumn.LINK, t -> 0.9)));
        assertEquals(
                "Never lost in the air: link, position, airspeed", kept.get(0).title());
        List<Finding> silent = says(new LossCheck(), flight(LEVEL, Map.of()));
        assertEquals(
                List.of(State.GOOD, State.OPEN),
                silent.stream().map(Finding::state).toList());
        assertTrue(silent.get(1).title().contains("link"), silent.get(1).title());
    }

    @Test
    void switchesAreToldWithWhatFollowedAndHowSoon() {
        FlightLog lost = flight(
                LEVEL,
                Map.of(
                        LogColumn.LINK, t -> t > 40 && t < 52 ? 0 : 0.9,
                        LogColumn.HELPER, t -> t > 20 && t < 30 ? Helper.AUTO_TRIM.ordinal() : 0,
                        LogColumn.MODE, t -> t < 15 || t > 80 ? 0 : t > 41.5 && t < 53 ? HOME : LEVEL));
        List<String> lines =
                Flown.of(lost, Optional.of(AIRCRAFT), 1.225, Optional.empty()).switches();
        assertEquals("0:00  Manual", lines.get(0));
        assertEquals("0:20  auto-trim on", lines.get(2));
        assertEquals("0:30  auto-trim off", lines.get(3));
        assertTrue(
                lines.get(4).startsWith("0:41  Home, ") && lines.get(4).contains("after the link was lost"),
                lines.get(4));
    }

    /** Before a gain is blamed: a surface at its end, a stick off the middle, a position that was lost in that time. */
    @Test
    void aSwingIsNotBlamedOnAGainWhileSomethingElseShows() {
        DoubleUnaryOperator swing = t -> t > 20 && t < 70 ? Math.toRadians(8) * Math.sin(2 * Math.PI * 0.5 * t) : 0;
        int elevator = AIRCRAFT.controls().surfaces().stream()
                .filter(o -> Math.abs(o.mix().pitch()) > 0.5)
                .findFirst()
                .orElseThrow()
                .channel();
        LogColumn out = LogColumn.output(elevator).orElseThrow();
        Map<LogColumn, DoubleUnaryOperator> plain =
                Map.of(LogColumn.PITCH, swing, LogColumn.STICK_PITCH, t -> 0, out, t -> 1500 + 100 * Math.sin(t));
        assertTrue(swings(flight(LEVEL, plain)).contains("of the pitch"), swings(flight(LEVEL, plain)));
        Map<LogColumn, DoubleUnaryOperator> ends = Map.of(
                LogColumn.PITCH,
                swing,
                LogColumn.STICK_PITCH,
                t -> 0,
                out,
                t -> Math.sin(Math.PI * t) > 0 ? 2_200 : 800);
        assertTrue(swings(flight(LEVEL, ends)).contains("more throw before any gain"), swings(flight(LEVEL, ends)));
        Map<LogColumn, DoubleUnaryOperator> lost = Map.of(
                LogColumn.PITCH, swing, LogColumn.STICK_PITCH, t -> 0, LogColumn.FIX, t -> t > 30 && t < 50 ? 0 : 3);
        assertTrue(swings(flight(LEVEL, lost)).contains("position was lost"), swings(flight(LEVEL, lost)));
    }

    private static String swings(FlightLog log) {
        return says(new SwingCheck(), log).get(0).detail();
    }

    /** Nothing is good where nothing was examined, and nothing is blamed on what only looks so. */
    @Test
    void emptyColumnsAreNoAllClearAndOtherConventionsNoLoss() {
        FlightLog noRoll = without(LogColumn.ROLL, HOME);
        assertEquals(List.of(), states(new LaunchCheck(), noRoll), "no bank was seen at the launch");
        FlightLog noAttitude = flight(HOME, Map.of(LogColumn.ROLL, t -> Double.NaN, LogColumn.PITCH, t -> Double.NaN));
        assertEquals(List.of(), states(new UpsetCheck(), noAttitude));
        FlightLog gone = flight(HOME, Map.of(LogColumn.AIRSPEED, t -> t < 17 ? 15 : Double.NaN));
        assertEquals(List.of(), states(new SlowCheck(), gone), "2 s of airspeed say nothing of a minute");
        assertTrue(
                says(new UpsetCheck(), flight(LEVEL, Map.of())).get(0).detail().contains("the wish is not logged"));
        DoubleUnaryOperator dives = t -> t > 40 && t < 46 ? -0.7 : 0.05;
        FlightLog pushed =
                flight(LEVEL, Map.of(LogColumn.PITCH, dives, LogColumn.STICK_PITCH, t -> t > 39 && t < 47 ? -0.8 : 0));
        assertEquals(List.of(State.GOOD), states(new UpsetCheck(), pushed), "the pilot's own stick");
        assertEquals(List.of(State.STOP), states(new UpsetCheck(), flight(LEVEL, Map.of(LogColumn.PITCH, dives))));
        FlightLog unwired = flight(LEVEL, Map.of(LogColumn.LINK, t -> 0));
        assertEquals(State.OPEN, says(new LossCheck(), unwired).get(1).state(), "a column of zeros is no lost link");
        FlightLog quality = flight(LEVEL, Map.of(LogColumn.FIX, t -> t > 40 && t < 60 ? 1 : 2));
        assertEquals(
                "Never lost in the air: position, airspeed",
                says(new LossCheck(), quality).get(0).title());
        FlightLog sea = flight(
                LEVEL,
                Map.of(LogColumn.HEIGHT, t -> 310, LogColumn.AIRSPEED, t -> 15, LogColumn.GROUND_SPEED, t -> 15));
        says(new HeightLimitCheck(), sea).forEach(f -> assertEquals(State.OPEN, f.state(), "310 m over what?"));
        FlightLog cruise = flight(HOME, Map.of(LogColumn.AMPS, t -> t > 50 && t < 60 ? 0.2 : flies(t) ? 12 : 0.3));
        assertEquals(List.of(), states(new MotorCheck(), cruise), "in Home the stick asks for speed, not power");
        FlightLog on = flight(LEVEL, Map.of(LogColumn.HELPER, t -> t > 20 ? Helper.AUTOTUNE.ordinal() : 0));
        FlightLog cut = cut(on, 60);
        assertEquals(List.of(State.OPEN), states(new HelperCheck(), cut), "the log ends before the landing");
    }

    private static FlightLog cut(FlightLog log, double end) {
        FlightLog.Builder some = new FlightLog.Builder(log.columns());
        for (int row = 0; log.time(row) < end; row++) {
            int at = row;
            some.row(log.time(row));
            log.columns().stream().filter(c -> c != LogColumn.TIME).forEach(c -> some.put(c, log.value(c, at)));
        }
        return some.build();
    }
}
