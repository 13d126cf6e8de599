package app.drachen.files.igc;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.working.Progress;
import app.drachen.files.ImportFailedException;
import app.drachen.files.Imported;
import app.drachen.files.track.Problems;
import app.drachen.files.track.TrackRows;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads the fixes (B records) of an IGC recording. Heights are pressure heights where the recorder has them, counted
 * from the first; a fix marked V has no satellite height.
 *
 * <p>Source: FAI IGC, "Technical specification for GNSS flight recorders", appendix A (layout of B and H records).
 */
public final class IgcReader {
    private static final Pattern FIX =
            Pattern.compile("B(\\d{2})(\\d{2})(\\d{2})(\\d{2})(\\d{5})([NS])(\\d{3})(\\d{5})([EW])([AV])"
                    + "([-\\d]\\d{4})([-\\d]\\d{4}).*");
    private static final Pattern DATE = Pattern.compile("HFDTE(?:DATE:)?\\s*(\\d{2})(\\d{2})(\\d{2}).*");
    private static final double DAY = 86_400;

    private IgcReader() {}

    /**
     * Reads a file.
     *
     * @throws ImportFailedException if it has no fix; with file, place and remedy
     */
    public static Imported<FlightLog> read(Path file, Progress progress) throws IOException, ImportFailedException {
        Problems problems = new Problems();
        TrackRows rows = new TrackRows(problems);
        double day = 0;
        double lastClock = 0;
        double firstPressure = Double.NaN;
        long number = 0;
        long bytes = 0;
        long size = Math.max(1, Files.size(file));
        try (BufferedReader in =
                new BufferedReader(new InputStreamReader(Files.newInputStream(file), StandardCharsets.ISO_8859_1))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                number++;
                bytes += line.length() + 1;
                if ((number & 0xFFF) == 0) {
                    progress.at((double) bytes / size);
                    if (progress.cancelled()) {
                        throw new ImportFailedException(file, "", "reading was cancelled; nothing was kept");
                    }
                }
                if (line.startsWith("HFDTE")) {
                    day = day(line, number, problems) * DAY;
                } else if (line.startsWith("B")) {
                    Matcher fix = FIX.matcher(line);
                    if (!fix.matches()) {
                        problems.note(number, "", line, "is no complete fix; left out");
                        continue;
                    }
                    double clock = whole(fix, 1) * 3600.0 + whole(fix, 2) * 60.0 + whole(fix, 3);
                    day += clock < lastClock - DAY / 2 ? DAY : 0;
                    lastClock = clock;
                    rows.begin(number);
                    rows.put(LogColumn.LATITUDE, angle(fix, 4));
                    rows.put(LogColumn.LONGITUDE, angle(fix, 7));
                    double pressure = whole(fix, 11);
                    if (pressure != 0) {
                        firstPressure = Double.isNaN(firstPressure) ? pressure : firstPressure;
                        rows.put(LogColumn.HEIGHT, pressure - firstPressure);
                    }
                    rows.put(LogColumn.SATELLITE_HEIGHT, fix.group(10).equals("A") ? whole(fix, 12) : Double.NaN);
                    rows.end(day + clock);
                }
            }
        }
        if (!Double.isNaN(firstPressure)) {
            problems.note("height is the pressure height, counted from the first fix");
        }
        return rows.finish(file);
    }

    private static double day(String line, long number, Problems problems) {
        Matcher date = DATE.matcher(line);
        try {
            if (date.matches()) {
                int year = whole(date, 3);
                return LocalDate.of(year > 79 ? 1900 + year : 2000 + year, whole(date, 2), whole(date, 1))
                        .toEpochDay();
            }
        } catch (DateTimeException e) {
            // told below like any other date that is none
        }
        problems.note(number, "date", line, "is no date; times are kept without one");
        return 0;
    }

    private static int whole(Matcher fix, int group) {
        return Integer.parseInt(fix.group(group));
    }

    /** Degrees, then thousandths of minutes, then the hemisphere [rad]. */
    private static double angle(Matcher fix, int group) {
        double degrees = whole(fix, group) + whole(fix, group + 1) / 60_000.0;
        boolean negative = "SW".contains(fix.group(group + 2));
        return Math.toRadians(negative ? -degrees : degrees);
    }
}
