package app.drachen.files.hangar;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Copies of a hangar: one before every migration, and one from each of the last seven days on which it was used, in the
 * folder {@code NAME.copies} beside it.
 */
public final class Backups {
    private static final int DAYS = 7;

    private Backups() {}

    /** The folder with the copies of a hangar. */
    public static Path folder(Path hangar) {
        return hangar.resolveSibling(hangar.getFileName() + ".copies");
    }

    static void beforeMigration(Database database, Path file, int version) {
        copy(database, folder(file).resolve("before-version-" + (version + 1) + ".drachen"));
    }

    /**
     * Makes the copy of a day, if the day has none; the oldest beyond seven goes. A hangar that is found damaged is not
     * copied over its good copies.
     *
     * @return the copy, if one was made
     * @throws HangarException if the hangar is damaged or the copy cannot be written
     */
    static Optional<Path> ofTheDay(Database database, LocalDate day) {
        Path copy = folder(database.file()).resolve("day-" + day + ".drachen");
        if (Files.exists(copy)) {
            return Optional.empty();
        }
        String found = database.run("PRAGMA quick_check(1)", s -> {
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? r.getString(1) : "no answer";
            }
        });
        if (!"ok".equals(found)) {
            throw new HangarException(
                    database.file().getFileName() + ": it is damaged (" + found + "); go back to a copy in the folder "
                            + folder(database.file()).getFileName());
        }
        copy(database, copy);
        List<Path> days = days(database.file());
        for (Path old : days.subList(0, Math.max(0, days.size() - DAYS))) {
            if (!old.equals(copy)) {
                try {
                    Files.deleteIfExists(old);
                } catch (IOException e) {
                    throw new HangarException(old + ": this old copy cannot be removed; check the folder", e);
                }
            }
        }
        return Optional.of(copy);
    }

    private static void copy(Database database, Path to) {
        Path fresh = to.resolveSibling(to.getFileName() + ".new");
        try {
            Files.createDirectories(to.getParent());
            Files.deleteIfExists(fresh);
            database.update("VACUUM INTO ?", fresh.toString());
            Files.move(fresh, to, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new HangarException(
                    to.getParent() + ": no copy of the hangar could be written there; check the folder ("
                            + e.getMessage() + ")",
                    e);
        }
    }

    private static List<Path> days(Path hangar) {
        try (Stream<Path> files = Files.list(folder(hangar))) {
            return files.filter(p -> p.getFileName().toString().matches("day-.*\\.drachen"))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    /** The newest copy of a hangar, if there is one. */
    static Optional<Path> newest(Path hangar) {
        return days(hangar).stream().max(Comparator.naturalOrder());
    }
}
