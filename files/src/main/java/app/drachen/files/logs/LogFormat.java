package app.drachen.files.logs;

import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.log.FlightLog;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A format of flight logs: what it is called, how it is known, what reads and what writes it. Choosers, messages and help
 * are made from the list of these ({@link LogFormats}); a new format is one more entry there and a sample file.
 *
 * @param id short name
 * @param words what it is, for people
 * @param endings of its files, with the dot; the first is written
 * @param known whether the beginning of a file looks like it; never true for a format that is only written
 * @param reader reads it, if it is read
 * @param writer writes it, if it is written
 */
public record LogFormat(
        String id,
        String words,
        List<String> endings,
        Predicate<String> known,
        Optional<Reader> reader,
        Optional<Writer> writer) {
    public LogFormat {
        endings = List.copyOf(endings);
    }

    /** Reads a log. */
    public interface Reader {
        Imported<FlightLog> read(Path file, Progress progress) throws IOException, ImportFailedException;
    }

    /** Writes a flight. */
    public interface Writer {
        /**
         * Writes a flight under a name.
         *
         * @param home where home is, for logs that know metres only
         */
        void write(String name, FlightLog log, Optional<GeodeticPosition> home, Path file) throws IOException;
    }
}
