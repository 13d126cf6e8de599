package app.drachen.core.stages.maiden;

import app.drachen.core.air.Field;
import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.Optional;

/** MAIDEN-R4: the pilot knows the height limit. */
public final class HeightLimitEntered implements ClearanceRule {
    @Override
    public String id() {
        return "MAIDEN-R4";
    }

    @Override
    public String demand() {
        return "The height limit of the place is entered with its source.";
    }

    @Override
    public Source source() {
        return new Source.Elementary("the law of the place");
    }

    @Override
    public Ruling check(Situation situation) {
        Optional<Field.HeightLimit> limit = situation.field().flatMap(Field::heightLimit);
        return limit.map(l -> Ruling.of(
                        Stage.MAIDEN,
                        Gate.LAUNCH,
                        Finding.of(
                                id(),
                                State.GOOD,
                                "Height limit " + Quantity.HEIGHT.text(l.height()),
                                l.source() + ". In sight; local rules come first.")))
                .orElseGet(() -> Ruling.of(
                        Stage.MAIDEN,
                        Gate.LAUNCH,
                        Finding.of(
                                id(),
                                // without a field this is one of many things nobody has entered yet
                                situation.field().isPresent() ? State.STOP : State.OPEN,
                                "No height limit entered",
                                "Enter the local limit and where it is written."),
                        new Remedy.GoTo("Enter the limit", Stage.MAIDEN)));
    }
}
