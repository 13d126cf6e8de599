package app.drachen.core.signals;

import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Everything that is spoken again and again.
 *
 * @param calls in any order
 * @param alarmsInterrupt whether an alarm cuts a call off; else it waits for its end
 */
public record Calls(List<Call> calls, boolean alarmsInterrupt) {
    public static final Calls NONE = new Calls(List.of(), true);

    public Calls {
        calls = List.copyOf(calls);
    }

    /** Calls of one position of the switch. */
    public List<Call> in(int position) {
        return calls.stream().filter(c -> c.positions().contains(position)).toList();
    }

    /**
     * How long an alarm waits for a call to end, at worst.
     *
     * @return [s]; 0 where alarms cut in
     */
    public double alarmWaits() {
        return alarmsInterrupt
                ? 0
                : calls.stream().mapToDouble(Call::takes).max().orElse(0);
    }

    /**
     * Two calls that speak at once.
     *
     * @param first the one that began
     * @param second the one that cuts in
     * @param from when both speak first [s]
     * @param seconds for how long then [s]
     * @param every how often it happens, the mean over the time looked at [s]; infinite for once
     */
    public record Clash(Call first, Call second, double from, double seconds, double every) {}

    /**
     * What is spoken when.
     *
     * @param call what
     * @param from [s]
     * @param to [s]
     */
    public record Spoken(Call call, double from, double to) {}

    /**
     * The timeline of a position, each call at its own times.
     *
     * @param position of the switch, 1 to 3
     * @param until end of the time looked at [s]
     */
    public List<Spoken> timeline(int position, double until) {
        List<Spoken> all = new ArrayList<>();
        for (Call call : in(position)) {
            for (double t = call.start(); t < until; t += call.every()) {
                all.add(new Spoken(call, t, t + call.takes()));
            }
        }
        all.sort(Comparator.comparingDouble(Spoken::from));
        return all;
    }

    /** So long calls are looked at for clashes [s]: an hour, in which those of usual intervals come round. */
    public static final double LOOKED_AT = 3_600;

    /** Pairs of calls that speak at once in a position of the switch, each pair once, the most frequent first. */
    public List<Clash> clashes(int position) {
        List<Call> all = in(position);
        List<Clash> found = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                clash(all.get(i), all.get(j)).ifPresent(found::add);
            }
        }
        found.sort(Comparator.comparingDouble(Clash::every));
        return found;
    }

    private static Optional<Clash> clash(Call a, Call b) {
        double first = Double.NaN;
        double seconds = 0;
        int count = 0;
        boolean begins = true;
        for (double t = a.start(); t < LOOKED_AT; t += a.every()) {
            // the calls of b that may touch the one of a at t
            double k = Math.max(0, Math.floor((t - b.takes() - b.start()) / b.every()));
            for (double u = b.start() + k * b.every(); u < t + a.takes(); u += b.every()) {
                double from = Math.max(t, u);
                double to = Math.min(t + a.takes(), u + b.takes());
                if (to - from > 1e-9) {
                    if (count == 0) {
                        first = from;
                        seconds = to - from;
                        begins = t <= u;
                    }
                    count++;
                }
            }
        }
        return count == 0
                ? Optional.empty()
                : Optional.of(new Clash(
                        begins ? a : b,
                        begins ? b : a,
                        first,
                        seconds,
                        count == 1 ? Double.POSITIVE_INFINITY : LOOKED_AT / count));
    }

    /**
     * A beginning at which a call of a position speaks over no other, the earliest in steps of half a second.
     *
     * @return [s]; empty if there is none
     */
    public Optional<Double> freeStart(Call call, int position) {
        List<Call> others = in(position).stream().filter(c -> !c.equals(call)).toList();
        for (double t = 0; t < call.every() + 600 && t <= 600; t += 0.5) {
            Call moved = call.startingAt(t);
            if (others.stream().allMatch(o -> clash(moved, o).isEmpty())) {
                return Optional.of(t);
            }
        }
        return Optional.empty();
    }

    /** Share of the time in which something is spoken, were nothing to overlap (SIGNALS-A8). */
    public Working load(int position) {
        List<Call> all = in(position);
        double load = all.stream().mapToDouble(c -> c.takes() / c.every()).sum();
        List<Working.Input> inputs = new ArrayList<>();
        for (Call call : all) {
            inputs.add(Working.in(call.value().label() + ", spoken", call.takes(), Quantity.TIME));
            inputs.add(Working.in(call.value().label() + ", every", call.every(), Quantity.TIME));
        }
        return Working.of(
                "SIGNALS-A8",
                "Load of the calls, position " + position,
                load,
                Quantity.NUMBER,
                "ρ = Σ(tᵢ/Tᵢ)",
                new Source.Elementary("queueing arithmetic"),
                inputs.toArray(new Working.Input[0]));
    }

    /** The same with one call in place of another. */
    public Calls with(Call old, Call changed) {
        return new Calls(calls.stream().map(c -> c.equals(old) ? changed : c).toList(), alarmsInterrupt);
    }
}
