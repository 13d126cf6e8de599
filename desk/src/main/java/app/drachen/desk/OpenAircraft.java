package app.drachen.desk;

import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Situation;
import app.drachen.core.setup.Setup;
import app.drachen.files.hangar.Album;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import app.drachen.files.hangar.Logbook;
import app.drachen.files.hangar.Revision;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * One aircraft of the hangar, as an identity: work that begins is handed this and its revision, and keeps its result
 * here, whatever is on the screen by then. Changes are made one after the other beside the screen; what is shown is what
 * is safe on disk.
 */
public final class OpenAircraft {
    private final Desk desk;
    private final long id;

    /** Where it stands for the lane that keeps; ahead of what is shown by what is on its way to the screen. */
    private Optional<Standing> latest = Optional.empty();

    private volatile Optional<Standing> shown = Optional.empty();
    private volatile String name;
    private volatile String trouble = "";
    private volatile Optional<Path> copy = Optional.empty();
    private volatile List<FlightRecord> flights = List.of();
    private volatile int next = 1;

    OpenAircraft(Desk desk, Hangar.Shelf shelf) {
        this.desk = desk;
        id = shelf.id();
        name = shelf.name();
    }

    /** Its number in the hangar. */
    public long id() {
        return id;
    }

    public String name() {
        return name;
    }

    /** Where it stands; empty until it is read, or if it cannot be. */
    public Optional<Standing> standing() {
        return shown;
    }

    /** Why it cannot be shown, in one sentence; empty if it can. */
    public String trouble() {
        return trouble;
    }

    /** A whole copy of its hangar, where it cannot be shown itself. */
    public Optional<Path> wholeCopy() {
        return copy;
    }

    /** Its flights, oldest first. */
    public List<FlightRecord> flights() {
        return flights;
    }

    /** The number that the next revision will have. */
    public int nextNumber() {
        return next;
    }

    private Standing standingNow() {
        return shown.orElseThrow(() -> new IllegalStateException(name + " is not read yet"));
    }

    /** Reads it from the hangar; in the lane that keeps. */
    void read(Hangar hangar, Consumer<String> told) {
        try {
            List<FlightRecord> flown = hangar.logbook().flights(id);
            Standing read = Standing.of(
                    hangar.current(id),
                    desk.fieldToKeep(),
                    desk.clock(),
                    hangar.proofs(id, e -> desk.show(() -> told.accept(e.getMessage()))),
                    desk.facts(flown),
                    Plans.flown(hangar, id, flown),
                    hangar.setting(Plans.setting(id)).flatMap(CardPlans::byId));
            latest = Optional.of(read);
            int following = hangar.latest(id) + 1;
            desk.show(() -> {
                shows(read);
                next = following;
                flights = flown;
            });
        } catch (HangarException | IllegalArgumentException | IllegalStateException e) {
            Optional<Path> whole = hangar.newestCopy();
            desk.show(() -> {
                trouble = e.getMessage();
                copy = whole;
            });
        }
    }

    /** Goes back to a revision that can be read, where the present one cannot. */
    public void recover(Consumer<String> told) {
        desk.keep(
                hangar -> {
                    Optional<Revision> to = hangar.lastReadable(id);
                    to.ifPresent(r -> {
                        hangar.stand(id, r);
                        read(hangar, told);
                    });
                    return to;
                },
                to -> {
                    desk.fire(new Event.ShelfChanged());
                    told.accept(to.map(r -> name + " stands at r" + r.number() + " again: " + r.reason() + ".")
                            .orElse("No revision of " + name + " can be read."));
                },
                told);
    }

    /** Gives the document of its revision as it lies in the hangar. */
    public void document(Consumer<String> given, Consumer<String> told) {
        desk.keep(hangar -> hangar.document(id).orElse(""), given, told);
    }

    private void shows(Standing standing) {
        shown = Optional.of(standing);
        name = standing.setup().name();
        trouble = "";
    }

    /** Asks the rules again, on another field; in the lane that keeps. */
    void judge() {
        restand(now -> now.on(desk.fieldToKeep(), desk.clock()));
    }

    /** Stands otherwise from here on, if it can be read; in the lane that keeps. */
    void restand(UnaryOperator<Standing> change) {
        latest.ifPresent(now -> stands(change.apply(now)));
    }

    private void stands(Standing standing) {
        latest = Optional.of(standing);
        desk.show(() -> shows(standing));
    }

    private Standing latest() {
        return latest.orElseThrow(() -> new HangarException(name + " cannot be read: " + trouble));
    }

    /**
     * Edits the set-up: makes a revision, which is shown once it is safe on disk. It is judged before it is kept; a change
     * that the set-up refuses is told in one sentence and nothing is lost.
     *
     * @param reason becomes the reason of the revision
     * @param change the edit, made on the set-up as it stands when its turn has come
     * @param then done once it is shown
     * @param told hears what is to be said
     * @return whether the set-up that is shown takes the change and differs by it
     */
    public boolean edit(String reason, UnaryOperator<Setup> change, Runnable then, Consumer<String> told) {
        Setup now = standingNow().setup();
        try {
            if (change.apply(now).equals(now)) {
                return false;
            }
        } catch (IllegalArgumentException e) {
            told.accept(e.getMessage());
            return false;
        }
        desk.keep(
                hangar -> commit(hangar, reason, change),
                stale -> {
                    desk.fire(new Event.Revised(this));
                    then.run();
                    if (!stale.isEmpty()) {
                        told.accept("r" + standingNow().revision().number() + " makes stale: " + ProofKind.labels(stale)
                                + ".");
                    }
                },
                sentence -> {
                    told.accept(sentence);
                    desk.fire(new Event.Revised(this));
                });
        return true;
    }

    private List<ProofKind> commit(Hangar hangar, String reason, UnaryOperator<Setup> change) {
        Standing now = latest();
        Setup next = change.apply(now.setup());
        if (next.equals(now.setup())) {
            return List.of();
        }
        List<ProofKind> stale = now.situation().wouldGoStale(next);
        Revision planned = now.revision().followedBy(hangar.latest(id) + 1, next, reason, desk.now());
        Standing judged = judged(planned);
        hangar.commit(id, next, reason, planned.when());
        stands(judged);
        desk.show(() -> this.next = planned.number() + 1);
        return stale;
    }

    /** Asks the rules before anything is kept; what cannot be reckoned with is refused. */
    private Standing judged(Revision revision) {
        try {
            Situation now = latest().situation();
            return Standing.of(
                    revision, desk.fieldToKeep(), desk.clock(), now.proofs(), now.flights(), now.flown(), now.plan());
        } catch (IllegalArgumentException | IllegalStateException | ArithmeticException e) {
            throw new IllegalArgumentException(
                    "With this " + name + " could not be reckoned with (" + e.getMessage() + "); nothing was changed.",
                    e);
        }
    }

    /** Walks back one revision. */
    public void undo(Consumer<String> told) {
        walk(h -> h.before(id), "This is the first revision.", told);
    }

    /** Walks forward one revision. */
    public void redo(Consumer<String> told) {
        walk(h -> h.after(id), "There is no later revision.", told);
    }

    private void walk(Function<Hangar, Optional<Revision>> where, String otherwise, Consumer<String> told) {
        desk.keep(
                hangar -> {
                    Optional<Revision> to = where.apply(hangar);
                    to.ifPresent(r -> {
                        Standing judged = judged(r);
                        hangar.stand(id, r);
                        stands(judged);
                    });
                    return to;
                },
                to -> to.ifPresentOrElse(
                        r -> {
                            desk.fire(new Event.Revised(this));
                            told.accept("Set-up r" + r.number() + ": " + r.reason() + ".");
                        },
                        () -> told.accept(otherwise)),
                told);
    }

    /** Keeps a proof gained with the revision that is shown. */
    public void prove(
            ProofKind kind,
            Evidence evidence,
            boolean passed,
            String note,
            Map<String, Double> values,
            Consumer<String> told) {
        prove(proof(standingNow().revision(), kind, evidence, passed, note, values), told);
    }

    /** A proof gained now with any revision. */
    public Proof proof(
            Revision with, ProofKind kind, Evidence evidence, boolean passed, String note, Map<String, Double> values) {
        return Proof.gained(kind, with.setup(), with.number(), desk.now(), evidence, passed, note, values);
    }

    /** Keeps a proof. */
    public void prove(Proof proof, Consumer<String> told) {
        desk.keep(
                hangar -> {
                    add(hangar, proof);
                    return proof;
                },
                kept -> desk.fire(new Event.Proved(this)),
                told);
    }

    void add(Hangar hangar, Proof proof) {
        hangar.add(id, proof);
        restand(now -> now.proven(proof, desk.clock()));
    }

    /**
     * Keeps a flight, and what it proves. May be called from any thread.
     *
     * @param flight its number is given by the hangar
     * @param kept hears of it on the screen
     */
    public void keep(
            FlightRecord flight,
            Logbook.Packed log,
            Optional<Proof> proof,
            Consumer<FlightRecord> kept,
            Consumer<String> told) {
        desk.keep(
                hangar -> {
                    FlightRecord numbered = hangar.logbook().add(id, flight, log);
                    proof.ifPresent(p -> add(hangar, p));
                    refly(hangar);
                    return numbered;
                },
                numbered -> {
                    proof.ifPresent(p -> desk.fire(new Event.Proved(this)));
                    desk.fire(new Event.FlightsChanged(this));
                    kept.accept(numbered);
                },
                told);
    }

    void refly(Hangar hangar) {
        List<FlightRecord> flown = hangar.logbook().flights(id);
        restand(now -> now.flown(desk.facts(flown), Plans.flown(hangar, id, flown), desk.clock()));
        desk.show(() -> flights = flown);
    }

    /** Takes a flight out; gives its log, to bring it back. */
    public void remove(FlightRecord flight, Consumer<Logbook.Packed> removed, Consumer<String> told) {
        desk.keep(
                hangar -> {
                    Optional<Logbook.Packed> log = hangar.logbook().packed(id, flight.number());
                    hangar.logbook().remove(id, flight.number());
                    refly(hangar);
                    return log;
                },
                log -> {
                    desk.fire(new Event.FlightsChanged(this));
                    log.ifPresent(removed);
                },
                told);
    }

    /** Puts a flight back under its number. */
    public void restore(FlightRecord flight, Logbook.Packed log, Runnable restored, Consumer<String> told) {
        desk.keep(
                hangar -> {
                    hangar.logbook().restore(id, flight, log);
                    refly(hangar);
                    return flight;
                },
                back -> {
                    desk.fire(new Event.FlightsChanged(this));
                    restored.run();
                },
                told);
    }

    /** Keeps notes on a flight. */
    public void note(int flight, String notes, Consumer<String> told) {
        desk.keep(
                hangar -> {
                    hangar.logbook().note(id, flight, notes);
                    return notes;
                },
                kept -> {},
                told);
    }

    /** Gives the aircraft another name, as a revision. */
    public void rename(String newName, Consumer<String> told) {
        edit("Renamed from " + name, setup -> setup.withName(newName), () -> desk.fire(new Event.ShelfChanged()), told);
    }

    /** Changes its album; what is in it then is given. */
    public void album(Consumer<Album> change, Consumer<Leaves> shown, Consumer<String> told) {
        desk.keep(
                hangar -> {
                    change.accept(hangar.album());
                    return new Leaves(hangar.album().notes(id), hangar.album().pictures(id));
                },
                shown,
                told);
    }

    /** What is in an album. */
    public record Leaves(String notes, List<Album.Picture> pictures) {
        public Leaves {
            pictures = List.copyOf(pictures);
        }
    }

    /** Puts it away with all it has. */
    public void putAway(Consumer<String> told) {
        desk.shelve(hangar -> hangar.putAway(id), told);
    }

    /** Brings it back. */
    public void bringBack(Consumer<String> told) {
        desk.shelve(hangar -> hangar.bringBack(id), told);
    }
}
