package app.drachen.core.math;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;

import org.junit.jupiter.api.Test;

class ColumnsTest {
    /** One after the other, bit for bit; places and columns outside stay as they are. */
    @Test
    void theSumIsThatOfOneColumnAfterTheOther() {
        NoiseSource noise = new NoiseSource(5);
        for (int n = 0; n < 12; n++) {
            double[][] columns = new double[15][9];
            double[] times = new double[15];
            double[] sum = new double[9];
            double[] plain = new double[9];
            for (int j = 0; j < 15; j++) {
                times[j] = noise.gaussian();
                for (int i = 0; i < 9; i++) {
                    columns[j][i] = noise.gaussian();
                    sum[i] = plain[i] = i;
                }
            }
            for (int j = 2; j < 2 + n; j++) {
                for (int i = 1; i < 8; i++) {
                    plain[i] += times[j] * columns[j][i];
                }
            }
            Columns.add(sum, columns, 2, times, n, 1, 8);
            assertArrayEquals(plain, sum, 0.0);
        }
    }
}
