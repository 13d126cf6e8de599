package app.drachen.core.aerodynamics;

import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.PlausibleAircraft;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Wings that corners were pulled to: whatever can be drawn has numbers. */
class OddShapesTest {
    private static Optional<Setup> odd(int seed) {
        NoiseSource noise = new NoiseSource(seed);
        Setup setup = PlausibleAircraft.of(seed);
        Wing wing = setup.airframe().wing();
        try {
            List<WingPanel> panels = wing.panels().stream()
                    .map(p -> new WingPanel(
                            p.rootChord() * (0.1 + 3 * noise.uniform()),
                            p.tipChord() * (0.05 + 3 * noise.uniform()),
                            p.length() * (0.05 + 2 * noise.uniform()),
                            (noise.uniform() - 0.5) * 2.2,
                            (noise.uniform() - 0.5) * 1.2,
                            (noise.uniform() - 0.5) * 0.3))
                    .toList();
            return Optional.of(setup.withAirframe(setup.airframe()
                    .withWing(new Wing(
                            wing.rootLeadingEdge() + noise.uniform() - 0.5,
                            wing.up(),
                            panels,
                            wing.section(),
                            wing.incidence(),
                            wing.incidenceDifference(),
                            wing.flaps()))));
        } catch (IllegalArgumentException e) {
            // refused in a sentence where it is entered
            return Optional.empty();
        }
    }

    @Test
    void whateverCanBeDrawnHasNumbers() {
        int computed = 0;
        for (int seed = 0; seed < 60; seed++) {
            Optional<Setup> setup = odd(seed);
            if (setup.isPresent()) {
                Derivatives flown = Derivatives.flown(setup.get());
                Derivatives lattice = Derivatives.lattice(setup.get());
                for (Derivative derivative : Derivative.values()) {
                    assertTrue(Double.isFinite(flown.at(derivative)), seed + " " + derivative);
                    assertTrue(Double.isFinite(lattice.at(derivative)), seed + " " + derivative + " of the lattice");
                }
                assertTrue(
                        Double.isFinite(NeutralPoint.of(setup.get().airframe()).share()), "seed " + seed);
                computed++;
            }
        }
        assertTrue(computed > 40, computed + " of 60 can be drawn");
    }
}
