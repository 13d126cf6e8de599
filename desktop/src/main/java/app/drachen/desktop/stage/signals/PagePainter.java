package app.drachen.desktop.stage.signals;

import app.drachen.core.signals.Page;
import app.drachen.core.signals.Value;
import app.drachen.desktop.drawing.Pen;
import app.drachen.desktop.theme.Ink;
import app.drachen.files.sheet.Face;
import java.util.function.Function;
import javafx.scene.text.TextAlignment;

/** A page as it will appear: characters in a grid, each value under its name. */
final class PagePainter {
    private PagePainter() {}

    /** Paints a page under its name. */
    static void captioned(
            Pen g, double width, double height, Page page, Function<Value, String> shown, String name, String key) {
        g.words(name, 10, 11, Face.STRONG, 11.5, Ink.SOFT, TextAlignment.LEFT);
        g.words(key, width - 10, 11, Face.TEXT, 11.5, Ink.SOFT, TextAlignment.RIGHT);
        paint(g, 8, 22, width - 16, height - 30, page, shown);
    }

    /**
     * Paints a page.
     *
     * @param shown the text of a value; blank where nothing is known
     */
    static void paint(
            Pen g, double left, double top, double width, double height, Page page, Function<Value, String> shown) {
        double wide = width / Page.COLUMNS;
        double high = height / Page.ROWS;
        g.setFill(Ink.SKY);
        g.fillRect(left, top, width, height);
        g.setStroke(Ink.PAPER);
        g.setLineWidth(0.5);
        for (int c = 1; c < Page.COLUMNS; c++) {
            g.strokeLine(left + c * wide, top, left + c * wide, top + height);
        }
        for (int r = 1; r < Page.ROWS; r++) {
            g.strokeLine(left, top + r * high, left + width, top + r * high);
        }
        if (page.cells().isEmpty()) {
            g.words(
                    "blank: nothing but the picture",
                    left + width / 2,
                    top + height / 2,
                    Face.TEXT,
                    12,
                    Ink.SOFT,
                    TextAlignment.CENTER);
        }
        for (Page.Cell cell : page.cells()) {
            double x = left + (cell.column() - 1) * wide;
            double y = top + (cell.row() - 1) * high;
            g.setFill(Ink.SHEET);
            g.fillRect(x, y, cell.value().width() * wide, high);
            String text = shown.apply(cell.value());
            for (int i = 0; i < Math.min(text.length(), cell.value().width()); i++) {
                g.words(
                        text.substring(i, i + 1),
                        x + (i + 0.5) * wide,
                        y + high / 2,
                        Face.FIGURES,
                        Math.min(13, 1.25 * wide),
                        text.isBlank() ? Ink.KITE : Ink.INK,
                        TextAlignment.CENTER);
            }
            g.words(
                    cell.value().label(),
                    x + 1,
                    y + high * 1.5,
                    Face.TEXT,
                    Math.min(10, 0.8 * high),
                    Ink.SOFT,
                    TextAlignment.LEFT);
        }
    }
}
