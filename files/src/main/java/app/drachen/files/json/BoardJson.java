package app.drachen.files.json;

import app.drachen.core.harness.Board;
import app.drachen.files.ImportFailedException;
import app.drachen.files.NewFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Reads and writes a board profile as a JSON document of its own, to be passed on. */
public final class BoardJson {
    /** What the document says it is. */
    public static final String FORMAT = "drachen-board";

    private static final int VERSION = 1;
    private static final long LARGEST = 1_000_000;

    private BoardJson() {}

    /** The document around a board. */
    record Document(String format, int version, Board board) {}

    /** Writes a board into a file, by way of a new file beside it, so that a failure loses nothing. */
    public static void write(Board board, Path file) throws IOException {
        String text = SetupJson.toText(new Document(FORMAT, VERSION, board));
        NewFile.write(file, fresh -> Files.writeString(fresh, text + "\n"));
    }

    /**
     * Reads a board.
     *
     * @throws ImportFailedException with file, place and remedy
     */
    public static Board read(Path file) throws ImportFailedException {
        String text;
        try {
            if (!Files.isRegularFile(file)) {
                throw new ImportFailedException(file, "", "there is no such file; check the name");
            }
            if (Files.size(file) > LARGEST) {
                throw new ImportFailedException(file, "", "too large for a board; choose a profile that Drachen wrote");
            }
            text = Files.readString(file);
        } catch (IOException e) {
            throw new ImportFailedException(file, "", "this is no text in UTF-8 that can be read; choose another file");
        }
        Document document = SetupJson.fromText(text, Document.class, file);
        if (!FORMAT.equals(document.format())) {
            throw new ImportFailedException(
                    file, "format", "this is no board profile; choose one whose format is \u201c" + FORMAT + "\u201d");
        }
        if (document.version() > VERSION) {
            throw new ImportFailedException(
                    file, "version " + document.version(), "written by a newer Drachen; update this one");
        }
        return document.board();
    }
}
