package app.drachen.core.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.hearing.Listener.Said;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Call;
import app.drachen.core.signals.Calls;
import app.drachen.core.signals.Value;
import app.drachen.core.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

/** What is said, when, and what waits for what. */
class ListenerTest {
    private static final Setup SOUND = DemoAircraft.seeschwalbe();
    private static final List<Integer> ALL = List.of(1, 2, 3);

    private static Setup calling(boolean interrupt, Call... calls) {
        return SOUND.withSignals(SOUND.signals()
                .withCalls(new Calls(List.of(calls), interrupt))
                .withAlarms(List.of(new Alarm(Alarm.Kind.HEIGHT, 100, 3, 0, 1, "height", List.of(3)))));
    }

    private static List<Said> heard(Setup setup, int position, double seconds, DoubleUnaryOperator height) {
        Listener listener = new Listener(setup, position);
        List<Said> all = new ArrayList<>();
        for (int i = 0; i <= seconds * 20; i++) {
            double t = i / 20.0;
            all.addAll(listener.at(t, Map.of(Value.HEIGHT, height.applyAsDouble(t), Value.CHARGE, 3_600.0)));
        }
        return all;
    }

    private static final Call HEIGHT = new Call(Value.HEIGHT, "# metres", 10, 2, 2, 1, ALL);

    @Test
    void callsComeAtTheirTimesWithTheFigureThatTheyHave() {
        List<Said> said = heard(calling(true, HEIGHT), 1, 23, t -> 50 + t);
        assertEquals(List.of(2.0, 12.0, 22.0), said.stream().map(Said::time).toList());
        // the height at 12 s is 62 m; what is said is up to 1.3 s old
        assertTrue(
                said.get(1).words().equals("61 metres") || said.get(1).words().equals("62 metres"), said.toString());
    }

    /** Two calls at once: the first by priority speaks, the other waits for its end. */
    @Test
    void theSecondWaitsForTheFirst() {
        Call charge = new Call(Value.CHARGE, "# used", 10, 2, 3, 2, ALL);
        List<Said> said = heard(calling(true, charge, HEIGHT), 1, 9, t -> 50);
        assertEquals(
                List.of("50 metres", "1000 used"),
                said.stream().map(Said::words).toList());
        assertEquals(4, said.get(1).time(), 0.051, "two seconds after the first began");
    }

    /** An alarm cuts a call off, or waits for its end; in a position in which it is silent it says nothing. */
    @Test
    void anAlarmCutsInOrWaits() {
        Call longOne = new Call(Value.HEIGHT, "# metres", 60, 6, 2, 1, ALL);
        DoubleUnaryOperator height = t -> t < 3 ? 90 : 105;
        Said cuts = heard(calling(true, longOne), 1, 12, height).get(1);
        assertTrue(cuts.alarm() && cuts.time() < 4.4, cuts.toString());
        Said waits = heard(calling(false, longOne), 1, 12, height).get(1);
        assertTrue(waits.alarm());
        assertEquals(8, waits.time(), 0.06);
        assertEquals(1, heard(calling(true, longOne), 3, 12, height).size(), "silent at 3");
    }

    /** Two alarms at one moment: the more urgent speaks to its end, then the other; neither is lost. */
    @Test
    void oneAlarmNeverCutsAnotherOff() {
        Setup two = SOUND.withSignals(SOUND.signals()
                .withCalls(Calls.NONE)
                .withAlarms(List.of(
                        new Alarm(Alarm.Kind.ENERGY, 3_000, 0, 0, 2, "charge", List.of()),
                        new Alarm(Alarm.Kind.HEIGHT, 100, 3, 0, 1, "height", List.of()))));
        List<Said> said = heard(two, 1, 20, t -> 120);
        assertEquals(2, said.size(), said.toString());
        assertTrue(said.get(1).time() - said.get(0).time() >= 1.45, said.toString());
    }

    /** Pages show what came, as late as it is, cut to its place; what never came is blank. */
    @Test
    void pagesShowWhatCame() {
        Listener listener = new Listener(SOUND, 1);
        assertEquals("", listener.shown(Value.HEIGHT, UnitSystem.METRIC));
        for (int i = 0; i < 60; i++) {
            listener.at(i / 20.0, Map.of(Value.HEIGHT, 10.0 * i / 20, Value.MODE, 3.0, Value.CLIMB, 1.5));
        }
        double shown = Double.parseDouble(listener.shown(Value.HEIGHT, UnitSystem.METRIC));
        assertTrue(shown >= 18 && shown < 28, "up to a second old: " + shown);
        assertEquals("Hold", listener.shown(Value.MODE, UnitSystem.METRIC));
        assertEquals("", listener.shown(Value.AIRSPEED, UnitSystem.METRIC));
        assertEquals(1.5, listener.climb());
        assertEquals("12:05", Listener.text(Value.TIME, 725, UnitSystem.METRIC));
    }
}
