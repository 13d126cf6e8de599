package app.drachen.files.logs;

import app.drachen.core.log.FlightLog;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import app.drachen.files.csv.CsvLogReader;
import app.drachen.files.csv.ForeignTable;
import app.drachen.files.csv.LogMapping;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Reads a flight log from a file of any known kind; the kind is seen from the content, not from the name. */
public final class LogFiles {
    private LogFiles() {}

    /**
     * What format a file has.
     *
     * @throws ImportFailedException if it cannot be read at all
     */
    public static LogFormat format(Path file) throws ImportFailedException {
        return readable(file, () -> {
            try (InputStream in = Files.newInputStream(Unpacked.of(file))) {
                return LogFormats.of(new String(in.readNBytes(16_384), StandardCharsets.ISO_8859_1));
            }
        });
    }

    /** Looks at a table without reading it. */
    public static ForeignTable look(Path file) throws ImportFailedException {
        return readable(file, () -> ForeignTable.look(Unpacked.of(file)));
    }

    /** Reads a table under a mapping. */
    public static Imported<FlightLog> read(ForeignTable table, LogMapping mapping, Progress progress)
            throws ImportFailedException {
        return readable(table.file(), () -> CsvLogReader.read(table, mapping, progress));
    }

    /**
     * Reads a log; a table by its guessed mapping.
     *
     * @throws ImportFailedException with one sentence: file, place, remedy
     */
    public static Imported<FlightLog> read(Path file, Progress progress) throws ImportFailedException {
        LogFormat format = format(file);
        return readable(file, () -> format.reader().orElseThrow().read(Unpacked.of(file), progress));
    }

    private interface Reading<T> {
        T run() throws IOException, ImportFailedException;
    }

    private static <T> T readable(Path file, Reading<T> reading) throws ImportFailedException {
        try {
            if (Files.exists(file) && !Files.isRegularFile(file)) {
                throw new ImportFailedException(
                        file,
                        "",
                        Files.isDirectory(file)
                                ? "this is a folder; choose a file in it"
                                : "this is no ordinary file; copy what it gives into one and read that");
            }
            return reading.run();
        } catch (NoSuchFileException e) {
            throw new ImportFailedException(file, "", "there is no such file; check the name");
        } catch (AccessDeniedException e) {
            throw new ImportFailedException(file, "", "may not be read by you; change its permissions or copy it");
        } catch (IOException e) {
            throw new ImportFailedException(
                    file, "", "cannot be read (" + e.getMessage() + "); check the disk and try again");
        } catch (OutOfMemoryError e) {
            throw new ImportFailedException(
                    file, "", "needs more memory than there is; cut the file or leave columns out");
        }
    }
}
