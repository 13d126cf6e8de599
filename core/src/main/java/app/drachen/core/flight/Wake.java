package app.drachen.core.flight;

import app.drachen.core.aerodynamics.AirForces;

/**
 * The downwash on its way to the tail: the tail meets what left the wing as long ago as the way takes, as a first-order lag of that
 * time behind what the wing sheds in the middle of a step.
 *
 * <p>Source: the usual time l/V (B. Etkin, L. D. Reid, Dynamics of Flight, 1996, section 5.5), as a lag instead of a pure delay (own choice).
 *
 * <p>Mutable, for one thread.
 */
final class Wake {
    private final AirForces air;
    private boolean begun;
    private double angle;
    private double shed;
    private double lastStep;

    Wake(AirForces air) {
        this.air = air;
    }

    /** Starts anew: the first step finds the tail in what the wing sheds then. */
    void begin() {
        begun = false;
    }

    /** Tells the air what the tail meets at the start of a step. */
    void meet() {
        if (begun) {
            air.tailMeets(angle);
        } else {
            air.tailMeetsAll();
        }
    }

    /** Goes on over a step [s] at an airspeed [m/s], once the air was asked at its start. */
    void follow(double step, double airspeed) {
        double now = air.downwash();
        if (!begun) {
            begun = true;
            angle = now;
        } else {
            double middle = now + (now - shed) * (0.5 * step / lastStep);
            double way = air.downwashWay();
            angle += (way > 0 ? 1 - Math.exp(-step * airspeed / way) : 1) * (middle - angle);
        }
        shed = now;
        lastStep = step;
    }
}
