package app.drachen.core.harness;

import app.drachen.core.harness.BoardRail.Feed;
import app.drachen.core.harness.Place.Inversion;
import java.util.ArrayList;
import java.util.List;

/** Three invented boards, to begin with or to learn from. */
public final class Boards {
    private static final String PACK = "pack";
    private static final String PORTS = "ports";
    private static final String SERVOS = "servos";
    private static final String PICTURE = "picture";

    private Boards() {}

    /** All that ship with Drachen. */
    public static List<Board> all() {
        return List.of(kiebitz(), brachvogel(), zaunkoenig());
    }

    /** Six outputs in three timer groups, one of them without a power pin. */
    public static Board kiebitz() {
        List<Place> places = new ArrayList<>();
        for (int i = 1; i <= 6; i++) {
            places.add(output(i, i == 6 ? "" : SERVOS, (i + 1) / 2));
        }
        places.add(port("port 1", Inversion.EITHER));
        places.add(port("port 2", Inversion.ALWAYS));
        places.add(port("port 3", Inversion.NEVER));
        places.add(port("port 4", Inversion.NEVER));
        places.add(bus());
        places.add(analogue("current pad"));
        places.add(picture("picture in", Signal.PICTURE_IN));
        places.add(picture("picture out", Signal.PICTURE_OUT));
        return new Board(
                "Kiebitz 6",
                0.052,
                0.036,
                "forward",
                Board.Automation.FULL,
                0.5,
                0.5,
                List.of(
                        raw(30),
                        rail(PICTURE, Feed.SWITCHING, 9, 2, 0.10, 0.90, 35, 220e-6, false),
                        rail(PORTS, Feed.SWITCHING, 5, 1.5, 0.10, 0.88, 45, 330e-6, true),
                        rail(SERVOS, Feed.SWITCHING, 5, 3, 0.10, 0.88, 30, 470e-6, false)),
                places);
    }

    /** Eight outputs in four timer groups; nothing on the board feeds the servos. */
    public static Board brachvogel() {
        List<Place> places = new ArrayList<>();
        for (int i = 1; i <= 8; i++) {
            places.add(output(i, SERVOS, (i + 1) / 2));
        }
        for (int i = 1; i <= 6; i++) {
            places.add(port("port " + i, i <= 2 ? Inversion.EITHER : Inversion.NEVER));
        }
        places.add(bus());
        places.add(analogue("current pad"));
        places.add(analogue("speed pad"));
        places.add(picture("picture in", Signal.PICTURE_IN));
        places.add(picture("picture out", Signal.PICTURE_OUT));
        return new Board(
                "Brachvogel 8",
                0.064,
                0.042,
                "forward",
                Board.Automation.FULL,
                0.9,
                0.5,
                List.of(
                        raw(60),
                        rail(PICTURE, Feed.SWITCHING, 9, 2, 0.08, 0.90, 30, 330e-6, false),
                        rail(PORTS, Feed.SWITCHING, 5, 2.5, 0.08, 0.90, 35, 470e-6, true),
                        rail(SERVOS, Feed.OPEN, 0, 10, 0.02, 1, 0, 470e-6, false)),
                places);
    }

    /** Four outputs on one linear regulator, for small wings. */
    public static Board zaunkoenig() {
        List<Place> places = new ArrayList<>();
        for (int i = 1; i <= 4; i++) {
            places.add(output(i, SERVOS, i <= 2 ? 1 : 2));
        }
        places.add(port("port 1", Inversion.ALWAYS));
        places.add(port("port 2", Inversion.NEVER));
        places.add(port("port 3", Inversion.NEVER));
        places.add(bus());
        places.add(analogue("current pad"));
        return new Board(
                "Zaunkönig 4",
                0.036,
                0.026,
                "forward",
                Board.Automation.FULL,
                0.5,
                0.5,
                List.of(
                        raw(20),
                        rail(PORTS, Feed.LINEAR, 5, 0.8, 0.15, 1, 18, 100e-6, true),
                        rail(SERVOS, Feed.SWITCHING, 5, 2, 0.12, 0.86, 45, 220e-6, false)),
                places);
    }

    private static BoardRail raw(double amps) {
        return rail(PACK, Feed.RAW, 0, amps, 0.001, 1, 0, 470e-6, false);
    }

    private static BoardRail rail(
            String name,
            Feed feed,
            double volts,
            double amps,
            double ohms,
            double efficiency,
            double thermal,
            double capacitance,
            boolean usb) {
        return new BoardRail(name, feed, volts, amps, ohms, efficiency, thermal, capacitance, usb);
    }

    private static Place output(int number, String rail, int group) {
        List<Pin> pins = rail.isEmpty() ? List.of(Pin.GROUND, Pin.SIGNAL) : Signal.PULSE.pins();
        return new Place("output " + number, Signal.PULSE, rail, group, 400, Inversion.NEVER, "", pins);
    }

    private static Place port(String name, Inversion inversion) {
        // as the board sees it: it transmits on the third pin and receives on the fourth
        List<Pin> pins = List.of(Pin.GROUND, Pin.POWER, Pin.TRANSMIT, Pin.RECEIVE);
        return new Place(name, Signal.SERIAL, PORTS, 0, 460_800, inversion, "", pins);
    }

    private static Place bus() {
        return new Place("bus", Signal.BUS, PORTS, 0, 400_000, Inversion.NEVER, "", Signal.BUS.pins());
    }

    private static Place analogue(String name) {
        return new Place(name, Signal.ANALOGUE, "", 0, 0, Inversion.NEVER, "", Signal.ANALOGUE.pins());
    }

    private static Place picture(String name, Signal signal) {
        return new Place(name, signal, "", 0, 0, Inversion.NEVER, "", signal.pins());
    }
}
