package app.drachen.desktop.stage.signals;

import app.drachen.core.hearing.Listener;
import app.drachen.core.hearing.Listener.Said;
import app.drachen.core.hearing.ToneWave;
import app.drachen.core.log.FlightLog;
import app.drachen.core.setup.Setup;
import app.drachen.desktop.screen.Screen;
import app.drachen.files.standin.ValueLines;
import app.drachen.files.standin.ValueSender;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;

/**
 * A flight played by the stand-in sender over a socket of this machine, and heard here: values as late as they come, alarms, calls, tones.
 * One at a time; it ends with the flight, when it is stopped, or when another aircraft is shown.
 */
final class LivePlay {
    private static final int REMEMBERED = 6;

    private final Setup setup;
    private final Listener listener;
    private final ConcurrentLinkedQueue<ValueLines> came = new ConcurrentLinkedQueue<>();
    private final Deque<Said> said = new ArrayDeque<>();
    private final Sound sound;
    private final Runnable changed;
    private final Consumer<Said> speaks;
    private final AnimationTimer timer;
    private volatile Optional<ValueSender> sender = Optional.empty();
    private volatile boolean ended;
    private volatile String wrong = "";
    private double time;
    private double lastLine;

    /**
     * Begins.
     *
     * @param ground logged height of the launch [m]
     * @param speed times real time, 1 to 20
     * @param dropouts share of the time in which nothing comes
     * @param position of the switch of the calls
     * @param changed told on the interface thread whenever there is something new
     * @param speaks receives what is said
     */
    LivePlay(
            Setup setup,
            FlightLog log,
            double ground,
            double speed,
            double dropouts,
            int position,
            Runnable changed,
            Consumer<Said> speaks) {
        this.setup = setup;
        this.changed = changed;
        this.speaks = speaks;
        listener = new Listener(setup, position);
        sound = new Sound(new ToneWave(setup.signals().tones()), listener::climb);
        timer = new AnimationTimer() {
            @Override
            public void handle(long now) {
                drain();
            }
        };
        timer.start();
        Screen.apart(() -> send(log, ground, speed, dropouts));
        if (setup.signals().tones().on()) {
            Screen.apart(sound);
        }
    }

    private void send(FlightLog log, double ground, double speed, double dropouts) {
        try (ValueSender sends = new ValueSender(setup, log, ground, speed, dropouts, 0, ValueSender.Pace::real)) {
            sender = Optional.of(sends);
            Screen.apart(() -> receive(sends.port()));
            sends.serveOne();
        } catch (IOException e) {
            wrong = ended ? "" : "The stand-in sender did not start: " + e.getMessage() + ".";
        } finally {
            ended = true;
        }
    }

    private void receive(int port) {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port);
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = in.readLine(); line != null && !ended; line = in.readLine()) {
                ValueLines.read(line).ifPresent(came::add);
            }
        } catch (IOException e) {
            wrong = ended ? "" : "The stand-in sender broke off: " + e.getMessage() + ".";
        }
    }

    private void drain() {
        boolean any = false;
        for (ValueLines line = came.poll(); line != null; line = came.poll()) {
            any = true;
            lastLine = time;
            time = line.time();
            for (Said one : listener.at(time, line.values())) {
                said.addFirst(one);
                while (said.size() > REMEMBERED) {
                    said.removeLast();
                }
                speaks.accept(one);
            }
        }
        if (any || ended) {
            changed.run();
        }
        if (ended && came.isEmpty()) {
            stop();
        }
    }

    /** Ends it, wherever it is. */
    void stop() {
        ended = true;
        timer.stop();
        sound.end();
        sender.ifPresent(s -> {
            try {
                s.close();
            } catch (IOException e) {
                wrong = e.getMessage();
            }
        });
    }

    boolean over() {
        return ended && came.isEmpty();
    }

    /** What went wrong; empty for nothing. */
    String wrong() {
        return wrong.isEmpty() ? sound.wrong() : wrong;
    }

    Listener listener() {
        return listener;
    }

    Setup setup() {
        return setup;
    }

    /** Time since the begin of the flight [s]. */
    double time() {
        return time;
    }

    /** How long nothing had come before the last line [s]. */
    double gap() {
        return time - lastLine;
    }

    /** What was said, the latest first. */
    List<Said> said() {
        return new ArrayList<>(said);
    }
}
