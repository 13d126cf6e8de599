package app.drachen.core.debrief;

import app.drachen.core.autopilot.Helper;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The switches of mode and helper in a log, in words. */
final class Switches {
    private static final int MOST = 40;

    private Switches() {}

    /**
     * A line with its moment.
     *
     * @param time on the clock of the log [s]
     * @param words what was switched
     */
    private record Line(double time, String words) {}

    static List<String> of(Flown flight) {
        List<Line> lines = new ArrayList<>();
        for (ModeSegment segment : flight.segments()) {
            double time = flight.log().time(segment.from());
            lines.add(new Line(time, segment.mode().label() + reaction(flight, segment, time)));
        }
        if (flight.log().has(LogColumn.HELPER)) {
            helpers(flight, lines);
        }
        lines.sort(Comparator.comparingDouble(Line::time));
        List<String> words = new ArrayList<>();
        lines.stream().limit(MOST).forEach(l -> words.add(Span.clock(Math.floor(l.time())) + "  " + l.words()));
        if (lines.size() > MOST) {
            words.add("and " + (lines.size() - MOST) + " more");
        }
        return words;
    }

    /** What the aircraft, or the pilot, did after it, and how soon. */
    private static String reaction(Flown flight, ModeSegment segment, double time) {
        if (segment.mode() == FlightMode.LEVEL) {
            return flight.levels().stream()
                    .filter(l -> l.time() == time && Double.isFinite(l.settle()))
                    .findFirst()
                    .map(l -> ", settled " + Quantity.TIME.text(l.settle()) + " later")
                    .orElse("");
        }
        if (segment.mode() == FlightMode.HOME && flight.setup().isPresent()) {
            double radius = flight.setup().get().modes().home().circleRadius();
            Optional<Double> lined = CardMeasures.lineUp(flight.log(), List.of(segment), radius);
            String after = flight.lost().getOrDefault(Lost.What.LINK, List.of()).stream()
                    .filter(l -> l.span().from() < time && time - l.span().from() < 10)
                    .findFirst()
                    .map(l -> ", " + Quantity.TIME.text(time - l.span().from()) + " after the link was lost")
                    .orElse("");
            return after
                    + lined.filter(Double::isFinite)
                            .map(s -> ", pointed home " + Quantity.TIME.text(s) + " later")
                            .orElse("");
        }
        return "";
    }

    private static void helpers(Flown flight, List<Line> lines) {
        double before = Helper.NONE.ordinal();
        for (int row = 0; row < flight.log().rows(); row++) {
            double now = flight.log().value(LogColumn.HELPER, row);
            boolean known = now >= 0 && now < Helper.values().length;
            if (known && now != before) {
                Helper helper = Helper.values()[(int) (now == Helper.NONE.ordinal() ? before : now)];
                lines.add(new Line(
                        flight.log().time(row), helper.label() + (now == Helper.NONE.ordinal() ? " off" : " on")));
                before = now;
            }
        }
    }
}
