package app.drachen.desk.work;

import app.drachen.files.ImportFailedException;
import app.drachen.files.hangar.HangarException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;

/** Failures that the pilot is told in one sentence; all others are errors of the program. */
public final class Foreseen {
    private Foreseen() {}

    /** The sentence of a failure that was foreseen. */
    public static Optional<String> sentence(Throwable failure) {
        if (failure instanceof ImportFailedException
                || failure instanceof HangarException
                || failure instanceof IllegalArgumentException) {
            return Optional.of(String.valueOf(failure.getMessage()));
        }
        if (failure instanceof IOException || failure instanceof UncheckedIOException) {
            return Optional.of(
                    "That file could not be read or written (" + failure.getMessage() + "); nothing is lost.");
        }
        return Optional.empty();
    }
}
