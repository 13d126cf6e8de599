package app.drachen.files.json;

import app.drachen.core.air.Field;
import app.drachen.core.airframe.Tail;
import app.drachen.core.setup.Setup;
import app.drachen.files.ImportFailedException;
import app.drachen.files.NewFile;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.deser.std.StdScalarDeserializer;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.ser.std.ToStringSerializer;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;

/** Reads and writes the set-up document, and the field of the day in the same style. */
public final class SetupJson {
    /** What the document says it is. */
    public static final String FORMAT = "drachen-setup";

    /** Version of the document this program writes. */
    public static final int VERSION = 8;

    private static final long LARGEST = 5_000_000;

    private SetupJson() {}

    /** The document around a set-up; which revision of its hangar it was, if it was one. */
    record Document(String format, int version, Optional<Integer> revision, Setup setup) {}

    /**
     * A set-up as it was read.
     *
     * @param setup the aircraft
     * @param revision its number in the hangar it was written from, from 1; empty if it does not tell
     */
    public record Written(Setup setup, Optional<Integer> revision) {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Tail.Conventional.class, name = "conventional"),
        @JsonSubTypes.Type(value = Tail.Vee.class, name = "vee"),
        @JsonSubTypes.Type(value = Tail.None.class, name = "none")
    })
    private interface TailKinds {}

    /** The library's binding: made when it is needed, which for what this program wrote itself is in writing only. */
    static final class Binding {
        private static final SimpleModule DAYS = new SimpleModule()
                .addSerializer(LocalDate.class, ToStringSerializer.instance)
                .addDeserializer(LocalDate.class, new StdScalarDeserializer<>(LocalDate.class) {
                    @Override
                    public LocalDate deserialize(JsonParser text, DeserializationContext context) throws IOException {
                        try {
                            return LocalDate.parse(text.getText());
                        } catch (DateTimeParseException e) {
                            return (LocalDate) context.handleWeirdStringValue(
                                    LocalDate.class, text.getText(), "a day is written as 2026-05-31");
                        }
                    }
                });
        static final ObjectMapper MAPPER = mapper();

        private Binding() {}

        private static ObjectMapper mapper() {
            return JsonMapper.builder()
                    .addModule(new Jdk8Module())
                    .addModule(DAYS)
                    .addMixIn(Tail.class, TailKinds.class)
                    .enable(SerializationFeature.INDENT_OUTPUT)
                    .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
                    .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                    .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                    .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                    .enable(DeserializationFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                    .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
                    .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS, MapperFeature.AUTO_DETECT_IS_GETTERS)
                    .build();
        }
    }

    /** Writes a set-up as the document. */
    public static String write(Setup setup) {
        return toText(new Document(FORMAT, VERSION, Optional.empty(), setup));
    }

    /**
     * Writes a revision of a set-up into a file, by way of a new file beside it, so that a failure loses nothing.
     *
     * @param revision its number, from 1
     */
    public static void write(Setup setup, int revision, Path file) throws IOException {
        String text = toText(new Document(FORMAT, VERSION, Optional.of(revision), setup));
        NewFile.write(file, fresh -> Files.writeString(fresh, text + "\n"));
    }

    /**
     * Writes a set-up into a file, by way of a new file beside it, so that a failure loses nothing.
     */
    public static void write(Setup setup, Path file) throws IOException {
        NewFile.write(file, fresh -> Files.writeString(fresh, write(setup) + "\n"));
    }

    /**
     * Reads a set-up document from a file.
     *
     * @throws ImportFailedException with file, place and remedy
     */
    public static Setup read(Path file) throws ImportFailedException {
        return read(text(file), file);
    }

    /**
     * Reads a set-up document from a file, with the number of its revision.
     *
     * @throws ImportFailedException with file, place and remedy
     */
    public static Written readWritten(Path file) throws ImportFailedException {
        return readWritten(text(file), file);
    }

    /**
     * Reads a field from a file.
     *
     * @throws ImportFailedException with file, place and remedy
     */
    public static Field readField(Path file) throws ImportFailedException {
        return readField(text(file), file);
    }

    private static String text(Path file) throws ImportFailedException {
        try {
            if (Files.exists(file) && !Files.isRegularFile(file)) {
                throw new ImportFailedException(file, "", "this is no ordinary file; choose one that Drachen exported");
            }
            if (Files.size(file) > LARGEST) {
                throw new ImportFailedException(
                        file, "", "too large for this (over 5 MB); choose a file that Drachen exported");
            }
            String text = Files.readString(file, StandardCharsets.UTF_8);
            // some editors put a byte-order mark in front
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (NoSuchFileException e) {
            throw new ImportFailedException(file, "", "there is no such file; check the name");
        } catch (MalformedInputException e) {
            throw new ImportFailedException(file, "", "this is no text in UTF-8; choose a file that Drachen exported");
        } catch (AccessDeniedException e) {
            throw new ImportFailedException(file, "", "may not be read by you; change its permissions or copy it");
        } catch (IOException e) {
            throw new ImportFailedException(file, "", "cannot be read (" + e.getMessage() + ")");
        }
    }

    /**
     * Reads a set-up document from text.
     *
     * @param text the document
     * @param named file to name in messages
     * @throws ImportFailedException with file, place and remedy
     */
    public static Setup read(String text, Path named) throws ImportFailedException {
        return readWritten(text, named).setup();
    }

    private static Written readWritten(String text, Path named) throws ImportFailedException {
        try {
            Head head = head(text);
            if (!FORMAT.equals(head.format())) {
                throw new ImportFailedException(
                        named,
                        "",
                        "this is no Drachen set-up (\u201cformat\u201d is not \u201c"
                                + FORMAT
                                + "\u201d); choose a file that Drachen exported");
            }
            int version = head.version();
            if (version > VERSION) {
                throw new ImportFailedException(
                        named, "version " + version, "written by a newer Drachen; update this one");
            }
            Optional<Document> plain = version == VERSION ? RecordReader.read(text, Document.class) : Optional.empty();
            Document document = plain.isPresent() ? plain.get() : bound(text, version);
            return new Written(document.setup(), document.revision().filter(r -> r > 0));
        } catch (JsonMappingException e) {
            throw new ImportFailedException(named, place(e), JsonWords.of(e));
        } catch (JsonProcessingException e) {
            throw new ImportFailedException(
                    named,
                    line(e.getLocation()),
                    "the JSON is broken here (" + JsonWords.broken(e) + "); mend it or export again");
        }
    }

    /** A document of today is read from its text, so that what is wrong has its line. */
    private static Document bound(String text, int version) throws JsonProcessingException {
        return version == VERSION || version < 1
                ? Binding.MAPPER.readValue(text, Document.class)
                : Binding.MAPPER.treeToValue(
                        SetupUpgrades.upgraded((ObjectNode) Binding.MAPPER.readTree(text), version), Document.class);
    }

    /** What a document says of itself, which stands at its beginning: all of it is not read twice. */
    private record Head(String format, int version) {}

    private static Head head(String text) throws JsonProcessingException {
        String format = "";
        OptionalInt version = OptionalInt.empty();
        try (JsonParser json = RecordReader.FACTORY.createParser(text)) {
            boolean object = json.nextToken() == JsonToken.START_OBJECT;
            while (object && (format.isEmpty() || version.isEmpty()) && json.nextToken() == JsonToken.FIELD_NAME) {
                String name = json.currentName();
                json.nextToken();
                if (name.equals("format")) {
                    format = json.getValueAsString("");
                } else if (name.equals("version")) {
                    String number = json.currentToken() == JsonToken.VALUE_NUMBER_INT ? json.getText() : "";
                    version = OptionalInt.of(
                            number.length() == 1 ? Character.digit(number.charAt(0), 10) : json.getValueAsInt());
                }
                json.skipChildren();
            }
        } catch (JsonProcessingException e) {
            throw e;
        } catch (IOException e) {
            throw new UncheckedIOException("a text is always there", e);
        }
        return new Head(format, version.orElse(0));
    }

    private static String place(JsonMappingException e) {
        String path = e.getPath().stream()
                .map(r -> r.getFieldName() == null
                        ? String.valueOf(r.getIndex() + 1)
                        : JsonWords.shortened(r.getFieldName()))
                .collect(Collectors.joining(" › "));
        String line = line(e.getLocation());
        return path.isEmpty() ? line : line.isEmpty() ? path : line + ", " + path;
    }

    private static String line(JsonLocation location) {
        return location == null || location.getLineNr() < 1 ? "" : "line " + location.getLineNr();
    }

    /** Writes a field. */
    public static String writeField(Field field) {
        return toText(field);
    }

    /**
     * Reads a field.
     *
     * @throws ImportFailedException with place and remedy
     */
    public static Field readField(String text, Path named) throws ImportFailedException {
        return fromText(filled(text), Field.class, named);
    }

    /**
     * Fields from before Drachen kept the day of their weather: nobody knows it; and from before it asked whether somebody
     * looked for obstacles: only who entered one has.
     */
    private static String filled(String text) {
        try {
            JsonNode tree = Binding.MAPPER.readTree(text);
            if (tree instanceof ArrayNode list) {
                list.forEach(SetupJson::fill);
            } else {
                fill(tree);
            }
            return tree.toString();
        } catch (JsonProcessingException e) {
            return text;
        }
    }

    private static void fill(JsonNode node) {
        if (node instanceof ObjectNode field) {
            if (!field.has("day")) {
                field.putNull("day");
            }
            if (!field.has("ground")) {
                field.putNull("ground");
            }
            if (!field.has("surveyed")) {
                field.put("surveyed", !field.path("obstacles").isEmpty());
            }
        }
    }

    /** Writes the fields a pilot flies on. */
    public static String writeFields(List<Field> fields) {
        return toText(fields);
    }

    /**
     * Reads the fields a pilot flies on.
     *
     * @throws ImportFailedException with place and remedy
     */
    public static List<Field> readFields(String text, Path named) throws ImportFailedException {
        return List.of(fromText(filled(text), Field[].class, named));
    }

    /** Writes any of the hangar's records. */
    public static String toText(Object value) {
        try {
            return Binding.MAPPER.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("records can always be written", e);
        }
    }

    /**
     * Reads one of the hangar's records.
     *
     * @throws ImportFailedException with place and remedy
     */
    public static <T> T fromText(String text, Class<T> type, Path named) throws ImportFailedException {
        Optional<T> plain = type.isRecord() ? RecordReader.read(text, type) : Optional.empty();
        if (plain.isPresent()) {
            return plain.get();
        }
        try {
            T value = Binding.MAPPER.readValue(text, type);
            if (value == null) {
                throw new ImportFailedException(named, "", "nothing stands here");
            }
            return value;
        } catch (JsonMappingException e) {
            throw new ImportFailedException(named, place(e), JsonWords.of(e));
        } catch (JsonProcessingException e) {
            throw new ImportFailedException(named, line(e.getLocation()), "the JSON is broken here");
        }
    }
}
