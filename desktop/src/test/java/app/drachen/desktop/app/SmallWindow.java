package app.drachen.desktop.app;

import app.drachen.desktop.theme.Theme;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** A small window in our style with some parts below one another, and a hand on it. */
abstract class SmallWindow {
    final FxRobot robot = new FxRobot();
    VBox root;
    private Stage window;

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    void show(Node... parts) throws Exception {
        ask(() -> {
            root = new VBox(20, parts);
            Scene scene = new Scene(root, 400, 400);
            Theme.style(scene);
            window = new Stage();
            window.setScene(scene);
            window.show();
            return true;
        });
    }

    @AfterEach
    void close() throws Exception {
        ask(() -> {
            window.close();
            return true;
        });
    }

    /** Gives a part the keyboard, and lays all out. */
    void focus(Node part) throws Exception {
        ask(() -> {
            part.requestFocus();
            root.applyCss();
            root.layout();
            return true;
        });
    }

    static <T> T ask(Callable<T> question) throws Exception {
        return WaitForAsyncUtils.asyncFx(question).get();
    }

    static void until(Callable<Boolean> is) throws Exception {
        WaitForAsyncUtils.waitFor(WindowTest.PATIENCE, TimeUnit.SECONDS, () -> ask(is));
    }
}
