package app.drachen.desktop.widget;

import app.drachen.desktop.screen.Tips;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** Small pieces of text and buttons in the theme's roles. */
public final class Texts {
    private Texts() {}

    /** A label with style classes. */
    public static Label label(String text, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().addAll(styles);
        return label;
    }

    /** A label that wraps. */
    public static Label wrapped(String text, String... styles) {
        Label label = label(text, styles);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** A key cap. */
    public static Label key(String text) {
        Label key = label(text, "key");
        key.setMinWidth(Region.USE_PREF_SIZE);
        return key;
    }

    /** A button that shows its key. */
    public static Button button(String label, Runnable run, String... styles) {
        Button button = new Button(label);
        button.getStyleClass().addAll(styles);
        button.setOnAction(e -> run.run());
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    /** A button of an action, with its key. */
    public static Button button(Action action, String... styles) {
        Button button = new Button(action.label());
        if (!action.shown().isEmpty()) {
            button.setGraphic(key(action.shown()));
            button.setContentDisplay(ContentDisplay.RIGHT);
        }
        button.getStyleClass().addAll(styles);
        button.setOnAction(e -> action.run().run());
        button.setMinWidth(Region.USE_PREF_SIZE);
        Tips.say(button, action.label() + "  " + action.shown());
        return button;
    }

    /** Space that grows. */
    public static Region spring() {
        Region spring = new Region();
        HBox.setHgrow(spring, Priority.ALWAYS);
        return spring;
    }
}
