package app.drachen.desktop.widget;

import app.drachen.core.air.Field;
import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.log.FlightLog;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.files.ImportFailedException;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.Revision;
import app.drachen.files.json.SetupJson;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * What the window is about: the hangar, the aircraft that is open, its revision, the field, and
 * what follows from them. Views read from here and hold no truth of their own.
 */
public final class Workspace {
    private static final String FIELD = "field";
    private static final String UNITS = "units";

    private final Hangar hangar;
    private final Clock clock;
    private final List<Runnable> listeners = new ArrayList<>();
    private final List<Notice> notices = new ArrayList<>();
    private Optional<Field> field;
    private UnitSystem units;
    private long aircraft;
    private Optional<Revision> revision = Optional.empty();
    private Situation situation;
    private Clearance clearance;
    private Stage stage = Stage.BUILD;

    /** Takes a short message for the pilot. */
    public interface Notice {
        void tell(String sentence);
    }

    /** A workspace on a hangar. */
    public Workspace(Hangar hangar, Clock clock) {
        this.hangar = hangar;
        this.clock = clock;
        field = hangar.setting(FIELD).flatMap(this::field);
        units = hangar.setting(UNITS).map(UnitSystem::valueOf).orElse(UnitSystem.METRIC);
    }

    private Optional<Field> field(String text) {
        try {
            return Optional.of(SetupJson.readField(text, hangar.file()));
        } catch (ImportFailedException e) {
            return Optional.empty();
        }
    }

    /** Calls a listener after every change, on the thread of the change. */
    public void listen(Runnable listener) {
        listeners.add(listener);
    }

    /** Sends short messages to a receiver. */
    public void notices(Notice receiver) {
        notices.add(receiver);
    }

    /** Tells the pilot something in one sentence. */
    public void tell(String sentence) {
        String read = Quantity.read(sentence, units);
        notices.forEach(n -> n.tell(read));
    }

    private void changed() {
        if (revision.isPresent()) {
            situation = situationOf(aircraft);
            clearance = Clearance.of(situation);
        }
        List.copyOf(listeners).forEach(Runnable::run);
    }

    /** The situation of any aircraft of the hangar. */
    public Situation situationOf(long id) {
        List<Revision> history = hangar.history(id);
        Revision now = history.get(history.size() - 1);
        return new Situation(now.setup(), now.number(), field, hangar.proofs(id), Hangar.changedAt(history));
    }

    /** Opens an aircraft at the stage it should be worked on next. */
    public void open(long id) {
        aircraft = id;
        revision = Optional.of(hangar.current(id));
        situation = situationOf(id);
        clearance = Clearance.of(situation);
        stage = clearance.next().map(r -> r.stage()).orElse(Stage.MAIDEN);
        changed();
    }

    /** Goes back to the shelf. */
    public void closeAircraft() {
        revision = Optional.empty();
        changed();
    }

    public boolean isOpen() {
        return revision.isPresent();
    }

    public Hangar hangar() {
        return hangar;
    }

    public long aircraft() {
        return aircraft;
    }

    /** The set-up as it stands; an aircraft must be open. */
    public Setup setup() {
        return revision.orElseThrow().setup();
    }

    public Revision revision() {
        return revision.orElseThrow();
    }

    public Situation situation() {
        return situation;
    }

    public Clearance clearance() {
        return clearance;
    }

    public Stage stage() {
        return stage;
    }

    /** Goes to a stage. */
    public void go(Stage to) {
        stage = to;
        changed();
    }

    public Optional<Field> field() {
        return field;
    }

    /** Enters the field of the day. */
    public void enter(Field newField) {
        field = Optional.of(newField);
        hangar.keep(FIELD, SetupJson.writeField(newField));
        changed();
    }

    public UnitSystem units() {
        return units;
    }

    /** Changes between metric and imperial. */
    public void turnUnits() {
        units = units.other();
        hangar.keep(UNITS, units.name());
        changed();
    }

    /**
     * Edits the set-up: makes a revision that is durable when this returns. A change that the set-up
     * refuses is told in one sentence and nothing is lost.
     *
     * @return whether there is a new revision
     */
    public boolean edit(String reason, UnaryOperator<Setup> change) {
        Setup now = setup();
        Setup next;
        try {
            next = change.apply(now);
        } catch (IllegalArgumentException e) {
            tell(e.getMessage());
            return false;
        }
        if (next.equals(now)) {
            return false;
        }
        List<ProofKind> stale = situation.wouldGoStale(next);
        revision = Optional.of(
                hangar.commit(aircraft, next, reason, clock.instant().getEpochSecond()));
        changed();
        if (!stale.isEmpty()) {
            tell("r" + revision().number() + " makes stale: " + labels(stale) + ".");
        }
        return true;
    }

    /** Names of proofs in one line. */
    public static String labels(List<ProofKind> kinds) {
        return kinds.stream()
                .map(ProofKind::label)
                .reduce((a, b) -> a + ", " + b)
                .orElse("nothing");
    }

    /** Walks back one revision. */
    public void undo() {
        walk(hangar.undo(aircraft), "This is the first revision.");
    }

    /** Walks forward one revision. */
    public void redo() {
        walk(hangar.redo(aircraft), "There is no later revision.");
    }

    private void walk(Optional<Revision> to, String otherwise) {
        if (to.isEmpty()) {
            tell(otherwise);
            return;
        }
        revision = to;
        changed();
        tell("Set-up r" + to.get().number() + ": " + to.get().reason() + ".");
    }

    /** Keeps a proof gained now. */
    public void prove(ProofKind kind, Evidence evidence, boolean passed, String note, Map<String, Double> values) {
        hangar.add(
                aircraft,
                Proof.gained(
                        kind,
                        setup(),
                        revision().number(),
                        clock.instant().getEpochSecond(),
                        evidence,
                        passed,
                        note,
                        values));
        changed();
    }

    /** Reads the aircraft anew, after another window has changed it. */
    public void refresh() {
        if (revision.isPresent()) {
            revision = Optional.of(hangar.current(aircraft));
        }
        field = hangar.setting(FIELD).flatMap(this::field);
        changed();
    }

    /** Keeps a proof gained with a revision that may not be the current one. */
    public void prove(ProofKind kind, Revision flown, boolean passed, String note) {
        hangar.add(
                aircraft,
                Proof.gained(
                        kind,
                        flown.setup(),
                        flown.number(),
                        clock.instant().getEpochSecond(),
                        Evidence.REAL,
                        passed,
                        note,
                        Map.of()));
        changed();
    }

    /** Where home is, if it was ever entered. */
    public Optional<GeodeticPosition> home() {
        return hangar.home();
    }

    /** Takes the position of home, or none for no text; tells what is wrong with it otherwise. */
    public boolean enterHome(String degrees) {
        try {
            if (!degrees.isBlank()) {
                GeodeticPosition.parse(degrees);
            }
        } catch (IllegalArgumentException e) {
            tell(e.getMessage());
            return false;
        }
        hangar.keep(Hangar.HOME, degrees.strip());
        changed();
        return true;
    }

    /** Now, in seconds since 1970-01-01 UTC. */
    public long now() {
        return clock.instant().getEpochSecond();
    }

    /** Keeps a rehearsed flight. */
    public FlightRecord keep(String card, String outcome, FlightLog log) {
        FlightRecord flight =
                new FlightRecord(0, revision().number(), clock.instant().getEpochSecond(), true, card, outcome);
        return hangar.logbook().add(aircraft, flight, log);
    }
}
