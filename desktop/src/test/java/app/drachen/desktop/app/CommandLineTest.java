package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.calc.Calculation;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.stages.Calculations;
import app.drachen.core.units.UnitSystem;
import app.drachen.files.json.SetupJson;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CommandLineTest {
    @TempDir
    Path folder;

    private Path sound;
    private Path turned;
    private String out;
    private String err;

    @BeforeEach
    void write() throws Exception {
        sound = folder.resolve("seeschwalbe.json");
        turned = folder.resolve("rochen auf der bank.json");
        SetupJson.write(DemoAircraft.seeschwalbe(), sound);
        SetupJson.write(DemoAircraft.rochenOnTheBench(), turned);
    }

    private int run(Object... arguments) {
        StringWriter toOut = new StringWriter();
        StringWriter toErr = new StringWriter();
        String[] words = java.util.Arrays.stream(arguments).map(String::valueOf).toArray(String[]::new);
        int code = Main.command()
                .setOut(new PrintWriter(toOut, true))
                .setErr(new PrintWriter(toErr, true))
                .execute(words);
        out = toOut.toString();
        assertFalse((out + toErr).contains("\u27e6"), "every value is written out: " + out + toErr);
        err = toErr.toString();
        return code;
    }

    private JsonNode json() throws Exception {
        return new ObjectMapper().readTree(out);
    }

    @Test
    void aRehearsalIsWrittenAndReadAgain() throws Exception {
        Path log = folder.resolve("flug.csv");
        int code = run("rehearse", sound, "--card", "hold", "--seed", 3, "--out", log, "--json");
        assertEquals(0, code, out + err);
        assertTrue(json().get("passed").asBoolean());
        assertTrue(Files.exists(folder.resolve("flug.setup.json")));
        assertEquals(0, run("debrief", log), out + err);
        assertTrue(out.contains("Hold"), out);
        assertEquals(0, run("debrief", log, "--json"));
        assertTrue(json().get("rows").asInt() > 5_000);
        assertEquals("Manual", json().get("segments").get(0).get("mode").asText());
        assertTrue(json().at("/trim/centresMicros/0/mean").isNumber());
        Files.delete(folder.resolve("flug.setup.json"));
        assertEquals(0, run("debrief", log), "a log alone can be read, with less to say");
        assertTrue(out.contains("set-up that was flown is not known"), out);
        assertEquals(0, run("debrief", log, "--setup", sound));
    }

    @Test
    void aLogIsReadInTheAirItWasFlownIn() throws Exception {
        Path log = folder.resolve("flug.csv");
        String[] hot = {"--temperature", "35", "--pressure", "940"};
        run("rehearse", sound, "--seed", 3, "--out", log, hot[0], hot[1], hot[2], hot[3]);
        run("debrief", log, "--json");
        double mild = stallInput();
        run("debrief", log, "--json", hot[0], hot[1], hot[2], hot[3]);
        // ideal gas: 101 200/(287.05·287.15) = 1.2278, 94 000/(287.05·308.15) = 1.0627 kg/m³; Vs² goes with 1/ρ
        assertEquals(Math.sqrt(1.2278 / 1.0627), stallInput() / mild, 0.001);
        assertEquals(2, run("debrief", log, "--pressure", "2000"));
        assertTrue(err.contains("pressure") && err.lines().count() == 1, err);
    }

    /** Computed stall speed that the stall was compared with [m/s]. */
    private double stallInput() throws Exception {
        for (JsonNode finding : json().get("findings")) {
            for (JsonNode working : finding.get("workings")) {
                if (working.get("id").asText().equals("BUILD-A8")) {
                    return working.get("value").asDouble();
                }
            }
        }
        throw new AssertionError("no computed stall speed in " + out);
    }

    @Test
    void theSameSeedGivesTheSameLogAndAStopIsOne() throws Exception {
        Path one = folder.resolve("1.csv");
        Path two = folder.resolve("2.csv");
        assertEquals(1, run("rehearse", turned, "--seed", 7, "--out", one));
        assertTrue(out.startsWith("Hit the ground"), out);
        run("rehearse", turned, "--seed", 7, "--out", two);
        assertEquals(-1, Files.mismatch(one, two));
        assertEquals(1, run("debrief", one));
    }

    @Test
    void clearanceStopsForTheTurnedServo() throws Exception {
        assertEquals(1, run("clearance", turned, "--json"));
        assertEquals("bench power, prop off", json().get("clearedTo").asText());
        assertEquals("stopped", json().at("/stages/Throws").asText());
        boolean found = false;
        for (JsonNode finding : json().get("findings")) {
            found |= finding.get("id").asText().equals("THROWS-R5")
                    && finding.get("state").asText().equals("stop")
                    && finding.get("blocks").asText().equals("launch");
        }
        assertTrue(found, out);
        assertEquals(0, run("clearance", sound), out);
        assertTrue(out.contains("Not weighed yet"), out);
        assertEquals(1, run("clearance", sound, "--wind", "9@250", "--gust", "14"), "a storm stops");
        assertEquals(0, run("clearance", sound, "--limit", "120"), out);
        assertTrue(out.contains("No wind measured yet"), "a limit alone says nothing about the wind: " + out);
        assertEquals(0, run("clearance", sound, "--limit", "120", "--no-obstacles", "--wind", "2@250"), out);
        assertTrue(out.contains("Go: "), out);
    }

    @ParameterizedTest
    @ValueSource(strings = {"rehearse", "debrief", "clearance", "shots", "bench", "export", "import", "open"})
    void everyCommandHelps(String command) {
        assertEquals(0, run(command, "--help"));
        assertTrue(out.startsWith("Usage: drachen " + command), out);
    }

    @Test
    void badInputIsTwoAndOneSentence() throws Exception {
        assertEquals(2, run("rehearse", folder.resolve("none.json")));
        assertTrue(err.startsWith("drachen: none.json") && err.lines().count() == 1, err);
        assertEquals(2, run("rehearse", sound, "--card", "loop"));
        assertTrue(err.contains("first-flight"), err);
        assertEquals(2, run("rehearse", sound, "--wind", "strong"));
        assertTrue(err.contains("4@250"), err);
        assertEquals(2, run("rehearse", sound, "--wind", "4@250", "--gust", "2"));
        assertEquals(2, run("rehearse", sound, "--seed", "x"));
        assertEquals(2, run("fly"));
        assertEquals(2, run("debrief", sound));
        assertFalse(err.contains("Exception"), err);
        Path noMotor = folder.resolve("nomotor.json");
        SetupJson.write(
                DemoAircraft.rochen()
                        .withParts(DemoAircraft.rochen().parts().stream()
                                .filter(p -> !p.name().startsWith("motor"))
                                .toList()),
                noMotor);
        assertEquals(2, run("rehearse", noMotor));
        assertTrue(err.contains("has no motor"), err);
    }

    @Test
    void aSetupGoesIntoAHangarAndOutAgain() throws Exception {
        Path hangar = folder.resolve("verein.drachen");
        assertEquals(0, run("import", turned, "--hangar", hangar));
        Path again = folder.resolve("again.json");
        assertEquals(0, run("export", "Rochen", again, "--hangar", hangar), err);
        assertEquals(SetupJson.read(turned), SetupJson.read(again));
        assertEquals(2, run("export", "Möwe", again, "--hangar", hangar, "--force"));
        assertTrue(err.contains("Rochen"), "it says which there are: " + err);
    }

    @Test
    void calculationsAskBeforeTheyGuess() {
        assertEquals(2, run("calc", "MODES-A4", "speed=15", "speed=16", "bank=30"));
        assertTrue(err.contains("speed is given twice"), err);
        assertEquals(2, run("calc", "SIGNALS-A4", "shown1=1", "level1=-45", "shown2=0.22", "level2=-101", "loss=-104"));
        assertTrue(err.contains("may be 1 % or 100 %"), err);
        assertEquals(
                0,
                run("calc", "SIGNALS-A4", "shown1=100%", "level1=-45", "shown2=22", "level2=-101", "loss=-104"),
                err);
        for (Calculation calculation : Calculations.all()) {
            Calculation.Input first = calculation.inputs().get(0);
            String offered = CalcCommand.example(calculation).split("=")[1];
            double value = first.quantity().parse(offered, UnitSystem.METRIC);
            assertTrue(
                    first.low() <= value * 1.001 + 1e-9 && value * 0.999 - 1e-9 <= first.high(),
                    calculation.id() + " " + offered);
        }
    }
}
