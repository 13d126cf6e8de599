package app.drachen.files.standin;

import app.drachen.core.bench.StandIn;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/**
 * Serves the stand-in board on a socket of this machine: one program after another, each with a fresh board. It listens on the
 * loopback address and nowhere else. A line that never ends is cut off and told; a program that goes away in the middle of one does no
 * harm.
 */
public final class StandInServer implements AutoCloseable {
    private final ServerSocket socket;
    private final StandIn standIn;
    private volatile boolean closed;

    /**
     * Listens.
     *
     * @param standIn of the aircraft as it really is
     * @param port to listen on; 0 for any that is free
     */
    public StandInServer(StandIn standIn, int port) throws IOException {
        this.standIn = standIn;
        socket = new ServerSocket();
        socket.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 8);
    }

    /** The port it listens on. */
    public int port() {
        return socket.getLocalPort();
    }

    /** Serves until it is closed. */
    public void serve() throws IOException {
        while (!closed) {
            try (Socket client = socket.accept()) {
                serve(client);
            } catch (IOException e) {
                if (!closed && socket.isClosed()) {
                    throw e;
                }
                // a program that went away in the middle of a line; the next is welcome
            }
        }
    }

    private void serve(Socket client) throws IOException {
        client.setTcpNoDelay(true);
        StandInLines lines = new StandInLines(standIn);
        InputStream in = new BufferedInputStream(client.getInputStream());
        OutputStream out = client.getOutputStream();
        Optional<String> line = StandInLines.next(in);
        while (line.isPresent() && !closed) {
            out.write((lines.answer(line.get()) + "\n").getBytes(StandardCharsets.UTF_8));
            out.flush();
            line = StandInLines.next(in);
        }
    }

    @Override
    public void close() throws IOException {
        closed = true;
        socket.close();
    }
}
