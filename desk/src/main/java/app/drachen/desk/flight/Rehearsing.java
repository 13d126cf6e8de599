package app.drachen.desk.flight;

import app.drachen.core.air.Field;
import app.drachen.core.cards.Card;
import app.drachen.core.cards.CardPlan;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.rehearsal.Fault;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.rehearsal.Scatter;
import app.drachen.core.stages.maiden.Rehearsed;
import app.drachen.core.units.Quantity;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.flight.FlightRun.Phase;
import app.drachen.desk.work.AllProcessors;
import app.drachen.desk.work.Job;
import app.drachen.desk.work.Lane;
import app.drachen.files.hangar.Revision;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleConsumer;

/**
 * What a window rehearses: the chosen card and mistake, the flight of each aircraft, and many flights of a card. A flight
 * on its way to the end goes on when something else is opened or chosen, and is kept for its own aircraft; one that is
 * flown by the clock and left behind is lost, which is told. For the screen's thread.
 */
public final class Rehearsing {
    /** How often a card is flown at once. */
    public static final int TIMES = Scatter.LEAST_FLIGHTS;

    private final Session session;
    private final Runnable changed;
    /** How many flights that have landed are kept at hand; older ones are in the logbook. */
    private static final int AT_HAND = 3;

    private final Map<OpenAircraft, FlightRun> shown = new LinkedHashMap<>();
    private final Map<OpenAircraft, ManyOf> scattered = new HashMap<>();
    private final Map<OpenAircraft, CardPlan> chosen = new HashMap<>();
    private final Set<FlightRun> toTheEnd = new HashSet<>();
    private Optional<Job> many = Optional.empty();
    private Optional<Fault.Kind> mistake = Optional.empty();
    private boolean running;
    private long seed = 1;

    /** Many flights of a card, and why the first that was lost was lost. */
    private record ManyOf(CardPlan card, Scatter flights, String cause) {}

    /**
     * Rehearsing in a window.
     *
     * @param changed called when there is something new to show
     */
    public Rehearsing(Session session, Runnable changed) {
        this.session = session;
        this.changed = changed;
        session.whenClosed(() -> {
            shown.values().forEach(r -> r.end("The window was closed before it landed; nothing of it was kept."));
            many.ifPresent(Job::cancel);
        });
    }

    /** The card that is to be flown next with the aircraft that is open; the first one until another was chosen. */
    public CardPlan cardPlan() {
        return Optional.ofNullable(chosen.get(session.aircraft()))
                .or(() -> session.situation().plan())
                .orElse(CardPlans.all().get(0));
    }

    /** The chosen mistake, if one is to be flown with. */
    public Optional<Fault.Kind> mistake() {
        return mistake;
    }

    /** The card for the aircraft that is open, once there is a field. */
    public Optional<Card> card() {
        return run().map(r -> r.plan().card())
                .or(() -> session.field().map(f -> cardPlan().forAircraft(session.setup(), f)));
    }

    /** Chooses a card, which is then planned for the aircraft that is open, and a mistake to fly with. */
    public void choose(CardPlan newCard, Optional<Fault.Kind> newMistake) {
        OpenAircraft aircraft = session.aircraft();
        if (newCard != cardPlan()) {
            chosen.put(aircraft, newCard);
            session.plan(newCard, () -> chosen.remove(aircraft, newCard));
        }
        mistake = newMistake;
        hold();
        leaveBehind("Another card was chosen before it landed; nothing of it was kept.");
        scattered.remove(session.aircraft());
        changed.run();
    }

    /** The flight shown for the aircraft that is open. */
    public Optional<FlightRun> run() {
        return session.isOpen() ? Optional.ofNullable(shown.get(session.aircraft())) : Optional.empty();
    }

    /** The flight that is shown, once it was read. */
    public Optional<Flight> flown() {
        return run().flatMap(FlightRun::flight);
    }

    /** Many flights of the aircraft that is open. */
    public Optional<Scatter> scatter() {
        return manyOf().map(ManyOf::flights);
    }

    /** Why the first of many was lost; empty if none was. */
    public String cause() {
        return manyOf().map(ManyOf::cause).orElse("");
    }

    private Optional<ManyOf> manyOf() {
        return Optional.ofNullable(session.isOpen() ? scattered.get(session.aircraft()) : null)
                .filter(m -> m.card() == cardPlan());
    }

    /** Whether the clock runs. */
    public boolean running() {
        return running;
    }

    /** Whether many flights are being flown. */
    public boolean flyingMany() {
        return many.isPresent();
    }

    /** Whether a flight is on its way to the end at once. */
    public boolean goingToTheEnd() {
        return run().filter(r -> r.inTheAir() && toTheEnd.contains(r)).isPresent();
    }

    private void leaveBehind(String why) {
        FlightRun before = shown.remove(session.aircraft());
        if (before != null && !toTheEnd.contains(before)) {
            before.end(why);
        }
    }

    /** Puts away the oldest flights that have landed: a day with many aircraft does not fill the memory. */
    private void putAway() {
        List<OpenAircraft> landed = shown.entrySet().stream()
                .filter(e -> !e.getValue().inTheAir())
                .map(Map.Entry::getKey)
                .toList();
        landed.subList(0, Math.max(0, landed.size() - AT_HAND)).forEach(shown::remove);
    }

    private Optional<RehearsalPlan> plan() {
        Optional<Field> field = session.field();
        if (field.isEmpty()) {
            session.tell("Enter today's field first: wind, gusts, air.");
            return Optional.empty();
        }
        try {
            RehearsalPlan plan = new RehearsalPlan(
                    session.setup(), cardPlan().forAircraft(session.setup(), field.get()), field.get(), seed);
            return Optional.of(mistake.map(k -> Fault.usual(k).in(plan)).orElse(plan));
        } catch (IllegalArgumentException e) {
            session.tell(e.getMessage());
            return Optional.empty();
        }
    }

    private Optional<FlightRun> begin() {
        Optional<RehearsalPlan> plan = plan();
        plan.ifPresent(p -> {
            leaveBehind("A new flight was begun before it landed; nothing of it was kept.");
            scattered.remove(session.aircraft());
            putAway();
            shown.put(
                    session.aircraft(),
                    new FlightRun(
                            session.desk(), session.aircraft(), session.revision(), p, mistake.isEmpty(), this::came));
        });
        return plan.flatMap(p -> run());
    }

    /** The flight to go on with: the one in the air with the set-up that is shown, or a new one. */
    private Optional<FlightRun> ready() {
        Optional<FlightRun> now = run().filter(FlightRun::inTheAir)
                .filter(r -> r.revision().number() == session.revision().number());
        return now.isPresent() ? now : begin();
    }

    /** A flight has come further. */
    private void came(FlightRun flight) {
        if (!flight.inTheAir()) {
            toTheEnd.remove(flight);
        }
        boolean here = run().equals(Optional.of(flight));
        if (here && !flight.inTheAir()) {
            running = false;
        }
        if (flight.phase() == Phase.LOST) {
            session.tell("The flight of " + flight.aircraft().name() + " was lost: " + flight.reason());
        } else if (flight.phase() == Phase.KEPT && !here) {
            session.tell(flight.aircraft().name() + ", flight "
                    + flight.kept().orElseThrow().number() + " is in its logbook: "
                    + flight.kept().orElseThrow().outcome());
        }
        changed.run();
    }

    /** Starts the clock or stops it. */
    public void runOrHold() {
        if (running) {
            hold();
        } else {
            running = ready().isPresent();
        }
        changed.run();
    }

    /** Stops the clock; a flight to the end goes on. */
    public void hold() {
        running = false;
        run().filter(r -> !toTheEnd.contains(r)).ifPresent(FlightRun::hold);
    }

    /**
     * The clock has moved.
     *
     * @param seconds of flight [s]
     */
    public void tick(double seconds) {
        if (running) {
            run().ifPresent(r -> r.advance(seconds));
        }
    }

    /** Flies to the end at once. */
    public void toTheEnd(DoubleConsumer progress) {
        hold();
        ready().ifPresent(r -> {
            toTheEnd.add(r);
            r.toTheEnd(progress);
        });
        changed.run();
    }

    /** Stops working: the flight is held where it is, many flights end. */
    public void stop() {
        many.ifPresent(Job::cancel);
        many = Optional.empty();
        run().ifPresent(toTheEnd::remove);
        hold();
        changed.run();
    }

    /** Flies once more, with other gusts and another throw. */
    public void again() {
        hold();
        seed++;
        running = begin().isPresent();
        changed.run();
    }

    private boolean inTheAir(String otherwise) {
        boolean flies = run().filter(FlightRun::inTheAir).isPresent();
        if (!flies) {
            session.tell(otherwise);
        }
        return flies;
    }

    /** Breaks the card off. */
    public void breakOff() {
        if (inTheAir("Nothing is flying.")) {
            run().ifPresent(FlightRun::breakOff);
            session.tell("Card broken off: the pilot lands.");
        }
    }

    /** Turns the gain knob to the next of its marks. */
    public void knob() {
        if (inTheAir("Nothing is flying.")) {
            FlightRun flight = run().orElseThrow();
            double share = flight.turnKnob();
            session.tell("Gain knob at " + Quantity.SHARE.text(share, session.units())
                    + ": rate gains times that, where a mode uses them.");
        }
    }

    /** Chooses the mode of a position of the selector over the pilot's head. */
    public void mode(int position) {
        List<FlightMode> modes = session.setup().modes().selector().wanted();
        if (position < modes.size() && run().filter(FlightRun::inTheAir).isPresent()) {
            FlightMode mode = modes.get(position);
            run().ifPresent(r -> r.choose(mode));
            session.tell(
                    mode == FlightMode.MANUAL
                            ? "Manual: the pilot flies the card."
                            : mode.label() + ", hands off. " + mode.seen());
        }
    }

    /** Takes over what Autotune or auto-trim found. */
    public void takeOver() {
        Optional<Glance> found = run().flatMap(FlightRun::glance).filter(Glance::found);
        if (found.isPresent()) {
            session.edit("Took over what the helpers found", found.get()::foundInto);
        } else {
            session.tell("Nothing to take over: fly Autotune or auto-trim to the end first.");
        }
    }

    /** Flies the card many times on all processors. */
    public void manyTimes(DoubleConsumer progress) {
        stop();
        Optional<RehearsalPlan> plan = plan();
        if (plan.isEmpty()) {
            return;
        }
        OpenAircraft aircraft = session.aircraft();
        Revision revision = session.revision();
        Clearance clearance = session.clearance();
        CardPlan flown = cardPlan();
        boolean asSetUp = mistake.isEmpty();
        many = Optional.of(session.desk()
                .jobs()
                .start(
                        Lane.FLY,
                        this,
                        work -> {
                            Scatter scatter =
                                    new Scatter(AllProcessors.times(TIMES, n -> Scatter.fly(plan.get(), n), work));
                            String cause = scatter.firstLost()
                                    .map(lost -> Cause.of(plan.get(), lost, clearance))
                                    .orElse("");
                            return new ManyOf(flown, scatter, cause);
                        },
                        progress,
                        done -> {
                            many = Optional.empty();
                            scattered.put(aircraft, done);
                            if (asSetUp) {
                                ProofKind.rehearsedBy(flown.id())
                                        .ifPresent(kind -> prove(kind, aircraft, revision, done));
                            }
                            changed.run();
                        },
                        sentence -> {
                            many = Optional.empty();
                            session.tell(sentence);
                            changed.run();
                        }));
        changed.run();
    }

    /** Many flights of the first card prove what one does not (MAIDEN-R5). */
    private void prove(ProofKind kind, OpenAircraft aircraft, Revision revision, ManyOf done) {
        int flights = done.flights().flights().size();
        long whole = done.flights().whole();
        boolean passed = Rehearsed.enough(revision.setup(), whole, flights);
        String note = done.cause().isEmpty() ? whole + " of " + flights + " came down whole" : done.cause();
        aircraft.prove(
                aircraft.proof(
                        revision,
                        kind,
                        Evidence.REHEARSED,
                        passed,
                        note,
                        Map.of(Scatter.FLIGHTS, (double) flights, Scatter.WHOLE, (double) whole)),
                session::tell);
    }
}
