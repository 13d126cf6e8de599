package app.drachen.desktop.trials;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import app.drachen.core.setup.Setup;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.Hangar;
import app.drachen.files.hangar.HangarException;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;

/** Other programs on the same hangar: killed while they write, or writing at the same time. */
final class Programs {
    private final Path folder;

    Programs(Path folder) {
        this.folder = folder;
    }

    private static void made(Path file) {
        try (Hangar hangar = Hangar.open(file)) {
            hangar.add(DemoAircraft.rochen(), "first", 0);
        }
    }

    /** The other program: {@code write FILE SEED TIMES}, {@code hold FILE}, or {@code add FILE NAME}. */
    public static void main(String[] arguments) throws IOException {
        Path file = Path.of(arguments[1]);
        try (Hangar hangar = Hangar.open(file)) {
            switch (arguments[0]) {
                case "write" -> write(hangar, Long.parseLong(arguments[2]), Integer.parseInt(arguments[3]));
                case "add" -> {
                    hangar.add(DemoAircraft.rochen().withName(arguments[2]), "added", 0);
                    System.out.println("added");
                }
                default -> {
                    System.out.println("held");
                    System.in.read();
                    hangar.add(DemoAircraft.rochen().withName("held"), "added", 0);
                }
            }
        } catch (HangarException e) {
            System.out.println("refused " + e.getMessage());
        }
    }

    private static void write(Hangar hangar, long seed, int times) {
        Random random = new Random(seed);
        long id = hangar.aircraft().get(0).id();
        Setup setup = DemoAircraft.rochen();
        System.out.println("ready");
        for (int i = 0; i < times; i++) {
            double mass = 0.02 + random.nextInt(100) * 0.001;
            switch (random.nextInt(20)) {
                case 0 -> System.out.println("flight "
                        + hangar.logbook()
                                .add(id, new FlightRecord(0, 1, i, true, "first-flight", "x"), log())
                                .number());
                case 1 -> {
                    hangar.album().note(id, "note " + i);
                    System.out.println("note " + i);
                }
                case 2 -> hangar.undo(id).ifPresent(r -> System.out.println("stands " + r.number()));
                case 3 -> hangar.redo(id).ifPresent(r -> System.out.println("stands " + r.number()));
                case 4 -> {
                    try {
                        hangar.copyOfTheDay(LocalDate.of(2026, 1, 1 + random.nextInt(28)));
                    } catch (HangarException e) {
                        System.out.println("odd " + e.getMessage());
                    }
                }
                default -> System.out.println("revision "
                        + hangar.commit(id, setup.withPart("camera", p -> p.withMass(mass)), "edit " + i, i)
                                .number());
            }
        }
    }

    private static FlightLog log() {
        FlightLog.Builder log = new FlightLog.Builder(EnumSet.of(LogColumn.TIME, LogColumn.HEIGHT));
        for (int row = 0; row < 5_000; row++) {
            log.row(row * 0.02);
            log.put(LogColumn.HEIGHT, row * 31 % 997);
        }
        return log.build();
    }

    private static Process program(Object... arguments) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xshare:auto",
                "-Xlog:disable",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-cp",
                System.getProperty("java.class.path"),
                Programs.class.getName()));
        for (Object argument : arguments) {
            command.add(argument.toString());
        }
        return new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
    }

    /** SIGKILL at random moments, some while the hangar is being opened; what was acknowledged is there afterwards. */
    Tally kills(long seed, int times) throws Exception {
        Tally tally = new Tally("kills", seed, Tally.KEPT);
        Random random = new Random(seed);
        Path file = folder.resolve("killed.drachen");
        made(file);
        int acknowledged = 0;
        for (int i = 0; i < times; i++) {
            Process writer = program("write", file, seed + i, 1_000_000);
            boolean whileOpening = random.nextInt(5) == 0;
            int patience = random.nextInt(whileOpening ? 400 : 1_200);
            List<String> said = new ArrayList<>();
            try (BufferedReader in =
                    new BufferedReader(new InputStreamReader(writer.getInputStream(), StandardCharsets.UTF_8))) {
                if (!whileOpening) {
                    said.add(in.readLine());
                    // on a busy machine a moment is not enough for a write; mostly one is waited for
                    for (int more = random.nextInt(3); more > 0; more--) {
                        said.add(in.readLine());
                    }
                }
                boolean ended = writer.waitFor(patience, TimeUnit.MILLISECONDS);
                // the signal of the system's kill command leaves what was said to be read
                new ProcessBuilder("kill", "-9", String.valueOf(writer.pid()))
                        .start()
                        .waitFor();
                in.lines().forEach(said::add);
                if (ended) {
                    tally.fault("the writer ended by itself: " + said, new byte[0]);
                }
            }
            writer.waitFor();
            Map<String, String> last = new HashMap<>();
            for (String line : said) {
                String[] words = String.valueOf(line).split(" ", 2);
                if (words.length == 2 && !words[1].isBlank()) {
                    last.put(words[0], words[1]);
                    acknowledged++;
                }
            }
            byte[] input = said.toString().getBytes(StandardCharsets.UTF_8);
            tally.run(input, e -> false, () -> there(file, last, tally, input));
        }
        System.out.println("  acknowledged writes: " + acknowledged);
        if (acknowledged < times / 2) {
            tally.fault("too little was written to say anything", new byte[0]);
        }
        leftovers(tally, true);
        return tally;
    }

    private static void there(Path file, Map<String, String> last, Tally tally, byte[] input) {
        try (Hangar hangar = Hangar.open(file)) {
            long id = hangar.aircraft().get(0).id();
            if (last.containsKey("odd")) {
                tally.fault("the copy of the day: " + last.get("odd"), input);
            }
            if (hangar.latest(id) < Integer.parseInt(last.getOrDefault("revision", "0"))) {
                tally.fault("a revision is lost", input);
            }
            int flights = hangar.logbook().flights(id).size();
            if (flights < Integer.parseInt(last.getOrDefault("flight", "0"))) {
                tally.fault("a flight is lost", input);
            }
            int noted = Integer.parseInt("0" + hangar.album().notes(id).replaceAll("\\D", ""));
            if (noted < Integer.parseInt(last.getOrDefault("note", "0"))) {
                tally.fault("a note is lost", input);
            }
            if (flights > 0 && hangar.logbook().log(id, flights).isEmpty()) {
                tally.fault("a log is lost", input);
            }
            hangar.current(id);
        }
    }

    private void leftovers(Tally tally, boolean locks) throws IOException {
        try (var files = Files.list(folder)) {
            files.map(p -> p.getFileName().toString())
                    .filter(n -> n.endsWith(".new") || locks && n.endsWith(".lock"))
                    .forEach(n -> tally.fault("left behind: " + n, new byte[0]));
        }
    }

    /** One holds a hangar; others come by its name, by links, and many come at once. */
    Tally atOnce(long seed, int times) throws Exception {
        Tally tally = new Tally("at once", seed, Tally.KEPT);
        Path file = folder.resolve("held.drachen");
        made(file);
        Process holder = program("hold", file);
        try (BufferedReader in =
                new BufferedReader(new InputStreamReader(holder.getInputStream(), StandardCharsets.UTF_8))) {
            in.readLine();
            Path soft = Files.createSymbolicLink(folder.resolve("soft.drachen"), file);
            Path hard = Files.createLink(folder.resolve("hard.drachen"), file);
            for (Path name : List.of(file, soft, hard)) {
                try (Hangar second = Hangar.open(name)) {
                    tally.fault("a second writer gets in through " + name.getFileName(), new byte[0]);
                    tally.count(second.writable());
                } catch (HangarException e) {
                    tally.count(false);
                    tally.sentence(e.getMessage(), new byte[0]);
                }
            }
            try (Hangar reader = Hangar.openToRead(file)) {
                tally.count(reader.aircraft().size() == 1);
            }
            Files.delete(hard);
            holder.getOutputStream().write('\n');
            holder.getOutputStream().flush();
            holder.waitFor();
        }
        for (int i = 0; i < times; i++) {
            Path fresh = folder.resolve("many" + i + ".drachen");
            List<Process> many = new ArrayList<>();
            for (int n = 0; n < 4; n++) {
                many.add(program("add", fresh, "Number " + n));
            }
            int added = 0;
            for (Process one : many) {
                String said = new String(one.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
                one.waitFor();
                boolean in = said.equals("added");
                added += in ? 1 : 0;
                tally.count(in);
                if (!in && !said.startsWith("refused ")) {
                    tally.fault("ends with: " + said, new byte[0]);
                }
            }
            try (Hangar hangar = Hangar.open(fresh)) {
                if (hangar.aircraft().size() != added || added == 0) {
                    tally.fault(hangar.aircraft().size() + " aircraft, " + added + " acknowledged", new byte[0]);
                }
            }
        }
        leftovers(tally, true);
        return tally;
    }
}
