package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.calc.Calculation;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoSignals;
import app.drachen.core.stages.Calculations;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.json.SetupJson;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Calculators, conversions, hangars and paper from the command line. */
class CommandLineFilesTest {
    @TempDir
    Path folder;

    private Path setup;
    private Path log;
    private String out;
    private String err;

    @BeforeEach
    void write() throws Exception {
        setup = folder.resolve("seeschwalbe ü.json");
        SetupJson.write(DemoAircraft.seeschwalbe(), setup);
        // a circle in a wind, positions in degrees, speeds in km/h
        StringBuilder text = new StringBuilder("time (s),lat,lon,alt (m),speed (km/h),mode\n");
        for (int i = 0; i < 1500; i++) {
            double t = i * 0.1;
            double north = 90 * Math.sin(0.14 * t) + 3 * t;
            double east = 90 - 90 * Math.cos(0.14 * t);
            double speed = Math.hypot(12.6 * Math.cos(0.14 * t) + 3, 12.6 * Math.sin(0.14 * t));
            text.append(String.format(
                    Locale.ROOT,
                    "%.1f,%.7f,%.7f,%.2f,%.2f,%s%n",
                    t,
                    54.3 + north / 111_300,
                    8.1 + east / 65_100,
                    50 + 10 * Math.sin(0.1 * t),
                    3.6 * speed,
                    t < 70 ? "manual" : "hold"));
        }
        log = folder.resolve("fremdes Log.csv");
        Files.writeString(log, text);
    }

    private int run(Object... arguments) {
        StringWriter toOut = new StringWriter();
        StringWriter toErr = new StringWriter();
        int code = Main.command()
                .setOut(new PrintWriter(toOut, true))
                .setErr(new PrintWriter(toErr, true))
                .execute(Stream.of(arguments).map(String::valueOf).toArray(String[]::new));
        out = toOut.toString();
        err = toErr.toString();
        assertFalse((out + err).contains("\u27e6"), "every value is written out: " + out + err);
        return code;
    }

    private String refused(Object... arguments) {
        assertEquals(2, run(arguments), out + err);
        assertEquals(
                "", out.lines().filter(l -> !l.startsWith("  ")).findFirst().orElse(""));
        String first = err.lines().findFirst().orElse("");
        assertTrue(first.startsWith("drachen: "), err);
        return first;
    }

    private JsonNode json() throws Exception {
        return new ObjectMapper().readTree(out);
    }

    static Stream<String> calculators() {
        return Calculations.all().stream().map(Calculation::id);
    }

    @ParameterizedTest
    @MethodSource("calculators")
    void everyCalculatorSaysWhatItWantsAndWhereItIsFrom(String id) {
        assertEquals(0, run("calc", id, "--help"));
        Calculation calculation = Calculations.byId(id).orElseThrow();
        String help = out;
        assertTrue(help.contains(calculation.title()) && help.contains("Source: "), help);
        for (Calculation.Input input : calculation.inputs()) {
            assertTrue(help.contains(input.name()) && help.contains(input.meaning()), help);
            String told = refused("calc", id, input.name() + "=nonsense");
            assertTrue(told.contains(id) && told.contains(input.name()), told);
        }
        assertTrue(refused("calc", id, "wingspread=3").contains("wingspread"), err);
    }

    /** Some answers are words, and take a whole aircraft. */
    @Test
    void answersInWordsTakeAnAircraft() throws Exception {
        Path setup = folder.resolve("glider.json");
        SetupJson.write(DemoSignals.flawed(DemoAircraft.seeschwalbe()), setup);
        assertEquals(0, run("calc", "MODES-A9", "--setup", setup), err);
        assertEquals(8, out.lines().count(), "seven modes and the source");
        assertTrue(out.contains("Hold") && out.contains("35"), out);
        assertEquals(0, run("calc", "SIGNALS-A1", "--setup", setup, "--json"), err);
        assertTrue(json().at("/words/motor speed").asText().startsWith("Nothing supplies motor speed"), out);
        assertTrue(json().at("/words/height").asText().contains("1.290"), out);
        assertEquals(0, run("calc", "SIGNALS-A10", "--setup", setup), err);
        assertTrue(out.contains("charge used (near)"), out);
        assertTrue(refused("calc", "MODES-A9").contains("--setup"));
    }

    /** Many calculations in one go: a line that is wrong does not stop the others. */
    @Test
    void aBatchAnswersLineByLine() throws Exception {
        Path lines = folder.resolve("batch.txt");
        Files.writeString(
                lines,
                "# turns\nMODES-A4 speed=15 bank=35deg\n\nMODES-A4 speed=fast\nBUILD-A1 root=20cm tip=100mm span=1.5m\n");
        assertEquals(2, run("calc", "--batch", lines));
        assertTrue(out.contains("33") && out.contains("BUILD-A1"), out);
        assertTrue(err.contains("line 4") && err.lines().count() == 1, err);
        assertEquals(2, run("calc", "--batch", lines, "--json"));
        assertEquals(2, out.lines().filter(l -> l.startsWith("{")).count(), out);
        assertTrue(refused("calc", "--batch", folder.resolve("none.txt")).contains("no file"));
        assertTrue(refused("calc", "MODES-A4", "--batch", lines).contains("leave MODES-A4 out"));
    }

    @Test
    void unitsAreTakenAndAnswersAreInSi() throws Exception {
        assertEquals(0, run("calc", "BUILD-A1", "root=20cm", "tip=100mm", "span=59.0551181in", "--json"), err);
        assertEquals(0.225, json().at("/results/0/value").asDouble(), 1e-8);
        assertEquals("m²", json().at("/results/0/unit").asText());
        assertEquals(0.2, json().at("/results/0/inputs/0/value").asDouble(), 1e-12);
        assertTrue(json().at("/results/0/source").asText().contains("Anderson"));
        assertEquals(0, run("calc", "--list"));
        assertEquals(
                Calculations.all().size() + Calculations.told().size(),
                out.lines().count());
        assertTrue(refused("calc", "BUILD-A1", "root=200kg").contains("kg"));
        assertTrue(refused("calc", "BUILD-A1", "root=20cm").contains("tip"), "what is missing");
        assertTrue(refused("calc", "BUILD-A1", "root=2m", "tip=9m", "span=1").contains("allowed is"));
        assertTrue(refused("calc", "NONE-A1").contains("--list"));
    }

    @ParameterizedTest
    @CsvSource({"csv", "gpx", "kml", "geojson"})
    void aForeignLogIsConverted(String ending) throws Exception {
        Path file = folder.resolve("spur." + ending);
        assertEquals(0, run("convert", log, file), err);
        assertTrue(out.contains("1500 rows"), out);
        assertTrue(Files.size(file) > 20_000);
        if (ending.equals("csv")) {
            assertEquals(0, run("debrief", file, "--json"), err);
            double wind = json().get("facts").findValues("name").stream()
                            .anyMatch(n -> n.asText().startsWith("Wind"))
                    ? 1
                    : 0;
            assertEquals(1, wind, "the converted log shows the wind: " + out);
        }
    }

    @Test
    void conversionsThatCannotBeAreRefused() {
        assertTrue(refused("convert", log, folder.resolve("x.docx")).contains(".geojson"), err);
        assertTrue(refused("convert", folder.resolve("none.csv"), folder.resolve("x.csv"))
                .contains("there is no such file"));
        assertTrue(refused("convert", log, folder.resolve("x.kml"), "--take", "lat=", "--take", "lon=")
                .contains("no positions"));
        assertTrue(refused("convert", log, folder.resolve("x.kml"), "--home", "north")
                .contains("degrees"));
        assertTrue(refused("convert", log, folder.resolve("x.csv"), "--take", "height=roll")
                .contains("there is no column"));
        assertTrue(refused("convert", log, folder.resolve("x.csv"), "--take", "alt (m)=height:kg")
                .contains("is not read in kg"));
        assertTrue(refused("convert", log, folder.resolve("x.csv"), "--mode", "manual=sideways")
                .contains("Manual"));
    }

    @Test
    void aHangarTakesSetupsAndLogsAndGivesThemBackWhileAWindowHasItOpen() throws Exception {
        Path hangar = folder.resolve("jahr 2026.drachen");
        assertEquals(0, run("import", setup, "--hangar", hangar), err);
        assertEquals(0, run("import", log, "--hangar", hangar, "--aircraft", "seeschwalbe"), err);
        assertTrue(out.contains("Flight 1 of Seeschwalbe: 1500 rows"), out);
        assertTrue(refused("import", log, "--hangar", hangar, "--aircraft", "Kiebitz")
                .contains("[Seeschwalbe]"));
        try (Hangar window = Hangar.open(hangar)) {
            Path back = folder.resolve("zurück.json");
            assertEquals(0, run("export", "Seeschwalbe", back, "--hangar", hangar), err);
            assertEquals(DemoAircraft.seeschwalbe(), SetupJson.read(back));
            Path track = folder.resolve("flug.gpx");
            assertEquals(0, run("export", "Seeschwalbe", track, "--flight", 1, "--hangar", hangar), err);
            assertTrue(Files.readString(track).contains("lat=\"54.3"));
            assertTrue(refused("export", "Seeschwalbe", track, "--flight", 1, "--hangar", hangar)
                    .contains("--force"));
            assertTrue(refused("export", "Seeschwalbe", track, "--flight", 9, "--hangar", hangar, "--force")
                    .contains("there are [1]"));
            assertTrue(refused("export", "Seeschwalbe", hangar, "--hangar", hangar, "--force")
                    .contains("never written over"));
            assertTrue(refused("convert", log, log, "--force").contains("the file that is read"));
            assertTrue(refused("import", setup, "--hangar", hangar).contains("open in another Drachen"));
            assertEquals(1, window.aircraft().size());
        }
        assertTrue(refused("export", "Kiebitz", folder.resolve("k.json"), "--hangar", hangar)
                .contains("Seeschwalbe"));
        assertTrue(refused("export", "X", folder.resolve("k.json"), "--hangar", folder.resolve("no.drachen"))
                .contains("there is no such hangar"));
    }

    @ParameterizedTest
    @CsvSource({"balance,Static margin", "sticks,Mode selector", "card,people behind the line", "debrief,Wind"})
    void paperComesFromTheCommandLine(String sheet, String holds) throws Exception {
        Path pdf = folder.resolve(sheet + " ü.pdf");
        assertEquals(0, run("report", sheet, setup, pdf, "--log", log), err);
        try (var document = Loader.loadPDF(pdf.toFile())) {
            assertEquals(1, document.getNumberOfPages());
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains(holds), text);
            assertTrue(text.contains("Seeschwalbe"), text);
        }
        assertEquals(0, run("report", sheet, setup, pdf, "--log", log, "--imperial", "--force"), err);
        try (var document = Loader.loadPDF(pdf.toFile())) {
            String text = new PDFTextStripper().getText(document);
            assertTrue(!sheet.equals("balance") || text.contains(" oz") || text.contains(" in"), text);
        }
    }

    @Test
    void paperThatCannotBeIsRefused() {
        assertTrue(refused("report", "debrief", setup, folder.resolve("x.pdf")).contains("--log"));
        assertTrue(refused("report", "card", setup, folder.resolve("x.pdf"), "--card", "loop")
                .contains("first-flight"));
        assertTrue(refused("report", "poster", setup, folder.resolve("x.pdf")).contains("poster"));
        assertTrue(refused("report", "balance", log, folder.resolve("x.pdf")).contains("fremdes Log.csv"));
    }

    @Test
    void whatAColumnWasTakenForIsSaid() {
        assertEquals(0, run("debrief", log, "--columns", "--take", "alt (m)=height:ft"), err);
        assertTrue(out.contains("column alt (m) \u2192 height in ft"), out);
        assertTrue(out.contains("column lat \u2192 lat in °"), out);
        assertTrue(out.lines().anyMatch(l -> l.contains("Hold")), "modes by their words: " + out);
    }

    @Test
    void performanceStandsOverTheSpeeds() throws Exception {
        assertEquals(0, run("performance", setup, "--json"), err);
        assertTrue(json().get("points").size() > 10);
        double last = 0;
        for (JsonNode point : json().get("points")) {
            assertTrue(point.get("airspeed").asDouble() > last);
            last = point.get("airspeed").asDouble();
            assertTrue(point.at("/sink/low").asDouble() < point.at("/sink/high").asDouble());
        }
        assertEquals(6, json().get("workings").size());
        assertEquals(0, run("performance", setup), err);
        assertTrue(out.contains("Best glide") && out.contains(": sinks "), out);
    }

    @Test
    void feelNamesTheFiveMotions() throws Exception {
        assertEquals(0, run("feel", setup, "--json"), err);
        assertEquals(5, json().get("motions").size());
        for (JsonNode motion : json().get("motions")) {
            assertTrue(motion.get("words").asText().length() > 20);
            assertTrue(motion.get("damping").asDouble() <= 1);
            assertTrue(motion.at("/working/source").asText().contains("Nelson"));
            assertTrue(motion.at("/working/between/0").asDouble()
                    <= motion.at("/working/value").asDouble());
        }
        assertEquals(0, run("feel", setup, "--speed", "60km/h"), err);
        assertTrue(out.contains("Phugoid: Left alone"), out);
        assertEquals(1, run("feel", setup, "--speed", "3m/s"));
        assertTrue(out.contains("No level flight"), out);
        assertTrue(refused("feel", setup, "--speed", "fast").contains("fast"));
    }

    @Test
    void faultsAreListedFlownAndRefused() throws Exception {
        assertEquals(0, run("rehearse", "--faults"));
        assertTrue(out.contains("turned-servo") && out.contains("pack-moved"), out);
        assertEquals(1, run("rehearse", setup, "--fault", "turned-servo:elevator", "--json"), err);
        assertFalse(json().get("whole").asBoolean());
        assertEquals(1, run("rehearse", setup, "--fault", "weak-throw:2m/s", "--wind", "0@0"), err);
        assertTrue(out.contains("below stall speed"), out);
        assertTrue(refused("rehearse", setup, "--fault", "gremlins").contains("turned-servo"));
        assertTrue(refused("rehearse", setup, "--fault", "turned-servo:flap").contains("Elevator"));
        assertTrue(refused("rehearse", setup, "--times", 0).contains("1 to 10000"));
        assertTrue(refused("rehearse").contains("SETUP.json"));
        assertTrue(refused("rehearse", setup, "--times", 3, "--out", folder.resolve("x.csv"))
                .contains("one log"));
    }

    @Test
    void manyFlightsGiveSharesWithTheirBand() throws Exception {
        int code = run("rehearse", setup, "--times", 8, "--json");
        assertEquals(8, json().get("flights").asInt());
        assertEquals(8, json().get("outcomes").size());
        assertEquals(code == 0, json().get("passed").asBoolean());
        JsonNode share = json().get("results").get(0);
        assertEquals("Came down whole", share.get("name").asText());
        assertTrue(share.get("between").get(0).asDouble() < 1, "eight flights prove no certainty: " + share);
        String first = out;
        run("rehearse", setup, "--times", 8, "--json");
        assertEquals(first, out, "the same seed, the same answer on any number of threads");
    }

    @Test
    void scenariosAreListedFlownAndRefused() throws Exception {
        assertEquals(0, run("rehearse", "--scenarios"));
        assertTrue(out.contains("link-range") && out.contains("crosswind-trim"), out);
        assertEquals(0, run("rehearse", "--scenario", "link-range", "--seed", 3), err);
        assertTrue(out.startsWith("Look for: the radio is lost"), out);
        assertTrue(out.contains("no link: it flies Home by itself") && out.contains("the link is back"), out);
        assertEquals(1, run("rehearse", "--scenario", "turned-servo", "--json"), err);
        assertFalse(json().get("whole").asBoolean());
        assertEquals(0, json().get("notices").size());
        assertEquals(0, run("rehearse", "--scenario", "sluggish"), err);
        assertTrue(out.contains("Autotune, not saved: roll forward gain 0.05"), out);
        assertEquals(0, run("rehearse", "--scenario", "crosswind-trim"), err);
        assertTrue(out.contains("auto-trim, not saved: Rudder centre"), out);
        // a mistake more, on top of the scenario's own
        assertEquals(1, run("rehearse", "--scenario", "mission", "--fault", "pack-moved:250mm", "--json"), err);
        assertTrue(refused("rehearse", "--scenario", "gremlins").contains("link-range"));
        assertTrue(refused("rehearse", setup, "--scenario", "mission").contains("a SETUP.json or a --scenario"));
    }

    @Test
    void everyCardCanBeFlownFromTheCommandLine() throws Exception {
        for (String card : new String[] {"power", "tune", "auto-trim", "home", "mission"}) {
            Path log = folder.resolve(card + ".csv");
            int code = run("rehearse", setup, "--card", card, "--out", log, "--seed", 2);
            assertTrue(code == 0 || code == 1, err);
            assertTrue(out.contains("Landed"), card + ": " + out);
            run("debrief", log, "--json");
            assertTrue(json().size() > 0, card);
        }
    }

    /** Other programs talk to the stand-in board through a pipe; a hidden fault is in what it answers. */
    @Test
    void theStandInBoardAnswersThroughAPipe() throws Exception {
        var keep = System.in;
        try {
            String asked = "{\"sticks\": {\"pitch\": 1}}\nbroken\n";
            System.setIn(new java.io.ByteArrayInputStream(asked.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
            assertEquals(0, run("standin", setup), out + err);
            var mapper = new com.fasterxml.jackson.databind.ObjectMapper();
            List<String> lines = out.lines().toList();
            assertEquals(2, lines.size(), out);
            double right = elevator(mapper.readTree(lines.get(0)));
            assertTrue(right < -3, "nose up lifts the elevator");
            assertTrue(mapper.readTree(lines.get(1)).has("error"));
            System.setIn(new java.io.ByteArrayInputStream(asked.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
            assertEquals(0, run("standin", setup, "--fault", "swapped elevator rudder"), out + err);
            assertTrue(
                    elevator(mapper.readTree(out.lines().toList().get(0))) > right + 3,
                    "it hangs on the rudder's output");
        } finally {
            System.setIn(keep);
        }
        assertEquals(0, run("standin", setup, "--faults"));
        assertTrue(out.contains("dead rudder: the servo of the rudder gets no power"), out);
        assertTrue(refused("standin", setup, "--fault", "gremlins").contains("--faults lists them"));
        assertEquals(2, run("standin", setup, "--port", 70_000), out + err);
        assertTrue(err.contains("0 to 65535"), err);
    }

    private static double elevator(com.fasterxml.jackson.databind.JsonNode state) {
        for (var o : state.get("outputs")) {
            if (o.get("moves").asText().equals("elevator")) {
                return o.get("degrees").asDouble();
            }
        }
        return Double.NaN;
    }
}
