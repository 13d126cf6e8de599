package app.drachen.desktop.app;

import app.drachen.core.clearance.Stage;
import app.drachen.desktop.background.Background;
import app.drachen.desktop.widget.Workspace;
import app.drachen.files.hangar.Hangar;
import java.util.List;
import java.util.concurrent.Callable;
import javafx.event.Event;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The main views, and how to get to each by key from a fresh demo hangar. */
final class Views {
    private static final long PATIENCE_MILLIS = 60_000;

    private final Workspace workspace;
    private final Scene scene;

    private Views(Workspace workspace, Scene scene) {
        this.workspace = workspace;
        this.scene = scene;
    }

    /** A view to picture. */
    record View(String name, Callable<Void> way) {
        void prepare() throws Exception {
            way.call();
            // two turns of the interface thread let layout and focus settle
            Background.askScreen(() -> null);
            Background.askScreen(() -> null);
        }
    }

    static List<View> all(Workspace workspace, Scene scene) {
        Views views = new Views(workspace, scene);
        return List.of(
                new View("hangar", () -> views.screen(workspace::closeAircraft)),
                new View("build", () -> views.stage("Strandläufer", Stage.BUILD)),
                new View("throws", views::throwing),
                new View("throws-vee", () -> views.tail("Strandläufer")),
                new View("throws-tail", () -> views.tail("Seeschwalbe")),
                new View("modes", () -> views.stage("Strandläufer", Stage.MODES)),
                new View("bench", views::bench),
                new View("maiden", views::maiden),
                new View("debrief", views::debrief),
                new View("keys", views::keys));
    }

    private Void screen(Runnable task) throws Exception {
        return Background.askScreen(() -> {
            task.run();
            return null;
        });
    }

    private Void stage(String name, Stage stage) throws Exception {
        return screen(() -> {
            long id = workspace.hangar().aircraft().stream()
                    .filter(a -> a.name().equals(name))
                    .map(Hangar.Shelf::id)
                    .findFirst()
                    .orElseThrow();
            workspace.open(id);
            workspace.go(stage);
        });
    }

    private Void press(KeyCode code, int times) throws Exception {
        return screen(() -> {
            for (int i = 0; i < times; i++) {
                Event.fireEvent(
                        scene.getRoot(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false));
            }
        });
    }

    private Void throwing() throws Exception {
        stage("Rochen", Stage.THROWS);
        press(KeyCode.D, 2);
        press(KeyCode.S, 1);
        return press(KeyCode.PERIOD, 1);
    }

    private Void tail(String name) throws Exception {
        stage(name, Stage.THROWS);
        press(KeyCode.D, 2);
        press(KeyCode.S, 3);
        return press(KeyCode.E, 3);
    }

    private Void bench() throws Exception {
        stage("Rochen", Stage.BENCH);
        press(KeyCode.X, 1);
        return press(KeyCode.SPACE, 1);
    }

    /** Seeschwalbe's Hold card, flown to its end. */
    private Void maiden() throws Exception {
        stage("Seeschwalbe", Stage.MAIDEN);
        press(KeyCode.C, 1);
        press(KeyCode.END, 1);
        long until = System.currentTimeMillis() + PATIENCE_MILLIS;
        while (Background.askScreen(() -> scene.lookup("#rehearsal-state") instanceof javafx.scene.control.Label l
                && !l.getText().contains("from home"))) {
            if (System.currentTimeMillis() > until) {
                throw new IllegalStateException("the rehearsal did not end");
            }
            Thread.onSpinWait();
        }
        return null;
    }

    private Void debrief() throws Exception {
        long until = System.currentTimeMillis() + PATIENCE_MILLIS;
        while (Background.askScreen(() -> scene.lookup("#debrief") == null)) {
            press(KeyCode.ENTER, 1);
            if (System.currentTimeMillis() > until) {
                throw new IllegalStateException("the debrief did not open");
            }
        }
        return null;
    }

    private Void keys() throws Exception {
        stage("Strandläufer", Stage.BUILD);
        return press(KeyCode.F1, 1);
    }
}
