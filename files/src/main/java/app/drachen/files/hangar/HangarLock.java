package app.drachen.files.hangar;

import app.drachen.files.NewFile;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * The right to write a hangar: two programs on one would undo each other's work, so the second one is told. A file beside
 * the hangar is locked; it goes with the lock, and what a kill leaves of it is locked and removed by the next.
 */
final class HangarLock {
    private static final int TRIES = 50;
    private static final long FAR = 1L << 32;

    private final FileChannel channel;
    private final Path file;

    private HangarLock(FileChannel channel, Path file) {
        this.channel = channel;
        this.file = file;
    }

    /**
     * Takes the right.
     *
     * @param hangar the file itself, no link to it
     * @throws HangarException if another has it, or the place cannot be written
     */
    static HangarLock take(Path hangar) {
        Path beside = hangar.resolveSibling("." + hangar.getFileName() + ".lock");
        try {
            for (int i = 0; i < TRIES; i++) {
                FileChannel channel = FileChannel.open(
                        beside, StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE);
                if (!locked(channel)) {
                    channel.close();
                    throw new HangarException(
                            hangar.getFileName() + ": this hangar is open in another Drachen; close it there");
                }
                if (isStillThere(channel, beside)) {
                    return new HangarLock(channel, beside);
                }
                // whoever had it removed the file between our opening and our locking it
                channel.close();
            }
            throw new HangarException(hangar.getFileName() + ": this hangar is in use; try again");
        } catch (IOException e) {
            throw new HangarReadOnlyException(
                    hangar.getFileName() + ": this hangar cannot be written here: " + NewFile.why(e), e);
        }
    }

    private static boolean locked(FileChannel channel) throws IOException {
        try {
            // a byte far behind the mark, so that the mark can be read where locks are enforced
            return channel.tryLock(FAR, 1, false) != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    /** Writes a mark through the channel and reads it by the name. */
    private static boolean isStillThere(FileChannel channel, Path file) throws IOException {
        String mark = ProcessHandle.current().pid() + " " + System.nanoTime();
        try {
            channel.truncate(0);
            channel.write(ByteBuffer.wrap(mark.getBytes(StandardCharsets.US_ASCII)), 0);
        } catch (IOException e) {
            // a full disk takes no mark; the hangar can be read all the same
            return Files.exists(file);
        }
        try {
            return Files.readString(file, StandardCharsets.US_ASCII).equals(mark);
        } catch (NoSuchFileException e) {
            return false;
        } catch (IOException e) {
            return Files.exists(file);
        }
    }

    /** Gives it back. */
    void release() {
        try (channel) {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            // where an open file cannot be removed it stays, unlocked; the lock itself ends with the program at the
            // latest
            return;
        }
    }
}
