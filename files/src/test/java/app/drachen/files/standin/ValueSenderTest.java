package app.drachen.files.standin;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Value;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** The stand-in sender over a real socket, its clock handed in. */
class ValueSenderTest {
    private static final Setup SETUP = DemoAircraft.seeschwalbe();

    private static FlightLog log(double seconds) {
        FlightLog.Builder log =
                new FlightLog.Builder(EnumSet.of(LogColumn.TIME, LogColumn.HEIGHT, LogColumn.VOLTS, LogColumn.NORTH));
        for (int i = 0; i <= seconds * 20; i++) {
            log.row(i / 20.0);
            log.put(LogColumn.HEIGHT, 5 + i / 20.0).put(LogColumn.VOLTS, i % 2 == 0 ? 16 : Double.NaN);
        }
        return log.build();
    }

    private static List<ValueLines> played(double seconds, double dropouts) throws Exception {
        try (ValueSender sender = new ValueSender(SETUP, log(seconds), 5, 20, dropouts, 0, () -> s -> {})) {
            CompletableFuture<Void> serving = CompletableFuture.runAsync(() -> {
                try {
                    sender.serveOne();
                } catch (IOException e) {
                    throw new IllegalStateException(e);
                }
            });
            List<ValueLines> lines = new ArrayList<>();
            try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), sender.port());
                    BufferedReader in = new BufferedReader(
                            new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))) {
                for (String line = in.readLine(); line != null; line = in.readLine()) {
                    assertTrue(line.contains("\"standIn\":true"), "it never passes for a board: " + line);
                    lines.add(ValueLines.read(line).orElseThrow());
                }
            }
            serving.get(180, TimeUnit.SECONDS);
            return lines;
        }
    }

    @Test
    void everyLineComesOnceAndHeightsCountFromTheLaunch() throws Exception {
        List<ValueLines> lines = played(10, 0);
        assertEquals(201, lines.size());
        assertEquals(
                Map.of(Value.HEIGHT, 0.0, Value.TIME, 0.0, Value.PACK_VOLTS, 16.0),
                lines.get(0).values());
        assertEquals(10, lines.get(200).values().get(Value.HEIGHT), 1e-9);
        assertFalse(lines.get(1).values().containsKey(Value.PACK_VOLTS), "what is not logged is left out");
        assertFalse(lines.get(0).values().containsKey(Value.HOME_DISTANCE), "no place in the log");
    }

    @Test
    void aShareDropsOutInPieces() throws Exception {
        List<ValueLines> lines = played(600, 0.3);
        double share = 1 - lines.size() / 12_001.0;
        assertEquals(0.3, share, 0.08);
        double longest = 0;
        for (int i = 1; i < lines.size(); i++) {
            longest = Math.max(longest, lines.get(i).time() - lines.get(i - 1).time());
        }
        assertTrue(longest > 1.4, "a dropout lasts: " + longest);
    }

    @Test
    void brokenLinesTellNothing() {
        for (String line : List.of("", "{", "[]", "{\"t\": \"x\"}", "{\"values\": {}}", "null", "{\"t\": 1e999}")) {
            assertTrue(ValueLines.read(line).isEmpty(), line);
        }
        assertEquals(
                Map.of(Value.HEIGHT, 3.0),
                ValueLines.read(
                                "{\"t\": 1, \"values\": {\"height\": 3, \"wingbeat\": 2, \"climb\": \"up\"}, \"more\": {}}")
                        .orElseThrow()
                        .values());
        assertThrows(IllegalArgumentException.class, () -> new ValueSender(SETUP, log(1), 0, 30, 0, 0, () -> s -> {}));
        assertThrows(IllegalArgumentException.class, () -> new ValueSender(SETUP, log(1), 0, 1, 1, 0, () -> s -> {}));
    }
}
