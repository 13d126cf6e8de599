package app.drachen.files.hangar;

import app.drachen.core.log.FlightLog;
import app.drachen.files.ImportFailedException;
import app.drachen.files.csv.FlightLogCsv;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.ResultSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.zip.GZIPInputStream;

/** The flights of a hangar and their logs. */
public final class Logbook {
    private final Database database;

    Logbook(Database database) {
        this.database = database;
    }

    /** A log as the hangar keeps it. Packing a long one takes seconds; nothing waits for it but who packs. */
    public static final class Packed {
        private final byte[] bytes;

        private Packed(byte[] bytes) {
            this.bytes = bytes;
        }
    }

    /** Packs a log. */
    public static Packed pack(FlightLog log) {
        try {
            return new Packed(PackedLog.pack(log));
        } catch (IOException e) {
            throw new HangarException("the log could not be packed", e);
        }
    }

    /** Keeps a flight and its log; the number is given by the hangar. */
    public FlightRecord add(long aircraft, FlightRecord flight, FlightLog log) {
        return add(aircraft, flight, pack(log));
    }

    /** Keeps a flight and its packed log; the number is given by the hangar. */
    public FlightRecord add(long aircraft, FlightRecord flight, Packed packed) {
        return database.together(() -> {
            int number = (int)
                    database.number("SELECT COALESCE(MAX(number), 0) + 1 FROM flight WHERE aircraft = ?", aircraft);
            FlightRecord numbered = new FlightRecord(
                    number, flight.revision(), flight.when(), flight.rehearsed(), flight.card(), flight.outcome());
            insert(aircraft, numbered, packed);
            return numbered;
        });
    }

    /** Puts a flight back under its number. */
    public void restore(long aircraft, FlightRecord flight, Packed packed) {
        insert(aircraft, flight, packed);
    }

    private void insert(long aircraft, FlightRecord flight, Packed packed) {
        database.update(
                "INSERT INTO flight(aircraft, number, revision, flown, rehearsed, card, outcome, log)"
                        + " VALUES (?, ?, ?, ?, ?, ?, ?, ?)",
                aircraft,
                flight.number(),
                flight.revision(),
                flight.when(),
                flight.rehearsed() ? 1 : 0,
                flight.card(),
                flight.outcome(),
                packed.bytes);
    }

    /** All flights of an aircraft, oldest first. */
    public List<FlightRecord> flights(long aircraft) {
        return database.run(
                "SELECT number, revision, flown, rehearsed, card, outcome FROM flight"
                        + " WHERE aircraft = ? ORDER BY number",
                s -> {
                    Database.bind(s, aircraft);
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
        return packed(aircraft, number).map(p -> unpacked(p.bytes, number));
    }

    /** The log of a flight as the hangar keeps it. */
    public Optional<Packed> packed(long aircraft, int number) {
        return database.run("SELECT log FROM flight WHERE aircraft = ? AND number = ?", s -> {
            Database.bind(s, aircraft, number);
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? Optional.of(new Packed(r.getBytes(1))) : Optional.empty();
            }
        });
    }

    private FlightLog unpacked(byte[] bytes, int number) {
        try {
            return PackedLog.isPacked(bytes) ? PackedLog.unpack(bytes) : zipped(bytes);
        } catch (IOException | ImportFailedException | IllegalArgumentException e) {
            throw damaged(number, "it is damaged", e);
        } catch (OutOfMemoryError e) {
            throw damaged(number, "it needs more memory than there is, or is damaged", e);
        }
    }

    private HangarException damaged(int number, String why, Throwable cause) {
        return new UnreadableException(
                database.file(), "the log of flight " + number + " cannot be read, " + why, cause);
    }

    /** Hangars of version 1 kept logs as zipped CSV. */
    private static FlightLog zipped(byte[] bytes) throws IOException, ImportFailedException {
        Path text = Files.createTempFile("drachen", ".csv");
        try (InputStream in = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
            Files.copy(in, text, StandardCopyOption.REPLACE_EXISTING);
            return FlightLogCsv.read(text).value();
        } finally {
            Files.deleteIfExists(text);
        }
    }

    /** Takes a flight and its log out of the logbook. */
    public void remove(long aircraft, int number) {
        database.update("DELETE FROM flight WHERE aircraft = ? AND number = ?", aircraft, number);
    }

    /** Notes on a flight; empty if there are none. */
    public String notes(long aircraft, int number) {
        return database.run("SELECT notes FROM flight WHERE aircraft = ? AND number = ?", s -> {
            Database.bind(s, aircraft, number);
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? r.getString(1) : "";
            }
        });
    }

    /** Keeps notes on a flight. */
    public void note(long aircraft, int number, String notes) {
        database.update("UPDATE flight SET notes = ? WHERE aircraft = ? AND number = ?", notes, aircraft, number);
    }
}
