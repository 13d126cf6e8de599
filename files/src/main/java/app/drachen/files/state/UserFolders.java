package app.drachen.files.state;

import java.nio.file.Path;
import java.util.Optional;

/** The usual user folders, by the XDG Base Directory Specification (freedesktop.org, 0.8, 2021). */
public final class UserFolders {
    private UserFolders() {}

    /** Where hangars live unless named otherwise. */
    public static Path data() {
        return folder("XDG_DATA_HOME", ".local/share");
    }

    /** Where the window's place is remembered. */
    public static Path state() {
        return folder("XDG_STATE_HOME", ".local/state");
    }

    private static Path folder(String variable, String otherwise) {
        Path base = Optional.ofNullable(System.getenv(variable))
                .filter(v -> !v.isBlank())
                .map(Path::of)
                .orElse(Path.of(System.getProperty("user.home"), otherwise));
        return base.resolve("drachen");
    }
}
