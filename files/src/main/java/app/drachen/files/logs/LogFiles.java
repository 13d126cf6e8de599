package app.drachen.files.logs;

import app.drachen.core.log.FlightLog;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import app.drachen.files.csv.CsvLogReader;
import app.drachen.files.csv.ForeignTable;
import app.drachen.files.csv.LogMapping;
import app.drachen.files.gpx.GpxReader;
import app.drachen.files.igc.IgcReader;
import app.drachen.files.nmea.NmeaReader;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads a flight log from a file of any known kind; the kind is seen from the content, not from the name. */
public final class LogFiles {
    private static final Pattern SENTENCE = Pattern.compile("(?m)^[^\\n]{0,59}\\$[A-Z]{2}[A-Z]{3},");
    private static final Pattern FIX = Pattern.compile("(?m)^B\\d{13}[NS]\\d{8}[EW][AV]");

    private LogFiles() {}

    /** Kinds of files that logs come in. */
    public enum Kind {
        TABLE,
        GPX,
        IGC,
        NMEA
    }

    /**
     * What kind of file it is.
     *
     * @throws ImportFailedException if it cannot be read at all
     */
    public static Kind kind(Path file) throws ImportFailedException {
        return readable(file, () -> {
            if (Files.isDirectory(file)) {
                throw new ImportFailedException(file, "", "this is a folder; choose a file in it");
            }
            try (InputStream in = Files.newInputStream(file)) {
                String start = new String(in.readNBytes(16_384), StandardCharsets.ISO_8859_1);
                String small = start.toLowerCase(Locale.ROOT).replace("\0", "");
                if (small.contains("<gpx") || small.stripLeading().startsWith("<") || small.contains("<?xml")) {
                    return Kind.GPX;
                }
                if (FIX.matcher(start).find() || start.contains("HFDTE")) {
                    return Kind.IGC;
                }
                return SENTENCE.matcher(start).find() ? Kind.NMEA : Kind.TABLE;
            }
        });
    }

    /** Looks at a table without reading it. */
    public static ForeignTable look(Path file) throws ImportFailedException {
        return readable(file, () -> ForeignTable.look(file));
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
        return read(file, Optional.empty(), progress);
    }

    /** Reads a log; a table by a mapping, if one is given. */
    public static Imported<FlightLog> read(Path file, Optional<LogMapping> mapping, Progress progress)
            throws ImportFailedException {
        Kind kind = kind(file);
        return readable(file, () -> switch (kind) {
            case GPX -> GpxReader.read(file, progress);
            case IGC -> IgcReader.read(file, progress);
            case NMEA -> NmeaReader.read(file, progress);
            case TABLE -> {
                ForeignTable table = ForeignTable.look(file);
                yield CsvLogReader.read(table, mapping.orElse(table.guess()), progress);
            }
        });
    }

    private interface Reading<T> {
        T run() throws IOException, ImportFailedException;
    }

    private static <T> T readable(Path file, Reading<T> reading) throws ImportFailedException {
        try {
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
