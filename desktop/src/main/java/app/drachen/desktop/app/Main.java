package app.drachen.desktop.app;

import app.drachen.desk.work.Foreseen;
import app.drachen.files.state.NativeFolder;
import app.drachen.files.state.ProgramLog;
import app.drachen.files.state.UserFolders;
import java.util.Optional;
import java.util.stream.Stream;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command {@code drachen}. Exit codes: 0 done, 1 a finding stops, 2 bad input. */
@Command(
        name = "drachen",
        mixinStandardHelpOptions = true,
        versionProvider = Version.class,
        description = "From a bare airframe to the first long-range mission: measures, reckons, rehearses.",
        footer = "Exit codes: 0 done, 1 a finding stops, 2 bad input.",
        subcommands = {
            OpenCommand.class,
            RehearseCommand.class,
            DebriefCommand.class,
            ClearanceCommand.class,
            CalcCommand.class,
            FeelCommand.class,
            PerformanceCommand.class,
            ExportCommand.class,
            FieldCommand.class,
            ImportCommand.class,
            ConvertCommand.class,
            ReportCommand.class,
            ShotsCommand.class,
            PackageCommand.class,
            StandInCommand.class,
            BenchCommand.class
        })
public final class Main implements Runnable {
    /** Nothing stops. */
    static final int DONE = 0;

    /** A finding stops. */
    static final int STOPS = 1;

    /** The input is bad. */
    static final int BAD_INPUT = 2;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    /** Starts. */
    public static void main(String[] arguments) {
        System.setProperty("java.awt.headless", "true");
        ProgramLog.hush();
        try {
            UserFolders.data();
            NativeFolder.under(UserFolders.state());
        } catch (IllegalArgumentException e) {
            System.err.println("drachen: " + e.getMessage());
            System.exit(BAD_INPUT);
        }
        System.exit(run(arguments));
    }

    /** Runs a command and tells its exit code; nothing opens the demo hangar of an image, a lone file opens it. */
    public static int run(String... arguments) {
        boolean image = System.getProperty("jpackage.app-path") != null;
        boolean bare = arguments.length == 0 && image;
        boolean file = arguments.length == 1 && arguments[0].endsWith(".drachen");
        if (bare || file) {
            return run(Stream.concat(Stream.of("open"), Stream.of(arguments)).toArray(String[]::new));
        }
        return command().execute(arguments);
    }

    /** The command line. */
    static CommandLine command() {
        return new CommandLine(new Main())
                .setExecutionExceptionHandler(Main::handled)
                .setParameterExceptionHandler(Main::misunderstood)
                .setCaseInsensitiveEnumValuesAllowed(true);
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
    private static String oneLine(String message) {
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
