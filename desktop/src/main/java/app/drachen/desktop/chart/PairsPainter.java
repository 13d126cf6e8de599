package app.drachen.desktop.chart;

import app.drachen.core.harness.Radio;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.wiring.Pairs;
import app.drachen.core.wiring.Pairs.Pair;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * Senders against receivers: margin to the level that blocks and distance of each pair, and the harmonics of one sender over
 * the bands of the receivers.
 *
 * @param radios all radios of the aircraft
 * @param chosen name of the device whose harmonics are shown; another one is taken if it does not send
 * @param units the reader's units
 */
public record PairsPainter(List<Radio> radios, String chosen, UnitSystem units) {
    /** Paints into a box of pixels. */
    public void paint(Pen g, double width, double height) {
        g.setTextBaseline(VPos.CENTER);
        g.words("RADIO PAIRS, MARGIN IN DB", 14, 14, Face.STRONG, 10.5, Ink.SOFT, TextAlignment.LEFT);
        List<Radio> senders = radios.stream().filter(Radio::sending).toList();
        List<Radio> receivers = radios.stream().filter(Radio::listens).toList();
        if (senders.isEmpty() || receivers.isEmpty()) {
            g.words(
                    "Enter band, power and aerial of each sender and receiver: choose it, then E.",
                    14,
                    40,
                    Face.TEXT,
                    12,
                    Ink.SOFT,
                    TextAlignment.LEFT);
            return;
        }
        double split = 0.62 * width;
        table(g, senders, receivers, split, height);
        Radio shown = senders.stream()
                .filter(r -> r.device().equals(chosen))
                .findFirst()
                .orElseGet(() -> worst(senders));
        spectrum(g, shown, split + 16, width - 14, height);
    }

    /** The sender with a product in a band, else the first. */
    private Radio worst(List<Radio> senders) {
        return Pairs.of(radios).pairs().stream()
                .filter(p -> !p.unfiltered().isEmpty())
                .map(Pair::sender)
                .findFirst()
                .orElse(senders.get(0));
    }

    private void table(Pen g, List<Radio> senders, List<Radio> receivers, double width, double height) {
        List<Pair> pairs = Pairs.of(radios).pairs();
        double first = 168;
        double column = (width - first) / receivers.size();
        double row = Math.min(24, (height - 34) / senders.size());
        for (int c = 0; c < receivers.size(); c++) {
            g.words(
                    receivers.get(c).use().label(),
                    first + column * (c + 0.5),
                    14,
                    Face.TEXT,
                    11,
                    Ink.SOFT,
                    TextAlignment.CENTER);
        }
        for (int r = 0; r < senders.size(); r++) {
            Radio sender = senders.get(r);
            double y = 28 + row * (r + 0.5);
            g.setStroke(Ink.RULE);
            g.setLineWidth(0.8);
            g.strokeLine(10, y - row / 2, width, y - row / 2);
            g.words(sender.device(), 14, y, Face.STRONG, 12, Ink.INK, TextAlignment.LEFT);
            g.words(
                    Quantity.RADIO.number(sender.middle(), units),
                    first - 10,
                    y,
                    Face.FIGURES,
                    11,
                    Ink.SOFT,
                    TextAlignment.RIGHT);
            for (int c = 0; c < receivers.size(); c++) {
                Radio receiver = receivers.get(c);
                double x = first + column * (c + 0.5);
                Optional<Pair> pair = pairs.stream()
                        .filter(p -> p.sender().equals(sender) && p.receiver().equals(receiver))
                        .findFirst();
                if (pair.isEmpty()) {
                    g.words("own", x, y, Face.TEXT, 11, Ink.SOFT, TextAlignment.CENTER);
                } else {
                    cell(g, pair.get(), x, y, column, row);
                }
            }
        }
    }

    private void cell(Pen g, Pair pair, double x, double y, double column, double row) {
        boolean hit = !pair.unfiltered().isEmpty();
        boolean loud = pair.margin() < 0;
        if (hit || loud) {
            g.setFill(Ink.wash(Ink.AMBER));
            g.fillRect(x - column / 2 + 2, y - row / 2 + 1, column - 4, row - 2);
            g.setStroke(Ink.AMBER);
            g.setLineWidth(1.5);
            double left = x - column / 2 + 11;
            g.strokePolygon(new double[] {left, left + 5, left - 5}, new double[] {y - 4.5, y + 4, y + 4}, 3);
        }
        Color colour = loud ? Ink.AMBER : Ink.INK;
        String margin = (pair.near() ? "\u00b1 " : "") + Math.round(pair.margin());
        g.words(margin.replace('-', '\u2212'), x, y, Face.STRONG, 12.5, colour, TextAlignment.RIGHT);
        String beside = hit ? "\u00d7" + order(pair) : Quantity.SPAN.text(pair.distance(), units);
        g.words(beside, x + 6, y, Face.FIGURES, 10, hit ? Ink.AMBER : Ink.SOFT, TextAlignment.LEFT);
    }

    private static String order(Pair pair) {
        int harmonic = pair.unfiltered().get(0).harmonic();
        return harmonic == 0 ? "3rd order" : String.valueOf(harmonic);
    }

    /** The harmonics as lines, the receivers' bands behind them, on one scale of frequencies. */
    private void spectrum(Pen g, Radio sender, double left, double right, double height) {
        double top = 2.0;
        // beyond the highest receiver nothing can be hit
        double high = Math.max(
                2.3 * sender.middle(),
                1.08
                        * radios.stream()
                                .filter(Radio::listens)
                                .mapToDouble(Radio::high)
                                .max()
                                .orElse(0));
        double base = height - 22;
        g.words(sender.device() + " \u00d71 to \u00d77, MHz", left, 14, Face.TEXT, 11, Ink.SOFT, TextAlignment.LEFT);
        for (Radio r : radios) {
            if (r.listens() && !r.device().equals(sender.device())) {
                double x1 = left + (right - left) * r.low() / high;
                double x2 = left + (right - left) * r.high() / high;
                boolean hit = Pairs.of(radios).pairs().stream()
                        .anyMatch(p -> p.sender().equals(sender)
                                && p.receiver().equals(r)
                                && !p.unfiltered().isEmpty());
                g.setFill(hit ? Ink.wash(Ink.AMBER) : Ink.SKY);
                g.fillRect(Math.min(x1, (x1 + x2) / 2 - 4), 40, Math.max(8, x2 - x1), base - 40);
                g.words(
                        r.use().label(),
                        (x1 + x2) / 2,
                        33,
                        hit ? Face.STRONG : Face.TEXT,
                        10,
                        hit ? Ink.AMBER : Ink.SOFT,
                        TextAlignment.CENTER);
                g.words(
                        String.valueOf(Math.round(r.middle() / 1e6)),
                        (x1 + x2) / 2,
                        height - 10,
                        Face.FIGURES,
                        10,
                        hit ? Ink.AMBER : Ink.SOFT,
                        TextAlignment.CENTER);
            }
        }
        g.setStroke(Ink.INK);
        g.setLineWidth(1.2);
        g.strokeLine(left, base, right, base);
        for (int k = 1; k <= 7 && k * sender.middle() <= high; k++) {
            double x = left + (right - left) * k * sender.middle() / high;
            double tall = (base - 52) / Math.pow(k, 0.55);
            g.setStroke(Ink.INK);
            g.setLineWidth(k == 1 ? 2.4 : 1.6);
            g.strokeLine(x, base, x, base - tall - top);
            g.words("\u00d7" + k, x, base - tall - 9, Face.TEXT, 9.5, Ink.SOFT, TextAlignment.CENTER);
        }
    }
}
