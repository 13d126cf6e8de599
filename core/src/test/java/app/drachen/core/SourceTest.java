package app.drachen.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Habits that only the source shows. */
class SourceTest {
    private static final Path MAIN = Path.of("src/main/java");
    private static final Pattern RECORD = Pattern.compile(
            "(/\\*\\*(?:(?!\\*/).)*?\\*/\\s*)?(?:public |private )?record (\\w+)\\(([^)]*)\\)", Pattern.DOTALL);

    private static List<Path> sources() throws IOException {
        try (Stream<Path> files = Files.walk(MAIN)) {
            return files.filter(f -> f.toString().endsWith(".java")).toList();
        }
    }

    @Test
    void everyDoubleOfARecordTellsItsUnit() throws IOException {
        List<String> silent = new ArrayList<>();
        for (Path file : sources()) {
            Matcher record = RECORD.matcher(Files.readString(file));
            while (record.find()) {
                String doc = record.group(1) == null ? "" : record.group(1).replaceAll("\\s*\\n\\s*\\*\\s?", " ");
                for (String component : record.group(3).split(",")) {
                    String[] words = component.strip().split("\\s+");
                    if (words.length == 2 && words[0].equals("double")) {
                        Pattern told = Pattern.compile("@param " + words[1] + " [^@]*\\[[^]]+]");
                        if (!told.matcher(doc).find()) {
                            silent.add(record.group(2) + "." + words[1]);
                        }
                    }
                }
            }
        }
        assertEquals(List.of(), silent);
    }

    private static final Pattern METHOD = Pattern.compile(
            "(/\\*\\*(?:(?!\\*/).)*\\*/)?\\s*((?:@\\w+(?:\\([^)]*\\))?\\s*)*)public (?:(?:static|final|abstract) )*"
                    + "(?:<[^>]+> )?([\\w.<>\\[\\], ?]+?) (\\w+)\\(([^)]*)\\)",
            Pattern.DOTALL);

    /** Parameters and returns too; a unit in the sentence itself counts, as for a method of one number. */
    @Test
    void everyPublicDoubleTellsItsUnit() throws IOException {
        List<String> silent = new ArrayList<>();
        for (Path file : sources()) {
            Matcher method = METHOD.matcher(Files.readString(file));
            while (method.find()) {
                String doc = method.group(1) == null ? "" : method.group(1).replaceAll("\\s*\\n\\s*\\*\\s?", " ");
                List<String> numbers = new ArrayList<>();
                if (method.group(3).strip().matches("double(\\[])?|Optional<Double>|OptionalDouble")) {
                    numbers.add("@return ");
                }
                for (String parameter : method.group(5).split(",")) {
                    String[] words = parameter.strip().split("\\s+");
                    if (words.length == 2 && words[0].matches("double(\\[]|\\.\\.\\.)?")) {
                        numbers.add("@param " + words[1] + " ");
                    }
                }
                boolean inherits = method.group(2).contains("@Override");
                for (String number : inherits ? List.<String>of() : numbers) {
                    boolean told = doc.split("@")[0].matches(".*\\[[^]]+].*")
                            || Pattern.compile(number + "[^@]*\\[[^]]+]")
                                    .matcher(doc)
                                    .find();
                    if (!told) {
                        silent.add(file.getFileName() + " " + method.group(4) + ": " + number);
                    }
                }
            }
        }
        assertEquals(List.of(), silent);
    }

    @Test
    void modelsNameTheirSource() throws IOException {
        List<String> silent = new ArrayList<>();
        for (String type : List.of(
                "air/Atmosphere",
                "air/Field",
                "airframe/Planform",
                "airframe/MassProperties",
                "airframe/Weighing",
                "propulsion/Propeller",
                "propulsion/Pack",
                "propulsion/Propulsion",
                "controls/Linkage",
                "controls/Surface",
                "controls/StickCorners",
                "modes/Turn",
                "modes/Selector",
                "aerodynamics/LiftingSurface",
                "aerodynamics/NeutralPoint",
                "aerodynamics/Balance",
                "aerodynamics/Stall",
                "aerodynamics/ControlPower",
                "aerodynamics/StripModel",
                "aerodynamics/TailShares",
                "flight/Aircraft",
                "flight/Gusts",
                "sensing/Sensed",
                "sensing/Sensors",
                "sensing/SensorErrors",
                "sensing/AttitudeFilter",
                "sensing/HeightFilter",
                "sensing/PlaceFilter",
                "flight/Trim",
                "autopilot/Autopilot",
                "autopilot/StartGains",
                "debrief/TrimNeeded",
                "debrief/SwingSearch",
                "debrief/StallResult",
                "cards/TrialHeight",
                "rehearsal/PilotModel")) {
            if (!Files.readString(MAIN.resolve("app/drachen/core/" + type + ".java"))
                    .contains("Source")) {
                silent.add(type);
            }
        }
        assertEquals(List.of(), silent);
    }

    @Test
    void packagesAreWordsOfTheJobAndSayWhatTheyAreFor() throws IOException {
        for (Path file : sources()) {
            Path folder = file.getParent();
            assertTrue(Files.exists(folder.resolve("package-info.java")), folder + " has no package-info");
            assertTrue(
                    !folder.getFileName().toString().matches("util|utils|common|helper|helpers|manager|misc"),
                    folder + " is no word of the job");
        }
    }

    @Test
    void filesStaySmallAndFreeOfLeftovers() throws IOException {
        for (Path file : sources()) {
            List<String> lines = Files.readAllLines(file);
            assertTrue(lines.size() <= 480, file + " has " + lines.size() + " lines");
            for (String line : lines) {
                assertTrue(!line.matches(".*\\b(TODO|FIXME|XXX)\\b.*|.*@author.*"), file + ": " + line);
            }
        }
    }

    /** A longer class needs a reason in DECISIONS.md; there is none. */
    @Test
    void noClassHasGrownTooLarge() throws IOException {
        List<String> large = new ArrayList<>();
        for (String module : List.of("core", "files", "desk", "desktop")) {
            try (Stream<Path> files = Files.walk(Path.of("..", module, "src", "main", "java"))) {
                for (Path file :
                        files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    if (Files.readAllLines(file).size() > 400) {
                        large.add(file.toString());
                    }
                }
            }
        }
        assertEquals(List.of(), large);
    }
}
