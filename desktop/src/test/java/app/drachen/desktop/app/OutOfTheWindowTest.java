package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.drachen.core.clearance.Stage;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.json.SetupJson;
import app.drachen.files.state.ErrorReports;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalLong;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What leaves the window: copies, drawings, paper, set-ups; and what lies over it: calculators, errors, sunlight. */
class OutOfTheWindowTest extends WindowTest {
    @ParameterizedTest
    @CsvSource({
        "balance sheet, Balance, Static margin",
        "stick and mode sheet, Sticks and modes, Launch in",
        "first flight, M1 · first flight, people behind the line"
    })
    void aSheetIsOnePageWithTheFiguresOfTheScreen(String choice, String title, String holds) throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        Path pdf = folder.resolve("blatt ü.pdf");
        dialogs.toSave.push(pdf);
        press(KeyCode.CONTROL, KeyCode.P);
        take(choice);
        until(() -> Files.exists(pdf));
        try (var document = Loader.loadPDF(pdf.toFile())) {
            assertEquals(1, document.getNumberOfPages());
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertTrue(text.contains("Seeschwalbe · " + title), text);
            assertTrue(text.toLowerCase().contains(holds.toLowerCase()), text);
            assertTrue(text.contains("Local rules and licensed practice come first"), text);
            if (title.equals("Balance")) {
                String mass =
                        Quantity.MASS.text(session.setup().massProperties().mass(), session.units());
                assertTrue(text.contains(mass.replaceAll("\\s+", " ")), mass + " is missing in " + text);
            }
        }
        assertTrue(notice().contains("written"), notice());
    }

    @Test
    void paperThatCannotBeWrittenLosesNothing() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        dialogs.toSave.push(folder.resolve("no such folder").resolve("x.pdf"));
        press(KeyCode.CONTROL, KeyCode.P);
        take("balance");
        until(() -> notice().contains("x.pdf: there is no folder"));
        assertTrue(notice().contains("make it or choose another"), notice());
    }

    @Test
    void tablesAreCopiedForASpreadsheet() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        act(() -> Shown.lookup(scene, "#build").requestFocus());
        press(KeyCode.CONTROL, KeyCode.C);
        String[] lines = clipboard().split("\n");
        assertTrue(lines.length > 8, clipboard());
        int fields = lines[0].split("\t", -1).length;
        for (String line : lines) {
            // an empty line stands between the values and the parts
            fields = line.isEmpty() ? 6 : fields;
            assertTrue(line.isEmpty() || fields == line.split("\t", -1).length, line);
        }
        assertFalse(clipboard().contains("\u27e6"), "no values left unwritten");
        press(KeyCode.CONTROL, KeyCode.H);
        until(() -> Shown.lookup(scene, "#hangar") != null);
        press(KeyCode.CONTROL, KeyCode.C);
        assertEquals(4, clipboard().strip().split("\n").length, "three aircraft and a head");
    }

    @ParameterizedTest
    @CsvSource({"BUILD, svg", "BUILD, png", "MODES, svg", "THROWS, svg"})
    void drawingsAreKept(Stage stage, String ending) throws Exception {
        open("Seeschwalbe", stage);
        Path file = folder.resolve("bild." + ending);
        dialogs.toSave.push(file);
        press(KeyCode.CONTROL, KeyCode.G);
        if (ask(() -> Shown.lookup(scene, "#find") != null)) {
            press(KeyCode.ENTER);
        }
        until(() -> Files.exists(file));
        if (ending.equals("png")) {
            Image image = new Image(file.toUri().toString());
            assertFalse(image.isError());
            assertTrue(image.getWidth() > 300 && image.getHeight() > 150);
        } else {
            String text = Files.readString(file);
            javax.xml.parsers.DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new java.io.ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
            assertTrue(text.contains("<path") && text.contains("<text"), "lines and words");
            assertFalse(text.contains("NaN") || text.contains("Infinity"), "every number is one");
        }
    }

    @Test
    void aSetupGoesOutAndComesBackIn() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        Path json = folder.resolve("Seeschwalbe Kopie.json");
        dialogs.toSave.push(json);
        press(KeyCode.CONTROL, KeyCode.E);
        until(() -> Files.exists(json));
        assertEquals(ask(() -> session.setup()), SetupJson.read(json));
        press(KeyCode.CONTROL, KeyCode.H);
        until(() -> Shown.lookup(scene, "#hangar") != null);
        Path bad = folder.resolve("other.json");
        Files.writeString(bad, "{\"format\":\"someone else's\"}");
        dialogs.toOpen.push(List.of(json, bad));
        press(KeyCode.I);
        fire("take-own");
        until(() -> hangar.aircraft().size() == 4);
        assertTrue(notice().contains("other.json") && notice().contains("no Drachen set-up"), notice());
    }

    /** A document that was changed elsewhere becomes the next revision, after it has said what changes. */
    @Test
    void aChangedDocumentIsReadInAsTheNextRevision() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        int before = ask(() -> session.revision().number());
        Path json = folder.resolve("changed.json");
        Setup heavier = ask(() -> session.setup()).withPart("camera", p -> p.withMass(0.123));
        SetupJson.write(heavier, json);
        press(KeyCode.CONTROL, KeyCode.H);
        dialogs.toOpen.push(List.of(json));
        press(KeyCode.I);
        until(() -> Shown.lookup(scene, "#difference-list") != null);
        List<String> said = ask(() -> ((ListView<?>) Shown.lookup(scene, "#difference-list"))
                .getItems().stream().map(String::valueOf).toList());
        assertEquals(1, said.size());
        assertTrue(said.get(0).startsWith("part camera: mass ") && said.get(0).endsWith("→ 123\u00a0g"), said.get(0));
        press(KeyCode.ESCAPE);
        until(() -> notice().contains("put aside"));
        dialogs.toOpen.push(List.of(json));
        press(KeyCode.I);
        fire("take-revision");
        until(() -> hangar.latest(idOf("Seeschwalbe")) == before + 1);
        assertEquals(3, hangar.aircraft().size());
        assertEquals(heavier, hangar.current(idOf("Seeschwalbe")).setup());
        // and the two revisions can be compared
        open("Seeschwalbe", Stage.BUILD);
        press(KeyCode.F3);
        take("r" + before);
        until(() -> Shown.lookup(scene, "#difference-list") != null);
        assertEquals(said, ask(() -> ((ListView<?>) Shown.lookup(scene, "#difference-list"))
                .getItems().stream().map(String::valueOf).toList()));
    }

    @Test
    void aCalculatorIsFoundFilledInAndNamesWhatIsWrong() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        press(KeyCode.CONTROL, KeyCode.K);
        take("trapezoid wing");
        until(() -> Shown.lookup(scene, "#calculator") != null);
        assertEquals("calc-root", ask(() -> scene.getFocusOwner().getId()), "the first field waits for a value");
        List<String> before = results();
        assertFalse(before.isEmpty());
        write("30 cm");
        press(KeyCode.TAB);
        assertFalse(results().equals(before), "the results follow the input");
        List<String> now = results();
        press(KeyCode.SHIFT, KeyCode.TAB);
        write("-5");
        press(KeyCode.TAB);
        assertTrue(notice().contains("allowed is"), notice());
        assertEquals(now, results(), "a wrong input changes nothing");
        press(KeyCode.ESCAPE);
        until(() -> Shown.lookup(scene, "#calculator") == null);
    }

    private List<String> results() throws Exception {
        return ask(() -> Shown.lookup(scene, "#results").lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .toList());
    }

    @Test
    void flightsAreFoundAndOpened() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        press(KeyCode.CONTROL, KeyCode.K);
        take("flight 11");
        until(() -> Shown.lookup(scene, "#flights") != null);
        assertEquals(11, ask(() -> ((app.drachen.files.hangar.FlightRecord)
                        ((javafx.scene.control.TableView<?>) Shown.lookup(scene, "#flights"))
                                .getSelectionModel()
                                .getSelectedItem())
                .number()));
    }

    @Test
    void sunlightIsLargerAndWithoutTheLedger() throws Exception {
        open("Seeschwalbe", Stage.MODES);
        press(KeyCode.F8);
        try {
            assertTrue(Ink.sunlight());
            until(() -> Shown.lookup(scene, "#ledger") == null);
            double scale = ask(() ->
                    Shown.lookup(scene, "#modes").getLocalToSceneTransform().getMxx());
            assertTrue(scale > 1.3, "everything is larger: " + scale);
        } finally {
            press(KeyCode.F8);
        }
        assertFalse(Ink.sunlight());
        until(() -> Shown.lookup(scene, "#ledger") != null);
    }

    @Test
    void anUnexpectedErrorIsToldCalmlyAndWrittenDown() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        ErrorReports reports = new ErrorReports(folder.resolve("state ü"), java.time.Clock.systemUTC(), Version.text());
        String report = reports.report(new IllegalStateException("the hinge is loose"));
        String where = reports.keep(report);
        act(() -> {
            new ErrorPanel((StackPane) shell.root(), report, where).open();
            new ErrorPanel((StackPane) shell.root(), "a second one", where).open();
        });
        assertEquals(1, ask(() -> scene.getRoot().lookupAll("#error").size()), "one at a time");
        assertTrue(((TextArea) node("report")).getText().contains("the hinge is loose"));
        press(KeyCode.C);
        assertEquals(report, clipboard());
        press(KeyCode.ESCAPE);
        until(() -> Shown.lookup(scene, "#error") == null);
        assertTrue(Files.readString(reports.file()).contains("Drachen 0.1.0"));
        for (int i = 0; i < 3; i++) {
            reports.keep("x".repeat(600_000));
        }
        assertTrue(Files.size(reports.file()) < 2_000_000, "the file does not grow for ever");
        Files.writeString(folder.resolve("a file"), "");
        ErrorReports nowhere = new ErrorReports(
                folder.resolve("a file").resolve("state"), java.time.Clock.systemUTC(), Version.text());
        assertTrue(nowhere.keep("x").contains("could not"), nowhere.keep("x"));
    }

    @Test
    void anotherWindowAndAnotherHangarAreAskedFor() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.N);
        assertEquals(List.of(OptionalLong.of(idOf("Seeschwalbe"))), windows);
        press(KeyCode.CONTROL, KeyCode.O);
        take("demo.drachen");
        assertEquals(List.of(hangar.file()), openedHangars, "one of those opened last");
        Path other = folder.resolve("another.drachen");
        dialogs.toSave.push(other);
        press(KeyCode.CONTROL, KeyCode.O);
        take("another hangar");
        assertEquals(other, openedHangars.get(1));
    }

    @Test
    void howItWillFeelIsToldInWordsWithWorkings() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        press(KeyCode.CONTROL, KeyCode.J);
        until(() -> Shown.lookup(scene, "#feel") != null);
        List<String> words = ask(() -> Shown.lookup(scene, "#feel").lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .toList());
        for (String motion : List.of("Short period", "Phugoid", "Dutch roll", "Roll", "Spiral")) {
            assertTrue(words.contains(motion), motion + " in " + words);
        }
        // the second opinion comes a little later, from beside the interface
        until(() -> labels("#feel").stream().anyMatch(w -> w.matches("model −0[.]5\\d · lattice −0[.]5\\d")));
        press(KeyCode.TAB);
        press(KeyCode.ENTER);
        until(() -> javafx.stage.Window.getWindows().size() > 1);
        press(KeyCode.ESCAPE);
        until(() -> javafx.stage.Window.getWindows().size() == 1);
        act(() -> Shown.lookup(scene, "#feel").requestFocus());
        press(KeyCode.ESCAPE);
        until(() -> Shown.lookup(scene, "#feel") == null);
        // a turned elevon leaves no pitch control: said in a sentence
        open("Rochen", Stage.BUILD);
        press(KeyCode.CONTROL, KeyCode.J);
        until(() -> Shown.lookup(scene, "#feel") != null);
        assertTrue(ask(() -> Shown.lookup(scene, "#feel").lookupAll(".label").stream()
                .anyMatch(n -> ((Label) n).getText().startsWith("Full pitch stick is not enough"))));
        press(KeyCode.ESCAPE);
    }

    private List<String> labels(String id) throws Exception {
        return ask(() -> Shown.lookup(scene, id).lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .toList());
    }

    @Test
    void whatItCanDoStandsOverItsSpeeds() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        press(KeyCode.CONTROL, KeyCode.I);
        until(() -> Shown.lookup(scene, "#performance") != null
                && labels("#performance").stream().anyMatch(w -> w.startsWith("Best glide")));
        for (String told :
                List.of("Least sink", "Best climb", "Longest flight", "Farthest flight", "Tightest level turn")) {
            assertTrue(labels("#performance").contains(told), told);
        }
        assertEquals(
                4,
                ask(() ->
                        Shown.lookup(scene, "#performance").lookupAll(".sheet").size()),
                "four charts");
        press(KeyCode.ESCAPE);
        until(() -> Shown.lookup(scene, "#performance") == null);
    }

    /** The kernel's own list of internet sockets holds none that belongs to this process. */
    @Test
    void noSocketIsOpened() throws Exception {
        assumeTrue(Files.isDirectory(Path.of("/proc/self/fd")), "only Linux lists them");
        open("Seeschwalbe", Stage.MAIDEN);
        press(KeyCode.END);
        until(() -> notice().length() > 0 || Shown.lookup(scene, "#rehearsal-state") != null);
        press(KeyCode.CONTROL, KeyCode.L);
        until(() -> Shown.lookup(scene, "#flights") != null);
        dialogs.toSave.push(folder.resolve("x.pdf"));
        press(KeyCode.CONTROL, KeyCode.P);
        take("balance");
        assertEquals(Set.of(), internetSockets());
        try (var probe = new java.net.ServerSocket(0)) {
            assertTrue(probe.isBound());
            assertEquals(1, internetSockets().size(), "the check itself sees one");
        }
    }

    private static Set<String> internetSockets() throws Exception {
        Set<String> listed = new HashSet<>();
        for (String kind : List.of("tcp", "tcp6", "udp", "udp6", "raw", "raw6")) {
            Path table = Path.of("/proc/self/net", kind);
            if (Files.exists(table)) {
                Files.readAllLines(table).stream()
                        .skip(1)
                        .forEach(l -> listed.add("socket:[" + l.strip().split("\\s+")[9] + "]"));
            }
        }
        Set<String> own = new HashSet<>();
        try (var open = Files.list(Path.of("/proc/self/fd"))) {
            for (Path descriptor : open.toList()) {
                try {
                    own.add(Files.readSymbolicLink(descriptor).toString());
                } catch (java.io.IOException e) {
                    // closed meanwhile
                }
            }
        }
        own.retainAll(listed);
        return own;
    }
}
