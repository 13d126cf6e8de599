package app.drachen.desktop.paper;

import app.drachen.core.bench.BenchCard;
import app.drachen.core.bench.BenchCards;
import app.drachen.core.bench.Reading;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.LossPlan;
import app.drachen.core.modes.ModeSeen;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.UnitSystem;
import app.drachen.desktop.theme.Theme;
import app.drachen.files.pdf.PdfDocument;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;

/**
 * The bench on paper: every card with what it must show and room for what is read, the loss table, and what each mode will look like.
 *
 * @param setup the aircraft
 * @param revision its revision
 * @param units the reader's units
 */
public record BenchSheet(Setup setup, int revision, UnitSystem units) {
    /** Lines on a page, and what a card takes beside its readings. */
    private static final int LINES = 40;

    private static final int HEAD = 4;

    /** A table of many readings is read off the screen or the board's own log: on paper stand its first lines. */
    private static final int MOST = 14;

    /** Writes the sheet into a file. */
    public void write(Path file) throws IOException {
        try (PdfDocument document = new PdfDocument(Theme.faces(), setup.name() + ", bench")) {
            List<BenchCard> some = new ArrayList<>();
            int lines = 0;
            for (BenchCard card : BenchCards.of(setup)) {
                int more = HEAD + Math.min(MOST, card.readings().size());
                if (lines + more > LINES && !some.isEmpty()) {
                    cards(document, List.copyOf(some));
                    some.clear();
                    lines = 0;
                }
                some.add(card);
                lines += more;
            }
            cards(document, some);
            page(document, this::losses);
            document.save(file);
        }
    }

    private void page(PdfDocument document, Consumer<PaperPage> content) {
        PaperPage.set(document, Theme.faces(), units, page -> {
            page.head(setup.name() + " \u00b7 Bench", "set-up r" + revision);
            content.accept(page);
            page.foot(
                    "Propeller off wherever the pack is plugged in, but for the motor run. Local rules and licensed practice come first.");
        });
    }

    private void cards(PdfDocument document, List<BenchCard> cards) {
        page(document, page -> {
            for (BenchCard card : cards) {
                page.heading(card.id().title() + (card.id().propellerOff() ? " \u00b7 propeller off" : ""));
                page.line("", card.id().how(), false);
                List<List<String>> rows = new ArrayList<>();
                rows.add(List.of("asked", "must be", "read"));
                for (Reading r : card.readings()
                        .subList(0, Math.min(MOST, card.readings().size()))) {
                    rows.add(List.of(
                            r.asks(),
                            r.wanted().map(Reading.Wanted::words).orElse(r.needed() ? "" : "may be left out"),
                            "\u2026\u2026\u2026\u2026"));
                }
                page.table(rows, 0.52, 0.30, 0.18);
                if (card.readings().size() > MOST) {
                    page.line("", "and " + (card.readings().size() - MOST) + " more on the screen", false);
                }
            }
        });
    }

    private void losses(PaperPage page) {
        LossPlan plan = setup.modes().losses();
        page.heading("When something is lost");
        List<List<String>> rows = new ArrayList<>();
        List<String> heads = new ArrayList<>(List.of("lost"));
        Arrays.stream(Loss.Phase.values()).map(Loss.Phase::label).forEach(heads::add);
        rows.add(heads);
        for (Loss loss : Loss.values()) {
            List<String> row = new ArrayList<>(List.of(loss.label()));
            for (Loss.Phase phase : Loss.Phase.values()) {
                row.add(plan.action(loss, phase).label());
            }
            rows.add(row);
        }
        page.table(rows, 0.16, 0.14, 0.14, 0.14, 0.14, 0.14, 0.14);
        page.heading("What you will see");
        setup.modes().selector().wanted().stream()
                .distinct()
                .sorted()
                .forEach((FlightMode mode) ->
                        page.line("", mode.label() + ". " + ModeSeen.of(mode, setup.modes()), false));
        page.notes("Seen at the bench", 3);
    }
}
