package app.drachen.desktop.app;

import app.drachen.files.state.UserFolders;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** The pilot's own hangar, as opposed to the demo. */
final class OwnHangar {
    private OwnHangar() {}

    /** The file of the demo hangar. */
    static Path demo() {
        return UserFolders.data().resolve("demo.drachen");
    }

    /** The hangar opened last that is not the demo. */
    static Optional<Path> last(List<Path> recents) {
        Path demo = demo().toAbsolutePath();
        return recents.stream()
                .filter(p -> !p.toAbsolutePath().equals(demo)
                        && !p.getFileName().toString().startsWith("demo."))
                .findFirst();
    }

    /** The hangar opened last that is not the demo, or where a first one is to be made. */
    static Path file(List<Path> recents) {
        return last(recents).orElseGet(() -> UserFolders.data().resolve("hangar.drachen"));
    }
}
