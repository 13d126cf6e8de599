package app.drachen.core.air;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import app.drachen.core.demo.DemoField;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AtmosphereTest {
    // ISO 2533:1975, table 5 by geopotential height; tolerance half of the last digit given there
    @ParameterizedTest
    @CsvSource({
        "0, 288.15, 101325, 1.2250, 0.00005",
        "1000, 281.65, 89874.6, 1.1116, 0.00006",
        "2000, 275.15, 79495.2, 1.0065, 0.00006",
        "5000, 255.65, 54019.9, 0.73612, 0.00001"
    })
    void standardTable(double height, double kelvin, double pascal, double density, double within) {
        assertEquals(kelvin, Atmosphere.temperature(height), 0.005);
        assertEquals(pascal, Atmosphere.pressure(height), 0.1);
        assertEquals(density, Atmosphere.density(kelvin, pascal), within);
    }

    @Test
    void speedOfSoundAtSeaLevel() {
        // ISO 2533: 340.294 m/s
        assertEquals(340.294, Atmosphere.speedOfSound(288.15), 0.001);
    }

    @Test
    void outsideTheRangeIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> Atmosphere.temperature(12_000));
        assertThrows(IllegalArgumentException.class, () -> Atmosphere.density(Double.NaN, 1e5));
    }

    @Test
    void windGrowsWithHeightByThePowerLaw() {
        // worked by hand: 3 m/s at 2 m, exponent 0.20, gives 6.27 m/s at 80 m (MAIDEN-A2: 6.3)
        Field field =
                new Field("f", 3, 0, 3, 2, 288, 101_325, 0, 50, Optional.empty(), List.of(), false, Optional.empty());
        assertEquals(6.27, field.windAt(80), 0.01);
        assertEquals(field.windAt(1), field.windAt(0.2), 1e-12);
    }

    @Test
    void densityOfTheDayAsWorkedByHand() {
        // MAIDEN-A1: 1005 hPa and 24 °C give 100500/(287.053·297.15) = 1.1782 kg/m³
        assertEquals(1.1782, DemoField.deichwiese().withAir(297.15, 100_500).density(), 0.0001);
    }
}
