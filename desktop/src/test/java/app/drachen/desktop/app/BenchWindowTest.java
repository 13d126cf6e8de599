package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.bench.BenchCards;
import app.drachen.core.bench.CardId;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The bench in its window: cards answered by the stand-in, by typing, by pasting; faults found by ruling out causes. */
class BenchWindowTest extends WindowTest {
    private Optional<Proof> proof(ProofKind kind) throws Exception {
        return ask(() -> session.situation().proof(kind));
    }

    private void atTheBench(String aircraft) throws Exception {
        open(aircraft, Stage.BENCH);
        act(() -> Shown.lookup(scene, "#bench").requestFocus());
        press(KeyCode.X);
    }

    private String said() throws Exception {
        return ask(() -> Shown.below(Shown.lookup(scene, "#bench"), ".label").stream()
                .map(n -> ((Label) n).getText())
                .collect(Collectors.joining("\n")));
    }

    @Test
    void theStandInAnswersEveryCardAndSaysItIsOnPaper() throws Exception {
        atTheBench("Strandläufer");
        press(KeyCode.A);
        until(() -> notice().startsWith("The stand-in has answered every card"));
        settle();
        for (CardId id : BenchCards.of(ask(() -> session.setup())).stream()
                .map(c -> c.id())
                .toList()) {
            Proof kept = proof(app.drachen.core.stages.bench.BenchProofs.of(id)).orElseThrow();
            assertEquals(Evidence.STAND_IN, kept.evidence(), id.title());
        }
        assertFalse(proof(ProofKind.PROPELLER_OFF).isPresent(), "the stand-in has no propeller");
        assertFalse(said().contains("\u27e6"), "every number is told in the pilot's units");
    }

    @Test
    void theRealAircraftsReadingsAreTypedPastedAndJudged() throws Exception {
        atTheBench("Rochen");
        press(KeyCode.T);
        // level: typed, one reading after the other
        act(() -> Shown.lookup(scene, "#bench").requestFocus());
        while (!said().contains("Aircraft in flight attitude")) {
            press(KeyCode.PERIOD);
        }
        type("reading-roll", "0.4");
        assertFalse(proof(ProofKind.LEVEL_AT_REST).isPresent(), "half a card is no proof");
        type("reading-pitch", "95");
        assertTrue(notice().contains("Pitch shown"), notice());
        type("reading-pitch", "2.6");
        settle();
        Proof level = proof(ProofKind.LEVEL_AT_REST).orElseThrow();
        assertFalse(level.passed(), "2.6° are too much");
        assertEquals(Evidence.REAL, level.evidence());
        type("reading-pitch", "-0.6");
        settle();
        assertTrue(proof(ProofKind.LEVEL_AT_REST).orElseThrow().passed());
        // six faces: pasted as a column; too many are refused as a whole, a word in between too
        act(() -> Shown.lookup(scene, "#bench").requestFocus());
        press(KeyCode.DIGIT6);
        Map<String, Double> sound = BenchCards.answered(CardId.SIX_FACES, ask(() -> session.setup()), 3);
        String column = sound.values().stream()
                .limit(19)
                .map(v -> String.format("%.3f", v))
                .collect(Collectors.joining("\n"));
        copy(column.replaceFirst("\n", "\nabc\n"));
        press(KeyCode.SHIFT, KeyCode.P);
        until(() -> notice().startsWith("Word 2"));
        copy(column);
        press(KeyCode.SHIFT, KeyCode.P);
        until(() -> notice().startsWith("19 readings taken"));
        settle();
        assertTrue(proof(ProofKind.SIX_FACES).orElseThrow().passed());
        assertTrue(said().contains("What is left over"), said());
        // with the pack in, the first answer of the real aircraft also says that the propeller was off
        long saidOff = propellerOff();
        press(KeyCode.F);
        press(KeyCode.COMMA);
        until(() -> said().contains("Say at which height Home flies"));
        type("reading-height", "24");
        settle();
        assertTrue(said().contains("feet against metres?"), said());
        assertFalse(proof(ProofKind.HOME_HEIGHT).orElseThrow().passed(), "a wrong answer counts at once");
        assertEquals(saidOff + 1, propellerOff());
    }

    /** Typed and not yet taken when another card is clicked: it belongs to the card that asked for it. */
    @Test
    void whatIsBeingTypedIsTakenForTheCardThatAsked() throws Exception {
        atTheBench("Rochen");
        press(KeyCode.T);
        press(KeyCode.F);
        press(KeyCode.COMMA);
        until(() -> said().contains("Say at which height Home flies"));
        act(() -> {
            TextField field = (TextField) Shown.lookup(scene, "#reading-height");
            field.requestFocus();
            field.setText("24");
        });
        assertFalse(proof(ProofKind.HOME_HEIGHT).filter(p -> !p.passed()).isPresent());
        // the first card of the line, by the mouse: the keyboard is still in the field
        robot.clickOn(ask(() -> Shown.lookup(scene, "#card-line").localToScreen(90, 22)));
        settle();
        assertFalse(said().contains("Say at which height Home flies"), said());
        assertFalse(proof(ProofKind.HOME_HEIGHT).orElseThrow().passed(), "24 is a wrong answer to that card");
        press(KeyCode.F);
        press(KeyCode.COMMA);
        assertEquals("24", ask(() -> ((TextField) Shown.lookup(scene, "#reading-height")).getText()));
    }

    private long propellerOff() throws Exception {
        return ask(() -> session.situation().proofs().stream()
                .filter(p -> p.kind() == ProofKind.PROPELLER_OFF)
                .count());
    }

    private void copy(String text) throws Exception {
        act(() -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text);
            Clipboard.getSystemClipboard().setContent(content);
        });
    }

    /** Hidden faults, one after the other, found by a newcomer: every card is run, the one cause that is left is blamed. */
    @Test
    void hiddenFaultsAreFoundByKey() throws Exception {
        atTheBench("Seeschwalbe");
        int proofs = ask(() -> session.situation().proofs().size());
        for (int round = 0; round < 3; round++) {
            press(KeyCode.H);
            until(() -> notice().startsWith("The stand-in board hides a fault"));
            press(KeyCode.A);
            until(() -> said().contains("1 cause left"));
            press(KeyCode.B);
            until(() -> anywhere("blame-list").isPresent());
            ListView<?> list = (ListView<?>) anywhere("blame-list").orElseThrow();
            assertEquals(1, ask(() -> list.getItems().size()));
            TextField narrow = (TextField) anywhere("blame-narrow").orElseThrow();
            act(narrow::requestFocus);
            act(() -> list.getSelectionModel().select(0));
            press(KeyCode.ENTER);
            until(() -> notice().startsWith("Right: "));
            act(() -> Shown.lookup(scene, "#bench").requestFocus());
        }
        assertTrue(notice().contains("3 rounds of practice: 3 of 3 faults found, 0 false blames"), notice());
        assertEquals(proofs, ask(() -> session.situation().proofs().size()), "practice is no evidence");
    }

    /** A bridge on this machine answers for the real aircraft; what it sends is evidence of the real one. */
    @Test
    void aBridgeAnswersForTheRealAircraft() throws Exception {
        atTheBench("Rochen");
        press(KeyCode.G);
        assertTrue(notice().contains("A bridge answers for the real aircraft"), notice());
        press(KeyCode.T);
        press(KeyCode.F);
        press(KeyCode.COMMA);
        until(() -> said().contains("Say at which height Home flies"));
        var setup = ask(() -> session.setup());
        String stated = "{\"readings\":{"
                + BenchCards.answered(CardId.HOME_HEIGHT, setup, 1).entrySet().stream()
                        .map(e -> "\"" + e.getKey() + "\":" + e.getValue())
                        .collect(java.util.stream.Collectors.joining(","))
                + "}}\n";
        // what the stand-in says is turned away; a board's word is taken
        for (String line : java.util.List.of(stated.replace("{\"read", "{\"standIn\":true,\"read"), stated)) {
            try (var socket = new java.net.ServerSocket(0, 1, java.net.InetAddress.getLoopbackAddress())) {
                new Thread(() -> {
                            try (var client = socket.accept()) {
                                client.getInputStream().read();
                                client.getOutputStream().write(line.getBytes(java.nio.charset.StandardCharsets.UTF_8));
                            } catch (java.io.IOException e) {
                                // the asking side says what it saw
                            }
                        })
                        .start();
                act(() -> Shown.lookup(scene, "#bench").requestFocus());
                press(KeyCode.G);
                until(() -> anywhere("bridge-port").isPresent());
                TextField port = (TextField) anywhere("bridge-port").orElseThrow();
                act(() -> {
                    port.setText(String.valueOf(socket.getLocalPort()));
                    port.getOnAction().handle(new javafx.event.ActionEvent());
                });
                until(() ->
                        notice().contains(line.equals(stated) ? "2 readings taken from the bridge" : "not a board"));
            }
            settle();
            assertEquals(
                    line.equals(stated),
                    proof(ProofKind.HOME_HEIGHT)
                            .filter(p -> p.evidence() == Evidence.REAL)
                            .isPresent());
        }
        settle();
        Proof said = proof(ProofKind.HOME_HEIGHT).orElseThrow();
        assertEquals(Evidence.REAL, said.evidence());
        assertTrue(said.passed());
    }

    /** Begun from nothing or from a kind, an aircraft has its cards, each drawn, run and told; every panel of Throws and Modes opens. */
    @Test
    void anAircraftFromNothingHasItsCardsAndPanels() throws Exception {
        for (var kind : java.util.List.of(
                app.drachen.core.draft.NewAircraft.Kind.NOTHING, app.drachen.core.draft.NewAircraft.Kind.PUSHER_VEE)) {
            String name = "Neu " + kind.name();
            act(() ->
                    desk.add(app.drachen.core.draft.NewAircraft.of(kind, name), "begun", session::open, session::tell));
            until(() -> session.isOpen() && session.setup().name().equals(name));
            act(() -> session.go(Stage.BENCH));
            until(() -> Shown.lookup(scene, "#bench") != null);
            act(() -> Shown.lookup(scene, "#bench").requestFocus());
            assertFalse(
                    ask(() -> ((javafx.scene.control.CheckBox) Shown.lookup(scene, "#propeller-off")).isSelected()),
                    "what was said of another aircraft's propeller does not count");
            press(KeyCode.X);
            press(KeyCode.A);
            until(() -> notice().contains("The stand-in has answered every card: all as they must be"));
            for (var card : BenchCards.of(ask(() -> session.setup()))) {
                press(KeyCode.PERIOD);
                String drawn = ask(() -> Shown.lookup(scene, "#card-drawing").getAccessibleText());
                assertTrue(drawn.contains(", drawn: "), card.id() + ": " + drawn);
                assertFalse(said().contains("\u27e6") || said().contains("NaN"), said());
            }
            panels(Stage.THROWS, "throws", KeyCode.F, KeyCode.L, KeyCode.M);
            panels(Stage.MODES, "modes", KeyCode.W, KeyCode.L, KeyCode.E, KeyCode.K, KeyCode.V);
        }
    }

    private void panels(Stage stage, String root, KeyCode... keys) throws Exception {
        act(() -> session.go(stage));
        until(() -> Shown.lookup(scene, "#" + root) != null);
        for (KeyCode key : keys) {
            act(() -> Shown.lookup(scene, "#" + root).requestFocus());
            press(key);
            press(KeyCode.ESCAPE);
        }
    }
}
