package app.drachen.core.draft;

import static java.lang.Math.toRadians;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.air.Atmosphere;
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
import app.drachen.core.controls.MixPreset;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.controls.Rates;
import app.drachen.core.flight.Trim;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.modes.ModeSetup;
import app.drachen.core.modes.Selector;
import app.drachen.core.modes.SelectorKind;
import app.drachen.core.propulsion.Drive;
import app.drachen.core.propulsion.Motor;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.propulsion.Propeller;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.setup.BuildSection;
import app.drachen.core.setup.Facet;
import app.drachen.core.setup.Gains;
import app.drachen.core.setup.HarnessSection;
import app.drachen.core.setup.Setup;
import app.drachen.core.setup.TuneSection;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A new aircraft of a kind, or next to nothing to draw from.
 *
 * <p>Source: usual proportions of small electric models, common practice; every figure is to be replaced by a measured
 * one.
 */
public final class NewAircraft {
    private static final Gains UNTUNED = new Gains(
            new Gains.AxisGains(3, 0.1, 0.1, 0.1), new Gains.AxisGains(3, 0.1, 0.1, 0.1), 0.1, 0.35, 0.03, 0.06, 12);

    /** What every aircraft has of its own, and here is only like that of many. */
    private static final List<Facet> ASSUMED = List.of(
            Facet.AIRFRAME,
            Facet.PARTS,
            Facet.PACKS,
            Facet.PROPULSION,
            Facet.LINKAGES,
            Facet.SERVO_SENSES,
            Facet.THROWS,
            Facet.SELECTOR,
            Facet.SPEED_RANGE,
            Facet.HOME_PROFILE);

    private NewAircraft() {}

    /** What to start from. */
    public enum Kind {
        NOTHING("from nothing: a bare wing and tail"),
        CONVENTIONAL("conventional, motor in front"),
        PUSHER_VEE("V-tail, motor behind the wing"),
        INVERTED_VEE("inverted V-tail, motor behind the wing"),
        FLYING_WING("flying wing");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** A new aircraft; its parts lie so that the CG is where it should be. */
    public static Setup of(Kind kind, String name) {
        Setup raw =
                switch (kind) {
                    case NOTHING -> bare(name);
                    case CONVENTIONAL -> conventional(name);
                    case PUSHER_VEE -> vee(name, false);
                    case INVERTED_VEE -> vee(name, true);
                    case FLYING_WING -> flyingWing(name);
                };
        Setup balanced = kind == Kind.NOTHING ? raw : balanced(raw);
        Setup trimmed = trimmed(balanced);
        return trimmed.withGains(StartGains.of(trimmed));
    }

    /** Slides the pack until the CG lies at its aim. */
    private static Setup balanced(Setup setup) {
        Balance balance = Balance.of(setup);
        double mass = setup.massProperties().mass();
        double shift = balance.aim() - setup.massProperties().centre().aft();
        return setup.withPart(
                "pack",
                p -> p.at(new Position(
                        p.position().aft() + shift * mass / p.mass(),
                        p.position().right(),
                        p.position().up())));
    }

    /** Sets the surfaces so that it flies level at cruise speed without a hand on the stick; to the microsecond. */
    private static Setup trimmed(Setup setup) {
        return Trim.level(setup, setup.modes().limits().cruiseSpeed(), Atmosphere.SEA_LEVEL_DENSITY)
                        instanceof Trim.Result.Trimmed level
                ? setup.withControls(setup.controls().shiftCentres(0, level.pitchCommand(), 0))
                : setup;
    }

    private static Wing wing(double leadingEdge, WingPanel panel, double zeroLift, double moment) {
        return new Wing(
                leadingEdge,
                0,
                List.of(panel),
                new Section(toRadians(zeroLift), 1.2, 0.10, moment, 0.012),
                toRadians(1.5),
                0,
                List.of(Flap.aileron(0.5, 0.95, 0.25)));
    }

    private static Setup bare(String name) {
        Airframe airframe = new Airframe(
                wing(0.25, new WingPanel(0.20, 0.20, 0.60, 0, toRadians(2), 0), -2.5, -0.05),
                tails(0.85),
                new Body(0.95, 0.06, 0.07, 0),
                0.30,
                0.05,
                0.18);
        return setup(name, airframe, List.of(), MixPreset.CONVENTIONAL);
    }

    private static Tail tails(double leadingEdge) {
        TailPanel plane = new TailPanel(leadingEdge, 0, 0, 0.12, 0.10, 0.22, toRadians(4), toRadians(0.5), 0.35);
        TailPanel fin = new TailPanel(leadingEdge, 0, 0, 0.15, 0.10, 0.16, toRadians(15), 0, 0.4);
        return new Tail.Conventional(plane, fin);
    }

    private static Setup conventional(String name) {
        Airframe airframe = new Airframe(
                wing(0.25, new WingPanel(0.21, 0.17, 0.70, toRadians(2), toRadians(3), 0), -2.5, -0.05),
                tails(0.90),
                new Body(1.02, 0.07, 0.08, 0),
                0.36,
                0.055,
                0.22);
        List<Part> parts = parts(0.02, 0.60);
        parts.add(part("elevator servo", PartKind.SERVO, 14, 0.42, 0.015));
        parts.add(part("rudder servo", PartKind.SERVO, 14, 0.42, -0.015));
        return setup(name, airframe, parts, MixPreset.CONVENTIONAL);
    }

    private static Setup vee(String name, boolean inverted) {
        Airframe airframe = new Airframe(
                wing(0.28, new WingPanel(0.20, 0.16, 0.72, toRadians(2), toRadians(2), toRadians(-1)), -2.5, -0.05),
                new Tail.Vee(
                        new TailPanel(0.95, 0.015, 0.02, 0.15, 0.11, 0.26, toRadians(10), 0, 0.35),
                        toRadians(40),
                        inverted),
                new Body(0.52, 0.08, 0.08, 1.08),
                0.35,
                0.055,
                0.20);
        List<Part> parts = parts(0.54, 0.40);
        parts.add(part("tail servos", PartKind.SERVO, 24, 0.90, 0));
        return setup(name, airframe, parts, MixPreset.VEE);
    }

    private static Setup flyingWing(String name) {
        Wing wing = new Wing(
                0,
                0,
                List.of(new WingPanel(0.30, 0.17, 0.55, toRadians(28), toRadians(1), toRadians(-2.5))),
                new Section(toRadians(-0.6), 1.05, 0.10, 0, 0.013),
                0,
                0,
                List.of(Flap.elevon(0.35, 0.95, 0.22)));
        TailPanel fin = new TailPanel(0.32, 0.55, 0, 0.13, 0.08, 0.11, toRadians(30), 0, 0);
        Airframe airframe =
                new Airframe(wing, new Tail.None(List.of(fin)), new Body(0.30, 0.07, 0.06, 0), 0.26, 0.02, 0.06);
        return setup(name, airframe, parts(0.315, 0.18), MixPreset.ELEVON);
    }

    private static List<Part> parts(double motorAt, double middle) {
        return new ArrayList<>(List.of(
                part("pack", PartKind.PACK, 220, 0.5 * middle, 0),
                part("motor + propeller", PartKind.MOTOR, 80, motorAt, 0),
                part("speed controller", PartKind.SPEED_CONTROLLER, 32, 0.6 * middle, 0),
                part("autopilot", PartKind.AUTOPILOT, 30, 0.8 * middle, 0),
                part("receiver", PartKind.RECEIVER, 12, 0.8 * middle, 0.02),
                part("satellite receiver", PartKind.SATELLITE_RECEIVER, 14, 0.9 * middle, 0),
                part("servo left", PartKind.SERVO, 14, middle, -0.3),
                part("servo right", PartKind.SERVO, 14, middle, 0.3)));
    }

    private static Part part(String name, PartKind kind, double grams, double aft, double right) {
        return new Part(name, kind, grams / 1000, new Position(aft, right, 0));
    }

    private static Setup setup(String name, Airframe airframe, List<Part> parts, MixPreset preset) {
        List<FlightMode> modes = List.of(
                FlightMode.MANUAL,
                FlightMode.LEVEL,
                FlightMode.HOLD,
                FlightMode.CIRCLE,
                FlightMode.MISSION,
                FlightMode.HOME);
        Selector selector =
                new Selector(SelectorKind.SIX, 1, 0, 5.12, List.of(), modes).withKind(SelectorKind.SIX, modes);
        ModeSetup modeSetup = new ModeSetup(
                selector.solved().orElse(selector),
                new Limits(toRadians(35), toRadians(18), toRadians(18), 11, 14, 19, 2.5),
                new HomeProfile(80, 70, true),
                FlightMode.MANUAL,
                List.of());
        Propulsion propulsion = Propulsion.of(
                Drive.straight(new Motor(950 * Math.PI / 30, 0.08, 0.9), new Propeller(0.254, 0.140)),
                new Pack("3S 2.6 Ah", 3, 2_600 * 3.6, 0.036));
        boolean inverted = airframe.tail() instanceof Tail.Vee v && v.inverted();
        ControlSetup controls = preset.apply(
                new ControlSetup(
                        List.of(), RadioTrims.NONE, new Rates(0.6, preset == MixPreset.ELEVON ? 0.8 : 0.6, 0.7, 0.3)),
                inverted);
        return new Setup(
                name,
                "",
                new BuildSection(airframe, parts, propulsion, Optional.empty(), AngleCheck.NOT_YET, List.of()),
                HarnessSection.EMPTY,
                controls,
                modeSetup,
                TuneSection.of(UNTUNED, TuneSection.Origin.COMPUTED),
                List.of(),
                List.of(),
                ASSUMED);
    }
}
