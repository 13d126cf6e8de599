package app.drachen.core.modes;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/**
 * How many moves without looking lead to a mode (MODES-A3): a move pushes one switch to one of its end stops. Whoever has to find a
 * place between the stops has to look.
 *
 * <p>Source: search through the graph of positions.
 */
public final class BlindReach {
    private final Selector selector;
    private final List<Selector.Place> table;
    private final List<Combination> combinations;

    public BlindReach(Selector selector) {
        this.selector = selector;
        table = selector.table();
        combinations = selector.combinations();
    }

    /**
     * Moves needed.
     *
     * @param position from which, from 1
     * @return least number of moves; empty where no number is enough
     */
    public OptionalInt moves(int position, FlightMode mode) {
        Combination start = combinations.get(position - 1);
        if (!start.taken()) {
            return moves(start.first(), start.second(), mode);
        }
        // the first switch may stand anywhere meanwhile
        List<OptionalInt> all = new ArrayList<>();
        for (int first = 1; first <= selector.kind().places().size(); first++) {
            all.add(moves(first, start.second(), mode));
        }
        return most(all);
    }

    private OptionalInt moves(int first, int second, FlightMode mode) {
        Set<List<Integer>> at = new HashSet<>();
        at.add(List.of(first, second));
        // each switch once is all that ever helps
        for (int moves = 0; moves <= 2; moves++) {
            if (at.stream().anyMatch(s -> gives(s, mode))) {
                return OptionalInt.of(moves);
            }
            Set<List<Integer>> next = new HashSet<>(at);
            for (List<Integer> s : at) {
                next.add(List.of(1, s.get(1)));
                next.add(List.of(selector.kind().places().size(), s.get(1)));
                selector.second().ifPresent(other -> {
                    next.add(List.of(s.get(0), 1));
                    next.add(List.of(s.get(0), other.kind().places().size()));
                });
            }
            at = next;
        }
        return OptionalInt.empty();
    }

    /** The most moves from anywhere; empty where from some position no number is enough. */
    public OptionalInt worst(FlightMode mode) {
        List<OptionalInt> all = new ArrayList<>();
        for (int i = 1; i <= table.size(); i++) {
            all.add(moves(i, mode));
        }
        return most(all);
    }

    private static OptionalInt most(List<OptionalInt> all) {
        return all.stream().anyMatch(OptionalInt::isEmpty)
                ? OptionalInt.empty()
                : all.stream().mapToInt(OptionalInt::getAsInt).max();
    }

    private boolean gives(List<Integer> state, FlightMode mode) {
        for (int i = 0; i < combinations.size(); i++) {
            Combination c = combinations.get(i);
            boolean here = c.taken()
                    ? state.get(1) == c.second()
                    : c.first() == state.get(0)
                            && (c.second() == state.get(1)
                                    || selector.second().isPresent()
                                            && !selector.second().get().added()
                                            && state.get(1)
                                                    != selector.second().get().takesAt());
            if (here) {
                return table.get(i).mode().equals(java.util.Optional.of(mode));
            }
        }
        return false;
    }
}
