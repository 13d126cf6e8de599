package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Spectra held against closed forms and against a discrete Fourier transform written the long way. */
class BinsTest {
    private static double[] wave(Bins bins, double frequency, double amplitude, double phase) {
        double[] samples = new double[bins.size()];
        Arrays.setAll(samples, i -> amplitude * Math.sin(2 * Math.PI * frequency * i / bins.rate() + phase));
        return samples;
    }

    /** A window tapered as by von Hann shows a wave on a line with its own amplitude, and −6 dB one whole line beside it. */
    @ParameterizedTest
    @CsvSource({"4, 25, 2, 0.3", "8, 50, 7, 0.02", "16, 10, 1.5, 4"})
    void aWaveOnALineHasItsAmplitude(double length, double rate, double frequency, double amplitude) {
        Bins bins = new Bins(length, rate, 1 / length, Math.min(0.45 * rate, 2 * frequency));
        int line = (int) Math.rint((frequency - 1 / length) * 2 * length);
        assertEquals(frequency, bins.frequency(line), 1e-12);
        for (double phase : new double[] {0, 1, 2.5}) {
            float[] power = bins.power(wave(bins, frequency, amplitude, phase));
            assertEquals(amplitude, Math.sqrt(power[line]), 2e-3 * amplitude);
            // lines stand two to each 1/length
            assertEquals(0.5 * amplitude, Math.sqrt(power[line + 2]), 0.02 * amplitude);
            assertEquals(0, Math.sqrt(power[line + 6]), 0.03 * amplitude);
        }
    }

    /** The textbook's sum over samples with the taper 0.5 − 0.5 cos, line by line. */
    @ParameterizedTest
    @CsvSource({"5, 20, 8", "2, 50, 21", "4, 20.25, 4", "1, 3, 1"})
    void everyLineIsThatOfTheLongWay(double length, double rate, double high) {
        Bins bins = new Bins(length, rate, 1 / length, high);
        double[] samples = new Random(7).doubles(bins.size(), -1, 1).toArray();
        float[] power = bins.power(samples);
        for (int k = 0; k < bins.count(); k++) {
            double re = 0;
            double im = 0;
            double sum = 0;
            for (int i = 0; i < samples.length; i++) {
                double taper = 0.5 - 0.5 * Math.cos(2 * Math.PI * (i + 0.5) / samples.length);
                double angle = 2 * Math.PI * bins.frequency(k) * i / rate;
                re += taper * samples[i] * Math.cos(angle);
                im -= taper * samples[i] * Math.sin(angle);
                sum += taper;
            }
            double wanted = 4 * (re * re + im * im) / (sum * sum);
            assertEquals(wanted, power[k], 1e-12 + 1e-7 * wanted);
        }
    }

    /** Between lines too the frequency is found, by the parabola through the tops. */
    @Test
    void frequenciesBetweenLinesAreFound() {
        Bins bins = new Bins(8, 25, 0.25, 6);
        for (double frequency = 1; frequency < 5; frequency += 0.0173) {
            float[] power = bins.power(wave(bins, frequency, 1, 0.4));
            int top = 0;
            for (int k = 1; k < power.length; k++) {
                top = power[k] > power[top] ? k : top;
            }
            assertEquals(frequency, bins.refined(power, top), 0.006, "of " + frequency);
            assertTrue(bins.share(power, top) > 0.9, "a wave stands alone");
        }
    }

    /**
     * White noise of deviation s: the mean power in a line is 4 s² Σw² ÷ (Σw)², 6 s²/n with von Hann's taper (F. J. Harris, 1978:
     * noise bandwidth 1.5). A loud stretch and a swing in few windows do not lift the floor.
     */
    @Test
    void theFloorIsThatOfTheNoise() {
        Bins bins = new Bins(4, 25, 0.75, 10);
        Random random = new Random(11);
        double wanted = 6 * 0.3 * 0.3 / bins.size();
        List<float[]> windows = new ArrayList<>();
        for (int w = 0; w < 400; w++) {
            double[] samples = w % 8 == 0 ? wave(bins, 3, 2, w) : new double[bins.size()];
            for (int i = 0; i < samples.length; i++) {
                samples[i] += 0.3 * random.nextGaussian() * (w % 10 == 1 ? 4 : 1);
            }
            windows.add(bins.power(samples));
        }
        double[] floor = bins.floor(windows);
        for (int k = bins.lowest(); k < floor.length; k++) {
            assertEquals(1, floor[k] / wanted, 0.35, "line " + k);
        }
        // a window four times as loud stands sixteen times over the floor, one as usual at it
        double[] levels = new double[400];
        for (int w = 0; w < 400; w++) {
            levels[w] = bins.level(windows.get(w), floor, 20);
        }
        assertEquals(16, mean(levels, 1), 5);
        assertEquals(1, mean(levels, 2), 0.3);
    }

    private static double mean(double[] levels, int rest) {
        double sum = 0;
        for (int w = rest; w < levels.length; w += 10) {
            sum += levels[w] / (levels.length / 10.0);
        }
        return sum;
    }

    private static Grid grid(double rate, double seconds, java.util.function.DoubleUnaryOperator movement) {
        double[] times = new double[(int) (rate * seconds)];
        Arrays.setAll(times, i -> i / rate);
        Map<LogColumn, double[]> columns = new EnumMap<>(LogColumn.class);
        columns.put(LogColumn.TIME, times);
        columns.put(LogColumn.PITCH, Arrays.stream(times).map(movement).toArray());
        return Grid.of(FlightLog.of(columns), LogColumn.PITCH, 0, times.length - 1);
    }

    /** From a finer grid: what is slow keeps its amplitude, what is faster than the lines is not folded down among them. */
    @Test
    void aFinerGridIsThinnedWithoutFolding() {
        Bins bins = new Bins(16, 5, 0.2, 1.2);
        Grid grid = grid(50, 60, t -> 0.4 * Math.sin(2 * Math.PI * 0.75 * t) + 3 * Math.sin(2 * Math.PI * 4.6 * t));
        Grid thin = bins.sampled(grid);
        assertEquals(5, thin.rate());
        assertEquals(300, thin.steps(), 2);
        bins.smoothed(grid);
        double[] window = new double[bins.size()];
        assertTrue(thin.fill(50, window));
        float[] power = bins.power(window);
        int slow = (int) Math.rint((0.75 - 1.0 / 16) * 32);
        assertEquals(0.4, Math.sqrt(power[slow]), 0.02);
        // 4.6 Hz would come back as 0.4 Hz with amplitude 3
        int folded = (int) Math.rint((0.4 - 1.0 / 16) * 32);
        assertTrue(Math.sqrt(power[folded]) < 0.1, "folded down: " + Math.sqrt(power[folded]));
    }

    /** Beyond what a float holds a line has no share, rather than all of it. */
    @Test
    void whatIsBeyondMeasureHasNoShare() {
        Bins bins = new Bins(8, 25, 0.25, 6);
        int line = (int) Math.rint((2 - 1.0 / 8) * 16);
        assertTrue(bins.share(bins.power(wave(bins, 2, 1e18, 0)), line) > 0.9);
        assertFalse(bins.share(bins.power(wave(bins, 2, 1e25, 0)), line) >= 0);
    }

    @Test
    void aWindowWithAGapIsNone() {
        float[] steps = new float[100];
        steps[47] = Float.NaN;
        steps[80] = 3;
        Grid all = Grid.NONE.thinned(10, steps);
        double[] window = new double[20];
        assertTrue(all.fill(27, window));
        assertFalse(all.fill(28, window));
        assertFalse(all.fill(47, window));
        assertTrue(all.fill(48, window));
        assertTrue(all.fill(80, window));
        assertEquals(3, window[0]);
        assertFalse(all.fill(-1, window));
        assertFalse(all.fill(81, window));
    }
}
