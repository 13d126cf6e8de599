package app.drachen.core.stages.logbook;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Own;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.List;

/** Answers of the logbook. */
public final class LogbookSums {
    private LogbookSums() {}

    public static List<Calculation> all() {
        return List.of(flight(), compare(), pack());
    }

    private static Calculation flight() {
        return Calculation.of("LOGBOOK-A1", "Flight in the logbook", Source.ARITHMETIC)
                .in("used", "charge used Q", Quantity.CHARGE, 1, 1e6)
                .in("capacity", "capacity C", Quantity.CHARGE, 100, 1e6, Own.CAPACITY)
                .in("time", "time t", Quantity.TIME, 1, 86_400)
                .in("way", "way l", Quantity.DISTANCE, 1, 1e6)
                .in("volts", "mean volts U", Quantity.VOLTAGE, 2, 70, Own.PACK_VOLTS)
                .out("Pack used", Quantity.SHARE, "Q/C", g -> g.at("used") / g.at("capacity"))
                .sound(0, 1.5, "more charge was used than the pack can hold; check both figures and their units")
                .out("Mean current", Quantity.CURRENT, "Q/t", g -> g.at("used") / g.at("time"))
                .out(
                        "in terms of the capacity, 1/h",
                        Quantity.NUMBER,
                        "(Q/t)/(C/(1 h))",
                        g -> g.at("used") / g.at("time") / (g.at("capacity") / 3_600))
                .out("Charge per way", Quantity.CONSUMPTION, "Q/l", g -> g.at("used") / g.at("way"))
                .out("Energy per way", Quantity.WAY_ENERGY, "U·Q/l", g -> g.at("volts") * g.at("used") / g.at("way"))
                .out("Mean speed", Quantity.SPEED, "l/t", g -> g.at("way") / g.at("time"))
                .build();
    }

    private static Calculation compare() {
        return Calculation.of(
                        "LOGBOOK-A2",
                        "Flights for a fair comparison",
                        new Source.Published("R. Lehr", "Sixteen S-squared over D-squared", 1992))
                .in("scatter", "scatter σ", Quantity.SHARE_FINE, 0.0001, 1)
                .in("difference", "difference to be seen Δ", Quantity.SHARE_FINE, 0.0001, 1)
                .out(
                        "Flights of each",
                        Quantity.COUNT,
                        "ceil(16(σ/Δ)²)",
                        g -> Math.ceil(16 * Math.pow(g.at("scatter") / g.at("difference"), 2) - 1e-9))
                .build();
    }

    private static Calculation pack() {
        return Calculation.of("LOGBOOK-A3", "Resistance of a pack", new Source.Elementary("circuit theory"))
                .in("before", "volts before U₁", Quantity.VOLTAGE, 1, 70)
                .in("after", "volts after U₂", Quantity.VOLTAGE, 1, 70)
                .in("low", "current before I₁", Quantity.CURRENT, 0, 500)
                .in("high", "current after I₂", Quantity.CURRENT, 0.1, 500)
                .out(
                        "Resistance",
                        Quantity.RESISTANCE,
                        "(U₁ − U₂)/(I₂ − I₁)",
                        g -> (g.at("before") - g.at("after")) / (g.at("high") - g.at("low")))
                .build();
    }
}
