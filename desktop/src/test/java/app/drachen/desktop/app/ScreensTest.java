package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.airframe.Tail;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageState;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.RadioSwitch;
import app.drachen.core.modes.SelectorKind;
import app.drachen.core.stages.Kits;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Desk;
import app.drachen.desk.Session;
import app.drachen.desktop.chart.StripChart;
import app.drachen.desktop.screen.Screen;
import app.drachen.files.hangar.Hangar;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;

/** Each screen used by mouse and keys in a real window. */
class ScreensTest extends WindowTest {
    private Point2D onScreen(Node node, double shareX, double shareY) throws Exception {
        return ask(() -> {
            var b = node.getLayoutBounds();
            return node.localToScreen(b.getMinX() + shareX * b.getWidth(), b.getMinY() + shareY * b.getHeight());
        });
    }

    private List<String> texts(String id) throws Exception {
        return ask(() -> Shown.lookup(scene, "#" + id).lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .toList());
    }

    @Test
    void aPartIsDraggedOnTheDrawingAndUndone() throws Exception {
        open("Strandläufer", Stage.BUILD);
        Node drawing = node("build-drawing");
        until(() -> drawing.getLayoutBounds().getWidth() > 200);
        double before =
                ask(() -> session.setup().packPart().orElseThrow().position().aft());
        int revision = ask(() -> session.revision().number());
        // find the pack: the drawing is centred, the pack lies on the middle line
        Point2D pack = packOnScreen(drawing);
        robot.drag(pack, MouseButton.PRIMARY).dropTo(pack.getX(), pack.getY() - 15);
        // it is written beside the interface
        until(() -> session.revision().number() == revision + 1);
        double after =
                ask(() -> session.setup().packPart().orElseThrow().position().aft());
        assertTrue(after < before - 0.01, before + " → " + after);
        assertEquals(revision + 1, ask(() -> session.revision().number()), "one drag, one revision");
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(
                before,
                ask(() -> session.setup().packPart().orElseThrow().position().aft()));
    }

    /** Goes down the middle line until a press chooses the pack. */
    private Point2D packOnScreen(Node drawing) throws Exception {
        for (double y = 0.10; y < 0.5; y += 0.01) {
            Point2D at = onScreen(drawing, 0.5, y);
            robot.clickOn(at);
            if (texts("inspector").contains("Part: pack")) {
                return at;
            }
        }
        throw new AssertionError("no pack on the middle line");
    }

    @Test
    void workingsOpenByClickAndCanBeCopied() throws Exception {
        open("Strandläufer", Stage.BUILD);
        Node row = ask(() -> Shown.all(scene, ".row").stream()
                .filter(n -> n.getAccessibleText().startsWith("Static margin"))
                .findFirst()
                .orElseThrow());
        act(row::requestFocus);
        press(KeyCode.ENTER);
        until(() -> Window.getWindows().size() > 1);
        Node popover = ask(() -> Window.getWindows().stream()
                .map(w -> Shown.lookup(w.getScene(), "#working-popover"))
                .filter(n -> n != null)
                .findFirst()
                .orElseThrow());
        String shown = ask(() -> popover.lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .reduce("", (a, b) -> a + "\n" + b));
        assertTrue(shown.contains("SM = (neutral point − CG)/c̄") && shown.contains("Etkin"), shown);
        press(KeyCode.SPACE);
        String copied = ask(() -> Clipboard.getSystemClipboard().getString());
        assertTrue(copied.startsWith("Static margin = ") && copied.contains("BUILD-A4"), copied);
        press(KeyCode.ESCAPE);
        until(() -> Window.getWindows().size() == 1);
    }

    /** Switches are entered in Modes; arming on the channel of the modes stops. */
    @Test
    void switchesAreEnteredAndArmingKeepsItsOwnChannel() throws Exception {
        open("Seeschwalbe", Stage.MODES);
        until(() -> Shown.lookup(scene, "#modes") != null);
        press(KeyCode.W);
        until(() -> anywhere("switch-panel").isPresent());
        fire("switch-add");
        until(() -> session.setup().modes().switches().size() == 3);
        until(() -> anywhere("switch-does-2").isPresent());
        act(() -> {
            TextField does = (TextField) anywhere("switch-does-2").orElseThrow();
            does.setText("off / half / full");
            does.fireEvent(new javafx.event.ActionEvent());
        });
        until(() -> session.setup().modes().switches().get(2).positions().equals(List.of("off", "half")));
        act(() -> session.edit(
                "shared",
                s -> s.withModes(s.modes()
                        .withSwitches(s.modes().switches().stream()
                                .map(w -> new RadioSwitch(w.name(), 5, w.kind(), w.use(), w.positions()))
                                .toList()))));
        assertEquals("bench work, no power", clearance());
        fire("switch-gone-0");
        until(() -> session.setup().modes().switches().size() == 2);
        robot.push(KeyCode.ESCAPE);
        until(() -> anywhere("switch-panel").isEmpty());
    }

    @Test
    void weighingByTypedReadings() throws Exception {
        open("Strandläufer", Stage.BUILD);
        press(KeyCode.B);
        double listed = ask(() -> session.setup().massProperties().mass());
        type("field-front-reading", "640 g");
        // what changes meanwhile, here or in another window, takes no reading away
        act(() -> session.edit(
                "slower",
                s -> s.withModes(s.modes().withLimits(s.modes().limits().withCruise(11.25)))));
        act(session::refresh);
        assertEquals("640", ask(() -> ((TextField) Shown.lookup(scene, "#field-front-reading")).getText()));
        type("field-rear-reading", "600 g");
        assertEquals("field-rear-reading", ask(() -> scene.getFocusOwner().getId()));
        act(() -> ((ButtonBase) Shown.lookup(scene, "#keep-weighing")).fire());
        until(() -> session.situation().proof(ProofKind.WEIGHING).isPresent());
        var proof = ask(() -> session.situation().proof(ProofKind.WEIGHING).orElseThrow());
        assertEquals(1.240, proof.values().get("mass"), 1e-9);
        assertEquals(Evidence.REAL, proof.evidence());
        assertTrue(ask(() -> session.situation().fresh(proof)), "it is proven as it stands now");
        // weighed beats computed, everywhere downstream; the scale is believed until a part moves, then carried along
        assertEquals(1.240, ask(() -> session.setup().massProperties().mass()), 1e-9);
        assertEquals(
                proof.values().get("centre"),
                ask(() -> session.setup().massProperties().centre().aft()),
                1e-9);
        act(() -> session.edit("lighter", s -> s.withPart("camera", p -> p.withMass(p.mass() + 0.010))));
        assertEquals(1.250, ask(() -> session.setup().massProperties().mass()), 1e-9);
        // accepting the parts list takes the weighing back
        act(() -> Shown.lookup(scene, "#build-drawing").requestFocus());
        press(KeyCode.A);
        until(() -> session.setup().build().measured().isEmpty());
        assertEquals(listed + 0.010, ask(() -> session.setup().massProperties().mass()), 1e-9);
        press(KeyCode.ESCAPE);
        // and none is shown of another aircraft
        act(() -> Shown.lookup(scene, "#build-drawing").requestFocus());
        press(KeyCode.B);
        type("field-front-reading", "640 g");
        open("Rochen", Stage.BUILD);
        assertEquals(
                Quantity.MASS.number(session.setup().massProperties().mass() / 2, session.units()),
                ask(() -> ((TextField) Shown.lookup(scene, "#field-front-reading")).getText()));
    }

    @Test
    void partsComeAndGoAndTailsChangeInPlace() throws Exception {
        open("Strandläufer", Stage.BUILD);
        int parts = ask(() -> session.setup().parts().size());
        press(KeyCode.INSERT);
        press(KeyCode.ENTER);
        assertEquals(parts + 1, ask(() -> session.setup().parts().size()));
        act(() -> Shown.lookup(scene, "#build-drawing").requestFocus());
        press(KeyCode.DELETE);
        assertEquals(parts, ask(() -> session.setup().parts().size()));
        // the tail is chosen on the drawing and changed in its list
        for (int i = 0; i < 30 && !texts("inspector").contains("Tail"); i++) {
            press(KeyCode.COMMA);
        }
        act(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<Object> kind =
                    (ComboBox<Object>) Shown.lookup(scene, "#inspector").lookup(".combo-box");
            kind.setValue(kind.getItems().get(0));
        });
        assertTrue(ask(() -> session.setup().airframe().tail() instanceof Tail.Conventional));
        assertEquals(StageState.STOPPED, state(Stage.THROWS), "the outputs are still a V-tail's");
        act(() -> session.go(Stage.THROWS));
        press(KeyCode.CONTROL, KeyCode.ENTER);
        assertNotEquals(StageState.STOPPED, state(Stage.THROWS), "and are made anew by one key");
        press(KeyCode.CONTROL, KeyCode.Z);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertTrue(ask(() -> session.setup().airframe().tail() instanceof Tail.Vee));
    }

    @Test
    void sticksAreDraggedAndTheMixerTyped() throws Exception {
        open("Seeschwalbe", Stage.THROWS);
        Node pad = ask(() -> Shown.lookup(scene, "#throws").lookupAll(".canvas").stream()
                .filter(n ->
                        n.getAccessibleText() != null && n.getAccessibleText().contains("roll"))
                .findFirst()
                .orElse(null));
        if (pad == null) {
            pad = ask(() -> find(Shown.lookup(scene, "#throws"), "Stick for roll and pitch"));
        }
        Node found = pad;
        robot.drag(onScreen(found, 0.5, 0.45), MouseButton.PRIMARY).dropTo(onScreen(found, 0.8, 0.45));
        quiet();
        Node behind = ask(() -> find(Shown.lookup(scene, "#throws"), "Left aileron as wanted"));
        assertTrue(ask(() -> behind.getAccessibleText().contains("Rudder as wanted")));
        type("field-elevator-pitch-share", "80");
        assertEquals(
                0.8, ask(() -> session.setup().controls().outputs().get(2).mix().pitch()), 1e-9);
        assertEquals(StageState.STOPPED, state(Stage.THROWS), "a positive pitch share lowers the elevator");
        assertTrue(ask(() -> find(Shown.lookup(scene, "#throws"), "Left aileron as wanted")) != null);
        press(KeyCode.CONTROL, KeyCode.ENTER);
        assertEquals(
                -0.8,
                ask(() -> session.setup().controls().outputs().get(2).mix().pitch()),
                1e-9);
        type("field-elevator-centre", "9999");
        assertTrue(notice().contains("centre"), notice());
        assertEquals(1500, ask(() -> session.setup().controls().outputs().get(2).centreMicros()), 1e-9);
    }

    private static Node find(Node root, String accessible) {
        if (root.getAccessibleText() != null && root.getAccessibleText().startsWith(accessible)) {
            return root;
        }
        if (root instanceof javafx.scene.Parent parent) {
            for (Node child : parent.getChildrenUnmodifiable()) {
                Node found = find(child, accessible);
                if (found != null) {
                    return found;
                }
            }
        }
        return null;
    }

    @Test
    void modesAreChosenDraggedAndSolved() throws Exception {
        open("Strandläufer", Stage.MODES);
        double height = ask(() -> session.setup().modes().home().height());
        act(() -> Shown.lookup(scene, "#modes").requestFocus());
        press(KeyCode.C);
        assertTrue(ask(() -> session.setup().modes().home().climbFirst()));
        press(KeyCode.EQUALS);
        assertEquals(height + 5, ask(() -> session.setup().modes().home().height()));
        press(KeyCode.UP);
        assertEquals(
                40, Math.toDegrees(ask(() -> session.setup().modes().limits().bank())), 1e-9);
        type("field-bands", "800 Manual 1300 Level 1700 Home 2200");
        assertEquals(3, ask(() -> session.setup().modes().selector().bands().size()));
        assertEquals(StageState.STOPPED, state(Stage.MODES), "six positions do not fit three modes");
        type("field-bands", "800 Manual 1300 Looping 1700");
        assertTrue(notice().contains("Looping"), notice());
        act(() -> ((ComboBox<?>) Shown.lookup(scene, "#selector-kind"))
                .getSelectionModel()
                .select(1));
        assertEquals(
                SelectorKind.THREE, ask(() -> session.setup().modes().selector().kind()));
        assertTrue(ask(() -> session.setup().modes().selector().givesWhatIsWanted()));
        act(() -> ((ComboBox<?>) Shown.lookup(scene, "#selector-kind"))
                .getSelectionModel()
                .select(0));
        assertEquals(
                List.of(FlightMode.MANUAL, FlightMode.HOME),
                ask(() -> session.setup().modes().selector().wanted()));
        Node way = ask(() -> find(Shown.lookup(scene, "#modes"), "Way home"));
        robot.drag(onScreen(way, 0.4, 0.5), MouseButton.PRIMARY).dropTo(onScreen(way, 0.4, 0.4));
        until(() -> session.setup().modes().home().height() != height + 5);
    }

    @Test
    void theRealAircraftIsAnsweredByKeyAndClickAndAHiddenFaultIsPractice() throws Exception {
        open("Seeschwalbe", Stage.BENCH);
        act(() -> Shown.lookup(scene, "#bench").requestFocus());
        press(KeyCode.X);
        int proofs = ask(() -> session.situation().proofs().size());
        press(KeyCode.H);
        until(() -> notice().startsWith("The stand-in board hides a fault"));
        press(KeyCode.SPACE);
        assertEquals(proofs, ask(() -> session.situation().proofs().size()), "practice is no evidence");
        press(KeyCode.V);
        assertTrue(notice().startsWith("It hid: "), notice());
        press(KeyCode.T);
        // answers of the first question by key: left aileron down, right up, elevator and rudder still
        press(KeyCode.J);
        press(KeyCode.U);
        press(KeyCode.N);
        press(KeyCode.N);
        assertTrue(
                ask(() -> Shown.lookup(scene, "#answer-0-elevator-STILL") instanceof javafx.scene.control.ToggleButton b
                        && b.isSelected()));
        assertEquals(proofs, ask(() -> session.situation().proofs().size()), "half a check is no proof");
        robot.clickOn("#answer-1-left-aileron-DOWN");
        quiet();
        String all = ask(() -> Shown.lookup(scene, "#bench").lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .reduce("", (a, b) -> a + "\n" + b));
        assertTrue(all.contains("Roll stick left: left aileron must go up; it goes down."), all);
        settle();
        assertEquals(StageState.STOPPED, state(Stage.BENCH), "a wrong answer of the real aircraft counts at once");
        assertEquals(
                1,
                ask(() -> session.situation().proofs().stream()
                        .skip(proofs)
                        .filter(p -> p.kind() == app.drachen.core.clearance.ProofKind.STICK_TO_SURFACE)
                        .count()),
                "and once");
    }

    /** One cause after another is blamed until the right one is found; what was false is counted. */
    @Test
    void aHiddenFaultIsFoundByBlamingCauses() throws Exception {
        open("Seeschwalbe", Stage.BENCH);
        act(() -> Shown.lookup(scene, "#bench").requestFocus());
        press(KeyCode.X);
        press(KeyCode.H);
        until(() -> notice().startsWith("The stand-in board hides a fault"));
        press(KeyCode.SPACE);
        int causes = 0;
        for (int i = 0; i < 90 && !notice().startsWith("Right: "); i++) {
            press(KeyCode.B);
            until(() -> anywhere("blame-list").isPresent());
            act(() -> ((javafx.scene.control.ListView<?>) anywhere("blame-list").orElseThrow())
                    .getSelectionModel()
                    .select(0));
            act(() -> ((javafx.scene.control.TextField) anywhere("blame-narrow").orElseThrow())
                    .getOnAction()
                    .handle(new javafx.event.ActionEvent()));
            causes++;
        }
        assertTrue(notice().contains("1 of 1 found, 1 card, " + (causes - 1) + " false blames"), notice());
        press(KeyCode.SPACE);
        until(() -> notice().isEmpty() || !notice().startsWith("Right"));
        assertTrue(ask(() -> session.situation().proven(app.drachen.core.clearance.ProofKind.STICK_TO_SURFACE)));
    }

    @Test
    void aRehearsalRunsHoldsChangesModeBreaksOffAndLands() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        act(() -> Shown.lookup(scene, "#maiden").requestFocus());
        press(KeyCode.ENTER);
        assertTrue(notice().contains("rehearse the card first"), notice());
        press(KeyCode.B);
        assertTrue(notice().contains("Nothing is flying"), notice());
        for (int i = 0; i < 4; i++) {
            press(KeyCode.EQUALS);
        }
        press(KeyCode.SPACE);
        until(() -> !((Label) Shown.lookup(scene, "#clock")).getText().startsWith("0:0"));
        press(KeyCode.DIGIT2);
        until(() -> ((Label) Shown.lookup(scene, "#rehearsal-state")).getText().startsWith("Level"));
        press(KeyCode.SPACE);
        until(() -> ((Label) Shown.lookup(scene, "#rehearsal-state")).getText().contains("held"));
        String held = ask(() -> ((Label) Shown.lookup(scene, "#clock")).getText());
        press(KeyCode.DIGIT1);
        press(KeyCode.B);
        assertEquals(
                held, ask(() -> ((Label) Shown.lookup(scene, "#clock")).getText()), "time stands while it is held");
        int flights =
                ask(() -> hangar.logbook().flights(session.aircraft().id()).size());
        press(KeyCode.END);
        until(() -> ((Label) Shown.lookup(scene, "#rehearsal-state")).getText().contains("debrief"));
        until(() -> hangar.logbook().flights(session.aircraft().id()).size() == flights + 1);
        until(() -> {
            robot.push(KeyCode.ENTER);
            return Shown.lookup(scene, "#debrief") != null;
        });
        // zoom, pan, next mode, whole
        Node strips = node("strips");
        robot.moveTo(onScreen(strips, 0.5, 0.5));
        robot.scroll(3, javafx.geometry.VerticalDirection.UP);
        press(KeyCode.RIGHT);
        press(KeyCode.M);
        press(KeyCode.DIGIT0);
        assertTrue(
                ask(() -> Shown.below(Shown.lookup(scene, "#ledger"), ".item").size()) >= 6, "every check is listed");
        // a finding shows its place in the strips, by its link and by Enter
        StripChart chart = (StripChart) strips;
        double whole = ask(chart::middle);
        List<Hyperlink> links = ask(() -> Shown.below(Shown.lookup(scene, "#ledger"), ".hyperlink").stream()
                .map(n -> (Hyperlink) n)
                .filter(l -> l.getText().startsWith("see "))
                .toList());
        Hyperlink see = null;
        double seen = whole;
        for (Hyperlink link : links) {
            act(link::fire);
            double now = ask(chart::middle);
            if (Math.abs(now - whole) > 1) {
                see = link;
                seen = now;
            }
        }
        assertTrue(see != null, "no finding leads away from the middle of the flight: " + links);
        Node item = see.getParent().getParent().getParent();
        act(chart::whole);
        act(item::requestFocus);
        press(KeyCode.ENTER);
        assertEquals(seen, ask(chart::middle), 1e-9);
        press(KeyCode.ESCAPE);
        until(() -> Shown.lookup(scene, "#maiden") != null);
    }

    @Test
    void unitsTurnOnEveryScreen() throws Exception {
        open("Strandläufer", Stage.BUILD);
        assertTrue(texts("build").contains("27.4\u00a0dm²"), "metric first");
        press(KeyCode.CONTROL, KeyCode.U);
        List<String> imperial = texts("build");
        assertTrue(imperial.stream().anyMatch(t -> t.endsWith("in²")), imperial.toString());
        assertTrue(imperial.stream().noneMatch(t -> t.matches(".*\\d\u00a0(mm|dm²|g|m/s)")), imperial.toString());
        for (Stage stage : List.of(Stage.BUILD, Stage.THROWS, Stage.MODES, Stage.BENCH, Stage.MAIDEN)) {
            act(() -> session.go(stage));
            List<String> shown = ask(() -> Shown.all(scene, ".label").stream()
                    .map(n -> ((Label) n).getText() == null ? "" : ((Label) n).getText())
                    .toList());
            assertTrue(shown.stream().noneMatch(t -> t.contains("\u27e6")), shown.toString());
            assertTrue(shown.stream().noneMatch(t -> t.matches("(?s).*\\d\u00a0(mm|m|m/s)\\b.*")), stage + " " + shown);
            assertTrue(
                    ask(() -> Shown.below(Shown.lookup(scene, "#ledger"), ".item")
                                    .size())
                            > 0,
                    stage.label());
        }
        TextField wind = (TextField) node("field-wind");
        assertEquals("7.8", ask(wind::getText), "3.5 m/s are 7.8 mph");
        act(() -> {
            try (Hangar again = Hangar.openToRead(hangar.file())) {
                assertEquals("IMPERIAL", again.setting("units").orElseThrow());
            }
        });
    }

    @Test
    void stagesWithoutInstrumentsSaySo() throws Exception {
        for (Stage stage : Stage.values()) {
            open("Rochen", stage);
            if (!Kits.of(stage).hasInstruments()) {
                assertTrue(texts("later").contains(stage.withoutInstruments()), stage.label());
                assertEquals(StageState.OPEN, state(stage));
            }
        }
    }

    @Test
    void anEmptyHangarTeachesTheFirstStep() throws Exception {
        var empty = folder.resolve("empty.drachen");
        try (Desk none =
                new Desk(Hangar.open(empty), Screen.jobs(unforeseen::add), Screen.LATER, java.time.Clock.systemUTC())) {
            act(() -> {
                var session = new Session(none);
                scene.setRoot(new Shell(session).root());
                none.load(session::tell);
            });
            until(() -> none.loaded());
            assertTrue(texts("hangar").stream().anyMatch(t -> t.startsWith("No aircraft yet.")));
            press(KeyCode.ENTER);
            press(KeyCode.RIGHT);
            assertFalse(notice().contains("Exception"));
            // no field of an aircraft that is not there takes the key
            press(KeyCode.N);
            take("new flying wing");
            until(() -> none.shelf().size() == 1);
        }
    }
}
