package app.drachen.desktop.app;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Own;
import app.drachen.core.calc.Told;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.Calculations;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Working;
import app.drachen.files.json.SetupJson;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** One answer of the catalogue, with its working. */
@Command(
        name = "calc",
        description = {
            "Compute one answer, with its working.",
            "drachen calc --list names the answers, drachen calc ID --help the inputs of one."
        },
        footer = "Example: drachen calc BUILD-A8 mass=1.2kg area=24dm2 lift=1.1. Exit codes: 0 done, 2 bad input.")
final class CalcCommand implements Callable<Integer> {
    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec;

    @Parameters(index = "0", arity = "0..1", paramLabel = "ID", description = "id of the answer, such as MODES-A4")
    private String id;

    @Parameters(index = "1..*", paramLabel = "NAME=VALUE", description = "inputs, with or without a unit")
    private List<String> inputs = new ArrayList<>();

    @Option(names = "--list", description = "name all answers")
    private boolean list;

    @Option(
            names = {"-h", "--help"},
            description = "help; behind an ID, its inputs and results")
    private boolean help;

    @Option(names = "--json", description = "answer as JSON, values in SI")
    private boolean json;

    @Option(
            names = "--setup",
            paramLabel = "SETUP.json",
            description = "take inputs that are not given from this aircraft")
    private Path setupFile;

    @Option(
            names = "--batch",
            paramLabel = "FILE",
            description = {
                "read a calculation a line, such as MODES-A4 speed=15 bank=35deg; - reads standard input.",
                "Each line is answered in its turn; a line that is wrong is told with its number and the others go on."
            })
    private String batch;

    @Option(names = "--imperial", description = "read and show imperial units")
    private boolean imperial;

    /** Where it is told, if no library has read the arguments. */
    private Optional<PrintWriter> plain = Optional.empty();

    /** One calculation whose arguments {@link Quick} has read. */
    static int plain(String id, List<String> inputs, Set<String> switches, Optional<Path> setup, PrintWriter to)
            throws Exception {
        CalcCommand command = new CalcCommand();
        command.plain = Optional.of(to);
        command.id = id;
        command.inputs = inputs;
        command.json = switches.contains("--json");
        command.imperial = switches.contains("--imperial");
        command.setupFile = setup.orElse(null);
        return command.call();
    }

    private UnitSystem units() {
        return imperial ? UnitSystem.IMPERIAL : UnitSystem.METRIC;
    }

    @Override
    public Integer call() throws Exception {
        PrintWriter to = plain.isPresent() ? plain.get() : spec.commandLine().getOut();
        if (list) {
            if (json) {
                to.println(Json.text(
                        Calculations.all().stream().map(CalcCommand::described).toList()));
            } else {
                Calculations.all().forEach(c -> to.printf("  %-12s %s%n", c.id(), c.title()));
                Calculations.told().forEach(t -> to.printf("  %-12s %s%n", t.id(), t.title()));
            }
            return Main.DONE;
        }
        if (batch != null) {
            return batch(to);
        }
        if (id == null) {
            spec.commandLine().usage(help ? to : spec.commandLine().getErr());
            return help ? Main.DONE : Main.BAD_INPUT;
        }
        Optional<Calculation> sum = Calculations.byId(id);
        Optional<Told> told = sum.isPresent() ? Optional.empty() : Calculations.told(id);
        if (told.isPresent()) {
            tell(told.get(), to);
            return Main.DONE;
        }
        Calculation calculation = sum.isPresent() ? sum.get() : calculation(id);
        if (help) {
            help(calculation, to);
            return Main.DONE;
        }
        compute(calculation, inputs, to);
        return Main.DONE;
    }

    private static Calculation calculation(String id) {
        return Calculations.byId(id)
                .orElseThrow(() -> new IllegalArgumentException(
                        "calc: there is no answer " + id + "; drachen calc --list names them"));
    }

    /** Many calculations, a line each; 2 if any of them was wrong. */
    private int batch(PrintWriter to) throws Exception {
        if (id != null) {
            throw new IllegalArgumentException(
                    "calc: --batch takes its calculations from the file; leave " + id + " out");
        }
        int wrong = 0;
        try (BufferedReader lines = batch.equals("-")
                ? new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8))
                : Files.newBufferedReader(Path.of(batch))) {
            int number = 0;
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                number++;
                String[] words = line.strip().split("\\s+");
                if (words[0].isEmpty() || words[0].startsWith("#")) {
                    continue;
                }
                try {
                    Calculation calculation = calculation(words[0]);
                    if (!json) {
                        to.println(calculation.id() + "  " + calculation.title());
                    }
                    compute(calculation, List.of(words).subList(1, words.length), to);
                } catch (IllegalArgumentException e) {
                    wrong++;
                    spec.commandLine().getErr().println("drachen: line " + number + ": " + e.getMessage());
                }
            }
        } catch (NoSuchFileException e) {
            throw new IllegalArgumentException("calc: there is no file " + batch + "; check the name", e);
        }
        to.flush();
        return wrong == 0 ? Main.DONE : Main.BAD_INPUT;
    }

    private void compute(Calculation calculation, List<String> inputs, PrintWriter to) throws Exception {
        Map<String, Double> values = new LinkedHashMap<>();
        if (setupFile != null) {
            Setup setup = SetupJson.read(setupFile);
            values.putAll(Own.values(calculation, setup, Optional.empty()));
        }
        Set<String> typed = new HashSet<>();
        for (String pair : inputs) {
            int split = pair.indexOf('=');
            if (split < 1) {
                throw new IllegalArgumentException(
                        "calc: \u201c" + pair + "\u201d is no NAME=VALUE; write it like " + example(calculation));
            }
            Calculation.Input input = calculation.input(pair.substring(0, split).strip());
            if (!typed.add(input.name())) {
                throw new IllegalArgumentException(
                        calculation.id() + ": " + input.name() + " is given twice; give it once");
            }
            try {
                values.put(input.name(), read(input, pair.substring(split + 1)));
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException(calculation.id() + ": " + input.name() + ": " + e.getMessage(), e);
            }
        }
        List<Working> workings = calculation.compute(values);
        if (json) {
            Map<String, Object> map = new LinkedHashMap<>();
            map.put("id", calculation.id());
            map.put("title", calculation.title());
            map.put("results", workings.stream().map(Json::working).toList());
            to.println(Json.text(map));
        } else {
            for (Working working : workings) {
                to.println("  " + Json.line(working, units()) + "    " + working.formula());
            }
            for (Working.Input in : workings.get(0).inputs()) {
                to.println("    with " + in.name() + " = "
                        + in.quantity().text(in.value(), units()).replace('\u00a0', ' '));
            }
            to.println("    source: " + workings.get(0).source().text());
        }
    }

    /** An answer in words, of a whole aircraft. */
    private void tell(Told told, PrintWriter to) throws Exception {
        if (help) {
            to.println(told.id() + "  " + told.title());
            to.println("Takes a whole aircraft: --setup SETUP.json; answers in words.");
            to.println("Source: " + told.source().text());
            return;
        }
        if (setupFile == null || !inputs.isEmpty()) {
            throw new IllegalArgumentException(
                    "calc: " + told.id() + " takes a whole aircraft and nothing else; give it with --setup SETUP.json");
        }
        Map<String, String> words = new LinkedHashMap<>();
        told.of()
                .apply(SetupJson.read(setupFile))
                .forEach((about, said) ->
                        words.put(about, Quantity.read(said, units()).replace('\u00a0', ' ')));
        if (json) {
            to.println(Json.text(Json.object("id", told.id(), "title", told.title(), "words", words)));
        } else {
            words.forEach((about, said) -> to.printf("  %-10s %s%n", about, said));
            to.println("    source: " + told.source().text());
        }
    }

    /** A share without a sign, near one, may be a part or percent; that is asked. */
    private double read(Calculation.Input input, String text) {
        double value = input.quantity().parse(text, units());
        boolean share = input.quantity() == Quantity.SHARE || input.quantity() == Quantity.SHARE_FINE;
        double percent = Math.abs(100 * value);
        if (share && text.strip().matches("[-+.,0-9\u2212]+") && percent > 0 && percent <= 1.5) {
            throw new IllegalArgumentException("\u201c" + text + "\u201d may be " + text + " % or "
                    + input.quantity().text(100 * value, units()).replace('\u00a0', ' ') + "; add the sign %");
        }
        return value;
    }

    /** An input as it could be typed, within its range. */
    static String example(Calculation calculation) {
        Calculation.Input first = calculation.inputs().get(0);
        double value = first.usual().orElse(Math.max(first.low(), Math.min(first.high(), 12)));
        String symbol = first.quantity().unit(UnitSystem.METRIC).symbol();
        boolean runsOn = !symbol.isEmpty() && Character.isDigit(symbol.charAt(0));
        String text = runsOn
                ? first.quantity().number(value, UnitSystem.METRIC)
                : first.quantity().text(value, UnitSystem.METRIC);
        return first.name() + "=" + text.replace("\u00a0", "").replace("\u202f", "");
    }

    private void help(Calculation calculation, PrintWriter to) {
        to.println(calculation.id() + "  " + calculation.title());
        to.println("Inputs:");
        for (Calculation.Input input : calculation.inputs()) {
            String need = input.usual()
                    .map(u -> "usually " + input.quantity().text(u, units()))
                    .orElse(input.optional() ? "may be left out" : "needed");
            String plain = input.quantity().unit(units()).symbol();
            String text = String.format(
                    "  %-14s %s, %s; %s%s",
                    input.name(),
                    input.meaning(),
                    input.range(),
                    need,
                    plain.isEmpty() ? "" : "; without a unit, " + plain);
            to.println(text.replace('\u00a0', ' '));
        }
        to.println("Results:");
        calculation.results().forEach(r -> to.println("  " + r.name() + "    " + r.formula()));
        to.println("Source: " + calculation.source().text());
    }

    private static Map<String, Object> described(Calculation calculation) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", calculation.id());
        map.put("title", calculation.title());
        map.put("source", calculation.source().text());
        map.put(
                "inputs",
                calculation.inputs().stream()
                        .map(i -> {
                            Map<String, Object> input = new LinkedHashMap<>();
                            input.put("name", i.name());
                            input.put("meaning", i.meaning());
                            input.put("unit", i.quantity().si());
                            input.put("low", i.low());
                            input.put("high", i.high());
                            i.usual().ifPresent(u -> input.put("usual", u));
                            input.put("needed", i.usual().isEmpty() && !i.optional());
                            return input;
                        })
                        .toList());
        map.put(
                "results",
                calculation.results().stream()
                        .map(r -> Json.object(
                                "name", r.name(), "unit", r.quantity().si(), "formula", r.formula()))
                        .toList());
        return map;
    }
}
