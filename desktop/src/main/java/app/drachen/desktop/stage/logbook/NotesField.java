package app.drachen.desktop.stage.logbook;

import app.drachen.desk.Session;
import javafx.scene.control.TextField;

/** Notes on the chosen flight, in one line; kept by Enter, by leaving the line, and before another flight is chosen. */
final class NotesField extends TextField {
    private final Session session;
    private final FlightReader reader;

    NotesField(Session session, FlightReader reader) {
        this.session = session;
        this.reader = reader;
        setPromptText("notes on this flight");
        setId("flight-notes");
        setAccessibleText("notes on this flight");
        setOnAction(e -> keep());
        focusedProperty().addListener((o, was, is) -> {
            if (was && !is) {
                keep();
            }
        });
    }

    /** Shows the notes of a flight that was just read; what somebody began to write meanwhile follows them. */
    void show(Read read) {
        String begun = getText().strip();
        setText(begun.isEmpty() ? read.notes() : (read.notes() + " " + begun).strip());
        end();
    }

    /** Keeps what was typed; never before the notes that were there are known. */
    void keep() {
        String typed = getText().strip();
        reader.now().filter(r -> !r.notes().equals(typed)).ifPresent(r -> {
            r.aircraft().note(r.flight().number(), typed, session::tell);
            reader.noted(typed);
        });
    }
}
