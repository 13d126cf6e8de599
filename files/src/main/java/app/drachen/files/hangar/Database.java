package app.drachen.files.hangar;

import app.drachen.files.state.NativeFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** The SQLite file under a hangar: one connection, one writer, every change durable when its call returns. */
final class Database implements AutoCloseable {
    private final Path named;
    private final Path file;
    private final Connection connection;
    private final Optional<HangarLock> lock;
    private volatile Runnable watch = () -> {};

    private Database(Path named, Path file, Connection connection, Optional<HangarLock> lock) {
        this.named = named;
        this.file = file;
        this.connection = connection;
        this.lock = lock;
    }

    /** Work with a prepared statement. */
    interface Work<T> {
        T with(PreparedStatement statement) throws SQLException;
    }

    /**
     * Opens a hangar's file.
     *
     * @param named its name; a symbolic link is followed, so that copies and lock lie beside the file itself
     */
    static Database open(Path named, boolean toWrite) {
        Path file = HangarPlace.real(named);
        Optional<HangarLock> lock = toWrite ? Optional.of(HangarLock.take(file)) : Optional.empty();
        try {
            if (toWrite) {
                HangarPlace.oneName(file);
            }
            NativeFolder.prepare();
            boolean still = !toWrite && HangarPlace.lyingStill(file);
            Connection connection = DriverManager.getConnection(
                    still ? "jdbc:sqlite:" + file.toUri() + "?immutable=1" : "jdbc:sqlite:" + file);
            Database database = new Database(named, file, connection, lock);
            try {
                database.prepare(toWrite);
                return database;
            } catch (SQLException | HangarException e) {
                connection.close();
                throw e;
            }
        } catch (SQLException e) {
            lock.ifPresent(HangarLock::release);
            String sentence = file.getFileName() + ": " + unusable(e, file);
            throw (e.getErrorCode() & 0xFF) == 8
                    ? new HangarReadOnlyException(sentence, e)
                    : new HangarException(sentence, e);
        } catch (HangarException e) {
            lock.ifPresent(HangarLock::release);
            throw e;
        }
    }

    private static String unusable(SQLException e, Path file) {
        String copy = Backups.newest(file)
                .map(p -> "the copy " + p.getParent().getFileName() + "/" + p.getFileName() + " beside it is whole")
                .orElse("choose another");
        return switch (e.getErrorCode() & 0xFF) {
            case 11, 26 -> "this is no hangar or it is damaged; " + copy;
            case 8, 14 -> "this hangar cannot be written here; check the folder and its permissions";
            case 13 -> "the disk is full; make room and open it again, nothing is lost";
            case 5, 6 -> "this hangar is locked; close the other program that has it open";
            default -> full(file)
                    ? "the disk is full; make room and open it again, nothing is lost"
                    : "this hangar cannot be opened; check the disk, or " + copy;
        };
    }

    /** Whether there is so little room that a page more does not find any. */
    private static boolean full(Path file) {
        try {
            return Files.getFileStore(file.toAbsolutePath().getParent()).getUsableSpace() < 65_536;
        } catch (IOException e) {
            return false;
        }
    }

    private void prepare(boolean toWrite) throws SQLException {
        try (Statement s = connection.createStatement()) {
            s.execute("PRAGMA busy_timeout=3000");
            s.execute("PRAGMA foreign_keys=ON");
            int version = number(s, "PRAGMA user_version");
            int newest = Migrations.all().size();
            checkOurs(s, version);
            if (version > newest) {
                throw new HangarException(
                        file.getFileName() + ": written by a newer Drachen (version " + version + "); update this one");
            }
            if (!toWrite && version < Migrations.READABLE) {
                throw new HangarException(file.getFileName() + ": "
                        + (version == 0 ? "this is no hangar yet" : "written by an older Drachen")
                        + "; open it in a window once, then try again");
            }
            if (!toWrite) {
                s.execute("PRAGMA query_only=ON");
            } else {
                s.execute("PRAGMA journal_mode=WAL");
                s.execute("PRAGMA synchronous=FULL");
                if (version > 0 && version < newest) {
                    Backups.beforeMigration(this, file, version);
                }
                migrate(s, version);
            }
        }
    }

    private static int number(Statement s, String sql) throws SQLException {
        try (ResultSet r = s.executeQuery(sql)) {
            return r.next() ? r.getInt(1) : 0;
        }
    }

    /** A database of another program is left alone; a hangar of before the mark is known by its tables. */
    private void checkOurs(Statement s, int version) throws SQLException {
        int mark = number(s, "PRAGMA application_id");
        int tables = number(s, "SELECT COUNT(*) FROM sqlite_master");
        int ours = number(
                s,
                "SELECT COUNT(*) FROM sqlite_master WHERE type = 'table'"
                        + " AND name IN ('aircraft', 'revision', 'proof', 'flight', 'setting')");
        boolean empty = mark == 0 && version == 0 && tables == 0;
        boolean older = mark == 0 && version > 0 && version < Migrations.MARKED && ours == 5;
        if (mark != Migrations.MARK && !empty && !older) {
            throw new HangarException(
                    file.getFileName() + ": this is a database of another program; choose a hangar of Drachen");
        }
    }

    private void migrate(Statement s, int version) throws SQLException {
        for (int i = version; i < Migrations.all().size(); i++) {
            connection.setAutoCommit(false);
            try {
                for (String sql : Migrations.all().get(i)) {
                    s.execute(sql);
                }
                s.execute("PRAGMA user_version=" + (i + 1));
                connection.commit();
            } catch (SQLException e) {
                connection.rollback();
                throw e;
            } finally {
                connection.setAutoCommit(true);
            }
        }
    }

    /** The file as it was named. */
    Path named() {
        return named;
    }

    /** The file itself, where a link leads to it. */
    Path file() {
        return file;
    }

    /** Whether it was opened to write. */
    boolean writable() {
        return lock.isPresent();
    }

    /** Calls something before every look at the file. */
    void watch(Runnable beforeEachLook) {
        watch = beforeEachLook;
    }

    synchronized <T> T run(String sql, Work<T> work) {
        watch.run();
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            return work.with(statement);
        } catch (SQLException e) {
            throw failed(e);
        }
    }

    private HangarException failed(SQLException e) {
        String why =
                switch (e.getErrorCode() & 0xFF) {
                    case 13 -> "the disk is full; make room and do it again, nothing before it is lost";
                    case 8 -> lock.isPresent()
                            ? "it may not be written; check its permissions, nothing before it is lost"
                            : "it is open to look at only; copy it to a place where you may write, and open the copy";
                    case 11, 26 -> "it is damaged; " + Backups.advice(file);
                    default -> full(file)
                            ? "the disk is full; make room and do it again, nothing before it is lost"
                            : "it could not be read or written; check the disk and try again";
                };
        return new HangarException(file.getFileName() + ": " + why, e);
    }

    int update(String sql, Object... values) {
        return run(sql, s -> {
            bind(s, values);
            return s.executeUpdate();
        });
    }

    /** The first row's first number [any]. */
    long number(String sql, Object... values) {
        return run(sql, s -> {
            bind(s, values);
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? r.getLong(1) : 0L;
            }
        });
    }

    /** The first row's first text, if there is a row. */
    Optional<String> text(String sql, Object... values) {
        return run(sql, s -> {
            bind(s, values);
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? Optional.ofNullable(r.getString(1)) : Optional.empty();
            }
        });
    }

    /** The first number of every row. */
    List<Long> longs(String sql, Object... values) {
        return run(sql, s -> {
            bind(s, values);
            List<Long> numbers = new ArrayList<>();
            try (ResultSet r = s.executeQuery()) {
                while (r.next()) {
                    numbers.add(r.getLong(1));
                }
            }
            return numbers;
        });
    }

    static void bind(PreparedStatement s, Object... values) throws SQLException {
        for (int i = 0; i < values.length; i++) {
            s.setObject(i + 1, values[i]);
        }
    }

    /** Runs changes that belong together: all of them are kept or none. */
    synchronized <T> T together(Supplier<T> changes) {
        try {
            connection.setAutoCommit(false);
            try {
                T result = changes.get();
                connection.commit();
                return result;
            } catch (RuntimeException | SQLException e) {
                connection.rollback();
                throw e;
            } finally {
                connection.setAutoCommit(true);
            }
        } catch (SQLException e) {
            throw failed(e);
        }
    }

    @Override
    public synchronized void close() {
        try {
            connection.close();
        } catch (SQLException e) {
            throw failed(e);
        } finally {
            lock.ifPresent(HangarLock::release);
        }
    }
}
