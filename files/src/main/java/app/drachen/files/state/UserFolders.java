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
        return folder(
                variable, Optional.ofNullable(System.getenv(variable)), System.getProperty("user.home"), otherwise);
    }

    /**
     * A folder of ours under a base folder.
     *
     * @throws IllegalArgumentException with one sentence if the base is no full path
     */
    static Path folder(String variable, Optional<String> value, String home, String otherwise) {
        Path base = value.filter(v -> !v.isBlank()).map(Path::of).orElse(Path.of(home, otherwise));
        if (!base.isAbsolute()) {
            throw new IllegalArgumentException(
                    (value.isPresent() ? variable : "HOME") + " is \u201c" + value.orElse(home)
                            + "\u201d, which is no full path; write one that begins at the root, or unset it");
        }
        return base.resolve("drachen");
    }
}
