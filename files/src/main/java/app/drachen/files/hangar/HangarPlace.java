package app.drachen.files.hangar;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Where a hangar's file really is, and whether it can be one at all. */
final class HangarPlace {
    private HangarPlace() {}

    /**
     * The file that a name leads to.
     *
     * @throws HangarException if it is a folder, a device, a link that leads nowhere, or has no folder
     */
    static Path real(Path named) {
        Path folder = named.toAbsolutePath().getParent();
        if (folder == null || !Files.isDirectory(folder)) {
            throw new HangarException(
                    named.getFileName() + ": there is no folder " + folder + "; make it or choose another");
        }
        if (!Files.exists(named)) {
            if (Files.isSymbolicLink(named)) {
                throw new HangarException(named.getFileName() + ": this link leads nowhere; choose another");
            }
            return named;
        }
        if (!Files.isRegularFile(named)) {
            throw new HangarException(named.getFileName() + ": this is no file and cannot be a hangar; choose another");
        }
        try {
            return named.toRealPath();
        } catch (IOException e) {
            throw new HangarException(
                    named.getFileName() + ": cannot be found (" + e.getMessage() + "); choose another", e);
        }
    }

    /**
     * Refuses a file that has a second name: the database keeps what is on its way beside one name, so that writing
     * through both would destroy it.
     *
     * <p>Source: SQLite, How To Corrupt An SQLite Database File, 2.5 Multiple links to the same file.
     */
    static void oneName(Path file) {
        try {
            if (Files.exists(file) && Files.getAttribute(file, "unix:nlink") instanceof Integer names && names > 1) {
                throw new HangarException(
                        file.getFileName() + ": this file has a second name (a hard link), and writing"
                                + " through two names would damage it; copy it, and open the copy");
            }
        } catch (IOException | UnsupportedOperationException | IllegalArgumentException e) {
            // other systems do not tell, and have no such names in everyday use
            return;
        }
    }

    /** Whether nothing can be written beside a file, and nothing is on its way into it. */
    static boolean lyingStill(Path file) {
        Path waiting = file.resolveSibling(file.getFileName() + "-wal");
        return !Files.isWritable(file.toAbsolutePath().getParent()) && !Files.exists(waiting);
    }
}
