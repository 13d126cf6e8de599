package app.drachen.files.state;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.LogManager;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;

/**
 * The log of the program: a rolling file in the user's state folder. It says what the program did and what went wrong,
 * and of the user's own data nothing but the names of files. Libraries log into it too, from warnings up.
 */
public final class ProgramLog {
    private static final int BYTES = 500_000;
    private static final int FILES = 3;
    private static final String FORMAT = "%1$tF %1$tT.%1$tL %4$s %5$s%6$s%n";

    private ProgramLog() {}

    /** Until a log is begun nothing is logged, and nothing but sentences comes out of a command. */
    public static void hush() {
        // read when something first logs, which a command that answers at once never does
        System.setProperty("java.util.logging.config.class", Hush.class.getName());
    }

    /** What the machine's logging is begun with: nothing. */
    public static final class Hush {
        /** Takes all handlers away. */
        public Hush() {
            LogManager.getLogManager().reset();
        }
    }

    /** Begins to log into a folder; a folder that cannot be written is no reason not to start. */
    public static void begin(Path folder, String version) {
        System.setProperty("java.util.logging.SimpleFormatter.format", FORMAT);
        LogManager.getLogManager().reset();
        try {
            Files.createDirectories(folder);
            FileHandler handler =
                    new FileHandler(folder.resolve("drachen-%g.log").toString(), BYTES, FILES, true);
            handler.setFormatter(new SimpleFormatter());
            handler.setEncoding("UTF-8");
            Logger.getLogger("").addHandler(handler);
            Logger.getLogger("").setLevel(Level.WARNING);
            log().setLevel(Level.INFO);
        } catch (IOException e) {
            System.err.println("drachen: the log of the program could not be opened: " + e.getMessage());
        }
        log().info("Drachen " + version + " starts, Java " + System.getProperty("java.version") + ", "
                + System.getProperty("os.name") + " " + System.getProperty("os.arch"));
    }

    /** Held fast, since the machine forgets a logger that nobody holds, and its level with it; made when it is first needed. */
    private static final class Held {
        private static final Logger LOG = Logger.getLogger("app.drachen");
    }

    private static Logger log() {
        return Held.LOG;
    }

    /** Something the program did. */
    public static void say(String what) {
        log().info(what);
    }

    /** Something went wrong that nobody foresaw. */
    public static void wrong(Throwable error) {
        log().log(Level.SEVERE, "not foreseen", error);
    }
}
