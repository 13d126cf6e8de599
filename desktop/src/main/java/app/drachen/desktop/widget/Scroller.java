package app.drachen.desktop.widget;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/**
 * A scroll pane that keeps no picture of its content and no keyboard. The toolkit's own does, and pools a picture for every size that ever
 * was; the heap grows by them.
 */
public final class Scroller extends ScrollPane {
    /** An empty one. */
    public Scroller() {
        skinProperty().addListener((o, was, is) -> {
            if (is != null) {
                getChildrenUnmodifiable().stream().filter(Node::isCache).forEach(n -> n.setCache(false));
            }
        });
    }

    /** One about a node. */
    public Scroller(Node content) {
        this();
        setContent(content);
    }

    /**
     * A press on what takes no keys asks for them here. One that the Tab key passes over gives them to the screen it is part of: with its
     * own focus comes and goes a style, and all that lies in it would be styled anew each time.
     */
    @Override
    public void requestFocus() {
        if (isFocusTraversable()) {
            super.requestFocus();
            return;
        }
        Node front = getContent() instanceof Deck deck ? deck.front() : getContent();
        Node at = front != null && front.isFocusTraversable() ? front : getParent();
        while (at != null && !at.isFocusTraversable()) {
            at = at.getParent();
        }
        if (at != null) {
            at.requestFocus();
        } else if (getScene() != null) {
            getScene().getRoot().requestFocus();
        }
    }
}
