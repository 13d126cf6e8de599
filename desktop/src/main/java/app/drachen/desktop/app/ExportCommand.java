package app.drachen.desktop.app;

import app.drachen.files.hangar.Hangar;
import app.drachen.files.json.SetupJson;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes an aircraft of a hangar as a set-up document. */
@Command(
        name = "export",
        mixinStandardHelpOptions = true,
        description = "Write an aircraft of a hangar as a set-up document.")
final class ExportCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(index = "0", paramLabel = "AIRCRAFT", description = "name of the aircraft")
    private String name;

    @Parameters(index = "1", paramLabel = "SETUP.json", description = "file to write")
    private Path file;

    @Option(names = "--hangar", paramLabel = "HANGAR", description = "hangar file; default: the demo hangar")
    private Path hangarFile;

    @Override
    public Integer call() throws Exception {
        Path from = hangarFile == null ? UserFolders.data().resolve("demo.drachen") : hangarFile;
        if (!Files.exists(from)) {
            if (hangarFile != null) {
                throw new IllegalArgumentException(from + ": there is no such hangar; check the name");
            }
            Files.createDirectories(from.getParent());
            OpenCommand.make(from);
        }
        try (Hangar hangar = Hangar.open(from)) {
            var found = hangar.aircraft().stream()
                    .filter(a -> a.name().equals(name))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("there is no "
                            + name
                            + " in "
                            + from.getFileName()
                            + "; there are "
                            + hangar.aircraft().stream().map(Hangar.Shelf::name).toList()));
            SetupJson.write(hangar.current(found.id()).setup(), file);
            spec.commandLine()
                    .getOut()
                    .println(name + " r" + hangar.current(found.id()).number() + " written to " + file + ".");
        }
        return Main.DONE;
    }
}
