package app.drachen.desktop.trials;

import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import app.drachen.desk.Desk;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.work.Jobs;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import app.drachen.files.json.SetupJson;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;

/**
 * Hangars that went wrong, in their bytes or in what they hold: each opens or is refused in one sentence and left as it
 * is; what is whole in it can be read, and one aircraft that is not does not take the others along.
 */
final class Hangars {
    private static final Tally.Refusal REFUSED = e -> e instanceof HangarException;
    private static final Clock CLOCK = Clock.fixed(Instant.ofEpochSecond(1_790_000_000L), ZoneOffset.UTC);

    private final Path folder;
    private final Path good;

    Hangars(Path folder) throws IOException {
        this.folder = folder;
        good = folder.resolve("good.drachen");
        try (Hangar hangar = Hangar.open(good)) {
            for (Setup setup :
                    List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe())) {
                long id = hangar.add(setup, "first", 0);
                for (int i = 0; i < 4; i++) {
                    hangar.commit(id, setup.withName(setup.name() + " " + i), "renamed " + i, i);
                }
                hangar.add(
                        id,
                        Proof.gained(
                                ProofKind.REHEARSAL,
                                setup,
                                1,
                                5,
                                Proof.Evidence.REHEARSED,
                                true,
                                "flown",
                                Map.of("sink", 1.0)));
                hangar.logbook().add(id, new FlightRecord(0, 1, 0, true, "first-flight", "landed"), log());
                hangar.album().note(id, "a note");
            }
            hangar.keep("field", SetupJson.writeField(DemoField.evening()));
        }
    }

    private static FlightLog log() {
        FlightLog.Builder log = new FlightLog.Builder(EnumSet.of(LogColumn.TIME, LogColumn.HEIGHT));
        for (int row = 0; row < 400; row++) {
            log.row(row * 0.02);
            log.put(LogColumn.HEIGHT, row % 7);
        }
        return log.build();
    }

    Tally run(long seed, int times) throws Exception {
        Tally tally = new Tally("damaged", seed, Tally.KEPT);
        Mutations mutations = new Mutations(seed);
        byte[] whole = Files.readAllBytes(good);
        Path file = folder.resolve("bad.drachen");
        for (int i = 0; i < times; i++) {
            clear(file);
            int spared = 0;
            if (i % 2 == 0) {
                Files.write(file, i % 4 == 0 ? mutations.bytes(whole) : pages(whole, mutations));
            } else {
                Files.write(file, whole);
                spared = content(file, mutations);
            }
            byte[] input = Files.readAllBytes(file);
            int kept = spared;
            tally.run(input, REFUSED, () -> open(file, kept, tally, input));
        }
        return tally;
    }

    /** Whole pages of the database written over, exchanged, or emptied. */
    private static byte[] pages(byte[] whole, Mutations mutations) {
        byte[] now = whole.clone();
        int page = 4_096;
        for (int i = mutations.random().nextInt(3); i >= 0; i--) {
            int at = mutations.random().nextInt(now.length / page) * page;
            int from = mutations.random().nextInt(now.length / page) * page;
            if (mutations.random().nextBoolean()) {
                System.arraycopy(whole, from, now, at, page);
            } else {
                Arrays.fill(now, at, at + page, (byte) 0);
            }
        }
        return now;
    }

    /** What a row holds goes wrong; gives how many aircraft have nothing to do with it. */
    private int content(Path file, Mutations mutations) throws SQLException, IOException {
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            long aircraft = 1 + mutations.random().nextInt(3);
            int what = mutations.random().nextInt(9);
            String document = text(c, "SELECT document FROM revision WHERE aircraft = ? AND number = 5", aircraft);
            String wrong =
                    new String(mutations.bytes(document.getBytes(StandardCharsets.UTF_8)), StandardCharsets.UTF_8);
            switch (what) {
                case 0 -> put(c, "UPDATE revision SET document = ? WHERE number = 5 AND aircraft = " + aircraft, wrong);
                case 1 -> put(c, "UPDATE revision SET document = ? WHERE number = 3 AND aircraft = " + aircraft, wrong);
                case 2 -> put(c, "UPDATE revision SET prints = ? WHERE aircraft = " + aircraft, mutations.odd());
                case 3 -> put(c, "UPDATE proof SET document = ? WHERE aircraft = " + aircraft, mutations.odd());
                case 4 -> put(c, "UPDATE aircraft SET current = ? WHERE id = " + aircraft, "77");
                case 5 -> put(
                        c, "DELETE FROM revision WHERE reason <> ? AND number > 1 AND aircraft = " + aircraft, "");
                case 6 -> put(c, "UPDATE setting SET value = ?", mutations.odd());
                case 7 -> {
                    byte[] raw = new byte[200];
                    mutations.random().nextBytes(raw);
                    raw[0] = 0;
                    raw[1] = (byte) mutations.random().nextInt(128);
                    put(c, "UPDATE flight SET log = ?", Mutations.deflated(new byte[] {'D', 'R', 'L', 1}, raw));
                }
                default -> put(
                        c, "UPDATE flight SET card = ?, log = X'00' WHERE aircraft = " + aircraft, mutations.odd());
            }
            return what == 6 || what == 7 ? 3 : 2;
        }
    }

    private static String text(Connection c, String sql, long id) throws SQLException {
        try (PreparedStatement s = c.prepareStatement(sql)) {
            s.setLong(1, id);
            return s.executeQuery().getString(1);
        }
    }

    private static void put(Connection c, String sql, Object value) throws SQLException {
        try (PreparedStatement s = c.prepareStatement(sql)) {
            s.setObject(1, value);
            s.executeUpdate();
        }
    }

    private static void clear(Path file) throws IOException {
        for (String end : List.of("", "-wal", "-shm", "-journal")) {
            Files.deleteIfExists(file.resolveSibling(file.getFileName() + end));
        }
        Path copies = file.resolveSibling(file.getFileName() + ".copies");
        if (Files.isDirectory(copies)) {
            try (var old = Files.list(copies)) {
                for (Path copy : old.toList()) {
                    Files.delete(copy);
                }
            }
        }
    }

    /** As the window opens it: everything is read, the steps back and forth, an edit, the copy of the day. */
    private static void open(Path file, int whole, Tally tally, byte[] input) throws IOException {
        List<Throwable> unforeseen = new ArrayList<>();
        List<String> told = new ArrayList<>();
        Hangar hangar;
        try {
            hangar = Hangar.open(file);
        } catch (HangarException e) {
            if (!Arrays.equals(input, Files.readAllBytes(file))) {
                tally.fault(
                        "is changed although it was refused: " + e.getMessage().replaceAll("\\d+", "#"), input);
            }
            throw e;
        }
        try (Desk desk =
                new Desk(hangar, new Jobs(Runnable::run, Runnable::run, unforeseen::add), Runnable::run, CLOCK)) {
            desk.load(told::add);
            long readable =
                    desk.shelf().stream().filter(a -> a.standing().isPresent()).count();
            if (readable < whole) {
                tally.fault("only " + readable + " aircraft are shown, " + whole + " are whole", input);
            }
            for (OpenAircraft aircraft : desk.shelf()) {
                if (aircraft.standing().isEmpty()) {
                    tally.sentence(aircraft.trouble(), input);
                    continue;
                }
                for (int i = 0; i < 5; i++) {
                    aircraft.undo(told::add);
                }
                aircraft.redo(told::add);
                for (FlightRecord flight : aircraft.flights()) {
                    try {
                        desk.look(h -> h.logbook().log(aircraft.id(), flight.number()));
                    } catch (HangarException e) {
                        told.add(e.getMessage());
                    }
                }
                aircraft.edit("trial", s -> s.withName(s.name() + "!"), () -> {}, told::add);
            }
            try {
                hangar.copyOfTheDay(LocalDate.of(2026, 11, 27));
            } catch (HangarException e) {
                told.add(e.getMessage());
            }
        }
        told.forEach(t -> tally.sentence(t, input));
        unforeseen.forEach(e -> tally.fault(
                "unforeseen: " + e.getClass().getSimpleName() + " " + Tally.where(e) + " " + e.getMessage(), input));
    }
}
