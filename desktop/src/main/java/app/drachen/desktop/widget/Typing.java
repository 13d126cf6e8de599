package app.drachen.desktop.widget;

import javafx.event.ActionEvent;
import javafx.event.EventTarget;
import javafx.scene.Parent;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * What is being typed into a field and is not yet taken. What an entry before it changes is shown while the hand types on: the field may be
 * given another value then, or be made anew. Neither may lose what was typed, or take half of it.
 */
final class Typing {
    /** Among the properties of a field: whether it is being typed into. */
    private static final String TYPING = "typing";

    /** Among the properties of a field: another goes on with what was typed. */
    private static final String GONE = "gone";

    private Typing() {}

    /**
     * Takes what is typed with Enter and when the keyboard leaves the field.
     *
     * @param commit takes the text of the field if it is another
     */
    static void watch(TextField field, Runnable commit) {
        watch(field);
        field.setOnAction(e -> take(field, commit));
        field.focusedProperty().addListener((o, was, is) -> {
            if (was && !is) {
                take(field, commit);
            }
        });
    }

    /** Marks the fields in a part of the screen, or one field, once they are typed into. */
    static void watch(Parent part) {
        if (part.getProperties().put(Typing.class, true) != null) {
            return;
        }
        part.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            char typed = e.getCharacter().isEmpty() ? 0 : e.getCharacter().charAt(0);
            if (typed >= ' ' || typed == '\b') {
                begin(e.getTarget());
            }
        });
        part.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.isShortcutDown() && (e.getCode() == KeyCode.V || e.getCode() == KeyCode.X)) {
                begin(e.getTarget());
            }
        });
        part.addEventFilter(ActionEvent.ACTION, e -> {
            if (e.getTarget() instanceof TextField field) {
                end(field);
            }
        });
    }

    private static void begin(EventTarget target) {
        if (target instanceof TextField field) {
            field.getProperties().put(TYPING, true);
        }
    }

    private static void take(TextField field, Runnable commit) {
        if (!field.getProperties().containsKey(GONE)) {
            end(field);
            commit.run();
        }
    }

    /** Whether the hand is in a field and has typed what is not taken yet. */
    static boolean in(TextField field) {
        return field.isFocused() && field.getProperties().containsKey(TYPING);
    }

    /** What was typed is taken or given up. */
    static void end(TextField field) {
        field.getProperties().remove(TYPING);
    }

    /** The field is made anew: the new one goes on, and this one takes nothing any more. */
    static void letGo(TextField field) {
        field.getProperties().put(GONE, true);
    }

    /** A field that was let go is used again, for the same or for something else. */
    static void back(TextField field) {
        field.getProperties().remove(GONE);
    }

    /** Goes on where another field, or this one as it was, was let go. */
    static void goOn(TextField field, String typed, int caret) {
        back(field);
        field.getProperties().put(TYPING, true);
        field.setText(typed);
        field.positionCaret(caret);
    }
}
