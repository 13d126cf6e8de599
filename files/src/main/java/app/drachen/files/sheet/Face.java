package app.drachen.files.sheet;

/** The shipped fonts. */
public enum Face {
    TEXT("Barlow Semi Condensed", 400, "BarlowSemiCondensed_400Regular.ttf"),
    STRONG("Barlow Semi Condensed", 600, "BarlowSemiCondensed_600SemiBold.ttf"),
    FIGURES("B612", 400, "BarlowSemiCondensed_500Medium.ttf"),
    /** For signs that the others lack, such as Greek letters. */
    SIGNS("DejaVu Sans", 400, "DejaVuSans.ttf");

    private final String family;
    private final int weight;
    private final String file;

    Face(String family, int weight, String file) {
        this.family = family;
        this.weight = weight;
        this.file = file;
    }

    /** Family name as on the screen. */
    public String family() {
        return family;
    }

    /** Weight, 400 for regular. */
    public int weight() {
        return weight;
    }

    /** The file that paper uses. */
    public String file() {
        return file;
    }
}
