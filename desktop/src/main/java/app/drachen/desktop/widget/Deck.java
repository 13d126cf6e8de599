package app.drachen.desktop.widget;

import javafx.scene.Node;
import javafx.scene.layout.StackPane;

/**
 * Screens behind one another, of which the front one shows. Those behind stay where they are and keep their styles, so that going back
 * to one costs the layout of what changed and not the styles of all its parts.
 */
public final class Deck extends StackPane {
    /** Brings a screen to the front; it joins the others if it is new. */
    public void show(Node screen) {
        if (!getChildren().contains(screen)) {
            getChildren().add(screen);
        }
        for (Node each : getChildren()) {
            each.setVisible(each == screen);
            each.setManaged(each == screen);
        }
    }

    /** The screen in front; the deck itself while it has none. */
    Node front() {
        return getChildren().stream().filter(Node::isVisible).findFirst().orElse(this);
    }

    /** Whether a node is part of a screen that stands behind another. */
    public static boolean behind(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at.getParent() instanceof Deck && !at.isVisible()) {
                return true;
            }
        }
        return false;
    }
}
