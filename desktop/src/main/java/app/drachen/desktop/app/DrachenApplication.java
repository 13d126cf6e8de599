package app.drachen.desktop.app;

import app.drachen.desktop.background.Background;
import app.drachen.files.hangar.Hangar;
import java.nio.file.Path;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.stage.Stage;

/** The program with its first window. */
public final class DrachenApplication extends Application {
    private static Hangar hangar;
    private static OptionalLong aircraft = OptionalLong.empty();
    private final Windows windows = new Windows();

    /** Hands over what to show; to be called before the launch, which makes the application itself. */
    static void show(Hangar opened, OptionalLong shown) {
        hangar = opened;
        aircraft = shown;
    }

    @Override
    public void start(Stage window) {
        Background.uncaught(windows::uncaught);
        window.setOnShown(e -> report());
        Scene scene = windows.show(hangar, window, aircraft);
        Optional.ofNullable(getParameters().getNamed().get("picture"))
                .ifPresent(path -> Background.soon(() -> {
                    Pictures.save(scene, Path.of(path));
                    end();
                }));
    }

    /** Tells when the first window stood, for the benchmark. */
    private void report() {
        if (timed()) {
            Background.soon(() -> {
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
            javafx.application.Platform.exit();
        }
    }

    @Override
    public void stop() {
        windows.closeAll();
    }
}
