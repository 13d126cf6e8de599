package app.drachen.desktop.stage.bench;

import app.drachen.core.bench.CardId;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;

/** Answers given so far, card by card: of the real aircraft, and of the stand-in. They go when the set-up changes. */
final class BenchAnswers {
    private final Map<CardId, Map<String, Double>> real = new EnumMap<>(CardId.class);
    private final Map<CardId, Map<String, Double>> standIn = new EnumMap<>(CardId.class);

    private Map<CardId, Map<String, Double>> of(boolean ofTheRealOne) {
        return ofTheRealOne ? real : standIn;
    }

    /** What was answered to a card. */
    Map<String, Double> given(boolean ofTheRealOne, CardId card) {
        return of(ofTheRealOne).getOrDefault(card, Map.of());
    }

    /** One more answer. */
    void put(boolean ofTheRealOne, CardId card, String reading, double value) {
        of(ofTheRealOne).computeIfAbsent(card, c -> new LinkedHashMap<>()).put(reading, value);
    }

    /** All answers of a card at once. */
    void put(boolean ofTheRealOne, CardId card, Map<String, Double> all) {
        of(ofTheRealOne).put(card, new LinkedHashMap<>(all));
    }

    /** Forgets a card. */
    void forget(boolean ofTheRealOne, CardId card) {
        of(ofTheRealOne).remove(card);
    }

    /** Forgets what the stand-in answered. */
    void forgetStandIn() {
        standIn.clear();
    }

    void forget() {
        real.clear();
        standIn.clear();
    }

    /** Cards that the stand-in has answered. */
    java.util.Set<CardId> ran() {
        return java.util.Set.copyOf(standIn.keySet());
    }
}
