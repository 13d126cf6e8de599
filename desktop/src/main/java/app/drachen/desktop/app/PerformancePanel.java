package app.drachen.desktop.app;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.debrief.PerformanceSeen;
import app.drachen.core.flight.Performance;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Working;
import app.drachen.desk.Session;
import app.drachen.desk.work.Lane;
import app.drachen.desktop.chart.PerformanceChart;
import app.drachen.desktop.widget.Texts;
import app.drachen.desktop.widget.WorkingRow;
import app.drachen.files.hangar.FlightRecord;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What the aircraft can do: sink, climb, current and turn over its speeds, beside what its flights showed. */
final class PerformancePanel {
    private static final int FLIGHTS = 3;

    private final Session session;
    private final Overlay overlay;
    private final VBox body = new VBox(8);

    PerformancePanel(Session session, StackPane host) {
        this.session = session;
        VBox panel = new VBox(8);
        panel.getChildren().add(Texts.label("What " + session.setup().name() + " can do", "heading"));
        body.setPrefSize(900, 560);
        body.getChildren().add(Texts.label("Computing …", "soft"));
        panel.getChildren().add(body);
        panel.getChildren().add(Texts.label("Esc closes; a number shows its working", "soft", "small"));
        overlay = new Overlay(host, "performance", panel);
    }

    void open() {
        overlay.open();
        Setup setup = session.setup();
        long id = session.aircraft().id();
        double density = session.field().map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        List<FlightRecord> flights = chosen(session.aircraft().flights());
        session.desk()
                .jobs()
                .start(
                        Lane.READ,
                        overlay,
                        running -> new Found(setup, Performance.of(setup, density), seen(id, flights), flights),
                        this::show,
                        sentence -> body.getChildren().setAll(Texts.wrapped(sentence)));
    }

    /** What was computed, for the aircraft that was open then. */
    private record Found(Setup setup, Performance performance, List<PerformanceSeen> seen, List<FlightRecord> flights) {
        boolean rehearsed() {
            return !flights.isEmpty() && flights.get(0).rehearsed();
        }
    }

    /** The newest flights: flown ones if there are any, else one of the model. */
    private static List<FlightRecord> chosen(List<FlightRecord> all) {
        List<FlightRecord> newest = all.stream()
                .sorted(Comparator.comparing(FlightRecord::number).reversed())
                .toList();
        List<FlightRecord> real =
                newest.stream().filter(f -> !f.rehearsed()).limit(FLIGHTS).toList();
        return real.isEmpty() ? newest.stream().limit(1).toList() : real;
    }

    private List<PerformanceSeen> seen(long id, List<FlightRecord> flights) {
        List<PerformanceSeen> seen = new ArrayList<>();
        for (FlightRecord flight : flights) {
            session.desk()
                    .look(h -> h.logbook().log(id, flight.number()))
                    .ifPresent(log -> seen.addAll(PerformanceSeen.of(log)));
        }
        return seen;
    }

    private void show(Found found) {
        UnitSystem units = session.units();
        Performance performance = found.performance();
        if (performance.points().isEmpty()) {
            body.getChildren()
                    .setAll(
                            Texts.wrapped(
                                    "At no speed from its stall to its top speed does the model find level flight. Look at Build: CG, power, wing area."));
            return;
        }
        double cruise = found.setup().modes().limits().cruiseSpeed();
        List<Working> workings = performance.workings(found.setup());
        GridPane grid = new GridPane(16, 8);
        add(
                grid,
                0,
                0,
                found,
                PerformanceSeen.Kind.SINK,
                workings,
                List.of("Best glide", "Least sink"),
                chart(
                        performance,
                        "Sink without power, the propeller standing",
                        Quantity.CLIMB,
                        p -> Optional.of(p.sink()),
                        cruise,
                        units));
        add(
                grid,
                1,
                0,
                found,
                PerformanceSeen.Kind.CLIMB,
                workings,
                List.of("Best climb"),
                chart(performance, "Climb with full power", Quantity.CLIMB, Performance.Point::climb, cruise, units));
        add(
                grid,
                0,
                1,
                found,
                PerformanceSeen.Kind.CURRENT,
                workings,
                List.of("Longest", "Farthest"),
                chart(
                        performance,
                        "Current in level flight",
                        Quantity.CURRENT,
                        Performance.Point::current,
                        cruise,
                        units));
        add(
                grid,
                1,
                1,
                found,
                null,
                workings,
                List.of("Tightest"),
                chart(performance, "Tightest level turn", Quantity.DISTANCE, Performance.Point::radius, cruise, units));
        Label legend = Texts.label(
                "Line and band: the model, profile drag wrong by 25 %, thrust by 15 %. " + seenWords(found),
                "soft",
                "small");
        body.getChildren().setAll(grid, legend);
    }

    private static String seenWords(Found found) {
        if (found.seen().isEmpty()) {
            return "No flight of it shows steady windows yet.";
        }
        return found.rehearsed()
                ? "Rings: the last rehearsal, which is the same model in its wind and proves nothing."
                : "Dots: steady windows of flights "
                        + found.flights().stream()
                                .map(f -> f.number() + " (r" + f.revision() + ")")
                                .collect(Collectors.joining(", "))
                        + ", as it was set up then, in air that rose and fell.";
    }

    private static PerformanceChart chart(
            Performance performance,
            String title,
            Quantity quantity,
            Function<Performance.Point, Optional<Performance.Band>> what,
            double cruise,
            UnitSystem units) {
        return new PerformanceChart(performance, title, quantity, what, cruise, units);
    }

    private void add(
            GridPane grid,
            int column,
            int row,
            Found found,
            PerformanceSeen.Kind kind,
            List<Working> workings,
            List<String> names,
            PerformanceChart chart) {
        chart.seen(found.seen().stream().filter(s -> s.kind() == kind).toList(), found.rehearsed());
        VBox box = new VBox(2, chart);
        workings.stream()
                .filter(w -> names.stream().anyMatch(w.name()::startsWith))
                .forEach(w -> box.getChildren().add(new WorkingRow(w, session.units())));
        grid.add(box, column, row);
    }
}
