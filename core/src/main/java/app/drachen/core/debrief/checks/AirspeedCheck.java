package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Lost;
import app.drachen.core.debrief.WindFit;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;
import java.util.List;
import java.util.Optional;

/** SIGNALS-R12: the airspeed is that which the ground speeds on all courses tell. */
public final class AirspeedCheck implements DebriefCheck {
    private static final double OFF = 0.08;

    @Override
    public String id() {
        return "SIGNALS-R12";
    }

    @Override
    public String looksFor() {
        return "Airspeed lies within 8 % of that from ground speeds all round.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        Optional<FlightFacts> facts = flight.facts();
        Optional<WindFit> wind = facts.flatMap(FlightFacts::wind).filter(WindFit::measuredAirspeed);
        boolean lost =
                !flight.lost().getOrDefault(Lost.What.AIRSPEED, List.of()).isEmpty();
        if (wind.isEmpty() || lost || Double.isNaN(facts.get().meanAirspeed())) {
            return List.of();
        }
        WindFit fit = wind.get();
        double shown = facts.get().meanAirspeed();
        double off = shown / fit.airspeed() - 1;
        double spread = fit.spread() / fit.airspeed();
        double factor = (fit.airspeed() / shown) * (fit.airspeed() / shown);
        Working working = Working.of(
                        "SIGNALS-A6",
                        "Factor of the airspeed's pressure",
                        factor,
                        Quantity.NUMBER_FINE,
                        "(V/V_shown)², V the factor k·V_shown of the circles that the ground velocities lie on",
                        new Source.Published("I. K\u00e5sa", "A circle fitting procedure and its error analysis", 1976),
                        Working.in("airspeed of the circles", fit.airspeed(), Quantity.SPEED),
                        Working.in("shown, mean", shown, Quantity.SPEED),
                        Working.in("wind", fit.speed(), Quantity.SPEED))
                .within(factor * (1 - 2 * spread), factor * (1 + 2 * spread));
        String size = Quantity.SHARE.text(Math.abs(off));
        return List.of(
                Math.abs(off) > OFF + spread
                        ? Finding.of(
                                id(),
                                State.CAUTION,
                                "Airspeed reads " + size + (off < 0 ? " low" : " high"),
                                "Take the new factor (SIGNALS-A6), or fly a closed triangle and enter it in Signals. Thin air makes it read low"
                                        + " too, about 5 % for each 1 000 m of the field above the sea.",
                                working)
                        : Finding.of(
                                id(), State.GOOD, "Airspeed goes with the ground speeds within " + size, "", working));
    }
}
