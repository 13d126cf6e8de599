package app.drachen.desktop.app;

import app.drachen.core.setup.Setup;
import app.drachen.desktop.stage.hangar.HangarView;
import app.drachen.desktop.widget.Workspace;
import app.drachen.files.ImportFailedException;
import app.drachen.files.json.SetupJson;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

/** Files dropped on the window: set-ups, pictures, hangars, and logs for the aircraft that is open. */
final class Drops {
    private final Workspace workspace;
    private final Node target;
    private final HangarView hangar;
    private final Consumer<List<Path>> logs;
    private final Consumer<Path> openHangar;

    Drops(Workspace workspace, Node target, HangarView hangar, Consumer<List<Path>> logs, Consumer<Path> openHangar) {
        this.workspace = workspace;
        this.target = target;
        this.hangar = hangar;
        this.logs = logs;
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
                .filter(f -> !ends(f, ".json", ".drachen", ".png", ".jpg", ".jpeg"))
                .toList();
        readSetups(
                workspace, hangar, files.stream().filter(f -> ends(f, ".json")).toList());
        files.stream().filter(f -> ends(f, ".drachen")).forEach(openHangar);
        List<Path> pictures =
                files.stream().filter(f -> ends(f, ".png", ".jpg", ".jpeg")).toList();
        if (!pictures.isEmpty()) {
            if (workspace.isOpen()) {
                workspace.tell("Pictures belong to an aircraft on the shelf: Ctrl H, choose it, drop them again.");
            } else {
                hangar.addPictures(pictures);
            }
        }
        if (!rest.isEmpty()) {
            logs.accept(rest);
        }
    }

    /** Adds set-up documents as aircraft; what is none is told. */
    static void readSetups(Workspace workspace, HangarView hangar, List<Path> files) {
        for (Path file : files) {
            try {
                Setup setup = SetupJson.read(file);
                long id = workspace.hangar().add(setup, "Read from " + file.getFileName(), workspace.now());
                if (!workspace.isOpen()) {
                    hangar.choose(id);
                }
                workspace.tell(setup.name() + " stands in the hangar.");
            } catch (ImportFailedException e) {
                workspace.tell(e.getMessage());
            }
        }
    }
}
