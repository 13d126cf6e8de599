package app.drachen.files.hangar;

/** The hangar file cannot be used: one sentence with file and remedy. */
public sealed class HangarException extends RuntimeException permits HangarReadOnlyException, UnreadableException {
    private static final long serialVersionUID = 1;

    public HangarException(String message, Throwable cause) {
        super(message, cause);
    }

    public HangarException(String message) {
        super(message);
    }
}
