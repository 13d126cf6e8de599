package app.drachen.files.standin;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;

/** The other end of {@link ValueSender}: reads its lines until it ends; broken ones are left out. */
public final class ValueReceiver {
    private ValueReceiver() {}

    /**
     * Reads until the sender ends.
     *
     * @param port of this machine
     * @param came receives each line that can be read
     */
    public static void receive(int port, Consumer<ValueLines> came) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port);
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                ValueLines.read(line).ifPresent(came);
            }
        }
    }
}
