package app.drachen.desktop.paper;

import app.drachen.core.hearing.Path;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.theme.Theme;
import app.drachen.files.pdf.PdfDocument;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/**
 * What reaches the pilot, on paper: values with their ways and ages, alarms, calls, scales, pages.
 *
 * @param setup the aircraft
 * @param revision its revision
 * @param units the reader's units
 */
public record SignalsSheet(Setup setup, int revision, UnitSystem units) {
    /** Writes the sheet into a file. */
    public void write(java.nio.file.Path file) throws IOException {
        try (PdfDocument document = new PdfDocument(Theme.faces(), setup.name() + ", signals")) {
            page(document, this::values);
            page(document, this::spoken);
            document.save(file);
        }
    }

    private void page(PdfDocument document, Consumer<PaperPage> content) {
        PaperPage.set(document, Theme.faces(), units, page -> {
            page.head(setup.name() + " \u00b7 Signals", "set-up r" + revision);
            content.accept(page);
            page.foot("An alarm helps who looks up. Local rules and licensed practice come first.");
        });
    }

    private void values(PaperPage page) {
        page.heading("What reaches you");
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("value", "told by", "way", "old at worst"));
        for (Path p : Path.all(setup)) {
            rows.add(List.of(
                    p.wanted().value().label()
                            + (p.wanted().ear() ? p.wanted().eye() ? ", seen and heard" : ", heard" : ""),
                    p.supplier().map(s -> s.device()).orElse("nothing"),
                    p.way().map(w -> w.name()).orElse("none"),
                    p.age().map(a -> Quantity.TIME_FINE.text(a.value(), units)).orElse("never comes")));
        }
        page.table(rows, 0.32, 0.24, 0.28, 0.16);
        page.heading("Pages");
        setup.signals()
                .pages()
                .forEach(p -> page.line(
                        p.name(),
                        p.cells().isEmpty()
                                ? "blank"
                                : p.cells().stream()
                                        .map(c ->
                                                c.value().label() + " (row " + c.row() + ", column " + c.column() + ")")
                                        .collect(Collectors.joining(", ")),
                        false));
    }

    private void spoken(PaperPage page) {
        SignalsSection s = setup.signals();
        page.heading("Alarms");
        List<List<String>> alarms = new ArrayList<>();
        alarms.add(List.of("about", "speaks", "says", "priority"));
        s.alarms()
                .forEach(a -> alarms.add(List.of(
                        a.kind().label(),
                        (a.kind().above() ? "above " : "below ")
                                + a.kind().quantity().text(a.threshold(), units),
                        a.words(),
                        String.valueOf(a.priority()))));
        page.table(alarms, 0.36, 0.22, 0.28, 0.14);
        page.heading("Calls");
        List<List<String>> calls = new ArrayList<>();
        calls.add(List.of("value", "says", "every", "first at", "switch at"));
        s.calls()
                .calls()
                .forEach(c -> calls.add(List.of(
                        c.value().label(),
                        c.text(),
                        Quantity.TIME.text(c.every(), units),
                        Quantity.TIME.text(c.start(), units),
                        c.positions().stream().map(String::valueOf).collect(Collectors.joining(", ")))));
        page.table(calls, 0.24, 0.3, 0.16, 0.14, 0.16);
        page.heading("Scales");
        page.line("current", "\u00d7 " + Quantity.NUMBER_FINE.text(s.scales().current(), units), false);
        page.line("volts", "\u00d7 " + Quantity.NUMBER_FINE.text(s.scales().volts(), units), false);
        page.line(
                "airspeed's pressure",
                "\u00d7 " + Quantity.NUMBER_FINE.text(s.scales().pressure(), units),
                false);
        page.line(
                "strength",
                s.scales()
                        .strength()
                        .map(p -> "lost at " + Quantity.LEVEL.text(p.loss(), units) + ", a reading of "
                                + Quantity.SHARE.text(p.shown(p.loss()), units))
                        .orElse("not scaled"),
                false);
    }
}
