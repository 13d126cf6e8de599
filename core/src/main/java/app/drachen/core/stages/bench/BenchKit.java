package app.drachen.core.stages.bench;

import app.drachen.core.bench.BenchCards;
import app.drachen.core.bench.CardId;
import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import app.drachen.core.setup.Facet;
import java.util.List;
import java.util.Optional;

/** The kit of stage Bench. */
public final class BenchKit {
    private BenchKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return new StageKit(
                Stage.BENCH,
                "On the bench",
                List.of(Facet.BOARD_MOUNT),
                List.of(
                        ProofKind.STICK_TO_SURFACE,
                        ProofKind.TILT_TO_SURFACE,
                        ProofKind.LINKAGE_PULL,
                        ProofKind.SIX_FACES,
                        ProofKind.LEVEL_AT_REST,
                        ProofKind.ROTATION,
                        ProofKind.COMPASS_SWING,
                        ProofKind.READ_BACK,
                        ProofKind.ARMING,
                        ProofKind.LOSS_OF_LINK,
                        ProofKind.MOTOR_RUN,
                        ProofKind.SCALES,
                        ProofKind.AIRSPEED_PROBE,
                        ProofKind.LOG_WORKS,
                        ProofKind.RANGE_WALK,
                        ProofKind.HOME_FIX,
                        ProofKind.PREFLIGHT,
                        ProofKind.PROPELLER_OFF),
                List.of(
                        new PropellerOff(),
                        new OutputsLast(),
                        new StickToSurface(),
                        new TiltToSurface(),
                        new DeadSurface(),
                        card(
                                "BENCH-R3-FACES",
                                ProofKind.SIX_FACES,
                                Gate.LEVEL,
                                "The accelerometer's six faces fit within 0.15 m/s², each axis within 5 % of its scale.",
                                "The accelerometer's faces were not read",
                                "Read the six faces"),
                        card(
                                "BENCH-R3-LEVEL",
                                ProofKind.LEVEL_AT_REST,
                                Gate.LEVEL,
                                "Held in flight attitude, the board shows level within 2°.",
                                "Level was not read",
                                "Read level"),
                        new BoardTurned(),
                        card(
                                "BENCH-R4-SEEN",
                                ProofKind.ROTATION,
                                Gate.LEVEL,
                                "Tilted three ways, the board's horizon shows those tilts.",
                                "What the horizon shows of a tilt was not seen",
                                "Tilt it three ways"),
                        new LinkagesPulled(),
                        card(
                                "BENCH-R8",
                                ProofKind.LOSS_OF_LINK,
                                Gate.LAUNCH,
                                "With the propeller off the link was lost on purpose, and the board did what the loss table says.",
                                "The link was not lost on purpose",
                                "Switch the radio off, propeller off"),
                        new RangeWalked(),
                        card(
                                "BENCH-R10",
                                ProofKind.ARMING,
                                Gate.LAUNCH,
                                "It refuses to arm with power up, tilted and without fix as it was told, arms as it should, disarms, and"
                                        + " nobody was ahead of the propeller.",
                                "Arming was not tried",
                                "Try arming, propeller off"),
                        new CardRule(
                                "BENCH-R11",
                                ProofKind.MOTOR_RUN,
                                Optional.of(Gate.LAUNCH),
                                "The motor turns and blows the right way, draws what is expected within 25 %, and stays under 70 °C for 30"
                                        + " s.",
                                "The motor was not run",
                                "Run the motor, tied down",
                                s -> BenchCards.makesSense(CardId.MOTOR_RUN, s),
                                "No motor: nothing to run"),
                        new HomeFixed(),
                        new CompassSwung(),
                        card(
                                "BENCH-R14",
                                ProofKind.READ_BACK,
                                Gate.LAUNCH,
                                "Every place of the switches was seen to give the mode that the table says.",
                                "Modes were not read back",
                                "Read the modes back"),
                        new Preflight(),
                        new CardReady(),
                        card(
                                "BENCH-R17",
                                ProofKind.LOG_WORKS,
                                Gate.TUNE,
                                "The board has recorded 60 s with ten rows a second, and everything that is wanted.",
                                "Whether the board records was not seen",
                                "Record a minute"),
                        new CardClock(),
                        new CardRule(
                                "BENCH-R19",
                                ProofKind.AIRSPEED_PROBE,
                                Optional.empty(),
                                "An airspeed probe drifts by at most 1 m/s, rises when it is blown at, and leaks at most 10 % in 10 s.",
                                "The airspeed probe was not tried",
                                "Blow at the probe",
                                s -> BenchCards.makesSense(CardId.AIRSPEED_PROBE, s),
                                "No airspeed probe among the devices"),
                        new EyesForward(),
                        new CardRule(
                                "BENCH-SCALES",
                                ProofKind.SCALES,
                                Optional.empty(),
                                "The board shows volts within 2 % and current within 10 % of a meter.",
                                "Volts and current were not compared with a meter",
                                "Read a meter beside it")),
                BenchSums::all,
                List.of(),
                Optional.empty());
    }

    private static CardRule card(String id, ProofKind kind, Gate gate, String demand, String missing, String todo) {
        return new CardRule(id, kind, Optional.of(gate), demand, missing, todo);
    }
}
