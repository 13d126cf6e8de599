package app.drachen.files.hangar;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.ResultSet;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Copies of a hangar: one before every migration, and one from each of the last seven days on which it was used, in the
 * folder {@code NAME.copies} beside it. A copy is read once it is made; one that does not hold all it must hold is kept
 * under another name and takes no whole copy's place.
 */
public final class Backups {
    private static final int DAYS = 7;
    private static final Pattern WHOLE = Pattern.compile("day-(\\d{4}-\\d{2}-\\d{2})\\.drachen");
    private static final Pattern DAMAGED = Pattern.compile("day-(\\d{4}-\\d{2}-\\d{2})-damaged\\.drachen");

    private Backups() {}

    /** The folder with the copies of a hangar. */
    public static Path folder(Path hangar) {
        return hangar.resolveSibling(hangar.getFileName() + ".copies");
    }

    static void beforeMigration(Database database, Path file, int version) {
        keep(copy(database), folder(file).resolve("before-version-" + (version + 1) + ".drachen"));
    }

    /**
     * Makes the copy of a day, if the day has none; the oldest of its kind beyond seven goes. Copies of days that are not
     * yet come, from a clock that was wrong, are left alone.
     *
     * @return the copy, if one was made
     * @throws HangarException if the hangar is damaged, or holds what cannot be read, or the copy cannot be written
     */
    static Optional<Path> ofTheDay(Database database, LocalDate day) {
        Path folder = folder(database.file());
        Path whole = folder.resolve("day-" + day + ".drachen");
        Path damaged = folder.resolve("day-" + day + "-damaged.drachen");
        if (Files.exists(whole) || Files.exists(damaged)) {
            return Optional.empty();
        }
        String found = database.run("PRAGMA quick_check(1)", s -> {
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? r.getString(1) : "no answer";
            }
        });
        if (!"ok".equals(found)) {
            throw new HangarException(database.file().getFileName() + ": it is damaged; " + advice(database.file()));
        }
        Path fresh = copy(database);
        List<String> troubles = troubles(fresh);
        if (troubles.isEmpty()) {
            keep(fresh, whole);
            prune(folder, WHOLE, day);
            return Optional.of(whole);
        }
        keep(fresh, damaged);
        prune(folder, DAMAGED, day);
        throw new HangarException(database.file().getFileName() + ": " + troubles.get(0)
                + (troubles.size() > 1 ? " and " + (troubles.size() - 1) + " more things cannot be read" : "") + "; "
                + advice(database.file()));
    }

    private static List<String> troubles(Path copy) {
        try (Hangar hangar = Hangar.openToRead(copy)) {
            return hangar.troubles();
        } catch (HangarException e) {
            return List.of(e.getMessage());
        }
    }

    private static Path copy(Database database) {
        Path folder = folder(database.file());
        Path fresh = folder.resolve(database.file().getFileName() + ".new");
        try {
            Files.createDirectories(folder);
            Files.deleteIfExists(fresh);
            database.update("VACUUM INTO ?", fresh.toString());
            return fresh;
        } catch (IOException e) {
            throw unwritten(folder, e);
        }
    }

    private static void keep(Path fresh, Path to) {
        try {
            Files.move(fresh, to, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw unwritten(to.getParent(), e);
        }
    }

    private static HangarException unwritten(Path folder, IOException e) {
        return new HangarException(
                folder.getFileName() + ": no copy of the hangar could be written there; check the folder and the disk",
                e);
    }

    private static void prune(Path folder, Pattern kind, LocalDate today) {
        List<Path> days = days(folder, kind).stream()
                .filter(p -> !dayOf(p, kind).isAfter(today))
                .toList();
        for (Path old : days.subList(0, Math.max(0, days.size() - DAYS))) {
            try {
                Files.deleteIfExists(old);
            } catch (IOException e) {
                throw new HangarException(old + ": this old copy cannot be removed; check the folder", e);
            }
        }
    }

    private static LocalDate dayOf(Path copy, Pattern kind) {
        Matcher name = kind.matcher(copy.getFileName().toString());
        try {
            return name.matches() ? LocalDate.parse(name.group(1)) : LocalDate.MAX;
        } catch (DateTimeParseException e) {
            return LocalDate.MAX;
        }
    }

    /** Copies of a kind, the oldest first. */
    private static List<Path> days(Path folder, Pattern kind) {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(p -> kind.matcher(p.getFileName().toString()).matches())
                    .sorted()
                    .toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    /** The newest whole copy of a hangar, if there is one; one of a day that is not yet come only for want of others. */
    public static Optional<Path> newest(Path hangar) {
        LocalDate today = LocalDate.now();
        List<Path> all = new ArrayList<>(days(folder(hangar), WHOLE));
        all.sort(Comparator.comparing((Path p) -> !dayOf(p, WHOLE).isAfter(today))
                .thenComparing(p -> p));
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    /** What to do with a hangar of which something cannot be read, in words. */
    static String advice(Path hangar) {
        return newest(hangar)
                .map(p -> "the copy " + p.getParent().getFileName() + "/" + p.getFileName() + " beside it is whole")
                .orElse("there is no copy beside it; go back to a revision that can be read");
    }
}
