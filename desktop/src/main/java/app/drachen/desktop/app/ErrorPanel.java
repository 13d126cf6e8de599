package app.drachen.desktop.app;

import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Texts;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Says calmly that something went wrong, with a report to copy. */
final class ErrorPanel {
    private final StackPane host;
    private final Overlay overlay;
    private final Button goOn;

    ErrorPanel(StackPane host, String report, String where) {
        this.host = host;
        TextArea text = new TextArea(report);
        text.setEditable(false);
        text.setPrefSize(720, 260);
        text.setId("report");
        Button copy = Texts.button(Action.of("Copy the report", "C", () -> copy(report)));
        goOn = Texts.button(Action.of("Go on", "Esc", this::close), "primary");
        VBox panel = new VBox(
                12,
                Texts.label("That went wrong, and nothing is lost.", "heading"),
                Texts.wrapped(
                        "Everything that was saved before is in the hangar, and you can go on. If it happens again,"
                                + " hand the report to whoever looks after Drachen. " + where
                                + " Nothing is sent anywhere."),
                text,
                new HBox(8, goOn, copy));
        panel.setPrefWidth(780);
        overlay = new Overlay(host, "error", panel);
        overlay.pane().addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.C && !e.isControlDown()) {
                copy(report);
                e.consume();
            }
        });
    }

    private static void copy(String report) {
        ClipboardContent content = new ClipboardContent();
        content.putString(report);
        Clipboard.getSystemClipboard().setContent(content);
    }

    private void close() {
        overlay.close();
    }

    void open() {
        boolean already = host.getChildren().stream().map(Node::getId).anyMatch("error"::equals);
        if (!already) {
            overlay.open();
            goOn.requestFocus();
        }
    }
}
