package app.drachen.files;

import java.nio.file.Path;

/** A file could not be read: one sentence with file, place and remedy. */
public final class ImportFailedException extends Exception {
    private static final long serialVersionUID = 1;

    private final String problem;

    /**
     * A failure.
     *
     * @param file the file
     * @param place where in it, may be empty
     * @param problem what is wrong and what to do
     */
    public ImportFailedException(Path file, String place, String problem) {
        super(file.getFileName() + (place.isEmpty() ? "" : ", " + place) + ": " + problem);
        this.problem = (place.isEmpty() ? "" : place + ": ") + problem;
    }

    /** Place and problem, without the file. */
    public String problem() {
        return problem;
    }
}
