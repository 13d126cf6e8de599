package app.drachen.core.setup;

import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.Page;
import app.drachen.core.signals.Supplier;
import app.drachen.core.signals.Value;
import app.drachen.core.signals.Wanted;
import app.drachen.core.signals.Way;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** One more of the lists of Signals, in which no value, kind or name may stand twice. */
public final class SignalsMore {
    private SignalsMore() {}

    /** Adds one more; nothing where every value or kind is there already. */
    @SuppressWarnings("unchecked")
    public static <T> void add(List<T> there, T first) {
        if (there.isEmpty()) {
            there.add(first);
        } else {
            of(there.get(there.size() - 1), new ArrayList<>(there)).ifPresent(o -> there.add((T) o));
        }
    }

    static Optional<Object> of(Object like, List<Object> there) {
        if (like instanceof Wanted wanted) {
            return free(there, o -> ((Wanted) o).value(), Value.values())
                    .map(v -> new Wanted(v, "", wanted.way(), 0, wanted.eye(), wanted.ear()));
        }
        if (like instanceof Alarm alarm) {
            return free(there, o -> ((Alarm) o).kind(), Alarm.Kind.values())
                    .map(k -> new Alarm(k, 0, 0, 0, alarm.priority(), k.label(), List.of()));
        }
        if (like instanceof Value) {
            return free(there, o -> o, Value.values()).map(v -> v);
        }
        if (like instanceof Way way) {
            return Optional.of(way.named(name("way", there, o -> ((Way) o).name())));
        }
        if (like instanceof Supplier s) {
            return Optional.of(new Supplier(
                    name("part", there, o -> ((Supplier) o).device()), s.values(), s.rate(), s.delay(), s.serial()));
        }
        if (like instanceof Page) {
            return Optional.of(new Page(name("page", there, o -> ((Page) o).name()), List.of()));
        }
        if (like instanceof Page.Cell) {
            List<Page.Cell> cells = there.stream().map(Page.Cell.class::cast).toList();
            return Arrays.stream(Value.values())
                    .filter(v -> cells.stream().noneMatch(c -> c.value() == v))
                    .flatMap(v -> new Page("page", cells).adding(v).stream())
                    .findFirst()
                    .map(p -> p.cells().stream()
                            .filter(c -> !cells.contains(c))
                            .findFirst()
                            .orElseThrow());
        }
        return Optional.empty();
    }

    private static <T> Optional<T> free(List<Object> there, java.util.function.Function<Object, Object> of, T[] all) {
        List<Object> taken = there.stream().map(of).toList();
        return Arrays.stream(all).filter(v -> !taken.contains(v)).findFirst();
    }

    private static String name(String base, List<Object> there, java.util.function.Function<Object, String> of) {
        List<String> taken = there.stream().map(of).toList();
        return IntStream.iterate(1, i -> i + 1)
                .mapToObj(i -> base + " " + i)
                .filter(n -> !taken.contains(n))
                .findFirst()
                .orElseThrow();
    }
}
