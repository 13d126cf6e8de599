package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Route;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Planted truths, at coarse and fine sampling; and logs that cannot tell. */
class CardMeasuresTest {
    private static FlightLog log(
            double seconds, double rate, BiConsumer<Double, FlightLog.Builder> row, LogColumn... columns) {
        FlightLog.Builder log = new FlightLog.Builder(Set.of(columns));
        for (int i = 0; i <= seconds * rate; i++) {
            double t = i / rate;
            log.row(t);
            row.accept(t, log);
        }
        return log.build();
    }

    private static List<ModeSegment> modes(FlightLog log) {
        return Segments.of(log);
    }

    private static FlightLog holding(double rate, double swing, double turn, double stick) {
        return log(
                50,
                rate,
                (t, l) -> l.put(LogColumn.MODE, FlightMode.HOLD.ordinal())
                        .put(LogColumn.STICK_ROLL, stick)
                        .put(LogColumn.STICK_PITCH, 0)
                        .put(LogColumn.HEIGHT, 60 + swing * Math.sin(2 * Math.PI * t / 10))
                        .put(LogColumn.HEADING, Math.toRadians(170 + turn * t)),
                LogColumn.MODE,
                LogColumn.STICK_ROLL,
                LogColumn.STICK_PITCH,
                LogColumn.HEIGHT,
                LogColumn.HEADING);
    }

    @ParameterizedTest
    @ValueSource(doubles = {2, 10, 50})
    void holdIsMeasuredHandsOffWhateverTheSampling(double rate) {
        FlightLog log = holding(rate, 3, 0.5, 0.05);
        assertEquals(3, CardMeasures.holdHeight(log, modes(log)).orElseThrow(), 0.2);
        // 45 s at half a degree each, through south
        assertEquals(
                Math.toRadians(22.5), CardMeasures.holdTurn(log, modes(log)).orElseThrow(), Math.toRadians(0.6));
    }

    @Test
    void aHandOnTheStickOrTooShortAHoldTellsNothing() {
        FlightLog held = holding(10, 3, 0.5, 0.4);
        assertEquals(Optional.empty(), CardMeasures.holdHeight(held, modes(held)));
        FlightLog brief = log(
                18,
                10,
                (t, l) -> l.put(LogColumn.MODE, FlightMode.HOLD.ordinal()).put(LogColumn.HEIGHT, 60),
                LogColumn.MODE,
                LogColumn.HEIGHT);
        assertEquals(Optional.empty(), CardMeasures.holdHeight(brief, modes(brief)));
        FlightLog stickless = log(
                50,
                10,
                (t, l) -> l.put(LogColumn.MODE, FlightMode.HOLD.ordinal())
                        .put(LogColumn.HEIGHT, 60)
                        .put(LogColumn.HEADING, t),
                LogColumn.MODE,
                LogColumn.HEIGHT,
                LogColumn.HEADING);
        assertEquals(Optional.empty(), CardMeasures.holdHeight(stickless, modes(stickless)), "who held the stick?");
        assertEquals(Optional.empty(), CardMeasures.holdTurn(stickless, modes(stickless)));
        FlightLog headless = log(
                40, 10, (t, l) -> l.put(LogColumn.MODE, FlightMode.HOLD.ordinal()), LogColumn.MODE, LogColumn.HEIGHT);
        assertEquals(Optional.empty(), CardMeasures.holdHeight(headless, modes(headless)));
        assertEquals(Optional.empty(), CardMeasures.holdTurn(headless, modes(headless)));
    }

    private static FlightLog chopped(double stickAfter, double height) {
        return log(
                20,
                20,
                (t, l) -> l.put(LogColumn.POWER, t < 10 ? 0.5 : 0)
                        .put(LogColumn.STICK_PITCH, t < 11 ? 0.1 : stickAfter)
                        .put(LogColumn.PITCH, t < 10 ? 0.05 : 0.05 - 0.08 * (t - 10))
                        .put(LogColumn.HEIGHT, height - Math.max(0, t - 10)),
                LogColumn.POWER,
                LogColumn.STICK_PITCH,
                LogColumn.PITCH,
                LogColumn.HEIGHT);
    }

    @Test
    void theChopIsMeasuredWithTheStickStillAndHighUp() {
        FlightLog log = chopped(0.1, 50);
        assertEquals(0.24, CardMeasures.chopPitch(log, 0).orElseThrow(), 0.01);
        assertEquals(5, CardMeasures.chopHeight(log, 0).orElseThrow(), 0.1);
        assertEquals(Optional.empty(), CardMeasures.chopPitch(chopped(0.6, 50), 0), "the pilot pulled");
        assertEquals(Optional.empty(), CardMeasures.chopPitch(chopped(0.1, 12), 0), "a landing is no chop");
    }

    /** Out 600 m north, Home at 10 s: a turn of 20 s by half a circle, then straight home at 15 m/s and 3 m too high. */
    private static FlightLog homing(double until) {
        return homing(until, 0);
    }

    private static FlightLog homing(double until, double off) {
        return log(
                until,
                10,
                (t, l) -> {
                    double turned = Math.max(0, Math.min(1, (t - 10) / 20));
                    double course = Math.PI * turned;
                    double home = Math.max(0, t - 30);
                    l.put(LogColumn.MODE, (t < 10 ? FlightMode.HOLD : FlightMode.HOME).ordinal())
                            .put(LogColumn.NORTH, 600 - (off == 0 ? 15 * home : 0))
                            .put(LogColumn.EAST, 0)
                            .put(LogColumn.COURSE, course + off)
                            .put(LogColumn.HEIGHT, 83);
                },
                LogColumn.MODE,
                LogColumn.NORTH,
                LogColumn.EAST,
                LogColumn.COURSE,
                LogColumn.HEIGHT);
    }

    @Test
    void homeIsLinedUpAndArrivedAt() {
        FlightLog log = homing(75);
        // within 15 of 180 degrees after 165/180 of the turn
        assertEquals(20 * 165.0 / 180, CardMeasures.lineUp(log, modes(log), 60).orElseThrow(), 0.2);
        assertEquals(3, CardMeasures.homeHeight(log, modes(log), 60, 80).orElseThrow(), 1e-9);
        FlightLog brokenOff = homing(25);
        assertEquals(Optional.empty(), CardMeasures.lineUp(brokenOff, modes(brokenOff), 60), "not long enough to say");
        assertEquals(Optional.empty(), CardMeasures.homeHeight(brokenOff, modes(brokenOff), 60, 80));
        FlightLog away = homing(85, Math.PI / 2);
        assertEquals(
                Double.POSITIVE_INFINITY,
                CardMeasures.lineUp(away, modes(away), 60).orElseThrow());
        FlightLog blind = log(
                30, 10, (t, l) -> l.put(LogColumn.MODE, FlightMode.HOME.ordinal()), LogColumn.MODE, LogColumn.HEIGHT);
        assertEquals(Optional.empty(), CardMeasures.lineUp(blind, modes(blind), 60), "no place, no answer");
    }

    @Test
    void pointsAndReversalsAreCounted() {
        Route route = new Route(
                List.of(new Route.Point(0, 0, 50), new Route.Point(200, 0, 50), new Route.Point(200, 200, 50)));
        FlightLog lap = log(
                30,
                10,
                (t, l) -> l.put(LogColumn.MODE, FlightMode.MISSION.ordinal())
                        .put(LogColumn.NORTH, 10 * Math.min(20, t))
                        .put(LogColumn.EAST, 0),
                LogColumn.MODE,
                LogColumn.NORTH,
                LogColumn.EAST);
        assertEquals(
                2.0 / 3, CardMeasures.pointsReached(lap, modes(lap), route, 60).orElseThrow(), 1e-9);
        FlightLog sticks = log(
                40,
                20,
                (t, l) -> l.put(LogColumn.MODE, FlightMode.LEVEL.ordinal())
                        .put(LogColumn.STICK_ROLL, t % 4 < 2 ? 1 : -1)
                        .put(LogColumn.STICK_PITCH, 0.3),
                LogColumn.MODE,
                LogColumn.STICK_ROLL,
                LogColumn.STICK_PITCH);
        assertEquals(
                10,
                CardMeasures.reversals(sticks, modes(sticks), LogColumn.STICK_ROLL)
                        .orElseThrow());
        assertTrue(CardMeasures.reversals(sticks, modes(sticks), LogColumn.STICK_PITCH)
                .isEmpty());
        FlightLog coarse = log(
                40,
                1,
                (t, l) ->
                        l.put(LogColumn.MODE, FlightMode.LEVEL.ordinal()).put(LogColumn.STICK_ROLL, t % 4 < 2 ? 1 : -1),
                LogColumn.MODE,
                LogColumn.STICK_ROLL);
        assertTrue(
                CardMeasures.reversals(coarse, modes(coarse), LogColumn.STICK_ROLL)
                        .isEmpty(),
                "too coarse to count");
    }
}
