package app.drachen.files.hangar;

import app.drachen.core.clearance.Proof;
import app.drachen.core.geodesy.GeodeticPosition;
import app.drachen.core.setup.Setup;
import app.drachen.files.ImportFailedException;
import app.drachen.files.json.SetupJson;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * The file that holds all aircraft. Every change is durable when its call returns (SQLite, WAL,
 * synchronous FULL). Calls may come from any thread, one at a time is served.
 */
public final class Hangar implements AutoCloseable {
    /** Setting under which the position of home is kept, as degrees of latitude and longitude. */
    public static final String HOME = "home";

    /** Setting that marks a demo hangar, whose aircraft nobody has. */
    public static final String DEMO = "demo";

    /** Setting under which the field of the day is kept. */
    public static final String FIELD = "field";

    private final Database database;
    private final Revisions revisions;
    private final Logbook logbook;
    private final Album album;

    private Hangar(Database database) {
        this.database = database;
        revisions = new Revisions(database);
        logbook = new Logbook(database);
        album = new Album(database);
    }

    /** An aircraft on the shelf. */
    public record Shelf(long id, String name) {}

    /**
     * Opens a hangar, making the file if there is none and migrating it, after a copy, if it is old.
     *
     * @throws HangarException if the file is no hangar, damaged, newer than this program, or open elsewhere
     */
    public static Hangar open(Path file) {
        Hangar hangar = new Hangar(Database.open(file, true));
        try {
            hangar.revisions.renew();
            return hangar;
        } catch (HangarException e) {
            hangar.close();
            throw e;
        }
    }

    /** Opens a hangar to write it or, where it lies in a place that may only be read, to look at it. */
    public static Hangar openAsItLies(Path file) {
        try {
            return open(file);
        } catch (HangarReadOnlyException e) {
            if (Files.isReadable(file)) {
                return openToRead(file);
            }
            throw e;
        }
    }

    /** Opens a hangar to read it, also while another program has it open. */
    public static Hangar openToRead(Path file) {
        if (!Files.exists(file) && !Files.isSymbolicLink(file)) {
            throw new HangarException(file.getFileName() + ": there is no such hangar; check the name");
        }
        Hangar hangar = new Hangar(Database.open(file, false));
        if (!hangar.revisions.printed()) {
            hangar.close();
            throw new HangarException(
                    file.getFileName() + ": written by an older Drachen; open it in a window once, then try again");
        }
        return hangar;
    }

    /** The newest whole copy beside it, if there is one. */
    public Optional<Path> newestCopy() {
        return Backups.newest(database.file());
    }

    /** Calls something before every look at the file, so that a test sees which thread looks. */
    public void watch(Runnable beforeEachLook) {
        database.watch(beforeEachLook);
    }

    /** The flights. */
    public Logbook logbook() {
        return logbook;
    }

    /** Notes and pictures. */
    public Album album() {
        return album;
    }

    /**
     * Keeps a copy of the hangar for a day on which it is used; of seven such days.
     *
     * @return the copy, if the day had none yet
     */
    public Optional<Path> copyOfTheDay(LocalDate day) {
        return Backups.ofTheDay(database, day);
    }

    /** The aircraft in the order of the shelf. */
    public List<Shelf> aircraft() {
        return shelf("SELECT id, name FROM aircraft WHERE away = 0 ORDER BY position, id");
    }

    private List<Shelf> shelf(String sql) {
        return database.run(sql, s -> {
            List<Shelf> shelf = new ArrayList<>();
            try (ResultSet r = s.executeQuery()) {
                while (r.next()) {
                    shelf.add(new Shelf(r.getLong(1), r.getString(2)));
                }
            }
            return shelf;
        });
    }

    /**
     * Adds an aircraft with its first revision.
     *
     * @return its id
     */
    public long add(Setup setup, String reason, long when) {
        return database.together(() -> {
            database.update(
                    "INSERT INTO aircraft(name, current, position)"
                            + " SELECT ?, 1, COALESCE(MAX(position), 0) + 1 FROM aircraft",
                    setup.name());
            long id = database.number("SELECT last_insert_rowid()");
            revisions.first(id, setup, reason, when);
            return id;
        });
    }

    /** The revision the aircraft stands at. */
    public Revision current(long aircraft) {
        return revision(aircraft, revisions.currentNumber(aircraft))
                .orElseThrow(() -> new UnreadableException(
                        database.file(), "the revision at which " + name(aircraft) + " stands is missing", null));
    }

    /** One revision. */
    public Optional<Revision> revision(long aircraft, int number) {
        return revisions.get(aircraft, number);
    }

    /**
     * Number of the revision at which an aircraft stood at a moment, on the way that led to the current one; the first if
     * the moment lies before it.
     *
     * @param when seconds since 1970-01-01 UTC
     */
    public int revisionAt(long aircraft, long when) {
        return revisions.numberAt(aircraft, when);
    }

    /**
     * The nearest revision behind the current one that can be read, along the way it was made, or else the latest that can;
     * empty if none can.
     */
    public Optional<Revision> lastReadable(long aircraft) {
        return revisions.lastReadable(aircraft);
    }

    /** The document of the current revision as it lies in the file, whether or not it can be read. */
    public Optional<String> document(long aircraft) {
        return database.text(
                "SELECT document FROM revision WHERE aircraft = ? AND number = ?",
                aircraft,
                revisions.currentNumber(aircraft));
    }

    /** Number of the latest revision, whether or not the aircraft stands at it. */
    public int latest(long aircraft) {
        return revisions.latest(aircraft);
    }

    /** Adds a revision made from the current one and stands at it. */
    public Revision commit(long aircraft, Setup setup, String reason, long when) {
        return revisions.commit(aircraft, setup, reason, when);
    }

    /** The revision the current one was made from; empty at the first. */
    public Optional<Revision> before(long aircraft) {
        return revisions.before(aircraft);
    }

    /** The latest revision made from the current one; empty at the last. */
    public Optional<Revision> after(long aircraft) {
        return revisions.after(aircraft);
    }

    /** Stands at a revision of the aircraft. */
    public void stand(long aircraft, Revision at) {
        revisions.stand(aircraft, at);
    }

    /** Goes back to the revision the current one was made from; empty at the first. */
    public Optional<Revision> undo(long aircraft) {
        Optional<Revision> to = before(aircraft);
        to.ifPresent(r -> stand(aircraft, r));
        return to;
    }

    /** Goes forward to the latest revision made from the current one; empty at the last. */
    public Optional<Revision> redo(long aircraft) {
        Optional<Revision> to = after(aircraft);
        to.ifPresent(r -> stand(aircraft, r));
        return to;
    }

    /** The current revision and those it was made from, oldest first; the longer it is, the longer this takes. */
    public List<Revision> history(long aircraft) {
        return revisions.history(aircraft);
    }

    /** Puts an aircraft away with all it has; it can be brought back. */
    public void putAway(long aircraft) {
        database.update("UPDATE aircraft SET away = (SELECT MAX(away) + 1 FROM aircraft) WHERE id = ?", aircraft);
    }

    /** Aircraft that were put away, the last one first. */
    public List<Shelf> away() {
        return shelf("SELECT id, name FROM aircraft WHERE away > 0 ORDER BY away DESC");
    }

    /** Brings an aircraft back that was put away. */
    public void bringBack(long aircraft) {
        database.update("UPDATE aircraft SET away = 0 WHERE id = ?", aircraft);
    }

    /** Keeps a proof. */
    public void add(long aircraft, Proof proof) {
        database.update(
                "INSERT INTO proof(aircraft, kind, document) VALUES (?, ?, ?)",
                aircraft,
                proof.kind().name(),
                SetupJson.toText(proof));
    }

    /**
     * All proofs of an aircraft, oldest first.
     *
     * @throws HangarException if one cannot be read
     */
    public List<Proof> proofs(long aircraft) {
        return proofs(aircraft, unread -> {
            throw unread;
        });
    }

    /**
     * The proofs of an aircraft that can be read, oldest first.
     *
     * @param unread hears of each that cannot
     */
    public List<Proof> proofs(long aircraft, Consumer<HangarException> unread) {
        return database.run("SELECT document FROM proof WHERE aircraft = ? ORDER BY id", s -> {
            Database.bind(s, aircraft);
            List<Proof> proofs = new ArrayList<>();
            try (ResultSet r = s.executeQuery()) {
                while (r.next()) {
                    proof(aircraft, r.getString(1), unread).ifPresent(proofs::add);
                }
            }
            return proofs;
        });
    }

    private Optional<Proof> proof(long aircraft, String document, Consumer<HangarException> unread) {
        try {
            return Optional.of(SetupJson.fromText(document, Proof.class, database.file()));
        } catch (ImportFailedException e) {
            unread.accept(new UnreadableException(
                    database.file(),
                    "a proof of " + name(aircraft) + " cannot be read and does not count (" + UnreadableException.why(e)
                            + ")",
                    e));
            return Optional.empty();
        }
    }

    private String name(long aircraft) {
        return database.text("SELECT name FROM aircraft WHERE id = ?", aircraft).orElse("an aircraft");
    }

    /** What cannot be read, a sentence each: revisions, proofs and logs of all aircraft. Takes its time. */
    public List<String> troubles() {
        List<String> troubles = new ArrayList<>();
        for (long aircraft : database.longs("SELECT id FROM aircraft")) {
            for (long number : database.longs("SELECT number FROM revision WHERE aircraft = ?", aircraft)) {
                check(() -> revision(aircraft, (int) number), troubles);
            }
            check(() -> current(aircraft), troubles);
            check(() -> proofs(aircraft), troubles);
            for (FlightRecord flight : logbook.flights(aircraft)) {
                check(() -> logbook.log(aircraft, flight.number()), troubles);
            }
        }
        return troubles;
    }

    private static void check(Runnable look, List<String> troubles) {
        try {
            look.run();
        } catch (HangarException e) {
            troubles.add(e instanceof UnreadableException u ? u.what() : e.getMessage());
        }
    }

    /** A setting, if it was ever kept. */
    public Optional<String> setting(String name) {
        return database.text("SELECT value FROM setting WHERE name = ?", name);
    }

    /** Keeps a setting. */
    public void keep(String name, String value) {
        database.update(
                "INSERT INTO setting(name, value) VALUES (?, ?)"
                        + " ON CONFLICT(name) DO UPDATE SET value = excluded.value",
                name,
                value);
    }

    /** Where home is; empty if it was never entered or cannot be read. */
    public Optional<GeodeticPosition> home() {
        try {
            return setting(HOME).filter(text -> !text.isBlank()).map(GeodeticPosition::parse);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** Its file, as it was named. */
    public Path file() {
        return database.named();
    }

    /** Whether changes can be kept; one in a place that may only be read is open to look at. */
    public boolean writable() {
        return database.writable();
    }

    @Override
    public void close() {
        database.close();
    }
}
