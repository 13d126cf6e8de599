package app.drachen.core.harness;

/**
 * What is known and seen to of the board itself.
 *
 * @param damped whether it sits on something soft
 * @param serial number that stands on it; empty where nobody noted it
 * @param version of its software; empty where nobody noted it
 * @param copied whether all its values were saved before that version went on
 * @param erased whether its values were erased with it
 * @param refused whether a step is still refused by it
 */
public record BoardCare(
        boolean damped, String serial, String version, boolean copied, boolean erased, boolean refused) {
    /** Nothing noted. */
    public static final BoardCare NOT_YET = new BoardCare(false, "", "", false, false, false);

    /** The same on something soft. */
    public BoardCare onSomethingSoft() {
        return new BoardCare(true, serial, version, copied, erased, refused);
    }
}
