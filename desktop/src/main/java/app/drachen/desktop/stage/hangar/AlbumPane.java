package app.drachen.desktop.stage.hangar;

import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.work.Lane;
import app.drachen.desktop.widget.PictureBytes;
import app.drachen.desktop.widget.Scroller;
import app.drachen.desktop.widget.Texts;
import app.drachen.files.hangar.Album;
import java.io.ByteArrayInputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Popup;

/** Name, notes and pictures of the aircraft that is chosen on the shelf, to be edited in place. */
final class AlbumPane extends VBox {
    private static final double SMALL = 62;

    private final Session session;
    private final Consumer<Runnable> undoable;
    private final TextField name = new TextField();
    private final TextField notes = new TextField();
    private final HBox pictures = new HBox(8);
    private final ScrollPane scroll = new Scroller();
    private final Label hint = Texts.label("", "soft");
    private Optional<OpenAircraft> aircraft = Optional.empty();
    private String kept = "";

    /**
     * The album of a session.
     *
     * @param undoable receives how to take back what was removed
     * @param done gives the keys back to the shelf
     */
    AlbumPane(Session session, Consumer<Runnable> undoable, Runnable done) {
        super(6);
        this.session = session;
        this.undoable = undoable;
        name.setId("aircraft-name");
        name.setPrefColumnCount(14);
        name.setAccessibleText("name of the aircraft");
        notes.setId("aircraft-notes");
        notes.setPromptText("notes: who built it, what to look after");
        notes.setAccessibleText("notes on the aircraft");
        hint.setMinWidth(Label.USE_PREF_SIZE);
        HBox.setHgrow(notes, Priority.ALWAYS);
        taken(name, this::rename);
        taken(notes, this::keepNotes);
        // Enter takes the name, the next Enter opens the aircraft
        name.setOnAction(e -> {
            boolean named = !name.getText().isBlank();
            rename();
            if (named) {
                done.run();
            }
        });
        scroll.setContent(pictures);
        scroll.setFocusTraversable(false);
        scroll.setPrefHeight(SMALL + 16);
        scroll.setMinHeight(SMALL + 16);
        HBox line = new HBox(8, Texts.label("Name"), name, Texts.label("Notes"), notes, hint);
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(line, scroll);
        setVisible(false);
        setManaged(false);
    }

    private void taken(TextField field, Runnable take) {
        field.setOnAction(e -> take.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (was && !is) {
                take.run();
            }
        });
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                show(aircraft);
                e.consume();
            }
        });
    }

    void show(Optional<OpenAircraft> chosen) {
        aircraft = chosen;
        kept = "";
        notes.setText("");
        name.setText(chosen.map(OpenAircraft::name).orElse(""));
        setVisible(chosen.isPresent());
        setManaged(chosen.isPresent());
        fill(List.of());
        change(album -> {});
    }

    /** The name as it is now, unless it is being typed. */
    void named() {
        if (!name.isFocused()) {
            name.setText(aircraft.map(OpenAircraft::name).orElse(""));
        }
    }

    /** Changes the album, and shows what is in it then. */
    private void change(Consumer<Album> change) {
        aircraft.ifPresent(a -> a.album(
                change,
                leaves -> {
                    if (aircraft.equals(Optional.of(a))) {
                        if (notes.getText().equals(kept)) {
                            notes.setText(leaves.notes());
                        }
                        kept = leaves.notes();
                        fill(leaves.pictures());
                    }
                },
                session::tell));
    }

    private void fill(List<Album.Picture> shown) {
        pictures.getChildren().setAll(shown.stream().map(this::small).toList());
        boolean none = shown.isEmpty();
        hint.setText(none ? "P adds pictures, or drop them here" : "");
        scroll.setVisible(!none);
        scroll.setManaged(!none);
    }

    private Node small(Album.Picture picture) {
        Image image = new Image(new ByteArrayInputStream(picture.bytes()));
        ImageView view = new ImageView(image);
        view.setPreserveRatio(true);
        view.setFitHeight(SMALL);
        StackPane frame = new StackPane(view);
        frame.getStyleClass().addAll("row", "picture");
        frame.setFocusTraversable(true);
        frame.setAccessibleText("picture " + picture.name() + ", Enter shows it large, Delete removes it");
        frame.setOnMouseClicked(e -> large(frame, image));
        frame.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                large(frame, image);
                e.consume();
            } else if (e.getCode() == KeyCode.DELETE) {
                remove(picture);
                e.consume();
            }
        });
        return frame;
    }

    private void remove(Album.Picture picture) {
        aircraft.ifPresent(a -> {
            change(album -> album.remove(picture.id()));
            undoable.accept(() -> {
                a.album(
                        album -> album.add(a.id(), picture.name(), picture.bytes()),
                        leaves -> {
                            if (aircraft.equals(Optional.of(a))) {
                                fill(leaves.pictures());
                            }
                        },
                        session::tell);
                session.tell(picture.name() + " is back.");
            });
            session.tell(picture.name() + " is out of the album; Ctrl Z brings it back.");
        });
    }

    private static void large(Node owner, Image image) {
        ImageView view = new ImageView(image);
        view.setPreserveRatio(true);
        view.setFitWidth(Math.min(900, image.getWidth()));
        Popup popup = new Popup();
        StackPane whole = new StackPane(view);
        whole.getStyleClass().addAll("root", "popover");
        whole.setOnMouseClicked(e -> popup.hide());
        popup.getContent().add(whole);
        popup.setAutoHide(true);
        popup.setHideOnEscape(true);
        var window = owner.getScene().getWindow();
        popup.show(owner, window.getX() + 60, window.getY() + 60);
    }

    private void rename() {
        aircraft.filter(a -> !a.name().equals(name.getText().strip())).ifPresent(a -> {
            if (name.getText().isBlank()) {
                session.tell("A name is needed.");
                name.setText(a.name());
                return;
            }
            if (a.standing().isPresent()) {
                a.rename(name.getText().strip(), session::tell);
            }
        });
    }

    /** Keeps what was typed; never before the notes that were there are known. */
    private void keepNotes() {
        String typed = notes.getText().strip();
        if (!typed.equals(kept)) {
            kept = typed;
            aircraft.ifPresent(a -> change(album -> album.note(a.id(), typed)));
        }
    }

    void startRename() {
        name.requestFocus();
        name.selectAll();
    }

    /** Adds pictures to the aircraft; what is no picture is told. */
    void add(List<Path> files) {
        aircraft.ifPresent(a -> files.forEach(file -> session.desk()
                .jobs()
                .start(
                        Lane.READ,
                        session,
                        running -> PictureBytes.read(file),
                        bytes -> change(
                                album -> album.add(a.id(), file.getFileName().toString(), bytes)),
                        session::tell)));
    }
}
