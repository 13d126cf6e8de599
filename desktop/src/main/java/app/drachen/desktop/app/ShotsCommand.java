package app.drachen.desktop.app;

import app.drachen.desktop.screen.Screen;
import app.drachen.files.demo.DemoHangar;
import app.drachen.files.hangar.Hangar;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import javafx.scene.Scene;
import javafx.scene.robot.Robot;
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
        try {
            Shown.in(file, shown -> {
                // a row under a pointer that happens to rest there would look chosen
                Screen.ask(() -> {
                    new Robot().mouseMove(0, 0);
                    return 0;
                });
                for (Views.View view : Views.all(shown.session(), shown.scene(), shown.shell())) {
                    view.prepare(shown.session());
                    if (only.isEmpty() || only.contains(view.name())) {
                        written.add(picture(shown.scene(), view.name()).toString());
                    }
                }
                return null;
            });
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

    private Path picture(Scene scene, String name) throws Exception {
        Files.createDirectories(folder);
        Path picture = folder.resolve(name + ".png");
        return Screen.ask(() -> {
            // what was told on the way here is not part of the view
            Shown.lookup(scene, "#notice").setVisible(false);
            Pictures.save(scene, picture);
            return picture;
        });
    }
}
