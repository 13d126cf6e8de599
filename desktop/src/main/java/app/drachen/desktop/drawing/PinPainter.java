package app.drachen.desktop.drawing;

import app.drachen.core.wiring.PinCard;
import app.drachen.core.wiring.PinCard.Strand;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.Locale;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * The pin card of a lead: which pin goes to which, ground first.
 *
 * @param wired the device with its lead
 */
public record PinPainter(Wired wired) {
    private static final double ROW = 19;

    /** Height that a card needs. */
    public static double height(PinCard card) {
        return 30 + ROW * Math.max(2, card.strands().size());
    }

    /** Paints into a box of pixels. */
    public void paint(Pen g, double width, double height) {
        paint(g, 0, 0, width);
    }

    /** Paints a card of a width at a pixel; the colour of each wire stands on it, for paper that has none. */
    public void paint(Pen g, double x, double y, double width) {
        PinCard card = PinCard.of(wired);
        String place = wired.place().map(p -> p.name()).orElse("nowhere");
        String title = "PIN CARD \u00b7 " + wired.device().name().toUpperCase(Locale.ROOT) + " TO "
                + place.toUpperCase(Locale.ROOT);
        g.words(title, x + 14, y + 14, Face.STRONG, 10.5, Ink.SOFT, TextAlignment.LEFT);
        if (card.strands().isEmpty()) {
            g.words(
                    "Plugged in nowhere: drag it to a place, or S solves.",
                    x + 14,
                    y + 40,
                    Face.TEXT,
                    12,
                    Ink.SOFT,
                    TextAlignment.LEFT);
            return;
        }
        for (Strand s : card.strands()) {
            strand(g, s, x, y + 34, width);
        }
    }

    private static void strand(Pen g, Strand s, double x, double top, double width) {
        double from = x + 0.36 * width;
        double to = x + 0.66 * width;
        double y1 = top + ROW * (s.devicePin() - 1);
        double y2 = top + ROW * (s.boardPin() - 1);
        g.words(String.valueOf(s.devicePin()), x + 18, y1, Face.FIGURES, 11, Ink.SOFT, TextAlignment.LEFT);
        String end = s.device().label() + (s.lifted() ? ", lifted" : "");
        g.words(end, from - 12, y1, Face.TEXT, 12, s.lifted() ? Ink.KITE : Ink.INK, TextAlignment.RIGHT);
        g.setStroke(s.wrong() ? Ink.KITE : Ink.wire(s.colour()));
        g.setLineWidth(2.4);
        if (s.boardPin() == PinCard.NOWHERE || s.lifted()) {
            g.strokeLine(from + 5, y1, from + 26, y1);
            g.strokeOval(from + 26, y1 - 3, 6, 6);
        } else {
            g.strokePolyline(new double[] {from + 5, from + 26, to - 26, to - 5}, new double[] {y1, y1, y2, y2}, 4);
            Color meets = s.wrong() ? Ink.KITE : Ink.INK;
            g.words(s.board().label(), to + 12, y2, Face.TEXT, 12, meets, TextAlignment.LEFT);
            g.words(String.valueOf(s.boardPin()), x + width - 18, y2, Face.FIGURES, 11, Ink.SOFT, TextAlignment.RIGHT);
            ring(g, to - 1, y2);
        }
        ring(g, from, y1);
        g.setFont(Face.TEXT, 9.5);
        double half = g.textWidth(s.colour()) / 2 + 2;
        double middle = from + 22 + half;
        boolean joined = s.boardPin() != PinCard.NOWHERE && !s.lifted();
        if (joined) {
            g.setFill(Ink.SHEET);
            g.fillRect(middle - half, y1 - 5, 2 * half, 10);
            g.words(s.colour(), middle, y1, Face.TEXT, 9.5, Ink.SOFT, TextAlignment.CENTER);
        }
    }

    private static void ring(Pen g, double x, double y) {
        g.setStroke(Ink.INK);
        g.setLineWidth(1.5);
        g.strokeOval(x - 4, y - 4, 8, 8);
    }
}
