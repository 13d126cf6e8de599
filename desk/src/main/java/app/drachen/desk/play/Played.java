package app.drachen.desk.play;

import app.drachen.core.hearing.Listener;
import app.drachen.core.hearing.Listener.Said;
import app.drachen.core.log.FlightLog;
import app.drachen.core.setup.Setup;
import app.drachen.files.standin.ValueLines;
import app.drachen.files.standin.ValueReceiver;
import app.drachen.files.standin.ValueSender;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executor;
import java.util.function.Supplier;

/**
 * A flight played by the stand-in sender over a socket of this machine and heard at the other end: values as late as they come, alarms,
 * calls. Sender and receiver run where the executor puts them; everything else is for one thread, that of the window.
 */
public final class Played {
    private static final int REMEMBERED = 6;

    private final Setup setup;
    private final Listener listener;
    private final Executor apart;
    private final ConcurrentLinkedQueue<ValueLines> came = new ConcurrentLinkedQueue<>();
    private final Deque<Said> said = new ArrayDeque<>();
    private volatile Optional<ValueSender> sender = Optional.empty();
    private volatile boolean ended;
    private volatile String wrong = "";
    private double time;
    private double lastLine;

    /**
     * Begins.
     *
     * @param apart runs what waits most of the time, each on a thread of its own
     * @param ground logged height of the launch [m]
     * @param speed times real time, 1 to 20
     * @param dropouts share of the time in which nothing comes, 0 to 0.9
     * @param position of the switch of the calls, 1 to 3
     * @param paces how the sender keeps time
     */
    public Played(
            Executor apart,
            Setup setup,
            FlightLog log,
            double ground,
            double speed,
            double dropouts,
            int position,
            Supplier<ValueSender.Pace> paces) {
        this.apart = apart;
        this.setup = setup;
        listener = new Listener(setup, position);
        apart.execute(() -> send(log, ground, speed, dropouts, paces));
    }

    private void send(FlightLog log, double ground, double speed, double dropouts, Supplier<ValueSender.Pace> paces) {
        try (ValueSender sends = new ValueSender(setup, log, ground, speed, dropouts, 0, paces)) {
            sender = Optional.of(sends);
            apart.execute(() -> receive(sends.port()));
            sends.serveOne();
        } catch (IOException e) {
            wrong = ended ? "" : "The stand-in sender did not start: " + e.getMessage() + ".";
            ended = true;
        }
    }

    private void receive(int port) {
        try {
            ValueReceiver.receive(port, came::add);
        } catch (IOException e) {
            wrong = ended ? "" : "The stand-in sender broke off: " + e.getMessage() + ".";
        } finally {
            // what was sent last may have come after the sender ended
            ended = true;
        }
    }

    /** Takes what has come since; what begins to be said, in order. */
    public List<Said> drain() {
        List<Said> begins = new ArrayList<>();
        for (ValueLines line = came.poll(); line != null; line = came.poll()) {
            lastLine = time;
            time = line.time();
            begins.addAll(listener.at(time, line.values()));
        }
        for (Said one : begins) {
            said.addFirst(one);
        }
        while (said.size() > REMEMBERED) {
            said.removeLast();
        }
        return begins;
    }

    /** Ends it, wherever it is. */
    public void stop() {
        ended = true;
        sender.ifPresent(s -> {
            try {
                s.close();
            } catch (IOException e) {
                wrong = e.getMessage();
            }
        });
    }

    /** Whether nothing more comes. */
    public boolean over() {
        return ended && came.isEmpty();
    }

    /** Whether it is that of a set-up. */
    public boolean of(Setup other) {
        return setup.equals(other);
    }

    /** What went wrong; empty for nothing. */
    public String wrong() {
        return wrong;
    }

    public Listener listener() {
        return listener;
    }

    /** Time since the begin of the flight [s]. */
    public double time() {
        return time;
    }

    /** How long nothing had come before the last line [s]. */
    public double gap() {
        return time - lastLine;
    }

    /** What was said, the latest first. */
    public List<Said> said() {
        return List.copyOf(said);
    }
}
