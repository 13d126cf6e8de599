package app.drachen.core.flight;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.aerodynamics.ModelError;
import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.aerodynamics.StripModel;
import app.drachen.core.controls.Output;
import app.drachen.core.propulsion.Propulsion;
import app.drachen.core.propulsion.Running;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/**
 * What an aircraft can do over its speeds, from the model that flies: sink without power, climb with all of it, current of level
 * flight, and the tightest turn.
 *
 * <p>Source: performance by forces in balance, J. D. Anderson, Aircraft Performance and Design, 1999; drag of the trimmed strips, with
 * the propeller standing in the glide. The bands: profile drag wrong by 25 % and thrust by 15 % either way, the stall by its own band.
 *
 * @param points from just above the stall to the top speed, those where it can fly level; empty if there are none
 * @param stall level stall speed with its band [m/s]
 */
public record Performance(List<Point> points, Band stall) {
    private static final double DRAG = 0.25;
    private static final int SPEEDS = 25;

    /** Nobody flies for long nearer to the stall; common practice [-]. */
    private static final double SAFE = 1.2;

    /** No turn is counted tighter than with this load, for nothing else is left of it [-]. */
    private static final double LEAST_LOAD = 1.02;

    public Performance {
        points = List.copyOf(points);
    }

    /**
     * A value and where it lies.
     *
     * @param value [any]
     * @param low [same unit]
     * @param high [same unit]
     */
    public record Band(double value, double low, double high) {}

    /**
     * At one speed.
     *
     * @param speed airspeed [m/s]
     * @param sink without power [m/s]
     * @param climb with full power, negative where it sinks [m/s]; empty for a glider
     * @param current out of the pack in level flight [A]; empty for a glider
     * @param radius of the tightest level turn that bank limit and stall allow [m]; empty where there is none
     */
    public record Point(double speed, Band sink, Optional<Band> climb, Optional<Band> current, Optional<Band> radius) {
        /** How far it glides over how far it sinks [-]. */
        public double glide() {
            return speed / sink.value();
        }
    }

    /**
     * Looks at an aircraft.
     *
     * @param density [kg/m³], 0.5 to 1.6
     */
    public static Performance of(Setup setup, double density) {
        Stall stall = Stall.of(setup, density);
        double from = 1.03 * stall.speed();
        double to = Math.max(1.5 * stall.speed(), setup.modes().limits().topSpeed());
        List<Point> points = new ArrayList<>();
        StripModel[] models = {
            new StripModel(setup),
            new StripModel(setup, new ModelError(1, 1 - DRAG, 1)),
            new StripModel(setup, new ModelError(1, 1 + DRAG, 1))
        };
        for (int i = 0; i < SPEEDS; i++) {
            double speed = from + (to - from) * i / (SPEEDS - 1);
            if (Trim.level(setup, speed, density) instanceof Trim.Result.Trimmed trim) {
                points.add(point(setup, models, stall, trim, speed, density));
            }
        }
        return new Performance(points, new Band(stall.speed(), stall.low(), stall.high()));
    }

    private static Point point(
            Setup setup, StripModel[] models, Stall stall, Trim.Result.Trimmed trim, double speed, double density) {
        double[] drag = new double[3];
        for (int k = 0; k < 3; k++) {
            drag[k] = drag(setup, models[k], trim, speed, density);
        }
        double weight = setup.massProperties().mass() * GRAVITY;
        double standing = setup.propulsion().drives().stream()
                .mapToDouble(d -> 0.5 * density * speed * speed * d.propeller().standingDragArea())
                .sum();
        Band sink = new Band(
                speed * (drag[0] + standing) / weight,
                speed * (drag[1] + 0.5 * standing) / weight,
                speed * (drag[2] + 1.5 * standing) / weight);
        Propulsion propulsion = setup.propulsion();
        boolean motor = !propulsion.drives().isEmpty();
        double most = motor
                ? Running.of(propulsion, 1, PowerSheet.USED, speed, density).thrust()
                : 0;
        Optional<Band> climb = motor
                ? Optional.of(new Band(
                        speed * (most - drag[0]) / weight,
                        speed * (most * (1 - PowerSheet.SPREAD) - drag[2]) / weight,
                        speed * (most * (1 + PowerSheet.SPREAD) - drag[1]) / weight))
                : Optional.empty();
        Optional<Band> current = motor && most > drag[0]
                ? Optional.of(new Band(
                        currentFor(propulsion, drag[0], speed, density),
                        (1 - PowerSheet.SPREAD) * currentFor(propulsion, drag[1], speed, density),
                        (1 + PowerSheet.SPREAD) * currentFor(propulsion, drag[2], speed, density)))
                : Optional.empty();
        return new Point(speed, sink, climb, current, turn(setup, stall, speed));
    }

    private static double drag(Setup setup, StripModel model, Trim.Result.Trimmed trim, double speed, double density) {
        List<Output> outputs = setup.controls().outputs();
        double[] deflections = new double[outputs.size()];
        for (int i = 0; i < deflections.length; i++) {
            Output output = outputs.get(i);
            deflections[i] = output.surface().isMotor()
                    ? 0
                    : output.deflection(
                            output.unlimitedPulse(output.mix().mix(0, trim.pitchCommand(), 0, trim.power())));
        }
        double sin = Math.sin(trim.alpha());
        double cos = Math.cos(trim.alpha());
        model.compute(speed * cos, 0, speed * sin, 0, 0, 0, density, deflections);
        return -model.forceX() * cos - model.forceZ() * sin;
    }

    /** Current at which the drives pull as much as it takes, by halving; that of full power if they cannot. */
    private static double currentFor(Propulsion propulsion, double thrust, double speed, double density) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < 24; i++) {
            double middle = (low + high) / 2;
            if (Running.of(propulsion, middle, PowerSheet.USED, speed, density).thrust() < thrust) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Running.of(propulsion, high, PowerSheet.USED, speed, density).current();
    }

    private static Optional<Band> turn(Setup setup, Stall stall, double speed) {
        double bank = 1 / Math.cos(setup.modes().limits().bank());
        double low = radius(speed, Math.min(bank, square(speed / stall.low())));
        double value = radius(speed, Math.min(bank, square(speed / stall.speed())));
        double high = radius(speed, Math.min(bank, square(speed / stall.high())));
        return Double.isNaN(value) || Double.isNaN(high) ? Optional.empty() : Optional.of(new Band(value, low, high));
    }

    private static double square(double x) {
        return x * x;
    }

    /** R = V²/(g·√(n² − 1)); NaN without a load to turn with. */
    private static double radius(double speed, double load) {
        return load < LEAST_LOAD ? Double.NaN : speed * speed / (GRAVITY * Math.sqrt(load * load - 1));
    }

    /** What stands out, as workings: best glide, least sink, best climb, longest and farthest flight, tightest turn. */
    public List<Working> workings(Setup setup) {
        List<Working> all = new ArrayList<>();
        Working.Input mass = Working.in("mass M", setup.massProperties().mass(), Quantity.MASS);
        best(points, Point::glide)
                .ifPresent(p -> all.add(banded(
                        "Best glide, the propeller standing",
                        new Band(
                                p.glide(),
                                p.speed() / p.sink().high(),
                                p.speed() / p.sink().low()),
                        Quantity.NUMBER,
                        "V/w at the speed where it is greatest",
                        p,
                        Working.in("sink w", p.sink().value(), Quantity.CLIMB))));
        best(points, p -> -p.sink().value())
                .ifPresent(p -> all.add(banded(
                        "Least sink",
                        p.sink(),
                        Quantity.CLIMB,
                        "w = V·D/(M·g), least",
                        p,
                        mass,
                        Working.in("drag D", force(setup, p.sink(), p), Quantity.FORCE))));
        best(points, p -> p.climb().map(Band::value).orElse(Double.NEGATIVE_INFINITY))
                .flatMap(p -> p.climb()
                        .map(c -> banded(
                                "Best climb",
                                c,
                                Quantity.CLIMB,
                                "ḣ = V·(T − D)/(M·g), greatest",
                                p,
                                mass,
                                Working.in("thrust left over T − D", force(setup, c, p), Quantity.FORCE))))
                .ifPresent(all::add);
        double charge = PowerSheet.USABLE * setup.propulsion().pack().capacity();
        List<Point> safe =
                points.stream().filter(p -> p.speed() >= SAFE * stall.value()).toList();
        best(safe, p -> p.current().map(c -> -c.value()).orElse(Double.NEGATIVE_INFINITY))
                .flatMap(p -> p.current()
                        .map(c -> banded(
                                "Longest flight",
                                over(charge, c),
                                Quantity.DURATION,
                                "t = Q/I at the speed of least current from 1.2 Vs on, still air",
                                p,
                                Working.in("charge Q, 70 % of the pack", charge, Quantity.CHARGE),
                                Working.in("current I", c.value(), Quantity.CURRENT))))
                .ifPresent(all::add);
        best(safe, p -> p.current().map(c -> p.speed() / c.value()).orElse(Double.NEGATIVE_INFINITY))
                .flatMap(p -> p.current()
                        .map(c -> banded(
                                "Farthest flight",
                                over(charge * p.speed(), c),
                                Quantity.WAY,
                                "s = V·Q/I, greatest from 1.2 Vs on, still air",
                                p,
                                Working.in("charge Q, 70 % of the pack", charge, Quantity.CHARGE),
                                Working.in("current I", c.value(), Quantity.CURRENT))))
                .ifPresent(all::add);
        best(points, p -> p.radius().map(r -> -r.value()).orElse(Double.NEGATIVE_INFINITY))
                .flatMap(p -> p.radius()
                        .map(r -> banded(
                                "Tightest level turn",
                                r,
                                Quantity.DISTANCE,
                                "R = V²/(g·√(n² − 1)), n of the bank limit or (V/Vs)²",
                                p,
                                Working.in(
                                        "load n",
                                        Math.hypot(1, p.speed() * p.speed() / (GRAVITY * r.value())),
                                        Quantity.NUMBER))))
                .ifPresent(all::add);
        return all;
    }

    /** The force that a sink or climb is the work of [N]. */
    private static double force(Setup setup, Band vertical, Point at) {
        return vertical.value() * setup.massProperties().mass() * GRAVITY / at.speed();
    }

    private static Optional<Point> best(List<Point> points, ToDoubleFunction<Point> measure) {
        return points.stream().max(Comparator.comparingDouble(measure));
    }

    private static Band over(double charge, Band current) {
        return new Band(charge / current.value(), charge / current.high(), charge / current.low());
    }

    private static Working banded(
            String name, Band band, Quantity quantity, String formula, Point at, Working.Input... others) {
        List<Working.Input> inputs = new ArrayList<>(List.of(Working.in("airspeed V", at.speed(), Quantity.SPEED)));
        inputs.addAll(List.of(others));
        return Working.of(
                        "PERFORMANCE",
                        name,
                        band.value(),
                        quantity,
                        formula,
                        Source.ANDERSON,
                        inputs.toArray(new Working.Input[0]))
                .within(band.low(), band.high());
    }

    /** One quantity over the speeds, where it is there. */
    public List<Point> having(Function<Point, Optional<Band>> what) {
        return points.stream().filter(p -> what.apply(p).isPresent()).toList();
    }
}
