package app.drachen.desktop.app;

import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Properties;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;

/** Remembers where the window stood and how large it was. */
final class WindowMemory {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private final Path file;

    WindowMemory(Path file) {
        this.file = file;
    }

    /** Puts a window where it was; the usual size if it was nowhere or the screen has changed. */
    void restore(Stage window) {
        Properties kept = new Properties();
        if (Files.isReadable(file)) {
            try (Reader in = Files.newBufferedReader(file)) {
                kept.load(in);
            } catch (IOException | IllegalArgumentException e) {
                kept.clear();
            }
        }
        window.setWidth(Math.max(960, number(kept, "width", WIDTH)));
        window.setHeight(Math.max(640, number(kept, "height", HEIGHT)));
        double x = number(kept, "x", Double.NaN);
        double y = number(kept, "y", Double.NaN);
        Rectangle2D there = new Rectangle2D(Double.isNaN(x) ? 0 : x, Double.isNaN(y) ? 0 : y, 100, 100);
        if (!Double.isNaN(x)
                && !Double.isNaN(y)
                && !Screen.getScreensForRectangle(there).isEmpty()) {
            window.setX(x);
            window.setY(y);
        }
        window.setMaximized(Boolean.parseBoolean(kept.getProperty("maximized", "false")));
    }

    private static double number(Properties kept, String name, double otherwise) {
        try {
            return Double.parseDouble(kept.getProperty(name, String.valueOf(otherwise)));
        } catch (NumberFormatException e) {
            return otherwise;
        }
    }

    /** Keeps where a window stands; a failure to write is no reason not to close. */
    void keep(Stage window) {
        Properties now = new Properties();
        now.setProperty("maximized", String.valueOf(window.isMaximized()));
        if (!window.isMaximized()) {
            now.setProperty("x", String.valueOf(window.getX()));
            now.setProperty("y", String.valueOf(window.getY()));
            now.setProperty("width", String.valueOf(window.getWidth()));
            now.setProperty("height", String.valueOf(window.getHeight()));
        }
        try {
            Files.createDirectories(file.getParent());
            try (Writer out = Files.newBufferedWriter(file)) {
                now.store(out, "Drachen window");
            }
        } catch (IOException e) {
            System.err.println("drachen: the window's place could not be kept: " + e.getMessage());
        }
    }
}
