package app.drachen.core.rehearsal;

import app.drachen.core.aerodynamics.Stall;
import app.drachen.core.flight.Aircraft;
import app.drachen.core.modes.FlightMode;
import app.drachen.core.units.Quantity;

/**
 * Judges how an aircraft touched the ground.
 *
 * <p>Source: own estimate; foam stands a sink of about 3 m/s with wings level, 2 to 4.
 *
 * @param plan what was flown
 * @param aircraft as it touches
 * @param throwSpeed of the launch over ground [m/s]
 * @param time since launch [s]
 * @param mode that flew it
 */
record Touchdown(RehearsalPlan plan, Aircraft aircraft, double throwSpeed, double time, FlightMode mode) {
    private static final double HARD_SINK = 3.0;

    private Outcome landed(double sink) {
        double north = aircraft.north();
        double east = aircraft.east();
        while (aircraft.slide(Rehearsal.STEP)) {
            // on to where it rests
        }
        double distance = Math.hypot(aircraft.north(), aircraft.east());
        double slid = Math.hypot(aircraft.north() - north, aircraft.east() - east);
        return new Outcome.Landed(
                "Landed "
                        + Quantity.DISTANCE.text(distance)
                        + " from home, sinking "
                        + Quantity.CLIMB.text(sink)
                        + ", slid "
                        + Quantity.DISTANCE.text(slid)
                        + ".",
                sink,
                distance);
    }

    /** How it touched the ground; one that came down whole slides on to where it rests. */
    Outcome judge(boolean launching) {
        double sink = Math.max(0, -aircraft.climb());
        double bank = Math.toDegrees(aircraft.roll());
        double pitch = Math.toDegrees(aircraft.pitch());
        boolean hard = sink > HARD_SINK || Math.abs(bank) > 40 || pitch < -25 || aircraft.airspeed() > 30;
        double stall = Stall.of(plan.setup(), plan.field().density()).speed();
        double wind = plan.field().windAt(Rehearsal.RELEASE_HEIGHT);
        String after = Quantity.TIME.text(time) + " after launch: ";
        if (launching && throwSpeed + wind < stall && Math.abs(bank) < 30) {
            return new Outcome.Crashed(
                    "Sank into the ground " + after + "throw of " + Quantity.SPEED.text(throwSpeed) + " into "
                            + Quantity.SPEED.text(wind) + " of wind is below stall speed "
                            + Quantity.SPEED.text(stall) + ".",
                    time);
        }
        if (!hard && !launching) {
            return landed(sink);
        }
        return new Outcome.Crashed(
                "Hit the ground " + after
                        + String.format(
                                java.util.Locale.ROOT,
                                "%.0f° of bank, nose %.0f° %s, sinking %s, in %s.",
                                Math.abs(bank),
                                Math.abs(pitch),
                                pitch < 0 ? "down" : "up",
                                Quantity.CLIMB.text(sink),
                                mode.label()),
                time);
    }
}
