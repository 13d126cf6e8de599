package app.drachen.core.stages.modes;

import app.drachen.core.calc.Calculation;
import app.drachen.core.calc.Given;
import app.drachen.core.calc.Own;
import app.drachen.core.calc.Told;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.ModeSeen;
import app.drachen.core.modes.PulseBand;
import app.drachen.core.modes.Selector;
import app.drachen.core.modes.SelectorKind;
import app.drachen.core.modes.Turn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Answers of Modes. */
public final class ModesSums {
    private ModesSums() {}

    public static List<Calculation> all() {
        return List.of(pulse(), widest(), blind(), turn(), circle(), home(), losses(), delay());
    }

    private static Calculation pulse() {
        return Calculation.of("MODES-A1", "Pulse of a switch position", Source.ARITHMETIC)
                .in("position", "position of the switch p", Quantity.SHARE, -1.25, 1.25)
                .usual("weight", "weight w", Quantity.SHARE, -2, 2, 1, Own.SELECTOR_WEIGHT)
                .usual("offset", "offset o", Quantity.SHARE, -2, 2, 0, Own.SELECTOR_OFFSET)
                .usual("second", "position of a second switch on the channel p₂", Quantity.SHARE, -1.25, 1.25, 0)
                .usual("secondweight", "its weight w₂", Quantity.SHARE, -2, 2, 0)
                .usual("step", "µs per percent of this radio k", Quantity.NUMBER, 1, 10, 5.12, Own.MICROS_PER_PERCENT)
                .out(
                        "Pulse",
                        Quantity.PULSE,
                        "u = 1500 + k·100·(w·p + o + w₂·p₂)",
                        g -> 1_500
                                + g.at("step")
                                        * 100
                                        * (g.at("weight") * g.at("position")
                                                + g.at("offset")
                                                + g.at("secondweight") * g.at("second")))
                .build();
    }

    /** What the pilot will see in each mode. */
    public static Told seen() {
        return new Told(
                "MODES-A9",
                "What you will see in each mode",
                new Source.Elementary("the modes of this program, with the figures of the aircraft"),
                setup -> {
                    Map<String, String> all = new LinkedHashMap<>();
                    for (FlightMode mode : FlightMode.values()) {
                        all.put(mode.label(), ModeSeen.of(mode, setup.modes()));
                    }
                    return all;
                });
    }

    private static Calculation turn() {
        return Calculation.of("MODES-A4", "Turn", Source.ANDERSON)
                .in("speed", "airspeed V", Quantity.SPEED, 2, 120, Own.CRUISE_SPEED)
                .in("bank", "bank φ", Quantity.ANGLE, 0.01, 1.4, Own.BANK_LIMIT)
                .maybe("stall", "stall speed, level Vs", Quantity.SPEED, 2, 60, Own.STALL_SPEED)
                .out("Turn radius", Quantity.DISTANCE, "R = V²/(g·tan φ)", g -> of(g).radius())
                .out("Load factor", Quantity.LOAD_FACTOR, "n = 1/cos φ", g -> of(g).loadFactor())
                .out(
                        "Stall speed in the turn",
                        Quantity.SPEED,
                        "Vs·√(1/cos φ)",
                        g -> g.has("stall") ? g.at("stall") * Math.sqrt(of(g).loadFactor()) : Double.NaN)
                .out("Stall speed grows by", Quantity.NUMBER_FINE, "√(1/cos φ)", g -> Math.sqrt(of(g).loadFactor()))
                .out("Turn rate", Quantity.ANGULAR_RATE, "g·tan φ/V", g -> of(g).rate())
                .out("Time of a full turn", Quantity.TIME, "2πV/(g·tan φ)", g -> 2 * Math.PI / of(g).rate())
                .build();
    }

    private static Turn of(Given g) {
        return new Turn(g.at("speed"), g.at("bank"));
    }

    private static Calculation circle() {
        return Calculation.of(
                        "MODES-A5", "Least circle in wind", new Source.Elementary("kinematics of a ground circle"))
                .in("speed", "airspeed V", Quantity.SPEED, 2, 120, Own.CRUISE_SPEED)
                .in("wind", "wind w", Quantity.SPEED, 0, 40, Own.WIND_AT_RETURN)
                .in("bank", "bank limit φ", Quantity.ANGLE, 0.01, 1.4, Own.BANK_LIMIT)
                .out("Least radius", Quantity.DISTANCE, "R = (V + w)²/(g·tan φ)", g -> of(g).leastCircle(g.at("wind")))
                .offers(
                        "the radius of the circle",
                        (s, radius) ->
                                s.withModes(s.modes().withHome(s.modes().home().withRadius(Math.ceil(radius / 5) * 5))))
                .out("in calm air", Quantity.DISTANCE, "V²/(g·tan φ)", g -> of(g).radius())
                .build();
    }

    private static Calculation home() {
        return Calculation.of("MODES-A6", "Way home, climb first", new Source.Elementary("kinematics"))
                .in("height", "height now h₁", Quantity.HEIGHT, 0, 3_000)
                .in("wanted", "return height h₂", Quantity.HEIGHT, 0, 3_000, Own.RETURN_HEIGHT)
                .in("climb", "climb ḣ", Quantity.CLIMB, 0.2, 30, Own.CLIMB_RATE)
                .in("climbamps", "current in the climb I_c", Quantity.CURRENT, 0, 300)
                .in("distance", "distance home d", Quantity.DISTANCE, 0, 100_000)
                .in("speed", "ground speed home GS", Quantity.SPEED, 1, 100, Own.CRUISE_SPEED)
                .in("amps", "current at cruise I", Quantity.CURRENT, 0, 300, Own.CRUISE_CURRENT)
                .out("Time of the climb", Quantity.TIME, "t₁ = max(0, h₂ − h₁)/ḣ", ModesSums::climbing)
                .out("Time of the leg", Quantity.TIME, "t₂ = d/GS", g -> g.at("distance") / g.at("speed"))
                .out("Charge of the climb", Quantity.CHARGE, "I_c·t₁", g -> climbing(g) * g.at("climbamps"))
                .out("Charge of the leg", Quantity.CHARGE, "I·t₂", g -> g.at("distance") / g.at("speed") * g.at("amps"))
                .build();
    }

    private static double climbing(Given g) {
        return Math.max(0, g.at("wanted") - g.at("height")) / g.at("climb");
    }

    private static Calculation delay() {
        return Calculation.of("MODES-A8", "Delay of a second path", new Source.OwnEstimate("bounds of judgement"))
                .in("speed", "airspeed V", Quantity.SPEED, 2, 120, Own.CRUISE_SPEED)
                .in("delay", "delay τ", Quantity.TIME_FINE, 0, 20)
                .usual("frequency", "frequency of a swing f", Quantity.FREQUENCY, 0.01, 10, 0.5)
                .out("Flown blind", Quantity.SPAN, "V·τ", g -> g.at("speed") * g.at("delay"))
                .out("Phase lost", Quantity.ANGLE, "360°·f·τ", g -> 2 * Math.PI * g.at("frequency") * g.at("delay"))
                .build();
    }

    /** Six places on six bands: found by trying each whole percent. */
    private static Calculation widest() {
        return Calculation.of("MODES-A2", "Widest margin of a six-way switch", Source.ARITHMETIC)
                .usual("first", "edge after the first band e₁", Quantity.PULSE, 900, 2_100, 1_100)
                .usual("second", "edge after the second e₂", Quantity.PULSE, 900, 2_100, 1_300)
                .usual("third", "edge after the third e₃", Quantity.PULSE, 900, 2_100, 1_500)
                .usual("fourth", "edge after the fourth e₄", Quantity.PULSE, 900, 2_100, 1_700)
                .usual("fifth", "edge after the fifth e₅", Quantity.PULSE, 900, 2_100, 1_900)
                .usual("step", "µs per percent of this radio k", Quantity.NUMBER, 3, 7, 5.12, Own.MICROS_PER_PERCENT)
                .out("Weight", Quantity.SHARE, "greatest least margin over whole percents", g -> solved(g)
                        .map(Selector::weight)
                        .orElse(Double.NaN))
                .out("Offset", Quantity.SHARE, "found with it", g -> solved(g)
                        .map(Selector::offset)
                        .orElse(Double.NaN))
                .out("Least distance to an edge", Quantity.PULSE, "least over the six places", g -> solved(g)
                        .map(Selector::leastMargin)
                        .orElse(Double.NaN))
                .build();
    }

    private static Optional<Selector> solved(Given g) {
        double[] e = {800, g.at("first"), g.at("second"), g.at("third"), g.at("fourth"), g.at("fifth"), 2_200};
        for (int i = 1; i < e.length; i++) {
            if (e[i] <= e[i - 1]) {
                throw new IllegalArgumentException(
                        "the edges must rise from the first to the fifth; enter them in that order");
            }
        }
        List<FlightMode> modes = List.of(
                FlightMode.MANUAL,
                FlightMode.RATE,
                FlightMode.LEVEL,
                FlightMode.HOLD,
                FlightMode.CIRCLE,
                FlightMode.HOME);
        List<PulseBand> bands = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            bands.add(new PulseBand(e[i], e[i + 1], modes.get(i)));
        }
        return new Selector(SelectorKind.SIX, 1, 0, g.at("step"), bands, modes).solved();
    }

    /** A mode between the end stops is not found blind. */
    private static Calculation blind() {
        return Calculation.of("MODES-A3", "Blind moves to a mode on one switch", new Source.Elementary("search"))
                .in("positions", "positions of the switch n", Quantity.COUNT, 2, 12)
                .in("at", "position of the mode m", Quantity.COUNT, 1, 12)
                .out("Moves from anywhere, at most", Quantity.COUNT, "1 at an end stop, none between", g -> {
                    if (g.at("at") > g.at("positions")) {
                        throw new IllegalArgumentException(
                                "the switch has no such position; enter one from 1 to the number of its positions");
                    }
                    return g.at("at") == 1 || g.at("at") == g.at("positions") ? 1 : Double.NaN;
                })
                .build();
    }

    private static Calculation losses() {
        return Calculation.of("MODES-A7", "Losses that are not decided", Source.ARITHMETIC)
                .usual("losses", "things that can be lost l", Quantity.COUNT, 1, 12, 7)
                .usual("phases", "phases of a flight p", Quantity.COUNT, 1, 12, 6)
                .in("filled", "cells that are decided f", Quantity.COUNT, 0, 144, Own.LOSSES_DECIDED)
                .out("Open", Quantity.COUNT, "l·p − f", g -> g.at("losses") * g.at("phases") - g.at("filled"))
                .build();
    }
}
