package app.drachen.core.working;

/** Where a formula or a number comes from. */
public sealed interface Source {
    /** Writes the source for a reader. */
    String text();

    /** A published source. */
    record Published(String author, String title, int year) implements Source {
        @Override
        public String text() {
            return author + ", " + title + ", " + year;
        }
    }

    /** What practitioners do, without a source that could be cited. */
    record CommonPractice() implements Source {
        @Override
        public String text() {
            return "common practice";
        }
    }

    /**
     * An estimate of Drachen's own.
     *
     * @param spread how far it may be off, in words
     */
    record OwnEstimate(String spread) implements Source {
        @Override
        public String text() {
            return "own estimate, " + spread;
        }
    }

    /** Plain arithmetic, a definition, or statics that needs no citation. */
    record Elementary(String name) implements Source {
        @Override
        public String text() {
            return name;
        }
    }

    Source ANDERSON = new Published("J. D. Anderson", "Introduction to Flight", 2016);
    Source ETKIN_REID = new Published("B. Etkin, L. D. Reid", "Dynamics of Flight", 1996);
    Source RAYMER = new Published("D. P. Raymer", "Aircraft Design: A Conceptual Approach", 2018);
    Source NELSON = new Published("R. C. Nelson", "Flight Stability and Automatic Control", 1998);
    Source STATICS = new Elementary("statics");
    Source GEOMETRY = new Elementary("geometry");
    Source ARITHMETIC = new Elementary("arithmetic");
    Source COMMON_PRACTICE = new CommonPractice();
}
