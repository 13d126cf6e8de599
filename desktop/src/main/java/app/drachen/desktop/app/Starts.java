package app.drachen.desktop.app;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.files.hangar.Hangar;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** How long programs take to start: windows beside a plain window, commands beside a program that does nothing, in turns. */
final class Starts {
    private Starts() {}

    /** A program that does nothing. */
    public static final class Nothing {
        private Nothing() {}

        /** Does nothing. */
        public static void main(String[] arguments) {
            // that is all
        }
    }

    /** The first window of a hangar over a plain window of a label and a button. */
    static Map<String, Object> windows(Path hangar, int runs) throws Exception {
        try (Hangar h = Hangar.open(hangar)) {
            h.add(DemoAircraft.rochen(), "bench", Instant.now().getEpochSecond());
        }
        double[] own = new double[runs];
        double[] plain = new double[runs];
        for (int i = 0; i < runs; i++) {
            own[i] = firstWindow(Main.class.getName(), "open", hangar.toString(), "--timed");
            plain[i] = firstWindow(PlainApplication.class.getName());
        }
        return beside("firstWindow", own, "plainWindow", plain);
    }

    /** The commands that answer at once, as the script starts them, over a program that does nothing. */
    static Map<String, Object> commands(Path script, int runs) throws Exception {
        Path scratch = Files.createTempDirectory("drachen-bench");
        try {
            return commands(script, scratch, runs);
        } finally {
            try (Stream<Path> left = Files.walk(scratch)) {
                left.sorted(Comparator.reverseOrder()).forEach(p -> p.toFile().delete());
            }
        }
    }

    private static Map<String, Object> commands(Path script, Path scratch, int runs) throws Exception {
        ClassArchive.touch(scratch);
        String setup = scratch.resolve("setup.json").toString();
        String log = scratch.resolve("log.csv").toString();
        Path out = scratch.resolve("converted.csv");
        Map<String, List<String>> lines = new LinkedHashMap<>();
        lines.put("calc", List.of("calc", "MODES-A4", "speed=15", "bank=35deg"));
        lines.put("clearance", List.of("clearance", setup));
        lines.put("convert", List.of("convert", log, out.toString()));
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        List<String> nothing = List.of(java, "-cp", System.getProperty("java.class.path"), Nothing.class.getName());
        Map<String, Object> figures = new LinkedHashMap<>();
        for (Map.Entry<String, List<String>> line : lines.entrySet()) {
            List<String> command = new ArrayList<>(List.of(script.toString()));
            command.addAll(line.getValue());
            double[] own = new double[runs];
            double[] empty = new double[runs];
            for (int i = -1; i < runs; i++) {
                Files.deleteIfExists(out);
                double took = run(command);
                double least = run(nothing);
                if (i >= 0) {
                    own[i] = took;
                    empty[i] = least;
                }
            }
            figures.put(line.getKey(), beside(line.getKey(), own, "emptyProgram", empty));
        }
        return figures;
    }

    private static Map<String, Object> beside(String name, double[] own, String other, double[] theirs) {
        double[] ratio = new double[own.length];
        for (int i = 0; i < ratio.length; i++) {
            ratio[i] = own[i] / theirs[i];
        }
        Map<String, Object> figures = new LinkedHashMap<>();
        figures.put(name + "MillisMedian", median(own));
        figures.put(other + "MillisMedian", median(theirs));
        figures.put("ratioMedian", median(ratio));
        return figures;
    }

    /** The middle one, with two decimals. */
    static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return Math.round(sorted[sorted.length / 2] * 100) / 100.0;
    }

    private static double run(List<String> command) throws Exception {
        long start = System.nanoTime();
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        process.waitFor();
        return (System.nanoTime() - start) / 1e6;
    }

    /** This program, started anew with the same machine options. */
    static Process started(String mainClass, String... arguments) throws IOException {
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        ManagementFactory.getRuntimeMXBean().getInputArguments().stream()
                .filter(a -> a.startsWith("--") || a.startsWith("-X") || a.startsWith("-D"))
                .forEach(command::add);
        if (System.getProperty("jdk.module.path") != null) {
            command.addAll(List.of("--module-path", System.getProperty("jdk.module.path")));
            command.addAll(List.of("--add-modules", "javafx.controls"));
        }
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), mainClass));
        command.addAll(Arrays.asList(arguments));
        return new ProcessBuilder(command).redirectErrorStream(true).start();
    }

    /** Starts this program anew and takes the time until its window stands. */
    private static double firstWindow(String mainClass, String... arguments) throws Exception {
        long start = System.currentTimeMillis();
        Process process = started(mainClass, arguments);
        double millis = Double.NaN;
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                if (line.startsWith("first window ")) {
                    millis = Long.parseLong(line.substring(13).strip()) - start;
                }
            }
        }
        process.waitFor();
        return millis;
    }
}
