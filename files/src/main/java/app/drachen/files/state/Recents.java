package app.drachen.files.state;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The hangars that were opened last, the newest first. */
public final class Recents {
    private static final int MOST = 10;

    private final Path file;

    /** The list in the state folder. */
    public Recents(Path folder) {
        file = folder.resolve("recent-hangars");
    }

    /** Those that are still there. */
    public List<Path> list() {
        try {
            return Files.readAllLines(file).stream()
                    .filter(l -> !l.isBlank())
                    .map(Path::of)
                    .filter(Files::exists)
                    .limit(MOST)
                    .toList();
        } catch (IOException | IllegalArgumentException e) {
            return List.of();
        }
    }

    /** Puts a hangar first; a failure to remember is no reason not to open it. */
    public void add(Path hangar) {
        List<String> lines = new ArrayList<>();
        lines.add(hangar.toAbsolutePath().toString());
        list().stream()
                .map(Path::toString)
                .filter(l -> !lines.contains(l))
                .limit(MOST - 1)
                .forEach(lines::add);
        try {
            Files.createDirectories(file.getParent());
            Files.write(file, lines);
        } catch (IOException e) {
            System.err.println("drachen: the list of recent hangars could not be kept: " + e.getMessage());
        }
    }
}
