package app.drachen.desktop.drawing;

import app.drachen.core.harness.BoardRail;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.wiring.Plugged;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wiring;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * The rails as a table: what feeds each, mean and peak against what it carries, heat, and in which state it is alive.
 *
 * @param wiring what is plugged where
 * @param shown the state that is shown
 * @param units the reader's units
 */
public record RailPainter(Wiring wiring, Plugged shown, UnitSystem units) {
    /** Height of a table with so many rails. */
    public static double height(int rails) {
        return 24 + 23.0 * Math.max(1, rails);
    }

    /** Paints into a box of pixels. */
    public void paint(Pen g, double width, double height) {
        List<Rails> states =
                List.of(Rails.of(wiring, Plugged.PACK), Rails.of(wiring, Plugged.USB), Rails.of(wiring, Plugged.BOTH));
        Rails rails = Rails.of(wiring, shown);
        double bar = 0.43 * width;
        double end = width - 268;
        g.words("RAILS", 14, 13, Face.STRONG, 10.5, Ink.SOFT, TextAlignment.LEFT);
        g.words("fed by, on " + shown.label(), 0.22 * width, 13, Face.TEXT, 11, Ink.SOFT, TextAlignment.LEFT);
        g.words(
                "mean, limit " + Quantity.SHARE.text(share("HARNESS-R4.mean", Rails.MEAN_SHARE), units)
                        + " \u00b7 peak, limit "
                        + Quantity.SHARE.text(share("HARNESS-R4.peak", Rails.PEAK_SHARE), units),
                bar,
                13,
                Face.TEXT,
                11,
                Ink.SOFT,
                TextAlignment.LEFT);
        g.words("heat", width - 110, 13, Face.TEXT, 11, Ink.SOFT, TextAlignment.RIGHT);
        for (int k = 0; k < 3; k++) {
            g.words(
                    List.of("pack", "USB", "both").get(k),
                    width - 82 + 31 * k,
                    13,
                    states.get(k).plugged() == shown ? Face.STRONG : Face.TEXT,
                    11,
                    states.get(k).plugged() == shown ? Ink.INK : Ink.SOFT,
                    TextAlignment.CENTER);
        }
        for (int i = 0; i < rails.rails().size(); i++) {
            double y = 24 + 23 * (i + 0.5);
            g.setStroke(Ink.RULE);
            g.setLineWidth(0.8);
            g.strokeLine(10, y - 11.5, width - 10, y - 11.5);
            row(g, rails.rails().get(i), i, y, bar, end, width);
            for (int k = 0; k < 3; k++) {
                state(g, states.get(k).rails().get(i), width - 82 + 31 * k, y);
            }
        }
    }

    private void row(Pen g, Rails.Rail rail, int index, double y, double bar, double end, double width) {
        BoardRail r = rail.rail();
        HarnessPainter.letter(g, 22, y, index, rail.fed());
        g.words(r.name(), 36, y, Face.STRONG, 12.5, Ink.INK, TextAlignment.LEFT);
        g.words(
                rail.fed() ? Quantity.VOLTAGE.text(rail.volts(), units) : "\u2013",
                0.2 * width,
                y,
                Face.FIGURES,
                11.5,
                Ink.INK,
                TextAlignment.RIGHT);
        boolean fought = rail.fought();
        String fed = rail.feeders().isEmpty()
                ? "nothing"
                : rail.feeders().stream()
                        .map(f -> f.name() + (f.oneWay() ? ", diode" : ""))
                        .collect(Collectors.joining(" and "));
        g.words(
                fed + (fought ? ", two at once" : ""),
                0.22 * width,
                y,
                Face.TEXT,
                11.5,
                fought ? Ink.KITE : Ink.INK,
                TextAlignment.LEFT);
        double rating = rail.rating();
        if (rating > 0) {
            bar(g, rail, bar, y, end - bar - 12);
        }
        String numbers = Quantity.CURRENT_FINE.number(rail.mean(), units) + " \u00b7 "
                + Quantity.CURRENT_FINE.number(rail.peak(), units)
                + (rating > 0 ? " of " + Quantity.CURRENT.text(rating, units) : " A of ?");
        g.words(numbers, end, y, Face.FIGURES, 11, Ink.INK, TextAlignment.LEFT);
        g.words(
                r.feed().regulates() ? Quantity.POWER_FINE.text(rail.heat(), units) : "\u2013",
                width - 110,
                y,
                Face.FIGURES,
                11,
                Ink.INK,
                TextAlignment.RIGHT);
    }

    /** A limit as the pilot has decided it for this aircraft, or as usual. */
    private double share(String judgement, double usual) {
        return wiring.setup().decision(judgement).map(d -> d.value()).orElse(usual);
    }

    private void bar(Pen g, Rails.Rail rail, double x, double y, double width) {
        double rating = rail.rating();
        double most = share("HARNESS-R4.peak", Rails.PEAK_SHARE);
        double mean = share("HARNESS-R4.mean", Rails.MEAN_SHARE);
        g.setFill(Ink.GRID);
        g.fillRect(x, y - 6, width, 12);
        boolean over = rail.peak() > most * rating || rail.mean() > mean * rating;
        Color colour = over ? Ink.KITE : Ink.PROOF;
        g.setFill(Ink.wash(colour));
        g.fillRect(x, y - 6, width * Math.min(1, rail.peak() / rating), 12);
        g.setFill(colour);
        g.fillRect(x, y - 6, width * Math.min(1, rail.mean() / rating), 12);
        g.setStroke(colour);
        g.setLineWidth(1.6);
        double peak = x + width * Math.min(1, rail.peak() / rating);
        g.strokeLine(peak, y - 7, peak, y + 7);
        g.setStroke(Ink.INK);
        g.setLineWidth(1);
        g.strokeLine(x + mean * width, y + 3, x + mean * width, y + 8);
        g.strokeLine(x + Math.min(1, most) * width, y - 8, x + Math.min(1, most) * width, y - 3);
    }

    private static void state(Pen g, Rails.Rail rail, double x, double y) {
        if (rail.fought()) {
            HarnessPainter.sign(g, x, y, true);
        } else if (rail.fed()) {
            g.setFill(Ink.PROOF);
            g.fillOval(x - 5.5, y - 5.5, 11, 11);
        } else {
            g.setStroke(Ink.SOFT);
            g.setLineWidth(1.5);
            g.strokeOval(x - 5, y - 5, 10, 10);
        }
    }
}
