package app.drachen.core.stages;

import static app.drachen.core.stages.EveryRuleTest.line;

import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.Proof.Evidence;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.harness.Board;
import app.drachen.core.harness.BoardCare;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Boards;
import app.drachen.core.harness.Care;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.Draw;
import app.drachen.core.harness.Gives;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Lead.Checks;
import app.drachen.core.harness.Lead.Look;
import app.drachen.core.harness.PackJoin;
import app.drachen.core.harness.PackJoin.Joined;
import app.drachen.core.harness.Radio;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.setup.BoardMount;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.EveryRuleTest.Line;
import app.drachen.core.working.Finding.State;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** The lines of the rules of Harness: pass, fail, at the limit, and what cannot be told. */
final class HarnessLines {
    private static final Setup SOUND = DemoAircraft.strandlaeufer();
    private static final Setup WIRED = DemoAircraft.strandlaeuferFourCells();
    private static final String CONTROLLER = "speed controller";
    private static final String CAMERA = "camera";
    private static final String SERVOS = "servos";

    private HarnessLines() {}

    private static Situation of(Setup setup) {
        return Situation.of(setup)
                .proving(Proof.gained(ProofKind.HARNESS_CHECK, setup, 1, 5, Evidence.REAL, true, "seen", Map.of()));
    }

    private static Situation with(UnaryOperator<HarnessSection> change) {
        return of(SOUND.withHarness(change.apply(SOUND.harness())));
    }

    private static Situation device(String name, UnaryOperator<Device> change) {
        return with(h -> h.withDevice(name, change));
    }

    private static Situation lead(String name, UnaryOperator<Lead> change) {
        return with(h -> h.withLead(name, change));
    }

    private static Situation radio(String name, UnaryOperator<Radio> change) {
        return with(h -> h.withRadio(name, change));
    }

    private static Situation cared(String name, Care care) {
        return device(name, d -> d.withCare(care));
    }

    private static Situation rail(String name, UnaryOperator<BoardRail> change) {
        return with(h -> {
            List<BoardRail> rails = new ArrayList<>();
            Board b = h.board();
            b.rails().forEach(r -> rails.add(r.name().equals(name) ? change.apply(r) : r));
            return h.withBoard(new Board(
                    b.name(),
                    b.length(),
                    b.width(),
                    b.arrow(),
                    b.automation(),
                    b.usbAmps(),
                    b.tunePeriod(),
                    rails,
                    b.places()));
        });
    }

    private static BoardRail rail(BoardRail r, double amps, double thermal, boolean usb) {
        return new BoardRail(
                r.name(), r.feed(), r.volts(), amps, r.resistance(), r.efficiency(), thermal, r.capacitance(), usb);
    }

    private static Situation care(BoardCare care) {
        return with(h -> h.withCare(care));
    }

    private static Situation servos(Draw draw) {
        Setup changed = SOUND;
        for (Device d : SOUND.harness().devices()) {
            if (d.name().endsWith("servo")) {
                changed = changed.withHarness(changed.harness().withDevice(d.name(), x -> x.withDraw(draw)));
            }
        }
        return of(changed);
    }

    private static Situation packs(Joined how, double first, double second, int cells) {
        Pack one = SOUND.propulsion().pack();
        Setup two = SOUND.withPropulsion(new Propulsion(
                SOUND.propulsion().drives(), List.of(one, new Pack("second", cells, one.capacity(), 0.034))));
        return of(two.withHarness(two.harness().withPacks(new PackJoin(how, first, second, 20, false, 0, ""))));
    }

    private static Situation draws(double carries) {
        return device(CONTROLLER, d -> d.withGives(new Gives(5.3, 3, false, carries)));
    }

    static List<Line> all() {
        List<Line> lines = new ArrayList<>();
        for (ClearanceRule rule : Kits.of(Stage.HARNESS).rules()) {
            lines.add(line(rule.id(), of(SOUND), State.GOOD));
            lines.add(line(rule.id(), of(SOUND.withHarness(HarnessSection.EMPTY)), State.OPEN));
        }
        lines.addAll(power());
        lines.addAll(places());
        lines.addAll(care());
        return lines;
    }

    private static List<Line> power() {
        return List.of(
                line("HARNESS-R2", of(WIRED), State.STOP),
                line("HARNESS-R2", lead("right V-tail servo", l -> l.lifted(true)), State.STOP),
                // nothing on this board feeds the servos, and the speed controller's red wire is out
                line("HARNESS-R2", with(h -> h.withBoard(Boards.brachvogel())), State.STOP),
                line("HARNESS-R2", lead(CAMERA, l -> l.fedFrom("no such rail")), State.STOP),
                line("HARNESS-R3", with(h -> h.withInstalled(List.of())), State.CAUTION),
                line("HARNESS-R3", rail(SERVOS, r -> rail(r, 3, 30, true)), State.GOOD),
                // four servos pull 2.2 A at once: 73 % of 3 A, 81 % of 2.7 A
                line("HARNESS-R4", rail(SERVOS, r -> rail(r, 2.8, 30, false)), State.GOOD),
                line("HARNESS-R4", rail(SERVOS, r -> rail(r, 2.7, 30, false)), State.STOP),
                line("HARNESS-R4", servos(new Draw(4, 6, 0.3, 1.9, 1.0)), State.STOP),
                line("HARNESS-R4", rail(SERVOS, r -> rail(r, 0, 30, false)), State.OPEN),
                // 0.16 W at 300 K/W are 47 K
                line("HARNESS-R4", rail(SERVOS, r -> rail(r, 3, 300, false)), State.CAUTION),
                line("HARNESS-R4", of(hotLinear(18)), State.STOP),
                line("HARNESS-R4", of(hotLinear(0)), State.STOP),
                line("HARNESS-R5", lead(CONTROLLER, l -> l.lifted(false)), State.STOP),
                line(
                        "HARNESS-R5",
                        lead(CONTROLLER, l -> l.lifted(false).withDiode(true).seen(Checks.GOOD)),
                        State.GOOD),
                line(
                        "HARNESS-R5",
                        with(h -> h.withPacks(new PackJoin(Joined.SINGLE, 0, 0, 20, false, 5, SERVOS))),
                        State.STOP),
                // by wires of its own from one rail, and by its plug from another
                line("HARNESS-R5", lead("receiver", l -> l.fedFrom("picture")), State.STOP),
                line("HARNESS-R5", lead("receiver", l -> l.fedFrom("picture").lifted(true)), State.GOOD),
                line("HARNESS-R5", lead("receiver", l -> l.fedFrom("ports")), State.GOOD),
                line("HARNESS-R6", of(WIRED), State.STOP),
                line("HARNESS-R6", with(h -> h.withBoard(Boards.brachvogel())), State.OPEN),
                // 8.4 V of the receiver's own pack reach servos that bear 6 V
                line(
                        "HARNESS-R6",
                        with(h -> h.withPacks(new PackJoin(Joined.SINGLE, 0, 0, 20, false, 8.4, SERVOS))),
                        State.STOP),
                line("HARNESS-R4", with(h -> h.withBoard(Boards.brachvogel())), State.OPEN),
                line(
                        "HARNESS-R4",
                        with(h -> h.withBoard(Boards.brachvogel()).withLead(CONTROLLER, l -> l.lifted(false))),
                        State.GOOD),
                // 0.23 A from 12.6 to 5.3 V are 1.7 W in a linear regulator
                line(
                        "HARNESS-R4",
                        with(h -> h.withBoard(Boards.brachvogel())
                                .withLead(CONTROLLER, l -> l.lifted(false))
                                .withDevice(CONTROLLER, d -> d.withGives(new Gives(5.3, 3, true, 40)))),
                        State.STOP),
                line("HARNESS-R4", rail("ports", r -> rail(r, 0, 30, true)), State.OPEN),
                line("HARNESS-R7", with(h -> h.withBoard(Boards.brachvogel())), State.OPEN),
                line("HARNESS-R7", lead("telemetry sender", l -> l.ofLength(0)), State.OPEN),
                line("HARNESS-R8", packs(Joined.SERIES, 12.40, 12.40, 10), State.STOP),
                line("HARNESS-R9", with(h -> h.withLeads(List.of())), State.OPEN),
                line("HARNESS-R6", lead(CAMERA, l -> l.fedFrom("pack")), State.GOOD),
                // 12.60 V full; cells of 4.35 V give 13.05 V
                line(
                        "HARNESS-R6",
                        with(h -> h.withLead(CAMERA, l -> l.fedFrom("pack"))
                                .withPacks(new PackJoin(Joined.SINGLE, 0, 0, 20, true, 0, ""))),
                        State.STOP),
                line("HARNESS-R6", device("receiver", d -> d.withDraw(new Draw(3.3, 4.9, 0.1, 0.1, 0.1))), State.STOP),
                line("HARNESS-R7", servos(new Draw(4.6, 6, 0.01, 0.25, 1.1)), State.STOP),
                line("HARNESS-R7", lead("left V-tail servo", l -> l.ofGauge(34)), State.STOP),
                line("HARNESS-R8", packs(Joined.PARALLEL, 12.40, 12.35, 3), State.GOOD),
                line("HARNESS-R8", packs(Joined.PARALLEL, 12.40, 12.20, 3), State.STOP),
                line("HARNESS-R8", packs(Joined.PARALLEL, 12.40, 0, 3), State.OPEN),
                line("HARNESS-R8", packs(Joined.PARALLEL, 12.40, 12.40, 4), State.STOP),
                line("HARNESS-R8", packs(Joined.SERIES, 12.40, 12.20, 3), State.GOOD),
                line("HARNESS-R17", draws(25), State.GOOD),
                line("HARNESS-R17", draws(24), State.STOP),
                line("HARNESS-R17", draws(0), State.OPEN));
    }

    /** The ports on a linear regulator, heavily loaded. */
    private static Setup hotLinear(double thermal) {
        Board b = SOUND.harness().board();
        List<BoardRail> rails = new ArrayList<>();
        for (BoardRail r : b.rails()) {
            rails.add(
                    r.name().equals("ports")
                            ? new BoardRail("ports", BoardRail.Feed.LINEAR, 5, 5, 0.1, 1, thermal, 1e-4, true)
                            : r);
        }
        HarnessSection h = SOUND.harness()
                .withBoard(new Board(
                        b.name(),
                        b.length(),
                        b.width(),
                        b.arrow(),
                        b.automation(),
                        b.usbAmps(),
                        b.tunePeriod(),
                        rails,
                        b.places()))
                .withDevice("receiver", d -> d.withDraw(new Draw(4, 9, 0.5, 0.5, 0.5)));
        return SOUND.withHarness(h);
    }

    private static List<Line> places() {
        return List.of(
                line(
                        "HARNESS-R1",
                        device(CONTROLLER, d -> d.withWant(d.want().speaking("", 400, false))),
                        // the motor is alone in its timer group
                        State.GOOD),
                line("HARNESS-R1", lead("receiver", l -> l.at("port 3")), State.STOP),
                line("HARNESS-R1", lead("receiver", l -> l.at("")), State.STOP),
                line("HARNESS-R1", lead("receiver", l -> l.at("current pad")), State.STOP),
                line(
                        "HARNESS-R1",
                        with(h -> h.withDevice(
                                "left V-tail servo", d -> d.withWant(d.want().speaking("", 300, false)))),
                        State.STOP),
                line("HARNESS-R1", with(h -> h.withBoard(Boards.zaunkoenig())), State.STOP),
                line("HARNESS-R1", with(h -> h.without("satellite receiver")), State.CAUTION),
                line("HARNESS-R1", with(h -> h.without("left aileron servo")), State.OPEN),
                line("HARNESS-R1", with(h -> h.without("speed controller")), State.OPEN),
                line("HARNESS-R1", with(h -> h.withBoard(only(h.board(), Board.Automation.GYRO))), State.STOP),
                line("HARNESS-R9", lead("receiver", l -> l.running(Lead.Way.STRAIGHT)), State.GOOD),
                line("HARNESS-R9", lead("telemetry sender", l -> l.running(Lead.Way.TURNED)), State.STOP),
                line(
                        "HARNESS-R9",
                        device(
                                "telemetry sender",
                                d -> d.withWant(new app.drachen.core.harness.Want(
                                        d.want().signal(),
                                        "",
                                        57_600,
                                        false,
                                        List.of(
                                                app.drachen.core.harness.Pin.POWER,
                                                app.drachen.core.harness.Pin.GROUND,
                                                app.drachen.core.harness.Pin.TRANSMIT,
                                                app.drachen.core.harness.Pin.RECEIVE)))),
                        State.GOOD),
                line("HARNESS-R10", lead("receiver", l -> l.at("port 4")), State.STOP),
                line(
                        "HARNESS-R10",
                        device("telemetry sender", d -> d.withWant(d.want().speaking("", 500_000, false))),
                        State.STOP));
    }

    private static List<Line> care() {
        Checks failed = new Checks(Look.GOOD, Look.GOOD, Look.GOOD, Look.FAILED, 0);
        Care air = new Care(Care.Known.SHEET, "", "", true, false, false, 0);
        Care still = new Care(Care.Known.SHEET, "", "", false, false, false, 0);
        Care guessed = new Care(Care.Known.GUESSED, "1", "1", true, true, true, 0);
        Care typical = new Care(Care.Known.TYPICAL, "1", "1", true, true, true, 0);
        return List.of(
                line("HARNESS-R11", radio("telemetry sender", r -> r.shifted(0.6e6)), State.CAUTION),
                line(
                        "HARNESS-R11",
                        radio("telemetry sender", r -> r.shifted(0.6e6).filtered()),
                        State.GOOD),
                // a third of the satellites' frequency, a strong harmonic on a vital band
                line("HARNESS-R11", radio("telemetry sender", r -> r.shifted(210.6e6)), State.STOP),
                line("HARNESS-R11", with(h -> h.withRadios(h.radios().subList(0, 2))), State.OPEN),
                line("HARNESS-R12", radio("video sender", r -> r.at(new Position(0.33, 0, 0.04))), State.CAUTION),
                line("HARNESS-R12", radio("telemetry sender", r -> r.at(new Position(0.33, 0, 0.04))), State.CAUTION),
                line("HARNESS-R12", radio("telemetry sender", r -> standing(r, 59)), State.GOOD),
                line("HARNESS-R12", radio("telemetry sender", r -> standing(r, 61)), State.CAUTION),
                line("HARNESS-R12", with(h -> h.withRadios(List.of())), State.OPEN),
                line("HARNESS-R13", cared("video sender", still), State.STOP),
                line(
                        "HARNESS-R13",
                        cared("receiver", new Care(Care.Known.SHEET, "1", "1", false, false, false, 1.0)),
                        State.GOOD),
                line(
                        "HARNESS-R13",
                        cared("receiver", new Care(Care.Known.SHEET, "1", "1", false, false, false, 1.1)),
                        State.STOP),
                line("HARNESS-R13", cared("video sender", air), State.CAUTION),
                line("HARNESS-R14", lead("receiver", l -> l.seen(failed)), State.STOP),
                line("HARNESS-R14", lead(CAMERA, l -> l.seen(failed)), State.CAUTION),
                line("HARNESS-R14", lead(CAMERA, l -> l.seen(Checks.NONE)), State.OPEN),
                line("HARNESS-R14", lead("left aileron servo", l -> shortened(l, 0.3)), State.STOP),
                line("HARNESS-R15", of(SOUND.withMount(new BoardMount(2, 0, 0, 0))), State.CAUTION),
                line("HARNESS-R15", care(new BoardCare(false, "1", "1", true, false, false)), State.CAUTION),
                line("HARNESS-R15", of(SOUND.withMoved(PartKind.AUTOPILOT, -0.11, 0)), State.CAUTION),
                line("HARNESS-R15", of(SOUND.withParts(List.of())), State.OPEN),
                line("HARNESS-R16", cared("left aileron servo", guessed), State.STOP),
                line("HARNESS-R16", cared(CAMERA, guessed), State.CAUTION),
                line("HARNESS-R16", cared(CAMERA, typical), State.OPEN),
                line("HARNESS-R18", care(new BoardCare(true, "1", "", true, false, false)), State.OPEN),
                line("HARNESS-R18", care(new BoardCare(true, "1", "2", false, false, false)), State.CAUTION),
                line("HARNESS-R18", care(new BoardCare(true, "1", "2", true, false, true)), State.CAUTION),
                line("HARNESS-R18", cared("receiver", still), State.CAUTION));
    }

    private static Radio standing(Radio r, double degrees) {
        return new Radio(
                r.device(),
                r.use(),
                r.low(),
                r.high(),
                r.sends(),
                r.listens(),
                r.aerial(),
                0,
                Math.toRadians(degrees),
                r.filter());
    }

    private static Board only(Board b, Board.Automation automation) {
        return new Board(
                b.name(),
                b.length(),
                b.width(),
                b.arrow(),
                automation,
                b.usbAmps(),
                b.tunePeriod(),
                b.rails(),
                b.places());
    }

    private static Lead shortened(Lead l, double length) {
        return l.ofLength(length);
    }
}
