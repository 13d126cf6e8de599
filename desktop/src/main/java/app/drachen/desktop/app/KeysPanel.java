package app.drachen.desktop.app;

import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Texts;
import java.util.List;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The keys of the place, over everything; any key or click closes it. */
final class KeysPanel {
    private final Overlay overlay;

    KeysPanel(StackPane host, List<Action> here, List<Action> everywhere) {
        VBox left = new VBox(8, Texts.label("Keys here", "heading"), list(here));
        VBox right = new VBox(8, Texts.label("Keys everywhere", "heading"), list(everywhere));
        VBox panel = new VBox(
                16,
                new HBox(48, left, right),
                Texts.label(
                        "Tab goes from field to field, Enter takes a value, Escape puts the old one back."
                                + " In the ledger Enter mends and W shows the working.",
                        "soft"));
        overlay = new Overlay(host, "keys", panel);
        overlay.pane().setOnMouseClicked(e -> overlay.close());
        overlay.pane().addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            e.consume();
            overlay.close();
        });
    }

    private static GridPane list(List<Action> actions) {
        GridPane grid = new GridPane();
        grid.setHgap(12);
        grid.setVgap(5);
        int row = 0;
        for (Action action : actions) {
            if (action.shown().isEmpty()) {
                continue;
            }
            grid.add(Texts.key(action.shown()), 0, row);
            grid.add(Texts.label(action.label()), 1, row++);
        }
        return grid;
    }

    void open() {
        overlay.open();
    }
}
