package app.drachen.files.hangar;

import java.util.List;

/** Numbered migrations of the hangar file; a landed one is never changed. */
final class Migrations {
    private static final List<String> FIRST = List.of(
            "CREATE TABLE aircraft (id INTEGER PRIMARY KEY, name TEXT NOT NULL,"
                    + " current INTEGER NOT NULL, position INTEGER NOT NULL)",
            "CREATE TABLE revision (aircraft INTEGER NOT NULL REFERENCES aircraft(id) ON DELETE"
                    + " CASCADE, number INTEGER NOT NULL, parent INTEGER NOT NULL, reason TEXT NOT"
                    + " NULL, made INTEGER NOT NULL, document TEXT NOT NULL,"
                    + " PRIMARY KEY (aircraft, number))",
            "CREATE TABLE proof (id INTEGER PRIMARY KEY, aircraft INTEGER NOT NULL REFERENCES"
                    + " aircraft(id) ON DELETE CASCADE, kind TEXT NOT NULL, document TEXT NOT NULL)",
            "CREATE TABLE flight (aircraft INTEGER NOT NULL REFERENCES aircraft(id) ON DELETE"
                    + " CASCADE, number INTEGER NOT NULL, revision INTEGER NOT NULL, flown INTEGER"
                    + " NOT NULL, rehearsed INTEGER NOT NULL, card TEXT NOT NULL, outcome TEXT NOT"
                    + " NULL, log BLOB NOT NULL, PRIMARY KEY (aircraft, number))",
            "CREATE TABLE setting (name TEXT PRIMARY KEY, value TEXT NOT NULL)",
            "CREATE INDEX proof_of_aircraft ON proof(aircraft, kind)");

    /** Notes, pictures, aircraft that were put away, and where a flight's log came from. */
    private static final List<String> SECOND = List.of(
            "ALTER TABLE aircraft ADD COLUMN away INTEGER NOT NULL DEFAULT 0",
            "ALTER TABLE aircraft ADD COLUMN notes TEXT NOT NULL DEFAULT ''",
            "ALTER TABLE flight ADD COLUMN notes TEXT NOT NULL DEFAULT ''",
            "CREATE TABLE picture (id INTEGER PRIMARY KEY, aircraft INTEGER NOT NULL REFERENCES"
                    + " aircraft(id) ON DELETE CASCADE, name TEXT NOT NULL, data BLOB NOT NULL)");

    /** Fingerprints beside each revision; they are filled in by {@link Revisions#renew}. */
    private static final List<String> THIRD =
            List.of("ALTER TABLE revision ADD COLUMN prints TEXT NOT NULL DEFAULT ''");

    /**
     * What the file says it is, "Drac" in ASCII.
     *
     * <p>Source: SQLite, PRAGMA application_id.
     */
    static final int MARK = 0x44726163;

    /** From this version on a hangar bears the mark. */
    static final int MARKED = 4;

    /** Hangars from this version on are read without being migrated. */
    static final int READABLE = 3;

    private static final List<String> FOURTH = List.of("PRAGMA application_id=" + MARK);

    private static final List<List<String>> ALL = List.of(FIRST, SECOND, THIRD, FOURTH);

    private Migrations() {}

    static List<List<String>> all() {
        return ALL;
    }
}
