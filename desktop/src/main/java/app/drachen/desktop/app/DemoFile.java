package app.drachen.desktop.app;

import app.drachen.core.working.Progress;
import app.drachen.files.demo.DemoHangar;
import app.drachen.files.hangar.Hangar;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.function.DoubleConsumer;

/** The file of the demo hangar: made, and put aside whole when a fresh one is wanted. */
final class DemoFile {
    private DemoFile() {}

    /** Makes a demo hangar by way of a new file, so that a broken start leaves no half of one. */
    static void make(Path hangar, DoubleConsumer progress) throws IOException {
        System.out.println("Making the demo hangar " + hangar);
        Path building = hangar.resolveSibling(hangar.getFileName() + ".new");
        Files.deleteIfExists(building);
        try (Hangar made = Hangar.open(building)) {
            DemoHangar.fill(made, Clock.systemDefaultZone(), new Progress() {
                @Override
                public void at(double share) {
                    progress.accept(share);
                }

                @Override
                public boolean cancelled() {
                    return false;
                }
            });
        }
        Files.move(building, hangar);
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
