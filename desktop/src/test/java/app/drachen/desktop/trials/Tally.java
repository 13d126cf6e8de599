package app.drachen.desktop.trials;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;

/**
 * What a trial found: how often it tried, what was taken, what was refused with a sentence, and all that may not happen,
 * each kind with one input to try it again.
 */
public final class Tally {
    /** Where inputs that made a fault are kept. */
    public static final Path KEPT = Path.of("target", "trials");

    /** Longer than this is a hang [s]; while everything is tested at once, machines stand still for half a minute. */
    public static final long HANG = Boolean.getBoolean("drachen.trials") ? 10 : 180;

    private final String name;
    private final long seed;
    private final Path folder;
    private final Map<String, Integer> faults = new TreeMap<>();
    private final long begun = System.nanoTime();
    private int tried;
    private int taken;
    private int refused;
    private double slowest;

    public Tally(String name, long seed, Path folder) {
        this.name = name;
        this.seed = seed;
        this.folder = folder;
    }

    /** One thing to try; throws what it likes. */
    public interface Try {
        void run() throws Exception;
    }

    /** Whether an exception is a refusal that a program may make. */
    public interface Refusal {
        boolean is(Throwable e);
    }

    /** Tries; anything but an end in good time or a refusal in one sentence is a fault. */
    public void run(byte[] input, Refusal refusal, Try what) {
        tried++;
        long start = System.nanoTime();
        try {
            what.run();
            taken++;
        } catch (Exception | StackOverflowError | OutOfMemoryError e) {
            if (refusal.is(e)) {
                refused++;
                sentence(e.getMessage(), input);
            } else {
                fault(
                        e.getClass().getSimpleName() + " " + where(e) + " " + shape(String.valueOf(e.getMessage())),
                        input);
            }
        }
        double seconds = (System.nanoTime() - start) / 1e9;
        slowest = Math.max(slowest, seconds);
        if (seconds > HANG) {
            fault("takes longer than " + HANG + " s", input);
        }
    }

    /** A sentence that a user reads: one line, not endless, none of the program's own words. */
    public void sentence(String message, byte[] input) {
        // what is quoted is the user's own, and so are names of his that end in x in these trials
        String said = message == null
                ? null
                : message.replaceAll("(?s)\u201c.*?\u201d|\\S+x \u203a|\u203a \\S*x:|\\S+x:", "…");
        if (said == null || said.isBlank()) {
            fault("says nothing", input);
        } else if (said.contains("\n") || said.length() > 600) {
            fault("says more than one sentence: " + shape(said), input);
        } else if (said.matches("(?s).*(java\\.|app\\.drachen|Exception|\\bnull\\b|`|JsonToken|NaN|Infinity).*")) {
            fault("says a word of the program: " + shape(said), input);
        }
    }

    /** Something that may not happen. */
    public void fault(String kind, byte[] input) {
        if (faults.merge(kind, 1, Integer::sum) == 1) {
            try {
                Path kept = folder.resolve(name + "-" + faults.size() + ".bin");
                Files.createDirectories(folder);
                Files.write(kept, input);
                System.out.println("  fault in " + name + ": " + kind + " (" + kept + ")");
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** Counts something that was tried outside of {@link #run}. */
    public void count(boolean accepted) {
        tried++;
        taken += accepted ? 1 : 0;
        refused += accepted ? 0 : 1;
    }

    public static String where(Throwable e) {
        for (StackTraceElement at : e.getStackTrace()) {
            if (at.getClassName().startsWith("app.drachen")
                    && !at.getClassName().contains(".trials.")) {
                return at.getFileName() + ":" + at.getLineNumber();
            }
        }
        return e.getStackTrace().length == 0 ? "?" : Objects.toString(e.getStackTrace()[0]);
    }

    private static String shape(String message) {
        String one = message.replace("\n", " ").replaceAll("[0-9]+([.,][0-9]+)?", "#");
        return one.length() > 160 ? one.substring(0, 160) : one;
    }

    public int faults() {
        return faults.values().stream().mapToInt(Integer::intValue).sum();
    }

    public int tried() {
        return tried;
    }

    /** The figures in one line, then the faults. */
    public String figures() {
        StringBuilder text = new StringBuilder(String.format(
                Locale.ROOT,
                "%-12s seed %d: %,d tried, %,d taken, %,d refused in a sentence, %d faults; slowest %.1f s, %.0f s in all",
                name,
                seed,
                tried,
                taken,
                refused,
                faults(),
                slowest,
                (System.nanoTime() - begun) / 1e9));
        faults.forEach((kind, times) ->
                text.append("\n    ").append(times).append(" × ").append(kind));
        return text.toString();
    }
}
