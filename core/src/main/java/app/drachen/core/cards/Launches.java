package app.drachen.core.cards;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Field;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Route;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What every card that starts with a throw shares. */
final class Launches {
    /** Safety lines for the place where it is flown; common practice. */
    static final List<String> CAUTIONS = List.of(
            "Thrower behind the propeller, people behind the line, nobody ahead.",
            "Keep it in sight and under the height limit; local rules come first.");

    private static final Source JUDGED = new Source.OwnEstimate("a default of judgement");

    private Launches() {}

    /**
     * A card that is thrown, climbs to trial height, does something there and lands.
     *
     * @param middle what it does, numbered from 3
     * @param shown what it must show, beside the charge that is kept
     * @param longest planned time [s]
     */
    static Card card(
            CardPlan plan,
            double height,
            List<CardStep> middle,
            List<PassLimit> shown,
            List<String> breakOff,
            double longest,
            Optional<Route> route) {
        List<CardStep> steps = new ArrayList<>(List.of(throwInto(), climbTo(height)));
        steps.addAll(middle);
        steps.add(land(steps.size() + 1));
        List<PassLimit> limits = new ArrayList<>(shown);
        limits.add(chargeKept());
        return new Card(plan.id(), plan.title(), steps, limits, breakOff, CAUTIONS, height, longest, route);
    }

    static double trialHeight(Setup setup, Field field) {
        return trialHeight(Stall.of(setup, field.density()), field);
    }

    static CardStep throwInto() {
        return new CardStep(
                1,
                Task.LAUNCH,
                FlightMode.MANUAL,
                "Throw into the wind",
                "wings level, power up, hands behind the propeller");
    }

    static CardStep climbTo(double height) {
        return new CardStep(
                2,
                Task.CLIMB,
                FlightMode.MANUAL,
                "Climb to trial height",
                Quantity.HEIGHT.text(height) + ": room for a mistake");
    }

    static CardStep levelFromBank(int number) {
        return new CardStep(number, Task.LEVEL, FlightMode.LEVEL, "Level from 30° of bank", "let go; it must settle");
    }

    private static CardStep land(int number) {
        return new CardStep(number, Task.LAND, FlightMode.MANUAL, "Land into the wind", "Manual");
    }

    /**
     * Trial height of an aircraft, 10 m under the field's limit at most.
     *
     * @return [m]
     */
    static double trialHeight(Stall stall, Field field) {
        double height = TrialHeight.of(stall).value();
        return Math.min(height, field.heightLimit().map(l -> l.height() - 10).orElse(height));
    }

    /**
     * A limit that is not to be gone beyond.
     *
     * @param most [SI unit of the quantity]
     */
    static PassLimit most(
            PassLimit.Measure measure, String id, String sentence, double most, Quantity quantity, String formula) {
        return new PassLimit(
                measure,
                sentence,
                Double.NEGATIVE_INFINITY,
                most,
                Working.of(id, sentence, most, quantity, formula, JUDGED));
    }

    /**
     * A limit that must be reached.
     *
     * @param least [SI unit of the quantity]
     */
    static PassLimit least(
            PassLimit.Measure measure, String id, String sentence, double least, Quantity quantity, String formula) {
        return new PassLimit(
                measure,
                sentence,
                least,
                Double.POSITIVE_INFINITY,
                Working.of(id, sentence, least, quantity, formula, JUDGED));
    }

    static PassLimit chargeKept() {
        return new PassLimit(
                PassLimit.Measure.CHARGE_LEFT,
                "Lands with more than 40 % of the pack",
                0.4,
                Double.POSITIVE_INFINITY,
                Working.of(
                        "MAIDEN-R17",
                        "Charge kept",
                        0.4,
                        Quantity.SHARE,
                        "30 % in hand and 10 % for a second approach",
                        Source.COMMON_PRACTICE));
    }
}
