package app.drachen.files;

import java.util.List;

/**
 * What a reader made of a file, and everything it repaired or left out.
 *
 * @param value the result
 * @param problems in the order of the file
 */
public record Imported<T>(T value, List<ImportProblem> problems) {
    public Imported {
        problems = List.copyOf(problems);
    }
}
