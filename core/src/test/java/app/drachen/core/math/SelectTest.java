package app.drachen.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class SelectTest {
    /** Against sorting: many equal ones, falling, rising, missing ones, one alone. */
    @Test
    void whatStandsThereIsWhatSortingPutsThere() {
        NoiseSource noise = new NoiseSource(3);
        for (int round = 0; round < 2_000; round++) {
            int n = 1 + (int) (60 * noise.uniform());
            double[] values = new double[n + 3];
            int kind = round % 5;
            for (int i = 0; i < values.length; i++) {
                values[i] = kind == 0
                        ? noise.gaussian()
                        : kind == 1
                                ? Math.rint(2 * noise.gaussian())
                                : kind == 2
                                        ? i
                                        : kind == 3 ? -i : noise.uniform() < 0.3 ? Double.NaN : noise.gaussian();
            }
            double[] sorted = Arrays.copyOf(values, n);
            Arrays.sort(sorted);
            double[] behind = Arrays.copyOfRange(values, n, values.length);
            int place = (int) (n * noise.uniform());
            assertEquals(sorted[place], Select.nth(values, n, place), 0.0, "round " + round);
            assertEquals(
                    Arrays.toString(behind),
                    Arrays.toString(Arrays.copyOfRange(values, n, values.length)),
                    "untouched");
        }
    }
}
