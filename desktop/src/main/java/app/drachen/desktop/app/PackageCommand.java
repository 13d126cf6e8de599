package app.drachen.desktop.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.spi.ToolProvider;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/**
 * Makes an application with its own runtime. It is started once, which proves it and warms its archive of classes; the
 * image that was there before goes only when the new one has shown its first window.
 */
@Command(
        name = "package",
        mixinStandardHelpOptions = true,
        description =
                "Make an application with its own runtime, menu entry and icon (wants a JDK, and binutils on Linux).")
final class PackageCommand implements Callable<Integer> {
    private static final String MODULES = "javafx.controls,java.sql,java.xml,java.desktop,java.management,java.logging,"
            + "jdk.unsupported,jdk.charsets";
    /**
     * Rubbish is collected beside the work, in pauses of a frame and in little room, and room goes back to the system when nothing is
     * done; the same as where the script starts it.
     */
    static final List<String> MEMORY = List.of(
            "-XX:+UseG1GC",
            "-XX:MaxGCPauseMillis=15",
            "-XX:GCTimeRatio=1",
            "-XX:-G1UseAdaptiveIHOP",
            "-XX:InitiatingHeapOccupancyPercent=25",
            "-Xms64m",
            "-XX:MetaspaceSize=96m",
            "-XX:G1PeriodicGCInterval=30000",
            "-XX:MinHeapFreeRatio=10",
            "-XX:MaxHeapFreeRatio=40");

    private static final String NAME = "Drachen";

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(arity = "0..1", paramLabel = "FOLDER", description = "where the folder Drachen is made")
    private Path into;

    @Override
    public Integer call() throws Exception {
        Path app = appFolder();
        Path target = (into == null ? app.resolveSibling("image") : into).toAbsolutePath();
        Path image = target.resolve(NAME);
        if (Files.exists(image) && !Files.exists(config(image))) {
            throw new IllegalArgumentException(image + " is there and is no image of Drachen; choose another folder.");
        }
        Path work = Files.createTempDirectory("drachen-package");
        try {
            Path made = build(app, work);
            prove(made, work);
            Files.createDirectories(target);
            delete(image);
            move(made, image);
        } finally {
            delete(work);
        }
        spec.commandLine()
                .getOut()
                .println("Packaged into " + image + " (" + megabytes(image)
                        + " MB). Start bin/Drachen there, or run add-to-menu once for a menu entry.");
        return Main.DONE;
    }

    /** The folder with the program as it was built; an image has none, and cannot package itself. */
    private static Path appFolder() {
        String folder = System.getProperty("drachen.app", "");
        if (folder.isEmpty() || !Files.exists(Path.of(folder, "drachen-desktop.jar"))) {
            throw new IllegalArgumentException("Only a built checkout can be packaged; run ./drachen package there.");
        }
        return Path.of(folder);
    }

    private static Path config(Path image) {
        return image.resolve("lib").resolve("app").resolve(NAME + ".cfg");
    }

    /** What jpackage is asked for. */
    static List<String> arguments(Path input, Path fx, Path icon, Path destination) {
        List<String> arguments = new ArrayList<>(
                List.of("--type", "app-image", "--name", NAME, "--app-version", Version.text(), "--description", NAME));
        arguments.addAll(List.of("--dest", destination.toString(), "--input", input.toString()));
        arguments.addAll(List.of("--main-jar", "drachen-desktop.jar", "--main-class", Main.class.getName()));
        arguments.addAll(List.of("--module-path", fx.toString(), "--add-modules", MODULES));
        arguments.addAll(List.of("--jlink-options", "--strip-debug --no-header-files --no-man-pages"));
        arguments.addAll(List.of("--icon", icon.toString()));
        List<String> options = new ArrayList<>(MEMORY);
        options.addAll(List.of(
                "-Xshare:auto",
                "-Xlog:disable",
                "-Djavafx.cachedir=$APPDIR/fx",
                "-XX:SharedArchiveFile=$APPDIR/drachen.jsa"));
        options.forEach(option -> arguments.addAll(List.of("--java-options", option)));
        return arguments;
    }

    private Path build(Path app, Path work) throws IOException {
        Path input = Files.createDirectory(work.resolve("input"));
        Path fx = Files.createDirectory(work.resolve("fx"));
        copy(app, input, p -> p.toString().endsWith(".jar"));
        // the plain JavaFX jars are empty; the platform's hold the modules
        copy(app.resolve("fx"), fx, p -> p.getFileName().toString().matches("javafx-.*-(linux|mac|win).*\\.jar"));
        Path icon = work.resolve("kite-256.png");
        try (var in = PackageCommand.class.getResourceAsStream("/app/drachen/desktop/theme/icons/kite-256.png")) {
            Files.copy(in, icon);
        }
        ToolProvider jpackage = ToolProvider.findFirst("jpackage")
                .orElseThrow(
                        () -> new IllegalArgumentException("Please install a JDK with jpackage (Java 17 or newer)."));
        PrintWriter err = spec.commandLine().getErr();
        err.println("Packaging Drachen");
        if (jpackage.run(err, err, arguments(input, fx, icon, work).toArray(new String[0])) != 0) {
            throw new IllegalArgumentException("jpackage failed; what it said stands above.");
        }
        Path made = work.resolve(NAME);
        Files.copy(app.resolve("THIRD-PARTY.txt"), made.resolve("THIRD-PARTY.txt"));
        Path checkout = app.resolve("..").resolve("..").resolve("..").normalize();
        Files.copy(checkout.resolve("LICENSE"), made.resolve("LICENSE"));
        Path extras = checkout.resolve("desktop").resolve("src").resolve("package");
        copy(extras, made, p -> true);
        made.resolve("add-to-menu").toFile().setExecutable(true);
        return made;
    }

    /** Starts the image once: its archive of classes is written when the window closes. */
    private static void prove(Path image, Path work) throws IOException, InterruptedException {
        run(work, List.of(image.resolve("lib/runtime/bin/java").toString(), "-Xshare:dump"));
        Path config = config(image);
        String text = Files.readString(config, StandardCharsets.UTF_8);
        Files.writeString(config, text.replace("-XX:SharedArchiveFile=", "-XX:ArchiveClassesAtExit="));
        Path picture = work.resolve("first.png");
        run(
                work,
                List.of(
                        image.resolve("bin").resolve(NAME).toString(),
                        "open",
                        "--timed",
                        "--picture",
                        picture.toString()));
        Files.writeString(config, text);
        if (!Files.exists(picture)) {
            throw new IllegalArgumentException("The image was built and does not start; nothing was changed.");
        }
    }

    private static void run(Path work, List<String> command) throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.redirectOutput(ProcessBuilder.Redirect.DISCARD);
        builder.environment().put("XDG_DATA_HOME", work.resolve("data").toString());
        builder.environment().put("XDG_STATE_HOME", work.resolve("state").toString());
        Process process = builder.start();
        if (!process.waitFor(90, TimeUnit.SECONDS)) {
            process.destroyForcibly();
        }
    }

    private static void copy(Path from, Path to, java.util.function.Predicate<Path> which) throws IOException {
        try (Stream<Path> files = Files.list(from)) {
            for (Path file : files.filter(Files::isRegularFile).filter(which).toList()) {
                Files.copy(file, to.resolve(file.getFileName().toString()), StandardCopyOption.REPLACE_EXISTING);
            }
        }
    }

    /** Moves a folder, also onto another disk. */
    private static void move(Path from, Path to) throws IOException {
        try (Stream<Path> files = Files.walk(from)) {
            for (Path file : files.toList()) {
                Path there = to.resolve(from.relativize(file).toString());
                if (Files.isDirectory(file)) {
                    Files.createDirectories(there);
                } else {
                    Files.copy(file, there, StandardCopyOption.COPY_ATTRIBUTES);
                }
            }
        }
    }

    private static void delete(Path folder) throws IOException {
        if (Files.exists(folder)) {
            try (Stream<Path> files = Files.walk(folder)) {
                for (Path file : files.sorted(Comparator.reverseOrder()).collect(Collectors.toList())) {
                    Files.delete(file);
                }
            }
        }
    }

    private static long megabytes(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(Files::isRegularFile)
                            .mapToLong(f -> f.toFile().length())
                            .sum()
                    / 1_000_000;
        }
    }
}
