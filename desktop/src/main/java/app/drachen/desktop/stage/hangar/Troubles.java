package app.drachen.desktop.stage.hangar;

import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desktop.widget.Action;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Texts;
import app.drachen.files.NewFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** An aircraft that is not read yet, or cannot be: why, and what can be done about it. The others stand beside it. */
final class Troubles {
    private final Session session;
    private final Dialogs dialogs;

    Troubles(Session session, Dialogs dialogs) {
        this.session = session;
        this.dialogs = dialogs;
    }

    VBox card(OpenAircraft aircraft) {
        boolean wait = aircraft.trouble().isEmpty();
        VBox card = new VBox(
                6,
                Texts.label(aircraft.name(), "heading"),
                Texts.wrapped(wait ? "is being read" : aircraft.trouble(), "soft"));
        for (Action action : actions(aircraft)) {
            card.getChildren().add(new HBox(8, Texts.key(action.shown()), Texts.wrapped(action.label(), "soft")));
        }
        card.setPadding(new Insets(18));
        card.setAccessibleText(
                aircraft.name() + (wait ? ", is being read" : ", cannot be shown: " + aircraft.trouble()));
        return card;
    }

    /** What can be done; nothing where nothing is wrong. */
    List<Action> actions(OpenAircraft aircraft) {
        if (aircraft.trouble().isEmpty()) {
            return List.of();
        }
        List<Action> actions = new ArrayList<>();
        actions.add(
                Action.of("go back to the last revision that can be read", "B", () -> aircraft.recover(session::tell)));
        actions.add(Action.of("write its document out as it is", "R", () -> writeOut(aircraft)));
        aircraft.wholeCopy()
                .ifPresent(copy -> actions.add(Action.of(
                        "take the whole hangar of "
                                + copy.getFileName().toString().replaceAll("day-|\\.drachen", ""),
                        "C",
                        () -> take(copy))));
        return actions;
    }

    private void writeOut(OpenAircraft aircraft) {
        Optional<Path> chosen = dialogs.save("Write the document", aircraft.name() + ".json", List.of(".json"));
        chosen.ifPresent(file -> aircraft.document(
                text -> session.write(file, f -> NewFile.write(f, fresh -> Files.writeString(fresh, text))),
                session::tell));
    }

    private void take(Path copy) {
        dialogs.save("Take the copy", copy.getFileName().toString(), List.of(".drachen"))
                .ifPresent(file -> session.write(file, f -> NewFile.write(f, fresh -> Files.copy(copy, fresh))));
    }
}
