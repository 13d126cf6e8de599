package app.drachen.desktop.stage.build;

/** What is chosen on the drawing. */
sealed interface Selection {
    record OfPart(String name) implements Selection {}

    record OfWing() implements Selection {}

    record OfTail() implements Selection {}

    record OfBody() implements Selection {}

    /** The two supports of a weighing. */
    record Scales() implements Selection {}
}
