package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.clearance.StageKit;
import app.drachen.core.stages.Kits;
import app.drachen.files.logs.LogFormats;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import picocli.CommandLine;

/** What holds for every entry of the lists of the interface. */
class ListsTest {
    /** A rule whose finding nobody can look at, or a screen without rules, is half a stage. */
    @Test
    void exactlyTheStagesWithInstrumentsHaveAScreen() {
        assertEquals(
                Kits.all().stream()
                        .filter(StageKit::hasInstruments)
                        .map(StageKit::stage)
                        .toList(),
                Screens.all().stream().map(Screens.Entry::stage).toList());
    }

    @Test
    void everyCommandHasADescriptionAndHelp() {
        Set<String> names = new HashSet<>();
        for (CommandLine command : Main.command().getSubcommands().values()) {
            var spec = command.getCommandSpec();
            names.add(spec.name());
            assertTrue(spec.usageMessage().description().length > 0, spec.name());
            assertTrue(spec.optionsMap().containsKey("--help"), spec.name());
            spec.options().forEach(o -> assertTrue(o.hidden() || o.description().length > 0, spec.name() + o));
        }
        assertTrue(names.size() > 10, names.toString());
    }

    @Test
    void helpNamesEveryFormatThatIsWritten() {
        assertEquals(String.join(", ", LogFormats.written()), FormatOptions.ENDINGS);
    }
}
