package app.drachen.files.nmea;

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

/**
 * Reads position, height, speed and course from GGA, RMC, GLL, VTG and ZDA sentences of any talker; other sentences are
 * skipped. Sentences of one time become one row.
 *
 * <p>Source: NMEA 0183 as described in the NMEA reference manuals of receiver makers; checksum: exclusive or of the
 * characters between $ and *. A knot is 1 852 m/h.
 */
public final class NmeaReader {
    private static final double KNOT = 1852.0 / 3600;
    private static final double DAY = 86_400;

    private final Path file;
    private final Problems problems = new Problems();
    private final TrackRows rows = new TrackRows(problems);
    private double clock = Double.NaN;
    private double days;
    private double epoch = Double.NaN;
    private double first = Double.NaN;
    private boolean placed;
    private boolean open;

    private NmeaReader(Path file) {
        this.file = file;
    }

    /**
     * Reads a file.
     *
     * @throws ImportFailedException if it has no position; with file, place and remedy
     */
    public static Imported<FlightLog> read(Path file, Progress progress) throws IOException, ImportFailedException {
        return new NmeaReader(file).read(progress);
    }

    private Imported<FlightLog> read(Progress progress) throws IOException, ImportFailedException {
        long number = 0;
        long bytes = 0;
        long size = Math.max(1, Files.size(file));
        try (BufferedReader in =
                new BufferedReader(new InputStreamReader(Files.newInputStream(file), StandardCharsets.ISO_8859_1))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                number++;
                bytes += line.length() + 1;
                int dollar = line.indexOf('$');
                if (dollar >= 0 && dollar < 60) {
                    sentence(line.substring(dollar + 1), number);
                }
                if ((number & 0xFFF) == 0) {
                    progress.at((double) bytes / size);
                    if (progress.cancelled()) {
                        throw new ImportFailedException(file, "", "reading was cancelled; nothing was kept");
                    }
                }
            }
        }
        end();
        return rows.finish(file, Double.isNaN(epoch) ? Double.NaN : epoch + first);
    }

    private void sentence(String line, long number) {
        if (line.startsWith("P") || line.length() < 6) {
            return;
        }
        int star = line.indexOf('*');
        String body = star < 0 ? line.strip() : line.substring(0, star);
        if (star < 0 || !sum(body).equalsIgnoreCase(line.substring(star + 1).strip())) {
            problems.note(
                    number, "", line, star < 0 ? "has no checksum; left out" : "does not match its checksum; left out");
            return;
        }
        String[] f = body.split(",", -1);
        if (f[0].length() != 5) {
            return;
        }
        try {
            switch (f[0].substring(2)) {
                case "GGA" -> position(f, number);
                case "RMC" -> minimum(f, number);
                case "GLL" -> place(f, 1, 5, !field(f, 6).equals("V"), number);
                case "VTG" -> speed(field(f, 5), field(f, 1));
                case "ZDA" -> date(field(f, 1), field(f, 2), field(f, 3), field(f, 4));
                default -> {}
            }
        } catch (NumberFormatException e) {
            problems.note(number, f[0], line, "has a field that is no number; left out");
        }
    }

    private static String sum(String body) {
        int sum = 0;
        for (int i = 0; i < body.length(); i++) {
            sum ^= body.charAt(i);
        }
        return String.format("%02X", sum & 0xFF);
    }

    private static String field(String[] f, int at) {
        return at < f.length ? f[at].strip() : "";
    }

    private void position(String[] f, long number) {
        boolean fix = !field(f, 6).isEmpty() && !field(f, 6).equals("0");
        place(f, 2, 1, fix, number);
        if (open && fix) {
            put(LogColumn.SATELLITES, field(f, 7), 1);
            put(LogColumn.DILUTION, field(f, 8), 1);
            put(LogColumn.SATELLITE_HEIGHT, field(f, 9), 1);
        }
    }

    private void minimum(String[] f, long number) {
        place(f, 3, 1, field(f, 2).equals("A"), number);
        String date = field(f, 9);
        if (date.length() == 6) {
            date(field(f, 1), date.substring(0, 2), date.substring(2, 4), "20" + date.substring(4));
        }
        if (open) {
            speed(field(f, 7), field(f, 8));
        }
    }

    private void put(LogColumn column, String text, double size) {
        if (!text.isEmpty()) {
            rows.put(column, Double.parseDouble(text) * size);
        }
    }

    private void speed(String knots, String course) {
        if (open) {
            put(LogColumn.GROUND_SPEED, knots, KNOT);
            put(LogColumn.COURSE, course, Math.PI / 180);
        }
    }

    /** A position with its time: opens the row of that time. */
    private void place(String[] f, int latitude, int time, boolean fix, long number) {
        String at = field(f, time);
        if (at.length() < 6) {
            return;
        }
        double now = seconds(at);
        if (now != clock) {
            end();
            days += now < clock - DAY / 2 ? DAY : 0;
            clock = now;
            rows.begin(number);
            open = true;
            placed = false;
        }
        if (fix && !field(f, latitude).isEmpty() && !field(f, latitude + 2).isEmpty()) {
            rows.put(
                    LogColumn.LATITUDE,
                    angle(field(f, latitude), 2, field(f, latitude + 1).equals("S")));
            rows.put(
                    LogColumn.LONGITUDE,
                    angle(field(f, latitude + 2), 3, field(f, latitude + 3).equals("W")));
            placed = true;
        }
    }

    private void end() {
        if (open && placed) {
            first = Double.isNaN(first) ? clock + days : first;
            rows.end(clock + days);
        }
        open = false;
    }

    /** A time of day [s]; hours, minutes and seconds in one number. */
    private static double seconds(String text) {
        double clock = Integer.parseInt(text.substring(0, 2)) * 3600.0
                + Integer.parseInt(text.substring(2, 4)) * 60.0
                + Double.parseDouble(text.substring(4));
        if (!(clock >= 0 && clock <= DAY)) {
            throw new NumberFormatException("no time of day: " + text);
        }
        return clock;
    }

    /** Degrees and minutes in one number [rad]. */
    private static double angle(String text, int digits, boolean negative) {
        if (text.length() <= digits) {
            throw new NumberFormatException("too short for an angle: " + text);
        }
        double degrees = Integer.parseInt(text.substring(0, digits)) + Double.parseDouble(text.substring(digits)) / 60;
        return Math.toRadians(negative ? -degrees : degrees);
    }

    /** The first date tells what day the recording's midnight was. */
    private void date(String time, String day, String month, String year) {
        if (!Double.isNaN(epoch) || time.length() < 6 || year.isEmpty()) {
            return;
        }
        try {
            epoch = LocalDate.of(Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(day))
                                    .toEpochDay()
                            * DAY
                    - days;
        } catch (DateTimeException e) {
            problems.note(0, "date", day + "." + month + "." + year, "is no date; left out");
        }
    }
}
