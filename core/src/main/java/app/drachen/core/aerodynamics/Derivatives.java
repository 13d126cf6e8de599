package app.drachen.core.aerodynamics;

import app.drachen.core.airframe.Planform;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.controls.Surface;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * The derivatives of an aircraft about a small angle of attack, by central differences, as one way of computing has them. Controls
 * count per radian of the surface of their axis that moves most, in the sense that the stick gives; ailerons and elevons all alike, in
 * the sense that they should have.
 *
 * @param values each [1/rad]; a control that is not there is 0
 */
public record Derivatives(Map<Derivative, Double> values) {
    /** Angle of attack about which the differences are taken [rad]. */
    public static final double ALPHA = 0.05;

    private static final double SPEED = 15;
    private static final double STEP = 0.01;
    private static final double STICK = 0.1;

    /** Smaller ones say nothing [1/rad]. */
    private static final double SMALL = 0.004;

    private static final double MOST_ROLL = 1;

    public Derivatives {
        values = Collections.unmodifiableMap(new EnumMap<>(values));
    }

    /** Loads over the dynamic pressure: three forces [m²] and three moments [m³] of motions [rad, rad/m] and deflections. */
    private interface Loads {
        double[] at(double[] motion, double[] deflections);
    }

    /** As the model that flies has them: body and friction included. */
    public static Derivatives flown(Setup setup) {
        return of(setup, flying(new StripModel(setup)));
    }

    private static Loads flying(StripModel model) {
        return (x, deflections) -> {
            model.compute(
                    SPEED * Math.cos(x[0]) * Math.cos(x[1]),
                    SPEED * Math.sin(x[1]),
                    SPEED * Math.sin(x[0]) * Math.cos(x[1]),
                    x[2] * SPEED,
                    x[3] * SPEED,
                    x[4] * SPEED,
                    2 / (SPEED * SPEED),
                    deflections);
            return new double[] {
                model.forceX(), model.forceY(), model.forceZ(), model.momentX(), model.momentY(), model.momentZ()
            };
        };
    }

    /**
     * The steady roll of the flown model at full stick, without yaw: where its rolling moment is 0, the mean of both ends of the stick.
     *
     * @return p·b/2V [rad], not negative; 0 where the stick does not roll it to its side
     */
    static double steadyRoll(Setup setup) {
        Loads loads = flying(new StripModel(setup));
        double[] right = rolled(setup, 1);
        double[] left = rolled(setup, -1);
        double perUnit = 2 / setup.planform().span();
        double low = 0;
        double high = MOST_ROLL;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            double rate = middle * perUnit;
            double moment = loads.at(new double[] {ALPHA, 0, rate, 0, 0}, right)[Derivative.Load.ROLL.place]
                    - loads.at(new double[] {ALPHA, 0, -rate, 0, 0}, left)[Derivative.Load.ROLL.place];
            if (moment > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high < 1e-6 ? 0 : low;
    }

    /** Ailerons and elevons as full stick to the right has to move them, whatever the senses of their servos are. */
    private static double[] rolled(Setup setup, double stick) {
        double command = setup.controls().rates().roll();
        return setup.controls().outputs().stream()
                .mapToDouble(o -> {
                    double share = command * o.mix().share(Axis.ROLL);
                    return rolls(o)
                            * stick
                            * Math.abs(o.deflection(o.pulse(share)) - o.deflection(o.pulse(-share)))
                            / 2;
                })
                .toArray();
    }

    /** 1 for what has to go down to roll to the right, −1 for what has to go up, 0 for what rolls nothing. */
    private static int rolls(Output output) {
        Surface surface = output.surface();
        boolean aileron = surface.role() == Surface.Role.AILERON || surface.role() == Surface.Role.ELEVON;
        return !aileron || output.mix().share(Axis.ROLL) == 0 ? 0 : surface.side() == Surface.Side.LEFT ? 1 : -1;
    }

    /** As a vortex lattice over all surfaces together has them: no body, no friction, no thickness. */
    public static Derivatives lattice(Setup setup) {
        Lattice lattice = LatticeCut.of(setup);
        return of(setup, (x, deflections) -> {
            Lattice.Loads l = lattice.loads(x[0], x[1], x[2], x[3], x[4], deflections);
            return new double[] {l.force()[0], l.force()[1], l.force()[2], l.moment()[0], l.moment()[1], l.moment()[2]};
        });
    }

    private static Derivatives of(Setup setup, Loads loads) {
        Map<Derivative, Double> values = new EnumMap<>(Derivative.class);
        for (Derivative derivative : Derivative.values()) {
            values.put(derivative, one(setup, loads, derivative));
        }
        return new Derivatives(values);
    }

    private static double one(Setup setup, Loads loads, Derivative derivative) {
        Planform planform = setup.planform();
        Derivative.Load load = derivative.load();
        double[] motion = new double[5];
        double[] deflections = new double[setup.controls().outputs().size()];
        double step = STEP;
        if (derivative.motion() >= 0) {
            motion[derivative.motion()] = STEP;
            if (derivative.motion() > 1) {
                step *= (derivative.motion() == 3 ? planform.meanChord() : planform.span()) / 2;
            }
        } else {
            deflections = unit(setup, derivative.axis(), STEP);
        }
        double length = !load.isMoment() ? 1 : load.alongSpan() ? planform.span() : planform.meanChord();
        double[] other = new double[5];
        double[] opposite = new double[deflections.length];
        for (int i = 0; i < 5; i++) {
            other[i] = -motion[i];
        }
        for (int i = 0; i < opposite.length; i++) {
            opposite[i] = -deflections[i];
        }
        motion[0] += ALPHA;
        other[0] += ALPHA;
        double up = loads.at(motion, deflections)[load.place];
        double down = loads.at(other, opposite)[load.place];
        return load.sign * (up - down) / (2 * step * planform.area() * length);
    }

    /** Deflections that a little stick gives, the largest of them as given [rad]; all 0 where nothing answers. */
    private static double[] unit(Setup setup, Axis axis, double largest) {
        List<Output> outputs = setup.controls().outputs();
        double[] deflections = new double[outputs.size()];
        double most = 0;
        for (int i = 0; i < deflections.length; i++) {
            Output output = outputs.get(i);
            double share = output.surface().isMotor() ? 0 : output.mix().share(axis);
            if (axis == Axis.ROLL) {
                deflections[i] = rolls(output);
                most = Math.max(most, Math.abs(deflections[i]));
            } else if (share != 0) {
                double up = output.deflection(output.pulse(STICK * share));
                double down = output.deflection(output.pulse(-STICK * share));
                deflections[i] = up - down;
                most = Math.max(most, Math.abs(up - down));
            }
        }
        for (int i = 0; i < deflections.length; i++) {
            deflections[i] *= most > 0 ? largest / most : 0;
        }
        return deflections;
    }

    /**
     * One of them.
     *
     * @return [1/rad]
     */
    public double at(Derivative derivative) {
        return values.get(derivative);
    }

    /**
     * How far another way of computing lies from this one.
     *
     * @return share of the larger of the two [-], 0 where both are 0
     */
    public double apart(Derivatives other, Derivative derivative) {
        double larger = Math.max(Math.abs(at(derivative)), Math.abs(other.at(derivative)));
        return larger == 0 ? 0 : Math.abs(at(derivative) - other.at(derivative)) / larger;
    }

    /**
     * Each with what another way of computing says, which bounds it.
     *
     * @param other of the same aircraft, such as {@link #lattice}
     */
    public List<Working> workings(Derivatives other) {
        return Arrays.stream(Derivative.values())
                .filter(d -> Math.max(Math.abs(at(d)), Math.abs(other.at(d))) > SMALL)
                .map(d -> Working.of(
                                "FEEL-" + d.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                                d.symbol() + " " + d.words(),
                                at(d),
                                Quantity.PER_RADIAN,
                                "half the difference of two loads a little apart, over the little and ½ρV²S, ½ρV²S·c̄ or ½ρV²S·b; about α = 0.05 rad",
                                Source.NELSON,
                                Working.in("as flown, with body and friction", at(d), Quantity.PER_RADIAN),
                                Working.in(
                                        "vortex lattice over all surfaces, without", other.at(d), Quantity.PER_RADIAN),
                                Working.in("apart by", apart(other, d), Quantity.SHARE))
                        .within(Math.min(at(d), other.at(d)), Math.max(at(d), other.at(d))))
                .toList();
    }
}
