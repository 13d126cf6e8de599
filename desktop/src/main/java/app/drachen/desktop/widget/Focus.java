package app.drachen.desktop.widget;

import java.util.EnumSet;
import java.util.Set;
import javafx.event.ActionEvent;
import javafx.event.Event;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextField;
import javafx.scene.input.InputMethodEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;

/** Keeps the keyboard where it was while a part of the screen is made anew, and parts that would show the same. */
public final class Focus {
    /** What a part shows, among its properties; nothing once somebody has touched it. */
    private static final String SHOWS = "shows";

    /** Keys that change what they are pressed in without a letter typed; those that only move about touch nothing. */
    private static final Set<KeyCode> CHANGING = EnumSet.of(
            KeyCode.BACK_SPACE,
            KeyCode.DELETE,
            KeyCode.INSERT,
            KeyCode.CONTEXT_MENU,
            KeyCode.ENTER,
            KeyCode.SPACE,
            KeyCode.ESCAPE);

    private Focus() {}

    /**
     * Rebuilds a part of the screen, unless it would show the same and nobody has touched it since it was made: styles of new fields cost
     * more than all else that an update does. Once touched, it is made anew with the next update, so that what was typed and not taken,
     * or ticked and refused, does not stay as if it were so.
     *
     * @param part what is rebuilt
     * @param shows all that it shows, with equality by value; its handlers must act on the session as it is then
     * @param rebuild makes it anew
     */
    public static void kept(Parent part, Object shows, Runnable rebuild) {
        if (shows.equals(part.getProperties().get(SHOWS))) {
            return;
        }
        if (!part.getProperties().containsKey(SHOWS)) {
            EventHandler<Event> touched = e -> part.getProperties().put(SHOWS, "");
            part.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
                if (CHANGING.contains(e.getCode()) || e.isShortcutDown()) {
                    touched.handle(e);
                }
            });
            part.addEventFilter(KeyEvent.KEY_TYPED, e -> {
                if (!e.getCharacter().equals("\t")) {
                    touched.handle(e);
                }
            });
            part.addEventFilter(InputMethodEvent.INPUT_METHOD_TEXT_CHANGED, touched);
            part.addEventFilter(MouseEvent.MOUSE_PRESSED, touched);
            part.addEventFilter(ActionEvent.ACTION, touched);
        }
        kept(part, rebuild);
        part.getProperties().put(SHOWS, shows);
    }

    /**
     * Rebuilds a part of the screen; if the focus was inside, the new node of the same id gets it.
     *
     * @param part what is rebuilt
     * @param rebuild makes it anew
     */
    public static void kept(Parent part, Runnable rebuild) {
        String id = "";
        if (part.getScene() != null) {
            Node owner = part.getScene().getFocusOwner();
            for (Node n = owner; n != null; n = n.getParent()) {
                if (n == part && owner.getId() != null) {
                    id = owner.getId();
                }
            }
        }
        rebuild.run();
        if (!id.isEmpty()) {
            Node again = part.lookup("#" + id);
            if (again != null) {
                again.requestFocus();
                if (again instanceof TextField field) {
                    field.selectAll();
                }
            }
        }
    }
}
