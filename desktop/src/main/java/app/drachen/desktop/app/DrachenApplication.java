package app.drachen.desktop.app;

import app.drachen.desktop.background.Background;
import app.drachen.desktop.theme.Theme;
import app.drachen.desktop.widget.Workspace;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** The window. */
public final class DrachenApplication extends Application {
    private static Hangar hangar;
    private Background background;

    /** Hands over the hangar to show; to be called before the launch, which makes the application itself. */
    static void show(Hangar opened) {
        hangar = opened;
    }

    @Override
    public void start(Stage window) {
        background = new Background();
        Workspace workspace = new Workspace(hangar, Clock.systemUTC());
        Shell shell = new Shell(workspace, background);
        Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> {
            e.printStackTrace();
            workspace.tell(
                    e instanceof HangarException
                            ? e.getMessage()
                            : "That went wrong and changed nothing: " + e + ". The set-up is safe.");
        });
        Scene scene = new Scene(shell.root(), 1280, 800);
        Theme.style(scene);
        window.setTitle("Drachen · " + hangar.file().getFileName());
        window.setScene(scene);
        window.setMinWidth(960);
        window.setMinHeight(640);
        WindowMemory memory = new WindowMemory(UserFolders.state().resolve("window.properties"));
        memory.restore(window);
        window.setOnCloseRequest(e -> memory.keep(window));
        window.setOnShown(e -> report());
        window.show();
        Optional.ofNullable(getParameters().getNamed().get("picture"))
                .ifPresent(path -> Background.soon(() -> Pictures.save(scene, Path.of(path))));
    }

    /** Tells when the first window stood, for the benchmark. */
    private void report() {
        if (getParameters().getNamed().containsKey("timed")) {
            Background.soon(() -> {
                System.out.println("first window " + System.currentTimeMillis());
                javafx.application.Platform.exit();
            });
        }
    }

    @Override
    public void stop() {
        background.close();
        hangar.close();
    }
}
