package app.drachen.core.bench;

import app.drachen.core.math.NoiseSource;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A round of practice on the stand-in board: some faults are hidden, cards are run, causes are blamed. Immutable.
 *
 * <p>Source: own scale of points: 100 to begin with, 3 off for a card beyond six a fault, 1 off for a minute beyond four a fault, 15
 * off for a false blame, 20 off for a fault that is not found.
 *
 * @param setup what the pilot believes
 * @param hidden the faults, one to three
 * @param checks how many cards were run
 * @param seconds how long it has taken [s]
 * @param found what was rightly blamed
 * @param falsely what was wrongly blamed
 */
public record Training(
        Setup setup, List<Planted> hidden, int checks, long seconds, List<Planted> found, List<Planted> falsely) {
    private static final int CHECKS = 6;
    private static final int MINUTES = 4;

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
        return new Training(setup, hidden, 0, 0, List.of(), List.of());
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
    RealThing real() {
        return Planted.planted(
                setup, hidden.stream().filter(p -> !found.contains(p)).toList());
    }

    /**
     * What the stand-in answers to a card.
     *
     * @param seed of the scatter
     */
    public Map<String, Double> answers(CardId card, long seed) {
        return StandInAnswers.to(card, setup, real(), seed);
    }

    /** The same after one more card. */
    public Training checked() {
        return new Training(setup, hidden, checks + 1, seconds, found, falsely);
    }

    /** The same after so long a time [s]. */
    public Training after(long time) {
        return new Training(setup, hidden, checks, time, found, falsely);
    }

    /** The same after a cause was blamed: a right one is mended, a wrong one noted. */
    public Training blamed(Planted cause) {
        boolean right = hidden.contains(cause) && !found.contains(cause);
        List<Planted> now = new ArrayList<>(right ? found : falsely);
        now.add(cause);
        return right
                ? new Training(setup, hidden, checks, seconds, now, falsely)
                : new Training(setup, hidden, checks, seconds, found, now);
    }

    /**
     * Which causes still explain what some cards have shown: where one fault is hidden, just that; where several are, at least something
     * of it.
     *
     * @param causes with what each shows
     * @param run the cards that were run
     */
    public List<Planted> left(Map<Planted, Map<String, String>> causes, java.util.Collection<CardId> run) {
        Map<String, String> seen = of(Planted.signs(setup, real()), run);
        long unfound = (long) hidden.size() - found.size();
        List<Planted> left = new ArrayList<>();
        causes.forEach((cause, signs) -> {
            if (found.contains(cause) || falsely.contains(cause)) {
                return;
            }
            Map<String, String> would = of(signs, run);
            boolean explains = unfound <= 1 ? would.equals(seen) : explainsSome(would, seen);
            if (explains) {
                left.add(cause);
            }
        });
        return left;
    }

    /**
     * Whether a cause puts nothing wrong on these cards, or something on a card on which something is wrong: of several faults one may
     * hide the very sign of another.
     */
    private static boolean explainsSome(Map<String, String> would, Map<String, String> seen) {
        java.util.Set<String> wrong = wrongCards(would);
        return wrong.isEmpty() || !java.util.Collections.disjoint(wrong, wrongCards(seen));
    }

    private static java.util.Set<String> wrongCards(Map<String, String> signs) {
        return signs.entrySet().stream()
                .filter(e -> !e.getValue().equals("right"))
                .map(e -> e.getKey().substring(0, e.getKey().indexOf(' ')))
                .collect(java.util.stream.Collectors.toSet());
    }

    private static Map<String, String> of(Map<String, String> signs, java.util.Collection<CardId> run) {
        Map<String, String> some = new java.util.TreeMap<>();
        signs.forEach((about, sign) -> {
            if (run.stream().anyMatch(c -> about.startsWith(c + " "))) {
                some.put(about, sign);
            }
        });
        return some;
    }

    public boolean done() {
        return found.size() == hidden.size();
    }

    /** Points of the round as it stands, 0 to 100. */
    public int points() {
        int faults = hidden.size();
        long late = Math.max(0, seconds / 60 - (long) MINUTES * faults);
        long off = 3L * Math.max(0, checks - CHECKS * faults)
                + late
                + 15L * falsely.size()
                + 20L * (faults - found.size());
        return (int) Math.max(0, 100 - off);
    }

    /** How it stands, in one sentence. */
    public String words() {
        return found.size() + " of " + hidden.size() + " found, " + checks + (checks == 1 ? " card, " : " cards, ")
                + falsely.size() + " false blames, " + seconds / 60 + " min: " + points() + " points.";
    }
}
