package app.drachen.desktop.app;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.files.csv.FlightLogCsv;
import app.drachen.files.json.SetupJson;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;

/**
 * What the archive of classes should hold: run once while the machine takes down which classes are used, on an invented aircraft and
 * a log of a few rows.
 */
final class ClassArchive {
    /** The word that the build says; hidden, since it does nothing for a pilot. */
    static final String COMMAND = "touch-classes";

    private ClassArchive() {}

    /** Runs the commands that answer at once, into a folder that is empty, and says nothing. */
    static void touch(Path folder) throws Exception {
        PrintStream nowhere = new PrintStream(OutputStream.nullOutputStream(), true);
        Path setup = folder.resolve("setup.json");
        Path log = folder.resolve("log.csv");
        SetupJson.write(DemoAircraft.rochen(), setup);
        FlightLogCsv.write(fewRows(), log);
        List<List<String>> lines = List.of(
                List.of("calc", "MODES-A4", "speed=15", "bank=35deg"),
                List.of("calc", "MODES-A4", "speed=15", "bank=35deg", "--json"),
                List.of("calc", "BUILD-A1", "--setup", setup.toString()),
                List.of("clearance", setup.toString()),
                List.of("clearance", setup.toString(), "--json"),
                List.of("convert", log.toString(), folder.resolve("out.gpx").toString()),
                List.of("convert", log.toString(), folder.resolve("out.csv").toString()));
        for (List<String> line : lines) {
            Quick.run(line.toArray(new String[0]), nowhere, nowhere);
        }
    }

    private static FlightLog fewRows() throws IOException {
        FlightLog.Builder rows = new FlightLog.Builder(
                Set.of(LogColumn.LATITUDE, LogColumn.LONGITUDE, LogColumn.HEIGHT, LogColumn.AIRSPEED, LogColumn.ROLL));
        for (int i = 0; i < 50; i++) {
            rows.row(0.1 * i);
            rows.put(LogColumn.LATITUDE, 0.9 + 1e-6 * i)
                    .put(LogColumn.LONGITUDE, 0.1)
                    .put(LogColumn.HEIGHT, 50)
                    .put(LogColumn.AIRSPEED, 15)
                    .put(LogColumn.ROLL, 0.1);
        }
        return rows.build();
    }
}
