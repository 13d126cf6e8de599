package app.drachen.desktop.app;

import app.drachen.core.working.Progress;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.state.UserFolders;
import java.nio.file.Files;
import java.nio.file.Path;
import picocli.CommandLine.Option;

/** Which hangar a command reads. It is opened to read only, so a window may have it open meanwhile. */
final class HangarOptions {
    @Option(names = "--hangar", paramLabel = "HANGAR", description = "hangar file; default: the demo hangar")
    private Path file;

    /** Opens it; the demo hangar is made if it is missing. */
    Hangar open() throws Exception {
        if (file != null) {
            return Hangar.openToRead(file);
        }
        Path demo = UserFolders.data().resolve("demo.drachen");
        if (!Files.exists(demo)) {
            Files.createDirectories(demo.getParent());
            DemoFile.make(demo, Progress.NONE);
        }
        return Hangar.openToRead(demo);
    }

    /**
     * The aircraft of a name.
     *
     * @throws IllegalArgumentException naming those that there are
     */
    static Hangar.Shelf aircraft(Hangar hangar, String name) {
        return hangar.aircraft().stream()
                .filter(a -> a.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no " + name + " in "
                        + hangar.file().getFileName() + "; there are "
                        + hangar.aircraft().stream().map(Hangar.Shelf::name).toList()));
    }
}
