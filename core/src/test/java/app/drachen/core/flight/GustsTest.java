package app.drachen.core.flight;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.air.Field;
import app.drachen.core.demo.DemoField;
import app.drachen.core.math.NoiseSource;
import org.hipparchus.complex.Complex;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Dryden turbulence: scales, variances and spectra of MIL-F-8785C, and independence of the step. */
class GustsTest {
    private static final double HEIGHT = 60;
    private static final double SPEED = 15;
    private static final Field FIELD = DemoField.deichwiese().withWind(0, 0, 5);
    private static final long SEED = 31;

    /** Gusts along, across (from the north) and up, and about the path. */
    private static double[][] series(int n, double step, double span) {
        Gusts gusts = new Gusts(FIELD, new NoiseSource(SEED), span);
        double[][] series = new double[4][n];
        for (int i = 0; i < n; i++) {
            gusts.advance(step, HEIGHT, SPEED);
            series[0][i] = -gusts.north(HEIGHT);
            series[1][i] = -gusts.east(HEIGHT);
            series[2][i] = -gusts.down();
            series[3][i] = gusts.rollRate();
        }
        return series;
    }

    private static double sigma(double[] values) {
        double sum = 0;
        for (double v : values) {
            sum += v * v;
        }
        return Math.sqrt(sum / values.length);
    }

    /** Values of the low-altitude form at 100 ft and 1 000 ft, worked by hand from its two equations. */
    @ParameterizedTest
    @CsvSource({"30.48, 505.2, 0.5828", "304.8, 1000.0, 1.0000"})
    void scalesAreThoseOfTheStandard(double height, double lengthFeet, double share) {
        assertEquals(lengthFeet * 0.3048, Gusts.length(height), 0.2);
        assertEquals(share, Gusts.upwardShare(height), 1e-3);
        assertEquals(Gusts.length(304.8), Gusts.length(2_000), 1e-9, "held beyond 1 000 ft");
    }

    @ParameterizedTest
    @CsvSource({"0.02", "0.1", "0.5"})
    void variancesAreThoseOfTheFieldWhateverTheStep(double step) {
        int n = (int) (60_000 / step);
        double[][] g = series(Math.min(n, 2_000_000), step, 1.5);
        // 60 000 s hold some 4 000 independent lengths of 220 m: 3 standard errors are 3 to 4 %
        assertEquals(2.0, sigma(g[0]), 0.08);
        assertEquals(2.0, sigma(g[1]), 0.08);
        assertEquals(2.0 * Gusts.upwardShare(HEIGHT), sigma(g[2]), 0.04);
        double b = 1.5;
        double roll = 2.0
                * Gusts.upwardShare(HEIGHT)
                * Math.sqrt(0.8 * Math.PI * Math.PI / (8 * b * HEIGHT) * Math.cbrt(Math.PI * HEIGHT / (4 * b)));
        assertEquals(roll, sigma(g[3]), 0.03 * roll);
    }

    /** Spectra over circular frequency, σ² = ∫Φ dω from 0: Φ_u and Φ_w of the standard, held in bands of a third. */
    @Test
    void spectraHaveTheShapeOfTheStandard() {
        double step = 0.05;
        int block = 8_192;
        int blocks = 240;
        double[][] g = series(block * blocks, step, 0);
        double length = Gusts.length(HEIGHT);
        for (int kind = 0; kind < 3; kind++) {
            double[] density = density(g[kind], block, blocks, step);
            double l = kind == 2 ? HEIGHT : length;
            double size = kind == 2 ? 2.0 * Gusts.upwardShare(HEIGHT) : 2.0;
            double unit = 2 * Math.PI / (block * step);
            for (double low = 0.05; low < 12; low *= 2) {
                double measured = 0;
                double expected = 0;
                for (int k = (int) Math.ceil(low / unit); k * unit < 1.5 * low; k++) {
                    double t = l / SPEED * k * unit;
                    double form = kind == 0
                            ? 2 * l / (Math.PI * SPEED) / (1 + t * t)
                            : l / (Math.PI * SPEED) * (1 + 3 * t * t) / ((1 + t * t) * (1 + t * t));
                    measured += density[k];
                    expected += size * size * form;
                }
                // sampled at 20 Hz the highest bands fold a little; the lowest band has two lines of 240 blocks: 3
                // standard
                // errors are 14 %, and the window leaks a little
                double within = low > 6 ? 0.25 : low < 0.1 ? 0.18 : 0.12;
                assertEquals(1, measured / expected, within, "kind " + kind + " at " + low + " rad/s");
            }
        }
    }

    /** Mean over Hann-windowed blocks of the one-sided density over circular frequency (Welch 1967). */
    private static double[] density(double[] values, int block, int blocks, double step) {
        FastFourierTransformer fft = new FastFourierTransformer(DftNormalization.STANDARD);
        double[] mean = new double[block / 2];
        double power = 0;
        for (int i = 0; i < block; i++) {
            power += Math.pow(window(i, block), 2);
        }
        for (int b = 0; b < blocks; b++) {
            double[] part = new double[block];
            for (int i = 0; i < block; i++) {
                part[i] = values[b * block + i] * window(i, block);
            }
            Complex[] lines = fft.transform(part, TransformType.FORWARD);
            for (int k = 0; k < mean.length; k++) {
                mean[k] += 2 * lines[k].norm() * lines[k].norm() * step / power / (2 * Math.PI) / blocks;
            }
        }
        return mean;
    }

    private static double window(int i, int n) {
        return 0.5 - 0.5 * Math.cos(2 * Math.PI * i / n);
    }

    @Test
    void calmAirStandsStill() {
        Gusts gusts = new Gusts(FIELD.withWind(0, 0, 0), new NoiseSource(1), 1.5);
        for (int i = 0; i < 100; i++) {
            gusts.advance(0.02, 30, 12);
            assertEquals(0, Math.abs(gusts.north(30)) + Math.abs(gusts.down()) + Math.abs(gusts.rollRate()));
        }
        assertTrue(new Gusts(FIELD, new NoiseSource(1)).rollRate() == 0);
    }
}
