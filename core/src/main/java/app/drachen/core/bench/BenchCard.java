package app.drachen.core.bench;

import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A card of the bench for one aircraft: what is asked, and what the answers say.
 *
 * @param id which
 * @param readings what is asked, in order
 * @param sums what follows from all answers together
 */
public record BenchCard(CardId id, List<Reading> readings, Sums sums) {
    /** What follows from answers, once those it needs are there. */
    @FunctionalInterface
    public interface Sums {
        /** Nothing beside the readings themselves. */
        Sums NONE = given -> List.of();

        List<Said> of(Map<String, Double> given);
    }

    /**
     * Something that the answers say.
     *
     * @param about what, within the card
     * @param good whether it is as it must be
     * @param sentence what, and where it is wrong what to do
     * @param workings the numbers behind it
     */
    public record Said(String about, boolean good, String sentence, List<Working> workings) {
        public Said {
            workings = List.copyOf(workings);
        }
    }

    public BenchCard {
        readings = List.copyOf(readings);
    }

    /** Whether everything that is needed is answered. */
    public boolean complete(Map<String, Double> given) {
        return readings.stream().filter(Reading::needed).allMatch(r -> given.containsKey(r.id()));
    }

    /** What the answers so far say: each reading that is judged, then what follows from them. */
    public List<Said> judged(Map<String, Double> given) {
        List<Said> said = new ArrayList<>();
        for (Reading reading : readings) {
            Double value = given.get(reading.id());
            if (value != null && reading.wanted().isPresent()) {
                said.add(new Said(
                        reading.id(),
                        reading.wrong(value).isEmpty(),
                        reading.wrong(value).orElse(reading.asks() + ": " + reading.told(value)),
                        List.of()));
            }
        }
        said.addAll(sums.of(given));
        return said;
    }

    /** What is wrong so far. */
    public List<Said> wrong(Map<String, Double> given) {
        return judged(given).stream().filter(s -> !s.good()).toList();
    }

    /** Whether it is complete and nothing is wrong. */
    public boolean passed(Map<String, Double> given) {
        return complete(given) && wrong(given).isEmpty();
    }

    /** What it depends on to be judged at all, in words: how many answers, of how many. */
    public String progress(Map<String, Double> given) {
        long all = readings.stream().filter(Reading::needed).count();
        long there = readings.stream()
                .filter(r -> r.needed() && given.containsKey(r.id()))
                .count();
        return there + " of " + all + " answers";
    }

    /** A reading by its id. */
    public java.util.Optional<Reading> reading(String readingId) {
        return readings.stream().filter(r -> r.id().equals(readingId)).findFirst();
    }
}
