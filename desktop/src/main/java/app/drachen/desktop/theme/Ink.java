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

    /** Rails of a harness, by their letter. */
    private static final java.util.List<Color> RAILS =
            java.util.List.of(INK, AMBER, PROOF, Color.web("#6D4A86"), Color.web("#4A6A3A"), Color.web("#8A5A44"));

    /** Insulation of wires, by its name. */
    private static final java.util.Map<String, Color> WIRES = java.util.Map.of(
            "black", INK,
            "red", KITE,
            "ochre", Color.web("#C89A3C"),
            "green", Color.web("#3E8A5A"),
            "blue", Color.web("#3A6EA5"),
            "grey", Color.web("#8E979E"),
            "violet", Color.web("#7B5AA6"),
            "white", Color.web("#B9B2A2"));

    private static boolean sunlight;

    private Ink() {}

    /** Whether the sunlight view is on: black on white, nothing fine. */
    public static boolean sunlight() {
        return sunlight;
    }

    /** Switches the sunlight view for everything painted from now on. */
    public static void sunlight(boolean on) {
        sunlight = on;
    }

    /** A role's colour as it is seen now. */
    public static Color seen(Color colour) {
        return sunlight ? onWhite(colour) : colour;
    }

    /** A role's colour on white paper and in the sun: light ones become white or grey, all others black. */
    public static Color onWhite(Color colour) {
        if (colour.getOpacity() < 0.5) {
            return Color.gray(0, 0.07);
        }
        double light = colour.grayscale().getRed();
        Color seen = light > 0.93 ? Color.WHITE : light > 0.75 ? Color.gray(0.75) : Color.BLACK;
        return colour.equals(SKY) ? Color.gray(0.88) : colour.equals(GRID) ? Color.gray(0.86) : seen;
    }

    /**
     * The colour of a rail; its letter stands beside it wherever it is used.
     *
     * @param index from 0
     */
    public static Color rail(int index) {
        return RAILS.get(Math.floorMod(index, RAILS.size()));
    }

    /** The colour of a wire by the name of its insulation. */
    public static Color wire(String name) {
        return WIRES.getOrDefault(name, SOFT);
    }

    /** A role's colour, thinned for areas. */
    public static Color wash(Color role) {
        return role.deriveColor(0, 1, 1, 0.16);
    }
}
