package app.drachen.desktop.drawing;

/**
 * A scale and a place: sheet pixel = offset + scale × metre.
 *
 * @param scale pixels per metre
 * @param offsetX pixel of metre 0
 * @param offsetY pixel of metre 0
 */
public record View(double scale, double offsetX, double offsetY) {
    /** Fits a box of metres into a box of pixels, centred. */
    public static View fit(
            double left, double right, double top, double bottom, double x, double y, double width, double height) {
        double scale = Math.min(width / (right - left), height / (bottom - top));
        return centred(scale, left, right, top, bottom, x, y, width, height);
    }

    /** Centres a box of metres in a box of pixels at a given scale. */
    public static View centred(
            double scale,
            double left,
            double right,
            double top,
            double bottom,
            double x,
            double y,
            double width,
            double height) {
        return new View(scale, x + width / 2 - scale * (left + right) / 2, y + height / 2 - scale * (top + bottom) / 2);
    }

    public double x(double metre) {
        return offsetX + scale * metre;
    }

    public double y(double metre) {
        return offsetY + scale * metre;
    }

    public double metreX(double pixel) {
        return (pixel - offsetX) / scale;
    }

    public double metreY(double pixel) {
        return (pixel - offsetY) / scale;
    }
}
