package app.drachen.desktop.widget;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Tables as text that a spreadsheet takes: a tab between fields, a line for each row. */
public final class Tables {
    private Tables() {}

    /** A table as text; sentences are written out in a unit system. */
    public static String text(List<List<String>> rows, UnitSystem units) {
        return rows.stream()
                .map(row -> row.stream()
                        .map(cell -> cell(Quantity.read(cell, units)))
                        .collect(Collectors.joining("\t")))
                .collect(Collectors.joining("\n", "", "\n"));
    }

    /**
     * A field of a table: numbers as a spreadsheet reads them; a text that it would take for a formula gets an apostrophe
     * in front.
     *
     * <p>Source: OWASP, CSV Injection.
     */
    private static String cell(String text) {
        String clean = text.replace('\u00a0', ' ').replace("\u202f", "").replaceAll("[\t\r\n]+", " ");
        String number = clean.replace('\u2212', '-');
        if (number.matches("[-+]?\\d+([.,]\\d+)?(E[-+]?\\d+)?")) {
            return number;
        }
        return clean.matches("[=+@-].*") ? "'" + clean : clean;
    }

    /** Values with unit, spread, formula and source. */
    public static List<List<String>> of(List<Working> workings, UnitSystem units) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("value", "", "unit", "from", "to", "formula", "source"));
        for (Working w : workings) {
            var quantity = w.quantity();
            rows.add(List.of(
                    w.name(),
                    quantity.number(w.value(), units),
                    quantity.unit(units).symbol(),
                    w.spread().map(s -> quantity.number(s.low(), units)).orElse(""),
                    w.spread().map(s -> quantity.number(s.high(), units)).orElse(""),
                    w.formula(),
                    w.source().text()));
        }
        return rows;
    }

    /** Findings, one a row. */
    public static List<List<String>> findings(List<Finding> findings) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("id", "state", "finding", "detail", "from s", "to s"));
        findings.forEach(f -> rows.add(List.of(
                f.id(),
                f.state().label(),
                f.title(),
                f.detail(),
                f.span().map(s -> second(s.from())).orElse(""),
                f.span().map(s -> second(s.to())).orElse(""))));
        return rows;
    }

    private static String second(double time) {
        return String.format(Locale.ROOT, "%.1f", time);
    }
}
