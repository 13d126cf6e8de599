package app.drachen.desk.work;

import app.drachen.files.ImportFailedException;
import app.drachen.files.NewFile;
import app.drachen.files.NotWrittenException;
import app.drachen.files.hangar.HangarException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileSystemException;
import java.util.Optional;

/** Failures that the pilot is told in one sentence; all others are errors of the program. */
public final class Foreseen {
    private Foreseen() {}

    /** The sentence of a failure that was foreseen. */
    public static Optional<String> sentence(Throwable failure) {
        if (failure instanceof ImportFailedException
                || failure instanceof HangarException
                || failure instanceof NotWrittenException
                || failure instanceof IllegalArgumentException) {
            return Optional.of(String.valueOf(failure.getMessage()));
        }
        if (failure instanceof UncheckedIOException wrapped) {
            return sentence(wrapped.getCause());
        }
        if (failure instanceof FileSystemException file && file.getFile() != null) {
            return Optional.of(file.getFile() + ": " + NewFile.why(file));
        }
        return failure instanceof IOException io ? Optional.of(NewFile.why(io)) : Optional.empty();
    }
}
