package app.drachen.desktop.app;

import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.widget.Fields;
import app.drachen.desktop.widget.Texts;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** The line at the foot of the window: revision and whether it is on disk, field, units and keys. */
final class FootLine extends HBox {
    private final Session session;

    FootLine(Session session) {
        super(18);
        this.session = session;
        getStyleClass().add("foot");
        setAlignment(Pos.CENTER_LEFT);
        setMinHeight(32);
        setPrefHeight(32);
    }

    void update() {
        getChildren().clear();
        // what is shown is on disk; what is still on its way there is not shown yet
        if (session.desk().isDemo()) {
            Label demo = Texts.label("Demo", "strong");
            Tips.say(demo, "Invented aircraft, flights and places. Ctrl+O begins a hangar of your own.");
            getChildren().add(demo);
        }
        String saved = session.desk().saved() ? "saved" : "saving";
        if (session.isOpen()) {
            getChildren().add(Texts.label("Set-up r" + session.revision().number() + " · " + saved, "strong"));
        } else {
            getChildren().add(Texts.label(session.desk().file().getFileName() + " · " + saved));
        }
        if (session.isOpen() && !Ink.sunlight()) {
            getChildren().add(Texts.label(Quantity.read(session.revision().reason(), session.units())));
            session.field().ifPresent(f -> getChildren()
                    .add(Texts.label(
                            Fields.line(f, session.units(), session.desk().today()))));
        }
        getChildren()
                .addAll(
                        Texts.spring(),
                        hint("Ctrl U", session.units().label()),
                        hint("Ctrl K", "find"),
                        hint("F1", "keys"));
        getChildren().forEach(n -> ((Region) n).setMinWidth(0));
    }

    private static HBox hint(String key, String text) {
        HBox hint = new HBox(5, Texts.key(key), Texts.label(text));
        hint.setAlignment(Pos.CENTER);
        hint.setMinWidth(USE_PREF_SIZE);
        return hint;
    }
}
