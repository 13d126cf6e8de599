package app.drachen.core.debrief.checks;

import app.drachen.core.debrief.Flown;
import app.drachen.core.units.Quantity;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;

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
    if (sink > 3) {
      return Finding.of(
          id(),
          State.STOP,
          "Hit the ground, sinking " + measured,
          "Under 2 m/s is wanted. Read the seconds before it; inspect everything.");
    }
    return sink > 2
        ? Finding.of(
            id(),
            State.CAUTION,
            "Hard touchdown, " + measured,
            "Under 2 m/s is wanted: flare later or hold more speed.")
        : Finding.of(id(), State.GOOD, "Touched down sinking " + measured, "");
  }
}
