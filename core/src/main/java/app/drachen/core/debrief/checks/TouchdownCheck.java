package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.log.LogColumn;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;

/** The end of the flight: softly down. */
public final class TouchdownCheck implements DebriefCheck {
    private static final double BANK = Math.toRadians(40);
    private static final double NOSE_DOWN = Math.toRadians(-25);

    @Override
    public String id() {
        return "MAIDEN-TOUCHDOWN";
    }

    @Override
    public String looksFor() {
        return "The log ends on the ground with less than 2 m/s of sink.";
    }

    @Override
    public Finding check(Flown flight) {
        if (flight.touchdownSink().isEmpty()) {
            return Finding.of(
                    id(),
                    State.OPEN,
                    "The log does not end on the ground",
                    "Keep the log running until the aircraft rests.");
        }
        double sink = flight.touchdownSink().get();
        String measured = Quantity.CLIMB.text(sink);
        int last = flight.log().rows() - 1;
        double bank = Math.abs(flight.log().value(LogColumn.ROLL, last));
        double pitch = flight.log().value(LogColumn.PITCH, last);
        if (bank > BANK || pitch < NOSE_DOWN) {
            return Finding.of(
                    id(),
                    State.STOP,
                    Double.isNaN(bank)
                            ? "Hit the ground nose down, at " + Quantity.BEARING.text(pitch)
                            : "Hit the ground with " + Quantity.BEARING.text(bank) + " of bank"
                                    + (Double.isNaN(pitch) ? "" : ", nose at " + Quantity.BEARING.text(pitch)),
                    "Read the seconds before it; inspect everything.");
        }
        if (sink > 3) {
            return Finding.of(
                    id(),
                    State.STOP,
                    "Hit the ground, sinking " + measured,
                    "Under " + Quantity.CLIMB.text(2) + " is wanted. Read the seconds before it; inspect everything.");
        }
        return sink > 2
                ? Finding.of(
                        id(),
                        State.CAUTION,
                        "Hard touchdown, " + measured,
                        "Under " + Quantity.CLIMB.text(2) + " is wanted: flare later or hold more speed.")
                : Finding.of(id(), State.GOOD, "Touched down sinking " + measured, "");
    }
}
