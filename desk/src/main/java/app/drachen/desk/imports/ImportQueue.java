package app.drachen.desk.imports;

import app.drachen.core.debrief.Landing;
import app.drachen.core.log.FlightLog;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.imports.Incoming.State;
import app.drachen.desk.work.Job;
import app.drachen.desk.work.Lane;
import app.drachen.desk.work.Running;
import app.drachen.files.ImportFailedException;
import app.drachen.files.ImportProblem;
import app.drachen.files.Imported;
import app.drachen.files.csv.ForeignTable;
import app.drachen.files.csv.LogMapping;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Logbook;
import app.drachen.files.json.SetupJson;
import app.drachen.files.logs.LogFiles;
import app.drachen.files.logs.LogFormats;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;

/**
 * The files that come into a window. They are taken one by one for each aircraft: looked at, asked about where a table's
 * columns are not known, read, kept, or refused with a sentence. None is forgotten: each ends in one of these, and that is
 * told. A question waits for its answer, whatever is opened meanwhile. For the screen's thread.
 */
public final class ImportQueue {
    private final Session session;
    private final Runnable changed;
    private final List<Incoming> all = new ArrayList<>();
    private Optional<Known> known = Optional.empty();

    /**
     * A queue for a window.
     *
     * @param changed called when a file has come further
     */
    public ImportQueue(Session session, Runnable changed) {
        this.session = session;
        this.changed = changed;
    }

    /** Every file that came in this session, in order. */
    public List<Incoming> all() {
        return List.copyOf(all);
    }

    /** The question that is open for an aircraft. */
    public Optional<Incoming> asking(OpenAircraft aircraft) {
        return of(aircraft).stream()
                .filter(i -> i.state() instanceof State.Asking)
                .findFirst();
    }

    /** The file that is looked at, read or kept for an aircraft. */
    public Optional<Incoming> busy(OpenAircraft aircraft) {
        return of(aircraft).stream()
                .filter(i -> i.busy() && !(i.state() instanceof State.Asking))
                .findFirst();
    }

    private List<Incoming> of(OpenAircraft aircraft) {
        return all.stream()
                .filter(i -> i.aircraft().equals(Optional.of(aircraft)))
                .toList();
    }

    /** Takes logs in for the aircraft that is open, and set-ups for the shelf. */
    public void take(List<Path> files) {
        List<Incoming> logs = new ArrayList<>();
        for (Path file : files) {
            boolean setup =
                    file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".json");
            if (setup) {
                Incoming incoming = new Incoming(file, Optional.empty(), Optional.empty());
                all.add(incoming);
                setup(incoming);
            } else if (session.isOpen()) {
                logs.add(new Incoming(file, Optional.of(session.aircraft()), Optional.of(session.revision())));
            } else {
                session.tell("Open an aircraft first, then read its log in.");
            }
        }
        all.addAll(logs);
        logs.forEach(log -> next(log.aircraft().orElseThrow()));
    }

    private void setup(Incoming incoming) {
        become(incoming, new State.Looking());
        Path file = incoming.file();
        session.desk()
                .jobs()
                .start(
                        Lane.READ,
                        incoming,
                        running -> SetupJson.readWritten(file),
                        read -> read(incoming, read),
                        sentence -> refuse(incoming, sentence));
    }

    /** Asks what a set-up is whose aircraft stands on the shelf already. */
    public interface Known {
        /**
         * Asks.
         *
         * @param there the aircraft of that name
         * @param read what was read
         * @param file from where
         * @param answer one of its methods is called, once
         */
        void ask(OpenAircraft there, Setup read, Path file, Answer answer);
    }

    /** What a set-up is, that was asked about. */
    public interface Answer {
        /** An aircraft of its own. */
        void own();

        /** The next revision of the aircraft of that name. */
        void revision();

        /** Nothing is to be done with it. */
        void nothing();
    }

    /** From here on it is asked; until then a set-up is always an aircraft of its own. */
    public void whenKnown(Known asker) {
        known = Optional.of(asker);
    }

    private void read(Incoming incoming, SetupJson.Written written) {
        Setup read = written.setup();
        String from = "Read from " + incoming.file().getFileName()
                + written.revision().map(r -> ", r" + r + " there").orElse("");
        Optional<OpenAircraft> there = session.desk().shelf().stream()
                .filter(a -> a.name().equals(read.name()) && a.standing().isPresent())
                .findFirst();
        if (known.isEmpty() || there.isEmpty()) {
            shelve(incoming, read, from);
        } else {
            known.get().ask(there.get(), read, incoming.file(), new Answer() {
                @Override
                public void own() {
                    shelve(incoming, read, from);
                }

                @Override
                public void revision() {
                    revise(incoming, there.get(), read, from);
                }

                @Override
                public void nothing() {
                    refuse(incoming, incoming.file().getFileName() + " was put aside; nothing was changed.");
                }
            });
        }
    }

    private void revise(Incoming incoming, OpenAircraft there, Setup read, String from) {
        boolean differs = there.edit(
                from,
                now -> read,
                () -> {
                    become(incoming, new State.Shelved(there));
                    session.tell(there.name() + " stands as it was read in.");
                },
                sentence -> refuse(incoming, sentence));
        if (!differs) {
            refuse(incoming, "Nothing differs from " + there.name() + " as it stands.");
        }
    }

    private void shelve(Incoming incoming, Setup read, String from) {
        session.desk()
                .add(
                        read,
                        from,
                        added -> {
                            become(incoming, new State.Shelved(added));
                            session.tell(added.name() + " was read in.");
                        },
                        sentence -> refuse(incoming, sentence));
    }

    /** Begins with the next file for an aircraft, if none is under way. */
    private void next(OpenAircraft aircraft) {
        List<Incoming> theirs = of(aircraft);
        if (theirs.stream().noneMatch(Incoming::busy)) {
            theirs.stream()
                    .filter(i -> i.state() instanceof State.Waiting)
                    .findFirst()
                    .ifPresent(this::look);
        }
    }

    private record Looked(Optional<ForeignTable> table, Optional<LogMapping> remembered) {}

    private void look(Incoming incoming) {
        become(incoming, new State.Looking());
        Path file = incoming.file();
        session.desk()
                .jobs()
                .start(
                        Lane.READ,
                        incoming,
                        running -> looked(file),
                        looked -> looked(incoming, looked),
                        sentence -> refuse(incoming, sentence));
    }

    private Looked looked(Path file) throws IOException, ImportFailedException {
        if (LogFiles.format(file) != LogFormats.TABLE) {
            return new Looked(Optional.empty(), Optional.empty());
        }
        ForeignTable table = LogFiles.look(file);
        return new Looked(Optional.of(table), remembered(table));
    }

    private static String setting(ForeignTable table) {
        byte[] key = table.shape().key().getBytes(StandardCharsets.UTF_8);
        return "mapping:" + UUID.nameUUIDFromBytes(key);
    }

    private Optional<LogMapping> remembered(ForeignTable table) {
        return session.desk().look(hangar -> hangar.setting(setting(table))).flatMap(text -> {
            try {
                return Optional.of(SetupJson.fromText(text, LogMapping.class, table.file()));
            } catch (ImportFailedException e) {
                return Optional.empty();
            }
        });
    }

    private void looked(Incoming incoming, Looked looked) {
        if (incoming.over()) {
            return;
        }
        looked.table().ifPresent(incoming::holds);
        boolean own = looked.table().filter(ForeignTable::own).isPresent();
        if (looked.table().isEmpty() || own) {
            read(incoming, Optional.empty());
        } else if (looked.remembered().isPresent()) {
            session.tell(incoming.file().getFileName() + " is read like the last file of this shape; M changes that.");
            read(incoming, looked.remembered());
        } else {
            ForeignTable table = looked.table().orElseThrow();
            become(incoming, new State.Asking(table, table.guess()));
            if (!session.isOpen() || !session.shows(incoming.aircraft().orElseThrow())) {
                session.tell(incoming.file().getFileName() + " asks what its columns mean: Ctrl L in "
                        + incoming.aircraft().orElseThrow().name() + ".");
            }
        }
    }

    /** Asks again what the columns of the last table of an aircraft mean; whether there is one. */
    public boolean askAgain(OpenAircraft aircraft) {
        List<Incoming> tables =
                of(aircraft).stream().filter(i -> i.table().isPresent()).toList();
        if (tables.isEmpty()) {
            return false;
        }
        Incoming last = tables.get(tables.size() - 1);
        if (!last.over()) {
            return true;
        }
        ForeignTable table = last.table().orElseThrow();
        Incoming anew = new Incoming(last.file(), last.aircraft(), last.revision());
        anew.holds(table);
        all.add(anew);
        become(anew, new State.Looking());
        session.desk()
                .jobs()
                .start(
                        Lane.READ,
                        anew,
                        running -> remembered(table),
                        before -> become(anew, new State.Asking(table, before.orElseGet(table::guess))),
                        sentence -> refuse(anew, sentence));
        return true;
    }

    /** The answer to a question; it is remembered for the next file of this shape. */
    public void answer(Incoming incoming, LogMapping mapping) {
        if (incoming.state() instanceof State.Asking asking) {
            session.desk().keepSetting(setting(asking.table()), SetupJson.toText(mapping), session::tell);
            read(incoming, Optional.of(mapping));
        }
    }

    private record Read(FlightRecord flight, Logbook.Packed log, int rows, List<String> repaired) {}

    private void read(Incoming incoming, Optional<LogMapping> mapping) {
        become(incoming, new State.Reading(0));
        long now = session.desk().now();
        Job job = session.desk()
                .jobs()
                .start(
                        Lane.READ,
                        incoming,
                        running -> read(incoming, mapping, now, running),
                        share -> become(incoming, new State.Reading(share)),
                        read -> keep(incoming, read),
                        sentence -> refuse(incoming, sentence));
        session.whenClosed(job::cancel);
    }

    private static Read read(Incoming incoming, Optional<LogMapping> mapping, long now, Running running)
            throws IOException, ImportFailedException {
        Path file = incoming.file();
        Imported<FlightLog> log = incoming.table().isPresent()
                ? LogFiles.read(
                        incoming.table().get(),
                        mapping.orElse(incoming.table().get().guess()),
                        running)
                : LogFiles.read(file, running);
        FlightLog value = log.value();
        long when = value.start().isPresent() ? (long) value.start().getAsDouble() : now;
        String outcome = "Read from " + file.getFileName() + ", " + Quantity.TIME.text(value.duration())
                + Landing.of(value).map(l -> ", " + l.words()).orElse("");
        int revision = incoming.revision().orElseThrow().number();
        return new Read(
                new FlightRecord(0, revision, when, false, "", outcome),
                Logbook.pack(value),
                value.rows(),
                log.problems().stream().map(ImportProblem::sentence).toList());
    }

    private void keep(Incoming incoming, Read read) {
        if (incoming.over()) {
            return;
        }
        OpenAircraft aircraft = incoming.aircraft().orElseThrow();
        become(incoming, new State.Keeping());
        aircraft.keep(
                read.flight(),
                read.log(),
                Optional.empty(),
                kept -> {
                    become(incoming, new State.Kept(kept, read.rows(), read.repaired()));
                    String where = session.isOpen() && session.shows(aircraft) ? "" : " of " + aircraft.name();
                    session.tell(incoming.file().getFileName() + ": " + read.rows() + " rows kept as flight "
                            + kept.number() + where
                            + (read.repaired().isEmpty()
                                    ? "."
                                    : "; what was repaired or worked out stands in the ledger."));
                    next(aircraft);
                },
                sentence -> refuse(incoming, sentence));
    }

    private void refuse(Incoming incoming, String sentence) {
        if (incoming.over()) {
            return;
        }
        become(incoming, new State.Refused(sentence));
        session.tell(sentence);
        incoming.aircraft().ifPresent(this::next);
    }

    /** Stops all that is on its way for an aircraft; nothing of it is kept. */
    public void stop(OpenAircraft aircraft) {
        List<Incoming> left = of(aircraft).stream()
                .filter(i -> !i.over() && !(i.state() instanceof State.Keeping))
                .toList();
        left.forEach(i -> {
            session.desk().jobs().close(i);
            i.is(new State.Refused(i.file().getFileName() + ": stopped, nothing was kept."));
        });
        if (!left.isEmpty()) {
            String names = left.stream()
                    .map(i -> i.file().getFileName().toString())
                    .reduce((a, b) -> a + ", " + b)
                    .orElse("");
            session.tell("Stopped; nothing was kept of " + names + ".");
            changed.run();
        }
    }

    private void become(Incoming incoming, State state) {
        if (!incoming.over()) {
            incoming.is(state);
            changed.run();
        }
    }
}
