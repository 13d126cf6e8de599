package app.drachen.core.bench;

import app.drachen.core.controls.Axis;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.controls.StickChannel;
import app.drachen.core.modes.Loss;
import app.drachen.core.modes.Selector;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Faults of radio, modes, board, meters and field that can be hidden. */
final class OtherFaults {
    private OtherFaults() {}

    static List<Planted> of(Setup setup) {
        List<Planted> all = new ArrayList<>();
        board(all);
        radio(all);
        modes(all, setup);
        power(all);
        field(all);
        return all;
    }

    private static Planted quirk(String id, String words, String why, Quirk which, double value) {
        return new Planted(id, words, why, r -> r.with(which, value));
    }

    private static void board(List<Planted> all) {
        for (int turns = 1; turns < 4; turns++) {
            int by = turns;
            all.add(new Planted(
                    "board-" + 90 * turns,
                    "the board is turned by " + 90 * turns + "° against its entry",
                    "Sticks in Manual pass it by and are right; tilts in Level are answered about the wrong axis or the wrong way.",
                    r -> r.changed(s -> s.withMount(new BoardMount(
                            (s.mount().mountedQuarterTurns() + by) % 4,
                            s.mount().configuredQuarterTurns(),
                            s.mount().levelRoll(),
                            s.mount().levelPitch())))));
        }
        all.add(quirk(
                "scale-x",
                "the accelerometer's x axis reads 9 % too much",
                "Only the faces nose up and nose down tell: their difference is not twice gravity.",
                Quirk.SCALE_X,
                1.09));
        all.add(quirk(
                "scale-z",
                "the accelerometer's z axis reads 8 % too little",
                "Only the faces level and on its back tell: their difference is not twice gravity.",
                Quirk.SCALE_Z,
                0.92));
        all.add(quirk(
                "face-moved",
                "the board was not still with the right wing down",
                "The lengths of the six readings do not agree, though each axis looks right.",
                Quirk.MOVING,
                0.9));
        all.add(quirk(
                "level-roll",
                "the board's level is 5° off in roll",
                "Senses and rotation are right; at rest the horizon leans.",
                Quirk.LEVEL_ROLL,
                Math.toRadians(5)));
        all.add(quirk(
                "level-pitch",
                "the board's level is 4° off in pitch",
                "Senses and rotation are right; at rest the nose seems down.",
                Quirk.LEVEL_PITCH,
                Math.toRadians(-4)));
        all.add(quirk(
                "compass-turned",
                "the compass is turned by 25°",
                "The deviation is the same on every heading.",
                Quirk.COMPASS_TURNED,
                Math.toRadians(25)));
        all.add(quirk(
                "compass-iron",
                "a steel screw lies beside the compass",
                "The deviation swings once in a full turn.",
                Quirk.COMPASS_IRON,
                Math.toRadians(16)));
        all.add(quirk(
                "compass-motor",
                "the motor's leads run past the compass",
                "It is right until current flows.",
                Quirk.COMPASS_MOTOR,
                Math.toRadians(14)));
    }

    private static UnaryOperator<RealThing> radio(UnaryOperator<RadioSide> change) {
        return r -> r.changed(s -> s.withControls(s.controls()
                .withRadio(Optional.of(change.apply(s.controls().radio().orElse(RadioSide.USUAL))))));
    }

    private static RadioSide crossed(RadioSide side, Axis one, Axis other) {
        StickChannel a = side.stick(one);
        StickChannel b = side.stick(other);
        return side.with(a.on(b.channel(), b.means())).with(b.on(a.channel(), a.means()));
    }

    private static void radio(List<Planted> all) {
        Axis[][] pairs = {
            {Axis.ROLL, Axis.PITCH}, {Axis.ROLL, Axis.YAW}, {Axis.PITCH, Axis.POWER}, {Axis.YAW, Axis.POWER}
        };
        for (Axis[] pair : pairs) {
            all.add(new Planted(
                    "channels " + pair[0].label() + " " + pair[1].label(),
                    pair[0].label() + " and " + pair[1].label() + " are swapped between radio and board",
                    "One stick moves another command: seen with no surface at all, on the board's channel page.",
                    radio(r -> crossed(r, pair[0], pair[1]))));
        }
        all.add(new Planted(
                "end-roll",
                "the roll stick ends at 85 %",
                "Senses and modes are right; one end is never reached.",
                radio(r -> r.with(r.stick(Axis.ROLL).ending(1, 0.85, 0)))));
        all.add(new Planted(
                "end-pitch",
                "the pitch stick ends at 85 % below",
                "Senses and modes are right; one end is never reached.",
                radio(r -> r.with(r.stick(Axis.PITCH).ending(0.85, 1, 0)))));
        all.add(new Planted(
                "sub-trim",
                "a sub-trim of 6 % is left in pitch",
                "Let go the pulse is not the middle one; every mode that reads sticks takes it for a wish.",
                radio(r -> r.with(r.stick(Axis.PITCH).ending(1, 1, 0.06)))));
        all.add(quirk(
                "walk",
                "the receiver's aerial lies folded",
                "Everything works beside the aircraft; the range walk ends early.",
                Quirk.WALK,
                14));
        all.add(quirk(
                "walk-motor",
                "the speed controller disturbs the receiver",
                "The walk is good until the motor runs.",
                Quirk.WALK_RUNNING,
                0.53));
    }

    private static UnaryOperator<RealThing> selector(UnaryOperator<Selector> change) {
        return r -> r.changed(
                s -> s.withModes(s.modes().withSelector(change.apply(s.modes().selector()))));
    }

    private static void modes(List<Planted> all, Setup setup) {
        all.add(new Planted(
                "selector-turned",
                "the mode switch is reversed",
                "Read back from one end, every mode comes in the wrong order.",
                selector(s -> s.withTravel(-s.weight(), s.offset()))));
        all.add(new Planted(
                "selector-narrow",
                "the weight of the mode channel is 70 %",
                "The ends give the modes of their neighbours.",
                selector(s -> s.withTravel(0.7 * s.weight(), s.offset()))));
        all.add(new Planted(
                "selector-offset",
                "the mode channel is offset by 25 %",
                "All modes have moved by one place.",
                selector(s -> s.withTravel(s.weight(), s.offset() + 0.25))));
        Loss.Action wanted = RadioCards.wantedOnTheBench(setup);
        Loss.Action other = wanted == Loss.Action.LEVEL ? Loss.Action.GLIDE : Loss.Action.LEVEL;
        all.add(new Planted(
                "loss-other",
                "on loss of the link the board does something else",
                "Only switching the radio off tells.",
                r -> r.changed(s -> s.withModes(
                        s.modes().withLosses(s.modes().losses().with(Loss.LINK, Loss.Phase.LAUNCH, other))))));
        all.add(quirk(
                "loss-drives",
                "the receiver holds the last power on loss of the link",
                "Disarmed with the radio off the motor would run on.",
                Quirk.LOSS_DRIVES,
                1));
        all.add(quirk(
                "home-feet",
                "the return height was entered in feet",
                "Home flies at about a third of what is meant.",
                Quirk.HOME_HEIGHT,
                1 / 3.2808));
        all.add(quirk(
                "home-high",
                "Home climbs 40 % higher than it is set",
                "Only the height that the board shows tells.",
                Quirk.HOME_HEIGHT,
                1.4));
        all.add(quirk(
                "console-power",
                "the console asks for more power than the radio",
                "Right after the hand-over the motor jumps.",
                Quirk.CONSOLE_POWER,
                0.3));
        all.add(quirk(
                "console-keeps",
                "the radio cannot take control back",
                "Only trying it tells.",
                Quirk.CONSOLE_KEEPS,
                1));
    }

    private static void power(List<Planted> all) {
        all.add(quirk(
                "arms-power",
                "it arms with the power stick up",
                "Only trying to arm when it must refuse tells.",
                Quirk.ARMS_WITH_POWER,
                1));
        all.add(quirk(
                "arms-tilted",
                "it arms lying on its side",
                "Only trying to arm when it must refuse tells.",
                Quirk.ARMS_TILTED,
                1));
        all.add(quirk(
                "arms-no-fix",
                "it arms without a position fix",
                "Only trying to arm under a roof tells; Home would not know where home is.",
                Quirk.ARMS_WITHOUT_FIX,
                1));
        all.add(quirk(
                "stays-armed",
                "it does not disarm",
                "The switch says safe, the motor does not.",
                Quirk.STAYS_ARMED,
                1));
        all.add(quirk(
                "never-arms",
                "it does not arm at all",
                "It refuses though everything is as it should be.",
                Quirk.NEVER_ARMS,
                1));
        all.add(quirk(
                "outputs-off",
                "the outputs of the board are switched off",
                "It arms, and nothing would follow.",
                Quirk.OUTPUTS_OFF,
                1));
        all.add(quirk(
                "motor-back",
                "two wires of the motor are swapped",
                "The shaft turns the other way.",
                Quirk.MOTOR_TURNS_BACK,
                1));
        all.add(quirk(
                "propeller-back",
                "the propeller sits back to front",
                "The shaft turns right, air goes aft with half the thrust, or forward.",
                Quirk.PROPELLER_BACK_TO_FRONT,
                1));
        all.add(quirk(
                "propeller-large",
                "the propeller is two sizes too large",
                "It pulls well, and far more current than expected.",
                Quirk.CURRENT,
                1.42));
        all.add(quirk(
                "propeller-small",
                "a cell is missing, or the motor does not reach full power",
                "Everything turns the right way, with too little current.",
                Quirk.CURRENT,
                0.6));
        all.add(quirk(
                "hot",
                "a bearing of the motor runs hot",
                "Current as expected, and too warm to touch.",
                Quirk.HOT,
                45));
        all.add(quirk(
                "volts", "the board shows 6 % too many volts", "Only a meter beside it tells.", Quirk.VOLTS, 1.06));
        all.add(quirk(
                "amps", "the board shows 14 % too little current", "Only a meter beside it tells.", Quirk.AMPS, 0.86));
    }

    private static void field(List<Planted> all) {
        all.add(quirk(
                "few-satellites",
                "the video sender drowns the satellite receiver",
                "Few satellites under an open sky.",
                Quirk.SATELLITES,
                5));
        all.add(quirk(
                "home-elsewhere",
                "home was set at the car park",
                "A good fix, and home lies far from the pilot.",
                Quirk.HOME_OFF,
                180));
        all.add(quirk(
                "probe",
                "the hose of the airspeed probe is off",
                "Zero is right; blowing moves nothing.",
                Quirk.PROBE_HOSE_OFF,
                1));
        all.add(quirk("log", "the board's card is full: it records nothing", "The file is empty.", Quirk.LOG_EMPTY, 1));
        all.add(quirk(
                "camera",
                "the pan servo's arm sits one tooth off",
                "Let go the camera looks aside.",
                Quirk.CAMERA_OFF,
                Math.toRadians(17)));
    }
}
