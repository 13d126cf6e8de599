package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Lost;
import app.drachen.core.debrief.Lost.What;
import app.drachen.core.debrief.ModeSegment;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** MODES-A7, flown: link, position and airspeed stay there in the air; what was lost is named with what the aircraft did. */
public final class LossCheck implements DebriefCheck {
    /** How many losses of one kind are told one by one. */
    private static final int MOST = 3;

    /** A switch of mode within this follows a loss [s]. */
    private static final double FOLLOWS = 10;

    @Override
    public String id() {
        return "MODES-A7";
    }

    @Override
    public String looksFor() {
        return "Link, position and airspeed are there all the time in the air.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        List<Finding> findings = new ArrayList<>();
        for (What what : What.values()) {
            List<Lost> lost = flight.lost().getOrDefault(what, List.of());
            lost.stream()
                    .limit(MOST)
                    .forEach(l ->
                            findings.add(lost(l, flight, lost.size() > MOST && l == lost.get(0) ? lost.size() : 1)));
        }
        List<What> kept = Arrays.stream(What.values())
                .filter(w -> w != What.ROWS)
                .filter(w ->
                        flight.lost().containsKey(w) && flight.lost().get(w).isEmpty())
                .toList();
        if (!kept.isEmpty()) {
            findings.add(Finding.of(id(), State.GOOD, "Never lost in the air: " + words(kept), ""));
        }
        List<What> untold = Arrays.stream(What.values())
                .filter(w -> !flight.lost().containsKey(w))
                .toList();
        boolean asked = flight.facts().isPresent() && flight.log().has(LogColumn.ROLL) && !untold.isEmpty();
        if (asked) {
            findings.add(Finding.of(
                    id(),
                    State.OPEN,
                    "Losses of " + words(untold) + " cannot be told",
                    "Log " + untold.stream().map(LossCheck::needs).collect(Collectors.joining("; ")) + "."));
        }
        return findings;
    }

    private static String words(List<What> what) {
        return what.stream().map(w -> w.label().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", "));
    }

    private static String needs(What what) {
        return switch (what) {
            case LINK -> "the link's quality or strength";
            case POSITION -> "positions, and whether there is a fix";
            case AIRSPEED -> "ground speed and course with the airspeed, and fly all round once";
            case ROWS -> "rows";
        };
    }

    private Finding lost(Lost lost, Flown flight, int times) {
        FlightLog log = flight.log();
        int row = log.rowAt(lost.span().from());
        double away = Math.hypot(log.value(LogColumn.NORTH, row), log.value(LogColumn.EAST, row));
        double seconds = lost.span().to() - lost.span().from();
        boolean toTheEnd = flight.facts()
                .filter(f -> lost.span().to() >= f.landingTime() - 0.1)
                .isPresent();
        String title =
                switch (lost.what()) {
                            case LINK -> "Link lost";
                            case POSITION -> "Position lost";
                            case AIRSPEED -> "Airspeed does not go with the other speeds";
                            case ROWS -> "No rows in the air";
                        } + " for " + Quantity.TIME.text(seconds)
                        + (toTheEnd ? ", to the end of the flight" : "")
                        + (lost.what() == What.LINK && away > 20
                                ? ", " + Quantity.DISTANCE.text(away) + " from home"
                                : "")
                        + (times > 1 ? ", and " + (times - 1) + " times more" : "");
        String detail =
                "It shows because " + lost.evidence() + ". " + (lost.what() == What.ROWS ? "" : did(lost, flight))
                        + switch (lost.what()) {
                            case LINK -> "Find out why it was lost there before flying as far again: aerials, what stood between, range.";
                            case POSITION -> "Circle, Home and Mission need a position. Look at the receiver's view of the sky, its cable and"
                                    + " what disturbs it.";
                            case AIRSPEED -> "Airspeed, ground speed and heading contradict each other. Look into the pitot and its hose for water,"
                                    + " dirt and a kink; if they are free, at the compass, the board's direction, or the unit it was read in.";
                            case ROWS -> "What happened then is not known, and no check has seen it.";
                        };
        return Finding.of(id(), State.CAUTION, title, detail)
                .during(lost.span().from(), lost.span().to());
    }

    /** What the aircraft did about it: the first switch of mode after it. */
    private static String did(Lost lost, Flown flight) {
        FlightLog log = flight.log();
        Optional<ModeSegment> before = flight.segments().stream()
                .filter(s -> log.time(s.from()) <= lost.span().from())
                .reduce((a, b) -> b);
        Optional<ModeSegment> after = flight.segments().stream()
                .filter(s -> log.time(s.from()) > lost.span().from()
                        && log.time(s.from())
                                <= Math.min(
                                        lost.span().from() + FOLLOWS,
                                        lost.span().to() + 1))
                .findFirst();
        if (before.isEmpty()) {
            return "";
        }
        return after.map(s -> "It went to " + s.mode().label() + " "
                        + Quantity.TIME.text(log.time(s.from()) - lost.span().from()) + " later. ")
                .orElse("It stayed in " + before.get().mode().label() + ". ");
    }
}
