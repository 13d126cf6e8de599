package app.drachen.core.debrief.checks;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Lost;
import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * HOMING-R1: hands off in a mode that levels, the roll stick rests in the middle. A trim left in the radio is read there as
 * a wish for bank, and the aircraft turns; no gain and no sense is to blame for that.
 */
public final class StickRestCheck implements DebriefCheck {
    private static final double OFF = 0.03;
    private static final double STILL = 0.02;
    private static final double LASTS = 4;
    /** A thumb holds a turn for a while; a trim stays where it is. */
    private static final double TRIM_LASTS = 20;

    private static final double SAME = 0.015;

    /** No radio trims as far as this: a stick beyond it is held there [-]. */
    private static final double HELD = 0.3;

    /** Id of its finding. */
    public static final String ID = "HOMING-R1";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String looksFor() {
        return "The roll stick rests within 3 % of the middle in Level and in modes that hold more.";
    }

    /**
     * Where a stick rested.
     *
     * @param mode in which mode
     * @param mean of the stick, right positive [-]
     * @param seconds of it [s]
     * @param from when it began [s]
     * @param to when it ended [s]
     * @param speed mean airspeed; NaN without one [m/s]
     */
    private record Rest(FlightMode mode, double mean, double seconds, double from, double to, double speed) {
        /** The same with the seconds of all that rest at this place. */
        Rest lasting(List<Rest> all) {
            double together = all.stream()
                    .filter(r -> Math.abs(r.mean - mean) <= SAME)
                    .mapToDouble(Rest::seconds)
                    .sum();
            return new Rest(mode, mean, together, from, to, speed);
        }
    }

    /** Whether the roll stick rests off the middle in levelling modes, as by a trim. */
    static boolean off(Flown flight) {
        return rest(flight).filter(r -> Math.abs(r.mean()) > OFF).isPresent();
    }

    /** Where it rests: off the middle if it does so for long at one place, else in the middle; empty if neither shows. */
    private static Optional<Rest> rest(Flown flight) {
        List<Rest> all = rests(flight);
        return all.stream()
                .map(r -> r.lasting(all))
                .filter(r -> Math.abs(r.mean()) <= OFF || r.seconds() >= TRIM_LASTS)
                .max(Comparator.comparing((Rest r) -> Math.abs(r.mean()) > OFF).thenComparing(Rest::seconds));
    }

    private static List<Rest> rests(Flown flight) {
        FlightLog log = flight.log();
        List<Rest> rests = new ArrayList<>();
        if (!log.has(LogColumn.STICK_ROLL)) {
            return rests;
        }
        for (ModeSegment segment : flight.segments()) {
            if (segment.mode().compareTo(FlightMode.LEVEL) < 0) {
                continue;
            }
            // what stands on the ground is let go without saying anything
            int from = Math.max(
                    segment.from(), flight.facts().map(FlightFacts::launch).orElse(0));
            while (from < segment.to()) {
                if (unheard(flight, log.time(from))) {
                    from++;
                    continue;
                }
                int to = from;
                double low = Double.POSITIVE_INFINITY;
                double high = Double.NEGATIVE_INFINITY;
                while (to < segment.to() && !unheard(flight, log.time(to))) {
                    double stick = log.value(LogColumn.STICK_ROLL, to);
                    low = Double.isNaN(stick) ? low : Math.min(low, stick);
                    high = Double.isNaN(stick) ? high : Math.max(high, stick);
                    if (high - low > STILL) {
                        break;
                    }
                    to++;
                }
                double seconds = log.time(Math.max(from, to - 1)) - log.time(from);
                boolean held = Math.abs(log.mean(LogColumn.STICK_ROLL, from, to)) > HELD;
                if (seconds >= LASTS && !held) {
                    rests.add(new Rest(
                            segment.mode(),
                            log.mean(LogColumn.STICK_ROLL, from, to),
                            seconds,
                            log.time(from),
                            log.time(Math.max(from, to - 1)),
                            log.mean(LogColumn.AIRSPEED, from, to)));
                }
                from = Math.max(to, from + 1);
            }
        }
        return rests;
    }

    /** While the radio is lost the log holds the stick as it was heard last. */
    private static boolean unheard(Flown flight, double time) {
        return flight.lost().getOrDefault(Lost.What.LINK, List.of()).stream()
                .anyMatch(l -> l.span().from() <= time && time <= l.span().to());
    }

    @Override
    public List<Finding> findings(Flown flight) {
        boolean levels = flight.segments().stream().anyMatch(s -> s.mode().compareTo(FlightMode.LEVEL) >= 0);
        if (!levels) {
            return List.of();
        }
        Finding finding = check(flight);
        return List.of(rest(flight).map(r -> finding.during(r.from(), r.to())).orElse(finding));
    }

    private Finding check(Flown flight) {
        Optional<Rest> rest = rest(flight);
        if (rest.isEmpty()) {
            return Finding.of(
                    id(),
                    State.OPEN,
                    "Where the stick rests does not show",
                    flight.log().has(LogColumn.STICK_ROLL)
                            ? "No still stick in the middle for 4 s, nor off it for 20 s, in Level or above. Fly Level hands off."
                            : "It needs the roll stick in the log.");
        }
        Rest r = rest.get();
        String where = " in " + r.mode().label() + " for " + Quantity.TIME.text(r.seconds());
        if (Math.abs(r.mean()) <= OFF) {
            return Finding.of(id(), State.GOOD, "The roll stick rests in the middle" + where, "");
        }
        String side = r.mean() > 0 ? "right" : "left";
        String title = "The roll stick rests " + Quantity.SHARE.text(Math.abs(r.mean())) + " to the " + side + where;
        String remedy =
                " A trim left in the radio does that: carry it into the servo centres and zero it; change no gain.";
        if (flight.setup().isEmpty() || !(r.speed() > 2)) {
            return Finding.of(id(), State.STOP, title, "The mode reads it as a wish to bank." + remedy);
        }
        double bank = Math.abs(r.mean()) * flight.setup().get().modes().limits().bank();
        double radius = r.speed() * r.speed() / (Atmosphere.GRAVITY * Math.tan(bank));
        Working working = Working.of(
                "HOMING-A1",
                "Circle it asks for",
                radius,
                Quantity.DISTANCE,
                "R = V²/(g·tan(t·φ_max))",
                Source.ANDERSON,
                Working.in("stick t", r.mean(), Quantity.SHARE_FINE),
                Working.in("airspeed V", r.speed(), Quantity.SPEED),
                Working.in(
                        "bank limit φ_max",
                        flight.setup().get().modes().limits().bank(),
                        Quantity.ANGLE));
        return Finding.of(
                id(),
                State.STOP,
                title,
                "The mode reads it as a wish for " + Quantity.ANGLE.text(bank) + " of bank, a circle of "
                        + Quantity.DISTANCE.text(radius) + " to the " + side + "." + remedy,
                working);
    }
}
