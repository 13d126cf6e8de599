package app.drachen.core.wiring;

import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.harness.Board;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Boards;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Radio;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.setup.Setup;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A harness to begin with, from what the aircraft already has: a servo for each surface, a speed controller for each motor
 * output, and the parts that are plugged in. Every figure is typical of its kind and says so.
 *
 * <p>Source: common practice.
 */
public final class HarnessDraft {
    private static final int SERVO_GAUGE = 24;
    private static final int SIGNAL_GAUGE = 26;

    private HarnessDraft() {}

    /** The smallest of the boards that ship which carries everything; the largest where none does. */
    public static Board board(Setup setup) {
        Board best = Boards.brachvogel();
        for (Board board : List.of(Boards.zaunkoenig(), Boards.kiebitz())) {
            Setup tried = of(setup, board);
            if (Assignment.of(Wiring.of(tried), Assignment.Aim.FEWEST_MOVES).complete()) {
                return board;
            }
        }
        return best;
    }

    /** The same aircraft on a board, with devices from its parts where none are entered, plugged in as well as can be. */
    public static Setup of(Setup setup, Board board) {
        HarnessSection harness = setup.harness().withBoard(board);
        if (harness.devices().isEmpty()) {
            harness = devices(setup, harness);
        }
        Setup wired = setup.withHarness(harness);
        return Assignment.of(Wiring.of(wired), Assignment.Aim.FEWEST_MOVES).applied(wired);
    }

    private static HarnessSection devices(Setup setup, HarnessSection empty) {
        HarnessSection harness = empty;
        String raw = empty.board().raw().map(BoardRail::name).orElse("");
        List<Part> servos = new ArrayList<>(parts(setup, PartKind.SERVO));
        int motors = 0;
        for (Output output : setup.controls().outputs()) {
            Surface surface = output.surface();
            if (surface.isMotor()) {
                String number = motors == 0 ? "" : " " + (motors + 1);
                String controller = nth(setup, PartKind.SPEED_CONTROLLER, motors);
                harness = harness.plus(
                        Device.typical(
                                        "speed controller" + number,
                                        DeviceKind.SPEED_CONTROLLER,
                                        controller,
                                        surface.id())
                                .withWant(DeviceKind.SPEED_CONTROLLER.want().speaking("", 50, false)),
                        Lead.of("speed controller" + number, "", SERVO_GAUGE).fedFrom(raw));
                harness = plugless(
                        harness,
                        Device.typical("motor" + number, DeviceKind.MOTOR, nth(setup, PartKind.MOTOR, motors), ""));
                motors++;
            } else {
                String name = surface.words() + " servo";
                harness = harness.plus(
                        Device.typical(name, DeviceKind.SERVO, part(servos, surface), surface.id()),
                        Lead.of(name, "", SERVO_GAUGE));
            }
        }
        for (Part part : setup.parts()) {
            Optional<DeviceKind> kind = DeviceKind.of(part.kind());
            boolean known = kind.isEmpty()
                    || List.of(DeviceKind.SERVO, DeviceKind.SPEED_CONTROLLER, DeviceKind.MOTOR)
                            .contains(kind.get());
            if (!known && harness.device(part.name()).isEmpty()) {
                Device device = Device.typical(part.name(), kind.get(), part.name(), "");
                harness = harness.plus(device, lead(harness.board(), device, setup));
                harness = radio(harness, part, kind.get());
            }
        }
        return harness;
    }

    private static HarnessSection plugless(HarnessSection harness, Device device) {
        List<Device> more = new ArrayList<>(harness.devices());
        more.add(device);
        return harness.withDevices(more);
    }

    /** A lead for one more device; where its plug brings no volts that it bears, it is fed from the first rail that does. */
    public static Lead lead(Board board, Device device, Setup setup) {
        Lead lead = Lead.of(device.name(), "", device.kind() == DeviceKind.SERVO ? SERVO_GAUGE : SIGNAL_GAUGE);
        boolean byPlug = board.carrying(device.want().signal()).stream()
                .filter(Place::powered)
                .anyMatch(p -> bears(board.rail(p.rail()), device, setup));
        if (byPlug || !device.draw().fed()) {
            return lead;
        }
        return board.rails().stream()
                .filter(r -> bears(Optional.of(r), device, setup))
                .min(Comparator.comparing(r -> r.feed() == BoardRail.Feed.RAW))
                .map(r -> lead.fedFrom(r.name()))
                .orElse(lead);
    }

    private static boolean bears(Optional<BoardRail> rail, Device device, Setup setup) {
        double volts = rail.map(r -> r.feed() == BoardRail.Feed.RAW
                        ? setup.propulsion().pack().cells()
                                * setup.harness().packs().fullCell()
                        : r.volts())
                .orElse(0.0);
        return volts >= device.draw().least() && volts <= device.draw().most();
    }

    /** Satellites send on one known band; what else sends is for the pilot to say. */
    private static HarnessSection radio(HarnessSection harness, Part part, DeviceKind kind) {
        if (kind != DeviceKind.SATELLITE_RECEIVER) {
            return harness;
        }
        List<Radio> radios = new ArrayList<>(harness.radios());
        radios.add(satellites(part.name(), part.position()));
        return harness.withRadios(radios);
    }

    /**
     * A receiver of the satellites' open signal at 1575.42 MHz, ±1.023 MHz.
     *
     * <p>Source: the published interface of that signal, from memory.
     */
    public static Radio satellites(String device, Position aerial) {
        return new Radio(device, Radio.Use.POSITION, 1_574.397e6, 1_576.443e6, 0, true, aerial, 0, 0, false);
    }

    private static List<Part> parts(Setup setup, PartKind kind) {
        return setup.parts().stream().filter(p -> p.kind() == kind).toList();
    }

    private static String nth(Setup setup, PartKind kind, int n) {
        List<Part> all = parts(setup, kind);
        return all.isEmpty() ? "" : all.get(Math.min(n, all.size() - 1)).name();
    }

    /** The servo among the parts that moves a surface: by its name, else by its side, tails the most aft. */
    private static String part(List<Part> servos, Surface surface) {
        boolean tail =
                surface.isVee() || surface.role() == Surface.Role.ELEVATOR || surface.role() == Surface.Role.RUDDER;
        String word = surface.role().name().toLowerCase(java.util.Locale.ROOT);
        int side = surface.side() == Surface.Side.LEFT ? -1 : surface.side() == Surface.Side.RIGHT ? 1 : 0;
        Optional<Part> named =
                servos.stream().filter(p -> p.name().contains(word)).findFirst();
        Optional<Part> aft = servos.stream()
                .filter(p -> Math.abs(p.position().right()) < 0.1)
                .max(Comparator.comparingDouble(p -> p.position().aft()));
        Optional<Part> sided = servos.stream()
                .filter(p -> side != 0 && side * p.position().right() > 0.02)
                .max(Comparator.comparingDouble(p -> Math.abs(p.position().right())));
        return named.or(() -> tail ? aft : sided).map(Part::name).orElse("");
    }
}
