package app.drachen.core.plot;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlotTest {
    @Property(tries = 100, seed = "5")
    void aScaleGoesThereAndBack(
            @ForAll @DoubleRange(min = -1e3, max = 1e3) double low,
            @ForAll @DoubleRange(min = 1e-2, max = 1e3) double span,
            @ForAll @DoubleRange(min = -5e3, max = 5e3) double value) {
        LinearScale scale = new LinearScale(low, low + span, 400, 20);
        assertEquals(value, scale.toValue(scale.toScreen(value)), 1e-6 * (1 + Math.abs(value)));
    }

    @Test
    void aScaleNeedsTwoValues() {
        assertThrows(IllegalArgumentException.class, () -> new LinearScale(1, 1, 0, 100));
        assertThrows(IllegalArgumentException.class, () -> new LinearScale(Double.NaN, 1, 0, 100));
    }

    @ParameterizedTest
    @CsvSource({"10, 10, 1", "10, 6, 2", "10, 3, 5", "10, 1, 10", "0.7, 5, 0.2", "3600, 8, 500"})
    void stepsAreRound(double span, int most, double step) {
        assertEquals(step, Ticks.step(span, most), step * 1e-9);
    }

    @Test
    void noPeakIsLostAndGapsStayGaps() {
        double[] times = new double[10_000];
        double[] values = new double[10_000];
        for (int i = 0; i < times.length; i++) {
            times[i] = i * 0.01;
            values[i] = i >= 4_000 && i < 5_000 ? Double.NaN : Math.sin(i * 0.01);
        }
        values[7_321] = 42;
        values[9_999] = -17;
        double[] pairs = new Pyramid(times, values).leastAndGreatest(0.5, 0, 200);
        double most = Double.NEGATIVE_INFINITY;
        int empty = 0;
        for (int c = 0; c < 200; c++) {
            most = Double.isNaN(pairs[2 * c + 1]) ? most : Math.max(most, pairs[2 * c + 1]);
            empty += Double.isNaN(pairs[2 * c]) ? 1 : 0;
        }
        assertEquals(42, most);
        assertEquals(-17, pairs[2 * 199], "the last column is kept");
        assertTrue(empty >= 18 && empty <= 20, "a tenth of the columns is empty: " + empty);
    }
}
