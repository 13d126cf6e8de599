package app.drachen.desktop.widget;

import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Working;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;

/** Shows how a value came about: formula, inputs, source; with a button to copy it. */
public final class WorkingPopover {
    private static final double WIDTH = 430;

    private WorkingPopover() {}

    /** Shows workings beside a node; Escape or a click elsewhere closes it. */
    public static Popup show(Node owner, List<Working> workings, UnitSystem units) {
        VBox box = new VBox(14);
        for (Working working : workings) {
            box.getChildren().add(one(working, units));
        }
        ScrollPane scroll = new Scroller(box);
        scroll.setFitToWidth(true);
        scroll.setMaxHeight(440);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        Popup popup = new Popup();
        String text = workings.stream()
                .map(w -> w.explain(units))
                .reduce((a, b) -> a + "\n\n" + b)
                .orElse("");
        Button copy = new Button("Copy");
        copy.getStyleClass().add("small-button");
        copy.setOnAction(e -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text);
            Clipboard.getSystemClipboard().setContent(content);
            copy.setText("Copied");
        });
        HBox foot = new HBox(8, copy, Texts.label("Esc closes", "soft", "small"));
        foot.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        VBox whole = new VBox(10, scroll, foot);
        whole.getStyleClass().addAll("root", "popover");
        whole.setPrefWidth(WIDTH + 36);
        whole.setId("working-popover");
        popup.getContent().add(whole);
        popup.setAutoHide(true);
        popup.setHideOnEscape(true);
        whole.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                popup.hide();
            }
        });
        Bounds at = owner.localToScreen(owner.getBoundsInLocal());
        double x = Math.max(
                8,
                Math.min(
                        at.getMinX(),
                        owner.getScene().getWindow().getX()
                                + owner.getScene().getWindow().getWidth()
                                - WIDTH
                                - 60));
        popup.show(owner, x, at.getMaxY() + 4);
        copy.requestFocus();
        return popup;
    }

    private static VBox one(Working working, UnitSystem units) {
        GridPane inputs = new GridPane();
        inputs.setHgap(16);
        inputs.setVgap(2);
        int row = 0;
        for (Working.Input input : working.inputs()) {
            inputs.add(Texts.label(input.name(), "soft"), 0, row);
            inputs.add(Texts.label(input.quantity().text(input.value(), units), "figure"), 1, row++);
        }
        VBox box = new VBox(
                4,
                Texts.label(working.name() + "  " + working.quantity().text(working.value(), units), "heading"),
                Texts.wrapped(working.formula()),
                inputs);
        working.spread().ifPresent(s -> box.getChildren()
                .add(
                        1,
                        Texts.label(
                                "lies between "
                                        + working.text(units)
                                                .replace("–", " and ")
                                                .replace(" to ", " and "),
                                "soft")));
        box.getChildren()
                .add(Texts.wrapped("Source: " + working.source().text() + " · " + working.id(), "soft", "small"));
        box.setMaxWidth(WIDTH);
        box.setPrefWidth(WIDTH);
        return box;
    }
}
