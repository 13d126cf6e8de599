package app.drachen.core.cards;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.air.Field;
import app.drachen.core.cards.PassLimit.Measure;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.setup.Setup;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;

/** Card M1: launch, climb, hands-off trim, stall with power off, Level, land. */
public final class FirstFlight implements CardPlan {
    private static final double TRIM_LIMIT = 0.08;

    /** Share of a gust that stands in a stall speed read from a log; own estimate. */
    private static final double GUST_SHARE = 0.4;

    @Override
    public String id() {
        return "first-flight";
    }

    @Override
    public String title() {
        return "M1 · first flight";
    }

    @Override
    public Outing outing() {
        return Outing.FIRST;
    }

    @Override
    public Card forAircraft(Setup setup, Field field) {
        Stall stall = Stall.of(setup, field.density());
        double height = Launches.trialHeight(stall, field);
        return new Card(
                id(),
                title(),
                List.of(
                        Launches.throwInto(),
                        Launches.climbTo(height),
                        new CardStep(
                                3,
                                Task.TRIM,
                                FlightMode.MANUAL,
                                "Trim hands-off at cruise",
                                "two straight passes, 10 s each"),
                        new CardStep(
                                4,
                                Task.STALL,
                                FlightMode.MANUAL,
                                "Stall, power off",
                                "which wing drops, what height is lost"),
                        Launches.levelFromBank(5),
                        new CardStep(
                                6,
                                Task.LAND,
                                FlightMode.MANUAL,
                                "Land into the wind",
                                "by " + Math.round(longest() / 60) + " min or 60 % of the pack")),
                limits(stall, field),
                List.of(
                        "It will not climb at full power.",
                        "Full trim is used and it still turns.",
                        "You lose orientation: Level, hands off. If Level is odd: Manual at once."),
                Launches.CAUTIONS,
                height,
                longest());
    }

    private static double longest() {
        return 480;
    }

    private static List<PassLimit> limits(Stall stall, Field field) {
        // what a gust does to the airspeed in the second before the break
        double gust = GUST_SHARE * (field.gust() - field.wind());
        double low = stall.low() * 0.95 - gust;
        double high = stall.high() * 1.05 + gust;
        return List.of(
                trim(Measure.ROLL_TRIM, "Roll trim within ±8 % of full stick"),
                trim(Measure.PITCH_TRIM, "Pitch trim within ±8 % of full stick"),
                new PassLimit(
                        Measure.STALL_SPEED,
                        "Stalls at " + Quantity.SPEED.text(low) + " to " + Quantity.SPEED.text(high),
                        low,
                        high,
                        stallLimit(stall, gust, low, high)),
                judged(
                        Measure.WING_DROP,
                        "No wing drops more than 30° in the stall",
                        Math.toRadians(30),
                        Quantity.ANGLE,
                        "greatest change of roll within 2 s of the stall"),
                judged(
                        Measure.SETTLE_TIME,
                        "Level settles within 3 s from 30° of bank",
                        3,
                        Quantity.TIME,
                        "time from letting go until |φ| stays below 5°"),
                Launches.chargeKept(),
                judged(
                        Measure.TOUCHDOWN_SINK,
                        "Touches down softer than " + Quantity.CLIMB.text(2),
                        2,
                        Quantity.CLIMB,
                        "sink at the first contact"));
    }

    private static Working stallLimit(Stall stall, double gust, double low, double high) {
        return Working.of(
                        "MAIDEN-R12",
                        "Stall speed wanted",
                        stall.speed(),
                        Quantity.SPEED,
                        "band of Vs (BUILD-A8), 5 % and what a gust does to the reading on either side",
                        new Source.OwnEstimate("5 %, and 0.4 of gust less wind"),
                        Working.in("least Vs", stall.low(), Quantity.SPEED),
                        Working.in("greatest Vs", stall.high(), Quantity.SPEED),
                        Working.in("for gusts", gust, Quantity.SPEED))
                .within(low, high);
    }

    private static PassLimit trim(Measure measure, String sentence) {
        return new PassLimit(
                measure,
                sentence,
                -TRIM_LIMIT,
                TRIM_LIMIT,
                Working.of(
                        "MAIDEN-R9",
                        "Trim limit",
                        TRIM_LIMIT,
                        Quantity.SHARE,
                        "mean command in straight, level flight at cruise; 8 % leaves the throw for flying",
                        Source.COMMON_PRACTICE));
    }

    private static PassLimit judged(Measure measure, String sentence, double most, Quantity quantity, String formula) {
        return new PassLimit(
                measure,
                sentence,
                Double.NEGATIVE_INFINITY,
                most,
                Working.of("MAIDEN", sentence, most, quantity, formula, Source.COMMON_PRACTICE));
    }
}
