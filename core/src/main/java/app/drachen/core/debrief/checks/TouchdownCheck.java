package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.debrief.TouchedDown;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import java.util.List;

/** The end of the flight: softly down. */
public final class TouchdownCheck implements DebriefCheck {

    @Override
    public String id() {
        return "MAIDEN-TOUCHDOWN";
    }

    @Override
    public String looksFor() {
        return "The log ends on the ground with less than 2 m/s of sink.";
    }

    @Override
    public List<Finding> findings(Flown flight) {
        Finding finding = check(flight);
        return List.of(flight.touchdown()
                .map(d -> finding.during(Math.max(flight.log().time(0), d.time() - 3), d.time()))
                .orElse(finding));
    }

    private Finding check(Flown flight) {
        if (flight.touchdown().isEmpty()) {
            return Finding.of(
                    id(), State.OPEN, "No touchdown shows here", "Keep the log running until the aircraft rests.");
        }
        TouchedDown down = flight.touchdown().get();
        String at = " at " + Quantity.TIME.text(down.time());
        if (down.tumbled()) {
            return Finding.of(
                    id(),
                    State.STOP,
                    (down.banked()
                                    ? "Hit the ground with " + Quantity.BEARING.text(down.bank()) + " of bank"
                                            + (Double.isNaN(down.pitch())
                                                    ? ""
                                                    : ", nose at " + Quantity.BEARING.text(down.pitch()))
                                    : "Hit the ground nose down, at " + Quantity.BEARING.text(down.pitch()))
                            + at,
                    "Read the seconds before it; inspect everything.");
        }
        if (down.impact()) {
            return Finding.of(
                    id(),
                    State.STOP,
                    "Hit the ground"
                            + (Double.isNaN(down.sink()) ? "" : ", sinking " + Quantity.CLIMB.text(down.sink())) + at,
                    "It "
                            + (Double.isNaN(down.before())
                                    ? ""
                                    : "came with " + Quantity.SPEED.text(down.before()) + " and ")
                            + "did not land: read the seconds before it; inspect everything.");
        }
        if (Double.isNaN(down.sink())) {
            return Finding.of(
                    id(), State.OPEN, "Touched down" + at, "How fast it sank is not known without heights or climb.");
        }
        String measured = Quantity.CLIMB.text(down.sink());
        if (down.hit()) {
            return Finding.of(
                    id(),
                    State.STOP,
                    "Hit the ground, sinking " + measured + at,
                    "Under " + Quantity.CLIMB.text(TouchedDown.HARD)
                            + " is wanted. Read the seconds before it; inspect everything.");
        }
        return down.hard()
                ? Finding.of(
                        id(),
                        State.CAUTION,
                        "Hard touchdown, " + measured + at,
                        "Under " + Quantity.CLIMB.text(TouchedDown.HARD)
                                + " is wanted: flare later or hold more speed.")
                : Finding.of(id(), State.GOOD, "Touched down softly", "By the log it sank " + measured + at + ".");
    }
}
