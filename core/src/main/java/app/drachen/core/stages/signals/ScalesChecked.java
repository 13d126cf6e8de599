package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.hearing.Path;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Scales;
import app.drachen.core.signals.Value;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;

/** SIGNALS-A5, A6: readings that are wanted were held against something, and not too long ago. */
final class ScalesChecked extends SignalsRule {
    private static final long DAY = 86_400;

    /** Which value an experiment is about; the current has a rule of its own. */
    private static final Map<Experiment, Value> ABOUT = Map.of(
            Experiment.VOLTS, Value.PACK_VOLTS,
            Experiment.AIRSPEED, Value.AIRSPEED,
            Experiment.STRENGTH, Value.STRENGTH,
            Experiment.ROTATION, Value.RPM,
            Experiment.HEIGHT, Value.HEIGHT);

    ScalesChecked() {
        super(
                "SIGNALS-R7-OTHERS",
                "Volts, airspeed, strength, motor speed and height were held against something known.");
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        List<Experiment> due = Arrays.stream(Experiment.values())
                .filter(ABOUT::containsKey)
                .filter(e -> Path.of(setup, ABOUT.get(e)).filter(Path::whole).isPresent())
                .toList();
        Optional<Experiment> wrong = due.stream()
                .filter(e -> live(situation, e).filter(p -> !near(setup, e, p)).isPresent())
                .findFirst();
        if (wrong.isPresent()) {
            Proof proof = live(situation, wrong.get()).orElseThrow();
            return caution(
                    upper(ABOUT.get(wrong.get()).label()) + " " + proof.note(),
                    "Take the new factor, or hold it against something once more.",
                    there("To the scales"));
        }
        List<Experiment> open =
                due.stream().filter(e -> live(situation, e).isEmpty()).toList();
        if (!open.isEmpty()) {
            return open(
                    Optional.empty(),
                    "Not held against anything yet: " + names(open),
                    "Each is an experiment in Signals.",
                    there("To the scales"));
        }
        List<Experiment> old = due.stream()
                .filter(e -> live(situation, e)
                        .map(p -> situation.since(p.when()))
                        .filter(OptionalLong::isPresent)
                        .filter(s -> s.getAsLong() > e.days() * DAY)
                        .isPresent())
                .toList();
        if (!old.isEmpty()) {
            return caution(
                    "To be looked at again: " + names(old),
                    "The last look is " + old.get(0).days() + " days old or more.",
                    there("To the scales"));
        }
        return due.isEmpty()
                ? open(Optional.empty(), "No reading that is wanted has a scale", "Enter the values first.")
                : good("Held against something: " + names(due), "");
    }

    private static Optional<Proof> live(Situation situation, Experiment experiment) {
        return situation.proof(experiment.proof()).filter(situation::fresh);
    }

    /** Whether what is set now would have shown what is true; where a proof kept no figures, whether it passed. */
    private static boolean near(Setup setup, Experiment experiment, Proof proof) {
        Map<String, Double> v = proof.values();
        Scales s = setup.signals().scales();
        return switch (experiment) {
            case VOLTS -> near(proof, s.volts(), 0.02);
            case HEIGHT -> near(proof, s.height(), 0.05);
            case AIRSPEED -> near(proof, s.pressure(), 0.08);
            case ROTATION -> v.containsKey("pairs")
                    ? s.polePairs() == v.get("pairs").intValue()
                    : proof.passed();
            case STRENGTH -> v.containsKey("loss")
                    ? s.strength().filter(p -> same(p, v)).isPresent()
                    : proof.passed();
            case CURRENT -> true;
        };
    }

    private static boolean same(Scales.TwoPoints p, Map<String, Double> v) {
        return Map.of(
                        "shown1", p.shown1(),
                        "level1", p.level1(),
                        "shown2", p.shown2(),
                        "level2", p.level2(),
                        "loss", p.loss())
                .equals(v);
    }

    private static boolean near(Proof proof, double factor, double bound) {
        Map<String, Double> v = proof.values();
        if (!v.containsKey("shown") || !v.containsKey("true") || !v.containsKey("factor")) {
            return proof.passed();
        }
        double ratio = factor / v.get("factor");
        // a factor of pressure counts by its root in the speed
        double shows = v.get("shown") * (proof.kind() == Experiment.AIRSPEED.proof() ? Math.sqrt(ratio) : ratio);
        return Math.abs(shows / v.get("true") - 1) <= bound;
    }

    private static String names(List<Experiment> all) {
        return all.stream().map(e -> ABOUT.get(e).label()).collect(Collectors.joining(", "));
    }
}
