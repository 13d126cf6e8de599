package app.drachen.desktop.app;

import app.drachen.files.NewFile;
import app.drachen.files.NotWrittenException;
import java.nio.file.Path;
import picocli.CommandLine.Option;

/** What a command may write over. */
final class OutOptions {
    @Option(names = "--force", description = "replace a file that is there; a hangar or the file that is read never is")
    private boolean force;

    /** Refuses a place where something is that may not be written over. */
    void allow(Path file, Path... sources) throws NotWrittenException {
        NewFile.allow(file, force, sources);
    }
}
