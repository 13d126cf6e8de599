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

/**
 * What an aircraft and the field of the day know of the inputs of calculations. An input names one of these; that its
 * quantity fits is checked when the calculation is made.
 */
public enum Own {
    MASS(Quantity.MASS),
    DENSITY(Quantity.DENSITY),
    AREA(Quantity.AREA),
    SPAN(Quantity.SPAN),
    CHORD(Quantity.LENGTH),
    ASPECT(Quantity.NUMBER),
    TAPER(Quantity.NUMBER),
    ROOT_CHORD(Quantity.LENGTH),
    TIP_CHORD(Quantity.LENGTH),
    SWEEP(Quantity.ANGLE),
    HALF_SWEEP(Quantity.ANGLE),
    QUARTER_SWEEP(Quantity.ANGLE),
    SLOPE(Quantity.PER_RADIAN),
    GREATEST_LIFT(Quantity.NUMBER),
    STALL_SPEED(Quantity.SPEED),
    CRUISE_SPEED(Quantity.SPEED),
    CLIMB_RATE(Quantity.CLIMB),
    GREATEST_CLIMB(Quantity.CLIMB),
    HEIGHT_AGE(Quantity.TIME),
    REACTION(Quantity.TIME),
    BANK_LIMIT(Quantity.ANGLE),
    CENTRE(Quantity.LENGTH),
    CENTRE_SHARE(Quantity.SHARE_FINE),
    CENTRE_AIM(Quantity.LENGTH),
    MARGIN(Quantity.SHARE_FINE),
    WING_MASS(Quantity.MASS),
    ROLL_INERTIA(Quantity.INERTIA),
    INCIDENCE_DIFFERENCE(Quantity.ANGLE),
    TAIL_AREA(Quantity.AREA),
    TAIL_RATIO(Quantity.NUMBER_FINE),
    TAIL_ARM(Quantity.LENGTH),
    TAIL_HEIGHT(Quantity.LENGTH),
    TAIL_SLOPE(Quantity.PER_RADIAN),
    TAIL_VOLUME(Quantity.NUMBER_FINE),
    DOWNWASH(Quantity.NUMBER_FINE),
    BODY_SHIFT(Quantity.SHARE_FINE),
    FIN_AREA(Quantity.AREA),
    FIN_ARM(Quantity.LENGTH),
    ELEVATOR_RATIO(Quantity.SHARE),
    AILERON_FROM(Quantity.LENGTH),
    AILERON_TO(Quantity.LENGTH),
    AILERON_RATIO(Quantity.SHARE),
    AILERON_THROW(Quantity.ANGLE),
    ROLL_POWER(Quantity.PER_RADIAN),
    ROLL_DAMPING(Quantity.PER_RADIAN),
    SERVO_ARM(Quantity.LENGTH),
    SURFACE_HORN(Quantity.LENGTH),
    ROLL_SHARE(Quantity.SHARE),
    PITCH_SHARE(Quantity.SHARE),
    FIRST_CENTRE(Quantity.PULSE),
    FIRST_ROLL_SHARE(Quantity.SHARE),
    FIRST_PITCH_SHARE(Quantity.SHARE),
    FIRST_SENSE(Quantity.COUNT),
    ROLL_TRIM(Quantity.SHARE_FINE),
    PITCH_TRIM(Quantity.SHARE_FINE),
    EXPO(Quantity.SHARE),
    LOSSES_DECIDED(Quantity.COUNT),
    SERVOS(Quantity.COUNT),
    SELECTOR_WEIGHT(Quantity.SHARE),
    SELECTOR_OFFSET(Quantity.SHARE),
    MICROS_PER_PERCENT(Quantity.NUMBER),
    RETURN_HEIGHT(Quantity.HEIGHT),
    CAPACITY(Quantity.CHARGE),
    CELLS(Quantity.COUNT),
    PACK_RESISTANCE(Quantity.RESISTANCE),
    PACK_VOLTS(Quantity.VOLTAGE),
    FULL_VOLTS(Quantity.VOLTAGE),
    PACK_MASS(Quantity.MASS),
    THRUST_OVER_CENTRE(Quantity.LENGTH),
    CRUISE_CURRENT(Quantity.CURRENT),
    CRUISE_POWER(Quantity.SHARE),
    CRUISE_LIFT(Quantity.NUMBER),
    ROLL_GAIN(Quantity.NUMBER_FINE),
    MEASURED_WIND(Quantity.SPEED),
    WIND_FROM(Quantity.BEARING),
    WIND_HEIGHT(Quantity.HEIGHT),
    WIND_AT_RETURN(Quantity.SPEED),
    TEMPERATURE(Quantity.TEMPERATURE),
    PRESSURE(Quantity.PRESSURE),
    HEIGHT_LIMIT(Quantity.HEIGHT);

    private final Quantity quantity;

    Own(Quantity quantity) {
        this.quantity = quantity;
    }

    /** Its value; NaN if the aircraft does not know it. A choice costs nothing at the start, eighty functions do. */
    private double value(Knows a) {
        return switch (this) {
            case MASS -> a.mass().mass();
            case DENSITY -> a.density();
            case AREA -> a.planform().area();
            case SPAN -> a.planform().span();
            case CHORD -> a.planform().meanChord();
            case ASPECT -> a.planform().aspectRatio();
            case TAPER -> a.planform().taper();
            case ROOT_CHORD -> a.firstPanel().rootChord();
            case TIP_CHORD -> a.lastPanel().tipChord();
            case SWEEP -> a.firstPanel().sweep();
            case HALF_SWEEP -> a.planform().halfChordSweep();
            case QUARTER_SWEEP -> a.planform().quarterChordSweep();
            case SLOPE -> LiftingSurface.slope(a.planform());
            case GREATEST_LIFT -> a.stall().lift();
            case STALL_SPEED -> a.stall().speed();
            case CRUISE_SPEED -> a.setup().modes().limits().cruiseSpeed();
            case CLIMB_RATE -> a.setup().modes().limits().climbRate();
            case GREATEST_CLIMB -> GreatestClimb.of(a.setup()).value();
            case HEIGHT_AGE -> HeightAlarm.of(a.setup(), 100)
                    .map(h -> h.age() + h.lasting())
                    .orElse(Double.NaN);
            case REACTION -> a.setup().signals().reaction();
            case BANK_LIMIT -> a.setup().modes().limits().bank();
            case CENTRE -> a.mass().centre().aft();
            case CENTRE_SHARE -> (a.mass().centre().aft() - a.planform().meanChordLeadingEdge())
                    / a.planform().meanChord();
            case CENTRE_AIM -> Balance.of(a.setup()).aim();
            case MARGIN -> Balance.of(a.setup()).margin();
            case WING_MASS -> a.setup().airframe().wingMass();
            case ROLL_INERTIA -> a.mass().rollInertia();
            case INCIDENCE_DIFFERENCE -> a.setup().airframe().wing().incidenceDifference();
            case TAIL_AREA -> positive(a.tail().pitchArea());
            case TAIL_RATIO -> positive(a.tail().pitchArea() / a.planform().area());
            case TAIL_ARM -> a.tail().pitchArea() > 0
                    ? a.tail().pitchStation() - a.planform().quarterStation()
                    : Double.NaN;
            case TAIL_HEIGHT -> a.tail().pitchHeight()
                    - a.setup().airframe().wing().up();
            case TAIL_SLOPE -> positive(a.tail().pitchSlope());
            case TAIL_VOLUME -> positive(a.neutral().tailVolume());
            case DOWNWASH -> positive(a.neutral().downwash());
            case BODY_SHIFT -> a.neutral().bodyShift();
            case FIN_AREA -> positive(a.tail().yawArea());
            case FIN_ARM -> a.tail().yawArea() > 0
                    ? a.tail().yawStation() - a.planform().quarterStation()
                    : Double.NaN;
            case ELEVATOR_RATIO -> a.elevatorRatio();
            case AILERON_FROM -> a.aileron(f -> f.from() * a.planform().span() / 2);
            case AILERON_TO -> a.aileron(f -> f.to() * a.planform().span() / 2);
            case AILERON_RATIO -> a.aileron(Flap::chordRatio);
            case AILERON_THROW -> positive(ControlPower.fullDeflection(a.setup(), Axis.ROLL));
            case ROLL_POWER -> positive(ControlPower.rollPower(a.setup()));
            case ROLL_DAMPING -> Math.abs(ControlPower.rollDamping(a.setup()));
            case SERVO_ARM -> a.firstSurface(o -> o.linkage().arm());
            case SURFACE_HORN -> a.firstSurface(o -> o.linkage().horn());
            case ROLL_SHARE -> a.elevon(o -> Math.abs(o.mix().roll()));
            case PITCH_SHARE -> a.elevon(o -> Math.abs(o.mix().pitch()));
            case FIRST_CENTRE -> a.firstSurface(Output::centreMicros);
            case FIRST_ROLL_SHARE -> a.firstSurface(o -> o.mix().roll());
            case FIRST_PITCH_SHARE -> a.firstSurface(o -> o.mix().pitch());
            case FIRST_SENSE -> a.firstSurface(o -> o.reversed() ? -1 : 1);
            case ROLL_TRIM -> a.setup().controls().trims().roll();
            case PITCH_TRIM -> a.setup().controls().trims().pitch();
            case EXPO -> a.setup().controls().rates().expo();
            case LOSSES_DECIDED -> 42 - a.setup().modes().losses().open().size();
            case SERVOS -> positive(a.setup().controls().surfaces().size());
            case SELECTOR_WEIGHT -> a.setup().modes().selector().weight();
            case SELECTOR_OFFSET -> a.setup().modes().selector().offset();
            case MICROS_PER_PERCENT -> a.setup().modes().selector().microsPerPercent();
            case RETURN_HEIGHT -> a.setup().modes().home().height();
            case CAPACITY -> a.pack().capacity();
            case CELLS -> a.pack().cells();
            case PACK_RESISTANCE -> a.pack().resistance();
            case PACK_VOLTS -> 3.7 * a.pack().cells();
            case FULL_VOLTS -> a.pack().restingVolts(0);
            case PACK_MASS -> a.setup().packPart().map(p -> p.mass()).orElse(Double.NaN);
            case THRUST_OVER_CENTRE -> a.setup()
                    .motorPosition()
                    .map(p -> p.up() - a.mass().centre().up())
                    .orElse(Double.NaN);
            case CRUISE_CURRENT -> a.trimmed(Trim.Result.Trimmed::current);
            case CRUISE_POWER -> a.trimmed(Trim.Result.Trimmed::power);
            case CRUISE_LIFT -> a.mass().mass()
                    * Atmosphere.GRAVITY
                    / (0.5
                            * a.density()
                            * a.planform().area()
                            * Math.pow(a.setup().modes().limits().cruiseSpeed(), 2));
            case ROLL_GAIN -> a.setup().gains().roll().rate();
            case MEASURED_WIND -> a.field(Field::wind);
            case WIND_FROM -> a.field(Field::windFrom);
            case WIND_HEIGHT -> a.field(Field::windHeight);
            case WIND_AT_RETURN -> a.field(
                    f -> f.windAt(a.setup().modes().home().height()));
            case TEMPERATURE -> a.field(Field::temperature);
            case PRESSURE -> a.field(Field::pressure);
            case HEIGHT_LIMIT -> a.field(
                    f -> f.heightLimit().map(Field.HeightLimit::height).orElse(Double.NaN));
        };
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
        double known = value(aircraft);
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
