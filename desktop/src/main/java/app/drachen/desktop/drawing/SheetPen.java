package app.drachen.desktop.drawing;

import app.drachen.files.sheet.Face;
import app.drachen.files.sheet.Faces;
import app.drachen.files.sheet.Look;
import app.drachen.files.sheet.Sheet;
import app.drachen.files.sheet.SheetPath;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.text.TextAlignment;

/** Draws on a sheet, for pictures and paper; needs no screen. */
public final class SheetPen implements Pen {
    private final Sheet sheet;
    private final Faces faces;
    private final UnaryOperator<Color> colours;
    private final double left;
    private final double top;
    private final double scale;
    private Color fill = Color.BLACK;
    private Color stroke = Color.BLACK;
    private double width = 1;
    private List<Double> dashes = List.of();
    private Face face = Face.TEXT;
    private double size = 12;
    private TextAlignment align = TextAlignment.LEFT;
    private VPos baseline = VPos.BASELINE;
    private SheetPath path = new SheetPath();

    /**
     * A pen on a sheet.
     *
     * @param sheet what is drawn on
     * @param faces widths of text
     * @param colours what becomes of colours, such as black on white
     * @param left where x 0 lies [pt]
     * @param top where y 0 lies [pt]
     * @param scale points for a pixel [-]
     */
    public SheetPen(Sheet sheet, Faces faces, UnaryOperator<Color> colours, double left, double top, double scale) {
        this.sheet = sheet;
        this.faces = faces;
        this.colours = colours;
        this.left = left;
        this.top = top;
        this.scale = scale;
    }

    private double x(double x) {
        return left + x * scale;
    }

    private double y(double y) {
        return top + y * scale;
    }

    private static int rgb(Color colour) {
        return (int) Math.round(colour.getRed() * 255) << 16
                | (int) Math.round(colour.getGreen() * 255) << 8
                | (int) Math.round(colour.getBlue() * 255);
    }

    private void area(SheetPath shape) {
        Color seen = colours.apply(fill);
        sheet.draw(shape, Look.area(rgb(seen), seen.getOpacity()));
    }

    private void edge(SheetPath shape) {
        if (!shape.isEmpty()) {
            List<Double> scaled = dashes.stream().map(d -> d * scale).toList();
            sheet.draw(shape, Look.line(rgb(colours.apply(stroke)), width * scale, scaled));
        }
    }

    private SheetPath polygon(double[] x, double[] y, int n, boolean closed) {
        SheetPath shape = new SheetPath();
        for (int i = 0; i < n; i++) {
            if (i == 0) {
                shape.move(x(x[i]), y(y[i]));
            } else {
                shape.line(x(x[i]), y(y[i]));
            }
        }
        return closed && n > 0 ? shape.close() : shape;
    }

    @Override
    public void setFill(Color colour) {
        fill = colour;
    }

    @Override
    public void setStroke(Color colour) {
        stroke = colour;
    }

    @Override
    public void setLineWidth(double newWidth) {
        width = newWidth;
    }

    @Override
    public void setLineDashes(double... newDashes) {
        dashes = new ArrayList<>();
        for (double dash : newDashes) {
            dashes.add(dash);
        }
    }

    @Override
    public void setFont(Face newFace, double newSize) {
        face = newFace;
        size = newSize;
    }

    @Override
    public double textWidth(String text) {
        return faces.width(text, face, size);
    }

    @Override
    public void setTextAlign(TextAlignment newAlign) {
        align = newAlign;
    }

    @Override
    public void setTextBaseline(VPos newBaseline) {
        baseline = newBaseline;
    }

    @Override
    public void strokeLine(double x1, double y1, double x2, double y2) {
        edge(new SheetPath().move(x(x1), y(y1)).line(x(x2), y(y2)));
    }

    @Override
    public void fillText(String text, double x, double y) {
        double wide = textWidth(text);
        double from = align == TextAlignment.RIGHT ? x - wide : align == TextAlignment.CENTER ? x - wide / 2 : x;
        // capitals of the shipped fonts are 0.7 of their size high
        double drop =
                switch (baseline) {
                    case TOP -> 0.78 * size;
                    case CENTER -> 0.35 * size;
                    case BOTTOM -> -0.2 * size;
                    case BASELINE -> 0;
                };
        sheet.write(text, x(from), y(y + drop), face, size * scale, rgb(colours.apply(fill)));
    }

    @Override
    public void strokeText(String text, double x, double y) {
        // a halo behind text: a light box does the same on paper
        double wide = textWidth(text);
        double from = align == TextAlignment.RIGHT ? x - wide : align == TextAlignment.CENTER ? x - wide / 2 : x;
        Color halo = colours.apply(stroke);
        sheet.draw(
                SheetPath.box(x(from - 1), y(y - 0.5 * size), (wide + 2) * scale, size * scale),
                new Look(OptionalInt.of(rgb(halo)), 0.85, OptionalInt.empty(), 0, List.of()));
    }

    @Override
    public void fillPolygon(double[] x, double[] y, int n) {
        area(polygon(x, y, n, true));
    }

    @Override
    public void strokePolygon(double[] x, double[] y, int n) {
        edge(polygon(x, y, n, true));
    }

    @Override
    public void strokePolyline(double[] x, double[] y, int n) {
        edge(polygon(x, y, n, false));
    }

    @Override
    public void fillRect(double x, double y, double w, double h) {
        area(SheetPath.box(x(x), y(y), w * scale, h * scale));
    }

    @Override
    public void clearRect(double x, double y, double w, double h) {
        // a sheet starts empty
    }

    @Override
    public void fillRoundRect(double x, double y, double w, double h, double arcWidth, double arcHeight) {
        area(round(x, y, w, h, arcWidth / 2, arcHeight / 2));
    }

    @Override
    public void strokeRoundRect(double x, double y, double w, double h, double arcWidth, double arcHeight) {
        edge(round(x, y, w, h, arcWidth / 2, arcHeight / 2));
    }

    private SheetPath round(double x, double y, double w, double h, double rx, double ry) {
        double k = 0.4477;
        return new SheetPath()
                .move(x(x + rx), y(y))
                .line(x(x + w - rx), y(y))
                .curve(x(x + w - k * rx), y(y), x(x + w), y(y + k * ry), x(x + w), y(y + ry))
                .line(x(x + w), y(y + h - ry))
                .curve(x(x + w), y(y + h - k * ry), x(x + w - k * rx), y(y + h), x(x + w - rx), y(y + h))
                .line(x(x + rx), y(y + h))
                .curve(x(x + k * rx), y(y + h), x(x), y(y + h - k * ry), x(x), y(y + h - ry))
                .line(x(x), y(y + ry))
                .curve(x(x), y(y + k * ry), x(x + k * rx), y(y), x(x + rx), y(y))
                .close();
    }

    @Override
    public void fillOval(double x, double y, double w, double h) {
        area(SheetPath.oval(x(x), y(y), w * scale, h * scale));
    }

    @Override
    public void strokeOval(double x, double y, double w, double h) {
        edge(SheetPath.oval(x(x), y(y), w * scale, h * scale));
    }

    @Override
    public void fillArc(double x, double y, double w, double h, double start, double extent, ArcType type) {
        SheetPath arc = SheetPath.arc(x(x), y(y), w * scale, h * scale, start, extent);
        area((type == ArcType.ROUND ? arc.line(x(x + w / 2), y(y + h / 2)) : arc).close());
    }

    @Override
    public void beginPath() {
        path = new SheetPath();
    }

    @Override
    public void moveTo(double x, double y) {
        path.move(x(x), y(y));
    }

    @Override
    public void lineTo(double x, double y) {
        path.line(x(x), y(y));
    }

    @Override
    public void stroke() {
        edge(path);
    }

    @Override
    public void clip(double x, double y, double w, double h) {
        sheet.clip(x(x), y(y), w * scale, h * scale);
    }

    @Override
    public void unclip() {
        sheet.unclip();
    }
}
