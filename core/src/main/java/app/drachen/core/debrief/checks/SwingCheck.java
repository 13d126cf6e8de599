package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Oscillation;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Working;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** TUNE-R10: no standing swing in any stabilised mode; names the gain to blame (TUNE-A11). */
public final class SwingCheck implements DebriefCheck {
    /** Id of its findings. */
    public static final String ID = "TUNE-R10";

    @Override
    public String id() {
        return ID;
    }

    @Override
    public String looksFor() {
        return "No swing of 5 cycles or more, larger than 2° or 2 m, in any stabilised mode.";
    }

    @Override
    public Finding check(Flown flight) {
        List<Oscillation> all = flight.oscillations();
        if (all.isEmpty()) {
            return Finding.of(
                    id(),
                    State.OPEN,
                    "No stabilised stretch of 8 s",
                    "Swings show only in modes that hold something. Fly Level hands off.");
        }
        Working[] workings = all.stream().map(Oscillation::working).toArray(Working[]::new);
        Optional<Oscillation> worst = all.stream()
                .filter(Oscillation::standing)
                .max(Comparator.comparingDouble(o -> o.amplitude() / limitOf(o.column())));
        if (worst.isEmpty()) {
            return Finding.of(id(), State.GOOD, "No standing swing", "", workings);
        }
        Oscillation o = worst.get();
        String size = Quantity.FREQUENCY.text(o.frequency()) + ", ±"
                + o.column().quantity().text(o.amplitude());
        boolean porpoising = o.column() != LogColumn.ROLL && o.frequency() < 0.6 && o.mode() != FlightMode.LEVEL;
        boolean alsoInLevel = all.stream().anyMatch(x -> x.mode() == FlightMode.LEVEL && x.standing());
        String title = porpoising
                ? "Porpoising in " + o.mode().label() + (alsoInLevel ? "" : ", not in Level")
                : o.column().meaning() + " swings in " + o.mode().label();
        return Finding.of(id(), State.STOP, title, size + ". " + blame(o, porpoising), workings);
    }

    private static double limitOf(LogColumn column) {
        return column == LogColumn.HEIGHT ? 2 : Math.toRadians(2);
    }

    private static String blame(Oscillation o, boolean porpoising) {
        if (porpoising) {
            return "The height gain acts there and not in Level: try 0.75 of it, leave the others.";
        }
        String axis = o.column() == LogColumn.ROLL ? "roll" : "pitch";
        return o.frequency() > 1
                ? "Try 0.75 of the " + axis + " rate gain."
                : "Try 0.75 of the " + axis + " angle gain.";
    }
}
