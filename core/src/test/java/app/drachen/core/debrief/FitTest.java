package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FitTest {
    /** Four sets of points with the same line: F. J. Anscombe, Graphs in Statistical Analysis, 1973: y = 3.00 + 0.500 x. */
    @ParameterizedTest
    @CsvSource({
        "'10 8 13 9 11 14 6 4 12 7 5', '8.04 6.95 7.58 8.81 8.33 9.96 7.24 4.26 10.84 4.82 5.68'",
        "'10 8 13 9 11 14 6 4 12 7 5', '9.14 8.14 8.74 8.77 9.26 8.10 6.13 3.10 9.13 7.26 4.74'",
        "'10 8 13 9 11 14 6 4 12 7 5', '7.46 6.77 12.74 7.11 7.81 8.84 6.08 5.39 8.15 6.42 5.73'",
        "'8 8 8 8 8 8 8 19 8 8 8', '6.58 5.76 7.71 8.84 8.47 7.04 5.25 12.50 5.56 7.91 6.89'"
    })
    void theLinesOfAnscombesQuartetAreFound(String xs, String ys) {
        double[] x = numbers(xs);
        double[] y = numbers(ys);
        Fit.Line line = Fit.line(x, y, IntStream.range(0, x.length).toArray(), x.length);
        assertEquals(0.500, line.slope(), 5e-4);
        assertEquals(3.00, line.at(0), 5e-3);
        assertEquals(7.50, line.at(9), 5e-3);
        List<double[]> points = IntStream.range(0, x.length)
                .mapToObj(i -> new double[] {x[i], y[i]})
                .toList();
        assertEquals(line.at(4), Fit.line(points).at(4), 1e-12);
    }

    private static double[] numbers(String text) {
        return Arrays.stream(text.split(" ")).mapToDouble(Double::parseDouble).toArray();
    }

    @Test
    void onlyThePointsThatAreNamedCount() {
        double[] x = {0, 100, 1, -7, 2, 50};
        double[] y = {1, -900, 3, 12, 5, 0};
        Fit.Line line = Fit.line(x, y, new int[] {0, 2, 4, 1, 5}, 3);
        assertEquals(2, line.slope(), 1e-12);
        assertEquals(1, line.at(0), 1e-12);
        // two points, or several above one another, make no slope
        assertEquals(0, Fit.line(x, y, new int[] {0, 1}, 2).slope());
        assertEquals(
                2,
                Fit.line(new double[] {4, 4, 4}, new double[] {1, 2, 3}, new int[] {0, 1, 2}, 3)
                        .at(9),
                1e-12);
    }

    private static void without(double[] samples, double[]... movements) {
        double[][] trend = Fit.trend(samples.length);
        double[][] basis = Arrays.copyOf(trend, trend.length + movements.length);
        for (int k = 0; k < movements.length; k++) {
            basis[trend.length + k] = movements[k].clone();
        }
        double[] shares = new double[basis.length];
        int found = Fit.upright(basis, trend.length, basis.length, shares);
        for (int j = 0; j < found; j++) {
            for (int k = 0; k <= j; k++) {
                assertEquals(j == k ? 1 : 0, Fit.dot(basis[j], basis[k]), 1e-12, j + " and " + k);
            }
        }
        Fit.less(samples, basis, found, shares);
    }

    /** What is left is at right angles to all that was taken out, and nothing else went. */
    @Test
    void whatIsTakenOutIsGoneAndTheRestStays() {
        Random random = new Random(3);
        int n = 240;
        double[] one = random.doubles(n, -1, 1).toArray();
        double[] two = random.doubles(n, -1, 1).toArray();
        double[] own = random.doubles(n, -1, 1).toArray();
        without(own, one, two);
        double[] samples = new double[n];
        for (int i = 0; i < n; i++) {
            samples[i] = own[i] + 4 - 0.03 * i + 2.5 * one[i] - 1.5 * two[i];
        }
        // the same movement twice, and one that is hardly another, are taken out once
        double[] hardly = one.clone();
        hardly[7] += 1e-9;
        without(samples, one, one, hardly, two);
        for (int i = 0; i < n; i++) {
            assertEquals(own[i], samples[i], 1e-9);
        }
        for (double[] gone : List.of(one, two)) {
            assertTrue(Math.abs(Fit.dot(samples, gone)) < 1e-9);
        }
    }

    @Test
    void sumsAreThoseOfThePlainWay() {
        Random random = new Random(5);
        for (int n = 0; n < 14; n++) {
            double[] a = random.doubles(n, -1, 1).toArray();
            double[] b = random.doubles(n, -1, 1).toArray();
            double plain = 0;
            for (int i = 0; i < n; i++) {
                plain += a[i] * b[i];
            }
            assertEquals(plain, Fit.dot(a, b), 1e-14);
        }
        double[] wave = new double[1000];
        Arrays.setAll(wave, i -> 5 + 3 * Math.sin(2 * Math.PI * i / 100));
        assertEquals(3 / Math.sqrt(2), Fit.deviation(wave), 1e-12);
        double[] sums = new double[wave.length];
        Fit.summed(wave, sums);
        assertEquals(0, sums[999], 1e-9);
        assertEquals(3 * 100 / Math.PI, sums[50], 0.1);
    }
}
