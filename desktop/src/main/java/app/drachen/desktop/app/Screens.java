package app.drachen.desktop.app;

import app.drachen.core.clearance.Stage;
import app.drachen.desk.Session;
import app.drachen.desk.flight.Flight;
import app.drachen.desktop.stage.bench.BenchView;
import app.drachen.desktop.stage.build.BuildView;
import app.drachen.desktop.stage.harness.HarnessView;
import app.drachen.desktop.stage.later.LaterView;
import app.drachen.desktop.stage.maiden.MaidenView;
import app.drachen.desktop.stage.modes.ModesView;
import app.drachen.desktop.stage.signals.SignalsView;
import app.drachen.desktop.stage.surfaces.ThrowsView;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Place;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;

/** The list of screens, one for each stage that has instruments. A new stage's screen is one more line here. */
final class Screens {
    /**
     * What a screen may use.
     *
     * @param session of its window
     * @param dialogs for files
     * @param debrief opens the debrief of a flight
     */
    record Uses(Session session, Dialogs dialogs, Consumer<Flight> debrief) {}

    /**
     * A screen of the list.
     *
     * @param stage the stage
     * @param make makes it in a window, when it is first gone to
     */
    record Entry(Stage stage, Function<Uses, Place> make) {}

    private static final List<Entry> ALL = List.of(
            new Entry(Stage.BUILD, uses -> new BuildView(uses.session(), uses.dialogs())),
            new Entry(Stage.HARNESS, uses -> new HarnessView(uses.session(), uses.dialogs())),
            new Entry(Stage.THROWS, uses -> new ThrowsView(uses.session())),
            new Entry(Stage.MODES, uses -> new ModesView(uses.session())),
            new Entry(Stage.SIGNALS, uses -> new SignalsView(uses.session())),
            new Entry(Stage.BENCH, uses -> new BenchView(uses.session())),
            new Entry(Stage.MAIDEN, uses -> new MaidenView(uses.session(), uses.dialogs(), uses.debrief())));

    private Screens() {}

    static List<Entry> all() {
        return ALL;
    }

    /** Makes the screen of a stage; one without instruments says so. */
    static Place make(Stage stage, Uses uses) {
        return ALL.stream()
                .filter(e -> e.stage() == stage)
                .findFirst()
                .map(e -> e.make().apply(uses))
                .orElseGet(() -> new LaterView(stage));
    }
}
