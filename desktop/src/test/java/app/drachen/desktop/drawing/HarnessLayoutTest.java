package app.drachen.desktop.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.harness.Boards;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Assignment;
import app.drachen.core.wiring.HarnessDraft;
import app.drachen.core.wiring.Wiring;
import app.drachen.desktop.drawing.HarnessLayout.Box;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A drawn harness: nothing lies on anything else, leads do not cross, and what is drawn can be grabbed. */
class HarnessLayoutTest {
    private static List<Setup> aircraft() {
        Setup many = HarnessDraft.of(DemoAircraft.seeschwalbe(), Boards.brachvogel());
        for (int i = 0; i < 12; i++) {
            DeviceKind kind = DeviceKind.values()[3 + i % 8];
            Device device = Device.typical("more " + i, kind, "", "");
            many = many.withHarness(
                    many.harness().plus(device, HarnessDraft.lead(many.harness().board(), device, many)));
        }
        many = Assignment.of(Wiring.of(many), Assignment.Aim.FEWEST_MOVES).applied(many);
        return List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeuferFourCells(), DemoAircraft.seeschwalbe(), many);
    }

    @Test
    void boxesStandApartAndInsideTheirSheet() {
        for (Setup setup : aircraft()) {
            Wiring wiring = Wiring.of(setup);
            double height = Math.max(300, HarnessLayout.leastHeight(wiring));
            HarnessLayout at = HarnessLayout.of(wiring, 884, height);
            List<Box> boxes = new ArrayList<>(at.devices().values());
            boxes.add(at.pack());
            boxes.add(at.board());
            for (int i = 0; i < boxes.size(); i++) {
                Box a = boxes.get(i);
                assertTrue(a.x() >= 0 && a.right() <= 884 && a.y() >= 0 && a.bottom() <= height, setup.name() + a);
                for (int k = i + 1; k < boxes.size(); k++) {
                    Box b = boxes.get(k);
                    boolean apart =
                            a.right() <= b.x() || b.right() <= a.x() || a.bottom() <= b.y() || b.bottom() <= a.y();
                    assertTrue(apart, setup.name() + ": " + a + " lies on " + b);
                }
            }
            at.chips()
                    .values()
                    .forEach(c -> assertTrue(
                            c.x() > at.board().x() && c.right() < at.board().right()));
        }
    }

    /** From top to bottom devices stand in the order of their places, so that no two leads of a side cross. */
    @Test
    void leadsDoNotCross() {
        for (Setup setup : aircraft()) {
            Wiring wiring = Wiring.of(setup);
            HarnessLayout at = HarnessLayout.of(wiring, 884, 400);
            for (boolean left : List.of(true, false)) {
                List<Double> places = at.devices().entrySet().stream()
                        .filter(e -> (e.getValue().x() < at.board().x()) == left)
                        .sorted(Comparator.comparingDouble(
                                (Map.Entry<String, Box> e) -> e.getValue().y()))
                        .flatMap(e -> wiring.of(e.getKey()).orElseThrow().place().stream())
                        .map(p -> at.places().get(p.name()).middle())
                        .toList();
                assertEquals(places.stream().sorted().toList(), places, setup.name());
            }
        }
    }

    @Test
    void whatIsDrawnIsFoundUnderTheHand() {
        Wiring wiring = Wiring.of(DemoAircraft.strandlaeufer());
        HarnessLayout at = HarnessLayout.of(wiring, 884, 320);
        at.devices()
                .forEach((name, box) ->
                        assertEquals(Optional.of(name), at.device(box.x() + box.width() / 2, box.middle())));
        at.places()
                .forEach((name, box) ->
                        assertEquals(Optional.of(name), at.place(box.x() + box.width() / 2, box.middle())));
        assertEquals(Optional.empty(), at.device(884 / 2.0, 300));
    }
}
