package app.drachen.core.hearing;

import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Value;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The least set of parts to add so that values are told (SIGNALS-A1): all sets of the shelf are tried.
 *
 * <p>Source: set cover by enumeration; parts of one's own, described in Signals but not in the harness, lie on the shelf too.
 */
public final class Cover {
    /** So many parts are tried together. */
    private static final int MOST = 12;

    private Cover() {}

    /**
     * Parts to add, as few as can be, of these with the fewest serial ports; what no part tells is left out.
     *
     * @param values that nothing tells
     */
    public static List<Supplier> of(Setup setup, Set<Value> values) {
        List<String> there =
                setup.harness().devices().stream().map(d -> d.name()).toList();
        List<Supplier> shelf = Stream.concat(
                        setup.signals().suppliers().stream()
                                .filter(s -> !there.contains(s.device())
                                        && !s.device().equals(Supplier.BOARD)),
                        Supplier.shelf().stream())
                .limit(MOST)
                .toList();
        Set<Value> told = EnumSet.noneOf(Value.class);
        shelf.forEach(s -> told.addAll(s.values()));
        Set<Value> wanted = EnumSet.noneOf(Value.class);
        values.stream().filter(told::contains).forEach(wanted::add);
        return sets(shelf).stream()
                .filter(set -> covers(set, wanted))
                .min(Comparator.<List<Supplier>>comparingInt(List::size)
                        .thenComparingLong(
                                set -> set.stream().filter(Supplier::serial).count())
                        .thenComparingInt(set ->
                                set.stream().mapToInt(s -> shelf.indexOf(s)).sum()))
                .orElse(List.of());
    }

    private static boolean covers(List<Supplier> set, Set<Value> wanted) {
        Set<Value> left = EnumSet.noneOf(Value.class);
        left.addAll(wanted);
        set.forEach(s -> left.removeAll(s.values()));
        return left.isEmpty();
    }

    private static List<List<Supplier>> sets(List<Supplier> shelf) {
        List<List<Supplier>> all = new ArrayList<>();
        for (int bits = 0; bits < 1 << shelf.size(); bits++) {
            List<Supplier> set = new ArrayList<>();
            for (int i = 0; i < shelf.size(); i++) {
                if ((bits >> i & 1) == 1) {
                    set.add(shelf.get(i));
                }
            }
            all.add(set);
        }
        return all;
    }
}
