package app.drachen.desktop.app;

import app.drachen.core.setup.Components;
import app.drachen.core.setup.Components.Difference;
import app.drachen.core.setup.Setup;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.imports.ImportQueue.Answer;
import app.drachen.desktop.widget.Texts;
import app.drachen.files.hangar.Revision;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** In what two set-ups differ, in words; and what is to be done with one that was read in. */
final class DifferencePanel {
    /** So many revisions are offered to compare with. */
    private static final int REVISIONS = 40;

    private final Session session;
    private final StackPane host;
    private final Finder finder;

    DifferencePanel(Session session, StackPane host, Finder finder) {
        this.session = session;
        this.host = host;
        this.finder = finder;
    }

    /** Asks what the aircraft that is open is to be compared with. */
    void choose() {
        session.history(REVISIONS, revisions -> {
            if (!session.isOpen()) {
                return;
            }
            List<Choice> choices = new ArrayList<>();
            int now = session.revision().number();
            for (Revision revision : revisions) {
                if (revision.number() != now) {
                    choices.add(new Choice(
                            "revision",
                            "r" + revision.number() + " · " + revision.reason(),
                            () -> compare(
                                    "From r" + revision.number() + " to r" + now + " of "
                                            + session.setup().name(),
                                    revision.setup(),
                                    session.setup())));
                }
            }
            for (OpenAircraft other : session.desk().shelf()) {
                if (other != session.aircraft()) {
                    other.standing()
                            .ifPresent(s -> choices.add(new Choice(
                                    "aircraft",
                                    other.name(),
                                    () -> compare(
                                            "From " + other.name() + " to "
                                                    + session.setup().name(),
                                            s.setup(),
                                            session.setup()))));
                }
            }
            finder.open("compare with which revision or aircraft?", choices);
        });
    }

    private void compare(String title, Setup before, Setup after) {
        Overlay overlay = new Overlay(host, "differences", content(title, before, after, new HBox()));
        overlay.open(overlay.pane().lookup("#difference-list"));
    }

    /** Shows what a set-up that was read in would change, and asks. */
    void ask(OpenAircraft there, Setup read, Path file, Answer answer) {
        Overlay[] overlay = new Overlay[1];
        Button take = button("Take as the next revision", "take-revision", () -> {
            overlay[0].close();
            answer.revision();
        });
        take.getStyleClass().add("primary");
        Button own = button("An aircraft of its own", "take-own", () -> {
            overlay[0].close();
            answer.own();
        });
        Button nothing = button("Put it aside", "take-nothing", () -> {
            overlay[0].close();
            answer.nothing();
        });
        String title = file.getFileName() + " against " + there.name() + " as it stands";
        Setup now = there.standing().orElseThrow().setup();
        overlay[0] = new Overlay(host, "differences", content(title, now, read, new HBox(8, take, own, nothing)));
        overlay[0].whenClosedByEscape(answer::nothing);
        overlay[0].open(take);
    }

    private static Button button(String label, String id, Runnable run) {
        Button button = Texts.button(label, run);
        button.setId(id);
        return button;
    }

    private VBox content(String title, Setup before, Setup after, HBox deeds) {
        ListView<String> list = new ListView<>();
        list.setId("difference-list");
        list.setPrefSize(760, 420);
        list.setAccessibleText(title);
        for (Difference difference : Components.between(before, after)) {
            list.getItems().add(FiguresPanel.words(difference, session.units()));
        }
        if (!before.build().measured().equals(after.build().measured())) {
            list.getItems().add("the weighing differs");
        }
        int count = list.getItems().size();
        list.setPlaceholder(Texts.label("Nothing differs."));
        String said = count == 0 ? "Nothing differs." : count + (count == 1 ? " difference" : " differences");
        return new VBox(
                12,
                Texts.label(title, "heading"),
                Texts.label(said, "soft"),
                list,
                deeds,
                Texts.label("Esc closes.", "soft", "small"));
    }
}
