package app.drachen.desk.bench;

import app.drachen.core.cards.CardPlans;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Progress;
import app.drachen.files.csv.FlightLogCsv;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.logs.LogFiles;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/** The large log of the benchmark: made, read bare, read and debriefed; each part runs in a process of its own. */
public final class LargeLog {
    public static final int ROWS = 1_000_000;
    private static final int COLUMNS = 24;

    private LargeLog() {}

    /** A rehearsal flown over and over, until there are a million rows by 24 columns. */
    public static void make(Path file) throws IOException {
        Setup setup = DemoAircraft.seeschwalbe();
        var card = CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, DemoField.evening());
        Rehearsal rehearsal = new Rehearsal(new RehearsalPlan(setup, card, DemoField.evening(), 5));
        rehearsal.finish();
        FlightLog flown = rehearsal.log();
        Set<LogColumn> columns = EnumSet.of(LogColumn.TIME);
        for (LogColumn column : LogColumn.values()) {
            if (flown.has(column) && columns.size() < COLUMNS) {
                columns.add(column);
            }
        }
        FlightLog.Builder rows = new FlightLog.Builder(columns);
        double step = flown.duration() / (flown.rows() - 1);
        for (int i = 0; i < ROWS; i++) {
            int row = i % flown.rows();
            rows.row(i * step);
            for (LogColumn column : columns) {
                if (column != LogColumn.TIME) {
                    rows.put(column, flown.value(column, row));
                }
            }
        }
        FlightLogCsv.write(rows.build(), file);
    }

    /** One part, measured in this process. */
    public static Map<String, Object> part(String name, Path file) throws Exception {
        Map<String, Object> figures = new LinkedHashMap<>();
        long start = System.nanoTime();
        switch (name) {
            case "bare" -> figures.put("characters", bare(file));
            case "read" -> read(file, figures);
            default -> throw new IllegalArgumentException("bench: there is no part " + name);
        }
        figures.put("seconds", seconds(start));
        figures.put("peakMegabytes", peakMegabytes());
        return figures;
    }

    private static double seconds(long start) {
        return Math.round((System.nanoTime() - start) / 1e7) / 100.0;
    }

    private static long bare(Path file) throws IOException {
        long characters = 0;
        try (CsvReader<CsvRecord> reader = CsvReader.builder().ofCsvRecord(file)) {
            for (CsvRecord record : reader) {
                for (int i = 0; i < record.getFieldCount(); i++) {
                    characters += record.getField(i).length();
                }
            }
        }
        return characters;
    }

    private static void read(Path file, Map<String, Object> figures) throws Exception {
        Path kept = file.resolveSibling("kept.drachen");
        keep(file, kept, figures);
        long start = System.nanoTime();
        try (Hangar hangar = Hangar.open(kept)) {
            long id = hangar.aircraft().get(0).id();
            figures.put(
                    "openAgainRows",
                    hangar.logbook()
                            .log(id, hangar.logbook().flights(id).get(0).number())
                            .orElseThrow()
                            .rows());
        }
        figures.put("openAgainSeconds", seconds(start));
        figures.put("keptMegabytes", Math.round(Files.size(kept) / 1e5) / 10.0);
        figures.put("fileMegabytes", Math.round(Files.size(file) / 1e5) / 10.0);
    }

    /** Reads, debriefs and keeps; the log is let go before it is opened again, as in the window. */
    private static void keep(Path file, Path kept, Map<String, Object> figures) throws Exception {
        // in the program the aircraft is open already
        Setup setup = DemoAircraft.seeschwalbe();
        long start = System.nanoTime();
        FlightLog log = LogFiles.read(file, Progress.NONE).value();
        figures.put("readSeconds", seconds(start));
        figures.put("rows", log.rows());
        long then = System.nanoTime();
        figures.put("findings", Debrief.of(log, setup, 1.2).findings().size());
        figures.put("debriefSeconds", seconds(then));
        figures.put("peakMegabytesReadAndDebriefed", peakMegabytes());
        then = System.nanoTime();
        try (Hangar hangar = Hangar.open(kept)) {
            long id = hangar.add(setup, "bench", 0);
            hangar.logbook().add(id, new FlightRecord(0, 1, 0, false, "", "bench"), log);
        }
        figures.put("keepSeconds", seconds(then));
    }

    /** Most memory this process ever had, as the system tells; not told everywhere. */
    private static Object peakMegabytes() throws IOException {
        Path status = Path.of("/proc/self/status");
        if (!Files.exists(status)) {
            return "not told by this system";
        }
        return Files.readAllLines(status).stream()
                .filter(l -> l.startsWith("VmHWM:"))
                .map(l -> Math.round(Double.parseDouble(l.replaceAll("\\D", "")) / 1024))
                .findFirst()
                .orElse(-1L);
    }
}
