package app.drachen.desktop.widget;

import java.util.EnumSet;
import java.util.Optional;
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
     * Rebuilds a part of the screen; if the focus was inside, the new node of the same id gets it, with what is being typed into it.
     *
     * @param part what is rebuilt
     * @param rebuild makes it anew
     */
    public static void kept(Parent part, Runnable rebuild) {
        Typing.watch(part);
        Node owner = part.getScene() == null ? null : part.getScene().getFocusOwner();
        if (owner == null || owner.getId() == null || !inside(part, owner)) {
            rebuild.run();
            return;
        }
        if (owner instanceof TextField field && Typing.in(field)) {
            String typed = field.getText();
            int caret = field.getCaretPosition();
            Typing.letGo(field);
            rebuild.run();
            Optional<TextField> now =
                    again(part, owner).filter(TextField.class::isInstance).map(TextField.class::cast);
            now.ifPresent(Node::requestFocus);
            if (now.filter(n -> n != field && !means(n, field)).isPresent()) {
                // meant in the units that stood beside it; where the field is the same, it has taken it itself
                Typing.back(field);
                field.fireEvent(new ActionEvent());
            } else if (now.filter(n -> n != field || Typing.in(n)).isPresent()) {
                Typing.goOn(now.get(), typed, caret);
            }
            return;
        }
        rebuild.run();
        again(part, owner).ifPresent(n -> {
            n.requestFocus();
            if (n instanceof TextField field) {
                field.selectAll();
            }
        });
    }

    private static boolean means(TextField now, TextField was) {
        return !(now.getParent() instanceof QuantityField a && was.getParent() instanceof QuantityField b)
                || a.means(b);
    }

    private static boolean inside(Parent part, Node node) {
        return node == part || node.getParent() != null && inside(part, node.getParent());
    }

    private static Optional<Node> again(Parent part, Node owner) {
        return Optional.ofNullable(part.lookup("#" + owner.getId()));
    }
}
