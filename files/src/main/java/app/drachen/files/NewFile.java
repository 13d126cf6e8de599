package app.drachen.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.LongPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What is written goes into a new file beside its place, onto the disk, and then into its place in one step: whatever
 * fails, the file that was there is there. A hangar, a folder or what is no ordinary file is never written over.
 */
public final class NewFile {
    private static final byte[] DATABASE = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
    private static final AtomicLong COUNT = new AtomicLong();

    private NewFile() {}

    /** Writes the content of a file into a file that does not exist yet. */
    public interface Writing {
        /** Writes it. */
        void to(Path fresh) throws IOException;
    }

    /**
     * Writes a file.
     *
     * @param file its place; through a symbolic link, the file the link leads to
     * @param writing given a new file in the same folder
     * @throws NotWrittenException with one sentence: file, cause, remedy; nothing is changed then
     */
    public static void write(Path file, Writing writing) throws NotWrittenException {
        Path place = place(file);
        Path folder = place.toAbsolutePath().getParent();
        sweep(folder, id -> ProcessHandle.of(id).isEmpty());
        Path fresh =
                folder.resolve(".drachen-" + ProcessHandle.current().pid() + "-" + COUNT.incrementAndGet() + ".new");
        try {
            writing.to(fresh);
            try (FileChannel channel = FileChannel.open(fresh, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            Files.move(fresh, place, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (UncheckedIOException e) {
            throw new NotWrittenException(file, why(e.getCause()), e.getCause());
        } catch (IOException e) {
            throw new NotWrittenException(file, why(e), e);
        } finally {
            try {
                Files.deleteIfExists(fresh);
            } catch (IOException e) {
                // it is swept when something is next written here
            }
        }
    }

    /**
     * Refuses a place where something is already that nobody allowed to write over, or that is what is being read.
     *
     * @param file where to write
     * @param force whether another file there may be replaced
     * @param sources files that are read; none of them is ever replaced
     * @throws NotWrittenException with one sentence
     */
    public static void allow(Path file, boolean force, Path... sources) throws NotWrittenException {
        for (Path source : sources) {
            if (same(file, source)) {
                throw new NotWrittenException(file, "this is the file that is read; choose another name");
            }
        }
        place(file);
        if (!force && Files.exists(file)) {
            throw new NotWrittenException(
                    file, "there is such a file; choose another name, or add --force to replace it");
        }
    }

    private static boolean same(Path file, Path source) throws NotWrittenException {
        try {
            return Files.exists(file) && Files.exists(source) && Files.isSameFile(file, source);
        } catch (IOException e) {
            throw new NotWrittenException(file, why(e), e);
        }
    }

    private static Path place(Path file) throws NotWrittenException {
        if (Files.isDirectory(file)) {
            throw new NotWrittenException(file, "this is a folder; choose the name of a file in it");
        }
        Path folder = file.toAbsolutePath().getParent();
        if (folder == null || !Files.isDirectory(folder)) {
            throw new NotWrittenException(file, "there is no folder " + folder + "; make it or choose another");
        }
        if (!Files.exists(file)) {
            if (Files.isSymbolicLink(file)) {
                throw new NotWrittenException(file, "this link leads nowhere; choose another name");
            }
            return file;
        }
        if (!Files.isRegularFile(file)) {
            throw new NotWrittenException(file, "this is no ordinary file; choose another name");
        }
        if (isDatabase(file)) {
            throw new NotWrittenException(
                    file, "this is a hangar or another database, and is never written over; choose another name");
        }
        try {
            return file.toRealPath();
        } catch (IOException e) {
            throw new NotWrittenException(file, why(e), e);
        }
    }

    /**
     * Whether a file is a hangar or another database of the same kind, by its first bytes.
     *
     * <p>Source: SQLite Database File Format, 1.3.1 Magic Header String.
     */
    public static boolean isDatabase(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return Arrays.equals(in.readNBytes(DATABASE.length), DATABASE);
        } catch (IOException e) {
            return false;
        }
    }

    /** Removes what programs that are no more left in a folder. */
    static void sweep(Path folder, LongPredicate gone) {
        try (DirectoryStream<Path> beside = Files.newDirectoryStream(folder)) {
            for (Path file : beside) {
                String name = file.getFileName().toString();
                if (name.startsWith(".drachen-")) {
                    sweepOne(file, Left.NAME.matcher(name), gone);
                }
            }
        } catch (IOException | DirectoryIteratorException e) {
            // it can be written all the same
            return;
        }
    }

    private static void sweepOne(Path file, Matcher name, LongPredicate gone) {
        if (name.matches() && gone.test(Long.parseLong(name.group(1)))) {
            try {
                Files.deleteIfExists(file);
            } catch (IOException e) {
                // the next one tries again
                return;
            }
        }
    }

    /** What is seldom looked for. */
    private static final class Left {
        static final Pattern NAME = Pattern.compile("\\.drachen-(\\d{1,18})-\\d+\\.new");
    }

    /** Why the disk did not take it, and what to do, in words. */
    public static String why(IOException e) {
        String said = String.valueOf(
                e instanceof FileSystemException f && f.getReason() != null ? f.getReason() : e.getMessage());
        String small = said.toLowerCase(Locale.ROOT);
        if (small.contains("no space left") || small.contains("quota")) {
            return "the disk is full; make room and write it again, what was there before is still there";
        }
        if (small.contains("read-only file system")) {
            return "this disk can only be read; choose a place on another";
        }
        if (e instanceof AccessDeniedException || small.contains("permission denied")) {
            return "you may not write there; choose another folder or change its permissions";
        }
        if (small.contains("name too long")) {
            return "this name is too long; choose a shorter one";
        }
        return "it could not be written (" + said + "); check the disk and the name";
    }
}
