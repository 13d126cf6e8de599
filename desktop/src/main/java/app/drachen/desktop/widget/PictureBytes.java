package app.drachen.desktop.widget;

import app.drachen.files.ImportFailedException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.image.Image;

/** Pictures for an album. */
public final class PictureBytes {
    private static final long LARGEST = 12_000_000;

    private PictureBytes() {}

    /**
     * The bytes of a picture that can be shown.
     *
     * @throws ImportFailedException in one sentence if it is none
     */
    public static byte[] read(Path file) throws ImportFailedException {
        try {
            byte[] bytes = Files.size(file) > LARGEST ? new byte[0] : Files.readAllBytes(file);
            if (bytes.length == 0 || new Image(new ByteArrayInputStream(bytes)).isError()) {
                throw new ImportFailedException(
                        file, "", "this is no picture or larger than 12 MB; choose a PNG or JPEG below that");
            }
            return bytes;
        } catch (IOException e) {
            throw new ImportFailedException(file, "", "cannot be read (" + e.getMessage() + ")");
        }
    }
}
