package app.drachen.files.hangar;

import app.drachen.files.ImportFailedException;
import java.nio.file.Path;

/** Something in a hangar is damaged and cannot be read. */
final class UnreadableException extends HangarException {
    private static final long serialVersionUID = 1;

    private final String what;

    /**
     * Something that cannot be read.
     *
     * @param hangar its file
     * @param what the thing and what is wrong with it
     */
    UnreadableException(Path hangar, String what, Throwable cause) {
        super(hangar.getFileName() + ": " + what + "; " + Backups.advice(hangar), cause);
        this.what = what;
    }

    /** The thing and what is wrong with it, without the file and without advice. */
    String what() {
        return what;
    }

    /** What is wrong with a document, without what to do about a file of one's own. */
    static String why(ImportFailedException e) {
        return e.problem().replaceAll("; (mend|correct) it.*", "");
    }
}
