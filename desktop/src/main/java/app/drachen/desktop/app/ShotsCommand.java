package app.drachen.desktop.app;

import app.drachen.desktop.background.Background;
import app.drachen.desktop.theme.Theme;
import app.drachen.desktop.widget.Workspace;
import app.drachen.files.demo.DemoHangar;
import app.drachen.files.hangar.Hangar;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes a picture of each main view from a fresh demo hangar. */
@Command(
        name = "shots",
        mixinStandardHelpOptions = true,
        description = "Write each main view from the demo hangar as a PNG of 1280 by 800.")
final class ShotsCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(paramLabel = "DIR", description = "folder to write into")
    private Path folder;

    @Option(
            names = "--only",
            paramLabel = "NAME",
            description = "write only these views; the ways to them are still gone")
    private List<String> only = List.of();

    @Option(names = "--json", description = "answer as JSON")
    private boolean json;

    @Override
    public Integer call() throws Exception {
        Path building = Files.createTempDirectory("drachen-shots");
        Path file = building.resolve("hangar.drachen");
        List<String> written = new ArrayList<>();
        try (Hangar hangar = Hangar.open(file);
                Background background = new Background()) {
            DemoHangar.fill(hangar, Instant.now().getEpochSecond());
            CountDownLatch started = new CountDownLatch(1);
            Platform.startup(started::countDown);
            started.await();
            Workspace workspace = new Workspace(hangar, Clock.systemUTC());
            Shell shell = Background.askScreen(() -> new Shell(workspace, background));
            Scene scene = Background.askScreen(() -> {
                Scene made = new Scene(shell.root(), 1280, 800);
                Theme.style(made);
                Stage window = new Stage();
                window.setScene(made);
                window.show();
                return made;
            });
            for (Views.View view : Views.all(workspace, scene, shell)) {
                view.prepare();
                if (!only.isEmpty() && !only.contains(view.name())) {
                    continue;
                }
                Path picture = folder.resolve(view.name() + ".png");
                Background.askScreen(() -> {
                    // what was told on the way here is not part of the view
                    scene.lookup("#notice").setVisible(false);
                    Pictures.save(scene, picture);
                    return null;
                });
                written.add(picture.toString());
            }
            Platform.exit();
        } finally {
            try (var left = Files.walk(building)) {
                left.sorted(java.util.Comparator.reverseOrder())
                        .forEach(p -> p.toFile().delete());
            }
        }
        if (json) {
            spec.commandLine().getOut().println(Json.text(written));
        } else {
            written.forEach(spec.commandLine().getOut()::println);
        }
        return Main.DONE;
    }
}
