package app.drachen.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Faults that can be hidden, and a round of practice. */
class TrainingTest {
    private static final List<Setup> AIRCRAFT =
            List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe());

    /** Every fault shows in at least one check, and no two show alike: else a blame could not be judged. */
    @Test
    void everyFaultIsFoundByACheckAndLooksLikeNoOther() {
        for (Setup setup : AIRCRAFT) {
            List<Planted> all = Planted.possible(setup);
            Map<String, Answer> sound = Planted.signs(setup, List.of());
            List<Map<String, Answer>> signs = new ArrayList<>();
            for (Planted p : all) {
                Map<String, Answer> sign = Planted.signs(setup, List.of(p));
                assertNotEquals(sound, sign, p.words());
                signs.add(sign);
            }
            assertEquals(all.size(), new HashSet<>(signs).size(), setup.name());
            assertEquals(all.size(), all.stream().map(Planted::id).distinct().count());
            assertTrue(
                    all.size() >= (setup.controls().surfaces().size() < 3 ? 12 : 15), setup.name() + ": " + all.size());
        }
    }

    @Test
    void aRoundIsWonByBlamingWhatIsHidden() {
        for (Setup setup : AIRCRAFT) {
            Training round = Training.begin(setup, 3, 5);
            assertEquals(round, Training.begin(setup, 3, 5), "the same seed hides the same");
            assertTrue(round.hidden().size() >= 2, setup.name() + ": " + round.hidden());
            assertNotEquals(
                    Planted.signs(setup, List.of()), Planted.signs(round.real(), List.of()), "something is seen");
            Planted innocent = Planted.possible(setup).stream()
                    .filter(p -> !round.hidden().contains(p))
                    .findFirst()
                    .orElseThrow();
            Training now = round.checked().checked().checked().blamed(innocent);
            assertFalse(now.done());
            assertEquals(Math.max(0, 100 - 4 - 15 - 20 * round.hidden().size()), now.points());
            for (Planted p : round.hidden()) {
                now = now.blamed(p);
            }
            assertTrue(now.done());
            assertEquals(81, now.points());
            assertEquals(setup, now.real(), "what is found is mended");
        }
    }
}
