package app.drachen.desktop.theme;

import app.drachen.files.sheet.Faces;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;

/** Loads the shipped fonts and styles a scene. */
public final class Theme {
    /** Family for text. */
    public static final String TEXT = "Barlow Semi Condensed";

    /** Family for figures. */
    public static final String FIGURES = "B612";

    /** What a title and a sentence need. */
    private static final List<String> FIRST =
            List.of("BarlowSemiCondensed_400Regular.ttf", "BarlowSemiCondensed_600SemiBold.ttf");

    private static final List<String> MORE =
            List.of("BarlowSemiCondensed_500Medium.ttf", "B612-Regular.otf", "B612-Bold.otf");

    private static final Set<String> LOADED = new HashSet<>();

    /** By family and size; the toolkit looks through its files for each that is asked for. */
    private static final Map<String, Font> MADE = new HashMap<>();

    private static Faces faces;

    private Theme() {}

    /** Loads the fonts once. */
    public static void load() {
        load(FIRST);
        load(MORE);
    }

    private static synchronized void load(List<String> fonts) {
        for (String name : fonts) {
            if (!LOADED.add(name)) {
                continue;
            }
            // another stood in for it so far
            MADE.clear();
            try (InputStream in = Theme.class.getResourceAsStream("fonts/" + name)) {
                Font.loadFont(in, 12);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** Styles a scene. */
    public static void style(Scene scene) {
        load();
        dress(scene);
    }

    /** Styles the scene of a first start, which is a title and a sentence; what follows must {@link #load}. */
    public static void styleFirst(Scene scene) {
        load(FIRST);
        dress(scene);
    }

    private static void dress(Scene scene) {
        // as the build parsed it: under the name of its source the toolkit takes the two for a sheet that has changed,
        // and loads it
        // anew and styles everything again for each window that opens
        scene.getStylesheets().add(Theme.class.getResource("drachen.bss").toExternalForm());
    }

    /** The program's icon, the kite, in the sizes that desktops ask for. */
    public static List<Image> icons() {
        return List.of(32, 64, 128, 256).stream()
                .map(size -> new Image(
                        Theme.class.getResource("icons/kite-" + size + ".png").toExternalForm()))
                .toList();
    }

    /** The fonts for paper and pictures; needs no screen. */
    public static synchronized Faces faces() {
        if (faces == null) {
            faces = new Faces(name -> Theme.class.getResourceAsStream("fonts/" + name));
        }
        return faces;
    }

    /** Text font for painters. */
    public static Font text(double size) {
        return made(TEXT + size, () -> Font.font(TEXT, size));
    }

    /** Strong text font for painters. */
    public static Font strong(double size) {
        return made("strong" + size, () -> Font.font("Barlow Semi Condensed SemiBold", FontWeight.SEMI_BOLD, size));
    }

    /** Figure font for painters. */
    public static Font figures(double size) {
        return made(FIGURES + size, () -> Font.font(FIGURES, size));
    }

    private static synchronized Font made(String name, Supplier<Font> make) {
        return MADE.computeIfAbsent(name, n -> make.get());
    }
}
