package app.drachen.core.wiring;

import app.drachen.core.harness.Board;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Signal;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * What the aircraft needs of a board, by counting (HARNESS-A1).
 *
 * <p>Source: counting.
 *
 * @param lines kind by kind: wanted and offered
 * @param modes what modes need and nothing gives, in sentences
 */
public record Needs(List<Line> lines, List<String> modes) {
    /**
     * A kind of need.
     *
     * @param what in words
     * @param wanted how many [-], not negative
     * @param offered how many [-], not negative
     */
    public record Line(String what, int wanted, int offered) {
        public boolean met() {
            return wanted <= offered;
        }
    }

    public Needs {
        lines = List.copyOf(lines);
        modes = List.copyOf(modes);
    }

    /** The needs of an aircraft against its board. */
    public static Needs of(Wiring wiring) {
        Board board = wiring.board();
        List<Line> lines = new ArrayList<>();
        for (Signal signal : Signal.values()) {
            Set<String> wanted = new TreeSet<>();
            for (Wiring.Wired w : wiring.wired()) {
                Device d = w.device();
                if (d.want().signal() == signal) {
                    wanted.add(d.moves().isEmpty() ? d.name() : d.moves());
                }
            }
            int offered = board.carrying(signal).size();
            if (signal != Signal.NONE && (!wanted.isEmpty() || offered > 0)) {
                int count = signal == Signal.BUS && offered > 0 ? Math.min(1, wanted.size()) : wanted.size();
                lines.add(new Line(word(signal), count, offered));
            }
        }
        return new Needs(lines, modes(wiring));
    }

    private static String word(Signal signal) {
        return switch (signal) {
            case PULSE -> "outputs";
            case SERIAL -> "serial ports";
            case BUS -> "buses";
            case ANALOGUE -> "analogue inputs";
            default -> signal.label();
        };
    }

    private static boolean offers(Setup setup, FlightMode mode) {
        return setup.modes().selector().table().stream()
                .anyMatch(p -> p.mode().filter(mode::equals).isPresent());
    }

    private static List<String> modes(Wiring wiring) {
        Setup setup = wiring.setup();
        Board board = wiring.board();
        List<String> missing = new ArrayList<>();
        for (FlightMode mode : FlightMode.values()) {
            if (board.chosen() && !board.automation().has(mode) && offers(setup, mode)) {
                missing.add(mode.label() + " needs more than a "
                        + board.automation().label() + ".");
            }
        }
        boolean fix = !wiring.ofKind(DeviceKind.SATELLITE_RECEIVER).isEmpty();
        for (FlightMode mode : List.of(FlightMode.CIRCLE, FlightMode.HOME, FlightMode.MISSION)) {
            if (!fix && offers(setup, mode)) {
                missing.add(mode.label() + " needs a satellite receiver, and none is plugged in.");
            }
        }
        return missing;
    }
}
