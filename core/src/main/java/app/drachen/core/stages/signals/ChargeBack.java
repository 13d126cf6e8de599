package app.drachen.core.stages.signals;

import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Charges put back by the charger against what the current sensor had shown.
 *
 * <p>Source: SIGNALS-A5, common practice; the charger loses 1 % or so, own estimate. The factor is that of the sums, so that large
 * charges weigh more; its spread is that of the single ones, at least 1 %.
 *
 * @param charges in order, the last is the newest
 */
public record ChargeBack(List<Charge> charges) {
    private static final int KEPT = 5;

    public ChargeBack {
        charges = List.copyOf(charges);
    }

    /**
     * One charge.
     *
     * @param shown by the sensor [C], above 0
     * @param back put back by the charger [C], above 0
     * @param factor of the current that was set then [-], above 0
     */
    public record Charge(double shown, double back, double factor) {
        public Charge {
            if (!(shown > 0 && back > 0 && factor > 0)) {
                throw new IllegalArgumentException("charge shown and charge put back must be above 0");
            }
        }
    }

    /** What a proof keeps. */
    public Map<String, Double> values() {
        Map<String, Double> values = new LinkedHashMap<>();
        for (int i = 0; i < charges.size(); i++) {
            values.put("shown" + i, charges.get(i).shown());
            values.put("back" + i, charges.get(i).back());
            values.put("factor" + i, charges.get(i).factor());
        }
        return values;
    }

    /** What a proof kept. */
    public static ChargeBack of(Map<String, Double> values) {
        List<Charge> charges = new ArrayList<>();
        for (int i = 0; values.containsKey("shown" + i); i++) {
            charges.add(new Charge(
                    values.get("shown" + i),
                    values.getOrDefault("back" + i, values.get("shown" + i)),
                    values.getOrDefault("factor" + i, 1.0)));
        }
        return new ChargeBack(charges);
    }

    /** One charge more; the oldest of more than five is dropped. */
    public ChargeBack adding(Charge charge) {
        List<Charge> all = new ArrayList<>(charges);
        all.add(charge);
        return new ChargeBack(all.subList(Math.max(0, all.size() - KEPT), all.size()));
    }

    /** The last so many. */
    public ChargeBack last(int count) {
        return new ChargeBack(charges.subList(Math.max(0, charges.size() - count), charges.size()));
    }

    /**
     * By how much the sensor shows too much with a factor, over all charges here.
     *
     * @param factor that is set now [-]
     * @return shown over put back, less 1 [-]
     */
    public double off(double factor) {
        double shown = charges.stream()
                .mapToDouble(c -> c.shown() / c.factor() * factor)
                .sum();
        double back = charges.stream().mapToDouble(Charge::back).sum();
        return shown / back - 1;
    }

    /** The factor that would have shown what was put back. */
    public Working factor() {
        double raw = charges.stream().mapToDouble(c -> c.shown() / c.factor()).sum();
        double back = charges.stream().mapToDouble(Charge::back).sum();
        double factor = back / raw;
        double far = charges.stream()
                .mapToDouble(c -> Math.abs(c.back() / (c.shown() / c.factor()) / factor - 1))
                .max()
                .orElse(0);
        double spread = Math.max(0.01, charges.size() < 2 ? 0.02 : far) * factor;
        List<Working.Input> inputs = new ArrayList<>();
        for (Charge c : charges) {
            inputs.add(Working.in("put back", c.back(), Quantity.CHARGE));
            inputs.add(
                    Working.in("shown, factor " + Quantity.NUMBER_FINE.text(c.factor()), c.shown(), Quantity.CHARGE));
        }
        return Working.of(
                        "SIGNALS-A5",
                        "Factor of the current",
                        factor,
                        Quantity.NUMBER_FINE,
                        "ΣQ_charged/Σ(Q_shown/factor then)",
                        Source.COMMON_PRACTICE,
                        inputs.toArray(new Working.Input[0]))
                .within(factor - spread, factor + spread);
    }
}
