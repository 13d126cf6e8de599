package app.drachen.desktop.widget;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextField;

/** Keeps the keyboard where it was while a part of the screen is made anew. */
public final class Focus {
    private Focus() {}

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
