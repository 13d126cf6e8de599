package app.drachen.desktop.app;

import app.drachen.core.flight.Feel;
import app.drachen.core.flight.NaturalMotion;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.files.json.SetupJson;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Says how an aircraft will feel: its own motions about level flight. */
@Command(
        name = "feel",
        mixinStandardHelpOptions = true,
        description = "Say how an aircraft will feel in Manual: short period, phugoid, Dutch roll, roll, spiral.",
        footer = "Exit codes: 0 done, 1 there is no level flight, 2 bad input.")
final class FeelCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(paramLabel = "SETUP.json", description = "set-up document")
    private Path file;

    @Option(names = "--speed", paramLabel = "SPEED", description = "airspeed; default: the cruise speed")
    private String speed;

    @Option(names = "--json", description = "answer as JSON, values in SI")
    private boolean json;

    @Mixin
    private AirOptions air;

    @Override
    public Integer call() throws Exception {
        Setup setup = SetupJson.read(file);
        double at =
                speed == null ? setup.modes().limits().cruiseSpeed() : Quantity.SPEED.parse(speed, UnitSystem.METRIC);
        PrintWriter to = spec.commandLine().getOut();
        Feel feel = Feel.of(setup, at, air.density());
        if (feel instanceof Feel.Found found) {
            if (json) {
                to.println(Json.text(Json.object(
                        "airspeed",
                        at,
                        "motions",
                        found.motions().stream().map(FeelCommand::asMap).toList())));
            } else {
                found.motions()
                        .forEach(m -> to.println("  " + m.kind().label() + ": " + Json.read(m.words()) + "  ("
                                + Json.line(m.working()) + ")"));
            }
            return Main.DONE;
        }
        to.println("  " + ((Feel.None) feel).reason());
        return Main.STOPS;
    }

    private static Map<String, Object> asMap(NaturalMotion motion) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("motion", motion.kind().label());
        map.put("real", motion.root().real());
        map.put("imaginary", motion.root().imaginary());
        map.put("damping", motion.damping());
        map.put("words", Json.read(motion.words()));
        map.put("working", Json.working(motion.working()));
        return map;
    }
}
