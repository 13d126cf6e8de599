package app.drachen.desktop.app;

import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** A panel over the whole window: Escape closes it, and what had the focus gets it back. */
final class Overlay {
    private final StackPane host;
    private final StackPane pane = new StackPane();
    private Node before;

    Overlay(StackPane host, String id, Region panel) {
        this.host = host;
        panel.getStyleClass().add("panel");
        panel.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        pane.getStyleClass().add("overlay");
        pane.setId(id);
        pane.setFocusTraversable(true);
        pane.getChildren().add(panel);
        pane.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close();
                e.consume();
            }
        });
    }

    /** The pane itself, for keys and looks. */
    StackPane pane() {
        return pane;
    }

    /** Lays it over the window and gives it the focus. */
    void open() {
        before = host.getScene().getFocusOwner();
        host.getChildren().add(pane);
        // nodes inside a scroll pane stand in the scene only once it has its skin
        pane.applyCss();
        pane.requestFocus();
    }

    void close() {
        host.getChildren().remove(pane);
        if (before != null && before.getScene() != null) {
            before.requestFocus();
        }
    }
}
