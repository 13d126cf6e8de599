package app.drachen.desktop.app;

import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;

/** A plain window with a label and a button, to compare the time to the first window with. */
public final class PlainApplication extends Application {
    @Override
    public void start(Stage window) {
        window.setScene(new Scene(new VBox(new Label("A plain window"), new Button("OK")), 1280, 800));
        window.setOnShown(e -> Platform.runLater(() -> {
            System.out.println("first window " + System.currentTimeMillis());
            Platform.exit();
        }));
        window.show();
    }
}
