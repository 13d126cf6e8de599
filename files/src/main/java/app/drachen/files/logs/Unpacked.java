package app.drachen.files.logs;

import app.drachen.files.ImportFailedException;
import app.drachen.files.state.NativeFolder;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.zip.GZIPInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/**
 * Logs that were packed: what is in a gzip file or a zip archive with one log is laid beside the others for as long as the program runs.
 *
 * <p>Source: RFC 1952 (1996) for gzip; the first bytes tell what a file is.
 */
final class Unpacked {
    /** More than this is not unpacked [B]. */
    private static final long MOST = 4L << 30;

    private static final Map<String, Path> KNOWN = new ConcurrentHashMap<>();

    private Unpacked() {}

    /** The file itself, or what is in it. */
    static Path of(Path file) throws IOException, ImportFailedException {
        byte[] start = new byte[4];
        int length;
        try (InputStream in = Files.newInputStream(file)) {
            length = in.readNBytes(start, 0, 4);
        }
        boolean gzip = length > 2 && (start[0] & 0xFF) == 0x1F && (start[1] & 0xFF) == 0x8B;
        boolean zip = length == 4 && start[0] == 'P' && start[1] == 'K' && start[2] == 3 && start[3] == 4;
        if (!gzip && !zip) {
            return file;
        }
        String key = file.toAbsolutePath() + " " + Files.size(file) + " " + Files.getLastModifiedTime(file);
        Path known = KNOWN.get(key);
        if (known == null || !Files.exists(known)) {
            known = gzip ? gzip(file) : zip(file);
            KNOWN.put(key, known);
        }
        return known;
    }

    private static Path gzip(Path file) throws IOException, ImportFailedException {
        String name = file.getFileName().toString().replaceFirst("(?i)\\.gz$", "");
        try (InputStream in = new GZIPInputStream(Files.newInputStream(file), 1 << 16)) {
            return unpack(file, name, in);
        } catch (ZipException | EOFException e) {
            throw new ImportFailedException(file, "", "is packed and damaged; copy it again, or unpack it elsewhere");
        }
    }

    private static Path zip(Path file) throws IOException, ImportFailedException {
        try (ZipFile archive = new ZipFile(file.toFile())) {
            List<ZipEntry> logs = new ArrayList<>();
            Enumeration<? extends ZipEntry> all = archive.entries();
            while (all.hasMoreElements()) {
                ZipEntry entry = all.nextElement();
                String name = entry.getName();
                boolean hidden = name.contains("__MACOSX")
                        || name.substring(name.lastIndexOf('/') + 1).startsWith(".");
                if (!entry.isDirectory() && !hidden) {
                    logs.add(entry);
                }
            }
            if (logs.size() != 1) {
                throw new ImportFailedException(
                        file,
                        "",
                        logs.isEmpty()
                                ? "is an archive with nothing in it; choose a log"
                                : "is an archive of " + logs.size() + " files, such as "
                                        + logs.get(0).getName() + "; unpack it and choose the log");
            }
            String path = logs.get(0).getName();
            try (InputStream in = archive.getInputStream(logs.get(0))) {
                return unpack(file, path.substring(path.lastIndexOf('/') + 1), in);
            }
        } catch (ZipException e) {
            throw new ImportFailedException(file, "", "is packed and damaged; copy it again, or unpack it elsewhere");
        }
    }

    /** The folder of this process; what processes left that were killed is removed. */
    private static Path mine() throws IOException {
        Path all = Path.of(System.getProperty("java.io.tmpdir"), "drachen-unpacked-" + System.getProperty("user.name"));
        Path mine = all.resolve(String.valueOf(ProcessHandle.current().pid()));
        if (!Files.exists(mine)) {
            Files.createDirectories(mine);
            mine.toFile().deleteOnExit();
            NativeFolder.sweep(all);
        }
        return mine;
    }

    private static Path unpack(Path packed, String name, InputStream in) throws IOException, ImportFailedException {
        Path folder = Files.createTempDirectory(mine(), "log");
        folder.toFile().deleteOnExit();
        // a name from an archive is a name and no path
        Path out =
                folder.resolve(name.replaceAll("[\\\\/:]", "_").isBlank() ? "log" : name.replaceAll("[\\\\/:]", "_"));
        out.toFile().deleteOnExit();
        try (OutputStream to = Files.newOutputStream(out)) {
            byte[] piece = new byte[1 << 16];
            long bytes = 0;
            for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
                to.write(piece, 0, n);
                bytes += n;
                if (bytes > MOST) {
                    throw new ImportFailedException(packed, "", "holds more than 4 GB; unpack it and cut it");
                }
            }
        } catch (IOException | ImportFailedException e) {
            Files.deleteIfExists(out);
            Files.deleteIfExists(folder);
            throw e;
        }
        return out;
    }
}
