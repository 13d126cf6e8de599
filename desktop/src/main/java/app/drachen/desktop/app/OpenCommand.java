package app.drachen.desktop.app;

import app.drachen.desk.work.Foreseen;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.state.Recents;
import app.drachen.files.state.UserFolders;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import javafx.application.Application;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Opens a hangar in a window; {@code drachen demo} opens the demo hangar. */
@Command(
        name = "open",
        aliases = "demo",
        mixinStandardHelpOptions = true,
        description = "Open a hangar in a window; without a file, the one opened last, or as demo the demo hangar.")
final class OpenCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

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

    /** What was opened before a window; closed if none comes. */
    private volatile Optional<Hangar> opened = Optional.empty();

    /** The name it was called by; that of the demo where none was. */
    private String byName = "open";

    /** A start whose command line {@link Quick} has read. */
    static int plain(String byName, Optional<Path> file, boolean timed) throws Exception {
        OpenCommand command = new OpenCommand();
        command.timed = timed;
        command.byName = byName;
        command.file = file.orElse(null);
        return command.open();
    }

    @Override
    public Integer call() throws Exception {
        List<String> typed = spec.root().commandLine().getParseResult().originalArgs();
        byName = typed.isEmpty() ? "demo" : typed.get(0);
        return open();
    }

    private int open() throws Exception {
        List<String> arguments = new ArrayList<>();
        if (picture != null) {
            arguments.add("--picture=" + picture);
        }
        if (timed) {
            arguments.add("--timed=true");
        }
        // the hangar is opened while the window's toolkit starts: each takes about as long as the other
        FutureTask<DrachenApplication.First> first =
                new FutureTask<>(() -> file != null ? standing(file) : wantsDemo() ? demo() : own());
        new Thread(first, "hangar").start();
        DrachenApplication.show(first);
        try {
            Application.launch(DrachenApplication.class, arguments.toArray(new String[0]));
        } catch (RuntimeException e) {
            settled(first);
            opened.ifPresent(Hangar::close);
            throw noWindow(e);
        }
        Optional<Throwable> wrong = settled(first);
        if (wrong.isPresent()) {
            throw wrong.get() instanceof Exception e ? e : new IllegalStateException(wrong.get());
        }
        return Main.DONE;
    }

    /** Waits for what opens the hangar; what went wrong there, if something did. */
    private static Optional<Throwable> settled(FutureTask<?> first) throws InterruptedException {
        try {
            first.get();
            return Optional.empty();
        } catch (ExecutionException e) {
            return Optional.of(e.getCause());
        }
    }

    /** Why no window came, in words where that is known. */
    private static RuntimeException noWindow(RuntimeException e) {
        if (e instanceof UnsupportedOperationException) {
            return new IllegalArgumentException(
                    "no window can be shown here: " + e.getMessage()
                            + "; start it in a desktop session, or set DISPLAY",
                    e);
        }
        return fonts(e)
                ? new IllegalArgumentException(
                        "no font is found on this system; install some, such as the package fonts-dejavu-core, and"
                                + " start again",
                        e)
                : e;
    }

    private static boolean fonts(Throwable e) {
        Throwable at = e;
        while (at != null
                && !String.valueOf(at.getMessage()).toLowerCase(Locale.ROOT).contains("font")) {
            at = at.getCause();
        }
        return at != null;
    }

    /** Asked for by its name, wanted fresh, or for a picture, which cannot answer a question. */
    private boolean wantsDemo() {
        return fresh || picture != null || timed || byName.equals("demo");
    }

    /** The hangar opened last; where there was none yet, or it cannot be opened, the pilot is asked. */
    private DrachenApplication.First own() {
        List<Path> recents = new Recents(UserFolders.state()).list();
        Optional<Path> last = OwnHangar.last(recents);
        String words = "Welcome. What would you like to do first?";
        List<DrachenApplication.Offer> offers = new ArrayList<>();
        if (last.isPresent()) {
            try {
                return standing(last.get());
            } catch (RuntimeException e) {
                words = Foreseen.sentence(e).orElseThrow(() -> e);
                offers.add(new DrachenApplication.Offer(
                        "Try again", "Enter", "Open " + last.get() + " once more", () -> standing(last.get())));
            }
        } else {
            Path own = OwnHangar.file(recents);
            offers.add(new DrachenApplication.Offer(
                    "Begin my own hangar", "Enter", "An empty shelf for your aircraft, kept in " + own, () -> {
                        Files.createDirectories(own.getParent());
                        return standing(own);
                    }));
        }
        offers.add(new DrachenApplication.Offer(
                "Look round the demo", "D", "Three invented aircraft with flights, to try everything on", this::demo));
        return DrachenApplication.First.asking(words, offers);
    }

    /** A hangar is opened here: what is wrong with it is one sentence, and no window. */
    private DrachenApplication.First standing(Path at) {
        Hangar there = Hangar.openAsItLies(at);
        opened = Optional.of(there);
        OptionalLong shown = chosen(there);
        return new DrachenApplication.First(progress -> there, h -> shown, "Reading the hangar.");
    }

    /** The demo hangar; where there is none its flights are flown while the window stands. */
    private DrachenApplication.First demo() throws IOException {
        Path hangar = OwnHangar.demo();
        Files.createDirectories(hangar.getParent());
        if (fresh) {
            DemoFile.putAside(hangar);
        }
        if (Files.exists(hangar)) {
            return standing(hangar);
        }
        return new DrachenApplication.First(
                progress -> {
                    DemoFile.make(hangar, progress);
                    return Hangar.open(hangar);
                },
                this::chosen,
                "Making the demo hangar: its flights are being flown in the model. This happens once.");
    }

    /** The aircraft named on the command line, if it stands in the hangar. */
    private OptionalLong chosen(Hangar opened) {
        if (aircraft == null) {
            return OptionalLong.empty();
        }
        return OptionalLong.of(HangarOptions.aircraft(opened, aircraft).id());
    }
}
