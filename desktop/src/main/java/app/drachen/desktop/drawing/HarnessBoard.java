package app.drachen.desktop.drawing;

import app.drachen.core.harness.Board;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Signal;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.wiring.Rails;
import app.drachen.core.wiring.Wiring;
import app.drachen.desktop.drawing.HarnessLayout.Box;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * The board of a drawn harness: name, arrow, rails, places and timer groups.
 *
 * @param wiring what is plugged where
 * @param rails in the state that is shown
 * @param units the reader's units
 */
record HarnessBoard(Wiring wiring, Rails rails, UnitSystem units) {
    /** Paints the board with its rails. */
    void paint(Pen g, HarnessLayout at) {
        Box box = at.board();
        Board board = wiring.board();
        g.setFill(Ink.PAPER);
        g.fillRoundRect(box.x(), box.y(), box.width(), box.height(), 10, 10);
        g.setStroke(Ink.INK);
        g.setLineWidth(2);
        g.strokeRoundRect(box.x(), box.y(), box.width(), box.height(), 10, 10);
        double x = box.x() + box.width() / 2;
        g.words(board.name(), x, box.y() + 15, Face.STRONG, 14, Ink.INK, TextAlignment.CENTER);
        arrow(g, x, box.y() + 32);
        board.rails().forEach(r -> chip(g, at.chips().get(r.name()), r));
    }

    private void arrow(Pen g, double x, double y) {
        int turns = wiring.setup().mount().mountedQuarterTurns();
        String where = List.of("forward", "right", "aft", "left").get(turns);
        g.words("arrow " + where, x + 9, y, Face.TEXT, 11, Ink.SOFT, TextAlignment.CENTER);
        double half = 36;
        g.setStroke(Ink.SOFT);
        g.setLineWidth(1.4);
        g.strokeLine(x - half - 12, y, x - half, y);
        g.strokePolyline(new double[] {x - half - 8, x - half - 12, x - half - 8}, new double[] {y - 3, y, y + 3}, 3);
    }

    private void chip(Pen g, Box box, BoardRail rail) {
        Color colour = Ink.rail(index(rail.name()));
        boolean on = fed(rail.name());
        g.setFill(on ? colour : Ink.SHEET);
        g.fillRoundRect(box.x(), box.y(), box.width(), box.height(), 5, 5);
        g.setStroke(colour);
        g.setLineWidth(1.4);
        g.strokeRoundRect(box.x(), box.y(), box.width(), box.height(), 5, 5);
        double volts = rail.feed() == BoardRail.Feed.RAW
                ? wiring.fullVolts()
                : rails.rail(rail.name())
                        .map(Rails.Rail::volts)
                        .filter(v -> v > 0)
                        .orElse(rail.volts());
        String words = wiring.board().letter(rail.name()) + " "
                + (volts > 0
                        ? Quantity.VOLTAGE.number(volts, units).replaceAll("\\.?0+$", "") + "\u00a0V"
                        : rail.name());
        g.words(
                words,
                box.x() + box.width() / 2,
                box.middle(),
                Face.STRONG,
                11.5,
                on ? Ink.SHEET : colour,
                TextAlignment.CENTER);
    }

    /** Paints the places at its edge, above the leads. */
    void places(Pen g, HarnessLayout at) {
        Map<Integer, double[]> groups = new TreeMap<>();
        for (Place place : wiring.board().places()) {
            Box box = at.places().get(place.name());
            boolean output = place.signal() == Signal.PULSE;
            double inner = output ? box.x() - 6 : box.right() + 6;
            pins(g, place, box);
            g.words(
                    output ? place.name().replace("output ", "") : place.name(),
                    inner,
                    box.middle(),
                    output ? Face.STRONG : Face.TEXT,
                    output ? 13 : 11.5,
                    Ink.INK,
                    output ? TextAlignment.RIGHT : TextAlignment.LEFT);
            if (output && place.group() > 0) {
                groups.merge(place.group(), new double[] {box.middle(), box.middle()}, (a, b) ->
                        new double[] {Math.min(a[0], b[0]), Math.max(a[1], b[1])});
            }
        }
        groups.forEach((group, span) -> group(g, at, group, span));
    }

    /** A place: its pins as small squares, the power pin in the colour of its rail, crossed out where there is none. */
    private void pins(Pen g, Place place, Box box) {
        int n = Math.max(1, place.pins().size());
        double tall = Math.min(3.2, box.height() / n);
        for (int i = 0; i < n; i++) {
            boolean power = i < place.pins().size() && place.pins().get(i) == app.drachen.core.harness.Pin.POWER;
            g.setFill(power && place.powered() ? Ink.rail(index(place.rail())) : Ink.SOFT);
            g.fillRect(box.x() + 1, box.middle() + (i - n / 2.0) * tall + 0.3, box.width() - 2, tall - 0.8);
        }
        if (!place.powered() && place.signal() == Signal.PULSE) {
            g.setStroke(Ink.KITE);
            g.setLineWidth(1.6);
            double x = box.x() - 24;
            g.strokeLine(x - 4, box.middle() - 4, x + 4, box.middle() + 4);
            g.strokeLine(x - 4, box.middle() + 4, x + 4, box.middle() - 4);
        }
    }

    private void group(Pen g, HarnessLayout at, int group, double[] span) {
        double x = at.board().right() - 52;
        g.setStroke(Ink.SOFT);
        g.setLineWidth(1);
        g.strokePolyline(
                new double[] {x + 6, x, x, x + 6},
                new double[] {span[0] - 8, span[0] - 8, span[1] + 8, span[1] + 8},
                4);
        String rate = wiring.wired().stream()
                .filter(w -> w.place()
                        .filter(p -> p.group() == group && p.signal() == Signal.PULSE)
                        .isPresent())
                .map(w -> (long) w.device().want().rate())
                .distinct()
                .sorted()
                .map(String::valueOf)
                .reduce((a, b) -> a + " and " + b)
                .map(r -> r + "\u00a0Hz")
                .orElse("free");
        double y = (span[0] + span[1]) / 2;
        g.words("timer " + group, x - 5, y - 6, Face.STRONG, 10.5, Ink.INK, TextAlignment.RIGHT);
        boolean two = rate.contains("and");
        g.words(rate, x - 5, y + 7, Face.TEXT, 10.5, two ? Ink.KITE : Ink.SOFT, TextAlignment.RIGHT);
    }

    private boolean fed(String rail) {
        return rails.rail(rail).filter(Rails.Rail::fed).isPresent();
    }

    private int index(String rail) {
        return Math.max(0, wiring.board().letter(rail).charAt(0) - 'A');
    }
}
