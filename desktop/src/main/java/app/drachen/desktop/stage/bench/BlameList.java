package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.Planted;
import app.drachen.desktop.widget.Texts;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/** Causes that may be blamed, narrowed by typing; Enter blames the chosen one. */
final class BlameList extends VBox {
    private final ListView<Planted> list = new ListView<>();

    BlameList(List<Planted> causes, Consumer<Planted> blamed) {
        super(6);
        TextField narrow = new TextField();
        narrow.setId("blame-narrow");
        narrow.setPromptText("type part of a cause");
        list.setId("blame-list");
        list.setPrefHeight(300);
        list.getItems().setAll(causes);
        list.setCellFactory(view -> new ListCell<>() {
            @Override
            protected void updateItem(Planted cause, boolean empty) {
                super.updateItem(cause, empty);
                setText(empty || cause == null ? "" : cause.words());
            }
        });
        list.getSelectionModel().select(0);
        narrow.textProperty().addListener((o, was, is) -> {
            list.getItems()
                    .setAll(causes.stream()
                            .filter(c -> c.words().toLowerCase(Locale.ROOT).contains(is.toLowerCase(Locale.ROOT)))
                            .toList());
            list.getSelectionModel().select(0);
        });
        Runnable blame = () -> {
            Planted cause = list.getSelectionModel().getSelectedItem();
            if (cause != null) {
                blamed.accept(cause);
            }
        };
        narrow.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP) {
                int by = e.getCode() == KeyCode.DOWN ? 1 : -1;
                list.getSelectionModel()
                        .select(Math.max(0, list.getSelectionModel().getSelectedIndex() + by));
                e.consume();
            }
        });
        narrow.setOnAction(e -> blame.run());
        list.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                blame.run();
            }
        });
        getChildren()
                .addAll(
                        Texts.label("What is the cause?", "heading"),
                        narrow,
                        list,
                        Texts.label("Enter blames it, Esc closes. A false blame costs points.", "soft", "small"));
    }
}
