package app.drachen.desktop.widget;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/**
 * A scroll pane that keeps no picture of its content. The toolkit's own does, and pools one for every size that ever was; the heap grows
 * by them.
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
}
