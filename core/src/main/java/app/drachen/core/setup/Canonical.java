package app.drachen.core.setup;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * Values as canonical JSON: members by name in alphabetical order, without white space, numbers as Java writes them
 * (−0 as 0), what is absent or empty left out. A record's members are its components, a record of a sealed family says
 * which it is. So the order of components and a new component that is still empty change nothing.
 *
 * <p>Source: after RFC 8785 (A. Rundgren and others, JSON Canonicalization Scheme, 2020), without its number format.
 */
final class Canonical {
    private Canonical() {}

    /** The text of a value. */
    static String text(Object value) {
        StringBuilder text = new StringBuilder();
        write(value, text);
        return text.toString();
    }

    private static void write(Object value, StringBuilder text) {
        if (value instanceof Map<?, ?> map) {
            object(map, text);
        } else if (value instanceof Collection<?> list) {
            text.append('[');
            String comma = "";
            for (Object item : list) {
                text.append(comma);
                write(item, text);
                comma = ",";
            }
            text.append(']');
        } else if (value instanceof Optional<?> optional) {
            write(optional.orElseThrow(), text);
        } else if (value instanceof OptionalDouble number) {
            write(number.orElseThrow(), text);
        } else if (value instanceof Double number) {
            text.append(number + 0.0);
        } else if (value instanceof Number || value instanceof Boolean) {
            text.append(value);
        } else if (value instanceof Record fields) {
            object(members(fields), text);
        } else if (value instanceof Enum<?> constant) {
            quoted(constant.name(), text);
        } else if (value instanceof String string) {
            quoted(string, text);
        } else {
            throw new IllegalArgumentException("no canonical text for " + value.getClass());
        }
    }

    private static void object(Map<?, ?> map, StringBuilder text) {
        text.append('{');
        String comma = "";
        Map<String, Object> sorted = new TreeMap<>();
        map.forEach((name, value) -> sorted.put(String.valueOf(name), value));
        for (Map.Entry<String, Object> member : sorted.entrySet()) {
            if (!absent(member.getValue())) {
                text.append(comma);
                quoted(member.getKey(), text);
                text.append(':');
                write(member.getValue(), text);
                comma = ",";
            }
        }
        text.append('}');
    }

    private static boolean absent(Object value) {
        return value instanceof Optional<?> o && o.isEmpty()
                || value instanceof OptionalDouble d && d.isEmpty()
                || value instanceof Collection<?> c && c.isEmpty()
                || value instanceof Map<?, ?> m && m.isEmpty();
    }

    private static Map<String, Object> members(Record value) {
        Map<String, Object> members = new TreeMap<>();
        for (Class<?> family : value.getClass().getInterfaces()) {
            if (family.isSealed()) {
                members.put("", value.getClass().getSimpleName());
            }
        }
        for (RecordComponent component : value.getClass().getRecordComponents()) {
            try {
                members.put(component.getName(), component.getAccessor().invoke(value));
            } catch (IllegalAccessException | InvocationTargetException e) {
                throw new IllegalStateException("a record shows its components", e);
            }
        }
        return members;
    }

    private static void quoted(String string, StringBuilder text) {
        text.append('"');
        for (int i = 0; i < string.length(); i++) {
            char c = string.charAt(i);
            if (c == '"' || c == '\\' || c < ' ') {
                text.append(String.format("\\u%04x", (int) c));
            } else {
                text.append(c);
            }
        }
        text.append('"');
    }
}
