package app.drachen.files.standin;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.bench.StandIn;
import app.drachen.core.demo.DemoAircraft;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The stand-in board for other programs: its lines, and what does it no harm. */
class StandInTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static JsonNode tell(StandInLines lines, String line) throws Exception {
        String answer = lines.answer(line);
        assertFalse(answer.contains("\n"), "one line");
        return MAPPER.readTree(answer);
    }

    private static JsonNode output(JsonNode state, String moves) {
        for (JsonNode o : state.get("outputs")) {
            if (o.get("moves").asText().equals(moves)) {
                return o;
            }
        }
        throw new AssertionError("no output moves " + moves);
    }

    @Test
    void sticksTiltsSwitchSupplyAndArmingAreAnswered() throws Exception {
        StandInLines lines = new StandInLines(new StandIn(DemoAircraft.strandlaeufer(), List.of()));
        JsonNode rest = tell(lines, "{}");
        assertEquals(1, rest.get("version").asInt());
        assertEquals("Manual", rest.get("mode").asText());
        JsonNode right = tell(lines, "{\"sticks\": {\"roll\": 1}}");
        assertTrue(output(right, "right-aileron").get("degrees").asDouble() < -5, "right aileron up");
        assertTrue(output(right, "left-aileron").get("degrees").asDouble() > 5, "left aileron down");
        JsonNode level = tell(
                lines, "{\"sticks\": {\"roll\": 0}, \"selector\": 1200, \"tilt\": {\"roll\": 25}, \"advance\": 0.5}");
        assertEquals("Level", level.get("mode").asText());
        assertEquals(25, level.get("horizon").get("roll").asDouble(), 2);
        assertTrue(output(level, "right-aileron").get("degrees").asDouble() > 2, "it lifts the low wing");
        assertEquals(
                "the power stick is up",
                tell(lines, "{\"sticks\": {\"power\": 1}, \"arm\": true}")
                        .get("refused")
                        .asText());
        assertTrue(tell(lines, "{\"sticks\": {\"power\": 0}, \"arm\": true}")
                .get("armed")
                .asBoolean());
        assertTrue(tell(lines, "{\"selector\": 1000, \"sticks\": {\"power\": 0.8}}")
                        .get("motorAmps")
                        .asDouble()
                > 5);
        JsonNode usb = tell(lines, "{\"plugged\": \"usb\"}");
        assertFalse(output(usb, "left-aileron").get("powered").asBoolean());
        assertEquals("off", tell(lines, "{\"plugged\": \"none\"}").get("mode").asText());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "nonsense",
                "[1, 2]",
                "{\"sticks\": 3}",
                "{\"sticks\": {\"roll\": 2}}",
                "{\"sticks\": {\"roll\": \"1\"}}",
                "{\"sticks\": {\"wheel\": 1}}",
                "{\"selector\": 5000}",
                "{\"selector\": 1e999}",
                "{\"tilt\": {\"roll\": 400}}",
                "{\"plugged\": \"mains\"}",
                "{\"link\": \"no\"}",
                "{\"arm\": 1}",
                "{\"advance\": 1e9}",
                "{\"advance\": -1}",
                "{\"unknown\": 1}",
                "{\"selector\": 1500, \"selector\": 1600}",
                "{\"link\": true} {\"link\": false}",
                "{\"link\": "
            })
    void whatIsWrongIsToldInOneSentenceAndNothingOfItIsDone(String wrong) throws Exception {
        StandInLines lines = new StandInLines(new StandIn(DemoAircraft.rochen(), List.of()));
        String before = lines.answer("{\"advance\": 0}");
        JsonNode answer = tell(lines, wrong);
        assertTrue(answer.has("error") && answer.size() == 1, answer.toString());
        assertEquals(1, answer.get("error").asText().lines().count());
        assertEquals(before, lines.answer("{\"advance\": 0}"));
        JsonNode half = tell(lines, "{\"selector\": 1500, \"tilt\": {\"roll\": 400}}");
        assertTrue(half.has("error"));
        assertEquals(before, lines.answer("{\"advance\": 0}"), "judged before anything is done");
    }

    @Test
    void aFloodOfRubbishIsAnsweredLineByLine() throws Exception {
        StandInLines lines = new StandInLines(new StandIn(DemoAircraft.rochen(), List.of()));
        Random random = new Random(3);
        String good = "{\"sticks\": {\"roll\": 0.5, \"pitch\": -0.2}, \"tilt\": {\"roll\": 10}, \"advance\": 0.02}";
        for (int i = 0; i < 3_000; i++) {
            byte[] bytes = good.getBytes(StandardCharsets.UTF_8);
            for (int k = 0; k < 1 + random.nextInt(4); k++) {
                bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
            }
            assertTrue(tell(lines, new String(bytes, StandardCharsets.UTF_8).replace("\n", " "))
                    .isObject());
        }
        assertTrue(tell(lines, "[".repeat(5_000)).has("error"));
        assertTrue(tell(lines, "x".repeat(StandInLines.LONGEST + 1)).has("error"));
        assertFalse(tell(lines, good).has("error"), "and it lives on");
    }

    @Test
    void aLineWithoutAnEndIsNoLineAndALongOneIsCut() throws Exception {
        var in = new ByteArrayInputStream(("{}\n" + "y".repeat(100_000) + "\nhalf").getBytes(StandardCharsets.UTF_8));
        assertEquals(Optional.of("{}"), StandInLines.next(in));
        assertEquals(
                StandInLines.LONGEST + 1, StandInLines.next(in).orElseThrow().length());
        assertEquals(Optional.empty(), StandInLines.next(in));
    }

    @Test
    @Timeout(60)
    void programsComeAndGoAndOnlyFromThisMachine() throws Exception {
        StandInServer server = new StandInServer(new StandIn(DemoAircraft.rochen(), List.of()), 0);
        try {
            Thread serving = new Thread(() -> {
                try {
                    server.serve();
                } catch (java.io.IOException e) {
                    Thread.currentThread().interrupt();
                }
            });
            serving.start();
            InetAddress here = InetAddress.getLoopbackAddress();
            try (Socket rude = new Socket(here, server.port())) {
                rude.getOutputStream().write("{\"sticks\": {\"ro".getBytes(StandardCharsets.UTF_8));
                rude.setSoLinger(true, 0);
            }
            for (int i = 0; i < 3; i++) {
                try (Socket polite = new Socket(here, server.port());
                        BufferedReader in = new BufferedReader(
                                new InputStreamReader(polite.getInputStream(), StandardCharsets.UTF_8))) {
                    polite.getOutputStream().write("{\"advance\": 1}\nbad\n{}\n".getBytes(StandardCharsets.UTF_8));
                    assertTrue(MAPPER.readTree(in.readLine()).has("outputs"));
                    assertTrue(MAPPER.readTree(in.readLine()).has("error"));
                    assertEquals(
                            1.06, MAPPER.readTree(in.readLine()).get("time").asDouble(), 0.001, "a fresh board");
                }
            }
            server.close();
            serving.join(10_000);
            assertFalse(serving.isAlive(), "it ends when it is closed");
        } finally {
            server.close();
        }
    }

    /** A card is asked by its name, alone in its line; its readings come by their ids, and what is hidden shows in them. */
    @Test
    void aCardIsAnsweredWithItsReadings() throws Exception {
        var setup = DemoAircraft.rochen();
        var feet = app.drachen.core.bench.Planted.possible(setup).stream()
                .filter(p -> p.id().equals("home-feet"))
                .findFirst()
                .orElseThrow();
        StandInLines sound = new StandInLines(new StandIn(setup, List.of()));
        StandInLines hidden = new StandInLines(new StandIn(setup, List.of(feet)));
        var mapper = new com.fasterxml.jackson.databind.ObjectMapper();
        var good = mapper.readTree(sound.answer("{\"card\":\"home_height\"}"));
        assertEquals(80, good.at("/readings/height").asDouble());
        assertEquals(
                24,
                mapper.readTree(hidden.answer("{\"card\":\"HOME_HEIGHT\"}"))
                        .at("/readings/height")
                        .asDouble());
        var faces = mapper.readTree(sound.answer("{\"card\":\"SIX_FACES\"}")).get("readings");
        assertEquals(37, faces.size());
        for (String wrong : List.of(
                "{\"card\":\"HAND_OVER\"}", "{\"card\":\"LEVEL\",\"arm\":true}", "{\"card\":7}", "{\"on\":\"all\"}")) {
            assertTrue(sound.answer(wrong).startsWith("{\"error\""), wrong);
        }
        var refused = mapper.readTree(sound.answer("{\"fix\":false,\"arm\":true}"));
        assertEquals("there is no position fix", refused.get("refused").asText());
        var flaps = mapper.readTree(sound.answer("{\"flaps\":1,\"on\":[\"mix\"],\"fix\":true,\"arm\":true}"));
        assertTrue(flaps.get("armed").asBoolean());
    }

    /** A bridge is asked over the loopback address; whatever it answers, or does not, is one sentence. */
    @Test
    void aBridgeIsAskedAndItsRubbishNamed() throws Exception {
        var rochen = DemoAircraft.rochen();
        try (StandInServer server = new StandInServer(new StandIn(rochen, List.of()), 0)) {
            Thread serving = new Thread(() -> {
                try {
                    server.serve();
                } catch (java.io.IOException e) {
                    // closed at the end
                }
            });
            serving.start();
            assertTrue(told(server.port(), app.drachen.core.bench.CardId.LEVEL).contains("own stand-in, not a board"));
            assertTrue(
                    told(server.port(), app.drachen.core.bench.CardId.HAND_OVER).contains("there is no card"));
        }
        for (var wrong : List.of(
                java.util.Map.entry("not json\n", "sent no JSON"),
                java.util.Map.entry("{\"readings\":{\"roll\":\"0\"}}\n", "no number"),
                java.util.Map.entry("{\"readings\":[]}\n", "sent no readings"),
                java.util.Map.entry("null\n", "sent no readings"),
                java.util.Map.entry("half a li", "without an answer"))) {
            try (var socket = answering(wrong.getKey())) {
                String said = told(socket.getLocalPort(), app.drachen.core.bench.CardId.LEVEL);
                assertTrue(said.contains(wrong.getValue()), said);
            }
        }
        try (var socket = answering("{\"readings\":{\"roll\":0.01,\"pitch\":-0.02}}\n")) {
            assertEquals(
                    java.util.Map.of("roll", 0.01, "pitch", -0.02),
                    Bridge.ask(socket.getLocalPort(), app.drachen.core.bench.CardId.LEVEL));
        }
        int free;
        try (var socket = new java.net.ServerSocket(0, 1, java.net.InetAddress.getLoopbackAddress())) {
            free = socket.getLocalPort();
        }
        assertTrue(told(free, app.drachen.core.bench.CardId.LEVEL).contains("Nothing listens"));
    }

    /** A program that answers one question, whatever it is. */
    private static java.net.ServerSocket answering(String line) throws java.io.IOException {
        var socket = new java.net.ServerSocket(0, 1, java.net.InetAddress.getLoopbackAddress());
        new Thread(() -> {
                    try (var client = socket.accept()) {
                        client.getInputStream().read();
                        client.getOutputStream().write(line.getBytes(StandardCharsets.UTF_8));
                    } catch (java.io.IOException e) {
                        // the asking side says what it saw
                    }
                })
                .start();
        return socket;
    }

    private static String told(int port, app.drachen.core.bench.CardId card) {
        return org.junit.jupiter.api.Assertions.assertThrows(java.io.IOException.class, () -> Bridge.ask(port, card))
                .getMessage();
    }
}
