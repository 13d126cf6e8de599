package app.drachen.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.draft.NewAircraft;
import app.drachen.core.setup.Components;
import app.drachen.core.setup.Components.Component;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.files.json.SetupJson;
import app.drachen.files.json.SetupWords;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * The published schema of the set-up document: drawn from the records and their documentation, so that it cannot grow
 * old, and held against documents by an independent validator. Run with {@code -Ddrachen.schema=write} to publish it
 * anew.
 */
class SetupSchemaTest {
    private static final Path PUBLISHED = Path.of("..", "docs", "setup.schema.json");
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final Map<String, ObjectNode> definitions = new LinkedHashMap<>();

    private JsonNode drawn() throws IOException {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        root.put("title", "Drachen set-up, version " + SetupJson.VERSION);
        root.put("description", "One aircraft with everything configured about it. SI units and radians throughout.");
        root.put("type", "object");
        ObjectNode properties = root.putObject("properties");
        properties.putObject("format").put("const", SetupJson.FORMAT);
        properties.putObject("version").put("const", SetupJson.VERSION);
        properties
                .putObject("revision")
                .put("description", "its number in the hangar it was written from, or null")
                .put("minimum", 1)
                .putArray("type")
                .add("integer")
                .add("null");
        properties.set("setup", of(Setup.class));
        root.putArray("required").add("format").add("version").add("revision").add("setup");
        root.put("additionalProperties", false);
        ObjectNode defs = root.putObject("$defs");
        definitions.forEach(defs::set);
        return root;
    }

    private ObjectNode of(Type type) throws IOException {
        ObjectNode node = MAPPER.createObjectNode();
        if (type instanceof ParameterizedType generic) {
            Type inner = generic.getActualTypeArguments()[generic.getActualTypeArguments().length - 1];
            if (generic.getRawType() == Optional.class) {
                ArrayNode any = node.putArray("anyOf");
                any.add(of(inner));
                any.addObject().put("type", "null");
            } else if (generic.getRawType() == List.class) {
                node.put("type", "array").set("items", of(inner));
            } else {
                assertEquals(Map.class, generic.getRawType(), "a type the schema does not know");
                node.put("type", "object").set("additionalProperties", of(inner));
            }
            return node;
        }
        Class<?> kind = (Class<?>) type;
        if (kind == double.class || kind == Double.class) {
            return node.put("type", "number");
        } else if (kind == int.class || kind == Integer.class || kind == long.class) {
            return node.put("type", "integer");
        } else if (kind == boolean.class) {
            return node.put("type", "boolean");
        } else if (kind == String.class) {
            return node.put("type", "string");
        }
        String name = kind.getName().replaceAll(".*\\.", "").replace('$', '.');
        if (!definitions.containsKey(name)) {
            definitions.put(name, node);
            definitions.put(name, define(kind));
        }
        return MAPPER.createObjectNode().put("$ref", "#/$defs/" + name);
    }

    private ObjectNode define(Class<?> kind) throws IOException {
        ObjectNode node = MAPPER.createObjectNode();
        if (kind.isEnum()) {
            ArrayNode values = node.putArray("enum");
            for (Object value : kind.getEnumConstants()) {
                values.add(((Enum<?>) value).name());
            }
            return node;
        }
        if (kind.isSealed()) {
            ArrayNode any = node.putArray("oneOf");
            for (Class<?> one : kind.getPermittedSubclasses()) {
                any.add(record(one, Optional.of(one.getSimpleName().toLowerCase(Locale.ROOT))));
            }
            return node;
        }
        return record(kind, Optional.empty());
    }

    private ObjectNode record(Class<?> kind, Optional<String> tag) throws IOException {
        assertTrue(kind.isRecord(), kind + " is no record");
        Map<String, String> told = told(kind);
        ObjectNode node = MAPPER.createObjectNode().put("type", "object");
        ObjectNode properties = node.putObject("properties");
        List<String> required = new ArrayList<>();
        tag.ifPresent(t -> {
            properties.putObject("kind").put("const", t);
            required.add("kind");
        });
        for (RecordComponent component : kind.getRecordComponents()) {
            ObjectNode one = of(component.getGenericType());
            one.put("description", told.getOrDefault(component.getName(), ""));
            assertFalse(one.get("description").asText().isBlank(), kind + "." + component.getName() + " says nothing");
            properties.set(component.getName(), one);
            required.add(component.getName());
        }
        ArrayNode names = node.putArray("required");
        required.forEach(names::add);
        return node.put("additionalProperties", false);
    }

    /** What the documentation of a record says of its components. */
    private static Map<String, String> told(Class<?> kind) throws IOException {
        Class<?> outer = kind.getEnclosingClass() == null ? kind : kind.getEnclosingClass();
        String source = Files.readString(
                Path.of("..", "core", "src", "main", "java", outer.getName().replace('.', '/') + ".java"));
        Matcher head =
                Pattern.compile("\\brecord " + kind.getSimpleName() + "\\(").matcher(source);
        assertTrue(head.find(), kind + " is not in its source");
        String before = source.substring(0, head.start());
        String comment = before.substring(before.lastIndexOf("/**") + 3, before.lastIndexOf("*/"));
        Map<String, String> told = new LinkedHashMap<>();
        for (String part : comment.replaceAll("\\s*\\n\\s*\\*?", " ").split("@param ")) {
            String[] words = part.strip().split("\\s+", 2);
            if (words.length == 2) {
                told.put(
                        words[0], words[1].replaceAll("\\{@\\w+ ([^}]*)}", "$1").strip());
            }
        }
        return told;
    }

    @Test
    void thePublishedSchemaIsThatOfTheRecords() throws Exception {
        String text = MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(drawn()) + "\n";
        if ("write".equals(System.getProperty("drachen.schema"))) {
            Files.writeString(PUBLISHED, text);
        }
        assertEquals(text, Files.readString(PUBLISHED), "publish it anew with -Ddrachen.schema=write");
    }

    @Test
    void documentsPassTheValidatorAndDamagedOnesDoNot() throws Exception {
        JsonSchema schema =
                JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(Files.readString(PUBLISHED));
        List<Setup> setups = new ArrayList<>(List.of(
                DemoAircraft.rochen(),
                DemoAircraft.rochenOnTheBench(),
                DemoAircraft.strandlaeufer(),
                DemoAircraft.seeschwalbe()));
        for (NewAircraft.Kind kind : NewAircraft.Kind.values()) {
            setups.add(NewAircraft.of(kind, "Neu"));
        }
        for (Setup setup : setups) {
            String text = SetupJson.write(setup);
            assertEquals(java.util.Set.of(), schema.validate(MAPPER.readTree(text)), setup.name());
            // what the reader refuses for its shape, the schema refuses too
            for (String damage : List.of(
                    text.replaceFirst("\"incidence\" : [-0-9.E]+", "\"incidence\" : \"two\""),
                    text.replaceFirst("\"name\"", "\"nom\""),
                    text.replaceFirst("\"version\" : 8", "\"version\" : 9"),
                    text.replaceFirst("\"kind\" : \"(none|vee|conventional)\"", "\"kind\" : \"butterfly\""))) {
                assertFalse(schema.validate(MAPPER.readTree(damage)).isEmpty(), setup.name());
                org.junit.jupiter.api.Assertions.assertThrows(
                        ImportFailedException.class, () -> SetupJson.read(damage, Path.of("damaged.json")));
            }
        }
    }

    /** What the program shows beside a figure comes from the same page. */
    @Test
    void everyComponentOfASetupHasItsWords() {
        SetupWords words = new SetupWords();
        for (Setup setup : List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe())) {
            for (Component c : Components.of(setup)) {
                assertFalse(words.meaning(c).isBlank(), c.toString());
            }
        }
        Component incidence = Components.of(DemoAircraft.rochen()).stream()
                .filter(c -> c.name().equals("incidence"))
                .findFirst()
                .orElseThrow();
        assertEquals(Quantity.ANGLE, words.quantity(incidence));
        assertEquals("of the root chord to the body axis, nose up positive", words.plain(incidence));
    }
}
