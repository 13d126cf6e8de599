package app.drachen.desktop.app;

import app.drachen.desk.work.Foreseen;
import app.drachen.desktop.screen.Screen;
import app.drachen.desktop.widget.Texts;
import javafx.geometry.Insets;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What the first window shows until its hangar is there. */
final class StartPane extends StackPane {
    private final ProgressBar bar = new ProgressBar(0);
    private final Label words = Texts.wrapped("", "soft");

    StartPane(String slow) {
        setId("start");
        getStyleClass().add("shell");
        bar.setPrefWidth(420);
        bar.setVisible(false);
        words.setText(slow);
        words.setVisible(false);
        words.setMaxWidth(620);
        VBox head = new VBox(2, Texts.label("Hangar", "title"), words);
        head.getStyleClass().add("line-header");
        head.setPadding(new Insets(14, 32, 14, 32));
        VBox box = new VBox(head, bar);
        VBox.setMargin(bar, new Insets(20, 32, 0, 32));
        getChildren().add(box);
    }

    /** How far the work is; called beside the interface. */
    void at(double share) {
        Screen.soon(() -> {
            words.setVisible(true);
            bar.setVisible(true);
            bar.setProgress(share);
        });
    }

    /** The work failed: a sentence if that was foreseen. */
    void failed(Exception e, Windows windows) {
        bar.setVisible(false);
        words.setVisible(true);
        words.setText(Foreseen.sentence(e).orElse("The hangar could not be opened."));
        if (Foreseen.sentence(e).isEmpty()) {
            windows.uncaught(e);
        }
    }
}
