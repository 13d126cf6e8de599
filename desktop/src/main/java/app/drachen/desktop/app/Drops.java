package app.drachen.desktop.app;

import app.drachen.desk.Session;
import app.drachen.desktop.stage.hangar.HangarView;
import app.drachen.desktop.widget.Place;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

/** Files dropped on the window: set-ups, pictures, hangars, and logs for the aircraft that is open. */
final class Drops {
    private final Session session;
    private final Node target;
    private final Supplier<Place> place;
    private final HangarView hangar;
    private final Consumer<List<Path>> incoming;
    private final Consumer<Path> openHangar;

    Drops(
            Session session,
            Node target,
            Supplier<Place> place,
            HangarView hangar,
            Consumer<List<Path>> incoming,
            Consumer<Path> openHangar) {
        this.session = session;
        this.target = target;
        this.place = place;
        this.hangar = hangar;
        this.incoming = incoming;
        this.openHangar = openHangar;
    }

    void listen() {
        target.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
            e.consume();
        });
        target.setOnDragDropped(this::dropped);
    }

    private void dropped(DragEvent event) {
        List<Path> files =
                event.getDragboard().getFiles().stream().map(File::toPath).toList();
        event.setDropCompleted(!files.isEmpty());
        event.consume();
        take(files);
    }

    private static boolean ends(Path file, String... endings) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return List.of(endings).stream().anyMatch(name::endsWith);
    }

    /** Takes files as what they are. */
    void take(List<Path> files) {
        List<Path> rest = files.stream()
                .filter(f -> !ends(f, ".drachen", ".png", ".jpg", ".jpeg"))
                .toList();
        files.stream().filter(f -> ends(f, ".drachen")).forEach(openHangar);
        List<Path> pictures =
                files.stream().filter(f -> ends(f, ".png", ".jpg", ".jpeg")).toList();
        if (!pictures.isEmpty()) {
            if (session.isOpen()) {
                if (!place.get().picture(pictures.get(0))) {
                    session.tell("Pictures belong to an aircraft on the shelf: Ctrl H, choose it, drop them again;"
                            + " a plan to draw after belongs to Build.");
                }
            } else {
                hangar.addPictures(pictures);
            }
        }
        if (!rest.isEmpty()) {
            incoming.accept(rest);
        }
    }
}
