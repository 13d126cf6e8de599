package app.drachen.desktop.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.airframe.Tail;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.setup.Setup;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The drawing is to scale: what is painted has the measures that are computed. */
class OutlineTest {
    private static final List<Setup> ALL =
            List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe());

    private static double area(Outline.Shape shape) {
        double sum = 0;
        for (int i = 0, j = shape.x().length - 1; i < shape.x().length; j = i++) {
            sum += shape.x()[j] * shape.y()[i] - shape.x()[i] * shape.y()[j];
        }
        return Math.abs(sum) / 2;
    }

    @Test
    void thePaintedWingHasTheComputedAreaAndSpan() {
        for (Setup setup : ALL) {
            Outline above = Outline.above(setup.airframe());
            double wing = above.shapes().stream()
                    .filter(s -> s.component() == Outline.Component.WING && !s.hinge())
                    .mapToDouble(OutlineTest::area)
                    .sum();
            assertEquals(setup.planform().area(), wing, 1e-9, setup.name());
            double span = above.shapes().stream()
                    .filter(s -> s.component() == Outline.Component.WING)
                    .flatMapToDouble(s -> java.util.Arrays.stream(s.x()))
                    .max()
                    .orElseThrow();
            assertEquals(setup.planform().span() / 2, span, 1e-9);
        }
    }

    @Test
    void aVTailIsForeshortenedByItsDihedral() {
        Setup setup = DemoAircraft.strandlaeufer();
        Tail.Vee tail = (Tail.Vee) setup.airframe().tail();
        double painted = Outline.above(setup.airframe()).shapes().stream()
                .filter(s -> s.component() == Outline.Component.TAIL && !s.hinge())
                .mapToDouble(OutlineTest::area)
                .sum();
        assertEquals(2 * tail.panel().area() * Math.cos(tail.dihedral()), painted, 1e-9);
    }

    @Test
    void theDrawingIsSymmetricAndPicksWhatIsUnderThePointer() {
        for (Setup setup : ALL) {
            Outline above = Outline.above(setup.airframe());
            assertEquals(-above.left(), above.right(), 1e-9);
            double y = setup.planform().meanChordLeadingEdge() + 0.05;
            double x = setup.planform().meanChordAt();
            for (int side = -1; side <= 1; side += 2) {
                double at = side * x;
                assertTrue(above.shapes().stream()
                        .anyMatch(s -> s.component() == Outline.Component.WING && s.holds(at, y)));
            }
            assertFalse(above.shapes().stream().anyMatch(s -> s.holds(0, -0.5)));
            Outline side = Outline.side(setup.airframe());
            assertTrue(side.right() - side.left() >= setup.airframe().body().podLength());
        }
    }

    @Test
    void viewsFitCentreAndComeBack() {
        View view = View.fit(-1, 1, 0, 1, 10, 20, 400, 300);
        assertEquals(200, view.scale(), 1e-9);
        assertEquals(10, view.x(-1), 1e-9);
        assertEquals(410, view.x(1), 1e-9);
        assertEquals(0.37, view.metreX(view.x(0.37)), 1e-12);
        assertEquals(0.61, view.metreY(view.y(0.61)), 1e-12);
        assertEquals(170, view.y(0.5), 1e-9, "centred in the height");
    }
}
