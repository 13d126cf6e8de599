package app.drachen.desktop.app;

import app.drachen.desk.Desk;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Screen;
import app.drachen.desktop.theme.Theme;
import app.drachen.desktop.widget.Deck;
import app.drachen.files.hangar.Hangar;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.stage.Stage;

/**
 * A hangar in a window that no pilot opened, for pictures and measurements. To be made beside the interface, once in a process.
 *
 * @param session what is open
 * @param shell the window's content
 * @param scene the window's scene
 */
record Shown(Session session, Shell shell, Scene scene) {
    /** What is done with it. */
    interface Task<T> {
        T with(Shown shown) throws Exception;
    }

    /** Shows a hangar, does something with it, and ends the interface. */
    static <T> T in(Path hangar, Task<T> task) throws Exception {
        try (Desk desk = new Desk(
                Hangar.open(hangar),
                Screen.jobs(e -> {
                    throw new IllegalStateException(e);
                }),
                Screen.LATER,
                Clock.systemDefaultZone())) {
            CountDownLatch started = new CountDownLatch(1);
            Platform.startup(started::countDown);
            started.await();
            T done = task.with(Screen.ask(() -> open(desk)));
            Platform.exit();
            return done;
        }
    }

    /** The nodes that a selector names, without those of screens behind the front one. */
    static List<Node> all(Scene scene, String selector) {
        return below(scene.getRoot(), selector);
    }

    /** The same below a node. */
    static List<Node> below(Node node, String selector) {
        return node.lookupAll(selector).stream().filter(n -> !Deck.behind(n)).toList();
    }

    /** The first of them; null if there is none, as the scene's own search says it. */
    static Node lookup(Scene scene, String selector) {
        List<Node> all = all(scene, selector);
        return all.isEmpty() ? null : all.get(0);
    }

    private static Shown open(Desk desk) {
        Session session = new Session(desk);
        Shell shell = new Shell(session);
        Scene scene = new Scene(shell.root(), 1280, 800);
        Theme.style(scene);
        Stage window = new Stage();
        window.setScene(scene);
        window.show();
        desk.load(session::tell);
        return new Shown(session, shell, scene);
    }
}
