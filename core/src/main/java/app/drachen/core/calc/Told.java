package app.drachen.core.calc;

import app.drachen.core.setup.Setup;
import app.drachen.core.working.Source;
import java.util.Map;
import java.util.function.Function;

/**
 * An answer in words: it takes a whole aircraft and has no number of its own.
 *
 * @param id as in the catalogue, such as {@code MODES-A9}
 * @param title what it answers
 * @param source where it comes from
 * @param of the answers, in order, by what each is about
 */
public record Told(String id, String title, Source source, Function<Setup, Map<String, String>> of) {}
