package app.drachen.core.modes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the switches of the mode channel stand.
 *
 * @param first position of the first switch, from 1; the lowest where it does not matter
 * @param second position of the second, from 1; 0 without one
 * @param place value of the first switch [-], −1 to 1
 * @param secondPlace what of the second is added [-], −1 to 1; 0 where it takes the channel or nothing
 * @param taken whether the second switch has taken the channel
 */
public record Combination(int first, int second, double place, double secondPlace, boolean taken) {
    static List<Combination> of(SelectorKind kind, Optional<SecondSwitch> second) {
        List<Combination> all = new ArrayList<>();
        List<Double> places = kind.places();
        if (second.isEmpty()) {
            for (int i = 0; i < places.size(); i++) {
                all.add(new Combination(i + 1, 0, places.get(i), 0, false));
            }
            return all;
        }
        SecondSwitch other = second.get();
        List<Double> others = other.kind().places();
        if (!other.added()) {
            int free = other.takesAt() == 1 ? 2 : 1;
            for (int i = 0; i < places.size(); i++) {
                all.add(new Combination(i + 1, free, places.get(i), 0, false));
            }
            all.add(new Combination(1, other.takesAt(), 0, 0, true));
            return all;
        }
        for (int k = 0; k < others.size(); k++) {
            for (int i = 0; i < places.size(); i++) {
                all.add(new Combination(i + 1, k + 1, places.get(i), others.get(k), false));
            }
        }
        return all;
    }

    /**
     * Its pulse.
     *
     * @return [µs]
     */
    double pulse(double microsPerPercent, double weight, double offset, Optional<SecondSwitch> other) {
        double own = other.map(SecondSwitch::weight).orElse(0.0);
        return 1500 + microsPerPercent * 100 * (taken ? own : weight * place + offset + own * secondPlace);
    }

    /** "position 2", or "position 2 with the second switch at 1". */
    public String words() {
        return taken
                ? "second switch at " + second
                : "position " + first + (second == 0 ? "" : ", second switch at " + second);
    }
}
