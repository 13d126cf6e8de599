package app.drachen.desktop.stage.build;

import app.drachen.core.draft.PartLibrary;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.widget.EditPopup;
import app.drachen.desktop.widget.Texts;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/** The library of generic parts, to choose one from. */
final class PartChooser {
    private EditPopup popup = new EditPopup("parts", 340, VBox::new);

    /** Shows the library; what is chosen by Enter or a click is told. */
    void show(Node owner, UnitSystem units, Consumer<PartLibrary.Generic> chosen) {
        ListView<PartLibrary.Generic> list = new ListView<>();
        list.setId("part-library");
        list.setPrefHeight(330);
        list.setAccessibleText("Generic parts with typical masses");
        list.getItems().setAll(PartLibrary.ALL);
        list.setCellFactory(v -> new ListCell<>() {
            @Override
            protected void updateItem(PartLibrary.Generic part, boolean empty) {
                super.updateItem(part, empty);
                setText(
                        empty || part == null
                                ? ""
                                : part.name() + ", typically " + Quantity.MASS.text(part.mass(), units));
            }
        });
        list.getSelectionModel().select(0);
        Runnable take = () -> {
            popup.hide();
            PartLibrary.Generic part = list.getSelectionModel().getSelectedItem();
            if (part != null) {
                chosen.accept(part);
            }
        };
        list.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                e.consume();
                take.run();
            } else if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                popup.hide();
            }
        });
        list.setOnMouseClicked(e -> take.run());
        popup.hide();
        popup = new EditPopup("parts", 340, () -> box(list));
        popup.showOver(owner);
        list.requestFocus();
    }

    private static Parent box(Node list) {
        VBox box = new VBox(
                8,
                Texts.label("Generic parts, typical masses", "strong"),
                list,
                Texts.label("Enter takes one", "soft"));
        box.setPadding(new Insets(10));
        return box;
    }
}
