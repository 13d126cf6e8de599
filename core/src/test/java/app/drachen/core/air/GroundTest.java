package app.drachen.core.air;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Rings of a grid of heights against looking at every place. */
class GroundTest {
    private static HeightGrid hilly(long seed, int side, double cell) {
        Random random = new Random(seed);
        float[] heights = new float[side * side];
        for (int i = 0; i < heights.length; i++) {
            heights[i] = (float) (20 + 30 * random.nextDouble());
        }
        return new HeightGrid(1_000, 5_000, cell, side, heights);
    }

    /** No place stands higher than its ring says, and some cell of the ring, or beside it, is as high as that. */
    @Test
    void noPlaceIsHigherThanItsRing() {
        HeightGrid grid = hilly(4, 60, 25);
        double east = 1_700;
        double north = 5_650;
        double home = grid.at(east, north);
        Ground ground = Ground.around("test", grid, east, north);
        assertEquals(25, ground.ring());
        assertTrue(ground.reach() > 600 && ground.reach() <= 700, ground.reach() + " m");
        Random random = new Random(9);
        double[] highest = new double[ground.tops().size()];
        for (int i = 0; i < 200_000; i++) {
            double far = random.nextDouble() * (ground.reach() - 1);
            double way = random.nextDouble() * 2 * Math.PI;
            double height = grid.at(east + far * Math.sin(way), north + far * Math.cos(way)) - home;
            int ring = (int) (far / ground.ring());
            assertTrue(height <= ground.tops().get(ring) + 0.06, far + " m");
            highest[ring] = i == 0 ? height : Math.max(highest[ring], height);
        }
        int same = 0;
        for (int i = 2; i < highest.length; i++) {
            same += Math.abs(highest[i] - ground.tops().get(i)) < 1 ? 1 : 0;
        }
        assertTrue(same > highest.length / 2, "rings are not merely high: " + same + " of " + highest.length);
    }

    /** Coarse heights of a whole country end where obstacles may be entered, and a ring far out is no obstacle that cannot be. */
    @Test
    void landWithoutEndEndsAtTwentyKilometres() {
        float[] heights = new float[200 * 200];
        java.util.Arrays.fill(heights, 80);
        heights[0] = 5;
        Ground ground = Ground.around("land", new HeightGrid(0, 0, 900, 200, heights), 90_000, 90_000);
        assertTrue(ground.reach() <= 20_000 && ground.reach() > 18_000, ground.reach() + " m");
        assertEquals(0, ground.standing(30).size(), "as high as home is no obstacle");
        Ground far = new Ground("typed", 1_000, java.util.Collections.nCopies(40, 30.0));
        assertEquals(40, far.standing(30).size(), "twenty rings with two edges each");
    }

    @Test
    void whatIsNotKnownEndsTheRings() {
        float[] heights = new float[40 * 40];
        heights[0] = Float.NaN;
        HeightGrid grid = new HeightGrid(0, 0, 10, 40, heights);
        Ground ground = Ground.around("test", grid, 200, 200);
        assertEquals(200, ground.reach(), 10, "the corner lies outside the rings");
        heights[40 * 20 + 30] = Float.NaN;
        assertEquals(90, Ground.around("test", grid, 200, 200).reach(), 15, "and a hole ends them");
        String told = assertThrows(IllegalArgumentException.class, () -> Ground.around("test", grid, -50, 10))
                .getMessage();
        assertTrue(told.contains("east 0 to 400"), told);
    }
}
