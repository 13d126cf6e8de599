package app.drachen.core.wiring;

import app.drachen.core.controls.Output;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Outputs given other numbers. A lead that is plugged elsewhere is no longer one that was looked at. */
public final class Outputs {
    private Outputs() {}

    /**
     * The same aircraft with some outputs renumbered; whoever held a number that is given away takes the one that was left.
     *
     * @param channels new number by id of what the output moves
     */
    public static Setup moved(Setup setup, Map<String, Integer> channels) {
        Map<String, Integer> now = new HashMap<>();
        setup.controls().outputs().forEach(o -> now.put(o.surface().id(), o.channel()));
        Map<String, Integer> then = new HashMap<>(now);
        then.putAll(channels);
        then.keySet().retainAll(now.keySet());
        for (Map.Entry<String, Integer> given : channels.entrySet()) {
            for (String other : Set.copyOf(then.keySet())) {
                boolean taken = !channels.containsKey(other)
                        && !other.equals(given.getKey())
                        && then.get(other).equals(given.getValue());
                if (taken) {
                    then.put(other, free(then, now.getOrDefault(given.getKey(), 1)));
                }
            }
        }
        List<Output> outputs = new ArrayList<>();
        for (Output o : setup.controls().outputs()) {
            outputs.add(o.at(then.get(o.surface().id())));
        }
        outputs.sort(Comparator.comparingInt(Output::channel));
        Setup changed = setup.withControls(setup.controls().withOutputs(outputs));
        for (var device : setup.harness().devices()) {
            Integer was = now.get(device.moves());
            if (was != null && !was.equals(then.get(device.moves()))) {
                changed = changed.withHarness(changed.harness()
                        .withLead(device.name(), l -> l.seen(app.drachen.core.harness.Lead.Checks.NONE)));
            }
        }
        return changed;
    }

    private static int free(Map<String, Integer> then, int preferred) {
        if (!then.containsValue(preferred)) {
            return preferred;
        }
        int number = 1;
        while (then.containsValue(number)) {
            number++;
        }
        return number;
    }
}
