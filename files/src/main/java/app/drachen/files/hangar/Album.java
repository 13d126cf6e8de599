package app.drachen.files.hangar;

import java.sql.ResultSet;
import java.util.ArrayList;
import java.util.List;

/** Notes and pictures of the aircraft in a hangar, kept inside its file. */
public final class Album {
    private final Database database;

    Album(Database database) {
        this.database = database;
    }

    /**
     * A picture of an aircraft.
     *
     * @param id its number in the hangar
     * @param name name of the file it came from
     * @param bytes the file
     */
    public record Picture(long id, String name, byte[] bytes) {
        public Picture {
            bytes = bytes.clone();
        }

        @Override
        public byte[] bytes() {
            return bytes.clone();
        }
    }

    /** Notes on an aircraft; empty if there are none. */
    public String notes(long aircraft) {
        return database.run("SELECT notes FROM aircraft WHERE id = ?", s -> {
            Database.bind(s, aircraft);
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? r.getString(1) : "";
            }
        });
    }

    /** Keeps notes on an aircraft. */
    public void note(long aircraft, String notes) {
        database.update("UPDATE aircraft SET notes = ? WHERE id = ?", notes, aircraft);
    }

    /** The pictures of an aircraft, oldest first. */
    public List<Picture> pictures(long aircraft) {
        return database.run("SELECT id, name, data FROM picture WHERE aircraft = ? ORDER BY id", s -> {
            Database.bind(s, aircraft);
            List<Picture> pictures = new ArrayList<>();
            try (ResultSet r = s.executeQuery()) {
                while (r.next()) {
                    pictures.add(new Picture(r.getLong(1), r.getString(2), r.getBytes(3)));
                }
            }
            return pictures;
        });
    }

    /** Adds a picture. */
    public void add(long aircraft, String name, byte[] data) {
        database.update("INSERT INTO picture(aircraft, name, data) VALUES (?, ?, ?)", aircraft, name, data);
    }

    /** Takes a picture out. */
    public void remove(long picture) {
        database.update("DELETE FROM picture WHERE id = ?", picture);
    }
}
