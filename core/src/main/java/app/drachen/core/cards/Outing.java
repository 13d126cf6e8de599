package app.drachen.core.cards;

/** What kind of flight a card is; the wind may be the stronger the more has been flown (MAIDEN-A3). */
public enum Outing {
    FIRST("a first flight"),
    LOCAL("a flight from Level to Circle"),
    TUNING("a tuning flight"),
    RETURN("a return test"),
    FAR("a mission");

    private final String words;

    Outing(String words) {
        this.words = words;
    }

    /** In words, with its article. */
    public String words() {
        return words;
    }
}
