package app.drachen.desktop.app;

import app.drachen.core.setup.Setup;
import app.drachen.desk.Session;
import app.drachen.desk.work.Foreseen;
import app.drachen.desktop.drawing.Picture;
import app.drachen.desktop.paper.Papers;
import app.drachen.desktop.stage.debrief.Reading;
import app.drachen.desktop.theme.Ink;
import app.drachen.desktop.widget.Dialogs;
import app.drachen.desktop.widget.Place;
import app.drachen.desktop.widget.Tables;
import app.drachen.files.json.SetupJson;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;

/** What can be taken out of the window: copies of tables, pictures, paper, the set-up. */
final class Deeds {
    private final Session session;
    private final Dialogs dialogs;
    private final Supplier<Place> place;
    private final Supplier<Optional<Reading>> reading;
    private final Finder finder;

    Deeds(Session session, Dialogs dialogs, Supplier<Place> place, Supplier<Optional<Reading>> reading, Finder finder) {
        this.session = session;
        this.dialogs = dialogs;
        this.place = place;
        this.reading = reading;
        this.finder = finder;
    }

    /** Copies the table of the place as text for a spreadsheet. */
    void copyTable() {
        List<List<String>> rows = place.get().table();
        if (rows.size() < 2) {
            session.tell("There is no table here to copy.");
            return;
        }
        ClipboardContent content = new ClipboardContent();
        content.putString(Tables.text(rows, session.units()));
        Clipboard.getSystemClipboard().setContent(content);
        session.tell((rows.size() - 1) + " rows copied; paste them into a spreadsheet.");
    }

    /** Keeps a drawing of the place as SVG or PNG. */
    void pictures() {
        List<Picture> pictures = place.get().pictures();
        if (pictures.isEmpty()) {
            session.tell("There is no drawing here to keep.");
        } else if (pictures.size() == 1) {
            keep(pictures.get(0));
        } else {
            List<Choice> choices = new ArrayList<>();
            pictures.forEach(p -> choices.add(new Choice("picture", p.name(), () -> keep(p))));
            finder.open("which drawing?", choices);
        }
    }

    private void keep(Picture picture) {
        dialogs.save("Keep the drawing", picture.name() + ".svg", PictureFile.ENDINGS)
                .ifPresent(file -> keep(picture, file));
    }

    /** A picture is painted by the interface thread. */
    private void keep(Picture picture, Path file) {
        try {
            PictureFile.save(picture, file);
            session.tell(file + " written.");
        } catch (IOException e) {
            session.tell(Foreseen.sentence(e).orElse(""));
        }
    }

    /** Writes a sheet of paper. */
    void paper() {
        Setup setup = session.setup();
        Papers papers = new Papers(setup, session.revision().number(), session.field(), session.units());
        List<Choice> choices = new ArrayList<>();
        reading.get()
                .ifPresent(r -> choices.add(new Choice(
                        "paper",
                        "debrief of the flight shown",
                        () -> save("debrief", f -> new Papers(r.setup(), r.revision(), session.field(), session.units())
                                .debrief(r.headline(), r.debrief(), r.marks(), f)))));
        for (Papers.Sheet sheet : papers.sheets()) {
            choices.add(new Choice("paper", sheet.words(), () -> save(sheet.words(), sheet.write())));
        }
        String without = session.field().isEmpty() ? "; cards need the field of the day" : "";
        finder.open("which sheet? one page of PDF, black on white" + without, choices);
    }

    private void save(String what, Session.Writing writing) {
        String name = (session.setup().name() + " " + what).replaceAll("[\\\\/:*?\"<>|]", "");
        dialogs.save("Write the sheet", name + ".pdf", List.of(".pdf")).ifPresent(file -> session.write(file, writing));
    }

    /** Writes the set-up as an open document. */
    void exportSetup() {
        Setup setup = session.setup();
        int revision = session.revision().number();
        dialogs.save("Write the set-up", setup.name() + " r" + revision + ".json", List.of(".json"))
                .ifPresent(file -> session.write(file, f -> SetupJson.write(setup, revision, f)));
    }

    /** Switches the sunlight view of the whole program. */
    static boolean turnSunlight() {
        Ink.sunlight(!Ink.sunlight());
        return Ink.sunlight();
    }
}
