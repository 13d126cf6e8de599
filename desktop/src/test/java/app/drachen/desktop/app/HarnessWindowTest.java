package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageState;
import app.drachen.core.draft.NewAircraft;
import app.drachen.core.harness.Boards;
import app.drachen.core.harness.Lead.Look;
import app.drachen.core.harness.Settings;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.working.Finding.State;
import app.drachen.desktop.stage.harness.HarnessDrawing;
import app.drachen.files.json.BoardJson;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The harness in the window: its faults cured by keyboard, devices dragged, boards, copies, sheets. */
class HarnessWindowTest extends WindowTest {
    private HarnessDrawing drawing;

    @BeforeEach
    void harness() throws Exception {
        open("Strandläufer", Stage.HARNESS);
        drawing = (HarnessDrawing) node("harness-drawing");
        until(() -> drawing.getLayoutBounds().getWidth() > 200);
        act(() -> drawing.requestFocus());
    }

    private HarnessSection now() throws Exception {
        return ask(() -> session.setup().harness());
    }

    private void choose(String device) throws Exception {
        for (int i = 0; i < 40 && !ask(() -> drawing.chosenDevice()).equals(device); i++) {
            press(KeyCode.PERIOD);
        }
        assertEquals(device, ask(() -> drawing.chosenDevice()));
    }

    private int channel(String moves) throws Exception {
        return ask(() -> session.setup().controls().outputs().stream()
                .filter(o -> o.surface().id().equals(moves))
                .findFirst()
                .orElseThrow()
                .channel());
    }

    /** What the demo's pilot does: four faults, each cured with keys alone, and nothing new comes up. */
    @Test
    void itsFaultsAreCuredByKeyboard() throws Exception {
        assertEquals(State.STOP, says("HARNESS-R5"));
        choose("speed controller");
        press(KeyCode.L);
        assertEquals(State.GOOD, says("HARNESS-R5"));
        assertEquals(State.STOP, says("HARNESS-R6"));
        choose("camera");
        press(KeyCode.F);
        assertEquals("picture", now().lead("camera").orElseThrow().power());
        assertEquals(State.OPEN, says("HARNESS-R6"), "what the dead servo would get cannot be told");
        assertEquals(State.STOP, says("HARNESS-R2"));
        choose("right V-tail servo");
        for (int i = 0; i < 4 && says("HARNESS-R2") != State.GOOD; i++) {
            press(KeyCode.F);
        }
        assertEquals(State.GOOD, says("HARNESS-R2"));
        assertEquals(State.GOOD, says("HARNESS-R6"));
        assertEquals(State.CAUTION, says("HARNESS-R11"));
        for (int i = 0; i < 6 && says("HARNESS-R11") != State.GOOD; i++) {
            press(KeyCode.CONTROL, KeyCode.ENTER);
        }
        assertEquals(State.GOOD, says("HARNESS-R11"));
        assertTrue(ask(() -> session.clearance().of(Stage.HARNESS).stream()
                .noneMatch(r -> r.finding().state() == State.STOP)));
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(State.CAUTION, says("HARNESS-R11"), "each was one revision");
    }

    @Test
    void aDeviceIsDraggedToAPlaceAndItsOutputFollows() throws Exception {
        assertEquals(3, channel("left-aileron"));
        drag(drawing.deviceAt("left aileron servo"), drawing.placeAt("output 4"));
        assertEquals(4, channel("left-aileron"));
        assertEquals(3, channel("right-aileron"), "who was there takes what was left");
        assertEquals(
                Look.OPEN,
                now().lead("left aileron servo").orElseThrow().checks().wiggle());
        drag(drawing.deviceAt("camera"), drawing.placeAt("port 1"));
        assertTrue(notice().contains("carries serial"), notice());
        assertEquals("picture in", now().lead("camera").orElseThrow().place());
    }

    private void drag(Optional<Point2D> from, Optional<Point2D> to) throws Exception {
        Point2D a = ask(() -> drawing.localToScreen(from.orElseThrow()));
        Point2D b = ask(() -> drawing.localToScreen(to.orElseThrow()));
        robot.moveTo(a).press(MouseButton.PRIMARY).moveTo(b).release(MouseButton.PRIMARY);
        settle();
    }

    @Test
    void aReplugIsSolvedAndAnAerialTriedByDragging() throws Exception {
        act(() -> session.edit("unplugged", s -> s.withHarness(s.harness().withLead("receiver", l -> l.at("port 4")))));
        assertEquals(State.STOP, says("HARNESS-R10"));
        act(() -> drawing.requestFocus());
        press(KeyCode.S);
        assertEquals(State.GOOD, says("HARNESS-R10"));
        press(KeyCode.A);
        Point2D at = ask(() -> drawing.aerialAt("receiver").orElseThrow());
        drag(Optional.of(at), Optional.of(new Point2D(at.getX() - 60, at.getY())));
        assertTrue(now().radio("receiver").orElseThrow().aerial().right() < 0.4);
        assertEquals(State.CAUTION, says("HARNESS-R12"), "nearer to the satellite receiver");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(State.GOOD, says("HARNESS-R12"));
    }

    /** An aircraft of one's own from nothing: begun, a figure looked up, one more device, all with keys and fields. */
    @Test
    void aHarnessOfOnesOwnIsEntered() throws Exception {
        own();
        assertEquals(State.OPEN, says("HARNESS-R16"), "typical figures are told to be typical");
        assertEquals(State.OPEN, says("HARNESS-R11"), "no band is made up");
        press(KeyCode.INSERT);
        fire("add-telemetry-sender");
        until(() -> session.setup().harness().device("telemetry sender").isPresent());
        assertTrue(now().lead("telemetry sender").orElseThrow().place().startsWith("port"));
        enter("form-band-from", "433.9");
        until(() -> session.setup().harness().radio("telemetry sender").isPresent());
        enter("form-sends-with", "100 mW");
        enter("form-most-volts", "3");
        assertTrue(notice().contains("most volts"), "refused in a sentence: " + notice());
        enter("form-pins-of-it", "gr wheel");
        assertTrue(notice().contains("wheel"), notice());
        assertEquals(
                "gr wheel", ask(() -> ((TextField) anywhere("form-pins-of-it").orElseThrow()).getText()), "it stays");
        enter("form-pins-of-it", "gr po tr re");
        assertEquals(
                "transmit",
                now().device("telemetry sender")
                        .orElseThrow()
                        .want()
                        .pins()
                        .get(2)
                        .label());
        assertEquals(0.1, now().radio("telemetry sender").orElseThrow().sends(), 1e-9);
        enter("form-name", "long link");
        assertTrue(
                now().lead("long link").isPresent() && now().radio("long link").isPresent());
    }

    private void own() throws Exception {
        act(() -> desk.add(NewAircraft.of(NewAircraft.Kind.PUSHER_VEE, "Brandgans"), "new", a -> {}, session::tell));
        open("Brandgans", Stage.HARNESS);
        assertTrue(node("harness-empty").isVisible());
        assertEquals(State.OPEN, says("HARNESS-R1"));
        act(() -> node2("harness").requestFocus());
        press(KeyCode.ENTER);
        until(() -> !session.setup().harness().devices().isEmpty());
        act(() -> node2("harness-drawing").requestFocus());
    }

    /** From nothing to a filled bow in some forty entries; what is said of each step is what the next one does. */
    @Test
    void anAircraftOfOnesOwnComesToAFilledBow() throws Exception {
        own();
        choose("receiver");
        press(KeyCode.E);
        enter("form-band-from", "868.0");
        enter("form-band-to", "868.6");
        enter("form-sends-with", "25 mW");
        enter("form-aerial-right", "460 mm");
        enter("form-serial", "R-1");
        press(KeyCode.ESCAPE);
        choose("speed controller");
        press(KeyCode.E);
        enter("form-carries", "40");
        enter("form-serial", "C-1");
        press(KeyCode.ESCAPE);
        assertEquals(State.STOP, says("HARNESS-R5"), "it usually brings a regulator of its own");
        press(KeyCode.L);
        assertEquals(State.GOOD, says("HARNESS-R5"));
        choose("motor");
        press(KeyCode.E);
        enter("form-carries", "42");
        press(KeyCode.ESCAPE);
        press(KeyCode.J);
        enter("form-gives-for-long-times-its-capacity", "25");
        press(KeyCode.G);
        enter("form-serial", "B-1");
        enter("form-software", "1.0");
        act(() -> ((javafx.scene.control.CheckBox)
                        anywhere("form-values-saved-before-it").orElseThrow())
                .fire());
        press(KeyCode.ESCAPE);
        press(KeyCode.W);
        int leads = now().leads().size();
        for (int i = 1; i <= leads; i++) {
            fire("all-good-" + i);
        }
        fire("keep-check");
        until(() -> session.situation().proven(ProofKind.HARNESS_CHECK));
        press(KeyCode.ESCAPE);
        for (int i = 0; i < 12 && state(Stage.HARNESS) != StageState.PROVEN; i++) {
            press(KeyCode.CONTROL, KeyCode.ENTER);
        }
        assertEquals(List.of(), ask(() -> session.clearance().of(Stage.HARNESS).stream()
                .filter(r -> r.finding().state() != State.GOOD)
                .map(r -> r.finding().title())
                .toList()));
        assertEquals(StageState.PROVEN, state(Stage.HARNESS));
    }

    private javafx.scene.Node node2(String id) {
        return Shown.lookup(scene, "#" + id);
    }

    @Test
    void leadsAreLookedAtAndTheCheckIsKept() throws Exception {
        press(KeyCode.W);
        fire("keep-check");
        assertTrue(notice().contains("still open"), notice());
        int leads = now().leads().size();
        for (int i = 1; i <= leads; i++) {
            fire("all-good-" + i);
        }
        enter("ohms-1", "40");
        fire("keep-check");
        until(() -> session.situation().proven(ProofKind.HARNESS_CHECK));
        assertEquals(State.GOOD, says("HARNESS-R14"));
        act(() -> session.edit("other wire", s -> s.withHarness(s.harness().withLead("camera", l -> l.ofGauge(28)))));
        assertEquals(State.OPEN, says("HARNESS-R14"), "a lead that was changed is looked at anew");
        fire("wiggle-1");
        assertEquals(Look.FAILED, now().leads().get(0).checks().wiggle());
        assertEquals(State.STOP, says("HARNESS-R14"));
    }

    @Test
    void aBoardGoesOutAndComesIn() throws Exception {
        Path file = folder.resolve("board.json");
        dialogs.toSave.add(file);
        press(KeyCode.G);
        fire("board-write-it-");
        until(() -> Files.exists(file));
        assertEquals(Boards.kiebitz(), BoardJson.read(file));
        fire("board-brachvogel-");
        until(() -> session.setup().harness().board().name().equals("Brachvogel 8"));
        assertEquals(List.of(), ask(() -> Wiring.of(session.setup()).unplugged()));
        dialogs.toOpen.add(List.of(file));
        fire("board-read-a-profile-");
        until(() -> session.setup().harness().board().name().equals("Kiebitz 6"));
        Path broken = Files.writeString(folder.resolve("broken.json"), "{\"format\": \"drachen-board\"}");
        dialogs.toOpen.add(List.of(broken));
        fire("board-read-a-profile-");
        assertTrue(notice().contains("broken.json"), notice());
        enter("form-software", "4.0");
        assertEquals("4.0", now().care().version());
        assertFalse(now().care().copied(), "a new version has no copy before it yet");
    }

    @Test
    void copiesOfValuesAreReadAndCompared() throws Exception {
        Path file = Files.writeString(
                folder.resolve("values.txt"),
                "# version 3.3\nreturn_height_m 80\npack_cells 4\nodd\n",
                StandardCharsets.UTF_8);
        dialogs.toOpen.add(List.of(file));
        press(KeyCode.V);
        assertEquals("", ((TextField) anywhere("settings-reason").orElseThrow()).getText());
        act(() -> ((TextField) anywhere("settings-reason").orElseThrow()).setText("four cells"));
        readCopy();
        // once the revision is kept the panel is filled again, and what differs is still there to read
        until(() -> session.desk().saved());
        assertTrue(told("settings-rows").contains("return_height_m"), told("settings-rows"));
        assertTrue(told("settings-rows").contains("values differ"), told("settings-rows"));
        Settings kept = now().settings().orElseThrow();
        assertEquals("3.3", kept.version());
        assertEquals(2, kept.values().size());
        assertTrue(notice().contains("Line 4"), notice());
        assertTrue(ask(() -> session.revision().reason()).contains("four cells"));
        act(session::undo);
        until(() -> session.desk().saved());
        assertFalse(told("settings-rows").contains("values differ"), "the copy that differed is not kept any more");
        act(session::redo);
        until(() -> session.desk().saved());
        TextField reason = (TextField) anywhere("settings-reason").orElseThrow();
        assertEquals("", reason.getText(), "said once");
        act(() -> reason.setText("new pack"));
        act(() -> session.edit("elsewhere", s -> s.withName("Strandläufer 2")));
        until(() -> session.desk().saved());
        assertEquals("new pack", ((TextField) anywhere("settings-reason").orElseThrow()).getText());
        press(KeyCode.ESCAPE);
        press(KeyCode.V);
        assertEquals("", ((TextField) anywhere("settings-reason").orElseThrow()).getText());
        assertFalse(told("settings-rows").contains("differ"), "opened again it lists the values");
        press(KeyCode.ESCAPE);
        act(() -> session.edit("none", s -> s.withHarness(s.harness().withSettings(Optional.empty()))));
        press(KeyCode.V);
        dialogs.toOpen.add(List.of(file));
        readCopy();
        until(() -> session.desk().saved());
        assertTrue(told("settings-rows").contains("pack_cells   4"), "a first copy is listed: nothing was compared");
        dialogs.toOpen.add(List.of(file));
        readCopy();
        assertTrue(told("settings-rows").contains("No value differs"), "the same copy again");
    }

    private void readCopy() throws Exception {
        act(() -> anywhere("settings-form").orElseThrow().lookupAll(".button").stream()
                .filter(b -> ((javafx.scene.control.Button) b).getText().startsWith("Read"))
                .forEach(b -> ((javafx.scene.control.Button) b).fire()));
    }

    private String told(String id) throws Exception {
        return ask(() -> anywhere(id).orElseThrow().lookupAll(".label").stream()
                .map(l -> ((javafx.scene.control.Label) l).getText())
                .collect(java.util.stream.Collectors.joining("\n")));
    }

    /** Level reads level, nose up reads nose down, right reads left: the arrow points aft. */
    @Test
    void threeTiltsTellTheTurn() throws Exception {
        press(KeyCode.T);
        enter("form-shows-roll-level", "0");
        enter("form-shows-pitch-level", "0");
        enter("form-shows-roll-nose", "0");
        enter("form-shows-pitch-nose", "-30");
        enter("form-shows-roll-wing", "-30");
        enter("form-shows-pitch-wing", "0");
        enter("form-shows-roll-wing", "-60");
        assertFalse(anywhere("keep-turn").isPresent(), "figures that do not agree are not kept");
        enter("form-shows-roll-wing", "-30");
        fire("keep-turn");
        until(() -> session.setup().mount().mountedQuarterTurns() == 2);
        assertEquals(State.CAUTION, says("HARNESS-R15"));
        assertEquals(StageState.STOPPED, state(Stage.BENCH), "and the bench knows it too");
    }

    @Test
    void theSheetIsPrintedAndTheInstallListTicked() throws Exception {
        Path sheet = folder.resolve("harness.pdf");
        dialogs.toSave.add(sheet);
        press(KeyCode.P);
        until(() -> Files.exists(sheet));
        assertEquals(
                "%PDF", Files.readString(sheet, StandardCharsets.ISO_8859_1).substring(0, 4));
        assertTrue(dialogs.suggested.contains("Strandläufer harness.pdf"));
        press(KeyCode.I);
        act(() -> ((javafx.scene.control.CheckBox) anywhere("install-0").orElseThrow()).fire());
        assertFalse(now().installed().contains("old"));
        press(KeyCode.ESCAPE);
        press(KeyCode.J);
        act(() -> ((ComboBox<?>) anywhere("form-joined").orElseThrow())
                .getSelectionModel()
                .select(2));
        assertEquals(State.OPEN, says("HARNESS-R8"), "two packs to be joined, and one is entered");
    }

    @Test
    void waysAreComparedAndTaken() throws Exception {
        open("Seeschwalbe", Stage.HARNESS);
        act(() -> node2("harness-drawing").requestFocus());
        press(KeyCode.C);
        fire("take-separate");
        until(() -> session.setup().harness().device("separate regulator").isPresent());
        assertTrue(now().lead("speed controller").orElseThrow().lifted());
        assertEquals(State.GOOD, says("HARNESS-R5"));
        assertEquals(State.OPEN, says("HARNESS-R16"), "its figures are typical of its kind");
        fire("take-wing-tips");
        until(() -> session.setup().harness().radio("receiver").orElseThrow().filter());
        act(() -> node2("harness-drawing").requestFocus());
        press(KeyCode.R);
        until(() ->
                anywhere("rail-trace").isPresent() && !anywhere("schools-form").isPresent());
    }

    /** Another aircraft is opened while a form is open: what is typed belongs to the one that is shown. */
    @Test
    void aFormFollowsTheAircraftThatIsOpen() throws Exception {
        choose("receiver");
        press(KeyCode.E);
        open("Rochen", Stage.HARNESS);
        enterIfThere("form-serial", "R-7");
        Setup strand = hangar.current(idOf("Strandläufer")).setup();
        assertEquals(
                "D-0417",
                strand.harness().device("receiver").orElseThrow().care().serial());
    }

    private void enterIfThere(String id, String text) throws Exception {
        if (ask(() -> anywhere(id).isPresent())) {
            enter(id, text);
        }
    }
}
