package app.drachen.desktop.app;

import app.drachen.desktop.widget.Dialogs;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** The desktop's own file windows; they start where the last one ended. */
final class FxDialogs implements Dialogs {
    private final Supplier<Window> window;
    private Optional<File> folder = Optional.empty();

    FxDialogs(Supplier<Window> window) {
        this.window = window;
    }

    private FileChooser chooser(String title, List<String> endings) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        folder.filter(File::isDirectory).ifPresent(chooser::setInitialDirectory);
        if (!endings.isEmpty()) {
            List<String> patterns = endings.stream().map(e -> "*" + e).toList();
            chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(String.join(", ", endings), patterns));
            chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("all files", "*"));
        }
        return chooser;
    }

    private Path seen(File file) {
        folder = Optional.ofNullable(file.getParentFile());
        return file.toPath();
    }

    @Override
    public List<Path> open(String title, List<String> endings) {
        List<File> files = chooser(title, endings).showOpenMultipleDialog(window.get());
        return files == null ? List.of() : files.stream().map(this::seen).toList();
    }

    @Override
    public Optional<Path> save(String title, String suggestion, List<String> endings) {
        FileChooser chooser = chooser(title, endings);
        chooser.setInitialFileName(suggestion);
        Optional<Path> chosen =
                Optional.ofNullable(chooser.showSaveDialog(window.get())).map(this::seen);
        Optional<Path> ended = chosen.map(p -> ended(p, endings));
        // the desktop asked about the name as typed; with its ending it may be a file that is there already
        return chosen.equals(ended) || ended.filter(Files::exists).isEmpty()
                ? ended
                : save(title, ended.get().getFileName().toString(), endings);
    }

    private static Path ended(Path file, List<String> endings) {
        String name = file.getFileName().toString();
        boolean known = endings.isEmpty() || endings.stream().anyMatch(name.toLowerCase(Locale.ROOT)::endsWith);
        return known ? file : file.resolveSibling(name + endings.get(0));
    }
}
