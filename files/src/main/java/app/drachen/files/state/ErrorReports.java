package app.drachen.files.state;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;

/** Writes down what went wrong, in the user's state folder. Nothing is sent anywhere. */
public final class ErrorReports {
    private static final long LARGEST = 1_000_000;

    private final Path file;
    private final Clock clock;
    private final String version;

    /** Reports in the state folder, by a version of the program. */
    public ErrorReports(Path folder, Clock clock, String version) {
        file = folder.resolve("errors.log");
        this.clock = clock;
        this.version = version;
    }

    /** Where they are kept. */
    public Path file() {
        return file;
    }

    /** The report of an error: when, which program on which machine, where in the program. */
    public String report(Throwable error) {
        StringWriter trace = new StringWriter();
        error.printStackTrace(new PrintWriter(trace));
        return clock.instant() + "  Drachen " + version + ", Java " + System.getProperty("java.version") + ", "
                + System.getProperty("os.name") + " " + System.getProperty("os.version") + " "
                + System.getProperty("os.arch") + "\n" + trace;
    }

    /** Keeps a report; says where, or why it could not be kept. */
    public String keep(String report) {
        try {
            Files.createDirectories(file.getParent());
            boolean full = Files.exists(file) && Files.size(file) > LARGEST;
            Files.writeString(
                    file,
                    report + "\n",
                    StandardCharsets.UTF_8,
                    StandardOpenOption.CREATE,
                    full ? StandardOpenOption.TRUNCATE_EXISTING : StandardOpenOption.APPEND);
            return "It is written down in " + file + ".";
        } catch (IOException e) {
            return "It could not be written down (" + e.getMessage() + "): copy it.";
        }
    }
}
