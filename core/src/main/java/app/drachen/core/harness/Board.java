package app.drachen.core.harness;

import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Ranges;
import java.util.List;
import java.util.Optional;

/**
 * What an autopilot board offers.
 *
 * @param name of the board; empty while none is chosen
 * @param length along its arrow [m], 0.005 to 0.3
 * @param width [m], 0.005 to 0.3
 * @param arrow where its arrow points when its plugs lie as in the drawing
 * @param automation how much it does by itself
 * @param usbAmps what USB gives it [A], 0 to 5
 * @param tunePeriod between two changes of its Autotune [s], 0 to 60; 0 where nobody knows
 * @param rails supplies, at most 12
 * @param places where leads can be plugged, at most 60
 */
public record Board(
        String name,
        double length,
        double width,
        String arrow,
        Automation automation,
        double usbAmps,
        double tunePeriod,
        List<BoardRail> rails,
        List<Place> places) {
    /** How much a board does by itself (HARNESS-S1). */
    public enum Automation {
        STABILISING("stabilising receiver"),
        GYRO("simple gyro"),
        FULL("full autopilot");

        private final String label;

        Automation(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }

        /** Whether it has a mode. */
        public boolean has(FlightMode mode) {
            return switch (mode) {
                case MANUAL, RATE -> true;
                case LEVEL -> this != GYRO;
                default -> this == FULL;
            };
        }
    }

    /** No board chosen. */
    public static final Board NONE =
            new Board("", 0.05, 0.035, "forward", Automation.FULL, 0.5, 0, List.of(), List.of());

    public Board {
        Ranges.require("length of the board", length, 0.005, 0.3, "m");
        Ranges.require("width of the board", width, 0.005, 0.3, "m");
        Ranges.require("current of USB", usbAmps, 0, 5, "A");
        Ranges.require("period of Autotune", tunePeriod, 0, 60, "s");
        rails = List.copyOf(rails);
        places = List.copyOf(places);
        Ranges.require("number of rails", rails.size(), 0, 12, "-");
        Ranges.require("number of places", places.size(), 0, 60, "-");
        if (rails.stream().map(BoardRail::name).distinct().count() != rails.size()) {
            throw new IllegalArgumentException("two rails have the same name; give each its own");
        }
        if (places.stream().map(Place::name).distinct().count() != places.size()) {
            throw new IllegalArgumentException("two places on the board have the same name; give each its own");
        }
    }

    /** The same with other rails and places. */
    public Board with(List<BoardRail> newRails, List<Place> newPlaces) {
        return new Board(name, length, width, arrow, automation, usbAmps, tunePeriod, newRails, newPlaces);
    }

    /** Whether a board is chosen. */
    public boolean chosen() {
        return !name.isBlank();
    }

    public Optional<BoardRail> rail(String railName) {
        return rails.stream().filter(r -> r.name().equals(railName)).findFirst();
    }

    public Optional<Place> place(String placeName) {
        return places.stream().filter(p -> p.name().equals(placeName)).findFirst();
    }

    /** Places that carry a kind of signal. */
    public List<Place> carrying(Signal signal) {
        return places.stream().filter(p -> p.signal() == signal).toList();
    }

    /** The rail that is the pack itself, if the board has one. */
    public Optional<BoardRail> raw() {
        return rails.stream().filter(r -> r.feed() == BoardRail.Feed.RAW).findFirst();
    }

    /** The letter by which a rail is drawn: A for the first. */
    public String letter(String railName) {
        for (int i = 0; i < rails.size(); i++) {
            if (rails.get(i).name().equals(railName)) {
                return String.valueOf((char) ('A' + i));
            }
        }
        return "?";
    }
}
