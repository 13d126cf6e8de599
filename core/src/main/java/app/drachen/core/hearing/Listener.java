package app.drachen.core.hearing;

import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Call;
import app.drachen.core.signals.Calls;
import app.drachen.core.signals.Value;
import app.drachen.core.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * The pilot's end of a flight as it goes on: what he has of each value, late as it is, and what is said. An alarm speaks over a call if
 * alarms cut in, else after it; of calls that are due at once the first by priority speaks, the others wait, and one whose next turn has
 * come is left out.
 *
 * <p>Mutable, for one thread.
 */
public final class Listener {
    private static final double ALARM_TAKES = 1.5;

    private final Setup setup;
    private final Calls calls;
    private final Map<Value, Chain> seen = new EnumMap<>(Value.class);
    private final Map<Value, Chain> heard = new EnumMap<>(Value.class);
    private final Map<Value, Double> eye = new EnumMap<>(Value.class);
    private final Map<Value, Double> ear = new EnumMap<>(Value.class);
    private final List<Speaker> speakers = new ArrayList<>();
    private final List<Call> spoken;
    private final double[] due;
    private final List<Said> waiting = new ArrayList<>();
    private double busyUntil = Double.NEGATIVE_INFINITY;
    private double alarmUntil = Double.NEGATIVE_INFINITY;

    /**
     * Something that is said.
     *
     * @param time when it begins [s]
     * @param words what
     * @param alarm whether it is an alarm
     */
    public record Said(double time, String words, boolean alarm) {}

    /**
     * A pilot who listens.
     *
     * @param position of the switch of the calls, 1 to 3
     */
    public Listener(Setup setup, int position) {
        this.setup = setup;
        calls = setup.signals().calls();
        for (Path path : Path.all(setup)) {
            if (path.whole()) {
                Value value = path.wanted().value();
                seen.put(value, chain(path, false));
                heard.put(value, chain(path, true));
            }
        }
        setup.signals().alarms().stream()
                .filter(a -> !a.silentIn().contains(position))
                .sorted(Comparator.comparingInt(Alarm::priority))
                .forEach(a -> speakers.add(new Speaker(a)));
        spoken = calls.in(position).stream()
                .sorted(Comparator.comparingInt(Call::priority))
                .toList();
        due = spoken.stream().mapToDouble(Call::start).toArray();
    }

    private static Chain chain(Path path, boolean voice) {
        return new Chain(path.supplier().orElseThrow(), path.way().orElseThrow(), voice, 0, 0);
    }

    /**
     * Time goes on.
     *
     * @param time since the begin [s], rising
     * @param now values as they are [SI unit of each]
     * @return what begins to be said now
     */
    public List<Said> at(double time, Map<Value, Double> now) {
        seen.forEach((v, c) -> put(eye, v, c.at(time, now.getOrDefault(v, Double.NaN))));
        heard.forEach((v, c) -> put(ear, v, c.at(time, now.getOrDefault(v, Double.NaN))));
        List<Said> begins = new ArrayList<>();
        for (Speaker speaker : speakers) {
            Alarm alarm = speaker.alarm();
            double value = ear.getOrDefault(alarm.kind().value(), Double.NaN);
            if (speaker.speaks(time, Readings.alarmed(setup, alarm.kind(), value))) {
                waiting.add(new Said(time, alarm.words(), true));
            }
        }
        // an alarm may cut a call off, but never another alarm
        boolean free = calls.alarmsInterrupt() ? time >= alarmUntil : time >= busyUntil;
        if (!waiting.isEmpty() && free) {
            Said said = waiting.remove(0);
            begins.add(new Said(time, said.words(), true));
            alarmUntil = time + ALARM_TAKES;
            busyUntil = alarmUntil;
        }
        for (int i = 0; i < due.length; i++) {
            if (time < due[i]) {
                continue;
            }
            Call call = spoken.get(i);
            if (time >= due[i] + call.every()) {
                due[i] += call.every() * Math.floor((time - due[i]) / call.every());
            }
            Double value = ear.get(call.value());
            if (time >= busyUntil && waiting.isEmpty()) {
                due[i] += call.every();
                if (value != null) {
                    begins.add(new Said(time, words(call, value), false));
                    busyUntil = time + call.takes();
                }
            }
        }
        return begins;
    }

    private static void put(Map<Value, Double> into, Value value, double read) {
        if (!Double.isNaN(read)) {
            into.put(value, read);
        }
    }

    private static String words(Call call, double value) {
        return call.text().replace("#", call.value().quantity().number(value, UnitSystem.METRIC));
    }

    /** What the pilot sees of a value, as it would stand on a page; blank where nothing came yet. */
    public String shown(Value value, UnitSystem units) {
        Double read = eye.get(value);
        return read == null ? "" : text(value, read, units);
    }

    /**
     * A value as it stands on a page, cut to its width.
     *
     * @param read [SI unit of the value]
     */
    public static String text(Value value, double read, UnitSystem units) {
        String text =
                switch (value) {
                    case MODE -> FlightMode.values()[(int) Math.max(0, Math.min(6, Math.rint(read)))].label();
                    case TIME -> (int) (read / 60) + ":" + String.format("%02d", (int) read % 60);
                    default -> value.quantity().number(read, units);
                };
        return text.length() > value.width() ? text.substring(0, value.width()) : text;
    }

    /**
     * The climb that the tones sound.
     *
     * @return [m/s]; NaN while none has come
     */
    public double climb() {
        return ear.getOrDefault(Value.CLIMB, Double.NaN);
    }
}
