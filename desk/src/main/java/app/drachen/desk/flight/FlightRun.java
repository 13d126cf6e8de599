package app.drachen.desk.flight;

import app.drachen.core.modes.FlightMode;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.desk.Desk;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.work.Foreseen;
import app.drachen.desk.work.Job;
import app.drachen.desk.work.Lane;
import app.drachen.desk.work.Running;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Logbook;
import app.drachen.files.hangar.Revision;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;

/**
 * A flight in the model, from ready to kept. It owns its rehearsal, and knows the aircraft and the revision that fly; it
 * is filed under these, whatever is on the screen when it lands. Pictures read the {@link #glance}; mode, knob and
 * breaking off are messages, heard between two slices of flight.
 *
 * <p>Once it has landed it is read and kept, also when its window closes.
 */
public final class FlightRun {
    /** How far a flight has come. */
    public enum Phase {
        READY,
        FLYING,
        LANDED,
        READ,
        KEPT,
        LOST
    }

    /** Longest stretch between two glances [s]. */
    private static final double SLICE = 5;

    /** A flight to the end takes about as long [s]; for the progress only. */
    private static final double USUAL = 240;

    private final Desk desk;
    private final OpenAircraft aircraft;
    private final Revision revision;
    private final RehearsalPlan plan;
    private final boolean asSetUp;
    private final Consumer<FlightRun> changed;

    private final Deque<Consumer<Rehearsal>> messages = new ArrayDeque<>();
    private double wanted;
    private double knob = 1;
    private boolean slicing;
    private volatile DoubleConsumer progress = share -> {};
    private Optional<Job> job = Optional.empty();

    /** Of the lane that flies, nobody else's. */
    private Optional<Rehearsal> rehearsal = Optional.empty();

    private volatile Phase phase = Phase.READY;
    private volatile Optional<Glance> glance = Optional.empty();
    private volatile Optional<Flight> flight = Optional.empty();
    private volatile Optional<FlightRecord> kept = Optional.empty();
    private volatile String reason = "";

    /**
     * A flight that is ready.
     *
     * @param aircraft the aircraft that flies
     * @param revision the revision that flies
     * @param plan what is flown
     * @param asSetUp whether it flies as it is set up, without a mistake on purpose
     * @param changed called on the screen when the phase has changed
     */
    public FlightRun(
            Desk desk,
            OpenAircraft aircraft,
            Revision revision,
            RehearsalPlan plan,
            boolean asSetUp,
            Consumer<FlightRun> changed) {
        this.desk = desk;
        this.aircraft = aircraft;
        this.revision = revision;
        this.plan = plan;
        this.asSetUp = asSetUp;
        this.changed = changed;
    }

    public OpenAircraft aircraft() {
        return aircraft;
    }

    public Revision revision() {
        return revision;
    }

    public RehearsalPlan plan() {
        return plan;
    }

    public Phase phase() {
        return phase;
    }

    /** How it looked between the last two slices; empty before the first. */
    public Optional<Glance> glance() {
        return glance;
    }

    /** What was read from it, once it was. */
    public Optional<Flight> flight() {
        return flight;
    }

    /** Where it stands in the logbook, once it does. */
    public Optional<FlightRecord> kept() {
        return kept;
    }

    /** Why it was lost, in one sentence; empty if it was not. */
    public String reason() {
        return reason;
    }

    /** Whether it is neither down nor lost. */
    public boolean inTheAir() {
        return phase == Phase.READY || phase == Phase.FLYING;
    }

    /**
     * Flies on, beside the screen.
     *
     * @param seconds of flight [s]; added to what is still to be flown, but at most one slice waits
     */
    public void advance(double seconds) {
        synchronized (this) {
            wanted = Math.max(wanted, Math.min(SLICE, wanted + seconds));
            start();
        }
    }

    /** Flies to the end. */
    public void toTheEnd(DoubleConsumer told) {
        synchronized (this) {
            progress = told;
            wanted = Double.POSITIVE_INFINITY;
            start();
        }
    }

    /** Holds: nothing more is flown until it is asked for. */
    public synchronized void hold() {
        wanted = 0;
    }

    private void send(Consumer<Rehearsal> message) {
        synchronized (this) {
            messages.add(message);
            start();
        }
    }

    private void start() {
        if (slicing || !inTheAir()) {
            return;
        }
        slicing = true;
        job = Optional.of(desk.jobs()
                .start(
                        Lane.FLY,
                        this,
                        running -> {
                            slices(running);
                            return phase;
                        },
                        share -> progress.accept(share),
                        now -> changed.accept(this),
                        this::lost));
    }

    private void slices(Running running) {
        Rehearsal flying = rehearsal.orElseGet(() -> new Rehearsal(plan));
        rehearsal = Optional.of(flying);
        if (!becomes(Phase.FLYING)) {
            return;
        }
        glance = Optional.of(Glance.of(flying));
        while (true) {
            double now;
            Deque<Consumer<Rehearsal>> heard;
            synchronized (this) {
                heard = new ArrayDeque<>(messages);
                messages.clear();
                now = Math.min(wanted, SLICE);
                wanted -= now;
                if (heard.isEmpty() && now <= 0 || running.cancelled()) {
                    slicing = false;
                    return;
                }
            }
            heard.forEach(message -> message.accept(flying));
            flying.advance(now);
            glance = Optional.of(Glance.of(flying));
            running.at(Math.min(1, flying.time() / USUAL));
            if (flying.outcome().isPresent()) {
                if (becomes(Phase.LANDED)) {
                    landed(flying);
                }
                return;
            }
        }
    }

    /** Goes on to a phase, unless it was lost meanwhile. */
    private synchronized boolean becomes(Phase next) {
        if (phase != Phase.LOST) {
            phase = next;
        }
        return phase == next;
    }

    /** From here on nothing stops it: it is read and kept. One rehearsal proves nothing. */
    private void landed(Rehearsal flown) {
        try {
            flight = Optional.of(Flight.of(flown, revision.number(), asSetUp));
            phase = Phase.READ;
        } catch (IllegalArgumentException e) {
            // its log is kept all the same and can be read later
            reason = Foreseen.sentence(e).orElse("");
        }
        String how = asSetUp ? "" : "With a mistake on purpose: ";
        String outcome = how + flown.outcome().orElseThrow().sentence();
        aircraft.keep(
                new FlightRecord(
                        0, revision.number(), desk.now(), true, plan.card().id(), outcome),
                Logbook.pack(flown.log()),
                Optional.empty(),
                record -> {
                    kept = Optional.of(record);
                    phase = Phase.KEPT;
                    changed.accept(this);
                },
                this::lost);
    }

    private void lost(String why) {
        synchronized (this) {
            if (phase == Phase.KEPT || phase == Phase.LOST) {
                return;
            }
            phase = Phase.LOST;
            reason = why;
        }
        changed.accept(this);
    }

    /**
     * Ends a flight that is still in the air; it is then lost, and nothing of it is kept. One that is down is kept.
     *
     * @param why in one sentence
     */
    public void end(String why) {
        synchronized (this) {
            if (!inTheAir()) {
                return;
            }
            job.ifPresent(Job::cancel);
            phase = Phase.LOST;
            reason = why;
        }
        changed.accept(this);
    }

    /** Breaks the card off: the pilot lands. */
    public void breakOff() {
        send(Rehearsal::breakOff);
    }

    /**
     * Turns the gain knob to the next of its marks: 50, 100, 150, 200 %.
     *
     * @return where it will stand, as a share of the rate gains [-]
     */
    public double turnKnob() {
        double share = knob >= 2 ? 0.5 : knob + 0.5;
        knob = share;
        send(r -> r.knob(share));
        return share;
    }

    /** Chooses a mode over the pilot's head; Manual gives the card back to the pilot. */
    public void choose(FlightMode mode) {
        send(r -> r.choose(mode));
    }
}
