package app.drachen.desktop.app;

import app.drachen.core.clearance.Stage;
import app.drachen.desk.Session;
import app.drachen.desk.flight.Flight;
import app.drachen.desktop.stage.bench.BenchView;
import app.drachen.desktop.stage.build.BuildView;
import app.drachen.desktop.stage.later.LaterView;
import app.drachen.desktop.stage.maiden.MaidenView;
import app.drachen.desktop.stage.modes.ModesView;
import app.drachen.desktop.stage.surfaces.ThrowsView;
import app.drachen.desktop.widget.Place;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Consumer;

/** The list of screens, one for each stage that has instruments. A new stage's screen is one more line here. */
final class Screens {
    /**
     * A screen of the list.
     *
     * @param stage the stage
     * @param make makes it in a window, when it is first gone to
     */
    record Entry(Stage stage, BiFunction<Session, Consumer<Flight>, Place> make) {}

    private static final List<Entry> ALL = List.of(
            new Entry(Stage.BUILD, (session, debrief) -> new BuildView(session)),
            new Entry(Stage.THROWS, (session, debrief) -> new ThrowsView(session)),
            new Entry(Stage.MODES, (session, debrief) -> new ModesView(session)),
            new Entry(Stage.BENCH, (session, debrief) -> new BenchView(session)),
            new Entry(Stage.MAIDEN, MaidenView::new));

    private Screens() {}

    static List<Entry> all() {
        return ALL;
    }

    /** Makes the screen of a stage; one without instruments says so. */
    static Place make(Stage stage, Session session, Consumer<Flight> debrief) {
        return ALL.stream()
                .filter(e -> e.stage() == stage)
                .findFirst()
                .map(e -> e.make().apply(session, debrief))
                .orElseGet(() -> new LaterView(stage));
    }
}
