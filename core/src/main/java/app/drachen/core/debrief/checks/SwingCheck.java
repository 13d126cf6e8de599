package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Swing;
import app.drachen.core.debrief.Swings;
import app.drachen.core.debrief.Swings.Examined;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * TUNE-R10: no swing in any mode. Each that is shown is named with where, how fast, how large and what it does; where none
 * is shown, what was examined is told; where it cannot be told, why.
 */
public final class SwingCheck implements DebriefCheck {
    /** Id of its findings. */
    public static final String ID = "TUNE-R10";

    private static final int MOST = 6;
    private static final double SLOW = 0.6;

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String looksFor() {
        return "No swing larger than 2°, 10°/s, 2 m or 15 % of power that neither stick nor wish explains, in any mode.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        Swings swings = flight.swings();
        List<Finding> findings = new ArrayList<>();
        List<Swing> told = new ArrayList<>();
        for (Swing swing : swings.found()) {
            // the same swing at another time is told with the worst
            if (told.size() < MOST && told.stream().noneMatch(t -> again(t, swing))) {
                told.add(swing);
            }
        }
        told.forEach(s -> findings.add(shown(s, flight)));
        if (findings.isEmpty()) {
            findings.add(swings.examined().isEmpty() ? untold(flight, swings) : none(swings));
        }
        return findings;
    }

    private Finding untold(Flown flight, Swings swings) {
        String why = swings.untold().isEmpty()
                ? "No stretch of one mode in the air is 2 s long, or the log is too coarse."
                : String.join(" ", swings.untold());
        boolean modes = flight.log().has(LogColumn.MODE);
        return Finding.of(
                id(),
                State.OPEN,
                "Swings cannot be told from this log",
                why + (modes ? "" : " It names no modes.")
                        + " Log attitude at 10 Hz or more, and fly Level hands off.");
    }

    /** None shown: with what was examined; no all-clear where a part cannot be told. */
    private Finding none(Swings swings) {
        Map<String, Examined> longest = new LinkedHashMap<>();
        for (Examined e : swings.examined()) {
            String mode = e.mode().map(FlightMode::label).orElse("the whole flight");
            longest.merge(mode, e, (a, b) -> a.lowest() <= b.lowest() ? a : b);
        }
        String modes = longest.entrySet().stream()
                .map(e -> e.getKey() + " for " + Quantity.TIME.text(e.getValue().seconds()) + " from "
                        + Quantity.FREQUENCY.text(e.getValue().lowest()) + " up")
                .collect(Collectors.joining(", "));
        double high =
                swings.examined().stream().mapToDouble(Examined::highest).max().orElse(0);
        String sizes = swings.examined().stream()
                .map(Examined::column)
                .distinct()
                .map(column -> size(column, swings.examined()))
                .collect(Collectors.joining(", "));
        boolean whole = swings.untold().isEmpty();
        return Finding.of(
                id(),
                whole ? State.GOOD : State.OPEN,
                whole ? "No swing shown" : "No quick swing shown; slow ones cannot be told",
                "Examined: " + modes + ", to " + Quantity.FREQUENCY.text(high)
                        + ". It would have been seen: " + sizes + " up."
                        + (whole ? "" : " " + String.join(" ", swings.untold())));
    }

    /** From what frequency and size on a column would have shown a swing; where frequencies differ much, the best and the worst. */
    private static String size(LogColumn column, List<Examined> examined) {
        List<Examined> its = examined.stream().filter(e -> e.column() == column).toList();
        DoubleSummaryStatistics least = its.stream()
                .flatMap(e -> e.reaches().stream())
                .mapToDouble(Swings.Reach::least)
                .summaryStatistics();
        double lowest = its.stream().mapToDouble(Examined::lowest).min().orElse(0);
        return column.meaning().toLowerCase(Locale.ROOT) + " ±"
                + column.quantity().text(least.getMin())
                + (least.getMax() < 1.3 * least.getMin()
                        ? ""
                        : " to " + column.quantity().text(least.getMax()))
                + " from " + Quantity.FREQUENCY.text(lowest);
    }

    private Finding shown(Swing swing, Flown flight) {
        boolean porpoising = porpoising(swing);
        String mode = swing.mode().map(m -> " in " + m.label()).orElse("");
        boolean beside = flight.swings().beside(swing);
        String not = quietIn(swing);
        String title = (porpoising ? "Porpoising" : swing.column().meaning() + " swings") + mode + not;
        String detail = Quantity.FREQUENCY.text(swing.frequency()) + ", ±"
                + swing.column().quantity().text(swing.amplitude()) + ", from " + Quantity.TIME.text(swing.from())
                + " to " + Quantity.TIME.text(swing.to())
                + (Double.isNaN(swing.speed()) ? "" : " at " + Quantity.SPEED.text(swing.speed()))
                + times(swing, flight) + speeds(swing, flight) + ". " + course(swing)
                + (beside
                        ? "A larger one goes on beside it: mend that first, then look again."
                        : remedy(swing, flight, porpoising));
        State state = swing.diesAway() || beside ? State.CAUTION : State.STOP;
        return Finding.of(id(), state, title, detail, swing.working()).during(swing.from(), swing.to());
    }

    private static boolean again(Swing told, Swing swing) {
        return told.column() == swing.column()
                && told.mode().equals(swing.mode())
                && Math.abs(Math.log(told.frequency() / swing.frequency())) < 0.4;
    }

    private static boolean porpoising(Swing swing) {
        boolean upAndDown = swing.column() == LogColumn.HEIGHT || swing.column() == LogColumn.PITCH;
        return upAndDown
                && swing.frequency() < SLOW
                && swing.mode().filter(m -> m.compareTo(FlightMode.LEVEL) > 0).isPresent();
    }

    private static String times(Swing swing, Flown flight) {
        long more = flight.swings().found().stream()
                .filter(s -> s != swing && again(swing, s))
                .count();
        return more == 0 ? "" : more == 1 ? " and once more" : " and " + more + " times more";
    }

    private static List<Examined> same(Swing swing, Flown flight) {
        return flight.swings().examined().stream()
                .filter(e -> e.column() == swing.column())
                .toList();
    }

    private static List<Swing> alike(Swing swing, Flown flight) {
        return flight.swings().found().stream()
                .filter(s ->
                        s.column() == swing.column() && Math.abs(Math.log(s.frequency() / swing.frequency())) < 0.4)
                .toList();
    }

    /** The stabilised modes that do not show it, or else Manual. */
    private static String quietIn(Swing swing) {
        List<String> stabilised = swing.quiet().stream()
                .filter(m -> m != FlightMode.MANUAL)
                .map(FlightMode::label)
                .toList();
        List<String> quiet = stabilised.isEmpty()
                ? swing.quiet().stream().map(FlightMode::label).toList()
                : stabilised;
        return quiet.isEmpty() ? "" : ", not in " + String.join(" or ", quiet);
    }

    /** Where all of it lies at one end of the speeds that were flown. */
    private static String speeds(Swing swing, Flown flight) {
        List<Examined> there = same(swing, flight).stream()
                .filter(e -> e.mode().equals(swing.mode()))
                .toList();
        double slowest = there.stream().mapToDouble(Examined::slowest).min().orElse(Double.NaN);
        double fastest = there.stream().mapToDouble(Examined::fastest).max().orElse(Double.NaN);
        double range = fastest - slowest;
        double least =
                alike(swing, flight).stream().mapToDouble(Swing::speed).min().orElse(Double.NaN);
        double most =
                alike(swing, flight).stream().mapToDouble(Swing::speed).max().orElse(Double.NaN);
        return range > 3 && least > slowest + 0.5 * range
                ? ", only above " + Quantity.SPEED.text(least - 0.15 * range)
                : range > 3 && most < slowest + 0.5 * range
                        ? ", only below " + Quantity.SPEED.text(most + 0.15 * range)
                        : "";
    }

    private static String course(Swing swing) {
        return swing.grows()
                ? "It grows. "
                : swing.diesAway()
                        ? "It dies away, damping ratio " + Quantity.NUMBER_FINE.text(swing.damping()) + ". "
                        : "";
    }

    private static String remedy(Swing swing, Flown flight, boolean porpoising) {
        boolean manual = swing.mode().equals(Optional.of(FlightMode.MANUAL));
        boolean alsoManual = flight.swings().found().stream()
                .anyMatch(s -> s.mode().equals(Optional.of(FlightMode.MANUAL))
                        && s.column() == swing.column()
                        && Math.abs(Math.log(s.frequency() / swing.frequency())) < 0.3);
        if (manual || alsoManual) {
            return "It is there in Manual too, so no gain makes it: look for play, flutter, loose parts, CG.";
        }
        if (swing.mode().isEmpty()) {
            return "The log names no mode, so whose doing it is cannot be told.";
        }
        Optional<String> other = SwingCauses.of(swing, flight);
        if (other.isPresent()) {
            return other.get();
        }
        if (swing.diesAway()) {
            return "Something set it off; watch it, change no gain for it.";
        }
        if (porpoising) {
            return "The height gain acts there: try 0.75 of it, leave the others.";
        }
        if (swing.column() == LogColumn.POWER) {
            return "Try 0.75 of the speed gain.";
        }
        if (swing.column() == LogColumn.YAW_RATE) {
            return "Try 0.75 of the yaw rate gain.";
        }
        if (swing.column() == LogColumn.HEIGHT) {
            return "Try 0.75 of the height gain.";
        }
        boolean roll = swing.column() == LogColumn.ROLL || swing.column() == LogColumn.ROLL_RATE;
        return "Look for play first; then try 0.75 of the " + (roll ? "roll " : "pitch ")
                + (swing.frequency() > 1 ? "rate" : "angle") + " gain.";
    }
}
