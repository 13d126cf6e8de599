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
                .filter(e -> live(situation, e)
                        .filter(p -> !p.passed() && !mended(setup, e, p))
                        .isPresent())
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

    /** Whether the factor that is set now would have shown what is true. */
    private static boolean mended(Setup setup, Experiment experiment, Proof proof) {
        double shown = proof.values().getOrDefault("shown", Double.NaN);
        double truth = proof.values().getOrDefault("true", Double.NaN);
        double then = proof.values().getOrDefault("factor", Double.NaN);
        Scales s = setup.signals().scales();
        double would =
                switch (experiment) {
                    case VOLTS -> shown / then * s.volts();
                    case HEIGHT -> shown / then * s.height();
                    case AIRSPEED -> shown * Math.sqrt(s.pressure() / then);
                    default -> Double.NaN;
                };
        return experiment == Experiment.ROTATION
                ? s.polePairs() == proof.values().getOrDefault("pairs", -1.0).intValue()
                : Math.abs(would / truth - 1) < 0.02;
    }

    private static String names(List<Experiment> all) {
        return all.stream().map(e -> ABOUT.get(e).label()).collect(Collectors.joining(", "));
    }
}
