package app.drachen.desktop.widget;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks the pilot for files. */
public interface Dialogs {
    /**
     * Which files to read.
     *
     * @param title what for
     * @param endings such as {@code .csv}; empty for any
     * @return the files, none if the pilot gave up
     */
    List<Path> open(String title, List<String> endings);

    /**
     * Which file to write.
     *
     * @param title what for
     * @param suggestion a name
     * @param endings that are understood, the first for a name without one
     */
    Optional<Path> save(String title, String suggestion, List<String> endings);
}
