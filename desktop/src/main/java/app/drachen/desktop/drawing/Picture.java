package app.drachen.desktop.drawing;

import java.util.function.Consumer;

/**
 * A drawing that can be kept outside the window.
 *
 * @param name what it shows, in a few words
 * @param width in pixels of the screen
 * @param height in pixels of the screen
 * @param painter paints it
 */
public record Picture(String name, double width, double height, Consumer<Pen> painter) {}
