package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.airframe.Position;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageState;
import app.drachen.core.units.Quantity;
import app.drachen.desktop.chart.StripChart;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;

/** The ledger and the finder by keyboard. */
class LedgerAndFinderTest extends WindowTest {
    private List<Node> items() throws Exception {
        return ask(() -> List.copyOf(Shown.below(Shown.lookup(scene, "#ledger"), ".item")));
    }

    private int found() throws Exception {
        return ask(
                () -> ((ListView<?>) Shown.lookup(scene, "#found")).getItems().size());
    }

    private void find(String letters) throws Exception {
        press(KeyCode.CONTROL, KeyCode.K);
        until(() -> Shown.lookup(scene, "#find") != null
                && Shown.lookup(scene, "#find").isFocused());
        write(letters);
    }

    @Test
    void enterOnAFindingMendsItAndWShowsItsWorking() throws Exception {
        open("Strandläufer", Stage.BUILD);
        Node stop = items().get(0);
        assertTrue(stop.getAccessibleText().startsWith("stop: CG is"), stop.getAccessibleText());
        act(stop::requestFocus);
        press(KeyCode.W);
        until(() -> Window.getWindows().size() > 1);
        press(KeyCode.ESCAPE);
        until(() -> Window.getWindows().size() == 1);
        act(() -> scene.getWindow().requestFocus());
        act(stop::requestFocus);
        int before = ask(() -> session.revision().number());
        press(KeyCode.ENTER);
        assertEquals(before + 1, ask(() -> session.revision().number()));
        assertEquals("Pack slid for balance", ask(() -> session.revision().reason()));
        assertTrue(items().stream().anyMatch(i -> i.getAccessibleText().startsWith("good: CG lies in the window")));
        assertEquals(StageState.STALE, state(Stage.BUILD));
    }

    /** In Modes W opens the switches; in a row of the ledger it shows the working all the same, where there is one. */
    @Test
    void wInTheLedgerIsForTheWorkingWhateverElseItDoes() throws Exception {
        open("Seeschwalbe", Stage.MODES);
        for (boolean explained : new boolean[] {true, false}) {
            Node row = ask(() -> items().stream()
                    .filter(n -> Shown.below(n, ".hyperlink").isEmpty() != explained)
                    .findFirst()
                    .orElseThrow());
            act(row::requestFocus);
            press(KeyCode.W);
            until(() -> Window.getWindows().size() > 1);
            assertEquals(explained, anywhere("working-popover").isPresent());
            press(KeyCode.ESCAPE);
            until(() -> Window.getWindows().size() == 1);
        }
    }

    @Test
    void mostUrgentFindingsStandFirst() throws Exception {
        List<String> order = List.of("stop", "stale", "caution", "open", "good");
        for (String name : List.of("Rochen", "Strandläufer", "Seeschwalbe")) {
            for (Stage stage : List.of(Stage.BUILD, Stage.THROWS, Stage.MODES, Stage.BENCH)) {
                open(name, stage);
                int last = 0;
                for (Node item : items()) {
                    int now = order.indexOf(item.getAccessibleText().split(":")[0]);
                    assertTrue(now >= last, name + " " + stage + ": " + item.getAccessibleText());
                    last = now;
                }
            }
        }
    }

    @Test
    void valuesPartsAndFindingsAreFound() throws Exception {
        open("Strandläufer", Stage.BUILD);
        find("static margin");
        // the value first, then what reckons with it
        assertEquals(List.of("value", "calculator", "calculator"), ask(() -> ((ListView<?>)
                        Shown.lookup(scene, "#found"))
                .getItems().stream().map(c -> ((Choice) c).kind().split(" ")[0]).toList()));
        press(KeyCode.ENTER);
        until(() -> Window.getWindows().size() > 1);
        press(KeyCode.ESCAPE);
        until(() -> Window.getWindows().size() == 1);
        act(() -> scene.getWindow().requestFocus());
        find("light mast");
        press(KeyCode.ENTER);
        until(() -> session.stage() == Stage.MODES);
        find("tail servos");
        press(KeyCode.ENTER);
        until(() -> session.stage() == Stage.BUILD);
    }

    @Test
    void arrowsChooseEscapeClosesAndNothingFoundIsSaid() throws Exception {
        open("Rochen", Stage.THROWS);
        find("m");
        assertTrue(found() > 5);
        press(KeyCode.DOWN);
        press(KeyCode.DOWN);
        press(KeyCode.UP);
        assertEquals(1, ask(() -> ((ListView<?>) Shown.lookup(scene, "#found"))
                .getSelectionModel()
                .getSelectedIndex()));
        write("xyzzy");
        assertEquals(0, found());
        assertTrue(ask(() -> ((Label) ((ListView<?>) Shown.lookup(scene, "#found")).getPlaceholder()).getText())
                .startsWith("Nothing by that name"));
        press(KeyCode.ESCAPE);
        until(() -> Shown.lookup(scene, "#find") == null);
        // the letters went into the finder and not to the keys of the place
        assertFalse(ask(() -> session.setup().controls().outputs().get(1).reversed()));
        assertEquals(4, ask(() -> session.revision().number()));
    }

    @Test
    void aircraftAreFoundFromTheShelf() throws Exception {
        find("see");
        press(KeyCode.ENTER);
        until(() -> session.isOpen());
        assertEquals("Seeschwalbe", ask(() -> session.setup().name()));
        assertEquals("local flights, Level", clearance());
        assertTrue(ask(() -> ((Label) Shown.lookup(scene, "#clearance-why")).getText())
                .contains("Porpoising"));
    }

    /** After an entry rows of the same form are the same and say what holds now, and the keyboard is where it was. */
    @Test
    void rowsThatSayTheSameStayAndTheKeyboardWithThem() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        for (int at = 0; at < items().size(); at += 3) {
            List<Node> before = items();
            List<String> ids = ask(() -> session.clearance().of(Stage.BUILD).stream()
                    .map(r -> r.finding().id())
                    .toList());
            int row = at;
            act(() -> before.get(row).requestFocus());
            act(this::packForward);
            List<Node> after = items();
            long same = before.stream().filter(after::contains).count();
            assertTrue(same > 0, "no row stayed");
            assertTrue(same < before.size(), "the balance is another");
            // the keyboard is on the same finding, wherever that stands now
            Node held = ask(() -> scene.getFocusOwner());
            assertTrue(after.contains(held));
            if (after.contains(before.get(row))) {
                assertSame(before.get(row), held);
            } else {
                assertEquals(ids.get(row), ask(() -> session.clearance()
                        .of(Stage.BUILD)
                        .get(after.indexOf(held))
                        .finding()
                        .id()));
            }
            assertEquals(rulings(), words(), "rows stand in the order of the rulings");
            act(session::undo);
        }
        // stale and ahead of the window either way: the same rows, by other figures
        act(this::packForward);
        List<Node> once = items();
        List<String> said = words();
        act(this::packForward);
        assertSame(once.get(0), items().get(0));
        assertNotEquals(said.get(0), words().get(0));
        assertEquals(rulings(), words());
        for (Node shown : items()) {
            List<String> labels = ask(() -> Shown.below(shown, ".label").stream()
                    .map(l -> ((Label) l).getText())
                    .toList());
            assertTrue(shown.getAccessibleText().contains(String.join(". ", labels)), labels.toString());
        }
        // in other units everything is said anew
        List<Node> metric = items();
        press(KeyCode.CONTROL, KeyCode.U);
        assertTrue(items().stream().noneMatch(metric::contains));
        press(KeyCode.CONTROL, KeyCode.U);
    }

    /** What a card adds to the ledger stays too, in its order; of a card with less on it nothing of the one before is left. */
    @Test
    void blocksOfACardStayWithTheirRows() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        List<Node> before = items();
        Node last = before.get(before.size() - 1);
        act(last::requestFocus);
        act(session::refresh);
        assertEquals(before, items());
        assertSame(last, ask(() -> scene.getFocusOwner()));
        act(() -> Shown.lookup(scene, "#maiden").requestFocus());
        press(KeyCode.C);
        List<List<String>> cards = new ArrayList<>(List.of(words()));
        for (press(KeyCode.C); !words().equals(cards.get(0)); press(KeyCode.C)) {
            cards.add(words());
            assertTrue(cards.size() < 30, "round and round");
        }
        assertTrue(cards.size() > 5, "a ledger for each card: " + cards.size());
        for (int i = 1; i < 5; i++) {
            press(KeyCode.C);
            assertEquals(cards.get(i), words(), "after the same one before, and after another");
            if (i % 3 == 0) {
                act(() -> session.go(Stage.BENCH));
                act(() -> session.go(Stage.MAIDEN));
                assertEquals(cards.get(i), words());
            }
        }
    }

    private void packForward() {
        session.edit(
                "pack forward",
                s -> s.withPart(
                        "pack",
                        p -> p.at(new Position(
                                p.position().aft() - 0.03,
                                p.position().right(),
                                p.position().up()))));
    }

    /** What the rulings of Build say, as rows are to say it. */
    private List<String> rulings() throws Exception {
        return ask(() -> session.clearance().of(Stage.BUILD).stream()
                .map(r -> r.finding())
                .map(f -> Quantity.read(f.state().label() + ": " + f.title() + ". " + f.detail(), session.units()))
                .toList());
    }

    /** Back from a debrief the logbook has the rows that it had; a debrief shows its own, and Enter the stretch of what it says now. */
    @Test
    void logbookAndDebriefKeepTheirRows() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        press(KeyCode.CONTROL, KeyCode.L);
        until(() -> items().size() > 3);
        List<Node> logbook = items();
        press(KeyCode.ENTER);
        until(() -> Shown.lookup(scene, "#debrief") != null);
        List<Node> debrief = items();
        assertTrue(debrief.stream().noneMatch(logbook::contains));
        press(KeyCode.ESCAPE);
        assertEquals(logbook, items());
        press(KeyCode.ENTER);
        assertEquals(debrief, items(), "the same debrief again");
        Node seen = debrief.stream()
                .filter(n -> !Shown.below(n, ".hyperlink").isEmpty()
                        && ((javafx.scene.control.Hyperlink)
                                        Shown.below(n, ".hyperlink").get(0))
                                .getText()
                                .startsWith("see "))
                .findFirst()
                .orElseThrow();
        StripChart strips = Shown.below(Shown.lookup(scene, "#debrief"), ".canvas-host").stream()
                .filter(StripChart.class::isInstance)
                .map(StripChart.class::cast)
                .findFirst()
                .orElseThrow();
        double middle = ask(strips::middle);
        act(seen::requestFocus);
        press(KeyCode.ENTER);
        assertNotEquals(middle, ask(strips::middle), 0.1, "the stretch of this finding");
    }

    private List<String> words() throws Exception {
        return ask(() -> Shown.below(Shown.lookup(scene, "#ledger"), ".item").stream()
                .map(Node::getAccessibleText)
                .toList());
    }

    @Test
    void everyActionOfAPlaceHasAKeyOfItsOwn() throws Exception {
        for (Stage stage : Stage.values()) {
            open("Seeschwalbe", stage);
            press(KeyCode.F1);
            until(() -> Shown.lookup(scene, "#keys") != null);
            List<String> keys = ask(() -> Shown.lookup(scene, "#keys").lookupAll(".key").stream()
                    .map(n -> ((Label) n).getText())
                    .toList());
            assertEquals(keys.stream().distinct().count(), keys.size(), stage + " " + keys);
            assertTrue(keys.contains("Ctrl Z") && keys.contains("F1"));
            press(KeyCode.ESCAPE);
            until(() -> Shown.lookup(scene, "#keys") == null);
        }
    }

    @Test
    void aMatterOfJudgementIsSetOtherwiseWithAReasonThatTheFindingQuotes() throws Exception {
        open("Seeschwalbe", Stage.MODES);
        press(KeyCode.CONTROL, KeyCode.D);
        until(() -> Shown.lookup(scene, "#judgements") != null);
        type("judgement-1", "10");
        assertTrue(notice().contains("Say why"), notice());
        int before = ask(() -> session.revision().number());
        type("reason-1", "digital radio, no drift");
        type("judgement-1", "10");
        until(() -> session.revision().number() == before + 1);
        assertEquals(10, ask(() -> session.setup().decisions().get(0).value()));
        press(KeyCode.ESCAPE);
        until(() -> Shown.below(Shown.lookup(scene, "#ledger"), ".label").stream()
                .anyMatch(n -> n instanceof Label l && l.getText().contains("because: digital radio, no drift")));
        press(KeyCode.CONTROL, KeyCode.Z);
        until(() -> session.setup().decisions().isEmpty());
    }

    @Test
    void aMissingProofIsPassedOverWithAReason() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        press(KeyCode.CONTROL, KeyCode.D);
        until(() -> Shown.lookup(scene, "#judgements") != null);
        String field = ask(() -> Shown.lookup(scene, "#judgements").lookupAll(".text-field").stream()
                .filter(n ->
                        n.getAccessibleText() != null && n.getAccessibleText().contains(ProofKind.LEVEL_FLOWN.label()))
                .findFirst()
                .orElseThrow()
                .getId());
        type(field, "Hold first, it flies itself");
        until(() -> session.setup().waiver("MAIDEN-R7").isPresent());
        type(field, " ");
        until(() -> session.setup().waivers().isEmpty());
    }

    @Test
    void aCalculatorGivesItsResultBack() throws Exception {
        open("Seeschwalbe", Stage.MODES);
        press(KeyCode.CONTROL, KeyCode.K);
        take("least circle");
        until(() -> Shown.lookup(scene, "#take") instanceof javafx.scene.control.Hyperlink);
        act(() -> ((javafx.scene.control.Hyperlink) Shown.lookup(scene, "#take")).fire());
        double radius = ask(() -> session.setup().modes().home().circleRadius());
        assertEquals(0, radius % 5, 1e-9);
        assertTrue(ask(() -> session.revision().reason()).contains("the radius of the circle"));
    }
}
