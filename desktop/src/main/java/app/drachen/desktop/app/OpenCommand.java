package app.drachen.desktop.app;

import app.drachen.files.demo.DemoHangar;
import app.drachen.files.hangar.Hangar;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import javafx.application.Application;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Opens a hangar in a window; {@code drachen demo} opens the demo hangar. */
@Command(
        name = "open",
        aliases = "demo",
        mixinStandardHelpOptions = true,
        description = "Open a hangar in a window; without a file, the demo hangar.")
final class OpenCommand implements Callable<Integer> {
    @Parameters(arity = "0..1", paramLabel = "HANGAR", description = "hangar file, made if it is missing")
    private Path file;

    @Option(names = "--aircraft", paramLabel = "NAME", description = "open on this aircraft")
    private String aircraft;

    @Option(names = "--fresh", description = "make the demo hangar anew; the old one is kept beside it")
    private boolean fresh;

    @Option(names = "--picture", paramLabel = "FILE", description = "write a picture of the first view")
    private Path picture;

    @Option(names = "--timed", hidden = true)
    private boolean timed;

    @Override
    public Integer call() throws Exception {
        Path hangar = file == null ? demo() : file;
        List<String> arguments = new ArrayList<>(List.of());
        if (picture != null) {
            arguments.add("--picture=" + picture);
        }
        if (timed) {
            arguments.add("--timed=true");
        }
        // fail here, with one sentence, and not in the window's thread
        Hangar opened = Hangar.open(hangar);
        DrachenApplication.show(opened, chosen(opened));
        Application.launch(DrachenApplication.class, arguments.toArray(new String[0]));
        return Main.DONE;
    }

    /** The aircraft named on the command line, if it stands in the hangar. */
    private OptionalLong chosen(Hangar opened) {
        if (aircraft == null) {
            return OptionalLong.empty();
        }
        return OptionalLong.of(HangarOptions.aircraft(opened, aircraft).id());
    }

    private Path demo() throws Exception {
        Path hangar = UserFolders.data().resolve("demo.drachen");
        Files.createDirectories(hangar.getParent());
        if (fresh && Files.exists(hangar)) {
            Files.move(hangar, hangar.resolveSibling("demo." + Instant.now().getEpochSecond() + ".drachen"));
            Files.deleteIfExists(hangar.resolveSibling("demo.drachen-wal"));
            Files.deleteIfExists(hangar.resolveSibling("demo.drachen-shm"));
        }
        if (!Files.exists(hangar)) {
            make(hangar);
        }
        return hangar;
    }

    /** Makes a demo hangar by way of a new file, so that a broken start leaves no half of one. */
    static void make(Path hangar) throws Exception {
        System.out.println("Making the demo hangar " + hangar);
        Path building = hangar.resolveSibling(hangar.getFileName() + ".new");
        Files.deleteIfExists(building);
        try (Hangar made = Hangar.open(building)) {
            DemoHangar.fill(made, Instant.now().getEpochSecond());
        }
        Files.move(building, hangar);
    }
}
