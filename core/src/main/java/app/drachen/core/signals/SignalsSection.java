package app.drachen.core.signals;

import app.drachen.core.units.Ranges;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What stage Signals is about.
 *
 * @param wanted what the pilot wants to know, each value once
 * @param ways from the board to the pilot
 * @param suppliers devices that tell something else than is usual for their kind
 * @param reaction from the word to the moving thumb [s], 0 to 10
 * @param greatestClimb climb that is not exceeded, by any hand [m/s], 0.2 to 50; empty where the model is to tell
 * @param alarms what speaks up, each kind once
 * @param tones rise and sink
 * @param calls what is spoken again and again
 * @param scales factors of readings
 * @param pages what stands before the eye
 */
public record SignalsSection(
        List<Wanted> wanted,
        List<Way> ways,
        List<Supplier> suppliers,
        double reaction,
        Optional<Double> greatestClimb,
        List<Alarm> alarms,
        Tones tones,
        Calls calls,
        Scales scales,
        List<Page> pages) {
    /** Time from a word to the moving thumb [s]; own estimate. */
    public static final double REACTION = 1.5;

    /** Nothing entered. */
    public static final SignalsSection EMPTY = new SignalsSection(
            List.of(),
            List.of(),
            List.of(),
            REACTION,
            Optional.empty(),
            List.of(),
            Tones.USUAL,
            Calls.NONE,
            Scales.NONE,
            List.of());

    public SignalsSection {
        wanted = List.copyOf(wanted);
        ways = List.copyOf(ways);
        suppliers = List.copyOf(suppliers);
        alarms = List.copyOf(alarms);
        pages = List.copyOf(pages);
        Ranges.require("reaction", reaction, 0, 10, "s");
        greatestClimb.ifPresent(c -> Ranges.require("greatest climb", c, 0.2, 50, "m/s"));
        once(wanted.stream().map(w -> w.value().label()).toList(), "is wanted twice");
        once(ways.stream().map(Way::name).toList(), "names two ways");
        once(suppliers.stream().map(Supplier::device).toList(), "is described twice");
        once(alarms.stream().map(a -> a.kind().label()).toList(), "has two alarms");
        once(pages.stream().map(Page::name).toList(), "names two pages");
    }

    private static void once(List<String> names, String otherwise) {
        names.stream()
                .filter(n -> names.indexOf(n) != names.lastIndexOf(n))
                .findFirst()
                .ifPresent(n -> {
                    throw new IllegalArgumentException(n + " " + otherwise + "; keep one");
                });
    }

    public Optional<Alarm> alarm(Alarm.Kind kind) {
        return alarms.stream().filter(a -> a.kind() == kind).findFirst();
    }

    public Optional<Wanted> wants(Value value) {
        return wanted.stream().filter(w -> w.value() == value).findFirst();
    }

    /** A way by its name; the first where none is named. */
    public Optional<Way> way(String name) {
        return name.isEmpty()
                ? ways.stream().findFirst()
                : ways.stream().filter(w -> w.name().equals(name)).findFirst();
    }

    /** Whether a page shows a value. */
    public boolean shows(Value value) {
        return pages.stream().anyMatch(p -> p.shows(value));
    }

    public SignalsSection withWanted(List<Wanted> all) {
        return new SignalsSection(all, ways, suppliers, reaction, greatestClimb, alarms, tones, calls, scales, pages);
    }

    public SignalsSection withWays(List<Way> all) {
        return new SignalsSection(wanted, all, suppliers, reaction, greatestClimb, alarms, tones, calls, scales, pages);
    }

    public SignalsSection withSuppliers(List<Supplier> all) {
        return new SignalsSection(wanted, ways, all, reaction, greatestClimb, alarms, tones, calls, scales, pages);
    }

    /**
     * The same with another reaction.
     *
     * @param seconds [s]
     */
    public SignalsSection withReaction(double seconds) {
        return new SignalsSection(wanted, ways, suppliers, seconds, greatestClimb, alarms, tones, calls, scales, pages);
    }

    /** The same with a climb that is not exceeded [m/s], or none entered. */
    public SignalsSection withGreatestClimb(Optional<Double> climb) {
        return new SignalsSection(wanted, ways, suppliers, reaction, climb, alarms, tones, calls, scales, pages);
    }

    public SignalsSection withAlarms(List<Alarm> all) {
        return new SignalsSection(wanted, ways, suppliers, reaction, greatestClimb, all, tones, calls, scales, pages);
    }

    /** The same with an alarm in place of that of its kind, or beside the others. */
    public SignalsSection withAlarm(Alarm alarm) {
        List<Alarm> all = new ArrayList<>(alarms);
        int at = all.stream().map(Alarm::kind).toList().indexOf(alarm.kind());
        if (at < 0) {
            all.add(alarm);
        } else {
            all.set(at, alarm);
        }
        return withAlarms(all);
    }

    public SignalsSection withTones(Tones other) {
        return new SignalsSection(
                wanted, ways, suppliers, reaction, greatestClimb, alarms, other, calls, scales, pages);
    }

    public SignalsSection withCalls(Calls other) {
        return new SignalsSection(
                wanted, ways, suppliers, reaction, greatestClimb, alarms, tones, other, scales, pages);
    }

    public SignalsSection withScales(Scales other) {
        return new SignalsSection(wanted, ways, suppliers, reaction, greatestClimb, alarms, tones, calls, other, pages);
    }

    public SignalsSection withPages(List<Page> all) {
        return new SignalsSection(wanted, ways, suppliers, reaction, greatestClimb, alarms, tones, calls, scales, all);
    }
}
