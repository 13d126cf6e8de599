package app.drachen.desktop.widget;

import java.util.List;
import javafx.scene.Node;

/** A screen inside the shell. */
public interface Place {
    /** What is shown. */
    Node node();

    /** Brings the screen up to date with the workspace. */
    void update();

    /** What can be done here by key. */
    List<Action> actions();

    /** The two buttons below the ledger, the more important first; may be fewer. */
    default List<Action> ledgerActions() {
        return List.of();
    }

    /** The screen is left. */
    default void leave() {}
}
