package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Loss;
import app.drachen.core.working.Finding.State;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Radio, linkage, mixes; selector of two switches, losses, home's end, a second path: entered in the window. */
class PanelsWindowTest extends WindowTest {
    private void choose(String id, int index) throws Exception {
        ComboBox<?> box = (ComboBox<?>) there(id);
        act(() -> box.getSelectionModel().select(index));
    }

    private Output rudder() throws Exception {
        return ask(() -> session.setup().controls().output(Surface.RUDDER).orElseThrow());
    }

    @Test
    void theRadioTheLinkageAndMixesAreEntered() throws Exception {
        open("Seeschwalbe", Stage.THROWS);
        act(() -> Shown.lookup(scene, "#throws").requestFocus());
        press(KeyCode.F);
        choose("radio-means-roll", Axis.YAW.ordinal());
        assertEquals(State.STOP, says("THROWS-R1"), "the roll stick is taken for yaw");
        choose("radio-means-roll", Axis.ROLL.ordinal());
        enter("radio-roll-read-high", "1947");
        assertEquals(State.CAUTION, says("THROWS-R2"));
        enter("radio-roll-channel", "40");
        assertTrue(notice().contains("channel"), notice());
        enter("radio-roll-channel", "1");
        press(KeyCode.ESCAPE);
        // the linkage of the fourth surface, measured exactly; a wanted throw sets the travel, one too far is refused
        act(() -> Shown.lookup(scene, "#throws").requestFocus());
        press(KeyCode.COMMA);
        press(KeyCode.L);
        fire("form-linkage-measured-more-exactly");
        enter("form-linkage-arm-leans-to-the-hinge", "12");
        assertEquals(
                Math.toRadians(12), rudder().linkage().exact().orElseThrow().armLean(), 1e-9);
        enter("form-throw-farthest-down-or-left", "15");
        Output set = rudder();
        double farthest = Math.max(set.deflection(set.lowMicros()), set.deflection(set.highMicros()));
        assertEquals(15, Math.toDegrees(farthest), 0.1);
        enter("form-throw-farthest-down-or-left", "65");
        assertEquals(set, rudder());
        assertTrue(notice().contains("linkage does not reach"), notice());
        enter("form-linkage-speed-for-60-", "0.08");
        assertTrue(rudder().linkage().servo().isPresent());
        press(KeyCode.ESCAPE);
        // a mix that nobody has flown needs a switch; a preset brings its outputs
        act(() -> Shown.lookup(scene, "#throws").requestFocus());
        press(KeyCode.M);
        fire("mix-chop");
        assertEquals(State.STOP, says("THROWS-R11"));
        enter("form-mix-0-amount", "35");
        assertEquals(State.CAUTION, says("THROWS-R12"));
        enter("form-mix-0-curve-in-percent", "100 x");
        assertTrue(notice().contains("A curve is a row"), notice());
        enter("form-mix-0-curve-in-percent", "100 40 0");
        assertEquals(
                3, ask(() -> session.setup().controls().extras().get(0).curve().size()));
        fire("preset-flaps");
        assertEquals(7, ask(() -> session.setup().controls().outputs().size()));
        assertEquals(2, ask(() -> session.setup().controls().extras().size()), "the pilot's own mix stays");
    }

    @Test
    void twoSwitchesLossesHomesEndAndAConsoleAreEntered() throws Exception {
        open("Seeschwalbe", Stage.MODES);
        act(() -> Shown.lookup(scene, "#modes").requestFocus());
        // a second switch that takes the channel: solved by one key, and found blind
        choose("selector-second", 3);
        assertEquals(State.STOP, says("MODES-R2"), "not solved yet");
        press(KeyCode.S);
        assertTrue(ask(() -> session.setup().modes().selector().givesWhatIsWanted()));
        assertEquals(7, ask(() -> session.setup().modes().selector().wanted().size()));
        // the loss table: a hole is named, the model flies what it can
        press(KeyCode.L);
        choose("loss-link-away", 0);
        assertEquals(State.OPEN, says("MODES-R11"));
        fire("losses-usual");
        assertEquals(State.GOOD, says("MODES-R11"));
        assertEquals(
                Loss.Action.HOME, ask(() -> session.setup().modes().losses().action(Loss.LINK, Loss.Phase.AWAY)));
        fire("losses-fly");
        Label told = (Label) there("losses-told");
        until(() -> told.getText().contains("control link lost, away: After a minute it flies"));
        press(KeyCode.ESCAPE);
        // Home lands: stopped, and let circle again by the ledger's button
        act(() -> Shown.lookup(scene, "#modes").requestFocus());
        press(KeyCode.E);
        choose("form-at-the-end-it", HomeProfile.Arrival.LAND.ordinal());
        assertEquals(State.STOP, says("MODES-R15"));
        choose("form-at-the-end-it", HomeProfile.Arrival.CIRCLE.ordinal());
        assertEquals(State.GOOD, says("MODES-R15"));
        enter("form-pitch-up", "4");
        assertEquals(State.STOP, says("MODES-R8"), "4° are no pitch limit");
        enter("form-pitch-up", "18");
        enter("form-pitch-down", "35 %");
        assertTrue(notice().contains("%") || notice().contains("°"), "a percentage is no angle: " + notice());
        assertEquals(State.GOOD, says("MODES-R8"));
        fire("form-only-near-level");
        assertEquals(State.CAUTION, says("MODES-R5"));
        press(KeyCode.ESCAPE);
        // a console
        act(() -> Shown.lookup(scene, "#modes").requestFocus());
        press(KeyCode.K);
        assertEquals(State.GOOD, says("MODES-R12"));
        fire("second-add");
        assertEquals(State.STOP, says("MODES-R12"), "its loss has no action");
        choose("form-when-it-is-lost", 1);
        enter("form-the-radio-takes-back-by", "the mode switch to Manual");
        assertEquals(State.GOOD, says("MODES-R12"));
        fire("second-manual");
        assertEquals(State.STOP, says("MODES-R14"), "0.35 s are too late for Manual");
        fire("second-manual");
        assertEquals(State.GOOD, says("MODES-R14"));
        press(KeyCode.ESCAPE);
        act(() -> Shown.lookup(scene, "#modes").requestFocus());
        press(KeyCode.V);
        Node seen = there("seen-form");
        String words = ask(() -> seen.lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .reduce("", (a, b) -> a + "\n" + b));
        assertTrue(words.contains("The power stick asks for speed, 11.0\u00a0m/s to 19.0\u00a0m/s"), words);
        assertFalse(words.contains("\u27e6"), "figures are told in the pilot's units");
        assertEquals(Optional.empty(), Optional.of(words).filter(w -> w.contains("null")));
    }
}
