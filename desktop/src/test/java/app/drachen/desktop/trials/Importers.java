package app.drachen.desktop.trials;

import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.Situation;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.harness.Board;
import app.drachen.core.harness.Boards;
import app.drachen.core.log.FlightLog;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.Kits;
import app.drachen.core.wiring.HarnessDraft;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import app.drachen.files.json.BoardJson;
import app.drachen.files.json.SetupJson;
import app.drachen.files.logs.LogFiles;
import app.drachen.files.logs.LogFormats;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Every reader on files that went wrong: read or refused in one sentence, and what was read can be debriefed and written. */
final class Importers {
    static final List<String> KINDS = List.of("csv", "table", "gpx", "igc", "nmea", "setup", "board");
    private static final Tally.Refusal REFUSED = e -> e instanceof ImportFailedException;
    private static final int ROWS = 120;

    private final Path folder;
    private final FlightLog log;

    Importers(Path folder) {
        this.folder = folder;
        Rehearsal flight = new Rehearsal(new RehearsalPlan(
                DemoAircraft.seeschwalbe(),
                CardPlans.byId("first-flight")
                        .orElseThrow()
                        .forAircraft(DemoAircraft.seeschwalbe(), DemoField.evening()),
                DemoField.evening(),
                1));
        flight.advance(8);
        log = flight.log();
    }

    Tally run(String kind, long seed, int times) throws Exception {
        Tally tally = new Tally(kind, seed, Tally.KEPT);
        Mutations mutations = new Mutations(seed + kind.hashCode());
        if (kind.equals("setup")) {
            setups(tally, mutations, times);
            return tally;
        }
        if (kind.equals("board")) {
            boards(tally, mutations, times);
            return tally;
        }
        String base = base(kind);
        Path file = folder.resolve("in." + kind);
        for (int i = 0; i < times; i++) {
            byte[] input = i % 3 == 0
                    ? mutations.bytes(base.getBytes(StandardCharsets.UTF_8))
                    : text(kind, base, mutations).getBytes(StandardCharsets.UTF_8);
            Files.write(file, input);
            boolean all = i % 10 == 0;
            tally.run(input, REFUSED, () -> read(file, tally, input, all));
        }
        return tally;
    }

    private String text(String kind, String base, Mutations mutations) {
        return switch (kind) {
            case "csv" -> mutations.fields(base, ',');
            case "table" -> mutations.fields(base, ';');
            case "gpx" -> mutations.fields(base, mutations.random().nextBoolean() ? '>' : '"');
            case "igc" -> mutations.digits(base);
            default -> mutations.checked(mutations.fields(base, ','));
        };
    }

    private void read(Path file, Tally tally, byte[] input, boolean all) throws Exception {
        Imported<FlightLog> read = LogFiles.read(file, Progress.NONE);
        read.problems().forEach(p -> tally.sentence(p.sentence().replace(p.text(), ""), input));
        if (!all) {
            return;
        }
        Debrief.of(read.value(), Optional.empty(), 1.2)
                .findings()
                .forEach(f -> tally.sentence(f.title() + " " + f.detail(), input));
        Path again = folder.resolve("again.csv");
        LogFormats.write("again", read.value(), Optional.empty(), again);
        int rows = LogFiles.read(again, Progress.NONE).value().rows();
        if (rows != read.value().rows()) {
            tally.fault("rows are lost when its own CSV is read again", input);
        }
        for (String ending : List.of("gpx", "kml", "geojson")) {
            Path track = folder.resolve("again." + ending);
            try {
                LogFormats.write("again", read.value(), Optional.empty(), track);
                if (ending.equals("gpx")) {
                    LogFiles.read(track, Progress.NONE);
                }
            } catch (IllegalArgumentException | ImportFailedException e) {
                // without positions there is no track, without times none that is read again
                tally.sentence(e.getMessage(), input);
            }
        }
    }

    /** Board profiles; each that is read is taken by an aircraft, which the rules then judge. */
    private void boards(Tally tally, Mutations mutations, int times) throws IOException {
        Path file = folder.resolve("board.json");
        List<String> texts = new ArrayList<>();
        for (Board board : Boards.all()) {
            BoardJson.write(board, file);
            texts.add(Files.readString(file));
        }
        ObjectMapper mapper = new ObjectMapper();
        for (int i = 0; i < times; i++) {
            String base = texts.get(i % texts.size());
            byte[] input = i % 4 == 0
                    ? mutations.bytes(base.getBytes(StandardCharsets.UTF_8))
                    : mutations.tree(mapper.readTree(base)).toString().getBytes(StandardCharsets.UTF_8);
            Files.write(file, input);
            tally.run(input, REFUSED, () -> {
                Setup on = HarnessDraft.of(DemoAircraft.strandlaeufer(), BoardJson.read(file));
                tally.sentence(Kits.clearance(Situation.of(on)).sentence(), input);
            });
        }
    }

    private void setups(Tally tally, Mutations mutations, int times) throws IOException {
        ObjectMapper mapper = new ObjectMapper();
        List<String> texts = new ArrayList<>();
        List<JsonNode> trees = new ArrayList<>();
        for (Setup setup : List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe())) {
            texts.add(SetupJson.write(setup));
            trees.add(mapper.readTree(texts.get(texts.size() - 1)));
        }
        Path named = Path.of("trial.json");
        for (int i = 0; i < times; i++) {
            String text = i % 4 == 0
                    ? new String(
                            mutations.bytes(texts.get(i % 3).getBytes(StandardCharsets.UTF_8)), StandardCharsets.UTF_8)
                    : mutations.tree(trees.get(i % 3)).toString();
            byte[] input = text.getBytes(StandardCharsets.UTF_8);
            tally.run(input, REFUSED, () -> {
                Setup setup = SetupJson.read(text, named);
                if (!SetupJson.read(SetupJson.write(setup), named).equals(setup)) {
                    tally.fault("is not the same after writing and reading", input);
                }
                tally.sentence(
                        Kits.clearance(Situation.of(setup).on(DemoField.evening()))
                                .sentence(),
                        input);
            });
        }
    }

    private String base(String kind) throws IOException {
        return switch (kind) {
            case "csv" -> {
                LogFormats.write("base", log, Optional.empty(), folder.resolve("base.csv"));
                yield String.join(
                                "\n",
                                Files.readAllLines(folder.resolve("base.csv")).subList(0, ROWS)) + "\n";
            }
            case "table" -> table();
            case "gpx" -> gpx();
            case "igc" -> igc();
            case "nmea" -> nmea();
            default -> throw new IllegalArgumentException("no such kind: " + kind);
        };
    }

    private static String table() {
        StringBuilder text = new StringBuilder("Zeit;Modus;Höhe (m);Geschwindigkeit (km/h);Roll (°);Spannung\n");
        for (int i = 0; i < ROWS; i++) {
            text.append(String.format(
                    Locale.GERMANY,
                    "14:%02d:%04.1f;%s;%.1f;%.0f;%.1f;%.2f%n",
                    i / 60,
                    i % 60 + 0.5,
                    i < 40 ? "Manual" : "Level",
                    2 + 40 * Math.sin(i / 30.0),
                    50 + 8 * Math.sin(i / 7.0),
                    20 * Math.sin(i / 5.0),
                    12.4 - i * 0.004));
        }
        return text.toString();
    }

    private static String gpx() {
        StringBuilder text = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<gpx version=\"1.1\""
                + " creator=\"trial\" xmlns=\"http://www.topografix.com/GPX/1/1\"><trk><trkseg>\n");
        for (int i = 0; i < ROWS; i++) {
            text.append(String.format(
                    Locale.ROOT,
                    "<trkpt lat=\"%.6f\" lon=\"%.6f\"><ele>%.1f</ele><time>2026-05-03T16:%02d:%02dZ</time></trkpt>%n",
                    50 + 0.001 * Math.sin(i / 20.0),
                    8 + 0.001 * Math.cos(i / 20.0),
                    120 + i * 0.3,
                    i / 60,
                    i % 60));
        }
        return text + "</trkseg></trk></gpx>\n";
    }

    private static String igc() {
        StringBuilder text = new StringBuilder("AXXX001\r\nHFDTE030526\r\n");
        for (int i = 0; i < ROWS; i++) {
            text.append(String.format(
                    Locale.ROOT,
                    "B16%02d%02d50%05dN008%05dEA%05d%05d\r\n",
                    i / 60,
                    i % 60,
                    10_000 + i * 7,
                    20_000 + i * 5,
                    120 + i,
                    150 + i));
        }
        return text.toString();
    }

    private static String nmea() {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < ROWS / 2; i++) {
            String time = String.format("16%02d%02d.00", i / 60, i % 60);
            String place = String.format(Locale.ROOT, "50%07.4f,N,008%07.4f,E", 10 + i * 0.01, 20 + i * 0.01);
            text.append(Mutations.sentence("GNGGA," + time + "," + place + ",1,09,0.9,120.5,M,47.0,M,,"));
            text.append(Mutations.sentence("GNRMC," + time + ",A," + place + ",24.3,084.4,030526,,,A"));
            text.append(Mutations.sentence("GPVTG,084.4,T,,M,24.3,N,45.0,K"));
        }
        return text.toString();
    }
}
