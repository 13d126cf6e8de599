package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.files.json.SetupJson;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The plain forms say, to the letter, what the library says; what they leave to it they leave whole. */
class QuickTest {
    @TempDir
    Path folder;

    private record Said(int code, String out, String err) {}

    private String[] words(String line) throws Exception {
        Path setup = folder.resolve("a.json");
        if (!Files.exists(setup)) {
            SetupJson.write(DemoAircraft.rochen(), setup);
        }
        return line.replace("SETUP", setup.toString()).split(" ");
    }

    private OptionalInt quick(String[] words, ByteArrayOutputStream out, ByteArrayOutputStream err) throws Exception {
        return Quick.run(words, new PrintStream(out, true), new PrintStream(err, true));
    }

    private static Said library(String[] words) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int code = Main.command()
                .setOut(new PrintWriter(out, true))
                .setErr(new PrintWriter(err, true))
                .execute(words);
        return new Said(code, out.toString(), err.toString());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "calc MODES-A4 speed=15 bank=35deg",
                "calc modes-a4 speed=15 bank=35deg --json",
                "calc MODES-A4 --imperial speed=15 bank=35deg",
                "calc BUILD-A1 --setup SETUP",
                "calc MODES-A9 --setup SETUP --json",
                "calc LOGBOOK-A1 start=0 end=10",
                "calc MODES-A4 speed=15",
                "calc MODES-A4 speed=15 speed=16 bank=35deg",
                "calc MODES-A4 speed bank=35deg",
                "calc NOTHING-A1 x=1",
                "calc BUILD-A1 --setup /nowhere.json",
                "clearance SETUP",
                "clearance --json SETUP",
                "clearance /nowhere.json",
                "convert /nowhere.csv /nowhere/out.csv",
            })
    void plainFormsSayTheSame(String line) throws Exception {
        String[] words = words(line);
        Said library = library(words);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        OptionalInt code = quick(words, out, err);
        assertEquals(OptionalInt.of(library.code()), code);
        assertEquals(library.out(), out.toString(Charset.defaultCharset()));
        assertEquals(library.err(), err.toString(Charset.defaultCharset()));
        assertFalse((library.out() + library.err()).isBlank());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "calc",
                "calc --list",
                "calc --help MODES-A4",
                "calc MODES-A4 speed=15 --colour",
                "calc MODES-A4 --setup",
                "calc MODES-A4 --json --json",
                "calc --batch SETUP",
                "clearance",
                "clearance SETUP SETUP",
                "clearance SETUP --card first-flight",
                "convert SETUP",
                "convert SETUP x.csv --force",
                "rehearse SETUP",
                "open --fresh",
                "@SETUP calc",
            })
    void theRestIsLeftToTheLibrary(String line) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        assertEquals(OptionalInt.empty(), quick(words(line), out, err));
        assertEquals(0, out.size() + err.size(), "nothing is said before that");
    }

    @Test
    void whatTheArchiveHoldsRunsThroughAndWritesOnlyWhereItMay() throws Exception {
        ClassArchive.touch(folder);
        try (var made = Files.list(folder)) {
            assertEquals(4, made.count());
        }
        assertTrue(Files.size(folder.resolve("out.gpx")) > 1_000);
    }
}
