package app.drachen.files.standin;

import app.drachen.core.bench.CardId;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.net.ConnectException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Asks a program on this machine that speaks the protocol of {@link StandInLines} for the readings of a card: a bridge to real hardware.
 * The stand-in itself is turned away, for its readings are no evidence of the real aircraft. One question a connection, on the loopback address only; what takes longer than five seconds is given up.
 */
public final class Bridge {
    private static final int CONNECT_MILLIS = 2_000;
    private static final int READ_MILLIS = 5_000;
    private static final int MOST = 500;
    private static final ObjectMapper MAPPER = JsonMapper.builder().build();

    private Bridge() {}

    /**
     * Asks for a card.
     *
     * @param port of the bridge, 1 to 65 535
     * @return its readings by their ids [SI]
     * @throws IOException with one sentence
     */
    public static Map<String, Double> ask(int port, CardId card) throws IOException {
        if (port < 1 || port > 65_535) {
            throw new IOException("A port is a number from 1 to 65535.");
        }
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), CONNECT_MILLIS);
            socket.setSoTimeout(READ_MILLIS);
            String question = MAPPER.createObjectNode().put("card", card.name()) + "\n";
            socket.getOutputStream().write(question.getBytes(StandardCharsets.UTF_8));
            socket.getOutputStream().flush();
            InputStream in = new BufferedInputStream(socket.getInputStream());
            String line = StandInLines.next(in)
                    .orElseThrow(() -> new IOException("The bridge on port " + port + " went away without an answer."));
            return readings(line, port);
        } catch (ConnectException e) {
            throw new IOException("Nothing listens on port " + port + " of this machine; start the bridge first.", e);
        } catch (InterruptedIOException e) {
            throw new IOException("The bridge on port " + port + " did not answer within 5 s.", e);
        }
    }

    private static Map<String, Double> readings(String line, int port) throws IOException {
        String who = "The bridge on port " + port;
        try {
            JsonNode answer = MAPPER.readTree(line);
            if (answer != null && answer.path("error").isTextual()) {
                throw new IOException(who + " says: " + answer.get("error").asText());
            }
            if (answer != null && answer.path(StandInLines.STAND_IN).asBoolean()) {
                throw new IOException(
                        who
                                + " is Drachen's own stand-in, not a board. Nothing was taken; Space lets the stand-in answer.");
            }
            JsonNode readings = answer == null ? MAPPER.missingNode() : answer.path("readings");
            if (!readings.isObject() || readings.isEmpty() || readings.size() > MOST) {
                throw new IOException(
                        who + " sent no readings; it is to answer {\"card\": \u2026, \"readings\": {\u2026}}.");
            }
            Map<String, Double> all = new LinkedHashMap<>();
            for (var field : readings.properties()) {
                if (!field.getValue().isNumber()) {
                    throw new IOException(
                            who + " sent a reading that is no number: \u201c" + field.getKey() + "\u201d.");
                }
                all.put(field.getKey(), field.getValue().asDouble());
            }
            return all;
        } catch (JsonProcessingException e) {
            throw new IOException(who + " sent no JSON; one object a line is wanted.", e);
        }
    }
}
