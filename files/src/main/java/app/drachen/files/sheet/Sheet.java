package app.drachen.files.sheet;

/** Something that can be drawn on without a screen. */
public interface Sheet {
    /**
     * Draws a path.
     *
     * @param path the path
     * @param look how it is drawn
     */
    void draw(SheetPath path, Look look);

    /**
     * Writes text whose baseline starts at a point.
     *
     * @param text one line
     * @param x of its left end [pt]
     * @param y of its baseline [pt]
     * @param face the font
     * @param size of the font [pt]
     * @param rgb colour, 0 to 0xFFFFFF
     */
    void write(String text, double x, double y, Face face, double size, int rgb);

    /**
     * Keeps everything that follows inside a box, until {@link #unclip()}.
     *
     * @param x left [pt]
     * @param y top [pt]
     * @param width [pt]
     * @param height [pt]
     */
    void clip(double x, double y, double width, double height);

    /** Ends the last box. */
    void unclip();
}
