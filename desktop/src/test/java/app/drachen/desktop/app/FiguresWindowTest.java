package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Stage;
import app.drachen.core.draft.NewAircraft;
import app.drachen.core.units.UnitSystem;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Every figure of an aircraft, by keyboard. */
class FiguresWindowTest extends WindowTest {
    private void figures(String place) throws Exception {
        press(KeyCode.F4);
        until(() -> Shown.lookup(scene, "#figure-places") != null);
        choose(place);
    }

    @SuppressWarnings("unchecked")
    private void choose(String place) throws Exception {
        act(() -> ((ListView<String>) Shown.lookup(scene, "#figure-places"))
                .getSelectionModel()
                .select(place));
        act(() -> Shown.lookup(scene, "#figure-places").requestFocus());
    }

    @Test
    void aFigureThatNoDrawingShowsIsTypedInThePilotsUnitsAndUndone() throws Exception {
        open("Strandläufer", Stage.BUILD);
        int before = ask(() -> session.revision().number());
        figures("wing · section");
        type("figure-build-airframe-wing-section-maximumLift-text", "1.31");
        until(() -> session.revision().number() == before + 1);
        assertEquals(1.31, ask(() -> session.setup().airframe().wing().section().maximumLift()));
        choose("wing");
        type("figure-build-airframe-wing-incidence-text", "40");
        until(() -> notice().contains("incidence"));
        assertEquals(before + 1, ask(() -> session.revision().number()), "what the wing refuses changes nothing");
        type("figure-build-airframe-wing-incidence-text", "2");
        until(() -> session.revision().number() == before + 2);
        assertEquals(
                Math.toRadians(2), ask(() -> session.setup().airframe().wing().incidence()), 1e-9);
        press(KeyCode.ESCAPE);
        until(() -> Shown.lookup(scene, "#figures") == null);
        press(KeyCode.CONTROL, KeyCode.Z);
        press(KeyCode.CONTROL, KeyCode.Z);
        until(() -> session.revision().number() == before);
    }

    @Test
    void choicesWholeNumbersAndListsAreChangedToo() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        int parts = ask(() -> session.setup().parts().size());
        figures("part camera");
        press(KeyCode.INSERT);
        until(() -> session.setup().parts().size() == parts + 1);
        assertTrue(ask(() -> session.setup().part("part").isPresent()));
        choose("part part");
        press(KeyCode.DELETE);
        until(() -> session.setup().parts().size() == parts);
        choose("drive 1");
        act(() -> choice("figure-build-propulsion-drives-0-turn")
                .setValue(app.drachen.core.propulsion.Drive.Turn.COUNTERCLOCKWISE));
        until(() -> session.setup().propulsion().drives().get(0).turn()
                == app.drachen.core.propulsion.Drive.Turn.COUNTERCLOCKWISE);
        choose("mount");
        type("figure-harness-mount-configuredQuarterTurns", "two");
        until(() -> notice().contains("is no whole number"));
        type("figure-harness-mount-configuredQuarterTurns", "2");
        until(() -> session.setup().mount().configuredQuarterTurns() == 2);
    }

    @SuppressWarnings("unchecked")
    private ComboBox<Object> choice(String id) {
        return (ComboBox<Object>) Shown.lookup(scene, "#" + id);
    }

    @Test
    void theFinderLeadsToEveryFigure() throws Exception {
        open("Strandläufer", Stage.MODES);
        press(KeyCode.CONTROL, KeyCode.K);
        take("linkage horn left aileron");
        until(() -> Shown.lookup(scene, "#figures") != null);
        until(() -> {
            Node owner = scene.getFocusOwner();
            return owner instanceof TextField && owner.getId().contains("linkage-horn");
        });
    }

    /** Where there is none of something yet, the first is made. */
    @Test
    void aBareAircraftGetsItsFirstPart() throws Exception {
        act(() -> desk.add(NewAircraft.of(NewAircraft.Kind.NOTHING, "Bare"), "made", session::open, s -> {}));
        until(() -> session.isOpen() && session.setup().name().equals("Bare"));
        act(() -> session.go(Stage.BUILD));
        figures("aircraft");
        act(() -> Shown.lookup(scene, "#figures").lookupAll(".button").stream()
                .map(Button.class::cast)
                .filter(b -> b.getText().equals("First part"))
                .findFirst()
                .orElseThrow()
                .fire());
        until(() -> session.setup().parts().size() == 1);
        choose("part part");
    }

    /** Whatever an aircraft has is shown under some heading, in either system of units. */
    @Test
    void everyPlaceIsShownInBothUnits() throws Exception {
        for (UnitSystem units : List.of(UnitSystem.METRIC, UnitSystem.IMPERIAL)) {
            open("Rochen", Stage.THROWS);
            figures("aircraft");
            ListView<?> places = ask(() -> (ListView<?>) Shown.lookup(scene, "#figure-places"));
            // whatever is there is there in either system: the second time every fourth place
            for (int i = 0; i < places.getItems().size(); i += units == UnitSystem.METRIC ? 1 : 4) {
                int at = i;
                act(() -> places.getSelectionModel().select(at));
                assertTrue(
                        ask(() -> Shown.lookup(scene, "#figures")
                                                .lookupAll(".text-field")
                                                .size()
                                        + Shown.lookup(scene, "#figures")
                                                .lookupAll(".combo-box")
                                                .size()
                                        + Shown.lookup(scene, "#figures")
                                                .lookupAll(".check-box")
                                                .size())
                                > 0,
                        String.valueOf(places.getItems().get(at)));
            }
            press(KeyCode.ESCAPE);
            until(() -> Shown.lookup(scene, "#figures") == null);
            press(KeyCode.CONTROL, KeyCode.U);
            assertEquals(
                    units == UnitSystem.METRIC ? UnitSystem.IMPERIAL : UnitSystem.METRIC, ask(() -> session.units()));
        }
    }
}
