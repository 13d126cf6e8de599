package app.drachen.files.hangar;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
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
    private final Path file;
    private final Connection connection;
    private final Optional<FileLock> lock;
    private volatile Runnable watch = () -> {};

    private Database(Path file, Connection connection, Optional<FileLock> lock) {
        this.file = file;
        this.connection = connection;
        this.lock = lock;
    }

    /** Work with a prepared statement. */
    interface Work<T> {
        T with(PreparedStatement statement) throws SQLException;
    }

    static Database open(Path file, boolean toWrite) {
        Optional<FileLock> lock = toWrite ? Optional.of(lock(file)) : Optional.empty();
        try {
            Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
            Database database = new Database(file, connection, lock);
            try {
                database.prepare(toWrite);
                return database;
            } catch (SQLException | HangarException e) {
                connection.close();
                throw e;
            }
        } catch (SQLException e) {
            lock.ifPresent(Database::release);
            throw new HangarException(file.getFileName() + ": " + unusable(e, file), e);
        } catch (HangarException e) {
            lock.ifPresent(Database::release);
            throw e;
        }
    }

    private static String unusable(SQLException e, Path file) {
        String copy = Backups.newest(file)
                .map(p -> "the copy " + p.getParent().getFileName() + "/" + p.getFileName() + " beside it is whole")
                .orElse("choose another");
        return switch (e.getErrorCode() & 0xFF) {
            case 11, 26 -> "this is no hangar or it is damaged; " + copy + " (" + e.getMessage() + ")";
            case 8, 14 -> "this hangar cannot be written here; check the folder and its permissions (" + e.getMessage()
                    + ")";
            case 5, 6 -> "this hangar is locked; close the other program that has it open (" + e.getMessage() + ")";
            default -> "this hangar cannot be opened; check the disk, or " + copy + " (" + e.getMessage() + ")";
        };
    }

    /** Two programs on one hangar would undo each other's work: the second one is told so. */
    private static FileLock lock(Path file) {
        Path beside = file.resolveSibling("." + file.getFileName() + ".lock");
        FileLock lock = null;
        try {
            if (file.getParent() != null && !Files.isDirectory(file.getParent())) {
                throw new HangarException(file.getFileName() + ": there is no folder " + file.getParent()
                        + "; make it or choose another");
            }
            FileChannel channel = FileChannel.open(beside, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            try {
                lock = channel.tryLock();
            } finally {
                if (lock == null) {
                    channel.close();
                }
            }
        } catch (OverlappingFileLockException e) {
            lock = null;
        } catch (IOException e) {
            throw new HangarException(
                    file.getFileName() + ": this hangar cannot be written here; check the folder and its permissions ("
                            + e.getMessage() + ")",
                    e);
        }
        if (lock == null) {
            throw new HangarException(file.getFileName() + ": this hangar is open in another Drachen; close it there");
        }
        return lock;
    }

    private static void release(FileLock lock) {
        try {
            lock.acquiredBy().close();
        } catch (IOException e) {
            // the lock ends with the program at the latest
        }
    }

    private void prepare(boolean toWrite) throws SQLException {
        try (Statement s = connection.createStatement()) {
            s.execute("PRAGMA busy_timeout=3000");
            s.execute("PRAGMA foreign_keys=ON");
            int version;
            try (ResultSet r = s.executeQuery("PRAGMA user_version")) {
                version = r.getInt(1);
            }
            int newest = Migrations.all().size();
            if (version > newest) {
                throw new HangarException(
                        file.getFileName() + ": written by a newer Drachen (version " + version + "); update this one");
            }
            if (!toWrite && version < newest) {
                throw new HangarException(file.getFileName()
                        + ": written by an older Drachen, or no hangar; open it in a window once, then try again");
            }
            if (toWrite) {
                s.execute("PRAGMA journal_mode=WAL");
                s.execute("PRAGMA synchronous=FULL");
                if (version > 0 && version < newest) {
                    Backups.beforeMigration(this, file, version);
                }
                migrate(s, version);
            }
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

    Path file() {
        return file;
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
                    case 8 -> "it may not be written; check its permissions, nothing before it is lost";
                    case 11, 26 -> "it is damaged; the copies beside it are in the folder "
                            + Backups.folder(file).getFileName();
                    default -> "it could not be read or written; check the disk and try again";
                };
        return new HangarException(file.getFileName() + ": " + why + " (" + e.getMessage() + ")", e);
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
                return r.next() ? Optional.of(r.getString(1)) : Optional.empty();
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
            lock.ifPresent(Database::release);
        }
    }
}
