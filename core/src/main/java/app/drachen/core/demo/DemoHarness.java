package app.drachen.core.demo;

import app.drachen.core.airframe.Position;
import app.drachen.core.harness.BoardCare;
import app.drachen.core.harness.Boards;
import app.drachen.core.harness.Care;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Draw;
import app.drachen.core.harness.Gives;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.Lead.Checks;
import app.drachen.core.harness.Lead.Look;
import app.drachen.core.harness.PackJoin;
import app.drachen.core.harness.PackJoin.Joined;
import app.drachen.core.harness.Radio;
import app.drachen.core.harness.Radio.Use;
import app.drachen.core.harness.Settings;
import app.drachen.core.harness.Settings.Value;
import app.drachen.core.harness.Signal;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.setup.Setup;
import app.drachen.core.wiring.Assignment;
import app.drachen.core.wiring.Assignment.Aim;
import app.drachen.core.wiring.HarnessDraft;
import app.drachen.core.wiring.InstallList;
import app.drachen.core.wiring.Outputs;
import app.drachen.core.wiring.Wiring;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** Harnesses of the invented aircraft. Every number is made up. */
final class DemoHarness {
    private static final String CONTROLLER = "speed controller";
    private static final String RECEIVER = "receiver";
    private static final String SATELLITES = "satellite receiver";
    private static final String CAMERA = "camera";
    private static final String VIDEO = "video sender";
    private static final String TELEMETRY = "telemetry sender";
    private static final String PICTURE = "picture";
    private static final Care SEEN = new Care(Care.Known.SHEET, "D-0417", "2.1", true, false, true, 0);

    private DemoHarness() {}

    /** Rochen: four outputs, servos on the board's own supply, a camera that records for itself. */
    static Setup rochen(Setup bare) {
        Setup drafted = HarnessDraft.of(bare, Boards.zaunkoenig());
        HarnessSection h = drafted.harness()
                .withDevice(CAMERA, d -> d.withWant(DeviceKind.LIGHTS.want()))
                .withLead(CAMERA, l -> l.fedFrom("pack"))
                .withDevice(CONTROLLER, d -> d.withGives(new Gives(5, 2, true, 30)))
                .withLead(CONTROLLER, l -> l.lifted(true))
                .withDevice("motor", d -> d.withGives(new Gives(0, 0, false, 32)))
                .withDevice(RECEIVER, d -> d.withWant(d.want().speaking("", 100_000, true)))
                .withPacks(new PackJoin(Joined.SINGLE, 0, 0, 30, false, 0, ""));
        h = h.withRadios(Stream.concat(h.radios().stream(), Stream.of(control(new Position(0.28, 0.44, 0))))
                .toList());
        return finished(drafted.withHarness(h));
    }

    /** Seeschwalbe: nothing on the board feeds the servos; the speed controller does. */
    static Setup seeschwalbe(Setup bare) {
        Setup drafted = HarnessDraft.of(bare, Boards.brachvogel());
        HarnessSection h = drafted.harness();
        for (Device device : h.devices()) {
            if (device.kind() == DeviceKind.SERVO) {
                h = h.withDevice(device.name(), d -> d.withDraw(new Draw(4.0, 6.0, 0.01, 0.2, 0.8)))
                        .withLead(device.name(), l -> l.ofGauge(22));
            }
        }
        h = h.withDevice(CONTROLLER, d -> d.withGives(new Gives(5.2, 6, false, 60)))
                .withDevice("motor", d -> d.withGives(new Gives(0, 0, false, 55)))
                .withDevice(RECEIVER, d -> d.withWant(d.want().speaking("", 100_000, true)))
                .withLead(CAMERA, l -> l.fedFrom(PICTURE))
                .withLead(VIDEO, l -> l.fedFrom(PICTURE))
                .withPacks(new PackJoin(Joined.SINGLE, 0, 0, 25, false, 0, ""));
        h = h.withRadios(Stream.concat(
                        h.radios().stream(),
                        Stream.of(
                                control(new Position(0.46, -0.50, 0.05)),
                                picture(1_280e6, new Position(0.95, 0, 0.06))))
                .toList());
        return finished(drafted.withHarness(h));
    }

    /** Strandläufer with everything right. */
    static Setup strandlaeufer(Setup bare) {
        Setup drafted = HarnessDraft.of(bare, Boards.kiebitz());
        HarnessSection h = drafted.harness()
                .withDevice(CONTROLLER, d -> d.withGives(new Gives(5.3, 3, false, 40)))
                .withLead(CONTROLLER, l -> l.lifted(true))
                .withDevice("motor", d -> d.withGives(new Gives(0, 0, false, 42)))
                .withDevice(RECEIVER, d -> d.withWant(d.want().speaking("", 100_000, true)))
                .withLead(CAMERA, l -> l.fedFrom(PICTURE))
                .withLead(VIDEO, l -> l.fedFrom(PICTURE))
                .plus(
                        Device.typical(TELEMETRY, DeviceKind.TELEMETRY_SENDER, "", ""),
                        Lead.of(TELEMETRY, "", 26).ofLength(0.66))
                .plus(
                        Device.typical("current sensor", DeviceKind.CURRENT_SENSOR, CONTROLLER, ""),
                        Lead.of("current sensor", "", 26))
                .withPacks(new PackJoin(Joined.SINGLE, 0, 0, 20, false, 0, ""));
        h = h.withRadios(Stream.concat(
                        h.radios().stream(),
                        Stream.of(
                                control(new Position(0.35, 0.46, 0.03)),
                                telemetry(314.5e6),
                                picture(1_280e6, new Position(0.78, 0, 0.05))))
                .toList());
        return finished(drafted.withHarness(h));
    }

    /**
     * Strandläufer as it came from the workbench: the speed controller's red wire still in, fast pulses for its motor, the right
     * tail servo on the output without a power pin, the camera on the pack, the telemetry on a fifth of the satellites' frequency.
     */
    static Setup strandlaeuferAsWired(Setup sound) {
        Setup moved = Outputs.moved(
                sound, Map.of("motor", 1, "left-aileron", 3, "right-aileron", 4, "left-v-tail", 5, "right-v-tail", 6));
        HarnessSection h = moved.harness()
                .withDevice(CONTROLLER, d -> d.withWant(d.want().speaking("", 400, false)))
                .withLead(CONTROLLER, l -> l.lifted(false))
                .withLead(CAMERA, l -> l.fedFrom("pack"))
                .withRadio(TELEMETRY, r -> telemetry(315.1e6))
                .withDevice(VIDEO, d -> d.withCare(new Care(Care.Known.SHEET, "", "", true, false, false, 0)))
                .withInstalled(List.of("old"))
                .withSettings(Optional.of(settings()));
        List<Lead> leads = h.leads().stream().map(l -> l.seen(Checks.NONE)).toList();
        h = h.withLeads(leads)
                .withLead(CONTROLLER, l -> l.seen(Checks.GOOD))
                .withLead(RECEIVER, l -> l.seen(new Checks(Look.GOOD, Look.GOOD, Look.OPEN, Look.OPEN, 0.04)));
        return moved.withHarness(h);
    }

    private static Settings settings() {
        return new Settings(
                "3.2",
                "2026-05-12",
                List.of(
                        new Value("output_5_reversed", "0"),
                        new Value("output_6_reversed", "1"),
                        new Value("port_2_speed", "100000"),
                        new Value("port_2_inverted", "1"),
                        new Value("pack_cells", "3"),
                        new Value("return_height_m", "60"),
                        new Value("circle_radius_m", "40")));
    }

    private static Radio control(Position aerial) {
        return new Radio(RECEIVER, Use.CONTROL, 868.0e6, 868.6e6, 0.025, true, aerial, 0, 0, false);
    }

    private static Radio telemetry(double middle) {
        return new Radio(
                TELEMETRY,
                Use.TELEMETRY,
                middle - 0.1e6,
                middle + 0.1e6,
                0.005,
                true,
                new Position(0.41, -0.62, 0.04),
                0,
                0,
                false);
    }

    private static Radio picture(double middle, Position aerial) {
        return new Radio(VIDEO, Use.PICTURE, middle - 8e6, middle + 8e6, 0.025, false, aerial, 0, 0, false);
    }

    /** Everything looked up, looked at and noted. */
    private static Setup finished(Setup raw) {
        Setup setup = Assignment.of(Wiring.of(raw), Aim.FEWEST_MOVES).applied(raw);
        HarnessSection h = setup.harness();
        h = h.withDevices(h.devices().stream()
                        .map(d -> (d.want().signal() == Signal.PICTURE_IN
                                        ? d.withDraw(new Draw(5, 13, 0.12, 0.15, 0.18))
                                        : d)
                                .withCare(SEEN))
                        .toList())
                .withLeads(h.leads().stream()
                        .map(l -> l.plugged(l.power().isEmpty() ? "three-pin, 2.54 mm" : "soldered")
                                .seen(Checks.GOOD))
                        .toList())
                .withCare(new BoardCare(true, "B-1183", "3.2", true, false, false));
        Setup seen = setup.withHarness(h);
        List<String> steps = Stream.concat(
                        InstallList.of(Wiring.of(seen)).steps().stream()
                                .filter(s -> s.device().isEmpty())
                                .map(InstallList.Step::id),
                        Stream.of(InstallList.NO_SERVO_POWER_ON_USB))
                .toList();
        return seen.withHarness(h.withInstalled(steps));
    }
}
