package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.desktop.widget.Deck;
import app.drachen.desktop.widget.Scroller;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** Screens behind one another: one shows, has the room and is found. */
class DeckTest {
    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private static HBox screen(String id, double width, double height) {
        Region part = new Region();
        part.setId(id);
        part.setMinSize(width, height);
        return new HBox(part);
    }

    @Test
    void theFrontOneShowsHasTheRoomAndIsFound() throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    Deck deck = new Deck();
                    Scene scene = new Scene(deck, 300, 200);
                    HBox low = screen("part", 40, 30);
                    HBox high = screen("part", 50, 700);
                    deck.show(low);
                    deck.show(high);
                    assertTrue(Deck.behind(low.getChildren().get(0)));
                    assertFalse(Deck.behind(high.getChildren().get(0)));
                    assertSame(high.getChildren().get(0), Shown.lookup(scene, "#part"));
                    assertEquals(700, deck.minHeight(-1));
                    deck.show(low);
                    assertSame(low.getChildren().get(0), Shown.lookup(scene, "#part"));
                    assertEquals(30, deck.minHeight(-1), "a high screen behind takes no room");
                    assertEquals(2, deck.getChildren().size(), "a screen is there once");
                    deck.layout();
                    assertEquals(300, low.getWidth());
                    // the one behind was not laid out anew; it is when it comes to the front
                    deck.show(high);
                    deck.layout();
                    assertEquals(300, high.getWidth());
                    return true;
                })
                .get();
    }

    /** What hides itself on the screen in front is still found, as the scene finds it. */
    @Test
    void onlyScreensHide() throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    Deck deck = new Deck();
                    Scene scene = new Scene(deck, 300, 200);
                    HBox front = screen("notice", 40, 30);
                    front.getChildren().get(0).setVisible(false);
                    deck.show(front);
                    assertSame(front.getChildren().get(0), Shown.lookup(scene, "#notice"));
                    assertSame(null, Shown.lookup(scene, "#nothing"));
                    return true;
                })
                .get();
    }

    /** A press on an empty place gives the keyboard to the screen; a scroller that the Tab key goes to keeps it, to scroll by keys. */
    @Test
    void aScrollerThatIsPassedOverGivesTheKeyboardToItsScreen() throws Exception {
        WaitForAsyncUtils.asyncFx(() -> {
                    Deck deck = new Deck();
                    HBox behind = screen("behind", 40, 30);
                    HBox front = screen("front", 40, 30);
                    behind.setFocusTraversable(true);
                    front.setFocusTraversable(true);
                    deck.show(behind);
                    deck.show(front);
                    Scroller outer = new Scroller(deck);
                    outer.setFocusTraversable(false);
                    TextField field = new TextField("typed");
                    VBox root = new VBox(outer, field);
                    Scene scene = new Scene(root, 300, 200);
                    root.applyCss();
                    field.requestFocus();
                    assertSame(field, scene.getFocusOwner());
                    outer.requestFocus();
                    assertSame(front, scene.getFocusOwner(), "what was typed elsewhere is left, so it is taken");
                    Scroller inner = new Scroller(new Region());
                    inner.setFocusTraversable(false);
                    front.getChildren().add(inner);
                    field.requestFocus();
                    inner.requestFocus();
                    assertSame(front, scene.getFocusOwner(), "the screen that it is part of");
                    front.setFocusTraversable(false);
                    inner.requestFocus();
                    assertSame(root, scene.getFocusOwner(), "nobody takes keys there");
                    inner.setFocusTraversable(true);
                    inner.requestFocus();
                    assertSame(inner, scene.getFocusOwner());
                    return true;
                })
                .get();
    }
}
