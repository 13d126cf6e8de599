package app.drachen.core.plot;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The picture of many samples is that of looking at every one of them. */
class PyramidTest {
    private static double[] plainly(double[] times, double[] values, double seconds, long first, int columns) {
        double[] pairs = new double[2 * columns];
        Arrays.fill(pairs, Double.NaN);
        for (int i = 0; i < times.length; i++) {
            double column = Math.floor(times[i] / seconds) - first;
            if (column < 0 || column >= columns || Double.isNaN(values[i])) {
                continue;
            }
            int at = 2 * (int) column;
            pairs[at] = Double.isNaN(pairs[at]) ? values[i] : Math.min(pairs[at], values[i]);
            pairs[at + 1] = Double.isNaN(pairs[at + 1]) ? values[i] : Math.max(pairs[at + 1], values[i]);
        }
        return pairs;
    }

    @ParameterizedTest
    @CsvSource({
        "100000, 0, 800",
        "100000, 0.3, 1",
        "5000, 0.9, 300",
        "64, 0, 10",
        "63, 0.1, 5",
        "1, 0, 50",
        "20000, 1, 40"
    })
    void everyViewIsThatOfThePlainWay(int samples, double missing, int columns) {
        Random random = new Random(samples);
        double[] times = new double[samples];
        double[] values = new double[samples];
        double time = -30;
        for (int i = 0; i < samples; i++) {
            // a logger that stands still now and then
            time += random.nextInt(2_000) == 0 ? 90 : 0.01 + 0.02 * random.nextDouble();
            times[i] = time;
            values[i] = random.nextDouble() < missing ? Double.NaN : 5 * Math.sin(time / 7) + random.nextGaussian();
        }
        Pyramid pyramid = new Pyramid(times, values);
        double whole = times[samples - 1] - times[0] + 1;
        for (int view = 0; view < 60; view++) {
            double seconds = Math.pow(10, -2 + 2.2 * random.nextDouble()) * whole / columns;
            long first = (long) Math.floor((times[0] - 5 + random.nextDouble() * whole) / seconds);
            assertEquals(
                    Arrays.toString(plainly(times, values, seconds, first, columns)),
                    Arrays.toString(pyramid.leastAndGreatest(seconds, first, columns)),
                    columns + " of " + seconds + " s from " + first);
        }
        // moved, by little and by more than it shows, made wider and narrower, at the same and at another scale
        Sight sight = new Sight(pyramid);
        double seconds = whole / columns;
        long first = (long) Math.floor(times[0] / seconds);
        for (int move = 0; move < 60; move++) {
            first += Math.round(random.nextGaussian() * columns / 3);
            seconds *= random.nextInt(5) == 0 ? 1.25 : 1;
            int width = Math.max(1, columns + random.nextInt(7) - 3);
            assertEquals(
                    Arrays.toString(plainly(times, values, seconds, first, width)),
                    Arrays.toString(sight.of(seconds, first, width)),
                    width + " of " + seconds + " s moved to " + first);
        }
    }

    @Test
    void aSampleOnTheEdgeLiesInTheColumnThatBeginsThere() {
        double[] times = {0, 1, 2, 3, 4};
        double[] values = {7, -3, 5, Double.NaN, 9};
        Pyramid pyramid = new Pyramid(times, values);
        assertEquals(
                "[7.0, 7.0, -3.0, -3.0, 5.0, 5.0, NaN, NaN, 9.0, 9.0]",
                Arrays.toString(pyramid.leastAndGreatest(1, 0, 5)));
        assertTrue(Arrays.stream(pyramid.leastAndGreatest(1.5, 3, 3)).allMatch(Double::isNaN));
        assertEquals(0, pyramid.leastAndGreatest(1, 2, 0).length);
    }
}
