package app.drachen.core.debrief;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class PartTest {
    private static List<Part<Integer>> parts(IllegalStateException first, IllegalStateException later) {
        return IntStream.range(0, 40)
                .mapToObj(i -> new Part<>(() -> {
                    if (i == 7 || i == 31) {
                        throw i == 7 ? first : later;
                    }
                    return i;
                }))
                .toList();
    }

    /** Whichever hand it went wrong in: the pool makes another one of it, with its class in what it says. */
    @Test
    void theFirstThatGoesWrongIsThrownAsItWas() {
        for (int turn = 0; turn < 200; turn++) {
            IllegalStateException first = new IllegalStateException("the wing has no area");
            List<Part<Integer>> parts = parts(first, new IllegalStateException("the tail has none"));
            assertSame(first, assertThrows(IllegalStateException.class, () -> Part.all(parts)));
            assertEquals(39, parts.get(39).done(), "the others are done all the same");
        }
    }
}
