package app.drachen.core.geodesy;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class GeodesyTest {
    /** Equatorial radius and flattening of WGS 84, NIMA TR8350.2 (2000), table 3.1. */
    private static final double A = 6_378_137;

    private static final double F = 1 / 298.257223563;

    @Test
    void lengthsOfTheEllipsoidAreMet() {
        LocalGrid origin = new LocalGrid(GeodeticPosition.ofDegrees(0, 0));
        // a degree of the equator is a·π/180
        assertEquals(A * Math.PI / 180, origin.metres(0, Math.toRadians(1)).east(), 1e-6);
        assertEquals(0, origin.metres(0, Math.toRadians(1)).north(), 1e-6);
        // quarter meridian of WGS 84, 10 001 965.729 m (Karney 2013, section 2)
        assertEquals(10_001_965.729, origin.metres(Math.PI / 2, 0).north(), 1e-3);
        // radius of curvature in the meridian at 45°: a(1−e²)/(1−e² sin²φ)^1.5 (Bomford, Geodesy)
        double e2 = F * (2 - F);
        double radius = A * (1 - e2) / Math.pow(1 - e2 * 0.5, 1.5);
        LocalGrid middle = new LocalGrid(GeodeticPosition.ofDegrees(45, 8));
        double small = 1e-5;
        assertEquals(
                radius * small,
                middle.metres(Math.PI / 4 + small, Math.toRadians(8)).north(),
                2e-4);
    }

    @Test
    void positionsAndMetresAreInverseAnywhere() {
        long seed = 4;
        Random random = new Random(seed);
        for (int i = 0; i < 500; i++) {
            LocalGrid grid = new LocalGrid(
                    GeodeticPosition.ofDegrees(random.nextDouble() * 178 - 89, random.nextDouble() * 360 - 180));
            double north = random.nextGaussian() * 30_000;
            double east = random.nextGaussian() * 30_000;
            GeodeticPosition at = grid.position(north, east);
            LocalGrid.Metres back = grid.metres(at.latitude(), at.longitude());
            assertEquals(north, back.north(), 1e-5, "seed " + seed + ", home " + grid.home());
            assertEquals(east, back.east(), 1e-5);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "53.1234, 8.1234 | 53.1234 | 8.1234",
                "  -33.5;151.25 | -33.5 | 151.25",
                "0 0 | 0 | 0",
                "90,-180 | 90 | -180"
            })
    void positionsAreReadAsPilotsWriteThem(String text, double latitude, double longitude) {
        GeodeticPosition at = GeodeticPosition.parse(text);
        assertEquals(latitude, Math.toDegrees(at.latitude()), 1e-9);
        assertEquals(longitude, Math.toDegrees(at.longitude()), 1e-9);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "53.1", "53.1, 8.1, 3", "north, east", "95, 8", "53, 190", "NaN, 8"})
    void whatIsNoPositionIsRefused(String text) {
        String told = assertThrows(IllegalArgumentException.class, () -> GeodeticPosition.parse(text))
                .getMessage();
        assertTrue(told.contains("write latitude and longitude in degrees") || told.contains("itude is"), told);
    }
}
