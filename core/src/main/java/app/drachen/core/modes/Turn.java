package app.drachen.core.modes;

import static app.drachen.core.air.Atmosphere.GRAVITY;

import app.drachen.core.units.Quantity;
import app.drachen.core.units.Ranges;
import app.drachen.core.working.Source;
import app.drachen.core.working.Working;

/**
 * A level, coordinated turn.
 *
 * <p>Source: J. D. Anderson, Introduction to Flight, 2016: R = V²/(g·tan φ), n = 1/cos φ, stall
 * speed × √n. Exact for steady turns in calm air.
 *
 * @param speed airspeed [m/s], 1 to 200
 * @param bank [rad], above 0 to below π/2
 */
public record Turn(double speed, double bank) {
    public Turn {
        Ranges.require("speed", speed, 1, 200, "m/s");
        Ranges.require("bank", bank, 1e-4, 1.5, "rad");
    }

    /**
     * @return radius [m]
     */
    public double radius() {
        return speed * speed / (GRAVITY * Math.tan(bank));
    }

    /**
     * @return load factor [-]
     */
    public double loadFactor() {
        return 1 / Math.cos(bank);
    }

    /**
     * @return turn rate [rad/s]
     */
    public double rate() {
        return GRAVITY * Math.tan(bank) / speed;
    }

    /**
     * Least circle over ground that a bank limit allows in wind (MODES-A5): downwind tan φ = (V +
     * w)²/(g·R).
     *
     * @param wind [m/s], 0 to 60
     * @return radius [m]
     */
    public double leastCircle(double wind) {
        double over = speed + Ranges.require("wind", wind, 0, 60, "m/s");
        return over * over / (GRAVITY * Math.tan(bank));
    }

    /** MODES-A4: radius as a working. */
    public Working radiusWorking() {
        return Working.of(
                "MODES-A4", "Turn radius", radius(), Quantity.DISTANCE, "R = V²/(g·tan φ)", Source.ANDERSON, inputs());
    }

    /** MODES-A4: load factor as a working. */
    public Working loadWorking() {
        return Working.of(
                "MODES-A4",
                "Load factor",
                loadFactor(),
                Quantity.LOAD_FACTOR,
                "n = 1/cos φ",
                Source.ANDERSON,
                inputs());
    }

    /**
     * MODES-A4: stall speed in the turn as a working.
     *
     * @param stallSpeed level stall speed [m/s]
     */
    public Working stallWorking(double stallSpeed) {
        return Working.of(
                "MODES-A4",
                "Stall speed in the turn",
                stallSpeed * Math.sqrt(loadFactor()),
                Quantity.SPEED,
                "Vs·√n, n = 1/cos φ",
                Source.ANDERSON,
                Working.in("level stall speed Vs", stallSpeed, Quantity.SPEED),
                Working.in("bank φ", bank, Quantity.ANGLE));
    }

    /**
     * MODES-A5 as a working.
     *
     * @param wind at the circle's height [m/s]
     */
    public Working leastCircleWorking(double wind) {
        return Working.of(
                "MODES-A5",
                "Least circle in this wind",
                leastCircle(wind),
                Quantity.DISTANCE,
                "R = (V + w)²/(g·tan φ), worst downwind",
                new Source.Elementary("kinematics of a ground circle"),
                Working.in("airspeed V", speed, Quantity.SPEED),
                Working.in("wind w", wind, Quantity.SPEED),
                Working.in("bank limit φ", bank, Quantity.ANGLE));
    }

    private Working.Input[] inputs() {
        return new Working.Input[] {
            Working.in("airspeed V", speed, Quantity.SPEED), Working.in("bank φ", bank, Quantity.ANGLE)
        };
    }
}
