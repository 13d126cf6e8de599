package app.drachen.desktop.widget;

import javafx.event.ActionEvent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;
import javafx.scene.control.Skin;
import javafx.scene.control.SkinBase;
import javafx.scene.control.skin.ComboBoxListViewSkin;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.text.Text;

/**
 * A box of several, in words, whose list is made when the pilot comes to it. The toolkit's makes thirty nodes for its list at once, which
 * cost more to style than all else of a form.
 *
 * @param <T> what is chosen
 */
public final class LightBox<T> extends ComboBox<T> {
    /** Until then a box is no wider than its widest word and this [px]; the toolkit leaves as much for bar and edges of its list. */
    private static final double BAR = 34;

    private static final double NARROWEST = 50;

    public LightBox() {
        focusedProperty().addListener(o -> {
            if (isEditable()) {
                whole();
            }
        });
        addEventFilter(MouseEvent.MOUSE_PRESSED, e -> whole());
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            // the keys that go on to what is next need no list
            if (e.getCode() != KeyCode.TAB && !e.getCode().isModifierKey()) {
                whole();
            }
        });
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        // one that takes the place of another has the keyboard before it has a skin
        return isShowing() || isEditable() && isFocused() ? new ComboBoxListViewSkin<>(this) : new Light<>(this);
    }

    @Override
    public void show() {
        whole();
        super.show();
    }

    private void whole() {
        if (getSkin() instanceof Light) {
            setSkin(new ComboBoxListViewSkin<>(this));
        }
    }

    private String words(T value) {
        return value == null ? getPromptText() : getConverter().toString(value);
    }

    /** The word and the arrow, where the toolkit has them and under the names by which it styles them. */
    private static final class Light<T> extends SkinBase<LightBox<T>> {
        private final ListCell<T> cell = new ListCell<>();
        private final Region arrow = new Region();
        private final StackPane button = new StackPane(arrow);

        Light(LightBox<T> box) {
            super(box);
            arrow.getStyleClass().setAll("arrow");
            arrow.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
            button.getStyleClass().setAll("arrow-button");
            // a press is one on the box itself: what it fell on is gone when it is let go
            cell.setMouseTransparent(true);
            button.setMouseTransparent(true);
            getChildren().addAll(cell, button);
            registerChangeListener(box.valueProperty(), o -> {
                say();
                // as the toolkit tells that something else was chosen
                box.fireEvent(new ActionEvent());
            });
            registerChangeListener(box.converterProperty(), o -> say());
            registerChangeListener(box.promptTextProperty(), o -> say());
            say();
        }

        @Override
        public void dispose() {
            // the toolkit leaves what a skin has added; that of the next is there already
            getChildren().removeAll(cell, button);
            super.dispose();
        }

        private void say() {
            cell.setText(getSkinnable().words(getSkinnable().getValue()));
        }

        private double buttonWidth() {
            return button.snappedLeftInset() + snapSizeX(arrow.prefWidth(-1)) + button.snappedRightInset();
        }

        @Override
        protected double computePrefWidth(double height, double top, double right, double bottom, double left) {
            Text text = new Text();
            text.setFont(cell.getFont());
            double widest = 0;
            for (T item : getSkinnable().getItems()) {
                text.setText(getSkinnable().words(item));
                widest = Math.max(widest, text.getLayoutBounds().getWidth());
            }
            double list = snapSizeX(widest) + cell.snappedLeftInset() + cell.snappedRightInset() + BAR;
            return Math.max(Math.max(NARROWEST, list), left + cell.prefWidth(-1) + buttonWidth() + right);
        }

        @Override
        protected double computeMinWidth(double height, double top, double right, double bottom, double left) {
            return NARROWEST;
        }

        @Override
        protected double computePrefHeight(double width, double top, double right, double bottom, double left) {
            return top + cell.prefHeight(-1) + bottom;
        }

        @Override
        protected double computeMaxWidth(double height, double top, double right, double bottom, double left) {
            return getSkinnable().prefWidth(height);
        }

        @Override
        protected double computeMaxHeight(double width, double top, double right, double bottom, double left) {
            return getSkinnable().prefHeight(width);
        }

        @Override
        protected double computeBaselineOffset(double top, double right, double bottom, double left) {
            return cell.getLayoutY() + cell.getBaselineOffset();
        }

        @Override
        protected void layoutChildren(double x, double y, double width, double height) {
            double wide = buttonWidth();
            cell.resizeRelocate(x, y, width - wide, height);
            button.resizeRelocate(x + width - wide, y, wide, height);
        }
    }
}
