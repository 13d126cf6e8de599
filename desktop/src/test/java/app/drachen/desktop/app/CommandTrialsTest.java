package app.drachen.desktop.app;

import static app.drachen.desktop.trials.TrialsTest.SEED;
import static app.drachen.desktop.trials.TrialsTest.judge;
import static app.drachen.desktop.trials.TrialsTest.times;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.stages.Calculations;
import app.drachen.desktop.trials.Mutations;
import app.drachen.desktop.trials.Tally;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.json.SetupJson;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.RandomAccessFile;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Odd commands on odd files: each ends in time with code 0, 1 or 2 and says what is wrong in one sentence; nothing is lost. */
class CommandTrialsTest {
    private static final int PATIENCE_SECONDS = 180;

    @TempDir
    Path folder;

    private final List<String> inputs = new ArrayList<>();

    private Path make(String name, byte[] content) throws IOException {
        inputs.add(name);
        return Files.write(folder.resolve(name), content);
    }

    private void make(String name, String content) throws IOException {
        make(name, content.getBytes(StandardCharsets.UTF_8));
    }

    /** Things in place of files. */
    private void lay() throws Exception {
        String setup = SetupJson.write(DemoAircraft.rochen());
        make("rochen.json", setup);
        make("bank.json", SetupJson.write(DemoAircraft.rochenOnTheBench()));
        make("mark.json", "\uFEFF" + setup);
        make("wide.json", setup.getBytes(StandardCharsets.UTF_16));
        make("hollow.json", "{\"format\":\"drachen-setup\",\"version\":2,\"setup\":null}");
        make("bare.json", "{\"format\":\"drachen-setup\",\"version\":2}");
        make("version.json", setup.replaceFirst("\"version\" : 4", "\"version\" : -5"));
        make("deep.json", "[".repeat(200_000));
        make("digits.json", setup.replaceFirst("\"mass\" : [0-9.]+", "\"mass\" : 0." + "1".repeat(100_000)));
        make("power.json", setup.replaceFirst("\"mass\" : [0-9.]+", "\"mass\" : 1e999999999"));
        make("heavy.json", setup.replaceAll("\"mass\" : [0-9.]+", "\"mass\" : 50"));
        make("light.json", setup.replaceAll("\"mass\" : [0-9.]+", "\"mass\" : 0.0001"));
        make("thin.json", setup.replaceAll("Chord\" : [0-9.]+", "Chord\" : 0.02"));
        make("far.json", setup.replaceAll("\"aft\" : [0-9.]+", "\"aft\" : 5"));
        make("empty.json", "");
        make("log.csv", table(400));
        make("short.csv", "time [s],height [m]");
        make("late.csv", late());
        make("many.csv", columns(5_000));
        make("zeros.csv", "time [s],height [m]\n" + "1,2\n2,3\n" + "\0".repeat(50_000));
        make("quote.csv", "time [s],height [m]\n1,2\n2,\"3\n" + "3,4\n".repeat(20_000));
        make("line.csv", "time [s],height [m]\n1,2\n2," + "9".repeat(2_000_000) + "\n3,4\n");
        make(
                "sentences.nmea",
                "$GPGGA,120000,5430.00,N,00800.00,E,1,08,1.0,10,M,,M,,*00\n$GPGGA," + "9".repeat(500_000));
        make("track.gpx", "<?xml version=\"1.0\"?><!DOCTYPE gpx [<!ENTITY a \"b\">]><gpx>&a;</gpx>");
        make("notes.txt", "precious notes");
        make("precious.json", "precious");
        try (RandomAccessFile sparse =
                new RandomAccessFile(folder.resolve("sparse.csv").toFile(), "rw")) {
            sparse.writeBytes(table(50));
            sparse.setLength(80_000_000);
        }
        inputs.add("sparse.csv");
        try (Hangar hangar = Hangar.open(folder.resolve("good.drachen"))) {
            hangar.add(DemoAircraft.rochen(), "first", 0);
        }
        make("text.drachen", "this is a text and no hangar".repeat(50));
        make("nothing.drachen", "");
        Files.createDirectory(folder.resolve("folder.drachen"));
        Files.createSymbolicLink(folder.resolve("loop.csv"), folder.resolve("loop.csv"));
        Files.createSymbolicLink(folder.resolve("gone.drachen"), folder.resolve("not there"));
        if (new ProcessBuilder("mkfifo", folder.resolve("pipe.csv").toString())
                        .start()
                        .waitFor()
                == 0) {
            inputs.add("pipe.csv");
        }
        inputs.addAll(List.of(
                "good.drachen", "folder.drachen", "loop.csv", "gone.drachen", "not there.json", "no/such/place.json"));
        inputs.add("x".repeat(300) + ".json");
    }

    private static String table(int rows) {
        StringBuilder text = new StringBuilder("time [s],height [m],mode\n");
        for (int i = 0; i < rows; i++) {
            text.append(i * 0.1).append(',').append(i % 40).append(",Manual\n");
        }
        return text.toString();
    }

    /** A column that is known only after a hundred thousand rows. */
    private static String late() {
        StringBuilder text = new StringBuilder("time [s],height [m],mode\n");
        for (int i = 0; i < 100_000; i++) {
            text.append(i).append(",1,\n");
        }
        return text.append("100001,1,Level\n100002,2,Level\n").toString();
    }

    private static String columns(int many) {
        StringBuilder text = new StringBuilder("time [s]");
        for (int i = 0; i < many; i++) {
            text.append(",height ").append(i);
        }
        for (int row = 0; row < 20; row++) {
            text.append('\n').append(row).append(",1".repeat(many));
        }
        return text.toString();
    }

    private List<String> command(Mutations mutations, int number) {
        String in = file(inputs.get(number % inputs.size()));
        String other = file(inputs.get(mutations.random().nextInt(inputs.size())));
        String out = mutations.random().nextInt(3) == 0 ? other : file("out-" + number + ending(mutations));
        String odd = mutations.odd().replace("\0", "0");
        return switch (number / inputs.size() % 17) {
            case 0 -> List.of("clearance", in);
            case 1 -> List.of("debrief", in);
            case 2 -> List.of("convert", in, out);
            case 3 -> List.of("export", "Rochen", out, "--hangar", in);
            case 4 -> List.of("import", in, "--hangar", file("into.drachen"));
            case 5 -> List.of("import", in, "--hangar", file("into.drachen"), "--aircraft", "Rochen");
            case 6 -> List.of("report", "balance", in, out);
            case 7 -> List.of("feel", in);
            case 8 -> List.of("rehearse", in, "--wind", "3@250", "--card", "first-flight");
            case 9 -> List.of("rehearse", file("rochen.json"), "--wind", odd);
            case 10 -> List.of("rehearse", file("rochen.json"), "--fault", odd, "--times", odd);
            case 11 -> List.of("calc", calculation(mutations), odd, odd + "=" + odd);
            case 12 -> List.of("export", odd, out, "--hangar", file("good.drachen"), "--flight", odd);
            case 13 -> List.of("convert", in, out, "--force");
            case 14 -> List.of("report", odd, file("rochen.json"), out, "--log", in);
            case 15 -> List.of("import", in, "--hangar", other);
            default -> List.of(odd, in, "--" + odd);
        };
    }

    private String file(String name) {
        return folder.resolve(name).toString();
    }

    private static String calculation(Mutations mutations) {
        return Calculations.all()
                .get(mutations.random().nextInt(Calculations.all().size()))
                .id();
    }

    private static String ending(Mutations mutations) {
        return List.of(".csv", ".gpx", ".kml", ".geojson", ".json", ".pdf", "")
                .get(mutations.random().nextInt(7));
    }

    /** What may not change, with its first bytes and length. */
    private Map<String, Integer> precious() throws IOException {
        Map<String, Integer> found = new TreeMap<>();
        for (String name : List.of("rochen.json", "bank.json", "log.csv", "late.csv", "many.csv", "text.drachen")) {
            found.put(name, Arrays.hashCode(Files.readAllBytes(folder.resolve(name))));
        }
        return found;
    }

    @Test
    void oddCommandsEndInASentenceAndLoseNothing() throws Exception {
        lay();
        Tally tally = new Tally("commands", SEED, Tally.KEPT);
        Mutations mutations = new Mutations(SEED);
        Map<String, Integer> before = precious();
        for (int i = 0; i < times(150, 2_000); i++) {
            List<String> words = command(mutations, times(7, 1) * i);
            byte[] input = String.join(" | ", words).getBytes(StandardCharsets.UTF_8);
            boolean force = words.contains("--force");
            tally.run(input, e -> false, () -> run(words, tally, input));
            Map<String, Integer> now = precious();
            if (!now.equals(before)) {
                if (!force || !now.get("text.drachen").equals(before.get("text.drachen"))) {
                    now.entrySet().removeIf(e -> e.getValue().equals(before.get(e.getKey())));
                }
                if (!force) {
                    tally.fault("something precious is gone: " + now.keySet(), input);
                }
                before.putAll(precious());
            }
        }
        try (Hangar hangar = Hangar.open(folder.resolve("good.drachen"))) {
            if (!hangar.troubles().isEmpty() || hangar.aircraft().isEmpty()) {
                tally.fault("the good hangar is damaged", new byte[0]);
            }
        }
        try (var left = Files.list(folder)) {
            left.filter(p -> p.toString().endsWith(".new") || p.toString().endsWith(".lock"))
                    .forEach(p -> tally.fault("left behind: " + p.getFileName(), new byte[0]));
        }
        judge(tally);
    }

    private static void run(List<String> words, Tally tally, byte[] input) throws Exception {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        CompletableFuture<Integer> code = CompletableFuture.supplyAsync(() -> Main.command()
                .setOut(new PrintWriter(out, true))
                .setErr(new PrintWriter(err, true))
                .execute(words.toArray(new String[0])));
        int ended;
        try {
            ended = code.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (TimeoutException e) {
            tally.fault("hangs: " + words.get(0), input);
            return;
        }
        if (ended < 0 || ended > 2) {
            tally.fault("ends with code " + ended, input);
        }
        if (err.toString().contains("\tat ")) {
            tally.fault("shows a trace: " + err.toString().lines().findFirst().orElse(""), input);
            return;
        }
        for (String line : err.toString().lines().toList()) {
            if (line.startsWith("drachen: ")) {
                tally.sentence(withoutTyped(line, words), input);
            } else if (!line.startsWith("Try: ")) {
                tally.fault("says on the error output: " + line, input);
            }
        }
        if (ended == 2 && err.toString().isEmpty()) {
            tally.fault("refuses without a word", input);
        }
    }

    /** What the user typed himself may stand in a sentence. */
    private static String withoutTyped(String line, List<String> words) {
        String said = line;
        for (String word : words) {
            said = word.isBlank() ? said : said.replace(word, "…");
        }
        return said.replaceAll("'[^']*'", "…");
    }
}
