package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.debrief.checks.AirspeedCheck;
import app.drachen.core.debrief.checks.CopyCheck;
import app.drachen.core.debrief.checks.CurrentCheck;
import app.drachen.core.debrief.checks.DebriefCheck;
import app.drachen.core.debrief.checks.NearCheck;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.DoublePredicate;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

/** Current, strength beside the aircraft, missing rows, airspeed: each with logs that must warn, must not, and cannot tell. */
class SignalChecksTest {
    private static FlightLog log(
            double seconds, double rate, DoublePredicate kept, Map<LogColumn, DoubleUnaryOperator> columns) {
        EnumSet<LogColumn> all = EnumSet.copyOf(columns.keySet());
        all.add(LogColumn.TIME);
        FlightLog.Builder log = new FlightLog.Builder(all);
        for (int i = 0; i < seconds * rate; i++) {
            double t = i / rate;
            if (kept.test(t)) {
                log.row(t);
                columns.forEach((c, of) -> log.put(c, of.applyAsDouble(t)));
            }
        }
        return log.build();
    }

    private static List<Finding> says(DebriefCheck check, FlightLog log) {
        return check.findings(Flown.of(log, Optional.of(DemoAircraft.seeschwalbe()), 1.225, Optional.empty()));
    }

    private static void assertSays(State state, DebriefCheck check, FlightLog log) {
        List<Finding> found = says(check, log);
        assertEquals(1, found.size(), found.toString());
        assertEquals(state, found.get(0).state(), found.toString());
    }

    private static FlightLog current(DoubleUnaryOperator power, DoubleUnaryOperator amps) {
        return log(60, 10, t -> true, Map.of(LogColumn.POWER, power, LogColumn.AMPS, amps));
    }

    @Test
    void currentFollowsPowerOrNot() {
        DoubleUnaryOperator power = t -> t < 10 ? 0 : 0.5 + 0.4 * Math.sin(t / 3);
        CurrentCheck check = new CurrentCheck();
        assertSays(State.GOOD, check, current(power, t -> 0.3 + 20 * Math.pow(power.applyAsDouble(t), 2)));
        assertSays(State.CAUTION, check, current(power, t -> 0.8 + 20 * Math.pow(power.applyAsDouble(t), 2)));
        assertSays(State.CAUTION, check, current(power, t -> 0.2 + (t < 10 ? 0 : 5 + Math.sin(7 * t))));
        assertSays(State.CAUTION, check, current(power, t -> 500 * power.applyAsDouble(t)));
        // a power that hardly moves tells nothing, nor does a log without amps
        assertEquals(List.of(), says(check, current(t -> 0.4, t -> 6)));
        assertEquals(List.of(), says(check, log(60, 10, t -> true, Map.of(LogColumn.POWER, power))));
        // a coarse, late sensor still follows
        assertSays(
                State.GOOD,
                check,
                current(power, t -> Math.rint(0.3 + 20 * Math.pow(power.applyAsDouble(Math.max(0, t - 0.8)), 2))));
    }

    @Test
    void gapsBesideTheAircraftAreAnOverload() {
        Map<LogColumn, DoubleUnaryOperator> near =
                Map.of(LogColumn.NORTH, t -> 2, LogColumn.EAST, t -> 0, LogColumn.STRENGTH, t -> -35);
        DoublePredicate gap = t -> t < 20 || t > 22;
        NearCheck check = new NearCheck();
        assertSays(State.CAUTION, check, log(60, 10, gap, near));
        assertSays(State.GOOD, check, log(60, 10, t -> true, near));
        // far off, or weak, it is another matter; a log of a row every two seconds has no gaps for that
        assertEquals(
                List.of(),
                says(
                        check,
                        log(
                                60,
                                10,
                                gap,
                                Map.of(
                                        LogColumn.NORTH,
                                        t -> 200,
                                        LogColumn.EAST,
                                        t -> 0,
                                        LogColumn.STRENGTH,
                                        t -> -35))));
        assertEquals(
                List.of(),
                says(
                        check,
                        log(
                                60,
                                10,
                                gap,
                                Map.of(
                                        LogColumn.NORTH,
                                        t -> 2,
                                        LogColumn.EAST,
                                        t -> 0,
                                        LogColumn.STRENGTH,
                                        t -> -80))));
        assertSays(State.GOOD, check, log(60, 0.5, t -> true, near));
    }

    private static Map<LogColumn, DoubleUnaryOperator> flight(double scale, double seed) {
        double speed = 14;
        double wind = 5;
        Random random = new Random((long) seed);
        return Map.of(
                LogColumn.HEIGHT,
                t -> t < 5 || t > 175 ? 0 : Math.min(60, Math.min(3 * (t - 5), 3 * (175 - t))),
                LogColumn.AIRSPEED,
                t -> t < 5 || t > 175 ? 0 : scale * speed + 0.3 * random.nextGaussian(),
                LogColumn.GROUND_SPEED,
                t -> t < 5 || t > 175 ? 0 : Math.hypot(speed * Math.cos(t / 6) + wind, speed * Math.sin(t / 6)),
                LogColumn.COURSE,
                t -> Math.atan2(speed * Math.sin(t / 6), speed * Math.cos(t / 6) + wind));
    }

    @Test
    void airspeedIsHeldAgainstGroundSpeeds() {
        AirspeedCheck check = new AirspeedCheck();
        assertSays(State.GOOD, check, log(180, 10, t -> true, flight(1, 1)));
        assertSays(State.GOOD, check, log(180, 10, t -> true, flight(0.95, 2)));
        assertSays(State.CAUTION, check, log(180, 10, t -> true, flight(0.88, 3)));
        assertSays(State.CAUTION, check, log(180, 10, t -> true, flight(1.13, 4)));
        // one straight leg tells no wind, and so no airspeed
        Map<LogColumn, DoubleUnaryOperator> straight = new java.util.HashMap<>(flight(0.8, 5));
        straight.put(LogColumn.COURSE, t -> 1);
        assertEquals(List.of(), says(check, log(180, 10, t -> true, straight)));
        Finding low = says(check, log(180, 10, t -> true, flight(0.9, 6))).get(0);
        assertEquals(1 / 0.81, low.workings().get(0).value(), 0.04, "the factor that would put it right");
    }

    @Test
    void aCopyMadeOnTheGroundIsTold() {
        CopyCheck check = new CopyCheck();
        assertSays(State.GOOD, check, log(180, 10, t -> true, flight(1, 1)));
        Finding late = says(check, log(180, 10, t -> t > 40, flight(1, 1))).get(0);
        assertTrue(late.title().contains("begins in the air"), late.toString());
        assertSays(State.CAUTION, check, log(180, 10, t -> t % 20 > 3 || t < 20, flight(1, 1)));
        assertSays(State.GOOD, check, log(180, 1, t -> true, flight(1, 1)));
    }
}
