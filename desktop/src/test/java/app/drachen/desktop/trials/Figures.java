package app.drachen.desktop.trials;

import app.drachen.core.air.Field;
import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Own;
import app.drachen.core.cards.CardPlans;
import app.drachen.core.clearance.Clearance;
import app.drachen.core.clearance.Situation;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.demo.DemoField;
import app.drachen.core.flight.Feel;
import app.drachen.core.rehearsal.Rehearsal;
import app.drachen.core.rehearsal.RehearsalPlan;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.Calculations;
import app.drachen.core.stages.Kits;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Working;
import app.drachen.desktop.paper.Papers;
import app.drachen.files.ImportFailedException;
import app.drachen.files.json.SetupJson;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Every number of a set-up at odd values, alone and in pairs: what its reader accepts is cleared, written, felt, printed
 * and flown, or said to be beyond reckoning; and every calculator at the ends of its ranges and beyond.
 */
public final class Figures {
    private static final Tally.Refusal REFUSED =
            e -> e instanceof ImportFailedException || e instanceof IllegalArgumentException;
    private static final double[] TIMES = {0, -1, 1e-3, 0.01, 0.1, 0.3, 0.8, 1.2, 3, 10, 100, 1e3, 1e6};
    private static final Field FIELD = DemoField.evening();

    private final Path folder;
    private final List<JsonNode> documents = new ArrayList<>();
    private final List<List<Place>> numbers = new ArrayList<>();

    /** A number in a document. */
    private record Place(List<String> path) {}

    public Figures(Path folder) throws Exception {
        this.folder = folder;
        for (Setup setup : List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe())) {
            JsonNode document = new ObjectMapper().readTree(SetupJson.write(setup));
            List<Place> found = new ArrayList<>();
            find(document.get("setup"), List.of("setup"), found);
            documents.add(document);
            numbers.add(found);
        }
    }

    private static void find(JsonNode node, List<String> path, List<Place> into) {
        if (node.isNumber()) {
            into.add(new Place(path));
        }
        node.properties().forEach(e -> find(e.getValue(), longer(path, e.getKey()), into));
        for (int i = 0; i < (node.isArray() ? node.size() : 0); i++) {
            find(node.get(i), longer(path, String.valueOf(i)), into);
        }
    }

    private static List<String> longer(List<String> path, String name) {
        List<String> longer = new ArrayList<>(path);
        longer.add(name);
        return longer;
    }

    private static JsonNode at(JsonNode node, String name) {
        return node.isArray() ? node.get(Integer.parseInt(name)) : node.get(name);
    }

    private static String odd(JsonNode document, Place place, Mutations mutations) {
        JsonNode holder = document;
        for (String name : place.path().subList(0, place.path().size() - 1)) {
            holder = at(holder, name);
        }
        String last = place.path().get(place.path().size() - 1);
        JsonNode was = at(holder, last);
        double factor = TIMES[mutations.random().nextInt(TIMES.length)];
        double now =
                was.asDouble() == 0 ? (mutations.random().nextBoolean() ? factor : -factor) : was.asDouble() * factor;
        JsonNode number = was.isInt()
                ? JsonNodeFactory.instance.numberNode((int) Math.round(now))
                : JsonNodeFactory.instance.numberNode(now);
        if (holder instanceof ArrayNode list) {
            list.set(Integer.parseInt(last), number);
        } else {
            ((ObjectNode) holder).set(last, number);
        }
        return String.join("/", place.path()) + " = " + number;
    }

    /** Set-ups. */
    Tally setups(long seed, int times) {
        Tally tally = new Tally("figures", seed, Tally.KEPT);
        Mutations mutations = new Mutations(seed);
        for (int i = 0; i < times; i++) {
            int which = i % documents.size();
            JsonNode document = documents.get(which).deepCopy();
            List<Place> all = numbers.get(which);
            StringBuilder said = new StringBuilder(odd(document, all.get(i / 3 % all.size()), mutations));
            if (i % 2 == 1) {
                said.append(", ")
                        .append(odd(document, all.get(mutations.random().nextInt(all.size())), mutations));
            }
            byte[] input = (said + "\n" + document).getBytes(StandardCharsets.UTF_8);
            int number = i;
            tally.run(input, REFUSED, () -> use(document.toString(), number, tally, input));
        }
        return tally;
    }

    /** Odd set-ups that their reader takes, with what is odd about them. */
    public Map<String, Setup> accepted(long seed, int most) {
        Mutations mutations = new Mutations(seed);
        Map<String, Setup> found = new LinkedHashMap<>();
        for (int i = 0; found.size() < most; i++) {
            JsonNode document = documents.get(i % documents.size()).deepCopy();
            List<Place> all = numbers.get(i % documents.size());
            String said = odd(document, all.get(mutations.random().nextInt(all.size())), mutations);
            try {
                found.put(said, SetupJson.read(document.toString(), Path.of("trial.json")));
            } catch (ImportFailedException e) {
                // refused, as it may be
                continue;
            }
        }
        return found;
    }

    private void use(String document, int number, Tally tally, byte[] input) throws Exception {
        Setup setup = SetupJson.read(document, Path.of("trial.json"));
        Clearance clearance = Kits.clearance(Situation.of(setup).on(FIELD));
        clearance
                .rulings()
                .forEach(r ->
                        tally.sentence(r.finding().title() + " " + r.finding().detail(), input));
        guarded(
                tally,
                input,
                "feel",
                () -> Feel.of(setup, setup.modes().limits().cruiseSpeed(), 1.2));
        if (number % 5 == 0) {
            for (Calculation calculation : Calculations.all()) {
                guarded(
                        tally,
                        input,
                        calculation.id(),
                        () -> calculation.compute(Own.values(calculation, setup, Optional.of(FIELD))));
            }
        }
        if (number % 40 == 0) {
            Papers papers = new Papers(setup, 1, Optional.of(FIELD), UnitSystem.METRIC);
            guarded(tally, input, "paper", () -> {
                for (Papers.Sheet sheet : papers.sheets()) {
                    sheet.write().to(folder.resolve("sheet.pdf"));
                }
            });
        }
        if (number % 20 == 0) {
            guarded(tally, input, "rehearsal", () -> {
                var card = CardPlans.byId("first-flight").orElseThrow().forAircraft(setup, FIELD);
                Rehearsal flight = new Rehearsal(new RehearsalPlan(setup, card, FIELD, number));
                flight.advance(20);
                flight.outcome().ifPresent(o -> tally.sentence(o.sentence(), input));
            });
        }
    }

    /** What has no answer may say so in a sentence. */
    private static void guarded(Tally tally, byte[] input, String what, Tally.Try run) {
        try {
            run.run();
        } catch (IllegalArgumentException e) {
            tally.sentence(e.getMessage(), input);
        } catch (Exception | StackOverflowError e) {
            tally.fault(
                    what + ": " + e.getClass().getSimpleName() + " " + Tally.where(e) + " "
                            + String.valueOf(e.getMessage()).replaceAll("[-0-9.E]+", "#"),
                    input);
        }
    }

    /** Calculators: each input at an end of its range, within it, or out of all reason. */
    Tally calculators(long seed, int times) {
        Tally tally = new Tally("calculators", seed, Tally.KEPT);
        Mutations mutations = new Mutations(seed);
        List<Calculation> all = Calculations.all();
        double[] odd = {Double.NaN, Double.POSITIVE_INFINITY, -1, 0, 1e308, Double.MIN_VALUE, -0.0};
        for (int i = 0; i < times; i++) {
            Calculation calculation = all.get(i % all.size());
            Map<String, Double> values = new LinkedHashMap<>();
            for (Calculation.Input in : calculation.inputs()) {
                double x = mutations.random().nextDouble();
                switch (mutations.random().nextInt(i % 5 == 0 ? 6 : 5)) {
                    case 0 -> values.put(in.name(), in.low());
                    case 1 -> values.put(in.name(), in.high());
                    case 2 -> values.put(in.name(), Math.nextUp(in.low()));
                    case 3, 4 -> values.put(in.name(), in.low() + x * (in.high() - in.low()));
                    default -> values.put(in.name(), odd[(int) (x * odd.length)]);
                }
            }
            byte[] input = (calculation.id() + " " + values).getBytes(StandardCharsets.UTF_8);
            tally.run(input, e -> e instanceof IllegalArgumentException, () -> {
                for (Working working : calculation.compute(values)) {
                    if (!Double.isFinite(working.value())) {
                        tally.fault(calculation.id() + " answers " + working.value(), input);
                    }
                }
            });
            Calculation.Input typed = calculation
                    .inputs()
                    .get(i / all.size() % calculation.inputs().size());
            String text = mutations.odd()
                    + (i % 2 == 0
                            ? mutations.odd()
                            : typed.quantity().unit(UnitSystem.METRIC).symbol());
            tally.run(
                    text.getBytes(StandardCharsets.UTF_8),
                    e -> e instanceof IllegalArgumentException,
                    () -> typed.quantity().parse(text, UnitSystem.METRIC));
        }
        return tally;
    }
}
