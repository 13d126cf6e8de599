package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Stage;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Page;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Value;
import app.drachen.core.working.Finding.State;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Signals in a real window: the demo's four faults are found and cured by keys; an aircraft of one's own begins with nothing. */
class SignalsWindowTest extends WindowTest {

    private Ruling ruling(String id) throws Exception {
        return ask(() -> session.clearance().rulings().stream()
                .filter(r -> r.finding().id().equals(id))
                .findFirst()
                .orElseThrow());
    }

    private void choose(String id, Object value) throws Exception {
        @SuppressWarnings("unchecked")
        ComboBox<Object> box = (ComboBox<Object>) there(id);
        act(() -> box.setValue(value));
    }

    private SignalsSection signals() throws Exception {
        return ask(() -> session.setup().signals());
    }

    private void focus() throws Exception {
        act(() -> Shown.lookup(scene, "#signals").requestFocus());
    }

    private String live() throws Exception {
        return ask(() -> ((Label) Shown.lookup(scene, "#signals-live")).getText());
    }

    /** The demo's faults: a value that nothing supplies, a late alarm, a low sensor, calls that talk over each other. */
    @Test
    void theDemosFourFaultsAreCuredByKeys() throws Exception {
        open("Seeschwalbe", Stage.SIGNALS);
        until(() -> Shown.lookup(scene, "#signals") != null);
        focus();
        assertTrue(ruling("SIGNALS-R2").finding().title().contains("late"));
        assertEquals(State.STOP, says("SIGNALS-R2"));
        press(KeyCode.S);
        assertEquals(State.GOOD, says("SIGNALS-R2"));
        press(KeyCode.PLUS);
        press(KeyCode.EQUALS);
        assertEquals(State.STOP, says("SIGNALS-R2"), "two metres up it is late again");
        press(KeyCode.MINUS);
        press(KeyCode.MINUS);
        press(KeyCode.MINUS);
        assertEquals(State.GOOD, says("SIGNALS-R2"));
        // motor speed comes from nothing: the last value in the list is done without
        assertEquals(State.CAUTION, says("SIGNALS-R1"));
        press(KeyCode.W);
        fire("remove-11");
        assertEquals(State.GOOD, says("SIGNALS-R1"));
        press(KeyCode.ESCAPE);
        // charge talks over height: it begins at another time
        focus();
        press(KeyCode.C);
        assertEquals(State.CAUTION, says("SIGNALS-R3"));
        enter("form-call-1-first-at", "1.5");
        assertEquals(State.GOOD, says("SIGNALS-R3"));
        enter("form-call-1-says", "");
        assertTrue(notice().contains("text of the call"), notice());
        press(KeyCode.ESCAPE);
        // the sensor is 12 % low: a charge more, and its factor from the ledger
        focus();
        press(KeyCode.K);
        assertEquals(State.CAUTION, says("SIGNALS-R7"));
        enter("form-scale-charge-shown-after-the-flight", "1100");
        fire("scale-keep");
        assertTrue(notice().contains("charge put back"), notice());
        enter("form-scale-charge-shown-after-the-flight", "1100 A");
        assertTrue(notice().contains("current"), "the unit of another quantity is refused by name: " + notice());
        enter("form-scale-charge-shown-after-the-flight", "1100");
        enter("form-scale-charge-put-back", "1250");
        fire("scale-keep");
        until(() -> session.situation()
                .proof(ProofKind.CHARGE_BACK)
                .orElseThrow()
                .values()
                .containsKey("shown2"));
        press(KeyCode.ESCAPE);
        focus();
        act(() -> Shown.all(scene, ".hyperlink").stream()
                .map(Hyperlink.class::cast)
                .filter(l -> l.getText().startsWith("Take ×"))
                .findFirst()
                .orElseThrow()
                .fire());
        assertEquals(State.GOOD, says("SIGNALS-R7"));
        assertEquals(1.139, signals().scales().current(), 0.005);
    }

    /** The last flight through the stand-in sender: values, alarms; alarms tried against it. */
    @Test
    void aFlightIsHeard() throws Exception {
        open("Seeschwalbe", Stage.SIGNALS);
        until(() -> Shown.lookup(scene, "#signals") != null);
        focus();
        press(KeyCode.F);
        press(KeyCode.F);
        press(KeyCode.SPACE);
        until(() -> live().startsWith("Stand-in, flight 11") && live().contains("\u201c"));
        press(KeyCode.SPACE);
        assertEquals("Stopped.", live());
        press(KeyCode.A);
        fire("alarms-try");
        until(() -> anywhere("alarms-panel").isPresent()
                && scene.getWindow() != null
                && told().contains("Flight 11: silent, as it should be: greatest"));
        press(KeyCode.ESCAPE);
        // another aircraft ends what plays
        focus();
        press(KeyCode.SPACE);
        until(() -> live().startsWith("Stand-in"));
        open("Rochen", Stage.SIGNALS);
        until(() -> live().isEmpty());
    }

    private String told() {
        return anywhere("alarms-panel")
                .map(n -> n.lookupAll(".label").stream()
                        .map(l -> ((Label) l).getText())
                        .reduce("", (a, b) -> a + "\n" + b))
                .orElse("");
    }

    /** From nothing: values, a way, an alarm, pages, two points of the strength, a part of one's own. */
    @Test
    void anAircraftOfOnesOwnBeginsWithNothing() throws Exception {
        open("Strandläufer", Stage.SIGNALS);
        until(() -> Shown.lookup(scene, "#signals") != null);
        focus();
        assertEquals(State.OPEN, says("SIGNALS-R1"));
        press(KeyCode.W);
        for (int i = 0; i < 3; i++) {
            fire("wanted-add");
        }
        choose("wanted-2-value", Value.HEIGHT);
        fire("wanted-2-ear");
        assertEquals(3, signals().wanted().size());
        fire("way-add");
        enter("form-way-0-each-value-comes", "4 Hz");
        assertEquals(4, signals().ways().get(0).rate());
        fire("supplier-add");
        enter("form-part-0-tells", "motor speed, wingbeat");
        assertTrue(notice().contains("wingbeat"), notice());
        enter("form-part-0-tells", "motor speed");
        enter("form-part-0-device", "speed controller");
        choose("wanted-0-value", Value.RPM);
        assertEquals(0, signals().wanted().get(0).value().compareTo(Value.RPM));
        press(KeyCode.ESCAPE);
        focus();
        press(KeyCode.S);
        assertTrue(signals().alarm(Alarm.Kind.HEIGHT).isPresent());
        assertEquals(State.GOOD, says("SIGNALS-R2"));
        press(KeyCode.K);
        choose("experiment", app.drachen.core.stages.signals.Experiment.STRENGTH);
        enter("form-scale-reading-near-by", "100");
        enter("form-scale-its-level", "-45");
        until(() -> anywhere("scale-keep").isPresent());
        press(KeyCode.ESCAPE);
        focus();
        press(KeyCode.P);
        fire("page-add");
        choose("page-0-add", Value.TIME);
        assertEquals(1, signals().pages().get(0).cells().size());
        fire("pages-all");
        until(() -> session.desk().shelf().stream()
                .allMatch(a -> a.standing().orElseThrow().setup().signals().pages().stream()
                        .anyMatch((Page p) -> p.shows(Value.TIME))));
    }
}
