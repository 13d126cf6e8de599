package app.drachen.core.stages.signals;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.hearing.Path;
import app.drachen.core.math.Order;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Page;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.signals.Value;
import app.drachen.core.signals.Wanted;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** SIGNALS-R1: every value that is wanted reaches the pilot, and what is needed far out stands on a page. */
final class ValuesCome extends SignalsRule {
    ValuesCome() {
        super("SIGNALS-R1", "Every value you want is told by some part; what is needed far out stands on a page.");
    }

    @Override
    public Ruling check(Situation situation) {
        Setup setup = situation.setup();
        SignalsSection signals = setup.signals();
        if (signals.wanted().isEmpty()) {
            return open(
                    Optional.of(Gate.REACH),
                    "Nobody has said which values you want",
                    "Enter what you want to see and hear, and by which way it comes.",
                    change("Take what is needed far out", "Values that are needed far out", ValuesCome::usual));
        }
        List<Path> paths = Path.all(setup);
        List<Value> missing = Arrays.stream(Value.values())
                .filter(v -> v.needed() != Value.Needed.NEVER)
                .filter(v -> paths.stream().noneMatch(p -> p.wanted().value() == v && p.whole()) || !signals.shows(v))
                .toList();
        Optional<Path> ends = paths.stream().filter(p -> !p.whole()).findFirst();
        if (!missing.isEmpty()) {
            Optional<Path> first = paths.stream()
                    .filter(p -> missing.contains(p.wanted().value()) && !p.whole())
                    .findFirst();
            return stop(
                    Gate.REACH,
                    upper(missing.get(0).label()) + " does not reach you",
                    first.map(p -> p.ends() + ". " + p.help())
                            .orElseGet(() -> "Not shown, or not wanted: " + labels(missing)
                                    + ". Each is needed before you fly out."),
                    first.isPresent() ? there("To its path") : onto(missing));
        }
        return ends.map(p -> caution(upper(p.ends()), p.help(), helps(p)))
                .orElseGet(() -> good(
                        paths.size() + " values reach you",
                        "The oldest: " + oldest(paths) + ".",
                        paths.stream().flatMap(p -> p.age().stream()).toArray(Working[]::new)));
    }

    private Remedy[] helps(Path path) {
        return new Remedy[] {
            path.supplier().isPresent() ? new Remedy.GoTo("To the harness", Stage.HARNESS) : there("To its path"),
            change(
                    "Do without",
                    upper(path.wanted().value().label()) + " is not wanted any more",
                    s -> s.withWanted(s.wanted().stream()
                            .filter(w -> w.value() != path.wanted().value())
                            .toList()))
        };
    }

    private static String labels(List<Value> values) {
        return values.stream().map(Value::label).collect(Collectors.joining(", "));
    }

    private static String oldest(List<Path> paths) {
        return paths.stream()
                .flatMap(p -> p.age().stream())
                .max(Order.by(Working::value))
                .map(w -> w.name().replaceFirst("Age of the ", "") + ", "
                        + w.quantity().text(w.value()))
                .orElse("none");
    }

    /** Everything that is needed, wanted and on pages. */
    static SignalsSection usual(SignalsSection before) {
        List<Value> all = Arrays.stream(Value.values())
                .filter(v -> v.needed() != Value.Needed.NEVER)
                .toList();
        SignalsSection wanted = wanting(before, all);
        return onPages(
                wanted.ways().isEmpty() ? wanted.withWays(List.of(app.drachen.core.signals.Way.FIRST)) : wanted, all);
    }

    private static Remedy onto(List<Value> values) {
        return change("Put it on a page", "On a page: " + labels(values), s -> onPages(wanting(s, values), values));
    }

    private static SignalsSection wanting(SignalsSection before, List<Value> values) {
        List<Wanted> all = new ArrayList<>(before.wanted());
        for (Value value : values) {
            if (before.wants(value).isEmpty()) {
                all.add(new Wanted(value, "", "", 0, true, value == Value.HEIGHT || value == Value.CHARGE));
            }
        }
        return before.withWanted(all);
    }

    private static SignalsSection onPages(SignalsSection before, List<Value> values) {
        SignalsSection now = before;
        for (Value value : values) {
            if (now.shows(value)) {
                continue;
            }
            List<Page> pages = new ArrayList<>(now.pages());
            boolean placed = false;
            for (int i = 0; i < pages.size() && !placed; i++) {
                Optional<Page> with = pages.get(i).cells().isEmpty()
                        ? Optional.empty()
                        : pages.get(i).adding(value);
                if (with.isPresent()) {
                    pages.set(i, with.get());
                    placed = true;
                }
            }
            if (!placed) {
                Page fresh = new Page("page " + (pages.size() + 1), List.of());
                pages.add(fresh.adding(value).orElseThrow());
            }
            now = now.withPages(pages);
        }
        return now;
    }
}
