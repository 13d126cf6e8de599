package app.drachen.core.demo;

import static java.lang.Math.toRadians;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.AngleCheck;
import app.drachen.core.airframe.Body;
import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.Section;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.autopilot.StartGains;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.Linkage;
import app.drachen.core.controls.MixPreset;
import app.drachen.core.controls.MixRow;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.controls.Rates;
import app.drachen.core.controls.Surface;
import app.drachen.core.modes.Arming;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.LossPlan;
import app.drachen.core.modes.ModeSetup;
import app.drachen.core.modes.RadioSwitch;
import app.drachen.core.modes.Selector;
import app.drachen.core.modes.SelectorKind;
import app.drachen.core.propulsion.Drive;
import app.drachen.core.propulsion.Motor;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.propulsion.Propeller;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.setup.BuildSection;
import app.drachen.core.setup.BuildStep;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.setup.Setup;
import app.drachen.core.setup.TuneSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The three invented aircraft, each sound unless a method's name says otherwise. */
public final class DemoAircraft {
    private static final Gains NO_GAINS = new Gains(
            new Gains.AxisGains(3, 0.1, 0.1, 0.1), new Gains.AxisGains(3, 0.1, 0.1, 0.1), 0.1, 0.35, 0.03, 0.06, 12);

    private DemoAircraft() {}

    /** Rochen: flying wing, 1.08 m. */
    public static Setup rochen() {
        Wing wing = new Wing(
                0,
                0,
                List.of(new WingPanel(0.30, 0.17, 0.54, toRadians(30), toRadians(1), toRadians(-2.5))),
                new Section(toRadians(-0.6), 1.05, 0.10, 0.009, 0.013),
                0,
                toRadians(0.25),
                List.of(Flap.elevon(0.35, 0.95, 0.22)));
        TailPanel fin = new TailPanel(0.335, 0.54, 0, 0.13, 0.08, 0.11, toRadians(30), 0, 0);
        Airframe airframe =
                new Airframe(wing, new Tail.None(List.of(fin)), new Body(0.30, 0.07, 0.06, 0), 0.250, 0.020, 0.060);
        List<Part> parts = List.of(
                part("camera", PartKind.CAMERA, 38, 18, 0, 10),
                part("pack", PartKind.PACK, 196, 62, 0, 0),
                part("receiver", PartKind.RECEIVER, 12, 125, 30, 0),
                part("satellite receiver", PartKind.SATELLITE_RECEIVER, 12, 100, 0, 20),
                part("autopilot", PartKind.AUTOPILOT, 24, 150, 0, 5),
                part("speed controller", PartKind.SPEED_CONTROLLER, 28, 195, 0, 0),
                part("servo left", PartKind.SERVO, 14, 225, -250, 0),
                part("servo right", PartKind.SERVO, 14, 225, 250, 0),
                part("motor + propeller", PartKind.MOTOR, 60, 318, 0, 8));
        ControlSetup controls = new ControlSetup(
                List.of(
                        surface(1, Surface.LEFT_ELEVON, new MixRow(0.4, -0.4, 0, 0), false, 1496, true, 1080, 1920),
                        surface(2, Surface.RIGHT_ELEVON, new MixRow(-0.4, -0.4, 0, 0), true, 1508, false, 1080, 1920),
                        motor(3)),
                RadioTrims.NONE,
                new Rates(0.7, 0.8, 0.7, 0.3),
                Optional.of(RadioSide.USUAL),
                List.of());
        Propulsion propulsion = Propulsion.of(
                Drive.straight(motorOf(1_150, 0.085, 0.8), new Propeller(0.203, 0.127)),
                new Pack("3S 2.2 Ah", 3, 2_200 * 3.6, 0.036));
        ModeSetup modes = new ModeSetup(
                sixWay(
                        FlightMode.MANUAL,
                        FlightMode.RATE,
                        FlightMode.LEVEL,
                        FlightMode.HOLD,
                        FlightMode.CIRCLE,
                        FlightMode.HOME),
                new Limits(toRadians(40), toRadians(20), toRadians(20), 10.5, 14, 18, 2.5),
                new HomeProfile(80, 60, true),
                FlightMode.MANUAL,
                switches(),
                LossPlan.usual(),
                Optional.of(Arming.GUARDED),
                Optional.empty());
        return DemoHarness.rochen(
                finish("Rochen", "Flying wing for the dyke's grass", airframe, parts, propulsion, controls, modes));
    }

    /** The invented radio: modes on six buttons, arming on a switch of its own. */
    private static List<RadioSwitch> switches() {
        return List.of(
                new RadioSwitch("modes", 5, SelectorKind.SIX, RadioSwitch.Use.MODES, List.of("", "", "", "", "", "")),
                new RadioSwitch(
                        "left shoulder", 7, SelectorKind.TWO, RadioSwitch.Use.ARMING, List.of("safe", "armed")));
    }

    /** Rochen as it stands on the bench: one servo turned, trim in the radio, a selector too wide. */
    public static Setup rochenOnTheBench() {
        Setup sound = rochen();
        ControlSetup controls = sound.controls()
                .change(Surface.RIGHT_ELEVON, Output::turnedRound)
                .withTrims(new RadioTrims(0.06, 0, 0));
        Selector selector = sound.modes().selector().withTravel(1.03, 0);
        return sound.withControls(controls).withModes(sound.modes().withSelector(selector));
    }

    /** Strandläufer: V-tail pusher, 1.52 m. */
    public static Setup strandlaeufer() {
        Wing wing = new Wing(
                0.30,
                0.03,
                List.of(
                        new WingPanel(0.205, 0.195, 0.30, toRadians(1), toRadians(1), 0),
                        new WingPanel(0.195, 0.140, 0.46, toRadians(4), toRadians(4), toRadians(-1.5))),
                new Section(toRadians(-2.6), 1.25, 0.10, -0.05, 0.012),
                toRadians(1.5),
                0,
                List.of(Flap.aileron(0.50, 0.94, 0.25)));
        TailPanel panel = new TailPanel(0.98, 0.015, 0.02, 0.15, 0.10, 0.24, toRadians(12), toRadians(0.1), 0.35);
        Airframe airframe = new Airframe(
                wing,
                new Tail.Vee(panel, toRadians(38), false),
                new Body(0.54, 0.085, 0.085, 1.12),
                0.350,
                0.055,
                0.180);
        List<Part> parts = List.of(
                part("camera", PartKind.CAMERA, 19, 55, 0, 0),
                part("pack", PartKind.PACK, 236, 175, 0, 0),
                part("receiver", PartKind.RECEIVER, 12, 305, 20, 0),
                part("autopilot", PartKind.AUTOPILOT, 34, 320, 0, 0),
                part("satellite receiver", PartKind.SATELLITE_RECEIVER, 14, 230, 0, 40),
                part("speed controller", PartKind.SPEED_CONTROLLER, 34, 430, 0, 0),
                part("motor + propeller", PartKind.MOTOR, 96, 560, 0, 45),
                part("servo left", PartKind.SERVO, 14, 400, -450, 30),
                part("servo right", PartKind.SERVO, 14, 400, 450, 30),
                part("tail servos", PartKind.SERVO, 22, 890, 0, 0),
                part("video sender", PartKind.VIDEO_SENDER, 41, 470, 0, 20),
                part("wiring", PartKind.OTHER, 48, 350, 0, 0));
        ControlSetup controls = new ControlSetup(
                List.of(
                        preset(1, MixPreset.VEE, Surface.LEFT_AILERON, false, 1500, true, 990, 2010),
                        preset(2, MixPreset.VEE, Surface.RIGHT_AILERON, true, 1500, false, 990, 2010),
                        preset(3, MixPreset.VEE, Surface.LEFT_VEE, false, 1512, true, 990, 2030),
                        preset(4, MixPreset.VEE, Surface.RIGHT_VEE, true, 1494, false, 980, 2010),
                        motor(5)),
                RadioTrims.NONE,
                new Rates(0.6, 0.7, 0.7, 0.3),
                Optional.of(RadioSide.USUAL),
                List.of());
        Propulsion propulsion = Propulsion.of(
                new Drive(
                        motorOf(880, 0.075, 0.9), new Propeller(0.254, 0.152), Drive.Turn.CLOCKWISE, toRadians(-2), 0),
                new Pack("3S 2.9 Ah", 3, 2_900 * 3.6, 0.034));
        ModeSetup modes = new ModeSetup(
                sixWay(
                        FlightMode.MANUAL,
                        FlightMode.LEVEL,
                        FlightMode.HOLD,
                        FlightMode.CIRCLE,
                        FlightMode.MISSION,
                        FlightMode.HOME),
                new Limits(toRadians(35), toRadians(18), toRadians(18), 11.5, 15, 19, 2.2),
                new HomeProfile(60, 40, false),
                FlightMode.MANUAL,
                switches(),
                LossPlan.usual(),
                Optional.of(Arming.GUARDED),
                Optional.empty());
        return DemoHarness.strandlaeufer(finish(
                "Strandläufer", "V-tail pusher for counting waders", airframe, parts, propulsion, controls, modes));
    }

    /** Strandläufer as it came from the workbench, its harness still full of faults. */
    public static Setup strandlaeuferAsWired() {
        return DemoHarness.strandlaeuferAsWired(strandlaeufer());
    }

    /** Strandläufer as wired, with a pack of one cell more, put where it fitted: the camera hangs on that pack. */
    public static Setup strandlaeuferFourCells() {
        Setup before = strandlaeuferAsWired();
        Pack pack = new Pack("4S 2.6 Ah", 4, 2_600 * 3.6, 0.040);
        return before.withPropulsion(before.propulsion().withPack(pack))
                .withPart("pack", p -> p.withMass(0.264).at(new Position(0.244, 0, 0)));
    }

    /** Strandläufer with the heavier pack, put where it fitted: the CG is behind the window. */
    public static Setup strandlaeuferNewPack() {
        Setup before = strandlaeufer();
        Pack pack = new Pack("3S 3.5 Ah", 3, 3_500 * 3.6, 0.031);
        return before.withPropulsion(before.propulsion().withPack(pack))
                .withPart("pack", p -> p.withMass(0.264).at(new Position(0.244, 0, 0)));
    }

    /** Seeschwalbe: motor glider, 1.86 m. */
    public static Setup seeschwalbe() {
        Wing wing = new Wing(
                0.32,
                0.05,
                List.of(
                        new WingPanel(0.215, 0.205, 0.45, toRadians(0.5), toRadians(1), 0),
                        new WingPanel(0.205, 0.120, 0.48, toRadians(4), toRadians(4), toRadians(-2))),
                new Section(toRadians(-3.0), 1.30, 0.10, -0.06, 0.011),
                toRadians(1.5),
                0,
                List.of(Flap.aileron(0.55, 0.95, 0.24)));
        TailPanel plane = new TailPanel(1.02, 0.01, 0.02, 0.14, 0.10, 0.27, toRadians(6), toRadians(0.9), 0.35);
        TailPanel fin = new TailPanel(1.00, 0, 0.02, 0.18, 0.11, 0.19, toRadians(18), 0, 0.45);
        Airframe airframe = new Airframe(
                wing, new Tail.Conventional(plane, fin), new Body(1.15, 0.075, 0.085, 0), 0.560, 0.075, 0.290);
        List<Part> parts = List.of(
                part("motor + propeller", PartKind.MOTOR, 128, 20, 0, 0),
                part("speed controller", PartKind.SPEED_CONTROLLER, 46, 110, 0, 0),
                part("pack", PartKind.PACK, 418, 292, 0, 0),
                part("camera", PartKind.CAMERA, 52, 420, 0, -35),
                part("autopilot", PartKind.AUTOPILOT, 36, 395, 0, 0),
                part("receiver", PartKind.RECEIVER, 14, 460, 0, 0),
                part("satellite receiver", PartKind.SATELLITE_RECEIVER, 16, 540, 0, 30),
                part("servo left", PartKind.SERVO, 16, 430, -600, 50),
                part("servo right", PartKind.SERVO, 16, 430, 600, 50),
                part("elevator servo", PartKind.SERVO, 16, 500, 15, 0),
                part("rudder servo", PartKind.SERVO, 16, 500, -15, 0),
                part("video sender", PartKind.VIDEO_SENDER, 38, 620, 0, 0),
                part("wiring", PartKind.OTHER, 60, 400, 0, 0));
        ControlSetup controls = new ControlSetup(
                List.of(
                        preset(1, MixPreset.CONVENTIONAL, Surface.LEFT_AILERON, false, 1500, true, 990, 2010),
                        preset(2, MixPreset.CONVENTIONAL, Surface.RIGHT_AILERON, true, 1506, false, 990, 2020),
                        preset(3, MixPreset.CONVENTIONAL, Surface.ELEVATOR, false, 1500, true, 990, 2010),
                        preset(4, MixPreset.CONVENTIONAL, Surface.RUDDER, true, 1492, false, 980, 2010),
                        motor(5)),
                RadioTrims.NONE,
                new Rates(0.6, 0.6, 0.8, 0.3),
                Optional.of(RadioSide.USUAL),
                List.of());
        Propulsion propulsion = Propulsion.of(
                new Drive(
                        motorOf(760, 0.06, 1.0),
                        new Propeller(0.279, 0.152),
                        Drive.Turn.CLOCKWISE,
                        toRadians(2),
                        toRadians(1)),
                new Pack("4S 4.0 Ah", 4, 4_000 * 3.6, 0.030));
        ModeSetup modes = new ModeSetup(
                sixWay(
                        FlightMode.MANUAL,
                        FlightMode.LEVEL,
                        FlightMode.HOLD,
                        FlightMode.CIRCLE,
                        FlightMode.MISSION,
                        FlightMode.HOME),
                new Limits(toRadians(35), toRadians(18), toRadians(18), 11, 14, 19, 2.5),
                new HomeProfile(90, 70, true),
                FlightMode.MANUAL,
                switches(),
                LossPlan.usual(),
                Optional.of(Arming.GUARDED),
                Optional.empty());
        return DemoSignals.seeschwalbe(DemoHarness.seeschwalbe(
                finish("Seeschwalbe", "Motor glider for the long dyke", airframe, parts, propulsion, controls, modes)));
    }

    /** Seeschwalbe with the height gain that makes it porpoise in Hold. */
    public static Setup seeschwalbePorpoising() {
        Setup sound = seeschwalbe();
        Gains g = sound.gains();
        return sound.withGains(
                new Gains(g.roll(), g.pitch(), g.yawRate(), 2.6, g.climbGain(), g.speedGain(), g.lookAhead()));
    }

    private static Setup finish(
            String name,
            String note,
            Airframe airframe,
            List<Part> parts,
            Propulsion propulsion,
            ControlSetup controls,
            ModeSetup modes) {
        Setup raw = new Setup(
                name,
                note,
                new BuildSection(
                        airframe, parts, propulsion, Optional.empty(), measured(airframe), List.of(BuildStep.values())),
                HarnessSection.EMPTY,
                controls,
                modes,
                TuneSection.of(NO_GAINS, TuneSection.Origin.COMPUTED),
                List.of(),
                List.of(),
                List.of());
        return raw.withGains(StartGains.of(raw));
    }

    /** The angle between wing and tail as drawn, which a photograph has shown to be the built one. */
    private static AngleCheck measured(Airframe airframe) {
        return new AngleCheck(AngleCheck.How.PHOTOGRAPH, airframe.incidenceDifference());
    }

    private static Part part(String name, PartKind kind, double grams, double aft, double right, double up) {
        return new Part(name, kind, grams / 1000, new Position(aft / 1000, right / 1000, up / 1000));
    }

    private static Output surface(
            int channel,
            Surface surface,
            MixRow mix,
            boolean reversed,
            double centre,
            boolean longerPulseDown,
            double low,
            double high) {
        Linkage linkage = new Linkage(0.009, 0.014, toRadians(45), longerPulseDown);
        return new Output(channel, surface, mix, reversed, centre, low, high, centre, linkage);
    }

    /** A surface mixed as a preset mixes it, the tail upright. */
    private static Output preset(
            int channel,
            MixPreset preset,
            Surface surface,
            boolean reversed,
            double centre,
            boolean longerPulseDown,
            double low,
            double high) {
        return surface(channel, surface, preset.row(surface, false), reversed, centre, longerPulseDown, low, high);
    }

    private static Output motor(int channel) {
        Linkage none = new Linkage(0.009, 0.014, toRadians(45), true);
        return new Output(channel, Surface.MOTOR, MixRow.MOTOR, false, 1500, 1000, 2000, 1500, none);
    }

    private static Motor motorOf(double rpmPerVolt, double resistance, double noLoad) {
        return new Motor(rpmPerVolt * Math.PI / 30, resistance, noLoad);
    }

    private static Selector sixWay(FlightMode... modes) {
        List<FlightMode> list = new ArrayList<>(List.of(modes));
        return new Selector(SelectorKind.SIX, 1, 0, 5.12, List.of(), list).withKind(SelectorKind.SIX, list);
    }
}
