package app.drachen.core.calc;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.aerodynamics.ControlPower;
import app.drachen.core.aerodynamics.LiftingSurface;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.airframe.Flap;
import app.drachen.core.controls.Axis;
import app.drachen.core.controls.Output;
import app.drachen.core.flight.Trim;
import app.drachen.core.hearing.GreatestClimb;
import app.drachen.core.hearing.HeightAlarm;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * What an aircraft and the field of the day know of the inputs of calculations. An input names one of these; that its
 * quantity fits is checked when the calculation is made.
 */
public enum Own {
    MASS(Quantity.MASS, a -> a.mass().mass()),
    DENSITY(Quantity.DENSITY, a -> a.density()),
    AREA(Quantity.AREA, a -> a.planform().area()),
    SPAN(Quantity.SPAN, a -> a.planform().span()),
    CHORD(Quantity.LENGTH, a -> a.planform().meanChord()),
    ASPECT(Quantity.NUMBER, a -> a.planform().aspectRatio()),
    TAPER(Quantity.NUMBER, a -> a.planform().taper()),
    ROOT_CHORD(Quantity.LENGTH, a -> a.firstPanel().rootChord()),
    TIP_CHORD(Quantity.LENGTH, a -> a.lastPanel().tipChord()),
    SWEEP(Quantity.ANGLE, a -> a.firstPanel().sweep()),
    HALF_SWEEP(Quantity.ANGLE, a -> a.planform().halfChordSweep()),
    QUARTER_SWEEP(Quantity.ANGLE, a -> a.planform().quarterChordSweep()),
    SLOPE(Quantity.PER_RADIAN, a -> LiftingSurface.slope(a.planform())),
    GREATEST_LIFT(Quantity.NUMBER, a -> a.stall().lift()),
    STALL_SPEED(Quantity.SPEED, a -> a.stall().speed()),
    CRUISE_SPEED(Quantity.SPEED, a -> a.setup().modes().limits().cruiseSpeed()),
    CLIMB_RATE(Quantity.CLIMB, a -> a.setup().modes().limits().climbRate()),
    GREATEST_CLIMB(Quantity.CLIMB, a -> GreatestClimb.of(a.setup()).value()),
    HEIGHT_AGE(
            Quantity.TIME,
            a -> HeightAlarm.of(a.setup(), 100).map(h -> h.age() + h.lasting()).orElse(Double.NaN)),
    REACTION(Quantity.TIME, a -> a.setup().signals().reaction()),
    BANK_LIMIT(Quantity.ANGLE, a -> a.setup().modes().limits().bank()),
    CENTRE(Quantity.LENGTH, a -> a.mass().centre().aft()),
    CENTRE_SHARE(
            Quantity.SHARE_FINE,
            a -> (a.mass().centre().aft() - a.planform().meanChordLeadingEdge())
                    / a.planform().meanChord()),
    CENTRE_AIM(Quantity.LENGTH, a -> Balance.of(a.setup()).aim()),
    MARGIN(Quantity.SHARE_FINE, a -> Balance.of(a.setup()).margin()),
    WING_MASS(Quantity.MASS, a -> a.setup().airframe().wingMass()),
    ROLL_INERTIA(Quantity.INERTIA, a -> a.mass().rollInertia()),
    INCIDENCE_DIFFERENCE(Quantity.ANGLE, a -> a.setup().airframe().wing().incidenceDifference()),
    TAIL_AREA(Quantity.AREA, a -> positive(a.tail().pitchArea())),
    TAIL_RATIO(
            Quantity.NUMBER_FINE,
            a -> positive(a.tail().pitchArea() / a.planform().area())),
    TAIL_ARM(
            Quantity.LENGTH,
            a -> a.tail().pitchArea() > 0
                    ? a.tail().pitchStation() - a.planform().quarterStation()
                    : Double.NaN),
    TAIL_HEIGHT(
            Quantity.LENGTH,
            a -> a.tail().pitchHeight() - a.setup().airframe().wing().up()),
    TAIL_SLOPE(Quantity.PER_RADIAN, a -> positive(a.tail().pitchSlope())),
    TAIL_VOLUME(Quantity.NUMBER_FINE, a -> positive(a.neutral().tailVolume())),
    DOWNWASH(Quantity.NUMBER_FINE, a -> positive(a.neutral().downwash())),
    BODY_SHIFT(Quantity.SHARE_FINE, a -> a.neutral().bodyShift()),
    FIN_AREA(Quantity.AREA, a -> positive(a.tail().yawArea())),
    FIN_ARM(
            Quantity.LENGTH,
            a -> a.tail().yawArea() > 0 ? a.tail().yawStation() - a.planform().quarterStation() : Double.NaN),
    ELEVATOR_RATIO(Quantity.SHARE, a -> a.elevatorRatio()),
    AILERON_FROM(Quantity.LENGTH, a -> a.aileron(f -> f.from() * a.planform().span() / 2)),
    AILERON_TO(Quantity.LENGTH, a -> a.aileron(f -> f.to() * a.planform().span() / 2)),
    AILERON_RATIO(Quantity.SHARE, a -> a.aileron(Flap::chordRatio)),
    AILERON_THROW(Quantity.ANGLE, a -> positive(ControlPower.fullDeflection(a.setup(), Axis.ROLL))),
    ROLL_POWER(Quantity.PER_RADIAN, a -> positive(ControlPower.rollPower(a.setup()))),
    ROLL_DAMPING(Quantity.PER_RADIAN, a -> Math.abs(ControlPower.rollDamping(a.setup()))),
    SERVO_ARM(Quantity.LENGTH, a -> a.firstSurface(o -> o.linkage().arm())),
    SURFACE_HORN(Quantity.LENGTH, a -> a.firstSurface(o -> o.linkage().horn())),
    ROLL_SHARE(Quantity.SHARE, a -> a.elevon(o -> Math.abs(o.mix().roll()))),
    PITCH_SHARE(Quantity.SHARE, a -> a.elevon(o -> Math.abs(o.mix().pitch()))),
    FIRST_CENTRE(Quantity.PULSE, a -> a.firstSurface(Output::centreMicros)),
    FIRST_ROLL_SHARE(Quantity.SHARE, a -> a.firstSurface(o -> o.mix().roll())),
    FIRST_PITCH_SHARE(Quantity.SHARE, a -> a.firstSurface(o -> o.mix().pitch())),
    FIRST_SENSE(Quantity.COUNT, a -> a.firstSurface(o -> o.reversed() ? -1 : 1)),
    ROLL_TRIM(Quantity.SHARE_FINE, a -> a.setup().controls().trims().roll()),
    PITCH_TRIM(Quantity.SHARE_FINE, a -> a.setup().controls().trims().pitch()),
    EXPO(Quantity.SHARE, a -> a.setup().controls().rates().expo()),
    LOSSES_DECIDED(Quantity.COUNT, a -> 42 - a.setup().modes().losses().open().size()),
    SERVOS(Quantity.COUNT, a -> positive(a.setup().controls().surfaces().size())),
    SELECTOR_WEIGHT(Quantity.SHARE, a -> a.setup().modes().selector().weight()),
    SELECTOR_OFFSET(Quantity.SHARE, a -> a.setup().modes().selector().offset()),
    MICROS_PER_PERCENT(Quantity.NUMBER, a -> a.setup().modes().selector().microsPerPercent()),
    RETURN_HEIGHT(Quantity.HEIGHT, a -> a.setup().modes().home().height()),
    CAPACITY(Quantity.CHARGE, a -> a.pack().capacity()),
    CELLS(Quantity.COUNT, a -> a.pack().cells()),
    PACK_RESISTANCE(Quantity.RESISTANCE, a -> a.pack().resistance()),
    PACK_VOLTS(Quantity.VOLTAGE, a -> 3.7 * a.pack().cells()),
    FULL_VOLTS(Quantity.VOLTAGE, a -> a.pack().restingVolts(0)),
    PACK_MASS(Quantity.MASS, a -> a.setup().packPart().map(p -> p.mass()).orElse(Double.NaN)),
    THRUST_OVER_CENTRE(Quantity.LENGTH, a -> a.setup()
            .motorPosition()
            .map(p -> p.up() - a.mass().centre().up())
            .orElse(Double.NaN)),
    CRUISE_CURRENT(Quantity.CURRENT, a -> a.trimmed(Trim.Result.Trimmed::current)),
    CRUISE_POWER(Quantity.SHARE, a -> a.trimmed(Trim.Result.Trimmed::power)),
    CRUISE_LIFT(
            Quantity.NUMBER,
            a -> a.mass().mass()
                    * Atmosphere.GRAVITY
                    / (0.5
                            * a.density()
                            * a.planform().area()
                            * Math.pow(a.setup().modes().limits().cruiseSpeed(), 2))),
    ROLL_GAIN(Quantity.NUMBER_FINE, a -> a.setup().gains().roll().rate()),
    MEASURED_WIND(Quantity.SPEED, a -> a.field(Field::wind)),
    WIND_FROM(Quantity.BEARING, a -> a.field(Field::windFrom)),
    WIND_HEIGHT(Quantity.HEIGHT, a -> a.field(Field::windHeight)),
    WIND_AT_RETURN(
            Quantity.SPEED, a -> a.field(f -> f.windAt(a.setup().modes().home().height()))),
    TEMPERATURE(Quantity.TEMPERATURE, a -> a.field(Field::temperature)),
    PRESSURE(Quantity.PRESSURE, a -> a.field(Field::pressure)),
    HEIGHT_LIMIT(
            Quantity.HEIGHT,
            a -> a.field(f -> f.heightLimit().map(Field.HeightLimit::height).orElse(Double.NaN)));

    private final Quantity quantity;
    private final ToDoubleFunction<Knows> value;

    Own(Quantity quantity, ToDoubleFunction<Knows> value) {
        this.quantity = quantity;
        this.value = value;
    }

    private static double positive(double value) {
        return value > 0 ? value : Double.NaN;
    }

    /** What kind of number it is. */
    public Quantity quantity() {
        return quantity;
    }

    /** The value, if the aircraft or the field knows it. */
    private OptionalDouble of(Knows aircraft) {
        double known = value.applyAsDouble(aircraft);
        return Double.isFinite(known) ? OptionalDouble.of(known) : OptionalDouble.empty();
    }

    /**
     * The inputs of a calculation that are known.
     *
     * @param calculation the calculation
     * @param setup the aircraft
     * @param field the field of the day, if entered
     * @return values in SI by the names of the inputs
     */
    public static Map<String, Double> values(Calculation calculation, Setup setup, Optional<Field> field) {
        Knows aircraft = new Knows(setup, field);
        Map<String, Double> values = new LinkedHashMap<>();
        for (Calculation.Input input : calculation.inputs()) {
            input.own()
                    .map(own -> own.of(aircraft))
                    .filter(v -> v.isPresent() && input.low() <= v.getAsDouble() && v.getAsDouble() <= input.high())
                    .ifPresent(v -> values.put(input.name(), v.getAsDouble()));
        }
        return values;
    }
}
