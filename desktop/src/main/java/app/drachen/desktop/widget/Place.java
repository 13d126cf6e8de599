package app.drachen.desktop.widget;

import app.drachen.desktop.drawing.Picture;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.Node;

/** A screen inside the shell. */
public interface Place {
    /** What is shown. */
    Node node();

    /** Brings the screen up to date with the session. */
    void update();

    /** What can be done here by key. */
    List<Action> actions();

    /** The two buttons below the ledger, the more important first; may be fewer. */
    default List<Action> ledgerActions() {
        return List.of();
    }

    /** Fills the ledger beside it: what the rules of the stage say, unless the place has more to tell. */
    default void fill(Ledger ledger) {
        ledger.showStage(ledgerActions());
    }

    /** Drawings and charts that can be kept as pictures. */
    default List<Picture> pictures() {
        return List.of();
    }

    /** The table of this screen to copy, row by row, headers first; empty if there is none. */
    default List<List<String>> table() {
        return List.of();
    }

    /**
     * Takes a picture that was dropped here.
     *
     * @param file of the picture
     * @return whether pictures mean something here
     */
    default boolean picture(Path file) {
        return false;
    }

    /** The screen is left. */
    default void leave() {}
}
