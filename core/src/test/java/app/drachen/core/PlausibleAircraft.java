package app.drachen.core;

import app.drachen.core.airframe.Airframe;
import app.drachen.core.airframe.Body;
import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.Part;
import app.drachen.core.airframe.PartKind;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Position;
import app.drachen.core.airframe.Section;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.TailPanel;
import app.drachen.core.airframe.Wing;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.controls.ControlSetup;
import app.drachen.core.controls.Linkage;
import app.drachen.core.controls.MixPreset;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.RadioTrims;
import app.drachen.core.controls.Rates;
import app.drachen.core.controls.Surface;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.math.NoiseSource;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.throwing.MixerRows;
import java.util.ArrayList;
import java.util.List;

/** Random aircraft that a person could have built, mirror-symmetric, balanced near 12 % static margin. */
public final class PlausibleAircraft {
    private final NoiseSource noise;

    private PlausibleAircraft(long seed) {
        noise = new NoiseSource(seed);
    }

    private double between(double low, double high) {
        return low + (high - low) * noise.uniform();
    }

    /** The aircraft of a seed. */
    public static Setup of(long seed) {
        return new PlausibleAircraft(seed * 7_919 + 13).make();
    }

    private Setup make() {
        double span = between(0.9, 2.6);
        double root = span / between(5, 9);
        double taper = between(0.5, 1);
        int kind = (int) between(0, 2.999);
        double sweep = kind == 2 ? between(0.35, 0.6) : between(-0.02, 0.12);
        double inner = between(0.3, 0.6) * span / 2;
        double middle = root * (1 - (1 - taper) * inner / (span / 2));
        Wing wing = new Wing(
                kind == 2 ? 0 : 0.25 * span,
                between(-0.02, 0.05),
                List.of(
                        new WingPanel(root, middle, inner, sweep, between(0, 0.06), 0),
                        new WingPanel(
                                middle, root * taper, span / 2 - inner, sweep, between(0, 0.1), -between(0, 0.05))),
                new Section(
                        kind == 2 ? -0.01 : -between(0.02, 0.06),
                        between(1.0, 1.4),
                        0.1,
                        kind == 2 ? 0.005 : -between(0.02, 0.08),
                        between(0.010, 0.018)),
                kind == 2 ? 0 : between(0, 0.04),
                0,
                List.of(new Flap(
                        kind == 2 ? Flap.Kind.ELEVON : Flap.Kind.AILERON,
                        between(0.35, 0.55),
                        0.95,
                        between(0.18, 0.3))));
        Planform planform = Planform.of(wing);
        double arm = between(2.6, 3.4) * planform.meanChord();
        double at = planform.quarterStation() + arm;
        double area = planform.area();
        Tail tail =
                switch (kind) {
                    case 0 -> conventional(at, 0.5 * area * planform.meanChord() / arm, 0.035 * area * span / arm);
                    case 1 -> vee(at, 0.5 * area * planform.meanChord() / arm + 0.035 * area * span / arm);
                    default -> new Tail.None(List.of(new TailPanel(
                            Math.tan(sweep) * span / 2, span / 2, 0, 0.65 * root, 0.4 * root, 0.8 * root, 0.4, 0, 0)));
                };
        double mass = area * between(3, 6);
        double length = kind == 2 ? root : at + 0.1;
        Airframe airframe = new Airframe(
                wing,
                tail,
                new Body(kind == 1 ? 0.5 * length : length, between(0.05, 0.1), between(0.05, 0.1), length),
                0.3 * mass,
                kind == 2 ? 0.02 * mass : 0.05 * mass,
                0.12 * mass);
        Setup raw = DemoAircraft.seeschwalbe()
                .withAirframe(airframe)
                .withControls(controls(tail))
                .withParts(parts(mass));
        return balanced(raw);
    }

    private Tail conventional(double at, double plane, double fin) {
        double chord = Math.sqrt(plane / 4);
        double tall = Math.sqrt(fin * 1.3);
        return new Tail.Conventional(
                new TailPanel(at - chord / 4, 0, 0.02, chord, chord, 2 * chord, 0, 0, between(0.25, 0.45)),
                new TailPanel(at - tall / 4, 0, 0.02, fin / tall, fin / tall, tall, 0.2, 0, 0.4));
    }

    private Tail vee(double at, double area) {
        double chord = Math.sqrt(area / 4);
        return new Tail.Vee(
                new TailPanel(at - chord / 4, 0.01, 0.02, chord, chord, area / 2 / chord, 0.1, 0, between(0.25, 0.45)),
                between(0.55, 0.75),
                false);
    }

    private static ControlSetup controls(Tail tail) {
        MixPreset preset = MixerRows.preset(tail);
        List<Output> outputs = new ArrayList<>();
        int channel = 1;
        for (Surface surface : preset.surfaces()) {
            boolean turned = surface.side() == Surface.Side.RIGHT;
            Linkage linkage = new Linkage(0.009, 0.014, Math.toRadians(45), !turned);
            outputs.add(new Output(
                    channel++, surface, preset.row(surface, false), turned, 1500, 1000, 2000, 1500, linkage));
        }
        return new ControlSetup(outputs, RadioTrims.NONE, new Rates(0.7, 0.7, 0.7, 0.3));
    }

    private List<Part> parts(double mass) {
        return List.of(
                new Part("motor", PartKind.MOTOR, 0.1 * mass, new Position(0.03, 0, 0)),
                new Part("pack", PartKind.PACK, 0.25 * mass, new Position(0.15, 0, 0)),
                new Part("autopilot", PartKind.AUTOPILOT, 0.03 * mass, new Position(0.2, 0, 0)),
                new Part("gear", PartKind.OTHER, 0.15 * mass, new Position(0.2, 0, 0)));
    }

    /** Moves the gear until the static margin is 12 %. */
    private static Setup balanced(Setup setup) {
        var balance = app.drachen.core.aerodynamics.Balance.of(setup);
        double wanted = balance.neutral().station(balance.planform())
                - 0.12 * balance.planform().meanChord();
        double shift = balance.mass().mass()
                * (wanted - balance.mass().centre().aft())
                / setup.part("gear").orElseThrow().mass();
        return setup.withPart(
                "gear",
                p -> p.at(new Position(Math.max(-1.9, Math.min(4.9, p.position().aft() + shift)), 0, 0)));
    }
}
