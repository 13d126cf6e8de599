package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.Stage;
import app.drachen.files.hangar.FlightRecord;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CopyOnWriteArrayList;
import javafx.collections.ListChangeListener;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import org.junit.jupiter.api.Test;

/** What used to be lost, misfiled or to crash when two things happened at once; by the keys that showed it. */
class TwoThingsWindowTest extends WindowTest {
    private List<FlightRecord> flights(String name) {
        return hangar.logbook().flights(idOf(name));
    }

    @Test
    void aFlightThatLandsWhileAnotherAircraftIsOpenIsFiledWhereItFlew() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        // whatever is said, also what a later key has wiped
        List<String> told = new CopyOnWriteArrayList<>();
        act(() -> ((Pane) Shown.lookup(scene, "#notice")).getChildren().addListener((ListChangeListener<Node>)
                change -> {
                    while (change.next()) {
                        change.getAddedSubList().forEach(n -> told.add(((Label) n).getText()));
                    }
                }));
        act(() -> Shown.lookup(scene, "#maiden").requestFocus());
        press(KeyCode.M);
        robot.push(KeyCode.END);
        robot.push(KeyCode.CONTROL, KeyCode.H);
        robot.push(KeyCode.LEFT);
        robot.push(KeyCode.ENTER);
        until(() -> flights("Seeschwalbe").size() == 12);
        until(() -> session.isOpen());
        assertEquals("Strandläufer", ask(() -> session.setup().name()));
        assertEquals(List.of(), flights("Strandläufer"));
        assertEquals(2, flights("Seeschwalbe").get(11).revision());
        until(() -> told.stream().anyMatch(t -> t.contains("Seeschwalbe, flight 12")));
    }

    @Test
    void anotherCardOrTheHangarWhileItFliesLosesNothing() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        act(() -> Shown.lookup(scene, "#maiden").requestFocus());
        robot.push(KeyCode.END);
        robot.push(KeyCode.C);
        until(() -> flights("Seeschwalbe").size() == 12);
        robot.push(KeyCode.END);
        robot.push(KeyCode.CONTROL, KeyCode.H);
        until(() -> flights("Seeschwalbe").size() == 13);
        assertEquals("first-flight", flights("Seeschwalbe").get(11).card());
        assertTrue(ask(() -> Shown.lookup(scene, "#hangar") != null));
    }

    @Test
    void thePictureOfAFlightCanBeTouchedWhileItFlies() throws Exception {
        open("Seeschwalbe", Stage.MAIDEN);
        act(() -> Shown.lookup(scene, "#maiden").requestFocus());
        robot.push(KeyCode.END);
        for (int i = 0; i < 12; i++) {
            robot.push(i % 2 == 0 ? KeyCode.PLUS : KeyCode.MINUS);
        }
        until(() -> flights("Seeschwalbe").size() == 12);
    }

    @Test
    void twoForeignLogsDroppedTogetherAreBothAskedAboutAndKept() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        act(() -> shell.take(List.of(foreign("a.csv", "Rollwinkel"), foreign("b.csv", "Querneigung"))));
        for (int asked = 0; asked < 2; asked++) {
            int before = 11 + asked;
            until(() -> Shown.lookup(scene, "#mapping") != null);
            press(KeyCode.CONTROL, KeyCode.ENTER);
            until(() -> flights("Seeschwalbe").size() == before + 1);
        }
        until(() -> Shown.lookup(scene, "#mapping") == null);
        assertEquals(13, flights("Seeschwalbe").size());
    }

    /** A part is moved and something else opened before the move became a revision. */
    @Test
    void aMoveIsTakenForTheAircraftItWasMadeOn() throws Exception {
        open("Seeschwalbe", Stage.BUILD);
        act(() -> Shown.lookup(scene, "#build").requestFocus());
        robot.push(KeyCode.PERIOD);
        robot.push(KeyCode.DOWN);
        robot.push(KeyCode.CONTROL, KeyCode.H);
        until(() -> hangar.latest(idOf("Seeschwalbe")) == 3);
        assertTrue(hangar.current(idOf("Seeschwalbe")).reason().startsWith("Moved "));
    }

    private Path foreign(String name, String head) throws RuntimeException {
        try {
            StringBuilder text = new StringBuilder("zeit;" + head + ";speed (km/h);wobble\n");
            for (int i = 0; i < 300; i++) {
                text.append(String.format(Locale.ROOT, "%.1f;%.2f;%.1f;%d\n", i * 0.1, Math.sin(i * 0.1), 45.0, i % 7));
            }
            return Files.writeString(folder.resolve(name), text);
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
