package app.drachen.files.standin;

import app.drachen.core.hearing.Readings;
import app.drachen.core.log.FlightLog;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.setup.Setup;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.function.Supplier;

/**
 * The stand-in sender: plays a flight as values on a socket of this machine, to one program after another, from its begin each time. It
 * listens on the loopback address and nowhere else. Dropouts last for a second or so and leave lines out.
 */
public final class ValueSender implements AutoCloseable {
    /** Lines for a second of flight. */
    public static final double RATE = 20;

    private static final double DROPOUT = 1.5;

    private final ServerSocket socket;
    private final Setup setup;
    private final FlightLog log;
    private final double ground;
    private final double speed;
    private final double dropouts;
    private final Supplier<Pace> paces;
    private volatile boolean closed;

    /** Waits until it is time. */
    public interface Pace {
        /**
         * Waits.
         *
         * @param seconds since the program was let in [s]
         */
        void until(double seconds) throws InterruptedException;

        /** As time goes by. */
        static Pace real() {
            long begin = System.nanoTime();
            return seconds -> {
                long left = (long) (1e9 * seconds) - (System.nanoTime() - begin);
                if (left > 0) {
                    java.util.concurrent.TimeUnit.NANOSECONDS.sleep(left);
                }
            };
        }
    }

    /**
     * A sender that listens.
     *
     * @param ground logged height of the launch [m]
     * @param speed times real time, 1 to 20
     * @param dropouts share of the time in which nothing comes, 0 to 0.9
     * @param port to listen on; 0 for any that is free
     * @param paces the pace for each program that comes, made when it is let in
     */
    public ValueSender(
            Setup setup, FlightLog log, double ground, double speed, double dropouts, int port, Supplier<Pace> paces)
            throws IOException {
        if (!(speed >= 1 && speed <= 20)) {
            throw new IllegalArgumentException("it plays 1 to 20 times as fast as it was flown");
        }
        if (!(dropouts >= 0 && dropouts <= 0.9)) {
            throw new IllegalArgumentException("dropouts take 0 to 90 % of the time");
        }
        this.setup = setup;
        this.log = log;
        this.ground = ground;
        this.speed = speed;
        this.dropouts = dropouts;
        this.paces = paces;
        socket = new ServerSocket();
        socket.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 4);
    }

    /** The port it listens on. */
    public int port() {
        return socket.getLocalPort();
    }

    /** Plays to one program after another until it is closed. */
    public void serve() throws IOException {
        while (!closed) {
            serveOne();
        }
    }

    /** Plays to the next program that comes. */
    public void serveOne() throws IOException {
        try (Socket client = socket.accept()) {
            client.setTcpNoDelay(true);
            play(client.getOutputStream());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            closed = true;
        } catch (IOException e) {
            if (!closed && socket.isClosed()) {
                throw e;
            }
            // a program that went away; the next is welcome
        }
    }

    private void play(OutputStream out) throws IOException, InterruptedException {
        Pace pace = paces.get();
        NoiseSource noise = new NoiseSource(11);
        double lostUntil = Double.NEGATIVE_INFINITY;
        for (long i = 0; i / RATE <= log.duration() + 1e-9 && !closed; i++) {
            double t = i / RATE;
            pace.until(t / speed);
            // so often that on average the share is lost
            double begins = dropouts / (1 - dropouts) / (DROPOUT * RATE);
            if (t >= lostUntil && noise.uniform() < begins) {
                lostUntil = t + DROPOUT;
            }
            if (t >= lostUntil) {
                int row = log.rowAt(log.time(0) + t);
                out.write((new ValueLines(t, Readings.all(log, setup, row, ground)).text() + "\n")
                        .getBytes(StandardCharsets.UTF_8));
                out.flush();
            }
        }
    }

    @Override
    public void close() throws IOException {
        closed = true;
        socket.close();
    }
}
