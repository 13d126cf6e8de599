package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.bench.BenchCards;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.StageKit;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.modes.Loss;
import app.drachen.core.setup.Setup;
import app.drachen.core.setup.Waiver;
import app.drachen.core.stages.Kits;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.paper.BenchSheet;
import app.drachen.desktop.paper.Papers;
import app.drachen.files.logs.LogFormats;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
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

    /** Every sheet is one page, but for the harness with its pin cards, the bench with its cards and the signals, which take two; what the pilot decided stands on the balance sheet and on every card. */
    @Test
    void everySheetIsAPageAndPrintsWhatWasDecided(@TempDir Path folder) throws Exception {
        Waiver waiver = new Waiver("MAIDEN-R7", "Hold flies itself");
        Setup setup = DemoAircraft.seeschwalbe().waived(waiver.rule(), Optional.of(waiver));
        Papers papers = new Papers(setup, 1, Optional.of(DemoField.evening()), UnitSystem.METRIC);
        for (Papers.Sheet sheet : papers.sheets()) {
            Path pdf = folder.resolve(sheet.id() + ".pdf");
            sheet.write().to(pdf);
            try (var document = Loader.loadPDF(pdf.toFile())) {
                int pages = document.getNumberOfPages();
                boolean book = List.of("harness", "bench").contains(sheet.id());
                int one = sheet.id().equals("signals") ? 2 : 1;
                assertTrue(book ? pages >= 3 && pages <= 9 : pages == one, sheet.id() + ": " + pages);
                String text = new PDFTextStripper().getText(document);
                assertEquals(
                        !List.of("sticks", "bench", "signals").contains(sheet.id()),
                        text.contains("Hold flies itself"),
                        sheet.id());
            }
        }
        assertEquals(5 + CardPlans.all().size(), papers.sheets().size());
        Papers nowhere = new Papers(setup, 1, Optional.empty(), UnitSystem.METRIC);
        assertEquals(5, nowhere.sheets().size(), "no card is made for a field that nobody entered");
    }

    /** The bench on paper: every card with what it must show, in the reader's units; the loss table; what each mode will look like. */
    @Test
    void theBenchSheetHasEveryCardAndEveryLoss(@TempDir Path folder) throws Exception {
        Setup setup = DemoAircraft.strandlaeufer();
        Path pdf = folder.resolve("bench.pdf");
        new BenchSheet(setup, 4, UnitSystem.IMPERIAL).write(pdf);
        try (var document = Loader.loadPDF(pdf.toFile())) {
            String text = new PDFTextStripper().getText(document).replaceAll("[\\s\u00a0]+", " ");
            for (var card : BenchCards.of(setup)) {
                assertTrue(text.contains(card.id().title()), card.id().title());
                assertEquals(
                        card.id().propellerOff(),
                        text.contains(card.id().title() + " \u00b7 propeller off"),
                        card.id().title());
            }
            for (Loss loss : Loss.values()) {
                assertTrue(text.contains(loss.label()), loss.label());
            }
            assertTrue(text.contains("Home. It turns, climbs on the way and flies home at 197 ft"), text);
            assertTrue(text.contains("set-up r4"));
            assertTrue(text.contains("Propeller off wherever the pack is plugged in"));
            assertTrue(!text.contains("\u27e6"), "figures are told in the reader's units");
        }
    }
}
