package app.drachen.desk;

import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.debrief.Landing;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.Logbook;
import app.drachen.files.hangar.Revision;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/**
 * A flight that was flown without a log, as its pilot remembers it. It is filed under the revision at which the aircraft
 * stood that day; a mode that was flown for long enough is evidence, as good or as bad as it flew, of a lower rank than a log.
 *
 * @param when seconds since 1970-01-01 UTC
 * @param card id of the card, or empty
 * @param modes what was flown in each mode
 * @param whole whether it came down whole
 * @param notes what else there is to say, may be empty
 */
public record HandFlight(long when, String card, Map<FlightMode, Flown> modes, boolean whole, String notes) {
    /**
     * What was flown in a mode.
     *
     * @param seconds [s], 0 to 36 000
     * @param asWanted whether it flew as wanted
     */
    public record Flown(double seconds, boolean asWanted) {
        public Flown {
            Ranges.require("time flown in a mode", seconds, 0, 36_000, "s");
        }
    }

    public HandFlight {
        modes = Map.copyOf(modes);
        if (modes.values().stream().allMatch(f -> f.seconds() <= 0)) {
            throw new IllegalArgumentException("How long was it flown, in which mode? Enter at least one.");
        }
    }

    /** Modes that may be entered: those that prove something. */
    public static List<FlightMode> choices() {
        return Arrays.stream(FlightMode.values())
                .filter(m -> ProofKind.flownIn(m).isPresent())
                .toList();
    }

    /** How it went, in one sentence. */
    String outcome() {
        String flown = new EnumMap<>(modes)
                .entrySet().stream()
                        .filter(e -> e.getValue().seconds() > 0)
                        .map(e -> e.getKey().label() + " "
                                + Quantity.TIME.text(e.getValue().seconds())
                                + (e.getValue().asWanted() ? "" : ", not as wanted"))
                        .collect(Collectors.joining("; "));
        return "By hand: " + flown + ". " + (whole ? "Down whole." : "It " + Landing.NOT_WHOLE.words() + ".");
    }

    /** Keeps it in the logbook of an aircraft, with what it proves. */
    public void keep(Desk desk, OpenAircraft aircraft, Consumer<String> told) {
        if (when > desk.now() + 86_400) {
            throw new IllegalArgumentException("That day has not come yet; enter when it was flown.");
        }
        FlightLog none = new FlightLog.Builder(EnumSet.of(LogColumn.TIME)).build();
        desk.keep(
                hangar -> {
                    int at = hangar.revisionAt(aircraft.id(), when);
                    FlightRecord flight = hangar.logbook()
                            .add(
                                    aircraft.id(),
                                    new FlightRecord(0, at, when, false, card, outcome()),
                                    Logbook.pack(none));
                    if (!notes.isBlank()) {
                        hangar.logbook().note(aircraft.id(), flight.number(), notes.strip());
                    }
                    prove(hangar, aircraft, at);
                    aircraft.refly(hangar);
                    return flight;
                },
                flight -> {
                    desk.fire(new Event.Proved(aircraft));
                    desk.fire(new Event.FlightsChanged(aircraft));
                    told.accept("Flight " + flight.number() + " of " + aircraft.name()
                            + " is in the logbook, filed under r" + flight.revision() + ".");
                },
                told);
    }

    private void prove(Hangar hangar, OpenAircraft aircraft, int revision) {
        Optional<Revision> flown = hangar.revision(aircraft.id(), revision);
        modes.forEach((mode, how) -> {
            // a short flight shows nothing good, but a broken one shows something bad
            boolean says = how.seconds() >= ProofKind.FLOWN_SECONDS || how.seconds() > 0 && !whole;
            Optional<ProofKind> proves = ProofKind.flownIn(mode).filter(k -> says);
            if (flown.isPresent() && proves.isPresent()) {
                Revision r = flown.get();
                aircraft.add(
                        hangar,
                        Proof.gained(
                                proves.get(),
                                r.setup(),
                                r.number(),
                                when,
                                Evidence.BY_HAND,
                                how.asWanted() && whole,
                                Quantity.TIME.text(how.seconds())
                                        + (how.asWanted() ? "" : ", not as wanted")
                                        + (whole ? "" : ", did not come down whole"),
                                Map.of()));
            }
        });
    }
}
