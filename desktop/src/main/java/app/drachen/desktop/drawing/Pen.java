package app.drachen.desktop.drawing;

import app.drachen.files.sheet.Face;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.text.TextAlignment;

/**
 * What painters draw with, so that one painter serves the screen, pictures and paper. The words are those of a canvas:
 * x to the right, y downwards, in pixels of the screen.
 */
public interface Pen {
    /** Colour of areas and text. */
    void setFill(Color colour);

    /** Colour of lines. */
    void setStroke(Color colour);

    /** Width of lines. */
    void setLineWidth(double width);

    /** Lengths of dashes and gaps; none for whole lines. */
    void setLineDashes(double... dashes);

    /** Font of text. */
    void setFont(Face face, double size);

    /** Width of a text in the font. */
    double textWidth(String text);

    /** Where text stands beside its point. */
    void setTextAlign(TextAlignment align);

    /** Where text stands above its point. */
    void setTextBaseline(VPos baseline);

    /** A line between two points. */
    void strokeLine(double x1, double y1, double x2, double y2);

    /** Text at a point. */
    void fillText(String text, double x, double y);

    /** Text at the height of its middle, in a face, size and colour, to the right, left or both sides of its point. */
    default void words(String text, double x, double y, Face face, double size, Color colour, TextAlignment align) {
        setFont(face, size);
        setFill(colour);
        setTextAlign(align);
        setTextBaseline(VPos.CENTER);
        fillText(text, x, y);
    }

    /** The outline of text at a point, such as a halo behind it. */
    void strokeText(String text, double x, double y);

    /** An area with corners. */
    void fillPolygon(double[] x, double[] y, int n);

    /** A closed line with corners. */
    void strokePolygon(double[] x, double[] y, int n);

    /** A line with corners. */
    void strokePolyline(double[] x, double[] y, int n);

    /** A rectangle. */
    void fillRect(double x, double y, double width, double height);

    /** Nothing where a rectangle was. */
    void clearRect(double x, double y, double width, double height);

    /** A rectangle with round corners. */
    void fillRoundRect(double x, double y, double width, double height, double arcWidth, double arcHeight);

    /** The edge of a rectangle with round corners. */
    void strokeRoundRect(double x, double y, double width, double height, double arcWidth, double arcHeight);

    /** An ellipse in a box. */
    void fillOval(double x, double y, double width, double height);

    /** The edge of an ellipse in a box. */
    void strokeOval(double x, double y, double width, double height);

    /** A part of an ellipse in a box, angles in degrees from the right, against the clock. */
    void fillArc(double x, double y, double width, double height, double start, double extent, ArcType type);

    /** Starts a path. */
    void beginPath();

    /** Goes to a point of the path. */
    void moveTo(double x, double y);

    /** Draws to a point of the path. */
    void lineTo(double x, double y);

    /** Strokes the path. */
    void stroke();

    /** Keeps everything that follows inside a box, until {@link #unclip()}. */
    void clip(double x, double y, double width, double height);

    /** Ends the last box. */
    void unclip();
}
