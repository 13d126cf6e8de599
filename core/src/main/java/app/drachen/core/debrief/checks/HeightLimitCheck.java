package app.drachen.core.debrief.checks;

import app.drachen.core.air.Field;
import app.drachen.core.debrief.FlightFacts;
import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.Stretches;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Span;
import java.util.Arrays;
import java.util.List;

/** SIGNALS-A2, flown: the height above the launch stays under the limit that was entered for the field. */
public final class HeightLimitCheck implements DebriefCheck {
    @Override
    public String id() {
        return "SIGNALS-A2";
    }

    @Override
    public String looksFor() {
        return "The height above the launch stays under the limit entered for the field.";
    }

    /** A flight that never comes as near to what its heights count from shows neither launch nor landing [m]. */
    private static final double LOW = 20;

    private static double lowest(Flown flight) {
        return Arrays.stream(flight.log().values(LogColumn.HEIGHT))
                .filter(h -> !Double.isNaN(h))
                .min()
                .orElse(0);
    }

    @Override
    public List<Finding> findings(Flown flight) {
        if (flight.facts().filter(f -> !Double.isNaN(f.greatestHeight())).isEmpty()) {
            return List.of();
        }
        FlightFacts facts = flight.facts().get();
        if (flight.heightLimit().isEmpty()) {
            return List.of(Finding.of(
                    id(),
                    State.OPEN,
                    "Greatest height " + Quantity.HEIGHT.text(facts.greatestHeight()) + ", and no limit to judge it by",
                    "Enter the limit of your field: Maiden, field."));
        }
        Field.HeightLimit limit = flight.heightLimit().get();
        if (lowest(flight) - facts.ground() > LOW) {
            return List.of(Finding.of(
                    id(),
                    State.OPEN,
                    "How high over the launch is not known",
                    "The log neither begins nor ends on the ground, so what its heights count from cannot be told."));
        }
        List<Span> above = Stretches.measured(flight.log(), facts.launch(), facts.landing() + 1, 0, row -> {
            double height = flight.log().value(LogColumn.HEIGHT, row) - facts.ground();
            return Stretches.said(height, height > limit.height());
        });
        String words = Quantity.HEIGHT.text(facts.greatestHeight()) + " above the launch, limit "
                + Quantity.HEIGHT.text(limit.height()) + " (" + limit.source() + ")";
        if (above.isEmpty()) {
            return List.of(Finding.of(id(), State.GOOD, "Under the height limit", "At most " + words + "."));
        }
        double seconds = above.stream().mapToDouble(s -> s.to() - s.from()).sum();
        return List.of(Finding.of(
                        id(),
                        State.CAUTION,
                        "Over the height limit for " + Quantity.TIME.text(seconds),
                        "Up to " + words + ". Set the alarm lower, so that it leaves time to push over.")
                .during(above.get(0).from(), above.get(above.size() - 1).to()));
    }
}
