package app.drachen.desktop.widget;

import javafx.beans.binding.Bindings;
import javafx.css.PseudoClass;
import javafx.event.EventHandler;
import javafx.geometry.Point2D;
import javafx.scene.control.Skin;
import javafx.scene.control.SkinBase;
import javafx.scene.control.TextField;
import javafx.scene.control.skin.TextFieldSkin;
import javafx.scene.input.InputMethodEvent;
import javafx.scene.input.InputMethodRequests;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import javafx.scene.text.TextBoundsType;

/**
 * A field for numbers that gets caret, selection and menu when the pilot comes to it; until then it is its text.
 */
final class LightField extends TextField {
    private static final PseudoClass PROMPT = PseudoClass.getPseudoClass("prompt");

    /** A scene asks for this too, before it lets letters be composed. */
    private static final EventHandler<InputMethodEvent> COMPOSED = e -> {};

    /** Half of it stands before the first letter [px]. */
    private static final double CARET = 1;

    LightField() {
        setInputMethodRequests(new Composed());
        setOnInputMethodTextChanged(COMPOSED);
        focusedProperty().addListener(o -> whole());
        addEventFilter(MouseEvent.MOUSE_PRESSED, e -> {
            if (whole()) {
                // where the press falls is asked for next
                applyCss();
                layout();
            }
        });
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        // one that takes the place of another has the keyboard before it has a skin
        return isFocused() ? toolkits() : new Light(this);
    }

    private boolean whole() {
        boolean light = getSkin() instanceof Light;
        if (light) {
            setSkin(toolkits());
        }
        return light;
    }

    private TextFieldSkin toolkits() {
        // the toolkit's takes both places where they are free
        setInputMethodRequests(null);
        setOnInputMethodTextChanged(null);
        return new TextFieldSkin(this);
    }

    /**
     * Says that letters can be composed here, as with dead keys for ° and ′, which a scene asks before a field hears that it has the
     * keyboard. By the time somebody composes one, the toolkit answers.
     */
    private static final class Composed implements InputMethodRequests {
        @Override
        public Point2D getTextLocation(int offset) {
            return Point2D.ZERO;
        }

        @Override
        public int getLocationOffset(int x, int y) {
            return 0;
        }

        @Override
        public void cancelLatestCommittedText() {
            // nothing was committed yet
        }

        @Override
        public String getSelectedText() {
            return "";
        }
    }

    /** The text, where the toolkit has it. */
    private static final class Light extends SkinBase<LightField> {
        private final Text word = new Text();

        Light(LightField field) {
            super(field);
            word.getStyleClass().add("word");
            word.setMouseTransparent(true);
            word.setManaged(false);
            word.setBoundsType(TextBoundsType.LOGICAL_VERTICAL_CENTER);
            word.fontProperty().bind(field.fontProperty());
            word.textProperty()
                    .bind(Bindings.when(field.textProperty().isEmpty())
                            .then(field.promptTextProperty())
                            .otherwise(field.textProperty()));
            registerChangeListener(field.textProperty(), o -> prompts());
            registerInvalidationListener(word.layoutBoundsProperty(), o -> field.requestLayout());
            prompts();
            getChildren().add(word);
        }

        private void prompts() {
            word.pseudoClassStateChanged(PROMPT, getSkinnable().getText().isEmpty());
        }

        @Override
        public void dispose() {
            word.fontProperty().unbind();
            word.textProperty().unbind();
            // the toolkit leaves what a skin has added; that of the next is there already
            getChildren().remove(word);
            super.dispose();
        }

        private double high() {
            return word.getLayoutBounds().getHeight();
        }

        @Override
        protected double computePrefWidth(double height, double top, double right, double bottom, double left) {
            Text wide = new Text("W");
            wide.setFont(word.getFont());
            return left
                    + getSkinnable().getPrefColumnCount()
                            * wide.getLayoutBounds().getWidth()
                    + right;
        }

        @Override
        protected double computeMinWidth(double height, double top, double right, double bottom, double left) {
            return left + right;
        }

        @Override
        protected double computePrefHeight(double width, double top, double right, double bottom, double left) {
            return top + high() + bottom;
        }

        @Override
        protected double computeMinHeight(double width, double top, double right, double bottom, double left) {
            return top + high() + bottom;
        }

        @Override
        protected double computeMaxHeight(double width, double top, double right, double bottom, double left) {
            return getSkinnable().prefHeight(width);
        }

        @Override
        protected double computeBaselineOffset(double top, double right, double bottom, double left) {
            return top + word.getBaselineOffset();
        }

        @Override
        protected void layoutChildren(double x, double y, double width, double height) {
            word.relocate(x + CARET, y + (height - high()) / 2);
            boolean fits = word.getLayoutBounds().getWidth() + CARET <= width;
            word.setClip(fits ? null : new Rectangle(0, word.getLayoutBounds().getMinY(), width - CARET, high()));
        }
    }
}
