package app.drachen.files.json;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadFeature;
import java.io.IOException;
import java.lang.reflect.Constructor;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * Reads records from documents as this program writes them, without the library's binding: the first use of that took longer than all else a
 * command does. Whatever is missing, unknown, twice there, of another kind or refused by its record is left to the library, which judges it
 * and says what is wrong and where. It takes nothing that the library would not take, and takes it as the library does.
 */
final class RecordReader {
    static final JsonFactory FACTORY = JsonFactory.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();

    private static final Map<Class<?>, Shape> SHAPES = new ConcurrentHashMap<>();

    private final JsonParser json;

    private RecordReader(JsonParser json) {
        this.json = json;
    }

    /** Something that is not as this program writes it. */
    private static final class OtherwiseException extends Exception {
        private static final long serialVersionUID = 1;

        OtherwiseException() {
            super("", null, false, false);
        }
    }

    /** What a record is made of. */
    private record Shape(Map<String, Integer> places, Type[] types, Constructor<?> constructor) {
        static Shape of(Class<?> type) {
            RecordComponent[] components = type.getRecordComponents();
            Map<String, Integer> places = new HashMap<>();
            Type[] types = new Type[components.length];
            Class<?>[] raw = new Class<?>[components.length];
            for (int i = 0; i < components.length; i++) {
                places.put(components[i].getName(), i);
                types[i] = components[i].getGenericType();
                raw[i] = components[i].getType();
            }
            try {
                Constructor<?> constructor = type.getDeclaredConstructor(raw);
                constructor.setAccessible(true);
                return new Shape(places, types, constructor);
            } catch (NoSuchMethodException e) {
                throw new IllegalStateException("every record has a constructor of its components", e);
            }
        }
    }

    /**
     * Reads a record.
     *
     * @param text the document, whole
     * @param type record of numbers, words, days, constants, records, lists, maps and what may be absent of these
     * @return empty if the document is not as this program writes it; it may be right all the same
     */
    static <T> Optional<T> read(String text, Class<T> type) {
        try (JsonParser json = FACTORY.createParser(text)) {
            json.nextToken();
            T value = type.cast(new RecordReader(json).value(type));
            return json.nextToken() == null ? Optional.of(value) : Optional.empty();
        } catch (OtherwiseException | IOException e) {
            return Optional.empty();
        }
    }

    private void want(boolean holds) throws OtherwiseException {
        if (!holds) {
            throw new OtherwiseException();
        }
    }

    private Object value(Type type) throws OtherwiseException, IOException {
        if (type instanceof ParameterizedType generic) {
            Type[] of = generic.getActualTypeArguments();
            Class<?> raw = (Class<?>) generic.getRawType();
            if (raw == Optional.class) {
                return json.currentToken() == JsonToken.VALUE_NULL ? Optional.empty() : Optional.of(value(of[0]));
            }
            if (raw == List.class) {
                return list(of[0]);
            }
            want(raw == Map.class);
            return map(of[0], of[1]);
        }
        want(type instanceof Class<?>);
        return plain((Class<?>) type);
    }

    private Object plain(Class<?> type) throws OtherwiseException, IOException {
        JsonToken token = json.currentToken();
        if (type.isRecord()) {
            want(token == JsonToken.START_OBJECT);
            return object(type);
        }
        if (type == double.class || type == Double.class) {
            want(token == JsonToken.VALUE_NUMBER_FLOAT || token == JsonToken.VALUE_NUMBER_INT);
            return number(Double::valueOf);
        }
        if (type == int.class || type == Integer.class) {
            want(token == JsonToken.VALUE_NUMBER_INT);
            return number(Integer::valueOf);
        }
        if (type == long.class || type == Long.class) {
            want(token == JsonToken.VALUE_NUMBER_INT);
            return number(Long::valueOf);
        }
        if (type == boolean.class || type == Boolean.class) {
            want(token == JsonToken.VALUE_TRUE || token == JsonToken.VALUE_FALSE);
            return token == JsonToken.VALUE_TRUE;
        }
        if (type != String.class && !type.isEnum() && type.isSealed()) {
            return oneOf(type);
        }
        want(token == JsonToken.VALUE_STRING);
        return word(type, json.getText());
    }

    /** As the library reads it, which makes patterns first that none of our numbers needs: 10 ms of a program just started. */
    private <T> T number(Function<String, T> read) throws OtherwiseException, IOException {
        try {
            return read.apply(json.getText());
        } catch (NumberFormatException e) {
            throw new OtherwiseException();
        }
    }

    private Object word(Class<?> type, String text) throws OtherwiseException {
        if (type == LocalDate.class) {
            try {
                return LocalDate.parse(text);
            } catch (DateTimeException e) {
                throw new OtherwiseException();
            }
        }
        if (type.isEnum()) {
            for (Object constant : type.getEnumConstants()) {
                if (((Enum<?>) constant).name().equals(text)) {
                    return constant;
                }
            }
        }
        want(type == String.class);
        return text;
    }

    private List<Object> list(Type of) throws OtherwiseException, IOException {
        want(json.currentToken() == JsonToken.START_ARRAY);
        List<Object> values = new ArrayList<>();
        while (json.nextToken() != JsonToken.END_ARRAY) {
            values.add(value(of));
        }
        return values;
    }

    private Map<Object, Object> map(Type key, Type of) throws OtherwiseException, IOException {
        want(json.currentToken() == JsonToken.START_OBJECT);
        Map<Object, Object> values = new LinkedHashMap<>();
        while (json.nextToken() == JsonToken.FIELD_NAME) {
            Object at = word((Class<?>) key, json.currentName());
            json.nextToken();
            values.put(at, value(of));
        }
        return values;
    }

    /** One of several kinds of record; the name of the kind stands first. */
    private Object oneOf(Class<?> type) throws OtherwiseException, IOException {
        want(json.currentToken() == JsonToken.START_OBJECT && json.nextToken() == JsonToken.FIELD_NAME);
        want(json.currentName().equals("kind") && json.nextToken() == JsonToken.VALUE_STRING);
        for (Class<?> kind : type.getPermittedSubclasses()) {
            if (kind.isRecord() && kind.getSimpleName().toLowerCase(Locale.ROOT).equals(json.getText())) {
                return object(kind);
            }
        }
        throw new OtherwiseException();
    }

    private Object object(Class<?> type) throws OtherwiseException, IOException {
        Shape shape = SHAPES.computeIfAbsent(type, Shape::of);
        Object[] values = new Object[shape.types.length];
        int there = 0;
        while (json.nextToken() == JsonToken.FIELD_NAME) {
            Integer place = shape.places.get(json.currentName());
            want(place != null);
            json.nextToken();
            values[place] = value(shape.types[place]);
            there++;
        }
        want(json.currentToken() == JsonToken.END_OBJECT && there == values.length);
        try {
            return shape.constructor.newInstance(values);
        } catch (ReflectiveOperationException e) {
            // what the record says of it is told by the library, with its place
            throw new OtherwiseException();
        }
    }
}
