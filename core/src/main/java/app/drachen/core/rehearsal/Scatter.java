package app.drachen.core.rehearsal;

import app.drachen.core.aerodynamics.ModelError;
import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.Wing;
import app.drachen.core.cards.PassLimit.Measure;
import app.drachen.core.cards.Verdict;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.Output;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One card flown many times, each time with other gusts and another throw, by an aircraft that differs a little from its
 * drawing.
 *
 * <p>Source: own estimate of one standard deviation: part masses 2 %, those of the airframe 3 %, the pack's place 4 mm
 * along and 2 mm across, neutral pulses 8 µs, incidence 0.2°, one wing against the other 0.15°, and the air by {@link ModelError}; drawn normal and cut at 2.5. Shares with the interval of E. B. Wilson, Journal of the American
 * Statistical Association 22, 1927.
 *
 * @param flights what happened, in order
 */
public record Scatter(List<Flight> flights) {
    /** Fewer flights prove nothing (MAIDEN-R5). */
    public static final int LEAST_FLIGHTS = 40;

    /** Under this name a proof keeps how many were flown. */
    public static final String FLIGHTS = "flights";

    /** Under this name a proof keeps how many came down whole. */
    public static final String WHOLE = "whole";

    private static final double TWO_SIDED_95 = 1.959964;

    public Scatter {
        flights = List.copyOf(flights);
    }

    /**
     * One of the flights.
     *
     * @param number from 0
     * @param outcome how it ended
     * @param verdicts the limits
     * @param north of home, where it ended [m]
     * @param east of home, where it ended [m]
     */
    public record Flight(int number, Outcome outcome, List<Verdict> verdicts, double north, double east) {
        public Flight {
            verdicts = List.copyOf(verdicts);
        }

        /** Whether it came down whole with every limit kept. */
        public boolean passed() {
            return outcome.whole() && verdicts.stream().allMatch(Verdict::passed);
        }
    }

    /**
     * Flies one of them; the same plan and number fly the same flight on any thread.
     *
     * @param plan the plan of the aircraft as drawn
     * @param number which, from 0; 0 is the aircraft as drawn
     */
    public static Flight fly(RehearsalPlan plan, int number) {
        Rehearsal rehearsal = new Rehearsal(number == 0 ? plan : drawn(plan, number));
        rehearsal.finish();
        // the debrief knows the drawing, not what was built
        Debrief debrief = Debrief.of(rehearsal.log(), plan.setup(), plan.field());
        Outcome outcome = rehearsal.outcome().orElseThrow();
        return new Flight(
                number,
                outcome,
                Verdict.of(plan.card(), debrief.flight(), outcome.touchdownSink()),
                rehearsal.aircraft().north(),
                rehearsal.aircraft().east());
    }

    static RehearsalPlan drawn(RehearsalPlan plan, int number) {
        NoiseSource noise = new NoiseSource(plan.seed() * 0x9E3779B97F4A7C15L + number);
        List<Part> parts = new ArrayList<>();
        for (Part part : plan.setup().parts()) {
            Part other = part.withMass(part.mass() * (1 + 0.02 * normal(noise)));
            double aft = part.kind() == PartKind.PACK ? 0.004 * normal(noise) : 0;
            double right = part.kind() == PartKind.PACK ? 0.002 * normal(noise) : 0;
            Position at = other.position();
            parts.add(other.at(new Position(at.aft() + aft, at.right() + right, at.up())));
        }
        ControlSetup controls = plan.setup().controls();
        for (Output output : plan.setup().controls().surfaces()) {
            double neutral = output.neutralMicros() + 8 * normal(noise);
            controls = controls.change(output.surface(), o -> o.withNeutral(neutral));
        }
        Setup heavier = plan.setup().withAirframe(built(plan.setup().airframe(), noise));
        Setup setup = balanced(heavier.withParts(parts).withControls(controls), offCentre(plan.setup(), heavier));
        ModelError error =
                new ModelError(1 + 0.05 * normal(noise), 1 + 0.125 * normal(noise), 1 + 0.05 * normal(noise));
        return plan.of(setup).drawn(plan.seed() + 7_919L * number, error);
    }

    /** How far aft an airframe of other masses has its CG [m]. */
    private static double offCentre(Setup drawn, Setup heavier) {
        return heavier.massProperties().centre().aft()
                - drawn.massProperties().centre().aft();
    }

    /** Whoever builds it balances it: what the airframe's masses shift, the pack takes back. */
    private static Setup balanced(Setup setup, double off) {
        double packs = setup.parts().stream()
                .filter(p -> p.kind() == PartKind.PACK)
                .mapToDouble(Part::mass)
                .sum();
        return packs > 0
                ? setup.withMoved(PartKind.PACK, -off * setup.massProperties().mass() / packs, 0)
                : setup;
    }

    /** Incidence good to 0.2°, twist of one wing against the other to 0.15°, and the masses of foam and glue to 3 %. */
    private static Airframe built(Airframe drawn, NoiseSource noise) {
        Wing wing = drawn.wing();
        return new Airframe(
                new Wing(
                        wing.rootLeadingEdge(),
                        wing.up(),
                        wing.panels(),
                        wing.section(),
                        wing.incidence() + Math.toRadians(0.2) * normal(noise),
                        wing.incidenceDifference() + Math.toRadians(0.15) * normal(noise),
                        wing.flaps()),
                drawn.tail(),
                drawn.body(),
                drawn.wingMass() * (1 + 0.03 * normal(noise)),
                drawn.tailMass() * (1 + 0.03 * normal(noise)),
                drawn.bodyMass() * (1 + 0.03 * normal(noise)));
    }

    private static double normal(NoiseSource noise) {
        return Math.max(-2.5, Math.min(2.5, noise.gaussian()));
    }

    /** Shares and measures with their spread. */
    public List<Working> workings() {
        List<Working> all = new ArrayList<>();
        all.add(share("Came down whole", whole(), flights.size()));
        all.add(share(
                "Kept every limit", flights.stream().filter(Flight::passed).count(), flights.size()));
        Map<Measure, List<Double>> measured = new EnumMap<>(Measure.class);
        for (Flight flight : flights) {
            for (Verdict verdict : flight.verdicts()) {
                verdict.measured().filter(Double::isFinite).ifPresent(m -> measured.computeIfAbsent(
                                verdict.limit().id(), k -> new ArrayList<>())
                        .add(m));
            }
        }
        measured.forEach((measure, values) -> flights.get(0).verdicts().stream()
                .filter(v -> v.limit().id() == measure)
                .findFirst()
                .ifPresent(v -> all.add(measure(v, values))));
        return all;
    }

    /** How many came down whole. */
    public long whole() {
        return flights.stream().filter(f -> f.outcome().whole()).count();
    }

    /**
     * A share of flights with its band.
     *
     * @param count how many were so
     * @param n how many were flown
     */
    public static Working share(String name, long count, int n) {
        double p = (double) count / n;
        double z = TWO_SIDED_95;
        double middle = (p + z * z / (2 * n)) / (1 + z * z / n);
        double half = z / (1 + z * z / n) * Math.sqrt(p * (1 - p) / n + z * z / (4.0 * n * n));
        return Working.of(
                        "MAIDEN-A5",
                        name,
                        p,
                        Quantity.SHARE,
                        "share of the flights; band of Wilson, 95 %",
                        new Source.Published(
                                "E. B. Wilson",
                                "Probable inference, the law of succession, and statistical inference",
                                1927),
                        Working.in("flights", n, Quantity.COUNT),
                        Working.in("of them so", count, Quantity.COUNT))
                .within(Math.max(0, middle - half), Math.min(1, middle + half));
    }

    private static Working measure(Verdict verdict, List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        Working limit = verdict.limit().working();
        return Working.of(
                        "MAIDEN-S2",
                        verdict.limit().id().label(),
                        at(sorted, 0.5),
                        limit.quantity(),
                        "median of the flights that showed it; band of 9 in 10",
                        Source.ARITHMETIC,
                        Working.in("flights", sorted.size(), Quantity.COUNT))
                .within(at(sorted, 0.05), at(sorted, 0.95));
    }

    private static double at(List<Double> sorted, double share) {
        return sorted.get((int) Math.round(share * (sorted.size() - 1)));
    }

    /** The first flight that did not come down whole, if there is one. */
    public Optional<Flight> firstLost() {
        return flights.stream().filter(f -> !f.outcome().whole()).findFirst();
    }
}
