package app.drachen.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.controls.Surface;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class BenchTest {
    private static final List<Setup> ALL =
            List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe());

    private static BenchSession run(Setup setup, BenchCheck check, HiddenFault fault) {
        StandInBoard board = new StandInBoard(setup, fault);
        BenchSession session = BenchSession.of(check, check.questions(setup));
        for (int i = 0; i < session.questions().size(); i++) {
            session = session.answered(i, board.answer(session.questions().get(i)));
        }
        return session;
    }

    @Test
    void soundAircraftPassBothChecks() {
        for (Setup setup : ALL) {
            for (BenchCheck check : BenchCheck.values()) {
                BenchSession session = run(setup, check, HiddenFault.NONE);
                assertTrue(session.complete());
                assertEquals(List.of(), session.wrong(), setup.name() + " " + check);
            }
        }
    }

    @Test
    void everyHiddenFaultIsSeenInOneOfTheChecks() {
        for (Setup setup : ALL) {
            for (HiddenFault fault : HiddenFault.values()) {
                boolean pair = setup.controls().output(Surface.LEFT_ELEVON).isPresent()
                        || setup.controls().output(Surface.LEFT_VEE).isPresent();
                if (fault == HiddenFault.NONE || (fault == HiddenFault.DOUBLE_MIX && !pair)) {
                    continue;
                }
                boolean seen = false;
                for (BenchCheck check : BenchCheck.values()) {
                    seen |= !run(setup, check, fault).wrong().isEmpty();
                }
                assertTrue(seen, setup.name() + ": " + fault);
            }
        }
    }

    @Test
    void faultsShowWhereTheyMust() {
        Setup wing = DemoAircraft.rochen();
        // a board mounted backwards is innocent in Manual and answers every tilt the wrong way
        assertEquals(
                List.of(),
                run(wing, BenchCheck.STICK_TO_SURFACE, HiddenFault.BOARD_BACKWARDS)
                        .wrong());
        assertEquals(
                8,
                run(wing, BenchCheck.TILT_TO_SURFACE, HiddenFault.BOARD_BACKWARDS)
                        .wrong()
                        .size());
        // a double elevon mix moves one surface per stick
        BenchSession doubled = run(wing, BenchCheck.STICK_TO_SURFACE, HiddenFault.DOUBLE_MIX);
        assertTrue(
                doubled.wrong().stream().anyMatch(w -> w.seen() == Answer.STILL),
                doubled.wrong().toString());
        // a turned servo is wrong in every question, and only that one
        BenchSession turned = run(wing, BenchCheck.STICK_TO_SURFACE, HiddenFault.TURNED_SERVO);
        assertEquals(4, turned.wrong().size());
        assertTrue(turned.wrong().stream().allMatch(w -> w.surface().equals(Surface.RIGHT_ELEVON)));
    }

    @Test
    void wantedAnswersByHand() {
        var sticks = BenchCheck.STICK_TO_SURFACE.questions(DemoAircraft.strandlaeufer());
        assertEquals(Answer.UP, sticks.get(0).wanted().get(Surface.RIGHT_AILERON));
        assertEquals(Answer.DOWN, sticks.get(0).wanted().get(Surface.LEFT_AILERON));
        assertEquals(Answer.STILL, sticks.get(0).wanted().get(Surface.LEFT_VEE));
        assertEquals(Answer.UP, sticks.get(2).wanted().get(Surface.LEFT_VEE));
        assertEquals(Answer.DOWN, sticks.get(4).wanted().get(Surface.RIGHT_VEE));
        var tilts = BenchCheck.TILT_TO_SURFACE.questions(DemoAircraft.rochen());
        assertEquals(Answer.DOWN, tilts.get(0).wanted().get(Surface.RIGHT_ELEVON), "tilted right commands left");
        assertEquals(Answer.UP, tilts.get(2).wanted().get(Surface.RIGHT_ELEVON), "nose down lifts");
        var rudder = BenchCheck.STICK_TO_SURFACE.questions(DemoAircraft.seeschwalbe());
        assertEquals(Answer.RIGHT, rudder.get(4).wanted().get(Surface.RUDDER));
    }

    @Test
    void aSessionKnowsWhatIsStillOpen() {
        BenchSession session = BenchSession.of(
                BenchCheck.STICK_TO_SURFACE, BenchCheck.STICK_TO_SURFACE.questions(DemoAircraft.rochen()));
        assertEquals(Optional.of(0), session.nextOpen());
        BenchSession one = session.answered(0, Surface.LEFT_ELEVON, Answer.DOWN);
        assertEquals(Optional.of(0), one.nextOpen());
        BenchSession two = one.answered(0, Surface.RIGHT_ELEVON, Answer.DOWN);
        assertEquals(Optional.of(1), two.nextOpen());
        assertFalse(two.complete());
        assertEquals(
                "Roll stick right: right elevon must go up; it goes down.",
                two.wrong().get(0).sentence());
        assertEquals(Optional.empty(), session.seen(0, Surface.LEFT_ELEVON), "a session is immutable");
    }
}
