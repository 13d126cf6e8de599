package app.drachen.desktop.app;

import app.drachen.core.units.Quantity;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Tips;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.widget.Fields;
import app.drachen.desktop.widget.Texts;
import javafx.animation.AnimationTimer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** The line at the foot of the window: revision and whether it is on disk, field, units and keys. */
final class FootLine extends HBox {
    private final Session session;
    private final Label demo = Texts.label("Demo", "strong");
    private final Label revision = Texts.label("", "strong");
    private final Label file = Texts.label("");
    private final Label reason = Texts.label("");
    private final Label field = Texts.label("");
    private final Label units = Texts.label("");

    /** Not every window is told of all that comes to the disk: while something is on its way there, every frame looks. */
    private final AnimationTimer saving = new AnimationTimer() {
        @Override
        public void handle(long now) {
            if (session.desk().saved()) {
                update();
            }
        }
    };

    FootLine(Session session) {
        super(18);
        this.session = session;
        getStyleClass().add("foot");
        setAlignment(Pos.CENTER_LEFT);
        setMinHeight(32);
        setPrefHeight(32);
        Tips.say(demo, "Invented aircraft, flights and places. Ctrl+O begins a hangar of your own.");
        getChildren().addAll(demo, revision, file, reason, field);
        getChildren().forEach(n -> ((Region) n).setMinWidth(0));
        getChildren().addAll(Texts.spring(), hint("Ctrl U", units), hint("Ctrl K", "find"), hint("F1", "keys"));
    }

    /** Labels stay and say something else: their styles cost more than all that this line tells. */
    void update() {
        boolean open = session.isOpen();
        boolean room = open && !Ink.sunlight();
        // what is shown is on disk; what is still on its way there is not shown yet
        String saved = session.desk().saved() ? "saved" : "saving";
        if (saved.equals("saved")) {
            saving.stop();
        } else {
            saving.start();
        }
        say(demo, session.desk().isDemo(), "Demo");
        say(revision, open, open ? "Set-up r" + session.revision().number() + " · " + saved : "");
        say(file, !open, session.desk().file().getFileName() + " · " + saved);
        say(reason, room, room ? Quantity.read(session.revision().reason(), session.units()) : "");
        String over = room
                ? session.field()
                        .map(f -> Fields.line(f, session.units(), session.desk().today()))
                        .orElse("")
                : "";
        say(field, !over.isEmpty(), over);
        units.setText(session.units().label());
    }

    private static void say(Label label, boolean shown, String text) {
        label.setText(text);
        label.setVisible(shown);
        label.setManaged(shown);
    }

    private static HBox hint(String key, String text) {
        return hint(key, Texts.label(text));
    }

    private static HBox hint(String key, Label text) {
        HBox hint = new HBox(5, Texts.key(key), text);
        hint.setAlignment(Pos.CENTER);
        hint.setMinWidth(USE_PREF_SIZE);
        return hint;
    }
}
