package app.drachen.desktop.stage.build;

import java.util.List;

/** What is chosen on the drawing. */
sealed interface Selection {
    record OfPart(String name) implements Selection {}

    /** Several parts, at least two. */
    record OfParts(List<String> names) implements Selection {
        public OfParts {
            names = List.copyOf(names);
        }
    }

    record OfWing() implements Selection {}

    record OfTail() implements Selection {}

    record OfBody() implements Selection {}

    /** The two supports of a weighing. */
    record Scales() implements Selection {}

    /** Some parts; the wing if there are none. */
    static Selection of(List<String> names) {
        return names.isEmpty() ? new OfWing() : names.size() == 1 ? new OfPart(names.get(0)) : new OfParts(names);
    }

    /** The names of the parts that are chosen. */
    default List<String> parts() {
        return this instanceof OfPart one
                ? List.of(one.name())
                : this instanceof OfParts several ? several.names() : List.of();
    }
}
