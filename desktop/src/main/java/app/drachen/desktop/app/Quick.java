package app.drachen.desktop.app;

import app.drachen.desk.work.Foreseen;
import java.io.OutputStreamWriter;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.Charset;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.Callable;

/**
 * The plain forms of the commands that scripts ask for again and again, read without the library of the command line, whose start
 * takes longer than the answer. Whatever is not plain (help, an option that is not named here, too few words) is left to the library,
 * which reads it from the beginning: it alone says what is wrong with a command line.
 */
final class Quick {
    private Quick() {}

    /**
     * Answers, if it can.
     *
     * @param out where to
     * @param err where a sentence about bad input goes
     * @return the exit code; empty if the library is to read the arguments
     */
    static OptionalInt run(String[] arguments, PrintStream out, PrintStream err) throws Exception {
        Optional<String> name = start(arguments);
        if (name.isPresent()) {
            Optional<Path> file = name.get().endsWith(Main.HANGAR) ? path(name.get()) : Optional.empty();
            String by = file.isPresent() ? "open" : name.get();
            return told(err, () -> OptionalInt.of(Main.inFolders(() -> OpenCommand.plain(by, file, false))));
        }
        if (arguments.length < 2) {
            return OptionalInt.empty();
        }
        if (arguments[0].equals(ClassArchive.COMMAND)) {
            ClassArchive.touch(Path.of(arguments[1]));
            return OptionalInt.of(Main.DONE);
        }
        Set<String> switches = new HashSet<>();
        List<String> words = new ArrayList<>();
        Optional<Path> setup = Optional.empty();
        boolean sum = arguments[0].equals("calc");
        boolean opens = arguments[0].equals("open");
        for (int i = 1; i < arguments.length; i++) {
            String word = arguments[i];
            if (word.equals("--json") || sum && word.equals("--imperial") || opens && word.equals("--timed")) {
                if (!switches.add(word)) {
                    return OptionalInt.empty();
                }
            } else if (sum && word.equals("--setup") && setup.isEmpty() && i + 1 < arguments.length) {
                setup = path(arguments[++i]);
                if (setup.isEmpty()) {
                    return OptionalInt.empty();
                }
            } else if (word.isEmpty() || "-@\"'".indexOf(word.charAt(0)) >= 0) {
                return OptionalInt.empty();
            } else {
                words.add(word);
            }
        }
        PrintWriter to = new PrintWriter(new OutputStreamWriter(out, charset()), true);
        Optional<Path> of = setup;
        try {
            return told(err, () -> answer(arguments[0], words, switches, of, to));
        } finally {
            to.flush();
        }
    }

    /** What a start without more words opens: a name of the command, or a hangar; nothing where something else is asked for. */
    private static Optional<String> start(String[] arguments) {
        if (arguments.length == 0 && Main.isImage()) {
            return Optional.of("open");
        }
        boolean window = arguments.length == 1
                && (arguments[0].equals("demo")
                        || arguments[0].equals("open")
                        || arguments[0].endsWith(Main.HANGAR) && !arguments[0].startsWith("-"));
        return window ? Optional.of(arguments[0]) : Optional.empty();
    }

    /** What is wrong with the input is one sentence. */
    private static OptionalInt told(PrintStream err, Callable<OptionalInt> command) throws Exception {
        try {
            return command.call();
        } catch (Exception e) {
            Optional<String> sentence = Foreseen.sentence(e);
            if (sentence.isEmpty()) {
                throw e;
            }
            new PrintWriter(new OutputStreamWriter(err, charset()), true)
                    .println("drachen: " + Main.oneLine(sentence.get()));
            return OptionalInt.of(Main.BAD_INPUT);
        }
    }

    private static OptionalInt answer(
            String command, List<String> words, Set<String> switches, Optional<Path> setup, PrintWriter to)
            throws Exception {
        Optional<Path> first = words.isEmpty() ? Optional.empty() : path(words.get(0));
        if (command.equals("calc") && !words.isEmpty()) {
            return OptionalInt.of(CalcCommand.plain(words.get(0), words.subList(1, words.size()), switches, setup, to));
        }
        if (command.equals("clearance") && words.size() == 1 && first.isPresent()) {
            return OptionalInt.of(ClearanceCommand.plain(first.get(), switches.contains("--json"), to));
        }
        if (command.equals("convert") && words.size() == 2 && switches.isEmpty() && first.isPresent()) {
            Optional<Path> second = path(words.get(1));
            if (second.isPresent()) {
                return OptionalInt.of(ConvertCommand.plain(first.get(), second.get(), to));
            }
        }
        if (command.equals("open") && words.size() == 1 && !switches.contains("--json") && first.isPresent()) {
            boolean timed = switches.contains("--timed");
            return OptionalInt.of(Main.inFolders(() -> OpenCommand.plain(command, first, timed)));
        }
        return OptionalInt.empty();
    }

    private static Optional<Path> path(String word) {
        try {
            return Optional.of(Path.of(word));
        } catch (InvalidPathException e) {
            return Optional.empty();
        }
    }

    /** The encoding of the terminal, as the library takes it. */
    private static Charset charset() {
        String told = System.getProperty("sun.stdout.encoding", System.getProperty("stdout.encoding", ""));
        return told.isEmpty() ? Charset.defaultCharset() : Charset.forName(told);
    }
}
