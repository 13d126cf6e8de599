package app.drachen.core.setup;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.propulsion.Pack;
import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * Every component of a set-up by its path, such as {@code build.airframe.wing.panels[0].rootChord}: to show it, to change
 * it, to say in what two set-ups differ. What the records refuse is refused here, in the same sentence.
 */
public final class Components {
    private Components() {}

    /**
     * One component that holds no others.
     *
     * @param path from the set-up
     * @param place the same in words, such as "wing · panel 1"; the same in any set-up that has it
     * @param owner simple name of the record it belongs to, with the enclosing one: {@code Gains.AxisGains}
     * @param name of the component, as in the document
     * @param value a {@code Double}, {@code Integer}, {@code Boolean}, {@code String} or an enum constant
     */
    public record Component(String path, String place, String owner, String name, Object value) {
        /** The name in words: "root leading edge". */
        public String words() {
            return spoken(name);
        }
    }

    /**
     * A list that can be added to.
     *
     * @param path from the set-up
     * @param place what stands in it, in words, such as "wing · panel"
     * @param size how many stand in it
     */
    public record Row(String path, String place, int size) {}

    /**
     * What differs between two set-ups.
     *
     * @param component where, in the one that has it
     * @param before its value before; empty if it was not there
     * @param after its value afterwards; empty if it is gone
     */
    public record Difference(Component component, Optional<Object> before, Optional<Object> after) {}

    /** All components that hold no others, in the order of the records; what a weighing found stands elsewhere. */
    public static List<Component> of(Setup setup) {
        List<Component> found = new ArrayList<>();
        walk(setup, "", "", found, new ArrayList<>());
        return found;
    }

    /** All lists that can be added to. */
    public static List<Row> rows(Setup setup) {
        List<Row> rows = new ArrayList<>();
        walk(setup, "", "", new ArrayList<>(), rows);
        return rows;
    }

    /** In what two set-ups differ, in the order of the records; what is gone comes last. */
    public static List<Difference> between(Setup before, Setup after) {
        Map<String, Component> was = new LinkedHashMap<>();
        of(before).forEach(c -> was.put(c.place() + "." + c.name(), c));
        List<Difference> found = new ArrayList<>();
        for (Component now : of(after)) {
            Optional<Object> old = Optional.ofNullable(was.remove(now.place() + "." + now.name()))
                    .map(Component::value);
            if (!old.equals(Optional.of(now.value()))) {
                found.add(new Difference(now, old, Optional.of(now.value())));
            }
        }
        was.values().forEach(c -> found.add(new Difference(c, Optional.of(c.value()), Optional.empty())));
        return found;
    }

    private static void walk(Record owner, String path, String place, List<Component> found, List<Row> rows) {
        for (RecordComponent c : owner.getClass().getRecordComponents()) {
            String here = path.isEmpty() ? c.getName() : path + "." + c.getName();
            Object value = get(owner, c);
            if (value instanceof Record inner) {
                walk(inner, here, joined(place, PASSED.contains(c.getName()) ? "" : spoken(c.getName())), found, rows);
            } else if (value instanceof List<?> list) {
                String one = joined(place, singular(c.getName()));
                if (Prototypes.ALL.containsKey(element(c))) {
                    rows.add(new Row(here, one, list.size()));
                }
                for (int i = 0; i < list.size(); i++) {
                    String item = here + "[" + i + "]";
                    if (list.get(i) instanceof Record inner) {
                        walk(inner, item, one + " " + label(inner, i), found, rows);
                    } else {
                        found.add(new Component(
                                item, one + " " + (i + 1), name(owner.getClass()), c.getName(), list.get(i)));
                    }
                }
            } else if (!(value instanceof Optional<?>)) {
                found.add(new Component(here, place, name(owner.getClass()), c.getName(), value));
            }
        }
    }

    /** Steps that say nothing to a reader. */
    private static final Set<String> PASSED =
            Set.of("build", "airframe", "propulsion", "harness", "controls", "modes", "tune");

    private static String joined(String place, String step) {
        return place.isEmpty() || step.isEmpty() ? place + step : place + " · " + step;
    }

    private static String spoken(String name) {
        return name.replaceAll("Micros$", "").replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
    }

    private static String singular(String name) {
        return name.equals("switches") ? "switch" : name.replaceAll("s$", "");
    }

    /** By what one of a list is known: its name, or its number. */
    private static String label(Record item, int index) {
        if (item instanceof Part part) {
            return part.name();
        }
        if (item instanceof Pack pack) {
            return pack.label();
        }
        Optional<String> inHarness = HarnessNames.of(item);
        if (inHarness.isPresent()) {
            return inHarness.get();
        }
        if (item instanceof Output output) {
            return output.surface().label().toLowerCase(Locale.ROOT);
        }
        return String.valueOf(index + 1);
    }

    private static String name(Class<?> type) {
        Class<?> outer = type.getEnclosingClass();
        return (outer == null ? "" : outer.getSimpleName() + ".") + type.getSimpleName();
    }

    private static Class<?> element(RecordComponent list) {
        return list.getGenericType() instanceof ParameterizedType p
                        && p.getActualTypeArguments()[0] instanceof Class<?> e
                ? e
                : Object.class;
    }

    private static Object get(Record owner, RecordComponent component) {
        try {
            return component.getAccessor().invoke(owner);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException(component.getName() + " of " + owner.getClass() + " cannot be read", e);
        }
    }

    /**
     * The same set-up with one component changed.
     *
     * @param value of the type that stands there
     * @throws IllegalArgumentException in one sentence if the set-up refuses it
     */
    public static Setup with(Setup setup, String path, Object value) {
        return (Setup) changed(setup, steps(path), 0, old -> value);
    }

    /**
     * The same set-up with one more in a list: like the last one there, or a usual one.
     *
     * @throws IllegalArgumentException in one sentence if the set-up refuses it
     */
    public static Setup added(Setup setup, String list) {
        return (Setup) changed(setup, steps(list), 0, old -> {
            List<Object> more = new ArrayList<>((List<?>) old);
            more.add(next(more, elementOf(setup, list)));
            return more;
        });
    }

    /**
     * The same set-up with one less in a list.
     *
     * @param index from 0
     * @throws IllegalArgumentException in one sentence if the set-up refuses it
     */
    public static Setup removed(Setup setup, String list, int index) {
        return (Setup) changed(setup, steps(list), 0, old -> {
            List<Object> fewer = new ArrayList<>((List<?>) old);
            if (index >= fewer.size()) {
                throw new IllegalArgumentException("That is not there any more; look again.");
            }
            fewer.remove(index);
            return fewer;
        });
    }

    private static List<String> steps(String path) {
        return Arrays.asList(path.replace("[", ".[").split("\\."));
    }

    private static Object changed(Object at, List<String> steps, int depth, UnaryOperator<Object> change) {
        if (depth == steps.size()) {
            return change.apply(at);
        }
        String step = steps.get(depth);
        if (at instanceof List<?> list && step.startsWith("[")) {
            List<Object> items = new ArrayList<>(list);
            int index = Integer.parseInt(step.substring(1, step.length() - 1));
            if (index >= items.size()) {
                throw new IllegalArgumentException("That is not there any more; look again.");
            }
            items.set(index, changed(items.get(index), steps, depth + 1, change));
            return items;
        }
        if (!(at instanceof Record owner)
                || Arrays.stream(at.getClass().getRecordComponents())
                        .noneMatch(c -> c.getName().equals(step))) {
            throw new IllegalArgumentException("That is not there any more; look again.");
        }
        RecordComponent[] components = owner.getClass().getRecordComponents();
        Object[] values = new Object[components.length];
        Class<?>[] types = new Class<?>[components.length];
        for (int i = 0; i < components.length; i++) {
            types[i] = components[i].getType();
            values[i] = get(owner, components[i]);
            if (components[i].getName().equals(step)) {
                values[i] = changed(values[i], steps, depth + 1, change);
            }
        }
        return made(owner.getClass(), types, values);
    }

    private static Object made(Class<?> type, Class<?>[] types, Object[] values) {
        try {
            Constructor<?> canonical = type.getDeclaredConstructor(types);
            return canonical.newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof IllegalArgumentException refused) {
                throw refused;
            }
            throw new IllegalStateException(type + " cannot be made", e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(type + " cannot be made", e);
        }
    }

    private static Class<?> elementOf(Setup setup, String list) {
        Object at = setup;
        Class<?> element = Object.class;
        for (String step : steps(list)) {
            if (step.startsWith("[")) {
                at = ((List<?>) at).get(Integer.parseInt(step.substring(1, step.length() - 1)));
                continue;
            }
            for (RecordComponent c : at.getClass().getRecordComponents()) {
                if (c.getName().equals(step)) {
                    element = element(c);
                    at = get((Record) at, c);
                    break;
                }
            }
        }
        return element;
    }

    /** One more like the last, with a name, a channel or a place of its own. */
    private static Object next(List<Object> there, Class<?> element) {
        Object like = there.isEmpty() ? Prototypes.ALL.get(element) : there.get(there.size() - 1);
        if (like instanceof Part part) {
            return new Part(free("part", there, o -> ((Part) o).name()), part.kind(), part.mass(), part.position());
        }
        if (like instanceof Pack pack) {
            String label = free("pack", there, o -> ((Pack) o).label());
            return new Pack(label, pack.cells(), pack.capacity(), pack.resistance());
        }
        Optional<Object> another = SignalsMore.of(like, there);
        if (another.isPresent()) {
            return another.get();
        }
        Optional<Object> named = HarnessNames.renamed(
                like, base -> free(base, there, o -> HarnessNames.of((Record) o).orElse("")));
        if (like instanceof Record && named.isPresent()) {
            return named.get();
        }
        if (like instanceof WingPanel panel) {
            return new WingPanel(
                    panel.tipChord(), panel.tipChord(), panel.length() / 2, panel.sweep(), panel.dihedral(), 0);
        }
        if (like instanceof Output output) {
            int channel = 1;
            while (taken(there, channel)) {
                channel++;
            }
            int number = output.surface().number();
            Surface surface = output.surface();
            while (moves(there, surface)) {
                number++;
                surface = new Surface(surface.role(), surface.side(), number);
            }
            return new Output(
                    channel,
                    surface,
                    output.mix(),
                    output.reversed(),
                    output.centreMicros(),
                    output.lowMicros(),
                    output.highMicros(),
                    output.neutralMicros(),
                    output.linkage());
        }
        return like;
    }

    private static boolean taken(List<Object> outputs, int channel) {
        return outputs.stream().anyMatch(o -> ((Output) o).channel() == channel);
    }

    private static boolean moves(List<Object> outputs, Surface surface) {
        return outputs.stream().anyMatch(o -> ((Output) o).surface().equals(surface));
    }

    private static String free(String name, List<Object> there, Function<Object, String> of) {
        int n = 1;
        String candidate = name;
        while (named(there, of, candidate)) {
            n++;
            candidate = name + " " + n;
        }
        return candidate;
    }

    private static boolean named(List<Object> there, Function<Object, String> of, String candidate) {
        return there.stream().map(of).anyMatch(candidate::equals);
    }
}
