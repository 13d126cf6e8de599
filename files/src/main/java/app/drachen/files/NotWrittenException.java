package app.drachen.files;

import java.io.IOException;
import java.nio.file.Path;

/** A file could not be written: one sentence with file, cause and remedy. What was there before is still there. */
public final class NotWrittenException extends IOException {
    private static final long serialVersionUID = 1;

    /**
     * A failure.
     *
     * @param file the file
     * @param why what is wrong and what to do
     */
    public NotWrittenException(Path file, String why) {
        this(file, why, null);
    }

    NotWrittenException(Path file, String why, IOException cause) {
        super((file.getFileName() == null ? file : file.getFileName()) + ": " + why, cause);
    }
}
