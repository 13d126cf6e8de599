package app.drachen.core.bench;

import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * A fault that the stand-in board can hide in this aircraft: what differs between what the pilot believes and what is really there, what
 * it is called when somebody blames it, and why it shows as it does.
 *
 * <p>Source: common practice; each is planted in the aircraft that the board lives in, never in what is seen.
 *
 * @param id stable
 * @param words what it is, in a few words
 * @param why how it shows, in one sentence
 * @param really the aircraft as it really is
 */
public record Planted(String id, String words, String why, UnaryOperator<RealThing> really) {
    /** The faults that hide every other. */
    static final String ALL_DEAD = "servo-rail";

    /** Scatter with which signs are taken: any will do, since a verdict does not hang on it. */
    private static final long SEED = 11;

    /** One fault is the other where they bear the same id. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Planted p && p.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    /** Every fault that this aircraft can have, that some card shows, and that looks like no other. */
    public static List<Planted> possible(Setup setup) {
        return List.copyOf(withSigns(setup).keySet());
    }

    /** The same, each with what all cards would show of it. */
    public static Map<Planted, Map<String, String>> withSigns(Setup setup) {
        List<Planted> all = new ArrayList<>(SurfaceFaults.of(setup));
        all.addAll(OtherFaults.of(setup));
        Map<Planted, Map<String, String>> signs = new LinkedHashMap<>();
        Map<String, String> sound = signs(setup, List.of());
        for (Planted p : all) {
            Map<String, String> sign = signs(setup, planted(setup, List.of(p)), sound);
            if (!sign.equals(sound) && !signs.containsValue(sign)) {
                signs.put(p, sign);
            }
        }
        return signs;
    }

    /** An aircraft in which these faults are planted. */
    static RealThing planted(Setup setup, List<Planted> faults) {
        RealThing real = RealThing.sound(setup);
        for (Planted p : faults) {
            real = p.really().apply(real);
        }
        return real;
    }

    /** What all cards show of an aircraft in which these faults are planted: of each answer whether it is right, too low or too high. */
    static Map<String, String> signs(Setup setup, List<Planted> faults) {
        return signs(setup, planted(setup, faults));
    }

    static Map<String, String> signs(Setup believed, RealThing real) {
        return signs(believed, real, Map.of());
    }

    /** Cards that only the set-up answers: with the same one they show the same. */
    private static final Set<CardId> BY_SETUP = EnumSet.of(
            CardId.CHANNEL_ORDER,
            CardId.END_POINTS,
            CardId.STICK_TO_OUTPUT,
            CardId.STICK_TO_SURFACE,
            CardId.TILT_TO_SURFACE,
            CardId.CENTRES_AND_THROWS,
            CardId.ROTATION,
            CardId.READ_BACK);

    /**
     * What all cards show.
     *
     * @param known what is known already of the aircraft with the set-up that is believed
     */
    private static Map<String, String> signs(Setup believed, RealThing real, Map<String, String> known) {
        Map<String, String> signs = new LinkedHashMap<>();
        for (BenchCard card : BenchCards.of(believed)) {
            if (!known.isEmpty() && real.setup() == believed && BY_SETUP.contains(card.id())) {
                known.forEach((about, sign) -> {
                    if (about.startsWith(card.id() + " ")) {
                        signs.put(about, sign);
                    }
                });
                continue;
            }
            Map<String, Double> given = StandInAnswers.to(card.id(), believed, real, SEED);
            for (BenchCard.Said said : card.judged(given)) {
                signs.put(card.id() + " " + said.about(), said.good() ? "right" : "wrong" + where(card, said, given));
            }
        }
        return signs;
    }

    private static String where(BenchCard card, BenchCard.Said said, Map<String, Double> given) {
        return card.reading(said.about())
                .map(r -> r.options().isEmpty()
                        ? given.get(r.id()) > r.wanted().orElseThrow().high() ? " high" : " low"
                        : " " + r.told(given.get(r.id())))
                .orElse("");
    }
}
