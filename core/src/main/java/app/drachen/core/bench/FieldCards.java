package app.drachen.core.bench;

import app.drachen.core.bench.BenchCard.Said;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Cards of the field's edge. */
final class FieldCards {
    /** Bounds of BENCH-R12, defaults of judgement. */
    static final double SATELLITES = 8;

    static final double HDOP = 1.8;
    static final double FIX_AGE = 30;
    static final double HOME_OFF = 20;

    /** How far the height that Home shows may lie off the set one (MODES-R10) [m]; a default of judgement. */
    static final double HEIGHT_OFF = 5;

    private static final double FEET = 3.2808;

    private FieldCards() {}

    static BenchCard homeFix() {
        return new BenchCard(
                CardId.HOME_FIX,
                List.of(
                        Reading.number("satellites", "Satellites", Quantity.COUNT, 0, 60)
                                .atLeast(SATELLITES),
                        Reading.number("hdop", "hdop", Quantity.NUMBER, 0, 99).atMost(HDOP),
                        Reading.number("age", "Fix held for", Quantity.TIME, 0, 7_200)
                                .atLeast(FIX_AGE),
                        Reading.number("off", "Home lies from you", Quantity.DISTANCE, 0, 100_000)
                                .atMost(HOME_OFF)),
                BenchCard.Sums.NONE);
    }

    static BenchCard homeHeight(Setup setup) {
        double set = setup.modes().home().height();
        return new BenchCard(
                CardId.HOME_HEIGHT,
                List.of(
                        Reading.number("height", "Home flies at", Quantity.HEIGHT, 0, 10_000)
                                .within(set, HEIGHT_OFF),
                        Reading.choice(
                                "first",
                                "On the way up it",
                                setup.modes().home().climbFirst() ? 0 : 1,
                                "climbs first",
                                "climbs on the way")),
                given -> ratio(set, given));
    }

    /** A height that is another one in another unit (MODES-R10). */
    private static List<Said> ratio(double set, Map<String, Double> given) {
        Double seen = given.get("height");
        if (seen == null || Math.abs(seen - set) <= HEIGHT_OFF) {
            return List.of();
        }
        double ratio = seen / set;
        boolean feet = Math.abs(ratio / FEET - 1) <= 0.05 || Math.abs(ratio * FEET - 1) <= 0.05;
        return List.of(new Said(
                "unit",
                false,
                "Home flies at " + Quantity.HEIGHT.text(seen) + ", " + Quantity.HEIGHT.text(set) + " is set"
                        + (feet ? ": feet against metres?" : "."),
                List.of()));
    }

    static BenchCard logWorks(Setup setup) {
        return new BenchCard(
                CardId.LOG_WORKS,
                List.of(
                        Reading.number("length", "Length of the recording", Quantity.TIME, 0, 86_400)
                                .atLeast(60),
                        Reading.number("rate", "Rows in a second", Quantity.FREQUENCY, 0, 1_000)
                                .atLeast(10),
                        Reading.choice(
                                "channels",
                                "Sticks, attitude, height, speed and current are",
                                0,
                                "all there",
                                "not all there")),
                BenchCard.Sums.NONE);
    }

    static BenchCard airspeedProbe() {
        return new BenchCard(
                CardId.AIRSPEED_PROBE,
                List.of(
                        Reading.number("zero", "Covered: shown", Quantity.SPEED, 0, 100)
                                .atMost(1),
                        Reading.number("blown", "Blown at: shown", Quantity.SPEED, 0, 100)
                                .atLeast(4),
                        Reading.number("leak", "Lost in 10 s with the pressure held", Quantity.SHARE, 0, 1)
                                .atMost(0.10)),
                BenchCard.Sums.NONE);
    }

    static BenchCard preflight(Setup setup) {
        List<Reading> readings = new ArrayList<>();
        readings.add(Reading.choice("people", "People stand", 0, "behind the line", "elsewhere"));
        readings.add(
                Reading.choice("radio law", "Radio and height limits of this place are", 0, "kept", "not looked up"));
        readings.add(Reading.choice("picture", "Picture on every path", 0, "there, or none fitted", "missing"));
        readings.add(Reading.choice("paths", "Each control path answers", 0, "yes", "no"));
        readings.add(Reading.choice("surfaces", "Every stick moves its surfaces", 0, "the right way", "a wrong way"));
        readings.add(Reading.choice(
                "stabilising", "In Level the surfaces work against a tilt", 0, "yes", "no", "launched in Manual"));
        readings.add(Reading.choice("arming", "It armed last, from behind", 0, "yes", "no"));
        readings.add(Reading.choice("motor", "Motor: a touch of power, held fast", 0, "sounds right", "sounds wrong"));
        readings.add(Reading.number("camera", "Camera or pan servo off its mark", Quantity.ANGLE, 0, Math.PI)
                .atMost(Math.toRadians(5)));
        readings.add(Reading.choice(
                "finder", "Beeper or last position recorded", 0, "works, or none fitted", "does not work"));
        readings.add(
                Reading.number("sender", "Video sender on the ground without air for", Quantity.DURATION, 0, 36_000)
                        .atMost(300));
        readings.add(Reading.number("warm", "Camera on for", Quantity.DURATION, 0, 36_000)
                .atMost(1_200));
        readings.add(Reading.choice("home", "Home is", 0, "here", "elsewhere or not set"));
        // in Manual the second answer about tilts is as right as the first
        readings.replaceAll(
                r -> r.id().equals("stabilising") && !setup.modes().launchMode().fliesByItself()
                        ? new Reading(
                                r.id(),
                                r.asks(),
                                r.quantity(),
                                r.low(),
                                r.high(),
                                r.options(),
                                java.util.Optional.empty(),
                                true)
                        : r);
        return new BenchCard(CardId.PREFLIGHT, readings, given -> tilts(given));
    }

    private static List<Said> tilts(Map<String, Double> given) {
        Double seen = given.get("stabilising");
        return seen != null && Math.rint(seen) == 1
                ? List.of(new Said(
                        "tilts",
                        false,
                        "In Level a surface works with the tilt, not against it: not today.",
                        List.of()))
                : List.of();
    }
}
