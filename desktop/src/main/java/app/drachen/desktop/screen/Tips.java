package app.drachen.desktop.screen;

import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/**
 * Words that show where the pointer rests. The tip itself is made when the pointer first comes: each is a window with a scene and styles
 * of its own, and making hundreds of them was a third of what it cost to go to a screen.
 */
public final class Tips {
    private static final double WIDEST = 420;

    private Tips() {}

    /** Says something where the pointer rests on a node, and to screen readers if they are told nothing else; in place of what it said. */
    public static void say(Node node, String text) {
        String before = node.getProperties().get(Tips.class) instanceof Tip tip ? tip.words.get() : null;
        say(node, () -> text);
        if (node.getAccessibleHelp() == null || node.getAccessibleHelp().equals(before)) {
            node.setAccessibleHelp(text);
        }
    }

    /** Says what is to be said when the pointer comes. */
    public static void say(Node node, Supplier<String> words) {
        if (node.getProperties().get(Tips.class) instanceof Tip tip) {
            tip.words = words;
        } else {
            Tip tip = new Tip(words);
            node.getProperties().put(Tips.class, tip);
            node.addEventHandler(MouseEvent.MOUSE_ENTERED, e -> tip.over(node));
        }
    }

    /** The words of one node, and the window for them once it was needed. */
    private static final class Tip {
        private Supplier<String> words;
        private Tooltip made;

        Tip(Supplier<String> words) {
            this.words = words;
        }

        void over(Node node) {
            if (made == null) {
                made = new Tooltip();
                made.setWrapText(true);
                made.setMaxWidth(WIDEST);
                // it goes at Escape, and whatever the key was meant for hears it too
                made.setConsumeAutoHidingEvents(false);
                Tooltip.install(node, made);
            }
            made.setText(words.get());
        }
    }
}
