package app.drachen.core.wiring;

import app.drachen.core.harness.Lead.Way;
import app.drachen.core.harness.Pin;
import java.util.ArrayList;
import java.util.List;

/**
 * How the pins of a lead are joined at both ends.
 *
 * <p>Source: common practice (HARNESS-A11): ground first, transmit to receive.
 *
 * @param strands one for each pin of the device, ground first
 */
public record PinCard(List<Strand> strands) {
    /** An end that is joined to nothing. */
    public static final int NOWHERE = 0;

    /**
     * A wire of the lead.
     *
     * @param devicePin number of the pin at the device, from 1
     * @param device what that pin does
     * @param boardPin number of the pin at the board, from 1; {@link #NOWHERE} where it ends in the air
     * @param board what that pin does; as the device's where it ends in the air
     * @param lifted whether the wire is there but lifted out of the plug
     */
    public record Strand(int devicePin, Pin device, int boardPin, Pin board, boolean lifted) {
        /** Whether it joins what must not or does not meet. */
        public boolean wrong() {
            return boardPin != NOWHERE && !lifted && board != device.mate();
        }

        /** Whether it crosses transmit and receive, as it should. */
        public boolean crossed() {
            return boardPin != NOWHERE && board == device.mate() && board != device;
        }

        /** Whether harm follows: power on a pin that is no power pin. */
        public boolean harmful() {
            return wrong() && (board == Pin.POWER || device == Pin.POWER);
        }

        /** Usual colour of the wire; common practice for red and black, Drachen's choice for the others. */
        public String colour() {
            return switch (device) {
                case GROUND -> "black";
                case POWER -> "red";
                case SIGNAL -> "ochre";
                case TRANSMIT -> "green";
                case RECEIVE -> "blue";
                case CLOCK -> "grey";
                case DATA -> "violet";
                case PICTURE, SENSE -> "white";
            };
        }
    }

    public PinCard {
        strands = List.copyOf(strands);
    }

    /**
     * A lead between two plugs.
     *
     * @param lifted whether the power wire is out of the plug
     */
    public static PinCard of(List<Pin> device, List<Pin> board, Way way, boolean lifted) {
        List<Strand> strands = new ArrayList<>();
        for (int i = 0; i < device.size(); i++) {
            Pin pin = device.get(i);
            int there =
                    switch (way) {
                        case CARD -> board.indexOf(pin.mate());
                        case STRAIGHT -> i < board.size() ? i : -1;
                        case TURNED -> board.size() - 1 - i;
                    };
            strands.add(new Strand(
                    i + 1,
                    pin,
                    there < 0 ? NOWHERE : there + 1,
                    there < 0 ? pin : board.get(there),
                    lifted && pin == Pin.POWER));
        }
        strands.sort((a, b) -> Boolean.compare(b.device() == Pin.GROUND, a.device() == Pin.GROUND));
        return new PinCard(strands);
    }

    /** Of a device as it is plugged in; empty where it is plugged nowhere. */
    public static PinCard of(Wiring.Wired wired) {
        if (wired.lead().isEmpty() || wired.place().isEmpty()) {
            return new PinCard(List.of());
        }
        return of(
                wired.device().want().pins(),
                wired.place().get().pins(),
                wired.lead().get().way(),
                wired.lead().get().lifted());
    }

    /** Strands that join what must not meet. */
    public List<Strand> wrong() {
        return strands.stream().filter(Strand::wrong).toList();
    }
}
