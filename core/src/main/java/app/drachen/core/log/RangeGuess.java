package app.drachen.core.log;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A guess at columns that have no headers, by their numbers alone: a time rises, places hardly change and have many digits, a heading
 * jumps at 360, a pack's volts fall. What numbers cannot tell is left to the pilot.
 *
 * <p>Source: own estimate.
 */
final class RangeGuess {
    private RangeGuess() {}

    static Map<LogColumn, Integer> of(List<ForeignColumn> columns) {
        Map<LogColumn, Integer> places = new EnumMap<>(LogColumn.class);
        for (int i = 0; i < columns.size(); i++) {
            double[] numbers = columns.get(i).numbers();
            double least = Double.POSITIVE_INFINITY;
            double most = Double.NEGATIVE_INFINITY;
            int up = 0;
            int down = 0;
            int round = 0;
            double rise = 0;
            int count = 0;
            double first = Double.NaN;
            double last = Double.NaN;
            for (double number : numbers) {
                if (Double.isNaN(number)) {
                    continue;
                }
                count++;
                least = Math.min(least, number);
                most = Math.max(most, number);
                if (!Double.isNaN(last)) {
                    up += number > last ? 1 : 0;
                    down += number < last ? 1 : 0;
                    round += Math.abs(number - last) > 300 ? 1 : 0;
                    rise = Math.max(rise, Math.abs(number - last));
                }
                first = Double.isNaN(first) ? number : first;
                last = number;
            }
            if (count < 5) {
                continue;
            }
            boolean whole = columns.get(i).whole();
            double range = most - least;
            boolean degrees = !whole && Math.abs(most) <= 180 && range < 0.5 && range > 0 && digits(numbers) >= 4;
            boolean tenMillionths =
                    whole && Math.abs(most) > 1e7 && Math.abs(most) <= 1.8e9 && range < 5e6 && range > 0;
            if (!places.containsKey(LogColumn.TIME) && down == 0 && up > 0.9 * (count - 1)) {
                places.put(LogColumn.TIME, i);
            } else if ((degrees || tenMillionths) && !places.containsKey(LogColumn.LONGITUDE)) {
                places.put(places.containsKey(LogColumn.LATITUDE) ? LogColumn.LONGITUDE : LogColumn.LATITUDE, i);
            } else if (least >= 0 && most <= 360 && round > 0) {
                places.putIfAbsent(LogColumn.HEADING, i);
            } else if (!whole && least > 5 && most < 60 && last < first - 0.1 && range < 0.35 * most && rise < 2) {
                places.putIfAbsent(LogColumn.VOLTS, i);
            }
        }
        if (places.containsKey(LogColumn.LATITUDE) && !places.containsKey(LogColumn.LONGITUDE)) {
            places.remove(LogColumn.LATITUDE);
        }
        return places;
    }

    /** How many places behind the point the numbers need. */
    private static int digits(double[] numbers) {
        int most = 0;
        for (double number : numbers) {
            double scaled = Math.abs(number);
            int digits = 0;
            while (digits < 8 && !Double.isNaN(number) && Math.abs(scaled - Math.rint(scaled)) > 1e-6) {
                scaled *= 10;
                digits++;
            }
            most = Math.max(most, digits);
        }
        return most;
    }
}
