package app.drachen.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.autopilot.Sticks;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.modes.Arming;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Plugged;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every reading of every card: right at its bounds, wrong beyond them, each other word wrong; and the board that arms. */
class CardBoundsTest {
    @ParameterizedTest
    @MethodSource("app.drachen.core.bench.TrainingTest#aircraft")
    void everyReadingIsRightWithinItsBoundsAndWrongBeyond(Setup setup) {
        int judged = 0;
        for (BenchCard card : BenchCards.of(setup)) {
            for (Reading r : card.readings()) {
                if (r.wanted().isEmpty()) {
                    continue;
                }
                judged++;
                Reading.Wanted w = r.wanted().get();
                if (!r.options().isEmpty()) {
                    for (int i = 0; i < r.options().size(); i++) {
                        assertEquals(i == w.low(), r.right(i), card.id() + " " + r.id() + " " + r.told(i));
                    }
                    continue;
                }
                if (Double.isFinite(w.low())) {
                    assertTrue(r.right(w.low()), card.id() + " " + r.id());
                    assertFalse(r.right(w.low() - 1e-6 - 1e-6 * Math.abs(w.low())), card.id() + " " + r.id());
                }
                if (Double.isFinite(w.high())) {
                    assertTrue(r.right(w.high()), card.id() + " " + r.id());
                    assertFalse(r.right(w.high() + 1e-6 + 1e-6 * Math.abs(w.high())), card.id() + " " + r.id());
                    assertTrue(r.wrong(w.high() + 1).orElseThrow().contains("must be"), r.id());
                }
                assertFalse(w.words().isBlank());
            }
        }
        assertTrue(judged > 60, setup.name() + ": " + judged);
    }

    /** One wrong answer is one that is wrong: no reading hangs on another but where the card says so. */
    @ParameterizedTest
    @MethodSource("app.drachen.core.bench.TrainingTest#aircraft")
    void aWrongWordIsToldOnceAndNoOtherReadingWithIt(Setup setup) {
        for (BenchCard card : BenchCards.of(setup)) {
            Map<String, Double> sound = BenchCards.answered(card.id(), setup, 2);
            for (Reading r : card.readings()) {
                if (r.options().size() < 2 || r.wanted().isEmpty()) {
                    continue;
                }
                Map<String, Double> wrong = new HashMap<>(sound);
                wrong.put(r.id(), r.wanted().get().low() == 0 ? 1.0 : 0.0);
                List<BenchCard.Said> said = card.wrong(wrong);
                assertTrue(said.stream().anyMatch(s -> s.about().equals(r.id())), card.id() + " " + r.id());
                assertTrue(
                        said.stream()
                                .allMatch(s -> s.about().equals(r.id())
                                        || card.readings().stream().noneMatch(x -> x.id().equals(s.about()))),
                        card.id() + " " + r.id());
            }
        }
    }

    private static Setup guarded(boolean level, boolean fix, double power) {
        Setup wing = DemoAircraft.rochen();
        return wing.withModes(wing.modes().withArming(Optional.of(new Arming(level, fix, power, "tried"))));
    }

    private static String refused(LiveBoard board, UnaryOperator<LiveBoard.Inputs> held) {
        board.put(held.apply(board.inputs()));
        board.advance(2 * LiveBoard.TURN);
        board.arm(true);
        return board.refused();
    }

    @Test
    void theBoardRefusesAsItWasTold() {
        Setup all = guarded(true, true, 0.05);
        assertEquals("", refused(new LiveBoard(all), i -> i));
        assertEquals("the power stick is up", refused(new LiveBoard(all), i -> i.with(new Sticks(0, 0, 0, 0.06))));
        assertEquals("the aircraft is tilted", refused(new LiveBoard(all), i -> i.tilted(0, Math.toRadians(31))));
        assertEquals("", refused(new LiveBoard(all), i -> i.tilted(0, Math.toRadians(29))));
        assertEquals("there is no position fix", refused(new LiveBoard(all), i -> i.fixed(false)));
        assertEquals("the radio is not heard", refused(new LiveBoard(all), i -> i.heard(false)));
        assertEquals("no pack is plugged in", refused(new LiveBoard(all), i -> i.plugged(Optional.of(Plugged.USB))));
        Setup none = guarded(false, false, 0.5);
        assertEquals(
                "",
                refused(new LiveBoard(none), i -> i.tilted(1.4, 0).fixed(false).with(new Sticks(0, 0, 0, 0.4))));
    }

    @ParameterizedTest
    @CsvSource({
        "ARMS_WITH_POWER, power up, 1",
        "ARMS_TILTED, tilted, 1",
        "ARMS_WITHOUT_FIX, no fix, 1",
        "STAYS_ARMED, disarm, 1",
        "NEVER_ARMS, as it should, 0",
        "OUTPUTS_OFF, outputs, 1"
    })
    void aFaultOfArmingShowsInItsOwnReadingAlone(Quirk quirk, String reading, double seen) {
        Setup wing = DemoAircraft.rochen();
        Map<String, Double> sound = BenchCards.answered(CardId.ARMING, wing, 1);
        Map<String, Double> faulty =
                StandInAnswers.to(CardId.ARMING, wing, RealThing.sound(wing).with(quirk, 1), 1);
        assertEquals(seen, faulty.get(reading));
        faulty.forEach((id, value) -> {
            boolean follows = id.equals(reading) || quirk == Quirk.NEVER_ARMS;
            assertTrue(follows || value.equals(sound.get(id)), quirk + " " + id);
        });
    }

    /** A motor never turns while the board is disarmed, whatever the stick; armed with outputs off it does not either. */
    @Test
    void noMotorTurnsUnlessItIsArmed() {
        Setup wing = DemoAircraft.rochen();
        LiveBoard board = new LiveBoard(wing);
        board.put(board.inputs().with(new Sticks(0, 0, 0, 1)));
        board.advance(0.1);
        assertEquals(0, board.motorCurrent());
        board.put(board.inputs().with(Sticks.CENTRED));
        board.advance(0.1);
        board.arm(true);
        board.put(board.inputs().with(new Sticks(0, 0, 0, 1)));
        board.advance(0.1);
        assertTrue(board.motorCurrent() > 5);
        LiveBoard off = new LiveBoard(RealThing.sound(wing).with(Quirk.OUTPUTS_OFF, 1));
        off.arm(true);
        off.put(off.inputs().with(new Sticks(0, 0, 0, 1)));
        off.advance(0.1);
        assertEquals(0, off.motorCurrent());
    }
}
