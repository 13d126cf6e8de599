package app.drachen.desktop.app;

import app.drachen.desktop.screen.Screen;
import java.util.List;
import javafx.beans.value.ChangeListener;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/**
 * A panel over the whole window: Escape closes it, and what had the focus gets it back. While it is open the focus stays in
 * it, wherever Tab would lead.
 */
final class Overlay {
    private final StackPane host;
    private final StackPane pane = new StackPane();
    private final ChangeListener<Node> held = (o, was, is) -> hold();
    private Runnable escaped = () -> {};
    private Node before;
    private Node first = pane;

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
                escaped.run();
                e.consume();
            }
        });
    }

    /** Does something when Escape closes it. */
    void whenClosedByEscape(Runnable then) {
        escaped = then;
    }

    /** The pane itself, for keys and looks. */
    StackPane pane() {
        return pane;
    }

    /** Lays it over the window and gives it the focus. */
    void open() {
        open(pane);
    }

    /** Lays it over the window and gives the focus to something in it. */
    void open(Node focused) {
        if (pane.getParent() != null) {
            close();
        }
        first = focused;
        before = host.getScene().getFocusOwner();
        host.getChildren().add(pane);
        // nodes inside a scroll pane stand in the scene only once it has its skin
        pane.applyCss();
        first.requestFocus();
        host.getScene().focusOwnerProperty().addListener(held);
    }

    /** What lies under the panel may not have the focus; a panel above it may. */
    private void hold() {
        Screen.soon(() -> {
            Scene scene = pane.getScene();
            List<Node> panels = host.getChildren().stream()
                    .filter(n -> n.getStyleClass().contains("overlay"))
                    .toList();
            boolean top = scene != null && panels.get(panels.size() - 1) == pane;
            if (top && !inside(scene.getFocusOwner())) {
                first.requestFocus();
            }
        });
    }

    private boolean inside(Node node) {
        Node at = node;
        while (at != null && at != pane) {
            at = at.getParent();
        }
        return at != null;
    }

    void close() {
        host.getScene().focusOwnerProperty().removeListener(held);
        host.getChildren().remove(pane);
        if (before != null && before.getScene() != null) {
            before.requestFocus();
        }
    }
}
