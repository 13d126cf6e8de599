package app.drachen.desktop.widget;

import java.util.function.Supplier;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;

/** A small panel beside what it edits: filled anew after every change, closed by Escape or a click elsewhere. */
public final class EditPopup {
    private final Popup popup = new Popup();
    private final String id;
    private final double width;
    private final Supplier<Parent> content;
    private boolean opening;

    /**
     * A panel.
     *
     * @param id of its root
     * @param width of its content [px]
     * @param content makes the content anew
     */
    public EditPopup(String id, double width, Supplier<Parent> content) {
        this.id = id;
        this.width = width;
        this.content = content;
        popup.setAutoHide(true);
        popup.setHideOnEscape(true);
    }

    /** Shows it under, or where there is no room over, a node; it goes when that node leaves the window. */
    public void show(Node owner) {
        fill();
        opening = true;
        Bounds at = owner.localToScreen(owner.getBoundsInLocal());
        popup.show(owner, at.getMinX(), at.getMaxY());
        double bottom = owner.getScene().getWindow().getY()
                + owner.getScene().getWindow().getHeight();
        if (popup.getY() + popup.getHeight() > bottom) {
            popup.setY(Math.max(0, at.getMinY() - popup.getHeight()));
        }
    }

    /** Shows it over the upper left corner of a large node. */
    public void showOver(Node owner) {
        fill();
        opening = true;
        Bounds at = owner.localToScreen(owner.getBoundsInLocal());
        // it stays where it is when it grows
        popup.setAutoFix(false);
        double top = Math.max(at.getMinY(), owner.getScene().getWindow().getY());
        popup.show(owner, at.getMinX() + 10, top + 10);
    }

    /** Closes it. */
    public void hide() {
        popup.hide();
    }

    /** Fills it anew, if it is open. */
    public void refresh() {
        if (popup.isShowing()) {
            Focus.kept((Parent) popup.getContent().get(0), this::fill);
        }
    }

    /**
     * The letter of the key that opened the panel is not typed into its first field. A box list keeps Escape for itself even while it is
     * closed; the panel is to close all the same.
     */
    private VBox keyed() {
        VBox box = new VBox();
        box.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            if (opening) {
                e.consume();
            }
        });
        box.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            opening = false;
            if (e.getCode() == KeyCode.ESCAPE && e.getTarget() instanceof ComboBoxBase<?> list && !list.isShowing()) {
                popup.hide();
                e.consume();
            }
        });
        return box;
    }

    private void fill() {
        VBox box = popup.getContent().isEmpty()
                ? keyed()
                : (VBox) popup.getContent().get(0);
        box.getChildren().setAll(content.get());
        box.getStyleClass().setAll("root", "popover");
        box.setId(id);
        box.setPrefWidth(width);
        if (popup.getContent().isEmpty()) {
            popup.getContent().add(box);
        }
    }
}
