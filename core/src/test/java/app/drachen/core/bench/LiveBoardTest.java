package app.drachen.core.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.autopilot.Sticks;
import app.drachen.core.controls.Surface;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.propulsion.Running;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.BoardRotation;
import app.drachen.core.wiring.BoardRotation.Tilt;
import app.drachen.core.wiring.Plugged;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The board that lives on the bench: modes, losses, arming, power, and what its horizon shows. */
class LiveBoardTest {
    private static final Setup SOUND = DemoAircraft.strandlaeufer();

    private static double pulse(LiveBoard board, String moves) {
        return seen(board, moves).pulse();
    }

    private static LiveBoard.Seen seen(LiveBoard board, String moves) {
        return board.seen().stream()
                .filter(s -> s.output().surface().id().equals(moves))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void itsModeFollowsTheSwitchAndALostLinkBringsItHome() {
        LiveBoard board = new LiveBoard(SOUND);
        for (var place : SOUND.modes().selector().table()) {
            board.put(board.inputs().switched(place.pulseMicros()));
            board.advance(0.1);
            assertEquals(place.mode().orElseThrow(), board.mode());
        }
        board.put(
                board.inputs().switched(SOUND.modes().selector().table().get(0).pulseMicros()));
        board.advance(0.1);
        board.put(board.inputs().heard(false));
        board.advance(1);
        assertFalse(board.linkLost(), "a short silence is no loss");
        board.advance(1);
        assertTrue(board.linkLost());
        assertEquals(FlightMode.HOME, board.mode());
        board.put(board.inputs().heard(true));
        board.advance(3);
        assertEquals(FlightMode.MANUAL, board.mode());
    }

    @Test
    void theMotorStandsUntilItIsArmedAndArmingWantsTheStickDown() {
        LiveBoard board = new LiveBoard(SOUND);
        board.put(board.inputs().with(new Sticks(0, 0, 0, 1)));
        board.advance(0.1);
        double low = pulse(board, "motor");
        assertEquals(0, board.motorCurrent());
        board.arm(true);
        assertFalse(board.armed());
        assertEquals("the power stick is up", board.refused());
        board.put(board.inputs().with(Sticks.CENTRED));
        board.arm(true);
        assertTrue(board.armed());
        board.put(board.inputs().with(new Sticks(0, 0, 0, 1)));
        board.advance(0.1);
        assertTrue(pulse(board, "motor") > low + 900);
        assertEquals(Running.of(SOUND.propulsion(), 1, 0.1, 0, 1.225).current(), board.motorCurrent(), 0.1);
        board.put(board.inputs().plugged(Optional.of(Plugged.USB)));
        board.arm(true);
        assertEquals("no pack is plugged in", board.refused());
        board.put(board.inputs().plugged(Optional.empty()));
        board.advance(0.1);
        assertFalse(board.armed(), "a board without power forgets");
    }

    /** On USB the pulses come and the surfaces stand, as HARNESS-R3 says; on the pack all of them move. */
    @Test
    void servosMoveOnlyWhereTheirRailIsFed() {
        LiveBoard board = new LiveBoard(SOUND);
        board.put(board.inputs().plugged(Optional.of(Plugged.USB)));
        double stood = seen(board, "left-aileron").angle();
        board.put(board.inputs().with(new Sticks(1, 0, 0, 0)));
        board.advance(0.1);
        assertNotEquals(SOUND.controls().outputs().get(0).centreMicros(), pulse(board, "left-aileron"));
        assertFalse(seen(board, "left-aileron").powered());
        assertEquals(stood, seen(board, "left-aileron").angle(), 0);
        board.put(board.inputs().plugged(Optional.of(Plugged.PACK)));
        board.advance(0.1);
        assertTrue(Math.abs(seen(board, "left-aileron").angle() - stood) > Math.toRadians(3));
    }

    /** The servo on an output without a power pin is found dead by the sticks, and no other. */
    @Test
    void aDeadServoIsFoundBySticks() {
        Setup wired = DemoAircraft.strandlaeuferAsWired();
        StandInBoard board = new StandInBoard(wired, HiddenFault.NONE);
        BenchSession session =
                BenchSession.of(BenchCheck.STICK_TO_SURFACE, BenchCheck.STICK_TO_SURFACE.questions(wired));
        for (int i = 0; i < session.questions().size(); i++) {
            session = session.answered(i, board.answer(session.questions().get(i)));
        }
        assertEquals(Map.of("still right-v-tail", 1.0), session.stood());
        assertTrue(session.wrong().stream().allMatch(w -> w.surface().equals(Surface.RIGHT_VEE)));
    }

    /** Its horizon tells how the board is turned: read at three tilts, the turn that was planted comes out. */
    @Test
    void itsHorizonTellsHowTheBoardIsTurned() {
        for (int planted = 0; planted < 4; planted++) {
            LiveBoard board = new LiveBoard(SOUND.withMount(new BoardMount(planted, 0, 0, 0)));
            List<Tilt> tilts = new ArrayList<>();
            for (double[] held : new double[][] {{0, 0}, {0, 0.5}, {0.5, 0}}) {
                board.put(board.inputs().tilted(held[0], held[1]));
                board.advance(0.5);
                tilts.add(new Tilt(held[0], held[1], board.shownRoll(), board.shownPitch()));
            }
            BoardRotation found = BoardRotation.of(tilts);
            assertEquals(
                    planted,
                    found.nearest().yaw(),
                    "planted " + planted + ", found " + found.nearest().words());
            assertTrue(found.flat() && found.rest() < Math.toRadians(5), "rest " + found.rest());
        }
    }
}
