package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.log.FlightLog;
import app.drachen.core.log.LogColumn;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;

/** What sticks and wishes did in a window, and means over stretches of rows. */
class SampledTest {
    private static final int ROWS = 3_000;
    private static final double RATE = 25;

    private final Map<LogColumn, double[]> columns = new EnumMap<>(LogColumn.class);

    private SampledTest with(LogColumn column, DoubleUnaryOperator movement) {
        double[] values = new double[ROWS];
        Arrays.setAll(values, i -> movement.applyAsDouble(i / RATE));
        columns.put(column, values);
        return this;
    }

    private FlightLog log() {
        with(LogColumn.TIME, t -> t);
        return FlightLog.of(columns);
    }

    private static Sampled sampled(FlightLog log) {
        return new Sampled(log, 0, log.rows() - 1);
    }

    private static Movements movements(FlightLog log, LogColumn column, Bins bins) {
        return new Movements(sampled(log).pushers(column, bins), bins);
    }

    private static final DoubleUnaryOperator MOVED = t -> 0.1 * Math.sin(2 * Math.PI * 0.4 * t) + 0.0003 * t;

    /** A stick that moved: as it is, a quarter of a second and 0.7 s before, and summed up as a rate does to an angle. */
    @Test
    void aStickIsTakenAsItIsLaterAndSummed() {
        FlightLog log = with(LogColumn.PITCH, t -> Math.sin(t))
                .with(LogColumn.STICK_PITCH, MOVED)
                .log();
        Bins bins = new Bins(8, RATE, 0.4, 4);
        Movements movements = movements(log, LogColumn.PITCH, bins);
        assertTrue(movements.in(40));
        assertEquals(4, movements.count());
        double[] lags = {6 / RATE, 18 / RATE, 0};
        for (int k = 0; k < 3; k++) {
            for (int i = 0; i < bins.size(); i++) {
                assertEquals(
                        MOVED.applyAsDouble(40 + i / RATE - lags[k]), movements.get(k)[i], 1e-7, "lag " + lags[k]);
            }
        }
        double sum = 0;
        double mean = Arrays.stream(movements.get(2)).average().orElseThrow();
        for (int i = 0; i < bins.size(); i++) {
            sum += movements.get(2)[i] - mean;
            assertEquals(sum, movements.get(3)[i], 1e-9);
        }
        // its spectrum stands where it moved
        List<float[]> powers = movements.powers(40);
        assertEquals(1, powers.size());
        float[] power = powers.get(0);
        int line = (int) Math.rint((0.4 - 1.0 / 8) * 16);
        for (int k = line + 6; k < power.length; k++) {
            assertTrue(power[k] < 0.02 * power[line], "line " + k);
        }
    }

    @Test
    void whatHardlyMovesIsNoMovement() {
        FlightLog log = with(LogColumn.PITCH, Math::sin)
                .with(LogColumn.STICK_PITCH, t -> 0.004 * MOVED.applyAsDouble(t))
                .with(LogColumn.STICK_POWER, t -> 0.5)
                .log();
        Bins bins = new Bins(8, RATE, 0.4, 4);
        Movements movements = movements(log, LogColumn.PITCH, bins);
        assertTrue(movements.in(40));
        assertEquals(0, movements.count());
        assertEquals(List.of(), movements.powers(40));
    }

    /** A wished bank moves the yaw rate too; a throw of the whole stick hides what swings beside it. */
    @Test
    void wishesCountAndAFullThrowIsLarge() {
        FlightLog log = with(LogColumn.YAW_RATE, Math::sin)
                .with(LogColumn.WANTED_ROLL, t -> Math.toRadians(20) * Math.sin(t))
                .with(LogColumn.STICK_YAW, t -> t < 60 ? 0.05 * Math.sin(3 * t) : 0.8 * Math.sin(3 * t))
                .log();
        Bins bins = new Bins(8, RATE, 0.4, 4);
        Movements yaw = movements(log, LogColumn.YAW_RATE, bins);
        assertTrue(yaw.in(20));
        assertEquals(2, yaw.powers(20).size());
        assertFalse(yaw.in(80));
        assertTrue(movements(log, LogColumn.ROLL, bins).in(80), "its own stick is not in the log");
    }

    /**
     * What is made of a trend, the stick and the stick's running sum is gone, whatever window was looked at before; what is at right angles to
     * them stays. Held against the QR decomposition of a library.
     */
    @Test
    void whatTheStickExplainsIsTakenOut() {
        FlightLog log = with(LogColumn.PITCH, Math::sin)
                .with(
                        LogColumn.STICK_PITCH,
                        t -> MOVED.applyAsDouble(t) + 0.08 * Math.sin(2.9 * t) + 0.06 * Math.sin(5.3 * t))
                .log();
        Bins bins = new Bins(8, RATE, 0.4, 4);
        Movements movements = movements(log, LogColumn.PITCH, bins);
        for (double from : new double[] {40, 44, 48}) {
            assertTrue(movements.in(from));
            double[] own = new double[bins.size()];
            double[] mixed = new double[bins.size()];
            Random random = new Random((long) from);
            double[][] explains = new double[2 + movements.count()][];
            explains[0] = new double[own.length];
            explains[1] = new double[own.length];
            for (int k = 0; k < movements.count(); k++) {
                explains[2 + k] = movements.get(k).clone();
            }
            for (int i = 0; i < own.length; i++) {
                explains[0][i] = 1;
                explains[1][i] = i / RATE;
                own[i] = random.nextGaussian();
                mixed[i] = own[i] + 3 - 0.2 * i / RATE + 5 * explains[2][i] - 2 * explains[4][i] + explains[5][i];
            }
            double[] residual = residual(own, explains);
            movements.out(mixed);
            assertArrayEquals(residual, mixed, 1e-6, "from " + from);
        }
    }

    @Test
    void aColumnIsMadeOnceUntilItIsLetGo() {
        Sampled sampled = sampled(with(LogColumn.ROLL, Math::sin).log());
        Grid grid = sampled.grid(LogColumn.ROLL);
        assertSame(grid, sampled.grid(LogColumn.ROLL));
        sampled.forget(LogColumn.ROLL);
        assertNotSame(grid, sampled.grid(LogColumn.ROLL));
        assertArrayEquals(grid.values(), sampled.grid(LogColumn.ROLL).values());
    }

    /** What least squares leave, by the QR decomposition of a library. */
    private static double[] residual(double[] samples, double[][] explains) {
        RealMatrix columns = MatrixUtils.createRealMatrix(explains).transpose();
        RealVector all = MatrixUtils.createRealVector(samples);
        RealVector shares = new QRDecomposition(columns).getSolver().solve(all);
        return all.subtract(columns.operate(shares)).toArray();
    }

    /** Means of any stretch are those of adding it up, whatever is missing in it. */
    @Test
    void meansAreThoseOfAddingUp() {
        Random random = new Random(8);
        FlightLog log = with(LogColumn.AIRSPEED, t -> random.nextInt(5) == 0 ? Double.NaN : 12 + random.nextGaussian())
                .log();
        Means means = new Means(log, LogColumn.AIRSPEED);
        for (int i = 0; i < 500; i++) {
            int from = random.nextInt(ROWS);
            int to = Math.min(ROWS, from + random.nextInt(200));
            double mean = log.mean(LogColumn.AIRSPEED, from, to);
            assertEquals(mean, means.mean(from, to), 1e-9, from + " to " + to);
        }
        assertTrue(Double.isNaN(means.mean(7, 7)));
        assertTrue(Double.isNaN(means.mean(0, ROWS + 1)), "beyond the log");
        assertTrue(Double.isNaN(new Means(log, LogColumn.CLIMB).mean(0, 10)), "not in the log");
    }
}
