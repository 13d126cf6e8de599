package app.drachen.desktop.app;

import app.drachen.core.air.Field;
import app.drachen.files.NewFile;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.json.SetupJson;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

/** Writes the field of the day of a hangar, for {@code --field} of other commands. */
@Command(
        name = "field",
        mixinStandardHelpOptions = true,
        description = "Write the field of the day of a hangar as JSON, for --field of other commands.")
final class FieldCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "file to write")
    private Path file;

    @Mixin
    private HangarOptions from;

    @Mixin
    private OutOptions over;

    @Override
    public Integer call() throws Exception {
        over.allow(file);
        try (Hangar hangar = from.open()) {
            String kept = hangar.setting(Hangar.FIELD)
                    .orElseThrow(() -> new IllegalArgumentException(
                            hangar.file().getFileName() + ": no field was entered yet; enter it in Maiden"));
            Field field = SetupJson.readField(kept, hangar.file());
            NewFile.write(file, fresh -> Files.writeString(fresh, SetupJson.writeField(field) + "\n"));
            spec.commandLine().getOut().println(field.name() + " written to " + file + ".");
        }
        return Main.DONE;
    }
}
