package app.drachen.files.hangar;

import app.drachen.core.clearance.Proof;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Prints;
import app.drachen.core.setup.Setup;
import app.drachen.files.ImportFailedException;
import app.drachen.files.json.SetupJson;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The revisions of the aircraft of a hangar. Beside each document stand the fingerprints of its facets and the revision
 * in which each last changed, written when the revision is made, so that nobody has to read the history to know.
 */
final class Revisions {
    /** Setting with the version of the fingerprints in the file. */
    private static final String PRINTED = "prints";

    private final Database database;

    Revisions(Database database) {
        this.database = database;
    }

    /** The prints of a revision and where each facet last changed. */
    private record Marks(Optional<Prints> prints, Map<Facet, Integer> changedAt) {
        private static final Pattern LINE = Pattern.compile("([A-Z_]+) ([0-9a-f]{16}) (\\d{1,9})\n");
        private static final String BROKEN = "the marks beside a revision are broken";
        private static final Marks NONE = new Marks(Optional.empty(), Map.of());

        /** The marks of the revision that follows. */
        static Marks of(Setup setup, int number, Marks parent) {
            Prints prints = Prints.of(setup);
            Map<Facet, Integer> changed = new EnumMap<>(Facet.class);
            changed.putAll(parent.changedAt());
            parent.prints().ifPresent(p -> p.differing(prints).forEach(f -> changed.put(f, number)));
            return new Marks(Optional.of(prints), changed);
        }

        /** A line for each facet: name, print, and the revision of its last change if there is one. */
        String text() {
            StringBuilder text = new StringBuilder();
            prints.ifPresent(p -> p.byFacet().forEach((facet, print) -> text.append(facet.name())
                    .append(' ')
                    .append(print)
                    .append(' ')
                    .append(changedAt.getOrDefault(facet, 0))
                    .append('\n')));
            return text.toString();
        }

        static Marks read(String text) {
            Map<Facet, String> prints = new EnumMap<>(Facet.class);
            Map<Facet, Integer> changed = new EnumMap<>(Facet.class);
            Matcher line = LINE.matcher(text);
            while (line.lookingAt()) {
                Facet facet = Arrays.stream(Facet.values())
                        .filter(f -> f.name().equals(line.group(1)))
                        .findFirst()
                        .orElseThrow(() -> new IllegalArgumentException(BROKEN));
                prints.put(facet, line.group(2));
                if (!line.group(3).equals("0")) {
                    changed.put(facet, Integer.valueOf(line.group(3)));
                }
                line.region(line.end(), text.length());
            }
            boolean whole = line.regionStart() == text.length();
            if (!whole || !prints.isEmpty() && prints.size() < Facet.values().length) {
                throw new IllegalArgumentException(BROKEN);
            }
            return new Marks(Optional.of(prints).filter(p -> !p.isEmpty()).map(Prints::new), changed);
        }
    }

    /** Whether the fingerprints in the file are those of this program. */
    boolean printed() {
        return database.text("SELECT value FROM setting WHERE name = ?", PRINTED)
                .equals(Optional.of(String.valueOf(Prints.VERSION)));
    }

    /**
     * Takes all fingerprints anew where the file has those of an older program. A proof takes the prints of the revision
     * it was gained at, for the facets it looked at then: so it stays as fresh or as stale as it was. A document that
     * cannot be read has no prints, and its proofs keep what they have.
     */
    void renew() {
        if (printed()) {
            return;
        }
        database.together(() -> {
            List<Long> aircraft = database.longs("SELECT id FROM aircraft");
            aircraft.forEach(this::renew);
            database.update(
                    "INSERT INTO setting(name, value) VALUES (?, ?)"
                            + " ON CONFLICT(name) DO UPDATE SET value = excluded.value",
                    PRINTED,
                    String.valueOf(Prints.VERSION));
            return aircraft.size();
        });
    }

    private void renew(long aircraft) {
        Map<Integer, Marks> all = new HashMap<>();
        for (long number : database.longs("SELECT number FROM revision WHERE aircraft = ? ORDER BY number", aircraft)) {
            Marks marks;
            int parent = (int)
                    database.number("SELECT parent FROM revision WHERE aircraft = ? AND number = ?", aircraft, number);
            String document = database.text(
                            "SELECT document FROM revision WHERE aircraft = ? AND number = ?", aircraft, number)
                    .orElseThrow();
            try {
                Setup setup = SetupJson.read(document, database.file());
                marks = Marks.of(setup, (int) number, all.getOrDefault(parent, Marks.NONE));
            } catch (ImportFailedException e) {
                // a document that cannot be read is told where it is read
                marks = Marks.NONE;
            }
            all.put((int) number, marks);
            database.update(
                    "UPDATE revision SET prints = ? WHERE aircraft = ? AND number = ?", marks.text(), aircraft, number);
        }
        for (long id : database.longs("SELECT id FROM proof WHERE aircraft = ?", aircraft)) {
            String document =
                    database.text("SELECT document FROM proof WHERE id = ?", id).orElseThrow();
            try {
                Proof proof = SetupJson.fromText(document, Proof.class, database.file());
                all.getOrDefault(proof.revision(), Marks.NONE)
                        .prints()
                        .ifPresent(p -> database.update(
                                "UPDATE proof SET document = ? WHERE id = ?",
                                SetupJson.toText(proof.reprinted(p)),
                                id));
            } catch (ImportFailedException e) {
                // so is a proof
                continue;
            }
        }
    }

    /** One revision. */
    Optional<Revision> get(long aircraft, int number) {
        return database.run(
                "SELECT number, parent, document, reason, made, prints FROM revision"
                        + " WHERE aircraft = ? AND number = ?",
                s -> {
                    Database.bind(s, aircraft, number);
                    try (ResultSet r = s.executeQuery()) {
                        return r.next() ? Optional.of(revision(aircraft, r)) : Optional.empty();
                    }
                });
    }

    private Revision revision(long aircraft, ResultSet r) throws SQLException {
        return new Revision(
                r.getInt(1),
                r.getInt(2),
                setup(aircraft, r.getInt(1), r.getString(3)),
                r.getString(4),
                r.getLong(5),
                marks(r.getString(6)).changedAt());
    }

    private Marks marks(String text) {
        try {
            return Marks.read(text);
        } catch (IllegalArgumentException e) {
            throw new UnreadableException(database.file(), e.getMessage(), e);
        }
    }

    private Setup setup(long aircraft, int number, String document) {
        try {
            return SetupJson.read(document, database.file());
        } catch (ImportFailedException e) {
            String name = database.text("SELECT name FROM aircraft WHERE id = ?", aircraft)
                    .orElse("an aircraft");
            throw new UnreadableException(
                    database.file(),
                    "revision " + number + " of " + name + " cannot be read (" + UnreadableException.why(e) + ")",
                    e);
        }
    }

    /** The first revision of a new aircraft. */
    void first(long aircraft, Setup setup, String reason, long when) {
        insert(aircraft, 1, 0, setup, reason, when, Marks.of(setup, 1, Marks.NONE));
    }

    private void insert(long aircraft, int number, int parent, Setup setup, String reason, long when, Marks marks) {
        database.update(
                "INSERT INTO revision(aircraft, number, parent, reason, made, document, prints)"
                        + " VALUES (?, ?, ?, ?, ?, ?, ?)",
                aircraft,
                number,
                parent,
                reason,
                when,
                SetupJson.write(setup),
                marks.text());
    }

    /** The number the aircraft stands at; 0 if there is no such aircraft. */
    int currentNumber(long aircraft) {
        return (int) database.number("SELECT current FROM aircraft WHERE id = ?", aircraft);
    }

    /** Number of the latest revision, whether or not the aircraft stands at it. */
    int latest(long aircraft) {
        return (int) database.number("SELECT COALESCE(MAX(number), 0) FROM revision WHERE aircraft = ?", aircraft);
    }

    /** Adds a revision made from the current one and stands at it. */
    Revision commit(long aircraft, Setup setup, String reason, long when) {
        return database.together(() -> {
            int parent = currentNumber(aircraft);
            int number = latest(aircraft) + 1;
            Marks before = marks(
                    database.text("SELECT prints FROM revision WHERE aircraft = ? AND number = ?", aircraft, parent)
                            .orElse(""));
            Marks marks = Marks.of(setup, number, before);
            insert(aircraft, number, parent, setup, reason, when, marks);
            standAt(aircraft, number, setup.name());
            return new Revision(number, parent, setup, reason, when, marks.changedAt());
        });
    }

    private void standAt(long aircraft, int number, String name) {
        database.update("UPDATE aircraft SET current = ?, name = ? WHERE id = ?", number, name, aircraft);
    }

    /** The revision the current one was made from; empty at the first. */
    Optional<Revision> before(long aircraft) {
        int parent = (int) database.number(
                "SELECT parent FROM revision WHERE aircraft = ? AND number = ?", aircraft, currentNumber(aircraft));
        return parent == 0 ? Optional.empty() : get(aircraft, parent);
    }

    /** The latest revision made from the current one; empty at the last. */
    Optional<Revision> after(long aircraft) {
        int child = (int) database.number(
                "SELECT COALESCE(MAX(number), 0) FROM revision WHERE aircraft = ? AND parent = ?",
                aircraft,
                currentNumber(aircraft));
        return child == 0 ? Optional.empty() : get(aircraft, child);
    }

    /** Number of the revision at which it stood at a moment, on the way to the current one. */
    int numberAt(long aircraft, long when) {
        int at = currentNumber(aircraft);
        int parent = at;
        while (parent > 0) {
            at = parent;
            if (database.number("SELECT made FROM revision WHERE aircraft = ? AND number = ?", aircraft, at) <= when) {
                return at;
            }
            parent = (int)
                    database.number("SELECT parent FROM revision WHERE aircraft = ? AND number = ?", aircraft, at);
        }
        return at;
    }

    /** The nearest revision behind the current one that can be read, or the latest that can. */
    Optional<Revision> lastReadable(long aircraft) {
        List<Integer> numbers = new ArrayList<>();
        int at = currentNumber(aircraft);
        while (at > 0 && !numbers.contains(at)) {
            numbers.add(at);
            at = (int) database.number("SELECT parent FROM revision WHERE aircraft = ? AND number = ?", aircraft, at);
        }
        database.longs("SELECT number FROM revision WHERE aircraft = ? ORDER BY number DESC", aircraft)
                .forEach(n -> numbers.add(n.intValue()));
        for (int number : numbers) {
            try {
                Optional<Revision> read = get(aircraft, number);
                if (read.isPresent()) {
                    return read;
                }
            } catch (HangarException e) {
                // the next one
                continue;
            }
        }
        return Optional.empty();
    }

    /** Stands at a revision. */
    void stand(long aircraft, Revision at) {
        standAt(aircraft, at.number(), at.setup().name());
    }

    /** The current revision and those it was made from, oldest first. */
    List<Revision> history(long aircraft) {
        List<Revision> history = new ArrayList<>();
        Optional<Revision> at = get(aircraft, currentNumber(aircraft));
        while (at.isPresent()) {
            history.add(0, at.get());
            at = get(aircraft, at.get().parent());
        }
        return history;
    }
}
