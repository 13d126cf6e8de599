package app.drachen.files.hangar;

import app.drachen.core.clearance.Proof;
import app.drachen.core.log.FlightLog;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Setup;
import app.drachen.files.ImportFailedException;
import app.drachen.files.csv.FlightLogCsv;
import app.drachen.files.json.SetupJson;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Reader;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;

/**
 * The file that holds all aircraft. Every change is durable when its call returns (SQLite, WAL,
 * synchronous FULL). Calls may come from any thread, one at a time is served.
 */
public final class Hangar implements AutoCloseable {
    private final Path file;
    private final Connection connection;

    private Hangar(Path file, Connection connection) {
        this.file = file;
        this.connection = connection;
    }

    /** An aircraft on the shelf. */
    public record Shelf(long id, String name) {}

    /**
     * Opens a hangar, making the file if there is none and migrating it if it is old.
     *
     * @throws HangarException if the file is no hangar, newer than this program, or locked
     */
    public static Hangar open(Path file) {
        try {
            Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
            Hangar hangar = new Hangar(file, connection);
            try {
                hangar.prepare();
            } catch (SQLException | HangarException e) {
                connection.close();
                throw e;
            }
            return hangar;
        } catch (SQLException e) {
            throw new HangarException(
                    file.getFileName()
                            + ": this is no hangar or it is damaged or locked; choose another or"
                            + " close the other window ("
                            + e.getMessage()
                            + ")",
                    e);
        }
    }

    private void prepare() throws SQLException {
        try (Statement s = connection.createStatement()) {
            s.execute("PRAGMA journal_mode=WAL");
            s.execute("PRAGMA synchronous=FULL");
            s.execute("PRAGMA foreign_keys=ON");
            s.execute("PRAGMA busy_timeout=3000");
            int version;
            try (ResultSet r = s.executeQuery("PRAGMA user_version")) {
                version = r.getInt(1);
            }
            if (version > Migrations.all().size()) {
                throw new HangarException(
                        file.getFileName() + ": written by a newer Drachen (version " + version + "); update this one");
            }
            for (int i = version; i < Migrations.all().size(); i++) {
                connection.setAutoCommit(false);
                for (String sql : Migrations.all().get(i)) {
                    s.execute(sql);
                }
                s.execute("PRAGMA user_version=" + (i + 1));
                connection.commit();
                connection.setAutoCommit(true);
            }
        }
    }

    private interface Work<T> {
        T with(PreparedStatement statement) throws SQLException;
    }

    private synchronized <T> T run(String sql, Work<T> work) {
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            return work.with(statement);
        } catch (SQLException e) {
            throw new HangarException(
                    file.getFileName()
                            + ": could not be read or written ("
                            + e.getMessage()
                            + "); check the disk and try again",
                    e);
        }
    }

    private int update(String sql, Object... values) {
        return run(sql, s -> {
            bind(s, values);
            return s.executeUpdate();
        });
    }

    private static void bind(PreparedStatement s, Object... values) throws SQLException {
        for (int i = 0; i < values.length; i++) {
            s.setObject(i + 1, values[i]);
        }
    }

    /** Runs changes that belong together: all of them are kept or none. */
    private synchronized <T> T together(java.util.function.Supplier<T> changes) {
        try {
            connection.setAutoCommit(false);
            try {
                T result = changes.get();
                connection.commit();
                return result;
            } catch (RuntimeException e) {
                connection.rollback();
                throw e;
            } finally {
                connection.setAutoCommit(true);
            }
        } catch (SQLException e) {
            throw new HangarException(file.getFileName() + ": could not be written", e);
        }
    }

    /** The aircraft in the order of the shelf. */
    public List<Shelf> aircraft() {
        return run("SELECT id, name FROM aircraft ORDER BY position, id", s -> {
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
        return together(() -> {
            update(
                    "INSERT INTO aircraft(name, current, position)"
                            + " SELECT ?, 1, COALESCE(MAX(position), 0) + 1 FROM aircraft",
                    setup.name());
            long id = run("SELECT last_insert_rowid()", s -> one(s).getLong(1));
            insert(id, 1, 0, setup, reason, when);
            return id;
        });
    }

    private static ResultSet one(PreparedStatement s) throws SQLException {
        ResultSet r = s.executeQuery();
        r.next();
        return r;
    }

    private void insert(long aircraft, int number, int parent, Setup setup, String reason, long when) {
        update(
                "INSERT INTO revision(aircraft, number, parent, reason, made, document) VALUES" + " (?, ?, ?, ?, ?, ?)",
                aircraft,
                number,
                parent,
                reason,
                when,
                SetupJson.write(setup));
    }

    /** The revision the aircraft stands at. */
    public Revision current(long aircraft) {
        return revision(aircraft, currentNumber(aircraft))
                .orElseThrow(() -> new HangarException("There is no aircraft " + aircraft + "."));
    }

    private int currentNumber(long aircraft) {
        return run("SELECT current FROM aircraft WHERE id = ?", s -> {
            bind(s, aircraft);
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? r.getInt(1) : 0;
            }
        });
    }

    /** One revision. */
    public Optional<Revision> revision(long aircraft, int number) {
        return run(
                "SELECT number, parent, document, reason, made FROM revision" + " WHERE aircraft = ? AND number = ?",
                s -> {
                    bind(s, aircraft, number);
                    try (ResultSet r = s.executeQuery()) {
                        return r.next()
                                ? Optional.of(new Revision(
                                        r.getInt(1), r.getInt(2), setup(r.getString(3)), r.getString(4), r.getLong(5)))
                                : Optional.empty();
                    }
                });
    }

    private Setup setup(String document) {
        try {
            return SetupJson.read(document, file);
        } catch (ImportFailedException e) {
            throw new HangarException(e.getMessage(), e);
        }
    }

    /** Number of the latest revision, whether or not the aircraft stands at it. */
    public int latest(long aircraft) {
        return run("SELECT COALESCE(MAX(number), 0) FROM revision WHERE aircraft = ?", s -> {
            bind(s, aircraft);
            return one(s).getInt(1);
        });
    }

    /** Adds a revision made from the current one and stands at it. */
    public Revision commit(long aircraft, Setup setup, String reason, long when) {
        return together(() -> {
            int parent = currentNumber(aircraft);
            int number = latest(aircraft) + 1;
            insert(aircraft, number, parent, setup, reason, when);
            update("UPDATE aircraft SET current = ?, name = ? WHERE id = ?", number, setup.name(), aircraft);
            return new Revision(number, parent, setup, reason, when);
        });
    }

    /** Goes back to the revision the current one was made from; empty at the first. */
    public Optional<Revision> undo(long aircraft) {
        Revision now = current(aircraft);
        return now.parent() == 0 ? Optional.empty() : stand(aircraft, now.parent());
    }

    /** Goes forward to the latest revision made from the current one; empty at the last. */
    public Optional<Revision> redo(long aircraft) {
        int now = currentNumber(aircraft);
        int child = run("SELECT COALESCE(MAX(number), 0) FROM revision WHERE aircraft = ? AND parent = ?", s -> {
            bind(s, aircraft, now);
            return one(s).getInt(1);
        });
        return child == 0 ? Optional.empty() : stand(aircraft, child);
    }

    private Optional<Revision> stand(long aircraft, int number) {
        update("UPDATE aircraft SET current = ? WHERE id = ?", number, aircraft);
        return revision(aircraft, number);
    }

    /** The current revision and those it was made from, oldest first. */
    public List<Revision> history(long aircraft) {
        List<Revision> history = new ArrayList<>();
        Optional<Revision> at = revision(aircraft, currentNumber(aircraft));
        while (at.isPresent()) {
            history.add(0, at.get());
            at = revision(aircraft, at.get().parent());
        }
        return history;
    }

    /** In which revision each facet last changed, along the history. */
    public static Map<Facet, Integer> changedAt(List<Revision> history) {
        Map<Facet, Integer> changed = new EnumMap<>(Facet.class);
        for (int i = 1; i < history.size(); i++) {
            int number = history.get(i).number();
            for (Facet facet :
                    Facet.differing(history.get(i - 1).setup(), history.get(i).setup())) {
                changed.put(facet, number);
            }
        }
        return changed;
    }

    /** Keeps a proof. */
    public void add(long aircraft, Proof proof) {
        update(
                "INSERT INTO proof(aircraft, kind, document) VALUES (?, ?, ?)",
                aircraft,
                proof.kind().name(),
                SetupJson.toText(proof));
    }

    /** All proofs of an aircraft, oldest first. */
    public List<Proof> proofs(long aircraft) {
        return run("SELECT document FROM proof WHERE aircraft = ? ORDER BY id", s -> {
            bind(s, aircraft);
            List<Proof> proofs = new ArrayList<>();
            try (ResultSet r = s.executeQuery()) {
                while (r.next()) {
                    proofs.add(proof(r.getString(1)));
                }
            }
            return proofs;
        });
    }

    private Proof proof(String document) {
        try {
            return SetupJson.fromText(document, Proof.class, file);
        } catch (ImportFailedException e) {
            throw new HangarException(e.getMessage(), e);
        }
    }

    /** Keeps a flight and its log; the number is given by the hangar. */
    public FlightRecord add(long aircraft, FlightRecord flight, FlightLog log) {
        return together(() -> {
            int number = run("SELECT COALESCE(MAX(number), 0) + 1 FROM flight WHERE aircraft = ?", s -> {
                bind(s, aircraft);
                return one(s).getInt(1);
            });
            update(
                    "INSERT INTO flight(aircraft, number, revision, flown, rehearsed, card, outcome, log)"
                            + " VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
                    aircraft,
                    number,
                    flight.revision(),
                    flight.when(),
                    flight.rehearsed() ? 1 : 0,
                    flight.card(),
                    flight.outcome(),
                    packed(log));
            return new FlightRecord(
                    number, flight.revision(), flight.when(), flight.rehearsed(), flight.card(), flight.outcome());
        });
    }

    private static byte[] packed(FlightLog log) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Writer out = new OutputStreamWriter(new GZIPOutputStream(bytes), StandardCharsets.UTF_8)) {
            FlightLogCsv.write(log, out);
        } catch (IOException e) {
            throw new HangarException("the log could not be packed", e);
        }
        return bytes.toByteArray();
    }

    /** All flights of an aircraft, oldest first. */
    public List<FlightRecord> flights(long aircraft) {
        return run(
                "SELECT number, revision, flown, rehearsed, card, outcome FROM flight"
                        + " WHERE aircraft = ? ORDER BY number",
                s -> {
                    bind(s, aircraft);
                    List<FlightRecord> flights = new ArrayList<>();
                    try (ResultSet r = s.executeQuery()) {
                        while (r.next()) {
                            flights.add(new FlightRecord(
                                    r.getInt(1),
                                    r.getInt(2),
                                    r.getLong(3),
                                    r.getInt(4) != 0,
                                    r.getString(5),
                                    r.getString(6)));
                        }
                    }
                    return flights;
                });
    }

    /** The log of a flight. */
    public Optional<FlightLog> log(long aircraft, int number) {
        return run("SELECT log FROM flight WHERE aircraft = ? AND number = ?", s -> {
            bind(s, aircraft, number);
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? Optional.of(unpacked(r.getBytes(1))) : Optional.empty();
            }
        });
    }

    private FlightLog unpacked(byte[] bytes) {
        try (Reader in =
                new InputStreamReader(new GZIPInputStream(new ByteArrayInputStream(bytes)), StandardCharsets.UTF_8)) {
            return FlightLogCsv.read(in, file).value();
        } catch (IOException | ImportFailedException e) {
            throw new HangarException("a log in the hangar is damaged: " + e.getMessage(), e);
        }
    }

    /** A setting, if it was ever kept. */
    public Optional<String> setting(String name) {
        return run("SELECT value FROM setting WHERE name = ?", s -> {
            bind(s, name);
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? Optional.of(r.getString(1)) : Optional.empty();
            }
        });
    }

    /** Keeps a setting. */
    public void keep(String name, String value) {
        update(
                "INSERT INTO setting(name, value) VALUES (?, ?)"
                        + " ON CONFLICT(name) DO UPDATE SET value = excluded.value",
                name,
                value);
    }

    public Path file() {
        return file;
    }

    @Override
    public synchronized void close() {
        try {
            connection.close();
        } catch (SQLException e) {
            throw new HangarException(file.getFileName() + ": could not be closed", e);
        }
    }
}
