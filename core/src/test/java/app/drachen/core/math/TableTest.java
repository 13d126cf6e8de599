package app.drachen.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class TableTest {
    @Test
    void aSmoothFunctionIsMetWithinTheBoundAndAskedSeldom() {
        AtomicInteger asked = new AtomicInteger();
        Table table = new Table(
                x -> {
                    asked.incrementAndGet();
                    return Math.sin(x);
                },
                -1,
                2,
                0.01,
                1e-9);
        for (int i = 0; i <= 3_000_00; i++) {
            double x = -1 + i * 1e-5;
            assertEquals(Math.sin(x), table.at(Math.min(x, 1.999_999)), 1e-9 + Math.max(0, x - 1.999_999));
        }
        assertTrue(asked.get() <= 7 * 300, "asked " + asked.get() + " times");
    }

    @Test
    void whereACubicMissesTheFunctionItselfAnswers() {
        // a corner inside a cell, a root's vertical start, and what lies outside
        Table corner = new Table(x -> Math.abs(x - 0.503), 0, 1, 0.01, 1e-9);
        assertEquals(0.001, corner.at(0.504), 1e-15);
        assertEquals(0.003, corner.at(0.500), 1e-15);
        Table root = new Table(Math::sqrt, 0, 1, 0.1, 1e-9);
        assertEquals(Math.sqrt(0.037), root.at(0.037), 0);
        assertEquals(Math.sqrt(7), root.at(7), 0);
        assertTrue(Double.isNaN(root.at(-1)));
        assertTrue(Double.isNaN(root.at(Double.NaN)));
    }
}
