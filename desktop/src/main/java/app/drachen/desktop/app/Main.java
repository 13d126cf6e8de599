package app.drachen.desktop.app;

import app.drachen.desk.work.Foreseen;
import app.drachen.files.state.NativeFolder;
import app.drachen.files.state.ProgramLog;
import app.drachen.files.state.UserFolders;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command {@code drachen}. Exit codes: 0 done, 1 a finding stops, 2 bad input. */
@Command(
        name = "drachen",
        mixinStandardHelpOptions = true,
        versionProvider = Main.Told.class,
        description = "From a bare airframe to the first long-range mission: measures, reckons, rehearses.",
        footer = "Exit codes: 0 done, 1 a finding stops, 2 bad input.")
public final class Main implements Runnable {
    /** How files of hangars end. */
    static final String HANGAR = ".drachen";

    /** Nothing stops. */
    static final int DONE = 0;

    /** A finding stops. */
    static final int STOPS = 1;

    /** The input is bad. */
    static final int BAD_INPUT = 2;

    /** Tells the version. */
    static final class Told implements CommandLine.IVersionProvider {
        @Override
        public String[] getVersion() {
            return new String[] {"Drachen " + Version.text()};
        }
    }

    /** The commands, in the order in which they are told. */
    private static final List<String> NAMES = List.of(
            "open",
            "rehearse",
            "debrief",
            "clearance",
            "calc",
            "feel",
            "performance",
            "export",
            "field",
            "import",
            "convert",
            "report",
            "shots",
            "package",
            "standin",
            "bench");

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    /** Starts. */
    public static void main(String[] arguments) {
        System.setProperty("java.awt.headless", "true");
        ProgramLog.hush();
        int code;
        try {
            OptionalInt quick = Quick.run(arguments, System.out, System.err);
            code = quick.isPresent() ? quick.getAsInt() : slow(arguments);
        } catch (Exception e) {
            e.printStackTrace();
            code = 1;
        }
        System.exit(code);
    }

    /** Runs what keeps something of its own in the user's folders, once they are known. */
    static int inFolders(Callable<Integer> command) throws Exception {
        UserFolders.data();
        NativeFolder.under(UserFolders.state());
        return command.call();
    }

    private static int slow(String[] arguments) throws Exception {
        try {
            return inFolders(() -> run(arguments));
        } catch (IllegalArgumentException e) {
            System.err.println("drachen: " + e.getMessage());
            return BAD_INPUT;
        }
    }

    /** Whether this is an application that was packaged, with a runtime of its own. */
    static boolean isImage() {
        return System.getProperty("jpackage.app-path") != null;
    }

    /** Runs a command and tells its exit code; nothing opens the demo hangar of an image, a lone file opens it. */
    public static int run(String... arguments) {
        boolean bare = arguments.length == 0 && isImage();
        boolean file = arguments.length == 1 && arguments[0].endsWith(HANGAR);
        if (bare || file) {
            return run(Stream.concat(Stream.of("open"), Stream.of(arguments)).toArray(String[]::new));
        }
        // only the command that is asked for is loaded: an answer is there in a fraction of the time
        String first = arguments.length == 0 ? "" : arguments[0].equals("demo") ? "open" : arguments[0];
        return command(NAMES.contains(first) ? List.of(first) : NAMES).execute(arguments);
    }

    /** The command line. */
    static CommandLine command() {
        return command(NAMES);
    }

    private static CommandLine command(List<String> names) {
        CommandLine line = new CommandLine(new Main());
        names.forEach(name -> line.addSubcommand(named(name)));
        return line.setExecutionExceptionHandler(Main::handled)
                .setParameterExceptionHandler(Main::misunderstood)
                .setCaseInsensitiveEnumValuesAllowed(true);
    }

    private static Object named(String name) {
        return switch (name) {
            case "open" -> new OpenCommand();
            case "rehearse" -> new RehearseCommand();
            case "debrief" -> new DebriefCommand();
            case "clearance" -> new ClearanceCommand();
            case "calc" -> new CalcCommand();
            case "feel" -> new FeelCommand();
            case "performance" -> new PerformanceCommand();
            case "export" -> new ExportCommand();
            case "field" -> new FieldCommand();
            case "import" -> new ImportCommand();
            case "convert" -> new ConvertCommand();
            case "report" -> new ReportCommand();
            case "shots" -> new ShotsCommand();
            case "package" -> new PackageCommand();
            case "standin" -> new StandInCommand();
            case "bench" -> new BenchCommand();
            default -> throw new IllegalArgumentException("no command " + name);
        };
    }

    private static int misunderstood(CommandLine.ParameterException e, String[] arguments) {
        String said = oneLine(String.valueOf(e.getMessage()))
                .replaceAll("is not an? (int|long|Integer)\\b", "is no whole number");
        e.getCommandLine().getErr().println("drachen: " + said);
        e.getCommandLine()
                .getErr()
                .println("Try: drachen "
                        + (e.getCommandLine().getParent() == null
                                ? ""
                                : e.getCommandLine().getCommandName() + " ")
                        + "--help");
        return BAD_INPUT;
    }

    /** One line, whatever signs the user has typed that a message quotes. */
    static String oneLine(String message) {
        return message.replaceAll("\\p{Cntrl}", "·");
    }

    private static int handled(Exception e, CommandLine command, CommandLine.ParseResult parsed) throws Exception {
        Optional<String> sentence = Foreseen.sentence(e);
        if (sentence.isPresent()) {
            command.getErr().println("drachen: " + oneLine(sentence.get()));
            return BAD_INPUT;
        }
        throw e;
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }
}
