package app.drachen.desktop.app;

import app.drachen.desktop.screen.Screen;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Ledger;
import java.util.List;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;

/** Brings keys to the actions of the place, unless something is being typed, pressed or laid over the window. */
final class KeyRouter {
    private final StackPane root;
    private final Supplier<List<Action>> actions;
    private boolean taken;

    KeyRouter(StackPane root, Supplier<List<Action>> actions) {
        this.root = root;
        this.actions = actions;
    }

    void listen() {
        root.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        root.addEventFilter(KeyEvent.KEY_TYPED, this::typed);
        root.sceneProperty().addListener((o, was, scene) -> {
            if (scene != null) {
                scene.focusOwnerProperty().addListener((f, had, has) -> Screen.soon(this::held));
                Screen.soon(this::held);
            }
        });
    }

    /** Where nothing has the focus, keys would go past the window's content. */
    private void held() {
        if (root.getScene() != null && root.getScene().getFocusOwner() == null) {
            root.requestFocus();
        }
    }

    /** The letter of a key that has just done something is not also typed into what it opened. */
    private void typed(KeyEvent event) {
        if (taken) {
            event.consume();
        }
    }

    private void pressed(KeyEvent event) {
        taken = false;
        boolean covered =
                root.getChildren().stream().anyMatch(n -> n.getStyleClass().contains("overlay"));
        if (covered || belongsTo(root.getScene().getFocusOwner(), event)) {
            return;
        }
        for (Action action : actions.get()) {
            if (action.keys().match(event)) {
                event.consume();
                taken = true;
                action.run().run();
                return;
            }
        }
    }

    /** Whether what has the focus needs the key itself. */
    private static boolean belongsTo(Node focus, KeyEvent event) {
        boolean plain = !event.isControlDown() && !event.isAltDown() && !event.isMetaDown();
        boolean typing = focus instanceof TextInputControl || focus instanceof ComboBoxBase;
        boolean pressing = (focus instanceof ButtonBase || rowLike(focus)) && presses(event.getCode());
        boolean explaining = event.getCode() == KeyCode.W && Ledger.explains(focus);
        boolean copying = focus instanceof TextInputControl && event.isControlDown() && event.getCode() == KeyCode.C;
        boolean removing =
                focus != null && focus.getStyleClass().contains("picture") && event.getCode() == KeyCode.DELETE;
        return copying
                || removing
                || plain
                        && (typing || pressing || explaining)
                        && !event.getCode().isFunctionKey();
    }

    private static boolean presses(KeyCode code) {
        return code == KeyCode.ENTER || code == KeyCode.SPACE || code == KeyCode.LEFT || code == KeyCode.RIGHT;
    }

    /** Rows of the ledger, of tables and the bows answer Enter and arrows themselves. */
    private static boolean rowLike(Node focus) {
        return focus != null
                && (focus.getStyleClass().contains("item")
                        || focus.getStyleClass().contains("row")
                        || focus.getStyleClass().contains("bow"));
    }
}
