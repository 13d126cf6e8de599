package app.drachen.desktop.app;

import app.drachen.core.working.Progress;
import app.drachen.files.demo.DemoHangar;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.state.ProgramLog;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.function.LongPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The file of the demo hangar: made, and put aside whole when a fresh one is wanted. */
final class DemoFile {
    private DemoFile() {}

    /**
     * Makes a demo hangar by way of a new file of this process, so that a broken start leaves no half of one and two that
     * start at once do not undo each other's work; whoever is done first has made it.
     */
    static void make(Path hangar, Progress progress) throws IOException {
        System.out.println("Making the demo hangar " + hangar);
        // said at once: the first aircraft takes seconds before its first flight
        progress.at(0);
        leftovers(hangar, id -> ProcessHandle.of(id).isEmpty());
        long mine = ProcessHandle.current().pid();
        Path building = hangar.resolveSibling(hangar.getFileName() + "." + mine + ".new");
        try (Hangar made = Hangar.open(building)) {
            DemoHangar.fill(made, Clock.systemDefaultZone(), progress);
        }
        try {
            Files.move(building, hangar);
        } catch (FileAlreadyExistsException e) {
            ProgramLog.say("another start has made " + hangar.getFileName() + " first");
        }
        leftovers(hangar, id -> id == mine);
    }

    /** Removes what processes left of making a hangar, with what the database and the lock put beside it. */
    private static void leftovers(Path hangar, LongPredicate of) throws IOException {
        Pattern name =
                Pattern.compile("\\.?" + Pattern.quote(hangar.getFileName().toString()) + "\\.(\\d{1,18})\\.new.*");
        if (Files.isDirectory(hangar.toAbsolutePath().getParent())) {
            List<Path> found;
            try (Stream<Path> beside = Files.list(hangar.toAbsolutePath().getParent())) {
                found = beside.toList();
            }
            for (Path file : found) {
                Matcher matcher = name.matcher(file.getFileName().toString());
                if (matcher.matches() && of.test(Long.parseLong(matcher.group(1)))) {
                    Files.deleteIfExists(file);
                }
            }
        }
    }

    /**
     * Puts a hangar aside under another name, with all that was kept in it. It is opened and closed first: that asks for
     * its lock, and moves what still lies in the write-ahead log into the file.
     *
     * @throws app.drachen.files.hangar.HangarException if another program has it open
     */
    static void putAside(Path hangar) throws IOException {
        if (Files.exists(hangar)) {
            Hangar.open(hangar).close();
            Files.move(hangar, hangar.resolveSibling("demo." + Instant.now().getEpochSecond() + ".drachen"));
        }
    }
}
