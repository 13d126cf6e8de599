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
    private static double[] plainly(double[] times, double[] values, double from, double to, int columns) {
        double[] pairs = new double[2 * columns];
        Arrays.fill(pairs, Double.NaN);
        for (int i = 0; i < times.length; i++) {
            if (times[i] < from || times[i] > to || Double.isNaN(values[i])) {
                continue;
            }
            int column = Math.min(columns - 1, (int) ((times[i] - from) * (columns / (to - from))));
            pairs[2 * column] = Double.isNaN(pairs[2 * column]) ? values[i] : Math.min(pairs[2 * column], values[i]);
            pairs[2 * column + 1] =
                    Double.isNaN(pairs[2 * column + 1]) ? values[i] : Math.max(pairs[2 * column + 1], values[i]);
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
            double from = times[0] - 5 + random.nextDouble() * whole;
            double to = from + Math.pow(10, -2 + 2.2 * random.nextDouble()) * whole;
            double[] wanted = plainly(times, values, from, to, columns);
            assertEquals(
                    Arrays.toString(wanted),
                    Arrays.toString(pyramid.leastAndGreatest(from, to, columns)),
                    from + " to " + to);
        }
    }

    @Test
    void theEdgesOfTheViewAreInIt() {
        double[] times = {0, 1, 2, 3, 4};
        double[] values = {7, -3, 5, Double.NaN, 9};
        double[] pairs = new Pyramid(times, values).leastAndGreatest(0, 4, 4);
        assertEquals("[7.0, 7.0, -3.0, -3.0, 5.0, 5.0, 9.0, 9.0]", Arrays.toString(pairs));
        assertTrue(Arrays.stream(new Pyramid(times, values).leastAndGreatest(4.5, 9, 3))
                .allMatch(Double::isNaN));
    }
}
