package app.drachen.core.bench;

import app.drachen.core.math.NoiseSource;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;

/**
 * A round of practice on the stand-in board: some faults are hidden, checks are run, causes are blamed. Immutable.
 *
 * <p>Source: own scale of points: 100 to begin with, 4 off for a check beyond the two that are needed, 15 off for a false blame, 20 off
 * for a fault that is not found.
 *
 * @param setup what the pilot believes
 * @param hidden the faults, one to three
 * @param checks how many were run
 * @param found what was rightly blamed
 * @param falsely what was wrongly blamed
 */
public record Training(Setup setup, List<Planted> hidden, int checks, List<Planted> found, List<Planted> falsely) {
    private static final int NEEDED = 2;

    public Training {
        hidden = List.copyOf(hidden);
        found = List.copyOf(found);
        falsely = List.copyOf(falsely);
    }

    /**
     * Hides faults that each show beside the others.
     *
     * @param count how many, 1 to 3; fewer where the aircraft has not so many
     * @param seed the same seed hides the same
     */
    public static Training begin(Setup setup, int count, long seed) {
        List<Planted> pool = new ArrayList<>(Planted.possible(setup));
        // where nothing moves at all nothing else shows
        pool.removeIf(p -> count > 1 && p.id().equals(Planted.ALL_DEAD));
        NoiseSource dice = new NoiseSource(seed);
        for (int i = pool.size() - 1; i > 0; i--) {
            java.util.Collections.swap(pool, i, (int) Math.min(i, (i + 1) * dice.uniform()));
        }
        List<Planted> hidden = new ArrayList<>();
        for (Planted p : pool) {
            if (hidden.size() < count && shows(setup, hidden, p)) {
                hidden.add(p);
            }
        }
        return new Training(setup, hidden, 0, List.of(), List.of());
    }

    /** Whether each of some faults changes what is seen beside all the others. */
    private static boolean shows(Setup setup, List<Planted> there, Planted more) {
        List<Planted> all = new ArrayList<>(there);
        all.add(more);
        var whole = Planted.signs(setup, all);
        return all.stream().allMatch(p -> {
            List<Planted> without = new ArrayList<>(all);
            without.remove(p);
            return !Planted.signs(setup, without).equals(whole);
        });
    }

    /** The aircraft as it really is: what was found is mended. */
    public Setup real() {
        Setup real = setup;
        for (Planted p : hidden) {
            if (!found.contains(p)) {
                real = p.really().apply(real);
            }
        }
        return real;
    }

    /** The same after one more check. */
    public Training checked() {
        return new Training(setup, hidden, checks + 1, found, falsely);
    }

    /** The same after a cause was blamed: a right one is mended, a wrong one noted. */
    public Training blamed(Planted cause) {
        boolean right = hidden.contains(cause) && !found.contains(cause);
        List<Planted> now = new ArrayList<>(right ? found : falsely);
        now.add(cause);
        return right
                ? new Training(setup, hidden, checks, now, falsely)
                : new Training(setup, hidden, checks, found, now);
    }

    public boolean done() {
        return found.size() == hidden.size();
    }

    /** Points of the round as it stands, 0 to 100. */
    public int points() {
        int off = 4 * Math.max(0, checks - NEEDED) + 15 * falsely.size() + 20 * (hidden.size() - found.size());
        return Math.max(0, 100 - off);
    }

    /** How it stands, in one sentence. */
    public String words() {
        return found.size() + " of " + hidden.size() + " found, " + checks + " checks, " + falsely.size()
                + " false blames: " + points() + " points.";
    }
}
