package app.drachen.core.wiring;

import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.BoardRail.Feed;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Gives;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What may feed the servos, compared (HARNESS-S3).
 *
 * <p>Source: common practice for the three ways; figures of {@link Rails} and {@link RailTrace}.
 */
public final class ServoSupply {
    private static final String REGULATOR = "separate regulator";

    private ServoSupply() {}

    /** A way of feeding the servos. */
    public enum School {
        CONTROLLER("the speed controller's regulator"),
        BOARD("the board's supply, red of the speed controller lifted"),
        SEPARATE("a separate regulator on a free output");

        private final String label;

        School(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * A way with its figures.
     *
     * @param school the way
     * @param setup the aircraft fed so; as it is where that cannot be
     * @param against why it cannot be; empty where it can
     * @param sources how many feed the rail
     * @param peak current of the rail [A]
     * @param rating of what feeds it [A]; 0 where nobody knows
     * @param lowest volts in a hard manoeuvre, the pack low [V]
     */
    public record Option(
            School school,
            Setup setup,
            Optional<String> against,
            int sources,
            double peak,
            double rating,
            double lowest) {}

    /** All three ways; none where no servo hangs on a rail. */
    public static List<Option> of(Setup setup) {
        Wiring wiring = Wiring.of(setup);
        List<BoardRail> rails = wiring.servoRails();
        List<Option> options = new ArrayList<>();
        if (!rails.isEmpty()) {
            BoardRail rail = rails.get(0);
            options.add(option(School.CONTROLLER, setup, rail, controller(wiring, rail)));
            options.add(option(School.BOARD, setup, rail, board(wiring, rail)));
            options.add(option(School.SEPARATE, setup, rail, separate(wiring, rail)));
        }
        return options;
    }

    /** Either the changed harness, or why not. */
    private record Way(HarnessSection harness, String against) {}

    private static Option option(School school, Setup setup, BoardRail rail, Way way) {
        boolean can = way.against().isEmpty();
        Setup fed = can ? setup.withHarness(way.harness()) : setup;
        Wiring wiring = Wiring.of(fed);
        Rails.Rail at = Rails.worst(wiring).rail(rail.name()).orElseThrow();
        return new Option(
                school,
                fed,
                can ? Optional.empty() : Optional.of(way.against()),
                at.feeders().size(),
                at.peak(),
                at.rating(),
                at.fed() ? RailTrace.of(wiring, at).lowest() : 0);
    }

    private static List<Device> controllers(Wiring wiring) {
        return wiring.ofKind(DeviceKind.SPEED_CONTROLLER).stream()
                .map(Wiring.Wired::device)
                .filter(d -> d.gives().volts() > 0)
                .toList();
    }

    private static Way controller(Wiring wiring, BoardRail rail) {
        HarnessSection h = without(wiring.harness());
        List<Device> controllers = controllers(wiring);
        if (rail.feed() != Feed.OPEN) {
            return new Way(h, "the board feeds that rail itself");
        }
        if (controllers.isEmpty()) {
            return new Way(h, "no speed controller with a regulator is entered");
        }
        // one of them feeds, the others would fight it
        for (int i = 0; i < controllers.size(); i++) {
            boolean lifted = i > 0;
            h = h.withLead(controllers.get(i).name(), l -> l.lifted() == lifted ? l : l.lifted(lifted));
        }
        return new Way(h, "");
    }

    private static Way board(Wiring wiring, BoardRail rail) {
        HarnessSection h = lifted(wiring, without(wiring.harness()));
        return new Way(h, rail.feed().regulates() ? "" : "nothing on the board feeds that rail");
    }

    private static Way separate(Wiring wiring, BoardRail rail) {
        HarnessSection h = lifted(wiring, without(wiring.harness()));
        Optional<Place> free = wiring.board().carrying(Signal.PULSE).stream()
                .filter(p -> p.rail().equals(rail.name()) && wiring.at(p).isEmpty())
                .findFirst();
        if (rail.feed() != Feed.OPEN) {
            return new Way(h, "the board feeds that rail itself");
        }
        if (free.isEmpty()) {
            return new Way(h, "no output with a power pin is free for it");
        }
        Optional<Wiring.Wired> there =
                wiring.ofKind(DeviceKind.REGULATOR).stream().findFirst();
        if (there.isPresent()) {
            return new Way(h.withLead(there.get().device().name(), l -> l.lifted(false)), "");
        }
        Device regulator =
                Device.typical(REGULATOR, DeviceKind.REGULATOR, "", "").withGives(new Gives(5.2, 5, false, 0));
        Lead lead = Lead.of(REGULATOR, free.get().name(), 20)
                .fedFrom(wiring.board().raw().map(BoardRail::name).orElse(""));
        return new Way(h.plus(regulator, lead), "");
    }

    /** Without a separate regulator that was only typical of its kind. */
    private static HarnessSection without(HarnessSection h) {
        return h.device(REGULATOR).isPresent() ? h.without(REGULATOR) : h;
    }

    private static HarnessSection lifted(Wiring wiring, HarnessSection h) {
        HarnessSection changed = h;
        for (Device d : controllers(wiring)) {
            changed = changed.withLead(d.name(), l -> l.lifted() ? l : l.lifted(true));
        }
        return changed;
    }
}
