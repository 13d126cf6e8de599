package app.drachen.desktop.app;

import app.drachen.desk.Desk;
import app.drachen.desk.Session;
import app.drachen.desktop.screen.Screen;
import app.drachen.desktop.theme.Theme;
import app.drachen.files.demo.DemoHangar;
import app.drachen.files.hangar.Hangar;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
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
        try (Hangar made = Hangar.open(file)) {
            DemoHangar.fill(made, Clock.systemDefaultZone());
        }
        try (Desk desk = new Desk(
                Hangar.open(file),
                Screen.jobs(e -> {
                    throw new IllegalStateException(e);
                }),
                Screen.LATER,
                Clock.systemDefaultZone())) {
            CountDownLatch started = new CountDownLatch(1);
            Platform.startup(started::countDown);
            started.await();
            Session session = Screen.ask(() -> new Session(desk));
            Shell shell = Screen.ask(() -> new Shell(session));
            Scene scene = Screen.ask(() -> {
                Scene made = new Scene(shell.root(), 1280, 800);
                Theme.style(made);
                Stage window = new Stage();
                window.setScene(made);
                window.show();
                return made;
            });
            Screen.ask(() -> {
                desk.load(session::tell);
                return null;
            });
            for (Views.View view : Views.all(session, scene, shell)) {
                view.prepare(session);
                if (!only.isEmpty() && !only.contains(view.name())) {
                    continue;
                }
                Files.createDirectories(folder);
                Path picture = folder.resolve(view.name() + ".png");
                Screen.ask(() -> {
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
