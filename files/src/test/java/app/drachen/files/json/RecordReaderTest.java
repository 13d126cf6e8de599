package app.drachen.files.json;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.draft.NewAircraft;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Setup;
import com.fasterxml.jackson.core.JsonProcessingException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The quick reader of records against the library's binding, which is the judge: never another value, never one that it refuses. */
class RecordReaderTest {
    private static final List<String> OTHER_VALUES = List.of(
            "null",
            "-1",
            "0",
            "2",
            "0.25",
            "12.5",
            "1e999",
            "7.0",
            "3000000000",
            "\"x\"",
            "\"NaN\"",
            "true",
            "[ ]",
            "{ }",
            "[ null ]",
            "");

    private static String text(Setup setup) {
        return SetupJson.write(setup);
    }

    private static Optional<SetupJson.Document> library(String text) {
        try {
            return Optional.ofNullable(SetupJson.Binding.MAPPER.readValue(text, SetupJson.Document.class));
        } catch (JsonProcessingException e) {
            return Optional.empty();
        }
    }

    /** Were one of them left to the library, a command would be as slow as before and nobody would notice. */
    @Test
    void allThatTheProgramWritesIsReadAsTheLibraryReadsIt() {
        Stream<Setup> begun = Arrays.stream(NewAircraft.Kind.values()).map(k -> NewAircraft.of(k, "Neu " + k));
        Stream<Setup> demo = Stream.of(
                DemoAircraft.rochen(),
                DemoAircraft.rochenOnTheBench(),
                DemoAircraft.strandlaeufer(),
                DemoAircraft.strandlaeuferNewPack(),
                DemoAircraft.seeschwalbe(),
                DemoAircraft.seeschwalbePorpoising());
        for (Setup setup : Stream.concat(begun, demo).toList()) {
            String text = text(setup);
            SetupJson.Document read =
                    RecordReader.read(text, SetupJson.Document.class).orElseThrow();
            assertEquals(setup, read.setup());
            assertEquals(library(text).orElseThrow(), read);
        }
        for (Field field : List.of(DemoField.deichwiese(), DemoField.evening())) {
            assertEquals(
                    field,
                    RecordReader.read(SetupJson.writeField(field), Field.class).orElseThrow());
        }
    }

    /** A record with what set-ups have none of, and kinds that are not read. */
    private record Odd(
            long when, Map<Facet, String> prints, Map<String, Double> measured, Optional<List<Integer>> some) {}

    private record Unread(OptionalInt count) {}

    private record Several(Set<String> words) {}

    @Test
    void mapsKeepTheirOrderAndWhatIsNotKnownIsLeftToTheLibrary() throws Exception {
        Facet facet = Facet.values()[0];
        String odd = "{\"when\":4000000000,\"prints\":{\"" + facet
                + "\":\"ab\"},\"measured\":{\"b\":1,\"a\":2.5},\"some\":[3]}";
        Odd read = RecordReader.read(odd, Odd.class).orElseThrow();
        assertEquals(SetupJson.Binding.MAPPER.readValue(odd, Odd.class), read);
        assertEquals(List.of("b", "a"), List.copyOf(read.measured().keySet()));
        assertEquals(Optional.empty(), RecordReader.read("{\"count\":3}", Unread.class));
        assertEquals(Optional.empty(), RecordReader.read("{\"words\":[\"a\"]}", Several.class));
        assertEquals(Optional.empty(), RecordReader.read("[3]", Odd.class));
        assertEquals(Optional.empty(), RecordReader.read("", Odd.class));
    }

    @Test
    void ofDamagedDocumentsItTakesNothingThatTheLibraryRefusesAndNothingOtherwise() {
        Random random = new Random(15);
        int taken = 0;
        int refused = 0;
        for (Setup setup : List.of(DemoAircraft.rochen(), DemoAircraft.seeschwalbe())) {
            List<String> lines = text(setup).lines().toList();
            for (int i = 0; i < 250; i++) {
                List<String> damaged = new ArrayList<>(lines);
                int at = 1 + random.nextInt(lines.size() - 2);
                String line = lines.get(at);
                int colon = line.indexOf(" : ");
                String other = OTHER_VALUES.get(random.nextInt(OTHER_VALUES.size()));
                switch (random.nextInt(5)) {
                    case 0 -> damaged.remove(at);
                    case 1 -> damaged.add(at, line);
                    case 2 -> damaged.set(at, line.replaceFirst("\"(\\w)", "\"x$1"));
                    case 3 -> damaged.add(at, lines.get(1 + random.nextInt(lines.size() - 2)));
                    default -> damaged.set(
                            at,
                            colon < 0
                                    ? line.strip() + other
                                    : line.substring(0, colon + 3) + other + (line.endsWith(",") ? "," : ""));
                }
                String text = String.join("\n", damaged);
                Optional<SetupJson.Document> quick = RecordReader.read(text, SetupJson.Document.class);
                Optional<SetupJson.Document> judged = library(text);
                if (quick.isPresent()) {
                    assertEquals(judged, quick, text.substring(0, 40) + "… line " + at + ": " + damaged.get(at));
                    taken++;
                } else if (judged.isEmpty()) {
                    refused++;
                }
            }
            String whole = text(setup);
            assertEquals(Optional.empty(), RecordReader.read(whole + "{}", SetupJson.Document.class), "more follows");
        }
        assertTrue(taken > 10 && refused > 200, taken + " taken, " + refused + " refused");
    }
}
