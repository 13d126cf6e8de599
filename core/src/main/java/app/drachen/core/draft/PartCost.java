package app.drachen.core.draft;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.air.Field;
import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Own;
import app.drachen.core.setup.Setup;
import app.drachen.core.stages.Calculations;
import app.drachen.core.units.Quantity;
import app.drachen.core.units.UnitSystem;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What a part costs when it is fitted: mass, balance, current and minutes.
 *
 * <p>Source: BUILD-A12 (own estimate, ±20 %); induced drag W²/(q·π·b²·e) with e = 0.85 (Anderson 2016).
 */
public final class PartCost {
    private static final double SPAN_EFFICIENCY = 0.85;

    private PartCost() {}

    /**
     * The costs that can be told of this aircraft.
     *
     * @param before without the part
     * @param after with it
     * @param field of the day, if there is one
     * @param part what was fitted
     */
    public static List<Working> of(Setup before, Setup after, Optional<Field> field, PartLibrary.Generic part) {
        List<Working> costs = new ArrayList<>();
        double was = before.massProperties().centre().aft();
        double now = after.massProperties().centre().aft();
        costs.add(Working.of(
                "BUILD-A5",
                "CG moves by",
                now - was,
                Quantity.LENGTH,
                "s − s_before; aft positive",
                Source.STATICS,
                Working.in("with it s", now, Quantity.LENGTH),
                Working.in("before s_before", was, Quantity.LENGTH)));
        Calculation cost = Calculations.byId("BUILD-A12").orElseThrow();
        Map<String, Double> values = Own.values(cost, before, field);
        values.put("part", part.mass());
        values.put("dragarea", part.dragArea());
        values.put("power", part.power());
        double density = field.map(Field::density).orElse(Atmosphere.SEA_LEVEL_DENSITY);
        double speed = before.modes().limits().cruiseSpeed();
        double weight = before.massProperties().mass() * Atmosphere.GRAVITY;
        double span = before.planform().span();
        double induced = weight * weight / (density * speed * speed / 2 * Math.PI * span * span * SPAN_EFFICIENCY);
        values.put("induced", Math.min(100, induced));
        try {
            costs.addAll(cost.compute(values));
        } catch (IllegalArgumentException e) {
            // without a cruise there are no minutes to lose
            return costs;
        }
        return costs;
    }

    /** The costs in one sentence. */
    public static String sentence(PartLibrary.Generic part, List<Working> costs, UnitSystem units) {
        return part.name() + ", typically " + Quantity.MASS.text(part.mass(), units) + ": "
                + costs.stream()
                        .map(w -> w.name() + " " + w.quantity().text(w.value(), units))
                        .collect(Collectors.joining(", "))
                + ". Put it on a scale and type what it says.";
    }
}
