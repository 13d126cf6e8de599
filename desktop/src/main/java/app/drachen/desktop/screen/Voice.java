package app.drachen.desktop.screen;

import java.io.File;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;

/** Speaks by a speech program of the system, if one is there; one sentence at a time, and what comes meanwhile is shown only. */
public final class Voice {
    private static final List<String> PROGRAMS = List.of("espeak-ng", "espeak", "spd-say", "say");

    private final Optional<String> program;
    private final AtomicBoolean speaking = new AtomicBoolean();

    /** A voice that looks where programs are. */
    public Voice() {
        this(System.getenv("PATH") == null ? "" : System.getenv("PATH"));
    }

    /** A voice that looks for its program in the folders of a path. */
    Voice(String path) {
        program = PROGRAMS.stream()
                .flatMap(p -> List.of(path.split(File.pathSeparator)).stream()
                        .filter(f -> !f.isEmpty())
                        .map(f -> new File(f, p)))
                .filter(File::canExecute)
                .map(File::getPath)
                .findFirst();
    }

    /** Which program speaks; empty for none. */
    public Optional<String> program() {
        return program;
    }

    /** Speaks, if it can and does not speak already. */
    public void speak(String words) {
        if (program.isEmpty() || !speaking.compareAndSet(false, true)) {
            return;
        }
        Screen.apart(() -> {
            try {
                // words never begin with a dash, which a program would take for an option
                new ProcessBuilder(program.get(), words.replaceFirst("^-+", "minus "))
                        .redirectErrorStream(true)
                        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                        .start()
                        .waitFor();
            } catch (IOException e) {
                // the words are shown all the same
                return;
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            } finally {
                speaking.set(false);
            }
        });
    }
}
