package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.math.Statistics;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * HOMING-R2: the circle at home is round, with bank to spare. Looked at from the arrival on, where it goes half of the way round at least.
 */
public final class CircleCheck implements DebriefCheck {
    /** Id of its finding. */
    public static final String ID = "HOMING-R2";

    private static final double EGG = 0.15;
    private static final double SPENT = 0.97;
    private static final double OFTEN = 0.2;
    /** Half a circle can show that it is none; that it is one takes a whole. */
    private static final double HALF = 0.5;

    /** So long no nearer: it has arrived [s]. */
    private static final double LEAVES = 3;

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String looksFor() {
        return "The circle at home strays by less than 15 % of its radius, and its bank is below the limit.";
    }

    /**
     * A circle that was flown.
     *
     * @param from its beginning [s]
     * @param to its end [s]
     * @param mean distance from home [m]
     * @param spread standard deviation of that distance [m]
     * @param beside distance of its own centre from home [m]
     * @param own standard deviation of the distance from its own centre [m]
     * @param spent share of the time with the bank at its limit; NaN if the bank is not logged [-]
     * @param turns times round [-]
     */
    private record Circle(
            double from, double to, double mean, double spread, double beside, double own, double spent, double turns) {
        boolean egg(double radius) {
            return spread > EGG * radius;
        }

        /** Whether it is round about a place of its own; half a circle does not tell. */
        boolean elsewhere(double radius) {
            return egg(radius) && turns >= 1 && own < EGG * radius;
        }

        boolean bad(double radius) {
            return egg(radius) || spent > OFTEN;
        }
    }

    @Override
    public List<Finding> findings(Flown flight) {
        if (flight.facts().isEmpty()
                || flight.setup().isEmpty()
                || !flight.log().has(LogColumn.NORTH)) {
            return List.of();
        }
        Setup setup = flight.setup().get();
        return flight.segments().stream()
                .filter(s -> s.mode() == FlightMode.HOME)
                .map(s -> circle(flight.log(), s, flight.facts().get(), setup))
                .flatMap(Optional::stream)
                .filter(c -> c.turns() >= 1
                        || c.turns() >= HALF && c.bad(setup.modes().home().circleRadius()))
                .findFirst()
                .map(c -> List.of(finding(c, setup)))
                .orElse(List.of());
    }

    private static Optional<Circle> circle(FlightLog log, ModeSegment segment, FlightFacts facts, Setup setup) {
        double radius = setup.modes().home().circleRadius();
        double bankLimit = setup.modes().limits().bank();
        int from = arrival(log, segment, radius);
        int to = Math.min(segment.to(), facts.landing());
        List<double[]> places = new ArrayList<>();
        double turned = 0;
        double last = Double.NaN;
        int spent = 0;
        int banks = 0;
        for (int row = from; row < to; row++) {
            double course = log.value(LogColumn.COURSE, row);
            if (Double.isNaN(away(log, row)) || Double.isNaN(course)) {
                continue;
            }
            turned += Double.isNaN(last) ? 0 : Statistics.wrap(course - last);
            last = course;
            places.add(new double[] {log.value(LogColumn.NORTH, row), log.value(LogColumn.EAST, row)});
            double bank = Math.abs(log.value(LogColumn.ROLL, row));
            banks += Double.isNaN(bank) ? 0 : 1;
            spent += bank >= SPENT * bankLimit ? 1 : 0;
        }
        if (places.size() < 10) {
            return Optional.empty();
        }
        double[] home = {0, 0};
        double[] centre = centre(places);
        double mean = mean(places, home);
        return Optional.of(new Circle(
                log.time(from),
                log.time(to - 1),
                mean,
                spread(places, home),
                Math.hypot(centre[0], centre[1]),
                spread(places, centre),
                banks == 0 ? Double.NaN : (double) spent / banks,
                Math.abs(turned) / (2 * Math.PI)));
    }

    /** The centre of the circle that fits places best (I. Kåsa 1976). */
    private static double[] centre(List<double[]> places) {
        double north = places.stream().mapToDouble(p -> p[0]).average().orElse(0);
        double east = places.stream().mapToDouble(p -> p[1]).average().orElse(0);
        double uu = 0;
        double vv = 0;
        double uv = 0;
        double first = 0;
        double second = 0;
        for (double[] place : places) {
            double u = place[0] - north;
            double v = place[1] - east;
            double square = u * u + v * v;
            uu += u * u;
            vv += v * v;
            uv += u * v;
            first += u * square / 2;
            second += v * square / 2;
        }
        double det = uu * vv - uv * uv;
        return det <= 0
                ? new double[] {north, east}
                : new double[] {north + (first * vv - second * uv) / det, east + (second * uu - first * uv) / det};
    }

    private static double mean(List<double[]> places, double[] centre) {
        return places.stream()
                .mapToDouble(p -> Math.hypot(p[0] - centre[0], p[1] - centre[1]))
                .average()
                .orElse(0);
    }

    private static double spread(List<double[]> places, double[] centre) {
        double[] away = places.stream()
                .mapToDouble(p -> Math.hypot(p[0] - centre[0], p[1] - centre[1]))
                .toArray();
        return Statistics.deviation(away, 0, away.length);
    }

    /** Where it comes to the circle: within its radius, or nearest to it if it never does, but not two radii off. */
    private static int arrival(FlightLog log, ModeSegment segment, double radius) {
        int nearest = segment.to();
        double least = 2 * radius;
        for (int row = segment.from(); row < segment.to(); row++) {
            double away = away(log, row);
            if (away < least) {
                least = away;
                nearest = row;
            }
            boolean leaves = nearest < row && log.time(row) - log.time(nearest) > LEAVES;
            if (least < radius || leaves) {
                return nearest;
            }
        }
        return nearest;
    }

    private static double away(FlightLog log, int row) {
        return Math.hypot(log.value(LogColumn.NORTH, row), log.value(LogColumn.EAST, row));
    }

    private Finding finding(Circle c, Setup setup) {
        double radius = setup.modes().home().circleRadius();
        Working working = Working.of(
                "HOMING-A5",
                "Circle strays by",
                c.spread() / radius,
                Quantity.SHARE,
                "σ(r)/R over the circle at home",
                new Source.Elementary("definition"),
                Working.in("spread of the distance σ(r)", c.spread(), Quantity.DISTANCE),
                Working.in("radius set R", radius, Quantity.DISTANCE),
                Working.in("mean distance", c.mean(), Quantity.DISTANCE),
                Working.in("times round", c.turns(), Quantity.NUMBER));
        String measured = "It strays by " + Quantity.DISTANCE.text(c.spread()) + " about a mean of "
                + Quantity.DISTANCE.text(c.mean()) + "; " + Quantity.DISTANCE.text(radius) + " are set"
                + (Double.isNaN(c.spent())
                        ? ". "
                        : ", and the bank is at its limit for " + Quantity.SHARE.text(c.spent()) + " of the time. ");
        Finding finding;
        if (!c.bad(radius)) {
            finding = Finding.of(id(), State.GOOD, "The circle at home is round", measured.strip(), working);
        } else if (c.elsewhere(radius) && !(c.spent() > OFTEN)) {
            finding = Finding.of(
                    id(),
                    c.beside() > 0.5 * radius && c.turns() >= 2 ? State.STOP : State.CAUTION,
                    "The circle lies " + Quantity.DISTANCE.text(c.beside()) + " beside home as this log has it",
                    "It is round. Home was set there, or the log began elsewhere; if neither, look at the wind and the path"
                            + " gain.",
                    working);
        } else {
            finding = Finding.of(
                    id(),
                    c.turns() >= 1 ? State.STOP : State.CAUTION,
                    c.egg(radius) ? "The circle at home is no circle" : "The circle at home leaves no bank to spare",
                    measured
                            + (c.spent() > OFTEN
                                    ? "Set a larger radius or more bank; in this wind it cannot turn tighter."
                                    : "Look at the wind against the airspeed, then at the path gain."),
                    working);
        }
        return finding.during(c.from(), c.to());
    }
}
