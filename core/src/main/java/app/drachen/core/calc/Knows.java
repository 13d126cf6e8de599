package app.drachen.core.calc;

import app.drachen.core.aerodynamics.NeutralPoint;
import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.aerodynamics.TailShares;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.airframe.Flap;
import app.drachen.core.airframe.MassProperties;
import app.drachen.core.airframe.Planform;
import app.drachen.core.airframe.Tail;
import app.drachen.core.airframe.WingPanel;
import app.drachen.core.controls.Output;
import app.drachen.core.flight.Trim;
import app.drachen.core.propulsion.Pack;
import app.drachen.core.setup.Setup;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * An aircraft on the field of the day, as calculations ask it. What is not known is NaN.
 *
 * <p>Source: each value that of the package it is asked from.
 *
 * @param setup the aircraft
 * @param field the field, if one is entered
 */
record Knows(Setup setup, Optional<Field> field) {
    double density() {
        return field.map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
    }

    double field(ToDoubleFunction<Field> value) {
        return field.map(value::applyAsDouble).orElse(Double.NaN);
    }

    Planform planform() {
        return setup.planform();
    }

    MassProperties mass() {
        return setup.massProperties();
    }

    Stall stall() {
        return Stall.of(setup, density());
    }

    TailShares tail() {
        return TailShares.of(setup.airframe().tail());
    }

    NeutralPoint neutral() {
        return NeutralPoint.of(setup.airframe());
    }

    WingPanel firstPanel() {
        return setup.airframe().wing().panels().get(0);
    }

    WingPanel lastPanel() {
        List<WingPanel> panels = setup.airframe().wing().panels();
        return panels.get(panels.size() - 1);
    }

    double aileron(ToDoubleFunction<Flap> value) {
        return setup.airframe().wing().aileron().map(value::applyAsDouble).orElse(Double.NaN);
    }

    double elevatorRatio() {
        double ratio = setup.airframe().tail() instanceof Tail.Conventional t
                ? t.plane().controlChordRatio()
                : setup.airframe().tail() instanceof Tail.Vee v ? v.panel().controlChordRatio() : 0;
        return ratio > 0 ? ratio : Double.NaN;
    }

    double firstSurface(ToDoubleFunction<Output> value) {
        return setup.controls().surfaces().stream()
                .findFirst()
                .map(value::applyAsDouble)
                .orElse(Double.NaN);
    }

    /** Of an output that mixes roll and pitch. */
    double elevon(ToDoubleFunction<Output> value) {
        return setup.controls().surfaces().stream()
                .filter(o -> o.mix().roll() != 0 && o.mix().pitch() != 0)
                .findFirst()
                .map(value::applyAsDouble)
                .orElse(Double.NaN);
    }

    Pack pack() {
        return setup.propulsion().pack();
    }

    /** Of level flight at cruise, by the flight model. */
    double trimmed(ToDoubleFunction<Trim.Result.Trimmed> value) {
        return Trim.level(setup, setup.modes().limits().cruiseSpeed(), density()) instanceof Trim.Result.Trimmed t
                ? value.applyAsDouble(t)
                : Double.NaN;
    }
}
