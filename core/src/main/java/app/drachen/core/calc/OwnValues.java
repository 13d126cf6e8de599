package app.drachen.core.calc;

import app.drachen.core.aerodynamics.Balance;
import app.drachen.core.aerodynamics.LiftingSurface;
import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.airframe.Planform;
import app.drachen.core.setup.Setup;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** What an aircraft and the field of the day know of the inputs of calculations. */
public final class OwnValues {
    private OwnValues() {}

    /**
     * The inputs of a calculation that are known.
     *
     * @param calculation the calculation
     * @param setup the aircraft
     * @param field the field of the day, if entered
     * @return values in SI by the names of the inputs
     */
    public static Map<String, Double> of(Calculation calculation, Setup setup, Optional<Field> field) {
        Map<String, Double> known = known(setup, field);
        Map<String, Double> values = new LinkedHashMap<>();
        for (Calculation.Input input : calculation.inputs()) {
            Double value = known.get(input.own());
            boolean fits = value != null && input.low() <= value && value <= input.high();
            if (fits) {
                values.put(input.name(), value);
            }
        }
        return values;
    }

    private static Map<String, Double> known(Setup setup, Optional<Field> field) {
        double density = field.map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        Planform planform = setup.planform();
        Stall stall = Stall.of(setup, density);
        Balance balance = Balance.of(setup);
        var pack = setup.propulsion().pack();
        Map<String, Double> known = new LinkedHashMap<>();
        known.put("mass", setup.massProperties().mass());
        known.put("density", density);
        known.put("area", planform.area());
        known.put("span", planform.span());
        known.put("chord", planform.meanChord());
        known.put("aspect", planform.aspectRatio());
        known.put("slope", LiftingSurface.slope(planform));
        known.put("lift", stall.lift());
        known.put("stall", stall.speed());
        known.put("cruise", setup.modes().limits().cruiseSpeed());
        known.put("bank", setup.modes().limits().bank());
        known.put("centre", setup.massProperties().centre().aft());
        known.put("aim", balance.aim());
        known.put("margin", balance.margin());
        known.put("radius", setup.modes().home().circleRadius());
        known.put("returnHeight", setup.modes().home().height());
        known.put("capacity", pack.capacity());
        known.put("cells", (double) pack.cells());
        known.put("resistance", pack.resistance());
        known.put("volts", 3.7 * pack.cells());
        setup.packPart().ifPresent(p -> known.put("packMass", p.mass()));
        field.ifPresent(f -> {
            known.put("measuredWind", f.wind());
            known.put("wind", f.windAt(setup.modes().home().height()));
            known.put("gust", f.gust());
            known.put("windHeight", f.windHeight());
            known.put("temperature", f.temperature());
            known.put("pressure", f.pressure());
            f.heightLimit().ifPresent(l -> known.put("limit", l.height()));
        });
        return known;
    }
}
