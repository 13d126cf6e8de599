package app.drachen.desktop.theme;

import java.io.File;
import java.io.IOException;
import javafx.css.Stylesheet;

/** Turns the style sheet into the form that JavaFX reads without parsing; the build runs it. JavaFX takes that form where it is. */
public final class StyleBinary {
    private StyleBinary() {}

    /**
     * Writes the binary form.
     *
     * @param arguments the sheet that is read, the file that is written
     */
    public static void main(String[] arguments) throws IOException {
        Stylesheet.convertToBinary(new File(arguments[0]), new File(arguments[1]));
    }
}
