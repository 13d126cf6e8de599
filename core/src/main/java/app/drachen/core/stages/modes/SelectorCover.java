package app.drachen.core.stages.modes;

import app.drachen.core.clearance.ClearanceRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.modes.Selector;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.Optional;

/** MODES-R2: no position falls outside the bands or into the wrong one. */
public final class SelectorCover implements ClearanceRule {
    @Override
    public String id() {
        return "MODES-R2";
    }

    @Override
    public String demand() {
        return "Every position gives exactly the mode wanted there.";
    }

    @Override
    public Source source() {
        return new Source.Elementary("completeness");
    }

    @Override
    public Ruling check(Situation situation) {
        Selector selector = situation.setup().modes().selector();
        for (Selector.Place place : selector.table()) {
            FlightMode wanted = selector.wanted().get(place.position() - 1);
            if (!place.mode().equals(Optional.of(wanted))) {
                String gives = place.mode().map(FlightMode::label).orElse("no mode");
                Finding finding = Finding.of(
                        id(),
                        State.STOP,
                        "Position " + place.position() + " gives " + gives + ", not " + wanted.label(),
                        "Its pulse is "
                                + Quantity.PULSE.text(place.pulseMicros())
                                + ". Solve weight and offset again, or move the band.");
                return selector.solved()
                        .map(s -> Ruling.of(
                                Stage.MODES,
                                Gate.LAUNCH,
                                finding,
                                new Remedy.Change(
                                        "Solve again",
                                        "Selector solved for the widest margin",
                                        x -> x.withModes(x.modes().withSelector(s)))))
                        .orElseGet(() -> Ruling.of(Stage.MODES, Gate.LAUNCH, finding));
            }
        }
        return Ruling.of(Stage.MODES, Gate.LAUNCH, Finding.of(id(), State.GOOD, "Every position gives its mode", ""));
    }
}
