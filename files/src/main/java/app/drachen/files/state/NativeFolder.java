package app.drachen.files.state;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where the database unpacks its native library: a folder of this process in the user's state folder. What processes left
 * that were killed is removed by the next one.
 */
public final class NativeFolder {
    private static final String PROPERTY = "org.sqlite.tmpdir";
    private static Optional<Path> place = Optional.empty();

    private NativeFolder() {}

    /** Says where the program keeps its own; without it the system's folder for such files serves. */
    public static void under(Path state) {
        place = Optional.of(state.resolve("native"));
    }

    /** Makes the folder before the library is unpacked, once. */
    public static synchronized void prepare() {
        place.ifPresent(NativeFolder::make);
        place = Optional.empty();
    }

    private static void make(Path all) {
        Path mine = all.resolve(String.valueOf(ProcessHandle.current().pid()));
        try {
            Files.createDirectories(mine);
            System.setProperty(PROPERTY, mine.toString());
            // asked for first, so that it is done last, when the library is gone
            mine.toFile().deleteOnExit();
            sweep(all);
        } catch (IOException e) {
            ProgramLog.say("no folder for native libraries: " + e.getMessage());
        }
    }

    /** Removes what processes left that are no more, from a folder with one folder for each by its number. */
    public static void sweep(Path all) throws IOException {
        for (Path folder : list(all)) {
            String name = folder.getFileName().toString();
            if (name.matches("\\d{1,18}")
                    && ProcessHandle.of(Long.parseLong(name)).isEmpty()) {
                try (Stream<Path> inside = Files.walk(folder)) {
                    for (Path file : inside.sorted(Comparator.reverseOrder()).toList()) {
                        Files.deleteIfExists(file);
                    }
                }
            }
        }
    }

    private static List<Path> list(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.toList();
        }
    }
}
