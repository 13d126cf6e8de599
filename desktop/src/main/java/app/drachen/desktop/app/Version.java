package app.drachen.desktop.app;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Properties;

/** The version of the program, which only the build knows. */
public final class Version {
    private Version() {}

    /** Such as "0.1.0". */
    static String text() {
        try (InputStream in = Version.class.getResourceAsStream("version.properties")) {
            Properties properties = new Properties();
            properties.load(in);
            return properties.getProperty("version");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
