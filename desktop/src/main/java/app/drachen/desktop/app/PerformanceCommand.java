package app.drachen.desktop.app;

import app.drachen.core.flight.Performance;
import app.drachen.core.flight.Performance.Band;
import app.drachen.core.flight.Performance.Point;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.files.json.SetupJson;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Says what an aircraft can do over its speeds. */
@Command(
        name = "performance",
        mixinStandardHelpOptions = true,
        description =
                "Say what an aircraft can do: sink, climb, current and tightest turn over its speeds, with bands.",
        footer = "Exit codes: 0 done, 1 there is no level flight, 2 bad input.")
final class PerformanceCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(paramLabel = "SETUP.json", description = "set-up document")
    private Path file;

    @Option(names = "--json", description = "answer as JSON, values in SI")
    private boolean json;

    @Mixin
    private AirOptions air;

    @Override
    public Integer call() throws Exception {
        Setup setup = SetupJson.read(file);
        Performance performance = Performance.of(setup, air.density());
        PrintWriter to = spec.commandLine().getOut();
        if (performance.points().isEmpty()) {
            to.println("  There is no level flight at any speed.");
            return Main.STOPS;
        }
        if (json) {
            to.println(Json.text(Json.object(
                    "points",
                    performance.points().stream().map(PerformanceCommand::asMap).toList(),
                    "workings",
                    performance.workings(setup).stream().map(Json::working).toList())));
            return Main.DONE;
        }
        performance.workings(setup).forEach(w -> to.println("  " + w.name() + ": " + Json.line(w)));
        for (Point p : performance.points()) {
            to.println("  " + Quantity.SPEED.text(p.speed(), UnitSystem.METRIC)
                    + ": sinks " + text(Optional.of(p.sink()), Quantity.CLIMB)
                    + ", climbs " + text(p.climb(), Quantity.CLIMB)
                    + ", draws " + text(p.current(), Quantity.CURRENT)
                    + ", turns within " + text(p.radius(), Quantity.DISTANCE));
        }
        return Main.DONE;
    }

    private static String text(Optional<Band> band, Quantity quantity) {
        return band.map(b -> quantity.number(b.low(), UnitSystem.METRIC) + " to "
                        + quantity.text(b.high(), UnitSystem.METRIC))
                .orElse("–");
    }

    private static Map<String, Object> asMap(Point point) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("airspeed", point.speed());
        map.put("sink", band(point.sink()));
        point.climb().ifPresent(b -> map.put("climb", band(b)));
        point.current().ifPresent(b -> map.put("current", band(b)));
        point.radius().ifPresent(b -> map.put("radius", band(b)));
        return map;
    }

    private static Map<String, Object> band(Band band) {
        return Json.object("value", band.value(), "low", band.low(), "high", band.high());
    }
}
