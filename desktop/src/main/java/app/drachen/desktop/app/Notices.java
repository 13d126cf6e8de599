package app.drachen.desktop.app;

import app.drachen.desktop.widget.Texts;
import javafx.animation.PauseTransition;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** Short messages at the foot of the window; several that come without a key or click between them stand together. */
final class Notices extends VBox {
    private static final int MOST = 5;

    private final PauseTransition time = new PauseTransition(Duration.seconds(7));
    private boolean touched;

    /** Messages over a window's content. */
    Notices(Node window) {
        super(4);
        setId("notice");
        getStyleClass().add("notice");
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        setVisible(false);
        StackPane.setAlignment(this, Pos.BOTTOM_LEFT);
        // over the foot line, where nothing is typed
        StackPane.setMargin(this, new Insets(0, 6, 2, 6));
        window.addEventFilter(KeyEvent.KEY_PRESSED, e -> touched = true);
        window.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> touched = true);
        time.setOnFinished(e -> setVisible(false));
    }

    /** Shows a sentence for a while. */
    void tell(String sentence) {
        if (touched || !isVisible()) {
            getChildren().clear();
        }
        touched = false;
        Label label = Texts.wrapped(sentence);
        label.setMaxWidth(1180);
        getChildren().removeIf(n -> ((Label) n).getText().equals(sentence));
        getChildren().add(label);
        if (getChildren().size() > MOST) {
            getChildren().remove(0);
        }
        setVisible(true);
        time.playFromStart();
    }
}
