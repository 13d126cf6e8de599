package app.drachen.desktop.app;

import app.drachen.desktop.screen.Screen;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** An empty window, to compare the time to the first window with. */
public final class EmptyApplication extends Application {
    @Override
    public void start(Stage window) {
        window.setScene(new Scene(new StackPane(), 1280, 800));
        window.setOnShown(e -> Screen.soon(() -> {
            System.out.println("first window " + System.currentTimeMillis());
            javafx.application.Platform.exit();
        }));
        window.show();
    }
}
