package app.drachen.desktop.app;

import app.drachen.core.clearance.Stage;
import app.drachen.core.log.LogColumn;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Screen;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import javafx.event.Event;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The main views, and how to get to each by key from a fresh demo hangar. */
final class Views {
    private static final long PATIENCE_MILLIS = 60_000;

    private final Session session;
    private final Scene scene;
    private final Shell shell;

    private Views(Session session, Scene scene, Shell shell) {
        this.session = session;
        this.scene = scene;
        this.shell = shell;
    }

    /** A view to picture. */
    record View(String name, Callable<Void> way) {
        void prepare(Session session) throws Exception {
            way.call();
            until(() -> session.desk().loaded() && session.desk().jobs().idle(), "the work did not end");
            // two turns of the interface thread let layout and focus settle
            Screen.ask(() -> null);
            Screen.ask(() -> null);
        }
    }

    static List<View> all(Session session, Scene scene, Shell shell) {
        Views views = new Views(session, scene, shell);
        return List.of(
                new View("hangar", () -> views.screen(session::closeAircraft)),
                new View("build", () -> views.stage("Strandläufer", Stage.BUILD)),
                new View("harness", () -> views.stage("Strandläufer", Stage.HARNESS)),
                new View("throws", views::throwing),
                new View("throws-vee", () -> views.tail("Strandläufer")),
                new View("modes", () -> views.stage("Strandläufer", Stage.MODES)),
                new View("signals", () -> views.stage("Seeschwalbe", Stage.SIGNALS)),
                new View("bench", views::bench),
                new View("maiden", views::maiden),
                new View("debrief", views::debrief),
                new View("many", views::many),
                new View("keys", views::keys),
                new View("logbook", views::logbook),
                new View("mapping", views::mapping),
                new View("calculator", views::calculator),
                new View("feel", views::feel),
                new View("performance", views::performance),
                new View("figures", views::figures),
                new View("sunlight", views::sunlight));
    }

    private Void screen(Runnable task) throws Exception {
        return Screen.ask(() -> {
            task.run();
            return null;
        });
    }

    private Void stage(String name, Stage stage) throws Exception {
        return screen(() -> {
            session.open(session.desk().shelf().stream()
                    .filter(a -> a.name().equals(name))
                    .findFirst()
                    .orElseThrow());
            session.go(stage);
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
        press(KeyCode.C, 2);
        press(KeyCode.END, 1);
        long until = System.currentTimeMillis() + PATIENCE_MILLIS;
        while (Screen.ask(() -> Shown.lookup(scene, "#rehearsal-state") instanceof javafx.scene.control.Label l
                && !l.getText().contains("from home"))) {
            if (System.currentTimeMillis() > until) {
                throw new IllegalStateException("the rehearsal did not end");
            }
            Thread.onSpinWait();
        }
        return null;
    }

    /** The first flight, flown many times. */
    private Void many() throws Exception {
        stage("Strandläufer", Stage.MAIDEN);
        press(KeyCode.M, 1);
        until(() -> Shown.lookup(scene, "#many-flights").isVisible(), "the flights did not end");
        return null;
    }

    private Void debrief() throws Exception {
        long until = System.currentTimeMillis() + PATIENCE_MILLIS;
        while (Screen.ask(() -> Shown.lookup(scene, "#debrief") == null)) {
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

    private static void until(Callable<Boolean> condition, String otherwise) throws Exception {
        long until = System.currentTimeMillis() + PATIENCE_MILLIS;
        while (!Screen.ask(condition)) {
            if (System.currentTimeMillis() > until) {
                throw new IllegalStateException(otherwise);
            }
            Thread.onSpinWait();
        }
    }

    private void control(KeyCode code) throws Exception {
        screen(() -> Event.fireEvent(
                scene.getRoot(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, true, false, false)));
    }

    private Void escape(String overlay) throws Exception {
        return screen(() -> Event.fireEvent(
                Shown.lookup(scene, "#" + overlay),
                new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ESCAPE, false, false, false, false)));
    }

    private Void logbook() throws Exception {
        escape("keys");
        stage("Seeschwalbe", Stage.MAIDEN);
        control(KeyCode.L);
        until(() -> Shown.below(Shown.lookup(scene, "#ledger"), ".row").size() > 3, "the flight was not read");
        return null;
    }

    /** The last demo flight as another program might have written it: commas, km/h, hundredths of a degree. */
    private Void mapping() throws Exception {
        Path file = Files.createTempDirectory("drachen-foreign").resolve("evening at the dyke.csv");
        file.toFile().deleteOnExit();
        file.getParent().toFile().deleteOnExit();
        long id = session.aircraft().id();
        var log = session.desk().look(h -> h.logbook().log(id, 11)).orElseThrow();
        StringBuilder text = new StringBuilder(
                "clock;state;air speed kmh;bank cdeg;nose cdeg;alt m;vario;" + "gyro x;surface 1;gas;pack V;temper\n");
        String[] names = {"hand", "gyro", "self-level", "cruising", "circling", "return", "route"};
        for (int row = 0; row < log.rows(); row += 2) {
            double t = log.time(row);
            text.append(String.format(
                            java.util.Locale.ROOT,
                            "14:%02d:%05.2f;%s;%.1f;%.0f;%.0f;%.2f;%.2f;%.1f;%.0f;%.0f;%.2f;%.1f\n",
                            (int) (t / 60),
                            t % 60,
                            names[(int) log.value(LogColumn.MODE, row)],
                            log.value(LogColumn.AIRSPEED, row) * 3.6,
                            Math.toDegrees(log.value(LogColumn.ROLL, row)) * 100,
                            Math.toDegrees(log.value(LogColumn.PITCH, row)) * 100,
                            log.value(LogColumn.HEIGHT, row),
                            log.value(LogColumn.CLIMB, row),
                            Math.toDegrees(log.value(LogColumn.ROLL_RATE, row)),
                            log.value(LogColumn.OUT_1, row),
                            log.value(LogColumn.POWER, row) * 100,
                            log.value(LogColumn.VOLTS, row),
                            21.4)
                    .replace('.', ','));
        }
        Files.writeString(file, text);
        screen(() -> shell.take(java.util.List.of(file)));
        until(() -> Shown.lookup(scene, "#mapping") != null, "the mapping did not open");
        return null;
    }

    private Void calculator() throws Exception {
        press(KeyCode.ESCAPE, 2);
        stage("Strandläufer", Stage.MODES);
        control(KeyCode.K);
        screen(() -> ((javafx.scene.control.TextField) Shown.lookup(scene, "#find")).setText("least circle"));
        return screen(() -> Event.fireEvent(
                Shown.lookup(scene, "#find"),
                new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false)));
    }

    private Void feel() throws Exception {
        escape("calculator");
        stage("Seeschwalbe", Stage.BUILD);
        control(KeyCode.J);
        return null;
    }

    private Void performance() throws Exception {
        escape("feel");
        control(KeyCode.I);
        return null;
    }

    private Void figures() throws Exception {
        escape("performance");
        stage("Strandläufer", Stage.BUILD);
        press(KeyCode.F4, 1);
        return screen(() -> ((javafx.scene.control.ListView<?>) Shown.lookup(scene, "#figure-places"))
                .getSelectionModel()
                .select(1));
    }

    private Void sunlight() throws Exception {
        escape("figures");
        stage("Rochen", Stage.MAIDEN);
        return press(KeyCode.F8, 1);
    }
}
