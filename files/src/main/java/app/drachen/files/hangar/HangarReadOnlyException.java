package app.drachen.files.hangar;

/** A hangar cannot be written where it lies; it may be open to look at. */
public final class HangarReadOnlyException extends HangarException {
    private static final long serialVersionUID = 1;

    HangarReadOnlyException(String message, Throwable cause) {
        super(message, cause);
    }
}
