package app.drachen.desktop.app;

import app.drachen.core.working.Progress;
import app.drachen.desk.Desk;
import app.drachen.desktop.screen.Screen;
import app.drachen.desktop.theme.Theme;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.state.ProgramLog;
import app.drachen.files.state.UserFolders;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.function.Function;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** The program with its first window. It stands at once; what takes long follows, with progress. */
public final class DrachenApplication extends Application {
    private static Future<First> shown;

    private First first;

    private final Windows windows = new Windows();

    /**
     * What the first window shows.
     *
     * @param hangar gives the hangar, open; may take long
     * @param aircraft which aircraft of it to open, if one
     * @param slow what is said while that takes longer than a blink
     * @param offers asked before, if there are any
     */
    record First(Source hangar, Function<Hangar, OptionalLong> aircraft, String slow, List<Offer> offers) {
        First(Source hangar, Function<Hangar, OptionalLong> aircraft, String slow) {
            this(hangar, aircraft, slow, List.of());
        }

        /** The pilot is asked before anything is opened. */
        static First asking(String words, List<Offer> offers) {
            return new First(
                    progress -> {
                        throw new IllegalStateException("nothing was chosen");
                    },
                    h -> OptionalLong.empty(),
                    words,
                    offers);
        }
    }

    /**
     * One answer of a first start.
     *
     * @param label what is done
     * @param key by which key
     * @param words more about it
     * @param first what is then shown; asked for beside the interface, once it was chosen
     */
    record Offer(String label, String key, String words, Callable<First> first) {}

    /** Gives a hangar. */
    interface Source {
        Hangar open(Progress progress) throws Exception;
    }

    /** Hands over what to show; to be called before the launch, which makes the application itself. */
    static void show(Future<First> first) {
        shown = first;
    }

    @Override
    public void start(Stage window) {
        Screen.uncaught(windows::uncaught);
        StartPane pane = new StartPane();
        windows.opening(window, pane);
        try {
            first = shown.get();
        } catch (InterruptedException | ExecutionException e) {
            // no window: whoever launched this says why
            Platform.exit();
            return;
        }
        pane.say(first.slow());
        window.setOnShown(e -> {
            report();
            Screen.soon(() -> Windows.dress(window));
        });
        window.show();
        if (first.offers().isEmpty()) {
            open(window, pane, () -> first);
        } else {
            Theme.load();
            pane.ask(first.offers(), offer -> open(window, pane, offer.first()));
        }
    }

    private void open(Stage window, StartPane pane, Callable<First> wanted) {
        Screen.beside(() -> {
            ProgramLog.begin(UserFolders.state(), Version.text());
            Theme.load();
            try {
                First first = wanted.call();
                Screen.soon(() -> pane.say(first.slow()));
                Hangar hangar = first.hangar().open(pane);
                Desk desk = windows.desk(hangar);
                OptionalLong aircraft = first.aircraft().apply(hangar);
                Screen.soon(() -> picture(windows.show(desk, window, aircraft), desk));
            } catch (Exception e) {
                Screen.soon(() -> pane.failed(e, windows));
            }
        });
    }

    /** Writes a picture of the first view, once all that it shows is there. */
    private void picture(Scene scene, Desk desk) {
        Optional.ofNullable(getParameters().getNamed().get("picture"))
                .ifPresent(path -> whenReady(desk, () -> {
                    Pictures.save(scene, Path.of(path));
                    end();
                    return null;
                }));
    }

    private static void whenReady(Desk desk, Callable<Void> then) {
        Screen.soon(() -> {
            if (!desk.loaded() || !desk.jobs().idle()) {
                whenReady(desk, then);
                return;
            }
            try {
                then.call();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
    }

    /** Tells when the first window stood, for the benchmark. */
    private void report() {
        if (timed()) {
            Screen.soon(() -> {
                System.out.println("first window " + System.currentTimeMillis());
                if (!getParameters().getNamed().containsKey("picture")) {
                    end();
                }
            });
        }
    }

    private boolean timed() {
        return getParameters().getNamed().containsKey("timed");
    }

    private void end() {
        if (timed()) {
            Platform.exit();
        }
    }

    @Override
    public void stop() {
        windows.closeAll();
    }
}
