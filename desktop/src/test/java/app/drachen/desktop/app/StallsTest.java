package app.drachen.desktop.app;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import org.junit.jupiter.api.Test;

class StallsTest {
    @Test
    void theLongestIsKeptAndTheRestItselfIsNone() {
        long[] now = {5};
        Deque<Long> late = new ArrayDeque<>(List.of(0L, 3_000_000L, 40_200_000L, 7_000_000L));
        Stalls stalls = new Stalls(() -> now[0], nap -> now[0] += nap + late.pop());
        stalls.look();
        assertEquals(0, stalls.millis());
        stalls.look();
        assertEquals(3, stalls.millis());
        stalls.look();
        stalls.look();
        assertEquals(40.2, stalls.millis());
    }
}
