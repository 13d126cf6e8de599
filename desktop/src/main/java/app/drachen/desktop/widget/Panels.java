package app.drachen.desktop.widget;

import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Tips;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Small panels of a stage, each with its key and what is entered in it, in one line. */
public final class Panels extends VBox {
    private final Session session;
    private final Node over;
    private final List<Panel> panels = new ArrayList<>();

    /** A panel, its line and what the line says. */
    private record Panel(Action action, EditPopup popup, HBox owner, Label words, Function<Setup, String> says) {}

    /**
     * No panels yet.
     *
     * @param over the stage over whose corner they open
     */
    public Panels(Session session, Node over) {
        super(4);
        this.session = session;
        this.over = over;
    }

    /**
     * One more panel.
     *
     * @param label what it is about
     * @param key that opens it
     * @param id of its root
     * @param width of its content [px]
     * @param content makes the content anew
     * @param says what is entered in it, in one line
     */
    public Panels with(
            String label, String key, String id, double width, Supplier<Parent> content, Function<Setup, String> says) {
        add(label, key, id, width, content, says);
        return this;
    }

    private void add(
            String label, String key, String id, double width, Supplier<Parent> content, Function<Setup, String> says) {
        Label words = Texts.label("", "soft", "small");
        words.setMaxWidth(270);
        HBox owner = new HBox(8);
        EditPopup popup = new EditPopup(id, width, content);
        Action action = Action.of(label, key, () -> popup.showOver(over));
        Button button = Texts.button(action, "small-button");
        button.setId("open-" + id);
        owner.getChildren().addAll(button, words);
        owner.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(owner);
        panels.add(new Panel(action, popup, owner, words, says));
    }

    /** The buttons alone, in a row; what is entered is told where the mouse rests on them. */
    public HBox row() {
        HBox row = new HBox(6);
        for (Panel p : panels) {
            Node button = p.owner().getChildren().get(0);
            Tips.say(button, p.words()::getText);
            row.getChildren().add(button);
        }
        getChildren().setAll(row);
        return row;
    }

    /** Brings lines and open panels up to date. */
    public void update() {
        for (Panel p : panels) {
            p.words().setText(Quantity.read(p.says().apply(session.setup()), session.units()));
            p.popup().refresh();
        }
    }

    /** What opens them. */
    public List<Action> actions() {
        return panels.stream().map(Panel::action).toList();
    }
}
