package app.drachen.desktop.paper;

import app.drachen.core.harness.Device;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.Kits;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.wiring.CutList;
import app.drachen.core.wiring.InstallList;
import app.drachen.core.wiring.PinCard;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.desktop.chart.PairsPainter;
import app.drachen.desktop.drawing.HarnessPainter;
import app.drachen.desktop.drawing.PinPainter;
import app.drachen.desktop.drawing.RailPainter;
import app.drachen.desktop.theme.Theme;
import app.drachen.files.pdf.PdfDocument;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/**
 * The harness on paper, to be wired from: drawing, rails, leads to cut, pin cards, install list.
 *
 * @param setup the aircraft
 * @param revision its revision
 * @param units the reader's units
 */
public record HarnessSheet(Setup setup, int revision, UnitSystem units) {
    private static final double WIDE = 880;

    /** Pin cards on a page. */
    private static final int CARDS = 14;

    private static final String CAUTION =
            "Propeller off. Measure polarity before the first pack; first power through a lamp or a limited supply.";

    /** Writes the sheet into a file. */
    public void write(Path file) throws IOException {
        Wiring wiring = Wiring.of(setup);
        try (PdfDocument document = new PdfDocument(Theme.faces(), setup.name() + ", harness")) {
            page(document, wiring, page -> harness(page, wiring));
            if (wiring.entered()) {
                List<Wired> cards = wiring.wired().stream()
                        .filter(w -> !PinCard.of(w).strands().isEmpty())
                        .toList();
                for (int i = 0; i < cards.size(); i += CARDS) {
                    List<Wired> some = cards.subList(i, Math.min(cards.size(), i + CARDS));
                    page(document, wiring, page -> cards(page, some));
                }
                page(document, wiring, page -> install(page, wiring));
            }
            document.save(file);
        }
    }

    private void page(PdfDocument document, Wiring wiring, Consumer<PaperPage> content) {
        PaperPage.set(document, Theme.faces(), units, page -> {
            page.head(
                    setup.name() + " \u00b7 Harness",
                    (wiring.board().chosen() ? "board " + wiring.board().name() : "no board chosen")
                            + " \u00b7 set-up r" + revision);
            content.accept(page);
            page.foot("Lengths from the drawing plus 10 %. Local rules and licensed practice come first.");
        });
    }

    private void harness(PaperPage page, Wiring wiring) {
        if (!wiring.entered()) {
            page.line("", "No harness is entered yet.", true);
            return;
        }
        page.line("!", CAUTION, false);
        Rails rails = Rails.of(wiring, Plugged.PACK);
        page.drawing(700, 500, g -> new HarnessPainter(wiring, rails, "", units).paint(g, 700, 500));
        double tall = RailPainter.height(wiring.board().rails().size());
        page.drawing(820, tall, g -> new RailPainter(wiring, Plugged.PACK, units).paint(g, 820, tall));
        leads(page, wiring);
    }

    private static void cards(PaperPage page, List<Wired> cards) {
        page.heading("Pin cards, ground first");
        for (int i = 0; i < cards.size(); i += 2) {
            List<Wired> pair = cards.subList(i, Math.min(cards.size(), i + 2));
            double height = pair.stream()
                    .mapToDouble(w -> PinPainter.height(PinCard.of(w)))
                    .max()
                    .orElse(0);
            page.drawing(720, height, g -> {
                for (int k = 0; k < pair.size(); k++) {
                    new PinPainter(pair.get(k)).paint(g, 365.0 * k, 0, 350);
                }
            });
        }
    }

    private void install(PaperPage page, Wiring wiring) {
        if (!wiring.harness().radios().isEmpty()) {
            page.heading("Radios");
            page.drawing(WIDE, 130, g -> new PairsPainter(wiring.harness().radios(), "", units).paint(g, WIDE, 130));
        }
        page.heading("Install list, deepest first");
        page.line("!", CAUTION, false);
        for (InstallList.Step step : InstallList.of(wiring).steps()) {
            page.line("box", step.what() + (step.done() ? " (done)" : ""), false);
        }
        page.heading("To be soldered");
        InstallList.solder(wiring).forEach(j -> page.line("box", j, false));
        List<String> said = Kits.decided(setup);
        if (!said.isEmpty()) {
            page.heading("Decided by you");
            said.forEach(s -> page.line("", Quantity.read(s, units), false));
        }
        page.notes("Measured", 3);
    }

    private void leads(PaperPage page, Wiring wiring) {
        page.heading("Leads to cut");
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("to", "from", "gauge", "length", "wires", "plug", "drop", "label"));
        CutList list = CutList.of(wiring);
        for (CutList.Cut cut : list.cuts()) {
            rows.add(List.of(
                    cut.device(),
                    cut.place(),
                    String.valueOf(cut.gauge()),
                    cut.length() > 0 ? Quantity.SPAN.text(cut.length()) : "measure",
                    String.join(" ", cut.colours()),
                    cut.plug(),
                    cut.drop() > 0 ? Quantity.VOLTAGE.text(cut.drop()) : "",
                    wiring.of(cut.device()).map(HarnessSheet::label).orElse("")));
        }
        page.table(rows, 0.18, 0.17, 0.06, 0.08, 0.2, 0.14, 0.08, 0.09);
        StringBuilder sums = new StringBuilder();
        list.sums().forEach((wire, metres) -> sums.append(sums.isEmpty() ? "" : ", ")
                .append(wire)
                .append(' ')
                .append(Quantity.SPAN.text(metres)));
        page.line("", "Wire in all: " + Quantity.read(sums.toString(), units) + ".", false);
    }

    /** What stands on both ends of a lead. */
    private static String label(Wired w) {
        Device d = w.device();
        String place = w.place()
                .map(p -> p.name().replaceAll("^(\\w)\\w* ?", "$1").toUpperCase(Locale.ROOT))
                .orElse("");
        String words = d.name().replaceAll("\\b(\\w)\\w*[ -]?", "$1").toUpperCase(Locale.ROOT);
        return place + (place.isEmpty() ? "" : "-") + words;
    }
}
