package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Stage;
import app.drachen.core.demo.DemoField;
import app.drachen.core.draft.NewAircraft;
import app.drachen.desk.work.Lane;
import app.drachen.desktop.theme.Theme;
import app.drachen.desktop.widget.Deck;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Parts of screens that would show the same are kept: what they show is what a shell made that moment shows. */
class KeptWindowTest extends WindowTest {
    /** What can be read on a node and below it, in the order in which it stands. */
    private static void read(Node node, List<String> to) {
        if ("notice".equals(node.getId()) || Deck.behind(node)) {
            return;
        }
        String about = node.getId() == null ? "" : node.getId() + ": ";
        if (node instanceof TextInputControl input) {
            to.add(about
                    + input.getText()
                    + node.getPseudoClassStates().stream()
                            .filter(s -> s.getPseudoClassName().equals("wrong"))
                            .count());
        } else if (node instanceof ComboBoxBase<?> box) {
            to.add(about + box.getValue());
        } else if (node instanceof ToggleButton toggle) {
            to.add(about + toggle.getText() + toggle.isSelected() + toggle.isDisabled());
        } else if (node instanceof CheckBox box) {
            to.add(about + box.getText() + box.isSelected());
        } else if (node instanceof Labeled label) {
            to.add(about + label.getText());
        }
        // what skins add to these comes only once they are shown
        boolean whole = node instanceof Labeled || node instanceof TextInputControl || node instanceof ComboBoxBase<?>;
        if (node instanceof Parent parent && !whole) {
            parent.getChildrenUnmodifiable().forEach(n -> read(n, to));
        }
    }

    private void asNew(String after) throws Exception {
        until(() -> desk.jobs().idle());
        until(() -> foot().contains("saved"));
        List<String> there = new ArrayList<>();
        List<String> fresh = new ArrayList<>();
        act(() -> window(scene, there));
        act(() -> {
            Scene anew = new Scene(new Shell(session).root(), 1280, 800);
            Theme.style(anew);
            anew.getRoot().applyCss();
            anew.getRoot().layout();
            window(anew, fresh);
        });
        assertTrue(there.size() > 3, after + ": " + there);
        assertEquals(told(fresh), told(there), after);
    }

    /** The stage, what the ledger says of it, and the line at the foot. */
    private void window(Scene of, List<String> to) {
        List.of("#" + place(), "#ledger", ".foot").forEach(part -> read(Shown.lookup(of, part), to));
    }

    private String place() {
        return session.stage().name().toLowerCase(java.util.Locale.ROOT);
    }

    /** What flies beside the screen may not be there yet in the new one; and something may be on its way to the disk just then. */
    private static String told(List<String> texts) {
        return texts.stream()
                .filter(t -> !t.startsWith("stick-rates"))
                .map(t -> t.replace("\u00b7 saving", "\u00b7 saved"))
                .collect(Collectors.joining("\n"));
    }

    private String foot() {
        List<String> texts = new ArrayList<>();
        read(Shown.lookup(scene, ".foot"), texts);
        return String.join("\n", texts);
    }

    /** Something is kept of which this window is not told, and drawn in between: the foot line said "saving" for good. */
    @Test
    void theFootLineLooksItselfWhetherAllIsSaved() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        CountDownLatch written = new CountDownLatch(1);
        act(session::refresh);
        until(() -> foot().contains("saved"));
        ask(() -> desk.jobs().start(Lane.KEEP, desk, r -> written.await(PATIENCE, TimeUnit.SECONDS), w -> {}, s -> {}));
        ask(() -> {
            session.refresh();
            return true;
        });
        assertTrue(ask(this::foot).contains("saving"));
        written.countDown();
        until(() -> foot().contains("saved"));
    }

    @ParameterizedTest
    @EnumSource(names = {"BUILD", "THROWS", "MODES", "BENCH", "MAIDEN"})
    void whatIsKeptIsWhatWouldBeMade(Stage stage) throws Exception {
        open("Seeschwalbe", stage);
        asNew("at first");
        act(() -> session.go(Stage.REACH));
        act(() -> session.go(stage));
        asNew("gone and come back");
        open("Rochen", stage);
        asNew("another aircraft");
        act(session::turnUnits);
        asNew("other units");
        act(() -> session.enter(DemoField.deichwiese()));
        asNew("another field");
        act(() -> session.edit(
                "slower",
                s -> s.withModes(s.modes().withLimits(s.modes().limits().withCruise(11.25)))));
        asNew("another cruise speed");
        act(() -> session.edit(
                "turned",
                s -> s.withControls(
                        s.controls().change(s.controls().surfaces().get(0).surface(), o -> o.turnedRound()
                                .withCentre(1_511)))));
        asNew("an output turned round");
        act(() -> session.edit("heavier", s -> s.withPart(s.parts().get(0).name(), p -> p.withMass(1.5 * p.mass()))));
        asNew("a heavier part");
        act(session::undo);
        asNew("undone");
        open("Seeschwalbe", stage);
        asNew("the first aircraft again");
        // at the end, for what is chosen in Build changes with it and stays chosen
        act(() -> desk.add(NewAircraft.of(NewAircraft.Kind.values()[0], "From nothing"), "new", a -> {}, s -> {}));
        until(() -> desk.shelf().stream()
                .anyMatch(a -> a.name().equals("From nothing") && a.standing().isPresent()));
        open("From nothing", stage);
        asNew("an aircraft entered from nothing");
    }

    /** Going to another stage and back costs no new rows; rows behind are not found, and what has changed meanwhile is new. */
    @Test
    void rowsOfTheLedgerStayWithTheirStage() throws Exception {
        open("Seeschwalbe", Stage.SIGNALS);
        List<Node> first = rows();
        assertTrue(first.size() > 5, first.toString());
        act(() -> session.go(Stage.MODES));
        assertTrue(rows().stream().noneMatch(first::contains), "those of another stage");
        act(() -> session.go(Stage.SIGNALS));
        assertEquals(first, rows());
        act(() -> session.go(Stage.MODES));
        act(() -> session.edit("deaf", s -> s.withSignals(s.signals().withAlarms(List.of()))));
        act(() -> session.go(Stage.SIGNALS));
        List<Node> now = rows();
        assertTrue(now.stream().anyMatch(first::contains) && !now.equals(first), "some stay, some are new");
        asNew("the alarms are gone");
    }

    private List<Node> rows() throws Exception {
        return ask(() -> Shown.below(Shown.lookup(scene, "#ledger"), ".item"));
    }

    private List<Node> fields() throws Exception {
        return ask(() -> Shown.all(scene, ".text-field").stream()
                .filter(n -> n.getId() != null && n.getId().startsWith("field-"))
                .map(Node.class::cast)
                .toList());
    }

    /** Going away and back costs no new fields; what was typed into one and not taken is gone with the next update. */
    @ParameterizedTest
    @CsvSource({"THROWS, 20", "MODES, 6", "BUILD, 3", "MAIDEN, 7"})
    void untouchedFieldsStay(Stage stage, int least) throws Exception {
        open("Seeschwalbe", stage);
        List<Node> first = fields();
        assertTrue(first.size() >= least, first.toString());
        act(() -> session.go(Stage.TUNE));
        act(() -> session.go(stage));
        List<Node> again = fields();
        assertEquals(first.size(), again.size());
        for (int i = 0; i < first.size(); i++) {
            assertSame(first.get(i), again.get(i), first.get(i).getId());
        }
        TextField field = (TextField) first.get(0);
        act(field::requestFocus);
        for (KeyCode code : List.of(KeyCode.RIGHT, KeyCode.DOWN, KeyCode.TAB)) {
            press(code);
        }
        act(session::refresh);
        assertSame(field, node(field.getId()), "keys that move about touch nothing");
        String stood = ask(field::getText);
        type(field.getId(), "nonsense");
        act(session::refresh);
        TextField anew = (TextField) node(field.getId());
        assertEquals(stood, ask(anew::getText), "nonsense does not stay as if it were so");
        assertFalse(ask(() -> anew.getPseudoClassStates().contains(PseudoClass.getPseudoClass("wrong"))));
    }

    /** Fields of the inspector show now this and now that; each time what a window made anew would show, and what is typed goes there. */
    @Test
    void fieldsOfTheInspectorAreThoseOfWhatIsChosen() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        act(() -> Shown.lookup(scene, "#build").requestFocus());
        List<Node> made = new ArrayList<>();
        Map<String, List<String>> told = new LinkedHashMap<>();
        int chosen = ask(() -> session.setup().parts().size()) + 3;
        for (int i = 0; i < chosen + 4; i++) {
            press(KeyCode.PERIOD);
            List<String> texts = new ArrayList<>();
            ask(() -> {
                read(Shown.lookup(scene, "#inspector"), texts);
                return true;
            });
            assertEquals(told.computeIfAbsent(texts.get(0), t -> texts), texts, "the second time round");
            for (Node field : fields()) {
                if (!made.contains(field)) {
                    made.add(field);
                }
            }
        }
        assertEquals(chosen, told.size(), told.keySet().toString());
        int most = told.values().stream()
                .mapToInt(t -> (int) t.stream().filter("mm"::equals).count())
                .max()
                .orElseThrow();
        assertTrue(made.size() < 2 * most, made.size() + " fields for " + most);
        String part = session.setup().parts().get(0).name();
        for (int i = 0; i < chosen && !ask(this::title).equals("Part: " + part); i++) {
            press(KeyCode.PERIOD);
        }
        double far =
                ask(() -> session.setup().part(part).orElseThrow().position().aft());
        type("field-mass", "77");
        until(() -> Math.abs(session.setup().part(part).orElseThrow().mass() - 0.077) < 1e-12);
        assertEquals(
                far,
                ask(() -> session.setup().part(part).orElseThrow().position().aft()));
    }

    /** What the first entry changes is shown while the second is being typed: nothing of that is lost, and no half of it is taken. */
    @ParameterizedTest
    @CsvSource({"THROWS", "MODES", "BUILD"})
    void whatIsBeingTypedIsNeitherLostNorTakenHalf(Stage stage) throws Exception {
        open("Seeschwalbe", stage);
        List<TextField> two = fields().stream()
                .map(TextField.class::cast)
                .filter(f -> !f.getText().isBlank())
                .limit(2)
                .toList();
        String second = two.get(1).getId();
        String stood = ask(two.get(1)::getText);
        int before = ask(() -> session.revision().number());
        ask(() -> {
            TextField first = two.get(0);
            first.requestFocus();
            first.setText(String.valueOf(Integer.parseInt(first.getText()) - 1));
            // the Tab key: the first is taken, and the hand types on
            two.get(1).requestFocus();
            two.get(1).selectAll();
            return true;
        });
        write(stood.substring(0, 1));
        settle();
        assertEquals(before + 1, ask(() -> session.revision().number()), "the first entry, and no half of the second");
        assertEquals(second, ask(() -> scene.getFocusOwner().getId()));
        write(stood.substring(1) + "0");
        settle();
        assertEquals(stood + "0", ask(() -> ((TextField) scene.getFocusOwner()).getText()));
        assertEquals(before + 1, ask(() -> session.revision().number()));
    }

    /** The same of a line of text without a unit, in a part that another change makes anew. */
    @Test
    void textThatIsBeingTypedGoesOn() throws Exception {
        open("Seeschwalbe", Stage.MODES);
        TextField bands = (TextField) node("field-bands");
        act(bands::requestFocus);
        act(bands::end);
        write(" x");
        act(() -> session.edit(
                "another guard",
                s -> s.withModes(s.modes().withSelector(s.modes().selector().wandering(Optional.of(4.0))))));
        TextField now = (TextField) node("field-bands");
        assertNotSame(bands, now);
        assertTrue(ask(now::isFocused));
        write("y");
        assertTrue(ask(() -> now.getText().endsWith(" xy")));
        press(KeyCode.ENTER);
        act(session::refresh);
        assertFalse(
                ask(() -> ((TextField) node("field-bands")).getText().endsWith("xy")),
                "what was refused does not stay");
    }

    /** A number that is being typed while the units change was meant in those that stood beside it. */
    @ParameterizedTest
    @CsvSource({"MODES, field-return-height", "BENCH, reading-height"})
    void aNumberBeingTypedIsMeantInTheUnitsBesideIt(Stage stage, String id) throws Exception {
        open("Rochen", stage);
        if (stage == Stage.BENCH) {
            act(() -> Shown.lookup(scene, "#bench").requestFocus());
            for (KeyCode key : List.of(KeyCode.X, KeyCode.T, KeyCode.F, KeyCode.COMMA)) {
                press(key);
            }
        }
        TextField field = (TextField) node(id);
        act(() -> {
            field.requestFocus();
            field.selectAll();
        });
        write("77");
        press(KeyCode.CONTROL, KeyCode.U);
        settle();
        assertEquals("253", ask(() -> ((TextField) node(id)).getText()), "77 m in feet");
        press(KeyCode.CONTROL, KeyCode.U);
        settle();
        assertEquals("77", ask(() -> ((TextField) node(id)).getText()));
    }

    private String title() {
        return ((Label) Shown.lookup(scene, "#inspector").lookup(".strong")).getText();
    }

    /** A toggle that was pressed and whose change was refused shows what is, not what was pressed. */
    @Test
    void whatWasRefusedDoesNotStay() throws Exception {
        open("Seeschwalbe", Stage.THROWS);
        ToggleButton sense = (ToggleButton) ask(() -> Shown.all(scene, ".toggle-button").stream()
                .filter(n -> n.getId() != null && n.getId().startsWith("sense-"))
                .findFirst()
                .orElseThrow());
        boolean was = ask(sense::isSelected);
        act(() -> sense.setOnAction(e -> session.tell("refused")));
        act(() -> sense.requestFocus());
        press(KeyCode.SPACE);
        assertEquals(!was, ask(sense::isSelected), "pressed");
        act(session::refresh);
        ToggleButton now = (ToggleButton) node(sense.getId());
        assertNotSame(sense, now);
        assertEquals(was, ask(now::isSelected));
    }
}
