package app.drachen.desktop.theme;

import javafx.scene.paint.Color;

/** Colours by role, for painters; the same roles stand in the stylesheet. */
public final class Ink {
    public static final Color PAPER = Color.web("#F5F2E9");
    public static final Color SHEET = Color.web("#FCFAF4");
    public static final Color RULE = Color.web("#D9D2C1");
    public static final Color GRID = Color.web("#EBE5D6");
    public static final Color INK = Color.web("#22303C");
    public static final Color SOFT = Color.web("#66717B");
    public static final Color KITE = Color.web("#C2452A");
    public static final Color PROOF = Color.web("#1D6B70");
    public static final Color AMBER = Color.web("#B3761A");
    public static final Color SKY = Color.web("#DCE7EA");

    private Ink() {}

    /** A role's colour, thinned for areas. */
    public static Color wash(Color role) {
        return role.deriveColor(0, 1, 1, 0.16);
    }
}
