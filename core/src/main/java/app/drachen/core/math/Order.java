package app.drachen.core.math;

import java.util.Comparator;
import java.util.function.Function;

/**
 * An order by what things have. {@link Comparator#comparing} gives one that can be written to a file, and what the JDK makes for that at
 * its first use costs a program just started as much as a hundred plain classes.
 */
public final class Order {
    private Order() {}

    /**
     * Smaller first.
     *
     * @param of what counts of a thing
     */
    public static <T, U extends Comparable<? super U>> Comparator<T> by(Function<? super T, ? extends U> of) {
        return (a, b) -> of.apply(a).compareTo(of.apply(b));
    }
}
