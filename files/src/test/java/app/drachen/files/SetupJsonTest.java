package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Setup;
import app.drachen.files.json.SetupJson;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SetupJsonTest {
    private static final Path NAMED = Path.of("Möwe 1.json");

    @TempDir
    Path folder;

    @Test
    void everyKindOfAircraftComesBackEqual() throws Exception {
        for (Setup setup : List.of(
                DemoAircraft.rochen(),
                DemoAircraft.rochenOnTheBench(),
                DemoAircraft.strandlaeufer(),
                DemoAircraft.seeschwalbePorpoising())) {
            Path file = folder.resolve("über flügel " + setup.name() + ".json");
            SetupJson.write(setup, file);
            Setup back = SetupJson.read(file);
            assertEquals(setup, back);
            assertEquals(List.of(), Facet.differing(setup, back), "fingerprints survive the file");
            assertEquals(SetupJson.write(setup), SetupJson.write(back));
        }
        assertEquals(DemoField.deichwiese(), SetupJson.readField(SetupJson.writeField(DemoField.deichwiese()), NAMED));
    }

    // each damage is named with the file, the place and what to do
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"rootChord\" : 0.3 | \"rootChord\" : 0 | root chord",
                "\"rootChord\" : 0.3 | \"rootChord\" : \"NaN\" | root chord is NaN",
                "\"rootChord\" : 0.3 | \"rootChord\" : \"wide\" | rootChord",
                "\"mass\" : 0.038 | \"mass\" : -0.038 | mass of camera",
                "\"cells\" : 3 | \"cells\" : 77 | cells",
                "\"kind\" : \"none\" | \"kind\" : \"butterfly\" | butterfly",
                "\"reversed\" : true | \"turned\" : true | \u201creversed\u201d is missing",
                "\"name\" : \"Rochen\" | \"name\" : \"\" | name of the aircraft",
                "\"surface\" : \"RIGHT_ELEVON\" | \"surface\" : \"WINGLET\" | WINGLET"
            })
    void damageIsNamedWithItsPlace(String was, String is, String named) {
        String text = SetupJson.write(DemoAircraft.rochen());
        assertTrue(text.contains(was), "the test still damages something: " + was);
        String told = assertThrows(
                        ImportFailedException.class,
                        () -> SetupJson.read(text.replaceFirst(java.util.regex.Pattern.quote(was), is), NAMED))
                .getMessage();
        assertTrue(told.startsWith("Möwe 1.json"), told);
        assertTrue(told.contains(named), told);
        assertTrue(told.contains("setup"), "the place: " + told);
        assertFalse(told.contains("app.drachen"), "no class names: " + told);
        assertEquals(1, told.lines().count(), "one sentence: " + told);
    }

    @Test
    void otherFilesAreToldApart() throws IOException {
        assertTold("{\"format\":\"something else\"}", "no Drachen set-up");
        assertTold("[1,2,3]", "no Drachen set-up");
        assertTold("", "no Drachen set-up");
        assertTold("{\"format\" : \"drachen-setup\", ", "line 1");
        assertTold("{\"format\":\"drachen-setup\",\"version\":9,\"setup\":{}}", "newer Drachen");
        Path binary = folder.resolve("noise.json");
        byte[] noise = new byte[4_000];
        new Random(5).nextBytes(noise);
        Files.write(binary, noise);
        assertTrue(assertThrows(ImportFailedException.class, () -> SetupJson.read(binary))
                .getMessage()
                .contains("UTF-8"));
        assertTrue(assertThrows(ImportFailedException.class, () -> SetupJson.read(folder.resolve("none.json")))
                .getMessage()
                .contains("no such file"));
    }

    private static void assertTold(String text, String told) {
        String message = assertThrows(ImportFailedException.class, () -> SetupJson.read(text, NAMED))
                .getMessage();
        assertTrue(message.contains(told), message);
    }

    @Test
    void cuttingTheDocumentAnywhereGivesOnlyNamedErrors() {
        String text = SetupJson.write(DemoAircraft.strandlaeufer());
        Random random = new Random(11);
        for (int i = 0; i < 150; i++) {
            int cut = random.nextInt(text.length() - 2);
            String broken = i % 2 == 0
                    ? text.substring(0, cut)
                    : text.substring(0, cut) + (char) (' ' + random.nextInt(90)) + text.substring(cut + 1);
            try {
                SetupJson.read(broken, NAMED);
            } catch (ImportFailedException e) {
                assertTrue(e.getMessage().startsWith("Möwe 1.json"), e.getMessage());
            }
        }
    }
}
