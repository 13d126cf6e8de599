package app.drachen.desktop.app;

import app.drachen.core.setup.Setup;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.json.SetupJson;
import java.nio.file.Path;
import java.time.Instant;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Adds a set-up document to a hangar. */
@Command(
        name = "import",
        mixinStandardHelpOptions = true,
        description = "Add a set-up document to a hangar as a new aircraft.")
final class ImportCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(paramLabel = "SETUP.json", description = "set-up document")
    private Path file;

    @Option(
            names = "--hangar",
            required = true,
            paramLabel = "HANGAR",
            description = "hangar file, made if it is missing")
    private Path hangarFile;

    @Override
    public Integer call() throws Exception {
        Setup setup = SetupJson.read(file);
        try (Hangar hangar = Hangar.open(hangarFile)) {
            hangar.add(
                    setup, "Imported from " + file.getFileName(), Instant.now().getEpochSecond());
        }
        spec.commandLine().getOut().println(setup.name() + " added to " + hangarFile + ".");
        return Main.DONE;
    }
}
